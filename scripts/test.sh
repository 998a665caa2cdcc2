#!/usr/bin/env bash
# Formatting, lint, and every test; the last line is "N passed, N failed", from the runners' own reports.
set -euo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$root"
export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1

. scripts/needs.sh
. scripts/cluster.sh
. scripts/build.sh

step() { printf '\n== %s\n' "$*"; }

need_sdk
need_node
need_postgresql
need_chromium

reports=$(mktemp -d)
# Where the postgres user can reach it, and gone afterwards whatever happens.
data=$(mktemp -d "${TMPDIR:-/tmp}/hippodrome-test.XXXXXX")
finish() {
  local code=$?
  stop_cluster
  rm -rf "$data" "$reports"
  exit "$code"
}
trap finish EXIT
trap 'exit 130' INT
trap 'exit 143' TERM
[ "$(id -u)" = 0 ] && chmod 755 "$data"

# Two cores: what waits for the network, and what uses one core, goes on beside what uses the other.
step "Build: server, tests, bench; meanwhile the interface's packages"
install_packages &
packages=$!
dotnet build Hippodrome.slnx -c Release --nologo -v quiet
wait "$packages"

failed=0
run_suite() {
  dotnet "tests/$1.Tests/bin/Release/net10.0/$1.Tests.dll" -noLogo -noColor -result-ctrf "$reports/$1.json"
}

step "Interface: client from the API document, types, build, lint; meanwhile the format of the rest and the Core tests"
run_suite Core > "$reports/core.txt" 2>&1 &
core=$!
# Style and analysers are errors of the build itself; what is left is the white space.
dotnet format whitespace Hippodrome.slnx --verify-no-changes --no-restore &
format=$!
(cd ui && npm run build --silent && npm run lint --silent)
wait "$format"

step "Database"
# Nothing here outlives the run, so nothing needs to reach the disk.
pg_more="-c fsync=off -c synchronous_commit=off -c full_page_writes=off -c max_connections=200"
start_cluster
HIPPODROME_TEST_DATABASE=$(connection_string postgres)
export HIPPODROME_TEST_DATABASE

step "Core tests"
wait "$core" || failed=1
cat "$reports/core.txt"

for suite in Storage Server; do
  step "$suite tests"
  run_suite "$suite" || failed=1
done

step "Browser tests"
(cd ui && REPORT="$reports/browser.json" npm run e2e --silent) || failed=1

node scripts/sum.mjs "$reports" Core Storage Server browser || failed=1
exit "$failed"
