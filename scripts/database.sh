# A private PostgreSQL cluster on loopback. $data holds it, its port and its password; nothing of it is in git.

# As root the cluster runs as the postgres user, in a place that user can reach.
as_owner() { if [ "$(id -u)" = 0 ]; then runuser -u postgres -- "$@"; else "$@"; fi; }

# why LOG: the last line that says what went wrong.
why() { grep -E 'FATAL|PANIC|error' "$1" 2>/dev/null | tail -n 1 | sed 's/^.*\(FATAL\|PANIC\): *//'; }

free_port() { node -e 'const s=require("net").createServer();s.listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'; }

cluster_place() {
  cluster="$data/postgres"
  if [ "$(id -u)" = 0 ]; then
    mkdir -p "$data"
    if ! runuser -u postgres -- test -x "$data" 2>/dev/null; then
      cluster="/var/lib/nerezza/$(printf '%s' "$data" | sha256sum | cut -c1-12)"
    fi
  fi
}

make_cluster() {
  local bin="$1" password
  umask 077
  mkdir -p "$data"
  mkdir -p "$(dirname "$cluster")" && chmod 755 "$(dirname "$cluster")"
  rm -rf "$cluster.new" && mkdir -p "$cluster.new"
  [ "$(id -u)" = 0 ] && chown postgres "$cluster.new"
  password="$(node -p 'require("crypto").randomBytes(24).toString("hex")')"
  printf '%s' "$password" >"$data/password"
  install -m 600 "$data/password" "$cluster.pw"
  [ "$(id -u)" = 0 ] && chown postgres "$cluster.pw"
  say "Making a database cluster"
  local log; log="$(mktemp)"
  if ! as_owner "$bin/initdb" -D "$cluster.new" -U nerezza --locale=C.UTF-8 --encoding=UTF8 --auth=scram-sha-256 --pwfile="$cluster.pw" >"$log" 2>&1; then
    rm -rf "$cluster.new" "$cluster.pw" "$data/password"
    fail "the database cluster could not be made: $(why "$log") ($(df -h --output=avail "$(dirname "$cluster")" | tail -n 1 | tr -d ' ') free on that disk)"
  fi
  rm -f "$cluster.pw"
  free_port >"$data/port"
  "$bin/pg_ctl" --version | grep -oE '[0-9]+' | head -n 1 >"$data/major"
  mv "$cluster.new" "$cluster"
  umask 022
}

# start_database: leaves the connection in $NEREZZA_DB.
start_database() {
  if [ -n "${NEREZZA_DB:-}" ]; then return; fi
  require_postgres
  local bin major; bin="$(postgres_bin)"
  cluster_place
  [ -f "$cluster/PG_VERSION" ] && [ -f "$data/password" ] || make_cluster "$bin"
  major="$("$bin/pg_ctl" --version | grep -oE '[0-9]+' | head -n 1)"
  [ "$(cat "$data/major")" = "$major" ] || fail "the database in $data was made by PostgreSQL $(cat "$data/major"), this machine has $major; keep the old version or restore a backup"
  # A cluster that a killed run left behind is taken over, and stopped at the end like one of our own.
  started_database=yes
  if ! as_owner "$bin/pg_ctl" -D "$cluster" status >/dev/null 2>&1; then
    # pg_ctl knows a stale pid file when it sees one; what it says goes to the log.
    if ! as_owner "$bin/pg_ctl" -D "$cluster" -w -t 60 -l "$cluster/server.log" \
      -o "-c listen_addresses=127.0.0.1 -c port=$(cat "$data/port") -c unix_socket_directories='' ${NEREZZA_PG_OPTIONS:-}" start >/dev/null 2>&1; then
      fail "the database did not come up: $(why "$cluster/server.log"); more in $cluster/server.log"
    fi
  fi
  export NEREZZA_DB="$(connection nerezza "$(cat "$data/password")")"
}

# connection ROLE PASSWORD: to the database of the private cluster.
connection() { printf 'Host=127.0.0.1;Port=%s;Database=nerezza;Username=%s;Password=%s' "$(cat "$data/port")" "$1" "$2"; }

# as_role ROLE PASSWORD ARGUMENTS ...: psql on the private cluster.
as_role() {
  local role="$1" word="$2"; shift 2
  PGPASSWORD="$word" "$(postgres_bin)/psql" -X -q -h 127.0.0.1 -p "$(cat "$data/port")" -U "$role" "$@"
}

# word NAME: a password of that name, made once.
word() {
  [ -s "$data/$1" ] || (umask 077 && node -p 'require("crypto").randomBytes(24).toString("hex")' >"$data/$1")
  cat "$data/$1"
}

# make_roles DATABASE: the owner's and the application's, and the database where it is missing.
make_roles() {
  quietly "Making the database's roles" as_role nerezza "$(cat "$data/password")" -d postgres -f "$root/scripts/roles.sql" \
    -v database="$1" -v owner=nerezza_owner -v owner_password="$(word owner-password)" -v app=nerezza_app -v app_password="$(word app-password)"
}

# prepare_database [demo]: roles, structure, rights. From here on $NEREZZA_DB is the application's own, which can do no more than it needs.
# A database of one's own is taken as it is: docs/deploy.md says how its roles are made.
prepare_database() {
  # A process that ends in half a minute gains nothing from watching itself run (docs/measured.md, the demo practice).
  local -x DOTNET_TieredPGO=0
  if [ "${started_database:-no}" != yes ]; then
    quietly "Bringing the database up to date" server migrate "$@"
    return
  fi
  keep_before_upgrade
  make_roles nerezza
  local owner app
  owner="$(word owner-password)" app="$(word app-password)"
  export NEREZZA_DB="$(connection nerezza_owner "$owner")"
  quietly "Bringing the database up to date" server migrate "$@"
  quietly "Giving the server its rights" as_role nerezza_owner "$owner" -d nerezza -f "$root/scripts/grants.sql" -v app=nerezza_app
  export NEREZZA_DB="$(connection nerezza_app "$app")"
}

stop_database() {
  [ "${started_database:-no}" = yes ] || return 0
  as_owner "$(postgres_bin)/pg_ctl" -D "$cluster" -m fast -w stop >/dev/null 2>&1 || true
}
