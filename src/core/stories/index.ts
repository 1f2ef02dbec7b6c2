export * from './find'
