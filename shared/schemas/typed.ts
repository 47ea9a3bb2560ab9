import type {
  AlternativesSchema,
  AnySchema,
  ArraySchema,
  CustomHelpers,
  ObjectSchema,
  StringSchema,
} from 'joi'
import Joi from './joi'

/** What a schema lets through, as the compiler knows it; all else that a schema has would only lead it astray. */
export type Given<Schema> = Schema extends { '~standard': { types?: { output: infer Value } } }
  ? Value
  : never

declare const mayBeLeftOut: unique symbol
/** The schema of a field that may be left out. */
type Optional<Value> = AnySchema<Value> & { readonly [mayBeLeftOut]: true }

type Fields = Record<string, AnySchema>
type LeftOut<Of extends Fields> = {
  [Name in keyof Of]: Of[Name] extends Optional<unknown> ? Name : never
}[keyof Of]
type Flat<Value> = { [Name in keyof Value]: Value[Name] }

/** An object as its fields make it. */
export type FieldsOf<Of extends Fields> = Flat<
  { [Name in Exclude<keyof Of, LeftOut<Of>>]: Given<Of[Name]> } & { [Name in LeftOut<Of>]?: Given<Of[Name]> }
>

/**
 * An object with these fields and no others, all of them needed unless they say otherwise. Its type follows from its fields, so that a
 * route that names this schema is given what the schema lets through.
 */
export const object = <Of extends Fields>(fields: Of) =>
  Joi.object(fields).prefs({ presence: 'required' }) as ObjectSchema<FieldsOf<Of>>

/** A field that may be left out. */
export const optional = <Of extends AnySchema>(schema: Of) =>
  schema.optional() as unknown as Optional<Given<Of>>

/** A field that is this where it is left out. */
export const otherwise = <Of extends AnySchema>(schema: Of, value: Given<Of>) =>
  schema.optional().default(value as string) as AnySchema<Given<Of>>

/** What there may also be none of. */
export const orNull = <Of extends AnySchema>(schema: Of) => schema.allow(null) as AnySchema<Given<Of> | null>

/** A list of at most so many; its length is looked at before its items. */
export const list = <Of extends AnySchema>(item: Of, most: number) =>
  Joi.array().items(item).max(most) as ArraySchema<Given<Of>[]>

/** Any names of this pattern, each with a value of its own. */
export const named = <Of extends AnySchema>(name: AnySchema<string>, value: Of, most: number) =>
  Joi.object().pattern(name, value).max(most) as ObjectSchema<Record<string, Given<Of>>>

/** One of a few words. */
export const choice = <Word extends string>(...words: readonly Word[]) =>
  Joi.string()
    .valid(...words)
    .messages({ 'any.only': `Choose one of: ${words.join(', ')}.` }) as StringSchema<Word>

/** Yes or no, as such and not as a word for it. */
export const yesOrNo = () => Joi.boolean().strict()

/** Several kinds of object, told apart by one of their fields. */
export function byKind<Kinds extends Record<string, Fields>, Name extends string = 'kind'>(
  kinds: Kinds,
  name: Name = 'kind' as Name,
) {
  type Each = { [Kind in keyof Kinds]: Flat<Record<Name, Kind> & FieldsOf<Kinds[Kind]>> }[keyof Kinds]
  const words = Object.keys(kinds)
  return Joi.alternatives().conditional(`.${name}`, {
    switch: words.map((word) => ({ is: word, then: object({ ...kinds[word], [name]: choice(word) }) })),
    otherwise: Joi.object({ [name]: choice(...words).required() }).unknown(),
  }) as AlternativesSchema<Each>
}

/** A rule over a whole object: gives back what is wrong with it, or null. */
export const rule =
  <Value>(problem: (value: Value) => string | null) =>
  (value: Value, helpers: CustomHelpers): unknown => {
    const message = problem(value)
    return message === null ? value : helpers.message({ custom: message })
  }
