import { hostname, networkInterfaces } from 'node:os'
import { isLoopback } from './address'

/**
 * The names and addresses by which this machine is reached: its own, and those of JOLLY_NAMES. A page of another site can let a name of
 * its own point here, and its browser would take what we answer for that site's; so nothing is answered to any other name.
 */
export function ownNames(environment: NodeJS.ProcessEnv = process.env): Set<string> {
  const name = hostname().toLowerCase()
  const addresses = Object.values(networkInterfaces()).flatMap((all) => all?.map((one) => one.address) ?? [])
  const given = (environment.JOLLY_NAMES ?? '').split(/[\s,]+/).filter(Boolean)
  return new Set(
    ['localhost', '127.0.0.1', '::1', name, `${name}.local`, ...addresses, ...given].map((one) =>
      one.toLowerCase(),
    ),
  )
}

/** The addresses by which other devices reach this machine; while it answers itself only, those of a proxy on it. */
export function networkNames(environment: NodeJS.ProcessEnv = process.env): string[] {
  const host = environment.JOLLY_HOST || '127.0.0.1'
  const given = (environment.JOLLY_NAMES ?? '').split(/[\s,]+/).filter(Boolean)
  if (isLoopback(host) || host === 'localhost') return given
  const own = Object.values(networkInterfaces()).flatMap((all) => all ?? [])
  return [
    ...given,
    ...own.filter(({ internal, family }) => !internal && family === 'IPv4').map(({ address }) => address),
  ]
}

/** The name in a Host header, without its port and brackets; null where there is none. */
export function hostName(header: string | undefined): string | null {
  const [, address, name] = /^(?:\[([0-9a-f:.]+)\]|([^:[\]/@\s]+))(?::\d+)?$/i.exec(header ?? '') ?? []
  return (address ?? name)?.replace(/\.$/, '').toLowerCase() ?? null
}
