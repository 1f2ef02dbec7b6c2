export * from './dial'
export * from './handShapes'
export * from './lines'
