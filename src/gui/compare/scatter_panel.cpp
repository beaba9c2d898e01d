// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/scatter_panel.h"

#include <QHBoxLayout>
#include <QMouseEvent>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <set>

#include "figure/unbeaten.h"
#include "geometry/roof_shape.h"
#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "report/labels.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

namespace {

QString unit_of(const figure::Line& line) { return language::words(figure::unit_of(*line.measure, line.wanted)); }

}  // namespace

ScatterView::ScatterView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("scatter"));
    setAccessibleName(QObject::tr("A figure over another, of all options and steps"));
    setMouseTracking(true);
    setMinimumHeight(240);
}

void ScatterView::show_dots(std::vector<Dot> dots, const figure::Line* x, const figure::Line* y, size_t shown) {
    dots_ = std::move(dots);
    x_ = x;
    y_ = y;
    shown_ = shown;
    under_.reset();
    double most_x = 0, most_y = 0;
    for (const Dot& dot : dots_)
        most_x = std::max(most_x, dot.x + dot.x_half), most_y = std::max(most_y, dot.y + dot.y_half);
    x_top_ = report::nice_top(std::max(most_x, 1e-6));
    y_top_ = report::nice_top(std::max(most_y, 1e-6));
    std::vector<figure::Pair> pairs;
    for (const Dot& dot : dots_) pairs.push_back({dot.x, dot.y});
    const auto best =
        figure::unbeaten(pairs, figure::better(*x->measure, x->wanted), figure::better(*y->measure, y->wanted));
    for (const size_t i : best) dots_[i].unbeaten = true;
    update();
}

QRectF ScatterView::plot() const { return QRectF(rect()).adjusted(70, 30, -30, -48); }
QPointF ScatterView::at(double x, double y) const {
    const QRectF area = plot();
    return {area.left() + x / x_top_ * area.width(), area.bottom() - y / y_top_ * area.height()};
}
QPointF ScatterView::place_of(size_t dot) const { return at(dots_[dot].x, dots_[dot].y); }

void ScatterView::draw_axes(QPainter& painter) const {
    QColor grid = ink().faint;
    grid.setAlpha(90);
    const auto marks = [&](double top, auto&& draw) {
        for (const double value : report::marks_of(report::Scale{0, top, false})) draw(value);
    };
    marks(x_top_, [&](double v) {
        painter.setPen(grid);
        painter.drawLine(at(v, 0), at(v, y_top_));
        painter.setPen(ink().ink);
        painter.drawText(QRectF(at(v, 0).x() - 40, plot().bottom() + 4, 80, 16), Qt::AlignCenter,
                         language::number(v, 'g', 4));
    });
    marks(y_top_, [&](double v) {
        painter.setPen(grid);
        painter.drawLine(at(0, v), at(x_top_, v));
        painter.setPen(ink().ink);
        painter.drawText(QRectF(4, at(0, v).y() - 8, plot().left() - 12, 16), Qt::AlignRight | Qt::AlignVCenter,
                         language::number(v, 'g', 4));
    });
    painter.drawText(QRectF(plot().left(), plot().bottom() + 24, plot().width(), 18), Qt::AlignCenter,
                     QStringLiteral("%1  %2").arg(name_of_line(*x_), unit_of(*x_)));
    painter.drawText(QRectF(8, 6, width() - 16, 18), Qt::AlignLeft | Qt::AlignVCenter,
                     QStringLiteral("%1  %2").arg(name_of_line(*y_), unit_of(*y_)));
}

