# A PostgreSQL cluster of our own, on loopback only. Sourced.
# data: its folder; pg_bin: the server's programs; server_pid: the web server, when it runs.

server_pid=""
data=""

data_home() {
  # As root the server runs as the postgres user, who cannot look into root's home.
  if [ "$(id -u)" = 0 ]; then echo /var/lib/hippodrome; else echo "${XDG_DATA_HOME:-$HOME/.local/share}/hippodrome"; fi
}

as_postgres() {
  # From a folder that everybody may look into: what runs as somebody else complains of ours.
  if [ "$(id -u)" = 0 ]; then (cd / && exec runuser -u postgres -- "$@"); else "$@"; fi
}

# One of us at a time on one folder. The lock goes with the process, so it cannot grow stale.
hold_data() {
  mkdir -p "$1" || die "the data folder $1 cannot be made"
  need_space "$1"
  [ "$(id -u)" = 0 ] && chmod 755 "$1"
  exec 9> "$1/lock"
  flock -n 9 || die "another Hippodrome is running on $1: stop it first, or give another folder with HIPPODROME_DATA"
}

# What a killed Hippodrome may have left running: its web server and its database.
stop_leftovers() {
  local pid
  pid=$(cat "$data/server.pid" 2> /dev/null || true)
  if [ -n "$pid" ] && tr '\0' ' ' < "/proc/$pid/cmdline" 2> /dev/null | grep -q 'Hippodrome.Server.dll'; then
    kill "$pid" 2> /dev/null || true
    for _ in $(seq 50); do kill -0 "$pid" 2> /dev/null || break; sleep 0.1; done
  fi
  rm -f "$data/server.pid"
  stop_cluster
}

port_free() {
  node -e '
    const server = require("net").createServer();
    server.once("error", () => process.exit(1));
    server.listen(Number(process.argv[2]), process.argv[1], () => server.close());
  ' "$1" "$2"
}

any_free_port() {
  node -e 'const s = require("net").createServer(); s.listen(0, "127.0.0.1", () => { console.log(s.address().port); s.close(); });'
}

make_cluster() {
  local secret pwfile log
  secret=$(od -An -tx1 -N24 /dev/urandom | tr -d ' \n')
  (umask 077; echo "$secret" > "$data/secret")
  mkdir -p "$data/cluster"
  pwfile=$(mktemp)
  log=$(mktemp)
  chmod 600 "$pwfile"
  echo "$secret" > "$pwfile"
  [ "$(id -u)" = 0 ] && chown postgres "$data/cluster" "$pwfile"
  as_postgres "$pg_bin/initdb" -D "$data/cluster" -U hippodrome --pwfile="$pwfile" --auth=scram-sha-256 \
    --encoding=UTF8 --locale=C.UTF-8 > "$log" 2>&1 || { rm -rf "$pwfile" "$data/cluster"; die "the database could not be made: $(tail -n 1 "$log")"; }
  rm -f "$pwfile" "$log"
}

start_cluster() {
  [ -f "$data/cluster/PG_VERSION" ] || make_cluster
  [ -r "$data/secret" ] || die "the database's password in $data/secret cannot be read"
  pg_port=$(any_free_port)
  local log=$data/cluster/server.log
  # Settings of ours on the command line; durability stays as PostgreSQL has it.
  as_postgres "$pg_bin/pg_ctl" -D "$data/cluster" -l "$log" -w -t 60 start \
    -o "-c listen_addresses=127.0.0.1 -c port=$pg_port -c unix_socket_directories='' ${pg_more:-}" 9>&- > /dev/null \
    || die "the database does not start: $(tail -n 1 "$log" 2> /dev/null)"
  PGPASSWORD=$(cat "$data/secret") "$pg_bin/psql" -qAt -h 127.0.0.1 -p "$pg_port" -U hippodrome -d postgres \
    -c "select 1 from pg_database where datname = 'hippodrome'" 9>&- | grep 1 > /dev/null \
    || PGPASSWORD=$(cat "$data/secret") "$pg_bin/createdb" -h 127.0.0.1 -p "$pg_port" -U hippodrome hippodrome 9>&-
}

connection_string() {
  echo "Host=127.0.0.1;Port=$pg_port;Database=$1;Username=hippodrome;Password=$(cat "$data/secret")"
}

stop_cluster() {
  [ -n "$data" ] && [ -f "$data/cluster/postmaster.pid" ] || return 0
  as_postgres "$pg_bin/pg_ctl" -D "$data/cluster" -m fast -w -t 30 stop > /dev/null 2>&1 || true
}

drop_cluster() {
  stop_cluster
  rm -rf "$data/cluster" "$data/secret"
}

stop_all() {
  local code=$?
  trap '' INT TERM
  if [ -n "$server_pid" ]; then
    kill -TERM "$server_pid" 2> /dev/null || true
    wait "$server_pid" 2> /dev/null || true
  fi
  [ -n "$data" ] && rm -f "$data/server.pid"
  stop_cluster
  exit "$code"
}
