# Sourced by the other scripts: the folder they work in, and what they need installed.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
export ASTRO_TELEMETRY_DISABLED=1

install_packages() {
  if [ ! -d node_modules/.bin ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
    echo "Installing packages; the first time takes some minutes, since the database is compiled …"
    npm ci --no-audit --no-fund --loglevel=error
    touch node_modules/.package-lock.json
  fi
}

install_chromium() {
  if [ -x /usr/bin/chromium ]; then return; fi
  if [ "$(id -u)" != 0 ]; then
    echo "The interface tests need Debian's chromium at /usr/bin/chromium: apt-get install chromium" >&2
    exit 1
  fi
  echo "Installing Debian's chromium …"
  apt-get update -qq
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends chromium >/dev/null
}

# The views and endpoints; then the server, the workers that make packs and plans, and the demo's seed, so that plain Node runs them.
build() {
  echo "Building …"
  npx tsx scripts/outlines.ts
  npx astro build --silent
  for bundle in main:serve packWorker:pack-worker planWorker:plan-worker seedDemo:seed-demo; do
    npx esbuild "src/server/${bundle%:*}.ts" --bundle --packages=external --platform=node --format=esm --outfile="dist/${bundle#*:}.mjs" --log-level=error
  done
  npx tsx scripts/offline.ts
  npx tsx scripts/precompress.ts
  npx tsx scripts/csp.ts
}

# The demo, made afresh in a folder under .cache and served until this script ends.
serve_demo() {
  export RIPE_ACORN_DATA="$PWD/.cache/$1" RIPE_ACORN_PORT="$2"
  node dist/seed-demo.mjs --reset
  node dist/serve.mjs &
  trap "kill $!" EXIT
}
