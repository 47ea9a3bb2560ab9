import type { Component } from 'vue'
import type { RecordingKind } from '#core/plan'
import { laterComponent } from '../../loading/later'
import SheetReading from './SheetReading.vue'

const SheetPair = laterComponent(() => import('./SheetPair.vue'))
const SheetRace = laterComponent(() => import('./SheetRace.vue'))
const SheetWords = laterComponent(() => import('./SheetWords.vue'))

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
