// One list: what every hazard asks of each age is read side by side.
import type { AgeBand } from '../class'

/** Who may handle a hazard at an age, the strictest first. */
export type Handling = 'not at all' | 'adult only' | 'adult beside' | 'children'

/** How the handling is said beside a hazard; nothing where children may, as a reminder must not sound like leave. */
export const handlingWords: Record<Handling, string> = {
  'not at all': 'not at this age',
  'adult only': 'only an adult',
  'adult beside': 'with an adult beside',
  children: '',
}

/** Something that can hurt, with the usual caution. */
export interface Hazard {
  name: string
  caution: string
  handling: Record<AgeBand, Handling>
}

const by = (young: Handling, middle: Handling, older: Handling) => ({
  '5-7': young,
  '7-9': middle,
  '9-11': older,
})
const nobody = by('not at all', 'not at all', 'not at all')
const adults = by('adult only', 'adult only', 'adult only')
const beside = by('adult beside', 'adult beside', 'adult beside')
const children = by('children', 'children', 'children')
const youngBeside = by('adult beside', 'children', 'children')
const olderAlone = by('adult beside', 'adult beside', 'children')

const all = {
  'hot-water': {
    name: 'hot water',
    caution:
      'Hot liquid scalds. An adult pours and carries it, lidded and low; keep it away from the edge. Cool a scald under running water at once.',
    handling: by('not at all', 'adult only', 'adult only'),
  },
  'warm-water': {
    name: 'warm water',
    caution:
      'Check it with a thermometer before it reaches the tables: as warm as a bath and no warmer. An adult pours.',
    handling: adults,
  },
  heating: {
    name: 'hot surfaces',
    caution:
      'An adult works the heat and lifts hot things out with gloves. Let everything cool before children come near.',
    handling: adults,
  },
  flames: {
    name: 'flames',
    caution: 'An adult lights it and puts it out, with hair tied back, on a tray of sand, with water nearby.',
    handling: adults,
  },
  'flammable-liquids': {
    name: 'flammable liquids',
    caution: 'Keep away from flames and heat, open the windows, and let only an adult pour.',
    handling: adults,
  },
  fireworks: {
    name: 'things that burn or burst',
    caution: 'These have no place in a classroom test. Choose another material.',
    handling: nobody,
  },
  'strong-chemicals': {
    name: 'strong chemicals',
    caution:
      'These burn skin and eyes and give off fumes. They have no place in a classroom test: choose another.',
    handling: nobody,
  },
  'mixed-cleaners': {
    name: 'cleaning products',
    caution: 'An adult measures them out, one product at a time: never mix two. Gloves on, windows open.',
    handling: adults,
  },
  stinging: {
    name: 'things that sting in the eyes',
    caution: 'Hands away from faces; rinse eyes with plenty of water. Wash hands afterwards.',
    handling: youngBeside,
  },
  dust: {
    name: 'dust and powder',
    caution:
      'Pour low and slowly, never blow on it. Damp the dust before wiping; look out for children who wheeze.',
    handling: youngBeside,
  },
  pressure: {
    name: 'gas in a closed container',
    caution:
      'Never screw a lid on something that fizzes or ferments: it bursts. Leave it open or loosely covered.',
    handling: beside,
  },
  glass: {
    name: 'glass',
    caution:
      'Use plastic where it will do. Glass stays in the middle of the table; an adult clears broken pieces.',
    handling: by('adult only', 'adult beside', 'children'),
  },
  allergens: {
    name: 'food',
    caution:
      'Nothing is eaten or tasted, before or after. Check every packet against the class allergy list, traces too. Wipe tables and wash hands.',
    handling: beside,
  },
  'small-parts': {
    name: 'small parts',
    caution: 'Count them out and back in. Nothing goes in mouths, noses or ears.',
    handling: youngBeside,
  },
  rolling: {
    name: 'things that roll underfoot',
    caution: 'Keep them in a tray or box and pick up at once what rolls away, so that nobody slips.',
    handling: youngBeside,
  },
  'flying-things': {
    name: 'things that fly',
    caution: 'Agree on a clear lane and one call before each go. Nobody stands in front; eyes are protected.',
    handling: beside,
  },
  'stretched-elastic': {
    name: 'stretched elastic',
    caution: 'Wear eye protection, keep faces back, never aim at anyone, and change bands that show cracks.',
    handling: olderAlone,
  },
  climbing: {
    name: 'reaching high',
    caution:
      'Feet stay on the floor: no standing on chairs or tables. An adult does everything above head height.',
    handling: by('adult only', 'adult only', 'adult beside'),
  },
  'falling-loads': {
    name: 'loads that fall',
    caution:
      'Keep feet and fingers from under the load, and put a box of crumpled paper where it would land.',
    handling: olderAlone,
  },
  lifting: {
    name: 'heavy things',
    caution: 'An adult lifts and carries; on the table they stand in the middle, away from the edge.',
    handling: by('adult only', 'adult only', 'adult beside'),
  },
  spills: {
    name: 'wet floors',
    caution: 'Work over trays and wipe up at once: wet floors are slippery.',
    handling: youngBeside,
  },
  'open-water': {
    name: 'open water',
    caution: 'Only with enough adults for the place, never closer than an adult says. Wash hands afterwards.',
    handling: beside,
  },
  outdoors: {
    name: 'working outside',
    caution: 'Agree how far children may go, count them out and in, and dress for the weather.',
    handling: beside,
  },
  sun: {
    name: 'sun',
    caution: 'Nobody looks at the sun, not even through dark glasses. Hats, shade and water outside.',
    handling: olderAlone,
  },
  'focused-sun': {
    name: 'lenses and mirrors in the sun',
    caution: 'A lens or mirror in the sun burns eyes and sets fire to paper. Keep it out of direct sunlight.',
    handling: by('not at all', 'adult beside', 'adult beside'),
  },
  'bright-light': {
    name: 'bright light',
    caution: 'Shine at the table, never into eyes, and do not stare into a lamp.',
    handling: youngBeside,
  },
  laser: {
    name: 'laser light',
    caution: 'A laser harms eyes in an instant. Use a torch instead.',
    handling: nobody,
  },
  'hot-lamp': {
    name: 'hot lamps and bulbs',
    caution:
      'A lamp gets hot: switch it on only to read, let it cool before it is moved, and keep paper and cloth off it.',
    handling: by('adult only', 'adult beside', 'adult beside'),
  },
  'dark-room': {
    name: 'a darkened room',
    caution: 'Clear bags and cables from the floor first, and say before the light goes out.',
    handling: children,
  },
  mains: {
    name: 'mains electricity',
    caution: 'An adult plugs in. Keep water away, and tape cables down where children walk.',
    handling: adults,
  },
  batteries: {
    name: 'batteries',
    caution: 'Never join the two ends with bare wire or foil: it gets hot. No recharging and no opening.',
    handling: youngBeside,
  },
  'button-cells': {
    name: 'button cells',
    caution:
      'Swallowed, a button cell kills within hours. Battery lids are screwed shut; count cells out and back; if in any doubt, call an ambulance.',
    handling: adults,
  },
  magnets: {
    name: 'magnets',
    caution:
      'Swallowed magnets can tear the gut: no small or very strong ones, count them out and back. Keep them from hearing aids, pumps and bank cards.',
    handling: youngBeside,
  },
  'strong-magnets': {
    name: 'small strong magnets',
    caution:
      'Two that are swallowed pull together and tear the gut within hours. Use bar, ring or horseshoe magnets sold for schools.',
    handling: nobody,
  },
  swelling: {
    name: 'things that swell in water',
    caution:
      'Swallowed, they swell inside and can block the gut; dry powder harms eyes and noses. Count or weigh them out and back, and never pour them down a sink.',
    handling: by('not at all', 'adult beside', 'adult beside'),
  },
  scissors: {
    name: 'scissors',
    caution: 'Round tips; carried closed, points down; nobody walks about with them.',
    handling: youngBeside,
  },
  blades: {
    name: 'knives, saws and graters',
    caution: 'An adult cuts, ahead of the lesson where it can be done. Blades never lie about on trays.',
    handling: by('not at all', 'adult only', 'adult only'),
  },
  'sharp-points': {
    name: 'sharp points',
    caution:
      'Points face down and away from faces; stick them into cork when they are not in use. Count them back.',
    handling: by('adult only', 'adult beside', 'adult beside'),
  },
  'sharp-edges': {
    name: 'sharp edges',
    caution: 'Tape over cut tin, wire and foil edges before they reach the trays.',
    handling: by('adult beside', 'adult beside', 'children'),
  },
  'hammer-and-chips': {
    name: 'hammering and chips',
    caution: 'Eye protection for everyone near, one strikes at a time, and fingers stay clear.',
    handling: by('adult only', 'adult beside', 'adult beside'),
  },
  'glue-gun': {
    name: 'glue gun',
    caution: 'Nozzle and glue burn skin. An adult glues, on a stand, away from the tables.',
    handling: by('not at all', 'adult only', 'adult only'),
  },
  glue: {
    name: 'strong glue, paint and varnish',
    caution: 'Windows open, only the kinds sold for schools. Glue that sets at once is for adults only.',
    handling: by('adult only', 'adult beside', 'adult beside'),
  },
  'plastic-bags': {
    name: 'plastic bags and film',
    caution: 'Never over a face. Count bags out and back, and tie a knot in what is thrown away.',
    handling: youngBeside,
  },
  cords: {
    name: 'long cords',
    caution: 'No loops round necks or wrists, nothing strung where somebody walks.',
    handling: youngBeside,
  },
  'mouth-things': {
    name: 'things for the mouth',
    caution: 'Each child has one of its own, marked, and throws it away afterwards. Blow, never suck.',
    handling: youngBeside,
  },
  running: {
    name: 'running children',
    caution: 'Clear the lane, stop well before walls, one direction only, shoes tied.',
    handling: beside,
  },
  balancing: {
    name: 'balancing or moving unseen',
    caution: 'On a flat, clear floor with a partner at the elbow; nothing hard to fall against.',
    handling: beside,
  },
  exertion: {
    name: 'getting out of breath',
    caution:
      'Know who has asthma, a heart condition or an injury. Anyone may stop or sit out at any time; results are not compared child by child.',
    handling: beside,
  },
  'loud-sounds': {
    name: 'loud sounds',
    caution:
      'Short and not close to ears; look out for children who are frightened by noise or wear hearing aids.',
    handling: beside,
  },
  ice: {
    name: 'ice',
    caution:
      'Ice straight from the freezer sticks to skin: let it stand for five minutes. Wipe up what melts.',
    handling: youngBeside,
  },
  'salt-and-ice': {
    name: 'salt on ice',
    caution: 'Salt makes ice far colder than ice: on skin it burns. Never in a hand; use a spoon and a tray.',
    handling: beside,
  },
  'dry-ice': {
    name: 'dry ice and other very cold things',
    caution: 'They freeze skin and push out the air. They have no place in a classroom test.',
    handling: nobody,
  },
  mould: {
    name: 'mould and rot',
    caution:
      'Seal bags and tubs before anything grows, never open them again, and throw them away sealed. Nobody with asthma sits close.',
    handling: by('adult only', 'adult beside', 'adult beside'),
  },
  germs: {
    name: 'germs',
    caution: 'Nothing from bodies, toilets, bins or pets is grown or passed round. Wash hands with soap.',
    handling: adults,
  },
  'living-things': {
    name: 'living things',
    caution: 'Handle gently, wash hands afterwards, and put them back where they were found.',
    handling: youngBeside,
  },
  plants: {
    name: 'seeds and plants',
    caution:
      'Use only seeds sold for eating or sprouting, never coated ones, and no poisonous plants. Nothing is eaten. Wash hands.',
    handling: youngBeside,
  },
  'poisonous-plants': {
    name: 'poisonous plants',
    caution: 'These harm when touched or eaten. Leave them where they are and choose another plant.',
    handling: nobody,
  },
  soil: {
    name: 'soil and sand',
    caution: 'Cover cuts, keep hands from faces, and wash them afterwards. Look through it for glass first.',
    handling: youngBeside,
  },
  rust: {
    name: 'rust',
    caution: 'Rusty points and edges scratch: handle with tweezers or gloves, and wash hands.',
    handling: youngBeside,
  },
  latex: {
    name: 'latex',
    caution: 'Some children react to latex: check the class list, and use a kind without it.',
    handling: youngBeside,
  },
  pollen: {
    name: 'pollen',
    caution: 'Mind hay fever and asthma: work by an open window, do not shake flowers, wash hands.',
    handling: youngBeside,
  },
  cooking: {
    name: 'oven, hob and microwave',
    caution: 'An adult heats, out of the classroom, and lets it cool before it comes in.',
    handling: adults,
  },
  medicines: {
    name: 'medicines',
    caution: 'No medicines, tablets or vitamins in a classroom test. Choose another material.',
    handling: nobody,
  },
} as const satisfies Record<string, Hazard>

/** A hazard that a plan's materials or actions can bring. */
export type HazardId = keyof typeof all

/** The usual cautions of primary practice. They remind; they are no risk assessment. */
export const hazards: Record<HazardId, Hazard> = all

/** Every hazard, in the order a list offers them. */
export const hazardIds = Object.keys(hazards) as HazardId[]
