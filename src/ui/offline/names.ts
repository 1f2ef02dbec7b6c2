/** Pages and records that were looked at, so that they open without a connection. */
export const RECORDS_CACHE = 'ripe-acorn-records'
/** The last prints, in which names stand too. */
export const PRINTS_CACHE = 'ripe-acorn-prints'
export const OWN_CACHES = [RECORDS_CACHE, PRINTS_CACHE] as const
/** The words of views that were opened; nothing of anybody stands in them. */
export const WORDS_CACHE = 'ripe-acorn-words'
/** Pictures of the set that were seen. */
export const PICTURES_CACHE = 'ripe-acorn-pictures'
