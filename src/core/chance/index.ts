export * from './fill'
export * from './minutes'
export * from './simulate'
