// SPDX-License-Identifier: GPL-3.0-or-later
// The viewer: the picture that lives, pictures that were held and pictures from files; one alone, two beside each other
// or what differs between them; judged by the rule one chooses.
#pragma once
#include <QBoxLayout>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QStackedWidget>
#include <QToolButton>
#include <QWidget>
#include <vector>

#include "gui/desk/desktop.h"
#include "gui/legend/legend_bar.h"
#include "gui/picture/contact_view.h"
#include "gui/picture/picture_facts.h"
#include "gui/picture/picture_view.h"
#include "gui/work/behind.h"

namespace wp::gui {

class PictureWindow : public QWidget {
    Q_OBJECT
 public:
    explicit PictureWindow(Desktop& desktop);

    using Answer = PictureView::Answer;
    /// Keeps the picture that is shown, so that others can be laid beside it.
    void hold_picture();
    /// From a file; its lens is asked for where it does not tell it.
    void open_file(const std::filesystem::path& path);
    /// By its suffix: .exr, .csv, else a picture as seen.
    Outcome save_as(const std::filesystem::path& path) const;
    void set_rule(const model::SourceChoice& rule);
    const Answer& shown() const { return left_->answer(); }
    PictureView& left() { return *left_; }
    PictureView& right() { return *right_; }
    report::PictureStyle style() const;
    /// Asks which pictures are wanted, and takes them.
    void take_many();
    /// All that were taken together, or the one.
    void show_sheet(bool on);
    ContactView& contact() { return *contact_; }

 protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;

 private:
    static constexpr int kSizes[] = {256, 512, 1024, 2048, 4096};  ///< pixels across
    /// Entries of what stands beside, before the living picture: nothing, and two that are read of the picture itself.
    static constexpr int kBeforeHeld = 3;
    struct Held {
        QString title;
        Answer answer;
    };
    // Judged and, of two, told apart; in the background, since pictures are large.
    struct Wanted {
        Answer left, right;
        metric::SourceRule rule;
        bool difference = false;
        std::optional<light::PictureOf> read_as;  // the right: what the left tells by wavelength
    };
    struct Prepared {
        Answer left, right;
        bool difference = false;
        bool alike = true;  // false: they cannot be told apart
    };
    static Prepared prepare(const Wanted& wanted);

    QWidget* build_taking();
    QWidget* build_looking();
    void build_views(QBoxLayout& column);
    QComboBox* box(const char* name, const QString& title, const QStringList& entries);
    QToolButton* tick(const char* name, const QString& title, const QString& tip, bool on);
    void add_held(const QString& title, Answer answer);
    void fill_choices();
    void refresh();
    void restyle();
    void take(const Prepared& found);
    void show_scale();
    void change_taking();
    void change_bands();
    std::optional<light::PictureOf> beside_as() const;
    void show_light();
    void fill_places();
    void look_from_place(int index);
    void change_rule();
    void follow_taking();
    Answer chosen(const QComboBox& choice, int first) const;
    QString title_of(const QComboBox& choice, int first) const;
    bool is_sheet() const { return sheet_->isChecked(); }
    void show_one_of_many(size_t picture);
    Outcome save_sheet(const std::filesystem::path& path) const;
    void save(const QString& filter, const QString& suffix);
    void open();
    std::optional<light::Lens> ask_lens(const QString& name, const light::Lens& guess);
    void fault(const Fault& what);

    Desktop& desktop_;
    std::vector<Held> held_;
    model::SourceChoice rule_;
    QComboBox *from_, *lens_, *of_, *pixels_, *blinds_, *look_, *against_, *shown_, *beside_, *bands_, *sky_colour_;
    QDoubleSpinBox* stops_;
    QToolButton *quiet_, *lines_, *sources_, *zone_, *difference_, *circle_, *sheet_;
    PictureView *left_, *right_;
    PictureFacts* facts_;
    ContactView* contact_;
    QStackedWidget* stack_;
    QWidget* side_;
    LegendBar* legend_;
    report::Scale scale_;
    bool filling_ = false, lines_on_ = false;
    Behind<Wanted, Prepared> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
