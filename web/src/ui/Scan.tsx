import { w } from '../words/words.ts';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { Window } from './Window.tsx';

interface Detector {
  detect: (source: HTMLVideoElement) => Promise<{ rawValue: string }[]>;
}
declare const BarcodeDetector: {
  new (options: { formats: string[] }): Detector;
  getSupportedFormats: () => Promise<string[]>;
};

const EVERY_MS = 250;
/** Pictures of this many pixels across are enough for a code on a label, and quick to read. */
const ACROSS = 480;

/** What reads codes where the browser itself cannot. */
const ownReader = async (): Promise<Detector> => {
  const { readCode } = await import('./readCode.ts');
  const canvas = document.createElement('canvas');
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  const detect = (source: HTMLVideoElement) => {
    canvas.width = ACROSS;
    canvas.height = Math.round((ACROSS * source.videoHeight) / source.videoWidth);
    context.drawImage(source, 0, 0, canvas.width, canvas.height);
    const rawValue = readCode(context.getImageData(0, 0, canvas.width, canvas.height));
    return Promise.resolve(rawValue ? [{ rawValue }] : []);
  };
  return { detect };
};

const OWN_LABELS = ['qr_code'];
/** What makers print on what they sell. */
const MAKERS = [...OWN_LABELS, 'ean_13', 'ean_8', 'upc_a', 'upc_e', 'code_128'];

/** A maker's bars are read where the browser can; our own labels everywhere. */
const reader = async (bars: boolean): Promise<Detector> => {
  if (!('BarcodeDetector' in window)) return ownReader();
  if (!bars) return new BarcodeDetector({ formats: OWN_LABELS });
  const able = await BarcodeDetector.getSupportedFormats();
  return new BarcodeDetector({ formats: MAKERS.filter((one) => able.includes(one)) });
};

interface CameraProps {
  bars: boolean;
  onCode: (code: string) => void;
  onTrouble: () => void;
}

/** What the camera sees: looked at for a code as soon as there is a picture. */
const Camera = ({ bars, onCode, onTrouble }: CameraProps) => {
  const video = useRef<HTMLVideoElement>(null);
  const tell = useEffectEvent(onCode);
  const fail = useEffectEvent(onTrouble);
  useEffect(() => {
    let stream: MediaStream | undefined;
    let timer: ReturnType<typeof setInterval> | undefined;
    let over = false;
    const start = async () => {
      const detector = await reader(bars);
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
      if (over) return stream.getTracks().forEach((track) => track.stop());
      video.current!.srcObject = stream;
      await video.current!.play();
      timer = setInterval(() => {
        void detector
          .detect(video.current!)
          .then(([found]) => found && !over && tell(found.rawValue))
          .catch(() => undefined);
      }, EVERY_MS);
    };
    start().catch(() => !over && fail());
    return () => {
      over = true;
      clearInterval(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, [bars]);
  return <video ref={video} muted playsInline className="w-full bg-ink" />;
};

interface ScanProps {
  /** Whether a maker's bars are read too. */
  bars?: boolean;
  onCode: (code: string) => void;
  onClose: () => void;
}

/** Reads the code of a label by the phone's camera, once the window for it is there. */
const Scan = ({ bars = false, onCode, onClose }: ScanProps) => {
  const [trouble, setTrouble] = useState(false);
  return (
    <Window open title={w.name('scan', 'holdTheCodeBeforeThe')} onClose={onClose}>
      {trouble ? (
        <p role="alert" className="notice">
          {w.name('scan', 'theCameraDoesNotOpen')}
        </p>
      ) : (
        <Camera bars={bars} onCode={onCode} onTrouble={() => setTrouble(true)} />
      )}
      <p className="mt-4">
        <button className="btn" onClick={onClose}>
          {w.name('scan', 'close')}
        </button>
      </p>
    </Window>
  );
};
export default Scan;
