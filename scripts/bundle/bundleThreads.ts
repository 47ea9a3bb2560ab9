import { build } from 'esbuild'

/** Writes the threads that are loaded beside the program, each as one file with all that it needs. */
export async function bundleThreads(to: string): Promise<void> {
  await build({
    entryPoints: {
      jobThread: 'server/threads/jobThread.ts',
      watchdogThread: 'server/threads/watchdogThread.ts',
    },
    outdir: to,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    // Packages of the older kind ask for what comes with Node.js in their own way. Others bring a `createRequire` of that name.
    banner: {
      js: "import { createRequire as requireOfThread } from 'node:module'; const require = requireOfThread(import.meta.url);",
    },
  })
}
