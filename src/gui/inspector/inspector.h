// SPDX-License-Identifier: GPL-3.0-or-later
// The inspector edits the selection and says what it does: a window's share of the light, a room's figures. What its
// page shows is up to the kind of what is selected (inspector_pages.h).
#pragma once
#include <QElapsedTimer>
#include <QFormLayout>
#include <QLabel>
#include <QSet>
#include <QTimer>
#include <QVBoxLayout>

#include "gui/answers/kept_answers.h"
#include "gui/document/document.h"
#include "gui/entry/number_field.h"
#include "gui/entry/scrolled_page.h"

namespace wp::gui {

class Inspector : public ScrolledPage {
    Q_OBJECT
 public:
    Inspector(Document& document, const KeptAnswers& kept, QWidget* parent = nullptr);
    /// Brings the shading layers of what is selected into view.
    void show_shading_rows();
    void set_editable(bool on);

    // For pages
    Document& document() const { return document_; }
    const KeptAnswers& kept() const { return kept_; }
    /// What the page is about.
    const Selection& item() const { return shown_; }
    /// How a group stands until somebody opens or folds it.
    enum class Fold { open, folded };
    /// A further group of rows under a heading; all but the first can be folded away by it, and stay so. name: by which
    /// its heading is found, and by which it is known whether it is folded.
    QFormLayout& group(const QString& title, const char* name, Fold fold = Fold::open);
    /// A figure that follows the answers.
    void add_fact(QFormLayout& form, const QString& title, std::function<QString()> text, const QString& tip = {});
    /// What brings a row up to date while something is dragged; the page is built anew when the hand rests.
    void follow(std::function<void()> row) { rows_.push_back(std::move(row)); }
    /// The answer of a room's plane; null where there is none.
    const question::PlaneDaylight* daylight_of(const model::Id& room) const;
    /// The shading layer that is open.
    size_t layer() const { return layer_; }
    /// Opens one. made: it is new and is brought into view.
    void open_layer(size_t layer, bool made = false);

 signals:
    void ask_glare(const QString& observer, int heading);
    /// The next rectangle that is drawn on the sheet belongs to a plane: as its part, or left out of it.
    void area_wanted(const QString& plane, bool leave_out);
    /// The next click on the sheet is what an observer looks at.
    void aim_wanted(const QString& observer);

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    void rebuild();
    void hold_fields();
    void fill();
    void bring_made_into_view();
    void refresh();
    void refresh_figures();
    bool is_typing() const;
    void finish_rows();
    bool is_folded(const QString& name, Fold fold) const;
    void fold(const QString& name, Fold usual, bool folded);

    Document& document_;
    const KeptAnswers& kept_;
    QString made_;  // row that is to be in view when the page is built anew
    QVBoxLayout* groups_ = nullptr;
    std::vector<QFormLayout*> forms_;
    QSet<QString> turned_;  // groups that stand otherwise than they usually do
    bool editable_ = true;
    bool stale_ = true;  // the page is of before
    QTimer follow_;
    size_t layer_ = 0;
    Selection shown_;
    // Figures that follow the answers without the page being built anew.
    std::vector<std::pair<QLabel*, std::function<QString()>>> figures_;
    std::vector<std::function<void()>> rows_;
    QElapsedTimer since_change_;
    bool had_answer_ = false;
    const question::GlareAnswer* had_glare_ = nullptr;
};

/// What one opening brings to the planes of its option: share of all the daylight factor there, 0 to 1.
double share_of_light(const question::DaylightFactorAnswer& answer, const model::Id& opening, const model::Id& room);

}  // namespace wp::gui
