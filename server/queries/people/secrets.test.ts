import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hashOf, newCode, newSecret, readCode } from './secrets'

describe('codes', () => {
  it('are read however children type them', () => {
    const separator = fc.constantFrom('', ' ', '-', '.', '  ')
    fc.assert(
      fc.property(fc.array(separator, { minLength: 6, maxLength: 6 }), fc.boolean(), (between, small) => {
        const code = newCode()
        const typed = [...code].map((sign, place) => between[place] + sign).join('')
        expect(readCode(small ? typed.toLowerCase() : typed)).toBe(code)
      }),
    )
  })

  it('hold no sign that looks like another, and no vowel that could make a word', () => {
    const signs = new Set(Array.from({ length: 3000 }, () => newCode()).join(''))
    expect([...signs].sort().join('')).toBe('2346789CDFHJKMNPQRTVWX')
  })

  it.each(['', 'HK47P', 'HK47PQQ', 'AEIOUY', 'HK47P1', 'HK47P?', '0O1ILS', 'НК47РQ'])(
    '%s is none',
    (typed) => {
      expect(readCode(typed)).toBeNull()
    },
  )
})

it('secrets are all different, and cannot be told from what is kept of them', () => {
  const secrets = Array.from({ length: 500 }, () => newSecret())
  expect(new Set(secrets).size).toBe(500)
  for (const secret of secrets.slice(0, 20)) {
    expect(secret).toMatch(/^[\w-]{43}$/)
    expect(hashOf(secret)).not.toContain(secret)
    expect(hashOf(secret)).toBe(hashOf(secret))
  }
})
