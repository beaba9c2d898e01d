// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/electric/scenes_page.h"

#include <QButtonGroup>
#include <QInputDialog>
#include <QKeyEvent>
#include <QPushButton>
#include <QScrollBar>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "edit/luminaires.h"
#include "gui/electric/column_rows.h"
#include "gui/entry/rows.h"
#include "gui/inspector/field_rows.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "question/electric_field.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {

constexpr int kNameWidth = 150;  // pixels, beside what a circuit gives

// Keys that move a level are the slider's, though the window has shortcuts of them.
class LevelSlider : public QSlider {
 public:
    using QSlider::QSlider;

 protected:
    bool event(QEvent* event) override {
        if (event->type() == QEvent::ShortcutOverride) {
            const int key = static_cast<QKeyEvent*>(event)->key();
            for (const int own : {Qt::Key_PageUp, Qt::Key_PageDown, Qt::Key_Home, Qt::Key_End, Qt::Key_Left,
                                  Qt::Key_Right, Qt::Key_Up, Qt::Key_Down})
                if (key == own) event->accept();
            if (event->isAccepted()) return true;
        }
        return QSlider::event(event);
    }
};

}  // namespace

ScenesPage::ScenesPage(Desktop& desktop) : ScrolledPage(desktop.window()), desktop_(desktop) {
    setObjectName(QStringLiteral("scenes-page"));
    setAccessibleName(QObject::tr("Scenes"));
    setFrameShape(QFrame::NoFrame);
    for (const auto signal : {&Document::project_changed, &Document::option_changed, &Document::selection_changed})
        connect(&desktop.document(), signal, this, [this] {
            stale_ = true;
            refresh();
        });
    connect(&desktop.answers(), &KeptAnswers::changed, this, &ScenesPage::show_figures);
    connect(&desktop, &Desktop::shown_changed, this, [this] {
        stale_ = true;
        refresh();
    });
    connect(&desktop.asker(), &Asker::year_read, this, &ScenesPage::show_figures);
}

void ScenesPage::showEvent(QShowEvent* event) {
    ScrolledPage::showEvent(event);
    desktop_.asker().watch_electric(this, true);
    refresh();
}

void ScenesPage::hideEvent(QHideEvent* event) {
    ScrolledPage::hideEvent(event);
    desktop_.asker().watch_electric(this, false);
}

Id ScenesPage::room() const {
    const Option& option = desktop_.document().option();
    const Selection& item = desktop_.document().selection();
    if (item.kind == Selection::Kind::room || item.kind == Selection::Kind::wall) return item.id;
    if (item.kind == Selection::Kind::luminaire)
        if (const auto* l = model::find(option.luminaires, item.id))
            if (const Room* in = edit::room_of(option, *l)) return in->id;
    for (const auto& l : option.luminaires)
        if (const Room* in = edit::room_of(option, l)) return in->id;
    return {};
}

void ScenesPage::refresh() {
    if (!isVisible() || (!stale_ && page() != nullptr)) return;
    if (page() != nullptr && desktop_.document().is_live()) return;
    stale_ = false;
    if (shown_option_ != desktop_.document().option().id) {
        shown_option_ = desktop_.document().option().id;
        scene_.clear();
        desktop_.maps().set_levels({}, desktop_.maps().holds_back());
    }
    const int scrolled = verticalScrollBar()->value();
    auto* host = begin_page();
    auto* column = new QVBoxLayout(host);
    column->setContentsMargins(0, space::small, 0, space::small);
    column->setSpacing(space::tight);
    figures_ = nullptr;
    gives_.clear();
    if (desktop_.document().option().luminaires.empty()) {
        auto* hint =
            label(QObject::tr("No luminaires hang yet: the page Luminaires, on the Build desk, has kinds of them "
                              "and places them."),
                  "small", host);
        hint->setContentsMargins(space::small, 0, space::small, 0);
        column->addWidget(hint);
    } else {
        add_shown(*column);
        add_scene_row(*column);
        if (const auto* scene = model::find(desktop_.document().option().scenes, scene_))
            add_scene_form(*column, *scene);
        add_circuits(*column);
        add_figures(*column);
        add_forming(*column);
        add_energy(*column);
    }
    column->addStretch(1);
    end_page(scrolled);
    show_figures();
}

