import type { Teacher } from '@lotus-steady/requests';
import { forgetKeys, openVault, type Vault } from './vault.js';
import { later, t } from '../words/t.js';

/** What was typed and is not saved yet, kept on this device so that nothing is lost when the server is away. */
export interface Draft<T> {
  /** Version that the edit started from; `null` for something new. */
  readonly version: number | null;
  readonly value: T;
}

const PREFIX = 'lotus.draft.';

/** The drafts of whoever is signed in, by key; on the device they lie sealed, under the account. */
const drafts = new Map<string, Draft<unknown>>();
let account: string | null = null;
let vault: Vault | null = null;
/** The last thing that was put on the device, so that a later one doesn't overtake it. */
let written: Promise<void> = Promise.resolve();

function storageKey(key: string): string {
  return `${PREFIX}${account}.${key}`;
}

function isDraft(value: unknown): value is Draft<unknown> {
  return typeof value === 'object' && value !== null && 'version' in value && 'value' in value;
}

function parsed(text: string | null): Draft<unknown> | null {
  try {
    const draft = JSON.parse(text ?? 'null') as unknown;
    return isDraft(draft) ? draft : null;
  } catch {
    // Cut off: there is nothing in it to restore.
    return null;
  }
}

/** Opens what somebody left unsaved on this device; nobody else's is touched or shown. */
export async function openDrafts(of: string): Promise<void> {
  if (account === of) return;
  drafts.clear();
  account = of;
  vault = await openVault(of);
  if (!vault) return;
  const own = `${PREFIX}${of}.`;
  for (const place of Object.keys(localStorage).filter((one) => one.startsWith(own))) {
    const draft = parsed(await vault.unseal(localStorage.getItem(place) ?? ''));
    if (draft) drafts.set(place.slice(own.length), draft);
    else localStorage.removeItem(place);
  }
}

/** The account's name on this device; the demo's accounts are numbered apart from the owner's. */
export function accountOf({ id, demo }: Teacher): string {
  return `${demo ? 'demo' : 'own'}-${id}`;
}

/** What a teacher left unsaved. */
export function openDraftsOf(teacher: Teacher): Promise<void> {
  return openDrafts(accountOf(teacher));
}

/** The vault of whoever is signed in; `null` where nobody is, or the browser has none. */
export function openedVault(): Vault | null {
  return vault;
}

/** Keys of all that is kept, the oldest first. */
export function draftKeys(): string[] {
  return [...drafts.keys()];
}

export function readDraft<T>(key: string): Draft<T> | null {
  return (drafts.get(key) as Draft<T> | undefined) ?? null;
}

function keep(key: string, text: string | null): void {
  const place = storageKey(key);
  const sealing = vault;
  written = written
    .then(async () => {
      if (text === null) localStorage.removeItem(place);
      // Without a vault it is kept as long as the page is open: in clear it doesn't stay on a device.
      else if (sealing) localStorage.setItem(place, await sealing.seal(text));
    })
    // On a full device likewise; what comes after it is tried all the same.
    .catch(() => undefined);
}

export function writeDraft<T>(key: string, draft: Draft<T>): void {
  drafts.set(key, draft);
  keep(key, JSON.stringify(draft));
}

/** What can wait for a pause in typing before it is sealed, by key. */
const waiting = new Map<string, ReturnType<typeof setTimeout>>();
const PAUSE_MS = 500;

/** As `writeDraft`; on the device it lies after a pause only, since it is large and changes with every key. */
export function writeDraftLater<T>(key: string, draft: Draft<T>): void {
  // The newest stands last.
  drafts.delete(key);
  drafts.set(key, draft);
  clearTimeout(waiting.get(key));
  waiting.set(
    key,
    setTimeout(() => {
      waiting.delete(key);
      const latest = drafts.get(key);
      if (latest) keep(key, JSON.stringify(latest));
    }, PAUSE_MS),
  );
}

export function dropDraft(key: string): void {
  clearTimeout(waiting.get(key));
  waiting.delete(key);
  drafts.delete(key);
  keep(key, null);
}

/** Puts other words in the place of some, in all that is kept and in what it is called; which id was given for which stays. */
export function replaceInDrafts(from: string, to: string): void {
  for (const [key, draft] of [...drafts]) {
    const text = JSON.stringify(draft);
    if (key === GIVEN_IDS || (!key.includes(from) && !text.includes(from))) continue;
    if (key.includes(from)) dropDraft(key);
    writeDraft(key.replaceAll(from, to), JSON.parse(text.replaceAll(from, to)) as Draft<unknown>);
  }
}

/** Under which key answers lie that the server hasn't got yet. */
export const WAITING_ANSWERS = 'answers.waiting';

/** The kinds of keys under which steps back and given ids lie: nobody is told that they aren't saved. */
export const HISTORY = 'history';
export const GIVEN_IDS = 'given-ids';

const WHAT: Readonly<Record<string, string>> = {
  person: later('A person’s record'),
  sequence: later('A sequence'),
  class: later('What happened in a class'),
  log: later('How a class was'),
  door: later('Who is at the door'),
  answers: later('What people answered at the door'),
};

/** What isn't saved yet, in words. */
export function unsaved(): string[] {
  return draftKeys().flatMap((key) => {
    const [kind, id] = key.split('.');
    if (kind === HISTORY || kind === GIVEN_IDS) return [];
    const what = WHAT[kind ?? ''];
    const said = what === undefined ? t('Something') : t(what);
    return id === 'new' ? t('{what} that is new', { what: said }) : said;
  });
}

/** Drafts may hold health data: they leave this device with whoever signs out, and the key that opens them. */
export async function dropAllDrafts(): Promise<void> {
  for (const timer of waiting.values()) clearTimeout(timer);
  waiting.clear();
  await written;
  for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key);
  drafts.clear();
  account = null;
  vault = null;
  await forgetKeys();
}
