/** Pictures that children took and that are deleted soon. */
export interface OldPicturesDto {
  count: number
  /** The day on which the first of them go. */
  day: string
}

/** The room on the disk of the school's machine, in bytes; null where a database server has its own. */
export interface RoomDto {
  free: number | null
  low: boolean
  /** What of the data is damaged and what to do, in words; null while nothing is known to be. */
  damage: string | null
  /** Null while no pictures are deleted soon. */
  pictures: OldPicturesDto | null
}

/** The backups of the school's machine, newest first. */
export interface BackupsDto {
  /** Whether this program makes them; a database server's are made there. */
  here: boolean
  failed: boolean
  backups: { name: string; made: string; lessons: number | null }[]
}
