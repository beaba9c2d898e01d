// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/compare_panel.h"

#include <QHeaderView>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <set>

#include "gui/compare/decision_dialog.h"
#include "gui/compare/options_dialog.h"
#include "gui/entry/figure_box.h"
#include "gui/entry/rows.h"
#include "gui/look/buttons.h"
#include "gui/look/figure_table.h"
#include "gui/look/look.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

OptionMaps::OptionMaps(Document& document, const KeptAnswers& kept, QWidget* parent)
    : QWidget(parent), document_(document), kept_(kept) {
    setMinimumHeight(230);
    setObjectName(QStringLiteral("option-maps"));
    connect(&document, &Document::project_changed, this, qOverload<>(&QWidget::update));
    connect(&kept, &KeptAnswers::changed, this, qOverload<>(&QWidget::update));
}

bool OptionMaps::is_shown(size_t i) const {
    return !document_.project().options[i].archived || i == document_.option_index();
}

QRectF OptionMaps::cell(size_t i) const {
    const auto& all = document_.project().options;
    size_t before = 0, n = 0;
    for (size_t k = 0; k < all.size(); ++k)
        if (is_shown(k)) before += k < i ? 1 : 0, ++n;
    const double w = width() / static_cast<double>(std::max<size_t>(n, 1));
    return {static_cast<double>(before) * w, 0, is_shown(i) ? w : 0, height() - 60.0};
}

void OptionMaps::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), ink().paper);
    double top = 0;
    for (const auto& option : document_.project().options)
        if (const auto answer = kept_.daylight(option.id))
            for (const auto& plane : answer->planes) top = std::max(top, plane.figures.most);
    const report::Scale scale{0, report::nice_top(top), false};
    for (size_t i = 0; i < document_.project().options.size(); ++i) {
        if (!is_shown(i)) continue;
        const auto& option = document_.project().options[i];
        const QRectF box = cell(i).adjusted(4, 26, -4, -2);
        painter.save();
        painter.setClipRect(box);
        report::PlanScene scene;
        scene.option = &option;
        scene.project = &document_.project();
        scene.scale = scale;
        scene.marks.values = false;
        scene.room_names = false;
        scene.dimensions = false;
        if (const auto answer = kept_.daylight(option.id)) scene.maps = report::daylight_maps(*answer);
        report::draw_plan(painter, scene, report::PlanView::fit(option, 0, box), ink(), box);
        painter.restore();
        QFont font = painter.font();
        font.setPixelSize(type::body);
        font.setWeight(i == document_.option_index() ? QFont::Bold : QFont::Normal);
        painter.setFont(font);
        painter.setPen(i == document_.option_index() ? ink().accent : ink().ink);
        painter.drawText(QRectF(cell(i).left() + 8, 2, cell(i).width() - 16, 22), Qt::AlignCenter,
                         QString::fromStdString(option.name));
        if (!scene.maps.empty()) continue;
        QRectF plate(0, 0, painter.fontMetrics().horizontalAdvance(QObject::tr("not asked yet")) + 16, 22);
        plate.moveCenter(box.center());
        painter.fillRect(plate, ink().paper);
        painter.drawText(plate, Qt::AlignCenter, QObject::tr("not asked yet"));
    }
    report::draw_legend(painter, scale, QObject::tr("Daylight factor, all options on one scale"), QStringLiteral("%"),
                        ink(), QRectF(width() / 2.0 - 190, height() - 54, 380, 50));
}

void OptionMaps::mousePressEvent(QMouseEvent* event) {
    for (size_t i = 0; i < document_.project().options.size(); ++i)
        if (cell(i).contains(event->position())) document_.show_option(i);
}

