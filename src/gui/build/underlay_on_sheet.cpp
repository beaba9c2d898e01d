// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/build/underlay_on_sheet.h"

#include <QDialogButtonBox>
#include <QFileDialog>
#include <QListWidget>
#include <QMessageBox>
#include <QVBoxLayout>
#include <algorithm>

#include "gui/sheet/underlay.h"
#include "gui/tool/scale_tool.h"
#include "gui/tool/tools.h"
#include "incoming/reader.h"
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
        QObject::tr("background drawing trace scan image pdf dxf"));
    commands.add(
        CommandGroup::building, QObject::tr("Layers of the drawing\u2026"), {}, [this] { choose_layers(); },
        QObject::tr("underlay dxf switch"));
    commands.add(
        CommandGroup::building, QObject::tr("Rooms from closed outlines of the drawing"), {},
        [this] {
            for (SheetTool* tool : desktop_.sheet().tools())
                if (tool->traits().name == std::string_view(kTraceTool)) desktop_.take_up(*tool);
        },
        QObject::tr("DXF trace polyline space"));
    commands.add(CommandGroup::building, QObject::tr("Scale the underlay by a known distance"), {},
                 [this] { desktop_.take_up<ScaleTool>(); });
}

void UnderlayOnSheet::choose() {
    const QString file = QFileDialog::getOpenFileName(
        desktop_.window(), QObject::tr("A drawing to trace"), {},
        QObject::tr("Pictures, PDF and DXF (*.png *.jpg *.jpeg *.pdf *.dxf *.tif *.tiff *.bmp *.svg)"));
    if (!file.isEmpty()) lay(file);
}

namespace {

bool is_drawing(const std::filesystem::path& file) {
    return QString::fromStdString(file.extension().string()).compare(QStringLiteral(".dxf"), Qt::CaseInsensitive) == 0;
}

}  // namespace

Result<std::shared_ptr<const incoming::Drawing>> UnderlayOnSheet::drawing_of(const std::filesystem::path& file) {
    if (drawing_ != nullptr && drawing_file_ == file) return drawing_;
    const auto read = incoming::read_building(file);
    if (!read) return read.fault();
    if (read->lines.empty())
        return Fault{file.filename().string(), QT_TRANSLATE_NOOP("QObject", "there are no lines in it"),
                     QT_TRANSLATE_NOOP("QObject", "Choose another drawing")};
    if (!read->unit_is_told)
        desktop_.say(QObject::tr("The drawing tells no unit: %1 m to a length of 1 was taken. Scale it by a known "
                                 "distance where that is wrong.")
                         .arg(read->metres_per_unit));
    drawing_ = std::make_shared<const incoming::Drawing>(*read);
    drawing_file_ = file;
    return drawing_;
}

// It keeps its own place and size: what was drawn in metres lies in metres.
void UnderlayOnSheet::lay_drawing(const std::filesystem::path& path, const QString& file) {
    const auto drawing = drawing_of(file.toStdString());
    if (!drawing) {
        QMessageBox::warning(desktop_.window(), QObject::tr("Not laid under"), language::line(drawing.fault()));
        return;
    }
    desktop_.document().edit_option(QObject::tr("Lay a drawing under the storey"), [&](Option& o) {
        Underlay under;
        under.file = path.string();
        under.place = (*drawing)->low();
        under.width = std::max((*drawing)->width(), 0.01);
        o.storeys[desktop_.document().storey_index()].underlay = under;
    });
    desktop_.sheet().fit();
}

void UnderlayOnSheet::choose_layers() {
    const auto& storey = desktop_.document().option().storeys[desktop_.document().storey_index()];
    if (drawing_ == nullptr || storey.underlay.file.empty())
        return desktop_.say(QObject::tr("Lay a DXF drawing under the storey first: Underlay\u2026"));
    QDialog dialog(desktop_.window());
    dialog.setObjectName(QStringLiteral("drawing-layers"));
    dialog.setWindowTitle(QObject::tr("Layers of the drawing"));
    auto* layout = new QVBoxLayout(&dialog);
    auto* list = new QListWidget(&dialog);
    list->setObjectName(QStringLiteral("drawing-layer-list"));
    list->setAccessibleName(QObject::tr("Layers of the drawing"));
    for (const auto& layer : drawing_->layers()) {
        auto* item = new QListWidgetItem(QString::fromStdString(layer), list);
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        const bool off = std::ranges::find(storey.underlay.layers_off, layer) != storey.underlay.layers_off.end();
        item->setCheckState(off ? Qt::Unchecked : Qt::Checked);
    }
    layout->addWidget(list);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, &dialog);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    layout->addWidget(buttons);
    if (dialog.exec() != QDialog::Accepted) return;
    std::vector<std::string> off;
    for (int i = 0; i < list->count(); ++i)
        if (list->item(i)->checkState() == Qt::Unchecked) off.push_back(list->item(i)->text().toStdString());
    desktop_.document().edit_option(QObject::tr("Layers of the drawing"), [&](Option& o) {
        o.storeys[desktop_.document().storey_index()].underlay.layers_off = off;
    });
}

void UnderlayOnSheet::show_drawing(const Underlay& under, const std::filesystem::path& path) {
    const auto drawing = drawing_of(path);
    if (!drawing) {
        desktop_.say(language::line(drawing.fault()));
        desktop_.sheet().show_drawing(nullptr);
        return desktop_.sheet().show_underlay({});
    }
    desktop_.sheet().show_underlay(picture_of(**drawing, under.layers_off));
}

void UnderlayOnSheet::lay(const QString& file) {
    if (is_drawing(file.toStdString())) {
        std::filesystem::path path = file.toStdString();
        if (!desktop_.document().path().empty())
            path =
                std::filesystem::proximate(path, std::filesystem::absolute(desktop_.document().path()).parent_path());
        return lay_drawing(path, file);
    }
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
    const bool drawn = !under.file.empty() && is_drawing(under.file);
    const auto key = std::tuple{under.file, under.page, under.layers_off};
    const bool other = key != shown_;
    shown_ = key;
    if (other && under.file.empty()) desktop_.sheet().show_underlay({});
    if (under.file.empty() || !drawn) desktop_.sheet().show_drawing(nullptr);
    // Lines follow their place and size, whatever of these changed.
    if (!other && drawn && drawing_ != nullptr)
        desktop_.sheet().show_drawing(std::make_shared<const incoming::Drawing::Laid>(drawing_->laid(under)));
    if (!other || under.file.empty()) return;
    std::filesystem::path path = under.file;
    if (path.is_relative() && !desktop_.document().path().empty())
        path = std::filesystem::absolute(desktop_.document().path()).parent_path() / path;
    if (drawn) {
        show_drawing(under, path);
        if (drawing_ != nullptr)
            desktop_.sheet().show_drawing(std::make_shared<const incoming::Drawing::Laid>(drawing_->laid(under)));
        return;
    }
    const auto picture = read_underlay(path, under.page);
    if (!picture) {
        desktop_.say(language::line(picture.fault()));
        return desktop_.sheet().show_underlay({});
    }
    desktop_.sheet().show_underlay(*picture);
}

}  // namespace wp::gui
