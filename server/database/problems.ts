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

/** There were data in the folder, and they are gone. */
export class DatabaseMissing extends Error {
  /** @param newest a backup to go back to, where the folder has one */
  constructor(folder: string, newest: string | null) {
    super(
      `The folder ${folder} was used before, but there is no database in it. So as not to begin an empty school, Jolly Beaker does not ` +
        'start. Nothing was changed. Put the folder "database" back as it was, or restore ' +
        (newest
          ? `the newest backup: npm run restore -- ${newest}`
          : 'a backup that you keep elsewhere: npm run restore -- FILE. To start again, set JOLLY_DATA to another folder.'),
    )
    this.name = 'DatabaseMissing'
  }
}

/** The data were written by a version that this one does not know yet. */
export class DataNewer extends Error {
  /** @param data the version of the data, and `known` the newest that this program knows */
  constructor({ data, known }: { data: number; known: number }) {
    super(
      `These data were written by a newer Jolly Beaker: they are of data version ${data}, and this program knows up to ${known}. Nothing ` +
        'was changed. Start the newer program again, or restore a backup from before the change: npm run restore',
    )
    this.name = 'DataNewer'
  }
}

/** The data were written by a version from before the first that this one can upgrade from. */
export class DataTooOld extends Error {
  constructor() {
    super(
      'These data were written by an early version of Jolly Beaker, and this one can’t read them. Nothing was changed. Open them once ' +
        'with version 0.1.0, close it, and start this version again; docs/upgrading.md says how.',
    )
    this.name = 'DataTooOld'
  }
}

/** The embedded database does not open. */
export class DatabaseUnreadable extends Error {
  /** @param reason in the database's own words */
  constructor(folder: string, reason: string, newest: string | null) {
    super(
      `The database in ${folder} cannot be opened (${reason.split('\n')[0]}). Nothing was changed. ` +
        (newest
          ? `To go back to the newest backup: npm run restore -- ${newest}`
          : 'There is no backup of it in this folder; if you keep one elsewhere: npm run restore -- FILE'),
    )
    this.name = 'DatabaseUnreadable'
  }
}
