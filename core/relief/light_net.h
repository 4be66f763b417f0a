#pragma once
#include "core/base/geometry.h"
#include <array>
#include <vector>

namespace rl::relief {

/// Side of the square pictures the network reads, px.
constexpr int kNetSide = 96;
constexpr std::size_t kNetPlane = std::size_t(kNetSide) * kNetSide;

struct NetAnswer {
    std::vector<float> lift; ///< three planes x, y, z: what is added to the normals of the puffed outline
    Vec3 light; ///< towards the light; its length says how sure
};

/// A small encoder-decoder (3×3 convolutions, zero padding, max(x, 0.1 x); 67 786 weights): normals and light of one
/// thing in a frame turned so that its light is guessed to come from the right.
/// \param planes 14 of 96 × 96: inside, outline's normal x and y, √u / 16, luminance - ½, its logarithm, that against
/// its surroundings, two chromaticities, and inside times: 2 confidence - 0.7, sin elevation, 1, the picture's up x, y
/// \param said the picture's up x, y in the frame, 2 confidence - 0.7, sin elevation
NetAnswer lightNet(const std::vector<float>& planes, const std::array<float, 4>& said);

} // namespace rl::relief
