// SPDX-License-Identifier: GPL-3.0-or-later
// Languages that the program speaks: their texts (translations/, kept with Qt Linguist) and their numbers.
#pragma once
#include <QLocale>
#include <QString>
#include <vector>

namespace wp::language {

struct Language {
    QString id;    ///< "de", as in ISO 639
    QString name;  ///< in itself
};

/// English, which the sources are written in, first.
const std::vector<Language>& languages();
/// The one among them that somebody chose, or else that of the system; English where it is none of them.
QString chosen_language(const QString& set);
/// From now on all texts, dates and numbers are of this language; false where there is none of that id. To be called
/// before windows are made: what is made keeps its words.
bool use_language(const QString& id);
QString language_in_use();
/// "field-pane-depth": a name for a widget, made of the words on it as they stand in the sources, so that it is the
/// same in all languages.
QString object_name(const char* prefix, const QString& words);

}  // namespace wp::language
