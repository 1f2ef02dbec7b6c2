import type { Speech } from './words/speech'

declare global {
  namespace App {
    interface Locals {
      /** What a page says, and in which languages it could. */
      readonly speech: Speech
    }
  }
}
