import { startServer as startBuilt, type RunningServer } from '../../scripts/runServer'

/** What a program is started with whose database lives too briefly for better machine code, which takes half of its start. */
export const briefly = '--liftoff-only'

/** Starts the built application for a test. */
export const startServer = (
  folder: string,
  options: { port?: number; environment?: NodeJS.ProcessEnv } = {},
): Promise<RunningServer> => startBuilt(folder, { ...options, flags: [briefly] })
