let context: AudioContext | null = null;

/** A soft bell of one pitch, made here: a quick beginning, a long end. */
function bell(audio: AudioContext, at: number, hertz: number, seconds: number, volume: number): void {
  const strength = audio.createGain();
  strength.gain.setValueAtTime(0.0001, at);
  strength.gain.exponentialRampToValueAtTime(Math.max(0.0002, volume * 0.4), at + 0.02);
  strength.gain.exponentialRampToValueAtTime(0.0001, at + seconds);
  strength.connect(audio.destination);
  const tone = audio.createOscillator();
  tone.frequency.value = hertz;
  tone.connect(strength);
  tone.start(at);
  tone.stop(at + seconds);
}

const TONES = { step: [[528, 1.2]], side: [[440, 0.6], [528, 1]], end: [[396, 2.5], [528, 3], [660, 3.5]] } as const; // prettier-ignore

/** One tone for the next step, two for the other side, three for the end. Silent where the browser has no sound. */
export function sound(of: keyof typeof TONES, volume: number): void {
  if (typeof AudioContext === 'undefined' || volume <= 0) return;
  const audio = (context ??= new AudioContext());
  TONES[of].forEach(([hertz, seconds], i) => bell(audio, audio.currentTime + i * 0.35, hertz, seconds, volume));
}
