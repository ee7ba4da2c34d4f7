const KEY = 'zymostat.sound';

/** Whether the person wants to hear it; nothing as long as nobody was asked. */
export const soundWanted = (): boolean | null => {
  const said = localStorage.getItem(KEY);
  return said === null ? null : said === 'yes';
};

let audio: AudioContext | undefined;

/** A tap lets the page make sounds; browsers allow none before one. */
export const wantSound = (yes: boolean): void => {
  localStorage.setItem(KEY, yes ? 'yes' : 'no');
  if (yes) ring();
};

/** Two short tones, and the phone shakes where it can. */
export const ring = (): void => {
  navigator.vibrate?.([200, 100, 200]);
  audio ??= new AudioContext();
  void audio.resume();
  for (const [after, pitch] of [
    [0, 880],
    [0.25, 1175],
  ] as const) {
    const tone = audio.createOscillator();
    const loud = audio.createGain();
    loud.gain.value = 0.2;
    tone.frequency.value = pitch;
    tone.connect(loud).connect(audio.destination);
    tone.start(audio.currentTime + after);
    tone.stop(audio.currentTime + after + 0.18);
  }
};
