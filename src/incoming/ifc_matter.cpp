// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/ifc_matter.h"

namespace wp::incoming {

namespace {

constexpr int kDeepestSet = 6;          // sets of layers of materials
constexpr size_t kMostMaterials = 100;  // of a product

std::optional<double> share(const StepValue& value) {
    const auto v = value.as_number();
    return v && *v >= 0 && *v <= 1 ? v : std::nullopt;
}

}  // namespace

IfcMatter::IfcMatter(const StepFile& file) : file_(file) {
    for (const uint64_t id : file.of_type("IFCRELASSOCIATESMATERIAL")) {
        const auto r = file.get(id);
        for (const uint64_t part : r.at(4).as_references()) made_of_[part] = r.at(5).as_reference();
    }
    const auto named = [&](uint64_t material) -> Optical& {
        Optical& out = optical_[material];
        out.name = file.get(material).at(0).as_text();
        return out;
    };
    for (const uint64_t id : file.of_type("IFCOPTICALMATERIALPROPERTIES")) {
        const auto p = file.get(id);
        Optical& out = named(p.at(0).as_reference());
        if (const auto t = share(p.at(1))) out.transmittance = t;
        for (const size_t side : {6, 7})
            if (const auto r = share(p.at(side))) out.reflectance = r;
    }
    for (const uint64_t id : file.of_type("IFCMATERIALPROPERTIES")) {
        const auto set = file.get(id);
        for (const uint64_t one : set.at(2).as_references()) {
            const auto p = file.get(one);
            const std::string name = p.at(0).as_text();
            const auto value = share(p.at(2));
            if (!value) continue;
            if (name == "VisibleTransmittance") named(set.at(3).as_reference()).transmittance = value;
            if (name == "VisibleReflectanceFront" || name == "VisibleReflectanceBack")
                named(set.at(3).as_reference()).reflectance = value;
        }
    }
}

void IfcMatter::gather(uint64_t id, std::vector<uint64_t>& materials, int depth) const {
    if (depth > kDeepestSet || materials.size() > kMostMaterials) return;
    const auto item = file_.get(id);
    const auto all = [&](size_t list) {
        for (const uint64_t one : item.at(list).as_references()) gather(one, materials, depth + 1);
    };
    if (item.type == "IFCMATERIAL") return materials.push_back(id);
    if (item.type == "IFCMATERIALLAYERSETUSAGE" || item.type == "IFCMATERIALLAYERSET" ||
        item.type == "IFCMATERIALLAYER" || item.type == "IFCMATERIALLIST")
        return all(0);
    if (item.type == "IFCMATERIALCONSTITUENTSET" || item.type == "IFCMATERIALCONSTITUENT") return all(2);
}

std::optional<Optical> IfcMatter::of(uint64_t product) const {
    const auto made = made_of_.find(product);
    if (made == made_of_.end()) return {};
    std::vector<uint64_t> materials;
    gather(made->second, materials, 0);
    for (const uint64_t material : materials)
        if (const auto known = optical_.find(material); known != optical_.end()) return known->second;
    return {};
}

double IfcMatter::thickness(uint64_t product) const {
    const auto made = made_of_.find(product);
    if (made == made_of_.end()) return 0;
    auto set = file_.get(made->second);
    if (set.type == "IFCMATERIALLAYERSETUSAGE") set = file_.get(set.at(0).as_reference());
    if (set.type != "IFCMATERIALLAYERSET") return 0;
    double sum = 0;
    for (const uint64_t layer : set.at(0).as_references()) sum += file_.get(layer).at(1).as_number().value_or(0);
    return sum;
}

}  // namespace wp::incoming
