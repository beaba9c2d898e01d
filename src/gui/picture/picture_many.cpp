// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures that are taken together: asked for, shown on their sheet, looked at one by one, written.
#include <algorithm>

#include "base/file.h"
#include "base/text.h"
#include "exchange/picture_file.h"
#include "exchange/shots_table.h"
#include "gui/picture/batch_dialog.h"
#include "gui/picture/picture_window.h"

namespace wp::gui {

void PictureWindow::take_many() {
    const LiveEye& eye = desktop_.asker().eye();
    if (const QString why = eye.hindrance(); !why.isEmpty()) return desktop_.say(why);
    const auto seen = desktop_.answers().glare(desktop_.document().option().id);
    constexpr double usual = 15;  // seconds of a settled picture, until one was taken
    model::Question one = eye.question();
    one.name = QObject::tr("Pictures").toStdString();
    BatchDialog dialog(this, desktop_.document(), one,
                       seen != nullptr && seen->record.settled ? seen->record.seconds : usual);
    if (dialog.exec() != QDialog::Accepted) return;
    auto asked = dialog.question();
    if (!asked) return fault(asked.fault());
    if (dialog.is_kept()) {
        asked->id = model::unused_id(desktop_.document().project().questions, "pictures");
        desktop_.document().edit(QObject::tr("New question"),
                                 [&](model::Project& p) { p.questions.push_back(*asked); });
    }
    desktop_.asker().pictures().take(*asked, dialog.options());
    sheet_->setChecked(true);
}

void PictureWindow::show_sheet(bool on) {
    sheet_->setChecked(on);
    stack_->setCurrentIndex(on ? 1 : 0);
    side_->setVisible(!on);
    for (QWidget* of_one : std::initializer_list<QWidget*>{quiet_, lines_, sources_, zone_, circle_, against_, shown_,
                                                           beside_, difference_})
        of_one->setEnabled(!on);
    if (!on) refresh();
    show_scale();
}

// Where only its small picture was kept it is looked at anew.
void PictureWindow::show_one_of_many(size_t picture) {
    const TakenPictures& all = desktop_.asker().pictures();
    const question::Taken& taken = all.pictures()[picture];
    show_sheet(false);
    if (const auto whole = all.whole(picture)) {
        const QString title = QStringLiteral("%1, %2").arg(QString::fromStdString(taken.option_name),
                                                           QString::fromStdString(taken.shot.words()));
        const auto found = std::ranges::find(held_, whole, &Held::answer);
        const auto at = found - held_.begin();
        if (found == held_.end()) add_held(title, whole);
        shown_->setCurrentIndex(static_cast<int>(at) + 1);
        return refresh();
    }
    const auto& options = desktop_.document().project().options;
    const auto option = std::ranges::find(options, taken.option, &model::Option::id);
    if (option != options.end()) desktop_.document().show_option(static_cast<size_t>(option - options.begin()));
    const auto& pose = taken.small.observer;
    desktop_.document().show_moment(taken.shot.question.moment);
    desktop_.asker().eye().look_from({pose.eye, pose.heading, pose.altitude, QString::fromStdString(taken.shot.place)});
    shown_->setCurrentIndex(0);
    refresh();
}

Outcome PictureWindow::save_sheet(const std::filesystem::path& path) const {
    const TakenPictures& all = desktop_.asker().pictures();
    if (path.extension() == ".csv") return write_file(path, exchange::shots_csv(all.pictures()));
    if (path.extension() != ".exr") return report::write_contact_sheet(contact_->sheet(), path);
    for (size_t i = 0; i < all.pictures().size(); ++i) {
        const auto whole = all.whole(i);
        if (whole == nullptr)
            return Fault{path.filename().string(), "only small pictures were kept of the last of them",
                         "Take fewer or smaller ones, or ask the question from the command line"};
        const auto& taken = all.pictures()[i];
        const auto name = path.stem().string() + "." + file_name_of(taken.option) + "." + taken.shot.file + ".exr";
        if (auto fault = exchange::write_picture(*whole, path.parent_path() / name)) return fault;
    }
    return {};
}

}  // namespace wp::gui
