export { addEntries } from './addEntries'
export { entriesByLesson, entriesOf, hasEntries } from './entriesOf'
