// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of the inspector from the descriptions: title, unit, limits, words and tip of a member are those of its field.
#pragma once
#include "describe/find_field.h"
#include "gui/entry/rows.h"
#include "gui/inspector/inspector.h"
#include "report/language/words.h"

namespace wp::gui {

template <class T>
class FieldRows {
 public:
    /// Makes a step that can be undone, under a name, of a change.
    using Change = std::function<void(const QString& name, std::function<void(T&)> edit)>;

    /// value: what is shown. noun: what it is called in the names of steps.
    FieldRows(QFormLayout& form, T value, QString noun, Change change)
        : form_(form), value_(std::move(value)), noun_(std::move(noun)), change_(std::move(change)) {}
    /// Numbers follow while it is dragged. now: as it is in the document, null where it is no more.
    void follow(Inspector& in, std::function<const T*()> now) {
        in_ = &in;
        now_ = std::move(now);
    }

    void name() {
        add_name(form_, value_.name, [change = change_, noun = noun_](const std::string& text) {
            change(QObject::tr("Rename %1").arg(noun), [&](T& x) { x.name = text; });
        });
    }
    /// What else follows where it is set.
    template <class N>
    NumberField* number(N T::*member, std::function<void(T&)> after = {}) {
        const auto field = describe::field_of(value_, member);
        const QString title = language::words(field.label);
        auto* row = add_number(form_, title, value_.*member, describe::typed_unit(field),
                               [change = change_, step = step(title), field, member, after](double v) {
                                   change(step, [&](T& x) {
                                       x.*member = as<N>(describe::within(field, v));
                                       if (after) after(x);
                                   });
                               });
        row->setToolTip(language::sentence(field.meaning));
        if (in_ != nullptr)
            in_->follow([row, member, now = now_] {
                if (const T* t = now()) row->show_value(t->*member);
            });
        return row;
    }
    template <class E>
    void choice(E T::*member) {
        const auto field = describe::field_of(value_, member);
        const QString title = language::words(field.label);
        std::vector<std::pair<const char*, E>> words;
        for (const auto& w : field.words) words.emplace_back(w.label, static_cast<E>(w.value));
        add_choice<E>(form_, title, words, value_.*member, [change = change_, step = step(title), member](E e) {
            change(step, [&](T& x) { x.*member = e; });
        });
    }

 private:
    template <class N>
    static N as(double v) {
        if constexpr (std::is_integral_v<N>) return static_cast<N>(std::lround(v));
        return static_cast<N>(v);
    }
    QString step(const QString& title) const { return QObject::tr("%1 of %2").arg(title, noun_); }

    QFormLayout& form_;
    T value_;
    QString noun_;
    Change change_;
    Inspector* in_ = nullptr;
    std::function<const T*()> now_;
};

}  // namespace wp::gui
