import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyConclusion } from '../conclusion'
import { instrumentCupboard } from '../instrument'
import { noBackground, usualWays } from '../plan'
import { entriesFrom } from '../testing/exampleEntries'
import { examplePlan, kindsPlan, material } from '../testing/examplePlan'
import {
  arranged,
  asHtml,
  asMarkdown,
  paperParts,
  papers,
  reportFacts,
  type PartId,
  type ReportedLesson,
} from '.'

const groups = (['leaf', 'bell'] as const).map((id) => ({
  id,
  name: id === 'leaf' ? 'Leaf' : 'Bell',
  emblem: id,
}))
const lesson = (changes: Partial<ReportedLesson> = {}): ReportedLesson => ({
  plan: examplePlan({ title: 'Ball bounce', question: 'How high does it bounce?' }),
  own: { ageBand: '7-9', vocabulary: 'plain', children: 8, byGroup: [4, 4] },
  groups,
  school: { ways: usualWays, cupboard: instrumentCupboard },
  entries: [],
  predictions: [],
  conclusion: emptyConclusion,
  isOver: true,
  ...changes,
})
const read = entriesFrom({
  leaf: { h20: [10, 11, 12], h40: [20, 21, 22], h60: [31, 32, 33] },
  bell: { h20: [11, 12, 13], h40: [21, 22, 23], h60: [30, 31, 32] },
})
const partOf = (id: PartId, changes: Partial<ReportedLesson> = {}) =>
  paperParts('report', reportFacts(lesson(changes))).find((part) => part.id === id)

describe('a written report', () => {
  it('of a plan alone has what is planned, and no heading with nothing beneath', () => {
    expect(paperParts('report', reportFacts(lesson())).map(({ id }) => id)).toEqual(
      expect.arrayContaining(['question', 'variables', 'materials', 'method', 'bench']),
    )
    for (const id of ['table', 'chart', 'sure', 'wrong', 'why', 'next', 'words'] as const)
      expect(partOf(id)).toBeUndefined()
  })

  it('has what each group got at each level, by the plan’s way of summing up', () => {
    expect(partOf('table', { entries: read })!.body).toEqual({
      kind: 'table',
      caption: 'Bounce height, one number for each group.',
      head: ['Drop height', 'Leaf', 'Bell', 'All'],
      rows: [
        ['20 cm', '11 cm', '12 cm', '11.5 cm'],
        ['40 cm', '21 cm', '22 cm', '21.5 cm'],
        ['60 cm', '32 cm', '31 cm', '31.5 cm'],
      ],
    })
  })

  it('says what was predicted and found, the idea as an idea, and what went wrong', () => {
    const predictions = [
      {
        ...{ groupId: 'leaf', step: 'before' as const, because: 'Because it is faster', seat: 0 },
        ...{
          answer: { format: 'direction' as const, direction: 'more' as const },
          madeAt: '2026-03-09T09:00:00Z',
        },
      },
    ]
    const conclusion = {
      ...emptyConclusion,
      why: 'it has more speed',
      better: 'Look level.',
      nextQuestion: 'And a soft ball?',
    }
    const aside = { ...read[0]!, id: 'x', status: 'set-aside' as const, reason: 'pushed or bumped' }
    const told = { entries: [...read, aside], predictions, conclusion }
    expect(partOf('prediction', told)!.body).toEqual({
      kind: 'text',
      paragraphs: [
        'Leaf: the higher the drop, the higher the bounce, because it is faster',
        '1 of 1 group had predicted this.',
      ],
    })
    expect(partOf('found', told)!.body).toMatchObject({
      paragraphs: [expect.stringMatching(/^The higher the drop, the higher the bounce/)],
    })
    expect(partOf('why', told)!.body).toMatchObject({
      paragraphs: ['It has more speed.', 'It is an idea: this test did not check it.'],
    })
    expect(partOf('wrong', told)!.body).toMatchObject({
      items: ['One reading was set aside: pushed or bumped.'],
    })
    expect(partOf('next', told)!.body).toMatchObject({ paragraphs: ['And a soft ball?'] })
  })

  it('has the headings of the school', () => {
    const headings = (vocabulary: 'plain' | 'formal') =>
      paperParts('report', reportFacts(lesson({ own: { ...lesson().own, vocabulary } }))).map(
        ({ heading }) => heading,
      )
    expect(headings('plain')).toContain('What we needed')
    expect(headings('formal')).toContain('Materials')
  })

  it('asks for what one group needs, with how it is made', () => {
    const plan = examplePlan({
      materials: [
        material({ id: 'straw', name: 'straw', per: 'child', use: 'used-up' }),
        material({
          ...{ id: 'mix', name: 'bubble mix', amount: 100, unit: 'mL', use: 'used-up' },
          made: { kind: 'solution', of: 'sugar', unit: 'g', amount: 60, inMillilitres: 1000 },
        }),
      ],
    })
    expect(partOf('materials', { plan })!.body).toMatchObject({
      items: expect.arrayContaining([
        '1 straw for each child',
        '100 mL bubble mix for each group, 60 g of sugar to 1 L of water',
      ]),
    })
  })

  it('is made of nothing, of 400 letters without a space, and of twelve levels', () => {
    const long = 'w'.repeat(300)
    const kinds = Array.from({ length: 12 }, (_, index) => `${long}${index}`.slice(-80))
    for (const plan of [
      examplePlan({ levels: [], keptSame: [], question: '', title: '' }),
      kindsPlan(kinds, { question: long }),
    ])
      for (const paper of ['report', 'method'] as const)
        expect(paperParts(paper, reportFacts(lesson({ plan, groups: [] }))).length).toBeGreaterThan(0)
  })
})

