export const find = {
  find: 'Buscar una casa',
  what: 'Un nombre, una calle, un cuarto o una superficie',
  count:
    '{count, plural, =0 {Nada se llama así.} one {Se encontró una.} other {Se encontraron #.}}',
};

/** What the keys do. */
export const keys = {
  goTo: 'ir a {name}',
  esc: 'Esc',
  findAHome: 'Buscar una casa',
  firstResponseWhatToDo: 'qué hacer primero cuando dos se juntaron',
  keys: 'Teclas',
  leaveADialog: 'salir de un diálogo',
  makeANewOneOf: 'crear uno nuevo de lo que hay en este lugar',
  openTheRoomBeforeOr: 'abrir el cuarto anterior o el siguiente',
  thisList: 'esta lista',
  walkThroughAListOr: 'recorrer una lista o un cuarto',
};
