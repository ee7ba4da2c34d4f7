export const record = {
  jar: 'Bote de toallitas',
  bath: 'Baño',
  visit: 'Plan de visita dado',
  'week-planned': 'Semana planeada',
  'hours-said': 'Horario de trabajo',
  'roads-said': 'Caminos',
  cloths: 'Paños limpios',
  'stock-received': 'Existencias recibidas',
  'stock-read': 'Existencias medidas',
  'stock-told': 'Existencias',
  approval: 'Aprobación',
  batch: 'Lote',
  check: 'Control',
  bottle: 'Botella',
  'round-started': 'Ronda empezada',
  'round-joined': 'Se unió a la ronda',
  'air-measured': 'Aire del cuarto medido',
  'surface-event': 'En una superficie',
  'wet-time': 'Tiempo mojado',
  'lay-time': 'Dejado a trabajar',
  refusal: 'Rechazo',
  'round-finished': 'Ronda terminada',
  'house-rules': 'Reglas de la empresa',
  'near-miss': 'Casi accidente',
  incident: 'Incidente',
  'follow-up': 'Seguimiento',
  'rule-added': 'Regla agregada',
  'rule-withdrawn': 'Regla retirada',
  'book-read': 'Libro leído',
  'source-checked': 'Fuente comprobada',
  'company-ways': 'Maneras de la empresa',
  invitation: 'Invitación',
  'name-changed': 'Nombre cambiado',
  'company-numbers': 'A quién llamar',
  'late-event': 'Enviado tarde',
  correction: 'Anulado',
  'report-made': 'Informe de visita firmado',
  'drying-taken': 'Secado aprendido',
  'company-set-up': 'Puesta en marcha',
  'person-added': 'Persona registrada',
  'role-changed': 'Permisos cambiados',
  'person-left': 'Dejó la empresa',
  'signed-in': 'Entró',
  'session-ended': 'Sesión cerrada a mano',
  'password-changed': 'Contraseña cambiada',
};

/** Lo que dice una fila del registro en una línea. */
export const recordWhat = {
  jar: '{jarCode}: {did, select, made {hecho, {count, plural, one {# paño} other {# paños}}} taken {{count, plural, one {# paño sacado} other {# paños sacados}}} topped {{count, plural, one {# paño puesto} other {# paños puestos}}} dry {ya no moja} other {tirado}}',
  bath: '{bathCode}: {thing}, {did, select, begun {puesto en {liquid}} other {sacado a los {time}, {outcome, select, intime {a tiempo} tooshort {demasiado pronto} other {demasiado tarde}}}}',
  visit:
    '{did, select, again {dado de nuevo, para {people}} rest {el resto planeado de nuevo, para {people}} other {para {people}}}, {time} desde las {at}',
  'week-planned':
    'Semana del {monday}: {count, plural, one {# visita} other {# visitas}}, {crews, plural, one {# puesto cubierto} other {# puestos cubiertos}}',
  'hours-said':
    '{subject}: {days, plural, one {# día} other {# días}}, como máximo {most} a la semana',
  'roads-said': '{count, plural, one {# camino} other {# caminos}}',
  cloths:
    '{zone}: {did, select, counted {{count} contados} taken {{count} sacados} washed {{count} lavados a {temperature} °C} other {{count} tirados}}',
  'lay-time':
    '{roomName}: {surfaceName}. {cleaner}, {time}, {outcome, select, intime {quitado a tiempo} tooshort {quitado demasiado pronto} other {dejado demasiado tiempo}}',
  'stock-received': '{code}: {name}, {strength}, {amount}',
  'stock-read': '{code}: entre {low} y {high}',
  'stock-told':
    '{code}: {did, select, opened {abierto} counted {contado, quedan {amount}} topped {rellenado con {amount} de {other}} moved {guardado en otro sitio} emptied {vaciado} other {desechado}}',
  approval: 'Versión {number} aprobada',
  batch: '{code}: {strength} de {active}',
  check: '{batchCode} {inStrength, select, yes {comprobado} other {apartado}}',

  'house-rule': '{asks} {school}',
  'round-started': 'Según la versión {version}',
  'round-joined': 'También trabaja en ella',
  'air-measured': '{roomName}: {temperature} °C, {humidity} %',
  'round-finished':
    '{done} hechas{open, plural, =0 {} one {, # sin hacer} other {, # sin hacer}}{notMet, plural, =0 {} one {, # sin cumplir} other {, # sin cumplir}}{notShown, plural, =0 {} one {, # sin demostrar} other {, # sin demostrar}}',
  'surface-event': '{roomName}: {surfaceName}. {event}{why, select, no {} other {: {why}}}',
  'wet-time':
    '{roomName}: {surfaceName}. {timed, select, yes {{heldSeconds} de {requiredSeconds}, {outcome, select, met {cumplido} notshown {no demostrado} other {no cumplido}}} other {Limpiado}}',
  refusal: '{what}: {refused}',
  'follow-up': '{text}',
  'rule-added': '{one} con {other}',
  'rule-withdrawn': '{one} con {other}',
  'book-read': 'Edición {edition}',
  'source-checked': '{source} comparada con sus cifras',
  'near-miss': '{what}',
  incident: '{what}',
  'company-numbers': 'Emergencias {emergencyNumber}, toxicología {poisonLine}',
  'late-event': '{roomName}: {surfaceName}. {event}{why, select, no {} other {: {why}}}',
  correction: '{roomName}: {surfaceName}. No fue así: {event}',
  'report-made': '{code}, {rows} filas',
  'drying-taken': '{roomName}: {how}, {factor} veces más rápido que las tablas',
  'company-set-up': 'La empresa empezó',
  'company-ways': '{name}: {currency}, {zone}, {units, select, us {tazas y onzas} other {litros}}',
  invitation:
    '{did, select, made {Se hizo un código} renewed {Se hizo un código nuevo} used {El código se usó} other {Retirada}}: {role}',
  'name-changed': 'ahora {subject}',
  'person-added': '{subject}: {role}',
  'role-changed': '{subject}: de {from} a {to}',
  'person-left': '{subject}',
  'signed-in':
    '{newDevice, select, yes {En un dispositivo nuevo} other {En un dispositivo conocido}}',
  'session-ended': '{subject}: {sessions, plural, one {# sesión} other {# sesiones}}',
  'password-changed': 'Las demás sesiones se cerraron',
  bottle:
    '{did, select, filled {{bottleCode} llenada de {batchCode}} added {{bottleCode} registrada} other {{bottleCode} lavada, etiqueta tachada}}',
};

