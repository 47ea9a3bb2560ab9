import { watch, type Ref } from 'vue'
import { useAccess } from '../stores/access'

/**
 * Keeps a tablet on the Sheet of a group that it has joined as: one that was moved goes to its new group, one that was taken out to the
 * page for joining. What it has not sent stays on it.
 * @param lost whether the stream of the lesson is lost, as it is for a moment when somebody moves the tablet
 */
export function useSheetGroup(lessonId: Ref<string>, groupId: Ref<string>, lost: Ref<boolean>): void {
  const access = useAccess()
  const router = useRouter()

  async function look() {
    // Without a connection nobody has said anything else.
    const { signIn, visitor } = await access.load().catch(() => ({ signIn: 'off' as const, visitor: null }))
    if (signIn === 'off' || visitor?.kind === 'teacher') return
    if (visitor?.kind !== 'sheet') return void router.replace({ path: '/join', query: { left: 'yes' } })
    const [only, ...others] = visitor.groupIds
    if (visitor.groupIds.includes(groupId.value)) return
    const to =
      only !== undefined && others.length === 0
        ? `/sheet/${lessonId.value}/${only}`
        : `/sheet/${lessonId.value}`
    await router.replace(to)
  }

  watch([groupId, lost], look, { immediate: true })
}
