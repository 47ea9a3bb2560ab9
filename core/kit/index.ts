export { kitAmounts, type KitClass, type KitLine } from './kitAmounts'
