/** What a log that came in a file is called here: by its people and its day, since no plan stands behind it. */
const OF_FILE = 'file.';

export function fileLogKey(personIds: readonly number[], day: string): string {
  return `${OF_FILE}${[...personIds].sort((a, b) => a - b).join(',')}.${day}`;
}

/** A day on which somebody practised at home. */
export const HOME_LOGS = 'home.';

export function homeLogKey(personId: number, day: string): string {
  return `${HOME_LOGS}${personId}.${day}`;
}

export function isHomeLog(key: string): boolean {
  return key.startsWith(HOME_LOGS);
}

/** Whether a log was brought, and not written after a class here. */
export function isFileLog(key: string): boolean {
  return key.startsWith(OF_FILE) || isHomeLog(key);
}
