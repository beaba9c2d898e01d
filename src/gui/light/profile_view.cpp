// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/profile_view.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "gui/desk/desktop.h"
#include "gui/light/map_tools.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/look/tag.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

namespace {

constexpr int kBar = 38;       // height of the row of choices
constexpr double kStep = 0.1;  // metres between the curve's points

// Hours that tell a day apart; solar noon is not sought, the clock is what people know.
constexpr double kHours[] = {9, 12, 15, 17};
constexpr int kMonths[] = {3, 6, 9, 12};

}  // namespace

ProfileView::ProfileView(Document& document, Asker& asker, const Maps& maps, Legends& legends, QWidget* parent)
    : QWidget(parent), document_(document), asker_(asker), maps_(maps), legends_(legends) {
    setObjectName(QStringLiteral("profile"));
    setAccessibleName(QObject::tr("Profile"));
    setMouseTracking(true);
    setMinimumSize(220, 200);
    auto* bar = new QWidget(this);
    bar->setObjectName(QStringLiteral("panel"));
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(space::small, space::tight, space::small, space::tight);
    row->setSpacing(space::tight);
    const auto tool = [&](const char* icon, const char* name, const char* tip, auto run) {
        auto* button = icon_button(icon, name, language::words(tip));
        connect(button, &QToolButton::clicked, this, run);
        row->addWidget(button);
        return button;
    };
    draw_ = tool("chart-line", "profile-draw", QT_TRANSLATE_NOOP("QObject", "Draw the profile's line on the sheet (I)"),
                 [this] { emit line_wanted(); });
    with_ = new QComboBox;
    with_->setObjectName(QStringLiteral("profile-with"));
    with_->setAccessibleName(QObject::tr("Curves beside it"));
    connect(with_, &QComboBox::activated, this, &ProfileView::refresh);
    row->addWidget(with_);
    keep_ = tool("bookmark-plus", "profile-keep", QT_TRANSLATE_NOOP("QObject", "Keep this curve on the chart"),
                 [this] { keep(); });
    forget_ = tool("x", "profile-forget", QT_TRANSLATE_NOOP("QObject", "Remove the kept curves"), [this] {
        kept_.clear();
        refresh();
    });
    row->addStretch(1);
    row->addWidget(out_buttons(bar, [this] { return takeaway(); }));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(bar);
    column->addStretch(1);
    connect(&asker.live_moment(), &LiveMoment::looked_at, this,
            [this](const std::vector<std::shared_ptr<const question::MomentAnswer>>& answers) {
                looked_at_ = answers;
                refresh();
            });
    connect(&document, &Document::project_replaced, this, [this] {
        line_.reset();
        kept_.clear();
        refresh();
    });
    for (const auto signal :
         {&Document::project_changed, &Document::option_changed, &Document::storey_changed, &Document::moment_changed})
        connect(&document, signal, this, &ProfileView::refresh);
    fill_with();
}

QRectF ProfileView::area() const { return QRectF(rect()).adjusted(space::tight, kBar, -space::tight, -space::tight); }

void ProfileView::show_line(Vec2 a, Vec2 b) {
    line_ = std::pair{a, b};
    cut_of_.reset();
    refresh();
    emit line_shown(line_, {});
}

void ProfileView::show_map(const SheetMap& map, Shown shown) {
    const bool other = shown != shown_;
    map_ = map;
    shown_ = shown;
    if (other) fill_with();
    refresh();
}

void ProfileView::fill_with() {
    const QVariant chosen = with_->currentData();
    with_->clear();
    const auto add = [&](const char* text, With what) {
        with_->addItem(language::words(text), static_cast<int>(what));
    };
    add(QT_TRANSLATE_NOOP("QObject", "This map alone"), With::nothing);
    add(QT_TRANSLATE_NOOP("QObject", "All options"), With::options);
    if (shown_ == Shown::moment) {
        add(QT_TRANSLATE_NOOP("QObject", "Hours of this day"), With::hours);
        add(QT_TRANSLATE_NOOP("QObject", "This hour in other months"), With::months);
    }
    if (shown_ == Shown::table) add(QT_TRANSLATE_NOOP("QObject", "All moments of the answer"), With::columns);
    with_->setCurrentIndex(std::max(0, with_->findData(chosen)));
}

report::Curve ProfileView::curve_of(const SheetMap& map, const QString& name, bool main) const {
    report::Curve out{name, {}, false, main};
    const auto& storeys = document_.option().storeys;
    if (!line_ || document_.storey_index() >= storeys.size()) return out;
    std::vector<geometry::PlanePoints> planes;
    std::vector<std::vector<double>> values;
    for (const auto& layer : map.layers) {
        planes.push_back(layer.plane);
        values.push_back(layer.value);
        out.stale = out.stale || layer.stale;
    }
    out.points = question::profile(planes, values, map.half_width, storeys[document_.storey_index()].id, line_->first,
                                   line_->second, kStep);
    return out;
}

