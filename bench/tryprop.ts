import fc from 'fast-check'
import { judgeKinds, tableOf, type Judging } from '../core/evidence'
const numbers: Judging = { scale: 'number', best: 'most', worth: { least: 1, share: 0 } }
const table = fc.array(fc.array(fc.array(fc.integer({ min: 0, max: 30 }), { minLength: 2, maxLength: 3 }), { minLength: 3, maxLength: 3 }), { minLength: 2, maxLength: 6 })
const rank: Record<string, number> = { clear: 2, leaning: 1, 'cant-tell': 0, 'no-difference': 0 }
const showing = (order: number[], tries: number) => { const cells: number[][] = []; order.forEach((l, p) => (cells[l] = Array.from({ length: tries }, (_, t) => 100 * p + t))); return cells }
let n = 0, bad = 0
for (const all of fc.sample(table, { numRuns: 20000, seed: 5 })) {
  const tries = all[0]![0]!.length
  const b = judgeKinds(tableOf(all, 'median'), numbers); if (b.verdict.because === 'level-at-top') continue
  n++
  const t2 = tableOf([...all, showing([...b.ranking.order].reverse(), tries)], 'median')
  const a = judgeKinds(t2, numbers)
  if (rank[a.verdict.word]! < rank[b.verdict.word]!) { bad++; if (bad < 6) console.log(JSON.stringify(all), 'order', b.ranking.order, b.verdict, b.ranking.gaps[0], '->', a.ranking.order, a.verdict, a.ranking.gaps[0]) }
}
console.log(n, bad)
