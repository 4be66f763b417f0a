#include "core/gather/eye_levels.h"
#include "core/project/stage_edits.h"
#include "core/reading/balance.h"
#include "core/stage/guides.h"
#include "core/stage/kin.h"
#include "core/stage/room.h"
#include "core/stage/solids.h"
#include "core/stage/stage_rules.h"
#include "core/stage/symmetry.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;
using namespace rl::stage;

namespace {
bool has(const Findings& all, const char* kind)
{
    return std::any_of(all.begin(), all.end(), [&](const Finding& f) { return f.key.starts_with(kind); });
}
const Finding& the(const Findings& all, const char* kind)
{
    return *std::find_if(all.begin(), all.end(), [&](const Finding& f) { return f.key.starts_with(kind); });
}
Project fixed(const Project& before, const Finding& f)
{
    Project p = before;
    p = f.fix->apply(p);
    repair(p);
    return p;
}

/// A picture of one dark and some light rectangles, in shares of its sides.
light::Picture pictureOf(const std::vector<std::pair<Rect, float>>& parts)
{
    const int w = 300, h = 200;
    std::vector<Rgb> px(std::size_t(w * h), Rgb{0.4f, 0.4f, 0.4f});
    for (const auto& [r, v] : parts)
        for (int y = int(r.y * h); y < int(r.bottom() * h); ++y)
            for (int x = int(r.x * w); x < int(r.right() * w); ++x)
                px[std::size_t(y * w + x)] = {v, v, v};
    return {{w, h, std::move(px)}, IdMap::filled(w, h, 0), 5};
}

/// A bell of rows with given half widths, px.
Cover rowsOf(const std::function<std::pair<double, double>(int)>& halves, int h = 200)
{
    const int w = 200;
    std::vector<float> px(std::size_t(w * h), 0.f);
    for (int y = 4; y < h - 4; ++y) {
        const auto [l, r] = halves(y);
        for (int x = 0; x < w; ++x)
            px[std::size_t(y * w + x)]
                = float(std::clamp(std::min(x + 1.0, 100 + r) - std::max(double(x), 100 - l), 0.0, 1.0));
    }
    return {{w, h, std::move(px)}, {5, 7}, 20};
}
} // namespace

class TestArranging : public QObject {
    Q_OBJECT
private slots:
    void kinAreSpreadAsAsked()
    {
        KinWish w;
        w.count = 5;
        w.ground = {{0, 4}, {0, 40}};
        const auto along = spreadPlaces(w);
        QCOMPARE(along.size(), std::size_t(5));
        QVERIFY(std::abs(along[1].y - 13) < 1e-9 && std::abs(along[4].y - 40) < 1e-9);
        w.spread = Spread::Depth;
        const auto deep = spreadPlaces(w);
        for (std::size_t i = 2; i < deep.size(); ++i) // even steps of 1/Z are even steps on the canvas
            QVERIFY(std::abs((1 / deep[i].y - 1 / deep[i - 1].y) - (1 / deep[1].y - 1 / deep[0].y)) < 1e-12);
        w.spread = Spread::Area;
        w.count = 40;
        QVERIFY(spreadPlaces(w).empty()); // two corners are no area
        w.ground = {{-3, 5}, {3, 5}, {3, 15}, {-3, 15}};
        const auto over = spreadPlaces(w);
        QCOMPARE(over.size(), std::size_t(40));
        double nearest = 1e9;
        for (std::size_t i = 0; i < over.size(); ++i) {
            QVERIFY(std::abs(over[i].x) <= 3 && over[i].y >= 5 && over[i].y <= 15);
            for (std::size_t j = 0; j < i; ++j)
                nearest = std::min(nearest, (over[i] - over[j]).length());
        }
        QVERIFY(nearest > 0.35); // blue noise: by chance alone it would be a few centimetres
        const auto again = spreadPlaces(w);
        QVERIFY(std::equal(over.begin(), over.end(), again.begin()));
    }