// Further maps in the same unit, undressed.
std::vector<SheetMap> ProfileView::others(QStringList& names) const {
    std::vector<SheetMap> out;
    const auto with = static_cast<With>(with_->currentData().toInt());
    if (with == With::options)
        for (const auto& option : document_.project().options) {
            if (option.id == document_.option().id) continue;
            SheetMap map = maps_.map(shown_, option.id);
            if (map.layers.empty()) continue;
            names << QString::fromStdString(option.name);
            out.push_back(std::move(map));
        }
    if (with == With::hours || with == With::months)
        for (const auto& answer : looked_at_) {
            SheetMap map;
            map.figure = map_.figure;
            map.unit = QStringLiteral("lx");
            for (const auto& plane : answer->planes) {
                map.layers.push_back({plane.plane, plane.lux, plane.reached, false});
                map.half_width.push_back(plane.half_width);
            }
            names << language::text(answer->outdoors.moment);
            out.push_back(std::move(map));
        }
    if (const auto* kept = maps_.table(); with == With::columns && kept != nullptr && shown_ == Shown::table)
        for (size_t c = 0; c < kept->answer->table.columns.size(); c += kept->answer->main_columns) {
            if (c == maps_.table_column() / kept->answer->main_columns * kept->answer->main_columns) continue;
            const auto& column = kept->answer->table.columns[c];
            SheetMap map;
            map.figure = map_.figure;
            map.unit = language::words(column.unit);
            map.layers = report::maps_of(kept->answer->table, c);
            names << language::words(column.name);
            out.push_back(std::move(map));
        }
    return out;
}

void ProfileView::refresh() {
    if (!isVisible()) return;
    const auto with = static_cast<With>(with_->currentData().toInt());
    if (shown_ == Shown::moment && line_ && (with == With::hours || with == With::months)) {
        std::vector<climate::Moment> moments;
        if (with == With::hours)
            for (const double hour : kHours)
                moments.push_back({document_.moment().month, document_.moment().day, hour});
        if (with == With::months)
            for (const int month : kMonths) moments.push_back({month, 21, document_.moment().hour});
        asker_.look_at(moments);
    } else {
        asker_.look_at({});
    }
    keep_->setEnabled(line_ && !map_.layers.empty());
    forget_->setVisible(!kept_.empty());
    chart_ = {};
    if (line_) {
        const auto [a, b] = *line_;
        chart_.length = length(b - a);
        QStringList names;
        auto maps = others(names);
        for (auto& map : maps) legends_.dress(map, [] { return std::vector<report::Scale>(); });
        for (size_t k = 0; k < maps.size(); ++k)
            if (maps[k].unit == map_.unit)
                chart_.curves.push_back(curve_of(maps[k], names[static_cast<int>(k)], false));
        if (kept_unit_ == map_.unit)
            for (const auto& curve : kept_) chart_.curves.push_back(curve);
        chart_.curves.push_back(curve_of(map_,
                                         shown_ == Shown::moment ? language::text(document_.moment())
                                         : with == With::options || !kept_.empty()
                                             ? QString::fromStdString(document_.option().name)
                                             : map_.name,
                                         true));
        chart_.scale = map_.scale;
        chart_.scale.steps = 0;
        // Curves need room for the greatest of all, be the map's legend as it is.
        double top = 0;
        for (const auto& curve : chart_.curves)
            for (const auto& point : curve.points)
                if (!std::isnan(point.value)) top = std::max(top, point.value);
        if (!chart_.scale.difference && legends_.of(map_.figure).ends != Legend::Ends::free)
            chart_.scale.top =
                std::max(report::nice_top(top), chart_.scale.logarithmic ? chart_.scale.bottom * 10 : 1e-9);
        chart_.unit = map_.unit;
        chart_.marks = map_.marks;
        chart_.usual = map_.usual;
        chart_.option = &document_.option();
        if (cut_of_ != document_.snapshot() && length(b - a) > 0.05) {
            section_ = geometry::cut_section(document_.project(), document_.option(), a, b);
            cut_of_ = document_.snapshot();
        }
        chart_.section = &section_;
    }
    update();
}

void ProfileView::keep() {
    if (chart_.curves.empty()) return;
    if (kept_unit_ != map_.unit) kept_.clear();
    kept_unit_ = map_.unit;
    report::Curve curve = chart_.curves.back();
    curve.main = false;
    curve.name = QStringLiteral("%1, %2").arg(QString::fromStdString(document_.option().name), map_.name);
    kept_.push_back(std::move(curve));
    refresh();
}

