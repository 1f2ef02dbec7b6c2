export * from './registry'
export { ROUNDING_STEP } from './rounding'
export { STAGES, type Stage } from './rung'
