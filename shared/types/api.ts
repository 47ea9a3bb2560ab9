import type { EmblemId } from '#core/class'
import type { Claim, ClaimFit, Conclusion, Prediction } from '#core/conclusion'
import type { StatementFit } from '#core/ownWords'
import type { SchoolCalendar } from '#core/calendar'
import type { ClassAllergy } from '#core/catalogue'
import type { CupboardInstrument } from '#core/instrument'
import type { CountedLine, Offer, PlannedTask, Reservation, Supply } from '#core/kit'
import type { Stage } from '#core/lesson'
import type { SearchedTexts } from '#core/logbook'
import type { Observation } from '#core/observation'
import type { Review, Reviewing } from '#core/review'
import type { Plan, SchoolWays } from '#core/plan'
import type { Entry } from '#core/entries'
import type { ClassClock, Member, RoleCounts } from '#core/timetable'
import type { Note, Stimulus } from '#core/wonder'
import type { classSchema, FieldProblem, Given, observationChangeSchema, observationSchema } from '../schemas'

/** The kinds of picture that are kept: what a camera, a scanner or the sketch pad makes. */
export type PictureType = 'image/jpeg' | 'image/png' | 'image/webp'

/** The one shape in which the server says that something went wrong. */
export interface ApiProblem {
  error: {
    /**
     * `set-up`: nobody has said yet how people come in; `sign-in`: nobody, or nobody any longer, is signed in here; `waits`: nothing is
     * wrong with what was sent; it can be taken once somebody has done something else.
     */
    code:
      | 'set-up'
      | 'sign-in'
      | 'invalid'
      | 'not-found'
      | 'conflict'
      | 'too-large'
      | 'not-allowed'
      | 'waits'
      | 'busy'
      | 'failed'
    message: string
    fields: FieldProblem[]
  }
}

export interface GroupDto {
  id: string
  name: string
  emblem: EmblemId
}

export interface PupilDto {
  id: string
  name: string
  groupId: string | null
}

/** What a teacher writes of a class. */
export type ClassInput = Given<typeof classSchema>

export interface ClassDto extends ClassInput {
  id: string
}

/** A class as a lesson shows it on every face: children are counted, never named. */
export interface LessonClassDto extends Omit<ClassDto, 'pupils' | 'allergies'> {
  children: number
  /** How many of them each group has, in the order of the groups. */
  byGroup: number[]
}

export interface InvestigationDto {
  /** Of one in the school's folder: the name of its file. */
  id: string
  kind: 'starter' | 'investigation' | 'file'
  title: string
  question: string
  /** For a starter: why its numbers are as they are; for a file that can't be used: why not. */
  about: string
  /** Whether it is a file that can't be used. */
  isBroken?: boolean
}

/** A lesson as the logbook lists it. */
export interface LessonSummaryDto {
  id: string
  title: string
  question: string
  classId: string
  className: string
  /** The groups that take part, where it is not the whole class. */
  groupNames: string[] | null
  date: string
  stage: Stage
  answer: string | null
  nextQuestion: string
  /** Questions of the class that nobody has tested yet. */
  nextQuestions: string[]
  readings: number
  needed: number
  /** Readings that are due today in a lesson over several days; null for one that is over in one go. */
  dueToday: number | null
  /** How its time went, once it has ended: "Planned 42 min, took 51." */
  took: string | null
  /** How groups looked at each other's work: how many questions and answers; empty where they did not. */
  visits: string
  /** The school year that it belongs to: "2026/27". */
  year: string
  /** What the logbook searches beside what it shows. */
  searched: SearchedTexts
}

/** What the data of a lesson say of a claim, or of a class's own sentence. */
export interface ClaimCheckDto {
  fit: ClaimFit
  reasons: string[]
  /** Parts of the class's own sentence; empty where a claim was checked. */
  parts: { text: string; fit: StatementFit | 'yours'; reason: string }[]
  /** What the class gives as the cause; nothing is said of that. */
  why: string
  suggestion: Claim | null
}

/** A prediction as it goes round. */
export type PredictionDto = Prediction

/** How this school usually works, and the instruments in its cupboard. */
export interface SchoolDto {
  ways: SchoolWays
  cupboard: CupboardInstrument[]
  calendar: SchoolCalendar
}

/** That somebody has checked the school's own risk assessment for a lesson. */
export interface SafetyDto {
  initials: string
  at: string
  /** The lesson had readings before there were confirmations. */
  beforeRule: boolean
  /** Whether it still stands for the plan as it is now. */
  stands: boolean
}

/** What has been packed of one line in one place: a group's id, "shared" or "spare". */
export interface TickDto {
  materialId: string
  place: string
  amount: number
}

/** Everything that packing needs beside the lesson itself; for the teacher's own screens only. */
export interface PackDto {
  /** The newest event of the lesson that this knows of. */
  seq: number
  supplies: Supply[]
  /** What a shop offers. */
  offers: Offer[]
  /** This lesson as it holds things back, without its needs, which follow from the open plan. */
  own: Omit<Reservation, 'needs'>
  /** Every other lesson that holds something back at the same time or before. */
  others: Reservation[]
  ticks: TickDto[]
  counts: CountedLine[]
  /** What an earlier lesson of the same investigation used up, by name. */
  usedBefore: Record<string, number>
  allergies: ClassAllergy[]
  /** How many lessons the class has had before, so that jobs turn. */
  turn: number
}

