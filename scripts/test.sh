#!/usr/bin/env bash
# Everything that must hold: types, lint, unit tests under two time zones, build, the interface in Chromium.
# The last line is "N passed, N failed", summed over all of them.
. "$(dirname "$0")/ready.sh"
install_packages
install_chromium
mkdir -p test-results

passed=0
failed=0
# What failed is named once more at the end, where it is seen.
failures=test-results/failed.txt
: > "$failures"

# One command that holds or does not.
check() {
  local name=$1
  shift
  echo "── $name"
  if "$@"; then
    passed=$((passed + 1))
  else
    failed=$((failed + 1))
    echo "$name" >> "$failures"
  fi
}

# A runner that writes how many of its tests passed and failed.
runner() {
  local name=$1 report=$2
  shift 2
  echo "── $name"
  rm -f "$report"
  "$@" || true
  local counts
  if counts=$(node scripts/count-tests.mjs "$report" "$failures"); then
    set -- $counts
    passed=$((passed + $1))
    failed=$((failed + $2))
  else
    failed=$((failed + 1))
    echo "$name: no report" >> "$failures"
  fi
}

check types npm run --silent types
check lint npm run --silent lint
for zone in Pacific/Auckland America/Los_Angeles; do
  report="test-results/unit-${zone//\//-}.json"
  runner "unit tests, $zone" "$report" env TZ="$zone" npx vitest run --reporter=default --reporter=json --outputFile.json="$report"
done
check build build
runner "interface tests" test-results/e2e.json npx playwright test

[ "$failed" -eq 0 ] || { echo "── what failed" && cat "$failures"; }
echo "$passed passed, $failed failed"
[ "$failed" -eq 0 ]