    void kinDiffer()
    {
        Project p = kit::postWork();
        p.elements.clear();
        Element e = edits::standinOf(Solid::Box);
        e.baseCm = {10, 30};
        p = edits::withElement(p, e);
        KinWish w{p.elements[0].id, 4, Spread::Path, {{-3, 8}, {3, 8}}, 60, 0.3, true, 0.3, 5};
        const Project kin = withKin(p, w);
        QCOMPARE(kin.elements.size(), std::size_t(5));
        QVERIFY(kin.elements[0].group != 0);
        for (const Element& x : kin.elements)
            QCOMPARE(x.group, kin.elements[0].group);
        QVERIFY(kin.elements[1].kinOf == w.of && kin.elements[1].heightM != kin.elements[2].heightM);
        QVERIFY(withKin(p, w).elements == kin.elements);
        w.seed = 6;
        QVERIFY(!(withKin(p, w).elements == kin.elements));
        w.of = 999;
        QCOMPARE(withKin(p, w).elements.size(), std::size_t(1));
    }

    void copiesAreFoundAndVaried()
    {
        Project p = kit::postWork();
        p.elements.clear();
        for (const double x : {28.0, 33.0}) {
            Element e = edits::standinOf(Solid::Tent);
            e.baseCm = {x, 30};
            p = edits::withElement(p, e);
        }
        SurfaceCache cache;
        const auto same = repetition(p, cache);
        QCOMPARE(same.size(), std::size_t(1));
        QVERIFY2(same[0].alike > kStamped, qPrintable(QString::number(same[0].alike)));
        const Findings all = stageFindings(p, cache);
        QVERIFY(has(all, "stage.repeated"));
        const Project varied = ::fixed(p, the(all, "stage.repeated"));
        const auto after = repetition(varied, cache);
        QVERIFY(after[0].alike < kStamped);
        QVERIFY(!has(stageFindings(varied, cache), "stage.repeated"));
        // Different kinds are not held against each other.
        p.elements[1].standin = edits::standinOf(Solid::Cone).standin;
        QVERIFY(repetition(p, cache).empty());
    }

    void theGoldenSpiralEndsWhereItShould()
    {
        Project p = kit::postWork();
        for (int turn = 0; turn < 4; ++turn) {
            p.guides.spiralTurn = turn;
            const auto lines = guideLines(p, Guide::Spiral);
            QCOMPARE(lines.size(), std::size_t(1));
            const auto& s = lines[0].points;
            // The eye of the spiral in a golden rectangle lies where its diagonal meets that of the rectangle left
            // over: at (5 + 3√5) / (5 + √5) / 2 … = 0.7236 and 0.7236 of the sides.
            const Vec2 end{s.back().x / 60, s.back().y / 40};
            const double x = turn & 1 ? 1 - end.x : end.x, y = turn & 2 ? 1 - end.y : end.y;
            QVERIFY2(
                std::abs(x - 0.7236) < 0.02 && std::abs(y - 0.7236) < 0.03, qPrintable(QString("%1 %2").arg(x).arg(y)));
            for (std::size_t i = 1; i < s.size(); ++i) // no jumps
                QVERIFY((s[i] - s[i - 1]).length() < 7);
        }
    }

