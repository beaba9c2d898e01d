// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/electric/luminaires_page.h"

#include <QFileDialog>
#include <QMenu>
#include <QMessageBox>
#include <QScrollBar>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>

#include "base/data_folder.h"
#include "gui/electric/column_rows.h"
#include "gui/entry/rows.h"
#include "gui/inspector/field_rows.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/tool/luminaire_tool.h"
#include "photometry/photometry_file.h"
#include "question/enough_luminaires.h"
#include "question/ugr_table.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {
using namespace model;

namespace {

constexpr int kMostInRow = 200;
constexpr double kMostLux = 20000;

// The program's own kinds: names and files.
std::vector<std::pair<QString, std::filesystem::path>> own_set() {
    std::vector<std::pair<QString, std::filesystem::path>> out;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(data_folder() / "luminaires", error)) {
        const auto file = photometry::read_photometry(entry.path());
        if (file) out.emplace_back(name_of(file->type.name), entry.path());
    }
    std::ranges::sort(out);
    return out;
}

QString facts_of(const LuminaireType& t) {
    const photometry::Distribution light(t);
    const double flux = light.flux(), up = flux > 0 ? std::max(0.0, 1 - light.flux_below(kPi / 2) / flux) : 0;
    QStringList parts;
    parts << QObject::tr("%1 lm").arg(language::number(flux, 'f', 0));
    if (t.power > 0) {
        parts << QObject::tr("%1 W").arg(language::number(t.power, 'f', t.power < 10 ? 1 : 0));
        parts << QObject::tr("%1 lm/W").arg(language::number(flux / t.power, 'f', 0));
    }
    parts << QObject::tr("%1 % upwards").arg(language::number(100 * up, 'f', 0));
    QString out = parts.join(QStringLiteral(" \u00b7 "));
    if (t.lamp_lumens > 0)
        out += QStringLiteral("\n") +
               QObject::tr("Light output ratio %1 %").arg(language::number(100 * flux / t.lamp_lumens, 'f', 0));
    const double x = 1000 * t.size_x, y = 1000 * t.size_y;
    if (x > 0 || y > 0)
        out += QStringLiteral("\n") +
               QObject::tr("Shines over %1 by %2 mm").arg(language::number(x, 'f', 0), language::number(y, 'f', 0));
    else
        out += QStringLiteral("\n") + QObject::tr("A point: without an area that shines it has no glare rating");
    const auto crosswise = question::ugr_of_room(t, 4, 8, {}, false),
               endwise = question::ugr_of_room(t, 4, 8, {}, true);
    if (crosswise && endwise)
        out +=
            QStringLiteral("\n") + QObject::tr("UGR 4H/8H, 70/50/20: crosswise %1, endwise %2")
                                       .arg(language::number(*crosswise, 'f', 1), language::number(*endwise, 'f', 1));
    return out;
}

}  // namespace

LuminairesPage::LuminairesPage(Desktop& desktop) : ScrolledPage(desktop.window()), desktop_(desktop) {
    setObjectName(QStringLiteral("luminaires-page"));
    setAccessibleName(QObject::tr("Luminaires"));
    setFrameShape(QFrame::NoFrame);
    for (const auto signal : {&Document::project_changed, &Document::option_changed, &Document::selection_changed})
        connect(&desktop.document(), signal, this, &LuminairesPage::refresh);
}

void LuminairesPage::showEvent(QShowEvent* event) {
    ScrolledPage::showEvent(event);
    refresh();
}

const LuminaireType* LuminairesPage::chosen() const {
    const auto& types = desktop_.document().project().luminaire_types;
    const auto* found = model::find(types, chosen_);
    return found != nullptr ? found : types.empty() ? nullptr : &types.front();
}

const ReferencePlane* LuminairesPage::plane() const {
    const Option& option = desktop_.document().option();
    const Selection& item = desktop_.document().selection();
    if (item.kind == Selection::Kind::plane)
        if (const auto* found = model::find(option.planes, item.id);
            found != nullptr && found->on == ReferencePlane::On::floor)
            return found;
    Id room = item.kind == Selection::Kind::room || item.kind == Selection::Kind::wall ? item.id : Id();
    if (item.kind == Selection::Kind::luminaire)
        if (const auto* l = model::find(option.luminaires, item.id))
            if (const Room* in = edit::room_of(option, *l)) room = in->id;
    const ReferencePlane* first = nullptr;
    for (const auto& p : option.planes) {
        if (p.on != ReferencePlane::On::floor || p.for_rules || p.room.empty()) continue;
        if (p.room == room) return &p;
        if (first == nullptr) first = &p;
    }
    return first;
}

