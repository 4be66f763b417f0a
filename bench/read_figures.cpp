// What is read off a picture: order on made examples, suggestions, and how long it takes.
#include "bench/figures.h"
#include "core/colour/srgb.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/reading/order.h"
#include "core/reading/read_rules.h"
#include "store/picture_reader.h"
#include "tests/kit/frames.h"
#include "tests/kit/shapes.h"
#include <chrono>
#include <fstream>
#include <nlohmann/json.hpp>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <opencv2/saliency.hpp>
#include <random>

namespace rl::bench {

namespace {
using reading::Attention;
using reading::Viewing;

struct Example {
    std::string name;
    cv::Mat bgr, ids; ///< 8 bits
    Viewing viewing;
    std::set<int> first; ///< any of them may draw most
    std::vector<std::pair<int, int>> pairs;
    reading::Intent intent;
};

std::vector<Example> examples()
{
    const std::string folder = RL_ATTENTION_EXAMPLES;
    std::ifstream in(folder + "/truth.json");
    std::vector<Example> all;
    for (const auto& t : nlohmann::json::parse(in)) {
        Example e;
        e.name = t["name"];
        e.bgr = cv::imread(folder + "/" + std::string(t["image"]), cv::IMREAD_COLOR);
        e.ids = cv::imread(folder + "/" + std::string(t["ids"]), cv::IMREAD_GRAYSCALE);
        e.viewing = {t["canvas_cm"][0], t["canvas_cm"][1], t["distance_cm"]};
        e.first = {int(t["expected_top1"])};
        if (t.contains("accept_top1"))
            for (const int id : t["accept_top1"])
                e.first.insert(id);
        for (const auto& p : t["pairs"])
            e.pairs.emplace_back(p[0], p[1]);
        for (const auto& [id, rank] : t["intended"].items())
            rank.is_string() ? void(e.intent.quiet.insert(std::stoi(id)))
                             : void(e.intent.rank[std::stoi(id)] = int(rank));
        if (!e.bgr.empty() && !e.ids.empty())
            all.push_back(std::move(e));
    }
    return all;
}

LinearPicture linearOf(const cv::Mat& bgr)
{
    cv::Mat rgb;
    cv::cvtColor(bgr, rgb, cv::COLOR_BGR2RGB);
    return colour::linearOf(Photo::fromMat(rgb));
}
IdMap idsOf(const cv::Mat& ids)
{
    cv::Mat wide;
    ids.convertTo(wide, CV_32S);
    return IdMap::fromMat(wide);
}

/// \param how 0 as it is, 1 mirrored, 2 half, 3 double size, 4 JPEG 60, 5 noise of 5 codes
Attention readAs(const Example& e, int how)
{
    cv::Mat bgr = e.bgr.clone(), ids = e.ids.clone();
    if (how == 1)
        cv::flip(bgr, bgr, 1), cv::flip(ids, ids, 1);
    if (how == 2 || how == 3) {
        const double k = how == 2 ? 0.5 : 2;
        cv::resize(bgr, bgr, {}, k, k, how == 2 ? cv::INTER_AREA : cv::INTER_CUBIC);
        cv::resize(ids, ids, {}, k, k, cv::INTER_NEAREST);
    }
    if (how == 4) {
        std::vector<unsigned char> bytes;
        cv::imencode(".jpg", bgr, bytes, {cv::IMWRITE_JPEG_QUALITY, 60});
        bgr = cv::imdecode(bytes, cv::IMREAD_COLOR);
    }
    if (how == 5) {
        cv::Mat noise(bgr.size(), CV_16SC3), sum;
        cv::RNG random(7);
        random.fill(noise, cv::RNG::NORMAL, 0, 5);
        bgr.convertTo(sum, CV_16S);
        cv::Mat(sum + noise).convertTo(bgr, CV_8U);
    }
    return reading::attention(linearOf(bgr), idsOf(ids), e.viewing);
}

double milliseconds(const std::function<void()>& f)
{
    const auto start = std::chrono::steady_clock::now();
    f();
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count();
}
double middleOf(std::vector<double> v)
{
    std::sort(v.begin(), v.end());
    return v.empty() ? 0 : v[v.size() / 2];
}

void orders(std::vector<Figure>& out, const std::vector<Example>& all)
{
    static const char* ways[]{"as they are", "mirrored", "half size", "double size", "JPEG 60", "noise of 5 codes"};
    for (int how = 0; how < 6; ++how) {
        double right = 0, pairs = 0, held = 0, margin = 1e9;
        for (const Example& e : all) {
            const Attention a = readAs(e, how);
            right += e.first.contains(a.order.front());
            for (const auto& [x, y] : e.pairs) {
                ++pairs, held += a.share.at(x) > a.share.at(y);
                if (x == a.order.front())
                    margin = std::min(margin, a.share.at(x) / a.share.at(y));
            }
        }
        out.push_back({"read: first glance right, " + std::string(ways[how]) + ", of " + std::to_string(all.size()),
            100 * right / double(all.size()), "%", 100, false});
        if (how == 0) {
            out.push_back({"read: pairs in the right order", 100 * held / pairs, "%", 99, false});
            out.push_back({"read: least margin of the strongest", margin, "×", 1.1, false});
        }
    }
}

void suggestions(std::vector<Figure>& out, const std::vector<Example>& all)
{
    NoProgress progress;
    std::vector<double> seconds;
    const auto solves = [&](const Example& e, const reading::Intent& intent) {
        reading::Suggestion s;
        seconds.push_back(0.001 * milliseconds([&] {
            s = reading::putInOrder(linearOf(e.bgr), idsOf(e.ids), e.viewing, intent, progress);
        }));
        return s.solved;
    };
    double intended = 0, n = 0, promoted = 0, m = 0, things = 0, promotedThings = 0;
    for (const Example& e : all) {
        if (!e.intent.rank.empty())
            ++n, intended += solves(e, e.intent);
        const Attention a = readAs(e, 0);
        for (const std::size_t place : {std::size_t(1), a.order.size() / 2}) { // the second, and one of the middle
            if (place == 0 || place >= a.order.size())
                continue;
            reading::Intent one;
            one.rank[a.order[place]] = 1;
            const bool solved = solves(e, one);
            ++m, promoted += solved;
            if (2 * cv::countNonZero(e.ids == a.order[place]) <= int(e.ids.total())) // else it is the ground
                ++things, promotedThings += solved;
        }
    }
    out.push_back({"suggest: intended orders reached at full size, of " + std::to_string(int(n)), 100 * intended / n,
        "%", 95, false});
    out.push_back(
        {"suggest: another element promoted, of " + std::to_string(int(m)), 100 * promoted / m, "%", 90, false});
    out.push_back({"suggest: of those that are not over half the canvas, of " + std::to_string(int(things)),
        100 * promotedThings / things, "%", 90, false});
    out.push_back({"suggest: time, median", middleOf(seconds), "s", 3});
    out.push_back({"suggest: time, worst", *std::max_element(seconds.begin(), seconds.end()), "s", 3});
}

/// A disc of one grain and colour before a ground of another, told apart by how much?
double apart(kit::GrainKind in, kit::GrainKind around, double L, double a, double b, unsigned seed)
{
    const auto p = kit::pictureBy(600, 450, 60, [=](double x, double y) {
        return std::hypot(x - 300, y - 225) < 110 ? kit::Pixel{1, 55 + L + kit::grainAt(in, x, y, seed), a, b}
                                                  : kit::Pixel{0, 55 + kit::grainAt(around, x, y, seed + 1), 0, 0};
    });
    return reading::silhouettes(p).at(0).medianSeparation;
}

/// Like grain hides another colour; unlike grain parts one colour: how often is that so, over odd colours and seeds?
void melting(std::vector<Figure>& out)
{
    using kit::GrainKind;
    std::mt19937 random(11);
    const auto between
        = [&](double low, double high) { return low + (high - low) * double(random() >> 8) / double(1U << 24); };
    double hides = 0, parts = 0, n = 0, least = 1e9;
    for (unsigned i = 0; i < 24; ++i) {
        const double hue = between(0, 360), C = between(4, 18), L = between(-8, 8);
        const GrainKind kind = GrainKind(1 + i % 4), other = GrainKind(1 + (i + 1 + i / 4 % 3) % 4);
        const double a = C * std::cos(radians(hue)), b = C * std::sin(radians(hue));
        const double like = apart(kind, kind, L, a, b, i), flat = apart(GrainKind::None, GrainKind::None, L, a, b, i);
        const double same = apart(kind, kind, 0, 0, 0, i),
                     unlike = std::max(apart(kind, other, 0, 0, 0, i), apart(kind, GrainKind::None, 0, 0, 0, i));
        ++n, hides += like<flat, parts += unlike> same;
        least = std::min(least, flat / std::max(0.1, like));
    }
    out.push_back(
        {"melting: like grain hides another colour, of " + std::to_string(int(n)), 100 * hides / n, "%", 95, false});
    out.push_back({"melting: by how much at least (separation of flat colours over it)", least, "×", 0, false});
    out.push_back(
        {"melting: other grain parts one colour, of " + std::to_string(int(n)), 100 * parts / n, "%", 95, false});
}

void speed(std::vector<Figure>& out)
{
    Project p;
    p.brief.widthCm = 90, p.brief.heightCm = 60;
    p.camera = {24, 1.7, 52};
    for (int i = 0; i < 12; ++i) {
        Element e = edits::standinOf(Solid(int(Solid::Box) + i % 9));
        e.baseCm = {8.0 + (i % 6) * 15, 30.0 + (i / 6) * 16};
        p = edits::withElement(std::move(p), e);
    }
    light::Relighter relighter;
    const light::Picture picture = relighter.light(kit::frameOf(p, 1732), p.lights); // 2.0 megapixels
    cv::Mat shown;
    cv::cvtColor(colour::codeOf(picture.colour).mat(), shown, cv::COLOR_RGB2BGR);
    const auto fine = cv::saliency::StaticSaliencyFineGrained::create();
    std::vector<double> ours, theirs, order;
    for (int i = 0; i < 7; ++i) {
        ours.push_back(milliseconds([&] { (void)reading::read(p, picture, 3); }));
        order.push_back(milliseconds([&] { (void)reading::attention(picture.colour, picture.ids, {90, 60, 200}); }));
        cv::Mat map;
        theirs.push_back(milliseconds([&] { fine->computeSaliency(shown, map); }));
    }
    // One element after another a little darker, its outline as it is.
    reading::Reader reader;
    (void)reader.read(p, picture, 3);
    std::vector<double> again;
    light::Picture next = picture;
    for (const int id : reading::elementsIn(picture.ids)) {
        next.colour = reading::touched(next.colour, next.ids, {{id, -4}});
        again.push_back(milliseconds([&] { (void)reader.read(p, next, 3); }));
    }
    out.push_back({"read: again when one element has changed, median", middleOf(again), "ms", 100});
    out.push_back(
        {"read: again when one element has changed, worst", *std::max_element(again.begin(), again.end()), "ms", 100});
    out.push_back({"read: all of 2 megapixels with 12 elements", middleOf(ours), "ms", 300});
    out.push_back({"read: of it the order alone", middleOf(order), "ms", 100});
    out.push_back(
        {"read: the same over OpenCV's fine-grained saliency of it (" + std::to_string(int(middleOf(theirs))) + " ms)",
            middleOf(ours) / middleOf(theirs), "×", 1});
}
} // namespace

void readFigures(std::vector<Figure>& out)
{
    const auto all = examples();
    orders(out, all);
    suggestions(out, all);
    melting(out);
    speed(out);
}

} // namespace rl::bench
