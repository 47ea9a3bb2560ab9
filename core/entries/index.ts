export {
  setAsideReasons,
  slotKey,
  type Entry,
  type EntryField,
  type EntrySource,
  type Given,
  type ReadWith,
  type Slot,
  isEntry,
} from './entry'
export { entryFromReading, isOldReading, type OldReading } from './oldReading'
export { hasSameValues } from './hasSameValues'
export { standingEntries, standingOf, type SlotState, type Standing } from './standing'
export { entryHistory, type HistoryStep } from './history'
