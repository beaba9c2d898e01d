#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Opens the desktop on the demo project. Without a display: solves the whole demo and writes tables and pictures to out/.
set -euo pipefail
cd "$(dirname "$0")"
packaging/install-packages.sh
cmake --preset release -DWARMPANE_TESTS=OFF -DWARMPANE_BENCH=OFF -B build-demo >/dev/null
cmake --build build-demo
if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then
    exec build-demo/src/gui/warmpane demo/tern-quay.warmpane
fi
echo "There is no display: solving all options of the demo into out/ instead (under three minutes on two idle cores)."
mkdir -p out
build-demo/src/cli/warmpane-cli solve demo/tern-quay.warmpane --pictures --out out | tee out/summary.txt
echo "Tables (CSV), summaries (JSON), pictures (PNG, EXR) and summary.txt are in out/."
