import { hourlyBackups, setBackups } from '../database/backup/hourlyBackups'
import { databaseSettings, openDatabase, setDatabase } from '../database/client'
import { LiveHub, setHub } from '../live/hub'
import { startCheckpoints } from './checkpoints'
import { exitWith } from './exitWith'
import { startRetention } from './retention'
import { startupProblem } from './startupProblem'
import { setDamageWatch, watchDamage } from './watchDamage'
import { watchDatabase } from './watchDatabase'

let opening: ReturnType<typeof open> | null = null

/** Opens the data for all routes, or ends the program with a sentence that says why it cannot. */
export const databaseIsOpen = () =>
  (opening ??= open().catch((error: unknown) => exitWith(startupProblem(error, databaseSettings()))))

async function open() {
  // A build knows where it lies, and so where the database's thread is, once its entry runs.
  await new Promise(setImmediate)
  const settings = databaseSettings()
  const opened = await openDatabase(settings)
  const hub = new LiveHub(opened)
  await hub.start()
  setDatabase(opened)
  setHub(hub)
  const watch = watchDatabase(opened)
  const checkpoints = startCheckpoints(opened)
  const retention = startRetention(opened)
  const damage = await watchDamage(opened)
  setDamageWatch(damage)
  const backups = hourlyBackups(opened, damage.said)
  setBackups(backups)
  return {
    endUnlessOwned: watch.endUnlessOwned,
    close: async () => {
      watch.stop()
      checkpoints.stop()
      retention.stop()
      backups?.stop()
      damage.stop()
      setDamageWatch(null)
      hub.close()
      setHub(null)
      setDatabase(null)
      await opened.close()
    },
  }
}
