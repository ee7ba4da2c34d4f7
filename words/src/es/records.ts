/** Lo que dice una fila del registro en una línea. */
export const recordWhat = {
  approval: 'Versión {number} aprobada',
  batch: '{code}: {strength} de {active}',
  'check-verified': '{batch} comprobado',
  'check-set-aside': '{batch} apartado',
  'bottle-filled': '{bottle} llenada de {batch}',
  'bottle-washed': '{bottle} lavada, etiqueta tachada',
  'house-rule': '{asks} {school}',
  'round-started': 'Según la versión {version}',
  'round-finished':
    '{done} hechas{open, plural, =0 {} one {, # sin hacer} other {, # sin hacer}}{notMet, plural, =0 {} one {, # sin cumplir} other {, # sin cumplir}}',
  'surface-event': '{room}: {surface}. {event}',
  'wet-time':
    '{room}: {surface}. {held} de {required}, {met, select, yes {cumplido} other {no cumplido}}',
  'wet-cleaned': '{room}: {surface}. Limpiado',
  refusal: '{what}: {detail}',
  rule: '{one} con {other}',
  'book-read': 'Edición {edition}',
  'source-checked': '{source} comparada con sus cifras',
};

export const recordNote = {
  approval:
    '{surfaces, plural, one {# superficie} other {# superficies}}, {accepted} con motivo aceptado',
  batch: 'de {stock}',
  'bottle-washed': 'por {name}',
  'house-rules': '{flagged, plural, one {# superficie} other {# superficies}} por revisar',
  'surface-event': 'botella {batch}',
  'wet-time': '{event}, {strength}',
  'follow-up':
    '{owner}{due, select, no {} other {, hasta {due}}}, {state, select, closed {cerrado} other {abierto}}',
  rule: 'edición {edition} del libro',
  mishap: 'Lugar: {place}. Quién: {who}. Qué se hizo: {done}',
};

export const refusedWhat = {
  protocol: 'Un protocolo',
  batch: 'Un lote',
  'round-event': 'En una ronda',
  bottle: 'Una botella',
  place: 'Un estante o canasta',
  survey: 'En una inspección',
};

/** Encabezados de las columnas de los archivos. */
export const column = {
  row: 'fila',
  happened: 'sucedió',
  recorded: 'registrado',
  kind: 'clase',
  home: 'casa',
  person: 'persona',
  what: 'qué',
  required_seconds: 'segundos_requeridos',
  held_seconds: 'segundos_mojado',
  met: 'cumplido',
  hash: 'hash',
  products: 'productos',
  route: 'vía',
  amount: 'cantidad',
  symptoms: 'síntomas',
  text: 'texto',
  owner: 'responsable',
  due: 'hasta',
  state: 'estado',
  pair: 'par',
  severity: 'gravedad',
  routes: 'vías',
  what_happens: 'qué_pasa',
  what_to_do: 'qué_hacer',
  source: 'fuente',
};

export const poster = {
  title: 'Nunca juntos',
  edition: 'edición {edition}',
  'first-response': 'Qué hacer primero',
  own: 'propia',
  'file-title': 'Nunca juntos, edición {edition}',
  'label-title': 'Etiqueta {code}',
  open: 'abierto',
  closed: 'cerrado',
};
