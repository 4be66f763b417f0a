#include "core/base/parallel.h"
#include "core/light/light_rules.h"
#include "core/paint/box.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/review/fix_all.h"
#include "core/review/known_reviews.h"
#include "tests/kit/frames.h"
#include "tests/kit/program.h"
#include "tests/kit/scattered.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <set>

using namespace rl;

/// Fixes agree: none brings a finding that would take it back, and doing all of them ends. `lantern-bench --agree` does
/// the same with every work there is, and prints the table.
class TestFixes : public QObject {
    Q_OBJECT
    stage::SurfaceCache m_cache;
    NoProgress m_progress;

    static std::set<std::string> keysOf(const Findings& all)
    {
        std::set<std::string> keys;
        for (const Finding& f : all)
            keys.insert(f.key);
        return keys;
    }
    /// A work with a fault that two rules pull at from both sides.
    static Project faulty(const QString& fault)
    {
        Project p = kit::shoreWork();
        Element& e = p.elements[0];
        p.brief.cast = {{p.freshId(), "Post"}};
        e.cast = p.brief.cast[0].id;
        if (fault == "a sun under the horizon, and nothing else burns")
            p.lights.sun.elevation = -5, p.lights.lanterns.clear();
        if (fault == "no light at all")
            p.lights.sun.on = false, p.lights.sun.elevation = -20;
        if (fault == "too few pixels for a thing that may not be smaller")
            e.heightM = 1.7, e.usual = "adult", e.baseCm.y = p.brief.heightCm - 1;
        if (fault == "crowded at the edge")
            e.baseCm.x = 3.2;
        if (fault == "a dot far away")
            e.baseCm.y = p.camera.horizonCm + 0.4;
        if (fault == "hovers")
            e.altitudeM = 0.15;
        if (fault == "too bright for paper")
            p.lights.sun.strength = 6, p.lights.air.exposureStops = 1;
        if (fault == "a key that is not meant")
            p.brief.wantedKey = 0;
        return p;
    }

private slots:
    void noFixBringsOneThatTakesItBack_data()
    {
        QTest::addColumn<QString>("fault");
        for (const char* f : {"a sun under the horizon, and nothing else burns", "no light at all",
                 "too few pixels for a thing that may not be smaller", "crowded at the edge", "a dot far away",
                 "hovers", "too bright for paper", "a key that is not meant"})
            QTest::newRow(f) << f;
    }
    void noFixBringsOneThatTakesItBack()
    {
        QFETCH(QString, fault);
        const Project p = faulty(fault);
        review::Reviewer reviewer(m_cache);
        const auto look = [&](const Project& q) { return reviewer.look(q, m_progress)->findings; };
        const Findings all = look(p);
        int done = 0;
        for (const Finding& f : all) {
            const auto after = f.fix ? review::fixedBy(p, *f.fix) : std::nullopt;
            if (!after)
                continue;
            ++done;
            const Findings then = look(*after);
            QVERIFY2(!keysOf(then).contains(f.key), f.key.c_str());
            for (const Finding& g : then)
                if (g.fix && g.element == f.element && !keysOf(all).contains(g.key))
                    if (const auto back = review::fixedBy(*after, *g.fix))
                        QVERIFY2(!keysOf(look(*back)).contains(f.key), (f.key + " and " + g.key).c_str());
        }
        QVERIFY(done > 0);
    }

    void allOfThemEnds_data() { noFixBringsOneThatTakesItBack_data(); }
    void allOfThemEnds()
    {
        QFETCH(QString, fault);
        const review::FixedAll fixed = review::fixAll(faulty(fault), m_cache, m_progress);
        QVERIFY(fixed.left.size() <= fixed.before.size() && !fixed.told.empty());
        for (const Finding& f : fixed.left)
            QVERIFY2(f.severity != Severity::Broken || !f.fix, f.key.c_str());
        // What is told is what there is.
        QCOMPARE(keysOf(review::review(fixed.project, m_cache, m_progress).findings), keysOf(fixed.left));
        for (const review::FixTold& t : fixed.told)
            QVERIFY(!t.kept || std::find(t.gone.begin(), t.gone.end(), t.key) != t.gone.end());
    }

    /// Works in which such a fix was offered and did not help: where it does not, it is not offered.
    void whatIsOfferedHelps_data()
    {
        QTest::addColumn<unsigned>("seed");
        QTest::addColumn<QString>("rule");
        QTest::newRow("darks") << 107u << "read.pale-darks";
        QTest::newRow("darks under a lamp") << 114u << "read.pale-darks";
        QTest::newRow("far and dark") << 112u << "light.far-dark";
        QTest::newRow("a tube to buy") << 113u << "mix.reach";
    }
    void whatIsOfferedHelps()
    {
        QFETCH(unsigned, seed);
        QFETCH(QString, rule);
        const Project p = kit::scatteredWork(seed);
        review::Reviewer reviewer(m_cache);
        bool said = false;
        const auto first = reviewer.look(p, m_progress);
        for (const Finding& f : first->findings) {
            if (!f.key.starts_with(rule.toStdString()))
                continue;
            said = true;
            if (const auto after = f.fix ? review::fixedBy(p, *f.fix) : std::nullopt)
                QVERIFY2(!keysOf(reviewer.look(*after, m_progress)->findings).contains(f.key), f.key.c_str());
        }
        QVERIFY(said);
    }

