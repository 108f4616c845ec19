# test: everything, ending with the one line 'N passed, N failed'. screenshots: the pictures of the demo practice.

# A cluster for tests alone, made anew and thrown away; nothing on it needs to outlive a crash, so fsync is off here and here only.
# start_test_cluster [MORE OPTIONS]: of two that say otherwise the later holds.
start_test_cluster() {
  data="$(mktemp -d /tmp/nerezza-test.XXXXXX)"
  chmod 755 "$data"
  unset NEREZZA_DB
  NEREZZA_PG_OPTIONS="-c fsync=off -c max_connections=200 ${1:-}" start_database
  export NEREZZA_TEST_DB="${NEREZZA_DB/Database=nerezza/Database=postgres}"
  trap stop_test_cluster EXIT
}

stop_test_cluster() { started_database=yes; stop_database; rm -rf "$data" "$cluster"; }

# count FILE: adds what a test run printed to $passed and $failed.
count() {
  local p f
  p="$(awk '/^ *Passed: *[0-9]+/ {s += $2} END {print s + 0}' "$1")"
  f="$(awk '/^ *Failed: *[0-9]+/ {s += $2} END {print s + 0}' "$1")"
  passed=$((passed + p)) failed=$((failed + f))
}

# check WHAT COMMAND ...: one check that is not a test of a runner; it passes or fails as a whole.
check() {
  local what="$1" log; shift
  log="$(mktemp)"
  say "$what"
  if "$@" >"$log" 2>&1; then passed=$((passed + 1)); else failed=$((failed + 1)); say "FAILED: $what"; tail -n 60 "$log" >&2; fi
  rm -f "$log"
}

# tests PROJECT: one test project, already built.
tests() {
  local log; log="$(mktemp)"
  say "Testing $1"
  local before=$failed
  if ! dotnet test --no-build -c Release "$root/tests/$1" --filter 'kind!=screenshots' --nologo --logger 'console;verbosity=normal' >"$log" 2>&1; then
    # What failed and why; what the servers under test log beside is not.
    grep -vE '^\s+Passed |^\[[0-9:]+ (INF|WRN)\]' "$log" | tail -n 200 >&2
    count "$log"
    [ "$failed" -gt "$before" ] || failed=$((failed + 1))
  else
    count "$log"
  fi
  rm -f "$log"
}

check_format() { (cd "$root" && dotnet tool restore && dotnet csharpier check .); }

# What no formatter breaks, a comment or a text, is broken by hand.
check_width() {
  (cd "$root" && git ls-files '*.cs' '*.ts' '*.tsx' | grep -vE 'Migrations/|schema\.d\.ts' | xargs awk 'length($0) > 140 {print FILENAME ":" FNR; wide = 1} END {exit wide}')
}

# front_end_tests: what the page computes, without a browser.
front_end_tests() {
  local log report; log="$(mktemp)"; report="$(mktemp)"
  say "Testing the front end"
  if npm --prefix "$root/web" test -- --reporter=default --reporter=json --outputFile="$report" >"$log" 2>&1; then :; else tail -n 80 "$log" >&2; fi
  read -r p f < <(node -p 'const r = JSON.parse(require("fs").readFileSync(process.argv[1], "utf8") || "{}"); `${r.numPassedTests ?? 0} ${r.success ? 0 : Math.max(1, r.numFailedTests ?? 0)}`' "$report")
  passed=$((passed + p)) failed=$((failed + f))
  rm -f "$log" "$report"
}

build_all() {
  install_front_end
  quietly "Building everything" dotnet build -c Release "$root/Nerezza.slnx"
  rm -f "$root/src/Nerezza.Web/bin/Release/stamp" "$root/src/Nerezza.Cli/bin/Release/stamp"
  build_front_end
}

run_tests() {
  passed=0 failed=0
  require_dotnet
  require_node
  require_postgres
  require_chromium
  require_proxies
  build_all
  check "Formatting of C#" check_format
  check "Style of C#" dotnet format style "$root/Nerezza.slnx" --verify-no-changes --no-restore
  check "Lines within 140 columns" check_width
  check "Formatting, lint and types of the front end" bash -c "npm --prefix '$root/web' run lint && npm --prefix '$root/web' run check-types"
  front_end_tests
  start_test_cluster
  for project in "${@:-Nerezza.Core.Tests Nerezza.Web.Tests Nerezza.Browser.Tests}"; do for one in $project; do tests "$one"; done; done
  printf '%s passed, %s failed\n' "$passed" "$failed"
  [ "$failed" -eq 0 ]
}

take_screenshots() {
  require_dotnet
  require_node
  require_chromium
  install_front_end
  build_server
  build_front_end
  start_test_cluster
  NEREZZA_SHOTS="${1:-}" quietly "Taking the pictures" dotnet test -c Release "$root/tests/Nerezza.Browser.Tests" --filter kind=screenshots --nologo
}

# run_fuzz [SECONDS] [SEED]: every endpoint of the description, sent things that nobody would send in good faith.
run_fuzz() {
  require_dotnet
  require_node
  require_postgres
  case "${1:-600}${2:-1}" in *[!0-9]*) fail "fuzz wants seconds and a seed, both whole numbers" ;; esac
  build_server
  quietly "Building the tests" dotnet build -c Release "$root/tests/Nerezza.Web.Tests"
  start_test_cluster
  NEREZZA_FUZZ_SECONDS="${1:-600}" NEREZZA_FUZZ_SEED="${2:-$RANDOM}" dotnet test --no-build -c Release "$root/tests/Nerezza.Web.Tests" --filter FullyQualifiedName~FuzzTests --nologo --logger 'console;verbosity=normal'
}