QString LuminairesPage::room_name(const ReferencePlane& plane) const {
    const auto place = find_room(desktop_.document().option(), plane.room);
    return name_of(place ? place.room->name : plane.name);
}

void LuminairesPage::refresh() {
    if (!isVisible()) return;
    const auto now = desktop_.document().snapshot();
    const auto* type = chosen();
    const Id kind = type != nullptr ? type->id : Id(), on = plane() != nullptr ? plane()->id : Id();
    const bool same_kinds = shown_of_ != nullptr && shown_of_->luminaire_types == now->luminaire_types;
    if (page() != nullptr && same_kinds && shown_ == kind && shown_plane_ == on) return;
    // While a figure is typed the page stays.
    if (page() != nullptr && desktop_.document().is_live()) return;
    const int scrolled = same_kinds && shown_ == kind ? verticalScrollBar()->value() : 0;
    shown_of_ = now;
    shown_ = kind;
    shown_plane_ = on;
    auto* host = begin_page();
    auto* column = new QVBoxLayout(host);
    column->setContentsMargins(0, space::small, 0, space::small);
    column->setSpacing(space::tight);
    add_choice_row(*column);
    if (type != nullptr) {
        add_facts(*column, *type);
        add_placing(*column);
        add_reaching(*column);
        add_form(*column, *type);
    } else {
        auto* hint =
            label(QObject::tr("No luminaires yet. Take one from the set that comes with the program, or read a "
                              "photometric file (IES LM-63 or EULUMDAT)."),
                  "small", host);
        hint->setContentsMargins(space::small, 0, space::small, 0);
        column->addWidget(hint);
    }
    column->addStretch(1);
    end_page(scrolled);
}

void LuminairesPage::add_choice_row(QVBoxLayout& column) {
    auto* row = new QHBoxLayout;
    row->setContentsMargins(space::small, 0, space::small, 0);
    auto* box = new QComboBox(column.parentWidget());
    box->setObjectName(QStringLiteral("luminaire-type"));
    box->setAccessibleName(QObject::tr("Kind of luminaire"));
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    for (const auto& t : desktop_.document().project().luminaire_types) box->addItem(name_of(t.name), name_of(t.id));
    if (const auto* type = chosen()) box->setCurrentIndex(box->findData(name_of(type->id)));
    box->setEnabled(box->count() > 0);
    connect(box, &QComboBox::activated, this, [this, box] {
        chosen_ = box->currentData().toString().toStdString();
        notes_.clear();
        refresh();
    });
    row->addWidget(box, 1);
    auto* add = icon_button("plus", "add-luminaire-type", QObject::tr("Another kind of luminaire"));
    add->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(add);
    menu->setObjectName(QStringLiteral("luminaire-types-menu"));
    menu->addAction(QObject::tr("From a photometric file\u2026"), this, &LuminairesPage::choose_file)
        ->setObjectName(QStringLiteral("luminaire-file"));
    menu->addSeparator();
    for (const auto& [name, path] : own_set())
        menu->addAction(name, this, [this, path = path] {
            if (const auto fault = take_file(path)) desktop_.say(language::line(*fault));
        });
    add->setMenu(menu);
    row->addWidget(add);
    auto* remove =
        icon_button("trash-2", "remove-luminaire-type", QObject::tr("Remove this kind, with all luminaires of it"));
    remove->setEnabled(chosen() != nullptr);
    connect(remove, &QToolButton::clicked, this, &LuminairesPage::remove_kind);
    row->addWidget(remove);
    column.addLayout(row);
}

void LuminairesPage::add_facts(QVBoxLayout& column, const LuminaireType& type) {
    candela_ = new CandelaView(column.parentWidget());
    candela_->show_type(type);
    column.addWidget(candela_);
    auto* facts = label(facts_of(type), "small", column.parentWidget());
    facts->setObjectName(QStringLiteral("luminaire-facts"));
    facts->setContentsMargins(space::small, 0, space::small, 0);
    column.addWidget(facts);
    for (const QString& note : notes_) {
        auto* told = label(note, "small", column.parentWidget());
        told->setContentsMargins(space::small, 0, space::small, 0);
        column.addWidget(told);
    }
}

