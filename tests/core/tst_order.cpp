#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/reading/order.h"
#include "core/reading/touchable.h"
#include "core/reading/values.h"
#include "core/review/put_right.h"
#include "tests/kit/frames.h"
#include "tests/kit/program.h"
#include "tests/kit/scattered.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;
using namespace rl::reading;

namespace {
struct Disc {
    double x, y, radius, L, a, b;
};
struct Discs {
    LinearPicture colour;
    IdMap ids;
};
Discs sceneOf(const std::vector<Disc>& discs, int w = 420, int h = 300)
{
    std::vector<Rgb> colour(std::size_t(w * h), colour::fromLab({55, 0, 0}));
    std::vector<std::int32_t> ids(colour.size(), 0);
    for (std::size_t k = 0; k < discs.size(); ++k)
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x)
                if (std::hypot(x - discs[k].x, y - discs[k].y) < discs[k].radius) {
                    const Disc& d = discs[k];
                    colour[std::size_t(y * w + x)] = colour::fromLab({float(d.L), float(d.a), float(d.b)});
                    ids[std::size_t(y * w + x)] = int(k) + 1;
                }
    return {{w, h, std::move(colour)}, {w, h, std::move(ids)}};
}
colour::Lab labAt(const LinearPicture& p, int x, int y)
{
    return colour::toLab(p.at(x, y));
}
constexpr Viewing kViewing{42, 30, 80};
const std::vector<Disc> kFour{
    {90, 80, 24, 70, 0, 0}, {320, 90, 24, 75, 10, 30}, {110, 220, 24, 48, 0, 0}, {310, 215, 24, 62, -10, 5}};
} // namespace
Q_DECLARE_METATYPE(rl::reading::Touch)

/// The least change that puts a picture in order, and what it is made of.
class TestOrder : public QObject {
    Q_OBJECT
private slots:
    void aTouchDoesWhatItSays_data()
    {
        QTest::addColumn<Touch>("touch");
        QTest::addColumn<double>("L"); // of disc 2 afterwards: it was 75, 10, 30
        QTest::addColumn<double>("chroma");
        QTest::newRow("nothing") << Touch{2} << 75.0 << std::hypot(10, 30);
        QTest::newRow("darker") << Touch{2, -20} << 55.0 << std::hypot(10, 30);
        QTest::newRow("half the chroma") << Touch{2, 0, 0, std::log(0.5)} << 75.0 << std::hypot(5, 15);
        QTest::newRow("an even thing has no contrast") << Touch{2, 0, -0.7} << 75.0 << std::hypot(10, 30);
        Touch cool{2};
        cool.warm = -30;
        QTest::newRow("cooler") << cool << 75.0 << 10.0;
    }
    void aTouchDoesWhatItSays()
    {
        QFETCH(Touch, touch);
        QFETCH(double, L);
        QFETCH(double, chroma);
        const Discs s = sceneOf(kFour);
        const LinearPicture after = touched(s.colour, s.ids, {touch});
        const colour::Lab in = labAt(after, 320, 90);
        QVERIFY2(std::abs(double(in.L) - L) < 0.5, qPrintable(QString::number(in.L)));
        QVERIFY(std::abs(std::hypot(double(in.a), double(in.b)) - chroma) < 1);
        for (const auto& [x, y] : {std::pair{200, 150}, {90, 80}, {320, 130}}) // the ground and the others stay
            QVERIFY(after.at(x, y) == s.colour.at(x, y));
    }

    void lightsAndDarksAreTouchedApart()
    {
        // Left half L* 30, right half 70: the mean stays, the ends go.
        std::vector<Rgb> colour;
        for (int i = 0; i < 100 * 100; ++i)
            colour.push_back(colour::fromLab({i % 100 < 50 ? 30.f : 70.f, 0, 0}));
        const LinearPicture p{100, 100, std::move(colour)};
        const IdMap ids = IdMap::filled(100, 100, 0);
        Touch t;
        t.lights = 8, t.darks = -6;
        const LinearPicture after = touched(p, ids, {t});
        QVERIFY(std::abs(labAt(after, 20, 50).L - 24) < 0.5f && std::abs(labAt(after, 80, 50).L - 78) < 0.5f);
        t.lights = 0;
        QVERIFY(std::abs(labAt(touched(p, ids, {t}), 80, 50).L - 70) < 0.5f);
    }

