#pragma once
#include "core/review/judged.h"
#include "core/review/light_audit.h"

namespace rl::review {

/// All that hangs beside the easel about the light of one arrangement.
struct LightStudy {
    Project project;
    light::Picture picture;
    LinearPicture values; ///< greys of the picture's L*, in as many steps as the plan has
    LinearPicture zones; ///< form zones
    std::vector<AuditRow> rows;
    struct Standing {
        int element = 0;
        Vec3 at; ///< m, its middle
        double widthM = 0;
        int strongest = 0; ///< lantern that lights it most, -1 the sun, 0 none
        double level = 0; ///< all lamps there, × key
    };
    std::vector<Standing> standing; ///< every element that is seen
};

/// Of the judged picture. \param valueSteps 2…9 \param zoneSteps 2…6 \return what was done when cancelled
LightStudy lightStudy(
    const Project& project, stage::SurfaceCache& cache, Progress& progress, int valueSteps = 5, int zoneSteps = 6);

/// The colour families of the rows as a table: element, family, L*, a*, b*, share, sRGB in hex; comma-separated, first
/// line the heads. Names that start like a formula are kept from being one.
std::string familiesCsv(const Project& project, const std::vector<AuditRow>& rows);

/// Where a light of a picture comes from, in a painter's words: "upper left, from the front".
std::string wayOf(const PictureLight& light);

} // namespace rl::review
