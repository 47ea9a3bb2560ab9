/** What a class says of one setting that it tried many times. */
export type VariationStatement =
  /** "Usually about 23 clips." */
  | { kind: 'usual'; value: number }
  /** "23 clips every time." */
  | { kind: 'always'; value: number }
  /** "Mostly 20 to 26"; without *mostly* it is of all tries. */
  | { kind: 'range'; from: number; to: number; mostly: boolean }
  /** "The most was 26." */
  | { kind: 'end'; end: 'most' | 'least'; value: number }
  /** "Never more than 30", "at least 18"; the value itself may be allowed. */
  | { kind: 'bound'; way: 'under' | 'over'; value: number; inclusive: boolean }
  /** "It was not the same every time." */
  | { kind: 'same'; negated: boolean; always: boolean }
