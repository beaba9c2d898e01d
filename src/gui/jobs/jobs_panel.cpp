// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/jobs/jobs_panel.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

#include "gui/entry/rows.h"
#include "gui/jobs/machines_panel.h"
#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {
using State = JobQueue::State;

namespace {

constexpr int kId = Qt::UserRole + 1;

QTreeWidget* list(const char* name, const QString& title, const QStringList& heads) {
    auto* tree = new QTreeWidget;
    tree->setObjectName(QString::fromLatin1(name));
    tree->setAccessibleName(title);
    tree->setHeaderLabels(heads);
    tree->setRootIsDecorated(false);
    tree->setUniformRowHeights(true);
    tree->header()->setStretchLastSection(false);
    tree->header()->setSectionResizeMode(QHeaderView::ResizeToContents);
    tree->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    return tree;
}

QString words(const JobQueue::Entry& e) {
    if (e.state == State::running) return QObject::tr("running, %L1 %").arg(100 * e.share, 0, 'f', 0);
    return e.state == State::paused ? QObject::tr("paused") : QObject::tr("waiting");
}

}  // namespace

JobsPanel::JobsPanel(Document& document, Asker& asker, QWidget* parent)
    : QDialog(parent), document_(document), asker_(asker) {
    setObjectName(QStringLiteral("jobs-panel"));
    setWindowTitle(QObject::tr("Jobs and answers"));
    resize(760, 460);
    auto* column = new QVBoxLayout(this);
    column->addWidget(label(QObject::tr("Jobs"), "heading"));
    none_ = label(QObject::tr("Nothing runs and nothing waits."), "small");
    column->addWidget(none_);
    jobs_ = list("jobs", QObject::tr("Jobs"), {QObject::tr("Job"), QObject::tr("State")});
    column->addWidget(jobs_, 2);
    auto* row = new QHBoxLayout;
    const auto button = [&](const char* text, const char* icon_name, const char* name, const char* tip) {
        auto* b = new QPushButton(language::words(text));
        set_icon(b, QString::fromLatin1(icon_name));
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(language::words(tip));
        b->setAutoDefault(false);
        row->addWidget(b);
        return b;
    };
    up_ = button(QT_TRANSLATE_NOOP("QObject", "Sooner"), "arrow-up", "job-sooner",
                 QT_TRANSLATE_NOOP("QObject", "Before the one that stands above it"));
    down_ = button(QT_TRANSLATE_NOOP("QObject", "Later"), "arrow-down", "job-later",
                   QT_TRANSLATE_NOOP("QObject", "After the one that stands below it"));
    pause_ = button(QT_TRANSLATE_NOOP("QObject", "Pause"), "pause", "job-pause",
                    QT_TRANSLATE_NOOP("QObject", "What is traced so far is kept; going on begins there"));
    cancel_ = button(QT_TRANSLATE_NOOP("QObject", "Cancel job"), "circle-stop", "job-cancel",
                     QT_TRANSLATE_NOOP("QObject", "What is traced so far is kept: asking again begins there"));
    row->addStretch(1);
    auto* machines =
        button(QT_TRANSLATE_NOOP("QObject", "Many machines\u2026"), "layers-2", "many-machines",
               QT_TRANSLATE_NOOP("QObject", "Whether this program makes jobs, or other processes and hosts"));
    connect(machines, &QPushButton::clicked, this, [this] { show_machines(*this); });
    column->addLayout(row);
    column->addWidget(label(QObject::tr("Answers beside the project"), "heading"));
    file_ = label({}, "small");
    column->addWidget(file_);
    kept_ = list(
        "kept-answers", QObject::tr("Answers beside the project"),
        {QObject::tr("Option"), QObject::tr("Made"), QObject::tr("Error"), QObject::tr("Wanted"), QObject::tr("Seed"),
         QObject::tr("Million rays"), QObject::tr("Seconds"), QStringLiteral("MB"), QObject::tr("Program")});
    column->addWidget(kept_, 3);
    auto* below = new QHBoxLayout;
    forget_ = new QPushButton(QObject::tr("Forget answer"));
    forget_->setObjectName(QStringLiteral("forget-answer"));
    forget_->setToolTip(QObject::tr("Takes the answer out of the file; it can be traced again"));
    forget_->setAutoDefault(false);
    below->addWidget(forget_);
    below->addStretch(1);
    column->addLayout(below);
    auto& queue = asker_.jobs();
    connect(&queue, &JobQueue::changed, this, &JobsPanel::refresh);
    connect(&queue, &JobQueue::changed, this, [this] {
        if (!asker_.jobs().is_running()) refresh_kept();
    });
    connect(jobs_, &QTreeWidget::currentItemChanged, this, [this] {
        if (!filling_) refresh();
    });
    connect(up_, &QPushButton::clicked, this, [this] { asker_.jobs().move(chosen(), -1); });
    connect(down_, &QPushButton::clicked, this, [this] { asker_.jobs().move(chosen(), 1); });
    connect(pause_, &QPushButton::clicked, this, [this] {
        const int id = chosen();
        for (const auto& e : asker_.jobs().entries())
            if (e.id == id) return e.state == State::paused ? asker_.jobs().go_on(id) : asker_.jobs().pause(id);
    });
    connect(cancel_, &QPushButton::clicked, this, [this] { asker_.jobs().cancel(chosen()); });
    connect(forget_, &QPushButton::clicked, this, [this] {
        auto* item = kept_->currentItem();
        const auto answers = asker_.answers();
        if (item == nullptr || answers == nullptr) return;
        if (const auto fault = answers->forget(item->data(0, kId).toString().toStdString()))
            file_->setText(language::line(*fault));
        refresh_kept();
    });
    refresh();
    refresh_kept();
}

