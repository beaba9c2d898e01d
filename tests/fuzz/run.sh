#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Fuzzes the project reader: tests/fuzz/run.sh [seconds]. Needs clang and its libFuzzer (Debian: clang-14). New finds are
# written to the folder it names; put what is worth keeping into tests/fuzz/corpus.
set -euo pipefail
cd "$(dirname "$0")/../.."
seconds="${1:-600}"
out="${TMPDIR:-/tmp}/warmpane-fuzz"
mkdir -p "$out/finds" "$out/corpus"
compiler="$(command -v clang++-14 || command -v clang++)"
sources=(tests/fuzz/project_fuzzer.cpp src/base/*.cpp src/climate/*.cpp src/model/*.cpp src/geometry/*.cpp src/store/*.cpp)
# parallel.cpp needs TBB, which the reader does not.
"$compiler" -std=c++20 -O1 -g -fsanitize=fuzzer,address,undefined -fno-sanitize-recover=undefined -Isrc -Itests -I/usr/include/eigen3 \
    $(pkg-config --cflags polyclipping) "${sources[@]}" -lfmt -ltbb $(pkg-config --libs polyclipping) -o "$out/project-fuzzer"
echo "finds go to $out/finds"
"$out/project-fuzzer" -max_total_time="$seconds" -max_len=60000 -timeout=20 -rss_limit_mb=3000 -artifact_prefix="$out/finds/" "$out/corpus" tests/fuzz/corpus
