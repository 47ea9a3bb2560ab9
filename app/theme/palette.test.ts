import { expect, it } from 'vitest'
import { palette, strongPalette } from './palette'

/** How bright a colour is, 0 to 1, as accessibility standards compute it. */
function brightness(colour: string): number {
  const [red, green, blue] = [1, 3, 5]
    .map((at) => Number.parseInt(colour.slice(at, at + 2), 16) / 255)
    .map((part) => (part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4))
  return 0.2126 * red! + 0.7152 * green! + 0.0722 * blue!
}
const contrast = (one: string, other: string) => {
  const [dark, light] = [brightness(one), brightness(other)].sort((a, b) => a - b)
  return (light! + 0.05) / (dark! + 0.05)
}

const words = ['ink', 'ink-soft', 'teal', 'coral', 'blue', 'brown'] as const
const beneath = [
  'paper',
  'surface',
  'surface-warm',
  'surface-sunk',
  'teal-wash',
  'marigold-wash',
  'coral-wash',
] as const

it.each([
  ['the usual palette', palette, 4.5],
  ['more contrast', { ...palette, ...strongPalette }, 7],
] as const)('with %s words stand out from everything beneath them', (_name, colours, least) => {
  const weak = words.flatMap((word) =>
    beneath
      .filter((under) => contrast(colours[word], colours[under]) < least)
      .map((under) => `${word} on ${under}: ${contrast(colours[word], colours[under]).toFixed(2)}`),
  )
  expect(weak).toEqual([])
})

it('with more contrast, lines and signs can be seen too', () => {
  const colours = { ...palette, ...strongPalette }
  for (const sign of ['line', 'line-soft', 'marigold', 'teal-soft'] as const)
    expect([sign, contrast(colours[sign], colours.paper) >= 4.5]).toEqual([sign, true])
})
