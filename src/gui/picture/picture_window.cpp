// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/picture/picture_window.h"

#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QMenu>
#include <QMessageBox>
#include <QSplitter>
#include <QVBoxLayout>
#include <algorithm>

#include "base/file.h"
#include "exchange/picture_file.h"
#include "exchange/tables.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/saving/save.h"
#include "question/ask.h"
#include "question/view_pose.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

using Choice = model::PictureChoice;
using Against = model::SourceChoice::Against;
using Look = report::PictureStyle::Look;

PictureWindow::PictureWindow(Desktop& desktop)
    : QWidget(desktop.window(), Qt::Window),
      desktop_(desktop),
      worker_(QT_TRANSLATE_NOOP("QObject", "The picture's figures"), this, prepare,
              [this](const Prepared& found) { take(found); }) {
    setObjectName(QStringLiteral("picture-window"));
    setWindowTitle(QObject::tr("Picture"));
    resize(1240, 780);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(build_taking());
    column->addWidget(build_looking());
    build_views(*column);
    connect(&desktop.answers(), &KeptAnswers::changed, this, &PictureWindow::refresh);
    connect(&desktop.document(), &Document::option_changed, this, &PictureWindow::refresh);
    for (const auto signal : {&Document::option_changed, &Document::project_changed, &Document::selection_changed})
        connect(&desktop.document(), signal, this, [this] {
            if (isVisible()) follow_taking();
        });
    connect(&desktop.legends(), &Legends::changed, this, &PictureWindow::show_scale);
    fill_choices();
    follow_taking();
}

void PictureWindow::showEvent(QShowEvent*) {
    desktop_.asker().eye().watch(this, true);
    follow_taking();
    refresh();
}

void PictureWindow::hideEvent(QHideEvent*) { desktop_.asker().eye().watch(this, false); }

void PictureWindow::follow_taking() {
    fill_places();
    const Choice& choice = desktop_.asker().eye().choice();
    lens_->setCurrentIndex(static_cast<int>(choice.lens));
    of_->setCurrentIndex(static_cast<int>(choice.of));
    blinds_->setCurrentIndex(static_cast<int>(choice.blinds));
    bands_->setCurrentIndex(bands_->findData(desktop_.asker().eye().bands()));
    sky_colour_->setCurrentIndex(static_cast<int>(desktop_.asker().eye().sky_colour()));
    for (auto* box : {bands_, sky_colour_}) box->setVisible(choice.of == Choice::Of::wavelengths);
    const auto* const size = std::ranges::lower_bound(kSizes, choice.pixels);
    pixels_->setCurrentIndex(static_cast<int>(std::min<std::ptrdiff_t>(size - kSizes, std::size(kSizes) - 1)));
}

// Observers in each of their directions, then named views, then a place of its own that is looked from.
void PictureWindow::fill_places() {
    const auto& option = desktop_.document().option();
    const LiveEye& eye = desktop_.asker().eye();
    const model::Question now = eye.hindrance().isEmpty() ? eye.question() : model::Question();
    from_->clear();
    int shown = -1;
    const auto add = [&](const std::string& name, const QVariant& place, bool is_it) {
        if (is_it) shown = from_->count();
        from_->addItem(QString::fromStdString(name), place);
    };
    for (const auto& observer : option.observers)
        for (size_t k = 0; k < model::headings(observer).size(); ++k)
            add(model::view_name(observer, k), QVariantList{QString::fromStdString(observer.id), static_cast<int>(k)},
                now.observer == observer.id && now.heading == static_cast<int>(k));
    for (const auto& view : option.views)
        add(view.name, QVariantList{QString::fromStdString(view.id), -1},
            now.observer.empty() && now.name == view.name);
    if (shown < 0 && now.observer.empty() && !now.name.empty()) add(now.name, {}, true);
    from_->setCurrentIndex(shown);
    from_->setEnabled(from_->count() > 0);
}

void PictureWindow::look_from_place(int index) {
    const QVariantList place = from_->itemData(index).toList();
    if (place.size() != 2) return;
    const auto& option = desktop_.document().option();
    LiveEye& eye = desktop_.asker().eye();
    Choice choice = eye.choice();
    const model::Id id = place[0].toString().toStdString();
    if (const auto* view = model::find(option.views, id); view != nullptr && place[1].toInt() < 0) {
        model::Question asked;
        asked.picture = choice;
        asked = question::from_view(option, *view, asked);
        eye.take_as(asked.picture);
        eye.look_from(
            {asked.picture.from, asked.picture.heading, asked.picture.altitude, QString::fromStdString(view->name)});
    } else {
        // No eye sees as a plan does.
        if (choice.lens == Choice::Lens::parallel) choice.lens = Choice::Lens::hemisphere;
        eye.take_as(choice);
        eye.look_through(id, place[1].toInt());
    }
    follow_taking();
    shown_->setCurrentIndex(0);
    refresh();
}

