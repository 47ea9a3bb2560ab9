import { afterEach, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import { useFittedText } from './useFittedText'

afterEach(() => vi.unstubAllGlobals())

/** Lines of 20 px that a text takes at each size, as a browser would lay it out. */
function element(lines: Record<string, number>) {
  const style = { fontSize: '' }
  return {
    style,
    get scrollHeight() {
      return 20 * lines[style.fontSize]!
    },
  } as unknown as HTMLElement
}

/** The size that a text gets once it changes. */
async function sizeOf(lines: Record<string, number>): Promise<string> {
  vi.stubGlobal('getComputedStyle', () => ({ lineHeight: '20px' }))
  const [own, text] = [ref(element(lines)), ref('short')]
  useFittedText(
    own,
    [
      ['lead', 2],
      ['text', 3],
    ],
    () => text.value,
  )
  text.value = 'another'
  await nextTick()
  return own.value.style.fontSize
}

it('is as large as its lines allow', async () => {
  expect(await sizeOf({ 'var(--lead)': 2, 'var(--text)': 2 })).toBe('var(--lead)')
  expect(await sizeOf({ 'var(--lead)': 3, 'var(--text)': 3 })).toBe('var(--text)')
})

it('is in the smallest size where it is too long for all of them', async () => {
  expect(await sizeOf({ 'var(--lead)': 9, 'var(--text)': 7 })).toBe('var(--text)')
})
