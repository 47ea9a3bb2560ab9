import type { ClassDto, LessonDto } from '#shared/types/api'
import type { JoiningDto, TeacherDto } from '#shared/types/people'
import { startApiApp, type ApiApp, type Browser } from './apiApp'
import { bounceLesson } from './examples'

export const passphrases = {
  thorne: 'apple pencil window',
  ashby: 'kettle meadow seven',
} as const

/** A school in which teachers sign in: an admin, a teacher with a class and a lesson, and devices of that lesson. */
export interface SignedInSchool {
  app: ApiApp
  /** The first teacher, who is an admin. */
  thorne: Browser
  /** A teacher with the class below. */
  ashby: Browser
  teachers: Record<'thorne' | 'ashby', TeacherDto>
  own: ClassDto
  lesson: LessonDto
  /** The address of the lesson. */
  path: string
  /** Signs somebody in, in a browser of its own. */
  signIn: (name: string, passphrase: string) => Promise<Browser>
  /** A device that joins a lesson as one of its groups; -1 for none yet. */
  device: (place: number, path?: string) => Promise<Browser>
  /** A screen that comes in by a link. */
  screen: (kind: 'board' | 'assistant', path?: string) => Promise<Browser>
}

export async function startSignedInSchool(): Promise<SignedInSchool> {
  const app = await startApiApp(false)
  const thorne = app.browser()
  await expectOk(
    thorne.call('POST', '/api/set-up', {
      schoolName: 'Tidewick School',
      teacher: { name: 'Ms Thorne', passphrase: passphrases.thorne },
    }),
  )
  const ashby = await expectOk(
    thorne.call<TeacherDto>('POST', '/api/teachers', {
      name: 'Mr Ashby',
      passphrase: passphrases.ashby,
      role: 'teacher',
    }),
  )
  const signIn = async (name: string, passphrase: string) => {
    const browser = app.browser()
    await expectOk(browser.call('POST', '/api/session', { name, passphrase }))
    return browser
  }
  const browser = await signIn('Mr Ashby', passphrases.ashby)
  const [first] = await expectOk(thorne.call<TeacherDto[]>('GET', '/api/teachers')).then((all) =>
    all.filter((one) => one.name === 'Ms Thorne'),
  )
  const { own, lesson, path } = await bounceLesson({ ...app, call: browser.call })
  return {
    app,
    thorne,
    ashby: browser,
    teachers: { thorne: first!, ashby },
    own,
    lesson,
    path,
    signIn,
    async device(place, of = path) {
      const { code } = await expectOk(browser.call<JoiningDto>('POST', `${of}/joining`))
      const joined = app.browser()
      const { groups } = await expectOk(
        joined.call<{ groups: { id: string }[] }>('POST', '/api/join', { code }),
      )
      if (place >= 0)
        await expectOk(joined.call('PUT', '/api/join/groups', { groupIds: [groups[place]!.id] }))
      return joined
    },
    async screen(kind, of = path) {
      const { secret } = await expectOk(browser.call<{ secret: string }>('POST', `${of}/links`, { kind }))
      const opened = app.browser()
      await expectOk(opened.call('POST', '/api/links/open', { secret }))
      return opened
    },
  }
}

async function expectOk<T>(asked: Promise<{ status: number; body: T }>): Promise<T> {
  const { status, body } = await asked
  if (status >= 300) throw new Error(`${status}: ${JSON.stringify(body)}`)
  return body
}
