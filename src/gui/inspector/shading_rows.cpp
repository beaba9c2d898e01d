// SPDX-License-Identifier: GPL-3.0-or-later
// Blinds and shading layers, of one opening or of many at once.
#include <QMenu>
#include <QToolButton>

#include "gui/entry/rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/shading_rows.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "report/language/words.h"
#include "shading/device.h"

namespace wp::gui {
using namespace model;

namespace {

// What is selected and can be shaded.
template <class Visit>
void each_shaded(Option& option, const std::vector<Selection>& items, Visit&& visit) {
    for (const Selection& item : items) {
        if (item.kind == Selection::Kind::opening)
            if (const auto at = find_opening(option, item.id)) visit(*at.opening);
        if (item.kind == Selection::Kind::rooflight)
            if (const auto at = find_on_storeys(option, &Storey::rooflights, item.id)) visit(*at.item);
    }
}

QString shading_title(const ShadeLayer& layer) {
    QString text = language::words(shading::device_of(layer.kind).id);
    text[0] = text[0].toUpper();
    return text;
}

QString layer_text(const ShadeLayer& layer) {
    return shading_title(layer) + (layer.inside ? QObject::tr(", inside") : QObject::tr(", outside"));
}

template <class O>
void blind_rows(QFormLayout& form, Document& document, const O& first) {
    const auto change = [&document](const QString& name, auto edit) {
        const auto items = document.selected();
        document.edit_option(name, [&](Option& o) { each_shaded(o, items, edit); });
    };
    auto* box = new QComboBox(form.parentWidget());
    box->setObjectName(QStringLiteral("blind"));
    box->setAccessibleName(QObject::tr("Blind"));
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(8);
    const Project& project = document.project();
    box->addItem(QObject::tr("none"), QStringLiteral("none"));
    box->addItem(QObject::tr("plain, %L1 %").arg(100 * project.blind_transmittance, 0, 'f', 0), QString());
    box->setItemData(1, QObject::tr("Scatters that share of the light; the project's own"), Qt::ToolTipRole);
    for (const Material& m : project.materials)
        if (m.kind == Material::Kind::fabric || m.kind == Material::Kind::slats)
            box->addItem(QIcon(report::swatch(m, 14)), name_of(m.name), name_of(m.id));
    box->setCurrentIndex(!first.blind ? 0 : std::max(1, box->findData(name_of(first.blind_material))));
    box->setToolTip(QObject::tr("An inner blind that criteria may close. Fabric and slats come from the materials"));
    QObject::connect(box, &QComboBox::activated, box, [box, change] {
        const QString data = box->currentData().toString();
        const bool on = data != QStringLiteral("none");
        change(QObject::tr("Blind"), [&](auto& x) {
            x.blind = on;
            x.blind_material = on ? data.toStdString() : Id();
        });
    });
    form.addRow(QObject::tr("Blind"), box);
    if (project.site.dirt <= 0) return;
    add_choice<Exposure>(form, QObject::tr("Exposure to dirt"),
                         {{QT_TRANSLATE_NOOP("QObject", "usual"), Exposure::normal},
                          {QT_TRANSLATE_NOOP("QObject", "sheltered"), Exposure::sheltered},
                          {QT_TRANSLATE_NOOP("QObject", "driving"), Exposure::driving_rain}},
                         first.exposure,
                         [change](Exposure e) { change(QObject::tr("Exposure"), [e](auto& x) { x.exposure = e; }); })
        ->setToolTip(QObject::tr("Decides how much dirt stays on the pane (BS 8206-2:2008, annex A, withdrawn)"));
}

// Changes what is selected and can be shaded, in one step.
void change_shading(Inspector& in, const QString& name, const std::function<void(std::vector<ShadeLayer>&)>& change) {
    const auto items = in.document().selected();
    const QString all = items.size() > 1 ? QObject::tr("%1 of %2 openings").arg(name).arg(items.size()) : name;
    in.document().edit_option(all, [&](Option& o) { each_shaded(o, items, [&](auto& x) { change(x.shading); }); });
}

void change_layer(Inspector& in, const QString& name, const std::function<void(ShadeLayer&)>& change) {
    change_shading(in, name, [&, index = in.layer()](std::vector<ShadeLayer>& layers) {
        if (index >= layers.size()) return;
        change(layers[index]);
        layers[index] = shading::within_reason(layers[index]);
    });
}

void add_figure(Inspector& in, QFormLayout& form, const ShadeLayer& layer, const shading::ShadeFigure& figure) {
    const QString label = language::words(figure.label), title = label.isEmpty() ? shading_title(layer) : label;
    if (const auto* number = std::get_if<double ShadeLayer::*>(&figure.field)) {
        const Unit unit = figure.unit == shading::ShadeFigure::Unit::degree ? Unit::degree : Unit::metre;
        add_number(form, label, layer.**number, unit, [&in, title, field = *number](double v) {
            change_layer(in, title, [&](ShadeLayer& s) { s.*field = v; });
        });
    } else if (const auto* whole = std::get_if<int ShadeLayer::*>(&figure.field)) {
        add_number(form, label, layer.**whole, Unit::plain,
                   [&in, title, field = *whole, least = static_cast<int>(figure.least),
                    most = static_cast<int>(figure.most)](double v) {
                       change_layer(in, title, [&](ShadeLayer& s) { s.*field = whole_number(v, least, most); });
                   });
    } else {
        const auto field = std::get<bool ShadeLayer::*>(figure.field);
        const auto [off, on] = figure.words(layer);
        const auto set = [&in, title, field](bool value) {
            change_layer(in, title, [&](ShadeLayer& s) { s.*field = value; });
        };
        if (off == nullptr)
            add_flag(form, label, language::words(on), layer.*field, set);
        else
            add_choice<int>(form, label, {{off, 0}, {on, 1}}, layer.*field ? 1 : 0, [set](int to) { set(to != 0); });
    }
}

void add_layer(Inspector& in, QFormLayout& form, const ShadeLayer& layer) {
    add_choice<int>(form, QObject::tr("Side"),
                    {{QT_TRANSLATE_NOOP("QObject", "outside"), 0}, {QT_TRANSLATE_NOOP("QObject", "inside"), 1}},
                    layer.inside ? 1 : 0, [&in](int side) {
                        change_layer(in, QObject::tr("Side of shading"), [&](ShadeLayer& s) { s.inside = side != 0; });
                    });
    for (const auto& figure : shading::device_of(layer.kind).figures)
        if (figure.shown == nullptr || figure.shown(layer)) add_figure(in, form, layer, figure);
    add_part_finish(form, in.document().project(), in.document().option(), QObject::tr("Made of"), Part::shading,
                    layer.material, [&in](const Id& m) {
                        change_layer(in, QObject::tr("Material of shading"), [&](ShadeLayer& s) { s.material = m; });
                    });
}

}  // namespace

void rows_for_blind(Inspector& in, QFormLayout& form, const Opening& first) { blind_rows(form, in.document(), first); }
void rows_for_blind(Inspector& in, QFormLayout& form, const Rooflight& first) {
    blind_rows(form, in.document(), first);
}

void rows_for_shading(Inspector& in, QFormLayout& form) {
    Option option = in.document().option();
    std::vector<ShadeLayer> layers;
    bool first = true, same = true;
    each_shaded(option, in.document().selected(), [&](const auto& x) {
        if (first)
            layers = x.shading;
        else
            same = same && x.shading == layers;
        first = false;
    });
    if (!same)
        form.addRow(label(QObject::tr("They differ: what is changed here is changed for all that have such a layer."),
                          "small"));
    for (size_t i = 0; i < layers.size(); ++i) {
        auto* row = new QWidget(form.parentWidget());
        auto* line = new QHBoxLayout(row);
        line->setContentsMargins(0, 0, 0, 0);
        line->setSpacing(2);
        auto* open = new QToolButton(row);
        open->setText(layer_text(layers[i]));
        open->setCheckable(true);
        open->setChecked(i == in.layer());
        open->setObjectName(QStringLiteral("layer-%1").arg(i + 1));
        open->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        QObject::connect(open, &QToolButton::clicked, open, [&in, i] { in.open_layer(i); });
        auto* away = icon_button("x", "", QObject::tr("Remove this layer"));
        away->setObjectName(QStringLiteral("remove-layer-%1").arg(i + 1));
        QObject::connect(away, &QToolButton::clicked, away, [&in, i] {
            change_shading(in, QObject::tr("Remove shading"), [i](std::vector<ShadeLayer>& all) {
                if (i < all.size()) all.erase(all.begin() + static_cast<std::ptrdiff_t>(i));
            });
        });
        line->addWidget(open, 1);
        line->addWidget(away);
        form.addRow(row);
        if (i == in.layer()) add_layer(in, form, layers[i]);
    }
    auto* add = worded_button("plus", "add-shading", QObject::tr("Add shading"), {});
    add->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(add);
    menu->setToolTipsVisible(true);
    const auto put = [&in, at = layers.size()](std::vector<ShadeLayer> more) {
        in.open_layer(at);
        change_shading(in, QObject::tr("Add shading"),
                       [more](std::vector<ShadeLayer>& all) { all.insert(all.end(), more.begin(), more.end()); });
        in.open_layer(at, true);
    };
    for (const auto& preset : shading::shade_presets()) {
        auto* action =
            menu->addAction(language::words(preset.name), menu, [put, layers_of = preset.layers] { put(layers_of); });
        action->setToolTip(language::words(preset.what));
        action->setObjectName(QStringLiteral("preset-%1").arg(QString::fromLatin1(preset.id)));
    }
    menu->addSeparator();
    for (const auto& device : shading::devices()) {
        const QString id = QString::fromLatin1(device.id);
        auto* action =
            menu->addAction(QObject::tr("One layer: %1").arg(id), menu, [put, &device] { put({device.fresh}); });
        action->setObjectName(QStringLiteral("layer-kind-%1").arg(id));
    }
    add->setMenu(menu);
    form.addRow(add);
}

}  // namespace wp::gui
