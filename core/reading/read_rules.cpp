#include "core/reading/read_rules.h"
#include "core/base/text.h"
#include "core/colour/lab.h"
#include "core/project/fixes.h"
#include <opencv2/imgproc.hpp>

namespace rl::reading {

namespace {
std::string keyOf(const char* kind, int id)
{
    return std::string(kind) + ":" + std::to_string(id);
}

Rect boundsOf(const light::Picture& picture, int element)
{
    int x0 = 1 << 30, y0 = 1 << 30, x1 = -1, y1 = -1;
    for (int y = 0; y < picture.ids.height(); ++y)
        for (int x = 0; x < picture.ids.width(); ++x)
            if (picture.ids.at(x, y) == element) {
                x0 = std::min(x0, x), x1 = std::max(x1, x);
                y0 = std::min(y0, y), y1 = std::max(y1, y);
            }
    if (x1 < 0)
        return {};
    const double k = picture.pixelsPerCm;
    return {x0 / k, y0 / k, (x1 - x0 + 1) / k, (y1 - y0 + 1) / k};
}

std::string nameOf(const Project& p, int element)
{
    const Element* e = p.element(element);
    return e ? "“" + e->name + "”" : "the canvas edge";
}

/// The element that draws most for a cast member.
int leadOf(const Project& p, const Attention& a, int cast)
{
    for (const int id : a.order)
        if (const Element* e = p.element(id); e && e->cast == cast)
            return id;
    return 0;
}

void order(const Project& p, const light::Picture& picture, const Attention& a, Findings& out)
{
    const std::map<int, double> shares = castShares(p, a);
    for (std::size_t i = 0; i + 1 < p.brief.cast.size(); ++i)
        for (std::size_t j = i + 1; j < p.brief.cast.size(); ++j) {
            const CastMember &first = p.brief.cast[i], &second = p.brief.cast[j];
            const auto own = shares.find(first.id), other = shares.find(second.id);
            if (own == shares.end() || other == shares.end() || own->second >= other->second)
                continue;
            const int who = leadOf(p, a, first.id), rival = leadOf(p, a, second.id);
            const bool tie = own->second > 0.9 * other->second;
            const auto driver = a.drivers.find(rival);
            out.push_back({"read.order:" + std::to_string(first.id) + ">" + std::to_string(second.id), Station::Read,
                i == 0 && !tie ? Severity::Broken : Severity::Watch,
                "By contrast, “" + second.name + "” draws " + fixed(100 * other->second, 0)
                    + " % of the measured pull and “" + first.name + "” " + fixed(100 * own->second, 0) + " %, though “"
                    + first.name + "” should be read first"
                    + (driver != a.drivers.end() ? "; mostly through " + driver->second + "." : "."),
                100 * own->second, 100 * other->second, "% of pull", boundsOf(picture, who), rival,
                "The order of reading is decided by contrast long before detail; repainting it later costs weeks. It "
                "does not know faces or meaning.",
                {}});
        }
}

void melts(const Project& p, const light::Picture& picture, const std::vector<Silhouette>& all, Findings& out)
{
    for (const Silhouette& s : all) {
        if (s.lost < 0.25 || s.contour.size() < 30)
            continue;
        const double k = picture.pixelsPerCm;
        out.push_back(
            {keyOf("read.melts", s.element), Station::Read, s.lost > 0.45 ? Severity::Broken : Severity::Watch,
                nameOf(p, s.element) + " melts into what is behind it along " + fixed(100 * s.lost, 0)
                    + " % of its contour (median difference ΔE " + fixed(s.medianDifference) + ", "
                    + fixed(s.medianLightness) + " L*).",
                100 * s.lost, 25, "% lost",
                {s.lostPlace.x / k, s.lostPlace.y / k, s.lostPlace.width / k, s.lostPlace.height / k}, s.element,
                "A lost edge here and there lets a shape breathe; when a quarter is gone the shape itself is.", {}});
    }
}

void kisses(const Project& p, const light::Picture& picture, const std::vector<Tangent>& all, Findings& out)
{
    for (const Tangent& t : all) {
        if (t.second == 0)
            continue; // the margin rule of the stage speaks of the canvas edge
        const double k = picture.pixelsPerCm, step = std::max(p.brief.widthCm, p.brief.heightCm) * 0.02;
        const Rect a = boundsOf(picture, t.first), b = boundsOf(picture, t.second);
        const double areaA = a.width * a.height, areaB = b.width * b.height;
        const int moved = areaA <= areaB ? t.first : t.second;
        const double sign = (moved == t.first ? a.centre().x - b.centre().x : b.centre().x - a.centre().x) < 0 ? -1 : 1;
        Finding f{"read.tangent:" + std::to_string(t.first) + "+" + std::to_string(t.second), Station::Read,
            Severity::Watch,
            "The outlines of " + nameOf(p, t.first) + " and " + nameOf(p, t.second)
                + " just kiss: " + fixed(10 * t.gapPx / k, 0) + " mm between them.",
            10 * t.gapPx / k, 10 * step, "mm", {t.at.x / k - 2, t.at.y / k - 2, 4, 4}, moved,
            "Two edges that just touch tie near and far together; let them overlap clearly or stand apart.", {}};
        if (p.element(moved))
            f.fix = fixes::shift(*p.element(moved), "Move " + nameOf(p, moved) + " " + fixed(10 * step, 0) + " mm away",
                {sign * step, 0});
        out.push_back(std::move(f));
    }
}

void leak(const Project& p, const light::Picture& picture, const Attention& a, Findings& out)
{
    if (a.edgeShare < 0.08 || !a.edgeElement)
        return;
    const Rect r = boundsOf(picture, a.edgeElement);
    const double w = p.brief.widthCm, room = 0.08 * std::min(w, p.brief.heightCm);
    const double left = r.x, right = w - r.right();
    const double move = left < right ? room - left : right - room;
    const auto driver = a.drivers.find(a.edgeElement);
    Finding f{keyOf("read.edge", a.edgeElement), Station::Read, Severity::Watch,
        nameOf(p, a.edgeElement) + " pulls the gaze off the edge: " + fixed(100 * a.edgeShare)
            + " % of the pull lies with it in the outer band"
            + (driver != a.drivers.end() ? ", mostly through " + driver->second + "." : "."),
        100 * a.edgeShare, 8, "% of pull", r, a.edgeElement, "A strong patch at the edge is a door out of the picture.",
        {}};
    if (std::abs(move) > 0.2)
        f.fix = fixes::shift(*p.element(a.edgeElement), "Move it in by " + fixed(std::abs(move)) + " cm", {move, 0});
    out.push_back(std::move(f));
}

/// Air makes near darks pale as well as far ones; paint has black to spare for accents.
void paleDarks(const Project& p, const Reading& r, Findings& out)
{
    constexpr double pale = 18, wanted = 12; // L*
    if (r.darkest <= pale || p.lights.air.darks >= 0.299)
        return;
    const double y = double(luminance(colour::fromLab({float(r.darkest), 0, 0}))),
                 aim = double(luminance(colour::fromLab({float(wanted), 0, 0})));
    // From y² (1 + d) / (y + d) = aim, small d.
    const double more = std::clamp(y * (y - aim) / std::max(aim - y * y, 1e-4), 0.01, 0.3);
    out.push_back({"read.pale-darks", Station::Read, Severity::Watch,
        "The darkest hundredth of the picture is only L* " + fixed(r.darkest, 0) + ".", r.darkest, pale, "L*",
        {0, 0, p.brief.widthCm, p.brief.heightCm}, 0,
        "Paint goes down to about L* 12 and lower; without a dark accent nothing stands near.",
        fixes::air("Deepen the darks", [more](Air& a) { a.darks = std::min(0.3, a.darks + more); })});
}

void range(const Project& p, const Reading& r, Findings& out)
{
    const double span = r.lightest - r.darkest;
    paleDarks(p, r, out);
    if (span >= 45)
        return;
    out.push_back({"read.range", Station::Read, Severity::Watch,
        "From the darkest to the lightest hundredth there are only " + fixed(span, 0) + " L*.", span, 45, "L*",
        {0, 0, p.brief.widthCm, p.brief.heightCm}, 0,
        "Paint has less range than light; a plan that uses half of it comes out grey.",
        fixes::air("Brighten by half a stop", [](Air& a) { a.exposureStops += 0.5; })});
}
} // namespace

std::map<int, double> castShares(const Project& p, const Attention& a)
{
    std::map<int, double> shares;
    for (const auto& [id, share] : a.share)
        if (const Element* e = p.element(id))
            shares[e->cast] += share;
    return shares;
}

namespace {
light::Picture smaller(const light::Picture& p, double k)
{
    const cv::Size size(
        std::max(8, int(std::lround(p.ids.width() * k))), std::max(8, int(std::lround(p.ids.height() * k))));
    cv::Mat colour, ids;
    cv::resize(p.colour.mat(), colour, size, 0, 0, cv::INTER_AREA);
    const auto nearest = [&](int to, int from, int i) { return std::min(from - 1, int((i + 0.5) * from / to)); };
    std::vector<std::int32_t> small;
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x)
            small.push_back(p.ids.at(nearest(size.width, p.ids.width(), x), nearest(size.height, p.ids.height(), y)));
    return {LinearPicture::fromMat(colour), {size.width, size.height, std::move(small)},
        p.pixelsPerCm * size.width / p.ids.width()};
}
void enlarge(Silhouette& s, double k)
{
    for (EdgePoint& e : s.contour)
        e.at = e.at * k;
    s.lostPlace = {s.lostPlace.x * k, s.lostPlace.y * k, s.lostPlace.width * k, s.lostPlace.height * k};
}
} // namespace

