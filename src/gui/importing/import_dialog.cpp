// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/importing/import_dialog.h"

#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QPainter>
#include <QSettings>
#include <QSplitter>
#include <QTabWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <map>

#include "describe/describe.h"
#include "edit/options.h"
#include "gui/entry/rows.h"
#include "gui/look/figure_table.h"
#include "gui/look/look.h"
#include "report/language/words.h"
#include "report/side/plan_cell.h"

namespace wp::gui {

using incoming::Said;
using model::LayerChoice;

namespace {

struct UnitChoice {
    const char* words;
    double metres;
};
constexpr UnitChoice kUnits[] = {
    {QT_TRANSLATE_NOOP("QObject", "as the file says"), 0}, {QT_TRANSLATE_NOOP("QObject", "metres"), 1},
    {QT_TRANSLATE_NOOP("QObject", "centimetres"), 0.01},   {QT_TRANSLATE_NOOP("QObject", "millimetres"), 0.001},
    {QT_TRANSLATE_NOOP("QObject", "feet"), 0.3048},        {QT_TRANSLATE_NOOP("QObject", "inches"), 0.0254}};

const QString kOtherOption = QStringLiteral("new");

// "glass_01" and "glass_27" are of one kind: runs of digits stand for any.
QString pattern_of(const std::string& layer) {
    QString out;
    for (const QChar c : QString::fromStdString(layer).toLower())
        if (!c.isDigit())
            out += c;
        else if (!out.endsWith(QLatin1Char('#')))
            out += QLatin1Char('#');
    return out;
}

QString said_word(Said::What what) {
    return what == Said::What::made      ? QObject::tr("made")
           : what == Said::What::changed ? QObject::tr("changed")
                                         : QObject::tr("left out");
}

}  // namespace

ArrivalPlan::ArrivalPlan(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("arrival-plan"));
    setAccessibleName(QObject::tr("Plan of what arrives"));
    setMinimumSize(320, 240);
}

void ArrivalPlan::show_option(std::shared_ptr<const model::Project> project, size_t storey) {
    project_ = std::move(project);
    storey_ = storey;
    update();
}

void ArrivalPlan::mark(std::optional<Vec3> at) {
    mark_ = at;
    update();
}

void ArrivalPlan::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), ink().paper);
    if (project_ == nullptr) return;
    const auto& option = project_->options.front();
    if (option.storeys.empty()) return;
    report::PlanScene scene;
    scene.option = &option;
    scene.project = project_.get();
    scene.storey = std::min(storey_, option.storeys.size() - 1);
    scene.show_areas = true;
    scene.unit = QStringLiteral("m\u00b2");
    const QRectF area = QRectF(rect()).adjusted(16, 16, -16, -40);
    const auto view = report::PlanView::fit(option, scene.storey, area, option.storeys[scene.storey].rooms.empty());
    report::draw_plan(painter, scene, view, ink(), rect());
    report::draw_scale_bar(painter, view, ink(), rect(), project_->site.north);
    if (!mark_) return;
    const QPointF at = view.to_screen({mark_->x, mark_->y});
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(ink().accent, 2.4));
    painter.drawEllipse(at, 14, 14);
    painter.drawLine(at - QPointF(20, 0), at - QPointF(9, 0));
    painter.drawLine(at + QPointF(9, 0), at + QPointF(20, 0));
}

ImportDialog::ImportDialog(Document& document, const std::filesystem::path& file, QWidget* parent)
    : QDialog(parent),
      document_(document),
      file_(file),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Reading a building"), this,
          [](const Wanted& wanted) { return std::make_shared<const Found>(find(wanted)); },
          [this](const std::shared_ptr<const Found>& found) { take(found); }, [this] { reading_ = false; }) {
    setObjectName(QStringLiteral("import-dialog"));
    setWindowTitle(QObject::tr("Import %1").arg(QString::fromStdString(file.filename().string())));
    resize(1180, 720);
    auto* layout = new QVBoxLayout(this);
    build(*layout);
    read();
}

ImportDialog::~ImportDialog() { cancel_.request(); }

