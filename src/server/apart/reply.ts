import { type Told } from '../../core/wording'
import { RefusedValue } from '../../core/errors'
import { isPart } from '../../core/told'
import { Problem } from '../problem'

/* What comes back from a thread. Of an error that leaves one only the message would arrive, so it goes field by field. */

export type Reply<T> =
  | { readonly value: T }
  | { readonly refused: { readonly asked: Told; readonly allowed: Told; readonly received: unknown } }
  | { readonly problem: ConstructorParameters<typeof Problem> }
  /** A fault of ours, and where it happened. */
  | { readonly fault: string; readonly stack: string | undefined }

/** The work of a thread, with what it refuses made plain. */
export function replying<Task, T>(work: (task: Task) => T | Promise<T>): (task: Task) => Promise<Reply<T>> {
  return async (task) => {
    try {
      return { value: await work(task) }
    } catch (error) {
      if (error instanceof RefusedValue) {
        const { asked, allowed, received } = error
        return { refused: { asked, allowed, received: isPart(received) ? received : String(received) } }
      }
      if (error instanceof Problem) return { problem: [error.status, error.title, error.extra] }
      const { message, stack } = error instanceof Error ? error : new Error(String(error))
      return { fault: message, stack }
    }
  }
}

/** What the thread found; throws what it refused. */
export function valueOf<T>(reply: Reply<T>): T {
  if ('value' in reply) return reply.value
  if ('problem' in reply) throw new Problem(...reply.problem)
  if ('fault' in reply) throw Object.assign(new Error(reply.fault), { stack: reply.stack })
  const { asked, allowed, received } = reply.refused
  throw new RefusedValue(asked, allowed, received)
}
