#!/usr/bin/env bash
# Formatting, lint, audits and every test; the last line is "N passed, N failed", from the runners' own reports.
set -euo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$root"
# Short runs: code is not worth watching for how it is used before it is compiled better (the count is hexadecimal), nor
# its pages worth guarding while it is written.
export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1 DOTNET_TieredPGO=0 DOTNET_TC_CallCountThreshold=400 DOTNET_EnableWriteXorExecute=0

. scripts/needs.sh
. scripts/cluster.sh
. scripts/build.sh

need_sdk
need_node
need_icu
need_postgresql
need_browser
install_missing

reports=$(mktemp -d)
# Where the postgres user can reach it, and gone afterwards whatever happens.
data=$(mktemp -d "${TMPDIR:-/tmp}/hippodrome-test.XXXXXX")
finish() {
  local code=$? left
  left=$(jobs -p)
  [ -z "$left" ] || kill $left 2> /dev/null || true
  stop_cluster
  rm -rf "$data" "$reports"
  exit "$code"
}
trap finish EXIT
trap 'exit 130' INT
trap 'exit 143' TERM
[ "$(id -u)" = 0 ] && chmod 755 "$data"

# Two cores: parts that do not need one another go on side by side, each into a log of its own.
declare -A running
parts=()
start() {
  local name=$1
  shift
  parts+=("$name")
  (
    SECONDS=0
    code=0
    "$@" > "$reports/$name.log" 2>&1 < /dev/null || code=$?
    echo "$SECONDS" > "$reports/$name.seconds"
    exit "$code"
  ) &
  running[$name]=$!
}

# Waits for a part and shows what it printed; answers whether it went well.
finished() {
  local code=0
  wait "${running[$1]}" || code=$?
  printf '\n== %s (%s s)\n' "$1" "$(cat "$reports/$1.seconds" 2> /dev/null || echo '?')"
  cat "$reports/$1.log"
  return "$code"
}

failed=0
amiss=()
check() { finished "$1" || { failed=1 && amiss+=("$1"); }; }
must() { finished "$1" || die "$1 failed: nothing after it can be tested"; }

# One compiler for all projects, warm after the first; it is not left behind.
build() {
  local code=0
  UseSharedCompilation=true dotnet build Hippodrome.slnx -c Release --nologo -v quiet || code=$?
  dotnet build-server shutdown --vbcscompiler > /dev/null 2>&1 || true
  return "$code"
}
suite() { dotnet "tests/$1.Tests/bin/Release/net10.0/$1.Tests.dll" -noLogo -noColor -result-ctrf "$reports/$1.json"; }
ui() { cd ui && npm run "$1" --silent; }
# The figures of the trade come from the API document, which the build has just written.
units() { cd ui && npm run api --silent && npx vitest run --reporter=dot --reporter=json --outputFile.json="$reports/units.json"; }
# Analysers are errors of the build itself; how C# is laid out is the formatter's.
layout() { dotnet tool restore && dotnet csharpier check . && node scripts/line-ends.mjs; }
audit() {
  local said
  said=$(cd ui && npm audit --audit-level=moderate 2>&1) && return
  # Not every registry has a list of what is unsafe.
  if grep -qE 'audit endpoint returned an error|ENOTFOUND|ECONNREFUSED|ENETUNREACH' <<< "$said"; then
    echo "No registry answered the audit of the interface's packages."
    return
  fi
  echo "$said"
  return 1
}

SECONDS=0
# Nothing here outlives the run, so nothing needs to reach the disk.
pg_more="-c fsync=off -c synchronous_commit=off -c full_page_writes=off -c max_connections=300"
start_cluster
HIPPODROME_TEST_DATABASE=$(connection_string postgres)
export HIPPODROME_TEST_DATABASE REPORT=$reports/browser.json

start packages install_packages
start build build
must packages
start lint ui lint
start format ui format
start audit audit
must build
start device build_device
start units units
start Core suite Core
must device
start bundle ui bundle
must bundle
start browser ui e2e
check Core
start Server suite Server
check Server
start Storage suite Storage
start layout layout
start types ui types
for part in lint format audit units Storage layout types browser; do check "$part"; done

printf '\n== Seconds, of %s in all\n' "$SECONDS"
for part in "${parts[@]}"; do printf '%6s %s\n' "$(cat "$reports/$part.seconds")" "$part"; done
[ ${#amiss[@]} = 0 ] || printf 'Amiss: %s\n' "${amiss[*]}"
node scripts/sum.mjs "$reports" Core Storage Server units browser || failed=1
exit "$failed"
