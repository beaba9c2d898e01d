// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/site/site_panel.h"

#include <QFileDialog>
#include <QFormLayout>
#include <QMessageBox>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "climate/epw.h"
#include "gui/inspector/number_field.h"
#include "gui/look/look.h"

namespace wp::gui {

SunPaths::SunPaths(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setMinimumSize(240, 240);
    setAccessibleName(QStringLiteral("Sun paths"));
    for (const auto signal : {&Document::moment_changed, &Document::weather_changed, &Document::project_changed})
        connect(&document, signal, this, qOverload<>(&QWidget::update));
}

void SunPaths::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const double radius = std::min(width(), height()) / 2.0 - 24;
    const QPointF centre(width() / 2.0, height() / 2.0);
    const auto& site = document_.project().site;
    const climate::Place place{site.latitude, site.longitude, site.time_zone, site.elevation};
    const auto at = [&](double azimuth, double altitude) {
        const double r = radius * (kPi / 2 - altitude) / (kPi / 2);
        return centre + QPointF(std::sin(azimuth) * r, -std::cos(azimuth) * r);
    };
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    painter.setBrush(ink().room);
    painter.setPen(QPen(ink().ink, 1.2));
    painter.drawEllipse(centre, radius, radius);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(ink().faint, 0.8, Qt::DotLine));
    for (int a = 30; a < 90; a += 30) painter.drawEllipse(centre, radius * (90 - a) / 90, radius * (90 - a) / 90);
    for (int k = 0; k < 8; ++k) painter.drawLine(centre, at(k * kPi / 4, 0));
    static constexpr const char* winds[] = {"N", "E", "S", "W"};
    painter.setPen(ink().ink);
    for (int k = 0; k < 4; ++k) {
        const QPointF p = centre + (at(k * kPi / 2, 0) - centre) * (1 + 13 / radius);
        painter.drawText(QRectF(p.x() - 10, p.y() - 9, 20, 18), Qt::AlignCenter, QString::fromLatin1(winds[k]));
    }
    struct Day {
        int month, day;
        const char* name;
    };
    std::vector<std::pair<QPointF, QString>> names;
    for (const Day& d : {Day{6, 21, "21 Jun"}, Day{3, 21, "21 Mar, 23 Sep"}, Day{12, 21, "21 Dec"}}) {
        QPolygonF path;
        for (int q = 0; q <= 24 * 6; ++q) {
            const auto sun = climate::sun_position(place, climate::Moment{d.month, d.day, q / 6.0});
            if (sun.altitude >= 0) path << at(sun.azimuth, sun.altitude);
        }
        painter.setPen(QPen(ink().accent, 1.4));
        painter.drawPolyline(path);
        if (path.size() < 5) continue;
        const QPointF top = path[path.size() / 2];
        names.push_back({top, QString::fromLatin1(d.name)});
    }
    painter.setPen(QPen(ink().faint, 0.9));
    for (int h = 4; h <= 20; h += 2) {
        QPolygonF line;
        for (int day = 172; day <= 355; day += 6) {
            const auto sun = climate::sun_position(place, climate::moment_of(day, h));
            if (sun.altitude > 0) line << at(sun.azimuth, sun.altitude);
        }
        painter.drawPolyline(line);
        if (!line.isEmpty()) painter.drawText(QRectF(line[0].x() - 10, line[0].y() - 15, 20, 14), Qt::AlignCenter, QString::number(h));
    }
    for (const auto& [top, name] : names) {
        const double w = painter.fontMetrics().horizontalAdvance(name) + 8;
        const QRectF box(top.x() - w / 2, top.y() - 17, w, 14);
        painter.setPen(Qt::NoPen);
        painter.setBrush(ink().room);
        painter.drawRect(box);
        painter.setPen(ink().ink);
        painter.drawText(box, Qt::AlignCenter, name);
    }
    const auto sun = climate::sun_position(place, document_.moment());
    if (sun.altitude > 0) {
        painter.setPen(QPen(ink().ink, 1.2));
        painter.setBrush(QColor(0xf9, 0xd9, 0x8a));
        painter.drawEllipse(at(sun.azimuth, sun.altitude), 7, 7);
    }
}

