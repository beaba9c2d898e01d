// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/readings_panel.h"

#include <QApplication>
#include <QClipboard>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

#include "edit/edit.h"
#include "geometry/builder.h"
#include "geometry/readings.h"
#include "gui/desk/desktop.h"
#include "gui/entry/rows.h"
#include "gui/light/map_tools.h"
#include "gui/look/look.h"
#include "report/language/dates.h"

namespace wp::gui {
using Kind = Selection::Kind;

namespace {

QString with_error(std::optional<double> value, std::optional<double> half) {
    if (!value) return QStringLiteral("\u2026");
    return half && *half > 0 ? QStringLiteral("%1 \u00b1 %2").arg(report::figure(*value), report::error_figure(*half))
                             : report::figure(*value);
}

}  // namespace

ReadingsPanel::ReadingsPanel(Document& document, const KeptAnswers& kept, Legends& legends, QWidget* parent)
    : QWidget(parent), document_(document), kept_(kept), legends_(legends) {
    setObjectName(QStringLiteral("readings"));
    setAccessibleName(QObject::tr("Readings"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(space::small, space::small, space::small, space::small);
    column->setSpacing(space::small);
    moment_ = label({}, "small");
    empty_ = label(QObject::tr("No reading yet. Place one on a desk, a stair, the floor or a wall: what light it "
                               "has is told here and on the sheet, and follows every change."),
                   "small");
    table_ = new QTableWidget(0, 3);
    table_->setObjectName(QStringLiteral("readings-table"));
    table_->setAccessibleName(QObject::tr("Readings"));
    table_->setHorizontalHeaderLabels({QObject::tr("Reading"), QObject::tr("DF, %"), QObject::tr("Now")});
    table_->verticalHeader()->hide();
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setTabKeyNavigation(false);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    table_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Fixed);
    table_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Fixed);
    table_->horizontalHeader()->resizeSection(1, 88);
    table_->horizontalHeader()->resizeSection(2, 92);
    place_ = new QPushButton(QObject::tr("Place"));
    set_icon(place_, QStringLiteral("map-pin"));
    place_->setObjectName(QStringLiteral("place-reading"));
    remove_ = new QPushButton(QObject::tr("Remove"));
    remove_->setObjectName(QStringLiteral("remove-reading"));
    copy_ = new QPushButton(QObject::tr("Copy list"));
    copy_->setObjectName(QStringLiteral("copy-readings"));
    auto* row = new QHBoxLayout;
    row->setSpacing(space::tight);
    for (auto* button : {place_, remove_, copy_}) row->addWidget(button);
    row->addStretch(1);
    column->addLayout(row);
    column->addWidget(moment_);
    empty_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    column->addWidget(empty_, 1);
    column->addWidget(table_, 1);
    connect(place_, &QPushButton::clicked, this, &ReadingsPanel::place_wanted);
    connect(remove_, &QPushButton::clicked, this, [this] {
        const auto item = document_.selection();
        if (item.kind != Kind::reading) return;
        document_.edit_option(QObject::tr("Remove reading"), [&](model::Option& o) { edit::remove_items(o, {item}); });
    });
    connect(copy_, &QPushButton::clicked, this,
            [this] { QApplication::clipboard()->setText(QString::fromStdString(csv())); });
    connect(table_, &QTableWidget::itemSelectionChanged, this, [this] {
        if (filling_ || table_->currentRow() < 0 || table_->selectedItems().isEmpty()) return;
        document_.select(
            {Kind::reading, table_->item(table_->currentRow(), 0)->data(Qt::UserRole).toString().toStdString(), -1});
    });
    connect(table_, &QTableWidget::itemChanged, this, [this](QTableWidgetItem* item) {
        if (!filling_) rename(item);
    });
    for (const auto signal : {&Document::project_changed, &Document::selection_changed, &Document::moment_changed})
        connect(&document, signal, this, &ReadingsPanel::refresh);
    connect(&kept, &KeptAnswers::changed, this, &ReadingsPanel::refresh);
    connect(&legends, &Legends::changed, this, &ReadingsPanel::refresh);
}

void ReadingsPanel::showEvent(QShowEvent*) { refresh(); }

// Answers that were asked before a reading was placed do not know it yet.
ReadingsPanel::Row ReadingsPanel::row_of(const model::Id& reading) const {
    Row out;
    const auto& option = document_.option().id;
    if (const auto answer = kept_.reading_daylight(option))
        for (const auto& plane : answer->planes)
            if (plane.plane.plane == reading && !plane.value.empty())
                out.factor = plane.value[0],
                out.factor_half = plane.half_width.empty() ? std::nullopt : std::optional(plane.half_width[0]);
    if (const auto answer = kept_.reading_moment(option))
        for (const auto& plane : answer->planes)
            if (plane.plane.plane == reading && !plane.lux.empty())
                out.lux = plane.lux[0], out.lux_half = plane.half_width[0];
    return out;
}

std::map<model::Id, QString> ReadingsPanel::words(bool lux) const {
    const QString figure = QStringLiteral("illuminance");
    std::map<model::Id, QString> out;
    for (const auto& reading : document_.option().readings) {
        const Row row = row_of(reading.id);
        QString text = QString::fromStdString(reading.name);
        if (lux && row.lux)
            text += QStringLiteral("  %1 %2").arg(report::figure(legends_.shown(figure, *row.lux)),
                                                  legends_.footcandles() ? QStringLiteral("fc") : QStringLiteral("lx"));
        if (!lux && row.factor) text += QStringLiteral("  %1 %").arg(report::figure(*row.factor));
        out[reading.id] = text;
    }
    return out;
}

std::string ReadingsPanel::csv() const {
    QString out = QStringLiteral(
        "reading,room,x_m,y_m,z_m,daylight_factor_percent,daylight_factor_half_width,illuminance_lux,illuminance_half_"
        "width\n");
    const auto figure = [](std::optional<double> v) { return v ? QString::number(*v, 'g', 6) : QString(); };
    for (const auto& r : document_.option().readings) {
        const Row row = row_of(r.id);
        QString name = QString::fromStdString(r.name);
        out += QStringLiteral("\"%1\",%2,%3,%4,%5,%6,%7,%8,%9\n")
                   .arg(name.replace(QLatin1Char('"'), QStringLiteral("\"\"")), QString::fromStdString(r.room))
                   .arg(r.at.x, 0, 'f', 3)
                   .arg(r.at.y, 0, 'f', 3)
                   .arg(r.at.z, 0, 'f', 3)
                   .arg(figure(row.factor), figure(row.factor_half), figure(row.lux), figure(row.lux_half));
    }
    return out.toStdString();
}

void ReadingsPanel::refresh() {
    if (!isVisible()) return;
    const auto& readings = document_.option().readings;
    filling_ = true;
    empty_->setVisible(readings.empty());
    table_->setVisible(!readings.empty());
    remove_->setEnabled(document_.selection().kind == Kind::reading);
    copy_->setEnabled(!readings.empty());
    const QString unit = legends_.footcandles() ? QStringLiteral("fc") : QStringLiteral("lx");
    moment_->setText(readings.empty() ? QString()
                                      : QObject::tr("\u201cNow\u201d is %1, in %2. Each with its 95 % error.")
                                            .arg(language::text(document_.moment()), unit));
    table_->setRowCount(static_cast<int>(readings.size()));
    for (int r = 0; r < table_->rowCount(); ++r) {
        const auto& reading = readings[static_cast<size_t>(r)];
        const Row row = row_of(reading.id);
        const auto scaled = [&](std::optional<double> v) {
            return v ? std::optional(legends_.shown(QStringLiteral("illuminance"), *v)) : v;
        };
        const QString texts[] = {QString::fromStdString(reading.name), with_error(row.factor, row.factor_half),
                                 with_error(scaled(row.lux), scaled(row.lux_half))};
        for (int c = 0; c < 3; ++c) {
            if (table_->item(r, c) == nullptr) table_->setItem(r, c, new QTableWidgetItem);
            auto* item = table_->item(r, c);
            if (item->text() != texts[c]) item->setText(texts[c]);
            item->setData(Qt::UserRole, QString::fromStdString(reading.id));
            item->setFlags(Qt::ItemIsSelectable | Qt::ItemIsEnabled | (c == 0 ? Qt::ItemIsEditable : Qt::NoItemFlags));
            item->setTextAlignment((c == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
        }
        if (document_.is_selected({Kind::reading, reading.id, -1}) && table_->currentRow() != r) table_->selectRow(r);
    }
    filling_ = false;
}

void ReadingsPanel::rename(QTableWidgetItem* item) {
    const auto id = item->data(Qt::UserRole).toString().toStdString();
    const auto name = item->text().trimmed().toStdString();
    if (item->column() != 0 || name.empty()) return refresh();
    document_.edit_option(QObject::tr("Rename reading"), [&](model::Option& o) {
        edit::rename(o, {Kind::reading, id, -1}, name);
    });
}

namespace {

// How near to a wall, in pixels, a reading is meant to lie on it.
constexpr double kWallPixels = 7;

// What lies under the pointer is looked for among the surfaces of the building, in the background.
struct ReadingAsked {
    std::shared_ptr<const model::Project> project;
    size_t option = 0, storey = 0;
    Vec2 at;
    double cut = 0;
    std::optional<model::Reading> on_wall;  ///< found already: it only keeps its turn
};
struct ReadingFound {
    ReadingAsked asked;
    std::optional<model::Reading> reading;
};

ReadingFound find_reading(const ReadingAsked& asked) {
    if (asked.on_wall) return {asked, asked.on_wall};
    const auto& option = asked.project->options[asked.option];
    return {asked, geometry::reading_under(option, geometry::build_surfaces(*asked.project, option), asked.storey,
                                           asked.at, asked.cut)};
}

void add_reading(Desktop& desktop, ReadingsPanel& panel, std::optional<model::Reading> reading, size_t storey) {
    Document& document = desktop.document();
    if (!reading) return desktop.say(QObject::tr("Nothing lies there that light could be read on"));
    document.edit_option(QObject::tr("Place reading"), [&](model::Option& o) {
        reading->id = model::fresh_id(o, "reading");
        reading->name = "P" + reading->id.substr(reading->id.size() - 2);
        o.readings.push_back(*reading);
    });
    desktop.show_page(&panel);
    document.select({Kind::reading, reading->id, -1});
    desktop.say(QObject::tr("%1, %L2 m above the storey's floor: click for further ones, Escape leaves")
                    .arg(QString::fromStdString(reading->name))
                    .arg(reading->at.z - document.option().storeys[storey].level, 0, 'f', 2));
}

class ReadingPlacer : public QObject {
 public:
    ReadingPlacer(Desktop& desktop, ReadingsPanel& panel)
        : QObject(&panel),
          desktop_(desktop),
          panel_(panel),
          finder_(QT_TRANSLATE_NOOP("QObject", "Looking for a surface"), this, find_reading,
                  [this](const ReadingFound& found) { take(found); }) {}
    void place(Vec2 at) {
        Document& document = desktop_.document();
        const size_t storey = document.storey_index();
        ReadingAsked asked{document.snapshot(), document.option_index(), storey, at, desktop_.sheet().cut(), {}};
        if (const auto wall = desktop_.sheet().wall_near(desktop_.sheet().view().to_screen(at), kWallPixels))
            asked.on_wall = geometry::reading_on_wall(document.option(), storey, wall->room, wall->edge, wall->along);
        finder_.ask(std::move(asked), ++placed_);
    }

 private:
    void take(const ReadingFound& found) {
        const Document& document = desktop_.document();
        if (found.asked.option != document.option_index() || found.asked.storey >= document.option().storeys.size())
            return;
        add_reading(desktop_, panel_, found.reading, found.asked.storey);
    }

    Desktop& desktop_;
    ReadingsPanel& panel_;
    int placed_ = 0;
    Behind<ReadingAsked, ReadingFound> finder_;
};

}  // namespace

Page readings_page(Desktop& desktop) {
    auto* panel = new ReadingsPanel(desktop.document(), desktop.answers(), desktop.legends(), desktop.window());
    auto* placer = new ReadingPlacer(desktop, *panel);
    QObject::connect(&desktop.sheet().tool<ReadingTool>(), &ReadingTool::placed, placer,
                     [placer](Vec2 at) { placer->place(at); });
    QObject::connect(&desktop, &Desktop::map_shown, panel,
                     [&desktop, panel] { desktop.sheet().show_readings(panel->words(is_moment(desktop.shown()))); });
    QObject::connect(&desktop, &Desktop::page_changed, panel, [&desktop, panel] {
        desktop.asker().watch_readings(desktop.is_on(DeskKind::light) && desktop.page() == panel);
    });
    QObject::connect(panel, &ReadingsPanel::place_wanted, &desktop.sheet(),
                     [&desktop] { desktop.take_up<ReadingTool>(); });
    QObject::connect(&desktop.document(), &Document::selection_changed, panel, [&desktop, panel] {
        if (desktop.is_on(DeskKind::light) && desktop.document().selection().kind == Kind::reading)
            desktop.show_page(panel);
    });
    desktop.commands().add(CommandGroup::light, QObject::tr("Place reading"), QKeySequence(QStringLiteral("Q")),
                           [&desktop] { desktop.take_up<ReadingTool>(); });
    return {QObject::tr("Readings"), QObject::tr("Light at places that were marked, in numbers"),
            on_desk(DeskKind::light), panel};
}

}  // namespace wp::gui
