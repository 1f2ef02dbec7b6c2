/** Ports of the two servers that the interface tests run against. */
export const DEMO_PORT = 4331
export const EMPTY_PORT = 4332
