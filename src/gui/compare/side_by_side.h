// SPDX-License-Identifier: GPL-3.0-or-later
// Options side by side on one scale, or as differences from one of them: maps, years, profiles, arcs, pictures. The
// pointer reads all of them at the same place.
#pragma once
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QWidget>

#include "gui/answers/asker.h"
#include "gui/compare/side_kinds.h"
#include "gui/saving/save.h"
#include "gui/work/behind.h"

namespace wp::gui {

/// Draws them, and follows the pointer.
class SideView : public QWidget {
    Q_OBJECT
 public:
    explicit SideView(Document& document, QWidget* parent = nullptr);
    void show_board(const report::SideBoard& board);
    const report::SideBoard& board() const { return board_; }
    /// Where a picture lies.
    QRectF cell(size_t i) const { return report::lay_out(board_, rect()).pictures[i]; }

 signals:
    void told(const QString& text);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent*) override;

 private:
    Document& document_;
    report::SideBoard board_;
    std::optional<std::pair<report::SideCell::Terms, QPointF>> under_;
};

class SidePanel : public QWidget {
    Q_OBJECT
 public:
    SidePanel(Document& document, const KeptAnswers& kept, Asker& asker, QWidget* parent = nullptr);
    SideView& view() { return *view_; }
    Takeaway takeaway() const;

 signals:
    void said(const QString& text);

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    struct Wanted {
        const SideKind* kind = nullptr;
        SideAsked asked;
    };
    const SideKind& kind() const;
    QComboBox* add_box(QHBoxLayout& row, const char* name, const QString& title, int stretch);
    void fill_rooms();
    void fill_bases(const std::vector<size_t>& options);
    std::vector<size_t> shown_options() const;
    std::vector<std::shared_ptr<const question::GlareAnswer>> taken_pictures(const std::vector<size_t>& options) const;
    void ask_missing();
    void refresh();

    Document& document_;
    const KeptAnswers& kept_;
    Asker& asker_;
    QComboBox *kind_, *figure_, *room_, *base_;
    QPushButton* ask_;
    SideView* view_;
    QLabel* told_;
    std::vector<std::shared_ptr<const void>> asked_;
    QString asked_words_;
    Behind<Wanted, report::SideBoard> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
