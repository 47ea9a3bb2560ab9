const changes = {
  lost: { past: 'lost', present: 'loses' },
  gained: { past: 'gained', present: 'gains' },
} as const

/**
 * That something gave the most or the least of what is measured; what was lost or gained is said as such.
 * @param tense whether it is certain, or what it looks as if
 * @example gaveMost('mass lost', 'most') // 'lost the most mass'
 */
export function gaveMost(
  measured: string,
  end: 'most' | 'least',
  tense: 'past' | 'present' = 'past',
): string {
  const { verb, thing, share } = said(measured, tense)
  if (share) return `${verb} the ${end === 'most' ? 'largest' : 'smallest'} share of its ${thing}`
  return `${verb} the ${end} ${thing}`
}

/**
 * That something gave more than another, or less, or the same.
 * @example gaveMore('bounce height', 'more') // 'gave more bounce height than'
 */
export function gaveMore(measured: string, comparison: 'more' | 'less' | 'same'): string {
  const { verb, thing, share } = said(measured, 'past')
  if (share) {
    const size = { more: 'a larger', less: 'a smaller', same: 'about the same' }[comparison]
    return `${verb} ${size} share of its ${thing} ${comparison === 'same' ? 'as' : 'than'}`
  }
  return comparison === 'same' ? `${verb} about the same ${thing} as` : `${verb} ${comparison} ${thing} than`
}

function said(measured: string, tense: 'past' | 'present') {
  const [, share, thing, change] = /^(share of )?(.+) (lost|gained)$/u.exec(measured) ?? []
  if (!thing) return { verb: tense === 'past' ? 'gave' : 'gives', thing: measured, share: false }
  return { verb: changes[change as keyof typeof changes][tense], thing, share: share !== undefined }
}
