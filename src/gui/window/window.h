// SPDX-License-Identifier: GPL-3.0-or-later
// The window: five desks over one project, one selection, one moment, one option.
#pragma once
#include <QButtonGroup>
#include <QComboBox>
#include <QLabel>
#include <QMainWindow>
#include <QProgressBar>
#include <QPushButton>
#include <QSplitter>
#include <QStackedWidget>
#include <QTabWidget>
#include <QTimer>
#include <QToolButton>

#include "geometry/check.h"
#include "gui/answers/maps.h"
#include "gui/answers/sun_shade.h"
#include "gui/building/building_tree.h"
#include "gui/certify/certify_panel.h"
#include "gui/check/check_view.h"
#include "gui/companion/eye_view.h"
#include "gui/companion/model_view.h"
#include "gui/companion/section_view.h"
#include "gui/companion/wall_view.h"
#include "gui/compare/compare_panel.h"
#include "gui/document/document.h"
#include "gui/inspector/inspector.h"
#include "gui/jobs/jobs_panel.h"
#include "gui/light/pair_view.h"
#include "gui/light/profile_view.h"
#include "gui/light/readings_panel.h"
#include "gui/light/series_view.h"
#include "gui/light/why_panel.h"
#include "gui/look/lamp.h"
#include "gui/matter/materials_panel.h"
#include "gui/matter/types_panel.h"
#include "gui/sheet/sheet.h"
#include "gui/site/climate_page.h"
#include "gui/site/site_panel.h"
#include "gui/site/sky_page.h"
#include "gui/year/use_panel.h"
#include "gui/year/year_panel.h"
#include "gui/year/year_view.h"
#include "gui/yearstrip/yearstrip.h"
#include "store/recovery.h"

namespace wp::gui {

enum class Desk { site, build, light, compare, certify };

class Window : public QMainWindow {
    Q_OBJECT
 public:
    explicit Window(QWidget* parent = nullptr);
    ~Window() override;

    /// Opens a project; a fault is shown and returned.
    Outcome open(const std::filesystem::path& path);
    void show_desk(Desk desk);
    void show_eye(bool on);
    void set_shown(Shown shown);
    /// Puts the answer of a question of the project on the sheet.
    void show_question(const model::Id& question);
    /// A table from elsewhere on the planes of the option.
    void open_table(const std::filesystem::path& path);
    SkyPage& sky_page() { return *sky_page_; }
    ClimatePage& climate_page() { return *climate_page_; }
    SeriesView& series_view() { return *series_view_; }

    /// Asks about unsaved work of runs that ended without saving.
    void offer_leftovers();
    /// Says why a project was not opened, and offers a way on.
    void tell_not_opened(const Fault& fault);
    /// Where unsaved work is kept.
    static std::filesystem::path unsaved_folder();
    void set_underlay(const QString& file);
    /// Faults of the option as it is; the check follows an edit after a short pause.
    std::vector<geometry::ModelFault> faults() {
        if (check_timer_.isActive()) {
            check_timer_.stop();
            refresh_faults();
        }
        auto found = faults_found_;
        std::erase_if(found, [](const geometry::ModelFault& f) { return geometry::is_assumption(f); });
        return found;
    }
    /// Asks for a name and keeps what the companion shows.
    void keep_view();
    void show_view(const model::View& view);
    WallView& wall_view() { return *wall_view_; }
    SectionView& section_view() { return *section_view_; }
    ModelView& model_view() { return *model_view_; }

    Document& document() { return document_; }
    Asker& asker() { return asker_; }
    KeptAnswers& answers() { return kept_; }
    Maps& maps() { return maps_; }
    /// The plan on the sheet at 1:scale, as a picture with its position or as a drawing.
    Outcome save_plan(const std::filesystem::path& path, double scale, double dots) const;
    Sheet& sheet() { return *sheet_; }
    YearStrip& year_strip() { return *strip_; }
    Legends& legends() { return legends_; }
    LegendBar& legend_bar() { return *legend_bar_; }
    WhyPanel& why() { return *why_; }
    ReadingsPanel& readings() { return *readings_; }
    ProfileView& profile() { return *profile_; }
    PairView& pair() { return *pair_; }
    YearPanel& year() { return *year_; }
    UsePanel& use() { return *use_; }
    YearView& year_view() { return *year_view_; }
    Lamp& lamp() { return *lamp_; }

 protected:
    void closeEvent(QCloseEvent*) override;
    void showEvent(QShowEvent*) override;

