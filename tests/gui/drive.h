// SPDX-License-Identifier: GPL-3.0-or-later
// Drives the real window with mouse and key events, as a person would.
#pragma once
#include <QTest>
#include <QtWidgets>
#include <functional>

#include "check/check.h"
#include "gui/window/window.h"

namespace wp::gui::drive {

/// Lets the application work until the condition holds; false after so many milliseconds.
bool wait_until(const std::function<bool()>& condition, int milliseconds = 60000);
/// A widget of the window by its object name; fails loudly where there is none.
QWidget* widget(Window& window, const char* name);
void click(Window& window, const char* name);
void key(Window& window, Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier);

/// Pointer on the sheet, at places of the model in metres.
QPoint on_sheet(Window& window, Vec2 place);
void press(Window& window, Vec2 place);
void move(Window& window, Vec2 place);
void release(Window& window, Vec2 place);
void click_sheet(Window& window, Vec2 place);
/// Press, move in steps, release.
void drag(Window& window, Vec2 from, Vec2 to, int steps = 6);

/// Types into a line and commits with Enter.
void type_into(QWidget* field, const char* text);
/// Clicks and keys given so far, for counting what a job takes. A drag is one click.
struct Count {
    int clicks = 0, keys = 0;
};
Count& count();

/// After a menu or a dialog closed, where no window manager gives the focus back.
void give_focus_back(Window& window);
/// A window of 1280 x 800 on the screen, active.
void show(Window& window);
/// Until the daylight factor of the shown option has settled.
bool settle(Window& window, int milliseconds = 120000);

/// What the model check finds of the option as it is, once it has looked.
std::vector<check::ModelFault> faults(Window& window);
/// Pictures of eyes settle early from now on: what they show is no matter of the test.
void look_quickly(Window& window);
/// Until the site's weather has been read.
bool read_weather(Window& window);

}  // namespace wp::gui::drive
