import { defined } from '../defined'
import { levelName, orderedLevels, type Level, type Plan } from '../plan'
import { capital, listed, printQuantity } from '../quantity'
import { saysWhere, sideClause, sideSaid, whateverPhrase } from '../words'
import type { Evidence, Strand } from './evidence'
import { driftReason, rareByChance, stillOpen } from './resultReason'
import type { ResultSentence } from './resultSaid'
import { ResultWords } from './resultWords'
import { sideFindings, sidesWord, type SideFinding } from './sideFindings'
import type { VerdictWord } from './verdict'

/** What one quantity shows: over all levels, and at each of them where there are several. */
interface Quantity {
  whole: Strand
  own: Strand[]
  /** How many quantities are judged beside each other. */
  among: number
}

/** A finding with all that it takes to say it. */
interface Said {
  plan: Plan
  evidence: Evidence
  level: Level | null
  findings: SideFinding[]
}

/**
 * How the sides of one thing compare: "It weighed the same before and after, to within 2 g."
 * @param plan as its sides are compared
 * @returns null where no sides are compared
 * @example sidesSentence(plan, evidence) // null: three drop heights are compared
 */
export function sidesSentence(plan: Plan, evidence: Evidence): ResultSentence | null {
  if (!plan.besides) return null
  if (evidence.results.length < 2)
    return {
      sentence: 'There is nothing to compare yet.',
      reasons: [`It takes one try that was read ${listed(sidesOf(plan))}.`],
    }
  const quantities = quantitiesOf(plan, evidence)
  const sentences = quantities.map((one, place) => capital(quantitySaid(one, place > 0)))
  return { sentence: sentences.join(' '), reasons: reasonsOf(plan, evidence, quantities) }
}

/**
 * What a lesson that compares sides comes to in one word.
 * @returns null where no sides are compared
 * @example sidesVerdict(plan, evidence) // null
 */
export function sidesVerdict(plan: Plan, evidence: Evidence): VerdictWord | null {
  if (!plan.besides) return null
  return sidesWord(
    quantitiesOf(plan, evidence).flatMap((one) => settled(one).flatMap(({ findings }) => findings)),
  )
}

function quantitiesOf(plan: Plan, evidence: Evidence): Quantity[] {
  const wholes: Strand[] = [
    { plan, level: null, evidence },
    ...evidence.strands.filter(({ level, evidence: own }) => level === null && own.results.length >= 2),
  ]
  return wholes.map((whole) => ({
    whole,
    own: evidence.strands.filter(
      (one) => one.level !== null && one.plan.measured.name === whole.plan.measured.name,
    ),
    among: wholes.length,
  }))
}

const sidesOf = (plan: Plan) => orderedLevels(plan).map((side) => sideOf(plan, side))
const sideOf = (plan: Plan, side: Level) => sideSaid(plan.comparison as 'itself', side.name)

const isSettled = ({ verdict }: SideFinding) => verdict.word === 'clear' || verdict.word === 'no-difference'
const outcome = ({ verdict, ahead }: SideFinding) => (verdict.word === 'clear' ? ahead : verdict.word)

/** What is said of a quantity: all levels at once where they agree, else each by itself. */
function settled({ whole, own, among }: Quantity): Said[] {
  const all = { ...whole, findings: sideFindings(whole.evidence, among) }
  const each = own.map((one) => ({ ...one, findings: sideFindings(one.evidence, among * own.length) }))
  const firm = each.flatMap(({ findings }) => findings.filter(isSettled))
  const against = firm.some((one) => {
    const same = all.findings.find(({ level }) => level.id === one.level.id)
    return same === undefined || outcome(same) !== outcome(one)
  })
  return against ? each : [all]
}

