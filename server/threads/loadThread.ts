import { Worker, type WorkerOptions } from 'node:worker_threads'

const asTypeScript = `
  void import('tsx/esm/api').then(({ register }) => {
    register()
    return import(require('node:worker_threads').workerData.source)
  })`

/** The threads of this program, by the file that a build has of each beside its entry, and that of their source. */
const sources = {
  databaseThread: 'server/database/embedded/thread.ts',
  jobThread: 'server/threads/jobThread.ts',
  watchdogThread: 'server/threads/watchdogThread.ts',
} as const

/** Loads the code of a thread: beside the entry of a built application, or from its source. */
export function loadThread(
  name: keyof typeof sources,
  data: Record<string, unknown> = {},
  options: WorkerOptions = {},
): Worker {
  // In a build this is the address of its entry, known once that has been loaded.
  const here = import.meta.url
  if (!import.meta.dev && !here.endsWith('.ts'))
    return new Worker(new URL(`./${name}.mjs`, here), { ...options, workerData: data })
  // The development server runs from a file two folders below the root, as this one lies.
  const source = new URL(`../../${sources[name]}`, here).href
  return new Worker(asTypeScript, { ...options, eval: true, workerData: { ...data, source } })
}
