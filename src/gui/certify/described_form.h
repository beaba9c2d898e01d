// SPDX-License-Identifier: GPL-3.0-or-later
// A form of rows for everything that a description has a label for: what is typed goes into the value at once.
#pragma once
#include <QFormLayout>
#include <functional>
#include <map>
#include <string>

#include "describe/silent.h"

namespace wp::gui {

/// Values that a text or a list of texts may have, for people and in files; the first is what nothing said means.
using Choices = std::vector<std::pair<QString, std::string>>;

class DescribedForm : public describe::SilentDescriber {
 public:
    /// changed: called when something was typed; reshaped: when other rows count now. choices: by key.
    DescribedForm(QFormLayout& form, std::map<std::string, Choices> choices, std::function<void()> changed,
                  std::function<void()> reshaped)
        : form_(form), choices_(std::move(choices)), changed_(std::move(changed)), reshaped_(std::move(reshaped)) {}

    void text(const describe::Field& field, std::string& value) override;
    void texts(const describe::Field& field, std::vector<std::string>& value) override;
    void number(const describe::Field& field, double& value) override;
    void flag(const describe::Field& field, bool& value) override;
    void word(const describe::Field& field, int& value, std::span<const describe::Word> words) override;
    void chosen(const describe::Field& field, const void* value, std::span<const describe::Word> words) override;
    void object(const describe::Field& field, const char* type, bool& present, const Visit& visit) override;
    void items(const describe::Field& field, const char* type, describe::Items& items) override;

 private:
    void add_row(const describe::Field& field, QWidget* widget);
    QFormLayout& form_;
    std::map<std::string, Choices> choices_;
    std::function<void()> changed_, reshaped_;
};

}  // namespace wp::gui
