// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/check/check_view.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>

#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {
using check::ModelFault;

CheckView::CheckView(Document& document, QWidget* parent) : QScrollArea(parent), document_(document) {
    setObjectName(QStringLiteral("check"));
    setAccessibleName(QObject::tr("Model check"));
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    show_faults({});
}

void CheckView::show_faults(const std::vector<ModelFault>& faults) {
    std::string key = " ";
    for (const ModelFault& fault : faults) key += fault.what + fault.mend + '\n';
    if (key == shown_) return;
    shown_ = key;
    auto* page = new QWidget;
    page->setObjectName(QStringLiteral("panel"));
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(space::medium, space::small, space::medium, space::medium);
    column->setSpacing(space::small);
    const auto count =
        std::count_if(faults.begin(), faults.end(), [](const ModelFault& f) { return !is_assumption(f); });
    auto* top = new QHBoxLayout;
    top->addWidget(label(count == 0   ? QObject::tr("No faults")
                         : count == 1 ? QObject::tr("1 fault")
                                      : QObject::tr("%1 faults").arg(count),
                         "heading"),
                   1);
    const auto mendable =
        std::count_if(faults.begin(), faults.end(), [](const ModelFault& f) { return !f.mend.empty(); });
    if (mendable > 1) {
        auto* all = new QPushButton(QObject::tr("Fix all"));
        all->setObjectName(QStringLiteral("mend-all"));
        connect(all, &QPushButton::clicked, this, &CheckView::mend_all_wanted);
        top->addWidget(all);
    }
    column->addLayout(top);
    if (count == 0)
        column->addWidget(label(
            QObject::tr("Every surface has a material, everything is where it belongs, every room is asked about."),
            "small"));
    bool apart = false;
    int number = 0;
    for (const ModelFault& fault : faults) {
        if (is_assumption(fault) && !apart) {
            apart = true;
            column->addSpacing(space::medium);
            column->addWidget(label(QObject::tr("Only assumed"), "heading"));
            column->addWidget(label(QObject::tr("No faults, but nobody has measured or chosen these yet."), "small"));
        }
        ++number;
        auto* what = label(language::words(fault.what));
        what->setObjectName(QStringLiteral("fault-%1").arg(number));
        what->setTextInteractionFlags(Qt::TextSelectableByMouse);
        column->addWidget(what);
        auto* row = new QHBoxLayout;
        row->setSpacing(space::small);
        auto* show = new QToolButton;
        show->setText(QObject::tr("Show it"));
        show->setObjectName(QStringLiteral("show-fault-%1").arg(number));
        connect(show, &QToolButton::clicked, this, [this, fault] { emit wanted(fault); });
        row->addWidget(show);
        if (!fault.mend.empty()) {
            auto* mend = new QToolButton;
            mend->setText(language::words(fault.mend));
            mend->setObjectName(QStringLiteral("mend-fault-%1").arg(number));
            mend->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
            connect(mend, &QToolButton::clicked, this, [this, fault] { emit mend_wanted(fault); });
            row->addWidget(mend);
        }
        row->addStretch(1);
        column->addLayout(row);
    }
    column->addStretch(1);
    if (QWidget* old = takeWidget()) old->deleteLater();
    setWidget(page);
}

}  // namespace wp::gui
