// SPDX-License-Identifier: GPL-3.0-or-later
// What is said of light and matter by wavelength.
#include "report/language/core_words.h"

#include <QtGlobal>

namespace wp::language {

namespace {

constexpr const char* kSpectrumSentences[] = {
    QT_TRANSLATE_NOOP("QObject", "Directions with enough melanopic light: %1 for %2 on %3 of the days of use"),
    QT_TRANSLATE_NOOP("QObject", "Days with enough melanopic light, towards %1\u00b0: %2 for %3"),
    QT_TRANSLATE_NOOP("QObject", "Days with enough melanopic light, as one looks: %1 for %2"),
    QT_TRANSLATE_NOOP("QObject", "Days with enough melanopic light, in the best direction: %1 for %2"),
    QT_TRANSLATE_NOOP("QObject", "Days with enough melanopic light, in the worst direction: %1 for %2"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic EDI held, as one looks: for %1 on %2 of the days of use"),
    QT_TRANSLATE_NOOP("QObject", "Time with enough melanopic light, as one looks: %1"),
    QT_TRANSLATE_NOOP("QObject", "Time with enough melanopic light, in the best direction: %1"),
    QT_TRANSLATE_NOOP("QObject", "Time with enough melanopic light, in the worst direction: %1"),
    QT_TRANSLATE_NOOP("QObject", "%1 h begun by %2 h"),
    QT_TRANSLATE_NOOP("QObject", "it is told from %1 to %2 nm: beyond, its ends were taken"),
    QT_TRANSLATE_NOOP("QObject", "%1 at %2 nm cannot be: shares lie from 0 to 1"),
    QT_TRANSLATE_NOOP("QObject", "Light by wavelength, %1 moments from %2"),
    QT_TRANSLATE_NOOP("QObject", "at %1 nm there is less than no light"),
    QT_TRANSLATE_NOOP("QObject", "it has %1 fields in place of %2"),
    QT_TRANSLATE_NOOP("QObject", "it has %1 columns of values"),
    QT_TRANSLATE_NOOP("QObject", "Light by wavelength, %1"),
    QT_TRANSLATE_NOOP("QObject", "%1 values are no spectrum"),
};

constexpr const char* kSpectrumCompounds[] = {
    QT_TRANSLATE_NOOP("QObject", "\"%1\" is no wavelength"),
    QT_TRANSLATE_NOOP("QObject", "\"%1\" is no number"),
};

constexpr const char* kSpectrumWords[] = {
    QT_TRANSLATE_NOOP("QObject", "Begun by"),
    QT_TRANSLATE_NOOP(
        "QObject",
        "C*ab in daylight (CIE 1976), of what has no spectrum: of the smoothest one of this colour; 0: grey"),
    QT_TRANSLATE_NOOP("QObject", "Chroma"),
    QT_TRANSLATE_NOOP("QObject", "Hue"),
    QT_TRANSLATE_NOOP("QObject", "a direction suffices where light does so on this share of the days of use"),
    QT_TRANSLATE_NOOP("QObject", "h*ab in daylight, with chroma: 0 red, 90 yellow, 180 green, 270 blue"),
    QT_TRANSLATE_NOOP("QObject", "of melanopic equivalent daylight illuminance at the eye"),
    QT_TRANSLATE_NOOP("QObject", "the hour of the day at which they have begun"),
    QT_TRANSLATE_NOOP("QObject", "without a break, that a day of use has so much light"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic light over the year"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic light over the year, at the observers"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic light over the year, all over the rooms"),
    QT_TRANSLATE_NOOP("QObject", "melanopic light over the year"),
    QT_TRANSLATE_NOOP("QObject", "Directions with enough melanopic light"),
    QT_TRANSLATE_NOOP("QObject", "Days with enough melanopic light, as one looks"),
    QT_TRANSLATE_NOOP("QObject", "Days with enough melanopic light, in the best direction"),
    QT_TRANSLATE_NOOP("QObject", "Days with enough melanopic light, in the worst direction"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic EDI held, as one looks"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic EDI held at the eyes"),
    QT_TRANSLATE_NOOP("QObject", "Time with enough melanopic light, as one looks"),
    QT_TRANSLATE_NOOP("QObject", "Time with enough melanopic light, in the best direction"),
    QT_TRANSLATE_NOOP("QObject", "Time with enough melanopic light, in the worst direction"),
    QT_TRANSLATE_NOOP("QObject", "Mean melanopic EDI, as one looks"),
    QT_TRANSLATE_NOOP("QObject", "Mean melanopic EDI, in the best direction"),
    QT_TRANSLATE_NOOP("QObject", "Mean melanopic EDI, in the worst direction"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic daylight efficacy ratio of the year, as one looks"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic EDI"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic light in the time of use"),
    QT_TRANSLATE_NOOP("QObject",
                      "melanopic light over the year at the observers, held for 4 h that begin by noon on every day of "
                      "use, blinds as they are worked"),
    QT_TRANSLATE_NOOP("QObject", "Light by wavelength"),
    QT_TRANSLATE_NOOP("QObject", "melanopic light, colour"),
    QT_TRANSLATE_NOOP("QObject", " at the eyes"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic equivalent daylight illuminance"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic daylight efficacy ratio"),
    QT_TRANSLATE_NOOP("QObject", "Illuminance, by wavelength"),
    QT_TRANSLATE_NOOP("QObject", "Correlated colour temperature"),
    QT_TRANSLATE_NOOP("QObject", "melanopic daylight efficacy ratio"),
    QT_TRANSLATE_NOOP("QObject", "correlated colour temperature"),
    QT_TRANSLATE_NOOP("QObject", "illuminance"),
    QT_TRANSLATE_NOOP("QObject", "S-cone-opic irradiance"),
    QT_TRANSLATE_NOOP("QObject", "M-cone-opic irradiance"),
    QT_TRANSLATE_NOOP("QObject", "L-cone-opic irradiance"),
    QT_TRANSLATE_NOOP("QObject", "Rhodopic irradiance"),
    QT_TRANSLATE_NOOP("QObject", "Melanopic irradiance"),
    QT_TRANSLATE_NOOP("QObject", "wavelengths were taken to be in \u00b5m"),
    QT_TRANSLATE_NOOP("QObject", "values were taken to be per cent"),
    QT_TRANSLATE_NOOP("QObject", "it has more than 100 000 lines"),
    QT_TRANSLATE_NOOP("QObject", "it has more than 200 columns"),
    QT_TRANSLATE_NOOP("QObject", "there is no value beside the wavelength"),
    QT_TRANSLATE_NOOP("QObject", "its wavelength is not above the one before"),
    QT_TRANSLATE_NOOP("QObject", "there are no figures in it"),
    QT_TRANSLATE_NOOP("QObject", "nothing of it lies between 380 and 780 nm"),
    QT_TRANSLATE_NOOP("QObject", "Give fewer wavelengths"),
    QT_TRANSLATE_NOOP("QObject", "Give fewer"),
    QT_TRANSLATE_NOOP("QObject", "Give two columns"),
    QT_TRANSLATE_NOOP("QObject", "Order the lines by wavelength"),
    QT_TRANSLATE_NOOP("QObject", "Give wavelengths and values in columns"),
    QT_TRANSLATE_NOOP("QObject", "Give wavelengths in nm or \u00b5m"),
    QT_TRANSLATE_NOOP("QObject", "Give 81 values, 380 to 780 nm, or none"),
    QT_TRANSLATE_NOOP("QObject", "Choose one with --column"),
    QT_TRANSLATE_NOOP("QObject", "Place one"),
};

}  // namespace

std::span<const char* const> spectrum_sentences() { return kSpectrumSentences; }
std::span<const char* const> spectrum_compounds() { return kSpectrumCompounds; }
std::span<const char* const> spectrum_words() { return kSpectrumWords; }

}  // namespace wp::language
