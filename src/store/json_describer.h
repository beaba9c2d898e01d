// SPDX-License-Identifier: GPL-3.0-or-later
// Described values read from JSON and written to it.
#pragma once
#include "describe/describe.h"
#include "store/fields.h"

namespace wp::store {

class JsonDescriber : public describe::Describer {
 public:
    /// fields: outlives this.
    explicit JsonDescriber(Fields& fields) : fields_(fields) {}

    bool is_reading() const override { return fields_.reading(); }
    void text(const describe::Field& f, std::string& v) override;
    void texts(const describe::Field& f, std::vector<std::string>& v) override;
    void number(const describe::Field& f, double& v) override;
    void numbers(const describe::Field& f, std::vector<double>& v) override;
    void whole(const describe::Field& f, int& v) override;
    void seed(const describe::Field& f, unsigned& v) override;
    void flag(const describe::Field& f, bool& v) override;
    void point(const describe::Field& f, Vec2& v) override;
    void optional_point(const describe::Field& f, Vec2& v, bool& present) override;
    void triple(const describe::Field& f, Vec3& v) override;
    void polygon(const describe::Field& f, std::vector<Vec2>& v) override;
    void word(const describe::Field& f, int& v, std::span<const describe::Word> words) override;
    void object(const describe::Field& f, const char* type, bool& present, const Visit& visit) override;
    void items(const describe::Field& f, const char* type, describe::Items& items) override;
    void early_number(const describe::Field& f, const std::function<void(double)>& take) override;
    void early_text(const describe::Field& f, const std::function<void(const std::string&)>& take) override;
    void rule(const char* key, bool holds, const std::string& what, const char* remedy) override;
    void rest(model::Extra& extra) override;

 private:
    void check_size(const describe::Field& f, size_t size);
    Fields& fields_;
};

/// A described value as an object of JSON that is read or written.
template <class T>
void visit(Fields& fields, T& value) {
    JsonDescriber describer(fields);
    describe::describe(describer, value);
}

}  // namespace wp::store
