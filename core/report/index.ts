export { asHtml } from './asHtml'
export { asMarkdown } from './asMarkdown'
export { arranged, paperParts, papers, type Arrangement } from './papers'
export {
  everythingShown,
  type OwnRecord,
  type PaperChoices,
  type PaperKind,
  type PaperTable,
  type PartBody,
  type PartId,
  type ReportFacts,
  type ReportPart,
  type SeenThing,
} from './part'
export { ownRecord } from './ownRecord'
export { readingTables } from './readingTables'
export { besideOneAnother, sheetColumns, type SheetColumn } from './sheetColumns'
export { reportFacts, type ReportedLesson } from './reportFacts'
export { predictionSaid } from './predictionSaid'
