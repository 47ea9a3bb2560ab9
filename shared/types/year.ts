/** A lesson that was tested, as the year's table shows it. */
export interface YearLessonDto {
  id: string
  classId: string
  title: string
  date: string
  /** The school year that it belongs to: "2026/27". */
  year: string
  /** The ids of the rows that it stands in. */
  met: string[]
}

/** What classes have met, year by year. */
export interface YearsDto {
  /** Whether these are all classes of the school, or those of one teacher. */
  isWholeSchool: boolean
  /** The school year of today. */
  thisYear: string
  classes: { id: string; name: string }[]
  lessons: YearLessonDto[]
}
