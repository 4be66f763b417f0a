#include "app/frame/first_look.h"
#include "app/frame/side_column.h"
#include "app/stations/brief/cast_row.h"
#include "app/stations/carry/sheets_page.h"
#include "app/stations/cut/cut_table.h"
#include "app/stations/stage/space_page.h"
#include "app/widgets/fit_chart.h"
#include "app/widgets/reference_wall.h"
#include "core/transfer/tiles.h"
#include "store/project_file.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QBuffer>
#include <QCheckBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTimer>
#include <QToolButton>
#include <QUndoStack>

using namespace rl;
using namespace rl::app;

namespace {
/// A figure's stand-in: a warm disc on a cool ground, lit from the left.
void writePictures(const QString& folder)
{
    const auto d = kit::litDisc(600, 180, 150, 30, 0.3);
    std::vector<Rgb8> ball(d.photo.data(), d.photo.data() + d.photo.size());
    for (std::size_t i = 0; i < ball.size(); ++i)
        if (d.mask.data()[i])
            ball[i] = {ball[i].r, std::uint8_t(ball[i].g * 3 / 5), std::uint8_t(ball[i].b * 2 / 5)};
    (void)store::writeFile(kit::pathIn(folder, "ball.png").toStdString(), store::encodePng(Photo{600, 600, ball}));
    std::vector<Rgb8> flat(900 * 600);
    for (std::size_t i = 0; i < flat.size(); ++i)
        flat[i] = i / 900 < 300 ? Rgb8{120, 140, 180} : Rgb8{110, 100, 90};
    (void)store::writeFile(kit::pathIn(folder, "flat.png").toStdString(), store::encodePng(Photo{900, 600, flat}));
    kit::writeBytes(kit::pathIn(folder, "diary.jpg"), "Dear diary, today I painted.");
}
} // namespace

/// Drives the real window with clicks and keys through all seven stations, from an empty work to sheets of paper.
class TestWindow : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    MainWindow& window() { return m_hand->window(); }
    const Project& project() { return m_hand->project(); }
    template <class T> T* find(const char* name) { return m_hand->find<T>(name); }
    void clickButton(const char* name) { m_hand->press(name); }
    void type(QWidget* field, const QString& words) { m_hand->type(field, words); }
    void go(int station) { m_hand->go(Station(station)); }
    void undo() { m_hand->undo(); }
    void drag(QWidget* on, QPointF from, QPointF to) { m_hand->drag(on, from, to); }
    bool settle() { return m_hand->settle(); }
    bool hasFinding(const char* kind) { return m_hand->hasFinding(kind); }
    CutTable& table() { return *window().findChild<CutTable*>(); }
    Board* photo() { return &table().photo(); }

