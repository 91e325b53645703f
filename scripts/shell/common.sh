# Shared by ./start and ./test: plain words, packages, and the sources' fingerprint.

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }
# Everything that is kept on this machine: the database's folder, backups, logs.
DATA=${VICINOR_DATA:-$PWD/data}

is_root() { [ "$(id -u)" = 0 ]; }

# What Debian has, asked once for all packages that are missing.
fresh_lists() { [ -n "${lists_are_fresh:-}" ] || apt-get update -qq && lists_are_fresh=1; }

# Debian package $2 if command or file $1 is missing; without those it only recommends, which are a hundred and more for a browser.
need_package() {
  local wanted=$1 package=$2
  { command -v "$wanted" >/dev/null 2>&1 || [ -e "$wanted" ]; } && return 0
  local line="apt-get update && apt-get install -y --no-install-recommends $package"
  is_root || fail "$package is needed and is not installed. Install it with:  sudo sh -c '$line'"
  say "Installing $package from Debian's packages (once) ..."
  local log; log=$(mktemp)
  if ! { fresh_lists && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$package"; } >"$log" 2>&1; then
    tail -5 "$log" >&2
    fail "$package could not be installed. Try it by hand:  $line"
  fi
  rm -f "$log"
}

need_node() {
  command -v node >/dev/null 2>&1 || fail "Node.js 20 or newer is needed and is not installed."
  local major; major=$(node -p 'process.versions.node.split(".")[0]')
  [ "$major" -ge 20 ] || fail "Node.js 20 or newer is needed; this is $(node --version)."
}

need_npm_packages() {
  local want have=node_modules/.installed-from
  want=$(sha256sum package-lock.json | cut -d' ' -f1)
  [ -f "$have" ] && [ "$(cat "$have")" = "$want" ] && return 0
  say "Installing npm packages (once; about a minute) ..."
  # Beside what is there, so that a half of them is never taken for all. A registry with addresses of another kind is asked for each.
  local part=node_modules.part
  rm -rf "$part" && mkdir "$part" && cp package.json package-lock.json "$part"
  node scripts/shell/lock-addresses.mjs "$(npm config get registry --loglevel=error)" > "$part/package-lock.json" || :
  npm_ci "$part" 2>/dev/null || { cp package-lock.json "$part" && npm_ci "$part"; } ||
    fail "npm packages could not be installed. Is the npm registry reachable?"
  rm -rf node_modules && mv "$part/node_modules" . && rm -rf "$part"
  printf '%s' "$want" > "$have"
}
npm_ci() { (cd "$1" && npm ci --ignore-scripts --no-audit --no-fund --loglevel=error); }

build_if_changed() {
  . scripts/shell/earlier-scripts.sh
  local want have=dist/.built-from
  want=$(find src public drizzle scripts astro.config.mjs package-lock.json tsconfig.json -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
  [ -f "$have" ] && [ "$(cat "$have")" = "$want" ] && return 0
  say "Building the app (half a minute) ..."
  local log; log=$(mktemp)
  keep_earlier_scripts
  if ! NODE_ENV=production ASTRO_TELEMETRY_DISABLED=1 node_modules/.bin/astro build >"$log" 2>&1; then
    tail -30 "$log" >&2
    fail "The app could not be built."
  fi
  rm -f "$log"
  serve_earlier_scripts
  printf '%s' "$want" > "$have"
}

# port_in_use PORT [HOST]
port_in_use() { (exec 3<>"/dev/tcp/${2:-127.0.0.1}/$1") 2>/dev/null; }

free_port() {
  local port=$1
  while port_in_use "$port"; do port=$((port + 1)); done
  printf '%s' "$port"
}