void ImportDialog::build(QBoxLayout& layout) {
    auto* middle = new QSplitter(this);
    middle->addWidget(build_left());
    middle->addWidget(build_right());
    middle->setStretchFactor(0, 3);
    middle->setStretchFactor(1, 2);
    layout.addWidget(middle, 1);
    auto* foot = new QHBoxLayout;
    state_ = label(QString(), nullptr, this);
    state_->setObjectName(QStringLiteral("import-state"));
    foot->addWidget(state_, 1);
    progress_ = new QProgressBar(this);
    progress_->setMaximumWidth(120);
    foot->addWidget(progress_);
    into_ = new QComboBox(this);
    into_->setObjectName(QStringLiteral("import-into"));
    into_->setAccessibleName(QObject::tr("Where it goes"));
    for (const auto& option : document_.project().options)
        into_->addItem(QObject::tr("into %1").arg(QString::fromStdString(option.name)),
                       QString::fromStdString(option.id));
    into_->addItem(QObject::tr("as an option of its own"), kOtherOption);
    // Where it was read before it is read again; an option that has rooms is left alone otherwise.
    const auto again =
        std::ranges::find(document_.project().arrivals, file_.filename().string(), &model::Arrival::file);
    const bool has_rooms =
        std::ranges::any_of(document_.option().storeys, [](const auto& s) { return !s.rooms.empty(); });
    const std::string to = again != document_.project().arrivals.end() ? again->option
                           : has_rooms                                 ? kOtherOption.toStdString()
                                                                       : document_.option().id;
    into_->setCurrentIndex(std::max(0, into_->findData(QString::fromStdString(to))));
    connect(into_, &QComboBox::activated, this, [this] {
        if (found_ != nullptr) show_account();
    });
    foot->addWidget(into_);
    auto* cancel = new QPushButton(QObject::tr("Cancel"), this);
    cancel->setObjectName(QStringLiteral("import-cancel"));
    connect(cancel, &QPushButton::clicked, this, &QDialog::reject);
    foot->addWidget(cancel);
    take_ = new QPushButton(QObject::tr("Import"), this);
    take_->setObjectName(QStringLiteral("import-take"));
    take_->setProperty("role", QStringLiteral("main"));
    connect(take_, &QPushButton::clicked, this, &ImportDialog::put_in);
    foot->addWidget(take_);
    layout.addLayout(foot);
}

QWidget* ImportDialog::build_left() {
    auto* views = new QTabWidget(this);
    views->setObjectName(QStringLiteral("import-views"));
    auto* plan = new QWidget(views);
    auto* column = new QVBoxLayout(plan);
    storey_ = new QComboBox(plan);
    storey_->setObjectName(QStringLiteral("import-storey"));
    storey_->setAccessibleName(QObject::tr("Storey"));
    connect(storey_, &QComboBox::currentIndexChanged, this, &ImportDialog::show_storey);
    column->addWidget(storey_);
    plan_ = new ArrivalPlan(plan);
    column->addWidget(plan_, 1);
    views->addTab(plan, QObject::tr("Plan"));
    model_ = new ModelView(preview_, views);
    views->addTab(model_, QObject::tr("Model"));
    return views;
}

QWidget* ImportDialog::build_right() {
    auto* side = new QWidget(this);
    auto* column = new QVBoxLayout(side);
    auto* form = new QFormLayout;
    unit_ = new QComboBox(side);
    unit_->setObjectName(QStringLiteral("import-unit"));
    for (const auto& choice : kUnits) unit_->addItem(language::words(choice.words), choice.metres);
    form->addRow(QObject::tr("A length of 1 is in"), unit_);
    up_ = new QComboBox(side);
    up_->setObjectName(QStringLiteral("import-up"));
    up_->addItem(QObject::tr("as the file has it"), 0);
    up_->addItem(QObject::tr("the y axis"), 1);
    up_->addItem(QObject::tr("the z axis"), 2);
    form->addRow(QObject::tr("Up is"), up_);
    name_fields(*form);
    column->addLayout(form);
    for (auto* box : {unit_, up_}) connect(box, &QComboBox::activated, this, &ImportDialog::read);
    measures_ = label(QString(), nullptr, side);
    measures_->setObjectName(QStringLiteral("import-measures"));
    column->addWidget(measures_);
    auto* tabs = new QTabWidget(side);
    tabs->setObjectName(QStringLiteral("import-tabs"));
    account_ = figure_table("import-account", QObject::tr("What was done to it"));
    connect(account_, &QTableWidget::currentCellChanged, this, [this](int row) {
        const auto* item = row >= 0 ? account_->item(row, 0) : nullptr;
        const QVariant at = item != nullptr ? item->data(Qt::UserRole) : QVariant();
        if (!at.isValid()) return plan_->mark({});
        const auto v = at.toList();
        plan_->mark(Vec3{v[0].toDouble(), v[1].toDouble(), v[2].toDouble()});
    });
    tabs->addTab(account_, QObject::tr("What was done"));
    layer_table_ = figure_table("import-layers", QObject::tr("What becomes of its layers and materials"));
    tabs->addTab(layer_table_, QObject::tr("Layers"));
    column->addWidget(tabs, 1);
    return side;
}

