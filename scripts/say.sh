# One way to speak and one way to stop.
say() { printf '%s\n' "$*" >&2; }
fail() { printf 'nerezza: %s\n' "$*" >&2; exit 1; }

# Runs a command quietly; shows what it printed only when it fails.
quietly() {
  local what="$1" log; shift
  log="$(mktemp)"
  say "$what"
  if ! "$@" >"$log" 2>&1; then
    tail -n 40 "$log" >&2
    rm -f "$log"
    fail "$what: did not work; the lines above say why"
  fi
  rm -f "$log"
}
