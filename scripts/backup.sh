# backup, restore, upgrade: everything that the database holds in one file, and back. docs/deploy.md, "Backups", says how they are used.
# The file is a tar of manifest.json, tables.tsv (what each table held, by prints.sql) and database.dump (pg_dump's own format).

backup_parts="database.dump manifest.json tables.tsv"

# reach_database: PG... of the environment, for pg_dump and psql. The superuser of the private cluster, or who NEREZZA_BACKUP_DB or NEREZZA_DB names.
reach_database() {
  if [ "${started_database:-no}" = yes ] && [ -z "${NEREZZA_BACKUP_DB:-}" ]; then
    export PGHOST=127.0.0.1 PGPORT="$(cat "$data/port")" PGDATABASE=nerezza PGUSER=nerezza PGPASSWORD="$(cat "$data/password")"
    return
  fi
  local line
  while IFS= read -r line; do export "${line?}"; done < <(node -e '
    const names = { host: "PGHOST", server: "PGHOST", port: "PGPORT", database: "PGDATABASE", username: "PGUSER", "user id": "PGUSER", password: "PGPASSWORD" };
    for (const [, key, value] of process.argv[1].matchAll(/([^=;]+)=("[^"]*"|\x27[^\x27]*\x27|[^;]*)/g)) {
      const name = names[key.trim().toLowerCase()];
      if (name) console.log(`${name}=${value.trim().replace(/^(["\x27])(.*)\1$/, "$2")}`);
    }' "${NEREZZA_BACKUP_DB:-$NEREZZA_DB}")
}

# ask DATABASE ARGUMENTS ...: psql that prints bare rows.
ask() { local database="$1"; shift; "$(postgres_bin)/psql" -X -q -A -t -F "$(printf '\t')" -v ON_ERROR_STOP=1 -d "$database" "$@"; }

prints_of() { ask "$1" -f "$root/scripts/prints.sql"; }

# Two backups of one data folder do not run at once.
alone() {
  mkdir -p "$data"
  exec 9>"$data/backup.lock"
  flock -n 9 || fail "another backup or restore of $data is running; wait for it"
}

# open_data ARGUMENTS ...: the data folder and the file of a command; what else was said stays in $more.
open_data() {
  data="$root/.nerezza" file="" more=""
  local verb="$1"; shift
  while [ $# -gt 0 ]; do
    case "$1" in
      --data) [ $# -gt 1 ] || fail "--data wants a folder"; mkdir -p "$2" 2>/dev/null || fail "the data folder $2 cannot be made"; data="$(cd "$2" && pwd)"; shift 2 ;;
      --over) [ "$verb" = restore ] || fail "'$1' is not an option of $verb"; more=over; shift ;;
      -*) fail "'$1' is not an option of $verb; ./nerezza help lists them" ;;
      *) [ -z "$file" ] || fail "one file at a time"; file="$1"; shift ;;
    esac
  done
  require_dotnet
  require_node
  read_settings
}

# open_database: a database that a running server keeps is left running.
open_database() {
  if [ -z "${NEREZZA_DB:-}" ]; then
    require_postgres
    cluster_place
    as_owner "$(postgres_bin)/pg_ctl" -D "$cluster" status >/dev/null 2>&1 || trap stop_database EXIT
    start_database
  fi
  reach_database
}

run_backup() {
  open_data backup "$@"
  [ -n "$file" ] || fail "backup wants a file: ./nerezza backup nerezza.tar"
  [ ! -e "$file" ] || fail "$file is there already; choose another name"
  [ -d "$(dirname "$file")" ] || fail "there is no folder $(dirname "$file")"
  if [ -z "${NEREZZA_DB:-}" ]; then
    cluster_place
    [ -f "$cluster/PG_VERSION" ] || fail "there is no database in $data yet; run ./nerezza start first"
  fi
  open_database
  alone
  make_backup "$file" || exit 1
  say "$file holds the database ($(du -h "$file" | cut -f1)); it was restored into a scratch database and is the same there, table by table."
}

# make_backup FILE: consistent while the server writes, and restored once before it is called done. How it ended stands in the database.
make_backup() {
  local began=$SECONDS said
  said="$(mktemp)"
  if (write_backup "$1") 2>"$said"; then
    keep_result "$1" "$(stat -c %s "$1")" $((SECONDS - began)) ""
    rm -f "$said"
    return
  fi
  cat "$said" >&2
  keep_result "$1" 0 $((SECONDS - began)) "$(tail -n 1 "$said" | sed 's/^nerezza: //' | cut -c1-500)"
  rm -f "$said"
  return 1
}

