# Backups of the database, and putting one back.

pg_tool() {
  local tool; tool=$(cluster_bin)/$1
  if [ -x "$tool" ]; then printf '%s' "$tool"; return; fi
  need_package "$1" postgresql-client >&2
  printf '%s' "$1"
}

# backup_to FILE: a dump that was checked, and that only its owner can read.
backup_to() {
  local file=$1 making=$1.making
  mkdir -p "$(dirname "$file")"
  (umask 077 && : > "$making") || fail "Nothing can be written to $(dirname "$file")."
  "$(pg_tool pg_dump)" --format=custom --no-owner --no-privileges --file="$making" "$DATABASE_URL" 2> "$making.said" \
    && [ "$("$(pg_tool pg_restore)" --list "$making" 2>> "$making.said" | grep -c 'TABLE DATA')" -gt 0 ] \
    || { tail -n 3 "$making.said" >&2; rm -f "$making" "$making.said"; fail "The backup could not be made. Nothing was changed."; }
  chmod 600 "$making" && mv "$making" "$file"
  rm -f "$making.said"
}

# restore_from FILE: all or nothing, in one transaction.
restore_from() {
  local file=$1
  [ "$("$(pg_tool pg_restore)" --list "$file" 2>/dev/null | grep -c 'TABLE DATA')" -gt 0 ] || fail "$file is not a backup of Vicinor."
  # The tables' rules name the app's roles, which another server may not have yet.
  { cat scripts/roles.sql
    echo 'set client_min_messages = warning; drop schema if exists drizzle cascade; drop schema public cascade; create schema public;'
    "$(pg_tool pg_restore)" --no-owner --no-privileges --file=- "$file" | grep -v '^CREATE SCHEMA public'; } \
    | "$(pg_tool psql)" --quiet --no-psqlrc --single-transaction --set=ON_ERROR_STOP=1 --output=/dev/null "$DATABASE_URL" \
    || fail "The backup could not be put back. The database is as it was."
}

has_data() { [ "$("$(pg_tool psql)" -tAc "select count(*) from pg_tables where schemaname = 'public'" "$DATABASE_URL" 2>/dev/null)" -gt 0 ] 2>/dev/null; }

# Whether the tables are older than this version of the app.
needs_migration() {
  local done_; done_=$("$(pg_tool psql)" -tAc 'select count(*) from drizzle.__drizzle_migrations' "$DATABASE_URL" 2>/dev/null || echo 0)
  [ "${done_:-0}" -lt "$(ls drizzle/*.sql | wc -l)" ]
}

stamp() { date +%Y%m%d-%H%M%S; }