    void guidesMeasureWhoKeepsToThem()
    {
        Project p = kit::postWork();
        SurfaceCache cache;
        QVERIFY(onGuides(p, cache).empty()); // off by default
        const Rect r = placed(p, p.elements[0], cache).canvas;
        p.guides.shown = 1U << int(Guide::Thirds);
        p.elements[0].baseCm.x = 20 + 0.6; // a third is 20; 1 % of 60 cm off
        auto near = onGuides(p, cache);
        QCOMPARE(near.size(), std::size_t(1));
        QVERIFY(near[0].percent <= 1.001 && near[0].element == 4);
        // Far from every line: the middle of a field.
        p.elements[0].baseCm.x = 25;
        const double y = r.centre().y;
        const bool onRow = std::min(std::abs(y - 40.0 / 3), std::abs(y - 80.0 / 3)) <= 1.2;
        QCOMPARE(onGuides(p, cache).empty(), !onRow);
        for (int g = 0; g < kGuideCount; ++g) {
            QVERIFY(std::string(explained(Guide(g))).size() > 40);
            QVERIFY(!guideLines(p, Guide(g)).empty());
        }
        QVERIFY(std::abs(distanceTo({{0, 0}, {10, 0}}, {5, 3}) - 3) < 1e-12);
        QVERIFY(std::abs(distanceTo({{0, 0}, {10, 0}}, {13, 4}) - 5) < 1e-12);
    }

    void symmetryIsMeasuredInMillimetres()
    {
        const Symmetry even = symmetryOf(rowsOf([](int y) { return std::pair{20 + y * 0.2, 20 + y * 0.2}; }), false);
        QVERIFY(even.known && even.worstMm < 0.05 && std::abs(even.leanDegrees) < 0.05);
        QVERIFY(std::abs(even.axisCm - 10) < 0.01); // px 100 at 20 px/cm, 5 cm in
        // A dent of 4 px on the left of a few rows: 2 mm.
        const Symmetry dented = symmetryOf(rowsOf([](int y) {
            return std::pair{30 - (y > 100 && y < 110 ? 4.0 : 0.0), 30.0};
        }),
            false);
        QVERIFY2(std::abs(dented.worstMm - 2) < 0.1, qPrintable(QString::number(dented.worstMm)));
        QVERIFY(dented.wideRight && std::abs(dented.worstAtCm - (7 + 105 / 20.0)) < 0.4);
        // Leaning by 3°.
        const auto lean = [](int y) {
            const double d = (100 - y) * std::tan(radians(3));
            return std::pair{30 - d, 30 + d};
        };
        const Symmetry leans = symmetryOf(rowsOf(lean), false);
        QVERIFY(std::abs(leans.leanDegrees - 3) < 0.1 && leans.worstMm < 0.1);
        QVERIFY(symmetryOf(rowsOf(lean), true).worstMm > 4.5);
        QVERIFY(!symmetryOf({}, false).known);
    }

    void aTurnedThingIsSymmetric()
    {
        Project p = kit::postWork();
        Element e = edits::standinOf(Solid::Turned);
        e.baseCm = {30, 33};
        p = edits::withElement(p, e);
        SurfaceCache cache;
        const Symmetry s = symmetryOf(coverOf(p, p.elements.back(), cache, 1000), true);
        QVERIFY2(s.worstMm < 0.15, qPrintable(QString::number(s.worstMm)));
    }

    void coverIsThatOfTheElement()
    {
        Project p = kit::postWork();
        SurfaceCache cache;
        const Placement place = placed(p, p.elements[0], cache);
        const Cover c = coverOf(p, p.elements[0], cache, 400);
        double area = 0;
        for (std::size_t i = 0; i < c.share.size(); ++i)
            area += double(c.share.data()[i]) / (c.pixelsPerCm * c.pixelsPerCm);
        QVERIFY(std::abs(area / (place.canvas.width * place.canvas.height) - 1) < 0.02);
        p.elements[0].baseCm.y = 10; // above the horizon
        QVERIFY(coverOf(p, p.elements[0], cache, 400).empty());
    }

    void sizesOutOfRangeAreSpokenOf()
    {
        Project p = kit::postWork();
        SurfaceCache cache;
        p.elements[0].usual = "adult"; // 1.40 to 2.05 m
        QVERIFY(!has(stageFindings(p, cache), "stage.size"));
        p.elements[0].heightM = 3.5;
        const Findings all = stageFindings(p, cache);
        QVERIFY(has(all, "stage.size"));
        QCOMPARE(the(all, "stage.size").severity, Severity::Broken);
        QCOMPARE(::fixed(p, the(all, "stage.size")).elements[0].heightM, 1.70);
    }

