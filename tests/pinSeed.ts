import fc from 'fast-check'
import { inject } from 'vitest'

// Mutation testing runs the same properties hundreds of times, so there each one gets a short while only.
const limit = process.env.PROPERTY_MS === undefined ? {} : { interruptAfterTimeLimit: Number(process.env.PROPERTY_MS) }

fc.configureGlobal({ seed: inject('seed'), ...limit })
