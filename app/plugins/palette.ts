import { palette } from '../theme/palette'

/** Gives the palette to all styles, before anything is drawn. */
export default defineNuxtPlugin(() => {
  for (const [name, colour] of Object.entries(palette))
    document.documentElement.style.setProperty(`--${name}`, colour)
})
