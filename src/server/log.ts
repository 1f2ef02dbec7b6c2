import { pino } from 'pino'

interface LoggedFault {
  readonly type: string
  readonly code?: unknown
  readonly where: readonly string[]
}

/**
 * What a log may say of an error: its kind and where it happened. Its message is left out, since a failed query has
 * the words that were to be written in it, and what is said of a child must never reach a log.
 */
export function withoutWords(error: unknown): LoggedFault {
  if (!(error instanceof Error)) return { type: typeof error, where: [] }
  const where = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line))
  return { type: error.name, code: (error as { code?: unknown }).code, where: where.map((line) => line.trim()) }
}

export const log = pino({
  name: 'ripe-acorn',
  level: process.env.RIPE_ACORN_LOG ?? 'warn',
  serializers: { err: withoutWords },
})
