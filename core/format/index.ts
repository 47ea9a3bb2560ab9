export { entriesCsv, entriesTable } from './entriesCsv'
export { entriesLimit, previewEntries, type EntriesPreview, type EntriesTarget } from './entriesFromCsv'
export {
  previewRoster,
  rosterLimit,
  type RosterContext,
  type RosterPreview,
  type RosterRow,
} from './rosterCsv'
export {
  investigationFormat,
  investigationLetters,
  investigationVersion,
  openInvestigation,
  picturesIn,
  withPictures,
  writeInvestigation,
  type InvestigationFile,
  type OpenedInvestigation,
} from './investigationFile'
export { observationsCsv, observationsTable } from './observationsCsv'
export { gridFromClipboard } from './gridPaste'
export { evidenceDocument, type EvidenceDocument } from './evidenceDocument'
export {
  previewSupplies,
  suppliesCsv,
  suppliesLimit,
  type SuppliesPreview,
  type SupplyRow,
} from './suppliesCsv'
export { readShopList, shopListCsv, type ShopListRead } from './shopListCsv'
export { readClosedDays, type ClosedDaysRead } from './closedDaysFile'
export { tasksCalendar, type CalendarEntry } from './tasksCalendar'
export type { WrittenTable } from './tableColumn'
export { decodeText, notText } from './decodeText'
