#!/bin/sh
# Installs what the lock file names: "product" to build the page, "all" to test it too. `npm ci` is the slowest part of a build, so it
# runs only when the lock file has changed or more is wanted than is there.
set -eu
cd "$(dirname "$0")/.."
what=${1:-all}
stamp=node_modules/.installed-from
want=$(cksum package-lock.json .npmrc)
if [ -f "$stamp" ]; then
  have=$(cat "$stamp")
  if [ "$have" = "$want all" ] || [ "$have" = "$want $what" ]; then
    exit 0
  fi
fi
if [ "$what" = product ]; then
  npm ci --omit=dev --no-audit --no-fund
else
  npm ci --no-audit --no-fund
fi
printf '%s %s\n' "$want" "$what" >"$stamp"
