/** Botes de toallitas, baños y paños limpios. */

export const jars = {
  jarsAndBaths: 'Botes y baños',
  theJars: 'los botes',
  chosen: 'Lo elegido',
  soakingNow: 'En remojo ahora',
  nothingSoaks: 'Nada está en remojo.',
  jars: 'Botes',
  noJar: 'Todavía no hay bote.',
  cleanCloths: 'Paños limpios',
  notCounted: 'sin contar',
  here: '{count} aquí',
  washingWipes: 'Toallitas para lavar',
  wipesOf: 'Toallitas con {family}, {strength}',
  leftOf: 'quedan {left} de {count}',
  awayOn: 'tirar el {day}',
  throwAway: 'tírelo',
  isOut: 'fuera',
  outIn: 'sacar en {left}',
  readyIn: 'listo en {left}',
  takeItOut: 'Sáquelo',
  tooLongBy: '{over} de más: sáquelo',
  newJar: 'Bote nuevo',
  newBath: 'Baño nuevo',
  makeIt: 'Hacerlo',
  notReadYet: 'Un número de esta frase no se puede leer o es más de lo permitido.',
  pourOver: 'Vierta {pour} sobre {count, plural, one {un paño} other {# paños}}.',
  oneDoes:
    'Por {time} una llave pide {tap, plural, one {un paño} other {# paños}}, un asiento de inodoro {seat, plural, one {uno} other {#}}.',
  theyOnlyClean: 'Limpian. No desinfectan.',
  theRecipe: 'la receta “{name}”',
  washingLiquid: 'jabón líquido para platos en agua',
  pourItFirst:
    'Una receta se prepara primero como lote y se controla. Esto muestra qué haría un bote con ella.',
  sentence:
    '{count} paños de {kind}, {length} × {width} cm, en {liquid}, en un bote de {litres} l, {vessel}, con boca de {mouth} cm, para mantener cosas mojadas {minutes} min en {ventilation} a {temperature} °C. La tapa se quita {opened} veces al día.',
  theSum: 'Cómo se llega a eso',
  weigh:
    '{count, plural, one {un paño} other {# paños}}, secos{guess, select, yes { (peso usual)} other {, pesados}}',
  grams: '{g} g',
  takeUp: 'absorben, goteando',
  pourOf: 'vierta {part} de eso',
  eachHolds: 'cada paño guarda',
  eachGives: 'y suelta bajo la mano, {part}',
  timeAsks: '{time} piden',
  aSquareMetre: '{ml} ml/m²',
  oneKeepsWet: 'un paño mantiene mojado',
  weighOne:
    '{usual, select, yes {Pesos usuales. Pese uno seco y uno goteando, y será el suyo} other {Pesado: es el suyo}}',
  oneDry: 'Uno seco, g',
  oneDripping: 'El mismo goteando, g',
  oneCloth: 'Un paño',
  clothsFor: '{count, plural, one {un paño} other {# paños}}',
  whenItMustGo: 'Cuándo se tira',
  fallsTo: 'Fuerza en el bote: de {from} a {to} en su último día (estimado)',
  soonerAt: 'Antes si huele, tiene una mancha, o si un paño ya no moja la cosa hasta el final.',
  soaksFirst:
    'Primero se empapa media hora, volteado una vez. El agua hervida se enfría antes de poner alcohol. Un paño, una cosa.',
  isGone: 'Ya no está.',
  pastItsDay: 'Se debía tirar el {day}: tírelo.',
  readyAt: 'Se empapa hasta {at}.',
  stands: '{left, plural, one {Queda un paño} other {Quedan # paños}}. Tirar el {day}.',
  keepsWetFor: 'Un paño mantiene {area} mojado {minutes} min; en su último día {last}.',
  clothsTaken: 'Paños sacados',
  clothsPutIn: 'Paños puestos',
  say: 'Anotar',
  noLongerWets: 'Ya no moja',
  throwItAway: 'Tirarlo',
  madeBy: 'hecho por {by}, {at}',
  chooseALiquid: 'Elija en qué se pone y diga cuánto.',
  noBathForIt: 'No hay baño para esto.',
  pourAndLeave: 'Vierta {pour} y déjelo {time}.',
  whatLiesInIt: 'Qué se pone',
  inWhat: 'En qué',
  airThere: 'Aire ahí',
  flameThere: 'Llama ahí',
  heldBefore: 'Qué había antes dentro',
  rinsedClean: 'Limpio y enjuagado',
  nobodyKnows: 'Nadie lo sabe',
  lidOn: 'La tapa está puesta',
  sayWhere: 'Diga dónde está.',
  layItIn: 'Ponerlo',
  noBatchForIt: 'No hay ningún lote: prepare uno primero.',
  layFor: 'Estuvo {time}: {outcome}.',
  takenOut: 'Sacado',
  laidInBy: 'puesto por {by}, {at}',
  nobodyCounted: 'Nadie los ha contado todavía.',
  cleanHere: '{count, plural, one {Uno está limpio} other {# están limpios}}.',
  neverToiletToBasin: 'Un color por zona. Nunca del inodoro al lavabo. Limpios para cada casa.',
  whatWasDone: 'Qué se hizo',
  howMany: 'Cuántos',
  whatWasWashed: 'Qué se lavó',
  degrees: '°C',
  withSoftener: 'Con suavizante',
  withAlcohol: 'Tienen alcohol',
  forCloths: 'Un bote de toallitas con esto',
};