/** A lesson of the weeks to come with what it still needs. */
export interface WeekLessonDto {
  /** What it holds back, when, and what it is called. */
  reservation: Reservation
  /** What is still to be done before it. */
  tasks: PlannedTask[]
  /** What is short, in words: "2 balance short". */
  short: string[]
  /** Whether the school's own risk assessment has been checked for it. */
  confirmed: boolean
  countedBack: boolean
}

/** The lessons to come, with what the school has for them. */
export interface WeekDto {
  lessons: WeekLessonDto[]
  supplies: Supply[]
  offers: Offer[]
  calendar: SchoolCalendar
}

/** Some of the groups with a test of their own, under the question of the whole lesson. */
export interface LessonPartDto {
  id: string
  groups: GroupDto[]
  changed: string
  measured: string
}

/** A new observation as a device sends it, with its picture if there is one. */
export type ObservationInput = Given<typeof observationSchema>

/** What may become of an observation. */
export type ObservationChange = Given<typeof observationChangeSchema>

/** The clock of a class; null until somebody has started it. */
export interface ClockDto {
  clock: ClassClock | null
  clockVersion: number
}

/** Who does what in the groups of a lesson; for Sheets, paper and the teacher, never for a Board. */
export interface RolesDto {
  /** The children of each group, by its id; seats where nobody is named. */
  members: Record<string, Member[]>
  /** Those who are absent today, by id. */
  absent: string[]
  /** What each has had in the lessons before. */
  before: RoleCounts
}

/** Everything that an open lesson needs. */
export interface LessonDto extends ClockDto {
  id: string
  investigationId: string
  class: LessonClassDto
  date: string
  stage: Stage
  /** When somebody said that testing is over, although not all planned tries are in; null while nobody has. */
  finishedAt: string | null
  /** The lesson that this one is a part of, or its own id: the lesson under which the parts are listed. */
  wholeId: string
  /** This lesson and the others under the same question, in the order made; one when the class tests together. */
  parts: LessonPartDto[]
  stimulus: Stimulus
  notes: Note[]
  school: SchoolDto
  plan: Plan
  planVersion: number
  conclusion: Conclusion
  conclusionVersion: number
  predictions: PredictionDto[]
  entries: Entry[]
  /** In the order in which they were seen, with those that were taken off. */
  observations: Observation[]
  /** Whose work each group looks at; null until they have been paired. */
  reviewing: Reviewing | null
  /** What groups left with each other, in the order in which they did. */
  reviews: Review[]
  /** The number of the last event that this snapshot includes. */
  seq: number
  /** Where the live stream goes on from this snapshot. */
  cursor: string
  safety: SafetyDto | null
  /** Taken off the logbook while it was open. */
  removed: boolean
}

/** What happened in a lesson; each event has the next number of its lesson. */
export type LessonEvent = { seq: number } & (
  | { kind: 'entries'; entries: Entry[] }
  | { kind: 'observation'; observation: Observation }
  | { kind: 'prediction'; prediction: PredictionDto }
  | { kind: 'reviewing'; reviewing: Reviewing }
  | { kind: 'review'; review: Review }
  | { kind: 'plan'; plan: Plan; planVersion: number }
  | { kind: 'conclusion'; conclusion: Conclusion; conclusionVersion: number }
  | ({ kind: 'clock' } & ClockDto)
  /** Something happened that this screen does not show. */
  | { kind: 'elsewhere' }
  /** Who is absent has changed; their names are no news for every screen. */
  | { kind: 'absent' }
  /** Told before there was such a time, it says nothing of it. */
  | { kind: 'lesson'; date: string; stage: Stage; finishedAt?: string | null }
  | { kind: 'stimulus'; stimulus: Stimulus }
  | { kind: 'note'; note: Note }
  | { kind: 'note-removed'; id: string }
  /** Groups went to another part or came back: what is shown must be fetched anew. */
  | { kind: 'parts' }
  | { kind: 'class'; class: LessonClassDto }
  | { kind: 'safety'; safety: SafetyDto | null }
  | { kind: 'ticks'; ticks: TickDto[] }
  | { kind: 'counts'; counts: CountedLine[] }
  /** The lesson was taken off the logbook, or put back. */
  | { kind: 'removed'; removed: boolean }
)

type WithoutSeq<T> = T extends unknown ? Omit<T, 'seq'> : never

/** An event that has no number yet. */
export type NewEvent = WithoutSeq<LessonEvent>

/** What a browser hears of the lessons that it has open. */
export type StreamMessage = { lessonId: string } & (
  | { cursor: string; event: LessonEvent }
  /** Where the database does not go on from this cursor, or is too far ahead of it: the lesson must be fetched. */
  | { anew: string }
)