void ScatterView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), ink().paper);
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    if (x_ == nullptr || dots_.empty()) {
        painter.setPen(ink().faint);
        painter.drawText(rect(), Qt::AlignCenter, QObject::tr("No option was asked for both of these figures yet"));
        return;
    }
    draw_axes(painter);
    QPolygonF best;
    std::vector<size_t> order;
    for (size_t i = 0; i < dots_.size(); ++i)
        if (dots_[i].unbeaten) order.push_back(i);
    std::ranges::sort(order, {}, [&](size_t i) { return dots_[i].x; });
    for (const size_t i : order) best << place_of(i);
    painter.setPen(QPen(ink().accent, 1.6));
    painter.drawPolyline(best);
    report::Labels labels;
    for (size_t i = 0; i < dots_.size(); ++i) {
        const Dot& dot = dots_[i];
        const QPointF place = place_of(i);
        painter.setPen(QPen(ink().faint, 1));
        painter.drawLine(at(dot.x - dot.x_half, dot.y), at(dot.x + dot.x_half, dot.y));
        painter.drawLine(at(dot.x, dot.y - dot.y_half), at(dot.x, dot.y + dot.y_half));
        // Options are full, steps of series are rings.
        painter.setPen(QPen(dot.unbeaten ? ink().accent : ink().ink, 1.6));
        painter.setBrush(dot.option ? QBrush(dot.unbeaten ? ink().accent : ink().ink) : QBrush(ink().paper));
        const double r = dot.option ? 5 : 3.5;
        painter.drawEllipse(place, r, r);
        labels.take(QRectF(place.x() - r, place.y() - r, 2 * r, 2 * r));
    }
    const QFontMetricsF metrics(font);
    for (size_t i = 0; i < dots_.size(); ++i) {
        const Dot& dot = dots_[i];
        const double w = metrics.horizontalAdvance(dot.name) + 4;
        const QPointF p = place_of(i);
        const auto box = labels.take_first({{p.x() + 8, p.y() - 8, w, 16},
                                            {p.x() - w - 8, p.y() - 8, w, 16},
                                            {p.x() - w / 2, p.y() - 24, w, 16},
                                            {p.x() - w / 2, p.y() + 8, w, 16}});
        if (!box || (!dot.option && under_ != i)) continue;
        font.setBold(dot.option && *dot.option == shown_);
        painter.setFont(font);
        painter.setPen(dot.unbeaten ? ink().accent : ink().ink);
        // A plate keeps it off the line.
        painter.fillRect(box->adjusted(1, 2, -1, -2), ink().paper);
        painter.drawText(*box, Qt::AlignCenter, dot.name);
    }
}

std::optional<size_t> ScatterView::dot_at(QPointF place) const {
    std::optional<size_t> out;
    double least = 14;
    for (size_t i = 0; i < dots_.size(); ++i) {
        const QPointF d = place_of(i) - place;
        if (const double far = std::hypot(d.x(), d.y()); far < least) least = far, out = i;
    }
    return out;
}

void ScatterView::mouseMoveEvent(QMouseEvent* event) {
    if (x_ == nullptr) return;
    under_ = dot_at(event->position());
    update();
    if (!under_) return emit told({});
    const Dot& dot = dots_[*under_];
    const auto with_error = [](double v, double half) {
        return half > 0 ? QStringLiteral("%1 \u00b1 %2").arg(report::figure(v), report::error_figure(half))
                        : report::figure(v);
    };
    emit told(
        QObject::tr("%1: %2 %3, %4 %5", "an option and its two figures")
            .arg(dot.name, with_error(dot.x, dot.x_half), unit_of(*x_), with_error(dot.y, dot.y_half), unit_of(*y_)) +
        (dot.unbeaten ? QStringLiteral(". ") + QObject::tr("None is better in both") : QString()));
}
void ScatterView::mousePressEvent(QMouseEvent* event) {
    if (x_ == nullptr) return;
    if (const auto dot = dot_at(event->position()); dot && dots_[*dot].option) emit chosen(*dots_[*dot].option);
}
void ScatterView::leaveEvent(QEvent*) {
    under_.reset();
    emit told({});
    update();
}

ScatterPanel::ScatterPanel(Document& document, const KeptAnswers& kept, const SeriesRunner& runner, QWidget* parent)
    : QWidget(parent),
      document_(document),
      kept_(kept),
      runner_(runner),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Figures over each other"), this,
          [this](const Comparison& asked) { return comparer_.compare(asked); },
          [this](const Comparison& found) { show_comparison(found); }) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    auto* row = new QHBoxLayout;
    const auto box = [&](const char* name, const QString& title) {
        auto* out = new QComboBox(this);
        out->setObjectName(QString::fromLatin1(name));
        out->setAccessibleName(title);
        out->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        out->setMinimumContentsLength(22);
        connect(out, &QComboBox::activated, this, &ScatterPanel::refresh);
        return out;
    };
    x_ = box("scatter-x", QObject::tr("Along"));
    y_ = box("scatter-y", QObject::tr("Upwards"));
    room_ = box("scatter-room", QObject::tr("Of which room"));
    for (const auto& line : figure::lines())
        for (auto* one : {x_, y_}) one->addItem(name_of_line(line), QString::fromStdString(line.id));
    x_->setCurrentIndex(x_->findData(QStringLiteral("sunlight_exposure")));
    y_->setCurrentIndex(y_->findData(QStringLiteral("spatial_autonomy")));
    row->addWidget(label(QObject::tr("Upwards"), nullptr, this));
    row->addWidget(y_, 2);
    row->addWidget(label(QObject::tr("Along"), nullptr, this));
    row->addWidget(x_, 2);
    row->addWidget(room_, 1);
    layout->addLayout(row);
    view_ = new ScatterView(this);
    layout->addWidget(view_, 1);
    told_ = label(QString(), nullptr, this);
    told_->setObjectName(QStringLiteral("scatter-told"));
    told_->setMinimumHeight(20);
    layout->addWidget(told_);
    connect(view_, &ScatterView::told, told_, &QLabel::setText);
    connect(view_, &ScatterView::chosen, this, [this](size_t option) { document_.show_option(option); });
    connect(&document, &Document::project_changed, this, &ScatterPanel::refresh);
    connect(&document, &Document::option_changed, this, &ScatterPanel::refresh);
    connect(&kept, &KeptAnswers::changed, this, &ScatterPanel::refresh);
    connect(&runner, &SeriesRunner::changed, this, &ScatterPanel::refresh);
}

