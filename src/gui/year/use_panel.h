// SPDX-License-Identifier: GPL-3.0-or-later
// How the building is used: occupied hours, window groups and their blinds, electric light. Everything here takes
// effect at once: nothing of it traces a ray, but states of blinds that were never traced.
#pragma once
#include "gui/answers/asker.h"
#include "gui/desk/page.h"
#include "gui/entry/scrolled_page.h"
#include "gui/work/behind.h"

class QFormLayout;
class QVBoxLayout;

namespace wp::gui {

class UsePanel : public ScrolledPage {
    Q_OBJECT
 public:
    UsePanel(Document& document, const KeptAnswers& kept, Asker& asker, QWidget* parent = nullptr);

 signals:
    void said(const QString& text);
    /// Windows of a group to be pointed at on the sheet.
    void pointed_at(std::set<model::Id> windows);
    /// The part of its plane that an electric light is for is to be drawn on the sheet.
    void area_wanted(model::Id lighting);

 protected:
    void showEvent(QShowEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    void refresh();
    QStringList told_of_year() const;
    void add_hours(QVBoxLayout& column);
    void add_pattern(QVBoxLayout& column, const model::Occupancy& pattern);
    void add_calendar(QVBoxLayout& column);
    void add_summer_of_weather(QFormLayout& form);
    void add_blinds(QVBoxLayout& column);
    void add_control(QFormLayout& form, const model::BlindControl& control, const QString& key,
                     std::function<void(const std::function<void(model::BlindControl&)>&)> change);
    void add_lighting(QVBoxLayout& column);
    void add_light(QVBoxLayout& column, const model::Lighting& lighting);
    void group_selected();
    model::Id room() const;
    /// Groups of the option, as they form themselves: as they were found last, and asked for where they may be others.
    const std::vector<question::YearGroup>& groups();
    struct GroupsAsked {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
    };
    struct GroupsFound {
        GroupsAsked asked;
        std::vector<question::YearGroup> groups;
    };
    void keep_groups(const GroupsFound& found);

    Document& document_;
    const KeptAnswers& kept_;
    Asker& asker_;
    std::shared_ptr<const model::Project> groups_of_;
    model::Id groups_of_option_;
    std::vector<question::YearGroup> groups_;
    std::string chosen_;  ///< name of the group whose control is shown
    QStringList told_;    // of the year, on the page as it is
    bool stale_ = true;
    Behind<GroupsAsked, GroupsFound> group_finder_;  // last: it ends before what it works with
};

Page use_page(Desktop& desktop);

}  // namespace wp::gui
