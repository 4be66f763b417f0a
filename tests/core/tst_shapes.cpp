#include "core/reading/read_rules.h"
#include "tests/kit/program.h"
#include "tests/kit/shapes.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;
using namespace rl::reading;
using kit::GrainKind;
using kit::Pixel;

namespace {
bool inDisc(double x, double y, double cx, double cy, double r)
{
    return std::hypot(x - cx, y - cy) < r;
}
/// Two discs of radius 80 whose outlines lie so far apart, the second in front.
light::Picture twoDiscs(double gap)
{
    return kit::pictureBy(800, 600, 60, [=](double x, double y) {
        return inDisc(x, y, 460 + gap, 300, 80) ? Pixel{2, 85}
            : inDisc(x, y, 300, 300, 80)        ? Pixel{1, 15}
                                                : Pixel{0, 55};
    });
}
/// A head (disc) over a ground that ends in a level line at y = 300.
light::Picture headOverLine(double cy, double r)
{
    return kit::pictureBy(800, 600, 60, [=](double x, double y) {
        return inDisc(x, y, 400, cy, r) ? Pixel{1, 20} : y > 300 ? Pixel{2, 45} : Pixel{0, 75};
    });
}
/// A disc so far from the left edge of the canvas.
light::Picture discAtEdge(double gap)
{
    return kit::pictureBy(800, 600, 60, [=](double x, double y) {
        return inDisc(x, y, 80 + gap, 300, 80) ? Pixel{1, 20} : Pixel{0, 70};
    });
}
/// A house on or across the line at y = 300: its base lies at `base`.
light::Picture houseAt(double base)
{
    return kit::pictureBy(800, 600, 60, [=](double x, double y) {
        return std::abs(x - 400) < 90 && y < base && y > base - 150 ? Pixel{1, 25}
            : y > 300                                               ? Pixel{2, 45}
                                                                    : Pixel{0, 75};
    });
}
/// A disc of one grain and colour before a ground of another.
Silhouette melting(GrainKind in, GrainKind out, double L, double a, double b)
{
    const auto p = kit::pictureBy(800, 600, 60, [=](double x, double y) {
        return inDisc(x, y, 400, 300, 140) ? Pixel{1, 55 + L + kit::grainAt(in, x, y, 1), a, b}
                                           : Pixel{0, 55 + kit::grainAt(out, x, y, 2), 0, 0};
    });
    return silhouettes(p).at(0);
}
/// A figure on the ground with legs, arms and a head, `high` px tall.
bool inFigure(double x, double y, double high)
{
    const double u = x / high, v = y / high;
    return inDisc(u, v, 0, 0.08, 0.07) || (std::abs(u) < 0.09 && v > 0.15 && v < 0.55)
        || (std::abs(std::abs(u) - 0.07 - 0.06 * (v - 0.5)) < 0.03 && v > 0.5 && v < 1)
        || (std::abs(v - 0.2 - 0.4 * std::max(0.0, std::abs(u) - 0.08)) < 0.025 && std::abs(u) < 0.32);
}
} // namespace

class TestShapes : public QObject {
    Q_OBJECT
private slots:
    /// Eighteen cases; the last one, a base that stands exactly on a level line, cannot be told from a thing behind it.
    void tangentsAreToldFromOverlaps_data()
    {
        QTest::addColumn<int>("what"); // 0 discs, 1 head and line, 2 disc and edge, 3 house and line
        QTest::addColumn<double>("at");
        QTest::addColumn<bool>("tangent");
        for (const auto& [gap, is] : {std::pair(30.0, false), {14.0, false}, {4.0, true}, {1.0, true}, {0.0, true},
                 {-2.0, true}, {-14.0, false}, {-40.0, false}})
            QTest::addRow("discs %g px apart", gap) << 0 << gap << is;
        QTest::newRow("head clear of the line") << 1 << 200.0 << false;
        QTest::newRow("head resting on the line") << 1 << 238.0 << true;
        QTest::newRow("head crossed by the line") << 1 << 300.0 << false;
        QTest::newRow("top of the head at the line") << 1 << 358.0 << true;
        QTest::newRow("disc at the edge") << 2 << 0.0 << true;
        QTest::newRow("disc near the edge") << 2 << 5.0 << true;
        QTest::newRow("disc clear of the edge") << 2 << 30.0 << false;
        QTest::newRow("disc cut by the edge") << 2 << -50.0 << false;
        QTest::newRow("house across the line") << 3 << 380.0 << false;
    }
    void tangentsAreToldFromOverlaps()
    {
        QFETCH(int, what);
        QFETCH(double, at);
        QFETCH(bool, tangent);
        const auto picture = what == 0 ? twoDiscs(at)
            : what == 1                ? headOverLine(at, 60)
            : what == 2                ? discAtEdge(at)
                                       : houseAt(at);
        std::vector<Tangent> found = tangents(picture);
        std::erase_if(found, [&](const Tangent& t) { return what != 2 && t.second == 0; });
        QCOMPARE(!found.empty(), tangent);
    }

