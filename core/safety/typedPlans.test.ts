import { describe, expect, it } from 'vitest'
import type { HazardId } from '../catalogue'
import { instrumentCupboard } from '../instrument'
import { kitAmounts, understandLine } from '../kit'
import type { Plan } from '../plan'
import { examplePlan } from '../testing/examplePlan'
import { checkSafe } from './checkSafe'

/**
 * Forty plans as teachers type them, in a hurry and in their own words. `danger` must be shown; `fits` may be; any
 * other caution does not apply.
 */
interface Typed {
  changed: string
  levels: string[]
  measured: string
  materials: string[]
  steps?: string[]
  same?: Record<string, string>
  danger: HazardId[]
  fits: HazardId[]
}

const plans: Typed[] = [
  {
    changed: 'drop height',
    levels: ['50 cm', '100 cm', '250 cm'],
    measured: 'bounce height',
    materials: ['tennis ball', 'metre stick'],
    steps: ['Stand on a chair for the highest drop.'],
    danger: ['climbing'],
    fits: ['rolling'],
  },
  {
    changed: 'drop height',
    levels: ['30 cm', '60 cm', '90 cm'],
    measured: 'bounce height',
    materials: ['bouncy ball', '30 cm masking tape'],
    steps: ['Let go, do not push.'],
    danger: ['rolling'],
    fits: [],
  },
  {
    changed: 'kind of ball',
    levels: ['golf ball', 'table tennis ball', 'glass marble'],
    measured: 'bounce height',
    materials: ['metre stick'],
    steps: ['Drop each ball from 1 m.'],
    danger: ['rolling', 'small-parts'],
    fits: [],
  },
  {
    changed: 'jacket',
    levels: ['no jacket', 'wool', 'foil'],
    measured: 'temperature lost',
    materials: ['glass jar', '300 mL hot water', 'thermometer'],
    steps: ['Pour water from the kettle at 80 °C into each jar.'],
    danger: ['hot-water', 'glass'],
    fits: ['spills', 'mains'],
  },
  {
    changed: 'jacket',
    levels: ['newspaper', 'bubble wrap', 'sock'],
    measured: 'temperature after 30 minutes',
    materials: ['plastic bottle', '250 mL warm water'],
    steps: ['Fill each bottle with water of 38 °C.'],
    danger: ['warm-water'],
    fits: ['spills'],
  },
  {
    changed: 'cup',
    levels: ['paper cup', 'polystyrene cup', 'metal tin'],
    measured: 'temperature after 20 minutes',
    materials: ['200 mL water', 'thermometer'],
    steps: ['Boil the water in the oven hob and pour it in.'],
    danger: ['hot-water', 'cooking', 'sharp-edges'],
    fits: ['spills', 'heating'],
  },
  {
    changed: 'wrapping',
    levels: ['cloth', 'foil', 'nothing'],
    measured: 'time until it is melted',
    materials: ['1 ice cube per level', 'tray'],
    steps: ['Take the ice straight from the freezer.'],
    danger: ['ice'],
    fits: ['spills'],
  },
  {
    changed: 'kind of paper',
    levels: ['napkin', 'kitchen paper', 'newspaper'],
    measured: 'water soaked up',
    materials: ['500 mL water', 'tray', 'scissors'],
    steps: ['Cut out a piece of 10 cm by 10 cm.', 'Dip it for 10 seconds.'],
    danger: ['scissors'],
    fits: ['spills'],
  },
  {
    changed: 'kind of paper',
    levels: ['tissue', 'card'],
    measured: 'height the ink climbs',
    materials: ['5 mL food colouring', '100 mL water', 'plastic cup'],
    danger: [],
    fits: ['spills', 'allergens'],
  },
  {
    changed: 'strip width',
    levels: ['1 cm', '2 cm', '4 cm'],
    measured: 'height the water climbs',
    materials: ['filter paper', '100 mL methylated spirit', 'glass beaker'],
    danger: ['flammable-liquids', 'glass'],
    fits: [],
  },
  {
    changed: 'sole',
    levels: ['rubber sole', 'felt slipper', 'leather'],
    measured: 'pulling force',
    materials: ['shoe', 'wooden board', 'brick', 'force meter'],
    steps: ['Put the 2 kg brick in the shoe and pull slowly.'],
    danger: ['falling-loads'],
    fits: [],
  },
  {
    changed: 'surface',
    levels: ['carpet', 'tile', 'wood'],
    measured: 'pulling force',
    materials: ['shoe', 'force meter', '5 mL oil'],
    steps: ['Rub oil on the wood.'],
    danger: ['spills'],
    fits: [],
  },
  {
    changed: 'lamp distance',
    levels: ['20 cm', '40 cm', '80 cm'],
    measured: 'shadow length',
    materials: ['desk lamp', 'glue stick', 'paper'],
    steps: ['Plug in the lamp.', 'Darken the room.'],
    danger: ['hot-lamp', 'mains', 'dark-room'],
    fits: ['bright-light'],
  },
  {
    changed: 'time of day',
    levels: ['9 am', '12 am', '3 pm'],
    measured: 'shadow length',
    materials: ['stick', 'chalk', 'tape measure'],
    steps: ['Go out on the playground.', 'Draw round the shadow in the sun.'],
    danger: ['sun', 'outdoors'],
    fits: ['dust'],
  },
  {
    changed: 'lamp distance',
    levels: ['30 cm', '60 cm'],
    measured: 'shadow length',
    materials: ['laser pointer', 'small box'],
    steps: ['Close the curtains.'],
    danger: ['laser', 'dark-room'],
    fits: [],
  },
  {
    changed: 'lens',
    levels: ['small lens', 'large lens'],
    measured: 'size of the bright spot',
    materials: ['magnifying glass', 'paper'],
    steps: ['Catch the sunlight by the window.'],
    danger: ['focused-sun', 'sun'],
    fits: [],
  },
  {
    changed: 'spoons of sugar',
    levels: ['0', '1', '2'],
    measured: 'lifetime of a bubble',
    materials: ['100 mL soapy water', 'straw per child', 'sugar 20 g'],
    steps: ['Blow a bubble through the straw, never suck.'],
    danger: ['mouth-things', 'stinging'],
    fits: ['spills', 'allergens'],
  },
  {
    changed: 'amount of glycerine',
    levels: ['0', '5', '10'],
    measured: 'lifetime of a bubble',
    materials: ['10 mL glycerine', '100 mL washing-up liquid', 'wire'],
    danger: ['stinging'],
    fits: ['spills', 'sharp-edges'],
  },
  {
    changed: 'layers of card',
    levels: ['0', '2', '4'],
    measured: 'clips held',
    materials: ['neodymium magnet', '30 paper clips', '6 sheets of card'],
    danger: ['magnets', 'small-parts'],
    fits: [],
  },
  {
    changed: 'kind of magnet',
    levels: ['bar magnet', 'ring magnet', 'horseshoe magnet'],
    measured: 'distance to the clip',
    materials: ['paper clip', 'ruler'],
    danger: ['magnets', 'small-parts'],
    fits: [],
  },
  {
    changed: 'number of batteries',
    levels: ['1', '2', '3'],
    measured: 'clips held',
    materials: ['battery', 'copper wire', 'iron nail', '20 paper clips'],
    steps: ['Wind the wire round the nail and join it to the battery.'],
    danger: ['batteries', 'sharp-points', 'small-parts'],
    fits: ['sharp-edges'],
  },
  {
    changed: 'light',
    levels: ['candle', 'torch'],
    measured: 'shadow length',
    materials: ['matches', 'post'],
    steps: ['Light the candle and put it 20 cm from the post.'],
    danger: ['flames'],
    fits: ['bright-light', 'batteries'],
  },
  {
    changed: 'size of the jar',
    levels: ['small jar', 'large jar'],
    measured: 'seconds until it goes out',
    materials: ['tea light', 'jam jar'],
    steps: ['Put the jar over the flame.'],
    danger: ['flames', 'glass'],
    fits: [],
  },
  {
    changed: 'light',
    levels: ['window sill', 'cupboard'],
    measured: 'height of the sprouts',
    materials: ['5 mung beans per level', 'small pot per level', 'soil 100 g'],
    danger: ['plants', 'soil'],
    fits: [],
  },
  {
    changed: 'amount of water',
    levels: ['5 mL', '10 mL', '20 mL'],
    measured: 'seeds that come up',
    materials: ['20 cress seeds per level', 'cotton wool', 'tray'],
    danger: ['plants'],
    fits: ['spills'],
  },
  {
    changed: 'plant food',
    levels: ['none', 'tea', 'weed killer'],
    measured: 'height of the bean plant',
    materials: ['seedling'],
    danger: ['strong-chemicals', 'plants'],
    fits: ['allergens'],
  },
  {
    changed: 'where it is kept',
    levels: ['fridge', 'shelf', 'window sill'],
    measured: 'days until it goes mouldy',
    materials: ['slice of bread per level', 'sandwich bag per level'],
    steps: ['Look at the mould every day.'],
    danger: ['mould', 'plastic-bags', 'allergens'],
    fits: [],
  },
  {
    changed: 'soap',
    levels: ['no soap', 'bar of soap', 'hand gel'],
    measured: 'spots that grow',
    materials: ['petri dish', 'agar'],
    steps: ['Press a dirty finger on the agar.'],
    danger: ['germs', 'flammable-liquids'],
    fits: ['stinging', 'glass'],
  },
  {
    changed: 'number of folds',
    levels: ['0', '2', '4'],
    measured: 'washers held',
    materials: ['3 sheets of paper', '40 washers', '6 books'],
    danger: ['small-parts'],
    fits: [],
  },
  {
    changed: 'width of the bridge',
    levels: ['5 cm', '10 cm'],
    measured: 'load it holds',
    materials: ['card', 'bucket', 'sand 3000 g', 'string 60 cm'],
    steps: ['Hang the bucket of sand under the bridge until it breaks.'],
    danger: ['falling-loads'],
    fits: ['soil'],
  },
  {
    changed: 'kind of band',
    levels: ['thin rubber band', 'thick rubber band'],
    measured: 'stretched length',
    materials: ['slotted mass', 'ruler'],
    steps: ['Hang weights on the band and measure how far it stretches.'],
    danger: ['stretched-elastic', 'falling-loads'],
    fits: [],
  },
  {
    changed: 'kind of rock',
    levels: ['chalk', 'slate', 'granite'],
    measured: 'scratches',
    materials: ['steel nail', 'hammer'],
    steps: ['Chip off a piece of each rock with the hammer.', 'Scratch one with another.'],
    danger: ['hammer-and-chips', 'sharp-points'],
    fits: ['dust', 'small-parts'],
  },
  {
    changed: 'liquid',
    levels: ['water', 'vinegar', 'bleach'],
    measured: 'rust',
    materials: ['paper clip per level', 'plastic cup per level'],
    danger: ['strong-chemicals', 'stinging'],
    fits: ['small-parts', 'rust', 'spills'],
  },
  {
    changed: 'liquid',
    levels: ['tap water', 'salt water', 'oil'],
    measured: 'days until it is rusty',
    materials: ['iron nail per level', 'jar with lid per level'],
    danger: ['sharp-points'],
    fits: ['rust', 'spills', 'stinging', 'small-parts'],
  },
  {
    changed: 'kind of dough',
    levels: ['wheat flour', 'cornflour'],
    measured: 'height of the dough',
    materials: ['100 g flour', '7 g yeast', '60 mL warm water'],
    steps: ['Leave it by the radiator.', 'Bake it in the oven.', 'Taste it.'],
    danger: ['allergens', 'cooking', 'warm-water'],
    fits: ['dust', 'pressure', 'heating', 'spills'],
  },
  {
    changed: 'shape of the dough',
    levels: ['ball', 'flat', 'in pieces'],
    measured: 'mass',
    materials: ['100 g dough', 'balance'],
    danger: ['allergens'],
    fits: [],
  },
  {
    changed: 'what is mixed',
    levels: ['peas', 'peanuts'],
    measured: 'volume together',
    materials: ['100 mL rice', 'measuring cylinder'],
    danger: ['allergens', 'rolling', 'small-parts'],
    fits: [],
  },
  {
    changed: 'amount of baking soda',
    levels: ['1', '2', '3'],
    measured: 'size of the balloon',
    materials: ['50 mL vinegar', 'balloon per level', '5 g baking soda', 'plastic bottle'],
    steps: ['Pull the balloon over the bottle.'],
    danger: ['latex', 'pressure', 'stinging'],
    fits: ['dust', 'spills', 'small-parts'],
  },
  {
    changed: 'kind of exercise',
    levels: ['sitting', 'walking', 'star jumps'],
    measured: 'beats in 15 s',
    materials: ['stopwatch'],
    steps: ['Do 20 star jumps, then find your pulse.'],
    danger: ['exertion'],
    fits: [],
  },
  {
    changed: 'distance run',
    levels: ['20 m', '40 m'],
    measured: 'beats in 15 s',
    materials: ['stopwatch', 'skipping rope'],
    steps: ['Run once across the school field.'],
    danger: ['running', 'exertion', 'outdoors'],
    fits: ['cords'],
  },
]

