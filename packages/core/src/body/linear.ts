/**
 * Solves `a x = b` in place for a symmetric positive definite `a` (row by row, only the upper
 * triangle is read) by Cholesky's method; `b` becomes x. Both are overwritten.
 *
 * Kept here rather than taken from a matrix library because it is the innermost loop of the posture
 * solver: with the library's matrices two thirds of the time went into building them (`npm run bench`).
 *
 * @throws RangeError when `a` is not positive definite.
 */
export function solveSymmetric(a: Float64Array, b: Float64Array): void {
  const n = b.length;
  // Right-looking, so that the innermost loop runs along a row.
  for (let k = 0; k < n; k++) {
    const row = k * n;
    const pivot = a[row + k]!;
    if (!(pivot > 0)) throw new RangeError(`Not positive definite at row ${k}`);
    const root = Math.sqrt(pivot);
    for (let j = k; j < n; j++) a[row + j]! /= root;
    for (let i = k + 1; i < n; i++) {
      const factor = a[row + i]!;
      if (factor === 0) continue;
      const below = i * n;
      for (let j = i; j < n; j++) a[below + j]! -= factor * a[row + j]!;
    }
  }
  for (let k = 0; k < n; k++) {
    let sum = b[k]!;
    for (let i = 0; i < k; i++) sum -= a[i * n + k]! * b[i]!;
    b[k] = sum / a[k * n + k]!;
  }
  for (let k = n - 1; k >= 0; k--) {
    let sum = b[k]!;
    for (let j = k + 1; j < n; j++) sum -= a[k * n + j]! * b[j]!;
    b[k] = sum / a[k * n + k]!;
  }
}
