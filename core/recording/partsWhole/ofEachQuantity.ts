import { firstOf, itemAt, defined } from '../../defined'
import type { Plan } from '../../plan'
import { capital, unitDefinition } from '../../quantity'
import type { Entry } from '../../entries'
import { cellsOf, levelResults } from '../../evidence'
import { containerMoment } from '../change/containers'
import { comparisonOf } from '../comparisonOf'
import type { Column, Way } from '../way'
import { isReadAt, momentCalled, quantitiesOf, wholeMoment } from './quantities'

/**
 * A way that reads one quantity, made to read as many as its plan says: each reading goes by its own, scores are those of the first, and
 * what the others did is told beside it.
 */
export function ofEachQuantity(way: Way): Way {
  const first = (plan: Plan) => firstOf(quantitiesOf(plan))
  const at = (plan: Plan, moment: string) =>
    quantitiesOf(plan).find((own) => isReadAt(own, moment)) ?? first(plan)
  const own = <One extends Pick<Entry, 'moment'>>(quantity: Plan, all: readonly One[]) =>
    all.filter((one) => isReadAt(quantity, one.moment))
  /** By what it was read with: grams are of the mass. */
  const quantityOf = (plan: Plan, { readWith }: Pick<Entry, 'readWith'>) =>
    quantitiesOf(plan).find(
      ({ measured }) =>
        readWith !== null &&
        unitDefinition(readWith.unit).dimension === unitDefinition(measured.unit).dimension,
    ) ?? first(plan)

  return {
    ...way,
    planAt: at,
    quantities: quantitiesOf,

    slots: (plan, groupId, groupIndex) =>
      inTurn(
        quantitiesOf(plan).map((one) => way.slots(one, groupId, groupIndex)),
        (slot) => slot.levelId,
      ),

    columns(plan) {
      const each = quantitiesOf(plan)
      if (each.length === 1) return way.columns(plan)
      const [heads] = each.map((one) => way.columns(one).filter(({ once }) => !once))
      const columns = each.map((one) => {
        let index = 0
        return way.columns(one).map((column): Column => {
          const head = column.once ? column.head : itemAt(defined(heads), index++).head
          const unit = unitDefinition(one.measured.unit).symbol
          const called = momentCalled(one, column.moment)
          return { ...column, head: `${head} (${unit})`, called: `${called} (${unit})` }
        })
      })
      return inTurn(columns, () => null)
    },

    fields: (plan) => way.fields(first(plan)),

    check: (plan, text, context) => {
      const quantity = context ? at(plan, context.slot.moment) : first(plan)
      return way.check(quantity, text, context && { ...context, row: own(quantity, context.row) })
    },
    understand: (plan, entry) => way.understand(at(plan, entry.moment), entry),
    typedText: (plan, entry) => way.typedText(quantityOf(plan, entry), entry),
    print: (plan, entry) => way.print(quantityOf(plan, entry), entry),

    netReading: (plan, counted, entry) => {
      const quantity = at(plan, entry.moment)
      return way.netReading(quantity, own(quantity, counted), entry)
    },

    momentPhrase: (plan, moment) => {
      const called = momentCalled(at(plan, moment), moment)
      return called === wholeMoment ? called : `of ${called}`
    },

    comparable(plan, counted, slot) {
      const quantity = at(plan, slot.moment)
      return way.comparable(quantity, own(quantity, counted), slot)
    },

    scored: (plan, counted) => {
      const scored = way.scored(first(plan), own(first(plan), counted))
      return { ...scored, recording: plan.recording }
    },
    scoredByEntries: (plan) => way.scoredByEntries(first(plan)),
    readingsPerScore: (plan, counted) => way.readingsPerScore(first(plan), counted),
    scores: (plan, counted) => way.scores(first(plan), own(first(plan), counted)),
    soFar: (plan, counted) => way.soFar(first(plan), own(first(plan), counted)),
    sides: way.sides && {
      ...way.sides,
      rows: (plan, counted) => defined(way.sides).rows(first(plan), own(first(plan), counted)),
    },
    picture: (plan, counted) => defined(way.picture)(first(plan), own(first(plan), counted)),

    arithmetic: {
      head: (plan) => defined(way.arithmetic).head(first(plan)),
      /** Nothing is worked out while something of the try is still to be read. */
      steps(plan, counted, row) {
        const each = quantitiesOf(plan).map((one) =>
          defined(way.arithmetic).steps(one, own(one, counted), row),
        )
        return each.some((steps) => steps.length === 0) ? [] : each.flat()
      },
    },

    detail(plan, counted, results) {
      const [compared, ...others] = quantitiesOf(plan)
      const told = way.detail(defined(compared), own(defined(compared), counted), results)
      const besides = others.map((one) => {
        const read = own(one, counted)
        const comparison = comparisonOf(way.scored(one, read), [], way.readingsPerScore(one, read))
        const cells = cellsOf(comparison, way.scores(one, read))
        return way.detail(one, read, levelResults(comparison.levels, cells, comparison.scale))
      })
      const all = [told, ...besides.map((one) => one && capital(one))].flatMap((one) => one ?? [])
      return all.length === 0 ? null : all.join(' ')
    },
  }
}

/** Places of several quantities in turn: of each part all that is read of it, and what is read once before anything else. */
function inTurn<Place extends { moment: string }>(
  each: Place[][],
  stands: (place: Place) => string | null,
): Place[] {
  const [lead, ...others] = each.map((all) => all.filter(({ moment }) => moment !== containerMoment))
  const containers = each.flat().filter(({ moment }) => moment === containerMoment)
  const places = defined(lead).flatMap((place, index) => [
    place,
    ...others.map((other) => itemAt(other, index)),
  ])
  return places.flatMap((place, index) => {
    const begins = index === 0 || stands(itemAt(places, index - 1)) !== stands(place)
    return begins ? [...containers.filter((one) => stands(one) === stands(place)), place] : [place]
  })
}
