// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/side_by_side.h"

#include <QHBoxLayout>
#include <QMouseEvent>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "geometry/plane_points.h"
#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "question/ask.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

namespace {

constexpr size_t kMostOptions = 4;
constexpr double kHead = 26, kLegend = 58;

}  // namespace

std::optional<double> SideMaps::value_at(const report::MapLayer& layer, Vec2 place) {
    std::optional<double> out;
    double least = 1e18;
    for (size_t i = 0; i < layer.plane.points.size() && i < layer.value.size(); ++i) {
        const Vec3 p = layer.plane.points[i];
        const double d = std::hypot(p.x - place.x, p.y - place.y);
        if (d < least) least = d, out = layer.value[i];
    }
    // Beyond the last point there is no map.
    if (least > 0.75 * std::max(layer.plane.dx, layer.plane.dy) || (out && std::isnan(*out))) return {};
    return out;
}

std::optional<double> SideMaps::value_at(size_t of, size_t storey, Vec2 place) const {
    const auto& option = project->options[options[of].option];
    if (storey >= option.storeys.size()) return {};
    for (const auto& layer : options[of].layers)
        if (layer.plane.storey == option.storeys[storey].id)
            if (const auto value = value_at(layer, place)) return value;
    return {};
}

SideView::SideView(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName(QStringLiteral("side-maps"));
    setAccessibleName(QObject::tr("Maps of the options side by side"));
    setMouseTracking(true);
    setMinimumHeight(240);
}

void SideView::show_maps(const SideMaps& maps, const QString& words) {
    maps_ = maps;
    words_ = words;
    update();
}

// So many in a row that the plans come out largest.
size_t SideView::in_row() const {
    const size_t n = std::max<size_t>(1, maps_.options.size());
    if (maps_.project == nullptr) return n;
    const auto& option = maps_.project->options[maps_.options.front().option];
    size_t best = 1;
    double most = 0;
    for (size_t across = 1; across <= n && !option.storeys.empty(); ++across) {
        const QRectF box(0, 0, width() / static_cast<double>(across) - 12,
                         (height() - kLegend) / static_cast<double>((n + across - 1) / across) - kHead - 4);
        const double scale = report::PlanView::fit(option, 0, box).scale;
        if (scale > most) most = scale, best = across;
    }
    return best;
}

QRectF SideView::cell(size_t i) const {
    const size_t n = std::max<size_t>(1, maps_.options.size()), across = in_row(), down = (n + across - 1) / across;
    const double w = width() / static_cast<double>(across), h = (height() - kLegend) / static_cast<double>(down);
    return {static_cast<double>(i % across) * w, static_cast<double>(i / across) * h, w, h};
}

report::PlanView SideView::view(size_t i) const {
    const auto& option = maps_.project->options[maps_.options[i].option];
    const size_t storey = std::min(document_.storey_index(), option.storeys.empty() ? 0 : option.storeys.size() - 1);
    return report::PlanView::fit(option, storey, cell(i).adjusted(6, kHead, -6, -4));
}

void SideView::paint_option(QPainter& painter, size_t i) {
    const auto& of = maps_.options[i];
    const auto& option = maps_.project->options[of.option];
    const QRectF box = cell(i).adjusted(6, kHead, -6, -4);
    painter.save();
    painter.setClipRect(box);
    report::PlanScene scene;
    scene.option = &option;
    scene.project = maps_.project.get();
    scene.storey = std::min(document_.storey_index(), option.storeys.empty() ? 0 : option.storeys.size() - 1);
    scene.scale = maps_.scale;
    scene.marks.values = false;
    scene.room_names = scene.dimensions = false;
    const bool is_base = maps_.base && *maps_.base == i;
    if (!is_base) scene.maps = of.layers;
    report::draw_plan(painter, scene, view(i), ink(), box);
    if (under_) {
        const QPointF at = view(i).to_screen(*under_);
        painter.setPen(QPen(ink().ink, 1.2));
        painter.drawLine(at - QPointF(9, 0), at + QPointF(9, 0));
        painter.drawLine(at - QPointF(0, 9), at + QPointF(0, 9));
    }
    painter.restore();
    QFont font = painter.font();
    font.setPixelSize(type::body);
    font.setWeight(of.option == document_.option_index() ? QFont::Bold : QFont::Normal);
    painter.setFont(font);
    painter.setPen(of.option == document_.option_index() ? ink().accent : ink().ink);
    QString name = QString::fromStdString(option.name);
    if (is_base) name += QStringLiteral(" \u2013 ") + QObject::tr("the others are told as differences from it");
    painter.drawText(QRectF(cell(i).left() + 8, cell(i).top() + 2, cell(i).width() - 16, kHead - 4), Qt::AlignCenter,
                     name);
    if (!of.layers.empty() || is_base) return;
    painter.setPen(ink().faint);
    painter.drawText(box.adjusted(0, box.height() - 24, 0, 0), Qt::AlignCenter, QObject::tr("not asked yet"));
}