    void touchedAgainAndAgainItIsTheSame()
    {
        const Discs s = sceneOf({{100, 150, 50, 70, 40, 20}, {190, 150, 45, 30, -20, 30}, {300, 150, 60, 60, 0, -40}});
        const Touchable kept(s.colour, s.ids, 8);
        const std::vector<std::vector<Touch>> all{{}, {{1, 10, 0, 0, 0}}, {{2, 0, -0.4, 0.3, 4}}, {{9, 20, 0, 0, 0}},
            {{1, -12, 0.2, 0, 8}, {2, 5, 0, -1, 0}, {3, 0, 0, 0.4, 3}}};
        for (const auto& touches : all) {
            const LinearPicture fresh = touched(s.colour, s.ids, touches), again = kept.with(touches);
            double sum = 0, worst = 0;
            for (std::size_t i = 0; i < fresh.size(); ++i) {
                const double off = double(std::abs(luminance(fresh.data()[i]) - luminance(again.data()[i])));
                sum += off, worst = std::max(worst, off);
            }
            // One by itself is the same; of several only where a soft contour reaches into the next.
            QVERIFY2(sum / double(fresh.size()) < (touches.size() > 1 ? 3e-4 : 1e-6),
                qPrintable(QString::number(sum / double(fresh.size()))));
            QVERIFY2(worst < (touches.size() > 1 ? 0.15 : 1e-5), qPrintable(QString::number(worst)));
        }
    }
    void aSoftContourIsSofterAndNothingElse()
    {
        const Discs s = sceneOf(kFour);
        Touch t{1};
        t.soft = 6;
        const LinearPicture after = touched(s.colour, s.ids, {t});
        const auto steepest = [](const LinearPicture& p) {
            float most = 0;
            for (int x = 60; x < 130; ++x)
                most = std::max(most, std::abs(labAt(p, x + 1, 80).L - labAt(p, x, 80).L));
            return most;
        };
        QVERIFY(steepest(after) < 0.5f * steepest(s.colour));
        QVERIFY(std::abs(labAt(after, 90, 80).L - 70) < 1 && after.at(320, 90) == s.colour.at(320, 90));
    }

    void intentsBecomePairs()
    {
        Intent i;
        i.rank = {{3, 1}, {1, 2}, {5, 2}};
        i.quiet = {7};
        const auto pairs = i.pairs({1, 2, 3, 5, 7});
        const std::set<std::pair<int, int>> all(pairs.begin(), pairs.end());
        QCOMPARE(all, (std::set<std::pair<int, int>>{{3, 1}, {3, 5}, {3, 2}, {3, 7}, {1, 7}, {5, 7}}));
    }

    void anyOrderIsReached_data()
    {
        QTest::addColumn<QList<int>>("wanted");
        QTest::addColumn<QList<int>>("quiet");
        QTest::newRow("the weakest first") << QList<int>{3, 2} << QList<int>{};
        QTest::newRow("turned over") << QList<int>{4, 1} << QList<int>{2};
        QTest::newRow("the loud one quiet") << QList<int>{1, 3} << QList<int>{2};
    }
    void anyOrderIsReached()
    {
        QFETCH(QList<int>, wanted);
        QFETCH(QList<int>, quiet);
        const Discs s = sceneOf(kFour);
        Intent intent;
        for (int i = 0; i < wanted.size(); ++i)
            intent.rank[wanted[i]] = i + 1;
        intent.quiet = {quiet.begin(), quiet.end()};
        NoProgress progress;
        const Suggestion found = putInOrder(s.colour, s.ids, kViewing, intent, progress);
        QVERIFY(!found.already && found.solved && found.remain.empty());
        // It holds on the picture itself, measured apart from the search.
        const LinearPicture after = colour::linearOf(colour::codeOf(touched(s.colour, s.ids, found.touches)));
        const Attention a = attention(after, s.ids, kViewing);
        for (const auto& [first, second] : intent.pairs(a.order))
            QVERIFY2(a.share.at(first) > a.share.at(second), qPrintable(QString("%1 %2").arg(first).arg(second)));
        for (const Touch& t : found.touches)
            QVERIFY(std::abs(t.dL) <= 30 && t.soft >= 0 && t.soft <= 8);
    }

    void whatIsInOrderIsLeftAlone()
    {
        const Discs s = sceneOf(kFour);
        const Attention a = attention(s.colour, s.ids, kViewing);
        Intent intent;
        intent.rank = {{a.order[0], 1}, {a.order[1], 2}};
        NoProgress progress;
        const Suggestion found = putInOrder(s.colour, s.ids, kViewing, intent, progress);
        QVERIFY(found.already && found.touches.empty() && found.measured == 1);
    }

