/* The shapes that are kept and sent: what the server stores and the views show. */

export * from './answers'
export * from './people'
export * from './settings'
export * from './sessions'
export * from './sessionPaper'
export * from './views'
export * from './days'
