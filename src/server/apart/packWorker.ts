import { parentPort, workerData } from 'node:worker_threads'
import { type PackWish, makePack } from '../../core/planning'
import { drawingsToPdf } from '../pdf'

/* Makes one pack off the main thread, so that nobody else waits, and says how far it is. */

/** What the worker says while it works and when it is done. */
export type PackNews =
  { readonly done: number; readonly total: number } | { readonly pdf: Uint8Array; readonly pages: number }

const tell = (news: PackNews) => parentPort?.postMessage(news)
const wish = workerData as PackWish

const { cover, pages, keys } = makePack(wish, (done, total) => tell({ done, total: total * 2 }))
const all = [...cover, ...pages, ...keys]
const prints = wish.children.length * wish.things.length
// Drawing is about as long as making: the second half of the way.
const pdf = await drawingsToPdf(all, wish.title, (drawn) =>
  tell({ done: prints + Math.floor((prints * drawn) / all.length), total: prints * 2 }),
)
tell({ pdf, pages: all.length })
