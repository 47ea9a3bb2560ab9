import { buildWhenNeeded } from './build'
import { makeDemoSchool } from './demoSchool'
import { runUntilStopped } from './runUntilStopped'

// Starts the application with the demo school; `--fresh` begins it anew.
await Promise.all([buildWhenNeeded(), makeDemoSchool('data/demo', process.argv.includes('--fresh'))])
console.log(`Open http://127.0.0.1:${process.env.JOLLY_PORT || 3000}`)
runUntilStopped(process.execPath, ['.output/server/index.mjs'])
