// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/year/use_panel.h"

#include <QHeaderView>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollBar>
#include <QTreeWidget>
#include <QVBoxLayout>
#include <set>

#include "edit/edit.h"
#include "gui/desk/desktop.h"
#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "gui/tool/area_tool.h"
#include "gui/year/use_parts.h"
#include "question/ask.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {

// "8 to 18", or "off".
QString hours_text(const DayHours& d) {
    if (d.to <= d.from) return QObject::tr("off");
    const auto clock = [](double h) {
        return h == std::floor(h)
                   ? language::number(h, 'f', 0)
                   : QStringLiteral("%1:%2")
                         .arg(static_cast<int>(h))
                         .arg(static_cast<int>(std::lround(60 * (h - std::floor(h)))), 2, 10, QLatin1Char('0'));
    };
    return QObject::tr("%1 to %2").arg(clock(d.from), clock(d.to));
}

// What people write for hours: "8 to 18", "8:30-17", "off".
std::optional<DayHours> read_hours(const QString& text) {
    static const QRegularExpression words(
        QStringLiteral("^\\s*(\\d{1,2})(?::(\\d{2}))?\\s*(?:to|-|\\x{2013})\\s*(\\d{1,2})(?::(\\d{2}))?\\s*$"));
    QString plain = text.trimmed().toLower();
    if (plain == QObject::tr("off") || plain.isEmpty()) return DayHours{0, 0};
    plain.replace(QObject::tr("%1 to %2").section(QLatin1Char(' '), 1, 1), QStringLiteral("-"));
    const auto m = words.match(plain);
    if (!m.hasMatch()) return {};
    const DayHours d{m.captured(1).toDouble() + m.captured(2).toDouble() / 60,
                     m.captured(3).toDouble() + m.captured(4).toDouble() / 60};
    if (d.from > 24 || d.to > 24 || d.to <= d.from) return {};
    return d;
}

}  // namespace

UsePanel::UsePanel(Document& document, const KeptAnswers& kept, Asker& asker, QWidget* parent)
    : ScrolledPage(parent),
      document_(document),
      kept_(kept),
      asker_(asker),
      group_finder_(
          QT_TRANSLATE_NOOP("QObject", "Forming window groups"), this,
          [](const GroupsAsked& asked) {
              const auto& option = asked.project->options[asked.option];
              auto surfaces = geometry::build_surfaces(*asked.project, option);
              return GroupsFound{asked, question::window_groups(*asked.project, option, surfaces)};
          },
          [this](const GroupsFound& found) { keep_groups(found); }) {
    setObjectName(QStringLiteral("use-page"));
    setAccessibleName(QObject::tr("Use"));
    setFrameShape(QFrame::NoFrame);
    for (const auto signal : {&Document::project_changed, &Document::option_changed, &Document::selection_changed})
        connect(&document, signal, this, [this] {
            stale_ = true;
            refresh();
        });
    // A reading comes with every figure that is looked at, and rarely says anything new here.
    connect(&asker, &Asker::year_read, this, [this] {
        if (told_of_year() == told_) return;
        stale_ = true;
        refresh();
    });
}

void UsePanel::showEvent(QShowEvent* event) {
    ScrolledPage::showEvent(event);
    if (page() == nullptr) return refresh();
    // A change of desk has enough to do: the page follows before anything is painted.
    QMetaObject::invokeMethod(this, &UsePanel::refresh, Qt::QueuedConnection);
}

void UsePanel::leaveEvent(QEvent* event) {
    ScrolledPage::leaveEvent(event);
    emit pointed_at({});
}

// The selected room, else the first that has a plane.
Id UsePanel::room() const {
    const auto& item = document_.selection();
    if (item.kind == Selection::Kind::room || item.kind == Selection::Kind::wall) return item.id;
    if (item.kind == Selection::Kind::opening)
        for (const auto& storey : document_.option().storeys)
            for (const auto& r : storey.rooms)
                if (model::find(r.openings, item.id) != nullptr) return r.id;
    for (const auto& plane : document_.option().planes)
        if (!plane.room.empty()) return plane.room;
    return {};
}

