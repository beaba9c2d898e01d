#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Looks through sources with clang-tidy: tests/tidy.sh [FILE...]; without files, what differs from the last commit or,
# where nothing does, what that commit changed. Nothing needs to be built: commands without precompiled headers are made
# for it. Needs clang-tidy (Debian: clang-tidy).
set -euo pipefail
cd "$(dirname "$0")/.."
files=("$@")
if [ ${#files[@]} -eq 0 ]; then
    mapfile -t files < <(git diff --name-only --diff-filter=d HEAD -- '*.cpp')
    [ ${#files[@]} -gt 0 ] || mapfile -t files < <(git diff --name-only --diff-filter=d HEAD~1 HEAD -- '*.cpp')
fi
[ ${#files[@]} -gt 0 ] || exit 0
cmake --preset tidy >/dev/null
printf '%s\0' "${files[@]}" | xargs -0 -n 1 -P "$(nproc)" clang-tidy -p build-tidy --quiet --warnings-as-errors='*' 2> >(grep -v 'warnings\? generated' >&2)
