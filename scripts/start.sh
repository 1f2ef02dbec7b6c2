#!/usr/bin/env bash
# Serves the app on the data in RIPE_ACORN_DATA (./data); empty at first.
. "$(dirname "$0")/ready.sh"
install_packages
build
exec node dist/serve.mjs