void LuminairesPage::add_placing(QVBoxLayout& column) {
    column_heading(column, QObject::tr("Place"));
    auto* form = column_form(column);
    add_choice<edit::Mount>(*form, QObject::tr("Hangs"),
                            {{QT_TRANSLATE_NOOP("QObject", "under the ceiling"), edit::Mount::ceiling},
                             {QT_TRANSLATE_NOOP("QObject", "on a wall"), edit::Mount::wall},
                             {QT_TRANSLATE_NOOP("QObject", "on a table"), edit::Mount::table}},
                            mount_, [this](edit::Mount m) { mount_ = m; });
    add_number(*form, QObject::tr("In a row"), count_, Unit::plain, [this](double v) {
        count_ = whole_number(v, 1, kMostInRow);
    })->setObjectName(QStringLiteral("luminaire-count"));
    add_button(*form, QObject::tr("Place on the sheet"), "place-luminaire", [this] {
        place();
    })->setToolTip(QObject::tr("One for each click; of a row its two ends (Shift+B)"));
}

void LuminairesPage::add_reaching(QVBoxLayout& column) {
    const auto* on = plane();
    auto* form = column_form(column);
    add_number(*form, QObject::tr("As many as reach, lx"), lux_, Unit::plain, [this](double v) {
        lux_ = std::clamp(std::isfinite(v) ? v : 500.0, 1.0, kMostLux);
    })->setObjectName(QStringLiteral("luminaire-lux"));
    auto* button =
        add_button(*form, on != nullptr ? QObject::tr("Lay out for %1").arg(room_name(*on)) : QObject::tr("Lay out"),
                   "reach-lux", [this] { reach(); });
    button->setEnabled(on != nullptr);
    button->setToolTip(on != nullptr
                           ? QObject::tr("The fewest in even rows whose mean over the plane is enough; they take the "
                                         "place of those in its room. Select a room or a plane to mean another")
                           : QObject::tr("Lay a reference plane into a room first"));
}

void LuminairesPage::add_form(QVBoxLayout& column, const LuminaireType& type) {
    column_heading(column, QObject::tr("This kind"));
    auto* form = column_form(column);
    const auto change = [this, id = type.id](const QString& name, std::function<void(LuminaireType&)> edit) {
        desktop_.document().edit(name, [&](Project& p) {
            if (auto* t = model::find(p.luminaire_types, id)) edit(*t);
        });
    };
    FieldRows<LuminaireType> rows(*form, type, QObject::tr("kind of luminaire"), change);
    rows.name();
    rows.number(&LuminaireType::power);
    rows.number(&LuminaireType::stand_by);
    rows.number(&LuminaireType::maintenance);
    rows.number(&LuminaireType::kelvin);
    rows.number(&LuminaireType::ra);
    if (!type.source.empty()) form->addRow(label(QObject::tr("From %1").arg(name_of(type.source)), "small"));
}

Outcome LuminairesPage::take_file(const std::filesystem::path& path) {
    const auto file = photometry::read_photometry(path);
    if (!file) return file.fault();
    notes_.clear();
    for (const auto& note : file->notes) notes_ << language::sentence(note.c_str());
    LuminaireType type = file->type;
    const auto& known = desktop_.document().project().luminaire_types;
    type.id = unused_id(known, "luminaire");
    // The same file again is the same kind.
    for (const auto& t : known)
        if (t.source == type.source && t.candela == type.candela) {
            chosen_ = t.id;
            refresh();
            return {};
        }
    chosen_ = type.id;
    desktop_.document().edit(QObject::tr("Add luminaire %1").arg(name_of(type.name)),
                             [&](Project& p) { p.luminaire_types.push_back(std::move(type)); });
    refresh();
    return {};
}

void LuminairesPage::choose_file() {
    const QString file =
        QFileDialog::getOpenFileName(this, QObject::tr("A photometric file"), {},
                                     QObject::tr("Photometry (*.ies *.IES *.ldt *.LDT);;All files (*)"));
    if (file.isEmpty()) return;
    if (const auto fault = take_file(file.toStdString()))
        QMessageBox::warning(this, QObject::tr("Not read"), language::line(*fault));
}

