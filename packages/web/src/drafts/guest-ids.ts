import { useSyncExternalStore } from 'react';
import { GIVEN_IDS, readDraft, replaceInDrafts, writeDraft } from './drafts.js';

/** Above every id that the server gives: whoever is taken in without it has an id of this device until it gives theirs. */
const FIRST_HERE = 1e12;

/** Ids that the server gave, by those that this device had given, as digits. */
type GivenIds = Readonly<Record<string, number>>;

const listeners = new Set<() => void>();
let last = 0;

export function isIdOfThisDevice(id: number): boolean {
  return id >= FIRST_HERE;
}

export function newIdHere(now = Date.now()): number {
  last = Math.max(last + 1, now, FIRST_HERE);
  return last;
}

const NONE: GivenIds = {};
export function givenIds(): GivenIds {
  return readDraft<GivenIds>(GIVEN_IDS)?.value ?? NONE;
}

function moveTo(here: number, given: number): void {
  replaceInDrafts(String(here), String(given));
  writeDraft(GIVEN_IDS, { version: null, value: { ...givenIds(), [here]: given } });
}

/** The server has given somebody their id: it stands in the place of the other in all that is kept here. */
export function giveId(here: number, given: number): void {
  moveTo(here, given);
  whenNobodyTypes(() => {
    // The screen that was open meanwhile still wrote under the other.
    moveTo(here, given);
    for (const tell of listeners) tell();
  });
}

/** What takes the focus away from a field is still pressed in the screen that it stands in. */
const PRESSED_MS = 500;

/** Opening a screen anew would take away what is half typed in it. */
function whenNobodyTypes(then: () => void): void {
  const field = document.activeElement;
  const isTyping = field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement;
  if (isTyping) field.addEventListener('blur', () => setTimeout(then, PRESSED_MS), { once: true });
  else then();
}

/** A text with the ids that the server gave in the place of those of this device. */
export function withGivenIds(text: string): string {
  return Object.entries(givenIds()).reduce((all, [here, given]) => all.replaceAll(here, String(given)), text);
}

/** An address as it is with the ids that the server gave, as soon as it gives them. */
export function useGivenAddress(address: string): string {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => withGivenIds(address),
  );
}
