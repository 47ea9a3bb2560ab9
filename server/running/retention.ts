import { currentDay } from '#shared/lesson/currentDay'
import type { OpenDatabase } from '../database/database'
import { logProblem } from '../errors/logProblem'
import { deleteOldPictures } from '../queries/oldPictures'
import { deleteOldAudit } from '../queries/people/audit'
import { deleteOldSessions } from '../queries/people/sessions'

const everyHour = 60 * 60 * 1000
/** A start has more urgent things to do. */
const firstAfter = 60_000

/** Looks every hour whether the time of pictures, sessions or lines of the audit is over. */
export function startRetention({ db }: OpenDatabase): { stop: () => void } {
  const look = () => {
    void deleteOldPictures(db, currentDay()).catch(logProblem)
    void deleteOldSessions(db).catch(logProblem)
    void deleteOldAudit(db).catch(logProblem)
  }
  const first = setTimeout(look, firstAfter)
  const timer = setInterval(look, everyHour)
  return {
    stop: () => {
      clearTimeout(first)
      clearInterval(timer)
    },
  }
}
