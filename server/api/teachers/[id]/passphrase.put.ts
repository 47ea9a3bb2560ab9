import { passphraseSchema } from '#shared/schemas'
import { sendAway } from '../../../access/sendAway'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { recordAudit } from '../../../queries/people/audit'
import { changePassphrase, teacherName } from '../../../queries/people/teachers'

/** Gives a teacher who has forgotten theirs another passphrase. */
export default defineRoute({
  right: 'admin',
  body: passphraseSchema,
  handle: async ({ event, body, visitor }) => {
    const id = idParam(event, 'teacher')
    const name = await teacherName(useDatabase(), id)
    sendAway(await changePassphrase(useDatabase(), id, body.passphrase, visitor.sessionId))
    await recordAudit(useDatabase(), visitor.name, `gave ${name} a new passphrase`)
    return { changed: true }
  },
})
