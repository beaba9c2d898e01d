// SPDX-License-Identifier: GPL-3.0-or-later
// What the window shows besides the plan: underlays, sun and shade, faults, named views.
#include <QFileDialog>
#include <QInputDialog>
#include <QMenu>
#include <QMessageBox>
#include <algorithm>
#include <cmath>

#include "climate/sun.h"
#include "geometry/check.h"
#include "gui/look/look.h"
#include "gui/sheet/underlay.h"
#include "gui/window/window.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

void Window::choose_underlay() {
    const QString file = QFileDialog::getOpenFileName(
        this, QStringLiteral("A drawing to trace"), {},
        QStringLiteral("Pictures and PDF (*.png *.jpg *.jpeg *.pdf *.tif *.tiff *.bmp *.svg)"));
    if (!file.isEmpty()) set_underlay(file);
}

void Window::set_underlay(const QString& file) {
    const auto picture = read_underlay(file.toStdString(), 1);
    if (!picture) {
        QMessageBox::warning(this, QStringLiteral("Not laid under"), QString::fromStdString(picture.fault().line()));
        return;
    }
    std::filesystem::path path = file.toStdString();
    if (!document_.path().empty())
        path = std::filesystem::proximate(path, std::filesystem::absolute(document_.path()).parent_path());
    document_.edit_option(QStringLiteral("Lay a drawing under the storey"), [&](Option& o) {
        Storey& storey = o.storeys[document_.storey_index()];
        storey.underlay = {};
        storey.underlay.file = path.string();
        storey.underlay.place = {0, 0};
    });
    document_.select({Kind::storey, document_.option().storeys[document_.storey_index()].id, -1});
    sheet_->set_tool(Tool::scale_underlay);
}

// The picture is read again only when another one, or another page, is wanted.
void Window::refresh_underlay() {
    const auto& storeys = document_.option().storeys;
    const Underlay none,
        &under = document_.storey_index() < storeys.size() ? storeys[document_.storey_index()].underlay : none;
    const auto key = std::pair{under.file, under.page};
    if (key == underlay_shown_) return;
    underlay_shown_ = key;
    if (under.file.empty()) return sheet_->show_underlay({});
    std::filesystem::path path = under.file;
    if (path.is_relative() && !document_.path().empty())
        path = std::filesystem::absolute(document_.path()).parent_path() / path;
    const auto picture = read_underlay(path, under.page);
    if (!picture) {
        hint_->setText(QString::fromStdString(picture.fault().line()));
        return sheet_->show_underlay({});
    }
    sheet_->show_underlay(*picture);
}

void Window::refresh_sun() {
    if (!sun_wanted_ || document_.option().storeys.empty()) {
        model_view_->show_sun({});
        return sheet_->show_sun({}, {}, {});
    }
    const auto& site = document_.project().site;
    const auto sun =
        climate::sun_position({site.latitude, site.longitude, site.time_zone, site.elevation}, document_.moment());
    // The drawing's +y stands at the azimuth site.north.
    const Vec3 to_sun = direction(sun.azimuth - radians(site.north), sun.altitude);
    model_view_->show_sun(to_sun);
    sun_.request(document_.snapshot(), document_.option_index(), document_.storey_index(), to_sun,
                 document_.moment().month);
}

void Window::show_sun(const question::SunPatches& patches, double altitude) {
    if (!sun_wanted_) return;
    QImage picture(patches.columns, patches.rows, QImage::Format_ARGB32_Premultiplied);
    picture.fill(Qt::transparent);
    const QColor lit(255, 214, 120, 120), shade(40, 30, 60, altitude > 0 ? 46 : 0);
    for (int y = 0; y < patches.rows; ++y)
        for (int x = 0; x < patches.columns; ++x) {
            const float share =
                patches.share[static_cast<size_t>(y) * static_cast<size_t>(patches.columns) + static_cast<size_t>(x)];
            if (share < 0) continue;
            QColor c = share > 0 ? lit : shade;
            if (share > 0) c.setAlphaF(0.2f + 0.3f * share);
            picture.setPixelColor(x, patches.rows - 1 - y, c);
        }
    sheet_->show_sun(picture, patches.low, patches.high);
    if (altitude <= 0) hint_->setText(QStringLiteral("The sun is below the horizon at this moment"));
}

void Window::refresh_faults() {
    faults_found_ = geometry::check_model(document_.project(), document_.option(), document_.blinds_wanted(),
                                          document_.weather() ? &document_.weather()->measured : nullptr);
    std::vector<Vec2> places;
    size_t count = 0;
    for (const auto& fault : faults_found_) {
        if (is_assumption(fault)) continue;
        ++count;
        if (fault.storey == document_.storey_index() && !fault.items.empty()) places.push_back(fault.place);
    }
    sheet_->show_faults(std::move(places));
    faults_->setVisible(count > 0);
    faults_->setText(count == 1 ? QStringLiteral("1 fault") : QStringLiteral("%1 faults").arg(count));
    check_view_->show_faults(faults_found_);
}

