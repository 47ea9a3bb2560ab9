const said = new Map([
  [0.8, 'a fifth less time'],
  [1, 'as long as 7- to 9-year-olds'],
  [1.25, 'a quarter longer'],
  [1.5, 'half as long again'],
  [2, 'twice as long'],
  [3, 'three times as long'],
])
/** The paces that a school chooses from; see `paceWords`. */
export const paces: readonly number[] = [...said.keys()]

/**
 * How long children take to set up and to read, beside seven- to nine-year-olds: what follows "they take".
 * @example paceWords(1.5) // 'half as long again'
 * @example paceWords(1.7) // '1.7 times as long'
 */
export const paceWords = (pace: number): string => said.get(pace) ?? `${pace} times as long`
