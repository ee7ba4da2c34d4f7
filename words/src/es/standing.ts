export const standing = {
  note: 'Siga primero la etiqueta del producto y la hoja de seguridad; mandan los códigos locales y el trabajo con licencia. En una emergencia salga, tome aire fresco y llame a la línea de emergencia local o a la línea de intoxicaciones, {poison}.',
  'on-the-label': 'en la etiqueta',
};

export const pair = {
  'anything-else': 'cualquier otra cosa',
  with: '{one} con {others}',
  severity: '{severity}: {routes}',
};
