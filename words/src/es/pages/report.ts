export const report = {
  loosened: 'afloja {soil}, no desinfecta{most, select, no {} other {; {most} como máximo}}',
  leftTooLong:
    '{surface}: {cleaner} estuvo {held}, {most} como máximo. Hay que mirar qué le hizo al material.',
  title: 'Informe de visita',
  titleOf: 'Informe de visita, {home}',
  pageOf: '{page} de {pages}',
  whenBy: '{day}, {from} a {to}, por {by}',
  notFinished: '{day}, empezada {from}, sin terminar, por {by}',
  summary:
    'De {all, plural, one {# superficie} other {# superficies}}, {good, plural, =0 {ninguna se hizo} one {# se hizo} other {# se hicieron}} como se acordó.{notMet, plural, =0 {} one { Una no estuvo mojada el tiempo necesario.} other { # no estuvieron mojadas el tiempo necesario.}}{notShown, plural, =0 {} one { De una nadie puede responder.} other { De # nadie puede responder.}}{leftOut, plural, =0 {} one { Una se dejó sin hacer.} other { # se dejaron sin hacer.}}{notDone, plural, =0 {} one { Una no se hizo.} other { # no se hicieron.}}',
  notch: 'La marca es el tiempo que tenía que estar mojada.',
  surface: 'Superficie, de arriba abajo',
  with: 'Con',
  kept: 'mojada',
  room: 'Cuarto',
  water: 'agua',
  short: 'faltan {missing}',
  nobodyLooked: 'nadie miró',
  foundDry: 'encontrado seco',
  again: '{surface}, otra vez',
  doneAbout: 'Qué se hizo después',
  againMet: '{surface}: {held} de {required}. Se repitió, {heldAgain}: {came}.',
  notAgain: '{surface}: {held} de {required}. No se repitió. Cuéntela como limpiada.',
  shownUntil:
    '{surface}: mojada con seguridad {shown} de {required}. Después nadie miró. Cuéntela como limpiada.',
  doneWith: 'Con qué se hizo',
  batch: 'Mezcla',
  mixture: 'Contenido',
  check: 'Control',
  made: 'Hecha',
  by: 'Por',
  checked: 'medida {measured}',
  verified: 'comprobada',
  unchecked: 'no se midió',
  product: 'producto, según su etiqueta',
  pleaseNote: 'Por favor, tenga en cuenta',
  ownMixture:
    'Son mezclas nuestras, mojadas el tiempo indicado. No son desinfectantes registrados.',
  label: 'Se usó un producto registrado según su etiqueta.',
  saysWhat: 'Este papel dice lo que se hizo. No dice que una superficie esté libre de gérmenes.',
  corrected:
    '{count, plural, one {Una anotación fue anulada} other {# anotaciones fueron anuladas}} por quien la hizo. El registro guarda las dos.',
  checkAt: 'Compruebe este papel en {address}',
  signed: 'firmado {at}, {utc} UTC',
  rows: '{count} filas, {from} a {to}, final {head} · Ed25519',
};

/** What a visit came to at a surface. */
export const reportCame = {
  met: 'cumplido',
  'not-met': 'no cumplido',
  'not-shown': 'no demostrado',
  cleaned: 'limpiado',
  loosened: 'aflojado',
  'off-early': 'quitado pronto',
  'left-too-long': 'dejado de más',
  'left-out': 'se dejó',
  'not-done': 'no se hizo',
};

export const paper = {
  title: 'Comprobar un informe de visita',
  forClients: 'Para clientes · sin cuenta',
  code: 'Código al pie del papel',
  codeHint: 'Las mayúsculas y los espacios no importan. O cuenta como 0, I y L como 1.',
  check: 'Comprobar',
  orDrop: 'o el papel mismo, en PDF',
  choose: 'Elegir el archivo',
  withFile:
    'Con el archivo se compara cada línea; solo con el código, si ese papel se firmó y si su registro sigue igual.',
  asking: 'Buscando …',
  answer: 'Respuesta',
  stands: 'Este papel es válido. Nadie ha cambiado una fila desde {at}.',
  standsWhy: 'Las {rows} filas están en el registro como se firmaron, y la firma es nuestra.',
  standsFile: 'El archivo está como se firmó, línea por línea.',
  standsCode: 'No se comparó el archivo: solo se dio el código.',
  differs:
    '{count, plural, one {Una línea de este papel no es} other {# líneas de este papel no son}} lo que se firmó. No se fíe de él.',
  differsWhy:
    'Un papel con este código se firmó el {at}. Este archivo se cambió después. No dice quién lo hizo.',
  missing:
    '{count, plural, one {Falta una línea que se firmó} other {Faltan # líneas que se firmaron}}.',
  paperSays: 'El papel dice',
  inRecord: 'En el registro: otra cosa.',
  broken: 'El registro mismo no está como se firmó.',
  brokenWhy:
    '{count, plural, one {Una fila cambió} other {# filas cambiaron}} desde {at}. Pregunte a la empresa.',
  unknown: 'No existe ese código. Aquí nadie firmó un papel con él.',
  unknownWhy: 'Mire otra vez las letras.',
  another: 'Este papel es de otra empresa: {company}.',
  anotherWhy: 'Su firma es buena, pero no es nuestra. Pregunte a ellos.',
  forged: 'Este papel dice estar firmado, y la firma no corresponde.',
  forgedWhy: 'No se fíe de él.',
  unreadable: 'Esto no es un informe de visita que se pueda leer aquí.',
  unreadableWhy: 'Elija el PDF como se lo dieron.',
  added:
    '{count, plural, one {Se añadió una fila} other {Se añadieron # filas}} a esta visita después de la firma. Pida un papel nuevo.',
  notSaid: 'Lo que eso no dice',
  notSaidWhy:
    'No dice que el trabajo fuera bueno. Dice que lo que se anotó es lo que usted tiene, y que nadie lo cambió.',
  withoutUs: 'Sin nosotros',
  withoutUsHow:
    'Cualquiera puede comprobar la firma con una herramienta pública: docs/formats/report.md dice cómo, en diez líneas.',
  keepsNothing:
    'Esta página no pide nombre ni contraseña y no guarda nada de su papel. No muestra nada que no esté impreso en él.',
  open: 'Abrir el informe {code}',
  make: 'Hacer el informe de visita',
  language: 'Idioma',
  paper: 'Papel',
};

export const paperSize = { A4: 'A4', letter: 'carta' };
