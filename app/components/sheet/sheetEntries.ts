import type { Component } from 'vue'
import type { Way } from '#core/recording'
import SheetPair from './SheetPair.vue'
import SheetPairsLine from './SheetPairsLine.vue'
import SheetRace from './SheetRace.vue'
import SheetReading from './SheetReading.vue'
import SheetWords from './SheetWords.vue'

/** The component for each kind of entry on a Sheet. */
export const sheetEntries: Record<Way['sheetEntry'], Component> = {
  reading: SheetReading,
  words: SheetWords,
  race: SheetRace,
  pair: SheetPair,
}

/** What a Sheet shows beside the readings once all tries are in, for kinds of entry that have something to show. */
export const sheetFindings: Partial<Record<Way['sheetEntry'], Component>> = { pair: SheetPairsLine }
