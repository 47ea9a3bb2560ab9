export { archiveTexts } from './archiveTexts'
export { withFreshIds } from './freshIds'
export {
  archiveFile,
  archiveFormat,
  archiveVersion,
  openArchiveText,
  picturePath,
  withoutChildren,
  type ArchivedClass,
  type ArchivedTest,
  type LessonArchive,
  type PictureKind,
} from './lessonArchive'
