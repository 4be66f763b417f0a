#include "core/paint/mixing.h"
#include "core/project/edits.h"
#include "tests/kit/program.h"
#include "tests/kit/shapes.h"
#include <QTest>
#include <set>

using namespace rl;
using namespace rl::paint;
using colour::ExactLab;

namespace {
Project advisedWork(PaintBox box)
{
    Project p;
    p.brief.widthCm = 60, p.brief.heightCm = 40;
    return edits::withPaintBox(std::move(p), std::move(box));
}
std::optional<Finding> said(const Project& work, const Mixing& m, const std::string& key)
{
    for (const Finding& f : mixFindings(work, m))
        if (f.key.starts_with(key))
            return f;
    return {};
}
/// Five discs on a ramp; the first three are of one colour but for 1 L*.
light::Picture likeDiscs()
{
    return kit::pictureBy(300, 200, 60, [](double x, double y) {
        for (int n = 0; n < 5; ++n)
            if (std::hypot(x - 40 - 55 * n, y - 100) < 22)
                return n < 3 ? kit::Pixel{n + 1, 55.0 + n, 20, 10} : kit::Pixel{n + 1, 30.0 + 20 * n, -20, 5.0 * n};
        return kit::Pixel{0, 75 - 0.1 * y, 0, -10};
    });
}
} // namespace

