export * from './paperClock'
