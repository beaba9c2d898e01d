// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/check/model_check.h"

#include <set>

#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {
constexpr int kPause = 150;  // ms without a further edit
}

ModelCheck::ModelCheck(Desktop& desktop, CheckView& view)
    : QObject(desktop.window()),
      desktop_(desktop),
      view_(view),
      button_(new QPushButton(desktop.window())),
      looker_(
          QT_TRANSLATE_NOOP("QObject", "The model check"), this, &ModelCheck::find,
          [this](const Found& found) { keep(found); }, [this] { answered_ = asked_; }) {
    button_->setObjectName(QStringLiteral("faults"));
    button_->setToolTip(QObject::tr("What the model check found"));
    set_icon(button_, QStringLiteral("triangle-alert"));
    button_->hide();
    connect(button_, &QPushButton::clicked, this, [this] { desktop_.show_companion(&view_); });
    connect(&view, &CheckView::wanted, this, &ModelCheck::show);
    connect(&view, &CheckView::mend_wanted, this, &ModelCheck::mend);
    connect(&view, &CheckView::mend_all_wanted, this, [this] { look(true); });
    pause_.setSingleShot(true);
    pause_.setInterval(kPause);
    connect(&pause_, &QTimer::timeout, this, [this] { look(); });
    for (const auto signal : {&Document::project_changed, &Document::weather_changed})
        connect(&desktop.document(), signal, this, [this] { pause_.start(); });
    look();
}

std::vector<check::ModelFault> ModelCheck::faults() const {
    auto found = found_;
    std::erase_if(found, [](const check::ModelFault& f) { return check::is_assumption(f); });
    return found;
}

namespace {

// A mend may solve or move others: looks anew after each, and never tries the same one twice.
std::shared_ptr<const Project> mended(const Project& project, size_t option, bool blinds_wanted) {
    auto p = std::make_shared<Project>(project);
    std::set<std::string> tried;
    for (bool more = true; more;) {
        more = false;
        for (const auto& fault : check::check_model(*p, p->options[option], blinds_wanted)) {
            if (fault.mend.empty() || !tried.insert(fault.what).second) continue;
            more = check::mend_fault(*p, option, fault);
            if (more) break;
        }
    }
    return p;
}

}  // namespace

ModelCheck::Found ModelCheck::find(const Looked& at) {
    const auto& project = *at.project;
    Found out{at, {}, nullptr};
    if (at.mends)
        out.mended = mended(project, at.option, at.blinds_wanted);
    else
        out.faults = check::check_model(project, project.options[at.option], at.blinds_wanted,
                                        at.weather ? &at.weather->measured : nullptr);
    return out;
}

void ModelCheck::look(bool mends) {
    const Document& document = desktop_.document();
    ++asked_;
    looker_.ask({document.snapshot(), document.option_index(), document.blinds_wanted(), document.weather(), mends});
}

// Requests that were overtaken are never answered: what is asked last counts.
void ModelCheck::keep(const Found& found) {
    const Document& document = desktop_.document();
    const bool current = found.at.project == document.snapshot() && found.at.option == document.option_index();
    if (!current) return found.at.mends ? look(true) : void();
    answered_ = asked_;
    if (found.mended != nullptr) return take_mended(found);
    found_ = found.faults;
    show_found();
}

void ModelCheck::show_found() {
    std::vector<Vec2> places;
    size_t count = 0;
    for (const auto& fault : found_) {
        if (is_assumption(fault)) continue;
        ++count;
        if (fault.storey == desktop_.document().storey_index() && !fault.items.empty()) places.push_back(fault.place);
    }
    desktop_.sheet().show_faults(std::move(places));
    button_->setVisible(count > 0);
    button_->setText(count == 1 ? QObject::tr("1 fault") : QObject::tr("%1 faults").arg(count));
    view_.show_faults(found_);
}

void ModelCheck::show(const check::ModelFault& fault) {
    desktop_.document().show_storey(fault.storey);
    desktop_.document().select_all(fault.items);
    if (!fault.items.empty()) desktop_.sheet().reveal(fault.items.front());
    if (fault.items.empty() && !fault.subject.empty())
        desktop_.say(QObject::tr("This is a matter of the question \"%1\"").arg(QString::fromStdString(fault.subject)));
}

void ModelCheck::mend(const check::ModelFault& fault) {
    bool done = false;
    desktop_.document().edit(language::words(fault.mend), [&](Project& p) {
        done = check::mend_fault(p, desktop_.document().option_index(), fault);
    });
    desktop_.say(done ? QObject::tr("Fixed") : QObject::tr("This could not be fixed by itself"));
}

void ModelCheck::take_mended(const Found& found) {
    desktop_.document().edit(QObject::tr("Fix faults"), [&](Project& p) { p = *found.mended; });
}

Page check_companion(Desktop& desktop) {
    auto* view = new CheckView(desktop.document(), desktop.window());
    desktop.know(new ModelCheck(desktop, *view));
    desktop.commands().add(
        CommandGroup::building, QObject::tr("Model check"), QKeySequence(QStringLiteral("Ctrl+K")),
        [&desktop, view] { desktop.show_companion(view); }, QObject::tr("faults errors warnings"));
    return {QObject::tr("Check"), QObject::tr("What is wrong with the model, and what is only assumed"),
            on_desk(DeskKind::build), view};
}

}  // namespace wp::gui
