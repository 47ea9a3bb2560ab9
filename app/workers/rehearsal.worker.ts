import type { CupboardInstrument } from '#core/instrument'
import type { Expectation, Plan } from '#core/plan'
import type { FitsContext } from '#core/timetable'
import { seededRandom } from '#core/random'
import {
  firstPiece,
  neighbourGains,
  nextPiece,
  noRehearsal,
  rankNeighbours,
  rehearse,
  type RankedNeighbour,
  type Rehearsal,
} from '#core/rehearsal'

/** What a rehearsal is asked for. */
export interface RehearsalJob {
  plan: Plan
  expected: Expectation
  /** How many groups there are, and what time goes by. */
  time: FitsContext
  /** The instruments that may be taken instead. */
  cupboard: CupboardInstrument[]
}

/** A numbered job; without one, the running job is given up. */
export interface RehearsalOrder {
  number: number
  job: RehearsalJob | null
}

/** What the worker tells: counts as they grow, then the neighbours. */
export type RehearsalNews = { number: number } & (
  | { kind: 'progress'; rehearsal: Rehearsal; of: number }
  | { kind: 'neighbours'; neighbours: RankedNeighbour[] }
)

const classes = 10_000
const neighbourClasses = 2000
const seed = 20260301

let wanted = 0
const tell = (news: RehearsalNews) => postMessage(news)

/** Lets a newer order in between two pieces of work; timers would wait longer than the work takes. */
const door = new MessageChannel()
function turn(): Promise<void> {
  return new Promise((done) => {
    door.port1.onmessage = () => done()
    door.port2.postMessage(null)
  })
}

onmessage = async ({ data: { number, job } }: MessageEvent<RehearsalOrder>) => {
  wanted = number
  if (!job) return
  const { plan, expected, time, cupboard } = job
  const random = seededRandom(seed)
  let rehearsal = noRehearsal
  let piece = firstPiece
  while (rehearsal.classes < classes) {
    const next = Math.min(piece, classes - rehearsal.classes)
    const start = performance.now()
    rehearsal = rehearse(plan, expected, time.groups, next, random, rehearsal)
    piece = nextPiece(next, performance.now() - start)
    tell({ number, kind: 'progress', rehearsal, of: classes })
    await turn()
    if (wanted !== number) return
  }
  const gains: RankedNeighbour[] = []
  const source = () => seededRandom(seed)
  for (const gain of neighbourGains(plan, expected, time, rehearsal, neighbourClasses, source, cupboard)) {
    gains.push(gain)
    await turn()
    if (wanted !== number) return
  }
  tell({ number, kind: 'neighbours', neighbours: rankNeighbours(gains) })
}
