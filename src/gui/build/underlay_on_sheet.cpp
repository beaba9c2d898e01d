// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/build/underlay_on_sheet.h"

#include <QFileDialog>
#include <QMessageBox>

#include "gui/sheet/underlay.h"
#include "gui/tool/scale_tool.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

UnderlayOnSheet::UnderlayOnSheet(Desktop& desktop) : QObject(desktop.window()), desktop_(desktop) {
    connect(&desktop.document(), &Document::project_changed, this, &UnderlayOnSheet::renew);
    connect(&desktop.document(), &Document::path_changed, this, [this] {
        shown_ = {};
        renew();
    });
    auto& commands = desktop.commands();
    commands.add(
        CommandGroup::building, QObject::tr("Underlay\u2026"), {}, [this] { choose(); },
        QObject::tr("background drawing trace scan image pdf"));
    commands.add(CommandGroup::building, QObject::tr("Scale the underlay by a known distance"), {},
                 [this] { desktop_.take_up<ScaleTool>(); });
}

void UnderlayOnSheet::choose() {
    const QString file = QFileDialog::getOpenFileName(
        desktop_.window(), QObject::tr("A drawing to trace"), {},
        QObject::tr("Pictures and PDF (*.png *.jpg *.jpeg *.pdf *.tif *.tiff *.bmp *.svg)"));
    if (!file.isEmpty()) lay(file);
}

void UnderlayOnSheet::lay(const QString& file) {
    const auto picture = read_underlay(file.toStdString(), 1);
    if (!picture) {
        QMessageBox::warning(desktop_.window(), QObject::tr("Not laid under"), language::line(picture.fault()));
        return;
    }
    std::filesystem::path path = file.toStdString();
    if (!desktop_.document().path().empty())
        path = std::filesystem::proximate(path, std::filesystem::absolute(desktop_.document().path()).parent_path());
    desktop_.document().edit_option(QObject::tr("Lay a drawing under the storey"), [&](Option& o) {
        Storey& storey = o.storeys[desktop_.document().storey_index()];
        storey.underlay = {};
        storey.underlay.file = path.string();
        storey.underlay.place = {0, 0};
    });
    desktop_.document().select(
        {Kind::storey, desktop_.document().option().storeys[desktop_.document().storey_index()].id, -1});
    desktop_.take_up<ScaleTool>();
}

// The picture is read again only when another one, or another page, is wanted.
void UnderlayOnSheet::renew() {
    const auto& storeys = desktop_.document().option().storeys;
    const Underlay none, &under = desktop_.document().storey_index() < storeys.size()
                                      ? storeys[desktop_.document().storey_index()].underlay
                                      : none;
    const auto key = std::pair{under.file, under.page};
    if (key == shown_) return;
    shown_ = key;
    if (under.file.empty()) return desktop_.sheet().show_underlay({});
    std::filesystem::path path = under.file;
    if (path.is_relative() && !desktop_.document().path().empty())
        path = std::filesystem::absolute(desktop_.document().path()).parent_path() / path;
    const auto picture = read_underlay(path, under.page);
    if (!picture) {
        desktop_.say(language::line(picture.fault()));
        return desktop_.sheet().show_underlay({});
    }
    desktop_.sheet().show_underlay(*picture);
}

}  // namespace wp::gui
