// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/build/named_views.h"

#include <QInputDialog>

#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

NamedViews::NamedViews(Desktop& desktop)
    : QObject(desktop.window()),
      desktop_(desktop),
      button_(icon_button("bookmark", "views", QObject::tr("Named views"))),
      menu_(new QMenu(button_)) {
    button_->setParent(desktop.window());
    button_->setPopupMode(QToolButton::InstantPopup);
    button_->setMenu(menu_);
    connect(menu_, &QMenu::aboutToShow, this, &NamedViews::fill);
    desktop.commands().add(
        CommandGroup::view, QObject::tr("Keep this view\u2026"), {}, [this] { keep(); },
        QObject::tr("bookmark save camera"));
}

void NamedViews::keep() {
    bool ok = false;
    const QString name =
        QInputDialog::getText(desktop_.window(), QObject::tr("Keep this view"), QObject::tr("Name:"), QLineEdit::Normal,
                              QObject::tr("View %1").arg(desktop_.document().option().views.size() + 1), &ok)
            .trimmed();
    if (!ok || name.isEmpty()) return;
    View view;
    view.name = name.toStdString();
    const auto& storeys = desktop_.document().option().storeys;
    view.storey = storeys.empty() ? Id() : storeys[desktop_.document().storey_index()].id;
    view.cut = desktop_.sheet().cut();
    const QWidget* shown = desktop_.companion();
    if (shown == &model_view()) {
        view.kind = View::Kind::model;
        model_view().write_camera(view);
    } else if (shown == &wall() && !wall().room().empty()) {
        view.kind = View::Kind::elevation;
        view.room = wall().room();
        view.edge = wall().edge();
        view.outside = wall().outside();
    } else if (shown == &section() && section().has_line()) {
        view.kind = View::Kind::section;
        view.from = section().from();
        view.to = section().to();
    }
    desktop_.document().edit_option(QObject::tr("Keep view %1").arg(name), [&](Option& o) {
        view.id = fresh_id(o, "view");
        o.views.push_back(view);
    });
}

void NamedViews::show(const View& view) {
    for (size_t s = 0; s < desktop_.document().option().storeys.size(); ++s)
        if (desktop_.document().option().storeys[s].id == view.storey) desktop_.document().show_storey(s);
    switch (view.kind) {
        case View::Kind::plan:
            desktop_.sheet().set_cut(view.cut);
            break;
        case View::Kind::elevation:
            desktop_.show_companion(&wall());
            wall().show_wall(view.room, view.edge, view.outside);
            break;
        case View::Kind::section:
            desktop_.show_companion(&section());
            section().show_line(view.from, view.to);
            desktop_.sheet().show_section_line(view.from, view.to);
            break;
        case View::Kind::model:
            desktop_.show_companion(&model_view());
            model_view().read_camera(view);
            break;
    }
}

void NamedViews::fill() {
    menu_->clear();
    menu_->addAction(QObject::tr("Keep this view\u2026"), this, &NamedViews::keep);
    const auto& views = desktop_.document().option().views;
    if (!views.empty()) menu_->addSeparator();
    for (const View& view : views) {
        static constexpr const char* kinds[] = {
            QT_TRANSLATE_NOOP("QObject", "plan"), QT_TRANSLATE_NOOP("QObject", "elevation"),
            QT_TRANSLATE_NOOP("QObject", "section"), QT_TRANSLATE_NOOP("QObject", "model")};
        menu_->addAction(
            QStringLiteral("%1  (%2)")
                .arg(QString::fromStdString(view.name), language::words(kinds[static_cast<int>(view.kind)])),
            this, [this, view] { show(view); });
    }
    if (views.empty()) return;
    QMenu* forget = menu_->addMenu(QObject::tr("Forget"));
    for (const View& view : views)
        forget->addAction(QString::fromStdString(view.name), this, [this, id = view.id] {
            desktop_.document().edit_option(QObject::tr("Forget view"), [&](Option& o) {
                std::erase_if(o.views, [&](const View& v) { return v.id == id; });
            });
        });
}

}  // namespace wp::gui
