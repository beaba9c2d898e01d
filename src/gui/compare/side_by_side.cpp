// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/side_by_side.h"

#include <QHBoxLayout>
#include <QMouseEvent>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

#include "gui/entry/rows.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

constexpr size_t kMostOptions = 4;

}  // namespace

SideView::SideView(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName(QStringLiteral("side-maps"));
    setAccessibleName(QObject::tr("The options side by side"));
    setMouseTracking(true);
    setMinimumHeight(240);
}

void SideView::show_board(const report::SideBoard& board) {
    board_ = board;
    under_.reset();
    emit told({});
    update();
}

void SideView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), ink().paper);
    report::draw_side(painter, board_, ink(), rect(), {document_.option_index(), under_});
}

void SideView::mouseMoveEvent(QMouseEvent* event) {
    under_.reset();
    QString words;
    const auto layout = report::lay_out(board_, rect());
    for (size_t i = 0; i < board_.cells.size(); ++i) {
        const auto& cell = board_.cells[i].cell;
        if (cell == nullptr || !layout.pictures[i].contains(event->position())) continue;
        if (const auto place = cell->place_at(layout.pictures[i], event->position())) {
            under_ = std::pair(cell->terms(), *place);
            words = report::told_at(board_, i, *place);
        }
    }
    emit told(words);
    update();
}

void SideView::mousePressEvent(QMouseEvent* event) {
    const auto layout = report::lay_out(board_, rect());
    for (size_t i = 0; i < board_.cells.size(); ++i)
        if (board_.cells[i].option && layout.cells[i].contains(event->position()))
            document_.show_option(*board_.cells[i].option);
}

void SideView::leaveEvent(QEvent*) {
    under_.reset();
    emit told({});
    update();
}

SidePanel::SidePanel(Document& document, const KeptAnswers& kept, Asker& asker, QWidget* parent)
    : QWidget(parent),
      document_(document),
      kept_(kept),
      asker_(asker),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Options side by side"), this,
          [](const Wanted& wanted) { return wanted.kind->find(wanted.asked); },
          [this](const report::SideBoard& found) {
              view_->show_board(found);
              const auto is_missing = [](const auto& of) { return of.cell == nullptr; };
              ask_->setEnabled(std::ranges::any_of(found.cells, is_missing) || kind().asks != SideKind::Asks::figures);
          },
          [this] { asked_.clear(); }) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    auto* row = new QHBoxLayout;
    kind_ = add_box(*row, "side-kind", QObject::tr("What stands side by side"), 2);
    figure_ = add_box(*row, "side-figure", QObject::tr("Figure on the maps"), 3);
    room_ = add_box(*row, "side-room", QObject::tr("Room"), 2);
    base_ = add_box(*row, "side-base", QObject::tr("Values, or differences from an option"), 2);
    ask_ = new QPushButton(QObject::tr("Calculate"), this);
    ask_->setObjectName(QStringLiteral("side-ask"));
    ask_->setToolTip(QObject::tr("Asks what is missing here, of every option"));
    connect(ask_, &QPushButton::clicked, this, &SidePanel::ask_missing);
    row->addWidget(ask_);
    row->addStretch(1);
    row->addWidget(out_buttons(this, [this] { return takeaway(); }));
    layout->addLayout(row);
    view_ = new SideView(document, this);
    layout->addWidget(view_, 1);
    told_ = label(QString(), nullptr, this);
    told_->setObjectName(QStringLiteral("side-told"));
    told_->setMinimumHeight(20);
    layout->addWidget(told_);
    connect(view_, &SideView::told, told_, &QLabel::setText);
    for (const auto& one : side_kinds()) {
        kind_->addItem(language::words(one.name), QString::fromLatin1(one.id));
        kind_->setItemData(kind_->count() - 1, language::words(one.tip), Qt::ToolTipRole);
    }
    for (const auto& figure : figure::point_figures())
        if (!figure::is_of_seats(figure.of))
            figure_->addItem(language::words(figure.name), QString::fromLatin1(figure.id));
    figure_->setCurrentIndex(std::max(0, figure_->findData(QStringLiteral("daylight_factor"))));
    for (const auto signal : {&Document::project_changed, &Document::option_changed, &Document::storey_changed})
        connect(&document, signal, this, &SidePanel::refresh);
    connect(&kept, &KeptAnswers::changed, this, &SidePanel::refresh);
    connect(&asker.pictures(), &TakenPictures::changed, this, &SidePanel::refresh);
    connect(&asker.seats_year(), &SeatsYear::changed, this, &SidePanel::refresh);
}

QComboBox* SidePanel::add_box(QHBoxLayout& row, const char* name, const QString& title, int stretch) {
    auto* box = new QComboBox(this);
    box->setObjectName(QString::fromLatin1(name));
    box->setAccessibleName(title);
    box->setToolTip(title);
    row.addWidget(box, stretch);
    connect(box, &QComboBox::activated, this, &SidePanel::refresh);
    return box;
}

const SideKind& SidePanel::kind() const {
    return side_kinds()[static_cast<size_t>(std::max(kind_->currentIndex(), 0))];
}

