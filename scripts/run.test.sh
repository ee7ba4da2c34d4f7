#!/bin/sh
# What ./run does when things go wrong: prints "ok" or "not ok" for each, and at the end how many.
#   scripts/run.test.sh
set -u
cd "$(dirname "$0")/.."

ZYMOSTAT_LOCAL=$(mktemp -d "${TMPDIR:-/tmp}/zymostat-run-XXXXXX")
chmod 755 "$ZYMOSTAT_LOCAL"
export ZYMOSTAT_LOCAL
unset DATABASE_URL DATABASE_OWNER_URL ANCHOR_KEY ANCHORS_FILE
passed=0 failed=0

check() { # check NAME COMMAND...
  name=$1
  shift
  if "$@"; then passed=$((passed + 1)) && printf 'ok %s\n' "$name"
  else failed=$((failed + 1)) && printf 'not ok %s\n' "$name"
  fi
}
says() { grep -q -- "$2" "$ZYMOSTAT_LOCAL/$1.log"; }
free_port() { node -e "const s=require('net').createServer().listen(0,'127.0.0.1',()=>{console.log(s.address().port);s.close()})"; }
answers() { node -e "fetch('http://127.0.0.1:$1/api/openapi.json').then(r=>process.exit(r.ok?0:1),()=>process.exit(1))"; }

# Starts ./run in a session of its own, as a terminal would.
start() { # start LOG ARGUMENTS...
  log=$ZYMOSTAT_LOCAL/$1.log
  shift
  setsid ./run "$@" >"$log" 2>&1 &
  started=$!
}
wait_for() { # wait_for LOG TEXT
  for _ in $(seq 900); do
    if says "$1" "$2"; then return 0; fi
    sleep 0.1
  done
  cat "$ZYMOSTAT_LOCAL/$1.log"
  return 1
}
end() { kill "-$2" "$1" 2>/dev/null; wait "$1" 2>/dev/null; true; }
database_runs() { scripts/postgres.sh running "$ZYMOSTAT_LOCAL/$1"; }
not() { ! "$@"; }
refused() { # refused TEXT ARGUMENTS...
  text=$1
  shift
  ./run "$@" >"$ZYMOSTAT_LOCAL/refused.log" 2>&1 && return 1
  says refused "$text"
}

# ---------- ports ----------
for port in 80 0 08 65536 99999 100000000 abc -1; do
  check "port $port is refused with what is allowed" refused 'from 1024 to 65535' demo --port "$port"
done
taken=$(free_port)
node -e "require('net').createServer().listen($taken,'127.0.0.1')" &
holder=$!
sleep 0.5
check 'a port that is taken is refused' refused "port $taken is taken" serve --port "$taken"
kill $holder
check 'processes are a number' refused 'from 1 to 99' serve --processes many

# ---------- an address that is wrong ----------
wrong_address() {
  DATABASE_URL=postgres://nobody:x@127.0.0.1:1/none ./run serve >"$ZYMOSTAT_LOCAL/wrong.log" 2>&1 && return 1
  says wrong 'DATABASE_URL' && not says wrong 'reset'
}
check 'a wrong DATABASE_URL is named, and no reset is advised' wrong_address

# ---------- interrupted while seeding ----------
one=$(free_port)
start first demo --port "$one"
interrupted() {
  wait_for first 'seeding the demo data' || return 1
  sleep 2
  pkill -KILL -f "server/dist/seed.js"
  end "$started" TERM
  start first demo --port "$one"
  wait_for first 'Ctrl-C stops everything' && answers "$one"
}
check 'a demo interrupted while seeding is made anew' interrupted
first=$started
port_before=$(cat "$ZYMOSTAT_LOCAL/postgres/port")

# ---------- two of one checkout ----------
check 'reset under a running demo is refused' refused 'that uses it' reset
two=$(free_port)
start second demo --port "$two"
second=$started
check 'a second demo of the checkout starts' wait_for second 'Ctrl-C stops everything'
end "$first" TERM
check 'the second goes on when the first ends' answers "$two"

