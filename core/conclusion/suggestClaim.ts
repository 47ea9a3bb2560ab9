import type { Evidence } from '../evidence'
import type { Claim } from './claim'

/**
 * The strongest claim that the data let a class make, or null while they cannot tell. It is where the
 * sentence parts start from; the class decides.
 * @example suggestClaim(evidence)?.strength // 'always' when every group agrees
 */
export function suggestClaim({ finding }: Evidence): Claim | null {
  const scope = { kind: 'tested' } as const
  switch (finding.verdict.word) {
    case 'cant-tell':
      return null
    case 'no-difference':
      return { comparison: 'same', levelId: null, strength: 'mostly', scope }
    default: {
      const strength =
        finding.verdict.word === 'leaning' ? 'think' : finding.dissenting.length === 0 ? 'always' : 'mostly'
      if (finding.kind === 'trend')
        return {
          comparison: finding.direction === 'falling' ? 'less' : 'more',
          levelId: null,
          strength,
          scope,
        }
      return { comparison: 'more', levelId: finding.first?.level.id ?? null, strength, scope }
    }
  }
}
