#pragma once
#include "core/cutout/closed_form.h"

namespace rl::cutout {

/// Colours that are in and out near each place of a picture, and how well they account for a pixel. Colours are CIELAB
/// (OpenCV's, D65), as a CV_32FC3 matrix of the picture's size.
class LocalColours {
public:
    /// \param marks 255 in, 0 out, else not asked \param tile side of a tile, px, ≥ 4
    LocalColours(const cv::Mat& lab, const cv::Mat& marks, int tile);

    struct Account {
        float in = 0, out = 0; ///< density of like colours, 0…1
        float nearestIn = 1e3f, nearestOut = 1e3f; ///< ΔE76 to the most like colour
    };
    Account of(int x, int y) const;
    /// The pair of colours in and out, from near by, that best explains the pixel as a mixture.
    struct Mixture {
        float alpha = 0.5f;
        float miss = 1e3f; ///< what the mixture leaves unexplained, ΔE76
        float spread = 1; ///< of alpha among pairs that explain it about as well
    };
    /// \param linear the same picture in linear light: mixtures are straight there
    Mixture mixture(const LinearPicture& linear, int x, int y) const;

private:
    struct Sample {
        cv::Vec3f lab;
        int at; // position in the picture
    };
    struct Tile {
        std::vector<Sample> in, out;
    };
    const Tile& tileAt(int x, int y) const { return m_gathered[std::size_t((y / m_tile) * m_columns + x / m_tile)]; }
    cv::Mat m_lab;
    int m_tile, m_columns, m_rows;
    std::vector<Tile> m_gathered; // samples of each tile and its surroundings
};

cv::Mat labOf(const cv::Mat& rgb8);

/// Draws a hard mask anew within `reach` px of its edge (and wherever it is doubtful) by local colours and a graph cut.
/// \param strokes 255 in and 0 out stay as they are
/// \param prior log of how much likelier "in" is by what is known beforehand, CV_32FC1; may be empty. Pixels it speaks
///              against do not serve as samples.
/// \return 0 or 255
cv::Mat locallyRecut(
    const cv::Mat& lab, const cv::Mat& hard, const cv::Mat& strokes, int reach, const cv::Mat& prior = {});

/// Log of how much likelier "in" is by the marked colours alone, those near by first; clamped to ±5. CV_32FC1.
cv::Mat strokeEvidence(const cv::Mat& lab, const cv::Mat& strokes);

} // namespace rl::cutout
