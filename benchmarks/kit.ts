import { median } from 'simple-statistics'
import { guillotine, kitAmounts, rowsAndColumns } from '../core/kit'
import { instrumentCupboard } from '../core/instrument'
import { planLimits } from '../core/plan'
import { checkSafe } from '../core/safety'
import { examplePlan, material, numberLevel } from '../core/testing/examplePlan'
import type { Figure } from './figure'

const rounds = 5
/** Sheets that give some 500 pieces, with sides that divide well and badly. */
const sheets: [piece: [number, number], sheet: [number, number]][] = [
  [
    [2.6, 3.7],
    [60, 84],
  ],
  [
    [3.3, 4.1],
    [100, 70],
  ],
  [
    [4.13, 2.87],
    [84.1, 70],
  ],
  [
    [7.3, 4.9],
    [46, 400],
  ],
]

/** How long 500 pieces take to lay out, and how much more they give than rows and columns; the largest kit and its cautions. */
export async function kit(): Promise<Figure[]> {
  const times: number[] = []
  const gains: number[] = []
  for (const [[width, height], [sheetWidth, sheetHeight]] of sheets) {
    const [piece, sheet] = [
      { width, height },
      { width: sheetWidth, height: sheetHeight },
    ]
    times.push(timed(() => guillotine(piece, sheet)))
    gains.push(guillotine(piece, sheet).length / rowsAndColumns(piece, sheet))
  }
  return [
    {
      name: '500 pieces on a sheet, the slowest',
      value: Math.max(...times),
      unit: 'ms',
      goal: { most: 1000 },
    },
    {
      name: 'pieces against rows and columns, the least',
      value: Math.min(...gains),
      unit: 'x',
      goal: { least: 1 },
    },
    { name: 'pieces against rows and columns, the most', value: Math.max(...gains), unit: 'x', goal: null },
    { name: 'the largest kit with its cautions', value: timed(largest), unit: 'ms', goal: { most: 100 } },
  ]
}

function timed(act: () => unknown): number {
  return median(
    Array.from({ length: rounds }, () => {
      const start = performance.now()
      act()
      return performance.now() - start
    }),
  )
}

function largest() {
  const plan = examplePlan({
    levels: Array.from({ length: planLimits.levels }, (_, index) => numberLevel(index)),
    tries: planLimits.tries,
    materials: Array.from({ length: planLimits.materials }, (_, index) =>
      material({ id: `m${index}`, name: `glass jar with hot water number ${index}`, per: 'level-try' }),
    ),
    steps: Array.from({ length: planLimits.steps }, () =>
      'Pour the hot water slowly from the jug into every jar. '.repeat(4),
    ),
  })
  const lines = kitAmounts(plan, { groups: 12, children: 60, cupboard: instrumentCupboard })
  return checkSafe(plan, { age: '7-9', lines, allergies: [], supplies: [] })
}
