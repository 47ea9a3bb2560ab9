import { spawnSync } from 'node:child_process'

/** Installs a package of Debian where this user may; gives back whether that went well. */
export function aptInstall(name: string): boolean {
  const apt = (command: string[]) =>
    spawnSync('apt-get', command, {
      stdio: 'inherit',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    }).status === 0
  return apt(['update', '-qq']) && apt(['install', '-y', '-qq', name])
}
