import { headingOf } from './headings'
import { parts } from './parts'
import type { PaperKind, PartBody, PartId, ReportFacts, ReportPart } from './part'

/** The papers that are made of a lesson's parts, each with its parts from top to bottom. */
// prettier-ignore
export const papers: Record<PaperKind, readonly PartId[]> = {
  report: [
    'question', 'background', 'prediction', 'variables', 'materials', 'method', 'bench', 'table', 'chart',
    'photos', 'found', 'sure', 'wrong', 'why', 'dissent', 'better', 'next', 'words',
  ],
  method: ['question', 'variables', 'bench', 'materials', 'prepare', 'method', 'cautions'],
  poster: [
    'question', 'tested', 'bench', 'chart', 'answer', 'showed', 'wrong', 'why', 'dissent', 'better', 'next',
  ],
  journal: [
    'question', 'tested', 'own-prediction', 'own-readings', 'chart', 'noticed', 'guessed', 'visits', 'draw', 'answer',
    'why', 'words', 'now',
  ],
}

/** How somebody has arranged a paper: which parts are left out, and which come in another order. */
export interface Arrangement {
  order: readonly PartId[]
  leftOut: readonly PartId[]
}

const isEmpty = (body: PartBody): boolean => {
  switch (body.kind) {
    case 'text':
      return body.paragraphs.length === 0
    case 'list':
      return body.items.length === 0
    case 'tables':
      return body.tables.length === 0
    case 'pictures':
      return body.items.length === 0
    case 'words':
      return body.words.length === 0
    case 'figure':
    case 'chart':
    case 'room':
      return false
  }
}

/**
 * The parts of a paper, from top to bottom, those with nothing to say left out.
 * @example paperParts('method', facts)[0].heading // 'The question'
 */
export function paperParts(paper: PaperKind, facts: ReportFacts): ReportPart[] {
  return papers[paper]
    .map((id) => ({
      id,
      heading: headingOf(id, facts.vocabulary, paper, facts.own?.seat),
      body: parts[id](facts),
    }))
    .filter(({ body }) => !isEmpty(body))
}

/**
 * The parts as somebody has arranged them: in their order, a part that is new since then in its usual place, without those that are left
 * out.
 * @example arranged(parts, { order: ['chart', 'question'], leftOut: [] })[0].id // 'chart'
 */
export function arranged(all: readonly ReportPart[], { order, leftOut }: Arrangement): ReportPart[] {
  const usual = all.map(({ id }) => id)
  const known = order.filter((id) => usual.includes(id))
  const ids = [...known]
  for (const [place, id] of usual.entries())
    if (!ids.includes(id)) {
      const before = usual
        .slice(0, place)
        .filter((one) => ids.includes(one))
        .at(-1)
      ids.splice(before === undefined ? 0 : ids.indexOf(before) + 1, 0, id)
    }
  return ids.flatMap((id) => (leftOut.includes(id) ? [] : all.filter((part) => part.id === id)))
}