    void whatCannotBeIsSaidSo()
    {
        const Discs s = sceneOf(kFour);
        Intent intent;
        intent.rank = {{3, 1}};
        intent.locked = {1, 2, 3, 4};
        NoProgress progress;
        const Suggestion found = putInOrder(s.colour, s.ids, kViewing, intent, progress);
        QVERIFY(!found.solved && found.touches.empty() && !found.remain.empty());
        class Stop final : public Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stop;
        intent.locked.clear();
        QVERIFY(!putInOrder(s.colour, s.ids, kViewing, intent, stop).solved);
    }

    void keysAreNamed_data()
    {
        QTest::addColumn<double>("ground");
        QTest::addColumn<double>("dark");
        QTest::addColumn<double>("light");
        QTest::addColumn<QString>("key");
        QTest::addColumn<bool>("major");
        QTest::newRow("high, minor") << 80.0 << 60.0 << 92.0 << "high" << false;
        QTest::newRow("low, major") << 20.0 << 8.0 << 90.0 << "low" << true;
        QTest::newRow("middle, major") << 50.0 << 5.0 << 97.0 << "middle" << true;
    }
    void keysAreNamed()
    {
        QFETCH(double, ground);
        QFETCH(double, dark);
        QFETCH(double, light);
        QFETCH(QString, key);
        QFETCH(bool, major);
        // A dark block of a tenth on the left, a light one of a tenth on the right.
        std::vector<Rgb> colour;
        std::vector<std::int32_t> ids;
        for (int i = 0; i < 200 * 100; ++i) {
            const int x = i % 200;
            const double L = x < 20 ? dark : x >= 180 ? light : ground;
            colour.push_back(colour::fromLab({float(L), 0, 0}));
            ids.push_back(x < 20 ? 1 : x >= 180 ? 2 : 0);
        }
        const ValuePlan v = valuePlan({200, 100, std::move(colour)}, {200, 100, std::move(ids)});
        QCOMPARE(QString(nameOf(v.height)), key);
        QCOMPARE(v.major, major);
        QVERIFY(std::abs(v.all.middle - ground) < 1 && std::abs(v.all.darkest - dark) < 1);
        QVERIFY(v.darkestIn == 1 && v.lightestIn == 2 && v.elements.size() == 2);
        QVERIFY(std::abs(v.darkestAt.x - 10) < 1 && std::abs(v.lightestAt.x - 190) < 1);
        QVERIFY(std::abs(v.blackShare - (dark < 12 ? 0.1 : 0)) < 0.01);
        QVERIFY(std::abs(v.whiteShare - (light >= 95 ? 0.1 : 0)) < 0.01);
    }

    void saturationIsAFactorOfWhatAThingIsMadeOf_data()
    {
        QTest::addColumn<double>("factor");
        for (const double k : {0.0, 0.5, 1.0, 1.5})
            QTest::addRow("%g", k) << k;
    }
    void saturationIsAFactorOfWhatAThingIsMadeOf()
    {
        QFETCH(double, factor);
        Project p = kit::postWork();
        p.elements.clear();
        Element box = edits::standinOf(Solid::Box);
        box.baseCm = {30, 28}, box.standin.lightness = 60, box.standin.chroma = 30, box.standin.hue = 50;
        box.tone.saturation = factor;
        p = edits::withElement(std::move(p), box);
        const auto f = kit::frameOf(p, 300);
        const stage::Layer& l = f->layers.at(0);
        const colour::Lab lab = colour::toLab(l.albedo.at(l.width() / 2, l.height() / 2));
        QVERIFY2(
            std::abs(std::hypot(double(lab.a), double(lab.b)) - 30 * factor) < 1, qPrintable(QString::number(lab.b)));
        QVERIFY(std::abs(lab.L - 60) < 0.5f);
    }

    /// A touch on a thing as it is seen becomes a tone of what it is made of, whatever tone it had.
    void aTouchBecomesATone_data()
    {
        QTest::addColumn<double>("dL");
        QTest::addColumn<double>("before"); // amount of a tone it had already
        QTest::newRow("darker") << -12.0 << 0.0;
        QTest::newRow("lighter") << 9.0 << 0.0;
        QTest::newRow("darker, over a tone") << -8.0 << 0.6;
    }
    void aTouchBecomesATone()
    {
        QFETCH(double, dL);
        QFETCH(double, before);
        Project p = kit::postWork(180, 40);
        p.elements.clear();
        Element box = edits::standinOf(Solid::Box);
        box.baseCm = {30, 28}, box.standin.lightness = 55, box.standin.chroma = 10;
        box.tone = {0, 10, 100, 90, 0, 0, before};
        p = edits::withElement(std::move(p), box);
        const int id = p.elements[0].id;
        const auto seenL = [&](const Project& q) {
            light::Relighter r;
            const auto picture = r.light(kit::frameOf(q, 300), q.lights);
            double sum = 0, n = 0;
            for (std::size_t i = 0; i < picture.ids.size(); ++i)
                if (picture.ids.data()[i] == id)
                    sum += double(colour::lightness(luminance(picture.colour.data()[i]))), ++n;
            return sum / n;
        };
        const double was = seenL(p);
        Touch t{id, dL};
        const Project after = review::withTouch(p, *kit::frameOf(p, 300), t, was);
        QVERIFY2(
            std::abs(seenL(after) - was - dL) < 0.25 * std::abs(dL), qPrintable(QString::number(seenL(after) - was)));
        QVERIFY(after.elements[0].standin == p.elements[0].standin);
    }

