/** Títulos de los documentos de problema, por la última parte de su tipo. */
export const problemTitle = {
  'bad-request': 'La solicitud no está como debe',
  unreadable: 'La solicitud no se puede leer',
  'sign-in-failed': 'No se pudo entrar',
  'not-signed-in': 'No ha entrado',
  'too-many-attempts': 'Demasiados intentos',
  'not-allowed': 'No permitido',
  'not-theirs': 'Lo hizo otra persona',
  'not-found': 'No encontrado',
  conflict: 'Eso no encaja',
  'changed-meanwhile': 'Cambió mientras tanto',
  'not-seen': 'Diga qué revisión vio',
  refused: 'Rechazado',
  'no-instrument': 'El instrumento no responde',
  unavailable: 'Ahora no está disponible',
  unexpected: 'Algo salió mal',
  'not-keyed': 'Envíe una clave con ello',
  'other-origin': 'Desde otra página',
  'not-json-type': 'No enviado como JSON',
};

export const problemDetail = {
  'not-json': 'El contenido no es JSON.',

  address: 'La dirección o el contenido no se puede leer.',
  'sign-in-failed': 'El nombre y la contraseña no van juntos.',
  'not-signed-in': 'Primero entre.',

  'not-allowed': 'Esto es para un supervisor; usted entró como {role}.',
  'not-theirs': 'Quien hizo esto entra y lo envía. No se registró con el nombre de usted.',

  refused: 'Esto no se sostiene.',

  field: '{path}: {message}',
  'not-keyed':
    'Envíe Idempotency-Key con un UUID nuevo para cada cosa que debe hacerse una sola vez.',
  'other-origin':
    'Petición recibida desde «{found}». Solo se permiten cambios desde las páginas de esta aplicación.',
  'not-json-type': 'Recibido «{found}». El contenido se envía como application/json.',
  'too-large': 'El contenido es más grande de lo que admite esta dirección.',
  unavailable:
    'La base de datos no responde. Puede que se haya registrado o no: inténtelo de nuevo en un momento; nada se registra dos veces.',
  unexpected:
    'El servidor no pudo hacerlo. Puede que se haya registrado o no: compruébelo antes de repetirlo.',
  'not-seen': 'Envíe If-Match con la revisión que vio de lo que cambia, por ejemplo "12".',
  'too-many-attempts':
    'Demasiados intentos fallidos. Inténtelo de nuevo en {minutes, plural, one {# minuto} other {# minutos}}.',
};

export const roleName = { supervisor: 'supervisor', cleaner: 'personal de limpieza' };

export const missing = {
  visit: 'No se ha dado ningún plan para esta casa.',
  jar: 'No se encontró este bote.',
  bath: 'No se encontró este baño.',
  report: 'Este informe de visita no existe.',
  home: 'No se encontró esta casa.',
  room: 'No se encontró este cuarto.',
  surface: 'No se encontró esta superficie.',
  'surface-in-home': 'No se encontró esta superficie en esta casa.',
  stock: 'No se encontró este envase.',
  bottle: 'No se encontró esta botella.',
  batch: 'No se encontró este lote.',
  product: 'No se encontró este producto.',
  recipe: 'No se encontró esta receta.',
  round: 'No se encontró esta ronda.',
  version: 'No se encontró esta versión.',
  rule: 'No se encontró esta regla entre las propias de la empresa.',
  mishap: 'No se encontró este casi accidente o incidente.',
  place: 'No se encontró este estante o canasta.',
  'placed-thing': 'Esto no se encontró en un estante o canasta.',
  company: 'No se encontró la empresa.',
  address: 'No se encontró nada en {address}.',
  session: 'No se encontró esta sesión.',
  person: 'No se encontró a esta persona.',
  photo: 'No se encontró esta foto. Quizá se retiró.',
  invitation: 'No se encontró esta invitación. Puede haber vencido, o haberse retirado.',
  code: 'Este código no vale. Puede haberse usado, haber vencido o haberse retirado: pida otro a un supervisor.',
};

