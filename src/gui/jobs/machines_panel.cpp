// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/jobs/machines_panel.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>
#include <algorithm>

#include "gui/entry/rows.h"
#include "report/language/language.h"

namespace wp::gui {

namespace {

// What each said, alike ones together.
QString words_of_trial(const ManyMachines& machines) {
    auto said = try_machines(machines);
    if (!said) return language::line(said.fault());
    std::ranges::sort(*said);
    QStringList out;
    for (auto at = said->begin(); at != said->end();) {
        const auto end = std::find_if(at, said->end(), [&](const QString& line) { return line != *at; });
        out << QStringLiteral("%1 \u00d7 %2").arg(end - at).arg(*at);
        at = end;
    }
    if (out.size() > 1) out << QObject::tr("Install the same version everywhere: else figures may differ.");
    return out.join(QLatin1Char('\n'));
}

}  // namespace

MachinesPanel::MachinesPanel(QWidget* parent)
    : QDialog(parent),
      trial_(
          QT_TRANSLATE_NOOP("QObject", "Trying machines"), this, words_of_trial,
          [this](const QString& words) {
              answer_->setText(words);
              try_->setEnabled(true);
          },
          [this] { try_->setEnabled(true); }) {
    setObjectName(QStringLiteral("machines-panel"));
    setWindowTitle(QObject::tr("Many machines"));
    resize(560, 480);
    auto* column = new QVBoxLayout(this);
    column->addWidget(label(QObject::tr("Who makes jobs"), "heading"));
    build_choice(*column);
    build_hosts(*column);
    build_trial(*column);
    const auto now = ManyMachines::chosen();
    (now.on ? now.hosts.isEmpty() ? here_ : elsewhere_ : alone_)->setChecked(true);
    processes_->setValue(now.processes);
    file_->setText(now.hosts);
    for (QRadioButton* one : {alone_, here_, elsewhere_})
        connect(one, &QRadioButton::toggled, this, &MachinesPanel::choose);
    connect(processes_, &QSpinBox::valueChanged, this, &MachinesPanel::choose);
    connect(file_, &QLineEdit::editingFinished, this, &MachinesPanel::choose);
    connect(open_, &QPushButton::clicked, this, &MachinesPanel::choose_file);
    connect(try_, &QPushButton::clicked, this, &MachinesPanel::try_them);
    refresh();
}

void MachinesPanel::build_choice(QBoxLayout& column) {
    const auto radio = [&](const char* name, const QString& text) {
        auto* one = new QRadioButton(text);
        one->setObjectName(QString::fromLatin1(name));
        return one;
    };
    alone_ = radio("machines-alone", QObject::tr("This program, with all cores of this machine"));
    here_ = radio("machines-here", QObject::tr("Processes beside it on this machine:"));
    elsewhere_ = radio("machines-hosts", QObject::tr("A process on each host of a list"));
    processes_ = new QSpinBox;
    processes_->setObjectName(QStringLiteral("machines-processes"));
    processes_->setAccessibleName(QObject::tr("Processes"));
    processes_->setRange(2, 1024);
    auto* row = new QHBoxLayout;
    row->addWidget(here_);
    row->addWidget(processes_);
    row->addStretch(1);
    column.addWidget(alone_);
    column.addLayout(row);
    column.addWidget(elsewhere_);
    column.addWidget(label(
        QObject::tr(
            "Years, tables, pictures taken together and series go there; what follows while one draws "
            "stays here. Answers land beside the project and are the same bit by bit. A host needs this program at "
            "the same path, and ssh from here without a password."),
        "small"));
}

void MachinesPanel::build_hosts(QBoxLayout& column) {
    auto* row = new QHBoxLayout;
    file_ = new QLineEdit;
    file_->setObjectName(QStringLiteral("machines-file"));
    file_->setAccessibleName(QObject::tr("List of hosts"));
    file_->setPlaceholderText(QObject::tr("List of hosts: a name a line, as mpirun reads it"));
    open_ = new QPushButton(QObject::tr("Choose\u2026"));
    open_->setObjectName(QStringLiteral("machines-choose"));
    open_->setAutoDefault(false);
    row->addWidget(file_, 1);
    row->addWidget(open_);
    column.addLayout(row);
    wrong_ = label({}, "small");
    wrong_->setObjectName(QStringLiteral("machines-wrong"));
    column.addWidget(wrong_);
    hosts_ = new QTreeWidget;
    hosts_->setObjectName(QStringLiteral("machines-list"));
    hosts_->setAccessibleName(QObject::tr("Hosts"));
    hosts_->setHeaderLabels({QObject::tr("Host"), QObject::tr("As the list says")});
    hosts_->setRootIsDecorated(false);
    hosts_->header()->setSectionResizeMode(0, QHeaderView::ResizeToContents);
    column.addWidget(hosts_, 1);
}

void MachinesPanel::build_trial(QBoxLayout& column) {
    auto* row = new QHBoxLayout;
    try_ = new QPushButton(QObject::tr("Try them"));
    try_->setObjectName(QStringLiteral("machines-try"));
    try_->setToolTip(QObject::tr("Starts the program on each and shows which version answers"));
    try_->setAutoDefault(false);
    row->addWidget(try_);
    row->addStretch(1);
    auto* done = new QPushButton(QObject::tr("Done"));
    done->setObjectName(QStringLiteral("machines-done"));
    done->setProperty("role", "main");
    connect(done, &QPushButton::clicked, this, &QDialog::accept);
    row->addWidget(done);
    answer_ = label({});
    answer_->setObjectName(QStringLiteral("machines-answer"));
    column.addWidget(answer_);
    column.addLayout(row);
}

ManyMachines MachinesPanel::shown() const {
    ManyMachines out;
    out.on = !alone_->isChecked();
    out.processes = processes_->value();
    if (elsewhere_->isChecked()) out.hosts = file_->text().trimmed();
    return out;
}

void MachinesPanel::choose() {
    const auto machines = shown();
    // A list that names no host is not sent to: the job would only fail.
    const bool is_sound = !elsewhere_->isChecked() || static_cast<bool>(read_hosts(machines.hosts));
    auto chosen = machines;
    chosen.on = machines.on && is_sound;
    chosen.choose();
    answer_->clear();
    refresh();
}

void MachinesPanel::choose_file() {
    const QString file = QFileDialog::getOpenFileName(this, QObject::tr("List of hosts"));
    if (file.isEmpty()) return;
    file_->setText(file);
    elsewhere_->setChecked(true);
    choose();
}

void MachinesPanel::refresh() {
    const bool by_list = elsewhere_->isChecked();
    processes_->setEnabled(here_->isChecked());
    try_->setEnabled(!alone_->isChecked());
    for (QWidget* one : std::initializer_list<QWidget*>{file_, open_, hosts_}) one->setEnabled(by_list);
    hosts_->clear();
    wrong_->clear();
    if (!by_list) return;
    const auto hosts = read_hosts(file_->text().trimmed());
    if (!hosts) {
        wrong_->setText(file_->text().trimmed().isEmpty() ? QObject::tr("Choose a list: until then jobs stay here.")
                                                          : language::line(hosts.fault()));
        try_->setEnabled(false);
        return;
    }
    for (const Host& host : *hosts) hosts_->addTopLevelItem(new QTreeWidgetItem({host.name, host.rest}));
}

void MachinesPanel::try_them() {
    try_->setEnabled(false);
    answer_->setText(QObject::tr("Waiting for them to answer\u2026"));
    trial_.ask(shown());
}

void show_machines(QWidget& above) {
    auto* panel = above.window()->findChild<MachinesPanel*>();
    if (panel == nullptr) panel = new MachinesPanel(above.window());
    panel->show();
    panel->raise();
}

}  // namespace wp::gui
