import type { Instrument } from '../instrument'
import type { Plan } from '../plan'
import type { Entry } from '../entries'
import { readWithOf } from '../recording'
import { entry } from './exampleEntries'
import { kindsPlan } from './examplePlan'

const balance: Instrument = {
  name: 'balance',
  unit: 'g',
  smallestMark: 1,
  numberedEvery: 100,
  least: 0,
  greatest: 2000,
  secondsPerReading: 15,
}
const cylinder: Instrument = { ...balance, name: 'measuring cylinder', unit: 'mL', greatest: 500 }
const ruler: Instrument = { ...balance, name: 'ruler', unit: 'mm', greatest: 300 }
const mass = { name: 'mass', unit: 'g', instrument: balance } as const
const volume = { name: 'volume', unit: 'mL', instrument: cylinder } as const

/** Dough that is weighed as a lump and in another shape. */
export const dough = (levels: string[] = ['dough'], changes: Partial<Plan> = {}): Plan =>
  kindsPlan(levels, {
    comparison: 'itself',
    tries: 2,
    measured: mass,
    recording: {
      ...{ kind: 'before-after', moments: ['before', 'after'], stand: 'in-turn' },
      ...{ container: 'none', change: 'lost', compare: 'amount' },
    },
    ...changes,
  })

/** Rice and peas that are poured together, read in mL and in g. */
export const poured = (levels: string[] = ['rice and peas'], changes: Partial<Plan> = {}): Plan =>
  kindsPlan(levels, {
    comparison: 'parts',
    tries: 2,
    measured: volume,
    recording: {
      ...{ kind: 'parts-whole', parts: ['rice', 'peas'], second: mass },
      ...{ container: 'none', change: 'lost', compare: 'amount' },
    },
    ...changes,
  })

/** One tray of sprouts that is read at two places, for two days. */
export const tray = (levels: string[] = ['tray'], changes: Partial<Plan> = {}): Plan =>
  kindsPlan(levels, {
    comparison: 'places',
    tries: 1,
    measured: { name: 'height', unit: 'mm', instrument: ruler },
    recording: { kind: 'daily', days: 2, score: 'end', positions: ['window side', 'door side'] },
    ...changes,
  })

/** What groups read, try by try, at each moment: `read(plan, { leaf: { dough: [{ before: 200, after: 199 }] } })`. */
export const read = (plan: Plan, table: Record<string, Record<string, Record<string, number>[]>>): Entry[] =>
  Object.entries(table).flatMap(([groupId, levels]) =>
    Object.entries(levels).flatMap(([levelId, tries]) =>
      tries.flatMap((moments, index) =>
        Object.entries(moments).map(([moment, value]) =>
          entry({
            ...{ groupId, levelId, tryNumber: index + 1, moment, value },
            readWith: readWithOf(plan, moment),
          }),
        ),
      ),
    ),
  )
