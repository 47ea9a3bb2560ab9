import { computed } from 'vue'
import { isDoneForAll } from '#core/lesson'
import { reviewKey, type Review, type ReviewPair } from '#core/review'
import { request } from '~/api/request'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'

/** Groups that look at each other's work: who visits whom, what they leave, and what the visited answer. */
export function useReviews() {
  const store = useLesson()
  const notices = useNotices()
  const reviewing = computed(() => store.open.reviewing)
  /** Whether there are records of several groups to look at. */
  const canOpen = computed(
    () => store.groups.length > 1 && !isDoneForAll(store.plan) && store.counted.length > 0,
  )
  const groupOf = (id: string) => store.groups.find((group) => group.id === id)
  const reviewOf = (pair: ReviewPair) =>
    store.open.reviews.find((one) => reviewKey(one) === reviewKey(pair)) ?? null
  /** Who visits whom now, then who visited whom before, each with what was left; without groups that have gone elsewhere. */
  const visits = computed(() => {
    const now = store.groups.flatMap(({ id: byGroupId }) => {
      const ofGroupId = reviewing.value?.hosts[byGroupId]
      return ofGroupId === undefined ? [] : [{ byGroupId, ofGroupId }]
    })
    const known = new Set(now.map(reviewKey))
    const earlier = store.open.reviews.filter((one) => !known.has(reviewKey(one)))
    return [...now, ...earlier].flatMap((pair) => {
      const [visitor, host] = [groupOf(pair.byGroupId), groupOf(pair.ofGroupId)]
      if (!visitor || !host) return []
      const review = reviewOf(pair)
      const key = reviewKey(pair)
      return [
        { key, isNow: known.has(key), isLeft: review !== null && !review.removed, visitor, host, review },
      ]
    })
  })
  /** Whether each group could still visit one that it has not been to. */
  const hasOthers = computed(() => (reviewing.value?.round ?? 0) < store.groups.length - 1)

  async function setReviewing(open: boolean, round: number) {
    const { id } = store.open
    const now = await notices.attempt(() =>
      request('PUT', '/api/lessons/:id/reviewing', { params: { id }, body: { open, round } }),
    )
    if (now && store.lesson?.id === id) store.patch({ reviewing: now })
  }

  function leave({ byGroupId, ofGroupId }: ReviewPair, said: Pick<Review, 'convinced' | 'question'>) {
    const before = reviewOf({ byGroupId, ofGroupId })
    const was = { convinced: before?.convinced ?? '', question: before?.question ?? '' }
    return store.act({ kind: 'review', byGroupId, ofGroupId, ...said, was })
  }

  function answer({ byGroupId, ofGroupId }: ReviewPair, said: string) {
    const was = reviewOf({ byGroupId, ofGroupId })?.answer ?? ''
    return store.act({ kind: 'review-answer', byGroupId, ofGroupId, answer: said, was })
  }

  /** Takes back what a group left, or puts it back. */
  const setRemoved = ({ byGroupId, ofGroupId }: Review, removed: boolean) =>
    notices.attempt(() =>
      request('PATCH', '/api/lessons/:id/reviews/:groupId/:hostId', {
        params: { id: store.open.id, groupId: byGroupId, hostId: ofGroupId },
        body: { removed },
      }),
    )

  return { reviewing, canOpen, visits, hasOthers, groupOf, setReviewing, leave, answer, setRemoved }
}