export const recordNote = {
  jar: '{left, plural, one {queda # paño} other {quedan # paños}}{batch, select, no {} other {, de {batch}}}',
  bath: '{place}. {claim}',
  visit: 'según la versión {version}, {paid} pagadas',
  cloths: '{clean} limpios',
  'lay-time': '{soil}{most, select, no {} other {, como máximo {most}}}',
  'stock-received': '{lot, select, no {} other {lote {lot}}}',
  'stock-told':
    'antes: {had}{kept, select, no {} other {, guardado {kept}}}{why, select, no {} other {, {why}}}',
  'air-measured': 'los relojes de allí se guían por él',
  approval:
    '{surfaces, plural, one {# superficie} other {# superficies}}, {accepted} con motivo aceptado',
  batch: 'de {stockCode}',
  bottle: '{washedBy, select, no {} other {por {washedBy}}}',
  'house-rules': '{flagged, plural, one {# superficie} other {# superficies}} por revisar',
  'surface-event': '{batchCode, select, no {} other {botella {batchCode}}}',
  'wet-time': '{event}, {strength}',
  'follow-up':
    '{owner}{due, select, no {} other {, hasta {due}}}, {closed, select, yes {cerrado} other {abierto}}',
  'rule-added': 'edición {edition} del libro',
  'rule-withdrawn': 'edición {edition} del libro',
  'source-checked': '{note}',
  'near-miss': 'Lugar: {place}. Quién: {who}. Qué se hizo: {done}',
  incident: 'Lugar: {place}. Quién: {who}. Qué se hizo: {done}',
  'company-numbers': 'antes: {emergencyNumber}, {poisonLine}',
  correction: '{because, select, no {enseguida} other {{because}}}',
  'drying-taken': 'de {rounds, plural, one {# ronda} other {# rondas}}, antes {before}',
  'late-event':
    'enviado después de terminar la ronda{batchCode, select, no {} other {, botella {batchCode}}}',
};

/** Qué se rechazó, según la clase de cosa que era. */
export const refusedThing = {
  surface: '{roomName}: {surfaceName}',
  pour: '{stockCode} al {strength}, {purpose, select, disinfect {para desinfectar} other {para limpiar}}',
  event: '{roomName}: {surfaceName}{batchCode, select, no {} other {, botella {batchCode}}}',
  'unknown-surface': 'una superficie que no está en esta ronda',
  filling: '{bottleCode} con {batchCode}',
  putting: '{thing} en {place}',
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
  happened_local: 'sucedió_local',
  recorded: 'registrado',
  kind: 'clase',
  home: 'casa',
  person: 'persona',
  what: 'qué',
  required_seconds: 'segundos_requeridos',
  held_seconds: 'segundos_mojado',
  shown_seconds: 'segundos_demostrados',
  outcome: 'resultado',
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
  anchor: 'anchor',
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

export const broken = {
  number: 'Fila {seq}: su número no sigue al anterior. Falta una fila o está dos veces.',
  link: 'La fila {seq} no lleva el hash de la fila anterior.',
  content: 'Fila {seq}: lo que contiene no es lo que se selló.',
  'row-changed': '{table} {id} no está como dice la fila {seq}.',
  'row-missing': '{table} {id} ya no está; la fila {seq} habla de ello.',
  'row-unspoken': '{table} {id}: ninguna fila del registro habla de ello.',
  'wet-differs': 'Lo guardado de la superficie {surfaceId} no es lo que se hizo allí.',
  'guard-off': '{name}, que impide los cambios, está apagado o ya no existe.',
  'anchor-signature': 'El ancla de la fila {seq} no está firmada con la clave que nombra.',
  'anchor-missing': 'El registro termina antes de la fila {seq}, de la que hay un ancla.',
  'anchor-differs': 'La fila {seq} era otra cuando se hizo su ancla.',
};

export const unprotected = {
  superuser: 'Sin proteger: la aplicación entra en la base de datos como superusuario.',
  owner: 'Sin proteger: la aplicación es dueña de las tablas y podría apagar sus guardas.',
  'may-change': 'Sin proteger: la aplicación podría cambiar filas del registro.',
};
