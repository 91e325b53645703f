#!/usr/bin/env bash
# npm run bench: measures the built app, with a database of its own that it brings up and takes down.
set -uo pipefail
cd "$(dirname "$(readlink -f "$0")")/.."
. scripts/shell/common.sh
. scripts/shell/postgres.sh
trap 'trap - EXIT; [ -n "${CLUSTER:-}" ] && cluster_down' EXIT
trap 'exit 1' INT TERM
build_if_changed
[ -n "${DATABASE_URL:-}" ] || cluster_up bench
bundle=node_modules/.cache/bench.mjs
node_modules/.bin/esbuild bench/run.ts --bundle --platform=node --format=esm --packages=external --log-level=warning --outfile=$bundle
node "$bundle" "$@"
