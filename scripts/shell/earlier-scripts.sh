# Pages that are open while the app is built anew go on asking for the scripts of the version before: those stay, for a day after
# they were replaced, which is longer than any class. Run from the project's folder.

# Before a build: what the present one serves of its own is kept.
keep_earlier_scripts() {
  [ -f dist/.own-scripts ] || return 0
  mkdir -p "$DATA/earlier-scripts"
  (cd dist/client/_astro && xargs -r cp -t "$DATA/earlier-scripts" --) < dist/.own-scripts
}

# After one: what is its own is noted, and what was replaced not longer than a day ago is served beside it.
serve_earlier_scripts() {
  ls dist/client/_astro > dist/.own-scripts
  [ -d "$DATA/earlier-scripts" ] || return 0
  find "$DATA/earlier-scripts" -type f -mmin +1440 -delete
  cp -n "$DATA"/earlier-scripts/* dist/client/_astro/ 2>/dev/null || true
}
