#pragma once
#include "core/base/raster.h"
#include <string>
#include <vector>

/// Made-up cut-outs whose true alpha is known, to measure cutting out with: six kinds of edge over photograph-like
/// grounds, composited in linear light, with grain and JPEG, and rough strokes generated from the truth.
namespace rl::kit {

struct CutCase {
    std::string name; ///< kind, ground and stroke style
    Photo photo;
    Plane alpha; ///< 0…1, the truth
    LinearPicture foreground; ///< true colours of the thing, everywhere
    Mask strokes; ///< 255 surely in, 0 surely out, 128 unknown
};

/// \param grounds photographs to take grounds and surfaces from; at least two, each 640 px or more
/// \param seed another one gives another set of the same kinds
std::vector<CutCase> cutCases(const std::vector<Photo>& grounds, unsigned seed, int count);

/// The demo's photographs, for grounds.
std::vector<Photo> photographs();

} // namespace rl::kit
