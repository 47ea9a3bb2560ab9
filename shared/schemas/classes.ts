import { allergenIds } from '#core/catalogue'
import { ageBands, emblemIds, firstNameProblem, groupLimits, vocabularyKinds } from '#core/class'
import { fileText, id, line, wholeNumber } from './common'
import { distinct, nameKey } from './distinct'
import { choice, list, object, orNull, otherwise, rule } from './typed'

const group = object({ id, name: line(24), emblem: choice(...emblemIds) })

const firstName = line(40).custom(rule((text: string) => firstNameProblem(text)?.message ?? null))

const pupil = object({ id, name: firstName, groupId: orNull(id) })

const allergy = object({ allergen: choice(...allergenIds), children: wholeNumber(0, 60) })

/** A class with its groups, and pupils where the teacher wants them; nobody's allergies. */
export const classFields = {
  name: line(60),
  ageBand: choice(...ageBands),
  vocabulary: otherwise(choice(...vocabularyKinds), 'plain'),
  groups: list(group, groupLimits.most)
    .min(groupLimits.fewest)
    .custom(distinct('emblem'))
    .custom(distinct('id'))
    .custom(distinct(nameKey))
    .messages({
      'array.min': `A class works in at least ${groupLimits.fewest} groups.`,
      'array.max': `A class works in at most ${groupLimits.most} groups.`,
      'array.unique': 'Two groups look alike. Give each its own emblem and name.',
    }),
  pupils: otherwise(
    list(pupil, 60).custom(distinct('id')).messages({ 'array.max': 'A class has at most 60 children.' }),
    [],
  ),
}

/** A class as its teacher writes it. */
export const classSchema = object({
  ...classFields,
  // How many children react to what. They are counted and never named.
  allergies: otherwise(
    list(allergy, 1000)
      .custom(distinct('allergen'))
      .messages({ 'array.unique': 'One allergy is listed twice. Put both into one line.' }),
    [],
  ),
})

export const rosterSchema = object({ csv: fileText(20000, 'This list is too long for one class.') })