/** @param again whether another quantity was said before, so that the sides need not be said again where nothing differs */
function quantitySaid(quantity: Quantity, again: boolean): string {
  const said = settled(quantity)
  const [first] = said
  if (
    again &&
    defined(first).level === null &&
    defined(first).findings.every(({ verdict }) => verdict.word === 'no-difference')
  )
    return `${sideClause(defined(first).plan.measured, 'same')}${withinSaid(defined(first), defined(first).findings)}${everywhere(quantity, defined(first))}.`
  if (defined(said[0]).level === null)
    return `${oneSaid(defined(said[0]), '', everywhere(quantity, defined(said[0])))}.`
  const isShort = said.every(({ findings }) => findings.length === 1)
  if (!isShort) return `${said.map((one) => capital(oneSaid(one, nameOf(one)))).join('. ')}.`
  const kinds = new Map<unknown, Said[]>()
  for (const one of said) {
    const found = outcome(defined(one.findings[0]))
    kinds.set(found, [...(kinds.get(found) ?? []), one])
  }
  const order = [1, -1, 'no-difference', 'leaning', 'cant-tell']
  return `${[...kinds]
    .sort((a, b) => order.indexOf(a[0] as never) - order.indexOf(b[0] as never))
    .map(([found, same], at) =>
      // "Took up the same" behind what took up less is said beside the same sides.
      at > 0 && found === 'no-difference'
        ? sideClause(defined(same[0]).plan.measured, 'same', { of: namesOf(same) })
        : oneSaid(defined(same[0]), namesOf(same), '', same.length > 1),
    )
    .join('; ')}.`
}

const nameOf = ({ plan, level }: Said) =>
  level === null ? '' : levelName({ ...plan, ...plan.besides }, level)

/** "Peas and peas" and "rice and rice": names that list something already stand in quotes. */
function namesOf(said: readonly Said[]): string {
  const names = said.map(nameOf)
  const isListed = names.length > 1 && names.some((name) => / and /u.test(name))
  return isListed ? listed(names.map((name) => `“${name}”`)).replace('”, and “', '” and “') : listed(names)
}

/** Said where every level by itself shows what all of them show together. */
function everywhere({ own }: Quantity, { plan, findings, evidence }: Said): string {
  const isFirm = findings.every(isSettled)
  if (own.length < 2 || !isFirm || own.length < evidence.strands.length / 2) return ''
  return plan.besides && plan.besides.changed.name.trim() !== ''
    ? `, ${whateverPhrase(plan.besides.changed)}`
    : ''
}

/** How the sides of one level, or of all together, compare. */
function oneSaid(said: Said, of: string, suffix = '', isSeveral = false): string {
  const { plan, findings } = said
  const [base] = sidesOf(plan)
  if (findings.length === 1) return `${pairSaid(said, defined(findings[0]), of, isSeveral)}${suffix}`
  if (findings.every(({ verdict }) => verdict.word === 'no-difference')) {
    const clause = sideClause(plan.measured, 'same', { of })
    return `${clause} each time${withinSaid(said, findings)}${suffix}: ${listed(sidesOf(plan))}`
  }
  const firm = findings.filter(isSettled)
  const open = findings.filter((one) => !isSettled(one))
  const leaning = open.filter(
    ({ verdict, ahead }) => verdict.word === 'leaning' && ahead === defined(open[0]).ahead,
  )
  if (firm.length === 0 && leaning.length > 0)
    return `it looks as if ${sideClause(plan.measured, wayOf(defined(leaning[0])), { of })} ${listed(leaning.map(({ level }) => sideOf(plan, level)))} than ${defined(base)}, but it is not certain`
  if (firm.length === 0)
    return `we can’t tell yet whether ${sideClause(plan.measured, 'same', { of })} each time: ${listed(sidesOf(plan))}`
  const amountSaid = (one: SideFinding) => {
    const side = sideOf(plan, one.level)
    if (one.verdict.word === 'no-difference') return `the same ${side}`
    return `${sideAmount(said, one)} ${side}`
  }
  const lead = `compared with ${behindWith(defined(base))}, ${firstClause(said, firm, of)}`
  const told = listed([lead, ...firm.slice(1).map(amountSaid)])
  return open.length === 0
    ? told
    : `${told}; we can’t tell yet about ${listed(open.map(({ level }) => quotedSide(sideOf(plan, level))))}`
}

