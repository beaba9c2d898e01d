#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# An installed program stands alone: everything is installed that it needs, nothing points back to where it was built.
# install_check.sh BUILD SOURCE; under a display.
set -euo pipefail
build=$1 source=$2
prefix=$(mktemp -d) work=$(mktemp -d)
trap 'rm -rf "$prefix" "$work"' EXIT
fail() { echo "FAILED: $*" >&2; exit 1; }
cmake --install "$build" --prefix "$prefix" >/dev/null
cd "$work"
for file in bin/warmpane bin/warmpane-cli share/warmpane/criteria/en-17037-provision.json share/warmpane/materials/general.json \
    share/warmpane/assumed/lm-83.json share/warmpane/usual_values.json share/warmpane/demo/tern-quay.warmpane share/man/man1/warmpane.1 \
    share/man/man1/warmpane-cli.1 share/applications/eu.warmpane.WarmPane.desktop share/metainfo/eu.warmpane.WarmPane.metainfo.xml \
    share/mime/packages/eu.warmpane.WarmPane.xml share/icons/hicolor/scalable/apps/eu.warmpane.WarmPane.svg; do
    [ -f "$prefix/$file" ] || fail "$file is not installed"
done
for program in warmpane warmpane-cli; do
    if grep -qaF "$source/" "$prefix/bin/$program"; then fail "$program names the folder of its source"; fi
done
desktop-file-validate "$prefix/share/applications/eu.warmpane.WarmPane.desktop" || fail "the desktop file is not valid"
appstreamcli validate --no-net --no-color "$prefix/share/metainfo/eu.warmpane.WarmPane.metainfo.xml" >appstream.txt || { cat appstream.txt; fail "the metainfo is not valid"; }

# Copied, so that nothing is written beside what is installed.
cp "$prefix/share/warmpane/demo/"* .
cli="$prefix/bin/warmpane-cli"
"$cli" show tern-quay.warmpane >show.txt || fail "show"
"$cli" check tern-quay.warmpane >check.txt || fail "check"
"$cli" weather tern-quay.epw >weather.txt || fail "weather"
"$cli" climate tern-quay.epw --out climate >/dev/null || fail "climate"
"$cli" sky tern-quay.warmpane --out sky --pictures >/dev/null || fail "sky"
"$cli" make-weather made.epw || fail "make-weather"
"$cli" answers tern-quay.warmpane >/dev/null || fail "answers"
"$cli" solve tern-quay.warmpane --option tall --question df --accuracy 0.2 --pictures --out out >/dev/null || fail "solve"
[ -s out/tall.df.csv ] && [ -s out/tall.df.png ] || fail "solve wrote nothing"
WARMPANE_DATA=$work/nowhere "$cli" check tern-quay.warmpane >/dev/null 2>&1 && fail "criteria come from somewhere else than the data folder"

# The desktop opens the project and goes on till it is ended.
HOME=$work "$prefix/bin/warmpane" tern-quay.warmpane 2>desktop.txt &
desktop=$!
for _ in $(seq 50); do sleep 0.2; kill -0 "$desktop" 2>/dev/null || { cat desktop.txt; fail "the desktop ended by itself"; }; done
kill "$desktop"
wait "$desktop" || true
if grep -q "Not opened\|No such file" desktop.txt; then cat desktop.txt; fail "the desktop did not open the demo"; fi
echo "The installed program stands alone."