const std::vector<question::YearGroup>& UsePanel::groups() {
    // The year knows them; before there is one they are formed here.
    if (const auto reading = kept_.year_reading(document_.option().id);
        reading != nullptr && reading->wanted == reading->answer->record.inputs) {
        groups_ = reading->answer->groups;
        groups_of_.reset();
        return groups_;
    }
    const auto project = document_.snapshot();
    const bool other_option = groups_of_option_ != document_.option().id;
    if (groups_of_ == project && !other_option) return groups_;
    if (other_option) groups_.clear();
    groups_of_ = project;
    groups_of_option_ = document_.option().id;
    group_finder_.ask({project, document_.option_index()});
    return groups_;
}

void UsePanel::keep_groups(const GroupsFound& found) {
    if (found.asked.project != groups_of_ || document_.option().id != groups_of_option_) return;
    const auto words = [](const std::vector<question::YearGroup>& groups) {
        std::vector<std::tuple<std::string, Id, std::vector<Id>, size_t>> out;
        for (const auto& g : groups) out.emplace_back(g.name, g.id, g.openings, g.states.size());
        return out;
    };
    const bool same = words(found.groups) == words(groups_);
    groups_ = found.groups;
    if (same) return;
    stale_ = true;
    refresh();
}

void UsePanel::refresh() {
    if (!stale_ || !isVisible()) return;
    // What is being typed into stays.
    if (page() != nullptr && page()->focusWidget() != nullptr && page()->focusWidget()->hasFocus() &&
        document_.is_live())
        return;
    stale_ = false;
    const int scrolled = verticalScrollBar()->value();
    told_ = told_of_year();
    auto* column = new QVBoxLayout(begin_page());
    column->setContentsMargins(space::small, space::small, space::medium, space::medium);
    column->setSpacing(space::tight);
    add_hours(*column);
    column->addSpacing(space::small);
    add_blinds(*column);
    column->addSpacing(space::small);
    add_lighting(*column);
    column->addStretch(1);
    end_page(scrolled);
}

// What the page tells of a reading.
QStringList UsePanel::told_of_year() const {
    QStringList out;
    const auto reading = kept_.year_reading(document_.option().id);
    if (reading == nullptr) return out;
    for (const auto& group : reading->answer->groups) out << language::words(group.name);
    out << QString::number(reading->place && reading->place->point >= 0);
    if (reading->tables == nullptr) return out;
    for (const auto& g : reading->tables->groups) out << QString::number(std::lround(100 * g.of_state[0]));
    for (const auto& l : reading->tables->lighting)
        out << report::figure(l.kwh) << report::error_figure((l.kwh_high - l.kwh_low) / 2)
            << QString::number(std::lround(100 * l.saved()));
    return out;
}

void UsePanel::add_hours(QVBoxLayout& column) {
    const auto& project = document_.project();
    const auto place = find_room(document_.option(), room());
    column.addWidget(label(QObject::tr("Occupied hours"), "heading"));
    if (!place) return column.addWidget(label(QObject::tr("Draw a room first."), "small"));
    auto* form = new_form(column);
    auto* box = new QComboBox;
    box->setObjectName(QStringLiteral("occupancy"));
    box->setAccessibleName(QObject::tr("Pattern of hours"));
    box->setToolTip(QObject::tr("When people are in this room; the band on the year strip can be dragged too"));
    const auto question = question_of(project, Question::Kind::year);
    box->addItem(QObject::tr("every day, %1").arg(hours_text({question.from, question.to})), QString());
    for (const auto& o : project.occupancies) box->addItem(name_of(o.name), name_of(o.id));
    box->addItem(QObject::tr("New pattern\u2026"), QStringLiteral("*new"));
    box->setCurrentIndex(std::max(0, box->findData(name_of(place.room->occupancy))));
    const Id id = place.room->id;
    connect(box, &QComboBox::activated, box, [this, box, id] {
        const QString data = box->currentData().toString();
        document_.edit(QObject::tr("Occupied hours"), [&](Project& p) {
            const auto at = find_room(p.options[document_.option_index()], id);
            if (!at) return;
            at.room->occupancy = data.toStdString();
            if (data != QStringLiteral("*new")) return;
            Occupancy fresh_one;
            fresh_one.id = at.room->occupancy = unused_id(p.occupancies, "hours");
            fresh_one.name = QObject::tr("Working week ").toStdString() + std::to_string(p.occupancies.size() + 1);
            fresh_one.week[5] = fresh_one.week[6] = {0, 0};
            p.occupancies.push_back(fresh_one);
        });
    });
    form->addRow(name_of(place.room->name), box);
    if (const auto* pattern = model::find(project.occupancies, place.room->occupancy)) add_pattern(column, *pattern);
    // Hours of criteria go by the clock too, whoever is there.
    add_calendar(column);
}

