// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/work.h"

#include "base/file.h"
#include "base/json_text.h"
#include "question/ask.h"
#include "store/project_file.h"

namespace wp::cli {

std::string pack_work(const model::Project& project, const std::filesystem::path& project_file) {
    nlohmann::json out{{"project", store::write_project(project)}};
    if (const auto file = question::weather_file(project, project_file))
        if (const auto bytes = read_file(*file))
            out["weather"] = nlohmann::json::binary({bytes->begin(), bytes->end()});
    const auto packed = nlohmann::json::to_cbor(out);
    return {packed.begin(), packed.end()};
}

Result<Work> unpack_work(std::string_view work) {
    const Fault damaged{"mpirun", "what the first process sent cannot be read", "Start the same program everywhere"};
    const auto in = nlohmann::json::from_cbor(work.begin(), work.end(), true, false);
    if (!in.is_object() || !in.contains("project") || !in["project"].is_string()) return damaged;
    auto project = store::parse_project(in["project"].get_ref<const std::string&>(), "project");
    if (!project) return project.fault();
    Work out;
    out.project = std::move(*project);
    if (out.project.site.weather.empty()) {
        if (auto weather = question::weather_of(out.project, {})) out.weather = std::move(*weather);
    } else if (in.contains("weather") && in["weather"].is_binary()) {
        const auto& bytes = in["weather"].get_binary();
        if (auto weather = question::weather_from(
                out.project, std::string_view(reinterpret_cast<const char*>(bytes.data()), bytes.size())))
            out.weather = std::move(*weather);
    }
    return out;
}

}  // namespace wp::cli