describe('a method card', () => {
  it('has the steps with how often, and the cautions with what comes first', () => {
    const plan = examplePlan({ steps: ['Drop it.', 'Read the top.'] })
    const parts = paperParts('method', reportFacts(lesson({ plan })))
    expect(parts.find(({ id }) => id === 'method')!.body).toEqual({
      ...{ kind: 'list', isNumbered: true },
      items: ['Drop it.', 'Read the top.', expect.stringContaining('3 tries each')],
    })
    const cautions = parts.find(({ id }) => id === 'cautions')!.body
    expect(cautions.kind === 'list' && cautions.items.at(-1)).toBe(
      'The school’s own risk assessment and local rules come first.',
    )
    expect(parts.some(({ id }) => id === 'found' || id === 'table')).toBe(false)
  })
})

describe('a paper', () => {
  const all = paperParts('report', reportFacts(lesson({ entries: read })))

  it('is arranged as somebody chose: nothing twice, nothing lost but what is left out', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...papers.report]),
        fc.subarray([...papers.report]),
        (order, leftOut) => {
          const ids = arranged(all, { order, leftOut }).map(({ id }) => id)
          expect(new Set(ids).size).toBe(ids.length)
          expect([...ids].sort()).toEqual(
            all
              .map(({ id }) => id)
              .filter((id) => !leftOut.includes(id))
              .sort(),
          )
          const chosen = order.filter((id) => ids.includes(id))
          expect(ids.filter((id) => chosen.includes(id))).toEqual(chosen)
        },
      ),
    )
  })

  it('is Markdown and a web page in which words stay words', () => {
    const background = {
      ...noBackground,
      goal: '# not *a* heading | <b>',
      words: [{ word: 'bounce', meaning: 'to spring back', use: '' }],
    }
    const plan = examplePlan({ background, steps: ['1. Let go', '- and read'] })
    const parts = paperParts('report', reportFacts(lesson({ plan, entries: read })))
    const markdown = asMarkdown('Ball [1]', parts)
    expect(markdown).toContain('# Ball \\[1\\]\n')
    expect(markdown).toContain('\\# not \\*a\\* heading \\| \\<b\\>')
    expect(markdown).toContain('1. 1\\. Let go')
    expect(markdown).toContain('2. \\- and read')
    expect(markdown).toContain('| 20 cm | 11 cm | 12 cm | 11.5 cm |')
    expect(markdown).toContain('- **bounce**: to spring back')
    const page = asHtml('Ball <1>', parts)
    expect(page).toContain('<h1>Ball &lt;1&gt;</h1>')
    expect(page).toContain('| &lt;b&gt;')
    expect(page).not.toMatch(/<b>(?!bounce)/)
  })
})