/** What a side is compared with, behind "with": "before", "a lump", "the top". */
function behindWith(base: string): string {
  const thing = base.replace(/^(?:as|at|in|on) (?=(?:an?|one|the) )/u, '')
  return thing === base && saysWhere(base) ? `“${base}”` : thing
}

const quotedSide = (side: string) => `“${side}”`

function firstClause(said: Said, firm: readonly SideFinding[], of: string): string {
  const [first] = firm
  const side = sideOf(said.plan, defined(first).level)
  if (defined(first).verdict.word === 'no-difference')
    return `${sideClause(said.plan.measured, 'same', { of })} ${side}`
  const amount = amountOf(said, defined(first))
  return `${sideClause(said.plan.measured, wayOf(defined(first)), { of, amount })} ${side}`
}

const wayOf = ({ ahead }: SideFinding) => (ahead > 0 ? 'more' : 'less')

/** "About 4 g less". */
function sideAmount(said: Said, finding: SideFinding): string {
  const amount = amountOf(said, finding)
  return `${amount === '' ? '' : `about ${amount} `}${wayOf(finding)}`
}

function amountOf({ plan, evidence }: Said, { amount }: SideFinding): string {
  if (plan.measured.scale || !Number.isFinite(amount) || amount === 0) return ''
  return new ResultWords(plan, evidence).amount(amount)
}

function withinSaid({ plan, evidence }: Said, findings: readonly SideFinding[]): string {
  const bound = Math.max(...findings.map((one) => one.bound))
  if (plan.measured.scale || !Number.isFinite(bound)) return ''
  const { mark } = evidence.comparison
  const marks = Math.ceil(Math.max(bound, mark) / mark - 1e-6)
  return `, to within ${printQuantity(marks * mark, plan.measured.unit, mark)}`
}

function pairSaid(said: Said, finding: SideFinding, of: string, isSeveral: boolean): string {
  const { plan } = said
  const { measured } = plan
  const [base, side] = [defined(sidesOf(plan)[0]), sideOf(plan, finding.level)]
  const amount = isSeveral ? '' : amountOf(said, finding)
  switch (finding.verdict.word) {
    case 'clear':
      return `${sideClause(measured, wayOf(finding), { of, amount })} ${side} than ${base}`
    case 'no-difference':
      return `${sideClause(measured, 'same', { of })} ${base} and ${side}${isSeveral ? '' : withinSaid(said, [finding])}`
    case 'leaning':
      return `it looks as if ${sideClause(measured, wayOf(finding), { of })} ${side} than ${base}, but it is not certain`
    case 'cant-tell':
      return `we can’t tell yet whether ${sideClause(measured, 'same', { of })} ${base} and ${side}`
  }
}

function reasonsOf(plan: Plan, evidence: Evidence, quantities: readonly Quantity[]): string[] {
  const findings = quantities.flatMap((one) => settled(one).flatMap((said) => said.findings))
  const clear = findings.filter(({ verdict }) => verdict.word === 'clear')
  const readings = evidence.cells.reduce((sum, { values }) => sum + values.length, 0)
  const isAllSame = findings.every(({ verdict }) => verdict.word === 'no-difference')
  return [
    ...(clear.length > 0 ? [agreed(plan, clear), rareByChance] : []),
    isAllSame ? `Any difference that is left is too small to matter, over ${readings} readings.` : '',
    findings.some((one) => !isSettled(one)) ? 'More tries, or more groups, would settle what is open.' : '',
    stillOpen(evidence, 'readings'),
    driftReason(new ResultWords(plan, evidence)),
  ].filter(Boolean)
}

function agreed(plan: Plan, findings: readonly SideFinding[]): string {
  const { groups, agreeing } = findings.reduce((least, one) =>
    one.agreement.agreeing < least.agreement.agreeing ? one : least,
  ).agreement
  if (groups < 2 && plan.whoTests === 'whole-class')
    return 'We tested this once for all. Another set-up would make it surer.'
  if (groups < 2) return 'Only one group tested this. A second group would make it surer.'
  return agreeing === groups
    ? `All ${groups} groups found the same.`
    : `${agreeing} of ${groups} groups found the same.`
}
