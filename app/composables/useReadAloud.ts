import { onScopeDispose, ref } from 'vue'

/** A little slower than people speak, for those who read along. */
const rate = 0.9

/** Reads texts aloud by the browser's own voice, where it has one. */
export function useReadAloud() {
  const voice = globalThis.speechSynthesis as SpeechSynthesis | undefined
  const speaking = ref(false)

  function stop() {
    voice?.cancel()
    speaking.value = false
  }

  /** Reads a text, in place of what is being read. */
  function read(text: string) {
    if (!voice) return
    stop()
    const said = Object.assign(new SpeechSynthesisUtterance(asSentences(text)), { lang: 'en-GB', rate })
    said.onend = said.onerror = () => (speaking.value = false)
    speaking.value = true
    voice.speak(said)
  }

  onScopeDispose(stop)
  return { canRead: voice !== undefined, speaking, read, stop }
}

/**
 * The lines of a screen as sentences, so that a voice pauses between them.
 * @example asSentences('25 cm, try 1 of 3\nWrite it down') // '25 cm, try 1 of 3. Write it down.'
 */
export const asSentences = (text: string): string =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => (/[.!?:…]$/.test(line) ? line : `${line}.`))
    .join(' ')