    /// Its lamp lowered, other things are broken: that is mended with it, else it would be left with a fix undone.
    void whatAFixAsksForIsDoneWithIt()
    {
        const review::FixedAll fixed = review::fixAll(kit::scatteredWork(100), m_cache, m_progress);
        for (const Finding& f : fixed.left)
            QVERIFY2(f.severity != Severity::Broken || !f.fix, f.key.c_str());
        const auto lamp = std::find_if(fixed.told.begin(), fixed.told.end(),
            [](const review::FixTold& t) { return t.kept && t.key.starts_with("light.over"); });
        QVERIFY(lamp != fixed.told.end());
    }

    /// A light that cannot be told accuses nobody, however it lies.
    void whatCannotBeToldAccusesNobody_data()
    {
        QTest::addColumn<double>("confidence");
        QTest::addColumn<bool>("told");
        QTest::addColumn<bool>("broken");
        QTest::newRow("none") << 0.0 << false << false;
        QTest::newRow("a tenth") << 0.10 << false << false;
        QTest::newRow("just under") << 0.23 << false << false;
        QTest::newRow("uncertain") << 0.35 << true << false;
        QTest::newRow("sure") << 0.9 << true << true;
    }
    void whatCannotBeToldAccusesNobody()
    {
        QFETCH(double, confidence);
        QFETCH(bool, told);
        QFETCH(bool, broken);
        Project p = kit::postWork(0, 20); // the sun from the right
        Element& e = p.elements[0];
        const PictureLight planned = light::plannedLight(p, e, m_cache).direction;
        e.ownLightSet = true, e.delight = 0.2;
        e.ownLight = {wrapped360(planned.azimuth + 180), 10, confidence}; // photographed from the other side
        const auto side = light::sideOff(p, e, m_cache);
        QCOMPARE(side.has_value(), told);
        const auto r = review::review(p, m_cache, m_progress);
        bool said = false, isBroken = false;
        for (const Finding& f : r.findings)
            if (f.key.starts_with("light.side"))
                said = true, isBroken = f.severity == Severity::Broken;
        QCOMPARE(said, told);
        QCOMPARE(isBroken, broken);
        const review::AuditRow* row = r.lightOf(e.id);
        QVERIFY(row && row->sideTold == told);
        for (const review::Cause& c : row->causes)
            QVERIFY(told || c.kind != review::CauseKind::Direction);
    }

    /// The same digits on any number of cores, and whatever was looked at before.
    void coresAndOrderChangeNoDigit()
    {
        Project p = edits::withPaintBox(kit::shoreWork(), paint::firstBox());
        p.brief.cast = {{p.freshId(), "Post"}}, p.elements[0].cast = p.brief.cast[0].id;
        p.brief.deadline = "2099-01-01";
        const auto digits = [](const review::Review& r) {
            std::vector<std::string> all;
            for (const Finding& f : r.findings)
                all.push_back(f.key + f.sentence + std::to_string(f.measured));
            for (const paint::Puddle& q : r.mixing->map.puddles)
                all.push_back(std::to_string(q.number) + std::to_string(q.wanted.L) + std::to_string(q.share));
            for (const paint::TubeNeed& t : r.mixing->needs.tubes)
                all.push_back(t.id + std::to_string(t.ml));
            for (const auto& [id, share] : r.reading.attention.share)
                all.push_back(std::to_string(id) + std::to_string(share));
            return all;
        };
        useCores(1);
        const auto alone = digits(review::review(p, m_cache, m_progress));
        useCores(0);
        stage::SurfaceCache fresh;
        const auto all = digits(review::review(p, fresh, m_progress));
        QVERIFY(all == alone && all.size() > 20);
        // One that has looked at something else, and at this a little different, before.
        review::Reviewer reviewer(fresh);
        (void)reviewer.look(kit::postWork(), m_progress);
        Project other = p;
        other.elements[0].baseCm.x += 4, other.lights.sun.strength *= 0.5;
        (void)reviewer.look(other, m_progress);
        QVERIFY(digits(*reviewer.look(p, m_progress)) == all);
    }

    void aWorkKnownAMomentAgoIsKnown()
    {
        auto& known = review::KnownReviews::ofAll();
        known.forget();
        Project p = kit::postWork();
        const auto made = [&](bool whole) {
            review::Review r;
            r.whole = whole;
            return std::make_shared<const review::Review>(std::move(r));
        };
        known.keep(p, made(false));
        QVERIFY(!known.of(p)); // half a review is none
        const auto first = made(true);
        known.keep(p, first);
        QVERIFY(known.of(Project(p)) == first);
        p.brief.title = "another";
        QVERIFY(!known.of(p));
        for (int i = 0; i < 8; ++i)
            p.brief.title = std::to_string(i), known.keep(p, made(true));
        QVERIFY(known.of(p) && !known.of(kit::postWork())); // the oldest made room
        known.forget();
        QVERIFY(!known.of(p));
    }

    /// The school's darks: no tube of black in any recipe where they are mixed.
    void mixedDarksHoldNoBlack()
    {
        Project p = edits::withPaintBox(kit::shoreWork(), paint::firstBox());
        const auto blacks = [&] {
            int n = 0;
            const auto r = review::review(p, m_cache, m_progress);
            for (const paint::Answer& a : r.mixing->recipes)
                for (const paint::Formula& f : a.formulas)
                    for (const paint::Part& part : f.recipe)
                        n += part.paint.starts_with("PBk");
            return n;
        };
        QVERIFY(blacks() > 0);
        p.brief.schools[std::size_t(School::Black)] = 1;
        QCOMPARE(blacks(), 0);
    }
};

RL_TEST(TestFixes)
#include "tst_fixes.moc"
