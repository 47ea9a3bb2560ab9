import { expect, it } from 'vitest'
import { variableWords } from '../class'
import { comparesSides } from '../comparison'
import type { Plan } from '../plan'
import { dough, poured } from '../testing/sidesPlans'
import { checkFair } from '.'

const check = (plan: Plan) => checkFair(plan, { age: '7-9', words: variableWords('plain') })
const found = (plan: Plan) => check(plan).findings.map(({ code }) => code)
const thermometer = { ...poured().measured.instrument, name: 'thermometer', unit: 'C' } as const

it('one level is enough where it is compared with itself, and nothing needs to be changed', () => {
  const plan = dough(['dough'], {
    changed: { name: '', kind: 'kinds', unit: null, range: null },
    tries: 3,
  })
  expect(found(plan)).not.toEqual(expect.arrayContaining(['nothing-changed']))
  expect(found(plan)).not.toEqual(expect.arrayContaining(['too-few-levels']))
  expect(found({ ...plan, comparison: 'levels' })).toEqual(
    expect.arrayContaining(['nothing-changed', 'too-few-levels']),
  )
})

it('asks for what is changed while there are no levels, and nobody has said what is compared', () => {
  const plan = dough([], { changed: { name: '', kind: 'kinds', unit: null, range: null } })
  expect(found({ ...plan, comparison: undefined })).toContain('nothing-changed')
  expect(found({ ...plan, comparison: 'itself' })).not.toContain('nothing-changed')
})

it('asks what is compared with itself while nobody has said, and adds it', () => {
  const finding = check(dough([])).findings.find(({ code }) => code === 'too-few-levels')
  const mended = finding!.remedies[0]!.apply(dough([]))
  expect(mended.levels).toHaveLength(1)
  expect(found(mended)).not.toContain('too-few-levels')
})

it('counts tries over all levels, which are one more try of the same', () => {
  expect(found(dough(['rolled', 'flat'], { tries: 2 }))).not.toContain('too-few-tries')
  expect(found(dough(['rolled'], { tries: 2 }))).toContain('too-few-tries')
  expect(found(dough(['rolled', 'flat'], { tries: 2, comparison: 'levels' }))).toContain('too-few-tries')
})

it('adds no temperatures up, and reads them before and after instead', () => {
  const plan = poured(['tea'], { measured: { name: 'temperature', unit: 'C', instrument: thermometer } })
  const finding = check(plan).findings.find(({ code }) => code === 'parts-not-added')!
  expect(finding).toMatchObject({
    severity: 'mend',
    reason: expect.stringMatching(/^Temperatures don’t add up/),
  })
  const mended = finding.remedies[0]!.apply(plan)
  expect(mended.recording.kind).toBe('before-after')
  expect(found(mended)).not.toContain('parts-not-added')
})

it('says that a way can’t give a comparison, and compares the levels', () => {
  const plan: Plan = { ...dough(['rolled', 'flat']), recording: { kind: 'measure' } }
  const finding = check(plan).findings.find(({ code }) => code === 'comparison-not-given')!
  expect(finding.reason).toBe(
    'This way of recording can’t compare one thing with itself, so the levels are compared.',
  )
  const mended = finding.remedies[0]!.apply(plan)
  expect([mended.comparison, comparesSides(mended)]).toEqual(['levels', false])
  expect(found(mended)).not.toContain('comparison-not-given')
})
