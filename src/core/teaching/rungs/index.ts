export * from './registry'
export { ROUNDING_STEP } from './rounding'
