# start: set-up, database, migrations, demo data, server; Ctrl-C stops both.
start_application() {
  port=8080 data="$root/.nerezza" load=demo
  while [ $# -gt 0 ]; do
    case "$1" in
      --port) [ $# -gt 1 ] || fail "--port wants a number"; port="$2"; shift 2 ;;
      --data) [ $# -gt 1 ] || fail "--data wants a folder"; mkdir -p "$2" 2>/dev/null || fail "the data folder $2 cannot be made"; data="$(cd "$2" && pwd)"; shift 2 ;;
      --empty) load=""; shift ;;
      *) fail "'$1' is not an option of start; ./nerezza help lists them" ;;
    esac
  done
  case "$port" in '' | *[!0-9]*) fail "--port wants a number, not '$port'" ;; esac
  [ "$port" -ge 1 ] && [ "$port" -le 65535 ] || fail "--port wants a number between 1 and 65535, not $port"
  require_dotnet
  require_node
  if (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then fail "port $port is taken; stop what uses it, or choose another: ./nerezza start --port 8081"; fi
  build_server
  build_front_end
  trap stop_application EXIT
  trap 'exit 130' INT TERM
  start_database
  # shellcheck disable=SC2086
  quietly "Bringing the database up to date" server migrate $load
  become_server --urls "http://127.0.0.1:$port" &
  server_pid=$!
  for _ in $(seq 100); do
    kill -0 "$server_pid" 2>/dev/null || fail "the server stopped while starting; the lines above say why"
    curl_health && break
    sleep 0.2
  done
  curl_health || fail "the server did not answer within 20 s"
  printf '\nNerezza is on http://127.0.0.1:%s\n' "$port"
  [ -z "$load" ] || printf 'Sign in: coach@calagrigia.example  harbour-iron-44\n'
  printf 'Ctrl-C stops it.\n'
  wait "$server_pid"
}

# Becomes the server. In the background the process id is then the server's own; in the foreground it needs the brackets.
become_server() {
  export NEREZZA_WEB="$root/web/dist" Serilog__MinimumLevel__Default="${NEREZZA_LOG:-Warning}"
  exec dotnet "$root/src/Nerezza.Web/bin/Release/net10.0/Nerezza.Web.dll" "$@"
}
server() (become_server "$@")

curl_health() { node -e 'fetch(process.argv[1]).then(r=>process.exit(r.ok?0:1),()=>process.exit(1))' "http://127.0.0.1:$port/health"; }

stop_application() {
  if [ -n "${server_pid:-}" ]; then
    kill "$server_pid" 2>/dev/null || true
    wait "$server_pid" 2>/dev/null || true
  fi
  stop_database
}
