// One place for all tables, so that what points at what is seen at once; docs/data.md draws it.
import { sql } from 'drizzle-orm'
import {
  boolean,
  customType,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uuid,
} from 'drizzle-orm/pg-core'
import type { AgeBand, EmblemId, Vocabulary } from '#core/class'
import type { Conclusion, PredictionAnswer } from '#core/conclusion'
import type { SchoolCalendar } from '#core/calendar'
import type { ClassAllergy } from '#core/catalogue'
import type { CupboardInstrument } from '#core/instrument'
import type { CountedLine, Offer } from '#core/kit'
import type { ObservationKind, ObservedPlace } from '#core/observation'
import type { Plan, PredictionStep, SchoolWays } from '#core/plan'
import { upgradePlan } from '#core/recording'
import type { Entry, EntrySource, ReadWith } from '#core/entries'
import type { Reviewing } from '#core/review'
import type { NoteKind, QuestionSort, Stimulus } from '#core/wonder'
import type { Stage } from '#core/lesson'
import type { ClassClock, Role } from '#core/timetable'
import type { LessonEvent, PictureType } from '#shared/types/api'
import type { TeacherRole } from '#shared/types/people'

const moment = (name: string) => timestamp(name, { withTimezone: true, mode: 'date' })
const madeAt = () => moment('made_at').notNull().defaultNow()

const bytes = customType<{ data: Uint8Array }>({ dataType: () => 'bytea' })
/** A plan; rows of an earlier version are understood as they are read, and written anew when the plan is saved. */
const planColumn = customType<{ data: Plan; driverData: unknown }>({
  dataType: () => 'jsonb',
  toDriver: (plan) => JSON.stringify(plan),
  fromDriver: (row) => upgradePlan(row) as Plan,
})

/** Whether teachers sign in: `off` where the school's machine serves nobody but who sits at it. */
export type SignInMode = 'on' | 'off'
/** A teacher's browser, a device that joined a lesson, a Board, or a helper's screen. */
export type SessionKind = 'teacher' | 'sheet' | 'board' | 'assistant'
/** A group that a device was in, until it was moved or chose another (ISO 8601). */
export interface LeftGroup {
  groupId: string
  until: string
}
/** What a link opens. */
export type LinkKind = Extract<SessionKind, 'board' | 'assistant'>

/** One row: how this school usually works. */
export const school = pgTable('school', {
  id: integer('id').primaryKey(),
  name: text('name').notNull().default(''),
  /** Null until somebody has said at the first start how people come in. */
  signIn: text('sign_in').$type<SignInMode>(),
  ways: jsonb('ways').$type<SchoolWays>().notNull(),
  /** Null until the school has said when it is closed. */
  calendar: jsonb('calendar').$type<SchoolCalendar>(),
  /** The day on which it was announced that pictures will be deleted; null while none will soon. */
  picturesAnnounced: date('pictures_announced', { mode: 'string' }),
  /** The last day on which the program looked for such pictures. */
  picturesLooked: date('pictures_looked', { mode: 'string' }),
  /** What a shop sells, as the school has loaded it. */
  offers: jsonb('offers').$type<Offer[]>().notNull().default([]),
})

/** The school's cupboard; empty until it is edited for the first time. */
export const instruments = pgTable('instruments', {
  id: text('id').primaryKey(),
  definition: jsonb('definition').$type<CupboardInstrument>().notNull(),
  place: integer('place').notNull(),
})

/** The store cupboard of materials, a row for each thing. */
export const supplies = pgTable('supplies', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  unit: text('unit').notNull(),
  amount: doublePrecision('amount').notNull(),
  shelf: text('place').notNull(),
  packSize: doublePrecision('pack_size'),
  price: doublePrecision('price'),
  instead: jsonb('instead').$type<string[]>().notNull(),
  care: text('care').notNull(),
  madeAt: madeAt(),
})

export const teachers = pgTable('teachers', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  /** The name without what the eye passes over (capitals, accents, spaces), so that no two look alike. Null once removed. */
  nameKey: text('name_key').unique(),
  passphraseHash: text('passphrase_hash').notNull(),
  role: text('role').$type<TeacherRole>().notNull(),
  madeAt: madeAt(),
  removedAt: moment('removed_at'),
})

