#pragma once
#include "core/stage/body_map.h"

namespace rl::stage {

/// A row in a face's own axes: q = o + depth (a + i b), in texels of the finest size (times the distance for a lamp).
struct FaceLine {
    float ou, ov, oz, au, av, az, bu, bv, bz;
    float apart; ///< texels from point to point (lamp: times the distance)
    float least, most; ///< m: of the row's depths
};
FaceLine lineOf(const BodyMap::Face& face, const RayRow& row, bool sun);

/// A face as it is read for a light of one size.
struct FaceReading {
    FaceReading(const BodyMap::Face& face, bool isSun, double lightSize);
    const BodyMap::Level* levels;
    int count;
    float size, texel, blocking, front, middle;
    bool sun;
    float axisU, axisV; ///< texels: where the face's `away` goes through it (lamps)
    float quarter; ///< texels from there beyond which another of six faces answers
};

/// Some points of rows on their way through the steps of a reading, step by step for all, so that none waits for the
/// memory of another. What is told of a point does not depend on the others.
struct PointBatch {
    static constexpr int kMost = 256;
    int count = 0;
    int id[kMost]; ///< whatever the caller knows a point by
    float u[kMost], v[kMost], z[kMost]; ///< texels; times the distance before a lamp's are placed; m
    float least[kMost], kernel[kMost]; ///< texels: from point to point, and of the penumbra
    int left = 0, open[kMost]; ///< what is not told yet
    int level[kMost]; ///< of the map, at which it is looked at
    float stops[kMost], depth[kMost], square[kMost], over[kMost]; ///< what is read, and over how many points
    float stopped[kMost], points[kMost]; ///< what comes out; over how many points it cannot change much

    bool full() const { return count == kMost; }
    /// One point. \param at depth, m, times the row's way
    void add(int known, const FaceLine& l, int i, float at)
    {
        const float d = std::min(std::max(at, l.least), l.most), k = float(i);
        const int j = count++;
        id[j] = known;
        u[j] = l.ou + d * (l.au + k * l.bu), v[j] = l.ov + d * (l.av + k * l.bv), z[j] = l.oz + d * (l.az + k * l.bz);
        least[j] = l.apart;
    }
};
/// Adds points of a row: from, from + step … as many as there is room for. \param known of column 0; each next one
/// higher \param depth m, times the row's way, or null: 1 everywhere \return the first that is not added
int add(PointBatch& batch, const FaceLine& line, const float* depth, int known, int from, int to, int step);
/// \param around points that are looked at together at least, before each by itself
void tell(PointBatch& batch, const FaceReading& reading, float around);

} // namespace rl::stage
