export const lists = {
  title: 'Traer una lista',
  what: 'Una tabla (CSV) de casas o de personas, como la guarda una hoja de cálculo. Primero se ve en qué se convierte cada línea. Nada entra si no puede entrar todo.',
  homesHead:
    'Casas: una línea por superficie, con al menos las columnas {needed}. Una línea sin cuarto es una casa que falta registrar.',
  peopleHead:
    'Personas: una línea cada una, con la columna {needed}. Cada una recibe un código para entrar.',
  columns: 'Columnas que se leen: {columns}.',
  example: 'Bajar una vacía: {what}',
  choose: 'Elegir un archivo',
  ofHomes: 'casas',
  ofPeople: 'personas',
  aTable: 'Una tabla de casas o de personas',
  notATable:
    'Línea 1: se encontró “{record}”. Una lista de casas tiene una columna {home}, una de personas tiene una columna {name}.',
  tooLarge: 'Se encontró un archivo de {found} kB. Se leen como máximo {most} kB.',
  nothing: 'No se encontró ninguna línea después de la primera.',
  noHome: 'no se encontró la casa. Se espera su nombre en cada línea, y su lugar en la primera.',
  noPlace: 'no se encontró el lugar de “{home}”. Se espera en su primera línea.',
  noRoom: 'se encontró la superficie “{name}” sin cuarto.',
  otherwise: 'se encontró {field} “{found}” para {of}, que antes tenía “{before}”.',
  situation: 'se encontró “{found}” para quién vive allí. Se permiten {allowed}.',
  there: '“{name}” ya está.',
  twice: '“{name}” ya está en la línea {line}.',
  tooMany: 'Se encontraron {count}. Entran como máximo {most} a la vez.',
  noName: 'no se encontró el nombre.',
  becomesHomes:
    '{homes, plural, one {# casa} other {# casas}}, {rooms, plural, =0 {ningún cuarto} one {# cuarto} other {# cuartos}}, {surfaces, plural, =0 {ninguna superficie} one {# superficie} other {# superficies}}.',
  becomesPeople: '{count, plural, one {# persona} other {# personas}}.',
  guesses: 'Lo punteado se supone, porque la línea no lo dice. Se confirma en el registro.',
  wrongLines:
    '{count, plural, one {Una línea no se puede} other {# líneas no se pueden}} leer. No entra nada.',
  more: 'y {count, plural, one {# línea} other {# líneas}} más',
  cameIn: 'Ya está dentro.',
  codes:
    'Cada persona entra con su código, una vez, hasta {until}. Los códigos se muestran ahora y no se guardan en ningún sitio: imprímalos o entréguelos.',
  print: 'Imprimir',
  bringThemIn: 'Traerlas',
  nothingYet: 'Elija un archivo. Aquí se ve primero en qué se convierte cada línea.',
  preview: 'En qué se convierte cada línea',
  onlyHome: 'por registrar',
};

export const listHead = {
  home: 'casa',
  place: 'lugar',
  lives: 'vive allí',
  address: 'dirección',
  door: 'puerta',
  contact: 'contacto',
  hours: 'horas',
  often: 'cada cuánto',
  notes: 'notas',
  room: 'cuarto',
  floorArea: 'suelo',
  height: 'altura',
  ventilation: 'ventilación',
  flame: 'llama',
  role: 'trabajo',
  language: 'idioma',
};

/** What two homes are compared by. */
export const besides = {
  compare: 'Comparar con',
  choose: 'elija una casa',
  lives: 'quién vive allí',
  keeps: 'el cliente tiene',
  rooms: 'cuartos',
  floor: 'suelo',
  surfaces: 'superficies',
  area: 'todas juntas',
  often: 'se tocan mucho',
  disinfect: 'por desinfectar',
  materials: 'materiales',
  nothing: 'nada',
};
