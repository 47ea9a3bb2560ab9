import { buildWhenNeeded } from '../scripts/build'
import { ensureChromium } from '../scripts/chromium'
import { firstLoad } from './firstLoad'
import { savedReading } from './savedReading'

// Prints ratios of two things measured in turns in one run; absolute times depend on the machine.
ensureChromium()
buildWhenNeeded()
console.log(await savedReading())
console.log(await firstLoad())
