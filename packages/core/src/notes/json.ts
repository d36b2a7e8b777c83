import { CONTRACT } from '../version.js';
import type { ReadLine, ReadNotes } from './read-line.js';

/** How a text was understood, as other programs get it. */
export interface NotesJson {
  readonly contract: number;
  readonly title: string;
  readonly place: string | null;
  readonly lines: readonly NotesLineJson[];
}

/** `candidates` are told of a line that is asked about only. */
export type NotesLineJson = Omit<ReadLine, 'word'> & { readonly word?: string };

export function notesJson({ sequence, lines }: ReadNotes): NotesJson {
  return {
    contract: CONTRACT,
    title: sequence.title,
    place: sequence.place,
    lines: lines.map(({ word, candidates, sure, ...line }) => ({
      ...line,
      sure: rounded(sure),
      candidates: line.kind === 'ask' ? candidates.map(({ likely, ...one }) => ({ ...one, likely: rounded(likely) })) : [],
      ...(word && { word: word.text }),
    })),
  };
}

function rounded(share: number): number {
  return Math.round(share * 1000) / 1000;
}
