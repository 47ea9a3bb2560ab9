import { makeDemoSchool } from './demoSchool'
import { runUntilStopped } from './runUntilStopped'

// Starts the development server with a demo school of its own; `--fresh` begins it anew.
await makeDemoSchool('data/dev', process.argv.includes('--fresh'))
runUntilStopped('npx', ['nuxt', 'dev', '--host', '127.0.0.1'])
