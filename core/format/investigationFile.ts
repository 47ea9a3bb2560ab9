import { defined } from '../defined'
import { planFormat, type FormerlyChanged, type Level, type Plan } from '../plan'

/** Marks a JSON file as an investigation of ours. */
export const investigationFormat = 'jolly-beaker-investigation'

/** The version that this program writes, which is its plan's; it reads this one and every earlier one. */
export const investigationVersion = planFormat

/** An investigation as a file: the plan with its pictures, and nothing about a class or its children. */
export interface InvestigationFile {
  format: typeof investigationFormat
  version: number
  plan: Plan
  /** The pictures that the plan names, by identifier, in base64. */
  pictures: Record<string, string>
}

/** The most letters of a file: a plan with a photo of every level. */
export const investigationLetters = 8_000_000

/**
 * The text of an investigation file (JSON, two spaces, UTF-8).
 * @example writeInvestigation(plan).startsWith('{') // true
 */
export function writeInvestigation(plan: Plan, pictures: InvestigationFile['pictures'] = {}): string {
  const file: InvestigationFile = {
    format: investigationFormat,
    version: investigationVersion,
    plan,
    pictures,
  }
  return `${JSON.stringify(file, null, 2)}\n`
}

/** What a text turned out to be: an investigation file's envelope with a plan still to be checked, or why not. */
export type OpenedInvestigation =
  { ok: true; plan: unknown; pictures: Record<string, string> } | { ok: false; message: string }

/**
 * Opens the envelope of an investigation file. The plan inside is still to be checked against its schema.
 * @returns a message that says what to do when the text is no such file or was written by a newer program
 * @example openInvestigation('{"format":"jolly-beaker-investigation","version":1,"plan":{}}') // { ok: true, plan: {}, pictures: {} }
 */
export function openInvestigation(text: string): OpenedInvestigation {
  let file: Partial<InvestigationFile> | null
  try {
    file = JSON.parse(text.replace(/^\uFEFF/, '')) as Partial<InvestigationFile> | null
  } catch {
    return {
      ok: false,
      message: 'This file is damaged or isn’t an investigation file. Save it again where it came from.',
    }
  }
  if (typeof file !== 'object' || file === null || file.format !== investigationFormat)
    return {
      ok: false,
      message: 'This is not an investigation file. Choose one that was saved from a lesson here.',
    }
  if (!Number.isInteger(file.version) || defined(file.version) < 1)
    return {
      ok: false,
      message: 'This investigation file does not say its version. Save it again where it came from.',
    }
  if (defined(file.version) > investigationVersion)
    return {
      ok: false,
      message: `This file was written by a newer Jolly Beaker (version ${file.version}). Update this one to open it.`,
    }
  return { ok: true, plan: file.plan, pictures: texts(file.pictures) }
}

/** What is not a text is no picture; files of version 1 have none. */
function texts(given: unknown): Record<string, string> {
  if (typeof given !== 'object' || given === null) return {}
  return Object.fromEntries(Object.entries(given).filter(([, text]) => typeof text === 'string'))
}

/**
 * The identifiers of all pictures that a plan names, each once.
 * @example picturesIn(plan) // [], or the identifiers of its pictures
 */
export function picturesIn(plan: Plan): string[] {
  const formerly = [...plan.keptSame, ...plan.ideas.change].flatMap((card) => card.was?.levels ?? [])
  const levels = [...plan.levels, ...formerly]
  return [...new Set(levels.flatMap((level) => level.picture ?? []))]
}

/**
 * A plan whose pictures go by other identifiers; those without one are left out.
 * @example withPictures(plan, new Map([['old', 'new']])).levels[0].picture // null; 'new' where it was 'old'
 */
export function withPictures(plan: Plan, renamed: ReadonlyMap<string, string>): Plan {
  const rename = (levels: Level[]) =>
    levels.map((level) => ({
      ...level,
      picture: level.picture === null ? null : (renamed.get(level.picture) ?? null),
    }))
  const formerly = <T extends FormerlyChanged | null | undefined>(was: T) =>
    was && { ...was, levels: rename(was.levels) }
  return {
    ...plan,
    levels: rename(plan.levels),
    keptSame: plan.keptSame.map((same) => ({ ...same, was: formerly(same.was) })),
    ideas: {
      ...plan.ideas,
      change: plan.ideas.change.map((idea) => (idea.was ? { ...idea, was: formerly(idea.was) } : idea)),
    },
  }
}
