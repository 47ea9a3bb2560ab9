/** Words for two ends of one quality: those for more of it and those for less. */
interface Ends {
  more: string
  less: string
}

/**
 * Qualities that classes compare, with the adjectives for either end. One adjective may stand on several: what is meant depends on
 * what was measured.
 */
const ends = {
  size: { more: 'big large great huge giant massive enormous', less: 'small little tiny titchy' },
  amount: { more: 'much many', less: 'few' },
  value: { more: 'high', less: 'low' },
  height: { more: 'high tall', less: 'low short' },
  length: { more: 'long', less: 'short' },
  distance: { more: 'far distant', less: 'near close' },
  width: { more: 'wide broad', less: 'narrow thin' },
  thickness: { more: 'thick fat chunky', less: 'thin slim fine' },
  depth: { more: 'deep', less: 'shallow' },
  mass: { more: 'heavy weighty', less: 'light' },
  warmth: { more: 'hot warm toasty', less: 'cold cool chilly icy' },
  speed: { more: 'fast quick rapid speedy swift', less: 'slow sluggish' },
  time: { more: 'long late slow', less: 'short early soon quick fast brief' },
  pull: { more: 'hard tough strong', less: 'easy gentle weak light' },
  strength: { more: 'strong sturdy tough powerful solid', less: 'weak flimsy feeble wobbly' },
  hardness: { more: 'hard tough', less: 'soft crumbly' },
  loudness: { more: 'loud noisy', less: 'quiet soft' },
  pitch: { more: 'high squeaky', less: 'low deep' },
  brightness: { more: 'bright light shiny', less: 'dark dim dull gloomy' },
  darkness: { more: 'dark', less: 'pale light faint' },
  wetness: { more: 'wet soggy damp moist', less: 'dry' },
  roughness: { more: 'rough bumpy coarse scratchy', less: 'smooth even' },
  stretch: { more: 'stretchy bendy elastic flexible springy', less: 'stiff rigid' },
  bounce: { more: 'bouncy springy', less: 'flat dead' },
  grip: { more: 'grippy sticky', less: 'slippery slippy slidy' },
  absorbing: { more: 'absorbent thirsty soaky spongy', less: 'waterproof' },
  rust: { more: 'rusty brown', less: 'shiny clean' },
  fizz: { more: 'bubbly fizzy frothy foamy', less: 'flat still' },
  sweetness: { more: 'sweet sugary', less: 'bitter sour' },
  saltiness: { more: 'salty', less: 'plain' },
  cloudiness: { more: 'cloudy murky muddy', less: 'clear' },
  crispness: { more: 'crunchy crisp hard', less: 'soggy soft' },
  mould: { more: 'mouldy furry fuzzy', less: 'fresh clean' },
  fullness: { more: 'full', less: 'empty' },
  age: { more: 'old', less: 'young new' },
  magnetism: { more: 'magnetic strong', less: 'weak' },
  thickening: { more: 'thick sticky gloopy', less: 'thin runny watery' },
  growth: { more: 'tall long leafy bushy', less: 'short small' },
  greenness: { more: 'green', less: 'yellow pale' },
  floating: { more: 'floaty buoyant', less: 'sinky' },
  smell: { more: 'smelly stinky', less: 'fresh' },
  tightness: { more: 'tight', less: 'loose slack' },
  sharpness: { more: 'sharp clear', less: 'blurry fuzzy blunt' },
  spread: { more: 'wide spread', less: 'narrow bunched' },
} satisfies Record<string, Ends>

/** A quality that things are compared by. */
export type ScaleName = keyof typeof ends

interface Scale {
  more: ReadonlySet<string>
  less: ReadonlySet<string>
}

/** The adjectives of each quality, in their plain form. */
export const scales = Object.fromEntries(
  Object.entries(ends).map(([name, { more, less }]) => [
    name,
    { more: new Set(more.split(' ')), less: new Set(less.split(' ')) },
  ]),
) as unknown as Record<ScaleName, Scale>

/** Every adjective that has an end of some quality. */
export const adjectives: ReadonlySet<string> = new Set(
  Object.values(scales).flatMap(({ more, less }) => [...more, ...less]),
)

/**
 * Which end of some qualities an adjective stands at: 1 for more, −1 for less, null where it says nothing of them, or both.
 * @example endOf('low', ['height']) // -1
 */
export function endOf(adjective: string, of: readonly ScaleName[]): 1 | -1 | null {
  const more = of.some((name) => scales[name].more.has(adjective))
  const less = of.some((name) => scales[name].less.has(adjective))
  if (more === less) return null
  return more ? 1 : -1
}