keep_result() {
  ask "$PGDATABASE" -v file="$(basename "$1")" -v bytes="$2" -v seconds="$3" -v fault="$4" >/dev/null 2>&1 <<'SQL' || true
INSERT INTO backups (at, file, bytes, seconds, fault) VALUES (now(), :'file', :bytes, :seconds, nullif(:'fault', ''));
DELETE FROM backups WHERE at < now() - interval '90 days';
SQL
}

# In brackets: it ends by fail, and leaves neither a scratch database nor half a file.
write_backup() {
  # Not local: the trap outlives the function.
  file="$1" scratch="${PGDATABASE}_check"
  local snapshot
  part="$(dirname "$file")/.$(basename "$file").part"
  umask 077
  rm -rf "$part" && mkdir "$part" || fail "nothing can be written beside $file"
  trap 'rm -rf "$part" "$part.tar"; drop_database "$scratch"' EXIT
  # One transaction lends its view of the database to pg_dump, and counts what that view holds.
  coproc holder { ask "$PGDATABASE" 2>&1; }
  printf 'BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY;\nSELECT pg_export_snapshot();\n' >&"${holder[1]}"
  read -r -t 60 snapshot <&"${holder[0]}" || fail "the database does not answer"
  case "$snapshot" in *[!0-9A-F-]*) fail "the database cannot be read: $snapshot" ;; esac
  "$(postgres_bin)/pg_dump" --snapshot="$snapshot" --format=custom --no-owner --no-privileges --file="$part/database.dump" \
    || fail "the database could not be read to its end"
  printf '\\i %s\n\\echo .\n' "$root/scripts/prints.sql" >&"${holder[1]}"
  local line
  while :; do
    IFS= read -r -t 600 line <&"${holder[0]}" || fail "what the tables hold could not be counted"
    [ "$line" != . ] || break
    printf '%s\n' "$line"
  done >"$part/tables.tsv"
  printf '\\q\n' >&"${holder[1]}"
  write_manifest "$part" || fail "the manifest could not be written"
  read_back "$part" "$scratch" || fail "the backup was not the same when it was restored; nothing was kept"
  # shellcheck disable=SC2086
  tar -C "$part" -cf "$part.tar" $backup_parts && sync "$part.tar" && mv "$part.tar" "$file" || fail "$file could not be written"
}

sum_of() { sha256sum "$1" | cut -d ' ' -f 1; }

write_manifest() {
  local part="$1" migration
  migration="$(newest_migration "$PGDATABASE")"
  [ -n "$migration" ] || { say "the database has no structure yet; there is nothing to keep"; return 1; }
  node -e '
    const [file, migration, postgres, keys, dump, tables] = process.argv.slice(1);
    const manifest = { format: "nerezza.backup", version: 1, takenAt: new Date().toISOString(), migration, postgres: +postgres, keys,
      files: { "database.dump": dump, "tables.tsv": tables } };
    require("fs").writeFileSync(file, JSON.stringify(manifest, null, 2) + "\n");' \
    "$part/manifest.json" "$migration" "$("$(postgres_bin)/pg_dump" --version | grep -oE '[0-9]+' | head -n 1)" \
    "$(keys_print)" "$(sum_of "$part/database.dump")" "$(sum_of "$part/tables.tsv")"
}

# manifest_says FOLDER PATH: one thing of it, such as "migration" or "files tables.tsv"; empty where it does not say.
manifest_says() {
  node -p 'process.argv[2].split(" ").reduce((at, name) => at?.[name], JSON.parse(require("fs").readFileSync(process.argv[1], "utf8"))) ?? ""' \
    "$1/manifest.json" "$2"
}

# keys_print: which file the keys behind the cookies are encrypted with, without saying anything of it; empty where there is none.
keys_print() {
  local file
  for file in "${NEREZZA_KEYS_FILE:-}" "$(keys_of_server)" "$data/keys.pfx"; do
    [ -z "$file" ] || [ ! -s "$file" ] || { sum_of "$file"; return; }
  done
}

# known_migrations: those that this version has, first to last.
known_migrations() { (cd "$root/src/Nerezza.Data/Migrations" && ls | grep -oE '^[0-9]{14}_[A-Za-z]+' | sort -u); }

