export { readingsCsv } from './readingsCsv'
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
export { gridFromClipboard } from './gridPaste'
export { evidenceDocument, type EvidenceDocument } from './evidenceDocument'
