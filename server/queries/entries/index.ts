export { addEntries } from './addEntries'
export { entriesByLesson, entriesOf, countEntries } from './entriesOf'