// Rooms with a plane; the selected one, else the one that was chosen before, else the first.
void SidePanel::fill_rooms() {
    const QString before = room_->currentData().toString();
    room_->clear();
    const auto& option = document_.option();
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms)
            if (std::ranges::any_of(option.planes, [&](const auto& p) { return p.room == room.id; }))
                room_->addItem(QString::fromStdString(room.name), QString::fromStdString(room.id));
    room_->setCurrentIndex(std::max(0, room_->findData(before)));
}

// The option that is shown is among them.
std::vector<size_t> SidePanel::shown_options() const {
    const auto& options = document_.project().options;
    std::vector<size_t> out;
    for (size_t i = 0; i < options.size(); ++i)
        if (!options[i].archived || i == document_.option_index()) out.push_back(i);
    while (out.size() > kMostOptions) out.erase(out.back() == document_.option_index() ? out.end() - 2 : out.end() - 1);
    return out;
}

void SidePanel::fill_bases(const std::vector<size_t>& options) {
    const QString before = base_->currentData().toString();
    base_->clear();
    base_->addItem(QObject::tr("Values"), QString());
    for (const size_t i : options) {
        const auto& option = document_.project().options[i];
        base_->addItem(QObject::tr("Differences from %1").arg(QString::fromStdString(option.name)),
                       QString::fromStdString(option.id));
    }
    base_->setCurrentIndex(std::max(0, base_->findData(before)));
}

// Of each option the first of the last batch.
std::vector<std::shared_ptr<const question::GlareAnswer>> SidePanel::taken_pictures(
    const std::vector<size_t>& options) const {
    std::vector<std::shared_ptr<const question::GlareAnswer>> out(options.size());
    const auto& all = asker_.pictures();
    for (size_t k = 0; k < options.size(); ++k)
        for (size_t i = 0; i < all.pictures().size() && out[k] == nullptr; ++i)
            if (all.pictures()[i].option == document_.project().options[options[k]].id) out[k] = all.whole(i);
    return out;
}

void SidePanel::ask_missing() {
    const auto options = shown_options();
    switch (kind().asks) {
        case SideKind::Asks::figures:
            return asker_.ask_all();
        case SideKind::Asks::glare:
            return asker_.seats_year().run_observers(options, question::Operation::control);
        case SideKind::Asks::pictures: {
            const QString why = asker_.eye().hindrance();
            if (!why.isEmpty()) {
                emit said(why);
                return;
            }
            model::Question question = asker_.eye().question();
            question.name = QObject::tr("Pictures").toStdString();
            return asker_.pictures().take(question, options);
        }
    }
}

void SidePanel::refresh() {
    if (!isVisible()) return;
    const auto options = shown_options();
    if (options.empty()) return;
    fill_rooms();
    fill_bases(options);
    figure_->setVisible(kind().by_figure);
    room_->setVisible(kind().by_room);
    base_->setVisible(kind().has_differences);
    Wanted wanted{&kind(), {}};
    SideAsked& asked = wanted.asked;
    asked.project = document_.snapshot();
    asked.storey = document_.storey_index();
    asked.room = room_->currentData().toString().toStdString();
    asked.figure = figure::find_point_figure(figure_->currentData().toString().toStdString());
    const auto pictures = taken_pictures(options);
    std::vector<std::shared_ptr<const void>> asks{asked.project};
    for (size_t k = 0; k < options.size(); ++k) {
        const auto& option = asked.project->options[options[k]];
        if (kind().has_differences && base_->currentData().toString().toStdString() == option.id) asked.base = k;
        if (options[k] == document_.option_index()) asked.shown = k;
        SideOption of{hold_answers(document_, kept_, options[k]), kept_.is_year_stale(option.id), {}, pictures[k]};
        if (kind().asks == SideKind::Asks::glare) of.seats = asker_.seats_year().seats_of(option.id);
        for (auto& one : of.held.holds()) asks.push_back(std::move(one));
        asks.push_back(of.picture);
        asked.options.push_back(std::move(of));
    }
    QString words = QString::number(asked.storey) + QLatin1Char('|') + QString::number(document_.option_index());
    for (const auto* box : {kind_, figure_, room_, base_}) words += QLatin1Char('|') + box->currentData().toString();
    for (const auto& of : asked.options) words += QStringLiteral("|%1 %2").arg(of.is_year_stale).arg(of.seats.size());
    // Who sits where is not among what is held: a year of glare that came anew is always looked at.
    if (kind().asks != SideKind::Asks::glare && asks == asked_ && words == asked_words_) return view_->update();
    asked_ = std::move(asks);
    asked_words_ = words;
    worker_.ask(std::move(wanted));
}

Takeaway SidePanel::takeaway() const {
    Takeaway out;
    out.title = language::words(kind().name);
    out.size = {1400, 900};
    out.paint = [board = view_->board(),
                 title = QStringLiteral("%1: %2").arg(QString::fromStdString(document_.project().name), out.title)](
                    QPainter& painter) { report::draw_side_page(painter, board, title); };
    return out;
}

}  // namespace wp::gui
