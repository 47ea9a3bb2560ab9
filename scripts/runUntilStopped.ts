import { spawn } from 'node:child_process'

/** Runs a program until it ends or this one is stopped; ends as it does. */
export function runUntilStopped(command: string, parts: string[]): void {
  const child = spawn(command, parts, { stdio: 'inherit' })
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => child.kill(signal))
  child.on('exit', (code) => process.exit(code ?? 0))
}
