#!/usr/bin/env bash
# Installs what the app and its tests need, side by side: Debian's Chromium and ChromeDriver (only where they are missing), and the npm packages.
set -euo pipefail
cd "$(dirname "$0")/.."
debian=""
if [ ! -x /usr/bin/chromium-headless-shell ] || [ ! -x /usr/bin/chromedriver ]; then
  as_root=""
  [ "$(id -u)" -eq 0 ] || as_root="sudo"
  (
    $as_root apt-get update
    $as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends chromium-headless-shell chromium-driver
  ) &
  debian=$!
fi
# The lock file says whether what is installed is what is wanted.
if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  # Not "npm ci": it refuses the lock where a registry lacks another platform's optional binaries. Versions are exact either way.
  npm install --no-audit --no-fund
fi
if [ -n "$debian" ]; then wait "$debian"; fi
