#!/usr/bin/env bash
# Prints what things cost and how often the judgements are right; nothing here is asserted.
. "$(dirname "$0")/ready.sh"
install_packages
install_chromium
install_poppler
build
node_modules/.bin/tsx bench/storage.ts
node_modules/.bin/tsx bench/session-pdf.ts
node --expose-gc --import tsx bench/make.ts
for name in prints pack-memory ink; do
  node_modules/.bin/esbuild bench/$name.ts --bundle --packages=external --platform=node --format=esm --outfile=.cache/$name.mjs --log-level=error
  node .cache/$name.mjs
done
# Bundled first: what is measured is the code, not its loading one file at a time.
node_modules/.bin/esbuild bench/knowing.ts --bundle --platform=node --format=esm --outfile=.cache/knowing.mjs --log-level=error
node .cache/knowing.mjs "$@"
node_modules/.bin/esbuild bench/verdicts.ts --bundle --platform=node --format=esm --outfile=.cache/verdicts.mjs --log-level=error
node .cache/verdicts.mjs "$@" || true
node_modules/.bin/tsx bench/pictures.ts
serve_demo bench 4326
node_modules/.bin/esbuild bench/planning.ts --bundle --packages=external --platform=node --format=esm --outfile=.cache/planning.mjs --log-level=error
node .cache/planning.mjs "http://127.0.0.1:$RIPE_ACORN_PORT"
# Bundled too, since what runs in the browser must need nothing of the loader.
node_modules/.bin/esbuild bench/table.ts --bundle --packages=external --platform=node --format=esm --outfile=.cache/table.mjs --log-level=error
node .cache/table.mjs "http://127.0.0.1:$RIPE_ACORN_PORT"
node_modules/.bin/esbuild bench/preview.ts --bundle --packages=external --platform=node --format=esm --outfile=.cache/preview.mjs --log-level=error
node .cache/preview.mjs "http://127.0.0.1:$RIPE_ACORN_PORT"
node_modules/.bin/esbuild bench/views.ts --bundle --packages=external --platform=node --format=esm --outfile=.cache/views.mjs --log-level=error
node .cache/views.mjs "http://127.0.0.1:$RIPE_ACORN_PORT"
node_modules/.bin/esbuild bench/caller.ts --bundle --packages=external --platform=node --format=esm --outfile=.cache/caller.mjs --log-level=error
node .cache/caller.mjs "http://127.0.0.1:$RIPE_ACORN_PORT"
