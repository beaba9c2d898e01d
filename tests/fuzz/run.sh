#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Fuzzes a reader: tests/fuzz/run.sh [project|weather|table] [seconds]. Needs clang and its libFuzzer (Debian: clang-14). New finds are
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
sources=("tests/fuzz/${reader}_fuzzer.cpp" src/base/*.cpp src/climate/*.cpp)
[ "$reader" = project ] && sources+=(src/model/*.cpp src/geometry/*.cpp src/store/*.cpp)
[ "$reader" = table ] && sources+=(src/exchange/point_table.cpp)
"$compiler" -std=c++20 -O2 -g -fsanitize=fuzzer,address,undefined -fno-sanitize-recover=undefined -Isrc -Itests -I/usr/include/eigen3 \
    $(pkg-config --cflags polyclipping) "${sources[@]}" -lfmt -ltbb $(pkg-config --libs polyclipping) -o "$out/fuzzer"
echo "finds go to $out/finds"
"$out/fuzzer" -max_total_time="$seconds" -max_len=60000 -timeout=20 -rss_limit_mb=3000 -artifact_prefix="$out/finds/" "$out/corpus" "$corpus"
