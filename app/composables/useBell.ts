/** A short soft tone and, where the device has it, a buzz: something is due. */
export function useBell() {
  let audio: AudioContext | null = null
  return () => {
    navigator.vibrate?.(200)
    audio ??= new AudioContext()
    const [tone, volume] = [audio.createOscillator(), audio.createGain()]
    tone.frequency.value = 880
    volume.gain.setValueAtTime(0.2, audio.currentTime)
    volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.8)
    tone.connect(volume).connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + 0.8)
  }
}
