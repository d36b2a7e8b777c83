/** Something wrong in what a person entered: which field, and what was expected instead. */
export interface Problem {
  readonly field: string;
  readonly message: string;
}
