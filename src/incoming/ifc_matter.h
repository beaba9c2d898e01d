// SPDX-License-Identifier: GPL-3.0-or-later
// Materials of IFC 2x3 and 4 as far as light and thickness go.
#pragma once
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "incoming/step_file.h"

namespace wp::incoming {

struct Optical {
    std::string name;                                  ///< of the material
    std::optional<double> reflectance, transmittance;  ///< visible, 0 to 1
};

class IfcMatter {
 public:
    explicit IfcMatter(const StepFile& file);
    /// Of the first material of a product that tells any (IfcOpticalMaterialProperties of 2x3, Pset_MaterialOptical of
    /// 4); none where none does.
    std::optional<Optical> of(uint64_t product) const;
    /// Of the layers that a product is made of, together, in the file's unit; 0: it is not told.
    double thickness(uint64_t product) const;

 private:
    void gather(uint64_t id, std::vector<uint64_t>& materials, int depth) const;

    const StepFile& file_;
    std::map<uint64_t, uint64_t> made_of_;  // by product
    std::map<uint64_t, Optical> optical_;   // by material
};

}  // namespace wp::incoming
