import { colours } from '@zymostat/contract';
import { toDataURL } from 'qrcode';
import { useEffect, useState } from 'react';

interface Props {
  /** What a camera reads. */
  text: string;
  /** Across, px. */
  size: number;
  alt: string;
}

/** A text as a camera reads it; its place is kept until it is drawn. */
export const QrCode = ({ text, size, alt }: Props) => {
  const [source, setSource] = useState('');
  useEffect(() => {
    let over = false;
    const options = { margin: 1, width: 2 * size, color: { dark: colours.ink } };
    void toDataURL(text, options).then((url) => {
      if (!over) setSource(url);
    });
    return () => {
      over = true;
    };
  }, [text, size]);
  if (source) return <img src={source} width={size} height={size} alt={alt} />;
  return <span className="block" style={{ width: size, height: size }} />;
};
