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
  constructor(folder: string, newest: string) {
    super(
      `There are backups in ${folder}, but no database. So as not to begin an empty school, Jolly Beaker does not start. ` +
        `Put the folder "database" back, or restore the newest backup: npm run restore -- ${newest}`,
    )
    this.name = 'DatabaseMissing'
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
