import type { Recording } from '../plan'
import { ways } from './registry'

type SavedFields = Record<string, unknown>

/**
 * A plan in today's format, whichever version saved it: a question that did not exist then gets the answer that the plan implied. Anything
 * that is not a plan, or is of a later format, is returned as it is, for the schema to say what is wrong with it.
 * @example upgradePlan({ title: 'Ball bounce' }) // { formatVersion: 7, title: 'Ball bounce', properties: [], … }
 */
export function upgradePlan(saved: unknown): unknown {
  if (!isFields(saved)) return saved
  const { formatVersion } = saved
  const isEarly = formatVersion === undefined || (typeof formatVersion === 'number' && formatVersion < 7)
  return isEarly ? fromBeforeRelease(saved) : saved
}

/** A plan saved before version 0.2.0, whose formats up to 7 only ever added to each other. */
function fromBeforeRelease({ aim, ...plan }: SavedFields): SavedFields {
  return {
    ...addedSince,
    // Before plans said what they compare, several levels were compared with each other.
    ...(Array.isArray(plan.levels) && plan.levels.length > 1 ? { comparison: 'levels' } : {}),
    ...plan,
    formatVersion: 7,
    recording: recordingNow(plan.recording ?? { kind: 'measure' }, aim),
    ideas: part(plan.ideas ?? { change: [], measure: [] }, ({ change, measure, ...others }) => ({
      ...others,
      change: each(change, withFormer),
      measure: each(measure, withFormer),
    })),
    ...changedNow(plan),
    keptSame: each(plan.keptSame, (same) => ({ was: null, ...withFormer(same) })),
    prediction: part(plan.prediction, (prediction) => ({ who: 'group', ...prediction })),
    materials: each(plan.materials, (line) => ({ level: null, place: 'tray', made: null, ...line })),
  }
}

/** Whole fields that earlier versions did not have. */
const addedSince = { properties: [], leftOut: [], preparing: [], expected: null, times: {} }

/** What is changed, and its levels; a card that was the thing changed before keeps both. */
const changedNow = (saved: SavedFields): SavedFields => ({
  changed: part(saved.changed, (changed) => ({ range: null, ...changed })),
  levels: each(saved.levels, (level) => ({ picture: null, ...level })),
})

const withFormer = (card: SavedFields): SavedFields =>
  isFields(card.was) ? { ...card, was: { ...card.was, ...changedNow(card.was) } } : card

/** Plans said twice that a design is improved in rounds, until the way of recording did. */
function recordingNow(saved: unknown, aim: unknown): unknown {
  const recording = isFields(saved)
    ? (ways.find((way) => way.kind === saved.kind)?.fromOld({ ...saved }) ?? saved)
    : saved
  const inRounds = isFields(recording) && recording.kind === 'rounds'
  if (aim === 'improve' && !inRounds) return { kind: 'rounds' } satisfies Recording
  if (aim === 'compare' && inRounds) return { kind: 'measure', was: 'rounds' } satisfies Recording
  return recording
}

const isFields = (value: unknown): value is SavedFields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

const part = (value: unknown, change: (saved: SavedFields) => SavedFields): unknown =>
  isFields(value) ? change(value) : value

const each = (value: unknown, change: (saved: SavedFields) => SavedFields): unknown =>
  Array.isArray(value) ? value.map((one: unknown) => part(one, change)) : value
