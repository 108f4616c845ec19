# bench: figures of rules, and of pages over a running demo. What comes out is written down in docs/measured.md.
run_bench() {
  case "${1:-}" in
    pages) shift; bench_pages "$@" ;;
    sets) shift; bench_sets "$@" ;;
    backup) bench_backup ;;
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
# between; on a cluster that writes as one in use does. What the server itself took for one set stands in its log.
bench_sets() {
  local url port log; log="$(mktemp)"
  bench_site "-c fsync=on"
  quietly "Building the bare driver" dotnet build -c Release "$root/bench/Nerezza.Benchmarks"
  local what killing
  for what in ${*:-one crowd faulty}; do
    say "$what"
    as=()
    [ "$what" != one ] || as=(env Serilog__MinimumLevel__Override__Microsoft.AspNetCore.Hosting.Diagnostics=Information)
    launch_server >"$log"
    until_ready || fail "the server did not come up"
    node "$root/bench/sets/run.mjs" "$root" "http://127.0.0.1:$port" "$url" "$what" "$log" & killing=$!
    while [ "$what" = faulty ] && sleep 20 && kill -0 "$killing" 2>/dev/null; do
      say "killing the server"
      kill -9 "$server_pid"
      wait "$server_pid" 2>/dev/null || true
      launch_server >>"$log"
      until_ready || fail "the server did not come up again"
    done
    wait "$killing"
    kill "$server_pid" && wait "$server_pid" || true
  done
  rm -f "$log"
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

# bench_backup: fifty lifters log while a backup is taken, and the server is killed in the middle of a second one; both are read back and
# held against what was acknowledged before they began.
bench_backup() {
  local url port folder logging name began work lost
  bench_site "-c fsync=on"
  folder="$(mktemp -d)"
  reach_database
  ask "$PGDATABASE" -f "$root/bench/pages/board.sql" -v clients=20 -c ANALYZE >/dev/null
  launch_server
  until_ready || fail "the server did not come up"
  node "$root/bench/backup/run.mjs" "http://127.0.0.1:$port" "$folder" & logging=$!
  sleep 20
  for name in whole killed; do
    touch "$folder/$name.begin"
    until [ -e "$folder/$name.acknowledged" ]; do sleep 0.02; done
    touch "$folder/backup"
    [ "$name" = whole ] || (sleep 1; kill -9 "$server_pid") &
    began="$(date +%s%N)"
    make_backup "$folder/$name.tar" || fail "the backup did not work"
    printf '%s: taken and checked in %s ms, %s bytes\n' "$name" $((($(date +%s%N) - began) / 1000000)) "$(stat -c %s "$folder/$name.tar")"
    rm "$folder/backup"
    sleep 5
  done
  wait "$logging" || true
  for name in whole killed; do
    work="$folder/$name" && mkdir "$work" && tar -C "$work" -xf "$folder/$name.tar"
    began="$(date +%s%N)"
    read_back "$work" nerezza_again || fail "it cannot be restored"
    printf '%s: restored and compared in %s ms\n' "$name" $((($(date +%s%N) - began) / 1000000))
    lost="$(ask nerezza_again -c 'SELECT id FROM logged_sets' | sort | comm -23 <(sort "$folder/$name.acknowledged") - | grep -c . || true)"
    printf '%s: %s of %s sets acknowledged before it began are missing\n' "$name" "$lost" "$(wc -l <"$folder/$name.acknowledged")"
  done
  rm -rf "$folder"
}
