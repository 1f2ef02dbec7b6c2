import { toKeep } from '../keeping/keptText'
import { told } from '../../core/wording'
import type { Db } from '../connection'
import { type Doing, writeDeed } from '../keeping/deeds'
import { setKeeping } from '../keeping/keeping'
import { Problem } from '../problem'
import { isPasscodeFixed } from './network'
import { hashPasscode } from './passcode'

/** Sets the passcode for other devices, kept only hashed. All of them must give the new one: they are shut out. */
export async function choosePasscode(db: Db, word: string, doing: Doing): Promise<void> {
  if (isPasscodeFixed())
    throw new Problem(409, told('The passcode is fixed'), {
      field: 'passcode',
      detail: told('The passcode was given at the start by RIPE_ACORN_PASSCODE. Change it there.'),
    })
  const passcode = await hashPasscode(word)
  await db.transaction(async (trx) => {
    await setKeeping(trx, { passcode })
    await trx('devices').delete()
    await writeDeed(trx, 'changed the keeping', toKeep(told('A new passcode; every device must give it again')), doing)
  })
}
