import { buildWhenNeeded } from '../scripts/build'
import { ensureChromium } from '../scripts/chromium'
import { checksOnScreen } from './checksOnScreen'
import { firstLoad } from './firstLoad'
import { fairCheck, rehearsal } from './rehearsal'
import { savedReading } from './savedReading'

// Prints ratios of two things measured in turns in one run; absolute times depend on the machine.
ensureChromium()
buildWhenNeeded()
console.log(rehearsal())
console.log(fairCheck())
console.log(await checksOnScreen())
console.log(await savedReading())
console.log(await firstLoad())
