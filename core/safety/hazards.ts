import type { AgeBand } from '../class'

/** A hazard that a plan's materials or actions can bring. */
export type HazardId =
  | 'hot-water'
  | 'glass'
  | 'allergens'
  | 'small-parts'
  | 'stretched-elastic'
  | 'climbing'
  | 'mould'
  | 'flames'
  | 'flammable-liquids'
  | 'sun'
  | 'living-things'
  | 'spills'

/** Who may handle the hazard. */
export type Handling = 'adult only' | 'adult beside' | 'children'

/** How the handling is said beside a hazard; nothing where children may, as a reminder must not sound like leave. */
export const handlingWords: Record<Handling, string> = {
  'adult only': 'only an adult',
  'adult beside': 'with an adult beside',
  children: '',
}

interface Hazard {
  name: string
  caution: string
  handling: Record<AgeBand, Handling>
}

const by = (young: Handling, middle: Handling, older: Handling) => ({
  '5-7': young,
  '7-9': middle,
  '9-11': older,
})

/** The usual cautions of primary practice. They remind; they are no risk assessment. */
export const hazards: Record<HazardId, Hazard> = {
  'hot-water': {
    name: 'hot water',
    caution:
      'Warm, not hot: an adult pours, from a lidded jug, no warmer than a bath. Cool scalds under running water.',
    handling: by('adult only', 'adult only', 'adult beside'),
  },
  glass: {
    name: 'glass',
    caution:
      'Use plastic where it will do. Glass stays in the middle of the table; an adult clears broken pieces.',
    handling: by('adult only', 'adult beside', 'children'),
  },
  allergens: {
    name: 'food and allergens',
    caution: 'Check the class allergy list against every packet, traces too. Nothing is eaten or tasted.',
    handling: by('adult beside', 'adult beside', 'adult beside'),
  },
  'small-parts': {
    name: 'small parts',
    caution:
      'Count small things out and back in. Nothing goes in mouths, noses or ears; pick up what rolls away, so that nobody slips.',
    handling: by('adult beside', 'children', 'children'),
  },
  'stretched-elastic': {
    name: 'stretched elastic',
    caution: 'Wear eye protection, keep faces back, never aim at anyone, and change bands that show cracks.',
    handling: by('adult beside', 'adult beside', 'children'),
  },
  climbing: {
    name: 'heights',
    caution: 'Feet stay on the floor: no standing on chairs or tables. For a high start an adult holds it.',
    handling: by('adult beside', 'children', 'children'),
  },
  mould: {
    name: 'mould',
    caution: 'Seal bags before mould grows, never open them again, and throw them away sealed.',
    handling: by('adult only', 'adult beside', 'adult beside'),
  },
  flames: {
    name: 'flames',
    caution: 'An adult lights and puts out, hair tied back, on a tray of sand, with water near by.',
    handling: by('adult only', 'adult only', 'adult only'),
  },
  'flammable-liquids': {
    name: 'flammable liquids',
    caution: 'Keep away from flames and heat, open the windows, and let only an adult pour.',
    handling: by('adult only', 'adult only', 'adult only'),
  },
  sun: {
    name: 'sun',
    caution: 'Nobody looks at the sun, not even through dark glasses. Hats, shade and water outside.',
    handling: by('adult beside', 'adult beside', 'children'),
  },
  'living-things': {
    name: 'living things',
    caution: 'Handle gently, wash hands afterwards, and put them back where they were found.',
    handling: by('adult beside', 'children', 'children'),
  },
  spills: {
    name: 'wet floors',
    caution: 'Work over trays and wipe up at once: wet floors are slippery.',
    handling: by('adult beside', 'children', 'children'),
  },
}

/** Every hazard, in the order a list offers them. */
export const hazardIds = Object.keys(hazards) as HazardId[]