function planOf(typed: Typed): Plan {
  const asNumbers = typed.levels.every((one) => /^\d+(?: (?:cm|mL|m))?$/.test(one))
  const unit = /cm$/.test(typed.levels[0]!)
    ? 'cm'
    : /mL$/.test(typed.levels[0]!)
      ? 'mL'
      : / m$/.test(typed.levels[0]!)
        ? 'm'
        : 'count'
  const plan = examplePlan({
    changed: {
      name: typed.changed,
      kind: asNumbers ? 'number' : 'kinds',
      unit: asNumbers ? unit : null,
      range: null,
    },
    levels: typed.levels.map((one, index) => ({
      id: `l${index}`,
      name: asNumbers ? '' : one,
      value: asNumbers ? Number.parseFloat(one) : null,
      baseline: false,
      picture: null,
    })),
    measured: {
      name: typed.measured,
      unit: 'count',
      instrument: instrumentCupboard.find((one) => one.id === 'tally')!,
    },
    keptSame: Object.entries(typed.same ?? {}).map(([name, how]) => ({ id: name, name, how, was: null })),
    steps: typed.steps ?? [],
    question: '',
  })
  const materials = typed.materials.map((line, index) => {
    const read = understandLine(line, plan)
    if (!read.ok) throw new Error(`${line}: ${read.message}`)
    return { ...read.material, id: `m${index}` }
  })
  return { ...plan, materials }
}

const checked = plans.map((typed) => {
  const plan = planOf(typed)
  const lines = kitAmounts(plan, { groups: 6, children: 24, cupboard: instrumentCupboard })
  const safe = checkSafe(plan, { age: '7-9', lines, allergies: [], supplies: [] })
  return { typed, safe, shown: safe.cautions.map((one) => one.hazard) }
})

describe('forty typed plans', () => {
  it('are forty', () => expect(plans).toHaveLength(40))

  it.each(checked.map((one) => [`${one.typed.changed}: ${one.typed.levels.join(', ')}`, one] as const))(
    'misses no danger of %s',
    (_, { typed, shown }) => {
      expect(typed.danger.filter((hazard) => !shown.includes(hazard))).toEqual([])
    },
  )

  it('shows at most one caution in ten that does not apply', () => {
    const all = checked.flatMap(({ shown }) => shown)
    const astray = checked.flatMap(({ typed, shown }) =>
      shown
        .filter((hazard) => !typed.danger.includes(hazard) && !typed.fits.includes(hazard))
        .map((hazard) => `${typed.changed} (${typed.levels[0]}): ${hazard}`),
    )
    expect(astray.length / all.length, astray.join('\n')).toBeLessThanOrEqual(0.1)
  })
})
