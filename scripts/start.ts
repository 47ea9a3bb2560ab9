import { buildWhenNeeded } from './build'
import { runUntilStopped } from './runUntilStopped'

// Starts the application with the data of the folder JOLLY_DATA.
await buildWhenNeeded()
runUntilStopped(process.execPath, ['.output/server/index.mjs'])
