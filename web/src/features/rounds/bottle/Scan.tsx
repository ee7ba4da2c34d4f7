import jsQR from 'jsqr';
import { useEffect, useRef, useState } from 'react';
import { w } from '../../../words/words.ts';

/** Pictures of this many pixels across are enough for a code on a bottle, and quick to read. */
const ACROSS = 480;

const codeIn = (video: HTMLVideoElement, canvas: HTMLCanvasElement): string | undefined => {
  if (video.readyState < HTMLMediaElement.HAVE_CURRENT_DATA) return undefined;
  canvas.width = ACROSS;
  canvas.height = Math.round((ACROSS * video.videoHeight) / video.videoWidth);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.drawImage(video, 0, 0, canvas.width, canvas.height);
  const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
  return jsQR(data, width, height)?.data;
};

interface Props {
  /** Whether the code was known. */
  onCode: (code: string) => boolean;
  onClose: () => void;
}

/** Reads the code of a bottle by the camera. */
const Scan = ({ onCode, onClose }: Props) => {
  const video = useRef<HTMLVideoElement>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const told = useRef(onCode);
  useEffect(() => {
    told.current = onCode;
  });
  useEffect(() => {
    const canvas = document.createElement('canvas');
    let stream: MediaStream | undefined;
    let frame = 0;
    let over = false;
    const look = () => {
      const code = video.current && codeIn(video.current, canvas);
      if (code && told.current(code)) return;
      if (code) setTrouble(w.say('round.noSuchBottle', { text: code }));
      frame = requestAnimationFrame(look);
    };
    const begin = async () => {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
      if (over || !video.current) return stream.getTracks().forEach((track) => track.stop());
      video.current.srcObject = stream;
      await video.current.play();
      look();
    };
    begin().catch(() => setTrouble(w.name('round', 'noCamera')));
    return () => {
      over = true;
      cancelAnimationFrame(frame);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  return (
    <section className="scan" aria-label={w.name('round', 'scanItsCode')}>
      <video ref={video} muted playsInline />
      {trouble && <p role="alert">{trouble}</p>}
      <button className="btn" onClick={onClose}>
        {w.name('round', 'closeTheCamera')}
      </button>
    </section>
  );
};
export default Scan;
