/** Cómo se entra en una casa. */
export const wayIn = {
  wayIn: 'La entrada',
  address: 'Dirección',
  door: 'Puerta, llaves y códigos',
  contact: 'A quién preguntar, con un número',
  hours: 'Cuándo se puede entrar en qué cuartos',
  often: 'Cada cuánto se viene',
  before:
    '{count, plural, one {Como estaba escrito antes} other {Como estaba escrito antes, # veces}}',
  until: 'hasta {day}, cambiado por {by}',
  notes: 'Qué más hay que saber',
  whoSees: 'Lo ven los supervisores, y quien esté en una ronda aquí, mientras esté.',
  save: 'Guardar',
  none: 'No hay nada escrito sobre cómo entrar.',
  change: 'Cambiar la entrada',
  archive: 'Archivar esta casa',
  bringBack: 'Traerla de vuelta',
  archived: 'Archivada {day}. No se trabaja en ella; todo lo hecho aquí queda en el registro.',
};
