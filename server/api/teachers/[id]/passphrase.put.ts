import { passphraseSchema } from '#shared/schemas'
import { clearVisitorCache } from '../../../access/visitor'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { useHub } from '../../../live/hub'
import { recordAudit } from '../../../queries/people/audit'
import { changePassphrase, teacherName } from '../../../queries/people/teachers'

/** Gives a teacher who has forgotten theirs another passphrase. */
export default defineRoute({
  right: 'admin',
  body: passphraseSchema,
  handle: async ({ event, body, visitor }) => {
    const id = idParam(event, 'teacher')
    const name = await teacherName(useDatabase(), id)
    useHub().disconnect(await changePassphrase(useDatabase(), id, body.passphrase, visitor.sessionId))
    await recordAudit(useDatabase(), visitor.name, `gave ${name} a new passphrase`)
    clearVisitorCache()
    return { changed: true }
  },
})
