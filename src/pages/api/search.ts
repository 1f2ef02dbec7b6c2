import { endpoint } from '../../server/http'
import { search } from '../../server/search'

/** More letters than any name has. */
const MOST_TYPED = 200

/** What is called as was typed: children, groups, sessions, prints, activities, days, stories and views. */
export const GET = endpoint(({ db, query }) => search(db, (query.get('for') ?? '').slice(0, MOST_TYPED)))
