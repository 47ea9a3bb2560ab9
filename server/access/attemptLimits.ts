import { RateLimiterMemory } from 'rate-limiter-flexible'
import { ApiError } from '../errors/apiError'
import { teacherKey } from '../queries/people/teachers'
import { waitFirst, failedAttempts } from './attempts'

/** Limits on wrong attempts, so that guessing takes for ever. */
export interface AttemptLimits {
  /**
   * Lets somebody try to sign in.
   * @param attempt gives null where name and passphrase do not fit
   * @throws ApiError where they have to wait, or are wrong
   */
  signIn: <T>(address: string, name: string, attempt: () => Promise<T | null>) => Promise<T>
  /** The same for the code of a lesson. */
  join: <T>(address: string, attempt: () => Promise<T | null>) => Promise<T>
}

/** A whole school that mistypes codes at once; more than these in a minute are guesses. */
const mostWrongCodes = 300
/** Who was wrong no more often than so may go on even then. */
const fewWrong = 3

/** The limits of one school. They are kept in memory: a restart sets them to zero. */
export function makeAttemptLimits(): AttemptLimits {
  const ofName = failedAttempts({ free: 5, longest: 300 })
  // Somebody else who guesses at a name must not keep its teacher out for long.
  const ofNameAnywhere = failedAttempts({ free: 60, longest: 20 })
  const ofAddress = failedAttempts({ free: 30, longest: 300 })
  const ofCode = failedAttempts({ free: 10, longest: 300 })
  const ofAllCodes = new RateLimiterMemory({ points: mostWrongCodes, duration: 60 })

  return {
    async signIn(address, name, attempt) {
      const key = teacherKey(name)
      const keys = [
        [ofName, `${address} ${key}`],
        [ofNameAnywhere, key],
        [ofAddress, address],
      ] as const
      const delay = Math.max(...(await Promise.all(keys.map(([tries, own]) => tries.delay(own)))))
      if (delay > 0) throw waitFirst(delay)
      const found = await attempt()
      if (found === null) {
        await Promise.all(keys.map(([tries, own]) => tries.failed(own)))
        throw new ApiError('invalid', 'This name and passphrase don’t go together. Try again.')
      }
      await ofName.succeeded(`${address} ${key}`)
      return found
    },
    async join(address, attempt) {
      const delay = await ofCode.delay(address)
      if (delay > 0) throw waitFirst(delay)
      const all = await ofAllCodes.get('all')
      if (all && all.consumedPoints >= mostWrongCodes && (await ofCode.count(address)) > fewWrong)
        throw waitFirst(Math.ceil(all.msBeforeNext / 1000))
      const found = await attempt()
      if (found === null) {
        await Promise.all([ofCode.failed(address), ofAllCodes.penalty('all')])
        throw new ApiError('invalid', 'No lesson has this code. Look at the board and type it again.')
      }
      await ofCode.succeeded(address)
      return found
    },
  }
}
