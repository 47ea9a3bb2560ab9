/**
 * What a material is needed for; the amount is needed once for each of these. "Turns": so many for all groups, which take
 * turns with them. "Value": as often as a level's number says.
 */
export type MaterialRule =
  'class' | 'turns' | 'group' | 'child' | 'level' | 'try' | 'level-try' | 'child-try' | 'value'

/** Where a thing waits: on each group's tray, on a table at the front for all, or with the teacher alone. */
export type MaterialPlace = 'tray' | 'front' | 'teacher'

/** One of several things that something is mixed from. */
export interface Ingredient {
  name: string
  unit: 'g' | 'mL'
  amount: number
}

/** How a material is made ready from something else. */
export type Making =
  /** Mixed: so much of one thing in so many millilitres of water. */
  | { kind: 'solution'; of: string; unit: 'g' | 'mL'; amount: number; inMillilitres: number }
  /** Mixed once as strong as the strongest level and let down for the others: each level's number is how much goes into so many millilitres. */
  | { kind: 'series'; of: string; unit: 'g' | 'mL'; inMillilitres: number }
  /** Mixed from several things, which together make so much of it, in its own unit: dough. */
  | { kind: 'recipe'; makes: number; ingredients: Ingredient[] }
  /** Cut as flat pieces from sheets or from a roll, in centimetres. */
  | {
      kind: 'pieces'
      width: number
      height: number
      from: string
      sheetWidth: number
      /** Of a sheet; 0 for a roll, which is as long as it has to be. */
      sheetHeight: number
      /** Whether the pieces are circles, as wide as they are high. */
      round?: boolean
      /** How much more is cut all round, to be turned in. */
      hem?: number
      /** Whether sizes were typed in inches, and are shown so. */
      inches?: boolean
    }
  /** Cut as lengths from sticks or balls, in centimetres. */
  | { kind: 'lengths'; length: number; from: string; stickLength: number }

/** One line of the kit list. */
export interface Material {
  id: string
  name: string
  amount: number
  /** "mL", "cm", "sheets"; empty for things that are simply counted. */
  unit: string
  per: MaterialRule
  /** A reused thing serves one group after another use; a used-up thing is gone after one use. */
  use: 'reused' | 'used-up'
  spare: { kind: 'percent' | 'number'; value: number }
  /** The level that it belongs to; null where every level needs it. */
  level: string | null
  place: MaterialPlace
  /** Null for what is taken as it is. */
  made: Making | null
}

/** Something to do before the lesson, as the teacher has put it down. */
export interface Preparing {
  id: string
  /** "freeze the ice". */
  what: string
  /** How many nights before the lesson it must be done, 0 on the day itself; or as `due` says. */
  nights: number
  /** What `nights` counts where it counts no nights: days with lessons, the weekday before (0 for Sunday), or every so many days of the test. */
  due?: 'school-days' | 'weekday' | 'every'
  /** Whether the test depends on how long it takes, so that it is never begun on another day without a word. */
  exact?: boolean
  /** How many further nights it keeps; null when as long as anyone wants. */
  keeps: number | null
}