export const conflict = {
  'visit-breaks': 'El plan rompe una regla. {breaks}',
  'visit-old-version': 'Desde entonces se aprobó la versión {number}. Planifique según ella.',
  'road-to-itself': 'Un camino va de un sitio a otro.',
  'nothing-to-plan': 'Ya no queda nada del plan por hacer.',
  'no-plan-anew':
    'No se encontró un orden en el que se cumplan todos los tiempos mojados. Siga los relojes, primero el que vence antes.',
  'visit-nobody': 'Hay alguien que no trabaja aquí. Solo se puede enviar a gente del equipo.',
  'recipe-name':
    'Ya hay una receta “{name}”. Ábrala para guardar una versión nueva, o elija otro nombre.',
  'recipe-name-taken': 'Otra receta ya se llama “{name}”.',
  'place-name': '“{name}” ya existe. Dele otro nombre.',
  'not-topped':
    '{from} no se pasó a {code}: los dos deben contener lo mismo, debe haber tanto, y debe caber.',
  'most-photos': 'Ya hay {most} fotos. Quite una primero.',
  'already-here': 'Ya están aquí: {names}. No se trajo nada.',
  'place-not-empty':
    '{name} todavía tiene {count, plural, one {# cosa} other {# cosas}}. Vacíe primero.',
  'no-protocol': 'Todavía no hay un protocolo aprobado para {home}.',
  'id-taken': 'Este id ya es de otra cosa.',
  'round-finished': 'Esta ronda está terminada.',
  'still-wet': 'Todavía mojado: {surfaces}. Primero pase el paño en cada uno.',
  'air-too-late': 'En {room} ya se puso algo en esta ronda. Mida antes de la primera capa.',
  'stock-gone': '{code} ya no está en el estante.',
  'home-archived': '{home} está archivada. Tráigala de vuelta primero.',
  'nothing-learnt': 'De {room} todavía no se ha aprendido nada.',
  'wash-not-said': 'Diga cómo se lavaron.',
  'nothing-surveyed': 'En esta casa todavía no hay superficies. Primero haga la inspección.',
  'other-edition': 'El libro está ahora en la edición {edition}. Léalo como está ahora.',
  'filled-before':
    'Se llenaron botellas de este lote antes de apartarlo. Tire el lote y las botellas.',
  'no-such-mixture':
    'Ninguna mezcla de este alcohol y agua pesa eso a esa temperatura. Lea otra vez; revise la unidad: 0.886 g/mL son 886 kg/m³.',
  'wrong-meter':
    'Esto no se puede leer así: el alcohol por densidad y temperatura, el peróxido por tira.',
  'no-such-step': 'La tira no tiene ese paso.',
  'at-once':
    'Otra persona hizo lo mismo en el mismo momento. Vea cómo está ahora e inténtelo de nuevo.',
  'gone-meanwhile':
    'Aquello a lo que pertenece ya no existe, o todavía lo usa otra cosa. Vea cómo está ahora.',
  'key-of-another':
    'Esta clave ya se envió antes con otra cosa. Envíe cada cosa con su propia clave.',
  'taken-before': 'Esto ya se registró antes y no se hace dos veces. Vea cómo está ahora.',
  'changed-since':
    'Otra persona cambió esto después de que usted lo viera. Véalo como está ahora y cámbielo de nuevo.',
  'not-joined': 'Aquí solo mira. Primero únase a la ronda.',
  'too-many-open': 'Ya hay {most} rondas abiertas. Termine esas primero.',
  verifying: 'El registro ya se está verificando. Mire de nuevo en un momento.',
  'own-rights': 'Nadie cambia sus propios permisos. Pida a otro supervisor que lo haga.',
  'begun-before': 'Aquí ya empezó una empresa. Inicie sesión.',
  'login-taken': 'Ya hay quien entra como {login}. Elija otro nombre para entrar.',
  'last-supervisor': 'Tiene que haber un supervisor. Nombre primero a otra persona.',
};

export const instrument = {
  scale: 'La balanza no responde. Revise que esté encendida y conectada, o escriba lo que muestra.',
  'density meter':
    'El densímetro no responde. Revise que esté encendido y conectado, o escriba lo que muestra.',
  'strip reader':
    'El lector de tiras no responde. Revise que esté encendido y conectado, o escriba lo que muestra.',
  thermometer: 'El termómetro no responde. Escriba lo que muestra.',
};