/** Photos and sketches, as they are shown. Rows are added and never changed; somebody may delete one for good. */
export const pictures = pgTable('pictures', {
  id: uuid('id').primaryKey(),
  type: text('type').$type<PictureType>().notNull(),
  /** Null where they lie in a file beside the embedded database, under the name of their hash. */
  bytes: bytes('bytes'),
  hash: text('hash'),
  madeAt: madeAt(),
})

export const classes = pgTable('classes', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  ageBand: text('age_band').$type<AgeBand>().notNull(),
  vocabulary: text('vocabulary').$type<Vocabulary>().notNull(),
  /** Children are counted, never named. */
  allergies: jsonb('allergies').$type<ClassAllergy[]>().notNull().default([]),
  /** Whose class it is; null where nobody signs in. */
  ownerId: uuid('owner_id').references(() => teachers.id),
  madeAt: madeAt(),
  removedAt: moment('removed_at'),
})

/** Who else may use a class. */
export const classShares = pgTable(
  'class_shares',
  {
    id: uuid('id').primaryKey(),
    classId: uuid('class_id')
      .notNull()
      .references(() => classes.id),
    /** Null for every teacher of the school. */
    teacherId: uuid('teacher_id').references(() => teachers.id),
    /** The last day, as for a cover lesson; null for good. */
    until: date('until', { mode: 'string' }),
    madeAt: madeAt(),
  },
  (table) => [index('class_shares_class').on(table.classId)],
)

export const groups = pgTable(
  'groups',
  {
    id: uuid('id').primaryKey(),
    classId: uuid('class_id')
      .notNull()
      .references(() => classes.id),
    name: text('name').notNull(),
    emblem: text('emblem').$type<EmblemId>().notNull(),
    place: integer('place').notNull(),
  },
  (table) => [index('groups_class').on(table.classId)],
)

export const pupils = pgTable(
  'pupils',
  {
    id: uuid('id').primaryKey(),
    classId: uuid('class_id')
      .notNull()
      .references(() => classes.id),
    groupId: uuid('group_id').references(() => groups.id, { onDelete: 'set null' }),
    name: text('name').notNull(),
    place: integer('place').notNull(),
  },
  (table) => [index('pupils_class').on(table.classId)],
)

export const investigations = pgTable('investigations', {
  id: uuid('id').primaryKey(),
  /** The starter it came from, or the file in the school's folder (`file:` and its name), if any. */
  starterId: text('starter_id'),
  plan: planColumn('plan').notNull(),
  madeAt: madeAt(),
})

export const lessons = pgTable(
  'lessons',
  {
    id: uuid('id').primaryKey(),
    investigationId: uuid('investigation_id')
      .notNull()
      .references(() => investigations.id),
    classId: uuid('class_id')
      .notNull()
      .references(() => classes.id),
    date: date('date', { mode: 'string' }).notNull(),
    stage: text('stage').$type<Stage>().notNull(),
    /** The lesson that this one is a part of: the same question, tested another way by some of its groups. */
    partOf: uuid('part_of'),
    /** The groups that take part; null for the whole class. */
    groupIds: jsonb('group_ids').$type<string[]>(),
    stimulus: jsonb('stimulus').$type<Stimulus>().notNull().default({ text: '', picture: null }),
    plan: planColumn('plan').notNull(),
    planVersion: integer('plan_version').notNull().default(0),
    conclusion: jsonb('conclusion').$type<Conclusion>().notNull(),
    conclusionVersion: integer('conclusion_version').notNull().default(0),
    /** The newest saves of plan and conclusion, so that one that is sent twice is done once. */
    saves: jsonb('saves').$type<{ id: string; version: number }[]>().notNull().default([]),
    /** The clock of the class; null until it is started. Parts go by that of their whole. */
    clock: jsonb('clock').$type<ClassClock>(),
    clockVersion: integer('clock_version').notNull().default(0),
    /** Children who are absent, by id; those of a part go by its whole. */
    absent: jsonb('absent').$type<string[]>().notNull().default([]),
    /** When somebody said that testing is over; null while it goes on, or until all planned tries are in. */
    finishedAt: moment('finished_at'),
    /** Whose work each group looks at; null until they have been paired. */
    reviewing: jsonb('reviewing').$type<Reviewing>(),
    /** What devices join with; null while joining is closed. Parts go by that of their whole. */
    joinCode: text('join_code').unique(),
    joinUntil: moment('join_until'),
    /** Number of the newest event; taking the next one locks the row and so puts all writes in order. */
    seq: integer('seq').notNull().default(0),
    madeAt: madeAt(),
    removedAt: moment('removed_at'),
  },
  (table) => [
    index('lessons_date').on(table.date),
    index('lessons_part_of').on(table.partOf),
    foreignKey({ columns: [table.partOf], foreignColumns: [table.id], name: 'lessons_part_of_fk' }),
  ],
)

