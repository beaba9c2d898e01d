// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/certify_panel.h"

#include <QHeaderView>
#include <QVBoxLayout>

#include "gui/look/figure_table.h"
#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {

CertifyPanel::CertifyPanel(Document& document, const KeptAnswers& kept, QWidget* parent)
    : QWidget(parent),
      document_(document),
      kept_(kept),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Judging the criteria"), this,
          [this](const Held& held) { return judge_.judge(held); },
          [this](const Judgement& judgement) { show_judgement(judgement); }, [this] { asked_.clear(); }) {
    setObjectName(QStringLiteral("panel"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    summary_ = new QLabel;
    summary_->setObjectName(QStringLiteral("certify-summary"));
    summary_->setWordWrap(true);
    layout->addWidget(summary_);
    ask_ = new QPushButton(QObject::tr("Run the year"));
    ask_->setProperty("role", QStringLiteral("main"));
    connect(ask_, &QPushButton::clicked, this, &CertifyPanel::ask_year);
    layout->addWidget(ask_, 0, Qt::AlignLeft);
    table_ = figure_table("verdicts", QObject::tr("Verdicts by criterion and place"));
    set_heads(*table_,
              {QObject::tr("Criterion"), QObject::tr("Where"), QObject::tr("Value"), QObject::tr("Needs"),
               QObject::tr("Margin"), QObject::tr("Verdict")},
              [](int column) { return column >= 2 && column <= 4; });
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setAlternatingRowColors(true);
    table_->setWordWrap(true);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    // Names wrap where their column leaves them no room: once for all columns that are laid out together.
    rows_fit_.setSingleShot(true);
    rows_fit_.setInterval(0);
    connect(&rows_fit_, &QTimer::timeout, table_, &QTableWidget::resizeRowsToContents);
    connect(table_->horizontalHeader(), &QHeaderView::sectionResized, this, [this](int column) {
        if (column == 0) rows_fit_.start();
    });
    layout->addWidget(table_, 1);
    connect(table_, &QTableWidget::itemSelectionChanged, this, [this] {
        const int row = table_->currentRow();
        if (row < 0 || table_->item(row, 1) == nullptr) return;
        const auto* plane =
            model::find(document_.option().planes, table_->item(row, 1)->data(Qt::UserRole).toString().toStdString());
        if (plane != nullptr) document_.select({Selection::Kind::room, plane->room, -1});
    });
    for (const auto signal : {&Document::option_changed, &Document::path_changed})
        connect(&document, signal, this, &CertifyPanel::refresh);
    connect(&kept, &KeptAnswers::changed, this, &CertifyPanel::refresh);
    refresh();
}

void CertifyPanel::add_set(const JudgedSet& judged) {
    const auto& set = *judged.set;
    const int title = table_->rowCount();
    table_->insertRow(title);
    auto* head = new QTableWidgetItem(language::words(set.name));
    QFont bold = table_->font();
    bold.setWeight(QFont::DemiBold);
    head->setFont(bold);
    head->setToolTip(language::words(set.source));
    table_->setItem(title, 0, head);
    table_->setSpan(title, 0, 1, 6);
    for (size_t i = 0; i < judged.verdicts.size(); ++i) {
        const auto& v = judged.verdicts[i];
        const bool undecided = judged.undecided[i];
        const int row = table_->rowCount();
        table_->insertRow(row);
        const auto text = [&](double value) { return language::figures(rule::value_text(*v.criterion, value)); };
        const QString none = QStringLiteral("\u2013");
        const QString verdict = undecided
                                    ? QObject::tr("\u2026 undecided yet")
                                    : (!v.answered             ? QObject::tr("? not asked yet")
                                       : v.met                 ? QObject::tr("\u2713 met")
                                       : v.criterion->optional ? QObject::tr("\u2013 not reached")
                                                               : QObject::tr("\u2717 not met")) +
                                          (v.certain || !v.answered ? QString() : QObject::tr(" (within error)")) +
                                          (v.met ? QStringLiteral(", %1").arg(language::words(v.level)) : QString());
        const QStringList cells = {
            language::words(v.criterion->name),
            language::words(v.subject),
            v.answered ? text(v.value) : none,
            (v.criterion->at_least ? QStringLiteral("\u2265 ") : QStringLiteral("\u2264 ")) + text(v.threshold),
            !v.answered ? none
                        : (v.margin >= 0 ? QStringLiteral("+") : QStringLiteral("\u2212")) + text(std::fabs(v.margin)),
            verdict};
        for (int c = 0; c < cells.size(); ++c) {
            auto* item = new QTableWidgetItem(cells[c]);
            item->setToolTip(QObject::tr("%1\nSource: %2")
                                 .arg(language::words(v.criterion->meaning), language::words(v.criterion->source)) +
                             (v.answered
                                  ? QObject::tr("\nBand left by the error: %1 to %2").arg(text(v.low), text(v.high))
                                  : QString()));
            item->setTextAlignment(c >= 2 && c <= 4 ? Qt::AlignRight | Qt::AlignVCenter
                                                    : Qt::AlignLeft | Qt::AlignVCenter);
            if (c == 1) item->setData(Qt::UserRole, QString::fromStdString(v.plane));
            if (c == 5) {
                item->setFont(bold);
                item->setForeground(undecided ? ink().faint
                                    : v.met   ? QColor(current_paper() == Paper::dark ? "#9ccf9a" : "#2f6b3a")
                                    : v.criterion->optional || !v.answered ? ink().faint
                                                                           : ink().accent);
            }
            table_->setItem(row, c, item);
        }
    }
}

// Judging takes longer than a hand may wait: the verdicts follow.
void CertifyPanel::refresh() {
    if (!isVisible()) return;
    Held held = hold_answers(document_, kept_, document_.option_index());
    held.moment.reset();  // no criterion asks for it, and it changes all the time
    const bool stale = kept_.is_year_stale(document_.option().id);
    auto asks = held.holds();
    asks.push_back(held.project);
    asks.push_back(document_.weather());
    asks.push_back(document_.option_index() < document_.project().options.size()
                       ? std::shared_ptr<const void>(held.project, &document_.option())
                       : nullptr);
    if (asks == asked_ && stale == asked_stale_) return;
    asked_ = std::move(asks);
    asked_stale_ = stale;
    worker_.ask(std::move(held));
}

void CertifyPanel::show_judgement(const Judgement& judgement) {
    const auto& project = *judgement.held.project;
    const auto& option = project.options[judgement.held.option];
    const auto& year = judgement.held.year;
    const bool stale = kept_.is_year_stale(option.id);
    table_->setRowCount(0);
    table_->clearSpans();
    int met = 0, all = 0, open = 0, undecided = 0;
    QString faults;
    for (const auto& fault : judgement.faults)
        faults += QStringLiteral("<br>") + language::words(fault).toHtmlEscaped();
    for (const auto& judged : judgement.sets) {
        for (size_t i = 0; i < judged.verdicts.size(); ++i) {
            const auto& v = judged.verdicts[i];
            if (v.criterion->optional) continue;
            ++all;
            met += v.met && !judged.undecided[i] ? 1 : 0;
            open += v.answered ? 0 : 1;
            undecided += judged.undecided[i] ? 1 : 0;
        }
        add_set(judged);
    }
    ask_->setVisible(judgement.needs_year && (year == nullptr || stale));
    const QString error = year == nullptr ? QString()
                                          : QObject::tr(" Hourly illuminances \u00b1 %L1 % at a point (95 %).")
                                                .arg(100 * year->record.reached, 0, 'f', 1);
    const QString trial = judgement.needs_year && document_.has_made_up_weather()
                              ? QObject::tr(
                                    "<br><b>These verdicts are on %1.</b> Choose a weather file on the Site "
                                    "desk.")
                                    .arg(language::words(climate::kNoCertificate))
                              : QString();
    summary_->setText(
        QObject::tr("<b>%1</b>: %2 of %3 required lines met%4.%5 Hover a line for its meaning, source and band.%6%7%8")
            .arg(QString::fromStdString(option.name).toHtmlEscaped())
            .arg(met)
            .arg(all)
            .arg((undecided > 0 ? QObject::tr(", %1 undecided yet").arg(undecided) : QString()) +
                     (open > 0 ? QObject::tr(", %1 not asked yet").arg(open) : QString()),
                 error, stale ? QObject::tr("<br><b>Stale: the model has changed since.</b>") : QString(), faults,
                 trial));
    rows_fit_.start();
}

}  // namespace wp::gui
