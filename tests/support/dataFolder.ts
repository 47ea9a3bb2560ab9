import { cpSync, mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { inject } from 'vitest'

/** The schools that are made once and copied for every test: making one takes ten times as long. */
export interface ReadySchools {
  /** The folder of a school without classes and lessons. */
  empty: string
  /** The folder of the demo school. */
  demo: string
}

declare module 'vitest' {
  export interface ProvidedContext {
    readySchools: ReadySchools
  }
}

/** A data folder of a test's own, in which a school is ready to be started, or nothing is yet. */
export function dataFolder(school: keyof ReadySchools | 'none', within = tmpdir()): string {
  const folder = mkdtempSync(join(within, 'jolly-beaker-'))
  if (school !== 'none') cpSync(inject('readySchools')[school], folder, { recursive: true })
  return folder
}
