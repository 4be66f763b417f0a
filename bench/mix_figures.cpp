// Paint: how near recipes come, how fast, against a plain exhaustive search; the recipe map; the soft proof.
#include "bench/figures.h"
#include "core/light/relight.h"
#include "core/paint/mixing.h"
#include "core/paint/reach.h"
#include "core/stage/compose.h"
#include "demo/demo_work.h"
#include <Eigen/Dense>
#include <chrono>
#include <opencv2/imgproc.hpp>
#include <random>
#include <set>

namespace rl::bench {

namespace {
using colour::ExactLab;
using paint::Fit;

template <class F> double msOf(F f)
{
    const auto from = std::chrono::steady_clock::now();
    f();
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - from).count();
}
double at(std::vector<double> v, double share)
{
    std::sort(v.begin(), v.end());
    return v.empty() ? 0 : v[std::size_t(share * double(v.size() - 1))];
}
const std::vector<std::string> kTubes{"PW6", "PBk9", "PY74", "PY42", "PO73", "PR254", "PV19", "PB29", "PB15:3", "PG7",
    "PBr7BS", "PV23", "PW4", "PY3", "PY35", "PO20", "PR108", "PR122", "PR101T", "PBr7RU", "PBr7BU", "PB28", "PB36",
    "PG17"};
paint::Search searchOf(int tubes)
{
    return paint::Search(paint::typicalPaints({kTubes.begin(), kTubes.begin() + tubes}).take());
}

/// Half mixes of the tubes, half colours of a screen, most of which lie out of reach.
std::vector<ExactLab> targets(const paint::Search& search, int count)
{
    std::mt19937 random(41);
    std::uniform_real_distribution<float> u;
    std::vector<ExactLab> all;
    const auto& paints = search.paints();
    while (int(all.size()) < count) {
        if (all.size() % 2) {
            all.push_back(ExactLab(colour::toLab({u(random), u(random), u(random)})));
            continue;
        }
        paint::Recipe r;
        std::set<std::size_t> used;
        while (used.size() < 3)
            used.insert(random() % paints.size());
        for (const std::size_t i : used)
            r.push_back({paints[i].id, 0.05 + double(u(random))});
        all.push_back(colourOf(r, paints));
    }
    return all;
}

/// The yardstick: every choice of up to four tubes, equal parts to start with, six plain Gauss-Newton steps in CIELAB,
/// spectra in double precision, one core.
double plainSearch(const paint::Search& search, const ExactLab& wanted)
{
    const auto& paints = search.paints();
    const int n = int(paints.size());
    double best = 1e9;
    const auto refine = [&](const std::vector<int>& of) {
        Eigen::VectorXd u = Eigen::VectorXd::Zero(Eigen::Index(of.size()));
        for (int step = 0; step < 6; ++step) {
            const auto lab = [&](const Eigen::VectorXd& v) {
                std::vector<paint::OpticsPart> parts;
                for (std::size_t i = 0; i < of.size(); ++i)
                    parts.push_back({&paints[std::size_t(of[i])].optics, std::exp(v[Eigen::Index(i)])});
                return paint::toLab(paint::seen(paint::opaque(paint::mixed(parts))));
            };
            const ExactLab c = lab(u);
            best = std::min(best, colour::deltaE2000(wanted, c));
            Eigen::Matrix<double, 3, Eigen::Dynamic> j(3, u.size());
            for (Eigen::Index i = 0; i < u.size(); ++i) {
                Eigen::VectorXd v = u;
                v[i] += 1e-4;
                const ExactLab d = lab(v);
                j.col(i) = Eigen::Vector3d(d.L - c.L, d.a - c.a, d.b - c.b) / 1e-4;
            }
            const Eigen::Vector3d r(c.L - wanted.L, c.a - wanted.a, c.b - wanted.b);
            const Eigen::MatrixXd a = j.transpose() * j + 1e-3 * Eigen::MatrixXd::Identity(u.size(), u.size());
            u -= a.llt().solve(j.transpose() * r).cwiseMax(-2.5).cwiseMin(2.5);
            u = (u.array() - u.maxCoeff()).cwiseMax(-10);
        }
    };
    for (int a = 0; a < n; ++a) {
        refine({a});
        for (int b = a + 1; b < n; ++b) {
            refine({a, b});
            for (int c = b + 1; c < n; ++c) {
                refine({a, b, c});
                for (int d = c + 1; d < n; ++d)
                    refine({a, b, c, d});
            }
        }
    }
    return best;
}

void recipes(std::vector<Figure>& out)
{
    NoProgress progress;
    const paint::Search twelve = searchOf(12), many = searchOf(24);
    std::vector<double> ms, plainMs, excess, parts, slider, sliderExcess;
    int n = 0;
    for (const ExactLab& wanted : targets(twelve, 60)) {
        paint::Search::Found found;
        ms.push_back(msOf([&] { found = twelve.best(wanted, 4, paint::Effort::Moving); }));
        const double full = twelve.best(wanted, 4, paint::Effort::Full).nearest.de;
        excess.push_back(found.nearest.de - full);
        if (++n % 10 == 0) {
            double plain = 0;
            plainMs.push_back(msOf([&] { plain = plainSearch(twelve, wanted); }));
        }
    }
    for (const ExactLab& wanted : targets(many, 40)) {
        paint::Wish wish;
        wish.wanted = wanted, wish.inParts = true, wish.effort = paint::Effort::Moving;
        paint::Answer quick;
        slider.push_back(msOf([&] { quick = paint::recipesFor(many, wish, progress); }));
        sliderExcess.push_back(quick.reachDe - many.best(wanted, 4, paint::Effort::Full).nearest.de);
    }
    for (const ExactLab& wanted : targets(twelve, 20)) {
        paint::Wish wish;
        wish.wanted = wanted, wish.inParts = true;
        parts.push_back(msOf([&] { (void)paint::recipesFor(twelve, wish, progress); }));
    }
    out.push_back({"a recipe from 12 tubes, median", at(ms, 0.5), "ms", 2});
    out.push_back({"the same over a plain exhaustive search", at(ms, 0.5) / at(plainMs, 0.5), "×", 0.5});
    out.push_back({"the same, farther off than every choice tried, worst of 60", at(excess, 1), "ΔE00", 0.3});
    out.push_back({"parts from 24 tubes while a hand moves, median", at(slider, 0.5), "ms", 20});
    out.push_back({"the same, worst", at(slider, 1), "ms", 40});
    out.push_back(
        {"the same, nearest farther off than every choice tried, worst of 40", at(sliderExcess, 1), "ΔE00", 0.3});
    out.push_back({"parts in full from 12 tubes (in a worker), median", at(parts, 0.5), "ms", 1000});
}

void picture(std::vector<Figure>& out)
{
    NoProgress progress;
    const auto demo = demo::lowTideCaravan(progress);
    if (!demo)
        return;
    stage::SurfaceCache cache;
    const auto frame = stage::compose(*demo, 1225, cache, progress);
    light::Relighter relighter;
    const light::Picture p = relighter.light(frame, demo->lights);
    const double mega = double(p.colour.size()) / 1e6;
    paint::RecipeMap map;
    const double mapMs = msOf([&] { map = paint::recipeMap(p.colour, p.ids, 24, progress); });
    Project other = *demo;
    other.boxes[0].tubes[5].chosen = false;
    paint::Mixing m;
    const double again = msOf([&] { m = paint::mixing(other, p.colour, p.ids, p.pixelsPerCm, &map, progress); });
    const paint::MixingBox box = paint::mixingBox(*demo->paintBox());
    const paint::Search search(box.paints);
    std::shared_ptr<const paint::Reach> reach;
    const double table = msOf([&] { reach = paint::Reach::of(search, p.colour, Finish::Satin, progress); });
    std::vector<double> proof, blur, off;
    Plane away;
    LinearPicture shown;
    cv::Mat soft;
    for (int i = 0; i < 9; ++i) {
        proof.push_back(msOf([&] { shown = reach->proof(p.colour, &away); }));
        blur.push_back(msOf([&] { cv::GaussianBlur(p.colour.mat(), soft, cv::Size(), 5, 5); }));
    }
    for (std::size_t i = 211; i < p.colour.size(); i += p.colour.size() / 400) {
        const Rgb c = p.colour.data()[i];
        const auto in = [](float v) { return std::clamp(v, 0.f, 1.f); };
        const ExactLab wanted = colour::toLab({in(c.r), in(c.g), in(c.b)});
        off.push_back(colour::deltaE2000(search.near(wanted, {}).lab, ExactLab(colour::toLab(shown.data()[i]))));
    }
    out.push_back({"recipe map of the demo, 24 puddles", mapMs / mega, "ms a megapixel", 1500});
    out.push_back({"recipes, quantities and passage anew when a tube is left out", again, "ms", 150});
    out.push_back({"table of the box's reach for a picture", table, "ms", 2000});
    out.push_back({"soft proof and its loss, over cv::GaussianBlur sigma 5", at(proof, 0.5) / at(blur, 0.5), "×", 2});
    out.push_back({"soft proof, off the exact nearest mix, median", at(off, 0.5), "ΔE00", 0.5});
    out.push_back({"the same, worst of 400", at(off, 1), "ΔE00", 3});
}
} // namespace

void mixFigures(std::vector<Figure>& out)
{
    recipes(out);
    picture(out);
}

} // namespace rl::bench
