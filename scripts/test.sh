#!/usr/bin/env bash
# Everything that must hold: types, lint, unit tests, build, the interface in Chromium (scripts/test.ts).
# The last line is "N passed, N failed", summed over all of them.
. "$(dirname "$0")/ready.sh"

# Where nothing can be written, a copy is tested.
if ! (mkdir -p test-results && : > test-results/started) 2>/dev/null; then
  copy=$(mktemp -d)
  trap 'rm -rf "$copy"' EXIT
  echo "Nothing can be written here, so a copy is tested: $copy"
  cp -R . "$copy"
  status=0
  bash "$copy/scripts/test.sh" "$@" || status=$?
  exit "$status"
fi

install_packages
install_chromium || true
npx tsx scripts/test.ts "$@"
