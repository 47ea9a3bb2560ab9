import type { PredictionAnswer } from '#core/conclusion'
import type { Note } from '#core/wonder'
import { isObject, keptVersion, readKept } from './readKept'

/** What somebody did that is on its way to the server; the newest of one key is the one that counts. */
export type Act = { lessonId: string } & (
  | { kind: 'prediction'; groupId: string; seat: number; answer: PredictionAnswer; because: string }
  | { kind: 'note'; note: Note }
  | { kind: 'note-removed'; note: Note }
)

/** An act with when it was done, and why it was refused if it was. */
export interface KeptAct {
  act: Act
  at: string
  message?: string
}

export type ActDrawer = 'waiting' | 'refused'

const prefix = 'jolly-beaker-act'

/** What an act is about: a later one about the same takes its place. */
export function keyOfAct(act: Act): string {
  return act.kind === 'prediction'
    ? `${act.lessonId}|prediction|${act.groupId}|${act.seat}`
    : `${act.lessonId}|note|${act.note.id}`
}

const keyIn = (drawer: ActDrawer, act: Act) => `${prefix}-${drawer}-${keyOfAct(act)}`

/** Acts kept in this browser until the server has them, each by itself; a full or forbidden store only costs the safety net. */
export const keptActs = {
  all(drawer: ActDrawer): KeptAct[] {
    return readKept(`${prefix}-${drawer}-`, understoodAct).sort((a, b) => a.at.localeCompare(b.at))
  },
  /** @returns whether this browser keeps it */
  put(drawer: ActDrawer, kept: KeptAct): boolean {
    try {
      localStorage.setItem(keyIn(drawer, kept.act), JSON.stringify({ version: keptVersion, ...kept }))
      return true
    } catch (error) {
      console.error('This browser keeps no copy of what was not sent:', error)
      return false
    }
  },
  /** Whether an act is still the one that is kept; another tab may have sent it, or done something newer. */
  isNewest(drawer: ActDrawer, { act, at }: KeptAct): boolean {
    const text = localStorage.getItem(keyIn(drawer, act))
    return text !== null && (JSON.parse(text) as KeptAct).at === at
  },
  remove(drawer: ActDrawer, act: Act): void {
    localStorage.removeItem(keyIn(drawer, act))
  },
}

function understoodAct(kept: unknown): KeptAct | null {
  if (!isObject(kept) || typeof kept.at !== 'string' || !isAct(kept.act)) return null
  const { act, at, message } = kept
  return { act, at, ...(typeof message === 'string' ? { message } : {}) }
}

function isAct(act: unknown): act is Act {
  if (!isObject(act) || typeof act.lessonId !== 'string') return false
  if (act.kind === 'prediction')
    return (
      typeof act.groupId === 'string' &&
      typeof act.seat === 'number' &&
      typeof act.because === 'string' &&
      isObject(act.answer)
    )
  return (
    (act.kind === 'note' || act.kind === 'note-removed') &&
    isObject(act.note) &&
    [act.note.id, act.note.kind, act.note.text].every((one) => typeof one === 'string')
  )
}
