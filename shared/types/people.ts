import type { GroupDto } from './api'

/** An admin looks after teachers, backups and the school's settings; a teacher has classes. */
export type TeacherRole = 'admin' | 'teacher'

export interface TeacherDto {
  id: string
  name: string
  role: TeacherRole
}

/** Who is looking at this screen: a teacher, a device in a lesson, a screen that came in by a link, or nobody yet. */
export type VisitorDto =
  | { kind: 'teacher'; id: string | null; name: string; role: TeacherRole }
  | { kind: 'sheet'; lessonId: string; groupIds: string[] }
  | { kind: 'board' | 'assistant'; lessonId: string }
  | { kind: 'nobody' }

/** How people come in, and who is here. */
export interface AccessDto {
  schoolName: string
  /** `off` where the school's machine serves nobody but who sits at it; null until somebody has said. */
  signIn: 'on' | 'off' | null
  visitor: VisitorDto
  /** Names by which other devices reach this machine, best first, for a teacher to tell; none while it answers itself only. */
  names: string[]
  /** Of a demo: what to sign in with. */
  demo: { name: string; passphrase: string; code: string | null } | null
}

/** Where a teacher is signed in. */
export interface SessionDto {
  id: string
  device: string
  madeAt: string
  seenAt: string
  /** Whether it is the one that asks. */
  isThis: boolean
}

/** Who did what. */
export interface AuditLineDto {
  at: string
  who: string
  did: string
}

/** With whom a class is shared. */
export interface ClassShareDto {
  id: string
  /** Null for every teacher of the school. */
  teacher: string | null
  /** The last day; null for good. */
  until: string | null
}

/** How devices join a lesson, and which have. */
export interface JoiningDto {
  /** Null while joining is closed. */
  code: string | null
  devices: { id: string; device: string; groupIds: string[]; seenAt: string }[]
  boards: number
  helpers: number
}

/** The lesson that a device has joined, with the groups that it may choose from. */
export interface JoinedDto {
  lessonId: string
  groups: GroupDto[]
}
