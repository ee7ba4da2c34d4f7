#!/bin/sh
# A PostgreSQL cluster of the project's own, on loopback, run by an unprivileged user.
#   scripts/postgres.sh start DIR   makes it when it is not there, starts it, prints its superuser's address
#   scripts/postgres.sh roles DIR   the same, with a database of two roles: prints the application's address
#                                   (DATABASE_URL) and its owner's (DATABASE_OWNER_URL)
#   scripts/postgres.sh running DIR whether it runs
#   scripts/postgres.sh stop DIR    stops it
#   scripts/postgres.sh drop DIR    stops it and removes its files
# DIR keeps the password, the port and, where the user may reach it, the data.
set -eu

say() { printf '%s\n' "$*" >&2; }
fail() { say "PostgreSQL: $*"; exit 1; }

verb=${1:-} dir=${2:-}
[ -n "$dir" ] || fail "say what to do and where: $0 start|roles|running|stop|drop DIR"

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

# One at a time makes, starts or stops it.
if command -v flock >/dev/null 2>&1 && [ -z "${ZYMOSTAT_LOCKED:-}" ] && [ "$verb" != running ]; then
  ZYMOSTAT_LOCKED=yes exec flock -o "$dir/lock" "$0" "$verb" "$dir"
fi

running() { [ -f "$data/postmaster.pid" ] && as "$bin/pg_ctl" -D "$data" status >/dev/null 2>&1; }
free_port() { node -e "const s=require('net').createServer().listen(0,'127.0.0.1',()=>{console.log(s.address().port);s.close()})"; }

port_is_free() { node -e "require('net').createServer().once('error',()=>process.exit(1)).listen($1,'127.0.0.1',function(){this.close()})"; }

secret() { # secret NAME: made the first time, readable by this user only
  [ -f "$dir/$1" ] || (umask 077 && node -e "console.log(require('crypto').randomBytes(18).toString('hex'))" >"$dir/$1")
  cat "$dir/$1"
}

# Who owns the tables and who works with them are two, and neither is a superuser.
roles() {
  admin=$(start)
  owner_secret=$(secret owner) app_secret=$(secret app)
  "$bin/psql" "$admin" -q -v ON_ERROR_STOP=1 >/dev/null <<SQL
DO \$\$ BEGIN
  IF NOT EXISTS (SELECT FROM pg_roles WHERE rolname = 'zymostat_owner') THEN CREATE ROLE zymostat_owner LOGIN; END IF;
  IF NOT EXISTS (SELECT FROM pg_roles WHERE rolname = 'zymostat_app') THEN CREATE ROLE zymostat_app LOGIN; END IF;
END \$\$;
ALTER ROLE zymostat_owner PASSWORD '$owner_secret';
ALTER ROLE zymostat_app PASSWORD '$app_secret';
SELECT 'CREATE DATABASE zymostat OWNER zymostat_owner' WHERE NOT EXISTS (SELECT FROM pg_database WHERE datname = 'zymostat') \gexec
SQL
  at=${admin##*@}
  at=${at%/*}
  printf 'postgres://zymostat_app:%s@%s/zymostat\n' "$app_secret" "$at"
  printf 'postgres://zymostat_owner:%s@%s/zymostat\n' "$owner_secret" "$at"
}

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
    # The same port as last time, where nobody else has taken it: whoever kept its address finds it.
    port=$(cat "$dir/port" 2>/dev/null || true)
    [ -n "$port" ] && port_is_free "$port" || port=$(free_port)
    printf '%s\n' "$port" >"$dir/port"
    (cd / && as "$bin/pg_ctl" -D "$data" -l "$data/log" -w -t 60 -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories=''" start >/dev/null) ||
      fail "it did not start; its log is $data/log"
  fi
  port=$(as sed -n 4p "$data/postmaster.pid")
  printf 'postgres://zymostat:%s@127.0.0.1:%s/postgres\n' "$(cat "$dir/password")" "$port"
}

stop() { ! running || (cd / && as "$bin/pg_ctl" -D "$data" -m fast -w stop >/dev/null); }

case $verb in
  start) start ;;
  roles) roles ;;
  running) running ;;
  stop) stop ;;
  drop) stop; rm -rf "$data" "$dir/password" "$dir/made" "$dir/port" "$dir/owner" "$dir/app" ;;
  *) fail "found '$verb'; start, roles, running, stop and drop are allowed" ;;
esac
