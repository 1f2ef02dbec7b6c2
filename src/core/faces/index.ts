export * from './dial'
export * from './handShapes'
