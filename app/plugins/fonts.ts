/** Every face that a screen may use: one that arrives after its words moves whatever stands below, also from under a finger. */
const faces = [
  '400 1em "Atkinson Hyperlegible"',
  '700 1em "Atkinson Hyperlegible"',
  '600 1em "Lexend Variable"',
]

export default defineNuxtPlugin(() => {
  for (const face of faces)
    document.fonts.load(face).catch((error: unknown) => console.error('A font could not be loaded:', error))
})