void SideView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), ink().paper);
    if (maps_.figure == nullptr) return;
    for (size_t i = 0; i < maps_.options.size(); ++i) paint_option(painter, i);
    report::draw_legend(painter, maps_.scale, words_, language::words(maps_.figure->unit), ink(),
                        QRectF(width() / 2.0 - 220, height() - kLegend + 6, 440, 50));
}

void SideView::mouseMoveEvent(QMouseEvent* event) {
    under_.reset();
    QStringList words;
    for (size_t i = 0; i < maps_.options.size(); ++i)
        if (cell(i).contains(event->position())) under_ = view(i).to_model(event->position());
    for (size_t i = 0; under_ && i < maps_.options.size(); ++i) {
        if (maps_.base && *maps_.base == i) continue;
        const auto value = maps_.value_at(i, document_.storey_index(), *under_);
        words << QStringLiteral("%1 %2").arg(
            QString::fromStdString(maps_.project->options[maps_.options[i].option].name),
            value ? (maps_.base && *value > 0 ? QStringLiteral("+") : QString()) + report::figure(*value)
                  : QStringLiteral("\u2013"));
    }
    emit told(words.isEmpty()
                  ? QString()
                  : words.join(QStringLiteral("   ")) + QStringLiteral("  ") + language::words(maps_.figure->unit));
    update();
}
void SideView::mousePressEvent(QMouseEvent* event) {
    for (size_t i = 0; i < maps_.options.size(); ++i)
        if (cell(i).contains(event->position())) document_.show_option(maps_.options[i].option);
}
void SideView::leaveEvent(QEvent*) {
    under_.reset();
    emit told({});
    update();
}

SidePanel::SidePanel(Document& document, const KeptAnswers& kept, QWidget* parent)
    : QWidget(parent),
      document_(document),
      kept_(kept),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Maps side by side"), this, [](const Asked& asked) { return find(asked); },
          [this](const SideMaps& found) {
              QString words = language::words(found.figure->name);
              if (found.base) words = QObject::tr("%1, differences").arg(words);
              view_->show_maps(found, words);
          },
          [this] { asked_.clear(); }) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    auto* row = new QHBoxLayout;
    figure_ = new QComboBox(this);
    figure_->setObjectName(QStringLiteral("side-figure"));
    figure_->setAccessibleName(QObject::tr("Figure on the maps"));
    base_ = new QComboBox(this);
    base_->setObjectName(QStringLiteral("side-base"));
    base_->setAccessibleName(QObject::tr("Values, or differences from an option"));
    row->addWidget(figure_, 2);
    row->addWidget(base_, 2);
    row->addStretch(1);
    layout->addLayout(row);
    view_ = new SideView(document, this);
    layout->addWidget(view_, 1);
    told_ = label(QString(), nullptr, this);
    told_->setObjectName(QStringLiteral("side-told"));
    told_->setMinimumHeight(20);
    layout->addWidget(told_);
    connect(view_, &SideView::told, told_, &QLabel::setText);
    for (auto* box : {figure_, base_}) connect(box, &QComboBox::activated, this, &SidePanel::refresh);
    for (const auto signal : {&Document::project_changed, &Document::option_changed, &Document::storey_changed})
        connect(&document, signal, this, &SidePanel::refresh);
    connect(&kept, &KeptAnswers::changed, this, &SidePanel::refresh);
    list_figures();
}

void SidePanel::list_figures() {
    for (const auto& figure : figure::point_figures())
        if (figure.of != model::Question::Kind::glare_year)
            figure_->addItem(language::words(figure.name), QString::fromLatin1(figure.id));
    figure_->setCurrentIndex(std::max(0, figure_->findData(QStringLiteral("daylight_factor"))));
}

