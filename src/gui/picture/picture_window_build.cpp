// SPDX-License-Identifier: GPL-3.0-or-later
// The window's widgets, from top to bottom.
#include <QHBoxLayout>
#include <QMenu>
#include <QSplitter>
#include <QVBoxLayout>

#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/picture/picture_window.h"

namespace wp::gui {

namespace {

QLabel* word(const QString& text) {
    auto* label = new QLabel(text);
    label->setProperty("role", QStringLiteral("small"));
    return label;
}

// The legend stands in the middle of it.
class LegendFoot : public QWidget {
 public:
    explicit LegendFoot(Legends& legends) : legend(new LegendBar(legends, QStringLiteral("picture-legend"), this)) {
        setFixedHeight(legend->sizeHint().height() + 2 * space::tight);
    }
    LegendBar* legend;

 protected:
    void resizeEvent(QResizeEvent*) override { legend->place_in(size()); }
};

QHBoxLayout* bar_of(QWidget* bar) {
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(space::small, space::tight, space::small, 0);
    row->setSpacing(space::small);
    return row;
}

}  // namespace

QComboBox* PictureWindow::box(const char* name, const QString& title, const QStringList& entries) {
    auto* out = new QComboBox;
    out->setObjectName(QString::fromLatin1(name));
    out->setAccessibleName(title);
    out->setToolTip(title);
    out->addItems(entries);
    return out;
}

QToolButton* PictureWindow::tick(const char* name, const QString& title, const QString& tip, bool on) {
    auto* out = new QToolButton;
    out->setObjectName(QString::fromLatin1(name));
    out->setText(title);
    out->setToolTip(tip);
    out->setCheckable(true);
    out->setChecked(on);
    out->setProperty("role", QStringLiteral("tool"));
    return out;
}

// How the living picture is taken, and what of the others is shown.
QWidget* PictureWindow::build_taking() {
    auto* bar = new QWidget;
    auto* row = bar_of(bar);
    from_ = box("picture-from", QObject::tr("Seen from"), {});
    from_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    from_->setMinimumContentsLength(16);
    connect(from_, &QComboBox::activated, this, &PictureWindow::look_from_place);
    row->addWidget(from_);
    lens_ = box(
        "picture-lens", QObject::tr("Lens"),
        {QObject::tr("Hemisphere"), QObject::tr("All around"), QObject::tr("Perspective"), QObject::tr("Parallel")});
    of_ = box("picture-of", QObject::tr("What is pictured"),
              {QObject::tr("Luminance"), QObject::tr("Light that falls"), QObject::tr("By wavelength")});
    bands_ = box("picture-bands", QObject::tr("Bands of wavelength"), {});
    for (const int bands : {3, 9, 27, 81}) bands_->addItem(QObject::tr("%1 bands").arg(bands), bands);
    bands_->setToolTip(QObject::tr("Up to 11 are traced together: 9 take about three times as long as none"));
    sky_colour_ = box("picture-sky-colour", QObject::tr("Colour of the sky"),
                      {QObject::tr("Sky of D65"), QObject::tr("Sky by its luminance")});
    QStringList sizes;
    for (const int size : kSizes) sizes << QObject::tr("%1 px").arg(size);
    pixels_ = box("picture-pixels", QObject::tr("Pixels across"), sizes);
    blinds_ = box("picture-blinds", QObject::tr("Blinds"),
                  {QObject::tr("Blinds as they stand"), QObject::tr("Blinds open"), QObject::tr("Blinds closed")});
    for (auto* choice : {lens_, of_, pixels_, blinds_}) {
        connect(choice, &QComboBox::activated, this, &PictureWindow::change_taking);
        row->addWidget(choice);
    }
    for (auto* choice : {bands_, sky_colour_}) {
        connect(choice, &QComboBox::activated, this, &PictureWindow::change_bands);
        row->addWidget(choice);
    }
    row->addStretch(1);
    auto* many = worded_button("layout-grid", "picture-many", QObject::tr("Many\u2026"),
                               QObject::tr("Take pictures of several places, directions, hours and options together"));
    connect(many, &QToolButton::clicked, this, &PictureWindow::take_many);
    sheet_ = tick("picture-sheet", QObject::tr("Contact sheet"),
                  QObject::tr("All that were taken together; a click shows one large"), false);
    connect(sheet_, &QToolButton::toggled, this, &PictureWindow::show_sheet);
    row->addWidget(many);
    row->addWidget(sheet_);
    auto* hold = worded_button("bookmark-plus", "picture-hold", QObject::tr("Hold"),
                               QObject::tr("Keep this picture, to lay others beside it"));
    connect(hold, &QToolButton::clicked, this, &PictureWindow::hold_picture);
    auto* opening = worded_button("folder-open", "picture-open", QObject::tr("Open\u2026"),
                                  QObject::tr("Look at a picture from a file (OpenEXR)"));
    connect(opening, &QToolButton::clicked, this, &PictureWindow::open);
    auto* saving =
        worded_button("save", "picture-save", QObject::tr("Save\u2026"),
                      QObject::tr("As OpenEXR with its whole record, as PNG as seen, or its sources as CSV"));
    auto* forms = new QMenu(saving);
    const auto form = [&](const QString& title, const char* name, const char* suffix) {
        const QString filter = QStringLiteral("%1 (*%2)").arg(title, QString::fromLatin1(suffix));
        auto* action = forms->addAction(title);
        action->setObjectName(QString::fromLatin1(name));
        connect(action, &QAction::triggered, this,
                [this, filter, suffix] { save(filter, QString::fromLatin1(suffix)); });
    };
    form(QObject::tr("OpenEXR: values and record"), "save-exr", ".exr");
    form(QObject::tr("PNG: as seen"), "save-png", ".png");
    form(QObject::tr("CSV: sources of glare"), "save-csv", ".csv");
    saving->setMenu(forms);
    saving->setPopupMode(QToolButton::InstantPopup);
    for (auto* button : {hold, opening, saving}) row->addWidget(button);
    return bar;
}

QWidget* PictureWindow::build_looking() {
    auto* bar = new QWidget;
    auto* row = bar_of(bar);
    look_ = box("picture-look", QObject::tr("How it is shown"),
                {QObject::tr("False colour"), QObject::tr("Exposed"), QObject::tr("As an eye sees it"),
                 QObject::tr("In colour")});
    stops_ = new QDoubleSpinBox;
    stops_->setObjectName(QStringLiteral("picture-stops"));
    stops_->setAccessibleName(QObject::tr("Exposure in stops"));
    stops_->setToolTip(QObject::tr("Stops over an exposure that puts the log mean at middle grey"));
    stops_->setRange(-12, 12);
    stops_->setDecimals(1);
    stops_->setSingleStep(0.5);
    stops_->setSuffix(QObject::tr(" stops"));
    connect(look_, &QComboBox::currentIndexChanged, this, &PictureWindow::restyle);
    connect(stops_, &QDoubleSpinBox::valueChanged, this, &PictureWindow::restyle);
    quiet_ = tick("picture-quiet", QObject::tr("Quiet"),
                  QObject::tr("Even out chance for the eye; figures are never taken from that"), true);
    lines_ =
        tick("picture-lines", QObject::tr("Lines"), QObject::tr("Lines of equal value at the legend's marks"), false);
    sources_ =
        tick("picture-outlines", QObject::tr("Sources"), QObject::tr("Outline and number sources of glare"), true);
    zone_ = tick("picture-zone", QObject::tr("Task"), QObject::tr("Show the task's zone; drag it to where one works"),
                 false);
    circle_ = tick("picture-circle", QObject::tr("Circle"),
                   QObject::tr("Drag out circles for a mean, from their middle, not rectangles"), false);
    for (QWidget* part : std::initializer_list<QWidget*>{look_, stops_}) row->addWidget(part);
    for (auto* button : {quiet_, lines_, sources_, zone_, circle_}) {
        connect(button, &QToolButton::toggled, this, &PictureWindow::restyle);
        row->addWidget(button);
    }
    row->addSpacing(space::medium);
    row->addWidget(word(QObject::tr("a source is")));
    against_ = box("picture-against", QObject::tr("What counts as a source of glare"),
                   {QObject::tr("5 times the field's mean"), QObject::tr("5 times the task's mean"),
                    QObject::tr("2000 cd/m\u00b2 or more")});
    connect(against_, &QComboBox::activated, this, &PictureWindow::change_rule);
    row->addWidget(against_);
    row->addStretch(1);
    shown_ = box("picture-shown", QObject::tr("Picture"), {});
    beside_ = box("picture-beside", QObject::tr("Beside it"), {});
    for (auto* choice : {shown_, beside_}) {
        choice->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        choice->setMinimumContentsLength(17);
        connect(choice, &QComboBox::activated, this, &PictureWindow::refresh);
    }
    difference_ = tick("picture-difference", QObject::tr("Difference"),
                       QObject::tr("What the first has more of than the second, and less"), false);
    connect(difference_, &QToolButton::toggled, this, &PictureWindow::refresh);
    row->addWidget(shown_);
    row->addWidget(word(QObject::tr("beside")));
    row->addWidget(beside_);
    row->addWidget(difference_);
    return bar;
}

void PictureWindow::build_views(QBoxLayout& column) {
    auto* all = new QSplitter(Qt::Horizontal);
    auto* pictures = new QWidget;
    auto* grid = new QVBoxLayout(pictures);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setSpacing(0);
    auto* pair = new QHBoxLayout;
    pair->setSpacing(0);
    left_ = new PictureView("picture-left");
    right_ = new PictureView("picture-right");
    right_->hide();
    for (auto* view : {left_, right_}) {
        pair->addWidget(view, 1);
        auto* other = view == left_ ? right_ : left_;
        connect(view, &PictureView::looked, other, [view, other] { other->follow(view->look()); });
        connect(view, &PictureView::looked, this, &PictureWindow::show_light);
        connect(view, &PictureView::region_changed, this, [this, view] {
            if (view->answer() != nullptr) facts_->show_region(*view->answer(), view->region());
        });
        connect(view, &PictureView::zone_dragged, this, [this](double aside, double above) {
            rule_.zone_aside = aside;
            rule_.zone_above = above;
            refresh();
        });
    }
    contact_ = new ContactView(desktop_.asker().pictures());
    connect(contact_, &ContactView::chosen, this, &PictureWindow::show_one_of_many);
    connect(&desktop_.asker().pictures(), &TakenPictures::changed, this, [this] {
        if (is_sheet()) show_scale();
    });
    auto* single = new QWidget;
    pair->setContentsMargins(0, 0, 0, 0);
    single->setLayout(pair);
    stack_ = new QStackedWidget;
    stack_->addWidget(single);
    stack_->addWidget(contact_);
    grid->addWidget(stack_, 1);
    auto* foot = new LegendFoot(desktop_.legends());
    legend_ = foot->legend;
    grid->addWidget(foot);
    facts_ = new PictureFacts;
    side_ = new QWidget;
    auto* inner = new QVBoxLayout(side_);
    inner->setContentsMargins(space::medium, space::small, space::medium, space::small);
    inner->addWidget(facts_);
    side_->setMinimumWidth(370);
    all->addWidget(pictures);
    all->addWidget(side_);
    all->setStretchFactor(0, 1);
    all->setCollapsible(0, false);
    column.addWidget(all, 1);
}

}  // namespace wp::gui
