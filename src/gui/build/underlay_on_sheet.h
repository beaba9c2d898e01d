// SPDX-License-Identifier: GPL-3.0-or-later
// A drawing laid under the storey, to be traced.
#pragma once
#include "gui/desk/desktop.h"
#include "incoming/drawing.h"

namespace wp::gui {

class UnderlayOnSheet : public QObject {
    Q_OBJECT
 public:
    explicit UnderlayOnSheet(Desktop& desktop);

    /// Lays a picture or PDF under the storey that is drawn, ready to be scaled; says why where it cannot.
    void lay(const QString& file);
    /// Layers of the drawing, to be switched.
    void choose_layers();

 private:
    void choose();
    void renew();

    Desktop& desktop_;
    Result<std::shared_ptr<const incoming::Drawing>> drawing_of(const std::filesystem::path& file);
    void lay_drawing(const std::filesystem::path& path, const QString& file);
    void show_drawing(const model::Underlay& under, const std::filesystem::path& path);

    std::tuple<std::string, int, std::vector<std::string>> shown_;
    std::shared_ptr<const incoming::Drawing> drawing_;  // the last that was read
    std::filesystem::path drawing_file_;
};

}  // namespace wp::gui