void LuminairesPage::place() {
    const auto* type = chosen();
    if (type == nullptr) return;
    desktop_.go_to_desk(DeskKind::build);
    auto& tool = desktop_.sheet().tool<LuminaireTool>();
    tool.place(type->id, count_, mount_);
    desktop_.take_up(tool);
}

void LuminairesPage::remove_kind() {
    const auto* type = chosen();
    if (type == nullptr) return;
    const Id id = type->id;
    notes_.clear();
    desktop_.document().edit(QObject::tr("Remove luminaire %1").arg(name_of(type->name)), [&](Project& p) {
        std::erase_if(p.luminaire_types, [&](const auto& t) { return t.id == id; });
        for (Option& o : p.options) std::erase_if(o.luminaires, [&](const auto& l) { return l.type == id; });
    });
}

void LuminairesPage::reach() {
    const auto* type = chosen();
    const auto* on = plane();
    if (type == nullptr || on == nullptr) return;
    const auto project = desktop_.document().snapshot();
    const size_t index = desktop_.document().option_index();
    const Id plane = on->id, room = on->room, kind = type->id;
    desktop_.say(QObject::tr("Laying out luminaires\u2026"));
    desktop_.asker().jobs().add(
        QStringLiteral("reach ") + name_of(plane), QObject::tr("Luminaires for %1").arg(room_name(*on)),
        [this, project, index, plane, room, kind, lux = lux_](const Cancel& cancel,
                                                              const Progress&) -> JobQueue::Finish {
            const Option& option = project->options[index];
            const auto place = find_room(option, room);
            if (!place) return {};
            size_t storey = 0;
            while (storey < option.storeys.size() && option.storeys[storey].id != place.storey->id) ++storey;
            Vec2 middle{0, 0};
            for (const Vec2& corner : place.room->footprint)
                middle = middle + corner * (1.0 / static_cast<double>(place.room->footprint.size()));
            const Luminaire like = edit::next_luminaire(option, storey, kind, middle);
            const auto found = question::enough_luminaires(
                *project, option, plane, lux,
                [&](int count) {
                    const auto [columns, rows] = edit::field_of(*place.room, count);
                    return edit::luminaire_field(like, *place.room, columns, rows);
                },
                cancel);
            if (!found) return [this, line = language::line(found.fault())] { desktop_.say(line); };
            if (cancel.requested()) return {};
            return [this, found = *found, room, option = option.id] {
                if (desktop_.document().option().id != option || !find_room(desktop_.document().option(), room)) return;
                std::vector<Selection> made;
                desktop_.document().edit_option(QObject::tr("Lay out luminaires"), [&](Option& o) {
                    std::erase_if(o.luminaires, [&](const Luminaire& l) {
                        const Room* in = edit::room_of(o, l);
                        return in != nullptr && in->id == room;
                    });
                    for (const Luminaire& l : found.luminaires) made.push_back(edit::add_luminaire(o, l));
                    edit::circuits_by_rows(o, room);
                });
                desktop_.document().select_all(made);
                desktop_.show(Shown::electric);
                desktop_.say(QObject::tr("%1 luminaires: mean %2 \u00b1 %3 lx, uniformity %4")
                                 .arg(found.luminaires.size())
                                 .arg(report::figure(found.mean), report::error_figure(found.half_width),
                                      language::number(found.uniformity, 'f', 2)));
            };
        });
}

Page luminaires_page(Desktop& desktop) {
    auto* page = new LuminairesPage(desktop);
    desktop.know(page);
    desktop.commands().add(
        CommandGroup::draw, QObject::tr("Place luminaires"), QKeySequence(QStringLiteral("Shift+B")),
        [&desktop, page] {
            desktop.go_to_desk(DeskKind::build);
            desktop.show_page(page);
            if (auto* button = page->findChild<QPushButton*>(QStringLiteral("place-luminaire"))) button->click();
        },
        QObject::tr("lamp light fixture"));
    return {QObject::tr("Luminaires"), QObject::tr("Kinds of luminaires, and where they hang"),
            on_desk(DeskKind::build), page};
}

}  // namespace wp::gui