void UsePanel::add_pattern(QVBoxLayout& column, const Occupancy& pattern) {
    auto* form = new_form(column);
    const Id id = pattern.id;
    const auto change = [this, id](const QString& what, const std::function<void(Occupancy&)>& how) {
        document_.edit(what, [&](Project& p) {
            if (auto* o = model::find(p.occupancies, id)) how(*o);
        });
    };
    add_name(*form, pattern.name, [change](const std::string& name) {
        change(QObject::tr("Rename pattern"), [&](Occupancy& o) { o.name = name; });
    });
    auto* week = new QHBoxLayout;
    week->setSpacing(2);
    auto* days = new QGridLayout;
    days->setSpacing(2);
    for (size_t d = 0; d < 7; ++d) {
        auto* title = new QLabel(language::weekday_short(d));
        title->setProperty("role", QStringLiteral("small"));
        auto* field = new QLineEdit(hours_text(pattern.week[d]));
        field->setObjectName(QStringLiteral("hours-%1").arg(QString::fromLatin1(kDayNames[d])));
        field->setAccessibleName(language::weekday_short(d));
        field->setToolTip(QObject::tr("\"8 to 18\", \"8:30-17\", or \"off\""));
        connect(field, &QLineEdit::editingFinished, field, [this, field, change, d, now = pattern.week[d]] {
            const auto hours = read_hours(field->text());
            if (!hours) {
                field->setText(hours_text(now));
                return emit said(QObject::tr("Write hours like \"8 to 18\", or \"off\""));
            }
            if (*hours != now) change(QObject::tr("Occupied hours"), [&](Occupancy& o) { o.week[d] = *hours; });
        });
        days->addWidget(title, static_cast<int>(d) % 4, static_cast<int>(d) / 4 * 2);
        days->addWidget(field, static_cast<int>(d) % 4, static_cast<int>(d) / 4 * 2 + 1);
    }
    column.addLayout(days);
    auto* more = new_form(column);
    add_flag(*more, QString(), QObject::tr("works on holidays"), pattern.on_holidays,
             [change](bool on) { change(QObject::tr("Holidays"), [&](Occupancy& o) { o.on_holidays = on; }); });
    auto* remove = add_button(*more, QObject::tr("Remove pattern"), "remove-occupancy", [this, id] {
        document_.edit(QObject::tr("Remove pattern"), [&](Project& p) {
            std::erase_if(p.occupancies, [&](const Occupancy& o) { return o.id == id; });
            for (auto& option : p.options)
                for (auto& storey : option.storeys)
                    for (auto& r : storey.rooms)
                        if (r.occupancy == id) r.occupancy.clear();
        });
    });
    remove->setToolTip(QObject::tr("Its rooms take the hours of the question again"));
}

