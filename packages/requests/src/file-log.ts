/** What a log that came in a file is called here: by its people and its day, since no plan stands behind it. */
const OF_FILE = 'file.';

export function fileLogKey(personIds: readonly number[], day: string): string {
  return `${OF_FILE}${[...personIds].sort((a, b) => a - b).join(',')}.${day}`;
}

export function isFileLog(key: string): boolean {
  return key.startsWith(OF_FILE);
}
