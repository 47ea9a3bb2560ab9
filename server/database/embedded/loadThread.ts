import { Worker } from 'node:worker_threads'
import type { ThreadStart } from './thread'

/** In tests and scripts the thread is TypeScript, for which a thread has to ask anew. */
const asTypeScript = `
  void import('tsx/esm/api').then(({ register }) => {
    register()
    return import(require('node:worker_threads').workerData.source)
  })`

/** Loads the code of the database's thread: beside this file, or beside the entry of a built application; the development server has neither. */
export function loadThread(start: ThreadStart): Worker {
  // In a build this is the address of its entry, known once that has been loaded.
  const here = import.meta.url
  if (import.meta.dev)
    return new Worker(asTypeScript, { eval: true, workerData: { ...start, source: fromDevelopment(here) } })
  if (!here.endsWith('.ts')) return new Worker(new URL('./databaseThread.mjs', here), { workerData: start })
  const source = new URL('./thread.ts', here).href
  return new Worker(asTypeScript, { eval: true, workerData: { ...start, source } })
}

/** The development server runs from a file two folders below the root. */
const fromDevelopment = (here: string) => new URL('../../server/database/embedded/thread.ts', here).href