// Which light the sheet shows.
void ScenesPage::add_shown(QVBoxLayout& column) {
    auto* row = new QHBoxLayout;
    row->setContentsMargins(space::small, 0, space::small, 0);
    row->setSpacing(0);
    auto* group = new QButtonGroup(column.parentWidget());
    const auto add = [&](const QString& text, const char* name, Shown shown, const QString& tip) {
        auto* button = new QPushButton(text, column.parentWidget());
        button->setObjectName(QString::fromLatin1(name));
        button->setToolTip(tip);
        button->setCheckable(true);
        button->setChecked(desktop_.shown() == shown);
        group->addButton(button);
        connect(button, &QPushButton::clicked, this, [this, shown] {
            desktop_.go_to_desk(DeskKind::light);
            desktop_.show(shown);
        });
        row->addWidget(button, 1);
    };
    add(QObject::tr("Daylight"), "show-daylight", Shown::moment,
        QObject::tr("Illuminance of the moment by daylight alone"));
    add(QObject::tr("Electric"), "show-electric", Shown::electric,
        QObject::tr("Illuminance by the circuits as they are set"));
    add(QObject::tr("Both"), "show-both", Shown::both, QObject::tr("Daylight of the moment and the circuits together"));
    column.addLayout(row);
    if (desktop_.shown() != Shown::both) return;
    auto* dims = new QCheckBox(QObject::tr("Circuits dim beside daylight"), column.parentWidget());
    dims->setObjectName(QStringLiteral("dims-beside"));
    dims->setChecked(desktop_.maps().holds_back());
    dims->setToolTip(QObject::tr("Each as its control has it do, for the target at its sensor"));
    connect(dims, &QCheckBox::toggled, this,
            [this](bool on) { desktop_.maps().set_levels(desktop_.maps().levels(desktop_.document().option()), on); });
    auto* line = new QHBoxLayout;
    line->setContentsMargins(space::small, 0, space::small, 0);
    line->addWidget(dims);
    column.addLayout(line);
}

void ScenesPage::add_scene_row(QVBoxLayout& column) {
    column_heading(column, QObject::tr("Scene"));
    auto* row = new QHBoxLayout;
    row->setContentsMargins(space::small, 0, space::small, 0);
    auto* box = new QComboBox(column.parentWidget());
    box->setObjectName(QStringLiteral("scene"));
    box->setAccessibleName(QObject::tr("Scene"));
    box->addItem(QObject::tr("as set below"), QString());
    for (const auto& scene : desktop_.document().option().scenes) box->addItem(name_of(scene.name), name_of(scene.id));
    box->setCurrentIndex(std::max(0, box->findData(name_of(scene_))));
    connect(box, &QComboBox::activated, this, [this, box] { show_scene(box->currentData().toString().toStdString()); });
    row->addWidget(box, 1);
    auto* save = new QPushButton(QObject::tr("Save as\u2026"), column.parentWidget());
    save->setObjectName(QStringLiteral("save-scene"));
    connect(save, &QPushButton::clicked, this, [this] {
        bool good = false;
        const auto* scene = model::find(desktop_.document().option().scenes, scene_);
        const QString name =
            QInputDialog::getText(this, QObject::tr("Save as scene"), QObject::tr("Name"), QLineEdit::Normal,
                                  scene != nullptr ? name_of(scene->name) : QObject::tr("Evening"), &good);
        if (good && !name.trimmed().isEmpty()) save_scene(name.trimmed());
    });
    row->addWidget(save);
    column.addLayout(row);
}

void ScenesPage::add_scene_form(QVBoxLayout& column, const LightScene& scene) {
    auto* form = column_form(column);
    const auto change = [this, id = scene.id](const QString& name, std::function<void(LightScene&)> edit) {
        desktop_.document().edit_option(name, [&](Option& o) {
            if (auto* s = model::find(o.scenes, id)) edit(*s);
        });
    };
    FieldRows<LightScene> rows(*form, scene, QObject::tr("scene"), change);
    rows.choice(&LightScene::when);
    if (scene.when == LightScene::When::clock) {
        rows.number(&LightScene::from);
        rows.number(&LightScene::to);
    }
    if (scene.when == LightScene::When::outdoor_lux) rows.number(&LightScene::below);
    add_flag(*form, QString(), QObject::tr("dims beside daylight"), scene.dims,
             [change](bool on) { change(QObject::tr("Dimming of scene"), [&](LightScene& s) { s.dims = on; }); });
    add_button(*form, QObject::tr("Remove scene"), "remove-scene", [this, id = scene.id] {
        scene_.clear();
        desktop_.document().edit_option(QObject::tr("Remove scene"), [&](Option& o) {
            std::erase_if(o.scenes, [&](const LightScene& s) { return s.id == id; });
        });
    });
}

