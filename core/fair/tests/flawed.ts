// One list: plans with a flaw, each with the finding that has to name it.
import type { TypedPlan } from './typedPlan'

const floor = 'ball; place: the same spot for every try'
const cups = 'amount of water: filled to the same line; starting temperature: poured from one jug'

/** By what is found. */
export const flawedPlans: Record<string, TypedPlan[]> = {
  'two-things-changed': [
    ['kind of paper or size', 'napkin small | newspaper large', 'water soaked up in g', 'time in water'],
    ['height/ball', 'low | high', 'bounce height in cm', floor],
    ['drop height and ball', 'low | high', 'bounce height in cm', floor],
    ['size & colour', 'a | b', 'shadow length in cm', 'lamp'],
    ['amount of sugar, amount of water', 'little | much', 'time it lasts in s', 'straw'],
    ['jacket plus lid', 'one | two', 'temperature in C', cups],
    ['light as well as water', 'some | much', 'height in cm', 'seeds; soil'],
    ['sole or load', 'flat | ridged', 'pulling force in N', 'floor'],
  ],
  'levels-differ-twice': [
    ['cup', 'small hot cup | big cold cup', 'time in s', cups],
    ['water', '100 mL hot | 200 mL cold', 'time until it is gone in s', 'sugar'],
    ['ball', 'small ball on carpet | big ball on tile', 'bounce height in cm', 'drop height'],
    ['jacket', 'wool with a lid | foil', 'temperature in C', cups],
    ['jacket', 'wool | foil | bubble wrap with the lid on', 'temperature in C', cups],
    ['paper', 'thick napkin | thin newspaper', 'water soaked up in g', 'size of the piece'],
    ['strip', 'long thin strip | short wide strip', 'time in s', 'water'],
    ['material', 'two layers of wool | one layer of foil', 'temperature in C', cups],
    ['bottle', 'open glass bottle | closed plastic bottle', 'temperature in C', 'amount of water'],
    ['card', 'black card | white paper', 'temperature in C', 'lamp; distance'],
    ['ball', 'small rubber ball | large glass ball', 'bounce height in cm', 'drop height; place'],
    ['seeds', 'cress in the dark | beans on the sill', 'height in cm', 'water'],
    ['bubble mix', '10 g sugar warm | 20 g sugar cold', 'time it lasts in s', 'straw'],
    ['sole', 'wet rubber sole | dry felt sole', 'pulling force in N', 'load'],
    ['floor and ball', 'carpet/golf ball | tile/rubber ball', 'bounce height in cm', 'drop height'],
  ],
  'no-baseline': [
    ['amount of sugar', '5 g | 10 g | 20 g', 'time it lasts in s', 'amount of water'],
    ['lid', 'lid A | lid B', 'temperature in C', cups, 'Does a lid help?'],
    ['layers of card', '1 | 2 | 3', 'clips held in things', 'magnet'],
    ['jacket', 'wool | foil', 'temperature in C', cups, 'Does a jacket keep the bottle warm?'],
    ['amount of washing-up liquid', '5 mL | 10 mL | 15 mL', 'time it lasts in s', 'amount of water'],
    ['amount of fertiliser', '1 g | 2 g | 3 g', 'height in cm', 'seeds; soil'],
    ['spoons of salt', '1 | 2 | 3', 'time until it is gone in s', 'ice'],
  ],
  'level-impossible': [
    ['temperature of the water', '20 C | 60 C | 150 C', 'time until it is gone in s', 'sugar'],
    ['number of layers', '-1 | 0 | 1', 'clips held in things', 'magnet'],
    ['number of magnets', '0.5 | 1 | 2', 'clips held in things', 'clips'],
    ['drop height', '-20 cm | 20 cm | 40 cm', 'bounce height in cm', floor],
    ['amount of water', '-10 mL | 10 mL | 20 mL', 'height in cm', 'seeds'],
    ['number of star jumps', '0 | 10.5 | 20', 'beats in things', 'rest before'],
    ['temperature of the water', '-5 C | 20 C | 40 C', 'time in s', 'sugar'],
    ['load', '-100 g | 100 g | 200 g', 'pulling force in N', 'sole'],
  ],
  'unit-does-not-belong': [
    ['drop height', '20 g | 40 g | 60 g', 'bounce height in cm', floor],
    ['temperature of the water', '10 cm | 20 cm | 30 cm', 'time in s', 'sugar'],
    ['lamp distance', '10 s | 20 s | 30 s', 'shadow length in cm', 'lamp'],
    ['weight of the ball', '10 cm | 20 cm | 30 cm', 'bounce height in cm', 'drop height'],
    ['time in water', '5 g | 10 g | 15 g', 'water soaked up in g', 'paper'],
    ['volume of water', '10 g | 20 g | 30 g', 'time in s', 'sugar'],
  ],
  'level-twice': [
    [
      'kind of paper',
      'Kitchen  paper | kitchen paper | newspaper',
      'water soaked up in g',
      'size of the piece',
    ],
    ['jacket', 'wool | Wool | foil', 'temperature in C', cups],
    ['ball', 'the rubber ball | rubber ball | golf ball', 'bounce height in cm', 'drop height'],
    ['jacket', 'socks | sock | foil', 'temperature in C', cups],
    ['drop height', '20 cm | 20 cm | 40 cm', 'bounce height in cm', floor],
    ['rock', 'chalk | slate | Chalk', 'hardness', 'way of scratching'],
  ],
  'changed-and-kept-same': [
    ['drop height', '20 cm | 40 cm | 60 cm', 'bounce height in cm', 'height of the drop; ball'],
    ['kind of ball', 'golf ball | tennis ball', 'bounce height in cm', 'ball; drop height'],
    ['amount of sugar', '0 g | 5 g | 10 g', 'time it lasts in s', 'the amount of the sugar; water'],
    ['surface', 'carpet | tile | wood', 'bounce height in cm', 'Surface; ball'],
    ['lamp distance', '10 cm | 20 cm | 40 cm', 'shadow length in cm', 'distance of the lamp'],
  ],
  'measured-and-kept-same': [
    ['drop height', '20 cm | 40 cm | 60 cm', 'bounce height in cm', 'bounce height; ball'],
    ['lamp distance', '10 cm | 20 cm | 40 cm', 'shadow length in cm', 'length of the shadow'],
    ['jacket', 'wool | foil | nothing', 'temperature lost in C', 'temperature lost; water'],
  ],
  'changed-is-measured': [['length of the shadow', '10 cm | 20 cm | 30 cm', 'shadow length in cm', 'lamp']],
  'left-to-groups': [
    ['drop height', '20 cm | 40 cm | 60 cm', 'bounce height in cm', 'ball: whatever each group likes'],
    ['kind of paper', 'napkin | newspaper', 'water soaked up in g', 'water: each group brings its own'],
    ['jacket', 'wool | foil | nothing', 'temperature in C', 'bottle: their own'],
    ['sole', 'rubber | felt', 'pulling force in N', 'load: up to the group'],
    ['lamp distance', '10 cm | 20 cm | 40 cm', 'shadow length in cm', 'thing: any that they like'],
    ['floor', 'carpet | tile | wood', 'bounce height in cm', 'drop height: roughly'],
    ['seeds', 'cress | beans', 'height in cm', 'water: each child decides'],
  ],
  'wrong-instrument': [
    ['jacket', 'wool | foil | nothing', 'temperature lost in stick:C', cups],
    ['drop height', '20 cm | 40 cm | 60 cm', 'bounce height in thermometer:cm', floor],
    ['kind of paper', 'napkin | newspaper', 'water soaked up in stopwatch:g', 'size of the piece'],
  ],
  'measured-unit-does-not-belong': [
    ['drop height', '20 cm | 40 cm | 60 cm', 'bounce height in s', floor],
    ['jacket', 'wool | foil | nothing', 'temperature lost in cm', cups],
    ['lamp distance', '10 cm | 20 cm | 40 cm', 'shadow length in g', 'lamp'],
  ],
  'nothing-kept-same': [
    ['drop height', '20 cm | 40 cm | 60 cm', 'bounce height in cm', ''],
    ['jacket', 'wool | foil | nothing', 'temperature in C', ''],
  ],
  'too-few-levels': [
    ['jacket', 'wool', 'temperature in C', cups],
    ['drop height', '20 cm', 'bounce height in cm', floor],
  ],
  'nothing-measured': [['drop height', '20 cm | 40 cm | 60 cm', '', floor]],
  'nothing-changed': [['', 'a | b', 'bounce height in cm', floor]],
  'best-undefined': [
    ['jacket', 'wool | foil | nothing', 'temperature in C', cups, 'Which jacket is best?'],
    ['bridge', 'flat | folded', 'washers held in things', 'paper', 'Which bridge is the strongest?'],
  ],
}

