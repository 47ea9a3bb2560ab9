import type { Plan } from '../../plan'

/** How readings stand in the grid and on paper. */
export interface WayTable {
  /**
   * Whether levels stand beside one another in the grid, beneath with their moments beside one another, or together in what is typed.
   */
  layout: (plan: Plan) => 'levels-across' | 'levels-beneath' | 'together'
  /** One try of one level from left to right, as the grid and the paper show it. */
  columns: (plan: Plan) => Column[]
  /** The table to be written in on paper, where it is not that of levels by moments; null where it is. */
  paper: ((plan: Plan, groupIndex: number) => PaperTable) | null
}

/** One place of a try: of the same level, from left to right; or, where levels stand together, of a group. */
export interface Column {
  /** Where levels stand together: the level that its slot names, or null. */
  levelId?: string | null
  tryNumber: number
  moment: string
  /** What stands above it. */
  head: string
  /** What its moment is called under a head of its own, where the moment's own name is not enough: "rice (g)". */
  called?: string
  /** Whether it is read once for a level, whatever the tries: an empty container. */
  once?: boolean
}

/** A table to be written in by hand. */
export interface PaperTable {
  /** What to write, and how. */
  note: string
  corner: string
  heads: string[]
  rows: { head: string; cells: ('write' | 'blank')[] }[]
}
