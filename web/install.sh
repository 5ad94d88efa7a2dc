#!/usr/bin/env bash
# Installs the packages of the front end, unless they are those of the lock file already.
set -euo pipefail
cd "$(dirname "$0")"
if [ ! -f node_modules/.lock-installed ] || ! cmp -s package-lock.json node_modules/.lock-installed; then
  npm ci --no-audit --no-fund --loglevel=error
  cp package-lock.json node_modules/.lock-installed
fi
