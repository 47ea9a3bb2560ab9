import type { OpenDatabase } from '../database/database'
import { exitWith } from './exitWith'

const everyMoment = 1000

/** The time that the database has for an answer; the slowest query takes a fraction of it. */
export const queryTimeout = 20_000

export interface Watch {
  /** Ends the program at once when its folder is another one's: what it would save is lost. */
  endUnlessOwned: () => void
  stop: () => void
}

/** Ends the program when its data are no longer there for it: it could only hang, or save where nobody finds it. */
export function watchDatabase(
  opened: OpenDatabase,
  within = queryTimeout,
  end: (why: string) => void = exitWith,
): Watch {
  const endUnlessOwned = () => {
    if (!opened.isOwned())
      end('The data folder was moved or replaced while Jolly Beaker was running. Start it again.')
  }
  const whatNext =
    opened.folder === null
      ? 'Look at the database server, then start it again.'
      : 'Check whether the disk is full, then start it again.'
  let waiting: { since: number; answers: number } | null = null
  const look = () => {
    endUnlessOwned()
    const answers = opened.answers()
    if (waiting === null) {
      waiting = { since: Date.now(), answers }
      const answered = () => (waiting = null)
      opened.ask().then(answered, answered)
    } else if (answers !== waiting.answers) {
      // Others are before us in the queue, and it moves.
      waiting = { since: Date.now(), answers }
    } else if (Date.now() - waiting.since > within)
      end(
        `The database has not answered for ${within / 1000} seconds, so Jolly Beaker ends. Nothing that was shown as saved is lost. ` +
          whatNext,
      )
  }
  const timer = setInterval(look, everyMoment)
  opened.onLost((reason) =>
    end(
      `The database stopped (${reason}), so Jolly Beaker ends. Nothing that was shown as saved is lost. ` +
        whatNext,
    ),
  )
  return { endUnlessOwned, stop: () => clearInterval(timer) }
}