    void contactIsJudged()
    {
        Project p = kit::postWork();
        SurfaceCache cache;
        p.elements[0].altitudeM = -0.3;
        Findings all = stageFindings(p, cache);
        QVERIFY(has(all, "stage.sinks"));
        // 0.3 m at 10 m: 64.335 / 10 × 0.3 = 1.93 cm.
        QVERIFY(std::abs(the(all, "stage.sinks").measured - 19.3) < 0.1);
        QCOMPARE(::fixed(p, the(all, "stage.sinks")).elements[0].altitudeM, 0.0);
        p.elements[0].altitudeM = 0.2;
        QVERIFY(has(stageFindings(p, cache), "stage.hovers"));
        p.elements[0].altitudeM = 1.5; // flies
        QVERIFY(!has(stageFindings(p, cache), "stage.hovers"));
        p.elements[0].altitudeM = 0.4; // stands on a box
        Element box = edits::standinOf(Solid::Box);
        box.baseCm = p.elements[0].baseCm;
        box.heightM = 0.4;
        box.standin.wide = 3;
        p = edits::withElement(p, box);
        QVERIFY(!has(stageFindings(p, cache), "stage.hovers"));
    }

    void roomIsMeasured()
    {
        Project p = kit::postWork();
        SurfaceCache cache;
        p.elements[0].baseCm.x = 45;
        p.elements[0].facing = Facing::Right;
        const Rect r = placed(p, p.elements[0], cache).canvas;
        const Room room = roomOf(p, cache);
        QVERIFY(room.known && room.lead == 4);
        QVERIFY(std::abs(room.left - r.x) < 1e-9 && std::abs(room.right - (60 - r.right())) < 1e-9);
        QVERIFY(std::abs(room.aheadCm - 15) < 1e-9 && std::abs(room.behindCm - 45) < 1e-9);
        const Findings all = roomFindings(p, cache);
        QVERIFY(has(all, "stage.gaze-room"));
        const Project moved = ::fixed(p, the(all, "stage.gaze-room"));
        QVERIFY(!has(roomFindings(moved, cache), "stage.gaze-room"));
        p.elements[0].facing = Facing::Left;
        QVERIFY(!has(roomFindings(p, cache), "stage.gaze-room"));
        p.brief.cast.clear();
        repair(p);
        QVERIFY(!roomOf(p, cache).known);
    }

    void cutsAtJointsAreFound_data()
    {
        QTest::addColumn<bool>("standin");
        QTest::newRow("a posed figure") << true;
        QTest::newRow("a photograph of an adult") << false;
    }
    void cutsAtJointsAreFound()
    {
        QFETCH(bool, standin);
        Project p = kit::postWork();
        SurfaceCache cache;
        Element e = standin ? edits::standinOf(Solid::Figure) : p.elements[0];
        e.id = 0;
        e.usual = "adult";
        e.heightM = 1.75;
        // The knee at 0.285 of the height comes to the lower edge: base (1 - 0.285 T / h) = 40 - 0.285 T y_h / h.
        const double k = 0.285 * 1.75 / 1.6;
        e.baseCm = {20, (40 - k * 16) / (1 - k)};
        p = edits::withElement(p, e);
        const auto cuts = jointCuts(p, cache);
        QCOMPARE(cuts.size(), std::size_t(1));
        QCOMPARE(cuts[0].joint, std::string("knee"));
        QCOMPARE(cuts[0].side, std::string("bottom"));
        const Findings all = roomFindings(p, cache);
        QVERIFY(has(all, "stage.joint"));
        QVERIFY(jointCuts(::fixed(p, the(all, "stage.joint")), cache).empty());
    }

