#include "core/reading/preparing.h"
#include "core/base/text.h"
#include "core/base/words.h"

namespace rl::reading {

double GroundPlan::hours() const
{
    double sum = 0;
    for (const GroundTask& t : tasks)
        sum += t.minutes / 60 + t.dryHours;
    return sum;
}
double GroundPlan::ml() const
{
    double sum = 0;
    for (const GroundTask& t : tasks)
        sum += t.ml;
    return sum;
}

namespace {
const char* const kDust = translatable(
    "Sanding raises dust of primer that does not belong in lungs: sand wet, or wear a mask that fits, and wipe "
    "up with a damp cloth. Read the maker's safety data sheet; local rules come first.");
const char* const kSize = translatable("Gloves and a window open while sizing; read the maker's safety data sheet.");

void prime(const Brief& b, double m2, GroundPlan& plan)
{
    const PaintGround& g = b.ground;
    const bool canvas = g.support == Support::Canvas;
    for (int coat = 1; coat <= g.coats; ++coat) {
        // An open weave (six threads) drinks half as much again as portrait linen (thirty).
        const double weave = canvas ? std::clamp(1 + (14 - g.threadsPerCm) / 32, 0.7, 1.3) : 1,
                     first = coat == 1 && canvas ? 1.2 : 1;
        plan.tasks.push_back({tr("Prime, coat %1 of %2%3, edges too", std::to_string(coat), std::to_string(g.coats),
                                  coat % 2 ? tr(", strokes along") : tr(", strokes across")),
            5 + 10 * m2, g.dryHours, 110 * m2 * weave * first, {}});
        if (g.grit > 0 && (coat < g.coats || g.support != Support::Canvas))
            plan.tasks.push_back({tr("Sand lightly with grit %1, until the hand feels no grain",
                                      std::to_string(coat < g.coats ? g.grit : std::max(g.grit, 320))),
                4 + 8 * m2, 0, 0, tr(kDust)});
    }
}

void tone(const Brief& b, double m2, double darkest, double middle, colour::Lab mean, GroundPlan& plan)
{
    plan.tone = {96, 0, 0};
    plan.toneWhy = tr("White stays white: transparent colour keeps its light.");
    const double C = std::hypot(double(mean.a), double(mean.b));
    switch (b.ground.toning) {
    case Toning::White:
        return;
    case Toning::MiddleTone:
        plan.tone = {float(middle), mean.a * 0.5f, mean.b * 0.5f};
        plan.toneWhy
            = tr("The middle of the plan, L* %1: lights and darks are both judged from it at once.", fixed(middle, 0));
        break;
    case Toning::Complement: {
        const float k = C > 2 ? float(-std::clamp(C, 8.0, 25.0) / C) : 0;
        plan.tone = {float(std::clamp(middle + 5, 40.0, 70.0)), mean.a * k, mean.b * k};
        plan.toneWhy = tr("Opposite to the picture's mean colour: what shows between strokes makes them vibrate.");
        break;
    }
    case Toning::Darkest:
        plan.tone = {float(std::max(12.0, darkest + 4)), mean.a * 0.6f, mean.b * 0.6f};
        plan.toneWhy = tr(
            "Just over the darkest of the plan, L* %1: darks are there, lights must be opaque.", fixed(darkest, 0));
        break;
    }
    const bool thin = b.medium == "watercolour";
    plan.tasks.push_back({tr("%1 of L* %2, wide brush, wipe back while wet",
                              std::string(thin ? tr("Lay a flat wash") : tr("Tone the ground with thinned paint")),
                              fixed(double(plan.tone.L), 0)),
        5 + 12 * m2, b.medium == "oil" ? 24.0 : 2.0, 60 * m2,
        b.medium == "oil" ? tr("Solvent and oily rags: window open, rags flat to dry or under water in a lidded metal "
                               "can, never in a heap. Read the safety data sheet; local rules come first.")
                          : ""});
}
} // namespace

GroundPlan preparing(const Brief& b, double darkest, double middle, colour::Lab mean)
{
    GroundPlan plan;
    const double m2 = areaOf(b) / 1e4;
    const PaintGround& g = b.ground;
    if (g.support == Support::Paper && g.paperGsm < 400)
        plan.tasks.push_back(
            {tr("Soak and stretch the paper (%1 g/m² cockles when wet), taped on all sides", fixed(g.paperGsm, 0)), 25,
                8, 0, {}});
    if (b.medium == "oil" && g.support != Support::Canvas && g.coats > 0)
        plan.tasks.push_back(
            {tr("Size front, back and edges, so that oil does not sink in"), 10 + 10 * m2, 12, 80 * m2, tr(kSize)});
    prime(b, m2, plan);
    tone(b, m2, darkest, middle, mean, plan);
    return plan;
}

} // namespace rl::reading
