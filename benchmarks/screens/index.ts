import { buildWhenNeeded } from '../../scripts/build'
import { ensureChromium } from '../../scripts/chromium'
import { checksOnScreen } from './checksOnScreen'
import type { Figure } from '../figure'
import { openings } from './openings'

/** What a person waits for in the real interface. */
export async function screens(): Promise<Figure[]> {
  ensureChromium()
  await buildWhenNeeded()
  return [...(await checksOnScreen()), ...(await openings())]
}
