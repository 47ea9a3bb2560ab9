/** What one group's tries come to. */
export interface Stratum {
  /** How many tries at each level that has any. */
  sizes: number[]
  /** How many tries share each distinct value, values rising. */
  ties: number[]
  statistic2: number
  /** Pairs of tries at different levels. */
  pairs: number
}
