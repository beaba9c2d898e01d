// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures, drawings and tables out of the desktop: by copy or as files, from the same hand that paints the screen.
#pragma once
#include <QSize>
#include <QString>
#include <QWidget>
#include <functional>
#include <string>

#include "report/paper.h"

namespace wp::gui {

/// What can be taken out of a view. csv may be empty.
struct Takeaway {
    QString title;
    QSize size;
    report::Paint paint;
    std::function<std::string()> csv;
    /// Writes the plan to scale; may be empty.
    std::function<Outcome(const std::filesystem::path&, double scale, double dots)> plan;
};

/// Asks for a file to write to. Its name ends in the suffix, with a dot; where that was added and such a file is there,
/// it is asked whether it may be replaced. Empty: none was chosen.
QString file_to_write(QWidget* parent, const QString& title, const QString& filter, const QString& suffix,
                      const QString& proposal = {});

/// Puts the picture and, where there is one, the table on the clipboard.
void copy_out(const Takeaway& what);
/// Asks what is wanted, how large on paper, and for a file; its suffix says what is written: png, svg, pdf, csv. A
/// fault is shown.
void save_out(QWidget* parent, const Takeaway& what);
/// The same of one of several views, which is asked for.
void save_out(QWidget* parent, const std::vector<Takeaway>& views);
/// What a widget shows, as large as it stands there.
Takeaway takeaway_of(QWidget& view, const QString& title);
/// The same without asking: csv by its suffix, else a picture of so many pixels a unit of the size, or a drawing. dots:
/// an inch, told in the picture.
Outcome save_out_as(const Takeaway& what, const std::filesystem::path& path, double pixels = 2, double dots = 0);

/// Two tool buttons, copy and save, for a view's bar. what is called when they are used.
QWidget* out_buttons(QWidget* parent, std::function<Takeaway()> what);

}  // namespace wp::gui
