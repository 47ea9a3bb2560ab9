import { withPictures } from '../format'
import type { LessonArchive } from './lessonArchive'

/** Identifiers of the archive that stand for something, each once. */
function idsOf(archive: LessonArchive): string[] {
  const { class: own, tests, pictures } = archive
  return [
    own.id,
    ...own.groups.map(({ id }) => id),
    ...own.pupils.map(({ id }) => id),
    ...tests.flatMap(({ id, notes, entries, observations }) => [
      id,
      ...[...notes, ...entries, ...observations].map((one) => one.id),
    ]),
    ...Object.keys(pictures),
  ]
}

/**
 * An archive under identifiers of its own, so that it can stand beside the lesson that it was made from. What it names without holding it
 * (an entry that supersedes one that was never sent) goes by a new identifier too; pictures that it has no file of are left out.
 * @param fresh the identifier that stands for an old one
 * @example withFreshIds(archive, (id) => `${id}-2`).tests[0].id // 'lesson-2'
 */
export function withFreshIds(archive: LessonArchive, fresh: (id: string) => string): LessonArchive {
  const renamed = new Map(idsOf(archive).map((id) => [id, fresh(id)]))
  const to = (id: string) => renamed.get(id) ?? fresh(id)
  const toPicture = (id: string | null) => (id !== null && id in archive.pictures ? to(id) : null)
  const toIfAny = (id: string | null) => (id === null ? null : to(id))
  const pictures = new Map(Object.keys(archive.pictures).map((id) => [id, to(id)]))
  return {
    ...archive,
    class: {
      ...archive.class,
      id: to(archive.class.id),
      groups: archive.class.groups.map((group) => ({ ...group, id: to(group.id) })),
      pupils: archive.class.pupils.map((pupil) => ({
        ...pupil,
        id: to(pupil.id),
        groupId: toIfAny(pupil.groupId),
      })),
    },
    tests: archive.tests.map((test) => ({
      ...test,
      id: to(test.id),
      groupIds: test.groupIds?.map(to) ?? null,
      stimulus: { ...test.stimulus, picture: toPicture(test.stimulus.picture) },
      notes: test.notes.map((note) => ({ ...note, id: to(note.id) })),
      plan: withPictures(test.plan, pictures),
      predictions: test.predictions.map((one) => ({ ...one, groupId: to(one.groupId) })),
      entries: test.entries.map((entry) => ({
        ...entry,
        id: to(entry.id),
        groupId: to(entry.groupId),
        supersedes: toIfAny(entry.supersedes),
      })),
      observations: test.observations.map((one) => {
        const picture = toPicture(one.picture)
        return {
          ...one,
          id: to(one.id),
          groupId: toIfAny(one.groupId),
          picture,
          pictureDeleted: one.pictureDeleted || (one.picture !== null && picture === null),
        }
      }),
      reviews: test.reviews.map((one) => ({
        ...one,
        byGroupId: to(one.byGroupId),
        ofGroupId: to(one.ofGroupId),
      })),
      absent: test.absent.map((member) => member.replace(/^[^#]+/, to)),
    })),
    pictures: Object.fromEntries(Object.entries(archive.pictures).map(([id, kind]) => [to(id), kind])),
  }
}
