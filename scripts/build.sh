#!/usr/bin/env bash
# The app, ready to be served.
. "$(dirname "$0")/ready.sh"
build
