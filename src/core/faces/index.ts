export * from './dial'
export * from './geometry'
export * from './handShapes'
export * from './lines'
