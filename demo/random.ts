import { v4 } from 'uuid'
import type { Random } from '#core/random'

/** An identifier that is the same for the same seed. */
export function uuidFrom(random: Random): string {
  return v4({ random: Uint8Array.from({ length: 16 }, () => Math.floor(random() * 256)) })
}
