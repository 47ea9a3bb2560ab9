export { normalRandom, seededRandom, type Random } from './random'
