export const find = {
  find: 'Buscar una casa',
  what: 'Un nombre, una calle, un cuarto o una superficie',
  count:
    '{count, plural, =0 {Nada se llama así.} one {Se encontró una.} other {Se encontraron #.}}',
};
