#!/usr/bin/env bash
# Installs what is needed, builds, and serves the app with the demo household already in it.
set -euo pipefail
cd "$(dirname "$0")/.."
bash scripts/install.sh
export NEXT_TELEMETRY_DISABLED=1 NEXT_PUBLIC_OPEN_WITH=demo
npm run --silent build
echo "Open http://localhost:${PORT:-3000}"
# Nobody else on the network sees it unless asked for: HOST=0.0.0.0.
exec node node_modules/next/dist/bin/next start -H "${HOST:-127.0.0.1}" -p "${PORT:-3000}"