private slots:
    void initTestCase()
    {
        Project empty;
        empty.camera.horizonCm = 18;
        m_hand.emplace(empty);
        writePictures(hand().folder());
        QVERIFY(settle());
    }
    void cleanupTestCase() { m_hand.reset(); }

    void step1Brief()
    {
        go(0);
        QCOMPARE(window().current(), Station::Brief);
        type(find<QLineEdit>("title"), "Harbour of glass");
        type(find<QDoubleSpinBox>("canvasWidth"), "50");
        type(find<QDoubleSpinBox>("canvasHeight"), "30");
        type(find<QDoubleSpinBox>("viewingDistance"), "150");
        for (const char* member : {"Beacon", "Boat", "Gulls"})
            type(find<QLineEdit>("newMember"), member);
        QCOMPARE(project().brief.title, std::string("Harbour of glass"));
        QCOMPARE(project().brief.widthCm, 50.0);
        QCOMPARE(project().brief.heightCm, 30.0);
        QCOMPARE(project().brief.viewingDistanceCm, 150.0);
        QCOMPARE(project().brief.cast.size(), std::size_t(3));
        auto* cast = find<CastRow>("cast");
        drag(cast, cast->cardRect(2).center(), cast->cardRect(0).center());
        QCOMPARE(project().brief.cast[0].name, std::string("Gulls"));
        undo();
        QCOMPARE(project().brief.cast[0].name, std::string("Beacon"));
        clickButton("format0");
        QCOMPARE(project().brief.widthCm, 30.0);
        undo();
        QCOMPARE(project().brief.widthCm, 50.0);
        QVERIFY(settle());
        QVERIFY(!hasFinding("brief.not-shown")); // no fault until there are pictures
    }

    void step2Gather()
    {
        go(1);
        emit window().desk().importWanted(
            {hand().file("ball.png"), hand().file("flat.png"), hand().file("diary.jpg"), hand().file("ball.png")});
        QTRY_COMPARE_WITH_TIMEOUT(project().references.size(), std::size_t(2), 20000);
        QTRY_VERIFY(hand().wasSaid("diary.jpg") && hand().wasSaid("not JPEG"));
        auto* wall = find<ReferenceWall>("wall");
        QTest::mouseClick(wall, Qt::LeftButton, {}, wall->pictureRect(1).center());
        QCOMPARE(window().desk().reference(), project().references[1].id);
        clickButton("useBackdrop");
        QTRY_COMPARE_WITH_TIMEOUT(project().backdrop.reference, project().references[1].id, 20000);
        QVERIFY(settle());
        QVERIFY(hasFinding("gather.credit"));
        type(find<QLineEdit>("credit"), "painted by me");
        QCOMPARE(project().references[1].credit, std::string("painted by me"));
        QTest::mouseClick(wall, Qt::LeftButton, {}, wall->pictureRect(0).center());
    }

    void step2bTheWallIsArranged()
    {
        auto* wall = find<ReferenceWall>("wall");
        const std::size_t steps = std::size_t(window().document().undoStack().index());
        drag(wall, wall->pictureRect(0).center(), wall->pictureRect(0).center() + QPoint(60, 90));
        QVERIFY(project().references[0].hung);
        undo();
        QVERIFY(!project().references[0].hung);
        QTest::mouseClick(wall, Qt::LeftButton, {}, wall->pictureRect(0).center());
        QTest::mouseClick(wall, Qt::LeftButton, Qt::ControlModifier, wall->pictureRect(1).center());
        QCOMPARE(wall->chosen().size(), std::size_t(2));
        type(find<QLineEdit>("heap"), "caravan");
        QCOMPARE(project().references[1].heap, std::string("caravan"));
        undo();
        QVERIFY(project().references[0].heap.empty());
        QTest::mouseClick(wall, Qt::LeftButton, {}, wall->pictureRect(0).center());
        clickButton("role2");
        QVERIFY(project().references[0].is(Role::Pose));
        undo();
        QVERIFY(!project().references[0].is(Role::Pose));
        QCOMPARE(std::size_t(window().document().undoStack().index()), steps);
    }

    void step2cPicturesAreMeasuredAndRanked()
    {
        QTRY_COMPARE_WITH_TIMEOUT(window().desk().wall.toGo(), 0, 30000);
        auto* chart = find<FitChart>("fitChart");
        QTRY_VERIFY(find<QLabel>("measure")->text().contains("L*"));
        QTest::mouseClick(chart, Qt::LeftButton, {}, chart->rowRect(0).center());
        QCOMPARE(window().desk().reference(), project().references[0].id); // the only one beside the backdrop
        clickButton("makeLead");
        QCOMPARE(project().lead, project().references[0].id);
        clickButton("sideBySide");
        QVERIFY(find<QWidget>("compare")->isVisible());
        clickButton("sideBySide");
        undo();
        QCOMPARE(project().lead, 0);
        // The painter's word.
        auto* word = window().findChild<QCheckBox*>("wordKelvin");
        QVERIFY(word);
        word->setChecked(true);
        QVERIFY(project().references[0].overrule.kelvinSet);
        undo();
        QVERIFY(!project().references[0].overrule.kelvinSet);
    }

    void step3Cut()
    {
        clickButton("cutFrom");
        QCOMPARE(window().current(), Station::Cut);
        Board* photo = this->photo();
        find<QCheckBox>("curved")->setChecked(true);
        for (int i = 0; i < 10; ++i) { // roughly around the disc of 180 px
            const double a = i * 2 * kPi / 10, r = 180 + (i % 2 ? 5 : -4);
            QTest::mouseClick(photo, Qt::LeftButton, {},
                photo->toScreen(Vec2{300 + r * std::cos(a), 300 + r * std::sin(a)}).toPoint());
        }
        QTest::keyClick(photo, Qt::Key_Return); // closes
        QTest::keyClick(photo, Qt::Key_Return); // cuts
        QTRY_COMPARE_WITH_TIMEOUT(project().cutouts.size(), std::size_t(1), 20000);
        double both = 0, either = 0;
        const Mask& alpha = project().cutouts[0].alpha;
        for (int y = 0; y < 600; ++y)
            for (int x = 0; x < 600; ++x) {
                const bool in = std::hypot(x + 0.5 - 300, y + 0.5 - 300)<180, cut = alpha.at(x, y)> 127;
                both += in && cut, either += in || cut;
            }
        QVERIFY2(both / either > 0.98, qPrintable(QString::number(both / either)));
        // A wrong point is dragged away, and cut again.
        const Vec2 node = project().cutouts[0].pieces[0].points[0].at;
        drag(photo, photo->toScreen(node), photo->toScreen(node + Vec2{3, 0}));
        clickButton("cutOut");
        QTRY_VERIFY_WITH_TIMEOUT(
            !table().cutting() && project().cutouts[0].alpha.identity() != alpha.identity(), 20000);
        type(find<QLineEdit>("elementName"), "Beacon");
        clickButton("stand");
        QCOMPARE(project().elements.size(), std::size_t(1));
        QCOMPARE(project().elements[0].cast, project().brief.cast[0].id); // known by its name
    }

    void step3bTouchCutsWhatIsMarked()
    {
        Board* photo = this->photo();
        const Mask before = project().cutouts[0].alpha;
        clickButton("beginAgain");
        QTest::keyClick(photo, Qt::Key_R);
        drag(photo, photo->toScreen(Vec2{80, 80}), photo->toScreen(Vec2{520, 520}));
        QVERIFY(!project().cutouts[0].strokes.empty());
        QTRY_VERIFY_WITH_TIMEOUT(
            !table().cutting() && project().cutouts[0].alpha.identity() != before.identity(), 30000);
        double both = 0, either = 0;
        for (int y = 0; y < 600; ++y)
            for (int x = 0; x < 600; ++x) {
                const bool in
                    = std::hypot(x + 0.5 - 300, y + 0.5 - 300)<180, cut = project().cutouts[0].alpha.at(x, y)> 127;
                both += in && cut, either += in || cut;
            }
        QVERIFY2(both / either > 0.97, qPrintable(QString::number(both / either)));
        undo(); // the stroke and its cut are one step
        QCOMPARE(project().cutouts[0].alpha.identity(), before.identity());
        QVERIFY(project().cutouts[0].strokes.empty() && !project().cutouts[0].pieces.empty());
    }

    void step3cPinsBend()
    {
        Board* photo = this->photo();
        hand().page(3);
        QTest::mouseClick(photo, Qt::LeftButton, {}, photo->toScreen(Vec2{300, 440}).toPoint());
        QTest::mouseClick(photo, Qt::LeftButton, {}, photo->toScreen(Vec2{300, 160}).toPoint());
        QCOMPARE(project().cutouts[0].pins.size(), std::size_t(2));
        const Rect straight = stage::shapeOf(project().cutouts[0].alpha);
        drag(photo, photo->toScreen(Vec2{300, 160}), photo->toScreen(Vec2{360, 190}));
        QVERIFY(project().cutouts[0].pins[1].to.x > 350);
        const Rect bent = window().desk().light.surfaces().shape(project().cutouts[0]);
        QVERIFY(std::abs(bent.width - straight.width) > 1 || std::abs(bent.height - straight.height) > 1);
        // A picture coming in while a pin is in the hand does not take it away.
        QTest::mousePress(photo, Qt::LeftButton, {}, photo->toScreen(Vec2{360, 190}).toPoint());
        window().here()->refresh();
        const QPointF there = photo->toScreen(Vec2{340, 200});
        QMouseEvent move(QEvent::MouseMove, there, photo->mapToGlobal(there), Qt::NoButton, Qt::LeftButton, {});
        QCoreApplication::sendEvent(photo, &move);
        window().here()->refresh();
        QTest::mouseRelease(photo, Qt::LeftButton, {}, there.toPoint());
        QVERIFY(std::abs(project().cutouts[0].pins[1].to.x - 340) < 3);
        undo();
        clickButton("takePinsOut");
        QVERIFY(project().cutouts[0].pins.empty());
        for (int i = 0; i < 4; ++i)
            undo();
        QVERIFY(project().cutouts[0].pins.empty());
    }

    void step3dMatchingIsInHand()
    {
        hand().page(4);
        clickButton("matchIt");
        QTRY_COMPARE_WITH_TIMEOUT(project().elements[0].tone.amount, 0.7, 20000);
        QVERIFY(project().elements[0].tone.lightTo > project().elements[0].tone.darkTo);
        undo();
        QCOMPARE(project().elements[0].tone.amount, 0.0);
    }

    void step3ePaintOut()
    {
        const Project before = project();
        window().desk().holdReference(before.references[1].id); // the backdrop: two plain bands
        hand().page(5);
        Board* photo = this->photo();
        drag(photo, photo->toScreen(Vec2{300, 200}), photo->toScreen(Vec2{360, 420}));
        clickButton("paintOut");
        QTRY_COMPARE_WITH_TIMEOUT(project().references.size(), std::size_t(3), 60000);
        QCOMPARE(project().backdrop.reference, project().references[2].id);
        QCOMPARE(project().references[2].credit, before.references[1].credit);
        undo();
        QCOMPARE(project().references.size(), std::size_t(2));
        QCOMPARE(project().backdrop.reference, before.references[1].id);
        // Taken from where the painter brushes: from the upper band into the lower one.
        const Photo was = before.references[1].pixels.photo();
        const double w = was.width(), h = was.height();
        window().desk().holdReference(before.references[1].id);
        hand().page(0), hand().page(5);
        QVERIFY(settle());
        drag(photo, photo->toScreen(Vec2{0.30 * w, 0.80 * h}), photo->toScreen(Vec2{0.34 * w, 0.82 * h}));
        find<QPushButton>("takeFrom")->click();
        type(find<QDoubleSpinBox>("patchWidth"), "120");
        drag(photo, photo->toScreen(Vec2{0.2 * w, 0.2 * h}), photo->toScreen(Vec2{0.6 * w, 0.22 * h}));
        find<QPushButton>("takeFrom")->click();
        clickButton("paintOut");
        QTRY_COMPARE_WITH_TIMEOUT(project().references.size(), std::size_t(3), 60000);
        const Photo is = project().references[2].pixels.photo();
        const Rgb8 filled = is.at(int(0.32 * w), int(0.81 * h)), sky = was.at(int(0.4 * w), int(0.21 * h)),
                   ground = was.at(int(0.32 * w), int(0.81 * h));
        QVERIFY(std::abs(int(sky.b) - int(ground.b)) > 20);
        QVERIFY2(std::abs(int(filled.b) - int(sky.b)) < 8, qPrintable(QString::number(filled.b)));
        undo();
        window().desk().holdReference(before.references[0].id);
        hand().page(0);
    }

    void step4Stage()
    {
        go(3);
        QVERIFY(settle());
        Board* board = window().board();
        type(find<QDoubleSpinBox>("realHeight"), "3");
        QCOMPARE(project().elements[0].heightM, 3.0);
        type(find<QDoubleSpinBox>("eyeHeight"), "1.5");
        QCOMPARE(project().camera.eyeHeightM, 1.5);
        QVERIFY(settle());
        // Drag it across by its middle; its depth is kept with Shift, here it moves freely.
        const Vec2 before = project().elements[0].baseCm;
        const auto place = stage::placementOf(
            project(), project().elements[0], window().desk().light.surfaces().shape(project().cutouts[0]));
        drag(board, board->toScreen(place.canvas.centre()), board->toScreen(place.canvas.centre() + Vec2{6, 1}));
        QVERIFY(std::abs(project().elements[0].baseCm.x - before.x - 6) < 0.2);
        QVERIFY(std::abs(project().elements[0].baseCm.y - before.y - 1) < 0.2);
        undo();
        QCOMPARE(project().elements[0].baseCm, before); // the whole drag is one step
        QTest::keyClick(board, Qt::Key_Right);
        QVERIFY(std::abs(project().elements[0].baseCm.x - before.x - 0.1) < 1e-9); // 1 mm
        QTest::keyClick(board, Qt::Key_M);
        QVERIFY(project().elements[0].mirrored);
        undo();
        QVERIFY(!project().elements[0].mirrored);
        // The horizon by its line, far from the element.
        const double horizon = project().camera.horizonCm;
        drag(board, board->toScreen(Vec2{2, horizon}), board->toScreen(Vec2{2, horizon - 2}));
        QVERIFY(std::abs(project().camera.horizonCm - horizon + 2) < 0.2);
        undo();
        // On the plan: away from the viewer makes it smaller.
        auto* plan = window().side()->plans()->above();
        const double z = place.distance;
        drag(plan, plan->toScreen({0, 0, z}), plan->toScreen({0, 0, 1.6 * z}));
        const double now = stage::groundDistance(stage::eyeOf(project()), project().elements[0].baseCm.y);
        QVERIFY2(now > 1.3 * z, qPrintable(QString("%1 from %2").arg(now).arg(z)));
        undo();
        type(find<QDoubleSpinBox>("baseY"), "10"); // above the horizon
        QVERIFY(settle());
        QVERIFY(hasFinding("stage.floats"));
        if (!window().side()->isOpen())
            QTest::keyClick(&window(), Qt::Key_G); // the cards are made when they are seen
        auto* fix = window().findChild<QPushButton*>("fix");
        QVERIFY(fix);
        // Looked at first: the board shows both, the work stays as it is; Esc puts it away.
        const Project asItIs = project();
        const QImage shownBefore = window().desk().lit->image;
        auto* look = window().findChild<QPushButton*>("tryFix");
        QVERIFY(look);
        QTest::mouseClick(look, Qt::LeftButton);
        QVERIFY(look->isChecked() && board->comparing() && window().desk().trial());
        QTRY_VERIFY_WITH_TIMEOUT(window().desk().lit->image != shownBefore, 10000);
        QVERIFY(project().elements == asItIs.elements);
        QTest::keyClick(board, Qt::Key_Escape);
        QVERIFY(!look->isChecked() && !board->comparing() && !window().desk().trial());
        QTRY_VERIFY_WITH_TIMEOUT(window().desk().lit->image == shownBefore, 10000);
        QVERIFY(hasFinding("stage.floats"));
        QTest::mouseClick(fix, Qt::LeftButton);
        QVERIFY(project().elements[0].baseCm.y > project().camera.horizonCm);
        undo();
        undo();
        QVERIFY(settle());
        QVERIFY(!hasFinding("stage.floats"));
    }

    void step5Light()
    {
        go(4);
        QVERIFY(settle());
        clickButton("addLantern");
        QCOMPARE(project().lights.lanterns.size(), std::size_t(1));
        QVERIFY(settle());
        const QImage before = window().desk().lit->image;
        // Carry it in the picture: the picture follows.
        Board* board = window().board();
        const auto lanternAt = [&] {
            return board->toScreen(stage::projected(stage::eyeOf(project()), project().lights.lanterns[0].position));
        };
        const Vec3 from = project().lights.lanterns[0].position;
        drag(board, lanternAt(), lanternAt() + QPointF(-90, -30));
        const Vec3 to = project().lights.lanterns[0].position;
        QVERIFY(to.x < from.x && to.y > from.y && std::abs(to.z - from.z) < 1e-9);
        QVERIFY(settle());
        QVERIFY(window().desk().lit->image != before);
        QTest::keyClick(board, Qt::Key_PageUp);
        QVERIFY(std::abs(project().lights.lanterns[0].position.z - to.z - 0.1) < 1e-9);
        auto* plan = window().side()->plans()->above();
        const double azimuth = project().lights.sun.azimuth;
        drag(plan, plan->sunHandle(), QPointF(plan->width() - 20, plan->height() / 2.0));
        QVERIFY(
            std::abs(turnBetween(project().lights.sun.azimuth, 90)) < 12 && project().lights.sun.azimuth != azimuth);
        undo();
        QCOMPARE(project().lights.sun.azimuth, azimuth);
        hand().page(0);
        QTest::mouseClick(find<QCheckBox>("sunOn"), Qt::LeftButton);
        QVERIFY(!project().lights.sun.on);
        undo();
        QVERIFY(project().lights.sun.on);
    }

    void step6Read()
    {
        go(5);
        QVERIFY(settle());
        for (int look = 0; look < 5; ++look) {
            clickButton(qPrintable(QString("look%1").arg(look)));
            QVERIFY(!window().board()->grab().isNull());
        }
        const auto& reading = window().desk().review->reading;
        QCOMPARE(reading.attention.order.size(), std::size_t(1));
        QCOMPARE(reading.attention.glances.front(), project().elements[0].id);
        QVERIFY(!reading.silhouettes.empty() && !reading.silhouettes[0].contour.empty());
    }

    void step7Mix()
    {
        go(6);
        clickButton("mixPage4");
        clickButton("firstBox");
        QCOMPARE(project().boxes.size(), std::size_t(1));
        undo();
        QVERIFY(project().boxes.empty());
    }

    void step8Carry()
    {
        go(7);
        auto* paper = find<QComboBox>("paper");
        paper->setCurrentText("Letter");
        emit paper->activated(paper->currentIndex());
        QCOMPARE(project().sheets.paper, std::string("Letter"));
        undo();
        QCOMPARE(project().sheets.paper, std::string("A4"));
        const QString pdf = hand().file("sheets.pdf");
        auto* page = window().here()->find<SheetsPage>();
        page->writeTo(pdf);
        QTRY_VERIFY_WITH_TIMEOUT(!page->writing(), 60000);
        const auto plan = transfer::tilesOf(project());
        QCOMPARE(kit::pdfPages(pdf), int(plan.tiles.size()) + 1);
        const QSizeF mm = kit::pdfPageMm(pdf, 2);
        QVERIFY(std::abs(std::min(mm.width(), mm.height()) - 210) < 0.2
            && std::abs(std::max(mm.width(), mm.height()) - 297) < 0.2);
        QVERIFY(std::abs(kit::rulerMm(pdf, 2) - 100) <= 0.1);
    }

    void theRenderedPictureShowsTheWork()
    {
        // The element is warm where it stands, the sky cool above it.
        const auto& lit = *window().desk().lit;
        const auto place = stage::placementOf(
            project(), project().elements[0], window().desk().light.surfaces().shape(project().cutouts[0]));
        const Vec2 c = place.canvas.centre() * lit.picture.pixelsPerCm;
        const Rgb warm = lit.picture.colour.at(int(c.x), int(c.y)), sky = lit.picture.colour.at(5, 5);
        QVERIFY(warm.r > warm.b && sky.b > sky.r);
        QCOMPARE(lit.picture.ids.at(int(c.x), int(c.y)), project().elements[0].id);
    }

    void everythingIsOnTheDisk()
    {
        window().document().waitSaved();
        auto opened = store::ProjectFile::open(hand().file("mine.lantern").toStdString()).take();
        QCOMPARE(opened.project.brief.title, std::string("Harbour of glass"));
        QVERIFY(opened.project.elements == project().elements && opened.project.lights == project().lights);
    }

    void theBackdropsLinesAreShown()
    {
        go(3);
        auto* page = window().here()->find<SpacePage>();
        QTest::keyClick(window().board(), Qt::Key_V);
        QTRY_VERIFY_WITH_TIMEOUT(
            page->vanishing().words().contains("eye level cannot be measured"), 20000); // two plain bands
        QTest::keyClick(window().board(), Qt::Key_V);
    }

    void undoGoesBackToTheEmptyWork()
    {
        for (int i = 0; i < 200 && window().document().undoStack().canUndo(); ++i)
            undo();
        QVERIFY(project().references.empty() && project().elements.empty() && project().brief.cast.empty());
        for (int i = 0; i < 200 && window().document().undoStack().canRedo(); ++i)
            QTest::keyClick(&window(), Qt::Key_Y, Qt::ControlModifier);
        QCOMPARE(project().elements.size(), std::size_t(1));
        QVERIFY(settle());
    }

    void theWindowNeverWaits()
    {
        // While the light is worked out, the event loop goes on: its longest pause during a drag of edits is shown.
        go(4);
        QElapsedTimer clock;
        qint64 longest = 0;
        QTimer beat;
        QObject::connect(&beat, &QTimer::timeout, [&] { longest = std::max(longest, clock.restart()); });
        beat.start(2);
        clock.start();
        const int gesture = window().document().freshGesture();
        for (int i = 0; i < 30; ++i) {
            Lantern l = project().lights.lanterns[0];
            l.position.x = -1 + 0.06 * i;
            Project after = project();
            after.lights.lanterns[0] = l;
            window().document().edit("Carry the lantern", std::move(after), gesture);
            QTest::qWait(10);
        }
        window().document().finishGesture();
        qInfo("longest pause of the event loop during a drag: %lld ms", static_cast<long long>(longest));
        QVERIFY(settle());
    }

    void aStudyIsAWorkOfItsOwn()
    {
        const QString before = window().document().path();
        emit window().desk().importWanted({hand().file("flat.png")});
        const auto flat = [this] {
            for (const Reference& r : project().references)
                if (r.name == "flat")
                    return r.id;
            return 0;
        };
        QTRY_VERIFY_WITH_TIMEOUT(flat() != 0, 20000);
        go(1);
        window().desk().holdReference(flat());
        clickButton("study");
        QTRY_VERIFY_WITH_TIMEOUT(window().document().path() != before, 10000);
        QCOMPARE(window().current(), Station::Read);
        QCOMPARE(project().brief.cast.size(), std::size_t(0));
        QCOMPARE(project().brief.widthCm, 60.0);
        QVERIFY(settle());
        // Nothing is lit anew: the picture shows the photograph.
        const auto& lit = *window().desk().lit;
        const QColor sky = lit.image.pixelColor(lit.image.width() / 2, lit.image.height() / 6);
        QVERIFY2(std::abs(sky.red() - 120) < 6 && std::abs(sky.blue() - 180) < 6, qPrintable(sky.name()));
        const QColor ground = lit.image.pixelColor(lit.image.width() / 2, lit.image.height() * 5 / 6);
        QVERIFY2(std::abs(ground.red() - 110) < 6 && std::abs(ground.blue() - 90) < 6, qPrintable(ground.name()));
    }

    void namesForAssistiveTechnologyAndTips()
    {
        for (QDoubleSpinBox* f : window().findChildren<QDoubleSpinBox*>()) {
            QVERIFY2(!f->accessibleName().isEmpty() && !f->toolTip().isEmpty(), qPrintable(f->objectName()));
            QVERIFY2(
                !f->suffix().trimmed().isEmpty() || f->text().contains(':'), // numbers carry units; 19:30 needs none
                qPrintable(f->objectName()));
        }
    }

    void aBadFileIsRefusedAndTheWorkStays()
    {
        const QString title = QString::fromStdString(project().brief.title);
        const QString bad = hand().file("bad.lantern");
        kit::writeBytes(bad, QByteArray(3000, 'x'));
        bool told = false, good = true;
        QObject::connect(&window(), &MainWindow::opened, this, [&](bool ok) { told = true, good = ok; });
        window().openWork(bad);
        QTRY_VERIFY_WITH_TIMEOUT(told, 10000);
        QVERIFY(!good && hand().lastNotice().endsWith('.'));
        QCOMPARE(QString::fromStdString(project().brief.title), title);
    }

    /// Where a work keeps its picture, that is seen before the window stands; where it keeps none, or is none, nothing.
    void aWorkIsSeenAtOnce()
    {
        QTemporaryDir dir;
        const QString path = dir.filePath("seen.lantern");
        {
            auto file = store::ProjectFile::create(path.toStdString(), kit::postWork()).take();
            QVERIFY(!firstLook(path));
            QImage image(90, 60, QImage::Format_RGB32);
            image.fill(QColor(120, 60, 20));
            QByteArray bytes;
            QBuffer buffer(&bytes);
            QVERIFY(buffer.open(QIODevice::WriteOnly) && image.save(&buffer, "PNG"));
            QVERIFY(bool(file.setPreview({bytes.begin(), bytes.end()})));
            const auto look = firstLook(path);
            QVERIFY(look && look->isVisible() && !look->accessibleName().isEmpty());
            QCOMPARE(look->pixmap().size(), image.size());
            QCOMPARE(look->pixmap().toImage().pixelColor(4, 4), QColor(120, 60, 20));
            QVERIFY(bool(file.setPreview({1, 2, 3}))); // no picture
            QVERIFY(!firstLook(path));
        }
        QVERIFY(!firstLook(dir.filePath("nowhere.lantern")));
        QVERIFY(kit::writeBytes(dir.filePath("text.lantern"), "not a work"));
        QVERIFY(!firstLook(dir.filePath("text.lantern")));
    }
};

RL_TEST(TestWindow)
#include "tst_window.moc"
