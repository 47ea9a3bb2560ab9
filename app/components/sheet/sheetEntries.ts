import type { Component } from 'vue'
import type { RecordingKind } from '#core/plan'
import SheetPair from './SheetPair.vue'
import SheetPairsLine from './SheetPairsLine.vue'
import SheetRace from './SheetRace.vue'
import SheetReading from './SheetReading.vue'
import SheetWords from './SheetWords.vue'

/** What a Sheet asks with in each way of recording: a number typed, or an answer pressed. */
export const sheetEntries: Record<RecordingKind, Component> = {
  measure: SheetReading,
  count: SheetReading,
  'before-after': SheetReading,
  'parts-whole': SheetReading,
  intervals: SheetReading,
  daily: SheetReading,
  'word-scale': SheetWords,
  race: SheetRace,
  pairs: SheetPair,
  rounds: SheetReading,
}

/** What a Sheet shows of all tries besides the readings, in ways that have something of their own to show. */
export const sheetFindings: Partial<Record<RecordingKind, Component>> = { pairs: SheetPairsLine }
