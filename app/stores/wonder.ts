import { acceptHMRUpdate, defineStore } from 'pinia'
import { ref } from 'vue'
import { newId } from '#core/plan'
import type { Note, NoteKind, Stimulus } from '#core/wonder'
import { request } from '../api/request'
import { useLesson } from './lesson'
import { useNotices } from './notices'

/** What the class wonders: the acts on notes and stimulus of the open lesson. */
export const useWonder = defineStore('wonder', () => {
  const lesson = useLesson()
  const notices = useNotices()

  /** The note that was moved last and still has the focus. */
  const movedNote = ref<string | null>(null)

  const save = (note: Note) => lesson.act({ kind: 'note', note })

  const addNote = (kind: NoteKind, text: string) =>
    save({ id: newId(), kind, text: text.trim(), sort: null, settled: false })

  const changeNote = (note: Note, changes: Partial<Omit<Note, 'id'>>) => save({ ...note, ...changes })

  function removeNote(note: Note) {
    notices.tell('The note is off the board.', () => void save(note))
    return lesson.act({ kind: 'note-removed', note })
  }

  /** Shows a stimulus at once and sends it; when it is refused, it is taken back. */
  async function setStimulus(stimulus: Stimulus): Promise<boolean> {
    const { id, stimulus: before } = lesson.open
    lesson.patch({ stimulus })
    try {
      await request('PUT', '/api/lessons/:id/stimulus', { params: { id }, body: stimulus })
      return true
    } catch (error) {
      if (lesson.lesson?.id === id) lesson.patch({ stimulus: before })
      notices.warn(error)
      return false
    }
  }

  return { movedNote, addNote, changeNote, removeNote, setStimulus }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useWonder, import.meta.hot))
