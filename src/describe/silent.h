// SPDX-License-Identifier: GPL-3.0-or-later
// A Describer that walks through everything and does nothing, for those who want little of it.
#pragma once
#include "describe/describer.h"

namespace wp::describe {

class SilentDescriber : public Describer {
 public:
    void text(const Field&, std::string&) override {}
    void texts(const Field&, std::vector<std::string>&) override {}
    void number(const Field&, double&) override {}
    void numbers(const Field&, std::vector<double>&) override {}
    void whole(const Field&, int&) override {}
    void seed(const Field&, unsigned&) override {}
    void flag(const Field&, bool&) override {}
    void point(const Field&, Vec2&) override {}
    void optional_point(const Field&, Vec2&, bool&) override {}
    void triple(const Field&, Vec3&) override {}
    void polygon(const Field&, std::vector<Vec2>&) override {}
    void word(const Field&, int&, std::span<const Word>) override {}
    void object(const Field&, const char*, bool&, const Visit&) override {}
    void items(const Field&, const char*, Items&) override {}
};

}  // namespace wp::describe
