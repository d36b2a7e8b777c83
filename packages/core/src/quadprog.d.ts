/** Goldfarb and Idnani's dual method; arrays count from 1 as in the Fortran original. */
declare module 'quadprog' {
  export function solveQP(
    D: number[][],
    d: number[],
    A: number[][],
    b: number[],
    equalities?: number,
  ): { solution: number[]; value: number[]; message: string };
}
