import type { WordsByActivity } from '../../types'
import { germanDayGames } from './dayGames'
import { germanFirst } from './first'
import { germanGames } from './games'
import { germanHandsOn } from './handsOn'
import { germanKeepsakes } from './keepsakes'
import { germanMakes } from './makes'
import { germanMoving } from './moving'
import { germanSheets } from './sheets'
import { germanShowing } from './showing'

/** The activities as a German-speaking adult reads them on the run sheet. */
export const germanActivities: WordsByActivity = {
  ...germanFirst,
  ...germanHandsOn,
  ...germanMoving,
  ...germanGames,
  ...germanMakes,
  ...germanKeepsakes,
  ...germanSheets,
  ...germanDayGames,
  ...germanShowing,
}
