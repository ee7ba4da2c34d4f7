/** What happens at a surface, and why it may not. */

export const event = {
  lifted: 'Inodoro descargado',
  laid: 'Puesto a trabajar',
  'taken-off': 'Quitado',
  'nothing-on-it': 'No había nada que aflojar',
  washed: 'Limpiado',
  applied: 'Aplicado',
  rewet: 'Vuelto a mojar',
  'seen-wet': 'Visto mojado',
  'found-dry': 'Encontrado seco',
  wiped: 'Pasado el paño',
  rinsed: 'Enjuagado',
  skipped: 'Se dejó sin hacer',
};

export const skipReason = {
  'no-access': 'No puedo llegar',
  'client-said-no': 'El cliente no quiere',
  'in-use': 'Está en uso',
  damaged: 'Está dañado',
  'not-there': 'No está',
  'no-time': 'No queda tiempo',
};

export const came = {
  'not-met': 'No cumplido',
  'not-shown': 'No demostrado',
  'left-too-long': 'Dejado demasiado tiempo',
  open: 'Sin hacer',
  skipped: 'Se dejó sin hacer',
};
