import { useEffect } from 'react';
import type { Cue } from '@lotus-steady/core/cues';

/** Whether this device can speak. */
export const canSpeak = 'speechSynthesis' in globalThis;

/** Says a line by the device's own voice when it comes up; what is being said ends with the clock, or where it is switched off. */
export function useVoice(cue: Cue | null, speaks: boolean, volume: number): void {
  const say = cue?.say ?? null;
  useEffect(() => {
    if (!canSpeak || !speaks || say === null) return;
    const line = new SpeechSynthesisUtterance(say);
    line.lang = 'en';
    line.volume = volume;
    line.rate = 0.9;
    speechSynthesis.speak(line);
  }, [say, speaks, volume]);
  useEffect(() => {
    if (!canSpeak || speaks) return;
    speechSynthesis.cancel();
  }, [speaks]);
  useEffect(() => {
    return () => {
      if (canSpeak) speechSynthesis.cancel();
    };
  }, []);
}
