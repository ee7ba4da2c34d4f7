export const wetPage = {
  sprayedOfTimes: 'Rociado {done} de {DRAWS} veces …',
  cancel: 'Cancelar',
  howSureAsPeopleSpray: '¿Qué tan seguro, como rocía la gente?',
  itHoldsTimesIn100:
    'Queda mojado <b>{floor}</b> veces de 100, como rocía la gente (estimado). Lo que más ayuda: {lever}.',
  filmLeft: 'capa que queda',
  shortTermLimit: 'límite de corto plazo',
  limitOverAWorkingDay: 'límite para una jornada',
  itOnlyCleansNothingHas: 'Solo limpia: nada tiene que quedar mojado.',
  oneCoatHoldsForMore: 'Una capa queda mojada {holds}: {more} más de lo necesario.',
  oneCoatHoldsForShort:
    'Una capa queda mojada {holds}, faltan {seconds}: vuelva a mojar {count, plural, one {una vez} other {# veces}}, cada {every}.',
  filmAndStrengthEstimate: 'Capa y fuerza, estimado',
  strengthAndFilmOverTime:
    'Fuerza y capa con el tiempo: sobre el mínimo hasta {holds}, mojado hasta {floor}',
  ofTheFilm: '% de la capa',
  airInThisRoomOf: 'Aire en este cuarto de {volume} m³, estimado',
  vapourOverTimePpmAt: 'Vapor con el tiempo: {round} ppm como máximo',
  upTo: 'Hasta <b>{most} ppm</b>; en un cuarto de hora <b>{quarter}</b>{limit, select, none {} other { de {limit}}}.',
  stayOutUntilAfterThe: 'No entre hasta {reentry} después de la primera capa.',
  oneMayStay: 'Se puede permanecer.',
  coat: 'Capa',
  m: 'µm',
  draughtOverIt: 'Corriente de aire encima',
  mS: 'm/s',
  humidity: 'Humedad',
  temperature: 'Temperatura',
  c: '°C',
  window: 'Ventana',
  aCoatOf50M:
    'Una capa de 50 µm son unos 50 ml por m²; un paño húmedo deja 15. El modelo conoce agua y alcohol, aire quieto y en movimiento; no conoce su superficie. Si lo encuentra seco, está seco.',
  close: 'Cerrar',
  strength: 'fuerza',
  required: 'requerido',
  vapour: 'vapor',
  floor: 'mínimo',
  title: '{title}: {strength} {active}',
};

/** What helps most that a coat holds, as people spray. */
export const holdingLever = {
  coat: 'una capa más gruesa',
  temperature: 'un cuarto más fresco',
  humidity: 'un cuarto más húmedo',
  airSpeed: 'menos corriente: extractor apagado y ventana cerrada mientras está mojado',
  strength: 'más fuerza',
};

export const airing = {
  closed: 'cerrada',
  ajar: 'entreabierta',
  open: 'abierta',
  fan: 'extractor',
};
