import { nextTick, onMounted, watch, type Ref } from 'vue'

/** From the usual size of type down to what can still be read on a wall. */
const sizes = [1, 0.95, 0.9, 0.85, 0.8, 0.75, 0.7, 0.65]

/**
 * Sets the type of a page of fixed height as large as lets all of it fit, by its variable `--fit`; where even the smallest is too much the
 * page gets the class `runs-on`, and nothing is cut.
 * @param content what is on the page, which is fitted again when it changes
 */
export function useFittedPage(page: Ref<HTMLElement | null>, content: () => unknown): void {
  function fit() {
    const own = page.value
    if (!own) return
    own.classList.remove('runs-on')
    for (const size of sizes) {
      own.style.setProperty('--fit', String(size))
      if (own.scrollHeight <= own.clientHeight + 1) return
    }
    own.classList.add('runs-on')
  }
  onMounted(async () => {
    fit()
    // Words are as wide as their face, which may still be on its way.
    await document.fonts.ready
    fit()
  })
  watch(content, async () => {
    await nextTick()
    fit()
  })
}