void ProfileView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), ink().paper);
    if (!line_ || chart_.curves.empty()) {
        painter.setPen(ink().faint);
        painter.drawText(area().adjusted(24, 0, -24, 0), Qt::AlignCenter | Qt::TextWordWrap,
                         QObject::tr("Press I and drag a line across the rooms: the curve of the map along it "
                                     "stands here, over the section cut there."));
        return;
    }
    report::draw_profile(painter, chart_, ink(), area());
    const auto frame = report::profile_frame(chart_, area());
    if (pointer_ < frame.plot.left() || pointer_ > frame.plot.right()) return;
    painter.setPen(QPen(ink().ink, 1, Qt::DotLine));
    painter.drawLine(QPointF(pointer_, frame.plot.top()),
                     QPointF(pointer_, std::max(frame.plot.bottom(), frame.below.bottom())));
    const double along = frame.along(pointer_);
    QStringList lines{QStringLiteral("%L1 m").arg(along, 0, 'f', 2)};
    for (auto curve = chart_.curves.rbegin(); curve != chart_.curves.rend(); ++curve) {
        const auto at = std::min_element(curve->points.begin(), curve->points.end(), [&](const auto& p, const auto& q) {
            return std::fabs(p.along - along) < std::fabs(q.along - along);
        });
        if (at == curve->points.end() || std::isnan(at->value)) continue;
        lines << QStringLiteral("%1 %2  %3")
                     .arg(at->half_width > 0 ? QStringLiteral("%1 \u00b1 %2")
                                                   .arg(report::figure(at->value), report::error_figure(at->half_width))
                                             : report::figure(at->value),
                          map_.unit, curve->name);
    }
    draw_tag(painter, {pointer_, frame.plot.top() + 70}, rect(), lines);
}

void ProfileView::mouseMoveEvent(QMouseEvent* event) {
    pointer_ = event->position().x();
    update();
    if (!line_) return;
    const double along = std::clamp(report::profile_frame(chart_, area()).along(pointer_), 0.0, chart_.length);
    emit line_shown(line_, line_->first + (line_->second - line_->first) * (along / std::max(chart_.length, 1e-9)));
}

void ProfileView::leaveEvent(QEvent*) {
    pointer_ = -1;
    update();
    emit line_shown(line_, {});
}

void ProfileView::showEvent(QShowEvent*) {
    refresh();
    emit line_shown(line_, {});
}

void ProfileView::hideEvent(QHideEvent*) {
    asker_.look_at({});
    emit line_shown({}, {});
}

Takeaway ProfileView::takeaway() const {
    Takeaway out;
    out.title = QObject::tr("Profile, %1").arg(map_.name);
    out.size = {1000, 640};
    const auto project = document_.snapshot();
    out.paint = [project, option = document_.option_index(), chart = chart_, section = section_,
                 title = QStringLiteral("%1, %2").arg(QString::fromStdString(document_.option().name), map_.name)](
                    QPainter& painter) {
        auto drawn = chart;
        drawn.section = &section;
        drawn.option = &project->options[option];
        const report::Ink paper;
        painter.fillRect(QRectF(0, 0, 1000, 640), paper.paper);
        painter.setFont(report::page_font(16, QFont::DemiBold));
        painter.setPen(paper.ink);
        painter.drawText(QRectF(24, 14, 950, 28), Qt::AlignLeft | Qt::AlignVCenter, title);
        painter.setFont(report::page_font(11));
        report::draw_profile(painter, drawn, paper, QRectF(20, 52, 960, 570));
    };
    out.csv = [chart = chart_] { return report::profile_csv(chart.curves, chart.unit); };
    return out;
}

Page profile_companion(Desktop& desktop) {
    auto* view =
        new ProfileView(desktop.document(), desktop.asker(), desktop.maps(), desktop.legends(), desktop.window());
    QObject::connect(&desktop, &Desktop::map_shown, view,
                     [&desktop, view](const SheetMap& map) { view->show_map(map, desktop.shown()); });
    QObject::connect(&desktop.sheet().tool<ProfileTool>(), &ProfileTool::drawn, view, [&desktop, view](Vec2 a, Vec2 b) {
        desktop.show_companion(view);
        view->show_line(a, b);
    });
    QObject::connect(view, &ProfileView::line_wanted, &desktop.sheet(), [&desktop] { desktop.take_up<ProfileTool>(); });
    QObject::connect(view, &ProfileView::line_shown, &desktop.sheet(), &Sheet::show_profile);
    desktop.commands().add(CommandGroup::light, QObject::tr("Draw profile"), QKeySequence(QStringLiteral("I")),
                           [&desktop] { desktop.take_up<ProfileTool>(); });
    return {QObject::tr("Profile"), QObject::tr("The map along a line, over the section cut there"),
            on_desk(DeskKind::light), view};
}

}  // namespace wp::gui
