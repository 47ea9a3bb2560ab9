import Base, { type CustomHelpers, type ErrorReport, type Root } from 'joi'

/** Lists without a limit of their own take so many items. */
const usualItems = 1000
/** No object of ours has so many names. */
const mostNames = 200

interface Prepared {
  value: unknown
  errors?: ErrorReport[]
}

/**
 * The schemas' own language, with doors that large wrong input does not hold open: the length of a list is looked at before its items,
 * the number of names of an object before the names.
 */
const joi: unknown = Base.extend(
  {
    type: 'array',
    base: Base.array(),
    prepare(value: unknown, helpers: CustomHelpers): Prepared {
      if (!Array.isArray(value)) return { value }
      const limit = Number(helpers.schema.$_getRule('max')?.args?.limit ?? usualItems)
      return value.length > limit ? { value, errors: [helpers.error('array.max', { limit })] } : { value }
    },
  },
  {
    type: 'object',
    base: Base.object(),
    prepare(value: unknown, helpers: CustomHelpers): Prepared {
      const names = typeof value === 'object' && value !== null ? Object.keys(value).length : 0
      return names > mostNames
        ? { value, errors: [helpers.error('object.max', { limit: mostNames })] }
        : { value }
    },
  },
)

export default joi as Root
