#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Runs the long studies among the tests (tests/studies.cmake), which ./test.sh leaves out: ten minutes on two cores.
# tests/study.sh [preset], as for ./test.sh.
set -euo pipefail
cd "$(dirname "$0")/.."
preset="${1:-release}"
cmake --preset "$preset" >/dev/null
cmake --build --preset "$preset" --target tested
folder=build
[ "$preset" = release ] || folder="build-$preset"
WARMPANE_STUDY=1 xvfb-run -a -s "-screen 0 1400x900x24 +extension GLX" ctest --test-dir "$folder" -L stud -j "$(nproc)" --output-on-failure --timeout 3600
