# bench: figures of rules, and of pages over a running demo. What comes out is written down in docs/measured.md.
run_bench() {
  case "${1:-}" in
    pages) shift; bench_pages "$@" ;;
    sets) shift; bench_sets "$@" ;;
    likeness) shift; require_dotnet; dotnet run -c Release --project "$root/bench/Nerezza.Benchmarks" -- likeness "${@:-$root/tests/Nerezza.Web.Tests/Cases/coach}" "$root/docs/formats/examples" ;;
    loop | review)
      case "${2:-200}" in *[!0-9]*) fail "$1 wants a number of lifters" ;; esac
      require_dotnet; dotnet run -c Release --project "$root/bench/Nerezza.Benchmarks" -- "$1" "$root" "${2:-200}" ;;
    *) require_dotnet; NEREZZA_ROOT="$root" dotnet run -c Release --project "$root/bench/Nerezza.Benchmarks" -- --filter "${1:-*}" ;;
  esac
}

# The demo on a cluster of its own; $url is its database as psql takes it, $port where its server will listen.
bench_site() {
  require_dotnet
  require_node
  build_server
  build_front_end
  start_test_cluster "${1:-}"
  as=() place="$root"
  quietly "Loading the demo" server migrate demo
  url="$(sed 's/Host=\([^;]*\);Port=\([^;]*\);Database=\([^;]*\);Username=\([^;]*\);Password=\(.*\)/postgresql:\/\/\4:\5@\1:\2\/\3/' <<<"$NEREZZA_DB")"
  port="$(free_port)"
}

# bench_sets [one] [crowd] [faulty]: sets one by one, from two hundred at once, and through a faulty network with the server killed in
# between; on a cluster that writes as one in use does.
bench_sets() {
  local url port
  bench_site "-c fsync=on"
  PATH="$PATH:$(dirname "$(ls -d /usr/lib/postgresql/*/bin/pgbench | tail -n 1)")"
  local what killing
  for what in ${*:-one crowd faulty}; do
    say "$what"
    launch_server
    until_ready || fail "the server did not come up"
    node "$root/bench/sets/run.mjs" "$root" "http://127.0.0.1:$port" "$url" "$what" & killing=$!
    while [ "$what" = faulty ] && sleep 20 && kill -0 "$killing" 2>/dev/null; do
      say "killing the server"
      kill -9 "$server_pid"
      wait "$server_pid" 2>/dev/null || true
      launch_server
      until_ready || fail "the server did not come up again"
    done
    wait "$killing"
    kill "$server_pid" && wait "$server_pid" || true
  done
}

# bench_pages [history] [archived] [cold] [kit] [board] [imports]: each on a server and a database of its own.
bench_pages() {
  local url port
  bench_site
  for what in "${@:-cold history archived kit board imports}"; do
    for one in $what; do
      say "$one"
      launch_server
      until_ready || fail "the server did not come up"
      node "$root/bench/pages/run.mjs" "http://127.0.0.1:$port" "$url" "$one"
      printf 'memory at most: %s kB\n' "$(awk '/VmHWM/ {print $2}' "/proc/$server_pid/status")"
      kill "$server_pid" && wait "$server_pid" || true
    done
  done
}
