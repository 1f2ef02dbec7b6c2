import type { WordsByActivity } from '../../types'
import { spanishDayGames } from './dayGames'
import { spanishFirst } from './first'
import { spanishGames } from './games'
import { spanishHandsOn } from './handsOn'
import { spanishKeepsakes } from './keepsakes'
import { spanishMakes } from './makes'
import { spanishMoving } from './moving'
import { spanishSheets } from './sheets'
import { spanishShowing } from './showing'

/** The activities as a Spanish-speaking adult reads them on the run sheet. */
export const spanishActivities: WordsByActivity = {
  ...spanishFirst,
  ...spanishHandsOn,
  ...spanishMoving,
  ...spanishGames,
  ...spanishMakes,
  ...spanishKeepsakes,
  ...spanishSheets,
  ...spanishDayGames,
  ...spanishShowing,
}
