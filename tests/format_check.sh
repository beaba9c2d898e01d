#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Says which files are not laid out as .clang-format has it; tests/format_check.sh --mend lays them out.
set -euo pipefail
cd "$(dirname "$0")/.."
files() { find src tests bench -name '*.h' -print0 -o -name '*.cpp' -print0; }
if [ "${1:-}" = --mend ]; then
    files | xargs -0 clang-format -i
    exit
fi
wrong="$(files | xargs -0 clang-format --dry-run 2>&1 | grep -E 'code should be clang-formatted' | cut -d: -f1,2 | sort -u || true)"
[ -z "$wrong" ] && exit 0
printf '%s\n' "$wrong" | head -20 >&2
echo "Not laid out by .clang-format. Mend it by: tests/format_check.sh --mend" >&2
exit 1