 private:
    QWidget* build_bar();
    QWidget* build_tools();
    // window_light.cpp
    QWidget* build_light_bar();
    QWidget* build_site_bar();
    void build_middle();
    void show_site_page(int page);
    void refresh_middle();
    void fill_shown();
    void shown_chosen(int index);
    void refresh_shown();
    void new_question();
    Takeaway takeaway() const;
    // window_reading.cpp
    void build_reading();
    QWidget* build_beside();
    void refresh_reading(const SheetMap& map);
    void refresh_asked();
    void refresh_pair();
    SheetMap dressed(SheetMap map, const model::Id& option) const;
    void place_reading(Vec2 at);
    void keep_beside();
    void show_beside(const model::Id& option);
    void close_pair();
    // window_year.cpp
    void build_year();
    void run_year();
    void ask_year_at(Vec2 at);
    void show_jobs();
    // window.cpp
    QWidget* build_companion();
    void build_job_line();
    void build_actions();
    QAction* add_action(const QString& text, const QKeySequence& keys, std::function<void()> run);
    void refresh_title();
    void refresh_options();
    void refresh_answers();
    void refresh_job();
    bool may_lose_changes();
    QWidget* build_mishap_bar();
    bool save();
    bool save_as();
    enum class Outside { keep_mine, mine_elsewhere, cancel };
    Outside ask_about_outside();
    void ask_open();
    void fill_recent();
    void remember_recent();
    void add_option();
    void show_shortcuts();
    void build_building_actions();
    void build_recovery();
    void build_views();
    void show_companion(QWidget* view);
    void place_selected(const QString& name, const std::function<geometry::Placing(Vec2)>& placing);
    void add_roof();
    void array_selected();
    void copy_selected(bool cut);
    void paste();
    void join_selected();
    void offset_selected();
    void go_to(const Selection& item);
    void open_palette();
    void open_menu(const QPoint& at);
    void choose_underlay();
    void refresh_underlay();
    void refresh_sun();
    void show_sun(const question::SunPatches& patches, double altitude);
    void refresh_faults();
    void show_check();
    void show_fault(const geometry::ModelFault& fault);
    void mend(const geometry::ModelFault& fault);
    void mend_all();
    // window_matter.cpp
    QToolButton* build_things_button();
    QComboBox* build_tint_box();
    QWidget* build_right();
    void build_matter_actions();
    void lay_planes();
    void lay_lattice();
    void show_pages();
    std::vector<model::Id> rooms_meant() const;
    void fill_views();

    Document document_;
    KeptAnswers kept_;
    Asker asker_{document_, kept_};
    Maps maps_{document_, kept_, asker_};
    Legends legends_;
    Desk desk_ = Desk::build;
    Shown shown_ = Shown::daylight_factor;
    Sheet* sheet_ = nullptr;
    ModelView* model_view_ = nullptr;
    EyeView* eye_view_ = nullptr;
    QStackedWidget* companion_views_ = nullptr;
    QStackedWidget* side_ = nullptr;
    QWidget *tools_ = nullptr, *light_bar_ = nullptr, *companion_ = nullptr;
    SitePanel* site_panel_ = nullptr;
    ComparePanel* compare_panel_ = nullptr;
    CertifyPanel* certify_panel_ = nullptr;
    Inspector* inspector_ = nullptr;
    YearStrip* strip_ = nullptr;
    Lamp* lamp_ = nullptr;
    YearPanel* year_ = nullptr;
    UsePanel* use_ = nullptr;
    YearView* year_view_ = nullptr;
    JobsPanel* jobs_panel_ = nullptr;
    std::optional<Shown> before_year_;  // what was on the sheet when the year was asked for
    QToolButton* jobs_button_ = nullptr;
    QSplitter* middle_ = nullptr;
    QButtonGroup *desks_ = nullptr, *tool_buttons_ = nullptr, *companion_buttons_ = nullptr;
    QComboBox *options_ = nullptr, *shown_box_ = nullptr, *column_box_ = nullptr, *sky_box_ = nullptr;
    QWidget* site_bar_ = nullptr;
    QStackedWidget* middle_views_ = nullptr;
    QButtonGroup* site_buttons_ = nullptr;
    SkyPage* sky_page_ = nullptr;
    ClimatePage* climate_page_ = nullptr;
    SeriesView* series_view_ = nullptr;
    QToolButton* series_button_ = nullptr;
    int site_page_ = 0;
    LegendBar* legend_bar_ = nullptr;
    WhyPanel* why_ = nullptr;
    ReadingsPanel* readings_ = nullptr;
    ProfileView* profile_ = nullptr;
    PairView* pair_ = nullptr;
    QComboBox* pair_mode_ = nullptr;
    QToolButton *pair_close_ = nullptr, *hold_ = nullptr;
    std::optional<PairSide> kept_side_;
    model::Id beside_option_;
    QPushButton *run_year_ = nullptr, *ask_button_ = nullptr, *cancel_ = nullptr;
    QProgressBar* progress_ = nullptr;
    QLabel *job_title_ = nullptr, *hint_ = nullptr;
    QMenu *project_menu_ = nullptr, *recent_menu_ = nullptr, *snaps_menu_ = nullptr, *views_menu_ = nullptr;
    WallView* wall_view_ = nullptr;
    SectionView* section_view_ = nullptr;
    BuildingTree* tree_ = nullptr;
    QWidget* right_ = nullptr;
    QTabWidget* pages_ = nullptr;
    MaterialsPanel* materials_ = nullptr;
    TypesPanel* types_ = nullptr;
    CheckView* check_view_ = nullptr;
    QPushButton* faults_ = nullptr;
    std::vector<geometry::ModelFault> faults_found_;
    SunShade sun_;
    bool sun_wanted_ = false;
    std::pair<std::string, int> underlay_shown_;
    store::Recovery recovery_{unsaved_folder()};
    QTimer keep_timer_, check_timer_;
};

}  // namespace wp::gui