# newest_migration DATABASE: empty where it has no structure yet.
newest_migration() { ask "$1" -c 'SELECT max(migration_id) FROM "__EFMigrationsHistory"' 2>/dev/null || true; }

# read_back FOLDER DATABASE: makes the database from the parts, and holds every table against what was counted.
read_back() {
  local part="$1" into="$2" owner="${3:-}"
  drop_database "$into"
  if ! ask postgres -c "CREATE DATABASE \"$into\"${owner:+ OWNER \"$owner\"}"; then
    say "the role $PGUSER may not make a database; name one that may in NEREZZA_BACKUP_DB"
    return 1
  fi
  [ -z "$owner" ] || ask "$into" -c "ALTER SCHEMA public OWNER TO \"$owner\"" || return 1
  "$(postgres_bin)/pg_restore" --exit-on-error --no-owner --no-privileges ${owner:+--role="$owner"} -d "$into" "$part/database.dump" || return 1
  prints_of "$into" | diff "$part/tables.tsv" - >&2
}

drop_database() { ask postgres -c "DROP DATABASE IF EXISTS \"$1\" WITH (FORCE)" >/dev/null 2>&1 || true; }

run_restore() {
  open_data restore "$@"
  [ -n "$file" ] || fail "restore wants a file: ./nerezza restore nerezza.tar"
  [ -f "$file" ] || fail "there is no file $file"
  file="$(cd "$(dirname "$file")" && pwd)/$(basename "$file")"
  build_server
  as=() place="$root"
  alone
  work="$(mktemp -d "$data/restore.XXXXXX")" # not local: the trap outlives the function
  trap 'rm -rf "$work"; stop_database' EXIT
  unpack_backup "$work"
  start_database
  reach_database
  [ "${started_database:-no}" != yes ] || make_roles nerezza
  local stands="$PGDATABASE" new="${PGDATABASE}_restored" before="${PGDATABASE}_before" owner=""
  [ "${started_database:-no}" != yes ] || owner=nerezza_owner
  may_replace "$stands"
  quietly "Reading the backup in and comparing it" read_back "$work" "$new" "$owner"
  bring_up_to_date "$new"
  # Else the first pages are slow, until the database has looked at its tables by itself.
  ask "$new" -c ANALYZE
  # Keys of another machine open nothing here: everybody signs in again.
  [ "$(manifest_says "$work" keys)" = "$(keys_print)" ] \
    || ask "$new" -c 'DELETE FROM data_protection_keys'
  drop_database "$before"
  # Both names change together or not at all: no kill leaves the machine without a database.
  ask postgres -c "BEGIN; ALTER DATABASE \"$stands\" RENAME TO \"$before\"; ALTER DATABASE \"$new\" RENAME TO \"$stands\"; COMMIT" \
    || fail "somebody is connected to the database; stop ./nerezza start, then try again. Nothing was changed"
  drop_database "$before"
  say "Restored: $(ask "$stands" -c "SELECT (SELECT count(*) FROM clients) || ' clients, ' || (SELECT count(*) FROM logged_sets) || ' sets'"). ./nerezza start --empty serves it."
  [ -n "$owner" ] || say "The database is your own: give the server its rights again by scripts/grants.sql (docs/deploy.md)."
}

unpack_backup() {
  local work="$1" name
  [ "$(tar -tf "$file" 2>/dev/null | sort | tr '\n' ' ')" = "$backup_parts " ] || fail "$file is no backup of Nerezza"
  # shellcheck disable=SC2086
  tar -C "$work" -xf "$file" --no-same-owner $backup_parts || fail "$file cannot be read"
  [ "$(manifest_says "$work" format) $(manifest_says "$work" version)" = "nerezza.backup 1" ] \
    || fail "$file was written in a form that this version does not know"
  for name in database.dump tables.tsv; do
    [ "$(sum_of "$work/$name")" = "$(manifest_says "$work" "files $name")" ] || fail "$name in it is damaged: $file cannot be restored"
  done
  known_migrations | grep -xF "$(manifest_says "$work" migration)" >/dev/null \
    || fail "$file was taken by a newer version of Nerezza; bring this one up to date first"
  say "Taken $(manifest_says "$work" takenAt)"
}

