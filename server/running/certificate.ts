import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { isIP } from 'node:net'
import { join } from 'node:path'
import { addDays } from 'date-fns'
import { generate } from 'selfsigned'

/** As long as phones believe one. */
const validDays = 800

const fileIn = (folder: string, name: 'certificate.pem' | 'key.pem') => join(folder, 'https', name)

/** The certificate with which the server encrypts; null where none was made, so that it speaks plain HTTP. */
export function readCertificate(folder: string): { cert: string; key: string } | null {
  const cert = fileIn(folder, 'certificate.pem')
  if (!existsSync(cert)) return null
  return { cert: readFileSync(cert, 'utf8'), key: readFileSync(fileIn(folder, 'key.pem'), 'utf8') }
}

/**
 * Makes a certificate for the names by which the machine is reached, in the place of the one before.
 * @returns the file that devices are told to trust
 */
export async function makeCertificate(folder: string, names: readonly string[]): Promise<string> {
  const { cert, private: key } = await generate([{ name: 'commonName', value: 'Jolly Beaker' }], {
    keyType: 'ec',
    algorithm: 'sha256',
    notAfterDate: addDays(new Date(), validDays),
    extensions: [
      { name: 'basicConstraints', cA: true, critical: true },
      {
        name: 'subjectAltName',
        altNames: names.map((name) => (isIP(name) ? { type: 7, ip: name } : { type: 2, value: name })),
      },
    ],
  })
  mkdirSync(join(folder, 'https'), { recursive: true, mode: 0o700 })
  // Nobody else on the machine reads the key.
  writeFileSync(fileIn(folder, 'key.pem'), key, { mode: 0o600 })
  writeFileSync(fileIn(folder, 'certificate.pem'), cert)
  return fileIn(folder, 'certificate.pem')
}
