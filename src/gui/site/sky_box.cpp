// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/site/sky_box.h"

#include "gui/entry/figure_box.h"
#include "report/language/words.h"

namespace wp::gui {

using model::SkyChoice;
using Shape = SkyChoice::Shape;
using Amount = SkyChoice::Amount;

namespace {

SkyChoice cie(int type, Amount amount) {
    SkyChoice sky;
    sky.shape = Shape::cie;
    sky.type = type;
    sky.amount = amount;
    return sky;
}

struct Entry {
    const char* name;
    SkyChoice sky;
};
const std::vector<Entry>& entries() {
    static const std::vector<Entry> all = {
        {QT_TRANSLATE_NOOP("QObject", "The weather's sky"), {}},
        {QT_TRANSLATE_NOOP("QObject", "Overcast (CIE 16) at the place"), cie(16, Amount::place)},
        {QT_TRANSLATE_NOOP("QObject", "Intermediate (CIE 7) at the place"), cie(7, Amount::place)},
        {QT_TRANSLATE_NOOP("QObject", "Clear (CIE 12) at the place"), cie(12, Amount::place)}};
    return all;
}

}  // namespace

QString cie_words(int type) {
    static constexpr const char* words[] = {
        QT_TRANSLATE_NOOP("QObject", "overcast, steep gradation, even around"),
        QT_TRANSLATE_NOOP("QObject", "overcast, steep gradation, slightly brighter to the sun"),
        QT_TRANSLATE_NOOP("QObject", "overcast, moderate gradation, even around"),
        QT_TRANSLATE_NOOP("QObject", "overcast, moderate gradation, slightly brighter to the sun"),
        "uniform",
        QT_TRANSLATE_NOOP("QObject", "partly cloudy, uniform gradation, slightly brighter to the sun"),
        QT_TRANSLATE_NOOP("QObject", "partly cloudy, uniform gradation, brighter around the sun"),
        QT_TRANSLATE_NOOP("QObject", "partly cloudy, uniform gradation, distinct corona"),
        QT_TRANSLATE_NOOP("QObject", "partly cloudy, sun obscured"),
        QT_TRANSLATE_NOOP("QObject", "partly cloudy, brighter around the sun"),
        QT_TRANSLATE_NOOP("QObject", "white-blue, distinct corona"),
        QT_TRANSLATE_NOOP("QObject", "clear, low turbidity"),
        QT_TRANSLATE_NOOP("QObject", "clear, polluted air"),
        QT_TRANSLATE_NOOP("QObject", "cloudless turbid, broad corona"),
        QT_TRANSLATE_NOOP("QObject", "white-blue turbid, broad corona"),
        QT_TRANSLATE_NOOP("QObject", "traditional overcast")};
    return type >= 1 && type <= 16 ? language::words(words[type - 1]) : QString();
}

QString sky_words(const SkyChoice& sky) {
    for (const Entry& e : entries())
        if (e.sky == sky) return language::words(e.name);
    const QString shape = sky.shape == Shape::weather   ? QObject::tr("All-weather sky")
                          : sky.shape == Shape::uniform ? QObject::tr("Uniform sky")
                                                        : QObject::tr("CIE sky %1").arg(sky.type);
    switch (sky.amount) {
        case Amount::weather:
            return shape + QObject::tr(", the weather's light");
        case Amount::place:
            return shape + QObject::tr(" at the place");
        case Amount::illuminance:
            return shape + QObject::tr(", %L1 + %L2 lx").arg(sky.diffuse, 0, 'f', 0).arg(sky.direct, 0, 'f', 0);
        case Amount::irradiance:
            return shape +
                   QStringLiteral(", %L1 + %L2 W/m\u00b2").arg(sky.diffuse, 0, 'f', 0).arg(sky.direct, 0, 'f', 0);
    }
    return shape;
}

std::optional<SkyChoice> ask_sky(QWidget* parent, SkyChoice sky) {
    FigureBox box(parent, QObject::tr("Which sky"));
    QStringList shapes{QObject::tr("of the weather (all-weather model)"), QObject::tr("as bright everywhere")};
    for (int type = 1; type <= 16; ++type) shapes << QObject::tr("CIE %1: %2").arg(type).arg(cie_words(type));
    auto* shape = box.choice(QObject::tr("Shape"), shapes, "sky-shape");
    shape->setCurrentIndex(sky.shape == Shape::weather ? 0 : sky.shape == Shape::uniform ? 1 : sky.type + 1);
    auto* amount = box.choice(QObject::tr("Light from"),
                              {QObject::tr("the weather's hours"), QObject::tr("latitude and the sun's altitude"),
                               QObject::tr("given illuminances, lx"), QObject::tr("given irradiances, W/m\u00b2")},
                              "sky-amount");
    amount->setCurrentIndex(static_cast<int>(sky.amount));
    box.number(QObject::tr("Diffuse, on the horizontal"), sky.diffuse, Unit::plain, "sky-diffuse");
    box.number(QObject::tr("Direct, normal to the sun"), sky.direct, Unit::plain, "sky-direct");
    box.text(
        QObject::tr("The figures count only where they are given. A sky's shape never changes what it carries: it "
                    "is scaled to its light."));
    if (!box.ask()) return {};
    const int s = shape->currentIndex();
    sky.shape = s == 0 ? Shape::weather : s == 1 ? Shape::uniform : Shape::cie;
    if (sky.shape == Shape::cie) sky.type = s - 1;
    sky.amount = static_cast<Amount>(amount->currentIndex());
    sky.diffuse = std::clamp(sky.diffuse, 0.0, 200000.0);
    sky.direct = std::clamp(sky.direct, 0.0, 200000.0);
    return sky;
}

SkyBox::SkyBox(Document& document, QWidget* parent) : QComboBox(parent), document_(document) {
    setObjectName(QStringLiteral("sky"));
    setAccessibleName(QObject::tr("Sky"));
    setToolTip(QObject::tr("The sky that moments are looked at under"));
    connect(this, &QComboBox::activated, this, &SkyBox::chosen);
    connect(&document, &Document::sky_changed, this, &SkyBox::refresh);
    refresh();
}

// Skies that are often wanted, the one at hand where it is another, and the way to any.
void SkyBox::refresh() {
    clear();
    int current = -1;
    for (const Entry& e : entries()) {
        if (e.sky == document_.sky()) current = count();
        addItem(language::words(e.name));
    }
    if (current < 0) {
        current = count();
        addItem(sky_words(document_.sky()));
    }
    addItem(QObject::tr("Another sky\u2026"));
    setCurrentIndex(current);
}

void SkyBox::chosen(int index) {
    if (index < static_cast<int>(entries().size()))
        return document_.show_sky(entries()[static_cast<size_t>(index)].sky);
    if (index == count() - 1)
        if (const auto sky = ask_sky(window(), document_.sky())) document_.show_sky(*sky);
    refresh();
}

}  // namespace wp::gui
