import { nothingSaid, type Check } from './check'

const words = { good: 'fair', think: 'worth a thought', mend: 'to fix' } as const

/** Whether the test is fair. */
export const fair: Check = {
  id: 'fair',
  name: 'Fair',
  stages: ['plan'],
  gate: 'plan',
  look({ fair: { state, findings } }) {
    const mends = findings.filter((one) => one.severity === 'mend').length
    return {
      ...nothingSaid,
      state,
      word: words[state],
      findings: findings.map((one) => ({ ...one, refused: [] })),
      waits: mends > 0 ? `${mends} to fix` : '',
    }
  },
}
