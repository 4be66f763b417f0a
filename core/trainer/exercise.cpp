#include "core/trainer/exercise.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/reading/attention.h"
#include <algorithm>
#include <opencv2/imgproc.hpp>
#include <random>

namespace rl::trainer {

const SkillSpec& specOf(Skill skill)
{
    static const SkillSpec all[] = {
        {"value", translatable("Values"), translatable("Which patch is lighter?"), "L*", 6, 0.3, 30, 2},
        {"colour", translatable("Colour"), translatable("Which patch is the colour in the middle?"), "ΔE", 5, 0.3, 25,
            4},
        {"light", translatable("Light"), translatable("From which side is the ball lit that disagrees?"), "°", 25, 1,
            120, 3},
        {"length", translatable("Lengths"), translatable("Which span is longer?"), "%", 8, 0.3, 40, 2},
        {"edge", translatable("Edges"), translatable("Which edge is softer?"), "mm", 1.5, 0.05, 8, 2},
        {"mirror", translatable("One light"), translatable("In which picture is a thing lit from the wrong side?"),
            "L*", 15, 1, 60, 2},
        {"glance", translatable("First glance"), translatable("What will a viewer see first?"), "×", 1.6, 1.02, 6, 2}};
    return all[std::size_t(skill)];
}

namespace {
constexpr int kWide = 720, kHigh = 400;

cv::Mat blank(float L)
{
    return cv::Mat(kHigh, kWide, CV_32FC3, cv::Scalar(double(L), 0, 0));
}
Photo shown(const cv::Mat& lab)
{
    cv::Mat rgb;
    cv::cvtColor(lab, rgb, cv::COLOR_Lab2LRGB);
    cv::max(rgb, 0, rgb);
    return colour::codeOf(LinearPicture::fromMat(rgb));
}
Rect share(cv::Rect r)
{
    return {double(r.x) / kWide, double(r.y) / kHigh, double(r.width) / kWide, double(r.height) / kHigh};
}
cv::Scalar scalar(colour::Lab c)
{
    return {double(c.L), double(c.a), double(c.b)};
}

/// A colour of the plan, away from black and white.
colour::Lab colourFrom(const light::Picture& plan, std::mt19937& random)
{
    colour::Lab best{50, 0, 0};
    for (int i = 0; i < 40 && !plan.colour.empty(); ++i) {
        best = colour::toLab(plan.colour.data()[random() % plan.colour.size()]);
        if (best.L > 25 && best.L < 78)
            break;
    }
    best.L = std::clamp(best.L, 25.0f, 78.0f);
    return best;
}

Exercise values(const light::Picture& plan, double difference, std::mt19937& random)
{
    Exercise e;
    colour::Lab a = colourFrom(plan, random), b = a;
    e.right = int(random() % 2);
    const float by = float(difference / 2);
    (e.right == 0 ? a : b).L += by, (e.right == 0 ? b : a).L -= by;
    // Grounds mislead more often than they help: the one on light ground looks darker than it is.
    const float about = float(12 + random() % 8);
    const bool misleads = random() % 3 != 0, leftLight = (e.right == 0) == misleads;
    cv::Mat lab = blank(55);
    const cv::Rect left(0, 0, kWide / 2, kHigh), right(kWide / 2, 0, kWide / 2, kHigh);
    const float middle = (a.L + b.L) / 2;
    lab(left).setTo(cv::Scalar(double(middle + (leftLight ? about : -about)), double(a.a), double(a.b)));
    lab(right).setTo(cv::Scalar(double(middle + (leftLight ? -about : about)), double(b.a), double(b.b)));
    const cv::Rect p(120, 120, 120, 160), q(480, 120, 120, 160);
    lab(p).setTo(scalar(a)), lab(q).setTo(scalar(b));
    e.answers = {share(left), share(right)};
    e.told = tr("They are %1 L* apart; %2", fixed(difference, 1),
        misleads ? tr("the lighter one lay on the lighter ground, which makes it look darker.")
                 : tr("this time the ground did not mislead."));
    e.picture = shown(lab);
    return e;
}

Exercise colours(const light::Picture& plan, double difference, std::mt19937& random)
{
    Exercise e;
    const colour::Lab wanted = colourFrom(plan, random);
    e.right = int(random() % 4);
    cv::Mat lab = blank(50);
    lab(cv::Rect(300, 140, 120, 120)).setTo(scalar(wanted));
    const cv::Rect places[]{{60, 30, 160, 140}, {500, 30, 160, 140}, {60, 230, 160, 140}, {500, 230, 160, 140}};
    const double turn = double(random() % 628) / 100;
    for (int i = 0; i < 4; ++i) {
        colour::Lab c = wanted;
        if (i != e.right) { // off in hue and chroma, each another way
            const double way = turn + 2.0944 * (i - (i > e.right));
            c.a += float(difference * 0.9 * std::cos(way)), c.b += float(difference * 0.9 * std::sin(way)),
                c.L += float(difference * 0.4 * std::cos(2 * way));
        }
        lab(places[i]).setTo(scalar(c));
        e.answers.push_back(share(places[i]));
    }
    e.told = tr("The others are about %1 ΔE off.", fixed(difference, 1));
    e.picture = shown(lab);
    return e;
}

void ball(cv::Mat& lab, cv::Point at, int radius, colour::Lab c, double degrees)
{
    const double lx = std::cos(radians(degrees)) * 0.75, ly = -std::sin(radians(degrees)) * 0.75, lz = 0.66;
    for (int y = -radius; y <= radius; ++y)
        for (int x = -radius; x <= radius; ++x) {
            const double u = double(x) / radius, v = double(y) / radius, r2 = u * u + v * v;
            if (r2 > 1)
                continue;
            const double lit = std::max(0.0, u * lx + v * ly + std::sqrt(1 - r2) * lz);
            lab.at<cv::Vec3f>(at.y + y, at.x + x)
                = {float(12 + (double(c.L) + 12) * std::cbrt(0.02 + 0.98 * lit) * 0.85), c.a * 0.7f, c.b * 0.7f};
        }
}

Exercise lights(const light::Picture& plan, double difference, std::mt19937& random)
{
    Exercise e;
    cv::Mat lab = blank(42);
    const double from = 20 + double(random() % 140);
    e.right = int(random() % 3);
    for (int i = 0; i < 3; ++i) {
        ball(lab, {130 + 230 * i, 200}, 90 + int(random() % 15), colourFrom(plan, random),
            from + (i == e.right ? (random() % 2 ? difference : -difference) : 0));
        e.answers.push_back(share({15 + 230 * i, 60, 230, 280}));
    }
    e.told = tr("It was lit from %1° beside the others.", fixed(difference, 0));
    e.picture = shown(lab);
    return e;
}

Exercise lengths(const light::Picture& plan, double difference, std::mt19937& random)
{
    Exercise e;
    cv::Mat lab = blank(88);
    e.right = int(random() % 2);
    const double base = 180 + double(random() % 60);
    const colour::Lab c = colourFrom(plan, random);
    for (int i = 0; i < 2; ++i) {
        const double length = base * (i == e.right ? 1 + difference / 200 : 1 - difference / 200);
        const double turn = i ? radians(60 + double(random() % 50)) : radians(double(random() % 30));
        const cv::Point2d m(180 + 360 * i, 200), d(std::cos(turn) * length / 2, std::sin(turn) * length / 2);
        cv::line(lab, m - d, m + d, scalar(c), 4, cv::LINE_AA);
        e.answers.push_back(share({360 * i, 0, 360, kHigh}));
    }
    e.told = tr("One is %1 % longer; upright spans look longer than lying ones.", fixed(difference, 1));
    e.picture = shown(lab);
    return e;
}

Exercise edges(const light::Picture& plan, double difference, std::mt19937& random)
{
    Exercise e;
    cv::Mat lab = blank(50);
    e.right = int(random() % 2);
    colour::Lab a = colourFrom(plan, random), b = a;
    a.L = 62, b.L = 44;
    for (int i = 0; i < 2; ++i) {
        const double wide = 1 + (i == e.right ? difference : 0) * 6; // px
        for (int y = 0; y < kHigh; ++y)
            for (int x = 0; x < 360; ++x) {
                const double t = std::clamp((x - 180 + 25 * std::sin(y / 70.0 + i)) / wide + 0.5, 0.0, 1.0),
                             k = t * t * (3 - 2 * t);
                lab.at<cv::Vec3f>(y, x + 360 * i) = {float(double(a.L) * (1 - k) + double(b.L) * k), a.a, a.b};
            }
        e.answers.push_back(share({360 * i, 0, 360, kHigh}));
    }
    lab(cv::Rect(357, 0, 6, kHigh)).setTo(cv::Scalar(95, 0, 0));
    e.told = tr("It was %1 mm softer.", fixed(difference, 1));
    e.picture = shown(lab);
    return e;
}

/// A thing of the plan cut out with what is about it; in one of both it is mirrored within its outline's box.
Exercise mirrors(const light::Picture& plan, const schedule::PlanFacts& facts, double difference, std::mt19937& random)
{
    Exercise e;
    std::vector<const schedule::PartFacts*> fit;
    for (const auto& p : facts.parts)
        if (p.element && p.areaCm2 > 20)
            fit.push_back(&p);
    if (fit.empty() || plan.colour.empty())
        return e;
    const auto& part = *fit[random() % fit.size()];
    cv::Mat lab;
    cv::cvtColor(plan.colour.mat(), lab, cv::COLOR_LRGB2Lab);
    const double k = plan.pixelsPerCm;
    const cv::Rect box = cv::Rect(int(part.box.x * k), int(part.box.y * k), std::max(8, int(part.box.width * k)),
                             std::max(8, int(part.box.height * k)))
        & cv::Rect(0, 0, lab.cols, lab.rows);
    cv::Mat wrong = lab.clone(), mine = plan.ids.mat() == part.element;
    // Light falls on it from the other side: a slope of L* across it is turned round.
    for (int y = box.y; y < box.br().y; ++y)
        for (int x = box.x; x < box.br().x; ++x)
            if (mine.at<std::uint8_t>(y, x)) {
                const double across = 2.0 * (x - box.x) / box.width - 1;
                lab.at<cv::Vec3f>(y, x)[0] += float(difference / 2 * across);
                wrong.at<cv::Vec3f>(y, x)[0] -= float(difference / 2 * across);
            }
    e.right = int(random() % 2);
    cv::Mat out = blank(30);
    const cv::Rect about = (box + cv::Size(box.width / 2, box.height / 4) - cv::Point(box.width / 4, box.height / 8))
        & cv::Rect(0, 0, lab.cols, lab.rows);
    for (int i = 0; i < 2; ++i) {
        cv::Mat piece = (i == e.right ? wrong : lab)(about), fitted;
        const double s = std::min(340.0 / piece.cols, 380.0 / piece.rows);
        cv::resize(piece, fitted, {}, s, s, cv::INTER_AREA);
        const cv::Rect at(360 * i + (360 - fitted.cols) / 2, (kHigh - fitted.rows) / 2, fitted.cols, fitted.rows);
        fitted.copyTo(out(at));
        e.answers.push_back(share({360 * i, 0, 360, kHigh}));
    }
    e.told = tr("“%1” was lit from the other side by %2 L*.", part.name, fixed(difference, 0));
    e.picture = shown(out);
    return e;
}

Exercise glances(const light::Picture& plan, const schedule::PlanFacts& facts, double difference, std::mt19937& random)
{
    Exercise e;
    if (plan.colour.empty() || facts.parts.size() < 3)
        return e;
    const reading::Viewing viewing{
        plan.colour.width() / plan.pixelsPerCm, plan.colour.height() / plan.pixelsPerCm, 200};
    const auto a = reading::attention(plan.colour, plan.ids, viewing, 192);
    // Two things whose pull differs by about that much.
    double nearest = 1e9;
    int first = 0, second = 0;
    for (const int x : a.order)
        for (const int y : a.order) {
            const double sx = a.share.contains(x) ? a.share.at(x) : 0, sy = a.share.contains(y) ? a.share.at(y) : 0;
            if (sy <= 0 || sx <= sy)
                continue;
            const double off = std::abs(std::log(sx / sy / difference)) + 0.05 * double(random() % 10);
            if (off < nearest)
                nearest = off, first = x, second = y, e.shown = sx / sy;
        }
    if (!first)
        return e;
    e.right = int(random() % 2);
    cv::Mat lab, fitted;
    cv::cvtColor(plan.colour.mat(), lab, cv::COLOR_LRGB2Lab);
    const double s = std::min(double(kWide) / lab.cols, double(kHigh) / lab.rows), k = plan.pixelsPerCm * s;
    cv::resize(lab, fitted, {}, s, s, cv::INTER_AREA);
    cv::Mat out = blank(30);
    const cv::Point at((kWide - fitted.cols) / 2, (kHigh - fitted.rows) / 2);
    fitted.copyTo(out(cv::Rect(at, fitted.size())));
    for (int i = 0; i < 2; ++i)
        for (const auto& p : facts.parts)
            if (p.element == (i == e.right ? first : second))
                e.answers.push_back({(p.box.x * k + at.x) / kWide, (p.box.y * k + at.y) / kHigh,
                    p.box.width * k / kWide, p.box.height * k / kHigh});
    if (e.answers.size() != 2)
        e.answers.clear();
    e.told = tr("One draws %1 × as much, as Read measures it.", fixed(e.shown, 1));
    e.picture = shown(out);
    return e;
}
} // namespace

Exercise exerciseOf(
    Skill skill, const light::Picture& plan, const schedule::PlanFacts& facts, double difference, unsigned seed)
{
    std::mt19937 random(seed * 2654435761U + unsigned(skill));
    const SkillSpec& spec = specOf(skill);
    difference = std::clamp(difference, spec.least, spec.most);
    Exercise e = skill == Skill::Value ? values(plan, difference, random)
        : skill == Skill::Colour       ? colours(plan, difference, random)
        : skill == Skill::Light        ? lights(plan, difference, random)
        : skill == Skill::Length       ? lengths(plan, difference, random)
        : skill == Skill::Edge         ? edges(plan, difference, random)
        : skill == Skill::Mirror       ? mirrors(plan, facts, difference, random)
                                       : glances(plan, facts, difference, random);
    e.skill = skill;
    if (e.shown <= 0)
        e.shown = difference;
    return e;
}

} // namespace rl::trainer
