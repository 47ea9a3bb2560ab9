/** What a way of recording needs on a tray. */
export interface WayNeeds {
  /** How many of the plan's instrument one group uses at once. */
  instruments: number
  /** Whether the levels stand side by side, each with a container of its own, or follow one another. */
  sideBySide: boolean
  /** How many recording sheets a group fills. */
  sheets: number
  /** On how many days it is read. */
  days: number
  /** How many days after the first each of them falls; school days one after another where nothing is said. */
  daysAfter?: readonly number[]
}

/** Where levels follow one another, read with one instrument on one day. */
export const oneByOne: WayNeeds = { instruments: 1, sideBySide: false, sheets: 1, days: 1 }
/** Where all levels stand in front of the group, read one after another. */
export const sideBySide: WayNeeds = { ...oneByOne, sideBySide: true }
