import { afterEach, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { asSentences, useReadAloud } from './useReadAloud'

class Utterance {
  lang = ''
  onend: (() => void) | null = null
  onerror: (() => void) | null = null
  constructor(readonly text: string) {}
}
const voice = { speak: vi.fn<(said: Utterance) => void>(), cancel: vi.fn() }
const withVoice = () => {
  vi.stubGlobal('speechSynthesis', voice)
  vi.stubGlobal('SpeechSynthesisUtterance', Utterance)
}
afterEach(() => {
  vi.unstubAllGlobals()
  vi.clearAllMocks()
})

it('pauses between the lines of a screen', () => {
  expect(asSentences('25 cm, try 1 of 3\n\n  Which way?\nWrite it down')).toBe(
    '25 cm, try 1 of 3. Which way? Write it down.',
  )
})

it('says what it is told, in place of what it was saying, until it has ended', () => {
  withVoice()
  const { read, speaking } = useReadAloud()
  read('Write it down')
  expect([voice.cancel.mock.calls.length, speaking.value]).toEqual([1, true])
  const [said] = voice.speak.mock.calls[0]!
  expect([said.text, said.lang]).toEqual(['Write it down.', 'en-GB'])
  said.onend!()
  expect(speaking.value).toBe(false)
})

it('is quiet once its screen has gone, and where the browser has no voice', () => {
  withVoice()
  const scope = effectScope()
  const { read } = scope.run(() => useReadAloud())!
  read('One')
  scope.stop()
  expect(voice.cancel).toHaveBeenCalledTimes(2)
  vi.unstubAllGlobals()
  const mute = useReadAloud()
  mute.read('Two')
  expect([mute.canRead, mute.speaking.value]).toEqual([false, false])
})
