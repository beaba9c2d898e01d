#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Fuzzes a reader: tests/fuzz/run.sh [project|weather|table|criteria|kept|material|picture|ifc|gbxml|dxf|mesh|photometry] [seconds]. Needs clang and its libFuzzer (Debian: clang-14). New finds are
# written to the folder it names; put what is worth keeping into the reader's corpus here.
set -euo pipefail
cd "$(dirname "$0")/../.."
reader="${1:-project}"
seconds="${2:-600}"
out="${TMPDIR:-/tmp}/warmpane-fuzz-$reader"
corpus="tests/fuzz/corpus"
[ "$reader" = project ] || corpus="tests/fuzz/corpus-$reader"
mkdir -p "$out/finds" "$out/corpus"
compiler="$(command -v clang++-14 || command -v clang++)"
core=(src/base src/many src/spectrum src/climate src/model src/shading src/describe src/geometry src/edit src/photometry src/light src/question src/analysis src/figure src/metric src/rule src/store src/exchange src/series src/outgoing src/incoming)
# All of the core: readers are built as the program builds them. Kept till a source is newer, or any header.
objects="$out/../warmpane-fuzz-objects"
mkdir -p "$objects"
flags=(-std=c++20 -O1 -g -fsanitize=fuzzer-no-link,address,undefined -fno-sanitize-recover=undefined -DFMT_SHARED -Isrc -Itests -I/usr/include/eigen3
    -include algorithm -include cmath -include functional -include map -include string -include vector -include fmt/core.h
    $(pkg-config --cflags polyclipping OpenEXR spdlog pugixml dxflib assimp))
newest_header="$(find "${core[@]}" -name '*.h' -printf '%T@ %p\n' | sort -n | tail -1 | cut -d" " -f2-)"
export objects compiler newest_header
printf '%s\n' "${core[@]/%//*.cpp}" | while read -r pattern; do ls $pattern; done | xargs -P 2 -I{} bash -c '
    source="$1"; shift
    object="$objects/$(echo "$source" | tr / _).o"
    [ "$object" -nt "$source" ] && [ "$object" -nt "$newest_header" ] || "$compiler" "$@" -c "$source" -o "$object"' _ {} "${flags[@]}"
"$compiler" "${flags[@]}" -fsanitize=fuzzer "tests/fuzz/${reader}_fuzzer.cpp" "$objects"/*.o -lembree3 -lfmt -ltbb -lsqlite3 -lzstd \
    $(pkg-config --libs polyclipping OpenEXR spdlog pugixml dxflib assimp) -o "$out/fuzzer"
# The mesh library loses memory of its own on damaged files.
leaks=1
[ "$reader" = mesh ] && leaks=0
echo "finds go to $out/finds"
"$out/fuzzer" -detect_leaks="$leaks" -max_total_time="$seconds" -max_len=60000 -timeout=20 -rss_limit_mb=3000 -artifact_prefix="$out/finds/" "$out/corpus" "$corpus"
