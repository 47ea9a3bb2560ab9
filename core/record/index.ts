export { setAsideReasons, slotKey, type Given, type Reading, type ReadingSource, type Slot } from './reading'
export { currentReadings, slotStates, type SlotState } from './currentReadings'
export { readingHistory, type HistoryEntry } from './history'
export { groupProgress, groupSlots, levelProgress, type GroupProgress } from './progress'
