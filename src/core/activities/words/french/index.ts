import type { WordsByActivity } from '../../types'
import { frenchDayGames } from './dayGames'
import { frenchFirst } from './first'
import { frenchGames } from './games'
import { frenchHandsOn } from './handsOn'
import { frenchKeepsakes } from './keepsakes'
import { frenchMakes } from './makes'
import { frenchMoving } from './moving'
import { frenchSheets } from './sheets'
import { frenchShowing } from './showing'

/** The activities as a French-speaking adult reads them on the run sheet. */
export const frenchActivities: WordsByActivity = {
  ...frenchFirst,
  ...frenchHandsOn,
  ...frenchMoving,
  ...frenchGames,
  ...frenchMakes,
  ...frenchKeepsakes,
  ...frenchSheets,
  ...frenchDayGames,
  ...frenchShowing,
}
