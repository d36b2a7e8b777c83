/** The day by this machine's clock, as YYYY-MM-DD. */
export function today(): string {
  const now = new Date();
  const two = (part: number) => String(part).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
