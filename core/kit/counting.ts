import type { KitLine } from './kitAmounts'
import { stripRoundingNoise } from '../quantity'

/** What came back, or was used, of one line of the kit. */
export interface LineCount {
  materialId: string
  /** What is here again: whole and clean. */
  back: number
  /** What came back broken, and is thrown away or mended. */
  broken: number
}

/** What one line comes to after the lesson. */
export interface CountedLine {
  materialId: string
  name: string
  unit: string
  use: KitLine['material']['use']
  taken: number
  back: number
  broken: number
  /** Of reused things, what has neither come back nor broken; to be looked for. */
  missing: number
  /** What the cupboard has less of: used up, broken or missing. */
  gone: number
}

/**
 * The count after the lesson, line by line: what was taken out less what came back. Of used-up things what did not
 * come back was used; of reused things it is missing.
 * @throws RangeError when more comes back than was taken, or a count is below 0
 * @example countBack([ball], [{ materialId: 'ball', back: 6, broken: 1 }])[0].missing // 1 of 8
 */
export function countBack(lines: readonly KitLine[], counts: readonly LineCount[]): CountedLine[] {
  const byId = new Map(counts.map((one) => [one.materialId, one]))
  return lines.flatMap(({ material, total }) => {
    const count = byId.get(material.id)
    if (!count) return []
    const { back, broken } = count
    if (!(back >= 0) || !(broken >= 0)) throw new RangeError('what comes back is counted from 0')
    const rest = stripRoundingNoise(total - back - broken)
    if (rest < 0) throw new RangeError(`more ${material.name} came back than was taken: ${total} went out`)
    return [
      {
        materialId: material.id,
        name: material.name,
        unit: material.unit,
        use: material.use,
        taken: total,
        back,
        broken,
        missing: material.use === 'reused' ? rest : 0,
        gone: stripRoundingNoise(total - back),
      },
    ]
  })
}

/**
 * What an earlier lesson of the same investigation really used up of each used-up thing, by name, for as many groups
 * as come now; more than was packed then means more is packed now.
 * @param earlier counted lines of the lesson before, and the groups it had
 * @example usedBefore([{ name: 'paper strip', gone: 190, … }], 6, 6) // { 'paper strip': 190 }
 */
export function usedBefore(
  earlier: readonly Pick<CountedLine, 'name' | 'use' | 'gone'>[],
  groupsThen: number,
  groupsNow: number,
): Record<string, number> {
  if (groupsThen <= 0) return {}
  return Object.fromEntries(
    earlier
      .filter((one) => one.use === 'used-up')
      .map((one) => [one.name, stripRoundingNoise((one.gone * groupsNow) / groupsThen)]),
  )
}
