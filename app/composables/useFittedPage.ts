import { useResizeObserver } from '@vueuse/core'
import { onMounted, shallowRef, watch, type Ref } from 'vue'

/** From the usual size of type down to what can still be read. */
const sizes = [1, 0.95, 0.9, 0.85, 0.8, 0.75, 0.7]

/**
 * Sets the type of a page of fixed height as large as lets all of it fit, by its variable `--fit`; where even the smallest is too much the
 * page gets the class `runs-on`, and nothing is cut.
 * @param content what is on the page, which is fitted again when it changes
 * @param least the smallest size, as a share of the usual one
 */
export function useFittedPage(page: Ref<HTMLElement | null>, content: () => unknown, least = 0.7): void {
  function fit() {
    const own = page.value
    if (!own) return
    own.classList.remove('runs-on')
    for (const size of sizes.filter((one) => one >= least)) {
      own.style.setProperty('--fit', String(size))
      if (own.scrollHeight <= own.clientHeight + 1) return
    }
    own.style.setProperty('--fit', '1')
    own.classList.add('runs-on')
  }
  /** What stands on the page: faces, pictures and charts come later than the rest, and each may need other room. */
  const rows = shallowRef<HTMLElement[]>([])
  const look = () => {
    rows.value = [...(page.value?.children ?? [])] as HTMLElement[]
    fit()
  }
  useResizeObserver(rows, fit)
  onMounted(look)
  watch(content, look, { flush: 'post' })
}
