export * from './hands'
export * from './minutes'
export * from './rounding'
export * from './spans'