    /// What is told to free a kiss frees it.
    void theSmallestMoveFrees_data()
    {
        QTest::addColumn<double>("gap");
        for (const double gap : {6.0, 2.0, 0.0})
            QTest::addRow("%g px", gap) << gap;
    }
    void theSmallestMoveFrees()
    {
        QFETCH(double, gap);
        const Tangent t = tangents(twoDiscs(gap)).at(0);
        QVERIFY(std::abs(t.way.x + 1) < 0.05 && std::abs(t.way.y) < 0.05); // the first lies left of the second
        const double after = gap + t.freePx;
        QVERIFY2(tangents(twoDiscs(after)).empty(), qPrintable(QString::number(t.freePx)));
        QVERIFY(std::abs(t.freePx) < 20);
        QVERIFY2(!tangents(twoDiscs(gap + 0.3 * t.freePx)).empty(), "a third of the move is too little");
    }

    void grainPartsAndJoins()
    {
        // The same mean colour: told apart by grain alone, the more the less alike it is.
        const double same = melting(GrainKind::Dots, GrainKind::Dots, 0, 0, 0).medianSeparation,
                     finer = melting(GrainKind::Dots, GrainKind::Fine, 0, 0, 0).medianSeparation,
                     turned = melting(GrainKind::Upright, GrainKind::Level, 0, 0, 0).medianSeparation,
                     calm = melting(GrainKind::Dots, GrainKind::None, 0, 0, 0).medianSeparation;
        QVERIFY2(same < 4 && finer > same && turned > same && calm > same,
            qPrintable(QString("%1 %2 %3 %4").arg(same).arg(finer).arg(turned).arg(calm)));
        // Another colour, the same grain: it melts more than before a calm ground, though the colours differ as much.
        for (const auto& [L, a, b] : {std::tuple(0.0, 14.0, 10.0), {9.0, 0.0, 0.0}, {-6.0, -10.0, 6.0}}) {
            const Silhouette like = melting(GrainKind::Dots, GrainKind::Dots, L, a, b),
                             flat = melting(GrainKind::None, GrainKind::None, L, a, b),
                             unlike = melting(GrainKind::Dots, GrainKind::None, L, a, b);
            QVERIFY2(
                like.medianSeparation < 0.75 * flat.medianSeparation && like.medianSeparation < unlike.medianSeparation,
                qPrintable(QString("%1 %2 %3")
                               .arg(like.medianSeparation)
                               .arg(flat.medianSeparation)
                               .arg(unlike.medianSeparation)));
            QVERIFY(std::abs(flat.medianSeparation - flat.medianDifference) < 0.5); // without grain it is ΔE
            QVERIFY(like.lost >= flat.lost);
        }
    }

    void widthsAreMeasured_data()
    {
        QTest::addColumn<double>("sigma"); // px of blur
        QTest::addColumn<int>("kind");
        QTest::newRow("sharp") << 0.8 << int(EdgeKind::Hard);
        QTest::newRow("a little soft") << 3.0 << int(EdgeKind::Firm);
        QTest::newRow("soft") << 8.0 << int(EdgeKind::Soft);
    }
    void widthsAreMeasured()
    {
        QFETCH(double, sigma);
        QFETCH(int, kind);
        const auto p = kit::pictureBy(1000, 750, 100, [=](double x, double y) {
            const double d = 180 - std::hypot(x - 500, y - 375), k = 0.5 + 0.5 * std::erf(d / (sigma * std::sqrt(2.0)));
            return Pixel{d > 0 ? 1 : 0, 75 - 55 * k};
        });
        const Silhouette s = silhouettes(p).at(0);
        // Of a Gaussian step from 10 to 90 %: 2.563 σ; it is gauged after a blur of half a pixel.
        const double wide = 0.8 * std::sqrt(2 * kPi) * sigma;
        QVERIFY2(std::abs(s.medianWidth - wide) < 0.25 * wide + 0.8,
            qPrintable(QString("%1 of %2").arg(s.medianWidth).arg(wide)));
        std::array<int, 4> kinds{};
        for (const EdgePoint& e : s.contour)
            ++kinds[std::size_t(e.kind)];
        QCOMPARE(int(std::max_element(kinds.begin(), kinds.end()) - kinds.begin()), kind);
        QVERIFY(s.firm >= s.hard);
    }

