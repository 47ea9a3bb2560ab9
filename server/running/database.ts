import { hourlyBackups, provideBackups } from '../database/backup/hourlyBackups'
import { databaseSettings, openDatabase, provideDatabase } from '../database/client'
import { LiveHub, provideHub } from '../live/hub'
import { startCheckpoints } from './checkpoints'
import { endNow } from './exitWith'
import { sayWhy } from './startupProblem'
import { provideDamage, watchDamage } from './watchDamage'
import { watchDatabase } from './watchDatabase'

let opening: ReturnType<typeof open> | null = null

/** Opens the data for all routes, or ends the program with a sentence that says why it cannot. */
export const databaseIsOpen = () =>
  (opening ??= open().catch((error: unknown) => endNow(sayWhy(error, databaseSettings()))))

async function open() {
  // A build knows where it lies, and so where the database's thread is, once its entry runs.
  await new Promise(setImmediate)
  const settings = databaseSettings()
  const opened = await openDatabase(settings)
  const hub = new LiveHub(opened)
  await hub.start()
  provideDatabase(opened)
  provideHub(hub)
  const watch = watchDatabase(opened)
  const checkpoints = startCheckpoints(opened)
  const damage = await watchDamage(opened)
  provideDamage(damage)
  const backups = hourlyBackups(opened, damage.said)
  provideBackups(backups)
  return {
    endUnlessOwned: watch.endUnlessOwned,
    close: async () => {
      watch.stop()
      checkpoints.stop()
      backups?.stop()
      damage.stop()
      provideDamage(null)
      hub.close()
      provideHub(null)
      provideDatabase(null)
      await opened.close()
    },
  }
}
