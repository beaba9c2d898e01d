#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Builds the programs with their tests, and runs the tests; long studies among them are left to tests/study.sh, benches are built by hand. ./test.sh [preset]: release (default), dev, asan or tsan.
set -euo pipefail
cd "$(dirname "$0")"
preset="${1:-release}"
packaging/install-packages.sh
tests/format_check.sh
cmake --preset "$preset" >/dev/null
cmake --build --preset "$preset" --target tested
folder=build
[ "$preset" = release ] || folder="build-$preset"
/usr/bin/python3 tests/schema_check.py  # Debian's, which has the package
# Embree and Mesa keep memory and threads to the end of the process; their own races are not ours to judge.
export ASAN_OPTIONS="detect_leaks=0:${ASAN_OPTIONS:-}" TSAN_OPTIONS="suppressions=$PWD/tests/tsan.supp:${TSAN_OPTIONS:-}"
export UBSAN_OPTIONS="print_stacktrace=1"
xvfb-run -a -s "-screen 0 1400x900x24 +extension GLX" ctest --test-dir "$folder" -LE '^study$' -j "$(nproc)" --output-on-failure --timeout 1200
