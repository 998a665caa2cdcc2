#!/usr/bin/env bash
# Benchmarks, never part of the tests: Core by itself, then the server beside its floor on a database of its own.
set -euo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$root"
export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1

. scripts/needs.sh
. scripts/cluster.sh
. scripts/build.sh

need_sdk
need_node
need_icu
need_postgresql
install_missing
what=${1:-all}
bench=bench/Hippodrome.Bench/bin/Release/net10.0/Hippodrome.Bench.dll
build_server bench/Hippodrome.Bench

if [ "$what" = all ] || [ "$what" = core ]; then
  dotnet "$bench" --filter '*'
fi

if [ "$what" = all ] || [ "$what" = blocks ]; then
  dotnet "$bench" blocks "${2:-9}"
fi

# Every property on many more cases than the tests take: an hour's work, asked for by name only.
if [ "$what" = properties ]; then
  data=$(mktemp -d "${TMPDIR:-/tmp}/hippodrome-bench.XXXXXX")
  trap 'stop_cluster; rm -rf "$data"' EXIT
  [ "$(id -u)" = 0 ] && chmod 755 "$data"
  build_server tests/Core.Tests
  build_server tests/Server.Tests
  pg_more="-c fsync=off -c synchronous_commit=off -c full_page_writes=off -c max_connections=300"
  start_cluster
  HIPPODROME_TEST_DATABASE=$(connection_string postgres)
  export HIPPODROME_TEST_DATABASE HIPPODROME_CASES=long CsCheck_Iter=2000
  code=0
  for suite in Core Server; do
    dotnet "tests/$suite.Tests/bin/Release/net10.0/$suite.Tests.dll" -noLogo -noColor || code=1
  done
  exit "$code"
fi

if [ "$what" = all ] || [ "$what" = http ] || [ "$what" = crowd ] || [ "$what" = page ] || [ "$what" = judge ] || [ "$what" = kill ]; then
  data=$(mktemp -d "${TMPDIR:-/tmp}/hippodrome-bench.XXXXXX")
  finish() {
    local code=$?
    [ -n "$server_pid" ] && kill "$server_pid" 2> /dev/null && wait "$server_pid" 2> /dev/null
    stop_cluster
    rm -rf "$data"
    exit "$code"
  }
  trap finish EXIT
  trap 'exit 130' INT
  trap 'exit 143' TERM
  [ "$(id -u)" = 0 ] && chmod 755 "$data"
  # PostgreSQL's own log says what each request asks.
  export HIPPODROME_BENCH_LOG=$data/cluster/log/asked.json
  # What fills the tables is vacuumed by the benchmark itself, before it measures.
  pg_more="-c max_connections=300 -c autovacuum=off -c logging_collector=on -c log_destination=jsonlog -c log_filename=asked -c log_rotation_size=0"
  start_cluster
  HIPPODROME_DATABASE=$(connection_string hippodrome)
  HIPPODROME_BENCH_ADDRESS=http://127.0.0.1:$(any_free_port)
  export HIPPODROME_DATABASE HIPPODROME_BENCH_ADDRESS
  if [ "$what" = all ] || [ "$what" = kill ]; then
    ASPNETCORE_ENVIRONMENT=Production HIPPODROME_BENCH_SERVER=$server_dll dotnet "$bench" kill "${2:-200}"
  fi
  [ "$what" = kill ] && exit 0
  if [ "$what" != http ] && [ "$what" != crowd ]; then
    need_browser
    install_missing
    install_packages
    build_ui
  fi
  HIPPODROME_UI=$root/ui/dist ASPNETCORE_ENVIRONMENT=Production dotnet "$server_dll" --demo true --urls "$HIPPODROME_BENCH_ADDRESS" > "$data/server.out" 2>&1 &
  server_pid=$!
  export HIPPODROME_BENCH_PID=$server_pid
  for _ in $(seq 60); do
    node -e 'fetch(process.argv[1]).then((r) => process.exit(r.ok ? 0 : 1), () => process.exit(1))' "$HIPPODROME_BENCH_ADDRESS/health/ready" && break
    sleep 1
  done
  # The pages first: what grows the yard makes them longer.
  if [ "$what" = crowd ]; then
    dotnet "$bench" crowd
    exit
  fi
  if [ "$what" = judge ] || [ "$what" = all ]; then
    (cd ui && node judged.mjs "$HIPPODROME_BENCH_ADDRESS")
  fi
  [ "$what" = judge ] && exit 0
  [ "$what" = http ] || (cd ui && node throttled.mjs "$HIPPODROME_BENCH_ADDRESS")
  [ "$what" = page ] || dotnet "$bench" http "${3:-200}"
fi
