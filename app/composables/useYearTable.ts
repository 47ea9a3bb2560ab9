import { computed, type Ref } from 'vue'
import { yearRows, type YearRow } from '#core/logbook'
import type { YearLessonDto, YearsDto } from '#shared/types/year'

/** A row of the table with what stands under each class. */
export interface YearLine extends YearRow {
  cells: { classId: string; lessons: YearLessonDto[] }[]
}

/** What the classes met in one school year, as a table: a row for each skill, way of recording and instrument, a column for each class. */
export function useYearTable(years: Ref<YearsDto | null>, chosen: Ref<string | null>) {
  const names = computed(() =>
    [...new Set(years.value?.lessons.map(({ year }) => year) ?? [])].sort().reverse(),
  )
  /** This year first; before its first lesson, the newest there is. */
  const usual = computed(
    () => names.value.find((one) => one === years.value?.thisYear) ?? names.value[0] ?? null,
  )
  const year = computed(() => chosen.value ?? usual.value)
  const lessons = computed(() => years.value?.lessons.filter((lesson) => lesson.year === year.value) ?? [])
  const classes = computed(
    () => years.value?.classes.filter(({ id }) => lessons.value.some(({ classId }) => classId === id)) ?? [],
  )
  const lines = computed<YearLine[]>(() =>
    yearRows(lessons.value.flatMap(({ met }) => met)).map((row) => ({
      ...row,
      cells: classes.value.map(({ id: classId }) => ({
        classId,
        lessons: lessons.value.filter((one) => one.classId === classId && one.met.includes(row.id)),
      })),
    })),
  )
  return { names, year, lessons, classes, lines }
}
