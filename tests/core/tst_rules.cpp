#include "core/review/review.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <set>

using namespace rl;

class TestRules : public QObject {
    Q_OBJECT
private slots:
    void sameWorkSameFindings()
    {
        Project p = kit::postWork();
        p.elements[0].baseCm.x = 1;
        stage::SurfaceCache a, b;
        NoProgress progress;
        const auto one = review::review(p, a, progress), two = review::review(p, b, progress);
        QCOMPARE(one.findings.size(), two.findings.size());
        for (std::size_t i = 0; i < one.findings.size(); ++i) {
            QCOMPARE(one.findings[i].sentence, two.findings[i].sentence);
            QCOMPARE(one.findings[i].measured, two.findings[i].measured);
        }
    }

    void everyFindingIsComplete()
    {
        Project p = kit::postWork(0, -3);
        p.brief.cast.push_back({50, "Nobody"});
        p.references[0].credit.clear();
        p.elements[0].baseCm.x = 1;
        p.sheets.overlapCm = 0;
        stage::SurfaceCache cache;
        NoProgress progress;
        const auto r = review::review(p, cache, progress);
        QVERIFY(r.findings.size() >= 4);
        std::set<std::string> keys;
        for (const Finding& f : r.findings) {
            QVERIFY2(keys.insert(f.key).second, f.key.c_str());
            QVERIFY(!f.sentence.empty() && f.sentence.back() == '.' && !f.why.empty() && !f.unit.empty());
            QVERIFY(std::isfinite(f.measured) && std::isfinite(f.target));
            if (f.fix)
                QVERIFY(!f.fix->label.empty());
        }
        for (std::size_t i = 1; i < r.findings.size(); ++i)
            QVERIFY(r.findings[i - 1].station <= r.findings[i].station);
    }

    void whatIsSetAsideStaysAside()
    {
        Project p = kit::postWork();
        p.elements[0].baseCm.x = 1;
        stage::SurfaceCache cache;
        NoProgress progress;
        const auto has = [&] {
            for (const Finding& f : review::review(p, cache, progress).findings)
                if (f.key == "stage.crowded:4")
                    return true;
            return false;
        };
        QVERIFY(has());
        p.setAside["stage.crowded:4"] = "it leans out of the picture on purpose";
        QVERIFY(!has());
    }

    void theOrderIsHeldAgainstTheCast()
    {
        // Two posts: the one that should be read second is far larger and darker than the first.
        Project p = kit::postWork();
        p.brief.cast = {{1, "First"}, {2, "Second"}};
        Reference dark = kit::referenceOf("dark", kit::plain(60, 420, {10, 10, 10}));
        dark.id = 8;
        p.references.push_back(dark);
        Cutout c = p.cutouts[0];
        c.id = 9;
        c.reference = 8;
        p.cutouts.push_back(c);
        Element big = p.elements[0];
        big.id = 7;
        big.cast = 2;
        big.cutout = 9;
        big.heightM = 5;
        big.baseCm = stage::projected(stage::eyeOf(p), {1.5, 0, 9});
        p.elements.push_back(big);
        p.references[0].pixels = kit::held(kit::plain(60, 420, {150, 150, 150}));
        stage::SurfaceCache cache;
        NoProgress progress;
        const auto r = review::review(p, cache, progress);
        QCOMPARE(r.reading.attention.order.front(), 7);
        QVERIFY(std::any_of(r.findings.begin(), r.findings.end(),
            [](const Finding& f) { return f.key == "read.order:1>2" && f.severity == Severity::Broken; }));
        std::swap(p.brief.cast[0], p.brief.cast[1]);
        for (const Finding& f : review::review(p, cache, progress).findings)
            QVERIFY(!f.key.starts_with("read.order"));
    }

    void cancelGivesNothing()
    {
        struct Stop final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stop;
        stage::SurfaceCache cache;
        QVERIFY(review::review(kit::postWork(), cache, stop).findings.empty());
    }
};

RL_TEST(TestRules)
#include "tst_rules.moc"
