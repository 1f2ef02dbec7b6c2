#!/usr/bin/env bash
# Mutation tests by Stryker: a seeded sample of the lines of each folder, or with `whole` all of them. The words that
# people read are left alone (StringLiteral in stryker.config.json): a test of every sentence would only repeat it.
#   npm run mutate                      6 lines of each folder, drawn by SEED (1 where it is not set)
#   npm run mutate -- 40 clock wording  40 lines of each of these folders
#   npm run mutate -- whole clock       every line of this folder
# What runs only while a module is loaded, such as a table, is changed by `whole` alone: all tests must run for each of
# those, since Stryker cannot know which of them it concerns.
. "$(dirname "$0")/ready.sh"
install_packages
mkdir -p test-results
# Each property is tried for a fifth of a second: a mutant that a longer run would kill may survive, never the reverse.
export PROPERTY_MS=200
static=--ignoreStatic
[ "${1:-}" = whole ] && static=
npx stryker run $static --mutate "$(npx tsx scripts/mutation-sample.ts "$@")"
npx tsx scripts/mutation-table.ts
