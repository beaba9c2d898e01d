// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/compare_panel.h"

#include <QHeaderView>
#include <QMouseEvent>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

#include "figure/year_rooms.h"
#include "gui/look/look.h"
#include "question/ask.h"
#include "report/pictures.h"

namespace wp::gui {

OptionMaps::OptionMaps(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setMinimumHeight(230);
    setObjectName(QStringLiteral("option-maps"));
    for (const auto signal : {&Document::answers_changed, &Document::project_changed})
        connect(&document, signal, this, qOverload<>(&QWidget::update));
}

QRectF OptionMaps::cell(size_t i) const {
    const auto n = static_cast<double>(document_.project().options.size());
    return {static_cast<double>(i) * width() / n, 0, width() / n, height() - 60.0};
}

void OptionMaps::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), ink().paper);
    double top = 0;
    for (const auto& [id, answer] : document_.daylight)
        for (const auto& plane : answer->planes) top = std::max(top, plane.figures.most);
    const report::Scale scale{0, report::nice_top(top), false};
    for (size_t i = 0; i < document_.project().options.size(); ++i) {
        const auto& option = document_.project().options[i];
        const QRectF box = cell(i).adjusted(8, 26, -8, -4);
        painter.save();
        painter.setClipRect(box);
        report::PlanScene scene;
        scene.option = &option;
        scene.project = &document_.project();
        scene.scale = scale;
        scene.marks.values = false;
        scene.room_names = false;
        scene.dimensions = false;
        if (const auto it = document_.daylight.find(option.id); it != document_.daylight.end())
            scene.maps = report::daylight_maps(*it->second);
        report::draw_plan(painter, scene, report::PlanView::fit(option, 0, box), ink(), box);
        painter.restore();
        QFont font = painter.font();
        font.setPixelSize(type::body);
        font.setWeight(i == document_.option_index() ? QFont::Bold : QFont::Normal);
        painter.setFont(font);
        painter.setPen(i == document_.option_index() ? ink().accent : ink().ink);
        painter.drawText(QRectF(cell(i).left() + 8, 2, cell(i).width() - 16, 22), Qt::AlignCenter,
                         QString::fromStdString(option.name));
        if (!scene.maps.empty()) continue;
        painter.setPen(ink().faint);
        painter.drawText(box.adjusted(0, box.height() - 24, 0, 0), Qt::AlignCenter, QStringLiteral("not asked yet"));
    }
    report::draw_legend(painter, scale, QStringLiteral("Daylight factor, all options on one scale"),
                        QStringLiteral("%"), ink(), QRectF(width() / 2.0 - 190, height() - 54, 380, 50));
}

void OptionMaps::mousePressEvent(QMouseEvent* event) {
    for (size_t i = 0; i < document_.project().options.size(); ++i)
        if (cell(i).contains(event->position())) document_.show_option(i);
}