void UsePanel::add_blinds(QVBoxLayout& column) {
    column.addWidget(label(QObject::tr("Window groups and blinds"), "heading"));
    const auto& all = groups();
    auto* tree = new QTreeWidget;
    tree->setObjectName(QStringLiteral("groups"));
    tree->setAccessibleName(QObject::tr("Window groups"));
    tree->setHeaderLabels({QObject::tr("Group"), QObject::tr("Open")});
    tree->setRootIsDecorated(false);
    tree->setUniformRowHeights(true);
    tree->setMouseTracking(true);
    tree->setFixedHeight(std::clamp(24 * static_cast<int>(all.size()) + 34, 80, 190));
    tree->header()->setStretchLastSection(false);
    // Names are what tells groups apart: theirs is all the width there is. How many windows they have stands in the
    // tip.
    tree->header()->setSectionResizeMode(1, QHeaderView::Fixed);
    tree->header()->resizeSection(1, 64);
    tree->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    const auto reading = kept_.year_reading(document_.option().id);
    const auto open_share = [&](const std::string& name) {
        if (reading != nullptr && reading->tables != nullptr)
            for (const auto& g : reading->tables->groups)
                if (reading->answer->groups[g.group].name == name)
                    return QStringLiteral("%L1 %").arg(100 * g.of_state[0], 0, 'f', 0);
        return QStringLiteral("\u2013");
    };
    const question::YearGroup* shown = nullptr;
    for (const auto& g : all) {
        if (g.name == chosen_) shown = &g;
        auto* item = new QTreeWidgetItem(
            {language::words(g.name), g.states.empty() ? QObject::tr("no blind") : open_share(g.name)});
        item->setTextAlignment(1, Qt::AlignRight | Qt::AlignVCenter);
        QStringList ids;
        for (const auto& id : g.openings) ids << name_of(id);
        item->setToolTip(
            0, QStringLiteral("%1%2: %3")
                   .arg(name_of(g.name), g.id.empty() ? QObject::tr(", formed by itself") : QObject::tr(", by hand"),
                        ids.join(QStringLiteral(", "))));
        item->setToolTip(1, QObject::tr("Share of the daylit hours in which its blinds are open"));
        tree->addTopLevelItem(item);
        if (g.name == chosen_) tree->setCurrentItem(item);
    }
    const auto windows = [this](const QTreeWidgetItem* item) {
        std::set<Id> ids;
        for (const auto& g : groups_)
            if (item != nullptr && language::words(g.name) == item->text(0))
                ids.insert(g.openings.begin(), g.openings.end());
        return ids;
    };
    connect(tree, &QTreeWidget::itemEntered, this,
            [this, windows](QTreeWidgetItem* item) { emit pointed_at(windows(item)); });
    connect(tree, &QTreeWidget::itemClicked, this, [this](QTreeWidgetItem* item) {
        chosen_ = item->text(0).toStdString();
        YearWish wish = asker_.wish();
        wish.group = chosen_;
        asker_.wish_year(wish);
        stale_ = true;
        QMetaObject::invokeMethod(this, &UsePanel::refresh, Qt::QueuedConnection);
    });
    column.addWidget(tree);
    auto* form = new_form(column);
    add_button(*form, QObject::tr("Group the selected windows"), "group-windows", [this] {
        group_selected();
    })->setToolTip(QObject::tr("Select windows on the sheet (Shift adds): their blinds then move together"));
    // The control of a group by hand is its own; all others share the option's.
    const bool by_hand = shown != nullptr && !shown->id.empty();
    if (by_hand) {
        const Id id = shown->id;
        const auto change = [this, id](const QString& what, const std::function<void(WindowGroup&)>& how) {
            document_.edit_option(what, [&](Option& o) {
                if (auto* g = model::find(o.groups, id)) how(*g);
            });
        };
        add_name(*form, shown->name, [this, change](const std::string& name) {
            chosen_ = name;
            change(QObject::tr("Rename group"), [&](WindowGroup& g) { g.name = name; });
        });
        add_control(*form, shown->control, QStringLiteral("group"),
                    [change](const std::function<void(BlindControl&)>& how) {
                        change(QObject::tr("Blinds"), [&](WindowGroup& g) { how(g.control); });
                    });
        add_button(*form, QObject::tr("Dissolve this group"), "dissolve-group", [this, id] {
            document_.edit_option(QObject::tr("Dissolve group"), [&](Option& o) {
                std::erase_if(o.groups, [&](const WindowGroup& g) { return g.id == id; });
            });
        });
        return;
    }
    form->addRow(label(
        shown != nullptr
            ? QObject::tr("%1 formed by itself. All such groups are worked alike:").arg(language::words(shown->name))
            : QObject::tr("Groups that formed themselves are worked alike:"),
        "small"));
    add_control(*form, document_.option().control, QStringLiteral("all"),
                [this](const std::function<void(BlindControl&)>& how) {
                    document_.edit_option(QObject::tr("Blinds"), [&](Option& o) { how(o.control); });
                });
}

