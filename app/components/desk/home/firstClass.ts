import { emblemIds, emblemWord, type AgeBand, type Vocabulary } from '#core/class'
import { newId } from '#core/plan'
import type { ClassInput } from '#shared/types/api'

/** The class of a teacher's first lesson: groups by their signs, without names, as it can be used at once. */
export const firstClass = (howMany: number | null, ageBand: AgeBand, vocabulary: Vocabulary): ClassInput => ({
  name: 'My class',
  ageBand,
  vocabulary,
  groups: emblemIds
    .slice(0, howMany ?? 6)
    .map((emblem) => ({ id: newId(), emblem, name: emblemWord(emblem) })),
  pupils: [],
  allergies: [],
})
