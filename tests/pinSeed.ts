import fc from 'fast-check'

// One seed for all property tests of a run (vitest.config.ts). Mutation testing and `npm run test:quick` run the same
// properties for a short while only.
const limit = process.env.PROPERTY_MS === undefined ? {} : { interruptAfterTimeLimit: Number(process.env.PROPERTY_MS) }

fc.configureGlobal({ seed: Number(process.env.SEED), ...limit })
