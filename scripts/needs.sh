# What a machine must have, and one clear line when it has not. Sourced.

die() {
  echo "hippodrome: $*" >&2
  exit 1
}

need_sdk() {
  command -v dotnet > /dev/null || die "the .NET SDK is missing: install version 10"
  dotnet --list-sdks | grep -q '^10\.' || die "the .NET SDK is too old: version 10 is needed, found $(dotnet --list-sdks | tail -n 1 | cut -d' ' -f1)"
}

need_node() {
  command -v node > /dev/null || die "Node.js is missing: install version 20 or newer"
  local major
  major=$(node -p 'process.versions.node.split(".")[0]')
  [ "$major" -ge 20 ] || die "Node.js is too old: version 20 is needed, found $major"
  command -v npm > /dev/null || die "npm is missing: it comes with Node.js"
}

need_space() {
  local free
  free=$(df -Pk "$1" | awk 'NR == 2 { print $4 }')
  [ "$free" -ge 400000 ] || die "too little disk space under $1: 400 MB are needed, $((free / 1024)) MB are free"
}

# The newest PostgreSQL server's programs, or nothing.
postgresql_bin() {
  local found
  found=$(ls -d /usr/lib/postgresql/*/bin/initdb 2> /dev/null | sort -V | tail -n 1)
  [ -n "$found" ] || found=$(command -v initdb || true)
  [ -n "$found" ] && [ -x "$(dirname "$(readlink -f "$found")")/postgres" ] && dirname "$(readlink -f "$found")"
}

apt_install() {
  [ "$(id -u)" = 0 ] || die "$1 is missing: as an administrator run 'apt-get install $1'"
  command -v apt-get > /dev/null || die "$1 is missing, and this is no Debian that could install it: install it by hand"
  echo "Installing $1 from Debian's packages…" >&2
  local log
  log=$(mktemp)
  { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"; } > "$log" 2>&1 \
    || { tail -n 3 "$log" >&2; die "$1 could not be installed from Debian's packages; the log is $log"; }
  rm -f "$log"
}

need_postgresql() {
  pg_bin=$(postgresql_bin || true)
  if [ -z "$pg_bin" ]; then
    # Debian's package makes a cluster of its own and starts it, unless told not to. It is none of ours.
    local quiet=/etc/postgresql-common/createcluster.d/hippodrome.conf
    if [ "$(id -u)" = 0 ]; then
      mkdir -p "$(dirname "$quiet")"
      echo "create_main_cluster = false" > "$quiet"
    fi
    apt_install postgresql
    rm -f "$quiet"
    pg_bin=$(postgresql_bin) || die "PostgreSQL was installed but its server programs are not there"
  fi
}

need_chromium() {
  command -v chromium > /dev/null || apt_install chromium
}
