import type { Sequence } from './sequence.js';

/** What a sequence says of itself before its first step. */
export type Header = { -readonly [Key in 'title' | 'minutes' | 'room' | 'assists' | 'senses' | 'place' | 'tags']: Sequence[Key] };

/** A header that says nothing. */
export const BARE_HEADER: Readonly<Header> = { title: '', minutes: null, room: null, assists: false, senses: null, place: null, tags: [] };

/** What may stand before the colon of a header's line. */
export const HEADER_KEYS = Object.keys(BARE_HEADER);
