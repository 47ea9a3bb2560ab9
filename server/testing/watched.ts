import { startWatchdog } from '../running/startWatchdog'

// A program of its own under a watchdog that waits for a second: it hangs, or it only waits, and ends with 7.
await startWatchdog({ mostMissed: 10, every: 100 })
if (process.argv[2] === 'hangs') for (;;);
setTimeout(() => process.exit(7), 4000)
