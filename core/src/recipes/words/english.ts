import { OUNCE, POUND } from '../../reference/tools.ts';
import { litres, millilitres, oneOf } from '../../units/volume.ts';
import { englishIngredients } from './englishIngredients.ts';
import { cup, fluidOunce, jug, mass, spoon, words } from './measures.ts';
import type { Unit, Vocabulary } from './vocabulary.ts';

/**
 * English as people write recipes in it. What a splash or a lemon comes to: common practice, no
 * source; it is shown where it is taken, and can be changed.
 */
export const english: Vocabulary = {
  ingredients: englishIngredients,
  eitherOf: [
    { names: ['alcohol'], of: [{ id: '2-propanol' }, { id: 'ethanol' }] },
    {
      names: ['surgical spirit', 'surgical spirits'],
      of: [
        { id: '2-propanol', strength: 0.7 },
        { id: 'denatured alcohol', strength: 0.9 },
      ],
    },
  ],
  units: [
    { names: words('ml millilitre milliliter cc mils'), unit: jug(millilitres(1)) },
    { names: words('cl centilitre centiliter'), unit: jug(millilitres(10)) },
    { names: words('dl decilitre deciliter'), unit: jug(millilitres(100)) },
    { names: words('l litre liter ltr lt'), unit: jug(litres(1)) },
    { names: words('tsp teaspoon teaspoonful tsps'), unit: spoon(oneOf('teaspoon')) },
    {
      names: words('tbsp tbs tbls tblsp tablespoon tablespoonful tbsps'),
      unit: spoon(oneOf('tablespoon')),
    },
    { names: ['dessertspoon', 'dessert spoon', 'dsp'], unit: spoon(millilitres(10)) },
    { names: words('cup c cupful'), unit: cup },
    { names: ['fl oz', 'floz', 'fluid ounce', 'fluid oz'], unit: fluidOunce },
    { names: words('oz ounce ozs'), unit: { ...fluidOunce, ounces: true } as Unit },
    { names: words('pt pint'), unit: jug(oneOf('pint'), { imperial: millilitres(568.261) }) },
    { names: words('qt quart'), unit: jug(oneOf('quart'), { imperial: millilitres(1136.52) }) },
    { names: words('gal gallon'), unit: jug(oneOf('gallon'), { imperial: millilitres(4546.09) }) },
    { names: words('g gram gramme gm gr gms'), unit: mass(1e-3) },
    { names: words('kg kilo kilogram kilogramme'), unit: mass(1) },
    { names: words('mg milligram'), unit: mass(1e-6) },
    { names: words('lb pound'), unit: mass(POUND) },
    { names: ['oz by weight', 'ounce by weight', 'oz wt', 'oz weight'], unit: mass(OUNCE) },
    { names: words('drop gtt'), unit: { of: 'drops' } },
    { names: words('part'), unit: { of: 'parts' } },
  ],
  casedUnits: { T: spoon(oneOf('tablespoon')), t: spoon(oneOf('teaspoon')) },
  qualifiers: {
    imperial: words('imperial uk british'),
    us: words('us american'),
    heaped: words('heaped heaping rounded'),
    level: words('level scant generous good big large small full'),
  },
  vague: [
    { names: ['pinch'], volume: millilitres(0.3) },
    { names: ['dash'], volume: millilitres(0.6) },
    { names: ['splash'], volume: millilitres(15) },
    { names: ['squirt', 'pump'], volume: millilitres(5) },
    { names: ['glug'], volume: millilitres(30) },
    { names: ['dollop'], volume: millilitres(15) },
    { names: ['shot', 'jigger'], volume: millilitres(44.36) },
    { names: ['scoop'], volume: millilitres(30) },
    { names: ['handful'], volume: millilitres(60) },
    { names: ['sprinkle', 'touch'], volume: millilitres(1) },
    { names: ['little', 'bit', 'little bit'], volume: millilitres(5) },
    { names: ['capful', 'cap full', 'cap'], volume: millilitres(10) },
  ],
  pieces: [
    {
      names: ['lemon'],
      piece: { called: 'lemon', ingredient: 'lemon juice', volume: millilitres(50) },
    },
    {
      names: ['lime'],
      piece: { called: 'lime', ingredient: 'lime juice', volume: millilitres(30) },
    },
    {
      names: ['orange'],
      piece: { called: 'orange', ingredient: 'orange juice', volume: millilitres(80) },
    },
    {
      names: ['bar of soap', 'bar soap', 'bar of castile soap', 'soap bar', 'bar of hand soap'],
      piece: { called: 'bar', ingredient: 'soap flakes', mass: 0.1 },
    },
    {
      names: ['bleach tablet', 'chlorine tablet', 'cistern tablet', 'pool tablet'],
      piece: { called: 'tablet', ingredient: 'bleach tablet', mass: 0.0035 },
    },
  ],
  numbers: {
    one: 1,
    two: 2,
    three: 3,
    four: 4,
    five: 5,
    six: 6,
    seven: 7,
    eight: 8,
    nine: 9,
    ten: 10,
    eleven: 11,
    twelve: 12,
    fifteen: 15,
    twenty: 20,
    thirty: 30,
    forty: 40,
    fifty: 50,
    hundred: 100,
    dozen: 12,
    couple: 2,
    'couple of': 2,
    'a couple': 2,
    'a couple of': 2,
    'a dozen': 12,
    both: 2,
  },
  guesses: { few: 3, 'a few': 3, several: 7 },
  fractions: {
    half: 1 / 2,
    halves: 1 / 2,
    halfway: 1 / 2,
    'half way': 1 / 2,
    third: 1 / 3,
    quarter: 1 / 4,
    fifth: 1 / 5,
    eighth: 1 / 8,
  },
  strong: {
    weaker: ['diluted', 'dilute', 'weak', 'watered down', 'half strength', 'thinned', 'watery'],
    stronger: [
      'strong',
      'concentrated',
      'extra strong',
      'extra strength',
      'industrial',
      'ultra',
      'super strength',
    ],
  },
  byWeight: ['by weight', 'w/w', 'by mass'],
  byVolume: ['by volume', 'v/v', 'abv', 'w/v', 'acidity'],
  grammar: {
    article: words('a an'),
    percent: ['%', 'percent', 'per cent', 'pct', 'pc'],
    proof: ['proof'],
    volumes: ['volume', 'vol', 'vols', 'volumes'],
    temperature: ['°c', '°f', '° c', '° f', 'degree', 'degrees', 'celsius'],
    vessel: [
      ...words('bottle jar bucket jug sprayer container bowl tub pail vessel bottleful'),
      'spray bottle',
    ],
    cloth: [
      'cloth',
      'paper towel',
      'towel',
      'wipe',
      'sheet',
      'rag',
      'cotton pad',
      'washcloth',
      'tissue',
    ],
    verb: words(
      'add pour mix combine use take put stir swirl dissolve measure squeeze blend whisk grate warm heat',
    ),
    handling: words(
      'shake label store keep apply wipe let sit stand leave wait cool screw turn rinse close cap funnel spray discard' +
        ' test wear',
    ),
    fill: [
      'fill',
      'filled',
      'top up',
      'top off',
      'top it up',
      'top it off',
      'make up',
      'make it up',
      'topped up',
      'fill up',
    ],
    rest: ['rest', 'remainder', 'remaining', 'balance', 'remaining space'],
    brim: ['top', 'brim', 'neck', 'to the top', 'to the brim', 'to the neck'],
    to: ['to', 'up to', 'into', 'in', 'inside'],
    per: ['per', 'to the', 'for each', 'for every'],
    each: ['each', 'of each', 'each of'],
    equal: [
      'equal parts',
      'equal part',
      'equal amounts',
      'equal amount',
      'equal measures',
      'same amount',
      'equal volumes',
    ],
    makes: [
      'makes',
      'make',
      'yields',
      'yield',
      'total',
      'batch',
      'batch size',
      'bottle size',
      'size',
      'in all',
      'altogether',
    ],
    or: ['or'],
    and: ['and', '&'],
    plus: ['plus', '+'],
    with: ['with'],
    of: ['of', 'from'],
    times: ['x', '×', 'times'],
    juice: ['juice', 'juice of', 'juice from', 'juiced', 'the juice of', 'squeezed'],
    full: ['full', 'full of', 'full with'],
    liquid: ['alcohol wipe', 'bleach wipe', 'disinfectant wipe', 'disinfecting wipe', 'wet wipe'],
  },
  plain: words(
    'the your my our this that it its some more any of warm cold cool lukewarm tepid fresh freshly clean clear plain' +
      ' white organic pure natural nice really very quality liquid solution strength stock unscented scented mild gentle' +
      ' favourite favorite optional about roughly around approx approximately circa ca maybe grade food household' +
      ' cleaning raw ordinary regular normal standard store bought undiluted straight neat for on at is are as so then' +
      ' first next last finally slowly gently well carefully together thoroughly again when until all over you have' +
      ' amber glass plastic empty dark brown opaque squeeze trigger clean dry old new powder crystals granules' +
      ' grated chopped sliced peeled crushed melted softened room temperature just only by min minutes minute hour hours' +
      ' way up down out off go best choice own generic common basic good ready',
  ),
  singulars: (word) => {
    if (word.endsWith('ies')) return [word, `${word.slice(0, -3)}y`, word.slice(0, -1)];
    if (word.endsWith('es')) return [word, word.slice(0, -1), word.slice(0, -2)];
    return word.endsWith('s') ? [word, word.slice(0, -1)] : [word];
  },
};
