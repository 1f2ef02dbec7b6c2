#!/usr/bin/env bash
# Takes docs/screenshots anew from the demo data.
. "$(dirname "$0")/ready.sh"
install_packages
install_chromium
build
serve_demo screenshots 4325
npx tsx scripts/screenshots.ts "http://127.0.0.1:$RIPE_ACORN_PORT"
