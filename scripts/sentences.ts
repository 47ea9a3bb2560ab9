import { interfaceTexts } from './sentences/interfaceTexts'

// Every text that somebody reads, to be proof-read: npm run sentences, or npm run sentences -- app/components/board
const [where = ''] = process.argv.slice(2)
for (const { file, line, text } of interfaceTexts())
  if (file.startsWith(where)) console.log(`${file}:${line}: ${text}`)
