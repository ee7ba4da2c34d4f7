/** Los otros trabajos, paso a paso. */

export const ratioMore = {
  greasier: 'más, si hay más grasa',
  'thicker-lime': 'más, si hay más sarro',
  glassier: 'más vinagre para vidrio, más jabón para grasa',
  none: 'así como es',
};

export const notOnSoil = {
  'vinegar-first': 'vinagre no, hasta que no haya grasa',
  scouring: 'nada que raye',
  'castile-with-vinegar': 'jabón de Castilla con vinagre, no',
  'bleach-sets-rust': 'cloro no: fija el óxido',
  'two-in-one-drain': 'nunca dos productos en un desagüe',
  'bleach-before-rinse': 'cloro no, antes de enjuagar con agua',
  'large-areas': 'no en áreas grandes: servicio con licencia',
};

export const soakClaim = {
  nothing: 'Todavía no sirve de nada.',
  shines: 'Da brillo. No desinfecta.',
  loosens: 'Afloja lo pegado. No desinfecta.',
  cleans: 'Limpia. No desinfecta.',
  treats: 'Tratado, como se hace en el oficio. No se llama desinfectar.',
  disinfects: 'Desinfecta, con el tiempo publicado.',
};

export const limeAmount = {
  pinch: 'una pizca',
  crust: 'una costra',
};

export const layOutcome = {
  'in-time': 'quitado a tiempo',
  'too-short': 'quitado demasiado pronto',
  'too-long': 'dejado demasiado tiempo',
};

export const clearRuns = {
  boils:
    '{runs, plural, one {Hierva agua limpia una vez} other {Hierva agua limpia # veces}} y tírela.',
  tanks:
    '{runs, plural, one {Pase un tanque lleno de agua.} other {Pase # tanques llenos de agua.}}',
  cycles: '{runs, plural, one {Haga un ciclo vacío.} other {Haga # ciclos vacíos.}}',
};

export const jobStep = {
  gloves: 'Póngase guantes.',
  goggles: 'Póngase lentes de protección.',
  'fan-on': 'Prenda el ventilador.',
  'open-window': 'Abra la ventana.',
  mask: 'Póngase mascarilla (N95 o mejor).',
  'no-flame': 'Sin llama, sin cigarro, sin estufa caliente.',
  'power-off': 'Apáguelo y desenchúfelo.',
  'take-tablet-out': 'Saque la pastilla del tanque o de la taza.',
  flush: 'Descargue el agua.',
  'nothing-else-in-it':
    'Pregunte y mire: que no haya cloro, pastilla ni destapacaños adentro. Si hay, pare.',
  'castile-never': 'Nunca jabón de Castilla antes del vinagre: deja una capa grasosa.',
  'cover-stone':
    'Cubra la piedra y las juntas de abajo con una toalla: una gota las marca en minutos.',
  absorb: 'Recójalo con papel.',
  'rinse-water': 'Enjuague con agua fría.',
  'bag-waste': 'Ponga lo recogido en una bolsa y ciérrela.',
  'find-damp': 'Busque de dónde viene la humedad.',
  'dry-through': 'Séquelo por completo.',
  'wash-with': 'Lave con {what} y enjuague.',
  'paste-on': 'Ponga una pasta de carbonato de sodio con poca agua.',
  'wipe-on': 'Mójelo con {what}.',
  'tie-bag': 'Ponga {volume} de {acid} al {strength} en una bolsa y átela para que cubra todo.',
  fill: 'Llene hasta el sarro con {acid} al {strength}, por lo menos {volume}. Frío o tibio, nunca hirviendo.',
  'run-half': 'Llene el tanque con {acid} al {strength}, pase la mitad y pare.',
  'bowl-on-rack':
    'Ponga un tazón con {volume} de {acid} al {strength} arriba o en el tambor y haga un ciclo. No siempre: la goma sufre.',
  'lower-water': 'Baje el agua con la escobilla.',
  'pour-in': 'Vierta {volume} de {acid} al {strength} por todo el borde.',
  'on-cloth': 'Ponga {what} en un paño, no sobre la cosa.',
  'not-boiled-dry': 'Nunca deje que se seque hirviendo.',
  leave:
    '{until, select, none {Déjelo {least}.} same {Déjelo {least}. Quítelo entonces, no más.} other {Déjelo. Mire a los {least}. Quítelo a los {most}, esté flojo o no.}}',
  'take-off': 'Quítelo.',
  'run-through': 'Pase el resto.',
  'rinse-hard': 'Enjuague con mucha agua.',
  'rinse-well': 'Enjuáguelo bien.',
  brush: 'Cepille con un cepillo suave.',
  scrape: 'Levántelo con una espátula de plástico y enjuague.',
  'clear-runs': '{runs}',
  'dry-cloth': 'Seque con un paño limpio.',
  squeegee: 'Seque con el jalador.',
  'water-only': 'Pase un paño con agua.',
  'two-cloths': 'Luego otro paño: seco y sin pelusa.',
  'no-sun': 'No al sol: deja rayas.',
  'demineralised-water': 'Agua desmineralizada, si importan las rayas.',
  'hot-water': 'Pase agua caliente, no hirviendo.',
  'trap-out': 'Saque la rejilla o el sifón y vacíelo.',
  'soda-in': 'Ponga una taza de carbonato de sodio. Hoy no va nada más en este desagüe.',
  'water-after': 'Después de {time}, pase mucha agua.',
  'find-smell': 'Busque qué huele y sáquelo.',
  'dish-hides': 'Un plato con vinagre o bicarbonato solo tapa el olor.',
  'spoon-in':
    'Un tazón con {water} de agua, {vinegar} de vinagre y una cuchara de madera parada adentro. Sin la cuchara puede saltar al tocarlo.',
  heat: 'Caliéntelo {time}.',
  'door-shut': 'Deje la puerta cerrada {time}.',
  'hot-inside': 'El tazón está caliente.',
  'wipe-inside': 'Pase un paño por dentro.',
  'fill-bath': 'Ponga {volume} al {strength}. Ningún otro producto.',
  submerge: 'Métalo para que quede todo cubierto.',
  'cover-bath': 'Ponga la tapa.',
  'label-bath': 'Ponga etiqueta: qué, cuándo, de quién.',
  'out-of-reach': 'Póngalo donde no lleguen niños ni animales.',
  'once-only': 'Tire el baño después: se usa una sola vez.',
  'air-dry': 'Deje que se seque al aire.',
  'wash-hot': 'Lave a {temperature} °C o más caliente. Sin suavizante.',
  'hang-dry': 'Cuélguelo para que se seque.',
  replace: 'Tírelo y use uno nuevo.',
};

export const zone = {
  toilet: 'Inodoro',
  bath: 'Baño',
  kitchen: 'Cocina',
  rest: 'Resto',
  glass: 'Vidrio',
};
