export { addEntries } from './addEntries'
export { entriesOf, hasEntries } from './entriesOf'
