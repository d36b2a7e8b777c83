import { library, notesReader } from '@lotus-steady/core';

/** Reads notes with the library's phrasebook, which is learnt with the first text. */
export const readNotes = notesReader(library);
