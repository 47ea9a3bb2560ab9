import { defineNitroPlugin } from 'nitropack/runtime'
import { databaseIsOpen } from '../running/database'

/** No request is answered before the data are open, or once they belong to another program. */
export default defineNitroPlugin((nitro) => {
  const opening = databaseIsOpen()
  nitro.hooks.hook('request', async () => (await opening).endUnlessOwned())
  nitro.hooks.hook('close', async () => (await opening).close())
})
