# account lists, makes, resets, unlocks and removes accounts; practice takes a whole one out and in. Beside a running server or without one.
run_for_operator() {
  local verb="$1"; shift
  data="$root/.nerezza"
  if [ "${1:-}" = --data ]; then
    [ $# -gt 1 ] && [ -d "$2" ] || fail "--data wants the folder that ./nerezza start uses"
    data="$(cd "$2" && pwd)"; shift 2
  fi
  require_dotnet
  require_node
  build_server
  as=() place="$root"
  read_settings
  if [ -z "${NEREZZA_DB:-}" ]; then
    cluster_place
    [ -f "$cluster/PG_VERSION" ] && [ -s "$data/app-password" ] || fail "there is no database in $data yet; run ./nerezza start first"
    # A server that runs keeps its database.
    as_owner "$(postgres_bin)/pg_ctl" -D "$cluster" status >/dev/null 2>&1 || trap stop_database EXIT
    start_database
    export NEREZZA_DB="$(connection nerezza_app "$(cat "$data/app-password")")"
  fi
  # The key file is where the server that runs as a user of its own has it.
  [ ! -s "$(keys_of_server)" ] || export NEREZZA_KEYS_FILE="${NEREZZA_KEYS_FILE:-$(keys_of_server)}"
  prepare_keys
  export NEREZZA_URL="${NEREZZA_URL:-$(cat "$data/address" 2>/dev/null || printf 'http://127.0.0.1:8080')}"
  server "$verb" "$@"
}

# read_settings: NEREZZA_... lines of the settings file, where the environment does not say otherwise.
read_settings() {
  local file="${NEREZZA_SETTINGS:-$data/settings.env}" line name
  [ -f "$file" ] || return 0
  while IFS= read -r line || [ -n "$line" ]; do
    case "$line" in '' | '#'*) continue ;; NEREZZA_*=*) ;; *) fail "$file: '$line' is no line such as NEREZZA_URL=https://gym.example" ;; esac
    name="${line%%=*}"
    [ -n "${!name:-}" ] || export "$name=${line#*=}"
  done <"$file"
}
