// SPDX-License-Identifier: GPL-3.0-or-later
// What the core can say, listed for translators. tests/gui/language_test.cpp walks the catalogues and holds the list to
// them.
#pragma once
#include <span>

namespace wp::language {

/// Those with holes, %1 to %9; what says more goes before what says less.
std::span<const char* const> core_sentences();
/// Of the same kind, but so short that a name that somebody gave could look like one: each of their holes is a word of
/// the program itself, a number or a date, but for %9, a name.
std::span<const char* const> core_compounds();
/// Those without.
std::span<const char* const> core_words();
/// The same of criteria and verdicts.
std::span<const char* const> criteria_sentences();
std::span<const char* const> criteria_compounds();
std::span<const char* const> criteria_words();
/// The same of files of other programs, and of what a new project begins with.
std::span<const char* const> import_sentences();
std::span<const char* const> import_compounds();
std::span<const char* const> import_words();
/// The same of light and matter by wavelength.
std::span<const char* const> spectrum_sentences();
std::span<const char* const> spectrum_compounds();
std::span<const char* const> spectrum_words();
/// The same of luminaires and electric light.
std::span<const char* const> electric_sentences();
std::span<const char* const> electric_compounds();
std::span<const char* const> electric_words();

}  // namespace wp::language