void PictureWindow::change_taking() {
    Choice choice = desktop_.asker().eye().choice();
    choice.lens = static_cast<Choice::Lens>(lens_->currentIndex());
    choice.of = static_cast<Choice::Of>(of_->currentIndex());
    choice.blinds = static_cast<Choice::Blinds>(blinds_->currentIndex());
    choice.pixels = kSizes[pixels_->currentIndex()];
    desktop_.asker().eye().take_as(choice);
    follow_taking();
    shown_->setCurrentIndex(0);
    refresh();
}

void PictureWindow::change_bands() {
    desktop_.asker().eye().take_bands(bands_->currentData().toInt(),
                                      static_cast<model::SkyColour>(sky_colour_->currentIndex()));
    shown_->setCurrentIndex(0);
    refresh();
}

// What of the picture itself stands beside it.
std::optional<light::PictureOf> PictureWindow::beside_as() const {
    const QVariant what = beside_->currentData();
    return what.isValid() ? std::optional(static_cast<light::PictureOf>(what.toInt())) : std::nullopt;
}

// The light that is pointed at, of a picture by wavelength.
void PictureWindow::show_light() {
    const Answer answer = left_->answer();
    if (answer == nullptr) return;
    const auto pointed = left_->look().pointed;
    const auto& lens = answer->picture.lens;
    std::optional<size_t> pixel;
    if (pointed && question::value_at(answer->picture, *pointed))
        pixel = static_cast<size_t>(pointed->y) * static_cast<size_t>(lens.width) + static_cast<size_t>(pointed->x);
    facts_->show_light(*answer, pixel);
}

void PictureWindow::set_rule(const model::SourceChoice& rule) {
    rule_ = rule;
    against_->setCurrentIndex(static_cast<int>(rule.against));
    refresh();
}

void PictureWindow::change_rule() {
    rule_.against = static_cast<Against>(against_->currentIndex());
    if (rule_.against == Against::task_zone) zone_->setChecked(true);
    refresh();
}

report::PictureStyle PictureWindow::style() const {
    report::PictureStyle out;
    out.look = static_cast<Look>(look_->currentIndex());
    out.stops = stops_->value();
    out.quiet = quiet_->isChecked();
    out.lines = lines_->isChecked() || lines_on_;
    out.sources = sources_->isChecked();
    out.zone = zone_->isChecked();
    out.scale = scale_;
    return out;
}

void PictureWindow::restyle() {
    stops_->setVisible(look_->currentIndex() == static_cast<int>(Look::exposed) ||
                       look_->currentIndex() == static_cast<int>(Look::coloured));
    const auto drag = zone_->isChecked()     ? PictureView::Drag::zone
                      : circle_->isChecked() ? PictureView::Drag::circle
                                             : PictureView::Drag::rectangle;
    const bool coloured = look_->currentIndex() == static_cast<int>(Look::false_colour);
    contact_->set_style(style());
    for (auto* view : {left_, right_}) {
        auto own = style();
        if (scale_.difference) own.look = Look::false_colour, own.sources = false;
        // What is read of bands has no colours of its own, and its ratio a scale of its own.
        if (view == right_ && beside_as()) own.look = Look::false_colour;
        if (view == right_ && beside_as() == light::PictureOf::ratio)
            own.scale =
                report::picture_scale(right_->answer() != nullptr ? right_->answer()->picture : light::Picture());
        view->set_style(own);
        view->set_drag(drag);
    }
    legend_->setEnabled(coloured || scale_.difference);
    if (left_->answer() != nullptr)
        facts_->show_answer(*left_->answer(), scale_,
                            shown_->currentIndex() <= 0 && desktop_.asker().eye().is_settling());
}

// Of a choice whose first entries are no held pictures; the last of these is the living one.
PictureWindow::Answer PictureWindow::chosen(const QComboBox& choice, int first) const {
    const int at = choice.currentIndex() - first;
    if (at == 0) return desktop_.answers().glare(desktop_.document().option().id);
    return at > 0 && at <= static_cast<int>(held_.size()) ? held_[static_cast<size_t>(at - 1)].answer : nullptr;
}

QString PictureWindow::title_of(const QComboBox& choice, int first) const {
    const int at = choice.currentIndex() - first;
    if (at > 0 && at <= static_cast<int>(held_.size())) return held_[static_cast<size_t>(at - 1)].title;
    const auto answer = chosen(choice, first);
    return answer == nullptr ? QString()
                             : QStringLiteral("%1, %2").arg(QString::fromStdString(answer->observer.name),
                                                            language::text(answer->moment));
}

