#include "core/project/brief_edits.h"
#include "core/reading/read_rules.h"
#include "tests/kit/program.h"
#include "tests/kit/shapes.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/imgproc.hpp>

using namespace rl;
using namespace rl::reading;
using kit::Pixel;

namespace {
/// The post of the small work as element 4 of a picture: a coat 200 × 400 px with a bundle on it.
struct Coat {
    Project work;
    light::Picture picture;
};
Coat coatWith(double bundlePx, double bundleL)
{
    Coat c;
    c.work = kit::postWork();
    const int id = c.work.elements[0].id;
    c.work = edits::withIdea(std::move(c.work), "Journey");
    const auto add = [&](const char* words, Rect part) {
        c.work = edits::withClue(std::move(c.work), c.work.brief.ideas[0].id, Clue{0, words, 1, id, part});
    };
    add("the coat", {});
    // The bundle sits in the middle of the coat.
    const double w = bundlePx / 200, h = bundlePx / 400;
    add("the bundle", {0.5 - w / 2, 0.5 - h / 2, w, h});
    add("its collar", {0, 0, 1, 0.1});
    c.picture = kit::pictureBy(1200, 800, 60, [=](double x, double y) {
        const bool coat = std::abs(x - 600) < 100 && std::abs(y - 400) < 200;
        const bool bundle = std::abs(x - 600) < bundlePx / 2 && std::abs(y - 400) < bundlePx / 2;
        return Pixel{coat ? id : 0, bundle ? bundleL : coat ? (y < 240 ? 60.0 : 30.0) : 75.0};
    });
    return c;
}
/// A face as a child draws it, shaded; enough for a cascade.
void drawnFace(cv::Mat& into, cv::Point at, int size)
{
    cv::Mat face(size, size, CV_8UC3, cv::Scalar::all(70));
    const double s = size / 100.0;
    const auto oval = [&](double x, double y, double a, double b, int grey) {
        cv::ellipse(face, cv::Point(int(x * s), int(y * s)), cv::Size(int(a * s), int(b * s)), 0, 0, 360,
            cv::Scalar::all(grey), cv::FILLED, cv::LINE_AA);
    };
    oval(50, 52, 36, 46, 190), oval(50, 12, 38, 20, 60);
    for (const double x : {34.0, 66.0})
        oval(x, 42, 10, 5, 90), oval(x, 33, 11, 2.5, 70), oval(x, 62, 9, 7, 205);
    oval(50, 54, 5, 14, 215), oval(50, 68, 8, 3, 130), oval(50, 80, 14, 4, 110);
    cv::GaussianBlur(face, face, {}, 2.2 * s);
    face.copyTo(into(cv::Rect(at, face.size())));
}
} // namespace

class TestClues : public QObject {
    Q_OBJECT
private slots:
    void cluesAreMeasuredWhereTheyLie_data()
    {
        QTest::addColumn<double>("px"); // side of the bundle; 20 px a cm
        QTest::addColumn<double>("L");
        QTest::addColumn<double>("distance"); // cm
        QTest::addColumn<bool>("large");
        QTest::addColumn<bool>("apart");
        QTest::newRow("plain to see") << 60.0 << 80.0 << 200.0 << true << true;
        QTest::newRow("lost in the coat") << 60.0 << 31.0 << 200.0 << true << false;
        QTest::newRow("from across the street") << 60.0 << 80.0 << 1500.0 << false << true;
        QTest::newRow("small and lost") << 8.0 << 31.0 << 300.0 << false << false;
    }
    void cluesAreMeasuredWhereTheyLie()
    {
        QFETCH(double, px);
        QFETCH(double, L);
        QFETCH(double, distance);
        QFETCH(bool, large);
        QFETCH(bool, apart);
        const Coat c = coatWith(px, L);
        const auto seen = cluesSeen(c.work, c.picture, {60, 40, distance});
        QCOMPARE(seen.size(), std::size_t(3));
        const ClueSeen& bundle = seen[1];
        QVERIFY(bundle.there);
        // px / 20 cm wide; a degree has 60′.
        QVERIFY2(std::abs(bundle.wideMm - px / 2) < 1, qPrintable(QString::number(bundle.wideMm)));
        const double minutes = 60 * degrees(std::atan(px / 20 / distance));
        QVERIFY(std::abs(bundle.arcMinutes / minutes - 1) < 0.25);
        QCOMPARE(bundle.large(), large);
        QCOMPARE(bundle.apart(), apart);
        QCOMPARE(bundle.seen(), large && apart);
        const std::string why = whyNotSeen(bundle);
        QCOMPARE(why.find("too small") != std::string::npos, !large);
        QCOMPARE(why.find("lost") != std::string::npos, !apart);
        const Findings all = clueFindings(c.work, c.picture, seen);
        QCOMPARE(all.empty(), seen[0].seen() && seen[1].seen() && seen[2].seen());
        if (!all.empty())
            QVERIFY(all[0].sentence.starts_with("Journey: ") && all[0].place.width > 0);
    }

