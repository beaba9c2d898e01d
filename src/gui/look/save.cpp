// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/look/save.h"

#include <QClipboard>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QMessageBox>
#include <QMimeData>
#include <QToolButton>

#include "base/file.h"
#include "gui/look/look.h"

namespace wp::gui {

void copy_out(const Takeaway& what) {
    auto* mime = new QMimeData;
    mime->setImageData(QImage::fromData(report::png_of(what.size, what.paint, 2), "PNG"));
    mime->setData(QStringLiteral("image/svg+xml"), report::svg_of(what.size, what.title, what.paint));
    if (what.csv) mime->setText(QString::fromStdString(what.csv()));
    QApplication::clipboard()->setMimeData(mime);
}

Outcome save_out_as(const Takeaway& what, const std::filesystem::path& path) {
    if (path.extension() == ".csv" && what.csv) return write_file(path, what.csv());
    return report::write_paper(path, what.size, what.title, what.paint, 2);
}

void save_out(QWidget* parent, const Takeaway& what) {
    const QString kinds = QStringLiteral("Picture (*.png);;Drawing (*.svg)") + (what.csv ? QStringLiteral(";;Table (*.csv)") : QString());
    QString kind;
    QString file = QFileDialog::getSaveFileName(parent, QStringLiteral("Save %1").arg(what.title), {}, kinds, &kind);
    if (file.isEmpty()) return;
    if (!file.contains(QLatin1Char('.'))) file += kind.contains(QStringLiteral("svg")) ? QStringLiteral(".svg") : kind.contains(QStringLiteral("csv")) ? QStringLiteral(".csv") : QStringLiteral(".png");
    if (const auto fault = save_out_as(what, file.toStdString())) QMessageBox::warning(parent, QStringLiteral("Not saved"), QString::fromStdString(fault->line()));
}

QWidget* out_buttons(QWidget* parent, std::function<Takeaway()> what) {
    auto* box = new QWidget(parent);
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(space::tight);
    const auto add = [&](const char* icon, const char* name, const char* tip, std::function<void()> run) {
        auto* button = new QToolButton;
        set_icon(button, QString::fromLatin1(icon));
        button->setObjectName(QString::fromLatin1(name));
        button->setToolTip(QString::fromLatin1(tip));
        button->setAccessibleName(QString::fromLatin1(tip));
        QObject::connect(button, &QToolButton::clicked, box, std::move(run));
        row->addWidget(button);
    };
    add("clipboard-copy", "copy-out", "Copy picture and table", [what] { copy_out(what()); });
    add("download", "save-out", "Save as PNG, SVG or CSV", [what, box] { save_out(box->window(), what()); });
    return box;
}

}  // namespace wp::gui
