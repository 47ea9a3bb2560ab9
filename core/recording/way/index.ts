import type { RecordingKind } from '../../plan'
import type { WayEntry } from './entry'
import type { WayPlanning } from './planning'
import type { WayResults } from './results'
import type { WayScoring } from './scoring'
import type { WaySlots } from './slots'
import type { WayTable } from './table'
import type { WayWords } from './words'

/** Everything that one way of recording is. Nothing outside of its own folder tells the ways apart. */
export interface Way extends WayWords, WayPlanning, WaySlots, WayEntry, WayTable, WayScoring, WayResults {
  kind: RecordingKind
}

export type { WayOption } from './planning'
export type { FieldDefinition, FieldChoice, Understood } from './entry'
export type { Column, PaperTable } from './table'
export type { Working, Arithmetic, ReadRow, Sides } from './scoring'
export type { Doubt } from './results'
export type { Picture, Curve, CurvePoint, Tiles, Step, RoundSteps } from './picture'
