import { passphraseSchema } from '#shared/schemas'
import { addressOf } from '../../access/address'
import { sendAway } from '../../access/sendAway'
import { useAttemptLimits } from '../../access/visitor'
import { useDatabase } from '../../database/client'
import { notFound } from '../../errors/apiError'
import { defineRoute } from '../../http/defineRoute'
import { recordAudit } from '../../queries/people/audit'
import { changePassphrase, findTeacher } from '../../queries/people/teachers'

/** A teacher changes their own passphrase; whoever signed in with the old one elsewhere is signed out. */
export default defineRoute({
  right: 'teacher',
  body: passphraseSchema,
  handle: async ({ event, body, visitor: { id, name, sessionId } }) => {
    if (id === null) throw notFound('teacher')
    // Whoever finds a screen unlocked does not know the old one.
    await useAttemptLimits().signIn(addressOf(event), name, () =>
      findTeacher(useDatabase(), name, body.old ?? ''),
    )
    sendAway(await changePassphrase(useDatabase(), id, body.passphrase, sessionId))
    await recordAudit(useDatabase(), name, 'changed their passphrase')
    return { changed: true }
  },
})