namespace {

// Of planes that people look at, not of those laid for rules.
std::vector<report::MapLayer> layers_of(const Gathered& in, const figure::PointFigure& figure) {
    std::vector<report::MapLayer> out;
    const auto project = figure.of == model::Question::Kind::year
                             ? at_stage(in.held.project, in.held.option, in.held.year_stage)
                             : in.held.project;
    const auto& option = project->options[in.held.option];
    figure::OfYear year;
    if (in.answers.year != nullptr) year.hours = in.answers.year->clock_hours(8, 18);
    year.operation = question::Operation::control;
    year.limits = question::limits_of(model::question_of(*project, model::Question::Kind::year));
    for (const auto& plane : option.planes) {
        if (question::only_for_rules(option, plane.id)) continue;
        auto points = geometry::plane_points(option, plane, project->site.north);
        if (!points) continue;
        if (auto found = figure::point_values(in.answers, figure, *points, 0, year))
            out.push_back({std::move(*points), std::move(found->value), 0, false});
    }
    return out;
}

}  // namespace

SideMaps SidePanel::find(const Asked& asked) {
    SideMaps out;
    out.project = asked.options.front().project;
    out.figure = asked.figure;
    out.base = asked.base;
    for (const Held& held : asked.options) out.options.push_back({held.option, layers_of(gather(held), *asked.figure)});
    double top = 0;
    if (out.base) {
        const auto base = out.options[*out.base].layers;
        for (size_t i = 0; i < out.options.size(); ++i) {
            if (i == *out.base) continue;
            for (auto& layer : out.options[i].layers) {
                const auto other =
                    std::ranges::find(base, layer.plane.plane, [](const auto& l) { return l.plane.plane; });
                for (size_t p = 0; p < layer.value.size(); ++p) {
                    const Vec3 at = layer.plane.points[p];
                    const auto was = other != base.end() ? SideMaps::value_at(*other, {at.x, at.y}) : std::nullopt;
                    layer.value[p] = was ? layer.value[p] - *was : std::nan("");
                    if (was) top = std::max(top, std::fabs(layer.value[p]));
                }
            }
        }
        top = report::nice_top(std::max(top, 1e-6));
        out.scale = {-top, top, false, 0, true};
        return out;
    }
    std::vector<report::MapLayer> all;
    for (const auto& of : out.options) all.insert(all.end(), of.layers.begin(), of.layers.end());
    out.scale = {0, report::nice_top(std::max(report::high_of(all), 1e-6)), false};
    return out;
}

void SidePanel::refresh() {
    if (!isVisible()) return;
    const auto& options = document_.project().options;
    const QString base = base_->currentData().toString();
    base_->clear();
    base_->addItem(QObject::tr("Values"), QString());
    Asked asked;
    std::vector<std::shared_ptr<const void>> asks{document_.snapshot()};
    // The option that is shown is among them.
    std::vector<size_t> shown;
    for (size_t i = 0; i < options.size(); ++i)
        if (!options[i].archived || i == document_.option_index()) shown.push_back(i);
    while (shown.size() > kMostOptions)
        shown.erase(shown.back() == document_.option_index() ? shown.end() - 2 : shown.end() - 1);
    for (const size_t i : shown) {
        const QString id = QString::fromStdString(options[i].id);
        base_->addItem(QObject::tr("Differences from %1").arg(QString::fromStdString(options[i].name)), id);
        if (!base.isEmpty() && id == base) {
            asked.base = asked.options.size();
            base_->setCurrentIndex(base_->count() - 1);
        }
        asked.options.push_back(hold_answers(document_, kept_, i));
        for (auto& one : asked.options.back().holds()) asks.push_back(std::move(one));
    }
    asked.figure = figure::find_point_figure(figure_->currentData().toString().toStdString());
    const QString words = figure_->currentData().toString() + QLatin1Char('|') + base_->currentData().toString();
    if (asked.figure == nullptr || asked.options.empty() || (asks == asked_ && words == asked_words_))
        return view_->update();
    asked_ = std::move(asks);
    asked_words_ = words;
    worker_.ask(std::move(asked));
}

}  // namespace wp::gui
