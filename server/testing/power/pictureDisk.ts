import { existsSync, renameSync, statSync, truncateSync } from 'node:fs'
import { dirname } from 'node:path'
import type { Random } from '../../../core/random'
import type { FileLine } from './cutOrder'

/** What a disk may still forget of the files of pictures, by what the program said that it did with them. */
export class PictureDisk {
  private unsynced = new Set<string>()
  private names: { from: string; to: string }[] = []

  constructor(private readonly syncs: boolean) {}

  heard(line: FileLine): void {
    if ('opened' in line) this.unsynced.add(line.opened)
    else if ('renamed' in line) {
      const { from, to, replaced } = line.renamed
      if (this.unsynced.delete(from)) this.unsynced.add(to)
      // In the place of the same picture it changes nothing that a cut could undo.
      if (!replaced) this.names.push({ from, to })
    } else if (this.syncs) {
      this.unsynced.delete(line.synced)
      this.names = this.names.filter(({ to }) => dirname(to) !== line.synced)
    }
  }

  /** Leaves on the disk what it would hold when the power is back. */
  forget(random: Random): void {
    for (const path of this.unsynced) {
      const chance = random()
      if (chance < 0.3 || !existsSync(path)) continue
      truncateSync(path, chance < 0.6 ? 0 : Math.floor(statSync(path).size / 2))
    }
    for (const { from, to } of this.names.reverse())
      if (random() < 0.5 && existsSync(to)) renameSync(to, from)
    this.unsynced.clear()
    this.names = []
  }
}
