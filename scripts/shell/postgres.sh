# A private PostgreSQL cluster on loopback, run as user postgres when we are root, else as ourselves.
# cluster_up NAME sets DATABASE_URL; cluster_down stops the server if this process started or adopted it.

cluster_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1; }

# From /, because user postgres may not be let into this folder.
as_owner() { if is_root; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi; }

# A place below /var/lib for what other users have to reach, where they are not let into this folder.
own_place() { printf '/var/lib/vicinor/%s' "$(printf '%s' "${VICINOR_DATA:-$PWD}" | sha256sum | cut -c1-12)"; }

# The folder of our clusters: data/ here, or, where user postgres cannot reach that, one below /var/lib.
cluster_home() {
  local here=$DATA
  mkdir -p "$here"
  if is_root; then
    if runuser -u postgres -- test -x "$here"; then
      here=$here/postgres
    else
      here=$(own_place)
    fi
    mkdir -p "$here" && chown postgres "$here" && chmod 700 "$here"
  else
    here=$here/postgres-$(id -un)
    mkdir -p "$here" && chmod 700 "$here"
  fi
  printf '%s' "$here"
}

# The pid of a live PostgreSQL server on this cluster; a lock left by a killed one is taken away.
cluster_pid() {
  local lock=$CLUSTER/postmaster.pid pid
  [ -f "$lock" ] || return 1
  pid=$(head -1 "$lock")
  if [ -r "/proc/$pid/cmdline" ] && tr '\0' ' ' < "/proc/$pid/cmdline" | grep -qF "$CLUSTER"; then
    printf '%s' "$pid"
    return 0
  fi
  say "The database server was killed last time: clearing its lock." >&2
  rm -f "$lock"
  return 1
}

make_cluster() {
  if [ -d "$CLUSTER" ] && [ ! -f "$CLUSTER/vicinor-complete" ]; then
    local aside; aside=$CLUSTER.incomplete-$(date +%s)
    say "The database folder was only half made: setting it aside as $aside and making it anew."
    mv "$CLUSTER" "$aside"
  fi
  [ -d "$CLUSTER" ] && return 0
  say "Making a private database cluster in $CLUSTER (once) ..."
  rm -rf "$CLUSTER.making"
  local secret=$CLUSTER.password
  (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' > "$secret")
  is_root && chown postgres "$secret"
  as_owner "$PG_BIN/initdb" -D "$CLUSTER.making" -U vicinor --auth=scram-sha-256 --pwfile="$secret" -E UTF8 --locale=C.UTF-8 >/dev/null \
    || fail "The database cluster could not be made in $CLUSTER. Is there space on the disk?"
  as_owner touch "$CLUSTER.making/vicinor-complete"
  as_owner mv "$CLUSTER.making" "$CLUSTER"
}

# cluster_up NAME [server options]
cluster_up() {
  local name=$1 home; shift
  need_package "$(cluster_bin)/initdb" postgresql
  PG_BIN=$(cluster_bin)
  home=$(cluster_home)
  CLUSTER=$home/$name
  make_cluster
  local port pid
  if pid=$(cluster_pid); then
    port=$(sed -n 4p "$CLUSTER/postmaster.pid")
    say "Using the database server that is running already."
  else
    port=$(free_port 54329)
    as_owner "$PG_BIN/pg_ctl" -D "$CLUSTER" -l "$home/$name.log" -w -t 60 \
      -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' $*" start >/dev/null \
      || fail "The database server did not start. Its log says: $(tail -3 "$home/$name.log" 2>/dev/null)"
    CLUSTER_STARTED=1
  fi
  DATABASE_URL=postgres://vicinor:$(cat "$CLUSTER.password")@127.0.0.1:$port/postgres
  export DATABASE_URL
}

cluster_down() {
  [ -n "${CLUSTER:-}" ] && [ -f "$CLUSTER/postmaster.pid" ] || return 0
  as_owner "$PG_BIN/pg_ctl" -D "$CLUSTER" -m fast -w -t 20 stop >/dev/null 2>&1 || true
}
