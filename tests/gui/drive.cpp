// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/drive.h"

#include <QApplication>
#include <QLineEdit>
#include <cstring>
#include <stdexcept>

#include "gui/check/model_check.h"

namespace wp::gui::drive {

bool wait_until(const std::function<bool()>& condition, int milliseconds) {
    return QTest::qWaitFor(condition, milliseconds);
}

QWidget* widget(Window& window, const char* name) {
    auto* found = window.findChild<QWidget*>(QString::fromLatin1(name));
    if (found == nullptr) throw std::runtime_error(std::string("no widget ") + name);
    return found;
}

Count& count() {
    static Count all;
    return all;
}

void type_into(QWidget* field, const char* text) {
    auto* line = qobject_cast<QLineEdit*>(field);
    if (line == nullptr) throw std::runtime_error("this is no line to type into");
    ++count().clicks;
    count().keys += static_cast<int>(std::strlen(text)) + 1;
    QTest::mouseClick(line, Qt::LeftButton);
    line->selectAll();
    QTest::keyClicks(line, QString::fromLatin1(text));
    QTest::keyClick(line, Qt::Key_Return);
}

void click(Window& window, const char* name) {
    ++count().clicks;
    QTest::mouseClick(widget(window, name), Qt::LeftButton);
}

// A display without a window manager gives the focus to nobody when a box closes; a shortcut needs an active window.
void give_focus_back(Window& window) {
    if (QApplication::activeModalWidget() != nullptr || QApplication::activePopupWidget() != nullptr) return;
    if (QApplication::activeWindow() == nullptr) QApplication::setActiveWindow(&window);
}

void key(Window& window, Qt::Key key, Qt::KeyboardModifiers modifiers) {
    give_focus_back(window);
    QWidget* target = QApplication::focusWidget() != nullptr ? QApplication::focusWidget() : &window;
    ++count().keys;
    QTest::keyClick(target, key, modifiers);
}

QPoint on_sheet(Window& window, Vec2 place) { return window.sheet().view().to_screen(place).toPoint(); }
void press(Window& window, Vec2 place) {
    ++count().clicks;
    QTest::mousePress(&window.sheet(), Qt::LeftButton, {}, on_sheet(window, place));
}
void move(Window& window, Vec2 place) { QTest::mouseMove(&window.sheet(), on_sheet(window, place)); }
void release(Window& window, Vec2 place) {
    QTest::mouseRelease(&window.sheet(), Qt::LeftButton, {}, on_sheet(window, place));
}

void click_sheet(Window& window, Vec2 place) {
    ++count().clicks;
    QTest::mouseClick(&window.sheet(), Qt::LeftButton, {}, on_sheet(window, place));
}

void drag(Window& window, Vec2 from, Vec2 to, int steps) {
    move(window, from);
    press(window, from);
    for (int i = 1; i <= steps; ++i) move(window, from + (to - from) * (static_cast<double>(i) / steps));
    release(window, to);
}

void show(Window& window) {
    window.resize(1280, 800);
    window.show();
    window.activateWindow();
    QApplication::setActiveWindow(&window);
    if (!QTest::qWaitForWindowExposed(&window)) throw std::runtime_error("the window does not appear");
    QTest::qWait(50);
    read_weather(window);
}

bool settle(Window& window, int milliseconds) {
    return wait_until([&] { return window.lamp().state() == Lamp::State::settled; }, milliseconds);
}

std::vector<check::ModelFault> faults(Window& window) {
    auto& check = window.part<ModelCheck>();
    if (!wait_until([&] { return !check.is_looking(); }, 30000)) throw std::runtime_error("the model check hangs");
    return check.faults();
}

bool read_weather(Window& window) {
    return wait_until([&] { return !window.document().reads_weather(); }, 30000);
}

void look_quickly(Window& window) {
    auto choice = window.asker().eye().choice();
    choice.surely = 10;
    window.asker().eye().take_as(choice);
    window.document().edit(QStringLiteral("Less sure"), [](model::Project& p) {
        for (auto& question : p.questions) question.accuracy = std::max(question.accuracy, 0.05);
    });
}

}  // namespace wp::gui::drive
