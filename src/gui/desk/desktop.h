// SPDX-License-Identifier: GPL-3.0-or-later
// What desks, pages and companions share: one document, its answers, one sheet, one figure on it, and who is shown
// where. Parts speak to each other through it alone, so that none includes another.
#pragma once
#include <QObject>
#include <QStackedWidget>
#include <vector>

#include "gui/answers/maps.h"
#include "gui/commands/commands.h"
#include "gui/commands/palette.h"
#include "gui/desk/desk.h"
#include "gui/legend/legends.h"
#include "gui/sheet/sheet.h"
#include "gui/yearstrip/yearstrip.h"

namespace wp::gui {

class Desktop : public QObject {
    Q_OBJECT
 public:
    /// window: owns all widgets, and is the parent of dialogs.
    explicit Desktop(QWidget& window);
    ~Desktop() override;

    QWidget* window() const { return &window_; }
    Document& document() { return document_; }
    KeptAnswers& answers() { return answers_; }
    Asker& asker() { return asker_; }
    Maps& maps() { return maps_; }
    Legends& legends() { return legends_; }
    Commands& commands() { return commands_; }
    Sheet& sheet() { return *sheet_; }
    YearStrip& strip() { return *strip_; }

    // Desks
    /// Makes them, with the tools of the sheet, their pages and companions. Once.
    void furnish(const std::vector<MakeTool>& tools, const std::vector<MakePage>& companions,
                 const std::vector<MakePage>& pages, const std::vector<MakeDesk>& desks);
    const std::vector<Desk*>& desks() const { return desks_; }
    Desk& desk() const { return *desk_; }
    /// Null until the first is shown.
    Desk* desk_or_null() const { return desk_; }
    bool is_on(DeskKind kind) const { return desk_ != nullptr && desk_->kind() == kind; }
    void show_desk(DeskKind kind);
    /// Nothing where one is there already.
    void go_to_desk(DeskKind kind) {
        if (!is_on(kind)) show_desk(kind);
    }
    /// Goes to a desk where that tool of the sheet is used, with it in hand.
    void take_up(SheetTool& tool);
    template <class T>
    void take_up() {
        take_up(sheet_->tool<T>());
    }
    /// What stands in the middle, or whether anything stands beside it, is asked of the desk again.
    void renew_layout() { emit layout_changed(); }

    // Companions and pages
    const std::vector<Page>& companions() const { return companions_; }
    const std::vector<Page>& pages() const { return pages_; }
    /// Holds the companions, with their buttons; the window lays it out.
    QWidget* companion_host() const { return companion_host_; }
    void set_companion_host(QWidget* host) { companion_host_ = host; }
    QWidget* companion() const { return companion_; }
    QWidget* page() const { return page_; }
    /// Goes to a desk that has it, if this one has not.
    void show_companion(QWidget* companion);
    void show_page(QWidget* page);
    /// The same, on a desk that has it.
    void go_to_page(const Page& page);
    /// The only part of its type. There must be one.
    template <class T>
    T& part() const {
        T* found = nullptr;
        for (QObject* one : parts_)
            if (T* as = qobject_cast<T*>(one)) found = as;
        if (found == nullptr) qFatal("the window has no %s", T::staticMetaObject.className());
        return *found;
    }
    /// Makes a part known to the others.
    void know(QObject* part) { parts_.push_back(part); }

    // Finding
    /// What can be gone to besides commands: entries as things stand.
    using Finder = std::function<std::vector<Palette::Entry>()>;
    void add_finder(Finder finder) { finders_.push_back(std::move(finder)); }
    std::vector<Palette::Entry> found() const {
        std::vector<Palette::Entry> out;
        for (const Finder& finder : finders_)
            for (auto& entry : finder()) out.push_back(std::move(entry));
        return out;
    }

    // The figure on the sheet
    const Shown& shown() const { return shown_; }
    void show(Shown shown);
    /// Of any option, in the units and on the legend of its figure.
    SheetMap dressed(SheetMap map, const model::Id& option) const;
    /// Draws the map anew, as answers stand.
    void renew_map();
    /// The map as it was before the last edit, in place of the present one, while it is held.
    void hold_before(bool on);

    /// One line to whoever works, at the foot of the window.
    void say(const QString& text) { emit said(text); }
    /// Those that the project does not have yet are added.
    void ask_questions(const std::vector<model::Question>& questions);

 signals:
    void said(const QString& text);
    void desk_changed();
    void layout_changed();
    void companion_changed();
    void page_changed();
    void shown_changed();
    /// The map of the option that is shown, dressed.
    void map_shown(const wp::gui::SheetMap& map);

 private:
    void go_to_desk_of(const Page& page);
    void choose_page();
    void set_shown(Shown shown);
    void watch_year();
    void choose_companion();
    void keep_before();

    QWidget& window_;
    Document document_;
    KeptAnswers answers_;
    Asker asker_{document_, answers_};
    Maps maps_{document_, answers_, asker_};
    Legends legends_;
    Commands& commands_;
    Sheet* sheet_;
    YearStrip* strip_;
    std::vector<Desk*> desks_;
    std::vector<Page> companions_, pages_;
    std::vector<QObject*> parts_;
    std::vector<Finder> finders_;
    Desk* desk_ = nullptr;
    QWidget *companion_host_ = nullptr, *companion_ = nullptr, *page_ = nullptr;
    std::map<DeskKind, QWidget*> last_page_;
    QString hint_;  // of the sheet, that was told last
    Shown shown_ = Shown::daylight_factor;
    SheetMap before_, now_;  // the map before the last edit, and the one that is shown
    bool holds_before_ = false;
    int step_ = 0;  // of the undo stack, when it was kept last
};

}  // namespace wp::gui
