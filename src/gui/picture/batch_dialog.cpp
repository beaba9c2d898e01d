// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/picture/batch_dialog.h"

#include <QGridLayout>
#include <QPushButton>
#include <QRegularExpression>
#include <algorithm>

#include "gui/look/look.h"
#include "question/shots.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

using Directions = model::PictureBatch::Directions;

namespace {

constexpr double kApart[] = {90, 45, 30, 15};

// The days at which the sun stands highest, lowest and between.
constexpr climate::Moment kDays[] = {{3, 21, 0}, {6, 21, 0}, {9, 23, 0}, {12, 21, 0}};

void add(QListWidget& list, const QString& text, bool on) {
    auto* item = new QListWidgetItem(text, &list);
    item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable | Qt::ItemIsSelectable);
    item->setCheckState(on ? Qt::Checked : Qt::Unchecked);
}

std::vector<size_t> checked(const QListWidget& list) {
    std::vector<size_t> out;
    for (int i = 0; i < list.count(); ++i)
        if (list.item(i)->checkState() == Qt::Checked) out.push_back(static_cast<size_t>(i));
    return out;
}

QLabel* batch_title(const QString& text) {
    auto* out = new QLabel(text);
    out->setProperty("role", QStringLiteral("small"));
    return out;
}

QString duration_words(double seconds) {
    return seconds < 90 ? QObject::tr("about %L1 s").arg(std::max(seconds, 1.0), 0, 'f', 0)
                        : QObject::tr("about %L1 min").arg(seconds / 60, 0, 'f', 0);
}

}  // namespace

QListWidget* BatchDialog::list(const char* name, const QString& title) {
    auto* out = new QListWidget;
    out->setObjectName(QString::fromLatin1(name));
    out->setAccessibleName(title);
    out->setMinimumHeight(120);
    connect(out, &QListWidget::itemChanged, this, &BatchDialog::tell);
    return out;
}

