/** What restoring an archived lesson would do. */
export interface ArchivePreviewDto {
  title: string
  date: string
  className: string
  /** The class that it came from is not here, so that it comes along. */
  isNewClass: boolean
  /** How many children it names. */
  children: number
  /** The lesson and its parts. */
  tests: number
  readings: number
  noticed: number
  pictures: number
  /** The lesson that it was made from is in the logbook. */
  isHere: boolean
}
