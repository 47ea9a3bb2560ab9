import { testersOf } from '../lesson'
import { entriesTable, observationsTable } from '../format'
import { dataPackage, type PackagedTable } from './dataPackage'
import { archiveFile, type ArchivedClass, type ArchivedTest, type LessonArchive } from './lessonArchive'

/**
 * The texts of an archive by their paths: the lesson itself, which is all that is read back, and tables of what was read and noticed with
 * their description, for other programs.
 * @example Object.keys(archiveTexts(archive)) // ['lesson.json', 'readings.csv', 'observations.csv', 'datapackage.json']
 */
export function archiveTexts(archive: LessonArchive): Record<string, string> {
  const tables = archive.tests.flatMap((test, place) => tablesOf(test, place, archive.class.groups))
  const { title, question } = archive.tests[0]?.plan ?? { title: '', question: '' }
  return {
    [archiveFile]: asJson(archive),
    ...Object.fromEntries(tables.map(({ path, csv }) => [path, csv])),
    'datapackage.json': asJson(dataPackage(title || question || 'Lesson', archive.writtenAt, tables)),
  }
}

const asJson = (value: unknown) => `${JSON.stringify(value, null, 2)}\n`

/** The tables of a test; those of a part carry its number. */
function tablesOf(
  { plan, entries, observations }: ArchivedTest,
  place: number,
  groups: ArchivedClass['groups'],
): PackagedTable[] {
  // Where the whole class tests together, its first group stands for it.
  const names = [...groups, ...testersOf(plan, groups)].map(({ id, name }) => [id, name] as const)
  const groupNames = Object.fromEntries(names)
  const [of, said] = place === 0 ? ['', ''] : [`-${place + 1}`, `, test ${place + 1}`]
  const named = (name: string, title: string) => ({
    name: `${name}${of}`,
    title: `${title}${said}`,
    path: `${name}${of}.csv`,
  })
  return [
    { ...named('readings', 'Readings'), ...entriesTable(plan, groupNames, entries) },
    { ...named('observations', 'What was noticed'), ...observationsTable(plan, groupNames, observations) },
  ]
}
