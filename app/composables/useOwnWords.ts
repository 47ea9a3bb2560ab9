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

  async function parse() {
    failed.value = false
    if (said.value.trim() === '') return undefined
    const of = JSON.stringify(texts.value)
    worker ??= open()
    const order: GrammarOrder = { number: ++number, sentence: said.value, texts: texts.value }
    worker.postMessage(order)
    const news = await new Promise<GrammarNews | undefined>((tell) => waiting.set(order.number, tell))
    return news && { ...news, of }
  }

  onScopeDispose(() => worker?.terminate())

  const cause = computed(() => splitCause(sentence.value))
  const said = computed(() => cause.value.said)
  const texts = computed(() => lessonTexts(store.scored))
  /** Another screen may take a level out while the sentence stands: both are parsed again, and places of old levels mean nothing. */
  const parsed = computed(() => JSON.stringify([said.value, texts.value]))
  const { preview } = usePreview(parsed, parse)
  return {
    /** Null while there is nothing to check, or nobody can. */
    check: computed(() =>
      preview.value && preview.value.of === JSON.stringify(texts.value)
        ? checkOwnWords(lessonOf(store.scored, preview.value.texts), preview.value.words, results.evidence)
        : null,
    ),
    failed,
    /** The sentence without its cause, and the cause. */
    cause,
  }
}
