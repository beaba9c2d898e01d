#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Installs from Debian what building, testing and the demo need, if anything is missing. Debian 12.
set -euo pipefail
packages=(cmake ninja-build g++ pkg-config libembree-dev libtbb-dev libeigen3-dev libpolyclipping-dev libopenexr-dev libimath-dev
    nlohmann-json3-dev libcli11-dev libfmt-dev libspdlog-dev qt6-base-dev qt6-l10n-tools qt6-tools-dev qt6-translations-l10n qt6-svg-dev libqt6opengl6-dev libpoppler-qt6-dev libqpdf-dev qt6-qpa-plugins libgl1-mesa-dri
    libsqlite3-dev libzstd-dev libassimp-dev libpugixml-dev libdxflib-dev libgtest-dev libnova-dev librapidcheck-dev libbenchmark-dev libopenmpi-dev openmpi-bin xvfb xauth fonts-inter python3-jsonschema
    desktop-file-utils appstream dpkg-dev clang-format)
missing=()
for package in "${packages[@]}"; do
    dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
done
[ ${#missing[@]} -eq 0 ] && exit 0
echo "Installing from Debian: ${missing[*]}" >&2
as_root=()
[ "$(id -u)" -eq 0 ] || as_root=(sudo)
export DEBIAN_FRONTEND=noninteractive
"${as_root[@]}" apt-get update -qq
"${as_root[@]}" apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