    /// A work whose second member shouts: put right on the work lit anew, in one go, each remedy with its switch.
    void aWorkIsPutRight()
    {
        Project p = kit::postWork(200, 40);
        p.elements.clear();
        p.brief.cast = {{1, "First"}, {2, "Second"}};
        p.lastId = 60;
        for (int i = 0; i < 2; ++i) {
            Element e = edits::standinOf(Solid::Box);
            e.cast = i + 1, e.name = i ? "Loud" : "Meek";
            e.baseCm = {i ? 42.0 : 18.0, 27}, e.heightM = i ? 1.8 : 1.3;
            e.standin.lightness = i ? 55 : 68, e.standin.chroma = i ? 26 : 12, e.standin.hue = 40;
            p = edits::withElement(std::move(p), e);
        }
        stage::SurfaceCache cache;
        NoProgress progress;
        const review::PutRight right = review::putRight(p, cache, progress);
        QVERIFY(!right.already);
        QVERIFY2(!right.remedies.empty(), right.against.empty() ? "" : right.against[0].c_str());
        QVERIFY2(right.solved, qPrintable(QString::number(right.margin)));
        const auto orderOf = [&](const Project& q) {
            light::Relighter r;
            const auto picture = r.light(kit::frameOf(q, 640), q.lights);
            return attention(
                picture.colour, picture.ids, {q.brief.widthCm, q.brief.heightCm, q.brief.viewingDistanceCm})
                .order;
        };
        const int meek = p.elements[0].id;
        QVERIFY(orderOf(p).front() != meek);
        const std::vector<bool> all(right.remedies.size(), true), none(right.remedies.size(), false);
        QCOMPARE(orderOf(review::withRemedies(p, right.remedies, all)).front(), meek);
        QVERIFY(review::withRemedies(p, right.remedies, none).elements == p.elements);
        for (const review::Remedy& r : right.remedies)
            QVERIFY(!r.words.empty());
        QVERIFY(review::putRight(review::withRemedies(p, right.remedies, all), cache, progress).already);
    }

    /// Things of any size and tone, where neither place nor tone alone does it; and one where nothing does.
    void placeIsSoughtWithTheToneInMind_data()
    {
        QTest::addColumn<unsigned>("seed");
        QTest::addColumn<bool>("had");
        QTest::newRow("a post that two things outdo") << 111u << true;
        QTest::newRow("what nothing within the bounds does") << 112u << false;
    }
    void placeIsSoughtWithTheToneInMind()
    {
        QFETCH(unsigned, seed);
        QFETCH(bool, had);
        const Project p = kit::scatteredWork(seed);
        Intent wish = intentOf(p);
        if (!had) // the last two of the cast changed
            for (auto& [id, rank] : wish.rank)
                rank = rank == int(p.brief.cast.size()) ? rank - 1 : rank + (rank + 1 == int(p.brief.cast.size()));
        stage::SurfaceCache cache;
        NoProgress progress;
        const review::PutRight right = review::putRight(p, wish, cache, progress);
        QCOMPARE(right.solved, had);
        std::multiset<int> toned;
        for (const review::Remedy& r : right.solved ? right.remedies : right.nearest)
            if (r.kind == review::Remedy::Kind::Tone)
                toned.insert(r.element);
        QCOMPARE(std::set<int>(toned.begin(), toned.end()).size(), toned.size()); // twice would be beyond the bounds
        QCOMPARE(right.against.empty(), had);
        const std::vector<bool> all(right.remedies.size(), true);
        if (had) // as told, when it is done
            QVERIFY(review::putRight(review::withRemedies(p, right.remedies, all), wish, cache, progress).already);
        else
            QVERIFY(right.remedies.empty() && !right.nearest.empty());
    }
};

RL_TEST(TestOrder)
#include "tst_order.moc"