export const jarField = {
  count: 'Cuántos paños',
  kind: 'De qué son los paños',
  length: 'Largo, cm',
  width: 'Ancho, cm',
  dry: 'Uno seco, g',
  dripping: 'Uno goteando, g',
  liquid: 'Qué se vierte',
  vessel: 'De qué es el bote',
  litres: 'Cuánto cabe en el bote, l',
  mouth: 'Ancho de la boca, cm',
  minutes: 'Cuánto se mantienen mojadas las cosas, min',
  ventilation: 'En qué cuarto',
  temperature: 'Temperatura, °C',
  opened: 'Cuántas veces al día se quita la tapa',
};

export const bathField = {
  litres: 'Cuánto cabe en el recipiente, l',
  mouth: 'Ancho, cm',
  load: 'Lo que se pone ocupa, ml',
  minutes: 'Cuánto tiempo, min',
  place: 'Dónde está',
  floorArea: 'Piso de ese cuarto, m²',
};

export const clothKind = {
  'paper-towel': 'papel de cocina',
  'thick-paper-towel': 'papel de cocina grueso',
  nonwoven: 'tela no tejida',
  't-shirt': 'algodón de camiseta',
  flannel: 'franela de algodón',
  terry: 'algodón de toalla',
  microfibre: 'microfibra',
};

export const vesselKind = {
  glass: 'de vidrio',
  hdpe: 'de HDPE',
  'clear-plastic': 'de plástico delgado transparente',
  'bleach-tub': 'que tuvo toallitas con cloro',
  'bleach-tub-washed': 'de esos, lavado y con otra etiqueta',
};

export const airOfRoom = {
  none: 'un cuarto sin ventana ni ventilador',
  window: 'un cuarto con ventana',
  fan: 'un cuarto con ventilador',
};

export const jarThing = {
  handle: 'Manija',
  tap: 'Llave',
  seat: 'Asiento de inodoro',
};

export const jarEnd = {
  month: 'Un mes con la tapa bien cerrada, por regla de la empresa.',
  weak: 'Para entonces es muy débil: cada vez que se abre se va alcohol.',
  week: 'Una semana: nada lo conserva más.',
  'tap-water': 'Tres días: el agua salió directo de la llave.',
  'its-liquid': 'Lo que se vertió se tira entonces.',
};

export const clothAct = {
  counted: 'Contados',
  taken: 'Sacados',
  washed: 'Lavados',
  thrown: 'Tirados',
};

export const washed = {
  microfibre: 'microfibra',
  other: 'otros paños',
  'mop-heads': 'mopas',
};
