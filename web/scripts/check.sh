#!/bin/sh
# Everything that can be wrong with the front end. What reads the sources takes one core, so it goes on beside what runs them.
set -eu
npm run --silent api:check
{ npm run --silent types && npm run --silent lint && npm run --silent format:check; } &
reading=$!
npm run --silent unit || { wait "$reading" || true; exit 1; }
wait "$reading"
