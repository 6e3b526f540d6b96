#!/bin/sh
# Builds the interface with the machine's own npm; installs packages only when the lock file changed.
set -e
cd "$(dirname "$0")"
if [ ! -f node_modules/.installed ] || [ package-lock.json -nt node_modules/.installed ]; then
  # Not "npm ci": it refuses lock files whose entries for other platforms carry no address, as ours, which
  # name no registry, do not. This follows the lock just as well, and leaves it alone.
  npm install --no-save --no-audit --no-fund
  touch node_modules/.installed
fi
npm run build
