# bench: figures of rules, and of pages over a running demo. What comes out is written down in docs/measured.md.
run_bench() {
  case "${1:-}" in
    pages) shift; bench_pages "$@" ;;
    likeness) shift; require_dotnet; dotnet run -c Release --project "$root/bench/Nerezza.Benchmarks" -- likeness "${@:-$root/tests/Nerezza.Web.Tests/Cases/coach}" "$root/docs/formats/examples" ;;
    loop)
      case "${2:-200}" in *[!0-9]*) fail "loop wants a number of lifters" ;; esac
      require_dotnet; dotnet run -c Release --project "$root/bench/Nerezza.Benchmarks" -- loop "$root" "${2:-200}" ;;
    *) require_dotnet; NEREZZA_ROOT="$root" dotnet run -c Release --project "$root/bench/Nerezza.Benchmarks" -- --filter "${1:-*}" ;;
  esac
}

# bench_pages [history] [archived] [cold] [kit]: each on a server and a database of its own.
bench_pages() {
  require_dotnet
  require_node
  build_server
  build_front_end
  start_test_cluster
  as=() place="$root"
  quietly "Loading the demo" server migrate demo
  local url; url="$(sed 's/Host=\([^;]*\);Port=\([^;]*\);Database=\([^;]*\);Username=\([^;]*\);Password=\(.*\)/postgresql:\/\/\4:\5@\1:\2\/\3/' <<<"$NEREZZA_DB")"
  port="$(free_port)"
  for what in "${@:-cold history archived kit}"; do
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
