#include "core/transfer/carry_rules.h"
#include "core/transfer/grid.h"
#include "core/transfer/lineart.h"
#include "core/transfer/tiles.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <set>

using namespace rl;
using namespace rl::transfer;

class TestTransfer : public QObject {
    Q_OBJECT
private slots:
    void squaresSpanTheLongSide_data()
    {
        QTest::addColumn<double>("w");
        QTest::addColumn<double>("h");
        QTest::addColumn<bool>("inch");
        QTest::newRow("60 x 40 cm") << 60.0 << 40.0 << false;
        QTest::newRow("a card") << 15.0 << 10.0 << false;
        QTest::newRow("tall") << 30.0 << 120.0 << false;
        QTest::newRow("a mural") << 400.0 << 250.0 << false;
        QTest::newRow("16 x 20 in") << 50.8 << 40.64 << true;
        QTest::newRow("24 x 36 in") << 60.96 << 91.44 << true;
    }
    void squaresSpanTheLongSide()
    {
        QFETCH(double, w);
        QFETCH(double, h);
        QFETCH(bool, inch);
        const double side = chosenSideCm(w, h, inch ? LengthUnit::Inch : LengthUnit::Centimetre),
                     n = std::max(w, h) / side;
        QVERIFY2(n >= 6 - 1e-9 && n <= 14 + 1e-9, qPrintable(QString::number(n)));
        if (inch)
            QVERIFY(std::abs(std::remainder(side / 1.27, 1)) < 1e-9);
    }

    void gridCoversTheCanvasToItsBorder()
    {
        Project p;
        p.brief.widthCm = 63;
        p.brief.heightCm = 41;
        const Grid g = gridOf(p);
        QCOMPARE(g.sideCm, 10.0);
        QCOMPARE(g.columns, 7); // a last one of 3 cm
        QCOMPARE(g.rows, 5);
        QCOMPARE(g.xs.front(), 0.0);
        QCOMPARE(g.xs.back(), 63.0);
        QCOMPARE(QString::fromStdString(g.column(0)), QString("A"));
        QCOMPARE(QString::fromStdString(g.column(25)), QString("Z"));
        QCOMPARE(QString::fromStdString(g.column(26)), QString("AA"));
        QCOMPARE(QString::fromStdString(g.column(52)), QString("BA"));
    }

    void tilesCoverEveryPointWithTheirOverlap_data()
    {
        QTest::addColumn<double>("w");
        QTest::addColumn<double>("h");
        QTest::addColumn<double>("overlap");
        QTest::addColumn<QString>("paper");
        QTest::newRow("A4") << 60.0 << 40.0 << 1.0 << "A4";
        QTest::newRow("Letter") << 60.0 << 40.0 << 1.0 << "Letter";
        QTest::newRow("no overlap") << 90.0 << 33.0 << 0.0 << "A4";
        QTest::newRow("wide overlap") << 44.0 << 130.0 << 5.0 << "Letter";
        QTest::newRow("one sheet") << 15.0 << 20.0 << 1.0 << "A4";
        QTest::newRow("just too wide for one") << 19.01 << 20.0 << 1.0 << "A4";
    }
    void tilesCoverEveryPointWithTheirOverlap()
    {
        QFETCH(double, w);
        QFETCH(double, h);
        QFETCH(double, overlap);
        QFETCH(QString, paper);
        Project p;
        p.brief.widthCm = w;
        p.brief.heightCm = h;
        p.sheets.overlapCm = overlap;
        p.sheets.paper = paper.toStdString();
        const TilePlan plan = tilesOf(p);
        QCOMPARE(int(plan.tiles.size()), plan.columns * plan.rows);
        for (double x = 0; x <= w; x += w / 97)
            for (double y = 0; y <= h; y += h / 97)
                QVERIFY(std::any_of(plan.tiles.begin(), plan.tiles.end(), [&](const Tile& t) {
                    return Rect{t.canvas.x - 1e-9, t.canvas.y - 1e-9, t.canvas.width + 2e-9, t.canvas.height + 2e-9}
                        .contains({x, y});
                }));
        for (const Tile& t : plan.tiles) {
            QVERIFY(t.canvas.width > 0 && t.canvas.height > 0 && t.canvas.right() <= w + 1e-9
                && t.canvas.bottom() <= h + 1e-9);
            QVERIFY(t.canvas.width <= plan.printableWidth() + 1e-9 && t.canvas.height <= plan.printableHeight() + 1e-9);
            for (const Tile& o : plan.tiles)
                if (o.row == t.row && o.column == t.column + 1)
                    QVERIFY(std::abs(t.canvas.right() - o.canvas.x - overlap) < 1e-9);
        }
    }

