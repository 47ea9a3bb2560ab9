import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type BrowserContext } from 'playwright-core'
import { chromiumArguments, chromiumPath } from '../../scripts/chromium'
import type { View } from './views'

/** What it took to open a screen once. */
export interface Opening {
  /** Milliseconds from the address to the first words. */
  words: number
  /** Milliseconds from the address to the whole first screen. */
  whole: number
  /** Milliseconds for which the page's main thread was busy, until all had come. */
  mainThread: number
  /** Everything that was asked for, until all had come. */
  requests: number
  /** Compressed bytes of scripts and styles that had come when the words stood. */
  bytes: number
}

/** Milliseconds for what a page does after its first screen. */
const afterwards = 1500

/** Opens a screen twice in a browser that never saw it: a first visit, and a second one with what the first has left in the cache. */
export async function openTwice(view: View, throttle: number): Promise<[first: Opening, second: Opening]> {
  // Only a browser with a folder of its own keeps compiled scripts for the next visit.
  const folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-browser-'))
  const context = await chromium.launchPersistentContext(folder, {
    executablePath: chromiumPath,
    args: chromiumArguments,
    viewport: view.name === 'Sheet' ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    reducedMotion: 'reduce',
  })
  try {
    // A new browser is busy with itself for a moment.
    await context.pages()[0]!.waitForTimeout(500)
    return [await openOnce(context, view, throttle), await openOnce(context, view, throttle)]
  } finally {
    await context.close()
    rmSync(folder, { recursive: true, force: true })
  }
}

async function openOnce(context: BrowserContext, view: View, throttle: number): Promise<Opening> {
  const page = await context.newPage()
  const devtools = await context.newCDPSession(page)
  await devtools.send('Performance.enable')
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: throttle })
  let requests = 0
  page.on('request', (request) => {
    if (!request.url().startsWith('data:')) requests++
  })
  await page.addInitScript(watchFor(view))
  await page.goto(view.url)
  await page.waitForFunction(() => performance.getEntriesByName('whole').length > 0, null, {
    timeout: 60_000,
  })
  await page.waitForTimeout(afterwards)
  const { metrics } = await devtools.send('Performance.getMetrics')
  const seen = await page.evaluate<Pick<Opening, 'words' | 'whole' | 'bytes'>>(readMarks)
  await page.close()
  const busy = metrics.find((metric) => metric.name === 'TaskDuration')!.value * 1000
  return { ...seen, requests, mainThread: busy }
}

/** A script that marks the moment of the first words, and of the whole first screen, frame by frame. */
function watchFor({ words, whole }: View): string {
  return `(function look() {
    const wordsStand = document.body?.textContent.includes(${JSON.stringify(words)})
    if (wordsStand && performance.getEntriesByName('words').length === 0) performance.mark('words')
    if (wordsStand && ${JSON.stringify(whole)}.every((part) => document.querySelector(part))) performance.mark('whole')
    else requestAnimationFrame(look)
  })()`
}

/** A script that tells when the marks were set, and what had come by the first words. */
const readMarks = `(() => {
  const at = (name) => performance.getEntriesByName(name)[0].startTime
  const files = [...performance.getEntriesByType('navigation'), ...performance.getEntriesByType('resource')].filter(
    (entry) => entry.responseEnd <= at('words') && !entry.name.includes('/api/') && !entry.name.endsWith('.woff2'))
  // What is announced and then asked for stands there twice, and comes once.
  const sizes = new Map(files.map((entry) => [entry.name, entry.encodedBodySize]))
  return { words: at('words'), whole: at('whole'), bytes: [...sizes.values()].reduce((sum, size) => sum + size, 0) }
})()`