export const invalid = {
  type: 'Se encontró {received}. Se permite {expected}.',
  'too-long': 'Como máximo {requirement} caracteres.',
  'write-something': 'Escriba algo aquí.',
  'write-password': 'Escriba su contraseña.',
  'control-characters': 'No se permiten caracteres de control.',
  uuid: 'Un id es un UUID.',
  'over-zero-amount': 'Una cantidad es más de 0.',
  'most-amount': 'Una cantidad es como máximo 100 l.',
  'most-rooms': 'Como máximo 100 cuartos.',
  'least-rooms': 'Al menos un cuarto.',
  'write-line': 'Escriba al menos una línea.',
  'two-products': 'Como máximo dos productos.',
  'no-source': 'Esa no es una fuente de esta aplicación.',
  'groups-needed': 'Diga qué contiene: al menos un grupo reactivo, o desconocido.',
  'against-needed': 'Diga contra qué.',
  'uses-needed': 'Ponga al menos un uso con su tiempo, como lo da la etiqueta.',
  'water-parts': 'Partes de agua por una parte: más de 0 y como máximo 1000.',
  hardness: 'La dureza es de 0 a 2000 ppm.',
  'routes-needed': 'Diga por qué vía: al menos una.',
  'wrong-code': 'Se encontró “{found}”. Escriba el código de esta botella, {code}.',
  'wrong-name': 'Se encontró “{found}”. Escriba su propio nombre, {name}.',
  'poster-sizes': 'Los tamaños son A4, A3 y card.',
  'label-sizes': 'Los tamaños son 62x100 y A6.',
  'whole-copies': 'Se permite un número entero de copias.',
  'least-copies': 'Al menos una copia.',
  'most-copies': 'Como máximo {requirement} copias.',
  'sheet-place': 'El lugar en la hoja es de 1 a 6.',
  'at-least': 'Como mínimo {requirement, number}.',
  'at-most': 'Como máximo {requirement, number}.',
  'too-many': 'Como máximo {requirement}.',
  'longer-reason':
    'Un motivo tiene al menos {requirement} caracteres: qué se probó, o quién lo permite.',
  'in-future': 'No puede haber pasado más tarde que ahora.',
  'strength-over-0': 'Una fuerza es más de 0 %.',
  'strength-most-100': 'Una fuerza es como máximo 100 %.',
  'no-photo': 'Esto no es una foto en JPEG.',
  'photo-too-large': 'Esta foto pasa de 1,5 MB.',
  'labels-time-1-s': 'El tiempo de una etiqueta es de 1 s a 2 h.',
  'dilution-keeps-1-min': 'Una dilución dura de 1 min a 2 años.',
  'rule-care-spoils-or':
    'Una regla es cuidado, se anulan o nunca: una empresa no hace nada más suave que el libro.',
  'price-0-or-more': 'Un precio es 0 o más.',
  'density-600-1300-kgm': 'Una densidad es de 600 a 1300 kg/m³.',
  'temperature-10-40-c': 'Una temperatura es de -10 a 40 °C.',
  'room-temperature': 'Un cuarto en el que se trabaja está entre 0 y 45 °C.',
  'room-humidity': 'La humedad de un cuarto es del 10 al 95 %.',
  'day-written-20260131': 'Un día se escribe 2026-01-31.',
  'whole-number-allowed': 'Se permite un número entero.',
  'report-code': 'Al pie del papel hay un código de 12 letras y números.',
  base64: 'Se permite un archivo en base64.',
  'time-zone': 'Se permite un huso horario, como Europe/Madrid.',
  'half-character': 'Contiene medio carácter. Escríbalo de nuevo.',
  'number-range': 'Este número es demasiado pequeño o demasiado grande para cualquier medida.',
  'too-deep': 'Está anidado demasiado profundamente.',
  'no-such-day': 'Ese día no existe.',
  'at-least-one': 'Al menos uno.',
  monday: 'Una semana se llama por su lunes, escrito 2026-01-26.',
  date: 'Un día se escribe 2026-01-31.',
  'ends-before': 'La segunda hora es anterior a la primera.',
  'in-a-circle': 'Un camino da la vuelta: a un cuarto no se llega por sí mismo.',
  twice: 'A nadie se le nombra dos veces.',
  'longer-password':
    'Una contraseña tiene al menos 12 caracteres. Unas palabras seguidas sirven bien.',
  'common-password':
    'Esta contraseña es de las que se prueban primero. Unas cuantas palabras seguidas están bien.',
  'wrong-set-up-code': 'No es el código que el servidor mostró la última vez.',
  currency: 'Una moneda se escribe con su código, como EUR o USD.',
  login: 'De 2 a 40 letras, cifras, puntos, guiones o _, sin espacios.',
  'wrong-password': 'Esta no es su contraseña actual.',
  'not-printable': 'Contiene letras que no se pueden imprimir. Escríbalo en letras latinas.',
  'word-too-long': 'Una palabra tiene más de 40 letras. No cabría en el cartel.',
  opening: 'De 1 a 36 letras, cifras, - o _.',
};
