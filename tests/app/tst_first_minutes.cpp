#include "app/board/board.h"
#include "app/frame/imports.h"
#include "app/frame/start_page.h"
#include "app/frame/what_now.h"
#include "app/stations/cut/cut_table.h"
#include "core/project/stage_edits.h"
#include "core/review/first_steps.h"
#include "core/stage/camera.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QDragEnterEvent>
#include <QLabel>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QToolButton>

using namespace rl;
using namespace rl::app;

namespace {
/// A place: sky with a low sun, ground with furrows that run away.
QImage place()
{
    QImage m(900, 600, QImage::Format_RGB32);
    QPainter p(&m);
    p.fillRect(0, 0, 900, 270, QColor(120, 130, 160));
    p.fillRect(0, 270, 900, 330, QColor(120, 100, 80));
    p.setBrush(QColor(255, 244, 220));
    p.drawEllipse(QPointF(150, 180), 26, 26);
    p.setPen(QPen(QColor(70, 58, 46), 3));
    for (int x = -3000; x <= 4000; x += 250)
        p.drawLine(QPointF(450, 270), QPointF(x, 600));
    return m;
}
/// Something to stand there, on a plain ground.
QImage thing(QColor colour, double slim)
{
    QImage m(400, 600, QImage::Format_RGB32);
    m.fill(QColor(205, 210, 214));
    QPainter p(&m);
    p.setPen(Qt::NoPen);
    p.setBrush(colour);
    p.drawEllipse(QPointF(200, 150), 60 * slim, 70);
    p.drawRect(QRectF(200 - 80 * slim, 200, 160 * slim, 340));
    return m;
}
} // namespace

/// The first ten minutes, by a painter who follows only what the program proposes.
class TestFirstMinutes : public QObject {
    Q_OBJECT
    std::unique_ptr<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    QStringList pictures()
    {
        const std::pair<const char*, QImage> all[] = {{"dunes.png", place()},
            {"person.png", thing(QColor(150, 60, 40), 1)}, {"boy.png", thing(QColor(40, 70, 120), 0.7)}};
        QStringList files;
        for (const auto& [name, image] : all) {
            files << hand().file(name);
            image.save(files.back());
        }
        return files;
    }
    QString words() { return hand().find<QLabel>("whatNowWords")->text(); }
    std::string step() { return hand().window().whatNow()->step().key; }
    void follow() { QTest::mouseClick(hand().find<QPushButton>("whatNowDo"), Qt::LeftButton); }
    /// A frame round the middle of the picture on the cutting table.
    void drawFrame()
    {
        Board* photo = hand().view(Station::Cut).ownBoard();
        hand().drag(photo, photo->toScreen(Vec2{90, 60}), photo->toScreen(Vec2{310, 560}));
    }

private slots:
    void init()
    {
        m_hand = std::make_unique<kit::StationHand>(review::freshWork("Mine"));
        QSettings().setValue("whatNow", true);
        QSettings().setValue("worksFolder", hand().folder() + "/works");
    }
    void cleanup() { m_hand.reset(); }