void UsePanel::add_control(QFormLayout& form, const BlindControl& c, const QString& key,
                           std::function<void(const std::function<void(BlindControl&)>&)> change) {
    using Kind = BlindControl::Kind;
    auto* kind = new QComboBox;
    kind->setObjectName(QStringLiteral("control-") + key);
    kind->setAccessibleName(QObject::tr("Blinds are"));
    for (const Kind k : {Kind::open, Kind::closed, Kind::schedule, Kind::direct_sun, Kind::plane_lux, Kind::window_lux,
                         Kind::window_irradiance})
        kind->addItem(language::words(control_name(k)), static_cast<int>(k));
    kind->setCurrentIndex(kind->findData(static_cast<int>(c.kind)));
    kind->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    kind->setMinimumContentsLength(10);
    connect(kind, &QComboBox::activated, kind, [kind, change] {
        const auto k = static_cast<Kind>(kind->currentData().toInt());
        change([&](BlindControl& b) {
            b.kind = k;
            if (k == Kind::window_irradiance) b.limit = 200;
            if (k == Kind::plane_lux) b.limit = 2000;
            if (k == Kind::window_lux) b.limit = 25000;
        });
    });
    form.addRow(QObject::tr("Closed"), kind);
    if (c.kind == Kind::plane_lux || c.kind == Kind::window_lux || c.kind == Kind::window_irradiance)
        add_number(form, c.kind == Kind::window_irradiance ? QObject::tr("Above, W/m\u00b2") : QObject::tr("Above, lx"),
                   c.limit, Unit::plain,
                   [change](double v) { change([&](BlindControl& b) { b.limit = std::clamp(v, 0.0, 200000.0); }); });
    if (c.kind == Kind::schedule) {
        auto* hours = new QLineEdit(hours_text({c.from, c.to}));
        hours->setObjectName(QStringLiteral("control-hours"));
        connect(hours, &QLineEdit::editingFinished, hours, [hours, change, c] {
            const auto read = read_hours(hours->text());
            if (!read || read->to <= read->from) return hours->setText(hours_text({c.from, c.to}));
            if (read->from != c.from || read->to != c.to)
                change([&](BlindControl& b) {
                    b.from = read->from;
                    b.to = read->to;
                });
        });
        form.addRow(QObject::tr("Hours"), hours);
        add_number(form, QObject::tr("From month"), c.month_from, Unit::plain,
                   [change](double v) { change([&](BlindControl& b) { b.month_from = whole_number(v, 1, 12); }); });
        add_number(form, QObject::tr("To month"), c.month_to, Unit::plain,
                   [change](double v) { change([&](BlindControl& b) { b.month_to = whole_number(v, 1, 12); }); });
    }
    auto* states = new QComboBox;
    states->setObjectName(QStringLiteral("states-") + key);
    states->setAccessibleName(QObject::tr("Blinds"));
    states->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    states->setMinimumContentsLength(10);
    states->setToolTip(
        QObject::tr("What hangs there, from the most open to the most closed: add a state, or take them all away "
                    "for each window's own blind"));
    QStringList names;
    for (const Id& id : c.states)
        if (const auto* m = model::find(document_.project().materials, id)) names << name_of(m->name);
    states->addItem(names.isEmpty() ? QObject::tr("each window's own") : names.join(QObject::tr(", then ")), QString());
    if (!names.isEmpty()) states->addItem(QObject::tr("each window's own"), QStringLiteral("*own"));
    for (const auto& m : document_.project().materials)
        if (m.kind == Material::Kind::fabric || m.kind == Material::Kind::slats)
            states->addItem((names.isEmpty() ? QStringLiteral("") : QObject::tr("then ")) + name_of(m.name),
                            name_of(m.id));
    connect(states, &QComboBox::activated, states, [states, change] {
        const QString data = states->currentData().toString();
        if (data.isEmpty()) return;
        change([&](BlindControl& b) {
            if (data == QStringLiteral("*own"))
                b.states.clear();
            else if (b.states.size() < 8)
                b.states.push_back(data.toStdString());
        });
    });
    form.addRow(QObject::tr("Blind"), states);
    add_flag(form, QString(), QObject::tr("slats follow the sun"), c.tracks_sun, [change](bool on) {
        change([&](BlindControl& b) { b.tracks_sun = on; });
    })->setToolTip(QObject::tr("Slats are tilted just as far as keeps the direct sun out: five tilts are traced"));
}

