import { stem, type FoundThing, type HazardId } from '../catalogue'

/** What a name becomes another thing with: a picture of a flame is none. */
const likenesses =
  /^[\s-]*(?:(?!and\b|or\b|with\b|for\b|on\b|in\b|the\b|an?\b)\w+\s+)?(?:pictures?|photos?|drawings?|posters?|stickers?|costumes?|jigsaws?|emblems?)\b|^[\s-]*(?:stamps?|symbols?|signs?|shapes?|shaped|patterns?|designs?|puzzles?|songs?|stor(?:y|ies)|groups?|teams?|words?|cards? with|side of the card|on (?:a|the) (?:poster|card|picture|photo)|and \w+ (?:groups|teams))\b/i
/** A colour that is called after a thing: "ice-blue", "acid green card"; not the red candle, nor what burns red paper. */
const colours =
  /^-(?:colou?r(?:s|ed)?|red|green|blue|yellow|brown|orange|pink|white|black|grey|gold|silver)\b|^\s+(?:red|green|blue|yellow|brown|orange|pink|white|black|grey|gold|silver)\s+(?:card|tape|wool|ribbon|counters?|thread)\b/i

/** Other things that have a thing's name before theirs; a thing of glass or metal stays one. */
const otherThings =
  /^[\s-]*(?:timers?|engines?|trucks?|holders?|cases?|cartons?|box(?:es)?|mats?|reels?|hats?|cards?|paper|binders?|houses?|pens?|racks?|blocks? of wood|clubs?|boards?|edge|seeds?|oil|sharpeners?|brush(?:es)?|wrappers?|labels?|caps?|tops?|skewers?|courts?|pans?|cups?|bins?|towels?|tanks?|catalogues?|gnomes?|whisks?|charts?|tables? (?:on|of)|thermometers?)\b/i
/** What stays in whatever has a thing's name before its own: a glass case is of glass, in a battery box lies one. */
const stays: readonly HazardId[] = [
  'hot-water',
  'warm-water',
  'glass',
  'sharp-edges',
  'sharp-points',
  'blades',
  'mains',
  'batteries',
  'button-cells',
  'magnets',
  'strong-magnets',
  'laser',
  'fireworks',
  'medicines',
  'strong-chemicals',
  'flammable-liquids',
  'mixed-cleaners',
  'poisonous-plants',
  'germs',
  'latex',
]
/** What clings to a thing's box, grows from its seeds and is pressed into its oil. */
const clings: Record<string, readonly HazardId[]> = {
  seed: ['plants', 'allergens', 'small-parts'],
  oil: ['spills', 'allergens', 'plants'],
  cup: ['spills'],
  box: ['allergens'],
  carton: ['allergens'],
  wrapper: ['allergens'],
}

/** What makes a thing a likeness of itself. */
const toyBefore =
  /\b(?:toy|pretend|imaginary|make-believe|model)\s+(?:(?!and\b|or\b|with\b|plus\b|the\b|an?\b|to\b|on\b|in\b)\w+\s+)?$|\b(?:play|knitted|(?:picture|photo|drawing|painting|poster|model|shape|outline|cut-out)s? of (?:an? |the )?)\s*$/i
const playPlaces =
  /\b(?:play|pretend|toy|role[- ]play|home)[- ](?:kitchen|corner|food|house|shop|area)\b|\bpretend\b/i
/** What a toy can still do. */
const toysCan: readonly HazardId[] = [
  'flying-things',
  'stretched-elastic',
  'batteries',
  'button-cells',
  'magnets',
  'strong-magnets',
  'small-parts',
  'rolling',
  'latex',
  'loud-sounds',
]

/** What says that a bulb is no lamp. */
const otherBulbs =
  /\b(?:thermometers?|plant(?:s|ed|ing)?|soil|compost|roots?|sprout\w*|shoots?|onions?|tulips?|crocus\w*|pots?|flowers?|tip up)\b/i

/** Whether it is an animal or a food of wood, plastic or the like. */
const isFigurine = ({ hazards }: FoundThing['thing'], before: string): boolean =>
  hazards.length > 0 &&
  hazards.every((one) => one === 'living-things' || one === 'allergens') &&
  /\b(?:wooden|plastic|rubber|china|clay|stuffed|metal|rubbery|glass)\s*$/i.test(before)

/** The hazards and allergens of a thing that are there where a text speaks of it. */
type Meant = Pick<FoundThing['thing'], 'hazards' | 'allergens'>

/**
 * Returns what a thing that was found in a text really brings there: nothing of a fire where it says "toy fire engine", nor of a flame
 * where it says "a picture of a flame".
 * @example meantBy('sand timer', findThings('sand timer')[0]).hazards // []
 */
export function meantBy(text: string, { thing, words, at }: FoundThing): Meant {
  const before = text.slice(0, at)
  const after = text.slice(at + words.length)
  if (/^bulbs?$/i.test(words) && otherBulbs.test(text)) return { hazards: [], allergens: [] }
  const only = (hazards: readonly HazardId[]): Meant => ({
    hazards: thing.hazards.filter((one) => hazards.includes(one)),
    allergens: hazards.includes('allergens') ? thing.allergens : [],
  })
  if (likenesses.test(after) || colours.test(after)) return only([])
  if (toyBefore.test(before) || playPlaces.test(text) || isFigurine(thing, before)) return only(toysCan)
  const [other] = otherThings.exec(after) ?? []
  if (other === undefined) return thing
  return only([...stays, ...(clings[stem(other.replace(/[^a-z ]/gi, ''))] ?? [])])
}

/**
 * Whether what a text does is meant: in "draw the flame shape" nothing burns, and a toy hammer breaks no rock.
 * @param at where the words of the doing begin
 * @example isMeant('Draw the flame shape.', 'flame', 9, 'flames') // false
 */
export function isMeant(text: string, words: string, at: number, hazard: HazardId): boolean {
  const isToy = toyBefore.test(text.slice(0, at)) || playPlaces.test(text)
  const after = text.slice(at + words.length)
  return (
    !likenesses.test(after) &&
    !/^-\w/.test(colours.exec(after)?.[0] ?? '') &&
    (!isToy || toysCan.includes(hazard))
  )
}
