#pragma once
#include "core/transfer/lineart.h"
#include <algorithm>
#include <chrono>
#include <string>
#include <vector>

/// Figures of quality, measured on sets whose truth is known; the same sets each time.
namespace rl::bench {

struct Figure {
    std::string name;
    double value = 0;
    std::string unit;
    double target = 0; ///< what is wanted
    bool atMost = true; ///< of the target: at most it, or at least it
};

/// One of tests/data/light-examples; what its light is told by truth.json.
struct LightExample {
    Photo photo;
    Mask mask;
    bool flat = false;
    double azimuth = 0, elevation = 0; ///< degrees; of those not lit flat
};
std::vector<LightExample> lightExamples(); ///< those that can be read

/// The least of so many runs, ms.
template <class F> double bestMs(int times, F f)
{
    double best = 1e18;
    for (int i = 0; i < times; ++i) {
        const auto from = std::chrono::steady_clock::now();
        f();
        best = std::min(
            best, std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - from).count());
    }
    return best;
}

void lightFigures(std::vector<Figure>& out); ///< light direction on tests/data/light-examples
void yardstickFigures(std::vector<Figure>& out); ///< shadows against a ray tracer, in shares of the picture's width
void bodyFigures(std::vector<Figure>& out); ///< shadows of cut-outs, as the bodies they are, against a ray tracer
void ownShadeFigures(std::vector<Figure>& out); ///< what things shade of themselves; glints before what hides them
void reliefFigures(std::vector<Figure>& out); ///< reliefs against true normals
void wholePictureFigures(std::vector<Figure>& out); ///< figures found in whole photographs, and their light
void cutFigures(std::vector<Figure>& out, int cases); ///< cut-outs with known alpha; against plain cv::grabCut
void readFigures(
    std::vector<Figure>& out); ///< orders and suggestions on tests/data/attention-examples; speed of reading
/// Every fix of many works done and judged: the demos' takes, twenty made by script, up to ten photographs of a folder.
/// \param only works whose name contains it
void agreeFigures(std::vector<Figure>& out, const std::string& folder, const std::string& only);
/// Other orders of their casts put right.
void wishFigures(std::vector<Figure>& out, const std::string& folder, const std::string& only);
void reviewFigures(std::vector<Figure>& out); ///< how long a whole review takes
void sessionFigures(std::vector<Figure>& out); ///< a large work opened, closed, held; dragging beside measuring
void mixFigures(std::vector<Figure>& out); ///< recipes, recipe map, soft proof, and their speed
/// How lines lie on where a thing's parts end.
struct LineScore {
    double overTwoCm = 0, onTrue = 0, found = 0; ///< shares of line length; of the true edges
    int strokes = 0;
    double lengthCm = 0;
};
LineScore scored(const std::vector<transfer::Stroke>& lines, const cv::Mat& truth, double pixelsPerCm);
/// A picture of the demo that wide, its thing as the one element; truths lie in tests/data/lines.
std::optional<transfer::LineSource> photographedThing(const Project& demo, const std::string& name, int widthPx);
void carryFigures(std::vector<Figure>& out); ///< line art, flow, landmarks, keystone, and their speed
void paintFigures(std::vector<Figure>& out); ///< canvases squared up, drift, stages, plans of work, the eye trainer
void eyeLevelFigures(std::vector<Figure>& out); ///< boxes seen by a level camera
void importFigures(std::vector<Figure>& out); ///< 200 pictures of 12 megapixels onto the wall of the real window
int importRun(const std::string& folder); ///< the part that runs in a process of its own

} // namespace rl::bench
