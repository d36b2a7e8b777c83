/** So many of something: one step, two steps. */
export function counted(count: number, one: string, more = `${one}s`): string {
  return `${count} ${count === 1 ? one : more}`;
}
