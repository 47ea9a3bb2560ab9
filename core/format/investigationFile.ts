import type { Plan } from '../plan'

/** Marks a JSON file as an investigation of ours. */
export const investigationFormat = 'jolly-beaker-investigation'

/** The version that this program writes; it reads this one and every earlier one. */
export const investigationVersion = 2

/** An investigation as a file: the plan and nothing about a class or its children. */
export interface InvestigationFile {
  format: typeof investigationFormat
  version: number
  plan: Plan
}

/**
 * The text of an investigation file (JSON, two spaces, UTF-8).
 * @example writeInvestigation(plan).startsWith('{') // true
 */
export function writeInvestigation(plan: Plan): string {
  const file: InvestigationFile = { format: investigationFormat, version: investigationVersion, plan }
  return `${JSON.stringify(file, null, 2)}\n`
}

/** What a text turned out to be: an investigation file's envelope with a plan still to be checked, or why not. */
export type OpenedInvestigation = { ok: true; plan: unknown } | { ok: false; message: string }

/**
 * Opens the envelope of an investigation file. The plan inside is still to be checked against its schema.
 * @returns a message that says what to do when the text is no such file or was written by a newer program
 * @example openInvestigation('{"format":"jolly-beaker-investigation","version":1,"plan":{}}') // { ok: true, plan: {} }
 */
export function openInvestigation(text: string): OpenedInvestigation {
  let file: Partial<InvestigationFile> | null
  try {
    file = JSON.parse(text.replace(/^\uFEFF/, '')) as Partial<InvestigationFile> | null
  } catch {
    return {
      ok: false,
      message: 'This file is damaged or is no investigation file. Save it again where it came from.',
    }
  }
  if (typeof file !== 'object' || file === null || file.format !== investigationFormat)
    return {
      ok: false,
      message: 'This is not an investigation file. Choose one that was saved from a lesson here.',
    }
  if (!Number.isInteger(file.version) || file.version! < 1)
    return {
      ok: false,
      message: 'This investigation file does not say its version. Save it again where it came from.',
    }
  if (file.version! > investigationVersion)
    return {
      ok: false,
      message: `This file was written by a newer Jolly Beaker (version ${file.version}). Update this one to open it.`,
    }
  return { ok: true, plan: file.plan }
}
