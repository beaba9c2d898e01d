// SPDX-License-Identifier: GPL-3.0-or-later
// How drawing feels as a building grows: warmpane-bench-drawing, under a display. Frame times at the 95th percentile
// for panning and zooming the sheet, dragging a window and turning the model, by the number of rooms; and the work of
// building anew one changed room, and all of them.
#include <QApplication>
#include <QElapsedTimer>
#include <QMouseEvent>
#include <QWheelEvent>
#include <algorithm>
#include <cstdio>

#include "check/check.h"
#include "geometry/surfaces.h"
#include "geometry/walls.h"
#include "gui/companion/model_view.h"
#include "gui/drive.h"
#include "gui/look/look.h"
#include "model/project.h"
#include "store/project_file.h"

using namespace wp;
using namespace wp::gui;
using namespace wp::model;

namespace {

// A slab of rooms along corridors on four storeys, five openings each.
Project building(int rooms) {
    Project p = blank_project();
    p.questions.clear();
    Option& option = p.options[0];
    const int a_storey = rooms / 4;
    option.storeys.clear();
    for (int s = 0; s < 4; ++s) {
        Storey storey = new_storey("storey-" + std::to_string(s), "Storey " + std::to_string(s + 1), s * 3.3);
        for (int i = 0; i < a_storey; ++i) {
            Room room;
            room.id = "room-" + std::to_string(s) + "-" + std::to_string(i);
            room.name = room.id;
            const double x = (i / 2) * 4.0, y = (i % 2) * 6.0;
            room.footprint = {{x, y}, {x + 4, y}, {x + 4, y + 6}, {x, y + 6}};
            room.floor = "floor";
            room.walls = "walls";
            room.ceiling = "ceiling";
            for (int k = 0; k < 5; ++k) {
                Opening o;
                o.id = o.name = "W-" + std::to_string(s) + "-" + std::to_string(i) + "-" + std::to_string(k);
                o.edge = i % 2 == 0 ? 0 : 2;
                o.along = 0.15 + 0.75 * k;
                o.width = 0.6;
                o.height = 1.4;
                o.glazing = "double-clear";
                room.openings.push_back(o);
            }
            storey.rooms.push_back(room);
        }
        option.storeys.push_back(storey);
    }
    return p;
}

double p95(std::vector<double> times) {
    std::sort(times.begin(), times.end());
    return times.empty() ? 0 : times[std::min(times.size() - 1, times.size() * 95 / 100)];
}

// Into a picture: what the window system adds is not ours.
void paint(QWidget& widget) {
    static QPixmap target;
    if (target.size() != widget.size()) target = QPixmap(widget.size());
    widget.render(&target);
}

template <class Step>
double frames(int count, Step&& step) {
    std::vector<double> times;
    for (int i = 0; i < count; ++i) {
        QElapsedTimer timer;
        timer.start();
        step(i);
        times.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    return p95(times);
}

}  // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("warmpane-bench"));
    apply_look(application, Paper::light);
    std::printf("ms at the 95th percentile        sheet                     model      without a display\n");
    std::printf("rooms  openings |   pan   zoom   drag |  turn |  one room's walls   one check   all surfaces\n");
    for (const int rooms : {24, 48, 100, 200}) {
        const Project project = building(rooms);
        const auto path = std::filesystem::temp_directory_path() / "warmpane-bench-drawing.warmpane";
        if (store::save_project(project, path)) return 3;
        Window window;
        if (window.open(path)) return 3;
        window.asker().live().hold(true);
        drive::show(window);
        Sheet& sheet = window.sheet();
        paint(sheet);
        const auto send_move = [&](QPointF at, Qt::MouseButtons buttons) {
            QMouseEvent event(QEvent::MouseMove, at, sheet.mapToGlobal(at), Qt::NoButton, buttons, Qt::NoModifier);
            QApplication::sendEvent(&sheet, &event);
            paint(sheet);
        };
        QMouseEvent middle(QEvent::MouseButtonPress, QPointF(200, 200), sheet.mapToGlobal(QPointF(200, 200)),
                           Qt::MiddleButton, Qt::MiddleButton, Qt::NoModifier);
        QApplication::sendEvent(&sheet, &middle);
        const double pan = frames(60, [&](int i) { send_move(QPointF(200 + i % 30, 200 + i % 17), Qt::MiddleButton); });
        QMouseEvent up(QEvent::MouseButtonRelease, QPointF(200, 200), sheet.mapToGlobal(QPointF(200, 200)),
                       Qt::MiddleButton, Qt::NoButton, Qt::NoModifier);
        QApplication::sendEvent(&sheet, &up);
        const double zoom = frames(60, [&](int i) {
            QWheelEvent event(QPointF(250, 250), sheet.mapToGlobal(QPointF(250, 250)), {}, {0, i % 20 < 10 ? 40 : -40},
                              Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase, false);
            QApplication::sendEvent(&sheet, &event);
            paint(sheet);
        });
        sheet.fit();
        paint(sheet);
        const Vec2 at{0.45 + 2 * 0.75, -0.15};
        const QPointF start = sheet.view().to_screen(at);
        QMouseEvent press(QEvent::MouseButtonPress, start, sheet.mapToGlobal(start), Qt::LeftButton, Qt::LeftButton,
                          Qt::NoModifier);
        QApplication::sendEvent(&sheet, &press);
        const double drag = frames(40, [&](int i) {
            send_move(start + QPointF((i % 2 == 0 ? 1 : -1) * sheet.view().scale * 0.1 * (1 + i % 3) + 3, 0),
                      Qt::LeftButton);
            QApplication::processEvents();
        });
        QMouseEvent release(QEvent::MouseButtonRelease, start, sheet.mapToGlobal(start), Qt::LeftButton, Qt::NoButton,
                            Qt::NoModifier);
        QApplication::sendEvent(&sheet, &release);
        auto& model = window.part<ModelView>();
        const auto drawn = [&] {
            while (!model.is_current()) QApplication::processEvents();
        };
        drawn();
        QMouseEvent turn_press(QEvent::MouseButtonPress, QPointF(100, 100), model.mapToGlobal(QPointF(100, 100)),
                               Qt::LeftButton, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&model, &turn_press);
        const double turn = frames(40, [&](int i) {
            QMouseEvent event(QEvent::MouseMove, QPointF(100 + i, 100), model.mapToGlobal(QPointF(100 + i, 100)),
                              Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
            QApplication::sendEvent(&model, &event);
            drawn();
        });
        const Option& option = project.options[0];
        const double one = frames(60, [&](int) {
            geometry::inner_face(option, option.storeys[1], option.storeys[1].rooms[static_cast<size_t>(rooms) / 8]);
        });
        const double check = frames(5, [&](int) { check::check_drawing(option); });
        const double all = frames(5, [&](int) { geometry::build_surfaces(project, option); });
        std::printf("%5d  %8d | %5.1f  %5.1f  %5.1f | %5.1f | %16.3f %12.1f %14.1f\n", rooms, rooms * 5, pan, zoom,
                    drag, turn, one, check, all);
        window.document().undo_stack().setClean();
        std::filesystem::remove(path);
    }
    return 0;
}
