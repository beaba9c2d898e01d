// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/shared_job.h"

#include "store/json_describer.h"

namespace wp::cli {

namespace {

using What = SharedJob::What;

void visit_job(store::Fields& fields, SharedJob& job) {
    static constexpr std::pair<const char*, What> kWords[] = {{"table", What::table},
                                                              {"year", What::year},
                                                              {"seats", What::seats},
                                                              {"pictures", What::pictures},
                                                              {"steps", What::steps}};
    fields.choice("what", job.what, std::span<const std::pair<const char*, What>>(kWords));
    if (job.what == What::steps) {
        fields.object("series", [&](store::Fields& inner) { store::visit(inner, job.series); });
        double accuracy = job.accuracy.value_or(0);
        fields.number("accuracy", accuracy, 0, 1);
        if (accuracy > 0) job.accuracy = accuracy;
        return;
    }
    fields.text("option", job.option);
    fields.object("question", [&](store::Fields& inner) { store::visit(inner, job.question); });
}

}  // namespace

std::string write(const SharedJob& job) {
    Json out = Json::object();
    auto fields = store::Fields::writer(out);
    SharedJob copy = job;
    visit_job(fields, copy);
    const auto bytes = Json::to_cbor(out);
    return {bytes.begin(), bytes.end()};
}

Result<SharedJob> read_shared_job(std::string_view bytes) {
    Json in = Json::from_cbor(bytes.begin(), bytes.end(), true, false);
    if (!in.is_object()) return Fault{"mpirun", "a job cannot be read", "Start the same program everywhere"};
    SharedJob out;
    auto fields = store::Fields::reader(in);
    visit_job(fields, out);
    if (fields.fault()) return *fields.fault();
    return out;
}

}  // namespace wp::cli
