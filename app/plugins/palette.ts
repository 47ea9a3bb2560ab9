import { palette, strongPalette } from '../theme/palette'

/** Gives the palette to all styles, before anything is drawn, and another one when somebody asks their device for more contrast. */
export default defineNuxtPlugin(() => {
  const wanted = window.matchMedia('(prefers-contrast: more)')
  function paint() {
    for (const [name, colour] of Object.entries({ ...palette, ...(wanted.matches ? strongPalette : {}) }))
      document.documentElement.style.setProperty(`--${name}`, colour)
  }
  paint()
  wanted.addEventListener('change', paint)
})
