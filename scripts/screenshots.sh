#!/usr/bin/env bash
# Takes docs/screenshots anew from the demo data.
. "$(dirname "$0")/ready.sh"
install_packages
install_chromium
build
export RIPE_ACORN_DATA="$PWD/.cache/screenshots" RIPE_ACORN_PORT=4325
npx tsx scripts/seed-demo.ts --reset
node_modules/.bin/tsx scripts/serve.ts &
server=$!
trap 'kill $server' EXIT
npx tsx scripts/screenshots.ts "http://127.0.0.1:$RIPE_ACORN_PORT"
