import { computed, onScopeDispose, ref, type Ref } from 'vue'
import { checkOwnWords, lessonOf, lessonTexts, splitCause } from '#core/ownWords'
import { useLesson } from '../stores/lesson'
import { useResults } from '../stores/results'
import type { GrammarNews, GrammarOrder } from '../workers/grammar.worker'
import { usePreview } from './usePreview'

/** Checks what the class says in its own words beside the data, a moment after the last key; its grammar is loaded with the first word. */
export function useOwnWords(sentence: Ref<string>) {
  const store = useLesson()
  const results = useResults()
  const failed = ref(false)
  let worker: Worker | null = null
  let number = 0
  const waiting = new Map<number, (news: GrammarNews | undefined) => void>()

  function open(): Worker {
    const opened = new Worker(new URL('../workers/grammar.worker.ts', import.meta.url), { type: 'module' })
    opened.onmessage = ({ data }: MessageEvent<GrammarNews>) => {
      waiting.get(data.number)?.(data)
      waiting.delete(data.number)
    }
    opened.onerror = () => {
      failed.value = true
      for (const tell of waiting.values()) tell(undefined)
      waiting.clear()
      // Without a network it may load the next time.
      opened.terminate()
      worker = null
    }
    return opened
  }

  function parse(said: string): Promise<GrammarNews | undefined> {
    failed.value = false
    worker ??= open()
    const order: GrammarOrder = { number: ++number, sentence: said, texts: lessonTexts(store.scored) }
    worker.postMessage(order)
    return new Promise((tell) => waiting.set(order.number, tell))
  }

  onScopeDispose(() => worker?.terminate())

  const cause = computed(() => splitCause(sentence.value))
  const said = computed(() => cause.value.said)
  const { preview, fresh } = usePreview(said, parse)
  return {
    /** Null while there is nothing to check, or nobody can. */
    check: computed(() =>
      preview.value
        ? checkOwnWords(lessonOf(store.scored, preview.value.texts), preview.value.words, results.evidence)
        : null,
    ),
    fresh,
    failed,
    /** The sentence without its cause, and the cause. */
    cause,
  }
}
