# Builds only what changed: a stamp holds the fingerprint of the sources.
fingerprint() { (cd "$root" && find "$@" -type f -not -path '*/bin/*' -not -path '*/obj/*' -not -path '*/node_modules/*' -not -path '*/dist/*' -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -c1-16); }

build_cli() {
  require_dotnet
  local now stamp="$root/src/Nerezza.Cli/bin/Release/stamp"
  now="$(fingerprint Directory.Build.props Directory.Packages.props build src/Nerezza.Core src/Nerezza.Formats src/Nerezza.Cli)"
  [ "$(cat "$stamp" 2>/dev/null)" = "$now" ] && return
  quietly "Building the command line" dotnet build -c Release "$root/src/Nerezza.Cli"
  printf '%s' "$now" >"$stamp"
}

build_server() {
  require_dotnet
  local now stamp="$root/src/Nerezza.Web/bin/Release/stamp"
  now="$(fingerprint Directory.Build.props Directory.Packages.props build src)"
  [ "$(cat "$stamp" 2>/dev/null)" = "$now" ] && return
  quietly "Building the server" dotnet build -c Release "$root/src/Nerezza.Web"
  printf '%s' "$now" >"$stamp"
}

install_front_end() {
  require_node
  local now stamp="$root/web/node_modules/.nerezza-stamp"
  now="$(fingerprint web/package-lock.json)"
  [ "$(cat "$stamp" 2>/dev/null)" = "$now" ] && return
  quietly "Fetching the front end's packages" npm --prefix "$root/web" ci --no-audit --no-fund
  printf '%s' "$now" >"$stamp"
}

build_front_end() {
  install_front_end
  local now stamp="$root/web/dist/.stamp"
  now="$(fingerprint web)"
  [ "$(cat "$stamp" 2>/dev/null)" = "$now" ] && return
  quietly "Building the front end" npm --prefix "$root/web" run build
  printf '%s' "$now" >"$stamp"
}