    void aLitSceneOfOwnPicturesByWhatIsProposed()
    {
        const QStringList files = pictures();
        QSettings().setValue("whatNow", true);
        hand().window().showStart(true);
        StartPage* start = hand().window().start();
        QVERIFY(start->isVisible());
        QMimeData dropped; // three photographs, dropped anywhere
        QList<QUrl> urls;
        for (const QString& f : files)
            urls << QUrl::fromLocalFile(f);
        dropped.setUrls(urls);
        QDragEnterEvent enter(QPoint(300, 300), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(start->viewport(), &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop(QPointF(300, 300), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(start->viewport(), &drop);
        QTRY_VERIFY2_WITH_TIMEOUT(hand().project().references.size() == 3,
            qPrintable(hand().window().document().path() + " " + hand().lastNotice()), 30000);
        QVERIFY(!start->isVisible() && hand().window().document().path().contains("/works/untitled"));
        QVERIFY(hand().project().lights.air.wetness == 0 && hand().project().lights.air.halfContrastM == 0);
        QTRY_VERIFY_WITH_TIMEOUT(hand().desk().wall.idle() && hand().desk().wall.toGo() == 0, 60000);
        std::set<std::string> seen;
        for (int i = 0; i < 20 && !step().empty(); ++i) {
            const std::string key = step();
            const QString said = words();
            const auto before = hand().window().document().revision();
            seen.insert(key);
            QVERIFY2(!words().isEmpty(), key.c_str());
            follow();
            if (key == "eye") {
                Board* board = hand().board();
                hand().drag(board, board->toScreen(Vec2{20, 24}), board->toScreen(Vec2{20, 18}));
            } else if (key == "cut") {
                QTRY_VERIFY_WITH_TIMEOUT(
                    !hand().view(Station::Cut).ownBoard()->findChild<CutTable*>()->working(), 20000);
                drawFrame();
            } else if (key == "size") {
                hand().choose("usual", 1);
            }
            QTRY_VERIFY2_WITH_TIMEOUT(
                hand().window().document().revision() != before && (step().empty() || words() != said),
                qPrintable(QString::fromStdString(key) + ": " + words()), 60000);
        }
        const Project& p = hand().project();
        QVERIFY2(step().empty(), step().c_str());
        QVERIFY(p.backdrop.reference && p.elements.size() == 2);
        for (const char* key : {"backdrop", "cut", "stand", "light"})
            QVERIFY2(seen.contains(key), key);
        // The sun of the picture lights what stands there: it is low and to the left.
        QVERIFY(p.lights.sun.on && p.lights.sun.azimuth > 300);
        QVERIFY(hand().window().whatNow()->isHidden());
        hand().rest();
        QVERIFY(hand().desk().lit && hand().desk().lit->picture.colour.width() > 0);
    }
    void whatIsNotWantedIsNotSaidAgain()
    {
        hand().window().whatNow()->setWanted(true);
        QCOMPARE(step(), std::string("bring"));
        QTest::mouseClick(hand().find<QToolButton>("whatNowAway"), Qt::LeftButton);
        QVERIFY(step().empty() && hand().window().whatNow()->isHidden());
        hand().window().whatNow()->setWanted(false);
        hand().window().whatNow()->setWanted(true);
        QCOMPARE(step(), std::string("bring"));
        hand().window().whatNow()->setWanted(false);
        QVERIFY(hand().window().whatNow()->isHidden());
    }
    void aTitleNamesTheWork()
    {
        hand().window().files().begin();
        QTRY_VERIFY_WITH_TIMEOUT(hand().window().document().path().endsWith("/works/untitled.lantern"), 20000);
        const QString makeshift = hand().window().document().path();
        hand().go(Station::Brief);
        hand().type(hand().find<QLineEdit>("title"), "Owls / at: dusk");
        QTRY_VERIFY_WITH_TIMEOUT(hand().window().document().path().endsWith("/works/Owls at dusk.lantern"), 20000);
        QTRY_VERIFY_WITH_TIMEOUT(!QFile::exists(makeshift), 20000);
        hand().undo();
        QVERIFY(hand().project().brief.title.empty()); // its steps came along
        hand().window().document().waitSaved();
        QVERIFY(bool(store::ProjectFile::open(hand().window().document().path().toStdString())));
        // A second one of that name does not write over the first.
        hand().window().files().begin("Owls at dusk");
        QTRY_VERIFY_WITH_TIMEOUT(hand().window().document().path().endsWith("/Owls at dusk 2.lantern"), 20000);
        QCOMPARE(latelyUsed().first(), hand().window().document().path());
        // The start page shows both by their pictures, and opens one; Esc leads back.
        hand().window().showStart(true);
        QTest::keyClick(hand().window().start(), Qt::Key_Escape);
        QVERIFY(!hand().window().start()->isVisible());
        hand().window().showStart(true);
        QTRY_VERIFY_WITH_TIMEOUT(hand().window().start()->findChild<QToolButton*>("lately1"), 20000);
        hand().window().start()->findChild<QToolButton*>("lately1")->click();
        QTRY_VERIFY_WITH_TIMEOUT(hand().window().document().path().endsWith("/Owls at dusk.lantern"), 20000);
        QVERIFY(!hand().window().start()->isVisible());
    }
    void aCarriedLanternGoesWithTheDrag()
    {
        Project p = review::freshWork("Mine");
        Element e = edits::standinOf(Solid::Figure);
        e.name = "bearer", e.heightM = 1.8, e.baseCm = {30, 34};
        p = edits::withElement(std::move(p), e);
        const int id = p.elements[0].id;
        hand().window().document().edit("Begin", p);
        hand().desk().holdElement(id);
        hand().go(Station::Light);
        hand().page("Lanterns");
        hand().press("addLantern");
        const auto lamp = [&] { return hand().project().lights.lanterns[0]; };
        const Vec3 foot = stage::footOf(stage::eyeOf(hand().project()), hand().project().elements[0]);
        QVERIFY2((lamp().position - foot).length() < 3, "beside the thing in hand");
        hand().choose("lanternCarried", 1);
        QCOMPARE(lamp().carriedBy, id);
        const Vec3 before = lamp().position;
        hand().go(Station::Stage);
        hand().rest();
        Board* board = hand().board();
        hand().drag(board, board->toScreen(Vec2{30, 24}), board->toScreen(Vec2{42, 24}));
        const Vec3 moved = stage::footOf(stage::eyeOf(hand().project()), hand().project().elements[0]) - foot;
        QVERIFY(moved.length() > 0.3);
        QVERIFY2((lamp().position - before - moved).length() < 0.02, "as far as its bearer");
        hand().undo();
        QVERIFY((lamp().position - before).length() < 1e-9);
        // Set far off by its own figure, it hangs by itself.
        hand().go(Station::Light);
        hand().page("Lanterns");
        hand().type(hand().find<QDoubleSpinBox>("lanternAway"), "40");
        QVERIFY(lamp().carriedBy == 0 && std::abs(lamp().position.z - 40) < 1e-6);
    }
    void anUprightOfTheBackdropIsOutlined()
    {
        Project p = review::freshWork("Mine");
        p = edits::withReference(std::move(p), kit::referenceOf("place", kit::plain(600, 400, {90, 95, 100})));
        p = review::withBackdropChosen(std::move(p), p.references[0].id, nullptr);
        hand().window().document().edit("Begin", p);
        hand().go(Station::Stage);
        hand().page("Perspective");
        hand().rest();
        hand().press("upright");
        for (const Vec2 at : {Vec2{10, 10}, Vec2{20, 10}, Vec2{20, 30}, Vec2{10, 30}})
            hand().click(at);
        QTest::keyClick(hand().board(), Qt::Key_Return);
        QCOMPARE(int(hand().project().elements.size()), 1);
        QVERIFY(hand().project().elements[0].locked && std::abs(hand().project().elements[0].baseCm.y - 30) < 0.3);
        hand().press("askEyes");
        Board* board = hand().board();
        hand().drag(board, board->toScreen(Vec2{30, 20}), board->toScreen(Vec2{30, 12}));
        QVERIFY(hand().project().references[0].overrule.eyeLevelSet);
        QVERIFY(std::abs(hand().project().camera.horizonCm - 12) < 0.3);
        // A door of 2 m from 6 to 31 cm down: the eye was 2 (31 - 12) / 25 m high.
        hand().type(hand().find<QDoubleSpinBox>("knownHeight"), "2");
        hand().press("byHeight");
        hand().click(Vec2{40, 31});
        hand().click(Vec2{40, 6});
        QVERIFY2(std::abs(hand().project().camera.eyeHeightM - 1.52) < 0.04,
            qPrintable(QString::number(hand().project().camera.eyeHeightM)));
        QVERIFY(!hand().find<QPushButton>("byHeight")->isChecked());
        hand().undo();
        QVERIFY(std::abs(hand().project().camera.eyeHeightM - p.camera.eyeHeightM) < 1e-9);
        hand().press("byHeight"); // its foot in the sky: said, nothing changed
        hand().click(Vec2{40, 10});
        hand().click(Vec2{40, 4});
        QVERIFY(std::abs(hand().project().camera.eyeHeightM - p.camera.eyeHeightM) < 1e-9);
    }
};

RL_TEST(TestFirstMinutes)
#include "tst_first_minutes.moc"
