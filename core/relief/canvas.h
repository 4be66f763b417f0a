#pragma once
#include "core/relief/inflate.h"
#include "core/relief/light_net.h"
#include <opencv2/core.hpp>

namespace rl::relief {

/// One thing of a photograph on a square of 96 px, its longest side 88 px, and what of it the network reads.
struct Canvas {
    cv::Rect box; ///< px of the picture: what the outline spans
    cv::Rect place; ///< px of the canvas where the box lies
    cv::Mat inside, valid; ///< 0 or 255; valid: with colours that are surely its own
    cv::Mat luminance; ///< linear, float; where not valid taken from around
    cv::Mat colour; ///< the same in three channels
    cv::Mat u; ///< of inflated(), float
    cv::Mat normals; ///< of the puffed outline, 3 floats; (0, 0, 1) outside
    double bright = 1; ///< luminance of the lightest but two in a hundred
    double radius = 1; ///< px, of a disc as large
    double clipped = 0; ///< share of its pixels that are white in every channel
    std::vector<float> planes; ///< nine of 96 × 96, as lightNet() wants them
};
/// Empty `inside` when there is nothing to see. \param alpha as large as the picture
Canvas canvasOf(const Photo& picture, const Mask& alpha);

/// What the network says of a canvas, in the canvas's own directions: asked twice, with the picture as it is and
/// upside down, and averaged.
/// \param azimuth of the light as first guessed, degrees \param elevation degrees \param confidence 0…1
NetAnswer readCanvas(const Canvas& canvas, double azimuth, double elevation, double confidence);

/// The puffed normals with a share of what the network adds; 3 floats, unit.
cv::Mat liftedNormals(const Canvas& canvas, const NetAnswer& answer);

} // namespace rl::relief
