// SPDX-License-Identifier: GPL-3.0-or-later
// A building of another program, looked at before anything of the project is changed: what it will be in plan and in
// three dimensions, its unit and axes held against a door, what becomes of its layers, and what was done to it.
#pragma once
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QTableWidget>

#include "gui/companion/model_view.h"
#include "gui/document/document.h"
#include "gui/work/behind.h"
#include "incoming/put.h"
#include "incoming/reader.h"

namespace wp::gui {

/// A storey of what arrives, with a mark where something is told of.
class ArrivalPlan : public QWidget {
    Q_OBJECT
 public:
    explicit ArrivalPlan(QWidget* parent = nullptr);
    void show_option(std::shared_ptr<const model::Project> project, size_t storey);
    void mark(std::optional<Vec3> at);
    const std::optional<Vec3>& marked() const { return mark_; }

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    std::shared_ptr<const model::Project> project_;
    size_t storey_ = 0;
    std::optional<Vec3> mark_;
};

class ImportDialog : public QDialog {
    Q_OBJECT
 public:
    ImportDialog(Document& document, const std::filesystem::path& file, QWidget* parent);
    ~ImportDialog() override;
    /// Whether the file was read, as it is asked for now.
    bool is_read() const { return !reading_ && found_ != nullptr; }
    const QString& said() const { return said_; }
    ArrivalPlan& plan() { return *plan_; }

 private:
    struct Wanted {
        std::filesystem::path file;
        incoming::ReadWishes reading;
        incoming::Wishes wishes;
        Cancel cancel;
        Progress progress;
        uint64_t number = 0;
    };
    struct Found {
        uint64_t number = 0;
        std::optional<Fault> fault;
        incoming::Building building;
        incoming::Arranged arranged;
        std::shared_ptr<const model::Project> preview;
    };
    static Found find(const Wanted& wanted);
    void build(QBoxLayout& layout);
    QWidget* build_left();
    QWidget* build_right();
    void read();
    void take(const std::shared_ptr<const Found>& found);
    void show_layers();
    void show_account();
    void show_measures();
    void show_storey();
    void put_in();
    model::Arrival arrival() const;
    std::vector<incoming::Said> changes_to_come() const;
    incoming::ReadWishes reading_wishes() const;
    void remember_layers() const;
    model::LayerChoice remembered(const std::string& layer) const;

    Document& document_;
    std::filesystem::path file_;
    Document preview_;
    std::shared_ptr<const Found> found_;
    Cancel cancel_;
    uint64_t number_ = 0;
    bool reading_ = false;
    std::vector<model::LayerChoice> layers_;
    QComboBox *unit_, *up_, *into_, *storey_;
    QLabel *state_, *measures_;
    QProgressBar* progress_;
    QTableWidget *layer_table_, *account_;
    ArrivalPlan* plan_;
    ModelView* model_;
    QPushButton* take_;
    QString said_;
    Behind<Wanted, std::shared_ptr<const Found>> worker_;  // last: it ends before what it works with
};

/// Asks for a file and shows it. What is to be said of it; empty: nothing came of it.
QString import_building(Document& document, QWidget* parent);

}  // namespace wp::gui