void PictureWindow::fill_choices() {
    filling_ = true;
    const int shown = std::max(shown_->currentIndex(), 0), beside = std::max(beside_->currentIndex(), 0);
    shown_->clear();
    beside_->clear();
    shown_->addItem(QObject::tr("What is seen now"));
    beside_->addItem(QObject::tr("nothing"));
    beside_->addItem(QObject::tr("its melanopic light"), static_cast<int>(light::PictureOf::melanopic));
    beside_->addItem(QObject::tr("melanopic to photopic"), static_cast<int>(light::PictureOf::ratio));
    beside_->addItem(QObject::tr("what is seen now"));
    for (const Held& held : held_) {
        shown_->addItem(held.title);
        beside_->addItem(held.title);
    }
    shown_->setCurrentIndex(std::min(shown, shown_->count() - 1));
    beside_->setCurrentIndex(std::min(beside, beside_->count() - 1));
    filling_ = false;
}

void PictureWindow::refresh() {
    if (filling_ || !isVisible()) return;
    const Answer left = chosen(*shown_, 0);
    const auto read_as = left != nullptr && left->spectral != nullptr ? beside_as() : std::nullopt;
    const Answer right = beside_->currentIndex() > 0 && !beside_as() ? chosen(*beside_, kBeforeHeld) : nullptr;
    difference_->setEnabled(right != nullptr);
    if (left == nullptr) {
        left_->set_title(desktop_.asker().eye().hindrance());
        left_->show_answer(nullptr);
        return;
    }
    worker_.ask({left, right, question::source_rule(rule_), right != nullptr && difference_->isChecked(), read_as});
}

PictureWindow::Prepared PictureWindow::prepare(const Wanted& wanted) {
    const auto judged = [&](const Answer& answer) -> Answer {
        if (answer == nullptr) return nullptr;
        return std::make_shared<const question::GlareAnswer>(question::judged_anew(*answer, wanted.rule));
    };
    Prepared out{judged(wanted.left), judged(wanted.right)};
    if (wanted.read_as)
        out.right = std::make_shared<const question::GlareAnswer>(question::read_as(*wanted.left, *wanted.read_as));
    if (!wanted.difference) return out;
    const auto apart = question::difference(out.left->picture, out.right->picture);
    out.alike = apart.has_value();
    if (!apart) return out;
    auto answer = std::make_shared<question::GlareAnswer>(*out.left);
    answer->picture = *apart;
    answer->judged = false;
    answer->sources.clear();
    out.left = std::move(answer);
    out.right.reset();
    out.difference = true;
    return out;
}

void PictureWindow::take(const Prepared& found) {
    left_->show_answer(found.left);
    right_->setVisible(found.right != nullptr);
    right_->show_answer(found.right);
    const QString left = title_of(*shown_, 0);
    QString right = beside_as() ? QString() : title_of(*beside_, kBeforeHeld);
    if (found.right != nullptr && beside_as())
        right = QObject::tr("%1, by bands").arg(report::quantity_words(found.right->picture));
    if (found.right != nullptr && found.right->picture.of == light::PictureOf::ratio) {
        const report::Scale scale = report::picture_scale(found.right->picture);
        right += QObject::tr(": dark %1, bright %2")
                     .arg(language::number(scale.bottom, 'g', 2), language::number(scale.top, 'g', 2));
    }
    left_->set_title(found.difference ? QObject::tr("%1, less %2").arg(left, right) : left);
    right_->set_title(right);
    setWindowTitle(QObject::tr("Picture: %1").arg(left));
    if (!found.alike) left_->set_title(QObject::tr("These two cannot be told apart: their lenses or sizes differ"));
    show_scale();
    facts_->show_region(*found.left, left_->region());
    show_light();
}

// The legend is as free as the sheet's: it takes its ends, its steps and its lines from the same place.
void PictureWindow::show_scale() {
    const auto answer = left_->answer();
    const auto& many = desktop_.asker().pictures().pictures();
    const bool sheet = is_sheet() && !many.empty();
    if (answer == nullptr && !sheet) return;
    const light::Picture& picture = sheet ? many.front().small.picture : answer->picture;
    SheetMap map;
    map.figure =
        picture.of == light::PictureOf::luminance ? QStringLiteral("luminance") : QStringLiteral("falling_light");
    map.name = report::quantity_words(picture);
    map.unit = report::unit_words(picture);
    map.scale = sheet ? report::contact_scale(many) : report::picture_scale(picture);
    const bool apart = !sheet && difference_->isChecked() && !answer->judged && beside_->currentIndex() > 0;
    if (apart) {
        double most = 0;
        std::vector<float> sizes;
        for (const float v : picture.value) sizes.push_back(std::fabs(v));
        const auto at = sizes.begin() + static_cast<std::ptrdiff_t>(sizes.size() * 99 / 100);
        std::nth_element(sizes.begin(), at, sizes.end());
        most = report::nice_top(std::max(static_cast<double>(*at), 1.0));
        map.scale = {-most, most, false, 0, true};
    }
    // One value, so that there is something the legend belongs to.
    report::MapLayer layer;
    layer.value = {picture.field};
    map.layers = {layer};
    if (!apart) desktop_.legends().dress(map, [] { return std::vector<report::Scale>{}; });
    scale_ = map.scale;
    lines_on_ = map.marks.contours && !apart;
    legend_->show_map(map);
    restyle();
}

