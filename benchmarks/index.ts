import { figureLine, meets, type Figure } from './figure'

/** Every part of the bench, in the order in which all of them run. */
const parts: Record<string, () => Promise<Figure[]>> = {
  backup: async () => (await import('./backup')).backup(),
  claims: async () => (await import('./claims')).claims(),
  doors: async () => (await import('./doors/index')).doors(),
  evidence: async () => (await import('./evidence')).evidence(),
  entries: async () => (await import('./entries')).entries(),
  kit: async () => (await import('./kit')).kit(),
  planning: async () => (await import('./planning')).planning(),
  rehearsal: async () => (await import('./rehearsal')).rehearsal(),
  screens: async () => (await import('./screens/index')).screens(),
  power: async () => (await import('./power')).power(),
  timetable: async () => (await import('./timetable')).timetable(),
  readings: async () => (await import('./savedReading')).savedReading(),
}

// Prints figures and what they should be; it never fails for one. Absolute times depend on the machine.
const words = process.argv.slice(2)
const asJson = words.includes('--json')
const named = words.filter((word) => !word.startsWith('--'))
const unknown = named.filter((name) => !(name in parts))
if (unknown.length > 0) {
  console.error(`There is no part “${unknown[0]}”. The parts are: ${Object.keys(parts).join(', ')}.`)
  process.exit(2)
}
const all: (Figure & { part: string; ok: boolean })[] = []
for (const part of named.length > 0 ? named : Object.keys(parts))
  for (const figure of await parts[part]!()) {
    all.push({ part, ...figure, ok: meets(figure) })
    if (!asJson) console.log(`${part}: ${figureLine(figure)}`)
  }
if (asJson) console.log(JSON.stringify(all, null, 2))
