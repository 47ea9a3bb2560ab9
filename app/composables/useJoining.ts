import { onMounted, ref } from 'vue'
import { request } from '../api/request'
import { useAccess } from '../stores/access'

/**
 * The code with which tablets join a lesson, for what shows it to children; null where nobody signs in, or joining is closed.
 * @param opens whether joining is opened for it: paper is printed before anybody has thought of tablets
 */
export function useJoining(lessonId: () => string, { opens = false } = {}) {
  const access = useAccess()
  const code = ref<string | null>(null)

  async function look(): Promise<void> {
    const { signIn, visitor } = access.data ?? (await access.load())
    if (signIn !== 'on') return
    const params = { id: lessonId() }
    const joining = await request('GET', '/api/lessons/:id/joining', { params })
    code.value = joining.code
    if (joining.code === null && opens && visitor.kind === 'teacher')
      code.value = (await request('POST', '/api/lessons/:id/joining', { params })).code
  }
  // Without it a tablet joins by the Desk’s code; nothing else on the page waits for it.
  onMounted(() => look().catch(() => null))
  return code
}
