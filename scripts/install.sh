# What must be on the machine: the .NET SDK and Node from the user, the rest from Debian's packages.
require_dotnet() { command -v dotnet >/dev/null || fail "the .NET SDK 10 is not here; install it, then try again"; }
require_node() {
  command -v node >/dev/null && command -v npm >/dev/null || fail "Node 20 with npm is not here; install it, then try again"
  [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ] || fail "Node $(node --version) is too old; version 20 or newer is needed"
}

# install_packages NAME ...: from Debian, as root; otherwise says exactly what to run.
install_packages() {
  [ "$(id -u)" = 0 ] || fail "missing: $*. Run: sudo apt-get install $*"
  command -v apt-get >/dev/null || fail "missing: $*. This machine has no apt-get; install them by hand, then try again"
  quietly "Looking up Debian's packages" apt-get update -q
  DEBIAN_FRONTEND=noninteractive quietly "Installing $*" apt-get install -y -q --no-install-recommends "$@"
}

postgres_bin() { find /usr/lib/postgresql -maxdepth 3 -name pg_ctl -printf '%h\n' 2>/dev/null | sort -V | tail -n 1; }

require_postgres() {
  [ -n "$(postgres_bin)" ] && return
  # The package would otherwise start a cluster of its own beside ours.
  if [ "$(id -u)" = 0 ] && [ ! -e /etc/postgresql-common/createcluster.conf ]; then
    mkdir -p /etc/postgresql-common
    echo 'create_main_cluster = false' >/etc/postgresql-common/createcluster.conf
  fi
  install_packages postgresql
}

# The proxy that docs/deploy.md shows, for its test; its own service is not started.
require_proxies() {
  local missing=()
  [ -x /usr/sbin/nginx ] || missing+=(nginx-light)
  [ -x /usr/bin/caddy ] || missing+=(caddy)
  [ ${#missing[@]} -eq 0 ] || RUNLEVEL=1 install_packages "${missing[@]}"
}

require_chromium() {
  local missing=()
  [ -x /usr/bin/chromium ] || missing+=(chromium)
  [ -x /usr/bin/chromedriver ] || missing+=(chromium-driver)
  [ -x /usr/bin/pdftotext ] || missing+=(poppler-utils) # reads back what was printed
  [ ${#missing[@]} -eq 0 ] || install_packages "${missing[@]}"
}