    void linesAlongAContourAreSeen_data()
    {
        QTest::addColumn<double>("line"); // L*
        QTest::addColumn<int>("sign");
        QTest::newRow("none") << 200.0 << 0;
        QTest::newRow("darker than both") << 10.0 << -1;
        QTest::newRow("lighter than both") << 95.0 << 1;
    }
    void linesAlongAContourAreSeen()
    {
        QFETCH(double, line);
        QFETCH(int, sign);
        const auto p = kit::pictureBy(800, 600, 60, [=](double x, double y) {
            const double d = 150 - std::hypot(x - 400, y - 300);
            if (line <= 100 && std::abs(d) < 3)
                return Pixel{d > 0 ? 1 : 0, line};
            return d > 0 ? Pixel{1, 60} : Pixel{0, 45};
        });
        Project work = kit::postWork();
        work.elements[0].id = 1;
        work.elements[0].edges = {{{0.5, 0.5}, 3, sign > 0 ? EdgeWish::LightLine : EdgeWish::DarkLine}};
        const auto held = plannedEdges(work, silhouettes(p));
        QCOMPARE(held.size(), std::size_t(1));
        QVERIFY2(sign == 0 ? std::abs(held[0].line) < 4 : held[0].line * sign > 15,
            qPrintable(QString::number(held[0].line)));
        QCOMPARE(held[0].kept > 0.6, sign != 0);
    }

    void laterWishesTakeTheirStretch()
    {
        const auto p = twoDiscs(300);
        Project work = kit::postWork();
        work.elements[0].id = 1;
        work.elements[0].edges = {{{0.5, 0.5}, 3, EdgeWish::Hard}, {{0, 0.5}, 0.25, EdgeWish::Soft}};
        const auto held = plannedEdges(work, silhouettes(p));
        QCOMPARE(held.size(), std::size_t(2));
        QVERIFY2(held[0].kept > 0.75 && held[1].kept < 0.1,
            qPrintable(
                QString("%1 %2 %3").arg(held[0].kept).arg(held[1].kept).arg(held[0].widthPx))); // it is hard all round
        QVERIFY(held[1].at.x < 300 && std::abs(held[1].at.y - 300) < 12);
        Reading r;
        r.edges = held;
        const Findings all = readFindings(work, p, r);
        QCOMPARE(
            std::count_if(all.begin(), all.end(), [](const Finding& f) { return f.key.starts_with("read.edge-plan"); }),
            1);
    }

    void thumbnailsLoseWhatIsThin()
    {
        const auto read = [](double high) {
            const auto p = kit::pictureBy(1000, 700, 60, [=](double x, double y) {
                return inFigure(x - 500, y - 60, high) ? Pixel{1, 20} : Pixel{0, 70};
            });
            return thumbShapes(p).at(0);
        };
        const ThumbShape large = read(560), middle = read(250), small = read(60);
        QVERIFY2(large.read > middle.read && middle.read > small.read && small.read < 0.3,
            qPrintable(QString("%1 %2 %3").arg(large.read).arg(middle.read).arg(small.read)));
        QVERIFY(large.notchesLeft <= large.notches && large.notches >= 2);
        const auto disc = thumbShapes(twoDiscs(300)).at(0);
        QVERIFY(disc.kept > 0.8 && disc.told < 0.1 && std::abs(disc.read - 0.5) < 0.12 && disc.notches == 0);
    }

