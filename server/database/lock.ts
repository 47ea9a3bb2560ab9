import lockfile from 'proper-lockfile'

/** Another program has the data folder open. */
export class FolderInUse extends Error {
  constructor(folder: string) {
    super(
      `The data folder ${folder} is in use by another Jolly Beaker. Two programs on one folder would lose each other's work. ` +
        'Close the other one, or set JOLLY_DATA to another folder.',
    )
    this.name = 'FolderInUse'
  }
}

const stale = 5000

/**
 * Takes the folder for this process; gives back how to release it. A lock left behind by a killed process
 * goes stale after five seconds, so this waits a little longer than that before it gives up.
 */
export async function lockFolder(folder: string): Promise<() => Promise<void>> {
  try {
    return await lockfile.lock(folder, {
      stale,
      update: stale / 5,
      retries: { retries: 7, factor: 1, minTimeout: 1000 },
    })
  } catch (error) {
    if ((error as { code?: string }).code === 'ELOCKED') throw new FolderInUse(folder)
    throw error
  }
}
