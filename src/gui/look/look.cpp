// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/look/look.h"

#include <QComboBox>
#include <QEvent>
#include <QFile>
#include <QFont>
#include <QPainter>
#include <QPalette>
#include <QPixmap>
#include <QStyleFactory>
#include <QSvgRenderer>
#include <map>

// The icons lie in a static library: whoever links it must ask for them.
static void load_icons() { Q_INIT_RESOURCE(icons); }

namespace wp::gui {

namespace {
Paper g_paper = Paper::light;
report::Ink g_ink;

QString sheet_style(const report::Ink& i) {
    const bool dark = g_paper == Paper::dark;
    const QString line = dark ? QStringLiteral("#463f38") : QStringLiteral("#d9cfbf"), raised = i.room.name(),
                  paper = i.paper.name(), text = i.ink.name(), accent = i.accent.name(),
                  faint = dark ? QStringLiteral("#b3a898") : QStringLiteral("#6f6559");
    return QStringLiteral(R"(
QWidget { color: %1; }
QMainWindow, QDialog, #panel, #bar, QStackedWidget, QSplitter { background: %2; }
#mishap { background: %3; border: none; border-bottom: 2px solid %5; }
QToolTip { background: %3; color: %1; border: 1px solid %4; padding: 4px; }
QLabel[role="heading"] { font-size: 15px; font-weight: 600; }
QLabel[role="small"] { font-size: 11px; color: %6; }
QTextBrowser[role="small"] { font-size: 11px; color: %6; background: transparent; border: none; }
QToolButton, QPushButton { background: transparent; border: 1px solid transparent; border-radius: 4px;
    padding: 4px 9px; }
QPushButton { border: 1px solid %4; background: %3; }
QToolButton:hover, QPushButton:hover { background: %4; }
QToolButton:focus, QPushButton:focus { border: 1px solid %5; }
QToolButton:checked, QPushButton:checked { background: %1; color: %2; }
QPushButton[role="main"] { background: %5; color: #fffaf0; border: 1px solid %5; font-weight: 600; }
QPushButton:disabled, QToolButton:disabled { color: %4; }
QPushButton[role="main"]:disabled { background: %4; border: 1px solid %4; }
QLineEdit, QComboBox, QPlainTextEdit { background: %3; border: 1px solid %4; border-radius: 4px;
    padding: 3px 6px; selection-background-color: %5; }
QLineEdit:focus, QComboBox:focus { border: 1px solid %5; }
QComboBox::drop-down { border: none; width: 20px; }
QComboBox::down-arrow { image: url(:/icons/chevron-down.svg); width: 12px; height: 12px; }
QToolButton::menu-indicator { image: none; }
#inspector { border-left: 1px solid %4; }
QComboBox QAbstractItemView { background: %3; selection-background-color: %5; selection-color: #fffaf0;
    border: 1px solid %4; }
QTabWidget::pane { border: none; border-top: 1px solid %4; }
QTabBar { background: %2; }
QTabBar::tab { background: transparent; border: none; border-bottom: 2px solid transparent;
    padding: 6px 7px; color: %6; }
QTabBar::tab:selected { color: %1; border-bottom: 2px solid %5; }
QTabBar::tab:hover { color: %1; }
QTabBar::tab:focus { color: %5; }
QToolButton[role="compact"] { padding: 2px; }
QToolButton[role="field"] { background: %3; border: 1px solid %4; padding: 3px 6px; text-align: left; }
QToolButton[role="field"]:focus { border: 1px solid %5; }
QToolButton[role="fold"] { font-size: 13px; font-weight: 600; padding: 3px 0px; text-align: left; }
QToolButton[role="tool"] { font-size: 11px; padding: 2px 4px; }
QTreeWidget, QListWidget { background: %3; border: 1px solid %4; alternate-background-color: %2;
    selection-background-color: %4; selection-color: %1; }
QTreeWidget:focus, QTableWidget:focus, QListWidget:focus { border: 1px solid %5; }
QTableWidget { background: %3; border: 1px solid %4; gridline-color: %4; alternate-background-color: %2;
    selection-background-color: %4; selection-color: %1; }
QHeaderView::section { background: %2; border: none; border-bottom: 1px solid %4; padding: 5px 6px; font-weight: 600; }
QTableCornerButton::section { background: %2; border: none; }
QScrollArea, QScrollArea > QWidget > QWidget { background: %2; border: none; }
QScrollBar { background: %2; width: 9px; height: 9px; }
QScrollBar::handle { background: %4; border-radius: 4px; min-height: 24px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QProgressBar { background: %4; border: none; border-radius: 3px; max-height: 6px; }
QProgressBar::chunk { background: %5; border-radius: 3px; }
QMenu { background: %3; border: 1px solid %4; }
QMenu::item { padding: 5px 20px; }
QMenu::item:selected { background: %4; }
QSplitter::handle { background: %4; }
QStatusBar { background: %2; color: %6; }
)")
        .arg(text, paper, raised, line, accent, faint);
}

}  // namespace

namespace {

// The wheel turns what has the focus: a page that is scrolled under the pointer must not change the project.
class WheelGuard : public QObject {
 public:
    using QObject::QObject;
    bool eventFilter(QObject* object, QEvent* event) override {
        auto* box = qobject_cast<QComboBox*>(object);
        if (box == nullptr) return false;
        if (event->type() == QEvent::Polish && box->focusPolicy() == Qt::WheelFocus)
            box->setFocusPolicy(Qt::StrongFocus);
        if (event->type() != QEvent::Wheel || box->hasFocus()) return false;
        event->ignore();
        return true;
    }
};

}  // namespace

void apply_look(QApplication& application, Paper paper) {
    load_icons();
    if (application.findChild<QObject*>(QStringLiteral("wheel-guard"), Qt::FindDirectChildrenOnly) == nullptr) {
        auto* guard = new WheelGuard(&application);
        guard->setObjectName(QStringLiteral("wheel-guard"));
        application.installEventFilter(guard);
    }
    g_paper = paper;
    g_ink = paper == Paper::dark ? report::Ink::dark() : report::Ink{};
    application.setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
    QPalette palette;
    palette.setColor(QPalette::Window, g_ink.paper);
    palette.setColor(QPalette::Base, g_ink.room);
    palette.setColor(QPalette::Button, g_ink.room);
    palette.setColor(QPalette::Text, g_ink.ink);
    palette.setColor(QPalette::WindowText, g_ink.ink);
    palette.setColor(QPalette::ButtonText, g_ink.ink);
    palette.setColor(QPalette::Highlight, g_ink.accent);
    application.setPalette(palette);
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(type::body);
    application.setFont(font);
    application.setStyleSheet(sheet_style(g_ink));
}

Paper current_paper() { return g_paper; }
const report::Ink& ink() { return g_ink; }

namespace {

QIcon drawn_icon(const QString& name) {
    QFile file(QStringLiteral(":/icons/%1.svg").arg(name));
    if (!file.open(QIODevice::ReadOnly)) return {};
    const QByteArray svg = file.readAll();
    QIcon out;
    const auto add = [&](const QColor& colour, QIcon::State state) {
        QByteArray tinted = svg;
        tinted.replace("currentColor", colour.name().toLatin1()).replace("stroke-width=\"2\"", "stroke-width=\"1.6\"");
        QPixmap pixmap(36, 36);
        pixmap.fill(Qt::transparent);
        QPainter painter(&pixmap);
        QSvgRenderer(tinted).render(&painter);
        out.addPixmap(pixmap, QIcon::Normal, state);
    };
    add(g_ink.ink, QIcon::Off);
    add(g_ink.paper, QIcon::On);
    return out;
}

}  // namespace

// Drawn once for each paper: pages that are built anew under the hand have many.
QIcon icon(const QString& name) {
    // Never given back: pictures must not outlive the application, and statics do.
    static auto& drawn = *new std::map<std::pair<QString, Paper>, QIcon>;
    auto& known = drawn[{name, g_paper}];
    if (known.isNull()) known = drawn_icon(name);
    return known;
}

void set_icon(QAbstractButton* button, const QString& name) {
    button->setProperty("icon-name", name);
    button->setIcon(icon(name));
}

void renew_icons(QWidget& root) {
    for (auto* button : root.findChildren<QAbstractButton*>())
        if (const QString name = button->property("icon-name").toString(); !name.isEmpty()) button->setIcon(icon(name));
}

}  // namespace wp::gui
