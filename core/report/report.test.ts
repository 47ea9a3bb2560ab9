import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyConclusion } from '../conclusion'
import { instrumentCupboard } from '../instrument'
import type { Observation } from '../observation'
import { noBackground, usualWays } from '../plan'
import { entriesFrom } from '../testing/exampleEntries'
import { examplePlan, kindsPlan, material } from '../testing/examplePlan'
import {
  arranged,
  asHtml,
  asMarkdown,
  everythingShown,
  ownRecord,
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
  observations: [],
  reviews: [],
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
      kind: 'tables',
      tables: [
        {
          caption: 'Bounce height, one number for each group.',
          head: ['Drop height', 'Leaf', 'Bell', 'All'],
          rows: [
            ['20 cm', '11 cm', '12 cm', '11.5 cm'],
            ['40 cm', '21 cm', '22 cm', '21.5 cm'],
            ['60 cm', '32 cm', '31 cm', '31.5 cm'],
          ],
        },
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
      for (const paper of ['report', 'method', 'poster', 'journal'] as const)
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

describe('a poster', () => {
  const poster = (changes: Partial<ReportedLesson> = {}) =>
    paperParts('poster', reportFacts(lesson({ entries: read, ...changes })))
  const textOf = (id: PartId, changes: Partial<ReportedLesson> = {}) => {
    const body = poster(changes).find((part) => part.id === id)?.body
    return body?.kind === 'text' ? body.paragraphs : undefined
  }

  it('has room for the answer while nothing is read, and says the class’s own at any time', () => {
    const ids = poster({ entries: [] }).map(({ id }) => id)
    expect(ids).toEqual(['question', 'tested', 'bench', 'answer'])
    expect(textOf('answer', { entries: [] })).toBeUndefined()
    const conclusion = { ...emptyConclusion, ownWords: 'It bounces higher.' }
    expect(textOf('answer', { entries: [], conclusion })).toEqual(['It bounces higher.'])
  })

  it('leaves out what nobody has said', () => {
    expect(poster().map(({ id }) => id)).toEqual(['question', 'tested', 'bench', 'chart', 'answer', 'showed'])
  })

  it('says the finding once: as the answer, or beneath the class’s own', () => {
    const found = textOf('answer')![0]!
    expect(found).toMatch(/^The higher the drop, the higher the bounce/)
    expect(textOf('showed')![0]).not.toContain(found)
    const conclusion = { ...emptyConclusion, ownWords: 'It bounces higher.' }
    expect(textOf('answer', { conclusion })).toEqual(['It bounces higher.'])
    expect(textOf('showed', { conclusion })![0]).toContain(found)
  })

  it('calls an idea why an idea', () => {
    const conclusion = { ...emptyConclusion, why: 'because it falls further' }
    expect(textOf('why', { conclusion })).toEqual([
      'Because it falls further.',
      'It is an idea: this test did not check it.',
    ])
  })
})

describe('a journal page', () => {
  const predictions = [1, 2].map((seat) => ({
    ...{ groupId: 'leaf', step: 'before' as const, because: seat === 1 ? 'it is faster' : '', seat },
    answer: { format: 'direction' as const, direction: seat === 1 ? ('more' as const) : ('less' as const) },
    madeAt: '2026-03-09T09:00:00Z',
  }))
  const seen = (changes: Partial<Observation>): Observation => ({
    ...{ id: 'o', groupId: 'leaf', kind: 'noticed', text: 'it spins', picture: null, pictureDeleted: false },
    ...{ about: null, source: 'sheet', seenAt: '2026-03-09T10:00:00Z', onBoard: false, removed: false },
    ...changes,
  })
  const told = lesson({
    plan: examplePlan({ prediction: { ...examplePlan().prediction, who: 'child' } }),
    ...{ entries: read, predictions },
    observations: [
      seen({}),
      seen({ id: 'p', groupId: 'bell', text: 'not ours' }),
      seen({ id: 'q', groupId: null, kind: 'guessed', text: 'air inside' }),
      seen({ id: 'r', text: 'taken off', removed: true }),
    ],
  })
  const journal = (seat: number, choices = everythingShown) => {
    const facts = { ...reportFacts(told), choices }
    return paperParts('journal', { ...facts, own: ownRecord(told, facts, 0, seat) })
  }
  const bodyOf = (id: PartId, ...from: Parameters<typeof journal>) =>
    journal(...from).find((part) => part.id === id)?.body

  it('is of one group: its predictions, what it read and saw, and what the class saw', () => {
    expect(bodyOf('own-prediction', 0)).toMatchObject({
      paragraphs: [
        'The higher the drop, the higher the bounce, because it is faster.',
        'The higher the drop, the lower the bounce.',
      ],
    })
    expect(bodyOf('noticed', 0)).toMatchObject({ items: [{ text: 'it spins' }] })
    expect(bodyOf('guessed', 0)).toMatchObject({ items: [{ text: 'air inside' }] })
    expect(bodyOf('own-readings', 0)).toEqual({
      kind: 'tables',
      tables: [
        {
          caption: 'Bounce height',
          head: ['Drop height', 'try 1', 'try 2', 'try 3', 'middle value'],
          rows: [
            ['20 cm', '10 cm', '11 cm', '12 cm', '11 cm'],
            ['40 cm', '20 cm', '21 cm', '22 cm', '21 cm'],
            ['60 cm', '31 cm', '32 cm', '33 cm', '32 cm'],
          ],
        },
      ],
    })
  })

  it('has what the class read together on every group’s page', () => {
    const plan = examplePlan({ whoTests: 'whole-class' })
    const together = lesson({ plan, entries: read.filter(({ groupId }) => groupId === 'leaf') })
    const facts = reportFacts(together)
    const [first, second] = [0, 1].map((place) =>
      paperParts('journal', { ...facts, own: ownRecord(together, facts, place) }).find(
        ({ id }) => id === 'own-readings',
      ),
    )
    expect(second!.body).toEqual(first!.body)
    expect(JSON.stringify(first!.body)).toContain('22 cm')
  })

  it('is of one child: its own prediction alone, as its own', () => {
    expect(bodyOf('own-prediction', 2)).toMatchObject({
      paragraphs: ['The higher the drop, the lower the bounce.'],
    })
    expect(journal(2).find(({ id }) => id === 'own-prediction')!.heading).toBe('My prediction')
  })

  it('leaves the sums to the children, and the chart', () => {
    const body = bodyOf('own-readings', 0, { sums: 'left', chart: 'axes' })!
    expect(body.kind === 'tables' && body.tables[0]!.rows.map((row) => row.at(-1))).toEqual(['', '', ''])
    expect(bodyOf('chart', 0, { sums: 'left', chart: 'axes' })).toEqual({ kind: 'chart', how: 'axes' })
  })

  it('has room for what nobody has found yet, and is of no group that is not there', () => {
    const facts = reportFacts(lesson())
    const parts = paperParts('journal', { ...facts, own: ownRecord(lesson(), facts, 1) })
    expect(parts.find(({ id }) => id === 'answer')!.body).toEqual({ kind: 'room', lines: 2 })
    expect(parts.some(({ id }) => id === 'own-readings')).toBe(false)
    expect(() => ownRecord(lesson(), facts, 2)).toThrow(RangeError)
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