const figure::Line* ScatterPanel::line(const QComboBox* box) const {
    return figure::find_line(box->currentData().toString().toStdString());
}

void ScatterPanel::refresh() {
    if (!isVisible() || line(x_) == nullptr || line(y_) == nullptr) return;
    Comparison asked;
    for (const auto* box : {x_, y_})
        asked.lines.push_back({line(box)->measure, line(box)->wanted, QString::fromStdString(line(box)->id)});
    asked.shown = document_.option_index();
    const auto& options = document_.project().options;
    for (size_t i = 0; i < options.size(); ++i) asked.options.push_back(hold_answers(document_, kept_, i));
    const QString shown = room_->currentData().toString();
    room_->clear();
    room_->addItem(QObject::tr("All rooms, by area"), QString());
    std::set<model::Id> seen;
    for (const auto& plane : document_.option().planes)
        if (const auto place = model::find_room(document_.option(), plane.room);
            place && seen.insert(plane.room).second) {
            asked.rooms.push_back(plane.room);
            room_->addItem(QString::fromStdString(place.room->name), QString::fromStdString(plane.room));
        }
    room_->setCurrentIndex(std::max(0, room_->findData(shown)));
    worker_.ask(std::move(asked));
}

void ScatterPanel::show_comparison(const Comparison& found) {
    const auto *x = line(x_), *y = line(y_);
    if (x == nullptr || y == nullptr || found.lines.size() != 2) return;
    std::vector<Dot> dots;
    const model::Id room = room_->currentData().toString().toStdString();
    const auto at = std::ranges::find(found.rooms, room);
    for (size_t o = 0; o < found.options.size(); ++o) {
        const auto& option = found.options[o].project->options[found.options[o].option];
        if (option.archived) continue;
        const auto band = [&](size_t l) {
            return at != found.rooms.end() ? found.at(static_cast<size_t>(at - found.rooms.begin()), l, o)
                                           : found.whole(l, o);
        };
        const auto a = band(0), b = band(1);
        if (!a || !b) continue;
        dots.push_back({QString::fromStdString(option.name), figure::printed(*x) * a->value,
                        figure::printed(*y) * b->value, figure::printed(*x) * (a->high - a->low) / 2,
                        figure::printed(*y) * (b->high - b->low) / 2, o, false});
    }
    add_steps(dots);
    view_->show_dots(std::move(dots), x, y, document_.option_index());
}

// Steps of all series that were asked, of the room or of all rooms by their area.
void ScatterPanel::add_steps(std::vector<Dot>& dots) const {
    const model::Id room = room_->currentData().toString().toStdString();
    for (const auto& [id, given] : runner_.all()) {
        if (given.answer == nullptr) continue;
        const auto& answer = *given.answer;
        const auto& option = *model::find(given.project->options, answer.series.option);
        const auto of = [&](const figure::Line* line, size_t step) -> std::optional<figure::Band> {
            const auto l = std::ranges::find(answer.lines, line);
            if (l == answer.lines.end()) return {};
            std::vector<figure::Band> all;
            std::vector<double> areas;
            for (size_t r = 0; r < answer.rooms.size(); ++r) {
                if (!room.empty() && answer.rooms[r] != room) continue;
                const auto band = answer.band(step, r, static_cast<size_t>(l - answer.lines.begin()));
                const auto place = model::find_room(option, answer.rooms[r]);
                if (!band || !place) return {};
                all.push_back(*band);
                areas.push_back(geometry::floor_area(option, *place.storey, *place.room));
            }
            if (all.empty()) return {};
            return figure::mean_of(all, areas);
        };
        for (size_t s = 0; s < answer.steps.size(); ++s) {
            const auto a = of(line(x_), s), b = of(line(y_), s);
            if (!a || !b) continue;
            dots.push_back({language::figures(series::words_of(*given.project, answer.series, answer.steps[s])),
                            figure::printed(*line(x_)) * a->value,
                            figure::printed(*line(y_)) * b->value,
                            figure::printed(*line(x_)) * (a->high - a->low) / 2,
                            figure::printed(*line(y_)) * (b->high - b->low) / 2,
                            {},
                            false});
        }
    }
}

}  // namespace wp::gui