int JobsPanel::chosen() const {
    return jobs_->currentItem() != nullptr ? jobs_->currentItem()->data(0, kId).toInt() : 0;
}

void JobsPanel::refresh() {
    filling_ = true;
    const int id = chosen();
    const auto& entries = asker_.jobs().entries();
    // Rows stay where they can: progress comes often.
    while (jobs_->topLevelItemCount() > static_cast<int>(entries.size()))
        delete jobs_->takeTopLevelItem(jobs_->topLevelItemCount() - 1);
    while (jobs_->topLevelItemCount() < static_cast<int>(entries.size())) jobs_->addTopLevelItem(new QTreeWidgetItem);
    const JobQueue::Entry* entry = nullptr;
    for (size_t i = 0; i < entries.size(); ++i) {
        auto* item = jobs_->topLevelItem(static_cast<int>(i));
        item->setText(0, entries[i].title);
        item->setText(1, words(entries[i]));
        item->setData(0, kId, entries[i].id);
        if (entries[i].id == id || (entry == nullptr && id == 0)) {
            jobs_->setCurrentItem(item);
            entry = &entries[i];
        }
    }
    none_->setVisible(entries.empty());
    jobs_->setVisible(!entries.empty());
    for (QPushButton* b : {up_, down_, pause_, cancel_}) b->setEnabled(entry != nullptr);
    pause_->setText(entry != nullptr && entry->state == State::paused ? QObject::tr("Go on") : QObject::tr("Pause"));
    filling_ = false;
}

void JobsPanel::refresh_kept() {
    kept_->clear();
    const auto answers = asker_.answers();
    file_->setText(document_.path().empty() ? QObject::tr("Save the project: its answers are then kept beside it.")
                   : answers == nullptr
                       ? QObject::tr("No answers can be kept beside this project.")
                       : QObject::tr("%1: may be deleted at any time; everything in it can be traced again.")
                             .arg(name_of(answers->file().filename().string())));
    forget_->setEnabled(answers != nullptr);
    if (answers == nullptr) return;
    const auto list = answers->list();
    if (!list) return file_->setText(language::line(list.fault()));
    for (const auto& e : *list) {
        const auto* option = model::find(document_.project().options, e.option);
        auto* item = new QTreeWidgetItem(
            {name_of(option != nullptr ? option->name : e.option), name_of(e.made),
             QStringLiteral("%L1 %").arg(100 * e.record.reached, 0, 'g', 2),
             QStringLiteral("%L1 %").arg(100 * e.record.wanted, 0, 'g', 2), QString::number(e.record.seed),
             language::number(static_cast<double>(e.record.rays) / 1e6, 'f', 1),
             language::number(e.record.seconds, 'f', 0), language::number(static_cast<double>(e.bytes) / 1e6, 'f', 1),
             name_of(e.record.version)});
        item->setData(0, kId, name_of(e.inputs));
        item->setToolTip(0, QObject::tr("Fingerprint %1\nSettings %2%3")
                                .arg(name_of(e.inputs), name_of(e.settings),
                                     e.record.settled ? QString() : QObject::tr("\nNot settled")));
        for (int c = 2; c < 8; ++c) item->setTextAlignment(c, Qt::AlignRight | Qt::AlignVCenter);
        kept_->addTopLevelItem(item);
    }
}

}  // namespace wp::gui
