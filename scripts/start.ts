import { buildWhenNeeded } from './build'

// Starts the application with the data of the folder JOLLY_DATA.
await buildWhenNeeded()
await import(new URL('../.output/server/index.mjs', import.meta.url).href)