/** Links that open one lesson's Board, or its Pack and clock, without a passphrase. */
export const links = pgTable(
  'links',
  {
    id: uuid('id').primaryKey(),
    /** Of the secret in the link, which only its reader has. */
    secretHash: text('secret_hash').notNull().unique(),
    kind: text('kind').$type<LinkKind>().notNull(),
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    madeAt: madeAt(),
    endsAt: moment('ends_at').notNull(),
  },
  (table) => [index('links_lesson').on(table.lessonId)],
)

/** Browsers that somebody has come in with. A row is deleted when its session ends. */
export const sessions = pgTable(
  'sessions',
  {
    id: uuid('id').primaryKey(),
    /** Of the secret in the cookie. */
    secretHash: text('secret_hash').notNull().unique(),
    kind: text('kind').$type<SessionKind>().notNull(),
    teacherId: uuid('teacher_id').references(() => teachers.id),
    /** The whole lesson that a Sheet, a Board or a helper is in. */
    lessonId: uuid('lesson_id').references(() => lessons.id),
    /** The groups for which a Sheet records. */
    groupIds: jsonb('group_ids').$type<string[]>().notNull().default([]),
    /** The groups that a Sheet has left, and when: what it read there may still be on its way. */
    leftGroups: jsonb('left_groups').$type<LeftGroup[]>().notNull().default([]),
    linkId: uuid('link_id').references(() => links.id, { onDelete: 'cascade' }),
    /** What kind of device it is, in a few words. */
    device: text('device').notNull(),
    madeAt: madeAt(),
    seenAt: moment('seen_at').notNull().defaultNow(),
  },
  (table) => [index('sessions_teacher').on(table.teacherId), index('sessions_lesson').on(table.lessonId)],
)

/** Who came in, and what was changed, taken out or deleted. Rows are added and never changed; no child is named in any. */
export const auditLines = pgTable(
  'audit_lines',
  {
    id: uuid('id').primaryKey(),
    at: moment('at').notNull().defaultNow(),
    who: text('who').notNull(),
    did: text('did').notNull(),
  },
  (table) => [index('audit_lines_at').on(table.at)],
)

export const notes = pgTable(
  'notes',
  {
    id: uuid('id').primaryKey(),
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    kind: text('kind').$type<NoteKind>().notNull(),
    text: text('text').notNull(),
    sort: text('sort').$type<QuestionSort>(),
    settled: boolean('settled').notNull(),
    madeAt: madeAt(),
    removedAt: moment('removed_at'),
  },
  (table) => [index('notes_lesson').on(table.lessonId)],
)

/** Who predicted: seat 0 is the whole group, 1 and up its children, who stay without names. */
export const predictions = pgTable(
  'predictions',
  {
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    groupId: uuid('group_id')
      .notNull()
      .references(() => groups.id),
    seat: integer('seat').notNull().default(0),
    answer: jsonb('answer').$type<PredictionAnswer>().notNull(),
    because: text('because').notNull(),
    madeAt: madeAt(),
    late: boolean('late').notNull(),
    step: text('step').$type<PredictionStep>().notNull().default('before'),
    known: integer('known').notNull().default(0),
  },
  (table) => [primaryKey({ columns: [table.lessonId, table.groupId, table.seat, table.step] })],
)

/** What people saw, field by field. Rows are added and never changed or removed. */
export const entries = pgTable(
  'entries',
  {
    id: uuid('id').primaryKey(),
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    groupId: uuid('group_id')
      .notNull()
      .references(() => groups.id),
    /** Null where all levels are seen at once. */
    levelId: text('level_id'),
    tryNumber: integer('try_number').notNull(),
    moment: text('moment').notNull(),
    fields: jsonb('fields').$type<Entry['fields']>().notNull(),
    note: text('note').notNull(),
    readWith: jsonb('read_with').$type<ReadWith>(),
    status: text('status').$type<Entry['status']>().notNull(),
    reason: text('reason').notNull(),
    source: text('source').$type<EntrySource>().notNull(),
    takenAt: moment('taken_at').notNull(),
    receivedAt: moment('received_at').notNull().defaultNow(),
    /** What it corrects or sets aside. That may arrive later, or be corrected by two devices at once. */
    supersedes: uuid('supersedes'),
  },
  (table) => [index('entries_lesson').on(table.lessonId), index('entries_supersedes').on(table.supersedes)],
)

