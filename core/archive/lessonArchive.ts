import type { AgeBand, EmblemId, Vocabulary } from '../class'
import type { Conclusion, Prediction } from '../conclusion'
import type { Entry } from '../entries'
import type { Observation } from '../observation'
import type { Stage } from '../lesson'
import { planFormat, type Plan } from '../plan'
import type { ClassClock } from '../timetable'
import type { Review } from '../review'
import type { Note, Stimulus } from '../wonder'

/** Marks a JSON file as a whole lesson of ours. */
export const archiveFormat = 'jolly-beaker-lesson'

/** The version of the lesson's own part that this program writes; its plans go by `planFormat`. */
export const archiveVersion = 2

/** The name of the file in an archive that holds the lesson itself. */
export const archiveFile = 'lesson.json'

/** One test with all that was recorded: the lesson of a whole class, or a part of it. */
export interface ArchivedTest {
  id: string
  date: string
  stage: Stage
  finishedAt: string | null
  /** The groups that take part; null for the whole class. */
  groupIds: string[] | null
  stimulus: Stimulus
  notes: Note[]
  plan: Plan
  conclusion: Conclusion
  predictions: Prediction[]
  entries: Entry[]
  observations: Observation[]
  /** What groups left with each other; none in a file of version 1. */
  reviews: Review[]
  /** How its time went; null while it goes on, or where there was no clock. */
  clock: ClassClock | null
  /** Children who were absent, by id; empty where the archive has no children. */
  absent: string[]
}

/** The class of an archived lesson, without anybody's allergies. */
export interface ArchivedClass {
  id: string
  name: string
  ageBand: AgeBand
  vocabulary: Vocabulary
  groups: { id: string; name: string; emblem: EmblemId }[]
  /** Empty where the archive was made without first names. */
  pupils: { id: string; name: string; groupId: string | null }[]
}

/**
 * A whole lesson as a file. What is the school's own business stays behind: who checked the risk assessment, what was packed and counted,
 * and who may see the class.
 */
export interface LessonArchive {
  format: typeof archiveFormat
  version: number
  planVersion: number
  /** ISO 8601. */
  writtenAt: string
  class: ArchivedClass
  /** The whole lesson first, then its parts. */
  tests: ArchivedTest[]
  /** The kind of each picture that anything names, by identifier; their bytes lie beside this file. */
  pictures: Record<string, PictureKind>
}

/** What a picture of an archive is saved as. */
export type PictureKind = 'jpg' | 'png' | 'webp'

/**
 * Where a picture lies in an archive.
 * @example picturePath('a1', 'png') // 'pictures/a1.png'
 */
export const picturePath = (id: string, kind: PictureKind): string => `pictures/${id}.${kind}`

/**
 * An archive without the children: their first names and who was absent. What somebody wrote into notes or reasons stays as it is.
 * @example withoutChildren(archive).class.pupils // []
 */
export const withoutChildren = (archive: LessonArchive): LessonArchive => ({
  ...archive,
  class: { ...archive.class, pupils: [] },
  tests: archive.tests.map((test) => ({ ...test, absent: [] })),
})

/** What a text turned out to be: a lesson whose inside is still to be checked, or why not. */
export type OpenedArchive = { ok: true; archive: unknown } | { ok: false; message: string }

/**
 * Opens the text of an archived lesson. What is inside is still to be checked against its schema.
 * @returns a message that says what to do when the text is no such file or was written by a newer program
 * @example openArchiveText('{"format":"something else"}') // { ok: false, message: 'This isn’t a lesson file. …' }
 */
export function openArchiveText(text: string): OpenedArchive {
  let read: Partial<LessonArchive> | null
  try {
    read = JSON.parse(text.replace(/^\uFEFF/, '')) as Partial<LessonArchive> | null
  } catch {
    return { ok: false, message: 'This lesson file is damaged. Save it again where it came from.' }
  }
  if (typeof read !== 'object' || read === null || read.format !== archiveFormat)
    return {
      ok: false,
      message: 'This isn’t a lesson file. Choose one that was saved with “The whole lesson” here.',
    }
  const newer = [
    [read.version, archiveVersion],
    [read.planVersion, planFormat],
  ] as const
  if (newer.some(([written]) => !Number.isInteger(written) || Number(written) < 1))
    return {
      ok: false,
      message: 'This lesson file doesn’t say its version. Save it again where it came from.',
    }
  if (newer.some(([written, known]) => Number(written) > known))
    return {
      ok: false,
      message: 'This lesson was saved by a newer Jolly Beaker. Update this one to open it.',
    }
  return { ok: true, archive: read }
}
