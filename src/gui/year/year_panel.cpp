// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/year/year_panel.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

#include "gui/desk/desktop.h"
#include "gui/entry/rows.h"
#include "gui/look/figure_table.h"
#include "gui/look/look.h"
#include "question/ask.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "rule/data.h"

namespace wp::gui {
using figure::RoomFigure;
using question::Operation;

namespace {

// Columns of the table of rooms.
constexpr const char* kColumns[] = {"autonomy", "spatial_autonomy_lm83", "sunlight_exposure_lm83"};
constexpr int kHour = Qt::UserRole + 1;
/// Of tables: the page takes no height from what stands below it.
constexpr int kLeastHeight = 60;

const RoomFigure* room_figure(const std::vector<RoomFigure>& figures, const std::string& id) {
    for (const auto& f : figures)
        if (f.id == id) return &f;
    return nullptr;
}

QString words(const RoomFigure& f) {
    const double half = (f.high - f.low) / 2;
    return half > 0 ? QStringLiteral("%1 \u00b1 %2 %3")
                          .arg(report::figure(f.value), report::error_figure(half), language::words(f.unit))
                    : QStringLiteral("%1 %2").arg(report::figure(f.value), language::words(f.unit));
}

// Sorted by number, not by word.
class NumberItem : public QTableWidgetItem {
 public:
    NumberItem(const QString& text, double value) : QTableWidgetItem(text), value_(value) {
        setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
    }
    bool operator<(const QTableWidgetItem& other) const override {
        const auto* number = dynamic_cast<const NumberItem*>(&other);
        return number != nullptr ? value_ < number->value_ : QTableWidgetItem::operator<(other);
    }

