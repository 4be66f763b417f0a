#include "core/stage/guides.h"
#include "core/base/words.h"
#include <limits>

namespace rl::stage {

namespace {
constexpr double kGolden = 0.6180339887498949;

void across(std::vector<GuideLine>& out, Guide g, const Project& p, std::initializer_list<double> shares)
{
    const double w = p.brief.widthCm, h = p.brief.heightCm;
    for (const double s : shares) {
        out.push_back({g, {{w * s, 0}, {w * s, h}}});
        out.push_back({g, {{0, h * s}, {w, h * s}}});
    }
}

/// Quarter arcs in the squares that a golden rectangle sheds, stretched to the canvas. One of four turns.
void spiral(std::vector<GuideLine>& out, const Project& p)
{
    std::vector<Vec2> line;
    double x = 0, y = 0, w = 1 / kGolden, h = 1; // the rectangle left over
    for (int i = 0; i < 9; ++i) {
        // The square lies left, above, right, below in turn; its arc's centre is its inner corner.
        const double side = std::min(w, h);
        Vec2 centre;
        double from = 0;
        if (i % 4 == 0)
            centre = {x + side, y + side}, from = 180, x += side, w -= side;
        else if (i % 4 == 1)
            centre = {x, y + side}, from = 270, y += side, h -= side;
        else if (i % 4 == 2)
            centre = {x + w - side, y}, from = 0, w -= side;
        else
            centre = {x + w, y + h - side}, from = 90, h -= side;
        for (int k = i ? 1 : 0; k <= 16; ++k) {
            const double a = radians(from + 90.0 * k / 16);
            line.push_back(centre + Vec2{std::cos(a), std::sin(a)} * side);
        }
    }
    for (Vec2& q : line) {
        q = {q.x * kGolden, q.y};
        if (p.guides.spiralTurn & 1)
            q.x = 1 - q.x;
        if (p.guides.spiralTurn & 2)
            q.y = 1 - q.y;
        q = {q.x * p.brief.widthCm, q.y * p.brief.heightCm};
    }
    out.push_back({Guide::Spiral, std::move(line)});
}

void rings(std::vector<GuideLine>& out, const Project& p)
{
    for (int i = 1; i <= p.guides.rings; ++i) {
        std::vector<Vec2> line;
        const double k = double(i) / p.guides.rings;
        for (int a = 0; a <= 96; ++a)
            line.push_back({p.brief.widthCm * (0.5 + 0.5 * k * std::cos(2 * kPi * a / 96)),
                p.brief.heightCm * (0.5 + 0.5 * k * std::sin(2 * kPi * a / 96))});
        out.push_back({Guide::Rings, std::move(line)});
    }
}

/// From the meeting point to the canvas' border, every 15°.
void converging(std::vector<GuideLine>& out, const Project& p)
{
    const Vec2 at
        = p.guides.meet.x < 0 && p.guides.meet.y < 0 ? Vec2{p.brief.widthCm / 2, p.camera.horizonCm} : p.guides.meet;
    const double reach = 4 * (p.brief.widthCm + p.brief.heightCm) + at.length();
    for (int a = 0; a < 24; ++a) {
        const double t = radians(15.0 * a);
        out.push_back({Guide::Converging, {at, at + Vec2{std::cos(t), std::sin(t)} * reach}});
    }
}
} // namespace

std::vector<GuideLine> guideLines(const Project& p, Guide guide)
{
    std::vector<GuideLine> out;
    const double w = p.brief.widthCm, h = p.brief.heightCm;
    const auto line = [&](Vec2 a, Vec2 b) { out.push_back({guide, {a, b}}); };
    switch (guide) {
    case Guide::Thirds:
        across(out, guide, p, {1.0 / 3, 2.0 / 3});
        break;
    case Guide::Golden:
        across(out, guide, p, {1 - kGolden, kGolden});
        break;
    case Guide::Quarters:
        across(out, guide, p, {0.25, 0.5, 0.75});
        break;
    case Guide::Spiral:
        spiral(out, p);
        break;
    case Guide::Diagonals:
        line({0, 0}, {w, h});
        line({0, h}, {w, 0});
        for (const double x : {0.0, w / 2}) {
            line({x, 0}, {x + w / 2, h});
            line({x, h}, {x + w / 2, 0});
        }
        break;
    case Guide::Pyramid: {
        std::vector<Vec2> c = p.guides.corners;
        if (c.size() < 3)
            c = {{w / 2, 0.12 * h}, {0.12 * w, 0.9 * h}, {0.88 * w, 0.9 * h}};
        out.push_back({guide, {c[0], c[1], c[2], c[0]}});
        break;
    }
    case Guide::Converging:
        converging(out, p);
        break;
    case Guide::Rings:
        rings(out, p);
        break;
    }
    return out;
}

const char* nameOf(Guide g)
{
    static const char* names[]{translatable("thirds"), translatable("golden division"), translatable("golden spiral"),
        translatable("quarters and centre"), translatable("diagonals"), translatable("pyramid"),
        translatable("converging lines"), translatable("rings")};
    return names[int(g)];
}

const char* explained(Guide g)
{
    static const char* words[]{
        translatable("Lines at a third and two thirds: a lead on one of their crossings sits off "
                     "centre without falling off the edge."),
        translatable(
            "Lines at 0.382 and 0.618 of each side: the smaller part is to the larger as the larger is to the whole."),
        translatable(
            "Quarter turns in the squares a golden rectangle sheds: leads the gaze inwards to one eye. Four ways to "
            "turn it."),
        translatable(
            "Halves and quarters: for pictures that want to stand still, and for finding what sits dead in the "
            "middle."),
        translatable("Diagonals of the canvas and of its halves: edges laid along them move together."),
        translatable("A triangle on three corners of your choice: a group that fills it stands firm."),
        translatable("Lines from one meeting point: edges that follow them lead there."),
        translatable("Rings about the centre: for round and oval formats, where corners lead nowhere.")};
    return words[int(g)];
}

double distanceTo(const std::vector<Vec2>& line, Vec2 q)
{
    double best = std::numeric_limits<double>::infinity();
    for (std::size_t i = 0; i + 1 < line.size(); ++i) {
        const Vec2 a = line[i], d = line[i + 1] - a, v = q - a;
        const double n = d.x * d.x + d.y * d.y, t = n > 0 ? std::clamp((v.x * d.x + v.y * d.y) / n, 0.0, 1.0) : 0;
        best = std::min(best, (v - d * t).length());
    }
    return best;
}

std::vector<OnGuide> onGuides(const Project& p, SurfaceCache& cache, double percent)
{
    std::vector<OnGuide> out;
    const double side = std::max(p.brief.widthCm, p.brief.heightCm);
    for (int g = 0; g < kGuideCount; ++g) {
        if (!p.guides.on(Guide(g)))
            continue;
        const auto lines = guideLines(p, Guide(g));
        for (const Element& e : p.elements) {
            const Placement place = placed(p, e, cache);
            if (!place.visible)
                continue;
            double best = std::numeric_limits<double>::infinity();
            for (const GuideLine& l : lines)
                best = std::min(best, distanceTo(l.points, place.canvas.centre()));
            if (100 * best / side <= percent)
                out.push_back({Guide(g), e.id, 100 * best / side});
        }
    }
    return out;
}

} // namespace rl::stage
