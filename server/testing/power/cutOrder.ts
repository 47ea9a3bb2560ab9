import { writeSync } from 'node:fs'

/** What one run is told; in its environment, since a program that ends in the middle of a write can be asked nothing. */
export interface CutOrder {
  folder: string
  seed: number
  /** At which write of the database the power goes; null for a last look at what is left. */
  cutAtWrite: number | null
  syncs: boolean
  /** The file in which stands what was acknowledged before. */
  acknowledged: string
}

/** What was acknowledged: rows with how often each was changed, and pictures with the hash of their bytes. */
export interface Acknowledged {
  rows: [number: number, version: number][]
  pictures: [id: string, hash: string][]
}

/** What a run says, a line each, as soon as it is so. */
export type CutLine =
  /** The database has opened, and of what was acknowledged this is gone or is another. */
  | { opened: true; lost: string[] }
  | { kept: [number: number, version: number] }
  | { keptPicture: [id: string, hash: string] }
  /** It was asked to delete the picture, so that it may be gone from here on. */
  | { deletes: string }
  | FileLine
  | { cut: true }

/** What the program does with the files of its pictures. */
export type FileLine =
  { opened: string } | { synced: string } | { renamed: { from: string; to: string; replaced: boolean } }

export const orderOfRun = (): CutOrder => JSON.parse(process.env.POWER_CUT!) as CutOrder

/** Said at once and whole, from any thread: nothing of it waits in the program when the power goes. */
export const say = (line: CutLine): unknown => writeSync(1, `${JSON.stringify(line)}\n`)
