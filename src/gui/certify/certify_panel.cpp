// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/certify_panel.h"

#include <QHeaderView>
#include <QVBoxLayout>

#include "gui/look/look.h"
#include "question/ask.h"
#include "rule/data.h"

namespace wp::gui {

CertifyPanel::CertifyPanel(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName(QStringLiteral("panel"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    summary_ = new QLabel;
    summary_->setWordWrap(true);
    layout->addWidget(summary_);
    ask_ = new QPushButton(QStringLiteral("Run the year"));
    ask_->setProperty("role", QStringLiteral("main"));
    connect(ask_, &QPushButton::clicked, this, &CertifyPanel::ask_year);
    layout->addWidget(ask_, 0, Qt::AlignLeft);
    table_ = new QTableWidget(0, 6);
    table_->setTabKeyNavigation(false);
    table_->setObjectName(QStringLiteral("verdicts"));
    table_->setHorizontalHeaderLabels({QStringLiteral("Criterion"), QStringLiteral("Where"), QStringLiteral("Value"),
                                       QStringLiteral("Needs"), QStringLiteral("Margin"), QStringLiteral("Verdict")});
    table_->verticalHeader()->hide();
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setShowGrid(false);
    table_->setAlternatingRowColors(true);
    table_->setWordWrap(false);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    for (int c = 0; c < 6; ++c)
        table_->horizontalHeaderItem(c)->setTextAlignment((c >= 2 && c <= 4 ? Qt::AlignRight : Qt::AlignLeft) |
                                                          Qt::AlignVCenter);
    layout->addWidget(table_, 1);
    connect(table_, &QTableWidget::itemSelectionChanged, this, [this] {
        const int row = table_->currentRow();
        if (row < 0 || table_->item(row, 1) == nullptr) return;
        const auto* plane =
            model::find(document_.option().planes, table_->item(row, 1)->data(Qt::UserRole).toString().toStdString());
        if (plane != nullptr) document_.select({Selection::Kind::room, plane->room, -1});
    });
    for (const auto signal : {&Document::answers_changed, &Document::option_changed, &Document::path_changed})
        connect(&document, signal, this, &CertifyPanel::refresh);
    refresh();
}

void CertifyPanel::add_set(const rule::CriteriaSet& set, const std::vector<rule::Verdict>& verdicts) {
    const int title = table_->rowCount();
    table_->insertRow(title);
    auto* head = new QTableWidgetItem(QString::fromStdString(set.name));
    QFont bold = table_->font();
    bold.setWeight(QFont::DemiBold);
    head->setFont(bold);
    head->setToolTip(QString::fromStdString(set.source));
    table_->setItem(title, 0, head);
    table_->setSpan(title, 0, 1, 6);
    for (const auto& v : verdicts) {
        const int row = table_->rowCount();
        table_->insertRow(row);
        const auto percent = [](double share) { return QStringLiteral("%1 %").arg(100 * share, 0, 'f', 1); };
        const QString verdict = (v.met                   ? QStringLiteral("\u2713 met")
                                 : v.criterion->optional ? QStringLiteral("\u2013 not reached")
                                                         : QStringLiteral("\u2717 not met")) +
                                (v.certain ? QString() : QStringLiteral(" (within error)")) +
                                (v.met ? QStringLiteral(", %1").arg(QString::fromStdString(v.level)) : QString());
        const QStringList cells = {
            QString::fromStdString(v.criterion->name),
            QString::fromStdString(v.subject),
            percent(v.value),
            (v.criterion->at_least ? QStringLiteral("\u2265 ") : QStringLiteral("\u2264 ")) + percent(v.threshold),
            (v.margin >= 0 ? QStringLiteral("+") : QStringLiteral("\u2212")) + percent(std::fabs(v.margin)),
            verdict};
        for (int c = 0; c < cells.size(); ++c) {
            auto* item = new QTableWidgetItem(cells[c]);
            item->setToolTip(QStringLiteral("%1\nSource: %2\nBand left by the error: %3 to %4")
                                 .arg(QString::fromStdString(v.criterion->meaning),
                                      QString::fromStdString(v.criterion->source), percent(v.low), percent(v.high)));
            item->setTextAlignment(c >= 2 && c <= 4 ? Qt::AlignRight | Qt::AlignVCenter
                                                    : Qt::AlignLeft | Qt::AlignVCenter);
            if (c == 1) item->setData(Qt::UserRole, QString::fromStdString(v.plane));
            if (c == 5) {
                item->setFont(bold);
                item->setForeground(v.met ? QColor(current_paper() == Paper::dark ? "#9ccf9a" : "#2f6b3a")
                                    : v.criterion->optional ? ink().faint
                                                            : ink().accent);
            }
            table_->setItem(row, c, item);
        }
    }
}

void CertifyPanel::refresh() {
    if (!isVisible()) return;
    const auto it = document_.years.find(document_.option().id);
    const QString name = QString::fromStdString(document_.option().name);
    if (it == document_.years.end()) {
        summary_->setText(QStringLiteral("<b>%1</b>: the criteria need the climate-based year of this option.")
                              .arg(name.toHtmlEscaped()));
        ask_->show();
        table_->hide();
        shown_.reset();
        return;
    }
    const auto& year = *it->second;
    const auto wanted = document_.wanted_year.find(document_.option().id);
    const bool stale = wanted != document_.wanted_year.end() && wanted->second != year.record.inputs;
    ask_->setVisible(stale);
    table_->show();
    if (shown_ == it->second && shown_stale_ == stale) return;
    shown_ = it->second;
    shown_stale_ = stale;
    table_->setRowCount(0);
    table_->clearSpans();
    std::vector<geometry::PlanePoints> planes;
    for (const auto& plane : year.planes) planes.push_back(plane.plane);
    const auto names = question::plane_names(document_.option(), planes);
    const auto occupied = question::occupied_planes(document_.option(), planes);
    int met = 0, all = 0;
    QString faults;
    for (const auto& id : document_.project().criteria) {
        const auto set = rule::criteria_set(id);
        if (!set) {
            faults += QStringLiteral("<br>") + QString::fromStdString(set.fault().line()).toHtmlEscaped();
            continue;
        }
        const auto verdicts = rule::evaluate(*set, year, names, occupied);
        for (const auto& v : verdicts) {
            if (v.criterion->optional) continue;
            ++all;
            met += v.met ? 1 : 0;
        }
        add_set(*set, verdicts);
    }
    summary_->setText(
        QStringLiteral("<b>%1</b>: %2 of %3 required lines met. Illuminances \u00b1 %4 % at a point (95 %); hover a "
                       "line for its meaning, source and band.%5%6")
            .arg(name.toHtmlEscaped())
            .arg(met)
            .arg(all)
            .arg(100 * year.record.reached, 0, 'f', 1)
            .arg(stale ? QStringLiteral("<br><b>Stale: the model has changed since.</b>") : QString(), faults));
    table_->resizeRowsToContents();
}

}  // namespace wp::gui
