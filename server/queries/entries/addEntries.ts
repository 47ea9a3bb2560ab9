import { defined } from '#core/defined'
import type { Entry } from '#core/entries'
import type { Database } from '../../database/database'
import { accepted } from './accepted'
import { insertNewEntries } from './insertNewEntries'
import { insertBatch } from './insertBatch'
import { lastRead, openLessons, type OpenLesson } from './openLesson'

/** What somebody sent and waits for. */
interface Post {
  lessonId: string
  given: Entry[]
  settle: (added: Entry[] | Promise<Entry[]>) => void
}

/** Entries that are written with one statement; the rest waits for the next. */
const mostTogether = 500

interface Queue {
  waiting: Post[]
  writing: boolean
  /** Lessons of which posts are being written one by one: what comes for them meanwhile waits, and nobody else does. */
  busy: Set<string>
}

const queues = new WeakMap<Database, Queue>()

/**
 * Adds entries, all or none. Those that are known already change nothing, so a repeated send is harmless. Nothing is
 * ever overwritten: a second entry for a slot is kept beside the first, and neither counts until somebody has chosen.
 *
 * What comes while others are being written is collected, whatever its lesson, and written together. One that is refused fails by
 * itself, and those of one lesson keep their order.
 */
export function addEntries(db: Database, lessonId: string, given: Entry[]): Promise<Entry[]> {
  const queue = queues.get(db) ?? { waiting: [], writing: false, busy: new Set() }
  queues.set(db, queue)
  return new Promise((settle) => {
    queue.waiting.push({ lessonId, given, settle })
    if (!queue.writing) void writeWaiting(db, queue)
  })
}

async function writeWaiting(db: Database, queue: Queue): Promise<void> {
  queue.writing = true
  for (let next = takeNext(queue); next.length > 0; next = takeNext(queue))
    await write(db, queue, next).catch((error: Error) => {
      // Whoever is still without an answer gets this one, and the queue goes on.
      const failed = Promise.reject<Entry[]>(error)
      // Those that had theirs already do not hear it, and one that nobody hears would end the program.
      failed.catch(() => {})
      for (const { settle } of next) settle(failed)
    })
  queue.writing = false
}

/** Takes the posts that are next out of the queue; those of one lesson keep their order. */
function takeNext(queue: Queue): Post[] {
  const next: Post[] = []
  const later: Post[] = []
  let count = 0
  for (const post of queue.waiting) {
    if (!queue.busy.has(post.lessonId)) count += post.given.length
    const isNext = !queue.busy.has(post.lessonId) && (next.length === 0 || count <= mostTogether)
    ;(isNext ? next : later).push(post)
  }
  queue.waiting = later
  return next
}

/** Writes posts, each of which gets its own entries or its own error. */
async function write(db: Database, queue: Queue, posts: readonly Post[]): Promise<void> {
  const lessons = await readOf(db, [...new Set(posts.map((post) => post.lessonId))])
  const own = [...lessons].map(([lessonId, lesson]) => ({
    lessonId,
    lesson,
    ...dealt(
      posts.filter((post) => post.lessonId === lessonId),
      lesson,
    ),
  }))
  const together = own.flatMap(({ lesson, easy }) =>
    lesson && easy.length > 0 ? [{ lesson, fresh: easy.flatMap((one) => one.fresh) }] : [],
  )
  // Where it fails for all, each is tried by itself and gets its own answer.
  const written = await insertBatch(db, together).catch(() => new Set<string>())
  for (const { lessonId, lesson, easy, rest } of own) {
    if (!written.has(lessonId)) lastRead.forget(db, lessonId)
    else
      for (const { post, fresh } of easy) {
        defined(lesson).kept += fresh.length
        post.settle(fresh)
      }
    const left = written.has(lessonId) ? rest : [...easy.map((one) => one.post), ...rest]
    if (left.length > 0) void writeOneByOne(db, queue, lessonId, left)
  }
}

/** Writes posts of a lesson that may have to wait for somebody else, or are refused. */
async function writeOneByOne(
  db: Database,
  queue: Queue,
  lessonId: string,
  posts: readonly Post[],
): Promise<void> {
  queue.busy.add(lessonId)
  for (const { given, settle } of posts) {
    const added = insertNewEntries(db, lessonId, given)
    settle(added)
    // Whoever sent it is told.
    await added.catch(() => {})
  }
  queue.busy.delete(lessonId)
  if (!queue.writing) void writeWaiting(db, queue)
}

/** The lessons as they were last read; undefined where one is not known, or cannot be read now. */
async function readOf(db: Database, ids: readonly string[]): Promise<Map<string, OpenLesson | undefined>> {
  const unread = ids.filter((id) => !lastRead.of(db, id))
  if (unread.length > 0)
    await openLessons(db, unread).then(
      (read) => read.forEach((lesson) => lastRead.keep(db, lesson.id, lesson)),
      // Whoever sent something gets the database's error from the attempt that follows.
      () => {},
    )
  return new Map(ids.map((id) => [id, lastRead.of(db, id)]))
}

/**
 * Deals the posts of a lesson into those whose entries correct nothing and are taken as the lesson was read, and the rest from the first
 * that is another: what is refused now may have been kept under an earlier plan.
 */
function dealt(posts: readonly Post[], lesson: OpenLesson | undefined) {
  const easy: { post: Post; fresh: Entry[] }[] = []
  const ids = new Set<string>()
  for (const post of posts) {
    const fresh = lesson && easyEntries(post.given, { ...lesson, kept: lesson.kept + ids.size })
    if (!fresh || fresh.some((one) => ids.has(one.id))) break
    for (const one of fresh) ids.add(one.id)
    easy.push({ post, fresh })
  }
  return { easy, rest: posts.slice(easy.length) }
}

function easyEntries(given: Entry[], lesson: OpenLesson): Entry[] | null {
  if (given.some((one) => one.supersedes !== null)) return null
  try {
    return accepted(given, lesson)
  } catch {
    // Whoever sent it is told why by the attempt that follows.
    return null
  }
}
