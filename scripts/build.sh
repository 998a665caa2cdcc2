# Builds the server and the interface, once. Sourced.

server_dll=$root/src/Hippodrome.Server/bin/Release/net10.0/Hippodrome.Server.dll

# Dies with what a failed step printed: its errors, or its last lines where it names none.
say_why() {
  grep -iE 'error' "$1" | sort -u | head -n 20 >&2 || tail -n 30 "$1" >&2
  die "$2; the log is $1"
}

install_packages() {
  if [ ui/package-lock.json -nt ui/node_modules/.package-lock.json ]; then
    echo "Fetching the interface's packages…" >&2
    local log
    log=$(mktemp)
    (cd ui && npm ci --no-audit --no-fund --loglevel=error) > "$log" 2>&1 || say_why "$log" "the interface's packages could not be fetched"
    rm -f "$log"
    touch ui/node_modules/.package-lock.json
  fi
}

build_server() {
  local log
  log=$(mktemp)
  dotnet build "$1" -c Release --nologo -v quiet > "$log" 2>&1 || say_why "$log" "the server does not build"
  rm -f "$log"
}

# Core for the browser, in a folder named after what it was made from: nothing is done where that is there already.
build_device() {
  local made_from folder log
  made_from=$(find src/Hippodrome.Core src/Hippodrome.Device Directory.*.props global.json -type f -not -path '*/obj/*' -not -path '*/bin/*' \
    | LC_ALL=C sort | xargs sha256sum | sha256sum | cut -c1-12)
  [ -d "ui/public/device/$made_from" ] && return
  log=$(mktemp)
  folder=$(mktemp -d)
  dotnet publish src/Hippodrome.Device -c Release --nologo -v quiet -o "$folder" > "$log" 2>&1 || say_why "$log" "Core for the device does not build"
  rm -rf ui/public/device
  mkdir -p ui/public/device
  # For whoever takes them all along.
  (cd "$folder/wwwroot/_framework" && find . -type f -printf '"%P"\n' | LC_ALL=C sort | paste -sd, | sed 's/.*/[&]/' > ../files.json && mv ../files.json .)
  mv "$folder/wwwroot/_framework" "ui/public/device/$made_from"
  rm -rf "$log" "$folder"
}

build_ui() {
  local log
  log=$(mktemp)
  (cd ui && npm run build --silent) > "$log" 2>&1 || say_why "$log" "the interface does not build"
  rm -f "$log"
}

# Skips everything when no source is newer than the last good build: the second start is a quick one.
build_once() {
  local stamp=.hippodrome/built
  if [ -f "$stamp" ] && [ -f "$server_dll" ] && [ -f ui/dist/index.html ] \
    && [ -z "$(find src ui/src ui/index.html ui/package-lock.json ui/vite.config.ts ui/uno.config.ts ui/device.ts ui/figures.mjs ui/serviceWorker.ts Directory.*.props global.json -newer "$stamp" \
      -type f -not -path '*/obj/*' -not -path '*/bin/*' -not -path 'ui/src/api/*' -print -quit)" ]; then
    return
  fi
  mkdir -p .hippodrome
  touch .hippodrome/building
  need_space "$root"
  echo "Building the server…" >&2
  build_server src/Hippodrome.Server
  echo "Building Core for the device…" >&2
  build_device
  install_packages
  echo "Building the interface…" >&2
  build_ui
  mv .hippodrome/building "$stamp"
}
