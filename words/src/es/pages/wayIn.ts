/** Cómo se entra en una casa. */
export const wayIn = {
  wayIn: 'La entrada',
  address: 'Dirección',
  door: 'Puerta, llaves y códigos',
  contact: 'A quién preguntar, con un número',
  notes: 'Qué más hay que saber',
  whoSees: 'Lo ven los supervisores, y quien esté en una ronda aquí, mientras esté.',
  save: 'Guardar',
  none: 'No hay nada escrito sobre cómo entrar.',
  change: 'Cambiar la entrada',
  archive: 'Archivar esta casa',
  bringBack: 'Traerla de vuelta',
  archived: 'Archivada {day}. No se trabaja en ella; todo lo hecho aquí queda en el registro.',
};