incoming::ReadWishes ImportDialog::reading_wishes() const {
    incoming::ReadWishes out;
    out.metres_per_unit = unit_->currentData().toDouble();
    if (up_->currentIndex() > 0) out.y_up = up_->currentIndex() == 1;
    out.layers = layers_;
    return out;
}

void ImportDialog::read() {
    cancel_.request();
    cancel_ = Cancel();
    reading_ = true;
    take_->setEnabled(false);
    progress_->show();
    progress_->setRange(0, 0);
    state_->setText(QObject::tr("Reading \u2026"));
    Wanted wanted{file_, reading_wishes(), {}, cancel_, {}, ++number_};
    wanted.progress = [this, number = number_](double share) {
        QMetaObject::invokeMethod(this, [this, number, share] {
            if (number != number_ || !reading_) return;
            progress_->setRange(0, 100);
            progress_->setValue(static_cast<int>(100 * share));
        });
    };
    wanted.wishes.layers = layers_;
    wanted.wishes.ground_level = document_.project().site.ground_level;
    worker_.ask(std::move(wanted));
}

ImportDialog::Found ImportDialog::find(const Wanted& wanted) {
    Found out;
    out.number = wanted.number;
    auto building = incoming::read_building(wanted.file, wanted.reading, wanted.cancel, wanted.progress);
    if (!building) {
        out.fault = building.fault();
        return out;
    }
    out.building = std::move(*building);
    out.arranged = incoming::arrange(out.building, wanted.wishes);
    out.preview = std::make_shared<const model::Project>(incoming::project_of(out.building, out.arranged, {}));
    return out;
}

void ImportDialog::take(const std::shared_ptr<const Found>& found) {
    if (found->number != number_) return;
    reading_ = false;
    progress_->hide();
    found_ = found;
    if (found->fault) {
        found_.reset();
        state_->setText(language::line(*found->fault));
        return;
    }
    // Layers that were met before become what they became then.
    bool asks_again = false;
    for (const auto& body : found->building.bodies) {
        if (std::ranges::find(layers_, body.layer, &LayerChoice::layer) != layers_.end()) continue;
        layers_.push_back(remembered(body.layer));
        asks_again = asks_again || layers_.back().role != LayerChoice::Role::as_found;
    }
    if (asks_again) return read();
    preview_.start_new();
    preview_.edit(QObject::tr("Import"), [&](model::Project& p) { p = *found->preview; });
    take_->setEnabled(true);
    show_layers();
    show_account();
    show_measures();
    const QSignalBlocker quiet(storey_);
    storey_->clear();
    for (const auto& storey : found->preview->options.front().storeys)
        storey_->addItem(QString::fromStdString(storey.name));
    show_storey();
}

void ImportDialog::show_storey() {
    if (found_ != nullptr)
        plan_->show_option(found_->preview, static_cast<size_t>(std::max(0, storey_->currentIndex())));
}