    void whatIsNotThereIsSaid()
    {
        Coat c = coatWith(60, 80);
        c.work.elements.clear();
        const auto seen = cluesSeen(c.work, c.picture, {60, 40, 200});
        QVERIFY(!seen[0].there && !seen[1].there && seen[0].share == 0);
        const Findings all = clueFindings(c.work, c.picture, seen);
        QCOMPARE(all.size(), std::size_t(1));
        QCOMPARE(all[0].severity, Severity::Broken);
        QCOMPARE(all[0].measured, 0.0);
        QVERIFY(cluesSeen(c.work, {}, {}).empty());
    }

    void anIdeaWantsAsManyCluesAsWereChosen()
    {
        Coat c = coatWith(60, 80);
        c.work.brief.ideas[0].clues.resize(2);
        const auto seen = cluesSeen(c.work, c.picture, {60, 40, 200});
        QVERIFY(clueFindings(c.work, c.picture, seen).empty()); // both were chosen, and both are seen
        c.work.brief.ideas[0].clues.clear();
        const Findings all = clueFindings(c.work, c.picture, seen);
        QVERIFY(all.size() == 1 && all[0].measured == 0 && all[0].target == 1);
    }

    void glancesOfCluesAreCounted()
    {
        const Coat c = coatWith(70, 98);
        const auto seen = cluesSeen(c.work, c.picture, {60, 40, 200});
        double sum = 0;
        for (const ClueSeen& s : seen)
            sum += s.share;
        QVERIFY(std::abs(sum - 1) < 1e-6); // nothing else is in the picture
        QCOMPARE(std::count_if(seen.begin(), seen.end(), [](const ClueSeen& s) { return s.glance == 1; }), 1);
        QVERIFY2(seen[1].glance == 1 || seen[0].glance == 1, "the white bundle, or the coat it is on");
    }

    void meaningIsShownBesideTheMeasure()
    {
        Project p = kit::postWork();
        p.elements[0].id = 1;
        Element other = p.elements[0];
        other.id = 2, other.meaning = 3;
        p.elements.push_back(other);
        Attention a;
        a.share = {{1, 0.75}, {2, 0.25}};
        const IdMap ids = IdMap::filled(100, 80, 1);
        const auto plain = meantShares(p, a, ids, {});
        QVERIFY(std::abs(plain.at(2) - 0.5) < 1e-9 && std::abs(plain.at(1) + plain.at(2) - 1) < 1e-9);
        // A face on the first, found or not on the canvas.
        const auto face = meantShares(p, a, ids, {{40, 30, 20, 20}, {500, 3, 2, 2}});
        QVERIFY(std::abs(face.at(1) / face.at(2) - kFacePull * 0.75 / 0.75) < 1e-9);
        QVERIFY(searchFaces({}).faces.empty());
        QVERIFY(searchFaces(kit::plain(300, 200, {120, 120, 120})).faces.empty());
    }

    void facesAreFoundAndKeptWhereNothingChanges()
    {
        if (!facesCanBeFound())
            QSKIP("opencv-data is not here");
        cv::Mat two(300, 420, CV_8UC3, cv::Scalar::all(120));
        drawnFace(two, {90, 60}, 100);
        drawnFace(two, {300, 150}, 70);
        const FaceSearch both = searchFaces(Photo::fromMat(two));
        QCOMPARE(int(both.faces.size()), 2);
        for (const Vec2 at : {Vec2{140, 110}, Vec2{335, 185}})
            QVERIFY(std::any_of(both.faces.begin(), both.faces.end(),
                [&](const Rect& r) { return (r.centre() - at).length() < 0.2 * r.width && r.width > 50; }));
        // One painted over; a third; a line down the whole picture: searched on, it is as searched anew.
        cv::Mat less = two.clone(), more = two.clone(), line = two.clone();
        less(cv::Rect(300, 150, 70, 70)).setTo(cv::Scalar::all(90));
        drawnFace(more, {20, 190}, 90);
        cv::line(line, {5, 0}, {415, 299}, cv::Scalar::all(20), 3);
        for (const auto& [picture, n] : {std::pair{less, 1}, {more, 3}, {line, -1}, {two, 2}}) {
            const Photo photo = Photo::fromMat(picture);
            const FaceSearch anew = searchFaces(photo), on = searchFaces(photo, &both);
            QVERIFY(n < 0 || int(anew.faces.size()) == n);
            QCOMPARE(on.faces.size(), anew.faces.size());
            QVERIFY(std::equal(on.faces.begin(), on.faces.end(), anew.faces.begin(),
                [](const Rect& a, const Rect& b) { return a.x == b.x && a.y == b.y && a.width == b.width; }));
            for (std::size_t i = 0; i < anew.levels.size(); ++i)
                QVERIFY(on.levels[i].windows == anew.levels[i].windows);
        }
    }
};

RL_TEST(TestClues)
#include "tst_clues.moc"