    void repeatsAreFoundMirroredAndScaled_data()
    {
        QTest::addColumn<double>("scale");
        QTest::addColumn<bool>("mirrored");
        QTest::addColumn<bool>("other"); // another shape
        QTest::addColumn<bool>("repeats");
        QTest::newRow("copied") << 1.0 << false << false << true;
        QTest::newRow("smaller") << 0.6 << false << false << true;
        QTest::newRow("mirrored") << 0.9 << true << false << true;
        QTest::newRow("another shape") << 1.0 << false << true << false;
    }
    void repeatsAreFoundMirroredAndScaled()
    {
        QFETCH(double, scale);
        QFETCH(bool, mirrored);
        QFETCH(bool, other);
        QFETCH(bool, repeats);
        const auto tree = [](double x, double y) { // leans to the right
            return (std::abs(x) < 10 && y > 0 && y < 120) || inDisc(x, y, 25, -20, 60) || inDisc(x, y, -30, 20, 30);
        };
        const auto p = kit::pictureBy(900, 500, 60, [&](double x, double y) {
            if (tree(x - 220, y - 220))
                return Pixel{1, 25};
            const double u = (x - 640) / scale * (mirrored ? -1 : 1), v = (y - 220) / scale;
            if (other ? std::abs(u) < 130 && std::abs(v) < 22 : tree(u, v))
                return Pixel{2, 30};
            return Pixel{0, 70};
        });
        const auto found = reading::repeats(p);
        QCOMPARE(!found.empty(), repeats);
        if (repeats)
            QVERIFY(std::abs(found[0].ratio * scale - 1) < 0.06 && found[0].alike > 0.82);
    }

    void skylinesVaryOrNot()
    {
        const auto line = [](const std::vector<double>& heights, const std::vector<double>& at) {
            return skylineOf(kit::pictureBy(800, 400, 60, [&](double x, double y) {
                for (std::size_t i = 0; i < heights.size(); ++i)
                    if (std::abs(x - at[i]) < 25 && y > 380 - heights[i])
                        return Pixel{int(i) + 1, 30};
                return Pixel{0, 70};
            }).ids);
        };
        const Skyline fence = line({150, 152, 149, 151}, {100, 300, 500, 700}),
                      rhythm = line({90, 300, 150}, {80, 250, 700});
        QCOMPARE(fence.peaks, 4);
        QVERIFY(fence.heights < 0.05 && fence.spacing < 0.05);
        QCOMPARE(rhythm.peaks, 3);
        QVERIFY(rhythm.heights > 0.3 && rhythm.spacing > 0.3);
        QCOMPARE(line({}, {}).peaks, 0);
    }

    void thingsOfOneValueMerge_data()
    {
        QTest::addColumn<double>("other"); // L* of the second
        QTest::addColumn<bool>("merge");
        QTest::newRow("one value") << 31.0 << true;
        QTest::newRow("a step apart") << 55.0 << false;
    }
    void thingsOfOneValueMerge()
    {
        QFETCH(double, other);
        QFETCH(bool, merge);
        const auto p = kit::pictureBy(800, 600, 60, [=](double x, double y) {
            return std::abs(y - 300) > 120 ? Pixel{0, 80}
                : std::abs(x - 300) < 100  ? Pixel{1, 30}
                : std::abs(x - 500) < 100  ? Pixel{2, other}
                                           : Pixel{0, 80};
        });
        const auto found = merged(silhouettes(p));
        QCOMPARE(!found.empty(), merge);
        if (merge)
            QVERIFY(found[0].first == 1 && found[0].second == 2 && std::abs(found[0].at.x - 400) < 12);
    }

    void hiddenSharesAreTold()
    {
        Project p = kit::postWork();
        Element front = p.elements[0];
        front.id = 90, front.baseCm.y += 1.5; // nearer, before the lower part of it
        front.stretch = 3, front.heightM = 1;
        p.elements.push_back(front);
        stage::SurfaceCache cache;
        NoProgress progress;
        const auto frame = stage::compose(p, 900, cache, progress);
        light::Relighter relighter;
        const auto picture = relighter.light(frame, p.lights);
        const auto hidden = hiddenShares(*frame, picture.ids);
        QVERIFY2(hidden.at(90) < 0.05, qPrintable(QString::number(hidden.at(90))));
        const double behind = hidden.at(p.elements[0].id);
        QVERIFY2(behind > 0.3 && behind < 0.7, qPrintable(QString::number(behind)));
    }
};

RL_TEST(TestShapes)
#include "tst_shapes.moc"