Reading read(const Project& p, const light::Picture& picture, int steps)
{
    Reading r;
    r.attention
        = attention(picture.colour, picture.ids, {p.brief.widthCm, p.brief.heightCm, p.brief.viewingDistanceCm});
    // Outlines are told at 1024 px as well as at more.
    const double k = 1024.0 / std::max(picture.ids.width(), picture.ids.height());
    const light::Picture small = k < 1 ? smaller(picture, k) : picture;
    r.silhouettes = silhouettes(small);
    r.tangents = tangents(small);
    r.balance = balanceOf(small);
    for (Silhouette& s : r.silhouettes)
        enlarge(s, picture.ids.width() / double(small.ids.width()));
    for (Tangent& t : r.tangents) {
        t.gapPx *= picture.ids.width() / double(small.ids.width());
        t.at = t.at * (picture.ids.width() / double(small.ids.width()));
    }
    r.steps = valueSteps(picture.colour, steps);
    std::vector<float> y(picture.colour.size());
    for (std::size_t i = 0; i < y.size(); ++i)
        y[i] = luminance(picture.colour.data()[i]);
    const auto at = [&](double share) {
        const auto k = std::ptrdiff_t(share * double(y.size() - 1));
        std::nth_element(y.begin(), y.begin() + k, y.end());
        return double(colour::lightness(y[std::size_t(k)]));
    };
    if (!y.empty())
        r.darkest = at(0.01), r.lightest = at(0.99);
    return r;
}

Findings readFindings(const Project& p, const light::Picture& picture, const Reading& r)
{
    Findings out;
    order(p, picture, r.attention, out);
    melts(p, picture, r.silhouettes, out);
    kisses(p, picture, r.tangents, out);
    leak(p, picture, r.attention, out);
    range(p, r, out);
    return out;
}

} // namespace rl::reading