    void balanceFollowsTheLeverLaw()
    {
        const auto even = reading::balanceOf(pictureOf({{{0.1, 0.3, 0.2, 0.4}, 0.02f}, {{0.7, 0.3, 0.2, 0.4}, 0.02f}}));
        QVERIFY(even.deadEven && std::abs(even.left - 0.5) < 0.01 && !even.counter.wanted);
        const auto tips = reading::balanceOf(pictureOf({{{0.02, 0.2, 0.2, 0.6}, 0.02f}}));
        QVERIFY(!tips.deadEven && tips.left > 0.6 && tips.counter.wanted && tips.counter.atCm.x > 30);
        // What is suggested does steady it: painted in, nothing more is wanted.
        const double side = std::sqrt(tips.counter.areaCm2);
        const Rect put{
            (tips.counter.atCm.x - side / 2) / 60, (tips.counter.atCm.y - side / 2) / 40, side / 60, side / 40};
        // A grey whose L* lies 30 under the ground's: L* 69.5 → 39.5.
        const auto steadied = reading::balanceOf(pictureOf({{{0.02, 0.2, 0.2, 0.6}, 0.02f}, {put, 0.109f}}));
        QVERIFY2(std::abs(steadied.centreCm.x - 30) < std::abs(tips.centreCm.x - 30) * 0.75,
            qPrintable(QString("%1 after %2").arg(steadied.centreCm.x).arg(tips.centreCm.x)));
        const auto plain = reading::balanceOf(pictureOf({}));
        QVERIFY(!plain.counter.wanted && std::abs(plain.centreCm.x - 30) < 0.5);
    }

    void eyeLevelsThatDisagreeAreSaid()
    {
        Project p = kit::postWork();
        SurfaceCache cache;
        gather::EyeLevels levels;
        Overrule& word = p.references[0].overrule;
        word.eyeLevelSet = true;
        // The post is 400 px tall from 10 px down, its foot at 410: eye level at 1.6 of 2 m is at 410 - 320 = 90 px.
        word.eyeLevel = 90 / 420.0;
        QVERIFY(gather::eyeLevelFindings(p, cache, levels).empty());
        word.eyeLevel = 230 / 420.0; // 140 px lower: 0.7 m, 4.5 cm at 10 m, 4.0°
        Findings all = gather::eyeLevelFindings(p, cache, levels);
        QCOMPARE(all.size(), std::size_t(1));
        QVERIFY2(std::abs(all[0].measured - degrees(std::atan(0.7 / 10))) < 0.02,
            qPrintable(QString::number(all[0].measured)));
        QVERIFY(all[0].sentence.find("cheated") != std::string::npos && all[0].severity == Severity::Watch);
        word.eyeLevel = 400 / 420.0;
        all = gather::eyeLevelFindings(p, cache, levels);
        QVERIFY(all.size() == 1 && all[0].severity == Severity::Broken);
        // Where a fix is offered it makes both meet.
        word.eyeLevel = 130 / 420.0;
        all = gather::eyeLevelFindings(p, cache, levels);
        if (!all.empty() && all[0].fix)
            QVERIFY(gather::eyeLevelFindings(::fixed(p, all[0]), cache, levels).empty());
    }

    void evidenceThatContradictsItselfClaimsNothing()
    {
        gather::EyeLevel lines;
        lines.y = 600, lines.confidence = 1;
        QVERIFY(gather::weighed(lines, {100, 0.9}, 1000).confidence < 0.25);
        QCOMPARE(gather::weighed(lines, {610, 0.9}, 1000).y, 600.0);
        lines.confidence = 0.4;
        QCOMPARE(gather::weighed(lines, {100, 0.9}, 1000).y, 100.0);
        QCOMPARE(gather::weighed(lines, {100, 0.1}, 1000).y, 600.0);
    }
};

RL_TEST(TestArranging)
#include "tst_arranging.moc"
