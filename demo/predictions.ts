import type { SidePrediction } from '#core/conclusion'

export const more = (groupIndex: number, because: string) => ({
  groupIndex,
  because,
  answer: { format: 'direction' as const, direction: 'more' as const },
})
export const choice = (groupIndex: number, levelId: string, because: string) => ({
  groupIndex,
  because,
  answer: { format: 'choice' as const, levelId },
})

export const washers = (groupIndex: number, value: number, because: string) => ({
  groupIndex,
  because,
  answer: { format: 'number' as const, levelId: 'r3', value },
})

type Direction = SidePrediction['direction']
const sides = (groupIndex: number, because: string, sides: SidePrediction[]) => ({
  groupIndex,
  because,
  answer: { format: 'sides' as const, sides },
})

/** What the dough weighs in another shape, and as a lump again. */
export const shaped = (groupIndex: number, changed: Direction, again: Direction, because: string) =>
  sides(groupIndex, because, [
    { quantity: 0, levelId: null, sideId: 'side-2', direction: changed },
    { quantity: 0, levelId: null, sideId: 'side-3', direction: again },
  ])

/** What sprouts at the door side are beside those at the window side. */
export const beside = (groupIndex: number, direction: Direction, because: string) =>
  sides(groupIndex, because, [{ quantity: 0, levelId: null, sideId: 'side-2', direction }])

export const held = (groupIndex: number, value: number, because: string) => ({
  groupIndex,
  because,
  answer: { format: 'number' as const, levelId: 'l0', value },
})

/** How much rice and peas fill together, and what they weigh; the others stay as they are. */
export const poured = (groupIndex: number, volume: Direction, mass: Direction, because: string) =>
  sides(
    groupIndex,
    because,
    ['rice-rice', 'peas-peas', 'rice-peas'].flatMap((levelId) => {
      const isMixed = levelId === 'rice-peas'
      return [
        { quantity: 0, levelId, sideId: 'side-2', direction: isMixed ? volume : 'same' },
        { quantity: 1, levelId, sideId: 'side-2', direction: isMixed ? mass : 'same' },
      ] satisfies SidePrediction[]
    }),
  )

export const jacketOrder = (groupIndex: number, because: string) => ({
  groupIndex,
  because,
  answer: { format: 'order' as const, levelIds: ['wrap', 'wool', 'paper', 'none'] },
})
