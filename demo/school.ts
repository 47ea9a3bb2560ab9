import { itemAt } from '#core/defined'
import { addDays, formatISO } from 'date-fns'
import { usualCalendar, type SchoolCalendar } from '#core/calendar'
import { emblemIds, emblemWord } from '#core/class'
import type { Supply } from '#core/kit'
import type { ClassInput } from '#shared/types/api'
import type { Random } from '#core/random'
import { uuidFrom } from './random'

const kestrelNames = [
  'Ada',
  'Bruno',
  'Chidi',
  'Dalia',
  'Emre',
  'Freya',
  'Goran',
  'Hana',
  'Idris',
  'Juno',
  'Kofi',
  'Lena',
  'Mateo',
  'Nia',
  'Otis',
  'Priya',
  'Quinn',
  'Rosa',
  'Sami',
  'Tova',
  'Umar',
  'Vera',
  'Wim',
  'Yuki',
]

/** Kestrel class: 24 children of 8 and 9 in six groups of four. */
export function kestrelClass(random: Random): ClassInput {
  const groups = emblemIds
    .slice(0, 6)
    .map((emblem) => ({ id: uuidFrom(random), name: emblemWord(emblem), emblem }))
  return {
    name: 'Kestrel class',
    ageBand: '7-9',
    vocabulary: 'plain',
    allergies: [
      { allergen: 'gluten', children: 1 },
      { allergen: 'legumes', children: 1 },
    ],
    groups,
    pupils: kestrelNames.map((name, index) => ({
      id: uuidFrom(random),
      name,
      groupId: itemAt(groups, index % groups.length).id,
    })),
  }
}

/** Closed for a staff day next week and for two weeks later on. */
export function tidewickCalendar(today: Date): SchoolCalendar {
  const day = (from: number) => formatISO(addDays(today, from), { representation: 'date' })
  return {
    ...usualCalendar,
    closed: [
      { from: day(9), to: day(9), name: 'staff day', staffIn: true },
      { from: day(30), to: day(43), name: 'holiday' },
    ],
  }
}

type Stock = [name: string, unit: string, amount: number, shelf: string, packSize?: number, price?: number]
const stock: Stock[] = [
  ['bouncy ball', '', 9, 'hall, net bag', 6, 3.6],
  ['masking tape', 'cm', 4500, 'shelf 1', 5000, 1.9],
  ['sticky dots', '', 180, 'shelf 1', 240, 1.6],
  ['label', '', 90, 'shelf 1', 120, 2.1],
  ['paper, A3', 'sheets', 120, 'paper drawer', 250, 5.9],
  ['paper, A4', 'sheets', 800, 'paper drawer', 500, 4.2],
  ['card, A4', 'sheets', 40, 'paper drawer', 100, 6.5],
  ['battery lamp', '', 5, 'shelf 4', 1, 4.4],
  ['torch', '', 8, 'shelf 4', 1, 3.9],
  ['box, 40 cm high', '', 6, 'behind the door'],
  ['stick of glue, 10 cm', '', 24, 'class box'],
  ['shoe, smooth plastic sole', '', 6, 'shoe crate'],
  ['shoe, felt slipper sole', '', 6, 'shoe crate'],
  ['shoe, flat rubber sole', '', 6, 'shoe crate'],
  ['shoe, ridged rubber sole', '', 6, 'shoe crate'],
  ['bag of sand, 1 kg', '', 6, 'shelf 6'],
  ['loop of string', 'cm', 900, 'shelf 1'],
  ['wooden board', '', 6, 'behind the door'],
  ['cloth', '', 12, 'sink'],
  ['dry cloth', '', 8, 'sink'],
  ['tray', '', 8, 'shelf 5'],
  ['jug', '', 4, 'sink'],
  ['thin napkin, 40 x 40 cm', 'sheets', 12, 'shelf 2', 50, 1.3],
  ['plain kitchen paper, 22 x 1000 cm', 'sheets', 1, 'shelf 2', 2, 2.2],
  ['bumpy kitchen paper, 22 x 1000 cm', 'sheets', 1, 'shelf 2', 2, 2.9],
]

/** The store cupboard of Tidewick School. */
export function tidewickSupplies(random: Random): Supply[] {
  return stock.map(([name, unit, amount, shelf, packSize, price]) => ({
    id: uuidFrom(random),
    name,
    unit,
    amount,
    shelf,
    packSize: packSize ?? null,
    price: price ?? null,
    instead: [],
    care: '',
  }))
}
