import { spawnSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { median } from 'simple-statistics'
import type { Figure } from '../figure'

const script = fileURLToPath(new URL('./oneJudgement.ts', import.meta.url))
const designs: [groups: number, levels: number, tries: number][] = [
  [12, 12, 10],
  [12, 12, 3],
  [12, 12, 1],
  [1, 12, 10],
  [12, 2, 10],
  [12, 9, 3],
  [12, 4, 10],
]

/** How much longer the longest judgement takes than that of 6x4x3, each in a new process. */
export function blowUp(): Figure[] {
  const usual = median(Array.from({ length: 7 }, () => judged([6, 4, 3], 'numbers', 3).cold))
  let [longest, longestAgain] = [
    { ms: 0, name: '' },
    { ms: 0, name: '' },
  ]
  for (const design of designs)
    for (const asked of ['numbers', 'kinds'])
      for (const marks of [3, 0.7]) {
        const runs = Array.from({ length: 3 }, () => judged(design, asked, marks))
        const name = `${design.join('x')}, ${asked}${marks < 1 ? ', many ties' : ''}`
        const [cold, again] = [median(runs.map((run) => run.cold)), median(runs.map((run) => run.again))]
        if (cold > longest.ms) longest = { ms: cold, name }
        if (again > longestAgain.ms) longestAgain = { ms: again, name }
      }
  return [
    {
      name: 'the longest judgement / 6x4x3 cold',
      value: longest.ms / usual,
      unit: 'x',
      goal: { most: 20 },
      note: `${longest.name}: ${longest.ms.toFixed(0)} ms and ${usual.toFixed(1)} ms`,
    },
    {
      name: 'a repeat with one changed reading / 6x4x3 cold',
      value: longestAgain.ms / usual,
      unit: 'x',
      goal: { most: 5 },
      note: `${longestAgain.name}: ${longestAgain.ms.toFixed(0)} ms`,
    },
  ]
}

function judged(design: readonly number[], asked: string, marks: number): { cold: number; again: number } {
  const { stdout, status, stderr } = spawnSync(
    process.execPath,
    [...process.execArgv, script, ...design.map(String), asked, String(marks)],
    { encoding: 'utf8' },
  )
  if (status !== 0) throw new Error(`a judgement failed: ${stderr}`)
  return JSON.parse(stdout) as { cold: number; again: number }
}
