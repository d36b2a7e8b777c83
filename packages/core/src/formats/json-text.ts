/** What `read` makes of the JSON of a text; `refuse` answers with why it is none. */
export function readJsonText<T>(text: string, read: (raw: unknown) => T, refuse: (message: string) => T): T {
  try {
    return read(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch (error) {
    return refuse(`no valid JSON (${(error as Error).message})`);
  }
}
