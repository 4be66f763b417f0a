#pragma once
#include "core/reading/attention.h"
#include "core/reading/balance.h"
#include "core/reading/colours.h"
#include "core/reading/regions.h"
#include "core/reading/values.h"

namespace rl::review {

/// What a single picture teaches: its parts, where they lie, its values and where the eye goes first.
struct PictureStudy {
    light::Picture picture; ///< its ids: the regions
    std::vector<reading::Region> regions;
    reading::Attention attention;
    reading::ValuePlan values;
    std::vector<reading::ValueStep> steps;
    reading::ColourPlan colours;
    reading::Balance balance;
    std::optional<double> eyeLevel; ///< px from the top; nothing where it cannot be told
    double eyeConfidence = 0;
    std::vector<Vec2> vanishing; ///< px; of level lines
    struct OnLine {
        int region = 0;
        std::string line; ///< "the left third", "the eye level"
        double offPercent = 0; ///< of the canvas' side, how far from it
    };
    std::vector<OnLine> onLines; ///< the three strongest regions against centre, thirds, quarters and eye level
    std::string name(int region) const;
};

/// \param ids who is in it, 0 = ground; empty: regions are found \param names of those ids
/// \param wanted regions to look for, 2…60 \return an empty picture when cancelled
PictureStudy studyOf(const LinearPicture& picture, const IdMap& ids, const std::map<int, std::string>& names,
    const reading::Viewing& viewing, int wanted, Progress& progress);

/// Each thing the study tells, as one plain sentence.
std::vector<std::string> sentencesOf(const PictureStudy& study);

} // namespace rl::review
