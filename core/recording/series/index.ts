export { daily } from './daily'
export { intervals } from './intervals'
