import { buildWhenNeeded } from '../../scripts/build'
import type { Figure } from '../figure'
import { schemas } from './schemas'
import { stalls } from './stalls'

/** How long the largest that a door takes, or refuses, holds up everybody else. */
export async function doors(): Promise<Figure[]> {
  await buildWhenNeeded()
  return [...schemas(), ...(await stalls())]
}
