#!/bin/sh
# Builds the interface with the machine's own npm; installs packages only when the lock file or the tools changed.
set -e
cd "$(dirname "$0")"
major=$(node --version | sed 's/^v\([0-9]*\).*/\1/')
if [ "$major" -lt 20 ]; then
  echo "Node $(node --version) is too old: the build wants 20.19 or later. ./frenum finds or fetches one." >&2
  exit 1
fi
made_with="node $(node --version), npm $(npm --version), lock $(cksum <package-lock.json)"
if [ "$(cat node_modules/.installed 2>/dev/null)" != "$made_with" ]; then
  rm -f node_modules/.installed
  # Not "npm ci": it refuses lock files whose entries for other platforms carry no address, as ours, which
  # name no registry, do not. This follows the lock just as well, and leaves it alone.
  npm install --no-save --no-audit --no-fund
  echo "$made_with" >node_modules/.installed
fi
npm run build