# ---------- backup, restore, import ----------
backed_up() {
  ./run backup "$ZYMOSTAT_LOCAL/demo.backup" --demo >"$ZYMOSTAT_LOCAL/backup.log" 2>&1 || return 1
  grep -o 'Head: .*' "$ZYMOSTAT_LOCAL/backup.log" >"$ZYMOSTAT_LOCAL/head"
}
check 'a backup is made while it runs, and verified' backed_up
check 'a backup overwrites nothing' refused 'there already' backup "$ZYMOSTAT_LOCAL/demo.backup" --demo
check 'nothing is restored over what is there' refused 'nothing is overwritten' restore "$ZYMOSTAT_LOCAL/demo.backup" --demo
restored() {
  ./run restore "$ZYMOSTAT_LOCAL/demo.backup" >"$ZYMOSTAT_LOCAL/restore.log" 2>&1 || return 1
  says restore "$(cat "$ZYMOSTAT_LOCAL/head")" && says restore 'rows hold'
}
check 'restored into an empty installation the head is the same' restored
exported() {
  node --input-type=module -e "
    import { writeFileSync } from 'node:fs';
    const base='http://127.0.0.1:$two/api', json={'content-type':'application/json'};
    const signedIn=await fetch(base+'/session',{method:'POST',headers:json,body:JSON.stringify({login:'maren',password:'wet-ten-minutes'})});
    const cookie=signedIn.headers.getSetCookie()[0].split(';')[0];
    const rows=await fetch(base+'/records.json',{headers:{cookie}});
    writeFileSync('$ZYMOSTAT_LOCAL/records.json',await rows.text())"
}
anchored() {
  exported || return 1
  ./run verify --demo --anchors "$ZYMOSTAT_LOCAL/records.json" >"$ZYMOSTAT_LOCAL/verify.log" 2>&1 || return 1
  says verify '1 anchors were compared' && says verify 'rows hold' && not says verify 'Not protected'
}
check 'an export’s anchor is an ancestor of what is there' anchored
imported() {
  scripts/postgres.sh drop "$ZYMOSTAT_LOCAL/company"
  ./run import "$ZYMOSTAT_LOCAL/records.json" >"$ZYMOSTAT_LOCAL/import.log" 2>&1 || return 1
  grep -o 'Head: .*' "$ZYMOSTAT_LOCAL/import.log" >"$ZYMOSTAT_LOCAL/imported"
  grep -o 'Head: .*' "$ZYMOSTAT_LOCAL/verify.log" | cmp -s - "$ZYMOSTAT_LOCAL/imported"
}
check 'an export imported into an empty ledger gives the same rows and head' imported
check 'a second import is refused' refused 'an empty one is allowed' import "$ZYMOSTAT_LOCAL/records.json"

# ---------- the terminal is closed ----------
closed() {
  end "$second" HUP
  not answers "$two" && not database_runs postgres
}
check 'closing the terminal leaves nothing running' closed
check 'PostgreSQL comes back on the port it had' sh -c "
  scripts/postgres.sh start '$ZYMOSTAT_LOCAL/postgres' >/dev/null && [ \"\$(cat '$ZYMOSTAT_LOCAL/postgres/port')\" = '$port_before' ]"
scripts/postgres.sh stop "$ZYMOSTAT_LOCAL/postgres"

# ---------- several processes, several at once ----------
scripts/postgres.sh drop "$ZYMOSTAT_LOCAL/company"
three=$(free_port)
start third serve --port "$three" --processes 2
third=$started
four=$(free_port)
start fourth serve --port "$four"
fourth=$started
both() { wait_for third 'processes; its log' && wait_for fourth 'processes; its log' && answers "$three" && answers "$four"; }
check 'two that start at once on an empty database both answer' both
check 'where no company has begun it prints a code to begin with' wait_for fourth 'begin with this code: '
well() { node -e "fetch('http://127.0.0.1:$three/healthz').then(async r=>process.exit((await r.json()).well?0:1),()=>process.exit(1))"; }
check 'and says that it is well' well
end "$third" TERM
end "$fourth" TERM
check 'and leave nothing running' not database_runs company

for folder in postgres company; do scripts/postgres.sh drop "$ZYMOSTAT_LOCAL/$folder" 2>/dev/null; done
rm -rf "$ZYMOSTAT_LOCAL"
printf '%s passed, %s failed\n' "$passed" "$failed"
[ "$failed" = 0 ]
