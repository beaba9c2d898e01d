// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/steps_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "gui/look/look.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

StepsView::StepsView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("series-chart"));
    setAccessibleName(QObject::tr("Figures over the steps of the series"));
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(360, 220);
}

void StepsView::show_series(const SeriesRunner::Given& given, const series::Plotted& what, size_t room) {
    if (given_.answer == nullptr || given.answer->series.id != given_.answer->series.id ||
        given.answer->steps.size() != given_.answer->steps.size())
        chosen_ = under_ = std::nullopt;
    given_ = given;
    what_ = what;
    room_ = room;
    tell();
    update();
}

void StepsView::show_nothing(const QString& words) {
    given_ = {};
    nothing_ = words;
    chosen_ = under_ = std::nullopt;
    tell();
    update();
}

report::SeriesChart StepsView::chart(std::optional<size_t> under) const {
    return {given_.project.get(), given_.answer.get(), what_, room_, under};
}
QRectF StepsView::area() const { return QRectF(rect()).adjusted(8, 6, -4, -4); }

QPointF StepsView::place_of(size_t step) const {
    const auto c = chart({});
    const auto frame = report::series_frame(c, area());
    const auto& at = given_.answer->steps[step];
    if (at.values.size() == 1) return {frame.at(at.values[0], 0).x(), frame.plot.center().y()};
    const auto& v = given_.answer->series.varied;
    return {frame.plot.left() + (static_cast<double>(at.at[0]) + 0.5) * frame.plot.width() / v[0].steps,
            frame.plot.bottom() - (static_cast<double>(at.at[1]) + 0.5) * frame.plot.height() / v[1].steps};
}

void StepsView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), ink().paper);
    if (given_.answer == nullptr) {
        painter.setPen(ink().faint);
        painter.drawText(QRectF(rect()).adjusted(40, 0, -40, 0), Qt::AlignCenter | Qt::TextWordWrap, nothing_);
        return;
    }
    report::draw_series(painter, chart(under_ ? under_ : chosen_), ink(), area());
}

void StepsView::mouseMoveEvent(QMouseEvent* event) {
    if (given_.answer == nullptr) return;
    const auto c = chart({});
    under_ = report::step_at(c, report::series_frame(c, area()), event->position());
    tell();
    update();
}
void StepsView::mousePressEvent(QMouseEvent* event) {
    if (given_.answer == nullptr) return;
    const auto c = chart({});
    choose(report::step_at(c, report::series_frame(c, area()), event->position()));
}
void StepsView::leaveEvent(QEvent*) {
    under_.reset();
    tell();
    update();
}
void StepsView::keyPressEvent(QKeyEvent* event) {
    const int by = event->key() == Qt::Key_Left ? -1 : event->key() == Qt::Key_Right ? 1 : 0;
    if (given_.answer == nullptr || by == 0) return QWidget::keyPressEvent(event);
    const auto last = static_cast<int>(given_.answer->steps.size()) - 1;
    choose(static_cast<size_t>(std::clamp(chosen_ ? static_cast<int>(*chosen_) + by : 0, 0, last)));
}

void StepsView::choose(std::optional<size_t> step) {
    chosen_ = step;
    tell();
    update();
    emit chosen_changed();
}

namespace {

QString value_text(const series::Plotted& what, const figure::Band& band) {
    const double half = what.times * (band.high - band.low) / 2;
    return QStringLiteral("%1%2 %3").arg(
        report::figure(what.times * band.value),
        half > 0 ? QStringLiteral(" \u00b1 %1").arg(report::error_figure(half)) : QString(),
        language::words(what.unit));
}

// The step that is nearest to the building as it is.
size_t nearest_to_now(const series::SeriesAnswer& answer) {
    return series::asking_order(answer.series, answer.present).front();
}

}  // namespace

QString StepsView::words_of(size_t step) const {
    const auto& answer = *given_.answer;
    QString out = language::figures(series::words_of(*given_.project, answer.series, answer.steps[step]));
    const auto band = series::band_of(answer, what_, step, room_);
    if (!band) return QObject::tr("%1: not asked yet").arg(out);
    out += QStringLiteral(":  %1 %2").arg(QString::fromStdString(answer.room_names[room_]), value_text(what_, *band));
    const size_t now = nearest_to_now(answer);
    if (now == step || what_.line == nullptr) return out;
    const auto line = std::ranges::find(answer.lines, what_.line) - answer.lines.begin();
    const auto change = answer.change(now, step, room_, static_cast<size_t>(line));
    if (!change) return out;
    const QString unit = what_.unit == "%" && what_.times > 1 ? QObject::tr("points") : language::words(what_.unit);
    return out + QStringLiteral(";  ") +
           (change->told_apart ? QObject::tr("%1%2 \u00b1 %3 %4 against as it is")
                                     .arg(change->by < 0 ? QStringLiteral("\u2212") : QStringLiteral("+"),
                                          report::figure(what_.times * std::abs(change->by)),
                                          report::error_figure(what_.times * change->error), unit)
                               : QObject::tr("not told apart from as it is"));
}

void StepsView::tell() {
    const auto step = under_ ? under_ : chosen_;
    emit told(given_.answer != nullptr && step ? words_of(*step) : QString());
}

}  // namespace wp::gui