// A door says at a glance whether the unit is right; where there is none, the whole does.
void ImportDialog::show_measures() {
    size_t rooms = 0, windows = 0;
    const model::Opening* door = nullptr;
    double low_x = 1e9, high_x = -1e9, low_y = 1e9, high_y = -1e9;
    for (const auto& storey : found_->arranged.storeys)
        for (const auto& room : storey.rooms) {
            ++rooms;
            for (const Vec2 p : room.footprint)
                low_x = std::min(low_x, p.x), high_x = std::max(high_x, p.x), low_y = std::min(low_y, p.y),
                high_y = std::max(high_y, p.y);
            for (const auto& o : room.openings) {
                windows += o.kind == model::Opening::Kind::window ? 1 : 0;
                if (o.kind == model::Opening::Kind::door && door == nullptr) door = &o;
            }
        }
    const auto metres = [](double v) { return language::number(v, 'f', 2); };
    QString words;
    if (door != nullptr)
        words = QObject::tr("A door of it, %1, is %2 m wide and %3 m high.")
                    .arg(QString::fromStdString(door->name), metres(door->width), metres(door->height));
    else if (rooms > 0)
        words = QObject::tr("It is %1 m by %2 m large in plan.").arg(metres(high_x - low_x), metres(high_y - low_y));
    measures_->setText(words);
    const auto& account = found_->arranged.account;
    state_->setText(QObject::tr("%1 rooms, %2 windows, %3 other things; %4 put right on the way, %5 left out")
                        .arg(rooms)
                        .arg(windows)
                        .arg(found_->arranged.things.size())
                        .arg(account.count(Said::What::changed))
                        .arg(account.count(Said::What::left_out)));
}

model::Arrival ImportDialog::arrival() const {
    model::Arrival out;
    out.file = file_.filename().string();
    out.format = found_->building.format;
    out.metres_per_unit = found_->building.metres_per_unit;
    out.y_up = up_->currentIndex() == 1;
    out.layers = layers_;
    return out;
}

// Where the file was read into that option before: what reading it again changes there. Tried on a copy.
std::vector<Said> ImportDialog::changes_to_come() const {
    model::Arrival again = arrival();
    again.option = into_->currentData().toString().toStdString();
    const auto& known = document_.project().arrivals;
    if (std::ranges::none_of(known, [&](const auto& a) { return a.file == again.file && a.option == again.option; }))
        return {};
    model::Project tried = document_.project();
    auto lines = incoming::put_into(tried, found_->arranged, again).account.lines();
    std::erase_if(lines, [](const Said& line) { return line.what == Said::What::made; });
    return lines;
}

void ImportDialog::show_account() {
    auto lines = changes_to_come();
    const auto& read = found_->arranged.account.lines();
    lines.insert(lines.end(), read.begin(), read.end());
    // What asks for a look comes first.
    std::ranges::stable_sort(lines, std::greater(), [](const Said& s) { return static_cast<int>(s.what); });
    account_->clear();
    set_heads(*account_, {QObject::tr("What"), QObject::tr("Element"), QObject::tr("How")}, [](int) { return false; });
    account_->setRowCount(static_cast<int>(lines.size()));
    for (size_t i = 0; i < lines.size(); ++i) {
        const int row = static_cast<int>(i);
        auto* first = new QTableWidgetItem(said_word(lines[i].what));
        if (lines[i].at) first->setData(Qt::UserRole, QVariantList{lines[i].at->x, lines[i].at->y, lines[i].at->z});
        account_->setItem(row, 0, first);
        account_->setItem(row, 1, new QTableWidgetItem(QString::fromStdString(lines[i].element)));
        auto* words = new QTableWidgetItem(language::words(lines[i].words));
        words->setToolTip(words->text());
        account_->setItem(row, 2, words);
    }
    account_->resizeColumnsToContents();
    account_->horizontalHeader()->setStretchLastSection(true);
}