void Window::show_check() { show_companion(check_view_); }

void Window::show_fault(const geometry::ModelFault& fault) {
    document_.show_storey(fault.storey);
    document_.select_all(fault.items);
    if (!fault.items.empty()) sheet_->reveal(fault.items.front());
    if (fault.items.empty() && !fault.subject.empty())
        hint_->setText(
            QStringLiteral("This is a matter of the question \"%1\"").arg(QString::fromStdString(fault.subject)));
}

void Window::mend(const geometry::ModelFault& fault) {
    bool done = false;
    document_.edit(QString::fromStdString(fault.mend),
                   [&](Project& p) { done = geometry::mend_fault(p, document_.option_index(), fault); });
    hint_->setText(done ? QStringLiteral("Mended") : QStringLiteral("This could not be mended by itself"));
}

void Window::mend_all() {
    document_.edit(QStringLiteral("Mend faults"), [&](Project& p) {
        // A mend may solve or move others: ask anew after each, and never the same one twice.
        std::set<std::string> tried;
        for (bool more = true; more;) {
            more = false;
            for (const auto& fault :
                 geometry::check_model(p, p.options[document_.option_index()], document_.blinds_wanted())) {
                if (fault.mend.empty() || !tried.insert(fault.what).second) continue;
                more = geometry::mend_fault(p, document_.option_index(), fault);
                if (more) break;
            }
        }
    });
}

void Window::keep_view() {
    bool ok = false;
    const QString name =
        QInputDialog::getText(this, QStringLiteral("Keep this view"), QStringLiteral("Name:"), QLineEdit::Normal,
                              QStringLiteral("View %1").arg(document_.option().views.size() + 1), &ok)
            .trimmed();
    if (!ok || name.isEmpty()) return;
    View view;
    view.name = name.toStdString();
    const auto& storeys = document_.option().storeys;
    view.storey = storeys.empty() ? Id() : storeys[document_.storey_index()].id;
    view.cut = sheet_->cut();
    const QWidget* shown = companion_views_->currentWidget();
    if (shown == model_view_) {
        view.kind = View::Kind::model;
        model_view_->write_camera(view);
    } else if (shown == wall_view_ && !wall_view_->room().empty()) {
        view.kind = View::Kind::elevation;
        view.room = wall_view_->room();
        view.edge = wall_view_->edge();
        view.outside = wall_view_->outside();
    } else if (shown == section_view_ && section_view_->has_line()) {
        view.kind = View::Kind::section;
        view.from = section_view_->from();
        view.to = section_view_->to();
    }
    document_.edit_option(QStringLiteral("Keep view %1").arg(name), [&](Option& o) {
        view.id = fresh_id(o, "view");
        o.views.push_back(view);
    });
}

void Window::show_view(const View& view) {
    for (size_t s = 0; s < document_.option().storeys.size(); ++s)
        if (document_.option().storeys[s].id == view.storey) document_.show_storey(s);
    switch (view.kind) {
        case View::Kind::plan:
            sheet_->set_cut(view.cut);
            break;
        case View::Kind::elevation:
            show_companion(wall_view_);
            wall_view_->show_wall(view.room, view.edge, view.outside);
            break;
        case View::Kind::section:
            show_companion(section_view_);
            section_view_->show_line(view.from, view.to);
            sheet_->show_section_line(view.from, view.to);
            break;
        case View::Kind::model:
            show_companion(model_view_);
            model_view_->read_camera(view);
            break;
    }
}

void Window::fill_views() {
    views_menu_->clear();
    views_menu_->addAction(QStringLiteral("Keep this view\u2026"), this, &Window::keep_view);
    const auto& views = document_.option().views;
    if (!views.empty()) views_menu_->addSeparator();
    for (const View& view : views) {
        static constexpr const char* kinds[] = {"plan", "elevation", "section", "model"};
        views_menu_->addAction(
            QStringLiteral("%1  (%2)")
                .arg(QString::fromStdString(view.name), QString::fromLatin1(kinds[static_cast<int>(view.kind)])),
            this, [this, view] { show_view(view); });
    }
    if (views.empty()) return;
    QMenu* forget = views_menu_->addMenu(QStringLiteral("Forget"));
    for (const View& view : views)
        forget->addAction(QString::fromStdString(view.name), this, [this, id = view.id] {
            document_.edit_option(QStringLiteral("Forget view"), [&](Option& o) {
                std::erase_if(o.views, [&](const View& v) { return v.id == id; });
            });
        });
}

}  // namespace wp::gui
