#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Says which texts of the desktop have no translation, and which do not go through tr().
set -euo pipefail
cd "$(dirname "$0")/.."
copy="$(mktemp -d)"
trap 'rm -rf "$copy"' EXIT
packaging/update-translations.sh "$copy"
wrong=0
for file in "$copy"/*.ts; do
    if ! cmp -s "$file" "src/report/language/translations/$(basename "$file")"; then
        echo "$(basename "$file") is not as the sources are. Gather them by: packaging/update-translations.sh" >&2
        wrong=1
    fi
    if grep -B3 'type="unfinished"' "$file" >&2; then
        echo "$(basename "$file") is not complete: translate these with Qt Linguist" >&2
        wrong=1
    fi
done
# A sentence is known by a space between words. Keys, patterns of dates and names of files have none.
if grep -rnE 'QStringLiteral\("[^"]*[A-Za-z]{3,} [a-z]{2,}' --include='*.cpp' --include='*.h' src/gui src/report |
    grep -vE '<[a-z]+ |languages? Sprache|Sprache' >&2; then
    echo "These texts do not go through tr()" >&2
    wrong=1
fi
exit $wrong
