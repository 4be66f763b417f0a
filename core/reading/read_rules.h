#pragma once
#include "core/reading/attention.h"
#include "core/reading/balance.h"
#include "core/reading/silhouette.h"
#include "core/reading/values.h"

namespace rl::reading {

/// Everything read off one lit picture.
struct Reading {
    Attention attention;
    std::vector<Silhouette> silhouettes;
    std::vector<Tangent> tangents;
    std::vector<ValueStep> steps;
    Balance balance;
    double darkest = 0, lightest = 100; ///< L* of the 1 % and 99 % points
};
Reading read(const Project& project, const light::Picture& picture, int steps = 3);

/// Measured order against the intended one, melting contours, tangents, pull at the edge, range of values.
Findings readFindings(const Project& project, const light::Picture& picture, const Reading& reading);

/// Share of attention of each cast member (several elements may show one), and the rest under 0.
std::map<int, double> castShares(const Project& project, const Attention& attention);

} // namespace rl::reading
