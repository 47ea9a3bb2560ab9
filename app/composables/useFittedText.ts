import { useResizeObserver } from '@vueuse/core'
import { watch, type Ref } from 'vue'

/**
 * Sets a text as large as its lines allow: in the first size that needs no more lines than it may, else in the last.
 * @param sizes names of type sizes, from large to small, each with the most lines that a text in it may take
 * @param text the text, which is fitted again when it changes
 */
export function useFittedText(
  element: Ref<HTMLElement | null>,
  sizes: readonly (readonly [size: string, lines: number])[],
  text: () => string,
): void {
  function fit() {
    const own = element.value
    if (!own) return
    for (const [size, lines] of sizes) {
      own.style.fontSize = `var(--${size})`
      const line = Number.parseFloat(getComputedStyle(own).lineHeight)
      if (own.scrollHeight <= lines * line + 1) return
    }
  }
  useResizeObserver(element, fit)
  watch(text, fit, { flush: 'post' })
}
