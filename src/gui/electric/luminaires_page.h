// SPDX-License-Identifier: GPL-3.0-or-later
// Kinds of luminaires: from files of their makers or the program's own set, looked at, placed one by one, in rows, or
// as many as a plane needs.
#pragma once
#include <filesystem>

#include "edit/luminaires.h"
#include "gui/desk/desktop.h"
#include "gui/electric/candela_view.h"
#include "gui/entry/scrolled_page.h"

namespace wp::gui {

class LuminairesPage : public ScrolledPage {
    Q_OBJECT
 public:
    explicit LuminairesPage(Desktop& desktop);
    /// Reads a photometric file into the project and chooses its kind. A fault says why not.
    Outcome take_file(const std::filesystem::path& file);
    /// Lays out the fewest luminaires of the chosen kind that give the plane so many lux, in the background; they take
    /// the place of those that hang in its room.
    void reach();

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    void refresh();
    void add_choice_row(QVBoxLayout& column);
    void add_facts(QVBoxLayout& column, const model::LuminaireType& type);
    void add_form(QVBoxLayout& column, const model::LuminaireType& type);
    void add_placing(QVBoxLayout& column);
    void add_reaching(QVBoxLayout& column);
    void choose_file();
    void place();
    void remove_kind();
    const model::LuminaireType* chosen() const;
    /// The plane that is selected, or of what is selected; else the first that lies.
    const model::ReferencePlane* plane() const;
    QString room_name(const model::ReferencePlane& plane) const;

    Desktop& desktop_;
    model::Id chosen_;
    QStringList notes_;  // of the file that was read last
    int count_ = 1;
    edit::Mount mount_ = edit::Mount::ceiling;
    double lux_ = 500;
    std::shared_ptr<const model::Project> shown_of_;
    model::Id shown_, shown_plane_;
    CandelaView* candela_ = nullptr;
};

Page luminaires_page(Desktop& desktop);

}  // namespace wp::gui
