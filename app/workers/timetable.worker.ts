import { defined } from '#core/defined'
import type { Plan } from '#core/plan'
import { seededRandom } from '#core/random'
import { rehearse } from '#core/rehearsal'
import {
  checkFits,
  findWaysToFit,
  rankWaysToFit,
  type FitsCheck,
  type FitsContext,
  type WayToFit,
} from '#core/timetable'

/** What is to be worked out. */
export interface TimetableJob {
  plan: Plan
  context: FitsContext
  /** Whether it is known what to expect, so that it can be said what a way to fit would show less. */
  rehearsed: boolean
}

export interface TimetableOrder {
  number: number
  job: TimetableJob
}

/** What the worker tells: whether it fits, then what would make it fit, then what each of those would show. */
export type TimetableNews = { number: number } & (
  | { kind: 'fits'; fits: FitsCheck }
  | { kind: 'ways'; ways: WayToFit[] }
  /** The share of classes that see the answer, less that of the plan as it is. */
  | { kind: 'shows'; id: string; change: number }
)

const classes = 600
const seed = 20260301

let wanted = 0
const tell = (news: TimetableNews) => postMessage(news)

/** Lets a newer order in between two pieces of work. */
const door = new MessageChannel()
function turn(): Promise<void> {
  return new Promise((done) => {
    door.port1.onmessage = () => done()
    door.port2.postMessage(null)
  })
}

onmessage = async ({ data: { number, job } }: MessageEvent<TimetableOrder>) => {
  wanted = number
  const { plan, context, rehearsed } = job
  tell({ number, kind: 'fits', fits: checkFits(plan, context) })
  await turn()
  if (wanted !== number) return
  const found: WayToFit[] = []
  for (const way of findWaysToFit(plan, context)) {
    found.push(way)
    await turn()
    if (wanted !== number) return
  }
  const ways = rankWaysToFit(found)
  tell({ number, kind: 'ways', ways })
  if (!rehearsed) return
  const share = (other: Plan) =>
    rehearse(other, defined(other.expected), context.groups, classes, seededRandom(seed)).right / classes
  let now: number | null = null
  for (const way of ways) {
    await turn()
    if (wanted !== number) return
    now ??= share(plan)
    tell({ number, kind: 'shows', id: way.id, change: share({ ...plan, ...way.changes }) - now })
  }
}
