#!/usr/bin/env bash
# Mutation tests of the rooms of the core and of the server's stores: scripts/mutate.ts says how.
. "$(dirname "$0")/ready.sh"
install_packages
mkdir -p test-results
exec npx tsx scripts/mutate.ts "$@"
