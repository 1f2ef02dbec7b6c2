#!/usr/bin/env bash
# Mutation tests by Stryker: a seeded sample of the lines of some folders, or with `whole` all of them.
#   npm run mutate                       40 lines of all folders, drawn by SEED (1 where it is not set)
#   npm run mutate -- 100 clock wording  100 lines of these folders
#   npm run mutate -- whole clock        every line of this folder
. "$(dirname "$0")/ready.sh"
install_packages
mkdir -p test-results
exec npx stryker run --mutate "$(npx tsx scripts/mutation-sample.ts "$@")"
