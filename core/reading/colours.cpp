#include "core/reading/colours.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include <array>
#include <map>
#include <opencv2/imgproc.hpp>

namespace rl::reading {

namespace {
constexpr double kGrey = 6; // C*
constexpr double kWarmAxis = 60; // degrees of CIELAB hue: orange, opposite to blue
double chroma(colour::Lab c)
{
    return std::hypot(double(c.a), double(c.b));
}
double hue(colour::Lab c)
{
    const double h = degrees(std::atan2(double(c.b), double(c.a)));
    return h < 0 ? h + 360 : h;
}
double apart(double g, double h)
{
    const double d = std::fmod(std::abs(g - h), 360);
    return std::min(d, 360 - d);
}
/// How far a colour lies towards orange, ΔE of the a*b* plane; less than nothing: towards blue.
double warmth(colour::Lab c)
{
    return double(c.a) * std::cos(radians(kWarmAxis)) + double(c.b) * std::sin(radians(kWarmAxis));
}

/// A small copy in CIELAB.
struct Small {
    int w = 0, h = 0;
    std::vector<colour::Lab> lab;
    std::vector<int> id;
    double scale = 1; ///< px of the picture in one of its own
};
Small smallOf(const light::Picture& p)
{
    Small s;
    s.scale = std::max(1, std::max(p.colour.width(), p.colour.height()) / 320); // whole: quicker by far
    s.w = std::max(1, int(p.colour.width() / s.scale)), s.h = std::max(1, int(p.colour.height() / s.scale));
    cv::Mat small;
    cv::resize(p.colour.mat(), small, {s.w, s.h}, 0, 0, cv::INTER_AREA);
    for (int y = 0; y < s.h; ++y)
        for (int x = 0; x < s.w; ++x) {
            const auto v = small.at<cv::Vec3f>(y, x);
            s.lab.push_back(colour::toLab({v[0], v[1], v[2]}));
            s.id.push_back(p.ids.at(std::min(p.ids.width() - 1, int((x + 0.5) * s.scale)),
                std::min(p.ids.height() - 1, int((y + 0.5) * s.scale))));
        }
    return s;
}

void spreadOf(const Small& s, ColourPlan& plan)
{
    std::array<double, 36> by{};
    double n = double(s.lab.size()), total = 0;
    for (const colour::Lab& c : s.lab) {
        const double C = chroma(c);
        plan.meanChroma += C / n;
        plan.mean.L += c.L / float(n), plan.mean.a += c.a / float(n), plan.mean.b += c.b / float(n);
        (C < kGrey ? plan.greyShare : warmth(c) >= 0 ? plan.warmShare : plan.coolShare) += 1 / n;
        if (C >= kGrey)
            by[std::size_t(hue(c) / 10) % 36] += C, total += C;
    }
    if (total < 0.02 * n * kGrey) {
        plan.spread = tr("nearly without colour");
        return;
    }
    // The heaviest window of 60°, then the heaviest of what lies 45° and more beside its middle.
    const auto heaviest = [&](double& middle) {
        double most = 0;
        for (int i = 0; i < 36; ++i) {
            double sum = 0, x = 0, y = 0;
            for (int j = 0; j < 36; ++j)
                if (const double off = std::remainder(j * 10.0 - i * 10.0, 360.0); off >= -30 && off < 30) {
                    const double w = by[std::size_t(j)];
                    sum += w, x += w * std::cos(radians(j * 10 + 5)), y += w * std::sin(radians(j * 10 + 5));
                }
            if (sum > most)
                most = sum, middle = degrees(std::atan2(y, x));
        }
        return most / total;
    };
    double first = 0, second = 0;
    const double most = heaviest(first);
    first += first < 0 ? 360 : 0;
    for (int i = 0; i < 36; ++i)
        if (apart(i * 10 + 5, first) < 45)
            by[std::size_t(i)] = 0;
    const double next = heaviest(second);
    second += second < 0 ? 360 : 0;
    plan.mainHue = hueName(first);
    const double percent = std::round(100 * most);
    if (most > 0.85 || next < 0.08) {
        plan.spread = tr("one family, %1 (%2 % of all colour)", tr(plan.mainHue), std::to_string(int(percent)));
        return;
    }
    plan.secondHue = hueName(second);
    const double between = apart(first, second);
    const std::string both = tr("%1 and %2", tr(plan.mainHue), tr(plan.secondHue));
    plan.spread = most + next < 0.7 ? tr("many hues, %1 the strongest", both)
        : between > 140             ? tr("opposites, %1", both)
        : between > 90              ? tr("two families well apart, %1", both)
                                    : tr("neighbours, %1", both);
}

void accentsOf(const Small& s, ColourPlan& plan)
{
    const double least = std::max(25.0, 2 * plan.meanChroma);
    const double n = double(s.lab.size()), diagonal = std::hypot(s.w, s.h);
    std::map<std::string, cv::Mat> by;
    for (std::size_t i = 0; i < s.lab.size(); ++i)
        if (chroma(s.lab[i]) > least) {
            cv::Mat& mask = by.try_emplace(hueName(hue(s.lab[i])), cv::Mat::zeros(s.h, s.w, CV_8U)).first->second;
            mask.at<std::uint8_t>(int(i) / s.w, int(i) % s.w) = 255;
        }
    for (const auto& [name, mask] : by) {
        const double area = cv::countNonZero(mask);
        if (area < 0.0003 * n || area > 0.04 * n)
            continue;
        Accent a;
        a.hue = name, a.share = area / n;
        for (int y = 0; y < s.h; ++y)
            for (int x = 0; x < s.w; ++x)
                if (mask.at<std::uint8_t>(y, x)) {
                    const colour::Lab c = s.lab[std::size_t(y * s.w + x)];
                    a.mean.L += c.L / float(area), a.mean.a += c.a / float(area), a.mean.b += c.b / float(area);
                }
        cv::Mat joined, labels, stats, middles;
        cv::dilate(mask, joined, cv::Mat::ones(5, 5, CV_8U));
        const int count = cv::connectedComponentsWithStats(joined, labels, stats, middles);
        std::vector<std::pair<int, cv::Rect>> parts;
        for (int i = 1; i < count; ++i)
            parts.emplace_back(-stats.at<int>(i, 4),
                cv::Rect(stats.at<int>(i, 0), stats.at<int>(i, 1), stats.at<int>(i, 2), stats.at<int>(i, 3)));
        std::sort(parts.begin(), parts.end(), [](const auto& p, const auto& q) { return p.first < q.first; });
        for (const auto& [less, r] : parts) {
            a.places.push_back({r.x * s.scale, r.y * s.scale, r.width * s.scale, r.height * s.scale});
            const Vec2 d = a.places.back().centre() - a.places.front().centre();
            a.answered = a.answered || d.length() > 0.15 * diagonal * s.scale;
        }
        plan.accents.push_back(std::move(a));
    }
    std::stable_sort(plan.accents.begin(), plan.accents.end(),
        [](const Accent& a, const Accent& b) { return chroma(a.mean) > chroma(b.mean); });
}

/// Light and shade parted at the L* where the means of both sides lie farthest apart for their sizes (Otsu 1979).
Family familyOf(int element, std::vector<colour::Lab> all)
{
    Family f;
    f.element = element;
    std::sort(all.begin(), all.end(), [](const auto& x, const auto& y) { return x.L < y.L; });
    std::vector<double> sums{0};
    for (const colour::Lab& c : all)
        sums.push_back(sums.back() + double(c.L));
    const double n = double(all.size());
    std::size_t cut = all.size() / 2;
    double best = -1;
    for (std::size_t i = 1; i < all.size(); ++i) {
        const double a = sums[i] / double(i), b = (sums.back() - sums[i]) / (n - double(i)),
                     v = double(i) * (n - double(i)) * (a - b) * (a - b);
        if (v > best)
            best = v, cut = i;
    }
    const auto mean = [&](std::size_t from, std::size_t to) {
        colour::Lab m;
        const float k = 1 / float(std::max<std::size_t>(1, to - from));
        for (std::size_t i = from; i < to; ++i)
            m.L += all[i].L * k, m.a += all[i].a * k, m.b += all[i].b * k;
        return m;
    };
    f.shade = mean(0, cut), f.light = mean(cut, all.size());
    f.lightShare = 1 - double(cut) / n;
    return f;
}

template <class F> LinearPicture mapped(const LinearPicture& p, F to)
{
    std::vector<Rgb> out(p.size());
    parallelRows(p.height(), [&](int begin, int end) {
        for (std::size_t i = std::size_t(begin) * std::size_t(p.width()); i < std::size_t(end) * std::size_t(p.width());
             ++i)
            out[i] = colour::fromLab(to(colour::toLab(p.data()[i])));
    });
    for (Rgb& c : out)
        c = {std::clamp(c.r, 0.f, 1.f), std::clamp(c.g, 0.f, 1.f), std::clamp(c.b, 0.f, 1.f)};
    return {p.width(), p.height(), std::move(out)};
}
} // namespace

double Family::warmer() const
{
    return warmth(shade) - warmth(light);
}

const char* hueName(double h)
{
    static constexpr struct {
        double to;
        const char* name;
    } names[] = {{15, translatable("magenta")}, {48, translatable("red")}, {75, translatable("orange")},
        {102, translatable("yellow")}, {125, translatable("yellow-green")}, {175, translatable("green")},
        {225, translatable("blue-green")}, {295, translatable("blue")}, {325, translatable("violet")},
        {360.1, translatable("magenta")}};
    h = std::fmod(std::fmod(h, 360) + 360, 360);
    for (const auto& n : names)
        if (h < n.to)
            return n.name;
    return names[0].name;
}

ColourPlan colourPlan(const light::Picture& picture)
{
    ColourPlan plan;
    if (picture.colour.empty())
        return plan;
    const Small s = smallOf(picture);
    spreadOf(s, plan);
    accentsOf(s, plan);
    std::map<int, std::vector<colour::Lab>> by;
    for (std::size_t i = 0; i < s.lab.size(); ++i)
        if (s.id[i])
            by[s.id[i]].push_back(s.lab[i]);
    for (auto& [id, all] : by)
        if (all.size() >= 8)
            plan.families.push_back(familyOf(id, std::move(all)));
    return plan;
}

LinearPicture warmCoolPicture(const LinearPicture& picture)
{
    return mapped(picture, [](colour::Lab c) {
        const double w = warmth(c);
        const float k = float(chroma(c) < kGrey ? 0 : std::clamp(std::abs(w) / 25, 0.25, 1.0) * (w >= 0 ? 1 : -1));
        // Orange and blue of one strength; what is grey stays grey.
        return colour::Lab{25 + 0.6f * c.L, k > 0 ? 22 * k : 6 * -k, k > 0 ? 48 * k : 46 * k};
    });
}
LinearPicture saturationPicture(const LinearPicture& picture)
{
    return mapped(picture, [](colour::Lab c) { return colour::Lab{float(std::min(100.0, chroma(c) / 0.6)), 0, 0}; });
}
LinearPicture greyPicture(const LinearPicture& picture)
{
    return mapped(picture, [](colour::Lab c) { return colour::Lab{c.L, 0, 0}; });
}

} // namespace rl::reading
