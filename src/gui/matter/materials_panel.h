// SPDX-License-Identifier: GPL-3.0-or-later
// The materials: those of the project, one's own, and the library that comes with the program. Edited, assigned,
// exchanged.
#pragma once
#include <QFormLayout>
#include <QLineEdit>
#include <QScrollArea>
#include <QTreeWidget>

#include "gui/desk/page.h"
#include "gui/document/document.h"
#include "gui/matter/material_preview.h"

namespace wp::gui {

class MaterialsPanel : public QWidget {
    Q_OBJECT
 public:
    explicit MaterialsPanel(Document& document, QWidget* parent = nullptr);
    /// Looks for a material by its name.
    void look_for(const QString& name) { search_->setText(name); }
    /// Where one's own materials are kept across projects.
    static std::filesystem::path own_library();
    /// Reads a file of materials into the project. A fault says why not.
    Outcome import_file(const std::filesystem::path& file);
    Outcome export_file(const std::filesystem::path& file);
    /// Gives the chosen material the spectrum, and the figure, of a file. A box says why not.
    void take_spectrum(const std::filesystem::path& path);

 signals:
    void said(const QString& text);

 private:
    enum class From { project, own, library };
    void refresh();
    void fill();
    void show_chosen();
    void show_form(const model::Material& material, From from);
    static void add_text(QFormLayout& form, const model::Material& material);
    void add_spectrum(QFormLayout& form, const model::Material& material);
    void tell_spectrum(const QString& words);
    void read_spectrum();
    void change(const QString& name, const std::function<void(model::Material&)>& edit);
    void assign();
    void keep_own();
    void remove();
    void new_material(model::Material::Kind kind);
    std::optional<model::Material> chosen(From& from) const;
    model::Id take_into_project(const model::Material& material);

    Document& document_;
    QLineEdit* search_ = nullptr;
    QTreeWidget* list_ = nullptr;
    MaterialPreview* preview_ = nullptr;
    QScrollArea* page_ = nullptr;
    std::vector<model::Material> library_, own_;
    std::vector<model::Material> shown_;
    bool filling_ = false;
};

Page materials_page(Desktop& desktop);

}  // namespace wp::gui
