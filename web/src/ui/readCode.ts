import jsQR from 'jsqr';

/** What a QR code in a picture says; nothing where there is none to be read. */
export const readCode = ({ data, width, height }: Omit<ImageData, 'colorSpace'>) =>
  jsQR(data, width, height)?.data;
