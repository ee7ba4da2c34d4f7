import { OUNCE, POUND } from '../../reference/tools.ts';
import { litres, millilitres, oneOf } from '../../units/volume.ts';
import { spanishIngredients } from './spanishIngredients.ts';
import { cup, fluidOunce, jug, mass, spoon, words } from './measures.ts';
import type { Unit, Vocabulary } from './vocabulary.ts';

/**
 * Spanish as people write recipes in it, in the Americas and in Spain. What a splash or a lemon
 * comes to: common practice, no source; it is shown where it is taken, and can be changed.
 */
export const spanish: Vocabulary = {
  ingredients: spanishIngredients,
  eitherOf: [
    {
      names: ['alcohol medicinal', 'alcohol de farmacia', 'alcohol sanitario'],
      of: [
        { id: '2-propanol', strength: 0.7 },
        { id: 'ethanol', strength: 0.7 },
      ],
    },
  ],
  units: [
    { names: words('mililitro mls'), unit: jug(millilitres(1)) },
    { names: words('centilitro'), unit: jug(millilitres(10)) },
    { names: words('decilitro'), unit: jug(millilitres(100)) },
    { names: words('litro lts'), unit: jug(litres(1)) },
    {
      names: ['cucharadita', 'cdta', 'cdita', 'cdtas', 'cucharilla', 'cucharada de té'],
      unit: spoon(oneOf('teaspoon')),
    },
    {
      names: ['cucharada', 'cda', 'cdas', 'cuch', 'cucharada sopera', 'cuchara', 'cuchara sopera'],
      unit: spoon(oneOf('tablespoon')),
    },
    { names: ['taza', 'tza', 'tazas'], unit: cup },
    { names: ['onza líquida', 'onza fluida', 'oz líquida'], unit: fluidOunce },
    { names: ['onza'], unit: { ...fluidOunce, ounces: true } as Unit },
    { names: ['pinta'], unit: jug(oneOf('pint')) },
    { names: ['cuarto de galón'], unit: jug(oneOf('quart')) },
    { names: ['galón'], unit: jug(oneOf('gallon')) },
    { names: ['gramo', 'grs'], unit: mass(1e-3) },
    { names: ['kilogramo', 'quilo'], unit: mass(1) },
    { names: ['miligramo'], unit: mass(1e-6) },
    { names: ['libra'], unit: mass(POUND) },
    { names: ['onza por peso', 'onza de peso'], unit: mass(OUNCE) },
    { names: ['gota'], unit: { of: 'drops' } },
    { names: ['parte'], unit: { of: 'parts' } },
  ],
  casedUnits: {},
  qualifiers: {
    imperial: ['imperial', 'inglés', 'inglesa'],
    us: ['americano', 'americana', 'estadounidense'],
    heaped: ['colmada', 'colmado', 'copeteada', 'bien llena'],
    level: ['rasa', 'raso', 'al ras', 'grande', 'pequeña', 'pequeño', 'chica', 'generosa', 'buena'],
  },
  vague: [
    { names: ['pizca'], volume: millilitres(0.3) },
    { names: ['chorro', 'chorrito'], volume: millilitres(15) },
    { names: ['bombeo', 'apretón'], volume: millilitres(5) },
    { names: ['vaso', 'vasito'], volume: millilitres(240) },
    { names: ['copita'], volume: millilitres(44.36) },
    { names: ['puñado', 'puño'], volume: millilitres(60) },
    { names: ['poco', 'poquito', 'poco de'], volume: millilitres(5) },
    { names: ['tapa', 'tapita', 'tapón'], volume: millilitres(10) },
    { names: ['cucharón'], volume: millilitres(60) },
  ],
  pieces: [
    {
      names: ['limón', 'limones'],
      piece: { called: 'limón', ingredient: 'lemon juice', volume: millilitres(50) },
    },
    {
      names: ['lima', 'limón verde'],
      piece: { called: 'lima', ingredient: 'lime juice', volume: millilitres(30) },
    },
    {
      names: ['naranja'],
      piece: { called: 'naranja', ingredient: 'orange juice', volume: millilitres(80) },
    },
    {
      names: ['barra de jabón', 'pastilla de jabón', 'jabón en barra'],
      piece: { called: 'barra', ingredient: 'soap flakes', mass: 0.1 },
    },
    {
      names: ['tableta de cloro', 'pastilla de cloro'],
      piece: { called: 'tableta', ingredient: 'bleach tablet', mass: 0.0035 },
    },
  ],
  numbers: {
    uno: 1,
    dos: 2,
    tres: 3,
    cuatro: 4,
    cinco: 5,
    seis: 6,
    siete: 7,
    ocho: 8,
    nueve: 9,
    diez: 10,
    once: 11,
    doce: 12,
    quince: 15,
    veinte: 20,
    treinta: 30,
    cuarenta: 40,
    cincuenta: 50,
    cien: 100,
    docena: 12,
    'media docena': 6,
    par: 2,
    'un par': 2,
    'par de': 2,
    'un par de': 2,
    ambos: 2,
  },
  guesses: { 'unos cuantos': 3, 'unas cuantas': 3, algunas: 3, algunos: 3, varias: 7, varios: 7 },
  fractions: {
    medio: 1 / 2,
    media: 1 / 2,
    mitad: 1 / 2,
    'la mitad': 1 / 2,
    tercio: 1 / 3,
    'tercera parte': 1 / 3,
    cuarto: 1 / 4,
    'cuarta parte': 1 / 4,
    quinto: 1 / 5,
    octavo: 1 / 8,
  },
  strong: {
    weaker: ['diluido', 'diluida', 'rebajado', 'rebajada', 'aguado', 'débil'],
    stronger: ['fuerte', 'concentrado', 'concentrada', 'extrafuerte', 'industrial', 'reforzado'],
  },
  byWeight: ['por peso', 'en peso', 'p/p', 'de peso'],
  byVolume: ['por volumen', 'en volumen', 'p/v', 'de acidez'],
  grammar: {
    article: words('un una el la los las unos unas'),
    percent: ['por ciento', 'porciento'],
    proof: [],
    volumes: ['volumen', 'volúmenes'],
    temperature: ['grado', 'grados', 'centígrados'],
    vessel: [
      ...words('botella frasco balde cubeta cubo jarra rociador atomizador envase recipiente'),
      ...words('tazón garrafa bote bidón pulverizador palangana'),
      'botella con atomizador',
      'botella de spray',
      'botella rociadora',
    ],
    cloth: ['paño', 'toalla', 'toalla de papel', 'toallita', 'trapo', 'servilleta', 'hoja'],
    verb: words(
      'agregar agregue agrega añadir añada añade echar eche echa verter vierta vierte mezclar mezcle' +
        ' mezcla poner ponga pon usar use usa disolver disuelva disuelve revolver revuelva revuelve' +
        ' combinar combine combina medir mida exprimir exprima calentar caliente rallar ralle',
    ),
    handling: words(
      'agitar agite agita etiquetar etiquete guardar guarde guarda aplicar aplique aplica limpiar' +
        ' limpie dejar deje reposar repose esperar espere enfriar enfríe tapar tape cerrar cierre' +
        ' enjuagar enjuague rociar rocíe tirar tire probar pruebe',
    ),
    fill: [
      'llenar',
      'llene',
      'llena',
      'rellenar',
      'rellene',
      'rellena',
      'completar',
      'complete',
      'completa',
    ],
    rest: ['resto', 'el resto', 'lo demás', 'lo que falta', 'espacio restante'],
    brim: ['tope', 'borde', 'cuello', 'hasta arriba', 'hasta el tope', 'hasta el borde'],
    to: ['hasta', 'en', 'dentro de', 'para'],
    per: ['por', 'por cada', 'para cada'],
    each: ['cada', 'cada uno', 'cada una', 'de cada uno', 'de cada una', 'c/u'],
    equal: [
      'partes iguales',
      'partes iguales de',
      'cantidades iguales',
      'misma cantidad',
      'la misma cantidad',
      'iguales partes',
    ],
    makes: ['rinde', 'total', 'en total', 'lote', 'tamaño', 'da para', 'alcanza para', 'salen'],
    or: ['o', 'u'],
    and: ['y', 'e'],
    plus: ['más'],
    with: ['con'],
    of: ['de', 'del'],
    times: ['por número'],
    juice: ['jugo', 'zumo', 'jugo de', 'zumo de', 'el jugo de', 'el zumo de', 'exprimido'],
    full: ['lleno', 'llena de', 'lleno de', 'llena con'],
    liquid: [
      'toallita con alcohol',
      'toallita con cloro',
      'toallita desinfectante',
      'toallita húmeda',
    ],
  },
  plain: words(
    'al a su sus mi mis este esta estos estas eso ese que lo se algo más tibio tibia frío fría' +
      ' fresco fresca recién limpio limpia claro clara puro pura natural blanco blanca orgánico' +
      ' orgánica líquido líquida solución fuerza muy opcional aproximadamente aprox cerca como unos' +
      ' casero casera normal común corriente comprado sin aroma olor suave favorito favorita para' +
      ' limpieza cocina hogar doméstico doméstica ámbar vidrio plástico vacío vacía oscuro oscura' +
      ' seco seca viejo vieja nuevo nueva polvo cristales rallado picado pelado derretido tapado' +
      ' solo sólo minutos minuto hora horas primero luego después entonces finalmente lentamente' +
      ' despacio bien juntos otra vez cuando toda todo todos todas listo lista genérico genérica' +
      ' propio propia bueno otro otra',
  ),
  singulars: (word) => {
    if (word.endsWith('es')) return [word, word.slice(0, -1), word.slice(0, -2)];
    return word.endsWith('s') ? [word, word.slice(0, -1)] : [word];
  },
};
