#pragma once
#include "core/base/geometry.h"
#include "core/transfer/edges.h"
#include <optional>
#include <vector>

namespace rl::transfer {

struct TracedLine {
    std::vector<Vec2> points; ///< px, a pixel apart, from pixel corners
    double strength = 0; ///< mean
    double tells = 0; ///< what it is worth to a drawing: strength and length
};

/// Follows the ridges of an edge field into long lines.
class LineTracer {
public:
    /// \param sigma px of the detector the field was made with
    LineTracer(const EdgeField& field, double sigma);
    /// A line that is there already: what runs beside it is not drawn again, what meets it ends on it.
    void occupy(const std::vector<Vec2>& px, bool closed);
    /// All lines of that length or more, in the order they were found. \param gap px that a line may be lost for
    std::vector<TracedLine> all(double least, double gap);

private:
    std::vector<Vec2> follow(Vec2 at, double hx, double hy, double gap);
    bool ownTrack(Vec2 p, int step);
    float strengthAt(Vec2 p) const;
    bool taken(Vec2 p) const;
    bool centred(Vec2& p) const;
    std::size_t blurredEnd() const { return std::size_t(11 * m_sigma); } ///< px near a junction that are no guide
    void endOn(const std::optional<Vec2>& meets, std::vector<Vec2>& way) const;
    std::optional<Vec2> joins(Vec2 p, const std::vector<Vec2>& way) const;
    const EdgeField& m_field;
    double m_sigma;
    int m_width, m_height;
    std::vector<std::uint8_t> m_taken;
    std::vector<std::pair<int, int>> m_track; ///< of each pixel: the line that went over it last, at which step
    int m_line = 0, m_way = 1; ///< being followed; which way
    std::vector<std::vector<Vec2>> m_lines;
    std::vector<std::vector<std::pair<int, int>>> m_near; ///< of each cell: line, point
    int m_cells = 0;
    static constexpr int kCell = 8;
};

} // namespace rl::transfer
