import { shortRemedies, type KitFinding } from '../kit'
import { listed } from '../quantity'
import { nothingSaid, type Check, type CheckFinding, type KnownForChecks } from './check'

const words = { good: 'content', think: 'worth a thought', mend: 'to fix' } as const

/** Whether the trays can be packed complete and in time. */
export const kitted: Check = {
  id: 'kitted',
  name: 'Kitted',
  stages: ['pack'],
  gate: 'pack',
  look({ kit }) {
    const { state, findings } = kit.check
    const waits = state === 'mend' ? 'kit to fix' : ''
    const bare = findings.length === 0 ? onlyFromThePlan(kit.lines) : ''
    if (!kit.looked) return { ...nothingSaid, waits }
    return {
      ...nothingSaid,
      state,
      word: words[state],
      findings: findings.map((one) => withRemedies(one, kit)),
      sentence: bare,
      brief: findings[0]?.reason ?? bare,
      waits,
    }
  },
}

/** Nobody has typed a thing yet: no fault, but a lamp is easily forgotten. */
function onlyFromThePlan(lines: KnownForChecks['kit']['lines']): string {
  if (lines.length === 0 || lines.some(({ origin }) => origin === 'typed')) return ''
  return `On the list so far: ${listed(lines.map(({ material }) => material.name))}, nothing else.`
}

function withRemedies(finding: KitFinding, kit: KnownForChecks['kit']): CheckFinding {
  const short = kit.availability.find((one) => one.need.key === finding.need && one.short > 0)
  return short
    ? { ...finding, ...shortRemedies(short, kit.lines, kit.substitutes(short), kit.cupboard) }
    : { ...finding, remedies: [], refused: [] }
}
