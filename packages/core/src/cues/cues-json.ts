import { CONTRACT } from '../version.js';
import type { Cue } from './cue-script.js';

/** A script as programs read it; the minutes go to the end of the last line. */
export function cuesJson(cues: readonly Cue[]) {
  return { contract: CONTRACT, minutes: Math.round(endOf(cues) / 6) / 10, cues };
}
export type CuesJson = ReturnType<typeof cuesJson>;

function endOf(cues: readonly Cue[]): number {
  return Math.max(0, ...cues.map(({ at, seconds }) => at + seconds));
}

function clock(seconds: number, withMillis: boolean): string {
  const millis = Math.round(seconds * 1000);
  const whole = Math.floor(millis / 1000);
  const two = (n: number) => String(n).padStart(2, '0');
  const time = `${two(Math.floor(whole / 3600))}:${two(Math.floor(whole / 60) % 60)}:${two(whole % 60)}`;
  return withMillis ? `${time}.${String(millis % 1000).padStart(3, '0')}` : time;
}

function escaped(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
}

/** A script as WebVTT: each line is a cue, named by its place. */
export function cuesVtt(cues: readonly Cue[]): string {
  const blocks = cues.map(
    ({ at, seconds, say }, i) => `${i + 1}\n${clock(at, true)} --> ${clock(Math.max(at + 0.1, at + seconds), true)}\n${escaped(say)}`,
  );
  return `${['WEBVTT', ...blocks].join('\n\n')}\n`;
}

/** The steps of a script as chapters of WebVTT, each from its first line to the next one's; a side of its own is one too. */
export function chaptersVtt(cues: readonly Cue[]): string {
  const names = cues.filter(({ kind }) => kind === 'name');
  const blocks = names.map(({ at, say }, i) => {
    const end = names[i + 1]?.at ?? endOf(cues);
    return `${i + 1}\n${clock(at, true)} --> ${clock(Math.max(at + 0.1, end), true)}\n${escaped(say)}`;
  });
  return `${['WEBVTT', ...blocks].join('\n\n')}\n`;
}

/** A script to be read: the time, with its hour in a class longer than one, which side the teacher moves where it is the other one, and the line. */
export function cuesText(cues: readonly Cue[]): string {
  const skipped = endOf(cues) < 3600 ? '00:'.length : 0;
  return cues
    .map(({ at, say, side, teacher, kind }) => {
      const begun = kind === 'name' || kind === 'facing' ? '\n' : '';
      const yours = kind === 'name' && teacher !== side ? ` [you move your ${teacher}]` : '';
      return `${begun}${clock(at, false).slice(skipped)}  ${say}${yours}`;
    })
    .join('\n')
    .trimStart();
}
