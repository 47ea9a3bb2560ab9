import { Hash } from '@adonisjs/hash'
import { Scrypt } from '@adonisjs/hash/drivers/scrypt'
import { Semaphore } from 'async-mutex'

const scrypt = new Hash(new Scrypt({}))
/** Each takes 16 MB and a processor for a moment. */
const atOnce = new Semaphore(2)

/** What is kept of a passphrase. */
export const hashPassphrase = (passphrase: string): Promise<string> =>
  atOnce.runExclusive(() => scrypt.make(passphrase.normalize('NFKC')))

let nobodys: Promise<string> | null = null

/**
 * Whether a passphrase is the one that was kept.
 * @param kept null for a name that nobody has: it takes as long, so that nobody learns from that which names there are
 */
export async function isPassphrase(kept: string | null, passphrase: string): Promise<boolean> {
  const against = kept ?? (await (nobodys ??= hashPassphrase('there is nobody of this name')))
  const fits = await atOnce.runExclusive(() => scrypt.verify(against, passphrase.normalize('NFKC')))
  return fits && kept !== null
}