/** Held back while the rules were written. */
export const heldBackFlaws: Record<string, TypedPlan[]> = {
  'two-things-changed': [
    ['lamp distance or height', 'near | far', 'shadow length in cm', 'lamp'],
    ['soil + water', 'much | little', 'height in cm', 'seeds'],
    ['number of folds and width', 'few | many', 'washers held in things', 'gap'],
    ['length of the rest/number of jumps', 'short | long', 'beats in things', 'person'],
  ],
  'levels-differ-twice': [
    ['bottle', 'small bottle wrapped in wool | large bottle wrapped in foil', 'temperature in C', cups],
    ['chalk', 'wet white chalk | dry red chalk', 'mass lost in g', 'time'],
    ['clip', 'big clip in vinegar | small clip in oil', 'days until it rusts', 'pot'],
    ['paper bridge', 'long flat bridge | short folded bridge', 'washers held in things', 'paper'],
    ['ice', 'large cube in the sun | small cube in the shade', 'time until it is gone in s', 'tray'],
    ['jacket', 'sock, lid on | newspaper', 'temperature in C', cups],
    ['shoe', 'wet trainer | dry boot', 'pulling force in N', 'load'],
    ['pot', 'small pot on the sill | large pot in the cupboard', 'height in cm', 'seeds; water'],
    ['magnet', 'strong magnet, two cards | weak magnet, one card', 'clips held in things', 'clips'],
    ['peas', '50 mL big peas | 100 mL small peas', 'volume in mL', 'cup'],
  ],
  'no-baseline': [
    ['amount of glycerine', '5 mL | 10 mL | 20 mL', 'time it lasts in s', 'water'],
    ['number of layers', '2 | 4 | 6', 'clips held in things', 'magnet'],
    ['cover', 'cloth | foil', 'temperature in C', cups, 'Does a cover help to keep it cold?'],
  ],
  'level-impossible': [
    ['number of washers', '1.5 | 2 | 3', 'pulling force in N', 'sole; floor'],
    ['water temperature', '0 C | 50 C | 120 C', 'time in s', 'tablet'],
    ['lamp distance', '-10 cm | 10 cm | 20 cm', 'shadow length in cm', 'lamp'],
    ['number of folds', '-2 | 0 | 2', 'washers held in things', 'paper'],
    ['number of star jumps', '0 | 10.5 | 20', 'beats in things', 'rest before'],
  ],
  'unit-does-not-belong': [
    ['width of the strip', '1 s | 2 s | 3 s', 'time in s', 'water'],
    ['mass of the ball', '10 mL | 20 mL | 30 mL', 'bounce height in cm', 'drop height'],
    ['soaking time', '1 cm | 2 cm | 3 cm', 'water soaked up in g', 'paper'],
  ],
  'level-twice': [
    ['liquid', 'Salt water | salt-water | vinegar', 'days until it rusts', 'clip'],
    ['floor', 'carpets | carpet | tile', 'bounce height in cm', 'ball'],
    ['drop height', '20 cm | 40 cm | 40 cm', 'bounce height in cm', 'ball'],
  ],
  'changed-and-kept-same': [
    ['width of the strip', '1 cm | 2 cm | 4 cm', 'time in s', 'strip width; water'],
    ['kind of liquid', 'oil | vinegar | water', 'days until it rusts', 'liquid; clip'],
  ],
  'measured-and-kept-same': [
    ['strip width', '1 cm | 2 cm | 4 cm', 'time to the mark in s', 'the time to the mark'],
  ],
  'changed-is-measured': [['mass of dough', '10 g | 20 g | 30 g', 'dough mass in g', 'shape']],
  'left-to-groups': [
    ['sole', 'rubber | felt', 'pulling force in N', 'floor: each group chooses'],
    ['amount of sugar', '0 g | 5 g | 10 g', 'time it lasts in s', 'bubble size: however they blow it'],
    ['rock', 'chalk | slate', 'scratches in things', 'tool: anything they find'],
  ],
  'wrong-instrument': [['lamp distance', '10 cm | 20 cm | 40 cm', 'shadow length in balance:cm', 'lamp']],
  'measured-unit-does-not-belong': [['strip width', '1 cm | 2 cm | 4 cm', 'time to the mark in g', 'water']],
  'nothing-kept-same': [['sole', 'rubber | felt | leather', 'pulling force in N', '']],
  'too-few-levels': [['sole', 'rubber', 'pulling force in N', 'load']],
  'best-undefined': [
    ['paper', 'napkin | newspaper', 'water soaked up in g', 'water', 'Which is the toughest paper?'],
  ],
}
