import type { VirtualDesign } from './virtualTable'

/** A design in which nothing, or not everything, differs, and how its classes are asked. */
export interface NullDesign extends VirtualDesign {
  name: string
  asked: 'numbers' | 'kinds'
}

/** Groups, levels and tries from the smallest to the largest that a class may have. */
const sizes: [groups: number, levels: number, tries: number][] = [
  [1, 4, 3],
  [1, 6, 1],
  [1, 2, 4],
  [2, 2, 6],
  [3, 2, 6],
  [4, 2, 6],
  [2, 4, 3],
  [2, 2, 3],
  [2, 3, 3],
  [3, 3, 3],
  [3, 4, 2],
  [4, 3, 1],
  [4, 4, 3],
  [5, 4, 2],
  [6, 2, 1],
  [6, 4, 1],
  [6, 4, 3],
  [8, 5, 3],
  [12, 3, 2],
  [12, 4, 3],
  [6, 8, 2],
  [4, 12, 3],
  [12, 12, 2],
  [4, 3, 6],
  [3, 4, 10],
]
const variants: [name: string, changes: Partial<VirtualDesign>][] = [
  ['coarse marks', { marks: 0.5 }],
  ['heavy tails', { tails: 'heavy' }],
  ['slips of x10', { slip: 0.03 }],
  ['groups far apart', { offset: 4 }],
  ['means with slips', { summary: 'mean', slip: 0.03 }],
]
const variedSizes: [number, number, number][] = [
  [3, 3, 3],
  [6, 4, 3],
]
/** Some levels tied and others not, from the first on; the first ones are tied at the top. */
const partial: [groups: number, tries: number, effects: number[]][] = [
  [3, 3, [0, 0, -6]],
  [6, 3, [0, 0, -6]],
  [12, 2, [0, 0, -6]],
  [6, 3, [0, 0, 0, -4]],
  [6, 3, [0, 0, -2, -4]],
  [6, 1, [0, 0, -6, -6]],
  [8, 3, [0, 0, -1, -2, -3]],
]
/** Levels shared out: each group tests two of four, or half of six. */
const pairsOfFour = [
  [0, 1],
  [0, 2],
  [0, 3],
  [1, 2],
  [1, 3],
  [2, 3],
]
/** Six groups with two of four levels each, going round. */
export const neighboursOfFour = [
  [0, 1],
  [1, 2],
  [2, 3],
  [0, 3],
  [0, 1],
  [1, 2],
]
const shared: [name: string, tests: (group: number) => number[], levels: number, effects?: number[]][] = [
  ['pairs of four', (group) => pairsOfFour[group]!, 4],
  ['neighbours of four', (group) => neighboursOfFour[group]!, 4],
  ['pairs of four', (group) => pairsOfFour[group]!, 4, [0, 0, -2, -3]],
  ['neighbours of four', (group) => neighboursOfFour[group]!, 4, [0, 0, -4, -4]],
  ['half of six', (group) => [0, 1, 2].map((place) => (place + group) % 6).sort(), 6],
]

const title = (design: VirtualDesign) => `${design.groups}x${design.levels}x${design.tries}`

/** Every null of the grid. */
export function nullDesigns(): NullDesign[] {
  const of = ([groups, levels, tries]: [number, number, number], more: Partial<VirtualDesign> = {}) => ({
    groups,
    levels,
    tries,
    ...more,
  })
  const both = (design: VirtualDesign, name: string): NullDesign[] =>
    (['numbers', 'kinds'] as const).map((asked) => ({
      ...design,
      asked,
      name: `${title(design)} ${name}`.trim(),
    }))
  return [
    ...sizes.flatMap((size) => both(of(size), '')),
    ...variants.flatMap(([name, changes]) => variedSizes.flatMap((size) => both(of(size, changes), name))),
    ...partial.map(([groups, tries, effects]): NullDesign => {
      const design = { groups, tries, effects, levels: effects.length }
      return { ...design, asked: 'kinds', name: `${title(design)} effects ${effects.join(' ')}` }
    }),
    ...shared.flatMap(([name, tests, levels, effects]) => {
      const design = { groups: 6, levels, tries: 3, tests, ...(effects ? { effects } : {}) }
      const named = `6 groups, ${name}${effects ? ` effects ${effects.join(' ')}` : ''}`
      return effects
        ? [{ ...design, asked: 'kinds' as const, name: named }]
        : (['numbers', 'kinds'] as const).map((asked) => ({ ...design, asked, name: named }))
    }),
  ]
}
