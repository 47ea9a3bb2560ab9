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

  /** Shows a change at once and sends it; when it is refused, what was there before comes back. */
  async function attempt(changes: { notes?: Note[]; stimulus?: Stimulus }, send: () => Promise<unknown>) {
    const { id, notes, stimulus } = lesson.open
    lesson.patch(changes)
    try {
      await send()
      return true
    } catch (error) {
      if (lesson.lesson?.id === id) lesson.patch({ notes, stimulus })
      notices.warn(error)
      return false
    }
  }

  function save(note: Note) {
    const { id: noteId, ...body } = note
    return attempt({ notes: withNote(lesson.open.notes, note) }, () =>
      request('PUT', `/api/lessons/${lesson.open.id}/notes/${noteId}`, body),
    )
  }

  /** @returns whether it was kept; if not, the words should stay where they were typed */
  function addNote(kind: NoteKind, text: string): Promise<boolean> {
    return save({ id: newId(), kind, text: text.trim(), sort: null, settled: false })
  }

  const changeNote = (note: Note, changes: Partial<Omit<Note, 'id'>>) => save({ ...note, ...changes })

  async function removeNote(note: Note) {
    const notes = lesson.open.notes.filter((one) => one.id !== note.id)
    const removed = await attempt({ notes }, () =>
      request('DELETE', `/api/lessons/${lesson.open.id}/notes/${note.id}`),
    )
    if (removed) notices.tell('The note is off the board.', () => void save(note))
  }

  function setStimulus(stimulus: Stimulus) {
    return attempt({ stimulus }, () => request('PUT', `/api/lessons/${lesson.open.id}/stimulus`, stimulus))
  }

  return { addNote, changeNote, removeNote, setStimulus }
})
