import { rmSync } from 'node:fs'
import type { TestProject } from 'vitest/node'
import { buildWhenNeeded } from '../../scripts/build'
import { ensureChromium } from '../../scripts/chromium'
import { makeDataFolder } from '../../scripts/makeDataFolder'

/** Browser tests run against the built application, as a school does. */
export default async function setup({ provide }: TestProject): Promise<() => void> {
  ensureChromium()
  const building = buildWhenNeeded()
  const schools = { empty: await makeDataFolder('empty'), demo: await makeDataFolder('demo') }
  await building
  provide('readySchools', schools)
  return () => {
    for (const folder of Object.values(schools)) rmSync(folder, { recursive: true, force: true })
  }
}