/** What people saw beside what is measured. What an earlier wording was stands in the events. */
export const observations = pgTable(
  'observations',
  {
    id: uuid('id').primaryKey(),
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    /** Null where the whole class saw it. */
    groupId: uuid('group_id').references(() => groups.id),
    kind: text('kind').$type<ObservationKind>().notNull(),
    text: text('text').notNull(),
    picture: uuid('picture').references(() => pictures.id),
    pictureDeleted: boolean('picture_deleted').notNull().default(false),
    about: jsonb('about').$type<ObservedPlace>(),
    source: text('source').$type<EntrySource>().notNull(),
    seenAt: moment('seen_at').notNull(),
    onBoard: boolean('on_board').notNull().default(false),
    removed: boolean('removed').notNull().default(false),
    madeAt: madeAt(),
  },
  (table) => [
    index('observations_lesson').on(table.lessonId),
    index('observations_picture').on(table.picture),
  ],
)

/** What one group left with another after it had looked at its record, and what that one answered. */
export const reviews = pgTable(
  'reviews',
  {
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    byGroupId: uuid('by_group_id')
      .notNull()
      .references(() => groups.id),
    ofGroupId: uuid('of_group_id')
      .notNull()
      .references(() => groups.id),
    convinced: text('convinced').notNull(),
    question: text('question').notNull(),
    answer: text('answer').notNull().default(''),
    madeAt: madeAt(),
    removed: boolean('removed').notNull().default(false),
  },
  (table) => [primaryKey({ columns: [table.lessonId, table.byGroupId, table.ofGroupId] })],
)

/** That somebody has checked the school's own risk assessment. Rows are added and never changed but to learn their basis. */
export const safetyConfirmations = pgTable(
  'safety_confirmations',
  {
    id: uuid('id').primaryKey(),
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    /** Initials, or the name of whoever was signed in. */
    initials: text('initials').notNull(),
    /** What it stands for; null for a lesson from before there were confirmations, until its plan changes. */
    basis: jsonb('basis').$type<string[]>(),
    /** Whether the lesson had readings before there were confirmations, so that nobody typed any initials. */
    beforeRule: boolean('before_rule').notNull().default(false),
    /** Whether it stands for the plan, the class and the store cupboard as they are; kept right by whatever changes them. */
    stands: boolean('stands').notNull().default(true),
    madeAt: madeAt(),
  },
  (table) => [index('safety_lesson').on(table.lessonId)],
)

/** What has been packed, cell by cell: one line of the kit in one place. */
export const packingTicks = pgTable(
  'packing_ticks',
  {
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    materialId: text('material_id').notNull(),
    /** A group's id, or "shared" for what lies on no tray, or "spare". */
    place: text('place').notNull(),
    amount: doublePrecision('amount').notNull(),
    madeAt: madeAt(),
  },
  (table) => [primaryKey({ columns: [table.lessonId, table.materialId, table.place] })],
)

/** What came back after the lesson, line by line, with what the store cupboard has less because of it. */
export const kitCounts = pgTable(
  'kit_counts',
  {
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    materialId: text('material_id').notNull(),
    counted: jsonb('counted').$type<CountedLine>().notNull(),
    groups: integer('groups').notNull(),
    taken: jsonb('taken').$type<{ supplyId: string; amount: number }[]>().notNull(),
    madeAt: madeAt(),
  },
  (table) => [primaryKey({ columns: [table.lessonId, table.materialId] })],
)

/** How often each child has had each role in a lesson, so that turns are even over the year; a seat where nobody is named. */
export const roleTurns = pgTable(
  'role_turns',
  {
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    member: text('member').notNull(),
    role: text('role').$type<Role>().notNull(),
    turns: integer('turns').notNull(),
  },
  (table) => [primaryKey({ columns: [table.lessonId, table.member, table.role] })],
)

export const events = pgTable(
  'events',
  {
    lessonId: uuid('lesson_id')
      .notNull()
      .references(() => lessons.id),
    seq: integer('seq').notNull(),
    event: jsonb('event').$type<LessonEvent>().notNull(),
    madeAt: moment('made_at')
      .notNull()
      .default(sql`now()`),
  },
  (table) => [primaryKey({ columns: [table.lessonId, table.seq] })],
)
