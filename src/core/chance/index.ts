export * from './fill'
export * from './endings'
export * from './minutes'
export * from './simulate'
