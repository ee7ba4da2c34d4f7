#!/bin/sh
# Times the core of this checkout against that of an earlier commit, in one run: scripts/benchAgainst.sh COMMIT [MOST].
# Both are timed three times, in turn, and each line's best counts. Fails where one that both have takes over MOST
# (1.5) times what it took: a ratio holds on any machine, a time in milliseconds only on one.
set -eu
cd "$(dirname "$0")/.."
commit=${1:?which commit}
most=${2:-1.5}
before=$(mktemp -d)
out=$(mktemp -d)
clean_up() { git worktree remove --force "$before" 2>/dev/null || true; rm -rf "$before" "$out"; }
trap clean_up EXIT INT TERM
git worktree add --quiet --detach "$before" "$commit"
mkdir -p "$before/node_modules/@zymostat"
for package in node_modules/* node_modules/.bin; do
  [ "$package" = node_modules/@zymostat ] || ln -s "$PWD/$package" "$before/$package"
done
for part in core contract; do ln -s "$before/$part" "$before/node_modules/@zymostat/$part"; done
for run in 1 2 3; do
  for bench in solutions protocol keepApart; do
    (cd "$before" && node --import tsx "core/bench/$bench.ts") >> "$out/before"
    node --import tsx "core/bench/$bench.ts" >> "$out/now"
  done
done
node scripts/ratios.mjs "$out/before" "$out/now" "$most"
