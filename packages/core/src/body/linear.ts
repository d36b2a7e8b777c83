/** Room for solving symmetric systems of one size, again and again. */
export class SymmetricSolver {
  private readonly inverse: Float64Array;
  private readonly starts: Int32Array;

  constructor(private readonly n: number) {
    this.inverse = new Float64Array(n);
    this.starts = new Int32Array(n);
  }

  /**
   * Solves `a x = b` in place for a symmetric positive definite `a` (row by row, only the upper
   * triangle is read) by Cholesky's method; `b` becomes x. Both are overwritten.
   *
   * The last unknown is eliminated first, and what stands before the first entry of a row is skipped
   * (Jennings A. Comput J 1966;9:281-285): unknowns are numbered from the trunk out along the limbs, and
   * limbs that don't touch stay apart.
   *
   * Kept here rather than taken from a matrix library because it is the innermost loop of the posture
   * solver: with the library's matrices two thirds of the time went into building them (`npm run bench`).
   *
   * @throws RangeError when `a` is not positive definite.
   */
  solve(a: Float64Array, b: Float64Array): void {
    const { n, inverse, starts } = this;
    // Walked from its end, the upper triangle is the lower one of the unknowns in reverse.
    const end = n * n - 1;
    for (let i = 0; i < n; i++) {
      const row = end - i * n;
      let start = 0;
      while (start < i && a[row - start] === 0) start++;
      starts[i] = start;
      let pivot = a[row - i]!;
      for (let j = start; j < i; j++) {
        const other = end - j * n;
        let sum = a[row - j]!;
        for (let k = Math.max(start, starts[j]!); k < j; k++) sum -= a[row - k]! * a[other - k]!;
        sum *= inverse[j]!;
        a[row - j] = sum;
        pivot -= sum * sum;
      }
      if (!(pivot > 0)) throw new RangeError(`Not positive definite at row ${n - 1 - i}`);
      inverse[i] = 1 / Math.sqrt(pivot);
      let sum = b[n - 1 - i]!;
      for (let k = start; k < i; k++) sum -= a[row - k]! * b[n - 1 - k]!;
      b[n - 1 - i] = sum * inverse[i]!;
    }
    for (let i = n - 1; i >= 0; i--) {
      const row = end - i * n;
      const value = b[n - 1 - i]! * inverse[i]!;
      b[n - 1 - i] = value;
      for (let k = starts[i]!; k < i; k++) b[n - 1 - k] = b[n - 1 - k]! - a[row - k]! * value;
    }
  }
}