void ScenesPage::add_circuits(QVBoxLayout& column) {
    column_heading(column, QObject::tr("Circuits"));
    const Option& option = desktop_.document().option();
    size_t with = 0;
    for (size_t c = 0; c < option.lighting.size(); ++c) {
        gives_.push_back(nullptr);
        if (!question::has_luminaires(option, option.lighting[c].id)) continue;
        add_circuit(column, c);
        ++with;
    }
    const auto loose = std::ranges::count_if(
        option.luminaires, [&](const Luminaire& l) { return model::find(option.lighting, l.circuit) == nullptr; });
    if (loose == 0 && with > 0) return;
    auto* told = label(
        loose > 0 ? QObject::tr("%n luminaires are on no circuit: always on, wholly.", nullptr, static_cast<int>(loose))
                  : QString(),
        "small", column.parentWidget());
    told->setContentsMargins(space::small, 0, space::small, 0);
    column.addWidget(told);
}

void ScenesPage::add_circuit(QVBoxLayout& column, size_t index) {
    const Option& option = desktop_.document().option();
    const Lighting& circuit = option.lighting[index];
    const double level = desktop_.maps().levels(option)[index];
    auto* host = new QWidget(column.parentWidget());
    auto* rows = new QVBoxLayout(host);
    rows->setContentsMargins(space::small, 0, space::small, 0);
    rows->setSpacing(0);
    auto* top = new QHBoxLayout;
    auto* name = new QLabel(host);
    name->setText(name->fontMetrics().elidedText(name_of(circuit.name), Qt::ElideRight, kNameWidth));
    name->setToolTip(name_of(circuit.name));
    top->addWidget(name, 1);
    auto* gives = new QLabel(host);
    gives->setProperty("role", QStringLiteral("small"));
    gives->setObjectName(QStringLiteral("gives-%1").arg(name_of(circuit.id)));
    gives->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    gives_[index] = gives;
    top->addWidget(gives);
    rows->addLayout(top);
    auto* slider = new LevelSlider(Qt::Horizontal, host);
    slider->setObjectName(QStringLiteral("level-%1").arg(name_of(circuit.id)));
    slider->setAccessibleName(QObject::tr("Level of %1").arg(name_of(circuit.name)));
    slider->setRange(0, 100);
    slider->setPageStep(10);
    slider->setValue(static_cast<int>(std::lround(100 * level)));
    connect(slider, &QSlider::valueChanged, this, [this, index](int percent) { set_level(index, percent / 100.0); });
    rows->addWidget(slider);
    column.addWidget(host);
}

void ScenesPage::set_level(size_t circuit, double level) {
    auto levels = desktop_.maps().levels(desktop_.document().option());
    if (circuit >= levels.size()) return;
    levels[circuit] = level;
    desktop_.maps().set_levels(std::move(levels), desktop_.maps().holds_back());
    desktop_.renew_map();
    show_figures();
}

void ScenesPage::show_scene(const Id& id) {
    scene_ = id;
    if (const auto* scene = model::find(desktop_.document().option().scenes, id)) {
        desktop_.maps().set_levels(question::levels_of(desktop_.document().option(), scene), scene->dims);
        if (!is_electric(desktop_.shown())) desktop_.show(Shown::electric);
        desktop_.renew_map();
    }
    stale_ = true;
    refresh();
}

void ScenesPage::save_scene(const QString& name) {
    const auto levels = desktop_.maps().levels(desktop_.document().option());
    const std::string wanted = name.toStdString();
    Id id;
    desktop_.document().edit_option(QObject::tr("Save scene %1").arg(name), [&](Option& o) {
        auto found = std::ranges::find(o.scenes, wanted, &LightScene::name);
        if (found == o.scenes.end()) {
            LightScene fresh;
            fresh.id = unused_id(o.scenes, "scene");
            fresh.name = wanted;
            found = o.scenes.insert(found, std::move(fresh));
        }
        found->levels.clear();
        for (size_t c = 0; c < o.lighting.size(); ++c)
            if (levels[c] > 0 && question::has_luminaires(o, o.lighting[c].id))
                found->levels.push_back({o.lighting[c].id, levels[c]});
        id = found->id;
    });
    show_scene(id);
}

