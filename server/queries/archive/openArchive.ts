import { archiveSchema, validate } from '#shared/schemas'
import { openArchiveText, type LessonArchive } from '#core/archive'
import { ApiError } from '../../errors/apiError'
import { readInThread } from '../../threads/inThread'

/** An archived lesson that has been checked, with the pictures that came with it. */
export interface OpenedArchive {
  archive: LessonArchive
  pictures: Record<string, Uint8Array>
}

/**
 * Opens an archived lesson. Pictures that it names and doesn't hold are named no longer.
 * @throws ApiError in words for whoever chose the file
 */
export async function openArchive(bytes: Uint8Array): Promise<OpenedArchive> {
  const unzipped = await readInThread('unzipArchive', bytes)
  if (!unzipped.ok) throw refusal(unzipped.message)
  const opened = openArchiveText(unzipped.text)
  if (!opened.ok) throw refusal(opened.message)
  const checked = validate(archiveSchema, opened.archive)
  if (!checked.ok) {
    const [first] = checked.fields
    throw new ApiError(
      'invalid',
      `This lesson file can’t be used. ${first ? `At “${first.path || 'lesson'}”: ${first.message}` : ''}`,
      checked.fields,
    )
  }
  const archive = checked.value as LessonArchive
  const here = Object.entries(archive.pictures).filter(([id]) => unzipped.pictures[id])
  return { archive: { ...archive, pictures: Object.fromEntries(here) }, pictures: unzipped.pictures }
}

const refusal = (message: string) => new ApiError('invalid', message, [{ path: 'file', message }])
