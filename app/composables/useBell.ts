import { defined } from '#core/defined'
import { useEventListener, useLocalStorage } from '@vueuse/core'
import { computed, readonly, ref } from 'vue'

/** One for the page: browsers give few, and let none sound before somebody has pressed something. */
let audio: AudioContext | null = null
const silent = ref(false)

function listen(): AudioContext {
  if (!audio) {
    audio = new AudioContext()
    const look = () => (silent.value = defined(audio).state !== 'running')
    audio.addEventListener('statechange', look)
    look()
  }
  return audio
}

/** A soft tone that dies away; none until the browser lets one sound. */
function tone(frequency: number, loudness: number, seconds: number) {
  const sound = listen()
  if (sound.state !== 'running') return
  const [wave, volume] = [sound.createOscillator(), sound.createGain()]
  wave.frequency.value = frequency
  volume.gain.setValueAtTime(loudness, sound.currentTime)
  volume.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + seconds)
  wave.connect(volume).connect(sound.destination)
  wave.start()
  wave.stop(sound.currentTime + seconds)
}

/**
 * A short soft tone and, where the device has it, a buzz: something is due. It is never the only sign of it.
 * @param face each face of a lesson is muted by itself: a Desk rings only where somebody wants it
 */
export function useBell(face: 'board' | 'desk' | 'sheet') {
  const muted = useLocalStorage<Record<string, boolean>>('jolly-beaker-muted', { desk: true })
  const isMuted = computed(() => muted.value[face] ?? false)

  function setMuted(on: boolean) {
    muted.value = { ...muted.value, [face]: on }
    if (!on) allow()
  }

  /** Called on a press: from then on the browser lets the bell sound. */
  function allow() {
    void listen().resume()
  }
  useEventListener(globalThis.document, 'pointerdown', allow, { once: true })

  function ring() {
    navigator.vibrate?.(200)
    if (!isMuted.value) tone(880, 0.2, 0.8)
  }

  /** A very short tone: one more was counted. */
  const tick = () => tone(1320, 0.15, 0.06)

  /** Whether the browser keeps it silent until somebody presses something. */
  const needsPress = computed(() => silent.value && !isMuted.value)
  const watchSilence = () => void listen()
  return { ring, tick, isMuted, setMuted, allow, needsPress: readonly(needsPress), watchSilence }
}