SitePanel::SitePanel(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName(QStringLiteral("panel"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::large, space::medium, space::large, space::medium);
    auto* heading = new QLabel(QStringLiteral("Place and climate"));
    heading->setProperty("role", QStringLiteral("heading"));
    layout->addWidget(heading);
    facts_ = new QLabel;
    facts_->setWordWrap(true);
    facts_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    layout->addWidget(facts_);
    auto* choose = new QPushButton(QStringLiteral("Choose weather file (EPW)"));
    set_icon(choose, QStringLiteral("folder-open"));
    connect(choose, &QPushButton::clicked, this, &SitePanel::choose_weather);
    layout->addWidget(choose, 0, Qt::AlignLeft);
    fields_ = new QWidget;
    fields_->setLayout(new QFormLayout);
    layout->addWidget(fields_);
    layout->addWidget(new SunPaths(document), 1);
    for (const auto signal : {&Document::weather_changed, &Document::project_changed}) connect(&document, signal, this, &SitePanel::refresh);
    refresh();
}

void SitePanel::refresh() {
    QString text;
    if (const auto weather = document_.weather()) {
        double direct = 0, diffuse = 0;
        for (const auto& h : weather->hours) {
            direct += h.direct_normal / 1000;
            diffuse += h.diffuse_horizontal / 1000;
        }
        text = QStringLiteral("<b>%1</b>, %2<br>%3\u00b0 N, %4\u00b0 E, UT%5, %6 m above the sea<br>%7<br>Direct normal %8, diffuse %9 kWh/m\u00b2 a year<br>"
                              "Median diffuse illuminance over the 4380 daylight hours: %10 lx")
                   .arg(QString::fromStdString(weather->station).toHtmlEscaped(), QString::fromStdString(weather->source).toHtmlEscaped())
                   .arg(weather->place.latitude, 0, 'f', 2).arg(weather->place.longitude, 0, 'f', 2)
                   .arg((weather->place.time_zone < 0 ? QString() : QStringLiteral("+")) + QString::number(weather->place.time_zone))
                   .arg(weather->place.elevation, 0, 'f', 0).arg(QString::fromStdString(weather->comment).toHtmlEscaped())
                   .arg(direct, 0, 'f', 0).arg(diffuse, 0, 'f', 0).arg(climate::median_diffuse(document_.outdoor()), 0, 'f', 0);
        for (const auto& note : weather->notes) text += QStringLiteral("<br>Note: ") + QString::fromStdString(note).toHtmlEscaped();
        const auto& site = document_.project().site;
        if (std::fabs(site.latitude - weather->place.latitude) > 1 || std::fabs(site.longitude - weather->place.longitude) > 1)
            text += QStringLiteral("<br>Note: the weather is from another place than the site (more than 1\u00b0 apart).");
    } else if (document_.weather_fault()) {
        text = QString::fromStdString(document_.weather_fault()->line()).toHtmlEscaped();
    } else {
        text = QStringLiteral("No weather file yet. The daylight factor needs none; the year and glare do.");
    }
    facts_->setText(text);
    if (fields_->focusWidget() != nullptr && fields_->focusWidget()->hasFocus()) return;
    auto* form = static_cast<QFormLayout*>(fields_->layout());
    while (form->rowCount() > 0) form->removeRow(0);
    const auto& site = document_.project().site;
    const auto add = [&](const QString& title, double value, Unit unit, double model::Site::*field, double low, double high) {
        form->addRow(title, new NumberField(value, unit, [this, title, field, low, high](double v) {
                         document_.edit(title, [&](model::Project& p) { p.site.*field = std::clamp(v, low, high); });
                     }));
    };
    add(QStringLiteral("Latitude"), site.latitude, Unit::plain, &model::Site::latitude, -90, 90);
    add(QStringLiteral("Longitude"), site.longitude, Unit::plain, &model::Site::longitude, -180, 180);
    add(QStringLiteral("Top of the sheet, from true north"), site.north, Unit::degree, &model::Site::north, -360, 360);
    add(QStringLiteral("Ground reflectance"), site.ground_reflectance, Unit::percent, &model::Site::ground_reflectance, 0, 0.9);
    add(QStringLiteral("Dirt on upright panes"), site.dirt, Unit::percent, &model::Site::dirt, 0, 0.3);
    form->itemAt(form->rowCount() - 1, QFormLayout::FieldRole)->widget()->setToolTip(QStringLiteral("What it takes of the light: about 4 % in the country, 8 % in towns, 12 % by industry; "
                                                                                                    "more on sloping, lying and sheltered panes (after BS 8206-2, annex A)"));
    const auto month = [&](const QString& title, int value, int model::Site::*field) {
        form->addRow(title, new NumberField(value, Unit::plain, [this, title, field](double v) {
                         document_.edit(title, [&](model::Project& p) { p.site.*field = std::clamp(static_cast<int>(std::lround(v)), 1, 12); });
                     }));
    };
    month(QStringLiteral("Trees in leaf from month"), site.leaf_from, &model::Site::leaf_from);
    month(QStringLiteral("to month"), site.leaf_to, &model::Site::leaf_to);
}

void SitePanel::choose_weather() {
    const QString file = QFileDialog::getOpenFileName(this, QStringLiteral("Weather file"), {}, QStringLiteral("EPW weather (*.epw);;All files (*)"));
    if (file.isEmpty()) return;
    const auto year = climate::read_epw(file.toStdString());
    if (!year) {
        QMessageBox::warning(this, QStringLiteral("Weather file"), QString::fromStdString(year.fault().line()));
        return;
    }
    document_.edit(QStringLiteral("Choose weather"), [&](model::Project& p) {
        std::error_code error;
        const auto relative = std::filesystem::relative(file.toStdString(), document_.path().parent_path(), error);
        p.site.weather = error || document_.path().empty() || relative.empty() ? file.toStdString() : relative.string();
        p.site.latitude = year->place.latitude;
        p.site.longitude = year->place.longitude;
        p.site.time_zone = year->place.time_zone;
        p.site.elevation = year->place.elevation;
    });
}

}  // namespace wp::gui
