#!/bin/sh
# Builds the interface with the machine's own npm; installs packages only when the lock file changed.
set -e
cd "$(dirname "$0")"
if [ ! -f node_modules/.installed ] || [ package-lock.json -nt node_modules/.installed ]; then
  npm ci --no-audit --no-fund
  touch node_modules/.installed
fi
npm run build
