#!/usr/bin/env bash
# Installs what is needed and passes every test, browser journeys included.
set -euo pipefail
cd "$(dirname "$0")/.."
bash scripts/install.sh
exec node scripts/check-all.mjs