 private:
    double value_;
};

QTableWidget* table(const char* name, const QString& title, const QStringList& heads) {
    auto* t = figure_table(name, title);
    set_heads(*t, heads, [](int column) { return column > 0; });
    t->verticalHeader()->setDefaultSectionSize(21);
    t->setSelectionBehavior(QAbstractItemView::SelectRows);
    t->setSelectionMode(QAbstractItemView::SingleSelection);
    t->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    t->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    t->horizontalHeader()->setMinimumSectionSize(30);
    t->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    t->setMinimumHeight(kLeastHeight);
    return t;
}

// A list below the others, its word before it.
QComboBox* add_choice(QVBoxLayout& column, const QString& word, const char* name, const QString& accessible,
                      const QString& tip) {
    auto* row = new QHBoxLayout;
    auto* before = new QLabel(word);
    before->setProperty("role", QStringLiteral("small"));
    row->addWidget(before);
    auto* out = new QComboBox;
    out->setObjectName(QString::fromLatin1(name));
    out->setAccessibleName(accessible);
    out->setToolTip(tip);
    row->addWidget(out, 1);
    column.addLayout(row);
    return out;
}

}  // namespace

YearPanel::YearPanel(Document& document, const KeptAnswers& kept, Asker& asker, QWidget* parent)
    : QWidget(parent), document_(document), kept_(kept), asker_(asker) {
    setObjectName(QStringLiteral("year-page"));
    setAccessibleName(QObject::tr("Year"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(space::small, space::small, space::small, space::small);
    column->setSpacing(space::small);
    empty_ = label({}, "small");
    empty_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    column->addWidget(empty_, 1);
    body_ = new QWidget;
    column->addWidget(body_, 1);
    auto* inner = new QVBoxLayout(body_);
    inner->setContentsMargins(0, 0, 0, 0);
    inner->setSpacing(space::tight);
    operation_ = add_choice(*inner, QObject::tr("Blinds"), "operation", QObject::tr("Blinds"),
                            QObject::tr("How blinds are worked in all figures that do not say so themselves"));
    operation_->addItem(QObject::tr("as their groups say"), static_cast<int>(Operation::control));
    operation_->addItem(QObject::tr("by the rule of LM-83"), static_cast<int>(Operation::lm83));
    operation_->addItem(QObject::tr("open all the time"), static_cast<int>(Operation::open));
    connect(operation_, &QComboBox::activated, this, [this] {
        YearWish wish = asker_.wish();
        wish.operation = static_cast<Operation>(operation_->currentData().toInt());
        asker_.wish_year(wish);
    });
    add_counted(*inner);
    auto* months = new QHBoxLayout;
    months->setSpacing(0);
    for (int m = 0; m < 12; ++m) {
        auto* button = months_[static_cast<size_t>(m)] = new QToolButton;
        button->setText(language::month_short(m + 1).left(1));
        button->setCheckable(true);
        button->setChecked(true);
        button->setObjectName(QStringLiteral("month-%1").arg(m + 1));
        button->setAccessibleName(language::month_short(m + 1));
        button->setToolTip(QObject::tr("%1 counts").arg(language::month_short(m + 1)));
        button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        button->setMinimumWidth(18);
        button->setStyleSheet(QStringLiteral("padding: 4px 0px"));
        connect(button, &QToolButton::clicked, this, [this, m](bool on) { choose_months(m, on); });
        months->addWidget(button);
    }
    inner->addLayout(months);
    rooms_ = table("year-rooms", QObject::tr("Rooms"),
                   {QObject::tr("Room, in %"), QStringLiteral("DA"), QStringLiteral("sDA"), QStringLiteral("ASE")});
    for (int c = 0; c < 3; ++c) {
        rooms_->horizontalHeaderItem(c + 1)->setToolTip(meaning_of(kColumns[c]));
        // Three digits below a short head: room for the names.
        rooms_->horizontalHeader()->setSectionResizeMode(c + 1, QHeaderView::Fixed);
        rooms_->setColumnWidth(c + 1, 46);
    }
    rooms_->setSortingEnabled(true);
    rooms_->sortByColumn(0, Qt::AscendingOrder);
    connect(rooms_, &QTableWidget::itemSelectionChanged, this, [this] {
        const int at = rooms_->currentRow();
        if (filling_ || at < 0 || rooms_->item(at, 0) == nullptr) return;
        document_.select({Selection::Kind::room, rooms_->item(at, 0)->data(Qt::UserRole).toString().toStdString(), -1});
    });
    inner->addWidget(rooms_, 4);
    auto* heads = new QHBoxLayout;
    title_ = label({}, "heading");
    title_->setObjectName(QStringLiteral("year-title"));
    heads->addWidget(title_, 1);
    pages_ = new QStackedWidget;
    auto* choice = new QButtonGroup(this);
    for (const auto& [text, name, page] : {std::tuple{QT_TRANSLATE_NOOP("QObject", "Figures"), "year-show-figures", 0},
                                           std::tuple{QT_TRANSLATE_NOOP("QObject", "Hours"), "year-show-hours", 1}}) {
        auto* button = new QToolButton;
        button->setText(language::words(text));
        button->setObjectName(QString::fromLatin1(name));
        button->setCheckable(true);
        button->setChecked(page == 0);
        choice->addButton(button, page);
        heads->addWidget(button);
    }
    connect(choice, &QButtonGroup::idClicked, pages_, &QStackedWidget::setCurrentIndex);
    inner->addLayout(heads);
    pages_->addWidget(figures_page());
    pages_->addWidget(hours_page());
    inner->addWidget(pages_, 6);
    connect(&asker, &Asker::year_read, this, &YearPanel::refresh);
    for (const auto signal : {&Document::option_changed, &Document::selection_changed, &Document::path_changed})
        connect(&document, signal, this, &YearPanel::refresh);
    connect(&kept, &KeptAnswers::changed, this, &YearPanel::refresh);
    refresh();
}

// Which light the figures and the map count.
void YearPanel::add_counted(QVBoxLayout& column) {
    using question::LightCounted;
    counted_ = add_choice(
        column, QObject::tr("Counts"), "counted", QObject::tr("Which light counts"),
        QObject::tr("Electric light is what the circuits give in each hour: as their control dims them, and as scenes "
                    "hold. Figures that a standard defines stay those of daylight."));
    counted_->addItem(QObject::tr("daylight"), static_cast<int>(LightCounted::daylight));
    counted_->addItem(QObject::tr("electric light"), static_cast<int>(LightCounted::electric));
    counted_->addItem(QObject::tr("daylight and electric light"), static_cast<int>(LightCounted::both));
    connect(counted_, &QComboBox::activated, this, [this] {
        YearWish wish = asker_.wish();
        wish.counted = static_cast<LightCounted>(counted_->currentData().toInt());
        asker_.wish_year(wish);
    });
}

// All figures of a room, and beside the one that is chosen what it means and what is usual.
QWidget* YearPanel::figures_page() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(space::tight);
    figures_ =
        table("year-figures", QObject::tr("Figures of the room"), {QObject::tr("Figure"), QObject::tr("Value, 95 %")});
    connect(figures_, &QTableWidget::itemSelectionChanged, this, &YearPanel::explain);
    column->addWidget(figures_, 1);
    explained_ = new QTextBrowser;
    explained_->setObjectName(QStringLiteral("year-explained"));
    explained_->setAccessibleName(QObject::tr("What the figure means"));
    explained_->setFrameShape(QFrame::NoFrame);
    explained_->setProperty("role", QStringLiteral("small"));
    explained_->setFixedHeight(86);
    explained_->setTabChangesFocus(true);
    column->addWidget(explained_);
    return page;
}

QWidget* YearPanel::hours_page() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(space::tight);
    failing_ = label({}, "small");
    failing_->setObjectName(QStringLiteral("year-failing"));
    column->addWidget(failing_);
    hours_of_ = new QComboBox;
    hours_of_->setObjectName(QStringLiteral("hours-of"));
    hours_of_->setAccessibleName(QObject::tr("Which hours"));
    hours_of_->addItems({QObject::tr("The least and the most light"), QObject::tr("No blind keeps the sun out")});
    connect(hours_of_, &QComboBox::activated, this, &YearPanel::refresh);
    column->addWidget(hours_of_);
    hours_ = new QTreeWidget;
    hours_->setObjectName(QStringLiteral("year-hours"));
    hours_->setAccessibleName(QObject::tr("Hours of the room"));
    hours_->setRootIsDecorated(false);
    hours_->setUniformRowHeights(true);
    hours_->setColumnCount(4);
    hours_->setMinimumHeight(kLeastHeight);
    hours_->header()->setStretchLastSection(true);
    hours_->header()->setSectionResizeMode(QHeaderView::ResizeToContents);
    hours_->setToolTip(QObject::tr("Click an hour: its light comes onto the sheet"));
    connect(hours_, &QTreeWidget::itemClicked, this, [this](QTreeWidgetItem* item, int at) {
        const QVariant hour = item->data(at < 2 ? 0 : 2, kHour);
        if (!hour.isValid()) return;
        document_.show_moment(climate::moment_of(hour.toInt() / 24, hour.toInt() % 24 + 0.5));
        emit hour_wanted();
    });
    column->addWidget(hours_, 1);
    return page;
}

void YearPanel::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

QString YearPanel::meaning_of(const std::string& figure) {
    const auto* of = rule::usual_values().find(figure);
    if (of == nullptr) return {};
    QString text = language::words(of->definition);
    for (const auto& v : of->values)
        text += QStringLiteral("\n%1 %2: %3 (%4)")
                    .arg(v.value)
                    .arg(language::words(of->unit), language::words(v.meaning), language::words(v.source));
    return text;
}

// One click on a month among all of them takes that one alone; further clicks add and take away; none is all.
void YearPanel::choose_months(int month, bool on) {
    YearWish wish = asker_.wish();
    const auto count = std::count(wish.months.begin(), wish.months.end(), true);
    if (count == 12) {
        wish.months.fill(false);
        on = true;
    }
    wish.months[static_cast<size_t>(month)] = on;
    if (std::count(wish.months.begin(), wish.months.end(), true) == 0) wish.months.fill(true);
    asker_.wish_year(wish);
    refresh();
}

void YearPanel::refresh() {
    for (size_t m = 0; m < 12; ++m) months_[m]->setChecked(asker_.wish().months[m]);
    operation_->setCurrentIndex(operation_->findData(static_cast<int>(asker_.wish().operation)));
    counted_->setCurrentIndex(counted_->findData(static_cast<int>(asker_.wish().counted)));
    if (!isVisible()) return;
    const auto reading = kept_.year_reading(document_.option().id);
    const bool running = asker_.jobs().is_running();
    empty_->setVisible(reading == nullptr);
    body_->setVisible(reading != nullptr);
    if (reading == nullptr)
        return empty_->setText(
            running ? QObject::tr("The year is being traced: its progress is below. All else may go on meanwhile.")
                    : QObject::tr("No year yet. Press Run the year (Y): light is traced once; after that hours, "
                                  "glass, dirt, blinds and targets change without waiting."));
    filling_ = true;
    if (reading->tables != nullptr) {
        fill_rooms(*reading);
        fill_figures(*reading);
        fill_hours(*reading);
    }
    filling_ = false;
}

void YearPanel::fill_rooms(const YearReading& reading) {
    rooms_->setSortingEnabled(false);
    rooms_->setRowCount(0);
    std::vector<geometry::PlanePoints> planes;
    for (const auto& p : reading.answer->planes) planes.push_back(p.plane);
    const auto names = question::plane_names(document_.option(), planes);
    for (size_t p = 0; p < reading.tables->rooms.size(); ++p) {
        if (question::only_for_rules(document_.option(), planes[p].plane)) continue;
        const int row = rooms_->rowCount();
        rooms_->insertRow(row);
        auto* name = new QTableWidgetItem(language::words(names[p]));
        name->setToolTip(name->text());
        name->setData(Qt::UserRole, name_of(planes[p].room));
        rooms_->setItem(row, 0, name);
        for (int c = 0; c < 3; ++c) {
            const auto* f = room_figure(reading.tables->rooms[p], kColumns[c]);
            if (f == nullptr) continue;
            auto* item = new NumberItem(language::number(f->value, 'f', 0), f->value);
            item->setToolTip(QStringLiteral("%1: %2\n%3").arg(language::words(f->name), words(*f), meaning_of(f->id)));
            rooms_->setItem(row, c + 1, item);
        }
    }
    rooms_->setSortingEnabled(true);
    for (int r = 0; r < rooms_->rowCount(); ++r)
        if (rooms_->item(r, 0)->data(Qt::UserRole).toString().toStdString() == reading.wish.room) rooms_->selectRow(r);
}

void YearPanel::fill_figures(const YearReading& reading) {
    if (!reading.place) return;
    const auto& plane = reading.answer->planes[reading.place->plane].plane;
    title_->setText(language::words(question::plane_names(document_.option(), {plane})[0]));
    const auto& list = reading.tables->rooms[reading.place->plane];
    figures_->setRowCount(static_cast<int>(list.size()));
    for (size_t i = 0; i < list.size(); ++i) {
        auto* name = new QTableWidgetItem(language::words(list[i].name));
        auto* value = new QTableWidgetItem(words(list[i]));
        value->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
        const QString band =
            list[i].high > list[i].low
                ? QObject::tr("\n95 %: %1 to %2 %3")
                      .arg(report::figure(list[i].low), report::figure(list[i].high), language::words(list[i].unit))
                : QObject::tr("\nNothing is sampled here: exact for these hours");
        name->setData(Qt::UserRole, name_of(list[i].id));
        for (auto* item : {name, value})
            item->setToolTip(language::words(list[i].name) + QStringLiteral("\n") + meaning_of(list[i].id) + band);
        figures_->setItem(static_cast<int>(i), 0, name);
        figures_->setItem(static_cast<int>(i), 1, value);
    }
    figures_->resizeRowsToContents();
    explain();
}

void YearPanel::explain() {
    const auto* item = figures_->currentRow() >= 0 ? figures_->item(figures_->currentRow(), 0) : nullptr;
    explained_->setPlainText(item != nullptr
                                 ? meaning_of(item->data(Qt::UserRole).toString().toStdString())
                                 : QObject::tr("Choose a figure: here stands what it means and what is usual."));
}

void YearPanel::fill_hours(const YearReading& reading) {
    const auto& tables = *reading.tables;
    failing_->setText(QObject::tr("In %1 of %2 occupied hours less than half of it has %3 lx.%4")
                          .arg(tables.failing)
                          .arg(tables.counted)
                          .arg(reading.use.limits.target)
                          .arg(tables.unmet.empty()
                                   ? QString()
                                   : QObject::tr(" In %1 hours no blind keeps the sun out.").arg(tables.unmet.size())));
    failing_->setToolTip(
        QObject::tr("No state of its window groups keeps 1000 lx of direct sun from more than 2 % of its points: "
                    "the rule of LM-83 cannot be met then"));
    const bool unmet = hours_of_->currentIndex() == 1;
    hours_->setHeaderLabels(
        unmet
            ? QStringList{QObject::tr("Hour"), QObject::tr("Area"), QObject::tr("Hour"), QObject::tr("Area")}
            : QStringList{QObject::tr("Darkest"), QObject::tr("Area"), QObject::tr("Brightest"), QObject::tr("Area")});
    hours_->headerItem()->setToolTip(1, QObject::tr("Share of the room that has the target"));
    hours_->clear();
    const auto& left = unmet ? tables.unmet : tables.worst;
    const size_t rows = unmet ? (left.size() + 1) / 2 : left.size();
    for (size_t i = 0; i < rows; ++i) {
        auto* item = new QTreeWidgetItem;
        const auto put = [&](int column, const YearTables::HourOf& hour) {
            item->setText(column, language::text(climate::moment_of(hour.hour / 24, hour.hour % 24)));
            item->setText(column + 1, QStringLiteral("%L1 %").arg(100 * hour.share, 0, 'f', 0));
            item->setTextAlignment(column + 1, Qt::AlignRight | Qt::AlignVCenter);
            item->setData(column, kHour, hour.hour);
        };
        put(0, left[i]);
        if (!unmet)
            put(2, tables.best[i]);
        else if (rows + i < left.size())
            put(2, left[rows + i]);
        hours_->addTopLevelItem(item);
    }
}

namespace {

// A click on the map of the year asks for that point's year.
void ask_year_at(Desktop& desktop, Vec2 at) {
    if (!is_year(desktop.shown())) return;
    const auto& storeys = desktop.document().option().storeys;
    for (const auto& layer : desktop.sheet().map().layers) {
        if (storeys.empty() || layer.plane.storey != storeys[desktop.document().storey_index()].id) continue;
        const int point = layer.plane.point_at(at);
        if (point < 0) continue;
        YearWish wish = desktop.asker().wish();
        wish.plane = layer.plane.plane;
        wish.room = layer.plane.room;
        wish.point = point;
        return desktop.asker().wish_year(wish);
    }
}

void colour_strip(Desktop& desktop, StripOf of) {
    YearWish wish = desktop.asker().wish();
    wish.strip = of;
    desktop.asker().wish_year(wish);
    desktop.strip().show_strip_of(of);
    if (of != StripOf::outdoor && desktop.answers().year_reading(desktop.document().option().id) == nullptr)
        desktop.say(QObject::tr("The strip shows this once the year has run: press Y"));
}

}  // namespace

Page year_page(Desktop& desktop) {
    auto* panel = new YearPanel(desktop.document(), desktop.answers(), desktop.asker(), desktop.window());
    QObject::connect(panel, &YearPanel::hour_wanted, &desktop, [&desktop] { desktop.show(Shown::year_hour); });
    QObject::connect(&desktop.sheet(), &Sheet::place_read, panel, [&desktop](Vec2 at) { ask_year_at(desktop, at); });
    QObject::connect(&desktop.strip(), &YearStrip::strip_wanted, panel,
                     [&desktop](StripOf of) { colour_strip(desktop, of); });
    return {QObject::tr("Year"), QObject::tr("Figures of the year for the room or point that is asked about"),
            on_desk(DeskKind::light), panel};
}

}  // namespace wp::gui
