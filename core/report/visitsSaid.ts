import { capital } from '../quantity'
import { standingReviews, type Review } from '../review'

/**
 * What a group was told and asked by its visitors, and what it left where it visited, a line for each visit.
 * @param names of the groups by id; a group that is gone is “another group”
 * @example visitsSaid([review], 'bell', new Map([['leaf', 'Leaf']])) // ['Leaf looked at our work. They asked: “How exactly did you do it?”']
 */
export function visitsSaid(
  reviews: readonly Review[],
  groupId: string,
  names: ReadonlyMap<string, string>,
): string[] {
  const standing = standingReviews(reviews)
  const called = (id: string) => names.get(id) ?? 'another group'
  return [
    ...standing
      .filter(({ ofGroupId }) => ofGroupId === groupId)
      .map((one) => said(`${capital(called(one.byGroupId))} looked at our work.`, 'them', 'They', 'We', one)),
    ...standing
      .filter(({ byGroupId }) => byGroupId === groupId)
      .map((one) => said(`We looked at the work of ${called(one.ofGroupId)}.`, 'us', 'We', 'They', one)),
  ]
}

const said = (
  opening: string,
  whom: string,
  asking: string,
  answering: string,
  { convinced, question, answer }: Review,
): string =>
  [
    opening,
    convinced && `What convinced ${whom}: “${convinced}”`,
    question && `${asking} asked: “${question}”`,
    answer && `${answering} answered: “${answer}”`,
  ]
    .filter((one) => one !== '')
    .join(' ')
