import { readFileSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import Joi from 'joi'

/** A school that this machine runs. */
export interface School {
  /** The name of the network by which its teachers and tablets reach it. */
  name: string
  /** The data folder, of this school only. */
  folder: string
}

const schema = Joi.array()
  .items(
    Joi.object({
      name: Joi.string().hostname().lowercase().required(),
      folder: Joi.string().min(1).required(),
    }),
  )
  .min(1)
  .unique('name')
  .unique('folder')
  .messages({ 'array.unique': 'each school needs a name and a folder of its own' })

/**
 * The schools that a file lists: `[{ "name": "tidewick.example", "folder": "tidewick" }]`. A folder counts from where the file is.
 * @throws Error that says what is wrong with the file
 */
export function readSchools(file: string): School[] {
  const { value, error } = schema.validate(parsed(file), { abortEarly: true })
  if (error) throw new Error(`${file} can’t be used: ${error.message}. ${form}`)
  const schools = (value as School[]).map(({ name, folder }) => ({
    name,
    folder: resolve(dirname(file), folder),
  }))
  if (new Set(schools.map(({ folder }) => folder)).size < schools.length)
    throw new Error(`${file} can’t be used: two schools have the same folder.`)
  return schools
}

const form = 'It lists schools like this: [{ "name": "tidewick.example", "folder": "tidewick" }]'

function parsed(file: string): unknown {
  try {
    return JSON.parse(readFileSync(file, 'utf8'))
  } catch (error) {
    throw new Error(
      `${file} can’t be read (${error instanceof Error ? error.message : String(error)}). ${form}`,
    )
  }
}
