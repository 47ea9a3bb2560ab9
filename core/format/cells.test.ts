import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { safeCell, unquoted } from './cells'

describe('a cell that no spreadsheet takes for a formula', () => {
  it.each([
    ['=SUM(A1)', "'=SUM(A1)"],
    ['+1+1', "'+1+1"],
    ['@name', "'@name"],
    ['－2+3', "'－2+3"],
    ['＝1+1', "'＝1+1"],
    ['wet; =1+1', "wet; '=1+1"],
    ['wet,=1+1', "wet,'=1+1"],
    ['first\n=1+1', "first\n'=1+1"],
    ['\t=1+1', "\t'=1+1"],
    ["'=1", "''=1"],
  ])('%j is led by an apostrophe', (text, safe) => {
    expect(safeCell(text)).toBe(safe)
    expect(unquoted(safe)).toBe(text)
  })

  it.each(['-5', '12.5', '+3', '1e-3', 'metre stick', 'a-b', 'wet; dry', "it's", ''])(
    '%j stays as it is',
    (text) => {
      expect(safeCell(text)).toBe(text)
      expect(unquoted(text)).toBe(text)
    },
  )

  const signs = fc.string({ unit: fc.constantFrom(...'=+-@＝＋－＠;,\t\n\r \'"a1'), maxLength: 14 })

  it('has no formula at the front of anything that any of them takes for a cell', () => {
    fc.assert(
      fc.property(signs, (text) => {
        const safe = safeCell(text)
        if (safe.trim() !== '' && !Number.isNaN(Number(safe))) return
        for (const cell of safe.split(/[;,\t\r\n]/)) expect(cell.trim()).not.toMatch(/^[=+\-@＝＋－＠]/)
      }),
      { numRuns: 2000 },
    )
  })

  it('comes back as the text that it was', () => {
    fc.assert(
      fc.property(signs, (text) => {
        // A number is left alone, and so is not looked at when it comes back.
        if (text.trim() === '' || Number.isNaN(Number(text))) expect(unquoted(safeCell(text))).toBe(text)
      }),
      { numRuns: 2000 },
    )
  })
})
