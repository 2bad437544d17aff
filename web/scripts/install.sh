#!/bin/sh
# `npm ci` is the slowest part of a warm build, so it runs only when the lock file has changed.
set -eu
cd "$(dirname "$0")/.."
stamp=node_modules/.installed-from
want=$(cksum package-lock.json .npmrc)
if [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$want" ]; then
  exit 0
fi
npm ci --no-audit --no-fund
printf '%s\n' "$want" >"$stamp"
