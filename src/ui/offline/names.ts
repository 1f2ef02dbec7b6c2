/** Pages and records that were looked at, so that they open without a connection. */
export const RECORDS_CACHE = 'ripe-acorn-records'
