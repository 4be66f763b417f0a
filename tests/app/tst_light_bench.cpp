#include "app/stations/light/study_page.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QCheckBox>
#include <QFileInfo>
#include <QLabel>
#include <QPushButton>
#include <QSignalSpy>
#include <QToolButton>

using namespace rl;
using namespace rl::app;

/// What the light station works out when asked, by clicks and keys.
class TestLightBench : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;

    const Project& project() { return m_hand->project(); }
    Desk& desk() { return m_hand->desk(); }
    StudyPage& study() { return *m_hand->view(Station::Light).find<StudyPage>(); }
    template <class T> T* find(const char* name) { return m_hand->find<T>(name); }
    void undo() { m_hand->undo(); }
    void type(const char* field, const QString& words) { m_hand->type(field, words); }
    bool settle() { return m_hand->settle(); }
    void page(int i) { find<QToolButton>(qPrintable(QString("lightPage%1").arg(i)))->click(); }
    void choose(const char* name, int i) { m_hand->choose(name, i); }
    void clickAt(Vec2 cm) { m_hand->click(cm); }
    double brightness()
    {
        const auto& c = desk().lit->picture.colour;
        double sum = 0;
        for (std::size_t i = 0; i < c.size(); ++i)
            sum += double(luminance(c.data()[i]));
        return sum / double(c.size());
    }

