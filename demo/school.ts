import { emblemIds, emblemWord } from '#core/class'
import type { ClassInput } from '#shared/types/api'
import type { Random } from '#core/rehearsal'
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
      groupId: groups[index % groups.length]!.id,
    })),
  }
}