void UsePanel::group_selected() {
    std::vector<Id> windows;
    for (const auto& item : document_.selected())
        if (item.kind == Selection::Kind::opening || item.kind == Selection::Kind::rooflight)
            windows.push_back(item.id);
    if (windows.empty()) return emit said(QObject::tr("Select windows on the sheet first: click one, Shift adds"));
    document_.edit_option(QObject::tr("Group windows"), [&](Option& o) {
        for (auto& g : o.groups)
            std::erase_if(g.openings,
                          [&](const Id& id) { return std::find(windows.begin(), windows.end(), id) != windows.end(); });
        std::erase_if(o.groups, [](const WindowGroup& g) { return g.openings.empty(); });
        WindowGroup group;
        group.id = unused_id(o.groups, "group");
        group.name = QObject::tr("Group ").toStdString() + std::to_string(o.groups.size() + 1);
        group.openings = windows;
        group.control = o.control;
        chosen_ = group.name;
        o.groups.push_back(std::move(group));
    });
}

void UsePanel::add_lighting(QVBoxLayout& column) {
    column.addWidget(label(QObject::tr("Electric light"), "heading"));
    const Id in = room();
    const ReferencePlane* first = nullptr;
    for (const auto& plane : document_.option().planes) {
        if (plane.room != in) continue;
        if (first == nullptr) first = &plane;
        for (const auto& l : document_.option().lighting)
            if (l.plane == plane.id) add_light(column, l);
    }
    if (first == nullptr)
        return column.addWidget(
            label(QObject::tr("The room has no reference plane: electric light is told of one."), "small"));
    auto* form = new_form(column);
    add_button(*form, QObject::tr("Add electric light"), "add-lighting", [this, plane = first->id] {
        document_.edit_option(QObject::tr("Electric light"), [&](Option& o) {
            Lighting l;
            l.id = unused_id(o.lighting, "light");
            l.name = QObject::tr("Light ").toStdString() + std::to_string(o.lighting.size() + 1);
            l.plane = plane;
            l.target = question_of(document_.project(), Question::Kind::year).target;
            o.lighting.push_back(l);
        });
    });
}

