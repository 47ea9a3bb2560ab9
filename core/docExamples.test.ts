import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { docExamples, evaluate, freeNames, toldValue } from './testing/docExamples'
import * as exampleNames from './testing/exampleNames'

// What the docstrings of the core say their functions give, they give. An example that speaks of something which has no name in
// `exampleNames` is for people only; so is what stands behind the first value, and whatever is left out with "…".

type Names = Record<string, unknown>
const root = import.meta.dirname
const examples = docExamples(root)
const modules = new Map<string, Names>()
for (const { file } of examples)
  if (!modules.has(file)) modules.set(file, (await import(join(root, file))) as Names)
const everything: Names = Object.assign({}, ...modules.values())
const builtIn = new Set(['Float64Array', 'JSON', 'Map', 'Math', 'Set', 'undefined'])

/** A file's own names come first; two folders may call something the same. */
const scopeOf = (file: string): Names => ({ ...everything, ...exampleNames, ...modules.get(file) })
const canRun = ({ file, code }: (typeof examples)[number]) =>
  !code.includes('…') && freeNames(code).every((name) => name in scopeOf(file) || builtIn.has(name))
const run = examples.filter(canRun)

describe('the examples in the docstrings of the core', () => {
  it.each(run.map((one) => [`${one.file}:${one.line}`, one.code, one] as const))(
    '%s: %s',
    (_where, _code, { file, code, told }) => {
      const given = evaluate(code, scopeOf(file))
      const value = toldValue(told)
      if (value === null || value.includes('…')) return
      const expected = evaluate(value, scopeOf(file))
      if (typeof expected !== 'number') return expect(given).toEqual(expected)
      // As many digits as are told.
      const digits = value.includes('/') ? 12 : (value.split('.')[1]?.length ?? 0)
      expect(given).toBeCloseTo(expected, digits)
    },
  )

  it('are nearly all of this kind', () => {
    expect(run.length / examples.length).toBeGreaterThan(0.75)
  })
})