    void linesFollowContours()
    {
        // A disc of 5 cm radius at 20 px/cm: its outline closes, and lies on the circle to a third of a millimetre.
        std::vector<std::int32_t> ids(400 * 400, 0);
        std::vector<Rgb> colour(ids.size(), Rgb{0.5f, 0.5f, 0.5f});
        for (int y = 0; y < 400; ++y)
            for (int x = 0; x < 400; ++x) {
                if (std::hypot(x + 0.5 - 200, y + 0.5 - 200) < 100)
                    ids[std::size_t(y * 400 + x)] = 7;
                if (ids[std::size_t(y * 400 + x)] && x > 200) // a bold edge down its middle
                    colour[std::size_t(y * 400 + x)] = {0.05f, 0.05f, 0.05f};
            }
        LineSource source;
        source.plain = {400, 400, colour}, source.ids = {400, 400, ids}, source.order = {7}, source.pixelsPerCm = 20;
        const auto lines = lineArt(source);
        int outlines = 0;
        bool middle = false;
        for (const Stroke& s : lines) {
            if (s.kind == LineKind::Outline) {
                ++outlines;
                QVERIFY(s.closed && s.element == 7 && s.points.size() > 12);
                for (const Vec2 p : s.points)
                    QVERIFY2(std::abs(std::hypot(p.x - 10, p.y - 10) - 5) < 0.06,
                        qPrintable(QString::number(std::hypot(p.x - 10, p.y - 10))));
            } else
                middle = middle
                    || (std::abs(s.points.front().x - 10) < 0.12 && std::abs(s.points.back().x - 10) < 0.12
                        && std::abs(s.points.front().y - s.points.back().y) > 6);
        }
        QCOMPARE(outlines, 1);
        QVERIFY(middle);
        QVERIFY(lineArt(LineSource{}).empty());
    }

    void carryRulesFindAndFix()
    {
        Project p = kit::postWork();
        p.sheets.overlapCm = 0.2;
        p.sheets.gridCm = 1;
        p.brief.widthCm = 90;
        std::set<std::string> keys;
        for (const Finding& f : carryFindings(p)) {
            keys.insert(f.key);
            if (f.fix)
                p = f.fix->apply(p);
        }
        QVERIFY(keys.contains("carry.overlap") && keys.contains("carry.squares"));
        for (const Finding& f : carryFindings(p))
            QVERIFY(f.key != "carry.overlap" && f.key != "carry.squares");
    }

    void aCroppedBackdropIsSaid()
    {
        Project p = kit::postWork();
        Reference r = kit::referenceOf("sky", kit::plain(300, 200, {99, 99, 120}));
        r.id = 8;
        p.references.push_back(r);
        p.backdrop = {8, 0.5};
        p.camera.horizonCm = 5; // far from the backdrop's own
        const auto crop = [&] {
            for (const Finding& f : carryFindings(p))
                if (f.key == "carry.crop")
                    return f.measured;
            return 100.0;
        };
        // The lower half, 100 px, must cover 35 cm: 0.35 cm/px, so 60 x 40 of 105 x 70 cm are shown.
        QVERIFY2(std::abs(crop() - 100 * 2400 / (105 * 70.0)) < 0.1, qPrintable(QString::number(crop())));
        for (const Finding& f : carryFindings(p))
            if (f.key == "carry.crop")
                p = f.fix->apply(p);
        QCOMPARE(crop(), 100.0);
    }
};

RL_TEST(TestTransfer)
#include "tst_transfer.moc"