void ImportDialog::show_layers() {
    std::map<std::string, size_t> count;
    for (const auto& body : found_->building.bodies) ++count[body.layer];
    layer_table_->clear();
    set_heads(*layer_table_, {QObject::tr("Layer or material"), QObject::tr("Becomes"), QObject::tr("Made of")},
              [](int) { return false; });
    layer_table_->setRowCount(static_cast<int>(layers_.size()));
    for (size_t i = 0; i < layers_.size(); ++i) {
        const int row = static_cast<int>(i);
        layer_table_->setItem(row, 0, new QTableWidgetItem(QString::fromStdString(layers_[i].layer)));
        auto* role = new QComboBox(layer_table_);
        role->setObjectName(QStringLiteral("import-role-%1").arg(i));
        role->setAccessibleName(QObject::tr("What %1 becomes").arg(QString::fromStdString(layers_[i].layer)));
        for (const auto& one : describe::layer_role_words()) role->addItem(language::words(one.label), one.value);
        role->setCurrentIndex(role->findData(static_cast<int>(layers_[i].role)));
        connect(role, &QComboBox::activated, this, [this, i, role] {
            layers_[i].role = static_cast<LayerChoice::Role>(role->currentData().toInt());
            read();
        });
        layer_table_->setCellWidget(row, 1, role);
        auto* material = new QComboBox(layer_table_);
        material->setObjectName(QStringLiteral("import-material-%1").arg(i));
        material->setAccessibleName(QObject::tr("What %1 is made of").arg(QString::fromStdString(layers_[i].layer)));
        material->addItem(QObject::tr("by type"), QString());
        for (const auto& m : document_.project().materials)
            if (m.kind == model::Material::Kind::opaque)
                material->addItem(QString::fromStdString(m.name), QString::fromStdString(m.id));
        material->setCurrentIndex(std::max(0, material->findData(QString::fromStdString(layers_[i].material))));
        connect(material, &QComboBox::activated, this, [this, i, material] {
            layers_[i].material = material->currentData().toString().toStdString();
            read();
        });
        layer_table_->setCellWidget(row, 2, material);
    }
    layer_table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
}

LayerChoice ImportDialog::remembered(const std::string& layer) const {
    LayerChoice out{layer, LayerChoice::Role::as_found, {}};
    QSettings settings;
    settings.beginGroup(QStringLiteral("import-layers"));
    const auto known = settings.value(pattern_of(layer)).toStringList();
    if (known.size() != 2) return out;
    const int role = known[0].toInt();
    if (role >= 0 && role <= static_cast<int>(LayerChoice::Role::leave_out))
        out.role = static_cast<LayerChoice::Role>(role);
    if (model::find(document_.project().materials, known[1].toStdString()) != nullptr)
        out.material = known[1].toStdString();
    return out;
}

void ImportDialog::remember_layers() const {
    QSettings settings;
    settings.beginGroup(QStringLiteral("import-layers"));
    for (const auto& layer : layers_)
        settings.setValue(pattern_of(layer.layer), QStringList{QString::number(static_cast<int>(layer.role)),
                                                               QString::fromStdString(layer.material)});
}

void ImportDialog::put_in() {
    if (!is_read()) return;
    remember_layers();
    model::Arrival arrival = this->arrival();
    const QString into = into_->currentData().toString();
    size_t shown = document_.option_index();
    incoming::Put put;
    document_.edit(QObject::tr("Import %1").arg(QString::fromStdString(arrival.file)), [&](model::Project& p) {
        if (into == kOtherOption)
            shown = edit::add_empty_option(p, shown, file_.stem().string());
        else
            shown = static_cast<size_t>(std::ranges::find(p.options, into.toStdString(), &model::Option::id) -
                                        p.options.begin());
        arrival.option = p.options[shown].id;
        put = incoming::put_into(p, found_->arranged, arrival);
        // A building that is the first here brings its place.
        const bool is_first = p.options.size() == 1 && p.arrivals.size() == 1;
        if (is_first) incoming::take_place(found_->building, p.site);
    });
    document_.show_option(shown);
    said_ = QObject::tr("%1: %2 added, %3 updated, %4 taken away")
                .arg(QString::fromStdString(arrival.file))
                .arg(put.added)
                .arg(put.updated)
                .arg(put.removed);
    accept();
}

QString import_building(Document& document, QWidget* parent) {
    QStringList suffixes;
    for (const auto& reader : incoming::readers()) {
        if (reader.id == std::string_view("dxf")) continue;
        for (const char* suffix : reader.suffixes) suffixes << QStringLiteral("*%1").arg(QString::fromLatin1(suffix));
    }
    const QString file = QFileDialog::getOpenFileName(
        parent, QObject::tr("Import a building"), {},
        QObject::tr("Buildings of other programs (%1)").arg(suffixes.join(QLatin1Char(' '))));
    if (file.isEmpty()) return {};
    ImportDialog dialog(document, file.toStdString(), parent);
    dialog.exec();
    return dialog.said();
}

}  // namespace wp::gui
