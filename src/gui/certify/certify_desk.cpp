// SPDX-License-Identifier: GPL-3.0-or-later
// The Certify desk: criteria and verdicts, beside the map of what they are read from.
#include "gui/certify/certify_desk.h"

#include "gui/certify/certify_panel.h"
#include "gui/light/light_bar.h"

namespace wp::gui {

namespace {

class CertifyDesk : public Desk {
 public:
    explicit CertifyDesk(Desktop& desktop)
        : Desk(desktop, DeskKind::certify),
          panel_(new CertifyPanel(desktop.document(), desktop.answers(), desktop.window())) {
        connect(panel_, &CertifyPanel::ask, this,
                [&desktop](const std::vector<model::Question>& questions) { desktop.ask_questions(questions); });
        connect(panel_, &CertifyPanel::make_surer, this, [&desktop](const std::vector<model::Question>& questions) {
            desktop.document().edit(
                QObject::tr("Surer answers for undecided verdicts"),
                [&](model::Project& project) {
                    for (const auto& question : questions)
                        if (auto* own = model::find(project.questions, question.id))
                            own->accuracy = question.accuracy;
                        else
                            project.questions.push_back(question);
                },
                QStringLiteral("surer"));
            for (const auto& question : questions) desktop.asker().ask_question(question.id);
        });
        connect(panel_, &CertifyPanel::show_map, this, [this](const QString& question, const QString& figure) {
            map(question.toStdString(), figure.toStdString());
        });
    }
    QString title() const override { return QObject::tr("Certify"); }
    QString tip() const override { return QObject::tr("Criteria sets, and the verdict on each of their lines"); }
    QString also() const override {
        return QObject::tr("certificate compliance LEED EN 17037 BREEAM WELL credit points");
    }
    QWidget* bar() override { return &desktop().part<LightBar>(); }
    QWidget* side() override { return panel_; }
    bool has_pages() const override { return false; }
    bool judges_year() const override { return true; }
    int middle_share() const override { return 37; }

 private:
    // The figure that a verdict was read from: live ones are of the planes, others of the question's answer.
    void map(const model::Id& question, const std::string& id) {
        if (const auto* of_year = figure::find_year_point_figure(id)) return desktop().show(*of_year);
        const auto* kept = desktop().answers().table(desktop().document().option().id, question);
        const auto* figure = figure::find_point_figure(id);
        if (kept != nullptr && figure != nullptr) {
            const auto& columns = kept->answer->table.columns;
            for (size_t c = 0; c < columns.size(); ++c)
                if (columns[c].id.starts_with(figure->column)) {
                    desktop().maps().choose_table(question, c);
                    return desktop().show(Shown::table);
                }
        }
        for (const auto live :
             {Shown::daylight_factor, Shown::sky_component, Shown::outside_component, Shown::inside_component,
              Shown::ground_component, Shown::lux_by_design_sky, Shown::lux_by_median})
            if (live_figure(live).id == id) return desktop().show(live);
        desktop().say(QObject::tr("There is no map of it: ask the question first"));
    }

    CertifyPanel* panel_;
};

}  // namespace

Desk* make_certify_desk(Desktop& desktop) { return new CertifyDesk(desktop); }

}  // namespace wp::gui
