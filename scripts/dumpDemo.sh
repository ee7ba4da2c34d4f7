#!/bin/sh
# Makes the dump that the upgrade test starts from: the demo data as a commit of before seeds and keeps it.
# scripts/dumpDemo.sh COMMIT, with DATABASE_URL of a server where a database may be made and dropped.
set -eu
commit=$(git rev-parse --short "$1")
here=$(pwd)
old=$(mktemp -d)
url="${DATABASE_URL%/*}/demo_of_$commit"
trap 'rm -rf "$old"; psql -q "$DATABASE_URL" -c "DROP DATABASE IF EXISTS demo_of_$commit WITH (FORCE)"' EXIT
git archive "$commit" | tar x -C "$old"
(cd "$old" && npm ci --silent)
psql -q "$DATABASE_URL" -c "CREATE DATABASE demo_of_$commit"
(cd "$old" && DATABASE_URL="$url" node --import tsx server/src/demo/seed.ts)
rm -f server/test/upgrade/*.sql.gz
# What only psql understands is left out: the test sends it as one statement.
pg_dump --inserts --rows-per-insert=200 --no-owner --no-acl "$url" | grep -v '^\\' |
  gzip -9n >"$here/server/test/upgrade/demo-of-$commit.sql.gz"
