/** What was typed and is not saved yet, kept on this device so that nothing is lost when the server is away. */
export interface Draft<T> {
  /** Version that the edit started from; `null` for something new. */
  readonly version: number | null;
  readonly value: T;
}

const PREFIX = 'lotus.draft.';

export function readDraft<T>(key: string): Draft<T> | null {
  const text = localStorage.getItem(PREFIX + key);
  if (text === null) return null;
  try {
    const draft = JSON.parse(text) as unknown;
    if (typeof draft === 'object' && draft !== null && 'version' in draft && 'value' in draft) return draft as Draft<T>;
  } catch {
    // Not ours or cut off: there is nothing in it to restore.
  }
  localStorage.removeItem(PREFIX + key);
  return null;
}

export function writeDraft<T>(key: string, draft: Draft<T>): void {
  localStorage.setItem(PREFIX + key, JSON.stringify(draft));
}

export function dropDraft(key: string): void {
  localStorage.removeItem(PREFIX + key);
}

/** Drafts may hold health data: they leave this device with whoever signs out. */
export function dropAllDrafts(): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key);
}
