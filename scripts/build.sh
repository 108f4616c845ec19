# Builds only what changed: a stamp holds the fingerprint of the sources.
fingerprint() { (cd "$root" && find "$@" -type f -not -path '*/bin/*' -not -path '*/obj/*' -not -path '*/node_modules/*' -not -path '*/dist/*' -not -path 'web/tests/*' -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -c1-16); }

# unless_built STAMP "SOURCES" COMMAND ...: builds only when the sources changed since the stamp was set.
unless_built() {
  local stamp="$root/$1" now; now="$(fingerprint $2)"; shift 2
  [ "$(cat "$stamp" 2>/dev/null)" = "$now" ] && return
  "$@"
  printf '%s' "$now" >"$stamp"
}

shared="Directory.Build.props Directory.Packages.props build src/Nerezza.Core src/Nerezza.Formats"

build_cli() {
  require_dotnet
  unless_built src/Nerezza.Cli/bin/Release/stamp "$shared src/Nerezza.Cli" quietly "Building the command line" dotnet build -c Release "$root/src/Nerezza.Cli"
}

build_server() {
  require_dotnet
  unless_built src/Nerezza.Web/bin/Release/stamp "Directory.Build.props Directory.Packages.props build src" quietly "Building the server" dotnet build -c Release "$root/src/Nerezza.Web"
}

install_front_end() {
  require_node
  unless_built web/node_modules/.nerezza-stamp web/package-lock.json quietly "Fetching the front end's packages" npm --prefix "$root/web" ci --no-audit --no-fund
}

# Core compiled for the page: the same rules, loaded when a view first asks for them.
build_page() {
  require_dotnet
  unless_built src/Nerezza.Page/bin/stamp "$shared src/Nerezza.Page" quietly "Compiling the rules for the page" dotnet publish -c Release "$root/src/Nerezza.Page" -o "$root/src/Nerezza.Page/bin/page"
}

pack_front_end() {
  quietly "Building the front end" npm --prefix "$root/web" run build
  (cd "$root/web" && node scripts/compress.mjs)
}

build_front_end() {
  install_front_end
  build_page
  unless_built web/dist/.stamp "web $shared src/Nerezza.Page" pack_front_end
}
