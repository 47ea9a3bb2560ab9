import { median } from 'simple-statistics'
import { makeDataFolder } from '../../scripts/makeDataFolder'
import { startServer } from '../../scripts/runServer'
import type { Figure } from '../figure'
import { startBareServer } from './bareServer'
import { openTwice, type Opening } from './openView'
import { viewsOf, type View } from './views'

const rounds = { 1: 5, 4: 3 }
/** Milliseconds that a first visit may wait for what Plan is about, on a slow machine. */
const waitForChecks = 1500
const most = {
  words: 1.5,
  whole: 2,
  again: 1.2,
  mainThread: 2.5,
  requests: 30,
  bytes: { Sheet: 1.7, Desk: 2.1 },
}

/** How long screens take to open at a first and a second visit, against the smallest page on the same libraries in the same run. */
export async function openings(): Promise<Figure[]> {
  const bare = await startBareServer()
  const server = await startServer(await makeDataFolder('demo'))
  try {
    const smallest: View = { name: 'bare', url: bare.url, words: 'A button', whole: ['button'] }
    const views = await viewsOf(server.url)
    const figures: Figure[] = []
    for (const throttle of [1, 4] as const) {
      const opened = new Map<View, [Opening, Opening][]>()
      // One after the other in each round, so that an hour in which the machine is slower is so for all.
      for (let round = 0; round < rounds[throttle]; round++)
        for (const view of [smallest, ...views])
          opened.set(view, [...(opened.get(view) ?? []), await openTwice(view, throttle)])
      for (const view of views)
        figures.push(...figuresOf(view, opened.get(view)!, opened.get(smallest)!, throttle))
    }
    return figures
  } finally {
    bare.stop()
    await server.stop()
    server.forget()
  }
}

function figuresOf(
  view: View,
  own: [Opening, Opening][],
  bare: [Opening, Opening][],
  throttle: number,
): Figure[] {
  const middle = (of: [Opening, Opening][], visit: 0 | 1, what: keyof Opening) =>
    median(of.map((one) => one[visit][what]))
  const against = (name: string, visit: 0 | 1, what: keyof Opening, most: number): Figure => {
    const [ours, theirs] = [middle(own, visit, what), middle(bare, visit, what)]
    const shown = what === 'bytes' ? [ours / 1000, theirs / 1000] : [ours, theirs]
    return {
      name: `${view.name}${throttle > 1 ? ` on a processor ${throttle} times slower` : ''}: ${name} / the bare page's`,
      value: ours / theirs,
      unit: '',
      goal: { most },
      note: `${shown.map(Math.round).join(' and ')} ${what === 'bytes' ? 'kB compressed' : 'ms'}`,
    }
  }
  const times = [
    against('first words', 0, 'words', most.words),
    against('whole screen', 0, 'whole', most.whole),
    against('first words at a second visit', 1, 'words', most.again),
    against('whole screen at a second visit', 1, 'whole', most.whole),
    against('main thread', 0, 'mainThread', most.mainThread),
  ]
  if (throttle > 1) return view.name === 'Plan' ? [...times, checksAndStrip(middle(own, 0, 'whole'))] : times
  return [
    ...times,
    {
      name: `${view.name}: requests`,
      value: middle(own, 0, 'requests'),
      unit: '',
      goal: { most: most.requests },
      note: `${middle(own, 1, 'requests')} at a second visit, the bare page ${middle(bare, 0, 'requests')}`,
    },
    against(
      'bytes until the first words',
      0,
      'bytes',
      view.name === 'Sheet' ? most.bytes.Sheet : most.bytes.Desk,
    ),
  ]
}

const checksAndStrip = (wait: number): Figure => ({
  name: `Plan on a processor 4 times slower: wait for bench strip and checks / ${waitForChecks} ms`,
  value: wait / waitForChecks,
  unit: '',
  goal: { most: 1 },
  note: `${Math.round(wait)} ms`,
})
