#!/usr/bin/env bash
# Types, lint and the nearest tests of what differs from main, within a minute: npm run test:quick [-- COMMIT].
. "$(dirname "$0")/ready.sh"
install_packages
mkdir -p test-results .cache
exec npx tsx scripts/test-quick.ts "$@"