# may_replace DATABASE: never over somebody's work unless told, and then only after a backup of it.
may_replace() {
  local stands="$1" clients
  [ "$(ask postgres -c "SELECT count(*) FROM pg_stat_activity WHERE datname = '$stands' AND pid <> pg_backend_pid()")" = 0 ] \
    || fail "somebody is connected to the database; stop ./nerezza start, then try again. Nothing was changed"
  clients="$(ask "$stands" -c 'SELECT count(*) FROM clients' 2>/dev/null || printf 0)"
  [ "$clients" != 0 ] || return 0
  [ "$more" = over ] || fail "a practice with $clients clients stands there; --over puts the backup in its place, after a backup of what stands. Nothing was changed"
  mkdir -p "$data/backups"
  local kept="$data/backups/before-restore-$(date -u +%Y%m%dT%H%M%SZ).tar"
  make_backup "$kept" || fail "what stands there could not be backed up; nothing was changed"
  say "What stood there is in $kept"
}

# bring_up_to_date DATABASE: migrations and rights, as start does it.
bring_up_to_date() {
  if [ "${started_database:-no}" = yes ]; then
    make_roles "$1"
    local owner; owner="$(word owner-password)"
    NEREZZA_DB="$(connection nerezza_owner "$owner" | sed "s/Database=nerezza;/Database=$1;/")" quietly "Bringing it up to date" server migrate
    quietly "Giving the server its rights" as_role nerezza_owner "$owner" -d "$1" -f "$root/scripts/grants.sql" -v app=nerezza_app
  else
    NEREZZA_DB="Host=$PGHOST;Port=${PGPORT:-5432};Database=$1;Username=$PGUSER;Password=${PGPASSWORD:-}" quietly "Bringing it up to date" server migrate
  fi
}

# upgrade: what start does to a database of an earlier version, without serving.
run_upgrade() {
  open_data upgrade "$@"
  build_server
  as=() place="$root"
  open_database
  alone
  prepare_database
  say "The database is up to date ($(newest_migration "$PGDATABASE"))."
}

# keep_before_upgrade: a backup, where migrations are still to come and somebody's work stands there.
keep_before_upgrade() {
  local newest there
  newest="$(known_migrations | tail -n 1)"
  reach_database
  there="$(newest_migration "$PGDATABASE")"
  [ -n "$there" ] && [ "$there" != "$newest" ] || return 0
  [ "$(ask "$PGDATABASE" -c 'SELECT count(*) FROM clients' 2>/dev/null || printf 0)" != 0 ] || return 0
  mkdir -p "$data/backups"
  local kept="$data/backups/before-$newest-$(date -u +%Y%m%dT%H%M%SZ).tar"
  say "The database is of an earlier version; a backup of it goes to $kept"
  (alone && make_backup "$kept") || fail "the database could not be backed up before its structure changes; nothing was changed"
}

# keep_backups: one a day from the hour on, as long as the server runs; a day that was missed is made up for at the next start.
keep_backups() {
  mkdir -p "$NEREZZA_BACKUPS" || { say "The folder for backups, $NEREZZA_BACKUPS, cannot be made."; return; }
  while :; do
    local today; today="$(date +%F)"
    if [ ! -e "$NEREZZA_BACKUPS/nerezza-$today.tar" ] && [ "$(date +%-H)" -ge "${NEREZZA_BACKUP_HOUR:-3}" ]; then
      # In brackets: who waits for another backup tries again, and the loop goes on.
      if (alone && make_backup "$NEREZZA_BACKUPS/nerezza-$today.tar"); then
        (cd "$NEREZZA_BACKUPS" && ls nerezza-????-??-??.tar | not_kept | xargs -r rm -f)
      else
        say "The backup of $today did not work; it is tried again in an hour."
        sleep 3000
      fi
    fi
    sleep 600
  done
}

# not_kept: of the names of daily backups, those to throw away: all but the last seven and the last of each of the last four weeks.
not_kept() {
  local name day week kept=0 weeks="" dailies=7 most=4
  sort -r | while IFS= read -r name; do
    day="${name#nerezza-}" day="${day%.tar}"
    week="$(date -d "$day" +%G%V)"
    kept=$((kept + 1))
    case " $weeks " in
      *" $week "*) ;;
      *) if [ "$(wc -w <<<"$weeks")" -lt $most ]; then weeks="$weeks $week"; continue; fi ;;
    esac
    [ "$kept" -le $dailies ] || printf '%s\n' "$name"
  done
}