BatchDialog::BatchDialog(QWidget* parent, const Document& document, const model::Question& one, double seconds)
    : QDialog(parent), document_(document), one_(one), seconds_(seconds) {
    setObjectName(QStringLiteral("batch-dialog"));
    setWindowTitle(QObject::tr("Take many pictures"));
    places_ = list("batch-places", QObject::tr("From"));
    for (const auto& observer : document.option().observers) add(*places_, QString::fromStdString(observer.name), true);
    for (const auto& view : document.option().views) add(*places_, QString::fromStdString(view.name), false);
    if (places_->count() == 0) add(*places_, QString::fromStdString(one.name), true);
    days_ = list("batch-days", QObject::tr("Days"));
    const auto& now = document.moment();
    add(*days_, QObject::tr("%1, as on the strip").arg(language::day_text(now)), true);
    for (const auto& day : kDays) add(*days_, language::day_text(day), false);
    options_ = list("batch-options", QObject::tr("Options"));
    const auto& all = document.project().options;
    for (size_t i = 0; i < all.size(); ++i)
        add(*options_, QString::fromStdString(all[i].name), i == document.option_index());
    directions_ = new QComboBox;
    directions_->setObjectName(QStringLiteral("batch-directions"));
    directions_->setAccessibleName(QObject::tr("Directions"));
    directions_->addItems({QObject::tr("As each looks first"), QObject::tr("All that each looks in")});
    for (const double apart : kApart) directions_->addItem(QObject::tr("All around, every %L1\u00b0").arg(apart));
    hours_ = new QLineEdit(QStringLiteral("9, 12, 15"));
    hours_->setObjectName(QStringLiteral("batch-hours"));
    hours_->setAccessibleName(QObject::tr("At hours of standard time"));
    keep_ = new QCheckBox(QObject::tr("Keep this question in the project"));
    keep_->setObjectName(QStringLiteral("batch-keep"));
    keep_->setToolTip(QObject::tr("The command line asks it too"));
    told_ = new QLabel;
    told_->setObjectName(QStringLiteral("batch-told"));
    told_->setWordWrap(true);
    buttons_ = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    buttons_->button(QDialogButtonBox::Ok)->setText(QObject::tr("Take them"));
    connect(buttons_, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons_, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(directions_, &QComboBox::currentIndexChanged, this, &BatchDialog::tell);
    connect(hours_, &QLineEdit::textChanged, this, &BatchDialog::tell);

    auto* grid = new QGridLayout(this);
    grid->setHorizontalSpacing(space::medium);
    int column = 0;
    for (auto* of : {places_, days_, options_}) {
        grid->addWidget(batch_title(of->accessibleName()), 0, column);
        grid->addWidget(of, 1, column++);
    }
    grid->addWidget(batch_title(directions_->accessibleName()), 2, 0);
    grid->addWidget(directions_, 3, 0);
    grid->addWidget(batch_title(hours_->accessibleName()), 2, 1);
    grid->addWidget(hours_, 3, 1);
    grid->addWidget(keep_, 3, 2);
    grid->addWidget(told_, 4, 0, 1, 3);
    grid->addWidget(buttons_, 5, 0, 1, 3);
    grid->setColumnStretch(0, 3);
    grid->setColumnStretch(1, 2);
    grid->setColumnStretch(2, 2);
    resize(760, 330);
    tell();
}

std::vector<size_t> BatchDialog::options() const { return checked(*options_); }

// Every chosen day at every hour; "10.5" and "10:30" are the same.
Result<std::vector<climate::Moment>> BatchDialog::moments() const {
    std::vector<double> hours;
    for (const QString& part :
         hours_->text().split(QRegularExpression(QStringLiteral("[;,\\s]+")), Qt::SkipEmptyParts)) {
        const QStringList clock = part.split(QLatin1Char(':'));
        bool whole = false, minutes = true;
        double hour = clock[0].toDouble(&whole);
        if (clock.size() == 2) hour += clock[1].toDouble(&minutes) / 60;
        if (!whole || !minutes || clock.size() > 2 || hour < 0 || hour >= 24)
            return Fault{"hours", "\"" + part.toStdString() + "\" is no hour of the day",
                         "Write hours as 9, 12, 15:30"};
        hours.push_back(hour);
    }
    std::vector<climate::Moment> days{document_.moment()};
    days.insert(days.end(), std::begin(kDays), std::end(kDays));
    std::vector<climate::Moment> out;
    for (const size_t day : checked(*days_))
        for (const double hour : hours) {
            const climate::Moment moment{days[day].month, days[day].day, hour};
            if (std::ranges::find(out, moment) == out.end()) out.push_back(moment);
        }
    if (out.empty()) return Fault{"moments", "no day and hour is chosen", "Tick a day and write an hour"};
    return out;
}

Result<model::Question> BatchDialog::question() const {
    model::Question out = one_;
    out.batch = {};
    const auto& observers = document_.option().observers;
    const auto& views = document_.option().views;
    const auto places = checked(*places_);
    if (places.empty()) return Fault{"places", "no place is chosen", "Tick one"};
    if (!observers.empty() || !views.empty()) {
        out.observer.clear();
        for (const size_t i : places)
            out.batch.observers.push_back(i < observers.size() ? observers[i].id : views[i - observers.size()].id);
    }
    out.heading = 0;
    const int directions = directions_->currentIndex();
    out.batch.directions = directions == 0   ? Directions::as_asked
                           : directions == 1 ? Directions::own
                                             : Directions::around;
    if (directions > 1) out.batch.apart = kApart[static_cast<size_t>(directions - 2)];
    auto at = moments();
    if (!at) return at.fault();
    out.moments = std::move(*at);
    out.moment = out.moments.front();
    if (options().empty()) return Fault{"options", "no option is chosen", "Tick one"};
    return out;
}

void BatchDialog::tell() {
    if (buttons_ == nullptr) return;  // is being built
    const auto asked = question();
    size_t count = 0;
    std::optional<Fault> fault;
    if (!asked) fault = asked.fault();
    if (asked)
        for (const size_t i : options()) {
            const auto shots =
                question::shots_of(document_.project().options[i], *asked, document_.project().site.north);
            if (!shots)
                fault = shots.fault();
            else
                count += shots->size();
        }
    told_->setText(fault ? language::line(*fault)
                         : QObject::tr("%n pictures, %1", nullptr, static_cast<int>(count))
                               .arg(duration_words(seconds_ * static_cast<double>(count))));
    buttons_->button(QDialogButtonBox::Ok)->setEnabled(!fault);
}

}  // namespace wp::gui
