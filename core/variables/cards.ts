import { fromCupboard, instrumentCupboard, type CupboardInstrument } from '../instrument'
import { unitDefinition } from '../quantity'
import {
  fittingPrediction,
  guessChanged,
  guessUnit,
  newId,
  type FormerlyChanged,
  type Idea,
  type KeptSame,
  type Plan,
} from '../plan'
import { isInRounds, recordingFor } from '../recording'

/** Where a card lies on the variables board. */
export type CardPlace = 'could-change' | 'changed' | 'kept-same' | 'could-measure' | 'measured'

/** One card of the variables board. */
export interface Card {
  id: string
  name: string
  place: CardPlace
}

/** The identifiers of the two cards that are picked; all others carry their own. */
export const pickedCards = { changed: 'changed', measured: 'measured' } as const

/**
 * Every card of the board, from the plan: a card has no place of its own but the part of the plan it stands for.
 * @example variableCards(plan).find((card) => card.place === 'changed')?.name // 'drop height'
 */
export function variableCards(plan: Plan): Card[] {
  const cards = (place: CardPlace, all: readonly Idea[]) => all.map(({ id, name }) => ({ id, name, place }))
  const picked = (place: 'changed' | 'measured') =>
    plan[place].name.trim() === '' ? [] : [{ id: pickedCards[place], name: plan[place].name, place }]
  return [
    ...cards('could-change', plan.ideas.change),
    ...picked('changed'),
    ...cards('kept-same', plan.keptSame),
    ...cards('could-measure', plan.ideas.measure),
    ...picked('measured'),
  ]
}

/**
 * A plan with one more card in a tray; empty names and names that lie on the board already add nothing.
 * @example addIdea(plan, 'change', 'kind of ball').ideas.change.at(-1)?.name // 'kind of ball'
 */
export function addIdea(plan: Plan, tray: 'change' | 'measure', name: string): Plan {
  const wanted = name.trim()
  const places: CardPlace[] =
    tray === 'change' ? ['could-change', 'changed', 'kept-same'] : ['could-measure', 'measured']
  const known = variableCards(plan).some(
    (card) => places.includes(card.place) && card.name.trim().toLowerCase() === wanted.toLowerCase(),
  )
  if (wanted === '' || known) return plan
  return withIdeas(plan, tray, [...plan.ideas[tray], { id: newId(), name: wanted }])
}

/**
 * Moves a card to another place of the board. Picking the thing to change drops every other change card,
 * and the one that was picked before, into *keep the same*; picking the thing to measure puts the earlier one
 * back into its tray. A change card stays among the change places, a measure card among the measure places:
 * any other move leaves the plan as it is. Names suggest units and instruments (see `guessUnit`).
 * @param cupboard the instruments at hand
 * @throws RangeError when no card has this id.
 * @example moveCard(plan, 'ball', 'changed').keptSame.map((same) => same.name) // ['drop height']
 */
export function moveCard(
  plan: Plan,
  id: string,
  to: CardPlace,
  cupboard: readonly CupboardInstrument[] = instrumentCupboard,
): Plan {
  const card = variableCards(plan).find((one) => one.id === id)
  if (!card) throw new RangeError('this card is not on the board')
  if (card.place === to) return plan
  const measures = card.place === 'could-measure' || card.place === 'measured'
  if (to === 'changed' && !measures) return pickChanged(plan, card)
  if (to === 'measured' && measures) return pickMeasured(plan, card, cupboard)
  if (to === 'could-measure' && measures)
    return withIdeas({ ...plan, measured: { ...plan.measured, name: '' } }, 'measure', [
      ...plan.ideas.measure,
      { id: newId(), name: card.name },
    ])
  if (to === 'kept-same' && !measures) return keep(plan, card)
  if (to === 'could-change' && !measures)
    return withIdeas(without(plan, card), 'change', [
      ...plan.ideas.change,
      { id: newId(), name: card.name, was: formerLevels(plan, card) },
    ])
  return plan
}

/**
 * Takes a card off the board.
 * @example removeCard(plan, 'ball').keptSame // []: the ball was the only one
 */
export function removeCard(plan: Plan, id: string): Plan {
  const card = variableCards(plan).find((one) => one.id === id)
  return card ? without(plan, card) : plan
}

/**
 * Calls a card something else; an empty name leaves it as it is.
 * @example renameCard(plan, 'changed', 'height of drop').changed.name // 'height of drop'
 */
export function renameCard(plan: Plan, id: string, name: string): Plan {
  const card = variableCards(plan).find((one) => one.id === id)
  if (!card || name.trim() === '') return plan
  const renamed = <T extends Idea>(all: T[]) =>
    all.map((one) => (one.id === id ? { ...one, name: name.trim() } : one))
  switch (card.place) {
    case 'changed':
      return { ...plan, changed: { ...plan.changed, name: name.trim() } }
    case 'measured':
      return { ...plan, measured: { ...plan.measured, name: name.trim() } }
    case 'kept-same':
      return { ...plan, keptSame: renamed(plan.keptSame) }
    case 'could-change':
      return withIdeas(plan, 'change', renamed(plan.ideas.change))
    case 'could-measure':
      return withIdeas(plan, 'measure', renamed(plan.ideas.measure))
  }
}

