/** What has become of a treatment that stands approved. */
export const flag = {
  never: 'ahora se rechazaría',
  care: 'ahora pide un motivo',
  longer: 'ahora tarda más',
  shorter: 'ahora tarda menos',
  gone: 'ya no está en la inspección',
};