void ScenesPage::add_forming(QVBoxLayout& column) {
    auto* form = column_form(column);
    const Id in = room();
    const auto place = find_room(desktop_.document().option(), in);
    auto* rows = add_button(
        *form,
        place ? QObject::tr("Circuits by rows, %1").arg(name_of(place.room->name)) : QObject::tr("Circuits by rows"),
        "circuits-by-rows", [this, in] {
            std::vector<Id> made;
            desktop_.document().edit_option(QObject::tr("Circuits by rows"),
                                            [&](Option& o) { made = edit::circuits_by_rows(o, in); });
            if (made.empty()) desktop_.say(QObject::tr("The room has no reference plane: circuits are told of one"));
        });
    rows->setEnabled(static_cast<bool>(place));
    rows->setToolTip(QObject::tr("Rows parallel to the wall with most glass, each with a sensor of its own"));
    std::vector<Id> chosen;
    for (const auto& item : desktop_.document().selected())
        if (item.kind == Selection::Kind::luminaire) chosen.push_back(item.id);
    auto* one =
        add_button(*form, QObject::tr("Circuit of the selected luminaires"), "circuit-of-selected", [this, chosen] {
            desktop_.document().edit_option(QObject::tr("Circuit of luminaires"),
                                            [&](Option& o) { edit::circuit_of(o, chosen); });
        });
    one->setEnabled(!chosen.empty());
    one->setToolTip(QObject::tr("Select luminaires on the sheet first: click one, Shift adds"));
}

// What a kWh costs and brings about, for all of the project.
void ScenesPage::add_energy(QVBoxLayout& column) {
    column_heading(column, QObject::tr("Of a kWh"));
    auto* form = column_form(column);
    const EnergyFactors& factors = desktop_.document().project().energy;
    const auto change = [this](const QString& name, std::function<void(EnergyFactors&)> edit) {
        desktop_.document().edit(name, [&](Project& p) { edit(p.energy); });
    };
    FieldRows<EnergyFactors> rows(*form, factors, QObject::tr("energy"), change);
    rows.number(&EnergyFactors::price)->setObjectName(QStringLiteral("energy-price"));
    auto* currency = new QLineEdit(name_of(factors.currency), form->parentWidget());
    currency->setObjectName(QStringLiteral("energy-currency"));
    currency->setMaxLength(3);
    currency->setToolTip(QObject::tr("Three letters of ISO 4217, such as EUR"));
    connect(currency, &QLineEdit::editingFinished, currency, [currency, factors, change] {
        const std::string text = currency->text().trimmed().toUpper().toStdString();
        if (text.empty() || text == factors.currency) return;
        change(QObject::tr("Currency of energy"), [&](EnergyFactors& e) { e.currency = text; });
    });
    form->addRow(QObject::tr("Currency"), currency);
    rows.number(&EnergyFactors::co2)->setObjectName(QStringLiteral("energy-co2"));
}

void ScenesPage::add_figures(QVBoxLayout& column) {
    column_heading(column, QObject::tr("By electric light"));
    figures_ = label(QString(), nullptr, column.parentWidget());
    figures_->setObjectName(QStringLiteral("scene-figures"));
    figures_->setTextFormat(Qt::RichText);
    figures_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    figures_->setContentsMargins(space::small, 0, space::small, 0);
    column.addWidget(figures_);
}

