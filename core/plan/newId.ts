import { v7 } from 'uuid'

/**
 * A new identifier, unique without asking a server and sorted by the time of making (UUID version 7).
 * @example newId() // '019a…'
 */
export function newId(): string {
  return v7()
}
