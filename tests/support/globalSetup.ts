import { buildWhenNeeded } from '../../scripts/build'
import { ensureChromium } from '../../scripts/chromium'

/** Browser tests run against the built application, as a school does. */
export default function setup(): void {
  ensureChromium()
  buildWhenNeeded()
}
