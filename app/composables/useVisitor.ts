import { onMounted } from 'vue'
import { waitUntilIdle } from '../loading/idle'
import { useAccess } from '../stores/access'

/** Who is looking at this page. It is asked once the words of the page stand, and again on the next page where no answer came. */
export function useVisitor() {
  const access = useAccess()
  onMounted(async () => {
    await waitUntilIdle()
    if (!access.data) await access.load().catch(() => null)
  })
  return access
}
