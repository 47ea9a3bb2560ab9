import { whenQuiet } from '../loading/quiet'

/** Every face that a screen may use. */
const faces = [
  '400 1em "Atkinson Hyperlegible"',
  '700 1em "Atkinson Hyperlegible"',
  '600 1em "Lexend Variable"',
]
/** Set once this browser has fetched them: from then on they are there before the first words. */
const fetched = 'jolly-beaker-faces'
async function fetchFaces(): Promise<void> {
  try {
    await Promise.all(faces.map((face) => document.fonts.load(face)))
    localStorage.setItem(fetched, 'yes')
  } catch {
    // The words stand in the machine's own face, and the next page asks again.
  }
}

function wereFetched(): boolean {
  try {
    return localStorage.getItem(fetched) !== null
  } catch {
    return false
  }
}

/** Faces that come after their words are not used (theme/fonts.css), so they are asked for before them, but not at a first visit. */
export default defineNuxtPlugin((app) => {
  if (wereFetched()) void fetchFaces()
  else app.hook('app:suspense:resolve', () => void whenQuiet().then(fetchFaces))
})
