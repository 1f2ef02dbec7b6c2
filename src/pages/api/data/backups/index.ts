import { endpoint } from '../../../../server/http'
import { backUp, removeBackupsBefore } from '../../../../server/keeping/backups'
import { writeDeed } from '../../../../server/keeping/deeds'

export const POST = endpoint(async ({ db, doing }) => {
  const made = await backUp(db, 'by hand', doing.now)
  await writeDeed(db, 'backed up', made.name, doing)
  return made
})

/** Removes all backups but one that is made now. */
export const DELETE = endpoint(async ({ db, doing }) => {
  const made = await backUp(db, 'by hand', doing.now)
  const removed = await removeBackupsBefore(db, made.at)
  await writeDeed(db, 'removed', `${removed} older ${removed === 1 ? 'backup' : 'backups'}`, doing)
  return { removed }
})
