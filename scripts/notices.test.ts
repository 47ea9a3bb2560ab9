import { expect, it } from 'vitest'
import { thirdPartyNotices, writtenNotices } from './notices'

it('the notices are those of the packages that are installed (npm run notices)', () => {
  expect(writtenNotices()).toBe(thirdPartyNotices())
})

it('fonts, icons and charts bring their licences in full', () => {
  const notices = thirdPartyNotices()
  for (const words of ['SIL OPEN FONT LICENSE', 'Pictogrammers Free License', 'Apache License'])
    expect(notices).toContain(words)
})