ComparePanel::ComparePanel(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName(QStringLiteral("panel"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    layout->addWidget(new OptionMaps(document), 3);
    auto* ask = new QPushButton(QStringLiteral("Ask every option"));
    ask->setObjectName(QStringLiteral("ask-all"));
    ask->setProperty("role", QStringLiteral("main"));
    ask->setToolTip(
        QStringLiteral("Runs the daylight factor and the year of every option whose answer is missing or stale"));
    connect(ask, &QPushButton::clicked, this, &ComparePanel::ask_all);
    layout->addWidget(ask, 0, Qt::AlignLeft);
    table_ = new QTableWidget;
    table_->setAccessibleName(QStringLiteral("All options in one table"));
    table_->setTabKeyNavigation(false);
    table_->setObjectName(QStringLiteral("comparison"));
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setShowGrid(false);
    table_->setAlternatingRowColors(true);
    table_->verticalHeader()->hide();
    layout->addWidget(table_, 4);
    for (const auto signal : {&Document::answers_changed, &Document::project_changed})
        connect(&document, signal, this, &ComparePanel::refresh);
    refresh();
}

const std::vector<ComparePanel::YearFigures>& ComparePanel::figures_of(
    const std::shared_ptr<const question::YearAnswer>& year) {
    if (known_.size() > 12) known_.clear();
    const auto [it, is_new] = known_.try_emplace(year);
    if (is_new)
        for (size_t p = 0; p < year->planes.size(); ++p) {
            const auto hours = year->clock_hours(8, 18);
            it->second.push_back({figure::spatial_autonomy(*year, p, hours, 300, 0.5, question::Operation::lm83).value,
                                  figure::sunlight_exposure(*year, p, hours, 1000, 250).value});
        }
    return it->second;
}

void ComparePanel::refresh() {
    if (!isVisible()) return;
    const auto& project = document_.project();
    struct Line {
        QString room, metric;
        std::vector<QString> cells;
    };
    std::vector<Line> lines;
    const auto& rooms = document_.option().planes;
    for (const auto& plane : rooms) {
        const auto place = model::find_room(document_.option(), plane.room);
        if (!place) continue;
        const QString room = QString::fromStdString(place.room->name);
        Line mean{room, QStringLiteral("Daylight factor, mean"), {}},
            least{QString(), QStringLiteral("Daylight factor, least"), {}},
            autonomy{QString(), QStringLiteral("Spatial autonomy 300 lx / 50 %, blinds"), {}},
            sun{QString(), QStringLiteral("Sunlight exposure 1000 lx / 250 h"), {}};
        for (const auto& option : project.options) {
            QString m = QStringLiteral("\u2013"), l = m, a = m, s = m;
            if (const auto it = document_.daylight.find(option.id); it != document_.daylight.end())
                for (const auto& p : it->second->planes)
                    if (p.plane.room == plane.room) {
                        m = QStringLiteral("%1 \u00b1 %2 %")
                                .arg(report::figure(p.figures.mean), report::error_figure(p.figures.mean_half_width));
                        l = QStringLiteral("%1 %").arg(report::figure(p.figures.least));
                    }
            if (const auto it = document_.years.find(option.id); it != document_.years.end())
                for (size_t p = 0; p < it->second->planes.size(); ++p)
                    if (it->second->planes[p].plane.room == plane.room) {
                        const YearFigures& figures = figures_of(it->second)[p];
                        a = QStringLiteral("%1 %").arg(100 * figures.autonomy, 0, 'f', 0);
                        s = QStringLiteral("%1 %").arg(100 * figures.exposure, 0, 'f', 0);
                    }
            mean.cells.push_back(m);
            least.cells.push_back(l);
            autonomy.cells.push_back(a);
            sun.cells.push_back(s);
        }
        for (Line* line : {&mean, &least, &autonomy, &sun}) lines.push_back(std::move(*line));
    }
    table_->clear();
    table_->setColumnCount(2 + static_cast<int>(project.options.size()));
    table_->setRowCount(static_cast<int>(lines.size()));
    QStringList heads{QStringLiteral("Room"), QStringLiteral("Figure")};
    for (const auto& option : project.options) heads << QString::fromStdString(option.name);
    table_->setHorizontalHeaderLabels(heads);
    for (int r = 0; r < static_cast<int>(lines.size()); ++r) {
        const Line& line = lines[static_cast<size_t>(r)];
        table_->setItem(r, 0, new QTableWidgetItem(line.room));
        table_->setItem(r, 1, new QTableWidgetItem(line.metric));
        for (size_t c = 0; c < line.cells.size(); ++c) {
            auto* item = new QTableWidgetItem(line.cells[c]);
            item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            table_->setItem(r, 2 + static_cast<int>(c), item);
        }
    }
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    for (const int column : {0, 1})
        table_->horizontalHeader()->setSectionResizeMode(column, QHeaderView::ResizeToContents);
    for (int c = 0; c < table_->columnCount(); ++c)
        table_->horizontalHeaderItem(c)->setTextAlignment((c < 2 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
}

}  // namespace wp::gui