/// What Mix advises beyond a recipe: mixes made one, what is too fine to be painted, the tube that is missing.
class TestMixAdvice : public QObject {
    Q_OBJECT
private slots:
    void likePuddlesAreMixedAsOne()
    {
        NoProgress progress;
        const light::Picture s = likeDiscs();
        const RecipeMap apart = recipeMap(s.colour, s.ids, 24, progress);
        for (const double within : {0.5, 2.0, 6.0, 40.0}) {
            const RecipeMap one = merged(apart, within);
            for (const Alike& a : alike(one, within))
                QVERIFY(a.twoLights);
            // Every pixel has a puddle, whose share, mean and members are those of its pixels.
            std::vector<double> share(one.puddles.size()), L(share.size());
            std::vector<std::set<int>> who(share.size());
            for (std::size_t i = 0; i < one.which.size(); ++i) {
                const std::size_t to = one.which.data()[i], from = apart.which.data()[i];
                QVERIFY(to < share.size());
                share[to] += 1.0 / double(one.which.size());
                L[to] += apart.puddles[from].wanted.L / double(one.which.size());
                who[to].insert(apart.puddles[from].element);
            }
            for (std::size_t i = 0; i < share.size(); ++i) {
                const Puddle& p = one.puddles[i];
                QVERIFY(std::abs(p.share - share[i]) < 1e-9 && std::abs(p.wanted.L - L[i] / share[i]) < 1e-6);
                std::set<int> members{p.element};
                for (const auto& also : p.also)
                    members.insert(also.first);
                QVERIFY(members == who[i]);
                QVERIFY(i == 0 || p.wanted.L <= one.puddles[i - 1].wanted.L);
                QCOMPARE(std::size_t(one.which.at(int(p.at.x), int(p.at.y))), i);
            }
        }
        QVERIFY(merged(apart, 0).puddles.size() == apart.puddles.size());
    }
    void aClickMergesThemAndTheFindingGoes()
    {
        NoProgress progress;
        const light::Picture s = likeDiscs();
        Project work = advisedWork(firstBox());
        const auto mixed = [&] { return mixing(work, s.colour, s.ids, s.pixelsPerCm, nullptr, progress); };
        std::size_t before = mixed().map.puddles.size();
        int clicks = 0;
        for (auto f = said(work, mixed(), "mix.alike"); f && clicks < 12; f = said(work, mixed(), "mix.alike")) {
            QVERIFY(f->fix);
            work = f->fix->apply(work), ++clicks;
            const Mixing m = mixed();
            QVERIFY(m.map.puddles.size() < before && m.recipes.size() == m.map.puddles.size());
            before = m.map.puddles.size();
        }
        QVERIFY(clicks > 0 && !said(work, mixed(), "mix.alike"));
    }
    void thinThingsAreFound_data()
    {
        QTest::addColumn<int>("width"); // px of 0.2 cm
        QTest::addColumn<double>("L"); // on 70 above and 60 below
        QTest::addColumn<double>("finest"); // mm
        QTest::addColumn<bool>("found");
        QTest::newRow("a dark line of 2 mm, strokes of 3") << 1 << 20.0 << 3.0 << true;
        QTest::newRow("a dark line of 6 mm, strokes of 3") << 3 << 20.0 << 3.0 << false;
        QTest::newRow("a dark line of 6 mm, strokes of 10") << 3 << 20.0 << 10.0 << true;
        QTest::newRow("a soft edge: between its neighbours") << 1 << 65.0 << 3.0 << false;
        QTest::newRow("hardly to be seen") << 1 << 57.0 << 3.0 << false;
    }
    void thinThingsAreFound()
    {
        QFETCH(int, width);
        QFETCH(double, L);
        QFETCH(double, finest);
        QFETCH(bool, found);
        const auto s = kit::pictureBy(300, 200, 60, [&](double x, double y) {
            const bool line = y >= 100 && y < 100 + width && x > 30 && x < 270;
            return line ? kit::Pixel{1, L, 0, 0} : kit::Pixel{0, y < 100 ? 70.0 : 60.0, 0, 0};
        });
        NoProgress progress;
        Project work = advisedWork(firstBox());
        work.mix.finestMm = finest;
        work.brief.ground.support = Support::Panel;
        const Mixing m = mixing(work, s.colour, s.ids, s.pixelsPerCm, nullptr, progress);
        const auto f = said(work, m, "mix.fine");
        QCOMPARE(bool(f), found);
        if (!found)
            return;
        QCOMPARE(m.fine.size(), std::size_t(1));
        QVERIFY(std::abs(m.fine[0].widthCm - 0.2 * width) < 0.01 && std::abs(m.fine[0].lengthCm - 48) < 1);
        QVERIFY(f->element == 1 && std::abs(f->place.y - 20) < 0.5);
        // A coarse canvas holds less than a panel does.
        work.mix.finestMm = 0.1;
        work.brief.ground.coats = 0; // no primer fills its weave
        work.brief.ground.support = Support::Canvas, work.brief.ground.threadsPerCm = width == 1 ? 6 : 3;
        const auto canvas = said(work, mixing(work, s.colour, s.ids, s.pixelsPerCm, nullptr, progress), "mix.fine");
        QVERIFY(canvas && canvas->sentence.find("this ground holds") != std::string::npos);
    }
    void theMissingTubeIsNamed()
    {
        NoProgress progress;
        PaintBox earths{0, "earths", PaintMedium::Oil, {}};
        for (const char* id : {"PW6", "PBk9", "PY42", "PBr7BS"}) {
            Tube t;
            t.pigment = id;
            earths.tubes.push_back(t);
        }
        const auto s = kit::pictureBy(150, 100, 60, [](double x, double) {
            return x < 75 ? kit::Pixel{0, 35, 20, -45} : kit::Pixel{0, 60, 8, 20}; // a blue; an earth
        });
        Project work = advisedWork(earths);
        const auto mixed = [&] { return mixing(work, s.colour, s.ids, s.pixelsPerCm, nullptr, progress); };
        const Mixing m = mixed();
        const auto f = said(work, m, "mix.reach");
        QVERIFY(f && f->fix);
        const auto far
            = std::find_if(m.others.begin(), m.others.end(), [](const auto& o) { return !o.pigment.empty(); });
        QVERIFY(far != m.others.end() && far->de < 0.67 * f->measured);
        // With that tube in the box it is as near as was said, and has to be bought.
        work = f->fix->apply(work);
        QCOMPARE(work.boxes[0].tubes.back().pigment, far->pigment);
        QCOMPARE(work.boxes[0].tubes.back().leftMl, 0.0);
        const Mixing then = mixed();
        for (const Answer& a : then.recipes)
            QVERIFY(a.reachDe <= far->de + 0.05);
        QVERIFY(said(work, then, "mix.runs-out"));
    }
    void whatGlowsIsLeftOut()
    {
        NoProgress progress;
        PaintBox box = firstBox();
        Tube t;
        t.pigment = "FLPINK";
        box.tubes.push_back(t);
        Project work = advisedWork(box);
        const light::Picture s = likeDiscs();
        const Mixing m = mixing(work, s.colour, s.ids, s.pixelsPerCm, nullptr, progress);
        const auto f = said(work, m, "mix.glowing");
        QVERIFY(f && f->fix);
        work = f->fix->apply(work);
        QVERIFY(!work.boxes[0].tubes.back().chosen && !said(work, m, "mix.glowing"));
    }
};

RL_TEST(TestMixAdvice)
#include "tst_mix_advice.moc"
