import { defined } from '../defined'
import type { Plan } from '../plan'
import { fractionStep, listed, printFraction, printQuantity, stripRoundingNoise, withUnit } from '../quantity'
import { levelSaid } from '../words'
import type { Evidence } from './evidence'
import { supportedStep, wobbleOf } from './supportedStep'

/** Names and amounts as this plan prints them. */
export class ResultWords {
  constructor(
    readonly plan: Plan,
    readonly evidence: Evidence,
  ) {}

  name(place: number): string {
    return levelSaid(this.plan, defined(this.evidence.comparison.levels[place]))
  }

  named(ids: readonly string[]): string {
    return listed(
      ids.map((id) => levelSaid(this.plan, defined(this.plan.levels.find((one) => one.id === id)))),
    )
  }

  /** An amount of what is measured, with no more digits than the readings carry; finer than a mark where the mark would show nothing. */
  amount(value: number): string {
    const { mark } = this.evidence.comparison
    const { unit } = this.plan.measured
    const inHalves = fractionStep(mark, unit, false) !== null
    if (value < mark) return printQuantity(value, unit, mark / (inHalves ? 4 : 10))
    const step = supportedStep({ mark, inHalves, ...wobbleOf(this.evidence) })
    const rounded = Math.round(value / step) * step
    // What rounding would take away is said to the mark.
    const said = stripRoundingNoise(rounded > 0 ? rounded : Math.round(value / mark) * mark)
    return withUnit(inHalves ? printFraction(said, mark) : String(said), unit)
  }

  /** Whether results have only an order, so that nothing can be said of how far they lie apart. */
  get ordinal(): boolean {
    return this.evidence.comparison.scale !== 'number'
  }

  /** Said behind "no difference", where it can be told how much there may still be. */
  within(bound: number): string {
    return this.ordinal ? '' : `: if there is any, it is no more than ${this.bound(bound)}`
  }

  /** What difference there may still be: never less than the readings can show. */
  bound(value: number): string {
    const { mark } = this.evidence.comparison
    const marks = Math.ceil(Math.max(value, mark) / mark - 1e-6)
    return printQuantity(marks * mark, this.plan.measured.unit, mark)
  }
}
