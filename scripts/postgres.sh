#!/bin/sh
# A PostgreSQL cluster of the project's own, on loopback, run by an unprivileged user.
#   scripts/postgres.sh start DIR   makes it when it is not there, starts it, prints its address (DATABASE_URL)
#   scripts/postgres.sh running DIR whether it runs
#   scripts/postgres.sh stop DIR    stops it
#   scripts/postgres.sh drop DIR    stops it and removes its files
# DIR keeps the password, the port and, where the user may reach it, the data.
set -eu

say() { printf '%s\n' "$*" >&2; }
fail() { say "PostgreSQL: $*"; exit 1; }

verb=${1:-} dir=${2:-}
[ -n "$dir" ] || fail "say what to do and where: $0 start|running|stop|drop DIR"

bin=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -t/ -k5 -n | tail -n 1)
[ -n "$bin" ] || fail "it is not installed. ./run installs it, or: apt-get install postgresql"

# PostgreSQL refuses to run as root; as root it runs as the user the Debian package makes.
if [ "$(id -u)" = 0 ]; then
  user=postgres
  id "$user" >/dev/null 2>&1 || fail "user $user is missing. Make it with: useradd --system $user"
  as() { runuser -u "$user" -- "$@"; }
else
  user=$(id -un)
  as() { "$@"; }
fi

mkdir -p "$dir"
dir=$(cd "$dir" && pwd)
data=$dir/data
# A checkout below somebody's private folder is closed to that user; the data then lies in /var/tmp.
if ! as test -x "$dir"; then
  data=/var/tmp/zymostat-$(printf '%s' "$dir" | cksum | cut -d' ' -f1)
fi

running() { [ -f "$data/postmaster.pid" ] && as "$bin/pg_ctl" -D "$data" status >/dev/null 2>&1; }
free_port() { node -e "const s=require('net').createServer().listen(0,'127.0.0.1',()=>{console.log(s.address().port);s.close()})"; }

make() {
  rm -rf "$data"
  mkdir -p "$data"
  chmod 700 "$data"
  [ "$(id -u)" != 0 ] || chown "$user" "$data"
  (umask 077 && node -e "console.log(require('crypto').randomBytes(18).toString('hex'))" >"$dir/password")
  pwfile=$(mktemp)
  cp "$dir/password" "$pwfile"
  [ "$(id -u)" != 0 ] || chown "$user" "$pwfile"
  (cd / && as "$bin/initdb" -D "$data" -U zymostat --pwfile="$pwfile" --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8 >/dev/null) || { rm -f "$pwfile"; fail "initdb failed in $data"; }
  rm -f "$pwfile"
  touch "$dir/made"
}

start() {
  # An interrupted making leaves no mark, and is made again.
  [ -f "$dir/made" ] && [ -f "$data/PG_VERSION" ] || make
  if ! running; then
    port=$(free_port)
    (cd / && as "$bin/pg_ctl" -D "$data" -l "$data/log" -w -t 60 -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories=''" start >/dev/null) ||
      fail "it did not start; its log is $data/log"
  fi
  port=$(as sed -n 4p "$data/postmaster.pid")
  printf 'postgres://zymostat:%s@127.0.0.1:%s/postgres\n' "$(cat "$dir/password")" "$port"
}

stop() { ! running || (cd / && as "$bin/pg_ctl" -D "$data" -m fast -w stop >/dev/null); }

case $verb in
  start) start ;;
  running) running ;;
  stop) stop ;;
  drop) stop; rm -rf "$data" "$dir/password" "$dir/made" ;;
  *) fail "found '$verb'; start, running, stop and drop are allowed" ;;
esac