void UsePanel::add_light(QVBoxLayout& column, const Lighting& l) {
    using Control = Lighting::Control;
    auto* form = new_form(column);
    const Id id = l.id;
    const auto change = [this, id](const std::function<void(Lighting&)>& how) {
        document_.edit_option(QObject::tr("Electric light"), [&](Option& o) {
            if (auto* light = model::find(o.lighting, id)) how(*light);
        });
    };
    add_name(*form, l.name, [change](const std::string& name) { change([&](Lighting& x) { x.name = name; }); });
    add_number(*form, QObject::tr("Installed, W/m\u00b2"), l.power, Unit::plain, [change](double v) {
        change([&](Lighting& x) { x.power = std::clamp(v, 0.0, 1000.0); });
    })->setObjectName(QStringLiteral("light-power"));
    add_number(*form, QObject::tr("Target, lx"), l.target, Unit::plain,
               [change](double v) { change([&](Lighting& x) { x.target = std::clamp(v, 1.0, 100000.0); }); });
    add_choice<Control>(*form, QObject::tr("Switched"),
                        {{QT_TRANSLATE_NOOP("QObject", "by hand"), Control::manual},
                         {QT_TRANSLATE_NOOP("QObject", "on and off"), Control::switched},
                         {QT_TRANSLATE_NOOP("QObject", "in steps"), Control::stepped},
                         {QT_TRANSLATE_NOOP("QObject", "dimmed"), Control::dimmed}},
                        l.control, [change](Control c) { change([&](Lighting& x) { x.control = c; }); });
    if (l.control == Control::stepped)
        add_number(*form, QObject::tr("Steps"), l.steps, Unit::plain,
                   [change](double v) { change([&](Lighting& x) { x.steps = whole_number(v, 1, 20); }); });
    if (l.control == Control::dimmed) {
        add_number(*form, QObject::tr("Least power"), l.least_power, Unit::percent,
                   [change](double v) { change([&](Lighting& x) { x.least_power = std::clamp(v, 0.0, 1.0); }); });
        add_number(*form, QObject::tr("Least light"), l.least_light, Unit::percent,
                   [change](double v) { change([&](Lighting& x) { x.least_light = std::clamp(v, 0.0, 1.0); }); });
    }
    add_number(*form, QObject::tr("Stand-by, W/m\u00b2"), l.stand_by, Unit::plain,
               [change](double v) { change([&](Lighting& x) { x.stand_by = std::clamp(v, 0.0, 100.0); }); });
    const auto reading = kept_.year_reading(document_.option().id);
    if (reading != nullptr && reading->tables != nullptr)
        for (const auto& year : reading->tables->lighting)
            if (year.id == id)
                form->addRow(
                    label(QObject::tr("%1 \u00b1 %2 kWh a year, %L3 % less than always on. Sensor: %4.")
                              .arg(report::figure(year.kwh), report::error_figure((year.kwh_high - year.kwh_low) / 2))
                              .arg(100 * year.saved(), 0, 'f', 0)
                              .arg(l.sensor_placed ? QObject::tr("where it was placed")
                                                   : QObject::tr("where a tenth of the area is darker")),
                          "small"));
    const bool whole = l.area.empty();
    add_button(*form, whole ? QObject::tr("Only a part of the plane") : QObject::tr("All of the plane again"),
               "light-area",
               [this, change, id, whole] {
                   if (whole)
                       emit area_wanted(id);
                   else
                       change([](Lighting& x) { x.area.clear(); });
               })
        ->setToolTip(QObject::tr("Drag the part on the sheet: its points alone are lit, and set the light"));
    // The point that is asked about is where the photosensor may go.
    const auto* place = reading != nullptr && reading->place && reading->place->point >= 0 ? &*reading->place : nullptr;
    auto* sensor = add_button(
        *form,
        l.sensor_placed ? QObject::tr("Sensor back to the dark tenth") : QObject::tr("Sensor at the point asked about"),
        "light-sensor", [this, change, on = l.sensor_placed] {
            const auto now = kept_.year_reading(document_.option().id);
            if (on) return change([](Lighting& x) { x.sensor_placed = false; });
            if (now == nullptr || !now->place || now->place->point < 0) return;
            const Vec3 at = now->answer->planes[now->place->plane].plane.points[static_cast<size_t>(now->place->point)];
            change([&](Lighting& x) {
                x.sensor = {at.x, at.y};
                x.sensor_placed = true;
            });
        });
    sensor->setEnabled(l.sensor_placed || place != nullptr);
    sensor->setToolTip(QObject::tr("Click a point of the map of the year first"));
    add_button(*form, QObject::tr("Remove electric light"), "remove-lighting", [this, id] {
        document_.edit_option(QObject::tr("Remove electric light"), [&](Option& o) {
            std::erase_if(o.lighting, [&](const Lighting& x) { return x.id == id; });
        });
    });
    name_fields(*form);
}

Page use_page(Desktop& desktop) {
    auto* panel = new UsePanel(desktop.document(), desktop.answers(), desktop.asker(), desktop.window());
    QObject::connect(panel, &UsePanel::said, &desktop, &Desktop::say);
    QObject::connect(panel, &UsePanel::pointed_at, &desktop.sheet(), &Sheet::highlight);
    QObject::connect(panel, &UsePanel::area_wanted, &desktop.sheet(), [&desktop](const model::Id& lighting) {
        desktop.sheet().tool<AreaTool>().take_up_for(lighting, AreaTool::Of::lighting);
    });
    return {QObject::tr("Use"), QObject::tr("Occupied hours, targets, blinds and electric light"),
            on_desk(DeskKind::light), panel};
}

}  // namespace wp::gui
