// Everything that is read off one lit picture, in pieces that run side by side.
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/reading/rule_help.h"
#include "core/reading/value_bins.h"
#include <opencv2/imgproc.hpp>
#include <optional>

namespace rl::reading {

namespace {
constexpr double kOutlinesPx = 1024; // outlines are told at that as well as at more

/// Which pixels one of fewer is the mean of, and how much of it each is.
struct Share {
    int from = 0;
    std::vector<float> weights;
};
std::vector<Share> sharesOf(int many, int few)
{
    std::vector<Share> all;
    const double step = double(many) / few;
    for (int i = 0; i < few; ++i) {
        Share& s = all.emplace_back();
        const double from = i * step, to = std::min((i + 1) * step, double(many));
        s.from = int(from);
        for (int j = s.from; j < std::min(many, int(std::ceil(to - 1e-9))); ++j)
            s.weights.push_back(float((std::min(to, j + 1.0) - std::max(from, double(j))) / (to - from)));
    }
    return all;
}

/// Means over areas, as INTER_AREA has them, at half its cost where the steps are no whole numbers.
LinearPicture fewer(const LinearPicture& p, cv::Size size)
{
    std::vector<Rgb> pixels(std::size_t(size.width) * std::size_t(size.height));
    const std::vector<Share> across = sharesOf(p.width(), size.width), down = sharesOf(p.height(), size.height);
    const std::size_t n = std::size_t(p.width()) * 3;
    parallelRows(size.height, [&](int begin, int end) {
        std::vector<float> sums(n);
        for (int y = begin; y < end; ++y) {
            const Share& rows = down[std::size_t(y)];
            std::fill(sums.begin(), sums.end(), 0.f);
            for (std::size_t r = 0; r < rows.weights.size(); ++r) {
                const float w = rows.weights[r], *from = &p.row(rows.from + int(r))->r;
                for (std::size_t i = 0; i < n; ++i)
                    sums[i] += w * from[i];
            }
            Rgb* out = pixels.data() + std::size_t(y) * std::size_t(size.width);
            for (const Share& s : across) {
                Rgb sum{};
                const float* from = sums.data() + std::size_t(s.from) * 3;
                for (const float w : s.weights)
                    sum.r += w * from[0], sum.g += w * from[1], sum.b += w * from[2], from += 3;
                *out++ = sum;
            }
        }
    });
    return {size.width, size.height, std::move(pixels)};
}

IdMap fewer(const IdMap& ids, cv::Size size)
{
    std::vector<int> column(std::size_t(size.width));
    for (int x = 0; x < size.width; ++x)
        column[std::size_t(x)] = std::min(ids.width() - 1, int((x + 0.5) * ids.width() / size.width));
    std::vector<std::int32_t> small(std::size_t(size.width) * std::size_t(size.height));
    parallelRows(size.height, [&](int begin, int end) {
        for (int y = begin; y < end; ++y) {
            const auto* from = ids.row(std::min(ids.height() - 1, int((y + 0.5) * ids.height() / size.height)));
            auto* to = small.data() + std::size_t(y) * std::size_t(size.width);
            for (int x = 0; x < size.width; ++x)
                to[x] = from[column[std::size_t(x)]];
        }
    });
    return {size.width, size.height, std::move(small)};
}

} // namespace

light::Picture smaller(const light::Picture& p, double k)
{
    const cv::Size size(
        std::max(8, int(std::lround(p.ids.width() * k))), std::max(8, int(std::lround(p.ids.height() * k))));
    return {fewer(p.colour, size), fewer(p.ids, size), p.pixelsPerCm * size.width / p.ids.width()};
}

namespace {
Rect larger(const Rect& r, double k)
{
    return {r.x * k, r.y * k, r.width * k, r.height * k};
}
/// From the small picture back to the whole one.
void enlarge(Reading& r, double k)
{
    for (Silhouette& s : r.silhouettes) {
        for (EdgePoint& e : s.contour)
            e.at = e.at * k, e.width *= float(k);
        s.lostPlace = larger(s.lostPlace, k), s.medianWidth *= k;
    }
    for (auto& [id, at] : r.attention.centre)
        at = at * k;
    for (Vec2& peak : r.attention.peaks)
        peak = peak * k;
    for (StrongPlace& place : r.attention.places)
        place.at = larger(place.at, k);
    for (Tangent& t : r.tangents)
        t.gapPx *= k, t.freePx *= k, t.at = t.at * k;
    for (Merged& m : r.merged)
        m.at = m.at * k, m.lengthPx *= k;
    for (ClueSeen& c : r.clues)
        c.at = larger(c.at, k);
    for (Accent& a : r.colours.accents)
        for (Rect& place : a.places)
            place = larger(place, k);
    for (Rect& f : r.faces)
        f = larger(f, k);
}

void readValues(const Project& p, const light::Picture& picture, int steps, const stage::StageFrame* frame, Reading& r)
{
    const ValueBins bins(picture.colour);
    r.steps = p.brief.valueBounds.empty() ? bins.steps(steps) : bins.steps(p.brief.valueBounds);
    std::map<int, double> distance;
    if (frame)
        for (const stage::Layer& l : frame->layers)
            distance[l.element] = l.distance;
    r.values = bins.plan(picture.ids, depthPlanes(distance));
    r.darkest = bins.lightnessUnder(0.01), r.lightest = bins.lightnessUnder(0.99);
}
} // namespace

/// What is told of the small picture alone.
struct Reader::Kept {
    light::Picture small;
    Viewing viewing;
    Layout layout;
    std::vector<Silhouette> silhouettes;
    std::vector<Tangent> tangents;
    std::vector<ThumbShape> thumbs;
    std::vector<Repeat> repeats;
    Skyline skyline;
    FaceSearch faces;
};

namespace {
bool sameOutlines(const IdMap& a, const IdMap& b)
{
    return a.width() == b.width() && a.height() == b.height() && std::equal(a.data(), a.data() + a.size(), b.data());
}

/// Boxes of what has another colour, by id.
std::map<int, cv::Rect> changedIn(const light::Picture& before, const light::Picture& after)
{
    std::map<int, std::array<int, 4>> boxes; // left, top, right, bottom
    for (int y = 0; y < after.ids.height(); ++y)
        for (int x = 0; x < after.ids.width(); ++x) {
            const Rgb a = before.colour.at(x, y), b = after.colour.at(x, y);
            if (a.r == b.r && a.g == b.g && a.b == b.b)
                continue;
            auto [at, fresh] = boxes.try_emplace(after.ids.at(x, y), std::array{x, y, x, y});
            auto& [left, top, right, bottom] = at->second;
            left = std::min(left, x), right = std::max(right, x), bottom = y;
        }
    std::map<int, cv::Rect> out;
    for (const auto& [id, b] : boxes)
        out[id] = {b[0], b[1], b[2] - b[0] + 1, b[3] - b[1] + 1};
    return out;
}

/// Contours as they were where nothing near them has changed, the others measured.
std::vector<Silhouette> contours(
    const light::Picture& small, const light::Picture& before, const std::vector<Silhouette>& known)
{
    const auto changed = changedIn(before, small);
    const int far = int(0.09 * std::max(small.ids.width(), small.ids.height())) + 24; // farther than a contour looks
    std::set<int> anew;
    for (const auto& [id, box] : boxesIn(small.ids))
        for (const auto& [who, part] : changed)
            if ((cv::Rect(box.x - far, box.y - far, box.width + 2 * far, box.height + 2 * far) & part).area() > 0)
                anew.insert(id);
    std::vector<Silhouette> all = known;
    if (anew.empty())
        return all;
    for (Silhouette& s : silhouettes(small, anew))
        for (Silhouette& old : all)
            if (old.element == s.element)
                old = std::move(s);
    return all;
}
} // namespace

light::Picture smallerForReading(const light::Picture& p)
{
    const double k = kOutlinesPx / std::max(p.ids.width(), p.ids.height());
    return k < 1 ? smaller(p, k) : p;
}

light::Picture smallerIds(const light::Picture& p)
{
    const double k = std::min(1.0, kOutlinesPx / std::max(p.ids.width(), p.ids.height()));
    const cv::Size size(
        std::max(8, int(std::lround(p.ids.width() * k))), std::max(8, int(std::lround(p.ids.height() * k))));
    return {{}, k < 1 ? fewer(p.ids, size) : p.ids, p.pixelsPerCm * size.width / p.ids.width()};
}

Findings strongPlaces(const Project& p, const light::Picture& picture)
{
    Findings out;
    if (picture.colour.empty())
        return out;
    const double k = kOutlinesPx / std::max(picture.ids.width(), picture.ids.height());
    const light::Picture small = k < 1 ? smaller(picture, k) : picture;
    Reading r;
    r.attention
        = attention(small.colour, small.ids, {p.brief.widthCm, p.brief.heightCm, p.brief.viewingDistanceCm}, 384, true);
    enlarge(r, picture.ids.width() / double(small.ids.width()));
    placeFindings(RuleView(p, picture, r), out);
    std::erase_if(out, [](const Finding& f) { return !f.key.starts_with("read.place:"); });
    return out;
}

Reading read(const Project& p, const light::Picture& picture, int steps, const stage::StageFrame* frame,
    const Progress* progress)
{
    return Reader().read(p, picture, steps, frame, progress);
}

Reading Reader::read(const Project& p, const light::Picture& picture, int steps, const stage::StageFrame* frame,
    const Progress* progress)
{
    Reading r;
    if (picture.colour.empty())
        return r;
    const Viewing viewing{p.brief.widthCm, p.brief.heightCm, p.brief.viewingDistanceCm};
    const double k = kOutlinesPx / std::max(picture.ids.width(), picture.ids.height());
    const light::Picture small = k < 1 ? smaller(picture, k) : picture;
    const std::shared_ptr<const Kept> old = m_kept && m_kept->viewing.canvasWidthCm == viewing.canvasWidthCm
            && m_kept->viewing.canvasHeightCm == viewing.canvasHeightCm
            && m_kept->viewing.distanceCm == viewing.distanceCm && m_kept->small.pixelsPerCm == small.pixelsPerCm
            && sameOutlines(m_kept->small.ids, small.ids)
        ? m_kept
        : nullptr;
    std::optional<Layout> layout;
    FaceSearch faces;
    if (old)
        layout = old->layout, r.tangents = old->tangents, r.thumbs = old->thumbs, r.skyline = old->skyline,
        r.repeats = old->repeats;
    const std::function<void()> pieces[] = {
        [&] {
            if (!layout)
                layout.emplace(small.ids, viewing, 384);
            r.attention = layout->read(small.colour, true);
        },
        [&] { faces = searchFaces(colour::codeOf(small.colour), old ? &old->faces : nullptr); },
        [&] {
            r.silhouettes = old ? contours(small, old->small, old->silhouettes) : silhouettes(small);
            r.merged = merged(r.silhouettes);
        },
        [&] { r.clues = cluesSeen(p, small, viewing); },
        [&] {
            if (!old)
                r.tangents = tangents(small);
        },
        [&] {
            if (!old)
                r.thumbs = thumbShapes(small), r.skyline = skylineOf(small.ids);
        },
        [&] {
            if (!old)
                r.repeats = repeats(small);
        },
        [&] { r.balance = balanceOf(small), r.colours = colourPlan(small); },
        [&] { readValues(p, small, steps, frame, r); },
    };
    parallelItems(int(std::size(pieces)), [&](int i) {
        if (!progress || !progress->cancelled())
            pieces[i]();
    });
    m_kept = progress && progress->cancelled() ? nullptr
                                               : std::make_shared<const Kept>(Kept{small, viewing, *layout,
                                                   r.silhouettes, r.tangents, r.thumbs, r.repeats, r.skyline, faces});
    r.faces = faces.faces;
    enlarge(r, picture.ids.width() / double(small.ids.width()));
    const Vec2 grown{
        picture.ids.width() / double(small.ids.width()), picture.ids.height() / double(small.ids.height())};
    r.values.darkestAt = {r.values.darkestAt.x * grown.x, r.values.darkestAt.y * grown.y};
    r.values.lightestAt = {r.values.lightestAt.x * grown.x, r.values.lightestAt.y * grown.y};
    r.edges = plannedEdges(p, r.silhouettes);
    r.meant = meantShares(p, r.attention, picture.ids, r.faces);
    if (frame) {
        const auto hidden = hiddenShares(*frame, picture.ids);
        for (ThumbShape& t : r.thumbs)
            if (const auto h = hidden.find(t.element); h != hidden.end())
                t.hidden = h->second;
    }
    return r;
}

} // namespace rl::reading
