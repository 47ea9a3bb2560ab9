import { interfaceTexts } from './sentences/interfaceTexts'
import { starterSentences } from './sentences/starterSentences'

// Every text that somebody reads, to be proof-read, and then the sentences made of each starter. A part of them:
// npm run sentences -- app/components/board
const [where = ''] = process.argv.slice(2)
for (const { file, line, text } of interfaceTexts())
  if (file.startsWith(where)) console.log(`${file}:${line}: ${text}`)
if ('starters'.startsWith(where))
  for (const { title, sentences } of starterSentences())
    for (const sentence of sentences) console.log(`${title}: ${sentence}`)
