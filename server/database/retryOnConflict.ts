import { isWriteConflict } from './sqlState'

const mostTries = 4

/** Does something that is done as a whole or not at all, and again where the database let it go for another one's sake. */
export async function retryOnConflict<T>(act: () => T | Promise<T>): Promise<T> {
  for (let tries = 1; ; tries++)
    try {
      return await act()
    } catch (error) {
      if (!isWriteConflict(error) || tries === mostTries) throw error
    }
}
