import { seededRandom } from '../../../core/random'
import { orderOfRun, say } from './cutOrder'
import { ForgetfulDisk } from './forgetfulDisk'

// Stands in the database's thread where the program has its own access to the disk (cutPower.ts).
export { syncPath, syncTree } from '../../database/embedded/syncedFiles'

/** The disk of this run; when its power goes the whole program is gone, whatever its other thread was doing. */
export class SyncedFiles extends ForgetfulDisk {
  constructor(folder: string) {
    const { cutAtWrite, syncs, seed } = orderOfRun()
    super(folder, cutAtWrite ?? Infinity, syncs, () => {
      this.forget(seededRandom(seed))
      say({ cut: true })
      process.kill(process.pid, 'SIGKILL')
      for (;;);
    })
  }
}
