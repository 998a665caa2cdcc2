# What a machine must have, and one clear line when it has not. Sourced.

die() {
  echo "hippodrome: $*" >&2
  exit 1
}

need_sdk() {
  command -v dotnet > /dev/null || die "the .NET SDK is missing: install version 10"
  [[ $'\n'$(dotnet --list-sdks) == *$'\n'10.* ]] || die "the .NET SDK is too old: version 10 is needed, found $(dotnet --list-sdks | tail -n 1 | cut -d' ' -f1)"
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

# What is missing of Debian's packages is collected first and asked for once.
missing=()

need_postgresql() {
  pg_bin=$(postgresql_bin || true)
  [ -n "$pg_bin" ] || missing+=(postgresql)
}

# The browser of the tests: Debian's, without a window.
need_browser() {
  [ -x /usr/bin/chromium-headless-shell ] || missing+=(chromium-headless-shell)
}

# Dates and numbers as they are written here. Debian names the library by its version.
need_icu() {
  # Read whole: a reader that stops early would make the pipe, and so the answer, fail now and then.
  [[ $(ldconfig -p 2> /dev/null) == *libicuuc.so* ]] && return
  missing+=("$(apt-cache search --names-only '^libicu[0-9]+$' 2> /dev/null | sort -V | tail -n 1 | cut -d' ' -f1 | grep . || echo libicu-dev)")
}

# Installs what is missing; where we may not, says what an administrator types, in one line.
install_missing() {
  [ ${#missing[@]} -gt 0 ] || return 0
  # Debian's package makes a database cluster of its own and starts it, unless told not to. It is none of ours.
  local quiet=/etc/postgresql-common/createcluster.d/hippodrome.conf log
  if [ "$(id -u)" != 0 ] || ! command -v apt-get > /dev/null; then
    die "missing here: ${missing[*]}. As an administrator of a Debian machine:
  mkdir -p $(dirname $quiet) && echo 'create_main_cluster = false' > $quiet && apt-get update && apt-get install -y --no-install-recommends ${missing[*]}"
  fi
  echo "Installing ${missing[*]} from Debian's packages…" >&2
  log=$(mktemp)
  mkdir -p "$(dirname $quiet)"
  echo "create_main_cluster = false" > $quiet
  { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } > "$log" 2>&1 \
    || { tail -n 3 "$log" >&2; die "${missing[*]} could not be installed from Debian's packages; the log is $log"; }
  rm -f "$log" $quiet
  case " ${missing[*]} " in *' postgresql '*) pg_bin=$(postgresql_bin) || die "PostgreSQL was installed but its server programs are not there" ;; esac
  missing=()
}
