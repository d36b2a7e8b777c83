/**
 * How teachers write each asana and variation: `plain` and variation ids, phrases between semicolons,
 * without doses and sides. A phrase may end with ` ?` where it means other things too, and with `@chair`,
 * `@lying`, `@kids` ... where it is right in that surrounding only. `not` lists look-alikes with what they
 * mean: the id of another asana, or `absent` where the library has none. Common practice, no source.
 */
export type Phrases = Readonly<Record<string, Readonly<Record<string, string>>>>;
