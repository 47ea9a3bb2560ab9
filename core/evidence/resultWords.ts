import { levelName, type Plan } from '../plan'
import { listed, printQuantity } from '../quantity'
import type { Evidence } from './evidence'

/** Names and amounts as this plan prints them. */
export class ResultWords {
  constructor(
    readonly plan: Plan,
    readonly evidence: Evidence,
  ) {}

  name(place: number): string {
    return levelName(this.plan, this.evidence.comparison.levels[place]!)
  }

  named(ids: readonly string[]): string {
    return listed(
      ids.map((id) =>
        levelName(
          this.plan,
          this.plan.levels.find((one) => one.id === id)!,
        ),
      ),
    )
  }

  /** An amount of what is measured, finer than a mark where the mark would show nothing. */
  amount(value: number): string {
    const { mark } = this.evidence.comparison
    return printQuantity(value, this.plan.measured.unit, value < mark ? mark / 10 : mark)
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
