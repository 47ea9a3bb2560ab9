import { describe, expect, it } from 'vitest'
import { emptyConclusion } from '../conclusion'
import { ways } from '../recording'
import { examplePlan } from '../testing/examplePlan'
import { metIn, yearRows, type TestedLesson } from '.'

const lesson = (changes: Partial<TestedLesson> = {}): TestedLesson => ({
  plan: examplePlan(),
  conclusion: emptyConclusion,
  ...{ asked: false, reasoned: false, repeated: false, noticed: false, questioned: false },
  ...changes,
})

describe('what a class met in a lesson', () => {
  it('is what its record shows', () => {
    expect(metIn(lesson())).toEqual(['skill:fair', 'skill:measured', 'way:measure', 'instrument:metre stick'])
    const { keptSame: _, ...plan } = examplePlan()
    expect(metIn(lesson({ plan: { ...plan, keptSame: [] } }))).not.toContain('skill:fair')
  })

  it('is no measuring where words are chosen', () => {
    const plan = examplePlan({
      recording: {
        ...{ kind: 'word-scale', words: ['shiny', 'rusty'], seen: 'once', minutes: [0] },
        ...{ days: 5, score: 'end', awaited: 'rusty' },
      },
    })
    expect(metIn(lesson({ plan }))).toEqual(['skill:fair', 'way:word-scale'])
  })

  it.each([
    ['asked', { asked: true }],
    ['reasoned', { reasoned: true }],
    ['repeated', { repeated: true }],
    ['noticed', { noticed: true }],
    ['questioned', { questioned: true }],
    ['worked', { plan: examplePlan({ workOut: 'children' }) }],
    ['answered', { conclusion: { ...emptyConclusion, ownWords: 'It bounced higher.' } }],
    ['why', { conclusion: { ...emptyConclusion, why: 'it falls for longer' } }],
    ['better', { conclusion: { ...emptyConclusion, better: 'read at eye level' } }],
    ['next', { conclusion: { ...emptyConclusion, nextQuestion: 'And on grass?' } }],
  ])('%s', (id, changes) => {
    expect(metIn(lesson())).not.toContain(`skill:${id}`)
    expect(metIn(lesson(changes))).toContain(`skill:${id}`)
  })

  it('is no answer of spaces', () => {
    const conclusion = { ...emptyConclusion, ownWords: ' ', why: ' ', better: ' ', nextQuestion: ' ' }
    expect(metIn(lesson({ conclusion })).filter((id) => id.startsWith('skill:'))).toEqual([
      'skill:fair',
      'skill:measured',
    ])
  })
})

describe('the rows of the year', () => {
  it('hold every skill and way, and each instrument once', () => {
    const rows = yearRows(['instrument:ruler', 'instrument:balance', 'instrument:ruler', 'way:count'])
    expect(rows.filter(({ kind }) => kind === 'way')).toHaveLength(ways.length)
    expect(rows.filter(({ kind }) => kind === 'instrument').map(({ name }) => name)).toEqual([
      'Balance',
      'Ruler',
    ])
    expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length)
  })

  it('have one for everything that can be met', () => {
    const met = ways.flatMap((way) => {
      const plan = examplePlan({ recording: way.usualRecording, workOut: 'children' })
      const conclusion = { ...emptyConclusion, ownWords: 'a', why: 'b', better: 'c', nextQuestion: 'd' }
      return metIn({
        plan,
        conclusion,
        asked: true,
        reasoned: true,
        repeated: true,
        noticed: true,
        questioned: true,
      })
    })
    expect(new Set(met)).toEqual(new Set(yearRows(met).map(({ id }) => id)))
  })
})