function pickChanged(plan: Plan, card: Card): Plan {
  const was = formerLevels(plan, card)
  const before = without(plan, card)
  const others = before.ideas.change.map((idea) => asKept(idea.id, idea.name, idea.was))
  const changed = was ? { ...was.changed, name: card.name } : guessChanged(card.name)
  return {
    ...before,
    changed,
    prediction: fittingPrediction(plan, changed),
    levels: was?.levels ?? [],
    properties: [],
    keptSame: [...before.keptSame, ...others, ...formerlyChanged(plan)],
    ideas: { ...before.ideas, change: [] },
    expected: null,
  }
}

/**
 * Lets the names of a plan that has no levels yet suggest what they are: kinds or numbers, and with which
 * instrument they are read. A plan with levels is left as it is.
 * @param cupboard the instruments at hand
 * @example guessFromNames({ ...blank, changed: { ...blank.changed, name: 'kind of paper' } }).changed.kind // 'kinds'
 */
export function guessFromNames(
  plan: Plan,
  cupboard: readonly CupboardInstrument[] = instrumentCupboard,
): Plan {
  if (plan.levels.length > 0 || plan.expected || isInRounds(plan)) return plan
  const changed = plan.changed.name.trim() === '' ? plan.changed : guessChanged(plan.changed.name)
  return {
    ...plan,
    changed: { ...changed, range: plan.changed.range },
    ...readBy(plan, plan.measured.name, cupboard),
    prediction: fittingPrediction(plan, changed),
  }
}

/** What was changed until now, with its levels; nothing when nothing was. */
function formerlyChanged(plan: Plan): KeptSame[] {
  if (plan.changed.name.trim() === '') return []
  return [asKept(newId(), plan.changed.name, { changed: plan.changed, levels: plan.levels })]
}

/** The levels that a change card has or had: they go with it wherever it is moved. */
function formerLevels(plan: Plan, { id, place }: Card): FormerlyChanged | null {
  if (place === 'changed') return { changed: plan.changed, levels: plan.levels }
  return [...plan.keptSame, ...plan.ideas.change].find((one) => one.id === id)?.was ?? null
}

/** A name that speaks of another unit brings an instrument that reads it. */
function pickMeasured(plan: Plan, card: Card, cupboard: readonly CupboardInstrument[]): Plan {
  const before = without(plan, card)
  const earlier = plan.measured.name.trim()
  return {
    ...before,
    ...readBy(before, card.name, cupboard),
    ideas: {
      ...before.ideas,
      measure: earlier ? [...before.ideas.measure, { id: newId(), name: earlier }] : before.ideas.measure,
    },
    expected: null,
  }
}

/**
 * The plan with what is measured called something. A first name that speaks of another unit brings an instrument that reads it;
 * later names leave the instrument alone.
 * @param cupboard the instruments at hand
 * @example namedMeasured(blank, 'temperature').measured.unit // 'C'
 */
export function namedMeasured(
  plan: Plan,
  name: string,
  cupboard: readonly CupboardInstrument[] = instrumentCupboard,
): Plan {
  return plan.measured.name.trim() === ''
    ? { ...plan, ...readBy(plan, name, cupboard) }
    : { ...plan, measured: { ...plan.measured, name } }
}

function readBy(
  { measured, recording }: Plan,
  name: string,
  cupboard: readonly CupboardInstrument[],
): Pick<Plan, 'measured' | 'recording'> {
  const unit = guessUnit(name)
  const dimension = unit && unitDefinition(unit).dimension
  const found =
    dimension && unitDefinition(measured.unit).dimension !== dimension
      ? cupboard.find((one) => one.dimension === dimension)
      : undefined
  if (!found) return { measured: { ...measured, name }, recording }
  return {
    measured: { ...measured, name, unit: found.unit, instrument: fromCupboard(found) },
    recording: recordingFor(recording, found.unit),
  }
}

function keep(plan: Plan, card: Card): Plan {
  if (card.place === 'changed')
    return { ...without(plan, card), keptSame: [...plan.keptSame, ...formerlyChanged(plan)] }
  return {
    ...without(plan, card),
    keptSame: [...plan.keptSame, asKept(card.id, card.name, formerLevels(plan, card))],
  }
}

function without(plan: Plan, { id, place }: Card): Plan {
  const others = <T extends { id: string }>(all: T[]) => all.filter((one) => one.id !== id)
  switch (place) {
    case 'could-change':
      return withIdeas(plan, 'change', others(plan.ideas.change))
    case 'could-measure':
      return withIdeas(plan, 'measure', others(plan.ideas.measure))
    case 'kept-same':
      return { ...plan, keptSame: others(plan.keptSame) }
    case 'changed':
      return { ...plan, changed: guessChanged(''), levels: [], properties: [], expected: null }
    case 'measured':
      return { ...plan, measured: { ...plan.measured, name: '' }, expected: null }
  }
}

const asKept = (id: string, name: string, was: FormerlyChanged | null = null): KeptSame => ({
  id,
  name,
  how: '',
  was,
})

const withIdeas = (plan: Plan, tray: 'change' | 'measure', ideas: Idea[]): Plan => ({
  ...plan,
  ideas: { ...plan.ideas, [tray]: ideas },
})
