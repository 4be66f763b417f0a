// Everything that is read off one lit picture, in pieces that run side by side.
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/reading/read_rules.h"
#include <opencv2/imgproc.hpp>
#include <optional>

namespace rl::reading {

namespace {
constexpr double kOutlinesPx = 1024; // outlines are told at that as well as at more

light::Picture smaller(const light::Picture& p, double k)
{
    const cv::Size size(
        std::max(8, int(std::lround(p.ids.width() * k))), std::max(8, int(std::lround(p.ids.height() * k))));
    std::vector<Rgb> pixels(std::size_t(size.width) * std::size_t(size.height));
    cv::Mat colour(size, CV_32FC3, pixels.data());
    cv::resize(p.colour.mat(), colour, size, 0, 0, cv::INTER_AREA);
    std::vector<int> column(std::size_t(size.width));
    for (int x = 0; x < size.width; ++x)
        column[std::size_t(x)] = std::min(p.ids.width() - 1, int((x + 0.5) * p.ids.width() / size.width));
    std::vector<std::int32_t> small(std::size_t(size.width) * std::size_t(size.height));
    for (int y = 0; y < size.height; ++y) {
        const auto* from = p.ids.row(std::min(p.ids.height() - 1, int((y + 0.5) * p.ids.height() / size.height)));
        auto* to = small.data() + std::size_t(y) * std::size_t(size.width);
        for (int x = 0; x < size.width; ++x)
            to[x] = from[column[std::size_t(x)]];
    }
    return {{size.width, size.height, std::move(pixels)}, {size.width, size.height, std::move(small)},
        p.pixelsPerCm * size.width / p.ids.width()};
}

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

/// L* under which each of some shares of the picture lies, in rising order.
std::vector<double> lightnessUnder(const LinearPicture& picture, const std::vector<double>& shares)
{
    constexpr std::size_t n = 8192; // steps of the square root of luminance: 0.02 L* at most
    std::vector<double> counts(n + 1, 0), sums(n + 1, 0);
    for (std::size_t i = 0; i < picture.size(); ++i) {
        const float y = std::clamp(luminance(picture.data()[i]), 0.f, 1.f);
        const auto k = std::size_t(std::sqrt(y) * float(n) + 0.5f);
        ++counts[k], sums[k] += double(y);
    }
    std::vector<double> out;
    double sum = 0;
    for (std::size_t k = 0; k <= n && out.size() < shares.size(); ++k) {
        sum += counts[k];
        while (out.size() < shares.size() && sum > shares[out.size()] * double(picture.size()))
            out.push_back(double(colour::lightness(float(sums[k] / counts[k])))); // the mean of its step
    }
    out.resize(shares.size(), 100);
    return out;
}
void readValues(const Project& p, const light::Picture& picture, int steps, const stage::StageFrame* frame, Reading& r)
{
    r.steps = p.brief.valueBounds.empty() ? valueSteps(picture.colour, steps)
                                          : valueSteps(picture.colour, p.brief.valueBounds);
    std::map<int, double> distance;
    if (frame)
        for (const stage::Layer& l : frame->layers)
            distance[l.element] = l.distance;
    r.values = valuePlan(picture.colour, picture.ids, depthPlanes(distance));
    const std::vector<double> ends = lightnessUnder(picture.colour, {0.01, 0.99});
    r.darkest = ends[0], r.lightest = ends[1];
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
