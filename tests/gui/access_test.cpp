// SPDX-License-Identifier: GPL-3.0-or-later
// Everybody can use it: names for who cannot see, keys for who has no mouse, room for every word.
#include <QAbstractButton>
#include <QAbstractSpinBox>
#include <QHeaderView>
#include <QSlider>
#include <QTabBar>

#include "gui/look/look.h"
#include "matter_hands.h"

using namespace wp;
using namespace wp::test;

namespace {

class Access : public Hands {
 protected:
    static constexpr DeskKind kDesks[] = {DeskKind::site,    DeskKind::build,   DeskKind::light,
                                          DeskKind::compare, DeskKind::certify, DeskKind::report};
    std::vector<QWidget*> visible() {
        std::vector<QWidget*> out;
        for (auto* w : window->findChildren<QWidget*>())
            if (w->isVisible() && w->width() > 0 && w->height() > 0) out.push_back(w);
        return out;
    }
    static std::string name_of(const QWidget* w) {
        return std::string(w->metaObject()->className()) + " " + w->objectName().toStdString();
    }
    // Clipped by a scroll area or a parent's edge is not on the screen.
    static bool shown_whole(const QWidget* w) { return w->visibleRegion().boundingRect() == w->rect(); }
};

bool is_operated(const QWidget* w) {
    if (w->objectName().startsWith(QStringLiteral("qt_"))) return false;
    return qobject_cast<const QAbstractButton*>(w) != nullptr || qobject_cast<const QComboBox*>(w) != nullptr ||
           qobject_cast<const QLineEdit*>(w) != nullptr || qobject_cast<const QAbstractSpinBox*>(w) != nullptr ||
           qobject_cast<const QAbstractItemView*>(w) != nullptr;
}

QString words_of(const QWidget* w) {
    if (!w->accessibleName().isEmpty()) return w->accessibleName();
    if (const auto* button = qobject_cast<const QAbstractButton*>(w)) return button->text();
    return {};
}

}  // namespace

TEST_F(Access, whatever_is_operated_has_a_name_on_every_desk) {
    for (const DeskKind desk : kDesks) {
        window->show_desk(desk);
        QTest::qWait(60);
        for (const QWidget* w : visible())
            if (is_operated(w) && qobject_cast<const QHeaderView*>(w) == nullptr &&
                qobject_cast<const QComboBox*>(w->parentWidget()) == nullptr &&
                qobject_cast<const QTabBar*>(w->parentWidget()) == nullptr)
                EXPECT_FALSE(words_of(w).isEmpty()) << "desk " << static_cast<int>(desk) << ": " << name_of(w);
    }
}

TEST_F(Access, every_desk_is_reached_and_left_by_keys_and_tab_goes_round) {
    for (int i = 0; i < 6; ++i) {
        drive::key(*window, static_cast<Qt::Key>(Qt::Key_1 + i), Qt::ControlModifier);
        QTest::qWait(40);
        std::set<QWidget*> reached;
        for (int k = 0; k < 120; ++k) {
            QTest::keyClick(QApplication::focusWidget() != nullptr ? QApplication::focusWidget() : window.get(),
                            Qt::Key_Tab);
            if (QWidget* w = QApplication::focusWidget()) reached.insert(w);
        }
        EXPECT_GE(reached.size(), 6u) << "desk " << i;
        for (const QWidget* w : visible())
            if (w->focusPolicy() & Qt::TabFocus && is_operated(w) && w->isEnabled() && w->window() == window.get() &&
                shown_whole(w) && qobject_cast<const QHeaderView*>(w) == nullptr) {
                const bool in_group = qobject_cast<const QAbstractButton*>(w) != nullptr &&
                                      static_cast<const QAbstractButton*>(w)->group() != nullptr;
                EXPECT_TRUE(in_group || reached.contains(const_cast<QWidget*>(w)))
                    << "desk " << i << ": " << name_of(w);
            }
    }
}

TEST_F(Access, no_word_is_cut_off_at_1280_by_800) {
    for (const DeskKind desk : kDesks) {
        window->show_desk(desk);
        QTest::qWait(80);
        for (const QWidget* w : visible()) {
            const bool words =
                qobject_cast<const QAbstractButton*>(w) != nullptr || qobject_cast<const QComboBox*>(w) != nullptr;
            if (!words || w->objectName().startsWith(QStringLiteral("qt_")) ||
                qobject_cast<const QTabBar*>(w->parentWidget()) != nullptr)
                continue;
            if (const auto* box = qobject_cast<const QComboBox*>(w);
                box != nullptr && box->sizeAdjustPolicy() == QComboBox::AdjustToMinimumContentsLengthWithIcon)
                continue;  // elided on purpose, whole in its tip
            EXPECT_GE(w->width() + 1, std::min(w->minimumSizeHint().width(), w->sizeHint().width()))
                << "desk " << static_cast<int>(desk) << ": " << name_of(w) << " " << words_of(w).toStdString();
            const QRect in_window(w->mapTo(window.get(), QPoint(0, 0)), w->size());
            bool scrolled = false;
            for (const QWidget* p = w->parentWidget(); p != nullptr; p = p->parentWidget())
                scrolled = scrolled || qobject_cast<const QAbstractScrollArea*>(p) != nullptr;
            if (!scrolled)
                EXPECT_TRUE(window->rect().contains(in_window))
                    << "desk " << static_cast<int>(desk) << ": " << name_of(w);
        }
    }
}

TEST_F(Access, the_focus_is_seen) {
    window->show_desk(DeskKind::light);
    QTest::qWait(60);
    for (const char* name : {"shown", "desk-build", "beside", "legend"}) {
        auto* w = drive::widget(*window, name);
        w->setFocus(Qt::TabFocusReason);
        QTest::qWait(20);
        const QImage with = w->grab().toImage();
        window->sheet().setFocus();
        QTest::qWait(20);
        EXPECT_NE(with, w->grab().toImage()) << name;
    }
}
