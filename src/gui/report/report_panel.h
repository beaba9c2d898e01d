// SPDX-License-Identifier: GPL-3.0-or-later
// How the report is composed: what its cover says, which sections it has and in which order.
#pragma once
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTimer>
#include <QWidget>

#include "gui/answers/taken_pictures.h"
#include "gui/report/composing.h"
#include "gui/work/behind.h"

namespace wp::gui {

class PageView;

class ReportPanel : public QWidget {
    Q_OBJECT
 public:
    ReportPanel(Document& document, const KeptAnswers& kept, const TakenPictures& pictures, PageView& pages,
                QWidget* parent = nullptr);
    /// The book that is shown; null until the first was composed.
    std::shared_ptr<const report::Book> book() const { return composed_.book; }
    /// Without asking for a file.
    Outcome write(const std::filesystem::path& path) const;

 signals:
    /// Questions that the project may not have yet.
    void ask(const std::vector<model::Question>& questions);
    void said(const QString& words);

 protected:
    void showEvent(QShowEvent*) override;

 private:
    QWidget* make_words();
    QLineEdit* add_words(class QFormLayout& form, const QString& title, const char* name,
                         std::string model::Report::*of);
    void add_file(QFormLayout& form, const QString& title, const char* name, std::string model::Report::*of);
    void make_list();
    void refresh();
    void compose();
    std::shared_ptr<const report::BookShots> find_shots() const;
    void show_composed(const Composed& composed);
    std::vector<model::ReportSection> listed_sections() const;
    void keep_sections();
    void save();
    void change(const QString& what, const std::function<void(model::Report&)>& change);

    Document& document_;
    const KeptAnswers& kept_;
    const TakenPictures& pictures_;
    PageView& pages_;
    std::vector<std::pair<QLineEdit*, std::string model::Report::*>> words_;
    QComboBox* paper_;
    QListWidget* sections_;
    QLabel* summary_;
    QPushButton *ask_, *save_;
    bool filling_ = false;
    QTimer soon_;
    Composed composed_;
    std::vector<std::shared_ptr<const void>> asked_;
    std::vector<bool> asked_stale_;
    std::shared_ptr<const report::BookShots> shots_;  // as they were told last
    unsigned shots_turn_ = 0;                         // and of which pictures
    size_t asked_option_ = 0;
    Composer composer_;                   // of the worker's thread alone
    Behind<ToCompose, Composed> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
