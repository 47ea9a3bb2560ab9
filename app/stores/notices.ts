import { acceptHMRUpdate, defineStore } from 'pinia'
import { ref } from 'vue'
import { problemWords, RequestProblem } from '../api/request'

export interface Notice {
  /** Tells it from the one before, which may say the same. */
  id: number
  text: string
  kind: 'told' | 'problem'
  /** What undoes the act that the notice tells of. */
  undo?: () => void | Promise<void>
}

/** The one line at the foot of the screen that says what has just happened. */
export const useNotices = defineStore('notices', () => {
  const current = ref<Notice | null>(null)

  let count = 0

  function tell(text: string, undo?: Notice['undo']) {
    current.value = { id: ++count, text, kind: 'told', undo }
  }

  function warn(error: unknown) {
    // Whoever is sent to sign in reads there what to do.
    if (error instanceof RequestProblem && error.needsSignIn) return
    const text = typeof error === 'string' ? error : problemWords(error)
    current.value = { id: ++count, text, kind: 'problem' }
  }

  /** Runs an act and tells its problem, if it has one. */
  async function attempt<T>(act: () => Promise<T>): Promise<T | undefined> {
    try {
      return await act()
    } catch (error) {
      warn(error)
      return undefined
    }
  }

  return { current, tell, warn, attempt }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useNotices, import.meta.hot))
