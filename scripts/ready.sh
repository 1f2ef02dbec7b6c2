# Sourced by the other scripts: the folder they work in, and what they need installed.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
export ASTRO_TELEMETRY_DISABLED=1

install_packages() {
  if node scripts/packages-fit.mjs; then return; fi
  echo "Installing packages; the first time takes some minutes, since the database is compiled …"
  if ! npm ci --no-audit --no-fund --loglevel=error; then
    echo "The packages could not be installed: connect this machine to the network and try again." >&2
    exit 1
  fi
}

# Debian's chromium whole, and the part of it that is made for running without a screen, which the tests use: the same
# engine, two thirds of the time. Where only one of them can be had, that one does (scripts/chromium.ts).
install_chromium() {
  local whole=/usr/bin/chromium headless=/usr/bin/chromium-headless-shell
  if [ -x $whole ] && [ -x $headless ]; then return; fi
  if [ "$(id -u)" = 0 ]; then
    echo "Installing Debian's chromium …"
    apt-get update -qq || true
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends chromium chromium-headless-shell >/dev/null || true
  fi
  if [ -x $whole ] || [ -x $headless ]; then return; fi
  echo "There is no browser: as root, with a network, run apt-get install chromium chromium-headless-shell." >&2
  return 1
}

# Debian's poppler, which a bench renders pages with.
install_poppler() {
  if command -v pdftoppm >/dev/null; then return; fi
  if [ "$(id -u)" = 0 ]; then
    echo "Installing Debian's poppler …"
    apt-get update -qq || true
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends poppler-utils >/dev/null || true
  fi
  if command -v pdftoppm >/dev/null; then return; fi
  echo "There is no pdftoppm: as root, with a network, run apt-get install poppler-utils." >&2
  return 1
}

# The views and endpoints; then the server, the workers, and the demo's seed, so that plain
# Node runs them. What is built from the same files already stays.
build() {
  local from
  from=$(node scripts/built-from.mjs)
  if [ "$(cat dist/built-from 2>/dev/null)" = "$from" ]; then
    echo "Nothing has changed since the last build."
    return
  fi
  echo "Building …"
  rm -f dist/built-from
  npx tsx scripts/outlines.ts
  npx tsx scripts/pictures.ts
  npx astro build --silent
  npx tsx scripts/words/compile.ts
  local bundle running=()
  for bundle in main:serve seedDemo:seed-demo apart/{packWorker:pack,planWorker:plan,printWorker:print,fileWorker:file}-worker; do
    npx esbuild "src/server/${bundle%:*}.ts" --bundle --packages=external --platform=node --format=esm --outfile="dist/${bundle#*:}.mjs" --log-level=error &
    running+=($!)
  done
  # None of these needs what another one makes, but for the words of views, which are compressed too.
  local step
  for step in offline csp; do
    npx tsx "scripts/$step.ts" &
    running+=($!)
  done
  npx tsx scripts/words/perView.ts
  npx tsx scripts/precompress.ts &
  running+=($!)
  for step in "${running[@]}"; do wait "$step"; done
  echo "$from" > dist/built-from
}

# The demo, made afresh in a folder under .cache and served until this script ends.
serve_demo() {
  export RIPE_ACORN_DATA="$PWD/.cache/$1" RIPE_ACORN_PORT="$2"
  node dist/seed-demo.mjs --reset
  node dist/serve.mjs &
  trap "kill $!" EXIT
}