void PictureWindow::add_held(const QString& title, Answer answer) {
    held_.push_back({QStringLiteral("%1. %2").arg(held_.size() + 1).arg(title), std::move(answer)});
    fill_choices();
}

void PictureWindow::hold_picture() {
    const Answer answer = chosen(*shown_, 0);
    if (answer == nullptr) return;
    add_held(title_of(*shown_, 0), answer);
    beside_->setCurrentIndex(beside_->count() - 1);
    refresh();
}

void PictureWindow::fault(const Fault& what) {
    QMessageBox::warning(this, QObject::tr("Picture"), language::line(what));
}

std::optional<light::Lens> PictureWindow::ask_lens(const QString& name, const light::Lens& guess) {
    QDialog dialog(this);
    dialog.setWindowTitle(QObject::tr("The lens of %1").arg(name));
    auto* form = new QFormLayout(&dialog);
    form->addRow(new QLabel(QObject::tr("The file does not say through which lens it was taken.")));
    auto* kind = box(
        "ask-lens", QObject::tr("Lens"),
        {QObject::tr("Hemisphere"), QObject::tr("All around"), QObject::tr("Perspective"), QObject::tr("Parallel")});
    kind->setCurrentIndex(static_cast<int>(guess.kind));
    auto* field = new QDoubleSpinBox;
    field->setObjectName(QStringLiteral("ask-field"));
    field->setRange(1, 170);
    field->setValue(degrees(guess.field));
    field->setSuffix(QStringLiteral("\u00b0"));
    form->addRow(QObject::tr("Lens"), kind);
    form->addRow(QObject::tr("Seen across, of a perspective"), field);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    form->addRow(buttons);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    if (dialog.exec() != QDialog::Accepted) return {};
    light::Lens out;
    out.kind = static_cast<light::Lens::Kind>(kind->currentIndex());
    out.field = radians(field->value());
    return out;
}

void PictureWindow::open() {
    const QString file = QFileDialog::getOpenFileName(this, QObject::tr("A picture of luminances"), {},
                                                      QObject::tr("OpenEXR pictures (*.exr)"));
    if (!file.isEmpty()) open_file(file.toStdString());
}

void PictureWindow::open_file(const std::filesystem::path& path) {
    auto read = exchange::read_picture(path);
    const QString name = QString::fromStdString(path.filename().string());
    if (read && !read->knows_lens) {
        const auto lens = ask_lens(name, read->picture.lens);
        if (!lens) return;
        read = exchange::read_picture(path, lens);
    }
    if (!read) return fault(read.fault());
    auto answer = std::make_shared<question::GlareAnswer>();
    answer->picture = std::move(read->picture);
    answer->observer.name = path.filename().string();
    const light::Pose& pose = answer->picture.pose;
    answer->observer.heading = degrees(std::atan2(pose.forward.x, pose.forward.y));
    answer->observer.altitude = degrees(std::asin(std::clamp(pose.forward.z, -1.0, 1.0)));
    if (read->told.contains("sky")) answer->sky = read->told.at("sky");
    if (!read->knows_unit)
        desktop_.say(QObject::tr("%1 does not say what its numbers are: they are taken for cd/m\u00b2").arg(name));
    if (read->unusable > 0)
        desktop_.say(QObject::tr("%n pixels of %1 are no luminances and are taken for nought", nullptr,
                                 static_cast<int>(read->unusable))
                         .arg(name));
    add_held(name, std::move(answer));
    shown_->setCurrentIndex(shown_->count() - 1);
    refresh();
}

void PictureWindow::save(const QString& filter, const QString& suffix) {
    if (is_sheet() ? desktop_.asker().pictures().pictures().empty() : left_->answer() == nullptr) return;
    const QString file = file_to_write(this, QObject::tr("Save the picture"), filter, suffix, title_of(*shown_, 0));
    if (file.isEmpty()) return;
    if (const auto failed = save_as(file.toStdString())) fault(*failed);
}

Outcome PictureWindow::save_as(const std::filesystem::path& path) const {
    if (is_sheet()) return save_sheet(path);
    const auto& answer = *left_->answer();
    if (path.extension() == ".csv") return write_file(path, exchange::glare_csv(answer));
    if (path.extension() == ".exr") return exchange::write_picture(answer, path);
    return report::write_picture_page(answer, style(), path);
}

}  // namespace wp::gui
