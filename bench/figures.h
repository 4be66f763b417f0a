#pragma once
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

void lightFigures(std::vector<Figure>& out); ///< light direction on tests/data/light-examples
void yardstickFigures(std::vector<Figure>& out); ///< shadows against a ray tracer, in shares of the picture's width
void bodyFigures(std::vector<Figure>& out); ///< shadows of cut-outs, as the bodies they are, against a ray tracer
void ownShadeFigures(std::vector<Figure>& out); ///< what things shade of themselves; glints before what hides them
void reliefFigures(std::vector<Figure>& out); ///< reliefs against true normals
void cutFigures(std::vector<Figure>& out, int cases); ///< cut-outs with known alpha; against plain cv::grabCut
void readFigures(
    std::vector<Figure>& out); ///< orders and suggestions on tests/data/attention-examples; speed of reading
void mixFigures(std::vector<Figure>& out); ///< recipes, recipe map, soft proof, and their speed
void eyeLevelFigures(std::vector<Figure>& out); ///< boxes seen by a level camera
void importFigures(std::vector<Figure>& out); ///< 200 pictures of 12 megapixels onto the wall of the real window
int importRun(const std::string& folder); ///< the part that runs in a process of its own

} // namespace rl::bench
