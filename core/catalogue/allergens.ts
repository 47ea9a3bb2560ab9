const names = {
  peanuts: 'peanuts',
  nuts: 'nuts',
  milk: 'milk',
  egg: 'egg',
  gluten: 'wheat and gluten',
  soya: 'soya',
  sesame: 'sesame',
  fish: 'fish',
  shellfish: 'shellfish',
  mustard: 'mustard',
  celery: 'celery',
  legumes: 'peas, beans and lupin',
  fruit: 'fruit and vegetables',
  latex: 'latex',
  pollen: 'pollen',
  animals: 'fur and feathers',
  wool: 'wool',
  perfume: 'perfume and soap',
  stings: 'insect stings',
} as const

/** Something that some children must not touch, breathe or eat. */
export type AllergenId = keyof typeof names

/** Every allergen, in the order a list offers them. */
export const allergenIds = Object.keys(names) as AllergenId[]

/**
 * What an allergen is called.
 * @example allergenName('gluten') // 'wheat and gluten'
 */
export function allergenName(id: AllergenId): string {
  return names[id]
}

/** How many children of a class react to something. Children are counted and never named. */
export interface ClassAllergy {
  allergen: AllergenId
  children: number
}
