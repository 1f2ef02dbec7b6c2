import fc from 'fast-check'
import { inject } from 'vitest'

fc.configureGlobal({ seed: inject('seed') })
