// SPDX-License-Identifier: GPL-3.0-or-later
// What the core says, in the language of the screen. The core speaks English alone; its words are listed in
// core_words.cpp, sentences with holes among them ("%1 overlaps %2"), so that they can be translated like all others.
#pragma once
#include <QObject>
#include <QString>
#include <string_view>

#include "base/result.h"

namespace wp::language {

/// A word or a sentence of the program; what is not listed, such as names that somebody gave, stays as it is.
QString words(std::string_view english);
inline QString words(const char* english) { return words(std::string_view(english)); }
inline QString words(const QString& english) { return words(std::string_view(english.toStdString())); }
/// With a capital.
QString sentence(std::string_view english);
/// A word for the middle of a sentence: English writes it small, German as it is.
QString within_sentence(const QString& word);
/// "place: what. remedy"
QString line(const Fault& fault);
/// Numbers of a text with the decimal sign of the screen's language.
QString figures(std::string_view english);
/// A number as it is written in the screen's language; format as in QString::number.
QString number(double value, char format = 'g', int digits = 6);

}  // namespace wp::language
