export const team = {
  howMany:
    '{here, plural, one {Aquí trabaja una persona} other {Aquí trabajan # personas}}{invited, plural, =0 {} one {, hay una invitada} other {, hay # invitadas}}.',
  invited: 'invitación como {role}, hasta {until}',
  newPassword: 'puede elegir una contraseña nueva, hasta {until}',
  hasRead: 'ha leído el libro como está',
  hasNotRead: 'no ha leído el libro como está',
  left: 'se fue',
  howToRead:
    'Una línea vertical es el día en que salió una edición del libro. Desde ahí un hilo va punteado hasta que la persona la ha leído: un bloque. Un anillo al final está por leer.',
  invite: 'Invitar a alguien',
  severalFromAList: 'Varias de una lista',
  name: 'Nombre, como lo leen los demás',
  worksAs: 'Trabaja como',
  reads: 'Lee',
  theyChoose: 'que elija',
  makeTheCode: 'Hacer el código',
  comesInWith: '{name} entra con este código, una vez, hasta {until}.',
  choosesWith: '{name} elige una contraseña nueva con este código, una vez, hasta {until}.',
  noMail: 'Que lo lea con un teléfono, o dele el enlace. No se envía ningún correo.',
  copyTheLink: 'Copiar el enlace',
  copied: 'El enlace está copiado.',
  aNewCode: 'Hacer un código nuevo',
  takeBack: 'Retirarla',
  shownOnce:
    'El código se mostró al hacerlo y no se guarda en ningún sitio. Si se perdió, haga otro.',
  cleanerMay:
    'hace rondas y se une a ellas, prepara, comprueba y llena; ve solo lo que pide una ronda',
  supervisorMay:
    'todo eso, y registra, aprueba, acepta un Cuidado con un motivo, invita, cambia permisos y reglas de la casa',
  makeRole: 'Hacer a {name} {role}',
  forgotten: 'Hacer un código para otra contraseña',
  sessions: 'Ha entrado en',
  noSessions: 'ningún sitio',
  since: 'desde {since}',
  thisOne: 'este aparato',
  end: 'Terminarla',
  hasLeft: '{name} ha dejado la empresa',
  leaving:
    'El registro queda entero. Un seudónimo ocupa para siempre el lugar del nombre, y todas sus sesiones terminan.',
  yesLeft: 'Sí, {name} se ha ido',
  no: 'No',
  unknownDevice: 'un aparato que no dice qué es',
};

export const own = {
  signInAs: '{company}, {role}',
  name: 'Su nombre, como lo leen los demás',
  save: 'Guardar',
  saved: 'Guardado.',
  language: 'Idioma',
  measures: 'Medidas',
  onThisDevice: 'En este aparato',
  sound: 'Sonido cuando toca algo',
  on: 'sí',
  off: 'no',
  textSize: 'Tamaño del texto',
  password: 'Contraseña',
  now: 'Su contraseña de ahora',
  next: 'Una nueva',
  change: 'Cambiarla',
  changed: 'Cambiada. Sus otras sesiones han terminado.',
  read: 'Lo que ha leído',
  readBook: 'El libro, edición {edition}: lo ha confirmado.',
  bookUnread: 'El libro va por la edición {edition}, y todavía no la ha confirmado.',
  readIt: 'Leerlo',
};

export const ways = {
  whatItIsCalled: 'Cómo se llama, en qué paga, en qué mide y a qué hora vive.',
};
