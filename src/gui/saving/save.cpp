// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/saving/save.h"

#include <QClipboard>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMessageBox>
#include <QMimeData>
#include <QPointer>
#include <QToolButton>
#include <algorithm>

#include "base/file.h"
#include "gui/entry/figure_box.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

void copy_out(const Takeaway& what) {
    auto* mime = new QMimeData;
    mime->setImageData(QImage::fromData(report::png_of(what.size, what.paint, 2), "PNG"));
    mime->setData(QStringLiteral("image/svg+xml"), report::svg_of(what.size, what.title, what.paint));
    if (what.csv) mime->setText(QString::fromStdString(what.csv()));
    QApplication::clipboard()->setMimeData(mime);
}

Outcome save_out_as(const Takeaway& what, const std::filesystem::path& path, double pixels, double dots) {
    if (path.extension() == ".csv" && what.csv) return write_file(path, what.csv());
    return report::write_paper(path, what.size, what.title, what.paint, pixels, dots);
}

namespace {

enum class Form { picture, drawing, page, table, plan_picture, plan_drawing };

struct Wish {
    Form form = Form::picture;
    double width = 180, dots = 300, scale = 50;  // mm, dots an inch, 1:scale
    size_t view = 0;
};

bool ask_wish(QWidget* parent, const std::vector<Takeaway>& views, Wish& wish) {
    // Of one view all that it has; of several what each has.
    const Takeaway what = views.size() == 1 ? views.front() : Takeaway();
    FigureBox box(parent, views.size() == 1 ? QObject::tr("Save %1").arg(what.title) : QObject::tr("Save a view"));
    QStringList titles;
    for (const Takeaway& view : views) titles << view.title;
    const auto* view = views.size() > 1 ? box.choice(QObject::tr("View"), titles, "out-view") : nullptr;
    QStringList words{QObject::tr("Picture (PNG)"), QObject::tr("Drawing (SVG)"), QObject::tr("Page (PDF)")};
    std::vector<Form> forms{Form::picture, Form::drawing, Form::page};
    if (what.csv) {
        words << QObject::tr("Table (CSV)");
        forms.push_back(Form::table);
    }
    if (what.plan) {
        words << QObject::tr("Plan to scale, to lay under a drawing (PNG)")
              << QObject::tr("Plan to scale, to lay under a drawing (SVG)");
        forms.push_back(Form::plan_picture);
        forms.push_back(Form::plan_drawing);
    }
    auto* form = box.choice(QObject::tr("As"), words, "out-form");
    box.number(QObject::tr("Wide on paper, mm"), wish.width, Unit::plain, "out-width");
    box.number(QObject::tr("Dots an inch"), wish.dots, Unit::plain, "out-dots");
    if (what.plan) box.number(QObject::tr("Plan to scale 1:"), wish.scale, Unit::plain, "out-scale");
    if (what.plan)
        box.text(QObject::tr(
            "A plan to scale comes with its position: beside a PNG in a world file (.pgw), within an SVG in "
            "its description."));
    if (!box.ask()) return false;
    wish.form = forms[static_cast<size_t>(form->currentIndex())];
    if (view != nullptr) wish.view = static_cast<size_t>(view->currentIndex());
    wish.width = std::clamp(wish.width, 20.0, 2000.0);
    wish.dots = std::clamp(wish.dots, 36.0, 1200.0);
    wish.scale = std::clamp(wish.scale, 1.0, 10000.0);
    return true;
}

}  // namespace

QString file_to_write(QWidget* parent, const QString& title, const QString& filter, const QString& suffix,
                      const QString& proposal) {
    QString file = QFileDialog::getSaveFileName(parent, title, proposal, filter);
    if (file.isEmpty() || file.endsWith(suffix, Qt::CaseInsensitive)) return file;
    // The dialog asked about the name as it was typed, not about this one.
    file += suffix;
    if (!QFileInfo::exists(file)) return file;
    QMessageBox box(QMessageBox::Question, title, QObject::tr("%1 is there already.").arg(QFileInfo(file).fileName()),
                    QMessageBox::NoButton, parent);
    auto* replace = box.addButton(QObject::tr("Replace it"), QMessageBox::DestructiveRole);
    box.setDefaultButton(box.addButton(QObject::tr("Keep it"), QMessageBox::RejectRole));
    box.exec();
    return box.clickedButton() == replace ? file : QString();
}

Takeaway takeaway_of(QWidget& view, const QString& title) {
    QPointer<QWidget> shown(&view);
    return {title,
            view.size(),
            [shown](QPainter& painter) {
                if (shown != nullptr)
                    shown->render(&painter, {}, {}, QWidget::DrawWindowBackground | QWidget::DrawChildren);
            },
            {},
            {}};
}

void save_out(QWidget* parent, const Takeaway& what) { save_out(parent, std::vector<Takeaway>{what}); }

void save_out(QWidget* parent, const std::vector<Takeaway>& views) {
    Wish wish;
    if (views.empty() || !ask_wish(parent, views, wish)) return;
    const Takeaway& what = views[wish.view];
    const bool svg = wish.form == Form::drawing || wish.form == Form::plan_drawing;
    const QString suffix = svg                        ? QStringLiteral("svg")
                           : wish.form == Form::page  ? QStringLiteral("pdf")
                           : wish.form == Form::table ? QStringLiteral("csv")
                                                      : QStringLiteral("png");
    const QString file =
        file_to_write(parent, QObject::tr("Save %1").arg(what.title),
                      QStringLiteral("%1 (*.%2)").arg(suffix.toUpper(), suffix), QLatin1Char('.') + suffix);
    if (file.isEmpty()) return;
    const std::filesystem::path path = file.toStdString();
    const bool plan = wish.form == Form::plan_picture || wish.form == Form::plan_drawing;
    const double pixels =
        std::min(wish.width / 1000 / report::kInch * wish.dots, report::kMostPixels) / what.size.width();
    if (const auto fault = plan ? what.plan(path, wish.scale, wish.dots) : save_out_as(what, path, pixels, wish.dots))
        QMessageBox::warning(parent, QObject::tr("Not saved"), language::line(*fault));
}

QWidget* out_buttons(QWidget* parent, std::function<Takeaway()> what) {
    auto* box = new QWidget(parent);
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(space::tight);
    const auto add = [&](const char* icon, const char* name, const char* tip, std::function<void()> run) {
        auto* button = icon_button(icon, name, language::words(tip));
        QObject::connect(button, &QToolButton::clicked, box, std::move(run));
        row->addWidget(button);
    };
    add("clipboard-copy", "copy-out", QT_TRANSLATE_NOOP("QObject", "Copy picture and table"),
        [what] { copy_out(what()); });
    add("download", "save-out", QT_TRANSLATE_NOOP("QObject", "Save as PNG, SVG, PDF or CSV"),
        [what, box] { save_out(box->window(), what()); });
    return box;
}

}  // namespace wp::gui
