// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/report/report_panel.h"

#include <QDate>
#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "gui/report/page_view.h"
#include "gui/saving/save.h"
#include "report/book/pdf.h"

namespace wp::gui {

namespace {

constexpr int kSoon = 250;  // ms: answers come in quick rounds
constexpr int kSectionRole = Qt::UserRole;

}  // namespace

ReportPanel::ReportPanel(Document& document, const KeptAnswers& kept, const TakenPictures& pictures, PageView& pages,
                         QWidget* parent)
    : QWidget(parent),
      document_(document),
      kept_(kept),
      pictures_(pictures),
      pages_(pages),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Composing the report"), this,
          [this](const ToCompose& wanted) { return composer_.compose(wanted); },
          [this](const Composed& composed) { show_composed(composed); }, [this] { asked_.clear(); }) {
    setObjectName(QStringLiteral("panel"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    layout->setSpacing(space::small);
    summary_ = label(QString(), nullptr, this);
    summary_->setObjectName(QStringLiteral("report-summary"));
    layout->addWidget(summary_);
    auto* buttons = new QHBoxLayout;
    save_ = new QPushButton(QObject::tr("Write the PDF \u2026"), this);
    save_->setObjectName(QStringLiteral("write-report"));
    save_->setProperty("role", QStringLiteral("main"));
    save_->setEnabled(false);
    ask_ = new QPushButton(this);
    ask_->setObjectName(QStringLiteral("ask-for-report"));
    ask_->hide();  // until something is known to be missing
    buttons->addWidget(save_);
    buttons->addWidget(ask_);
    buttons->addStretch(1);
    layout->addLayout(buttons);
    layout->addWidget(make_words());
    auto* title = label(QObject::tr("Sections, in their order: drag to move, tick what stands in it"), nullptr, this);
    layout->addWidget(title);
    make_list();
    title->setBuddy(sections_);
    layout->addWidget(sections_, 1);
    connect(save_, &QPushButton::clicked, this, &ReportPanel::save);
    connect(ask_, &QPushButton::clicked, this, [this] {
        auto all = composed_.missing;
        all.insert(all.end(), composed_.stale.begin(), composed_.stale.end());
        emit ask(all);
    });
    soon_.setSingleShot(true);
    soon_.setInterval(kSoon);
    connect(&soon_, &QTimer::timeout, this, &ReportPanel::compose);
    for (const auto signal :
         {&Document::project_changed, &Document::option_changed, &Document::path_changed, &Document::weather_changed})
        connect(&document, signal, this, &ReportPanel::refresh);
    connect(&kept, &KeptAnswers::changed, this, &ReportPanel::refresh);
    connect(&pictures, &TakenPictures::changed, this, &ReportPanel::refresh);
}

QLineEdit* ReportPanel::add_words(QFormLayout& form, const QString& title, const char* name,
                                  std::string model::Report::*of) {
    auto* field = new QLineEdit(form.parentWidget());
    field->setObjectName(QString::fromLatin1(name));
    field->setAccessibleName(title);
    words_.emplace_back(field, of);
    connect(field, &QLineEdit::editingFinished, this, [this, field, of, title] {
        const std::string text = field->text().trimmed().toStdString();
        if (text != document_.project().report.*of) change(title, [&](model::Report& report) { report.*of = text; });
    });
    return field;
}

void ReportPanel::add_file(QFormLayout& form, const QString& title, const char* name, std::string model::Report::*of) {
    auto* row = new QHBoxLayout;
    auto* field = add_words(form, title, name, of);
    auto* choose = new QPushButton(QObject::tr("Choose \u2026"), form.parentWidget());
    choose->setObjectName(QString::fromLatin1(name) + QStringLiteral("-choose"));
    choose->setAccessibleName(QObject::tr("Choose a file: %1").arg(title));
    row->addWidget(field, 1);
    row->addWidget(choose);
    form.addRow(title, row);
    connect(choose, &QPushButton::clicked, this, [this, title, of] {
        const auto folder = document_.path().parent_path();
        const QString file = QFileDialog::getOpenFileName(this, title, QString::fromStdString(folder.string()),
                                                          QObject::tr("Pictures (*.png *.jpg *.jpeg *.svg)"));
        if (file.isEmpty()) return;
        std::error_code error;
        auto relative = std::filesystem::relative(file.toStdString(), folder, error);
        const std::string kept = error || relative.empty() ? file.toStdString() : relative.string();
        change(title, [&](model::Report& report) { report.*of = kept; });
    });
}

QWidget* ReportPanel::make_words() {
    auto* box = new QWidget(this);
    auto* form = new QFormLayout(box);
    form->setContentsMargins(0, 0, 0, 0);
    form->setVerticalSpacing(space::tight);
    for (const auto& [title, name, of] : {std::tuple{QObject::tr("Title"), "report-title", &model::Report::title},
                                          std::tuple{QObject::tr("Client"), "report-client", &model::Report::client},
                                          std::tuple{QObject::tr("Author"), "report-author", &model::Report::author},
                                          std::tuple{QObject::tr("Date"), "report-day", &model::Report::day}})
        form->addRow(title, add_words(*form, title, name, of));
    add_file(*form, QObject::tr("Logo"), "report-logo", &model::Report::logo);
    add_file(*form, QObject::tr("Picture"), "report-picture", &model::Report::picture);
    paper_ = new QComboBox(box);
    paper_->setObjectName(QStringLiteral("report-paper"));
    paper_->setAccessibleName(QObject::tr("Paper"));
    paper_->addItems({QStringLiteral("A4"), QObject::tr("Letter")});
    form->addRow(QObject::tr("Paper"), paper_);
    connect(paper_, &QComboBox::activated, this, [this](int index) {
        change(QObject::tr("Paper"),
               [&](model::Report& report) { report.paper = static_cast<model::Report::Paper>(index); });
    });
    return box;
}

void ReportPanel::make_list() {
    sections_ = new QListWidget(this);
    sections_->setObjectName(QStringLiteral("report-sections"));
    sections_->setAccessibleName(QObject::tr("Sections of the report"));
    sections_->setDragDropMode(QAbstractItemView::InternalMove);
    sections_->setDefaultDropAction(Qt::MoveAction);
    connect(sections_, &QListWidget::itemChanged, this, &ReportPanel::keep_sections);
    connect(sections_->model(), &QAbstractItemModel::rowsMoved, this, &ReportPanel::keep_sections);
    // Where a section begins.
    connect(sections_, &QListWidget::itemClicked, this, [this](const QListWidgetItem* item) {
        const auto* book = pages_.book();
        if (book == nullptr) return;
        for (const auto& mark : book->marks)
            if (mark.level == 1 && mark.title == item->text()) return pages_.go_to(mark.page, mark.y - 40);
        if (item->data(kSectionRole).toInt() == 0) pages_.go_to(0);
    });
}

void ReportPanel::showEvent(QShowEvent*) { refresh(); }

void ReportPanel::change(const QString& what, const std::function<void(model::Report&)>& change) {
    document_.edit(QObject::tr("Report: %1").arg(what), [&](model::Project& project) { change(project.report); });
}

std::vector<model::ReportSection> ReportPanel::listed_sections() const {
    std::vector<model::ReportSection> out;
    for (int i = 0; i < sections_->count(); ++i)
        out.push_back({static_cast<model::ReportSection::Of>(sections_->item(i)->data(kSectionRole).toInt()),
                       sections_->item(i)->checkState() == Qt::Checked});
    return out;
}

void ReportPanel::keep_sections() {
    if (filling_) return;
    const auto now = listed_sections();
    if (now == model::sections_of(document_.project().report)) return;
    change(QObject::tr("sections"), [&](model::Report& report) { report.sections = now; });
}

void ReportPanel::refresh() {
    if (!isVisible()) return;
    const auto& report = document_.project().report;
    filling_ = true;
    for (const auto& [field, of] : words_)
        if (!field->hasFocus() || field->text().isEmpty()) field->setText(QString::fromStdString(report.*of));
    words_.front().first->setPlaceholderText(QString::fromStdString(document_.project().name));
    words_[3].first->setPlaceholderText(QObject::tr("the day it is made"));
    paper_->setCurrentIndex(static_cast<int>(report.paper));
    const auto wanted = model::sections_of(report);
    if (listed_sections() != wanted) {
        sections_->clear();
        for (const auto& section : wanted) {
            auto* item = new QListWidgetItem(report::section_name(section.of), sections_);
            item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable | Qt::ItemIsDragEnabled);
            item->setCheckState(section.included ? Qt::Checked : Qt::Unchecked);
            item->setData(kSectionRole, static_cast<int>(section.of));
        }
    }
    filling_ = false;
    soon_.start();
}

// The same as last time where nothing was taken since.
std::shared_ptr<const report::BookShots> ReportPanel::find_shots() const {
    const auto& taken = pictures_.pictures();
    if (taken.empty()) return {};
    const bool stale = !pictures_.are_current();
    if (shots_ != nullptr && shots_->pictures.size() == taken.size() && shots_->stale == stale &&
        shots_turn_ == pictures_.turn())
        return shots_;
    auto out = std::make_shared<report::BookShots>();
    *out = {pictures_.question().name, taken, pictures_.in_row(), pictures_.of_several_options(), stale};
    return out;
}

void ReportPanel::compose() {
    ToCompose wanted;
    const auto& project = document_.project();
    std::vector<size_t> order{document_.option_index()};
    for (size_t i = 0; i < project.options.size(); ++i)
        if (i != document_.option_index()) order.push_back(i);
    std::vector<std::shared_ptr<const void>> asks;
    std::vector<bool> stale;
    for (const size_t i : order) {
        ToCompose::Of of{to_judge(document_, kept_, i), kept_.is_year_stale(project.options[i].id)};
        // Options that nothing is known of have nothing to be compared by.
        if (i != document_.option_index() && of.judged.held.holds().empty()) continue;
        for (auto& held : of.judged.holds()) asks.push_back(std::move(held));
        stale.push_back(of.year_is_stale);
        wanted.options.push_back(std::move(of));
    }
    asks.push_back(wanted.options.front().judged.held.project);
    asks.push_back(document_.weather());
    shots_ = wanted.shots = find_shots();
    shots_turn_ = pictures_.turn();
    asks.push_back(shots_);
    if (asks == asked_ && stale == asked_stale_ && document_.option_index() == asked_option_) return;
    asked_ = std::move(asks);
    asked_option_ = document_.option_index();
    asked_stale_ = std::move(stale);
    wanted.folder = document_.path().parent_path();
    wanted.day = QLocale().toString(QDate::currentDate(), QLocale::LongFormat);
    worker_.ask(std::move(wanted));
}

void ReportPanel::show_composed(const Composed& composed) {
    composed_ = composed;
    pages_.show_book(composed.book);
    const auto& option = *composed.facts->main().option;
    QString text = QObject::tr("<b>%1</b>: %2 pages.")
                       .arg(QString::fromStdString(option.name).toHtmlEscaped())
                       .arg(composed.book->pages.size());
    if (composed.facts->main().settles) text += QObject::tr(" Still settling.");
    if (!composed.facts->main().stale.empty())
        text += QObject::tr("<br><b>Stale answers are left out: the model has changed since.</b>");
    summary_->setText(text);
    const size_t open = composed.missing.size() + composed.stale.size();
    ask_->setVisible(open > 0);
    ask_->setText(QObject::tr("Ask what is missing (%1)").arg(open));
    QStringList names;
    for (const auto* all : {&composed.missing, &composed.stale})
        for (const auto& question : *all) names << language::words(question.name);
    ask_->setToolTip(names.join(QStringLiteral("\n")));
    save_->setEnabled(!composed.book->pages.empty());
}

Outcome ReportPanel::write(const std::filesystem::path& path) const { return report::write_pdf(*composed_.book, path); }

void ReportPanel::save() {
    const auto& option = *composed_.facts->main().option;
    auto proposal = document_.path();
    proposal.replace_extension();
    const QString file =
        file_to_write(this, QObject::tr("Write the report"), QObject::tr("PDF (*.pdf)"), QStringLiteral(".pdf"),
                      QString::fromStdString(proposal.string() + "." + option.id + ".pdf"));
    if (file.isEmpty()) return;
    if (const auto fault = write(file.toStdString()))
        emit said(language::line(*fault));
    else
        emit said(QObject::tr("%1 pages written to %2").arg(composed_.book->pages.size()).arg(file));
}

}  // namespace wp::gui
