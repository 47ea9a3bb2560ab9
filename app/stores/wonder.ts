import { defineStore } from 'pinia'
import { newId } from '#core/plan'
import { withNote, type Note, type NoteKind, type Stimulus } from '#core/wonder'
import { request } from '../api/request'
import { useLesson } from './lesson'
import { useNotices } from './notices'

/** What the class wonders: the acts on notes and stimulus of the open lesson. */
export const useWonder = defineStore('wonder', () => {
  const lesson = useLesson()
  const notices = useNotices()

  /** Shows a change at once and sends it; when it is refused, only that change is taken back. */
  async function attempt(show: () => void, takeBack: () => void, send: () => Promise<unknown>) {
    const { id } = lesson.open
    show()
    try {
      await send()
      return true
    } catch (error) {
      if (lesson.lesson?.id === id) takeBack()
      notices.warn(error)
      return false
    }
  }

  const put = (note: Note) => lesson.patch({ notes: withNote(lesson.open.notes, note) })
  const drop = ({ id }: Note) => lesson.patch({ notes: lesson.open.notes.filter((one) => one.id !== id) })

  function save(note: Note) {
    const { id: noteId, ...body } = note
    const before = lesson.open.notes.find((one) => one.id === noteId)
    return attempt(
      () => put(note),
      () => (before ? put(before) : drop(note)),
      () => request('PUT', `/api/lessons/${lesson.open.id}/notes/${noteId}`, body),
    )
  }

  /** @returns whether it was kept; if not, the words should stay where they were typed */
  function addNote(kind: NoteKind, text: string): Promise<boolean> {
    return save({ id: newId(), kind, text: text.trim(), sort: null, settled: false })
  }

  const changeNote = (note: Note, changes: Partial<Omit<Note, 'id'>>) => save({ ...note, ...changes })

  async function removeNote(note: Note) {
    const removed = await attempt(
      () => drop(note),
      () => put(note),
      () => request('DELETE', `/api/lessons/${lesson.open.id}/notes/${note.id}`),
    )
    if (removed) notices.tell('The note is off the board.', () => void save(note))
  }

  function setStimulus(stimulus: Stimulus) {
    const before = lesson.open.stimulus
    return attempt(
      () => lesson.patch({ stimulus }),
      () => lesson.patch({ stimulus: before }),
      () => request('PUT', `/api/lessons/${lesson.open.id}/stimulus`, stimulus),
    )
  }

  return { addNote, changeNote, removeNote, setStimulus }
})
