# start: set-up, database, migrations, demo data, server; Ctrl-C stops both.
start_application() {
  port=8080 listen=127.0.0.1 data="$root/.nerezza" load=demo
  while [ $# -gt 0 ]; do
    case "$1" in
      --port) [ $# -gt 1 ] || fail "--port wants a number"; port="$2"; shift 2 ;;
      --data) [ $# -gt 1 ] || fail "--data wants a folder"; mkdir -p "$2" 2>/dev/null || fail "the data folder $2 cannot be made"; data="$(cd "$2" && pwd)"; shift 2 ;;
      --listen) [ $# -gt 1 ] || fail "--listen wants an address of this machine"; listen="$2"; shift 2 ;;
      --url) [ $# -gt 1 ] || fail "--url wants the address that phones use"; export NEREZZA_URL="$2"; shift 2 ;;
      --empty) load=""; shift ;;
      *) fail "'$1' is not an option of start; ./nerezza help lists them" ;;
    esac
  done
  case "$port" in '' | *[!0-9]*) fail "--port wants a number, not '$port'" ;; esac
  [ "$port" -ge 1 ] && [ "$port" -le 65535 ] || fail "--port wants a number between 1 and 65535, not $port"
  read_settings
  case "${NEREZZA_URL:-http://}" in http://* | https://*) ;; *) fail "--url wants an address such as https://gym.example, not '$NEREZZA_URL'" ;; esac
  # Until the first practice is made whoever sees this machine may make it; without a mail service letters are read here.
  export NEREZZA_SETUP_CODE="$(setup_code)"
  [ -z "$load" ] || export NEREZZA_MAIL_BOX="${NEREZZA_MAIL_BOX:-yes}"
  require_dotnet
  require_node
  if (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then fail "port $port is taken; stop what uses it, or choose another: ./nerezza start --port 8081"; fi
  build_server
  build_front_end
  trap stop_application EXIT
  trap 'exit 130' INT TERM
  start_database
  drop_root
  # shellcheck disable=SC2086
  prepare_database $load
  prepare_keys
  launch_server
  until_ready || fail "the server stopped while starting, or did not answer within a minute; the lines above say why"
  printf '%s' "${NEREZZA_URL:-http://$listen:$port}" >"$data/address"
  printf '\nNerezza is on %s\n' "${NEREZZA_URL:-http://$listen:$port}"
  [ -z "$load" ] || printf 'Demo: coach@calagrigia.example  harbour-iron-44 (a lifter: lifter@calagrigia.example, the same)\n'
  can_begin && printf 'Begin your own practice at %s/begin with the setup code %s\n' "${NEREZZA_URL:-http://$listen:$port}" "$NEREZZA_SETUP_CODE"
  printf 'Ctrl-C stops it.\n'
  if [ -n "${NEREZZA_BACKUPS:-}" ]; then keep_backups & backups_pid=$!; fi
  keep_running
}

# Twelve letters and digits that nobody reads for one another.
setup_code() { node -p 'const a="23456789ABCDEFGHJKLMNPQRSTUVWXYZ";[...require("crypto").randomBytes(12)].map(b=>a[b%32]).join("").replace(/(.{4})(?=.)/g,"$1-")'; }

# Whether a practice is still to be made.
can_begin() { node -e 'fetch(process.argv[1]).then(r=>r.json()).then(me=>process.exit(me.canBegin?0:1),()=>process.exit(1))' "$(here)/api/session"; }

# Where the server answers on this machine.
here() { case "${listen:-127.0.0.1}" in 0.0.0.0 | '[::]') printf 'http://127.0.0.1:%s' "$port" ;; *) printf 'http://%s:%s' "${listen:-127.0.0.1}" "$port" ;; esac; }

launch_server() {
  become_server --urls "http://${listen:-127.0.0.1}:$port" &
  server_pid=$!
}

until_ready() {
  for _ in $(seq 300); do
    kill -0 "$server_pid" 2>/dev/null || return 1
    curl_health && return
    sleep 0.2
  done
  return 1
}

# A server that stops by itself is started again, later each time while it keeps stopping; the database goes on.
keep_running() {
  local pause=1 longest=30 steady=60 began code
  while :; do
    began=$SECONDS code=0
    wait "$server_pid" || code=$?
    [ $((SECONDS - began)) -lt "$steady" ] || pause=1
    say "The server stopped (exit $code). It is started again in $pause s; the database goes on, and nothing that was saved is lost."
    sleep "$pause" & wait $!
    pause=$((pause * 2 < longest ? pause * 2 : longest))
    launch_server
  done
}

# As root the server becomes a user of its own, who can change nothing on the machine. $as holds how; empty where one is nobody special.
drop_root() {
  as=() place="$root"
  [ "$(id -u)" = 0 ] || return 0
  id -u nerezza >/dev/null 2>&1 || useradd --system --no-create-home --shell /usr/sbin/nologin nerezza
  as=(setpriv --reuid=nerezza --regid=nerezza --init-groups --no-new-privs)
  if ! "${as[@]}" dotnet --list-runtimes >/dev/null 2>&1; then
    as=()
    say "The server runs as root: the user nerezza cannot run dotnet here. Install the SDK where every user reaches it."
  elif ! "${as[@]}" test -r "$root/web/dist/index.html" || ! "${as[@]}" test -r "$root/src/Nerezza.Web/bin/Release/net10.0/Nerezza.Web.dll"; then
    place="/var/lib/nerezza/$(printf '%s' "$root" | sha256sum | cut -c1-12).app"
    rm -rf "$place"
    mkdir -p "$place/web" "$place/src/Nerezza.Web/bin/Release"
    cp -r "$root/web/dist" "$place/web/dist"
    cp -r "$root/src/Nerezza.Web/bin/Release/net10.0" "$place/src/Nerezza.Web/bin/Release/net10.0"
    chmod -R a+rX /var/lib/nerezza "$place"
  fi
}

keys_of_server() { printf '/var/lib/nerezza/%s.keys.pfx' "$(printf '%s' "$data" | sha256sum | cut -c1-12)"; }

# The keys that protect cookies stand in the database, encrypted with a file that is not in it.
prepare_keys() {
  [ -z "${NEREZZA_KEYS_FILE:-}" ] || return 0
  local file="$data/keys.pfx"
  if [ ${#as[@]} -gt 0 ]; then
    mkdir -p /var/lib/nerezza && chmod 755 /var/lib/nerezza
    file="$(keys_of_server)"
  fi
  [ -s "$file" ] || (as=() && umask 077 && server keys-file "$file" >/dev/null)
  [ ${#as[@]} -eq 0 ] || chown nerezza "$file"
  export NEREZZA_KEYS_FILE="$file"
}

# Becomes the server. In the background the process id is then the server's own; in the foreground it needs the brackets.
become_server() {
  export NEREZZA_WEB="$place/web/dist" Serilog__MinimumLevel__Default="${NEREZZA_LOG:-Warning}"
  exec "${as[@]}" dotnet "$place/src/Nerezza.Web/bin/Release/net10.0/Nerezza.Web.dll" "$@"
}
server() (become_server "$@")

curl_health() { node -e 'fetch(process.argv[1]).then(r=>process.exit(r.ok?0:1),()=>process.exit(1))' "$(here)/health"; }

stop_application() {
  [ -z "${backups_pid:-}" ] || kill "$backups_pid" 2>/dev/null || true
  if [ -n "${server_pid:-}" ]; then
    kill "$server_pid" 2>/dev/null || true
    wait "$server_pid" 2>/dev/null || true
  fi
  stop_database
}
