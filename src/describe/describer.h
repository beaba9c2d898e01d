// SPDX-License-Identifier: GPL-3.0-or-later
// One walk over the fields of a value. Every type of the project is described once (describe.h); who reads and writes
// files, writes their schema and tables, finds a row's limits or takes a fingerprint is a Describer.
#pragma once
#include <algorithm>
#include <functional>
#include <initializer_list>
#include <span>
#include <string>
#include <vector>

#include "base/vec.h"
#include "describe/field.h"
#include "model/material.h"

namespace wp::describe {

class Describer;
/// Types that no description is declared for.
template <class T>
void describe(Describer&, T&) = delete;

/// A list whatever it holds.
class Items {
 public:
    virtual ~Items() = default;
    virtual size_t size() const = 0;
    virtual void clear() = 0;
    virtual void add() = 0;
    virtual void visit(size_t index, Describer& with) = 0;
    /// One that is in no list.
    virtual void visit_fresh(Describer& with) = 0;
};

class Describer {
 public:
    using Visit = std::function<void(Describer&)>;

    virtual ~Describer() = default;
    /// Whether values are filled from elsewhere, and may be put right afterwards.
    virtual bool is_reading() const { return false; }

    virtual void text(const Field& field, std::string& value) = 0;
    virtual void texts(const Field& field, std::vector<std::string>& value) = 0;
    virtual void number(const Field& field, double& value) = 0;
    virtual void numbers(const Field& field, std::vector<double>& value) = 0;
    virtual void whole(const Field& field, int& value) = 0;
    virtual void seed(const Field& field, unsigned& value) = 0;
    virtual void flag(const Field& field, bool& value) = 0;
    virtual void point(const Field& field, Vec2& value) = 0;
    virtual void optional_point(const Field& field, Vec2& value, bool& present) = 0;
    virtual void triple(const Field& field, Vec3& value) = 0;
    virtual void polygon(const Field& field, std::vector<Vec2>& value) = 0;
    virtual void word(const Field& field, int& value, std::span<const Word> words) = 0;
    /// Where a choice that was just walked over is kept.
    virtual void chosen(const Field&, const void* /*value*/, std::span<const Word>) {}
    /// present: whether the object is there; set by who reads. type: its name in schemas and tables.
    virtual void object(const Field& field, const char* type, bool& present, const Visit& visit) = 0;
    virtual void items(const Field& field, const char* type, Items& items) = 0;
    /// Fields that count under a condition alone.
    virtual void only(const When& when, const std::function<void()>& visit) {
        if (when.holds) visit();
    }
    /// Materials by their ids.
    virtual void material(const Field& field, model::Id& id) { text(field, id); }
    /// Shapes by their ids.
    virtual void shape(const Field& field, model::Id& id) { text(field, id); }
    /// Kinds of luminaires by their ids.
    virtual void luminaire_type(const Field& field, model::Id& id) { text(field, id); }
    virtual void materials(const Field& field, std::vector<model::Id>& ids) { texts(field, ids); }
    /// What early files said in another way: take is called with a value that is there.
    virtual void early_number(const Field&, const std::function<void(double)>&) {}
    virtual void early_text(const Field&, const std::function<void(const std::string&)>&) {}
    /// A rule between fields: a fault of the field where it does not hold.
    virtual void rule(const char* /*key*/, bool /*holds*/, const std::string& /*what*/, const char* /*remedy*/) {}
    /// Keys that are not described; last of all fields.
    virtual void rest(model::Extra&) {}

    template <class E>
    void choice(const Field& field, E& value, std::span<const Word> words) {
        int number = static_cast<int>(value);
        word(field, number, words);
        if (is_reading()) value = static_cast<E>(number);
        chosen(field, &value, words);
    }
    void object(const Field& field, const char* type, const Visit& visit) {
        bool present = true;
        object(field, type, present, visit);
    }
    template <class T>
    void list(const Field& field, const char* type, std::vector<T>& list);
    template <class T>
    void list(const Field& field, const char* type, std::vector<T>& list,
              const std::function<void(Describer&, T&)>& visit);
};

template <class T>
class ItemsOf : public Items {
 public:
    using VisitItem = std::function<void(Describer&, T&)>;
    ItemsOf(std::vector<T>& list, VisitItem visit) : list_(list), visit_(std::move(visit)) {}
    size_t size() const override { return list_.size(); }
    void clear() override { list_.clear(); }
    void add() override { list_.emplace_back(); }
    void visit(size_t index, Describer& with) override { visit_(with, list_[index]); }
    void visit_fresh(Describer& with) override {
        T fresh{};
        visit_(with, fresh);
    }

 private:
    std::vector<T>& list_;
    VisitItem visit_;
};

template <class T>
void Describer::list(const Field& field, const char* type, std::vector<T>& list,
                     const std::function<void(Describer&, T&)>& visit) {
    ItemsOf<T> all(list, visit);
    items(field, type, all);
}

template <class T>
void Describer::list(const Field& field, const char* type, std::vector<T>& items) {
    list<T>(field, type, items, [](Describer& d, T& item) { describe(d, item); });
}

template <class E>
When when(const char* key, E value, std::span<const Word> words, std::initializer_list<E> among) {
    When out{std::find(among.begin(), among.end(), value) != among.end(), key, {}};
    for (const E v : among)
        for (const Word& w : words)
            if (w.value == static_cast<int>(v)) out.words.push_back(w.word);
    return out;
}

}  // namespace wp::describe
