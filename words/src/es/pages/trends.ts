export const trends = {
  trends: 'Tendencias',
  from: 'Desde',
  by: 'Por',
  surface: 'superficie',
  room: 'cuarto',
  person: 'persona',
  solution: 'mezcla',
  home: 'casa',
  wetTimes: 'Tiempos mojados',
  none: 'Ningún tiempo mojado en este plazo.',
  kept: 'mojada',
  met: 'cumplido',
  notMet: 'no cumplido',
  notShown: 'no demostrado',
  shareOf: '{name}: {met} cumplidos, {notMet} no cumplidos, {notShown} no demostrados',
  checks: 'Mezclas medidas',
  out: '{out} de {measured} sin la fuerza debida',
  noChecks: 'En este plazo no se midió ninguna mezcla.',
  drying: 'Qué se aprendió de lo rápido que secan los cuartos',
  chooseHome: 'Casa',
  dries:
    '{roomName}, {how}: seca <b>{factor}</b> veces más rápido que las tablas ({low} a {high}, de {rounds, plural, one {# ronda} other {# rondas}}).',
  counts: 'Ahora cuenta {taken}.',
  takeOver: 'Que cuente en {roomName}',
  nothingLearnt:
    'De esta casa todavía no se ha aprendido nada: una mirada, volver a mojar a tiempo y encontrar seco enseñan algo.',
  never: 'Con esto ningún tiempo necesario se acorta: solo lo que se espera de una capa.',
  nearMisses: 'Los casi accidentes por pareja están en la bitácora',
  last: '{days} días',
};

/** How something is put on. */
export const application = {
  spray: 'rociado',
  cloth: 'puesto con un paño',
  wipe: 'puesto con una toallita',
};
