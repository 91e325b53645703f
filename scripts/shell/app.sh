# The app as a process: as an unprivileged user, started again when it crashes, with a log that is kept.

# Where the app lies for user nobody, who may not be let into this folder; and where it may write its log.
app_place() {
  APP_ROOT=$PWD
  LOG_DIR=$DATA/log
  if ! is_root; then mkdir -p "$LOG_DIR"; return; fi
  runuser -u nobody -- test -x "$DATA" || LOG_DIR=$(own_place)-app/log
  if ! runuser -u nobody -- test -r "$PWD/dist/server/main.mjs"; then
    APP_ROOT=$(own_place)-app/app
    rm -rf "$APP_ROOT" && mkdir -p "$APP_ROOT"
    cp -al dist node_modules package.json "$APP_ROOT" 2>/dev/null || cp -a dist node_modules package.json "$APP_ROOT"
    chmod -R a+rX "$APP_ROOT"
  fi
  mkdir -p "$LOG_DIR" && chown nobody "$LOG_DIR" && chmod 700 "$LOG_DIR"
  runuser -u nobody -- test -r "$APP_ROOT/dist/server/main.mjs" || fail "User nobody, as whom the app runs when root starts it, cannot read $APP_ROOT."
  runuser -u nobody -- node --version >/dev/null 2>&1 || fail "User nobody, as whom the app runs when root starts it, cannot run $(command -v node). Start as a plain user, or install Node.js for all."
}

# Sets ERASED_LIST: the list, beside the database, of those who were erased. The app writes it.
erased_list() {
  local file=$DATA/erased.list
  if is_root && ! runuser -u nobody -- test -x "$DATA"; then file=$(own_place)-app/erased.list; fi
  export ERASED_LIST=${ERASED_LIST:-$file}
  mkdir -p "$(dirname "$ERASED_LIST")" && (umask 077 && touch "$ERASED_LIST")
  if is_root; then chown nobody "$ERASED_LIST"; fi
}

# Starts the app once; its pid is $app.
app_up() {
  # The app's own words go to app.log; what Node itself says when it dies, to app.out.
  local as=(); is_root && as=(setpriv --reuid=nobody --regid=nogroup --clear-groups --no-new-privs)
  (cd "$APP_ROOT" && HOST=$host PORT=$port LOG_FILE=$LOG_DIR/app.log exec "${as[@]}" node dist/server/main.mjs) >> "$LOG_DIR/app.out" 2>&1 &
  app=$!
  echo "$app" > "$DATA/app.pid"
}

app_last_words() { tail -n 3 "$LOG_DIR/app.out" 2>/dev/null | cut -c1-300; }

# Keeps the app going until it is told to end. One that keeps crashing at once is given up.
app_keep() {
  local begun quick=0
  while :; do
    begun=$SECONDS
    wait "$app" && return 0
    if [ $((SECONDS - begun)) -lt 10 ]; then quick=$((quick + 1)); else quick=0; fi
    [ "$quick" -lt 5 ] || fail "The app crashes again and again. Its log is in $LOG_DIR. The last of it: $(app_last_words)"
    say "The app has crashed ($(date '+%H:%M:%S')); starting it again. Its log is in $LOG_DIR."
    app_up
  done
}