private slots:
    void initTestCase()
    {
        Project p = kit::postWork(215, 35);
        p.lights.lanterns = {{40, "lamp", true, {1, 1.5, 6}, 0.1, 2200, 2, 1}};
        p.lastId = 50;
        m_hand.emplace(p);
        m_hand->go(Station::Light);
        QVERIFY(settle());
    }
    void cleanupTestCase() { m_hand.reset(); }

    void aTimeOfDayIsABeginning()
    {
        page(0);
        const Sun before = project().lights.sun;
        auto* time = find<QComboBox>("dayTime");
        const int noon = time->findText("noon", Qt::MatchContains);
        time->setCurrentIndex(noon);
        emit time->activated(noon);
        QCOMPARE(project().lights.sun.azimuth, before.azimuth);
        QVERIFY(project().lights.sun.elevation > 50); // noon
        undo();
        QVERIFY(project().lights.sun == before);
    }

    void strengthIsOneThingInThreeWords()
    {
        page(1);
        type("lanternStops", "-1");
        QVERIFY(std::abs(project().lights.lanterns[0].strength - 0.5) < 1e-9);
        QVERIFY(std::abs(find<QDoubleSpinBox>("lanternStrength")->value() - 0.5) < 0.01);
        type("cardL", "50");
        QVERIFY(std::abs(find<QDoubleSpinBox>("cardL")->value() - 50) < 1);
        const double there = project().lights.lanterns[0].strength;
        type("cardL", "80");
        QVERIFY(project().lights.lanterns[0].strength > 2 * there);
        for (int i = 0; i < 3; ++i)
            undo();
        QCOMPARE(project().lights.lanterns[0].strength, 1.0);
    }

    void aLanternAloneChangesNothing()
    {
        QVERIFY(settle());
        const double all = brightness();
        const Lights before = project().lights;
        find<QPushButton>("alone")->click();
        QTRY_VERIFY_WITH_TIMEOUT(brightness() < 0.95 * all, 10000);
        QVERIFY(project().lights == before);
        find<QPushButton>("alone")->click();
        QTRY_VERIFY_WITH_TIMEOUT(std::abs(brightness() - all) < 1e-9, 10000);
    }

    void zonesAreAMapOverTheBoard()
    {
        page(4);
        QVERIFY(settle());
        m_hand->board()->setFocus();
        QTest::keyClick(m_hand->board(), Qt::Key_Z);
        QVERIFY(find<QPushButton>("formZones")->isChecked());
        QTRY_VERIFY_WITH_TIMEOUT(!study().studied().isNull() && !study().busy(), 20000);
        type("zoneSteps", "2");
        QVERIFY(m_hand->rest());
        QSet<QRgb> greys;
        const QImage two = study().studied();
        for (int y = 0; y < two.height(); y += 3)
            for (int x = 0; x < two.width(); x += 3)
                greys.insert(two.pixel(x, y));
        QCOMPARE(two.width(), m_hand->desk().lit->frame->width);
        QVERIFY(greys.size() >= 2);
        m_hand->board()->setFocus();
        QTest::keyClick(m_hand->board(), Qt::Key_Z);
        QVERIFY(study().studied().isNull());
    }

    void aCloseLookIsToldInWords()
    {
        page(4);
        QVERIFY(settle());
        find<QPushButton>("lookClosely")->click();
        QTRY_VERIFY_WITH_TIMEOUT(!study().busy(), 60000);
        QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("lightSays")->text().contains("Pasted in"), 5000);
    }

    void theSkySaysWhatItCanHold()
    {
        page(0);
        find<QPushButton>("skyArcs")->click();
        QVERIFY(find<QLabel>("lightSays")->text().contains("ainbow"));
        m_hand->window().grab();
        find<QPushButton>("skyArcs")->click();
    }

    void everyFieldIsOneEdit_data()
    {
        QTest::addColumn<int>("at");
        QTest::addColumn<QString>("field");
        QTest::addColumn<QString>("words");
        for (const auto& [at, field, words] : {std::tuple{0, "sunHue", "40"}, {0, "spill", "30"}, {0, "bounce", "0"},
                 {1, "lanternHue", "280"}, {1, "lanternSoft", "40"}, {2, "hazeTop", "3"}, {2, "glow", "200"},
                 {2, "shafts", "50"}, {2, "vignette", "60"}, {2, "vignetteReach", "30"}, {3, "rim", "40"},
                 {3, "puff", "2"}, {3, "tiltX", "20"}, {3, "tiltY", "-15"}})
            QTest::newRow(field) << at << QString(field) << QString(words);
    }
    void everyFieldIsOneEdit()
    {
        QFETCH(int, at);
        QFETCH(QString, field);
        QFETCH(QString, words);
        QVERIFY(settle());
        desk().holdElement(project().elements[0].id);
        page(at);
        const auto before = std::pair(project().elements, project().lights);
        type(qPrintable(field), words);
        QVERIFY(std::pair(project().elements, project().lights) != before);
        QVERIFY(std::abs(find<QDoubleSpinBox>(qPrintable(field))->value() - words.toDouble()) < 1e-6);
        QVERIFY(settle());
        undo();
        QVERIFY(std::pair(project().elements, project().lights) == before);
    }

    void aLanternBecomesAWindowOrASwarm()
    {
        page(1);
        QVERIFY(!find<QDoubleSpinBox>("lanternFacing")->isVisible());
        choose("lanternKind", int(LampKind::Panel));
        QCOMPARE(project().lights.lanterns[0].kind, LampKind::Panel);
        QVERIFY(find<QDoubleSpinBox>("lanternFacing")->isVisible());
        type("lanternFacing", "150");
        type("lanternWide", "2");
        QCOMPARE(project().lights.lanterns[0].facing, 150.0);
        QVERIFY(settle());
        m_hand->window().grab(); // its outline is drawn
        choose("lanternKind", int(LampKind::Swarm));
        type("lanternCount", "60");
        QCOMPARE(project().lights.lanterns[0].count, 60);
        QVERIFY(settle());
        for (int i = 0; i < 5; ++i)
            undo();
        QCOMPARE(project().lights.lanterns[0].kind, LampKind::Flame);
    }

    void hiddenItStillLights()
    {
        page(1);
        QVERIFY(settle());
        const double shown = brightness();
        find<QCheckBox>("lanternSeen")->click();
        QVERIFY(project().lights.lanterns[0].hidden);
        QVERIFY(settle());
        const double hidden = brightness();
        find<QCheckBox>("lanternOn")->click();
        QVERIFY(settle());
        QVERIFY2(brightness() < hidden && hidden < shown, qPrintable(QString("%1 %2").arg(hidden).arg(shown)));
        undo();
        undo();
        QVERIFY(!project().lights.lanterns[0].hidden && project().lights.lanterns[0].on);
    }

    void hungInsideItGoesThere()
    {
        page(1);
        const Vec3 before = project().lights.lanterns[0].position;
        choose("lanternWithin", 1);
        QCOMPARE(project().lights.lanterns[0].within, project().elements[0].id);
        QVERIFY(std::abs(project().lights.lanterns[0].position.z - 10) < 0.2); // where the post stands
        undo();
        QVERIFY(project().lights.lanterns[0].position == before);
    }

    void groupsAreSwitchedTogether()
    {
        page(1);
        Project p = project();
        p.lights.groups = {{90, "harbour", true, 0}};
        p.lights.lanterns[0].group = 90;
        m_hand->window().document().edit("group", p);
        QVERIFY(settle());
        const double lit = brightness();
        find<QCheckBox>("groupOn")->click();
        QVERIFY(!project().lights.groups[0].on);
        QVERIFY(settle());
        QVERIFY(brightness() < lit);
        undo();
        type("groupStops", "-2");
        QCOMPARE(project().lights.groups[0].stops, -2.0);
        undo();
        undo();
        QVERIFY(project().lights.groups.empty());
    }

    void mistIsLaidAndLifted()
    {
        page(2);
        find<QPushButton>("addMist")->click();
        QCOMPARE(project().lights.air.mists.size(), std::size_t(1));
        type("mistZ", "8");
        type("mistDensity", "90");
        QCOMPARE(project().lights.air.mists[0].z, 8.0);
        QVERIFY(settle());
        find<QPushButton>("mistAway")->click();
        QVERIFY(project().lights.air.mists.empty());
        choose("drift", int(DriftKind::Rain));
        QCOMPARE(project().lights.air.drift.kind, DriftKind::Rain);
        for (int i = 0; i < 5; ++i)
            undo();
        QVERIFY(project().lights.air.mists.empty() && project().lights.air.drift.kind == DriftKind::None);
    }

    void theFocalPlaceIsClicked()
    {
        page(2);
        find<QPushButton>("focalPlace")->click();
        clickAt({20, 10});
        QVERIFY((project().lights.air.vignetteAt - Vec2{20, 10}).length() < 0.5);
        QVERIFY(project().lights.air.vignette > 0);
        undo();
        QCOMPARE(project().lights.air.vignette, 0.0);
    }

    void partsRidgesAndEyesAreDrawnOnTheBoard()
    {
        page(3);
        desk().holdElement(project().elements[0].id);
        QVERIFY(settle());
        const Rect box = stage::placed(project(), project().elements[0], desk().light.surfaces()).canvas;
        const auto at = [&](double u, double v) { return Vec2{box.x + u * box.width, box.y + v * box.height}; };
        find<QPushButton>("drawPart")->click();
        for (const Vec2 share : {Vec2{0.1, 0.1}, Vec2{0.9, 0.1}, Vec2{0.9, 0.5}, Vec2{0.5, 0.9}})
            clickAt(at(share.x, share.y));
        m_hand->board()->setFocus();
        QTest::keyClick(m_hand->board(), Qt::Key_Backspace);
        clickAt(at(0.1, 0.5));
        QTest::keyClick(m_hand->board(), Qt::Key_Return);
        QCOMPARE(project().elements[0].parts.size(), std::size_t(1));
        QCOMPARE(project().elements[0].parts[0].outline.size(), std::size_t(4));
        QVERIFY(std::abs(project().elements[0].parts[0].outline[2].y - 0.5) < 0.05);
        choose("partForm", 1 + int(rl::Form::Column)); // the new part is in hand
        QCOMPARE(project().elements[0].parts[0].form, rl::Form::Column);
        find<QPushButton>("drawRidge")->click();
        clickAt(at(0.5, 0.2));
        clickAt(at(0.5, 0.6));
        QTest::keyClick(m_hand->board(), Qt::Key_Return);
        QCOMPARE(project().elements[0].ridges.size(), std::size_t(1));
        find<QPushButton>("drawEye")->click();
        clickAt(at(0.5, 0.1));
        QCOMPARE(project().elements[0].eyes.size(), std::size_t(1));
        QTest::keyClick(m_hand->board(), Qt::Key_Escape);
        QVERIFY(!find<QPushButton>("drawEye")->isChecked());
        m_hand->window().grab();
        QVERIFY(settle());
        for (int i = 0; i < 4; ++i)
            undo();
        QVERIFY(project().elements[0].parts.empty() && project().elements[0].eyes.empty());
        find<QPushButton>("drawPart")->click(); // too few points are said, nothing is changed
        clickAt(at(0.5, 0.5));
        m_hand->board()->setFocus();
        QTest::keyClick(m_hand->board(), Qt::Key_Return);
        QVERIFY(project().elements[0].parts.empty());
    }

    void asPhotographedIsOneKeyAway()
    {
        page(3);
        m_hand->board()->setFocus();
        QTest::keyClick(m_hand->board(), Qt::Key_A);
        QVERIFY(find<QPushButton>("asPhotographed")->isChecked());
        QTRY_VERIFY_WITH_TIMEOUT(!study().studied().isNull() && !study().busy(), 20000);
        QTest::keyClick(m_hand->board(), Qt::Key_A);
        QVERIFY(study().studied().isNull());
    }

    void studySheetsAndColoursAreWritten_data()
    {
        QTest::addColumn<QString>("name");
        QTest::newRow("sheets") << "study.pdf";
        QTest::newRow("colours") << "mix.csv";
    }
    void studySheetsAndColoursAreWritten()
    {
        QFETCH(QString, name);
        const QString path = m_hand->file(qPrintable(QString(name)));
        study().writeStudy(path);
        QTRY_VERIFY_WITH_TIMEOUT(!study().busy(), 60000);
        QVERIFY(QFileInfo(path).size() > 60);
    }

    void theFindingsGrowByACloseLook()
    {
        // A spill of nothing is seen by a close look only.
        page(0);
        type("spill", "0");
        const auto told = [&] {
            const auto& r = desk().review;
            return r && std::any_of(r->findings.begin(), r->findings.end(), [](const Finding& f) {
                return f.key == "light.spill";
            });
        };
        QTRY_VERIFY_WITH_TIMEOUT(told(), 30000);
        undo();
        QVERIFY(settle());
        QTRY_VERIFY_WITH_TIMEOUT(!told(), 30000);
    }

    void thePictureIsSavedAndCanBeGivenUp()
    {
        LongJob* saver = m_hand->window().longJob();
        QSignalSpy saved(saver, &LongJob::finished);
        const QString path = m_hand->file(qPrintable(QString("picture.png")));
        saver->savePicture(project(), path, 640);
        QTRY_COMPARE_WITH_TIMEOUT(saved.size(), 1, 60000);
        QCOMPARE(QImage(path).width(), 640);
        const QString given = m_hand->file(qPrintable(QString("given-up.png")));
        saver->savePicture(project(), given, 6000);
        saver->giveUp();
        QTRY_COMPARE_WITH_TIMEOUT(saved.size(), 2, 60000);
        QCOMPARE(saved[1][0].toBool(), false);
        QVERIFY(!QFileInfo::exists(given));
    }

    void closingWhileItWorksIsSafe()
    {
        find<QPushButton>("lookClosely")->click();
        find<QPushButton>("formZones")->click();
        // The window is closed next.
    }
};

RL_TEST(TestLightBench)
#include "tst_light_bench.moc"
