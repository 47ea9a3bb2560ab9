import { unitDefinition, type Unit } from '../quantity'
import type { ScaleName } from './scales'

type Dimension = ReturnType<typeof unitDefinition>['dimension']

const set = (words: string): readonly string[] => words.trim().split(/\s+/)

/**
 * What classes measure or change, by the quality that numbers of it say something about: how high a tower is, how long a root.
 * Singular; a noun may stand under several qualities.
 */
const nounsOf: Partial<Record<ScaleName, readonly string[]>> = {
  height: set(`
    bounce jump drop fall release tower stack pile climb waterline sprout plant seedling stem shoot bean flower pea cress tree
    child person step stair hop throw wave foam froth spring rise peak top`),
  length: set(`
    shadow root leaf strip string thread rope jump throw step stride band elastic straw stick pencil paper ribbon chain line worm
    nail hair arm leg foot hand span bridge`),
  distance: set(
    'roll slide travel trip reach throw jump flight gap lane path way range glide push shot lamp torch',
  ),
  width: set(
    'opening puddle ring crack spread gap leaf bridge wing base bubble circle path river door mouth',
  ),
  thickness: set('layer card sheet wall jacket coat wrap film slice crust bark board blanket cloth fabric'),
  depth: set('water hole dent soil sand puddle crater sea pond sink footprint'),
  mass: set(
    'dough clay load lump parcel bag bread fruit apple potato rock stone sand water rice pea washer shoe sponge towel napkin',
  ),
  warmth: set('tea bath room air ice lamp water soup jacket bottle cup hand skin milk'),
  speed: set('breath heart step wind spin pulse beat breathing heartbeat run walk'),
  time: set('bubble ice melt soak wait rest race trip journey sleep fall candle battery sandglass'),
  pull: set('friction drag tug grip sole shoe magnet load rope'),
  strength: set('bridge magnet glue knot bag rope jelly tape wall tower beam thread egg'),
}

const ofDimension: Partial<Record<Dimension, readonly ScaleName[]>> = {
  length: ['height', 'length', 'distance', 'width', 'thickness', 'depth'],
  mass: ['mass', 'strength'],
  temperature: ['warmth'],
  time: ['time'],
  force: ['pull', 'strength'],
  count: ['speed', 'strength'],
}

/** Every noun that stands under some quality. */
export const nouns: ReadonlySet<string> = new Set(Object.values(nounsOf).flat())

/**
 * The qualities of a noun that a number in this unit can say something about: a jump in centimetres is high, long or far.
 * @param noun in the singular
 * @example qualitiesOf('root', 'mm') // ['length']
 */
export function qualitiesOf(noun: string, unit: Unit | null): ScaleName[] {
  const possible = (unit === null ? undefined : ofDimension[unitDefinition(unit).dimension]) ?? []
  return possible.filter((quality) => nounsOf[quality]?.includes(noun))
}
