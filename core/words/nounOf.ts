import { unitDefinition, type Unit } from '../quantity'

/** What is asked for by "how far", and the like. */
const asked: Readonly<Record<string, string>> = {
  far: 'distance',
  high: 'height',
  tall: 'height',
  deep: 'depth',
  wide: 'width',
  thick: 'thickness',
  heavy: 'mass',
  fast: 'speed',
  quickly: 'speed',
  hot: 'temperature',
  warm: 'temperature',
  cold: 'temperature',
  hard: 'hardness',
  strong: 'strength',
  loud: 'loudness',
  bright: 'brightness',
  dry: 'dryness',
  wet: 'wetness',
}

/**
 * What a variable is called inside a sentence: names that are clauses become nouns. What cannot be put so is *the result*.
 * @param unit what it is measured in; null where it is a kind
 * @example nounOf('how far the ball rolls', 'cm') // 'distance the ball rolls'
 */
export function nounOf(name: string, unit: Unit | null): string {
  const plain = name.trim().replace(/[?.!]+$/, '')
  const clause = /^how (\p{L}+)\s+(.+)$/iu.exec(plain)
  if (clause) {
    const [, word, rest] = clause as unknown as [string, string, string]
    const low = word.toLowerCase()
    const clean = rest.replace(/^(?:it|that) is$/i, '').trim()
    if (low === 'many') return `number of ${rest}`
    if (low === 'much') return `amount of ${rest.replace(/^of\s+/i, '')}`
    if (low === 'long' || low === 'soon') return `${isTime(unit) ? 'time' : 'length'} ${clean}`.trim()
    const noun = asked[low]
    if (noun) return `${noun} ${/^it is\b/i.test(rest) ? '' : clean}`.trim()
    return 'result'
  }
  return /^(?:whether|which|what|who|whose|where|when|why|if|how)\b/i.test(plain) ? 'result' : plain
}

const isTime = (unit: Unit | null) => unit !== null && unitDefinition(unit).dimension === 'time'
