import type { AccessDto, VisitorDto } from '#shared/types/people'
import { useDatabase } from '../database/client'
import { networkNames } from '../access/ownNames'
import { signInMode, visitorOf } from '../access/visitor'
import { defineRoute } from '../http/defineRoute'
import { openCode } from '../queries/people/joining'
import { schoolAccess } from '../queries/people/schoolAccess'
import type { Visitor } from '../queries/people/sessions'

/** How people come in, and who is here: what every page asks that shows a name, and the pages for signing in and joining. */
export default defineRoute({
  right: 'anyone',
  handle: async ({ event }): Promise<AccessDto> => {
    const { name, signIn } = await schoolAccess(useDatabase())
    const visitor = (await signInMode()) === null ? null : await visitorOf(event)
    return {
      schoolName: name,
      signIn,
      visitor: toDto(visitor),
      names: visitor?.kind === 'teacher' ? networkNames() : [],
      demo: await demoSignIn(),
    }
  },
})

function toDto(visitor: Visitor | null): VisitorDto {
  if (!visitor) return { kind: 'nobody' }
  const { sessionId: _own, ...rest } = visitor
  return rest
}

/** The demo says how to sign in; a real school has no JOLLY_DEMO. */
async function demoSignIn(): Promise<AccessDto['demo']> {
  const [name, passphrase] = (process.env.JOLLY_DEMO ?? '').split('/')
  return name && passphrase ? { name, passphrase, code: await openCode(useDatabase()) } : null
}
