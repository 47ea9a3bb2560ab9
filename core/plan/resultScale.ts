/**
 * What results are where they are no quantities. Only a plan as it is scored has one, and they are judged by their order alone.
 * *place*: the finishing place, 1 for the first. *rank*: how far up in an order, 1 for the least. *word*: the place of a word in
 * a row of words, from 0. *when*: the minute or the day at which something was first seen.
 */
export type ResultScale =
  | { kind: 'place' }
  | { kind: 'rank'; of: number }
  | { kind: 'word'; words: string[] }
  | { kind: 'when'; what: string; per: 'minute' | 'day' }
