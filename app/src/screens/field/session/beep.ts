/** Hertz and seconds of what is heard. */
const TONES = {
  short: { hertz: 880, seconds: 0.08 },
  last: { hertz: 1320, seconds: 0.25 },
} as const;
const LOUD = 0.25;
const FADE_S = 0.02;

let audio: AudioContext | null = null;

/** Called by a press: browsers let a page sound only after one. */
export function readySound(): void {
  if (typeof AudioContext !== 'function') return;
  audio ??= new AudioContext();
  void audio.resume().catch(() => {});
}

/** A short tone; nothing where the browser does not let the page sound. */
export function beep(tone: keyof typeof TONES): void {
  if (audio?.state !== 'running') return;
  const { hertz, seconds } = TONES[tone];
  const [start, end] = [audio.currentTime, audio.currentTime + seconds];
  const oscillator = new OscillatorNode(audio, { frequency: hertz });
  const gain = new GainNode(audio, { gain: LOUD });
  gain.gain.setValueAtTime(LOUD, end - FADE_S);
  gain.gain.linearRampToValueAtTime(0, end);
  oscillator.connect(gain).connect(audio.destination);
  oscillator.start(start);
  oscillator.stop(end);
}
