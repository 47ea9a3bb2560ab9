import type { KitLine } from './kitAmounts'
import { rotation } from './rotation'

/** Things that go round together, turn by turn. */
export interface Rotation {
  /** The lines, by id, that take part. */
  lines: KitLine[]
  /** For each turn, for each group, the line that it has, or null where it waits. */
  turns: (KitLine | null)[][]
}

/**
 * Who has which of the things that go round. Kinds of the thing changed go round together, so that every group meets
 * every kind; each other thing goes round by itself.
 * @example turnsOf(lines, 6)[0].turns.length // 2 where there are three balances for six groups
 */
export function turnsOf(lines: readonly KitLine[], groups: number): Rotation[] {
  const turning = lines.filter((line) => line.material.per === 'turns' && line.shared >= 1)
  const kinds = turning.filter((line) => line.material.level !== null)
  const others = turning.filter((line) => line.material.level === null)
  return [...(kinds.length > 0 ? [kinds] : []), ...others.map((line) => [line])].map((together) => ({
    lines: together,
    turns: rotation(
      groups,
      together.map((line) => ({ id: line.material.id, howMany: Math.floor(line.shared) })),
    ).map((turn) => turn.map((id) => together.find((line) => line.material.id === id) ?? null)),
  }))
}

/**
 * What one group has in its turns, as it stands on its card.
 * @param place the group's place, from 0
 * @example turnWords(turnsOf(lines, 6), 4) // ['balance: turn 2']
 */
export function turnWords(rotations: readonly Rotation[], place: number): string[] {
  return rotations.flatMap(({ turns }) =>
    turns.flatMap((turn, index) => {
      const line = turn[place]
      return line ? [`${line.material.name}: turn ${index + 1}`] : []
    }),
  )
}
