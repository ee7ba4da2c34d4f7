#!/bin/sh
# Tries a streaming replica on loopback: a cluster with the demo data, a replica of it, a server
# that reads reports and exports from the replica, and an export through it that is the same.
#   scripts/replica.sh
set -eu
cd "$(dirname "$0")/.."

dir=$(mktemp -d "${TMPDIR:-/tmp}/zymostat-replica-XXXXXX")
chmod 755 "$dir"
server='' started=''
bin=$(ls -d /usr/lib/postgresql/*/bin | sort -t/ -k5 -n | tail -n 1)
as() { if [ "$(id -u)" = 0 ]; then runuser -u postgres -- "$@"; else "$@"; fi; }
clean_up() {
  [ -z "$server" ] || kill "$server" 2>/dev/null || true
  [ -z "$started" ] || (cd / && as "$bin/pg_ctl" -D "$dir/replica" -m fast -w stop >/dev/null) || true
  scripts/postgres.sh drop "$dir/main" || true
  rm -rf "$dir"
}
trap clean_up EXIT
free_port() { node -e "const s=require('net').createServer().listen(0,'127.0.0.1',()=>{console.log(s.address().port);s.close()})"; }

mkdir -m 755 "$dir/main"
main=$(scripts/postgres.sh start "$dir/main")
DATABASE_URL=$main ANCHOR_KEY=$dir/key.pem node --enable-source-maps server/dist/seed.js >/dev/null

mkdir -m 700 "$dir/replica"
[ "$(id -u)" != 0 ] || chown postgres "$dir/replica"
as "$bin/pg_basebackup" -d "$main" -D "$dir/replica" -R -X stream
port=$(free_port)
(cd / && as "$bin/pg_ctl" -D "$dir/replica" -l "$dir/replica/log" -w -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories=''" start >/dev/null)
started=yes
replica=$(printf '%s' "$main" | sed "s#@127.0.0.1:[0-9]*/#@127.0.0.1:$port/#")
[ "$("$bin/psql" "$replica" -Atc 'SELECT pg_is_in_recovery()')" = t ]
printf 'a replica follows on port %s\n' "$port"

http=$(free_port)
DATABASE_URL=$main DATABASE_URL_READ=$replica PORT=$http ANCHOR_KEY=$dir/key.pem ANCHORS_FILE=$dir/anchors.jsonl LOG_LEVEL=silent \
  node --enable-source-maps server/dist/main.js &
server=$!
for _ in $(seq 100); do
  if node -e "fetch('http://127.0.0.1:$http/api/openapi.json').then(r=>process.exit(r.ok?0:1),()=>process.exit(1))"; then break; fi
  sleep 0.1
done

reads() { "$bin/psql" "$1" -Atc "SELECT coalesce(sum(idx_scan + seq_scan), 0) FROM pg_stat_user_tables WHERE relname = 'ledger'"; }
before=$(reads "$replica")
node --input-type=module -e "
  const base='http://127.0.0.1:$http/api', json={'content-type':'application/json'};
  const signedIn=await fetch(base+'/session',{method:'POST',headers:json,body:JSON.stringify({login:'maren',password:'wet-ten-minutes'})});
  const cookie=signedIn.headers.getSetCookie()[0].split(';')[0];
  for (let i=0;i<50;i+=1) {
    const { rows, anchor }=await (await fetch(base+'/records.json',{headers:{cookie}})).json();
    const { rows: [newest] }=await (await fetch(base+'/records?limit=1',{headers:{cookie}})).json();
    if (rows.at(-1).hash===newest.hash && anchor.hash===newest.hash) { console.log(rows.length+' rows through the replica end as the first server does: '+newest.hash); process.exit(0); }
    await new Promise((done)=>setTimeout(done,100));
  }
  console.error('the replica did not catch up'); process.exit(1);"
sleep 1
[ "$(reads "$replica")" -gt "$before" ] && printf 'the export was read from the replica\n'