void ScenesPage::show_figures() {
    if (!isVisible() || figures_ == nullptr) return;
    const Project& project = desktop_.document().project();
    const Option& option = desktop_.document().option();
    const auto field = desktop_.answers().electric(option.id);
    if (!field || field->empty()) return figures_->setText(QObject::tr("Light is being traced\u2026"));
    const auto given = desktop_.maps().given(desktop_.shown(), option);
    double watts = 0;
    for (size_t c = 0; c < gives_.size() && c < option.lighting.size(); ++c) {
        if (gives_[c] == nullptr) continue;
        const double all = question::power_of(project, option, option.lighting[c], 0),
                     now = all * question::power_share(option.lighting[c], given[c]);
        watts += now;
        gives_[c]->setText(QObject::tr("%1 %, %2 of %3 W")
                               .arg(language::number(100 * given[c], 'f', 0), language::number(now, 'f', 0),
                                    language::number(all, 'f', 0)));
    }
    const auto shares = question::source_shares(field->sources, option, given);
    for (const auto& source : field->sources)
        if (source.circuit.empty()) watts += source.watts;
    QString rows;
    const auto cell = [](const QString& text, bool right) {
        return QStringLiteral("<td align='%1' style='padding-right:10px'>%2</td>")
            .arg(right ? QStringLiteral("right") : QStringLiteral("left"), text);
    };
    struct Row {
        QString name;
        question::PlaneFigures figures;
    };
    std::vector<Row> planes;
    double most = 0;
    for (size_t p = 0; p < field->planes.size(); ++p) {
        const auto* plane = model::find(option.planes, field->planes[p].plane);
        if (plane == nullptr || plane->for_rules || field->planes[p].points.empty()) continue;
        const auto room = find_room(option, plane->room);
        const bool alone = std::ranges::count_if(option.planes, [&](const auto& other) {
                               return other.room == plane->room && !other.for_rules;
                           }) == 1;
        const auto light = question::electric_light(*field, p, shares);
        planes.push_back({room && alone ? name_of(room.room->name) : name_of(plane->name),
                          question::figures_of(light.lux, light.half_width)});
        most = std::max(most, planes.back().figures.mean);
    }
    for (const auto& [name, figures] : planes) {
        // What hardly gets any of it says nothing.
        if (!(figures.mean > std::max(0.5, 0.02 * most))) continue;
        rows += QStringLiteral("<tr>") + cell(name.toHtmlEscaped(), false) +
                cell(QObject::tr("%1 lx").arg(report::figure(figures.mean)), true) +
                cell(language::number(figures.uniformity, 'f', 2), true) + QStringLiteral("</tr>");
    }
    QString text = rows.isEmpty() ? QObject::tr("No plane has light of it.") + QStringLiteral("<br>")
                                  : QStringLiteral("<table cellspacing='0'><tr>") + cell(QObject::tr("Plane"), false) +
                                        cell(QObject::tr("mean"), true) + cell(QObject::tr("least / mean"), true) +
                                        QStringLiteral("</tr>") + rows + QStringLiteral("</table>");
    text += QObject::tr("Power %1 W").arg(language::number(watts, 'f', 0));
    const auto reading = desktop_.answers().year_reading(option.id);
    if (reading != nullptr && reading->tables != nullptr && !reading->tables->lighting.empty()) {
        double kwh = 0, low = 0, high = 0;
        for (const auto& year : reading->tables->lighting) kwh += year.kwh, low += year.kwh_low, high += year.kwh_high;
        const auto& e = project.energy;
        text += QStringLiteral("<br>") +
                QObject::tr("The year: %1 \u00b1 %2 kWh, LENI %3 kWh/(m\u00b2 a), %4 %5, %6 kg CO\u2082")
                    .arg(report::figure(kwh), report::error_figure((high - low) / 2),
                         language::number(question::leni_of(reading->tables->lighting), 'f', 1),
                         language::number(kwh * e.price, 'f', 0), name_of(e.currency).toHtmlEscaped(),
                         language::number(kwh * e.co2, 'f', 0));
    } else {
        text += QStringLiteral("<br>") + QObject::tr("Run the year (Y) for kWh, LENI, cost and CO\u2082.");
    }
    figures_->setText(text);
}

Page scenes_page(Desktop& desktop) {
    auto* page = new ScenesPage(desktop);
    desktop.know(page);
    const Page out{QObject::tr("Scenes"), QObject::tr("Circuits, their levels, scenes of light and what they take"),
                   on_desk(DeskKind::light), page};
    desktop.commands().add(
        CommandGroup::light, QObject::tr("Scenes of electric light"), QKeySequence(QStringLiteral("Ctrl+Shift+E")),
        [&desktop, out] { desktop.go_to_page(out); }, QObject::tr("circuits dimming lamps switch"));
    return out;
}

}  // namespace wp::gui
