#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Gathers all texts of the desktop into the files that Qt Linguist works on. Without arguments those of the project; with a folder, into copies there.
set -euo pipefail
cd "$(dirname "$0")/.."
into=${1:-src/report/language/translations}
for file in src/report/language/translations/*.ts; do
    [ "$into" = src/report/language/translations ] || cp "$file" "$into/"
    /usr/lib/qt6/bin/lupdate -silent -no-obsolete -locations none -source-language en src/gui src/report -ts "$into/$(basename "$file")" 2>/dev/null
done