ComparePanel::ComparePanel(Document& document, const KeptAnswers& kept, QWidget* parent)
    : QWidget(parent),
      document_(document),
      kept_(kept),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Comparing the options"), this,
          [this](const Comparison& asked) { return comparer_.compare(asked); },
          [this](const Comparison& found) { show_comparison(found); }, [this] { asked_.clear(); }) {
    setObjectName(QStringLiteral("panel"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    auto* top = new QHBoxLayout;
    top->setSpacing(space::medium);
    top->addWidget(new OptionMaps(document, kept), 5);
    differences_ = new DifferencesView(document);
    top->addWidget(differences_, 2);
    layout->addLayout(top, 3);
    auto* ask = new QPushButton(QObject::tr("Calculate all options"));
    ask->setObjectName(QStringLiteral("ask-all"));
    ask->setProperty("role", QStringLiteral("main"));
    ask->setToolTip(
        QObject::tr("Runs the daylight factor and the year of every option whose answer is missing or stale"));
    connect(ask, &QPushButton::clicked, this, &ComparePanel::ask_all);
    auto* figures = new QPushButton(QObject::tr("Figures"));
    figures->setObjectName(QStringLiteral("compared-figures"));
    figures->setToolTip(QObject::tr("Which figures the table has of each room"));
    menu_ = new QMenu(figures);
    figures->setMenu(menu_);
    build_menu();
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(ask);
    buttons->addWidget(figures);
    rows_ = new QComboBox;
    rows_->setObjectName(QStringLiteral("compared-rows"));
    rows_->setAccessibleName(QObject::tr("Rows of the table"));
    rows_->addItems({QObject::tr("Room by room"), QObject::tr("Figure by figure"), QObject::tr("The whole building")});
    connect(rows_, &QComboBox::activated, this, &ComparePanel::show_table);
    buttons->addWidget(rows_);
    auto* options = plain_button("manage-options", QObject::tr("Options \u2026"), this);
    options->setToolTip(QObject::tr("Names, notes and order of the options; new ones, and away with others"));
    connect(options, &QPushButton::clicked, this, &ComparePanel::manage_options);
    buttons->addWidget(options);
    auto* decide = plain_button("decide-option", QObject::tr("Decide \u2026"), this);
    decide->setToolTip(QObject::tr("Which option it is to be, and why: told in the report"));
    connect(decide, &QPushButton::clicked, this, [this] { DecisionDialog(document_, suggestion_, this).exec(); });
    buttons->addWidget(decide);
    decision_ = label(QString(), "small", this);
    decision_->setObjectName(QStringLiteral("decision"));
    buttons->addWidget(decision_, 1);
    layout->addLayout(buttons);
    pulls_ = label(QString(), nullptr, this);
    pulls_->setObjectName(QStringLiteral("compared-pulls"));
    layout->addWidget(pulls_);
    table_ = figure_table("comparison", QObject::tr("All options in one table"));
    table_->setAlternatingRowColors(true);
    table_->verticalHeader()->setDefaultSectionSize(22);
    layout->addWidget(table_, 4);
    connect(table_->horizontalHeader(), &QHeaderView::sectionClicked, this, &ComparePanel::sort_by);
    connect(table_, &QTableWidget::cellDoubleClicked, this, &ComparePanel::give_value);
    connect(&document, &Document::project_changed, this, &ComparePanel::refresh);
    connect(&kept, &KeptAnswers::changed, this, &ComparePanel::refresh);
    connect(&document, &Document::option_changed, this, &ComparePanel::refresh);
    connect(differences_, &DifferencesView::base_changed, this, &ComparePanel::refresh);
    refresh();
}

void ComparePanel::manage_options() { OptionsDialog(document_, this).exec(); }

std::vector<ComparedLine> ComparePanel::all_lines() {
    std::vector<ComparedLine> out;
    for (const auto& line : figure::lines()) out.push_back({line.measure, line.wanted, name_of_line(line)});
    return out;
}

void ComparePanel::build_menu() {
    // As many as a middling building shows without scrolling.
    const auto is_first = [](const ComparedLine& line) {
        return line.wanted.figure == "daylight_factor" ? line.measure->id == std::string_view("mean")
                                                       : line.measure->id == std::string_view("spatial_autonomy");
    };
    const auto all = all_lines();
    auto* by_hand = menu_->addAction(QObject::tr("A figure given by hand \u2026"));
    by_hand->setObjectName(QStringLiteral("add-hand-figure"));
    connect(by_hand, &QAction::triggered, this, &ComparePanel::add_hand_figure);
    menu_->addSeparator();
    for (const auto& line : all) {
        auto* action = menu_->addAction(line.name);
        action->setCheckable(true);
        action->setChecked(is_first(line));
        connect(action, &QAction::toggled, this, [this, line](bool on) {
            if (on)
                lines_.push_back(line);
            else
                std::erase(lines_, line);
            refresh();
        });
    }
    std::ranges::copy_if(all, std::back_inserter(lines_), is_first);
    // The figure that is known at once before the one that needs a year.
    std::ranges::reverse(lines_);
}

namespace {

QString band_text(const ComparedLine& line, const std::optional<figure::Band>& band) {
    if (!band) return QStringLiteral("\u2013");
    const double unit = line.measure->is_share ? 100 : 1, half = unit * (band->high - band->low) / 2;
    const QString words = language::words(figure::unit_of(*line.measure, line.wanted));
    const QString value =
        line.measure->is_share ? language::number(unit * band->value, 'f', 0) : report::figure(unit * band->value);
    const bool told = half > 0 && std::string_view(line.measure->id) == "mean";
    return value + (told ? QStringLiteral(" \u00b1 %1").arg(report::error_figure(half)) : QString()) +
           (words.isEmpty() ? QString() : QStringLiteral(" ") + words);
}

}  // namespace

namespace {

// The value, and what it is against the base. What beats all others beyond the errors is bold.
QTableWidgetItem* cell_of(const Comparison& found, std::optional<size_t> room, size_t line, size_t option) {
    const auto& of = found.lines[line];
    QString text = band_text(of, found.value(room, line, option));
    QString tip;
    if (const auto change = found.change(room, line, option)) {
        const QString base = QString::fromStdString(found.options[*found.base].project->options[*found.base].name);
        text += change->told_apart ? QStringLiteral("  (%1)").arg(change_words(of, change->by))
                                   : QStringLiteral("  (\u2248)");
        const QString error = change_words(of, change->error).mid(1);
        tip = change->told_apart
                  ? QObject::tr("%1 against %2, within %3").arg(change_words(of, change->by), base, error)
                  : QObject::tr("Not told apart from %1: the difference lies within the error of %2").arg(base, error);
    }
    auto* item = new QTableWidgetItem(text);
    item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
    if (found.is_best(room, line, option)) {
        QFont font = item->font();
        font.setBold(true);
        item->setFont(font);
        tip = tip.isEmpty() ? QObject::tr("The best of all, beyond the errors")
                            : QStringLiteral("%1\n%2").arg(QObject::tr("The best of all, beyond the errors"), tip);
    }
    item->setToolTip(tip);
    return item;
}

}  // namespace

void ComparePanel::show_pulls(const Comparison& found) {
    const auto pulls = pulls_of(found);
    const auto& options = found.options.front().project->options;
    const QString name = QString::fromStdString(options[found.shown].name),
                  base = found.base ? QString::fromStdString(options[*found.base].name) : QString();
    QStringList lines;
    if (!pulls.gains.isEmpty())
        lines << QObject::tr("<b>%1 gains</b> on %2: %3.")
                     .arg(name.toHtmlEscaped(), base.toHtmlEscaped(), pulls.gains.join(QStringLiteral(", ")));
    if (!pulls.losses.isEmpty())
        lines << QObject::tr("<b>It loses</b>: %1.").arg(pulls.losses.join(QStringLiteral(", ")));
    if (lines.isEmpty() && !pulls.nothing_known)
        lines << QObject::tr("%1 and %2 are not told apart by these figures.")
                     .arg(name.toHtmlEscaped(), base.toHtmlEscaped());
    pulls_->setText(lines.join(QLatin1Char(' ')));
    // What speaks for it, as words to begin with.
    suggestion_ = pulls.gains.isEmpty()
                      ? QString()
                      : QObject::tr("Against %1: %2").arg(base, pulls.gains.join(QStringLiteral(", ")));
    if (!suggestion_.isEmpty() && !pulls.losses.isEmpty())
        suggestion_ += QStringLiteral(". ") + QObject::tr("Given up: %1").arg(pulls.losses.join(QStringLiteral(", ")));
    pulls_->setVisible(!lines.isEmpty());
}

// Figures of years take longer than a hand may wait: the table follows.
void ComparePanel::refresh() {
    if (!isVisible()) return;
    Comparison asked;
    asked.lines = lines_;
    asked.shown = document_.option_index();
    std::vector<std::shared_ptr<const void>> asks{document_.snapshot()};
    for (size_t i = 0; i < document_.project().options.size(); ++i) {
        asked.options.push_back(hold_answers(document_, kept_, i));
        for (auto& one : asked.options.back().holds()) asks.push_back(std::move(one));
    }
    std::set<model::Id> seen;
    for (const auto& plane : document_.option().planes)
        if (model::find_room(document_.option(), plane.room) && seen.insert(plane.room).second)
            asked.rooms.push_back(plane.room);
    asks.push_back(std::shared_ptr<const void>(document_.snapshot(), &document_.option()));
    const model::Id base = differences_->base();
    for (size_t i = 0; i < document_.project().options.size(); ++i)
        if (document_.project().options[i].id == base) asked.base = i;
    if (asks == asked_ && lines_ == asked_lines_ && base == asked_base_) return;
    asked_ = std::move(asks);
    asked_base_ = base;
    asked_lines_ = lines_;
    worker_.ask(std::move(asked));
}

void ComparePanel::show_decision(const model::Project& project) {
    const auto* chosen = model::find(project.options, project.decision.option);
    decision_->setText(chosen == nullptr
                           ? QString()
                           : QObject::tr("Decided for %1%2", "an option; who and when")
                                 .arg(QString::fromStdString(chosen->name),
                                      project.decision.day.empty()
                                          ? QString()
                                          : QStringLiteral(", %1").arg(QString::fromStdString(project.decision.day))));
    decision_->setToolTip(QString::fromStdString(project.decision.reasons));
}

// Rows that are typed, not computed: a double click on a cell asks for its value.
void ComparePanel::add_hand_figures(const model::Project& project) {
    hand_rows_ = table_->rowCount();
    table_->setRowCount(hand_rows_ + static_cast<int>(project.hand_figures.size()));
    for (size_t f = 0; f < project.hand_figures.size(); ++f) {
        const auto& figure = project.hand_figures[f];
        const int row = hand_rows_ + static_cast<int>(f);
        table_->setItem(row, 0, new QTableWidgetItem(f == 0 ? QObject::tr("Given by hand") : QString()));
        table_->setItem(row, 1, new QTableWidgetItem(QString::fromStdString(figure.name)));
        std::optional<double> best;
        for (const auto& v : figure.values)
            if (figure.better != model::HandFigure::Better::unsaid && figure.values.size() > 1 &&
                (!best || (figure.better == model::HandFigure::Better::lower ? v.value < *best : v.value > *best)))
                best = v.value;
        for (size_t c = 0; c < project.options.size(); ++c) {
            const auto at = std::ranges::find(figure.values, project.options[c].id, &model::HandValue::option);
            const bool there = at != figure.values.end();
            auto* item = new QTableWidgetItem(there ? language::number(at->value, 'g', 8) + QStringLiteral(" ") +
                                                          QString::fromStdString(figure.unit)
                                                    : QStringLiteral("\u2013"));
            item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            item->setToolTip(QObject::tr("Double-click to give it"));
            QFont font = item->font();
            font.setBold(there && best && at->value == *best);
            item->setFont(font);
            table_->setItem(row, 2 + static_cast<int>(c), item);
        }
    }
}

void ComparePanel::give_value(int row, int column) {
    const auto& project = document_.project();
    const int figure = row - hand_rows_, option = column - 2;
    if (figure < 0 || figure >= static_cast<int>(project.hand_figures.size()) || option < 0 ||
        option >= static_cast<int>(project.options.size()))
        return;
    const auto& of = project.hand_figures[static_cast<size_t>(figure)];
    const model::Id id = project.options[static_cast<size_t>(option)].id;
    const auto at = std::ranges::find(of.values, id, &model::HandValue::option);
    double value = at != of.values.end() ? at->value : 0;
    FigureBox box(this, QString::fromStdString(of.name));
    box.number(QString::fromStdString(project.options[static_cast<size_t>(option)].name +
                                      (of.unit.empty() ? "" : " [" + of.unit + "]")),
               value, Unit::plain, "hand-value");
    if (!box.ask()) return;
    document_.edit(QObject::tr("Figure given by hand"), [&](model::Project& p) {
        auto& values = p.hand_figures[static_cast<size_t>(figure)].values;
        if (const auto there = std::ranges::find(values, id, &model::HandValue::option); there != values.end())
            there->value = value;
        else
            values.push_back({id, value});
    });
}

void ComparePanel::add_hand_figure() {
    QDialog dialog(this);
    dialog.setObjectName(QStringLiteral("hand-figure"));
    dialog.setWindowTitle(QObject::tr("A figure given by hand"));
    auto* form = new QFormLayout(&dialog);
    auto *name = new QLineEdit(&dialog), *unit = new QLineEdit(&dialog);
    name->setObjectName(QStringLiteral("hand-name"));
    name->setPlaceholderText(QObject::tr("Cost, weight, area to let \u2026"));
    unit->setObjectName(QStringLiteral("hand-unit"));
    auto* better = new QComboBox(&dialog);
    better->addItems({QObject::tr("less"), QObject::tr("more"), QObject::tr("neither")});
    form->addRow(QObject::tr("Name"), name);
    form->addRow(QObject::tr("Unit"), unit);
    form->addRow(QObject::tr("Better is"), better);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, &dialog);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    form->addRow(buttons);
    name_fields(*form);
    if (dialog.exec() != QDialog::Accepted || name->text().trimmed().isEmpty()) return;
    using Better = model::HandFigure::Better;
    constexpr Better ways[] = {Better::lower, Better::higher, Better::unsaid};
    document_.edit(QObject::tr("Figure given by hand"), [&](model::Project& p) {
        p.hand_figures.push_back({model::unused_id(p.hand_figures, "hand"),
                                  name->text().trimmed().toStdString(),
                                  unit->text().trimmed().toStdString(),
                                  ways[better->currentIndex()],
                                  {}});
    });
}

// Room by room, figure by figure, or folded to the whole building; rooms of a figure in the order of the option whose
// head was clicked.
std::vector<std::pair<std::optional<size_t>, size_t>> ComparePanel::rows_of(const Comparison& found) const {
    std::vector<std::pair<std::optional<size_t>, size_t>> out;
    const auto way = static_cast<Rows>(rows_->currentIndex());
    if (way == Rows::by_room) {
        for (size_t r = 0; r < found.rooms.size(); ++r)
            for (size_t l = 0; l < found.lines.size(); ++l) out.emplace_back(r, l);
        return out;
    }
    for (size_t l = 0; l < found.lines.size(); ++l) {
        if (way == Rows::whole) {
            out.emplace_back(std::nullopt, l);
            continue;
        }
        const size_t first = out.size();
        for (size_t r = 0; r < found.rooms.size(); ++r) out.emplace_back(r, l);
        const size_t option = static_cast<size_t>(sorted_by_);
        if (sorted_by_ < 0 || option >= found.options.size()) continue;
        std::stable_sort(out.begin() + static_cast<std::ptrdiff_t>(first), out.end(),
                         [&](const auto& a, const auto& b) {
                             const auto x = found.value(a.first, l, option), y = found.value(b.first, l, option);
                             if (!x || !y) return x.has_value() && !y.has_value();
                             return rising_ ? x->value < y->value : x->value > y->value;
                         });
    }
    return out;
}

void ComparePanel::sort_by(int column) {
    if (column < 2) return;
    rising_ = sorted_by_ == column - 2 && !rising_;
    sorted_by_ = column - 2;
    rows_->setCurrentIndex(static_cast<int>(Rows::by_figure));
    show_table();
}

void ComparePanel::show_comparison(const Comparison& found) {
    shown_ = found;
    show_pulls(found);
    show_decision(document_.project());
    show_table();
}

void ComparePanel::show_table() {
    if (!shown_) return;
    const Comparison& found = *shown_;
    const auto& project = *found.options.front().project;
    table_->clear();
    QStringList heads{QObject::tr("Room"), QObject::tr("Figure")};
    for (const auto& option : project.options) heads << QString::fromStdString(option.name);
    set_heads(*table_, heads, [](int column) { return column >= 2; });
    const auto rows = rows_of(found);
    table_->setRowCount(static_cast<int>(rows.size()));
    for (size_t i = 0; i < rows.size(); ++i) {
        const auto [r, l] = rows[i];
        const int row = static_cast<int>(i);
        // What the row before says already is not said again.
        const bool same_room = i > 0 && rows[i - 1].first == r, same_line = i > 0 && rows[i - 1].second == l;
        const auto place =
            r ? model::find_room(project.options[found.shown], found.rooms[*r]) : model::ConstRoomPlace{};
        const QString name = r ? QString::fromStdString(place.room->name) : QObject::tr("The whole building");
        table_->setItem(row, 0, new QTableWidgetItem(same_room ? QString() : name));
        table_->setItem(row, 1, new QTableWidgetItem(same_line ? QString() : found.lines[l].name));
        for (size_t c = 0; c < found.options.size(); ++c)
            table_->setItem(row, 2 + static_cast<int>(c), cell_of(found, r, l, c));
    }
    add_hand_figures(project);
    for (size_t c = 0; c < project.options.size(); ++c)
        table_->setColumnHidden(2 + static_cast<int>(c), project.options[c].archived && c != found.shown);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    for (const int column : {0, 1})
        table_->horizontalHeader()->setSectionResizeMode(column, QHeaderView::ResizeToContents);
}

}  // namespace wp::gui
