#!/usr/bin/env bash
# Serves the app with made-up children and six weeks of records, in a database of its own.
# npm run demo -- --reset starts the demo afresh.
. "$(dirname "$0")/ready.sh"
install_packages
build
export RIPE_ACORN_DATA="${RIPE_ACORN_DATA:-demo/data}"
node dist/seed-demo.mjs "$@"
exec node dist/serve.mjs
