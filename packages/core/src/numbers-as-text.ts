const FIRST_SIGN = 35;
/** Numbers from here on take a sign more for each time that they hold it. */
const SIGN_COUNT = 90;
const MORE = String.fromCharCode(FIRST_SIGN + SIGN_COUNT);

/** Whole numbers from 0 as a text, a sign each for the small ones: short, and plain to compress. */
export function writeNumbers(numbers: readonly number[]): string {
  return numbers.map((one) => MORE.repeat(Math.floor(one / SIGN_COUNT)) + String.fromCharCode(FIRST_SIGN + (one % SIGN_COUNT))).join('');
}

/** The numbers that `writeNumbers` wrote. */
export function readNumbers(text: string): number[] {
  const numbers: number[] = [];
  let more = 0;
  for (let i = 0; i < text.length; i++) {
    const sign = text.charCodeAt(i) - FIRST_SIGN;
    if (sign === SIGN_COUNT) more += SIGN_COUNT;
    else {
      numbers.push(more + sign);
      more = 0;
    }
  }
  return numbers;
}

/** Whole numbers of either sign, as `writeNumbers` takes them. */
export function withoutSign(number: number): number {
  return number >= 0 ? 2 * number : -2 * number - 1;
}

export function withSign(number: number): number {
  return number % 2 === 0 ? number / 2 : -(number + 1) / 2;
}
