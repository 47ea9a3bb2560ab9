export * from './classes'
export * from './lessons'
export { planSchema } from './plan'
export { validate, type FieldProblem, type Validated } from './validate'
