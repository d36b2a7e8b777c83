import { useState } from 'react';

/** How a teacher likes to be helped while teaching. Of this device alone, and without a word about anybody. */
export interface TeachingSettings {
  /** How much of what to say is shown; `none` for nothing. */
  readonly words: 'whole' | 'short' | 'words' | 'none';
  /** Whether the device says it. */
  readonly voice: boolean;
  /** Whether a tone tells of the next step, of the other side and of the end. */
  readonly tones: boolean;
  /** 0 to 1. */
  readonly volume: number;
  /** Whether the teacher faces the class, as its mirror. */
  readonly facing: boolean;
  /** Whether what is lifted is lifted on the out-breath; otherwise the in-breath opens and lifts. */
  readonly exhaleOnEffort: boolean;
}

const USUAL: TeachingSettings = { words: 'whole', voice: false, tones: true, volume: 0.7, facing: false, exhaleOnEffort: false };
const PLACE = 'lotus.teaching';

function read(): TeachingSettings {
  try {
    const kept = JSON.parse(localStorage.getItem(PLACE) ?? '{}') as Partial<TeachingSettings>;
    return { ...USUAL, ...kept };
  } catch {
    return USUAL;
  }
}

export function useTeachingSettings() {
  const [settings, set] = useState(read);
  const change = (part: Partial<TeachingSettings>) => {
    const next = { ...settings, ...part };
    localStorage.setItem(PLACE, JSON.stringify(next));
    set(next);
  };
  return [settings, change] as const;
}
