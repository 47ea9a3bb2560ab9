import { deleteCookie, getCookie, setCookie, type H3Event } from 'h3'
import { isEncrypted } from './address'

const name = 'jolly-session'
/** The row on the server says when a session ends; the cookie only has to last as long. */
const maxAge = 400 * 24 * 60 * 60

/** The secret of a browser's session. */
export const sessionSecret = (event: H3Event): string | undefined => getCookie(event, name)

/** No script reads it, no other site sends it along, and where there is HTTPS it goes over nothing else. */
export const setSessionSecret = (event: H3Event, secret: string): void =>
  setCookie(event, name, secret, {
    httpOnly: true,
    sameSite: 'strict',
    secure: isEncrypted(event),
    path: '/',
    maxAge,
  })

export const clearSessionSecret = (event: H3Event): void => deleteCookie(event, name, { path: '/' })
