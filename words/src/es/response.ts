/** Qué hacer primero. Fuente: primeros auxilios generales (control de intoxicaciones, OSHA). */
export const response = {
  'stop-leave':
    'Deténgase. Salga del cuarto. Llévese a las personas y a los animales. No vuelva por la botella.',
  'stop-step-back': 'Deténgase. Dé un paso atrás. No se incline encima.',
  'do-not-touch': 'No toque, agite ni tape la botella. Aléjese de ella.',
  'if-open': 'Si está abierta, déjela abierta. Salga del cuarto.',
  'do-not-move': 'No mueva ni toque la botella. Puede explotar.',
  'shut-and-call':
    'Cierre la puerta y llame al número de emergencia, {emergency}. No trate de apagar un fuego.',
  'still-call':
    'Si no hay heridos ni fuego: llame de todos modos. Línea de intoxicaciones: {poison}.',
  fire: 'Fuego o humo: no trate de apagarlo. Cierre la puerta y llame al número de emergencia, {emergency}. Línea de intoxicaciones: {poison}.',
  'fresh-air': 'Salga al aire fresco.',
  'fresh-air-window': 'Salga al aire fresco. Abra una ventana solo si le queda de camino.',
  'window-on-the-way': 'Salga del cuarto y abra la ventana al salir.',
  call: 'Tos fuerte, dificultad para respirar, mareo o sueño, quemadura, o algo en los ojos: llame al número de emergencia, {emergency}. Si nadie se siente mal: llame a la línea de intoxicaciones, {poison}.',
  eyes: 'Ojos: quite los lentes de contacto y enjuague con agua corriente 15 minutos. Piel: quite la ropa mojada y enjuague.',
  swallowed:
    'Si se tragó: enjuague la boca. No beba más que un sorbo de agua. No haga vomitar a la persona. Llame a la línea de intoxicaciones.',
  later: 'La dificultad para respirar puede llegar hasta 48 horas después: vaya al médico.',
  'no-third': 'No eche un tercer producto encima.',
  'write-down': 'Anótelo en la bitácora.',
};
