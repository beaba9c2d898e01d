// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/pairing.h"

#include <QHBoxLayout>
#include <QMenu>
#include <algorithm>

#include "gui/look/buttons.h"
#include "gui/look/look.h"

namespace wp::gui {

Pairing::Pairing(Desktop& desktop)
    : QObject(desktop.window()),
      desktop_(desktop),
      view_(new PairView(desktop.document(), desktop.legends(), desktop.window())) {
    build_buttons();
    desktop.know(view_);
    connect(&desktop.document(), &Document::project_replaced, this, &Pairing::close);
    connect(&desktop, &Desktop::map_shown, this, &Pairing::refresh);
}

void Pairing::build_buttons() {
    buttons_ = new QWidget(desktop_.window());
    auto* row = new QHBoxLayout(buttons_);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(space::tight);
    row->addWidget(build_menu());
    mode_ = new QComboBox;
    mode_->setObjectName(QStringLiteral("pair-mode"));
    mode_->setAccessibleName(QObject::tr("How the two are shown"));
    mode_->addItems({QObject::tr("Side by side"), QObject::tr("Difference")});
    connect(mode_, &QComboBox::activated, this, &Pairing::refresh);
    row->addWidget(mode_);
    close_ = icon_button("x", "pair-close", QObject::tr("One map again"));
    connect(close_, &QToolButton::clicked, this, &Pairing::close);
    row->addWidget(close_);
    mode_->hide();
    close_->hide();
}

QToolButton* Pairing::build_menu() {
    auto* button = worded_button(
        "columns-2", "beside", QObject::tr("Beside"),
        QObject::tr("Two maps on one legend: keep this one and look at another moment, sky, question or edit (Z), "
                    "or take another option"));
    button->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(button);
    menu->setObjectName(QStringLiteral("beside-menu"));
    button->setMenu(menu);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] {
        menu->clear();
        menu->addAction(QObject::tr("Keep this map beside"), this, [this] { keep_this(); })
            ->setObjectName(QStringLiteral("beside-keep"));
        for (const auto& option : desktop_.document().project().options)
            if (option.id != desktop_.document().option().id)
                menu->addAction(QObject::tr("Option: %1").arg(QString::fromStdString(option.name)), this,
                                [this, id = option.id] { show_beside(id); })
                    ->setObjectName(QStringLiteral("beside-%1").arg(QString::fromStdString(option.id)));
    });
    return button;
}

void Pairing::keep_this() {
    option_.clear();
    desktop_.asker().keep_beside({});
    kept_ = side_of(desktop_.document().option(), desktop_.document().option_index());
    kept_->who = QObject::tr("Kept: %1").arg(kept_->who);
    refresh();
    desktop_.say(QObject::tr("Kept on the left: now choose another moment, sky, question, option, or edit the model"));
}

void Pairing::show_beside(const model::Id& option) {
    kept_.reset();
    option_ = option;
    desktop_.asker().keep_beside(option);
    refresh();
}

void Pairing::close() {
    kept_.reset();
    option_.clear();
    desktop_.asker().keep_beside({});
    refresh();
}

PairSide Pairing::side_of(const model::Option& option, size_t index) const {
    const auto& document = desktop_.document();
    return {document.snapshot(), index, document.storey_index(), desktop_.maps().map(desktop_.shown(), option.id),
            QString::fromStdString(option.name)};
}

void Pairing::refresh() {
    const auto& document = desktop_.document();
    if (option_ == document.option().id) option_.clear();
    mode_->setVisible(is_on());
    close_->setVisible(is_on());
    if (is_on() && desktop_.is_on(DeskKind::light)) {
        PairSide right = side_of(document.option(), document.option_index()), left = right;
        if (kept_) {
            left = *kept_;
            left.storey = right.storey;
        } else {
            const auto& options = document.project().options;
            const auto at =
                std::find_if(options.begin(), options.end(), [&](const auto& o) { return o.id == option_; });
            left = side_of(*at, static_cast<size_t>(at - options.begin()));
        }
        // One legend for both, however each would choose its own.
        std::vector<report::Scale> scales;
        for (const SheetMap* map : {&left.map, &right.map})
            if (!map->layers.empty()) scales.push_back(map->scale);
        for (SheetMap* map : {&left.map, &right.map}) {
            if (!scales.empty()) map->scale = common_scale(scales);
            desktop_.legends().dress(*map, [&] { return scales; });
        }
        view_->show_pair(std::move(left), std::move(right), mode_->currentIndex() == 1);
    }
    desktop_.renew_layout();
}

}  // namespace wp::gui
