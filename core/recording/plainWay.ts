import { levelName, type Plan, type Recording } from '../plan'
import type { Unit } from '../quantity'
import type { Entry, Slot } from '../entries'
import { sideSaid } from '../words'
import type { Forgotten } from './forgotten'
import { numberOf } from './numberOf'
import type { Sides, Way } from './way'

/** What most ways of recording share, whatever they take: it is kept here once. */
export const plainWay = {
  planAt: (plan: Plan, _moment: string): Plan => plan,

  quantities: (plan: Plan): Plan[] => [plan],

  fromOld: (_told: Record<string, unknown>): Recording | null => null,

  improves: false,

  sheetEntry: 'reading' as const,

  keepsFormer: false,

  suitsUnit: null as ((unit: Unit) => boolean) | null,

  onlyUnit: null,

  onceIsEnough: false,

  tryWord: ['try', 'tries'] as const,

  unrehearsed: null,

  oftenForgotten: [] as readonly Forgotten[],

  layout: () => 'levels-across' as const,

  askedSlots: null,

  readMinutes: (_plan: Plan): number[] | null => null,

  runsBefore: (_plan: Plan, _moment: string): boolean => true,

  /** "20 cm, try 2, before" */
  slotName: (plan: Plan, { levelId, tryNumber, moment }: Slot): string =>
    [
      ...(levelId === null ? [] : [levelSaid(plan, levelId)]),
      `try ${tryNumber}`,
      ...(moment === '' ? [] : [moment]),
    ].join(', '),

  onlyTry: null as string | null,

  momentSaid: (_plan: Plan, moment: string): string => moment,

  momentPhrase: (_plan: Plan, moment: string): string => sideSaid('itself', moment),

  netReading: (plan: Plan, _counted: readonly Entry[], entry: Entry): number | null => numberOf(plan, entry),

  levelsOfSlot: (_plan: Plan, { levelId }: Slot, _groupIndex: number): string[] =>
    levelId === null ? [] : [levelId],

  levelsOfEntry: ({ levelId }: Pick<Entry, 'levelId'>): string[] => (levelId === null ? [] : [levelId]),

  paper: null,

  canonicalSlot: (_plan: Plan, slot: Slot): Slot => slot,

  isInRow: (slot: Slot, entry: Entry): boolean => entry.levelId === slot.levelId,

  momentsDue: (): string[] | null => null,

  optionalMoments: (_plan: Plan): string[] => [],

  extraFields: [] as readonly string[],

  alsoSpoilt: (): Entry[] => [],

  readingsPerScore: (): number => 1,

  comparable: () => [],

  scoredByEntries: (_plan: Plan): boolean => false,

  scored: (plan: Plan, _counted: readonly Entry[]): Plan => plan,

  seconds: (_plan: Plan): number | null => null,

  arithmetic: null,

  sides: null as Sides | null,

  picture: null,

  detail: (): string | null => null,

  doubts: () => [],

  soFar: () => null,
} satisfies Partial<Way>

/**
 * What a level is called, also where the plan has it no longer.
 * @example levelSaid(plan, 'h20') // '20 cm'
 */
export function levelSaid(plan: Pick<Plan, 'changed' | 'levels'>, levelId: string): string {
  const level = plan.levels.find((one) => one.id === levelId)
  return level ? levelName(plan, level) : 'a level no longer in the plan'
}
