#include "app/main_window.h"
#include "app/stations/light_station.h"
#include "app/theme/theme.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>

using namespace rl;
using namespace rl::app;

/// What the light station works out when asked, by clicks and keys.
class TestLightBench : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::unique_ptr<MainWindow> m_window;
    std::optional<kit::StationHand> m_hand;

    const Project& project() { return m_window->document().project(); }
    LightStation& light() { return *static_cast<LightStation*>(m_window->station(Station::Light)); }
    template <class T> T* find(const char* name) { return m_hand->find<T>(name); }
    void undo() { m_hand->undo(); }
    void type(const char* field, const QString& words) { m_hand->type(field, words); }
    bool settle() { return m_hand->settle(); }
    double brightness()
    {
        const auto& c = m_window->workbench().lit->picture.colour;
        double sum = 0;
        for (std::size_t i = 0; i < c.size(); ++i)
            sum += double(luminance(c.data()[i]));
        return sum / double(c.size());
    }

private slots:
    void initTestCase()
    {
        QStandardPaths::setTestModeEnabled(true);
        QCoreApplication::setOrganizationName("roving-lantern-test-light");
        theme::apply(*qApp);
        m_window = std::make_unique<MainWindow>();
        m_hand.emplace(*m_window, Station::Light);
        m_window->resize(1280, 800);
        m_window->show();
        QVERIFY(QTest::qWaitForWindowExposed(m_window.get()));
        Project p = kit::postWork(215, 35);
        p.lights.lanterns = {{40, "lamp", true, {1, 1.5, 6}, 0.1, 2200, 2, 1}};
        p.lastId = 50;
        m_window->newWork(m_dir.filePath("post.lantern"), p);
        QTest::keyClick(m_window.get(), Qt::Key_5, Qt::AltModifier);
        QVERIFY(settle());
    }
    void cleanupTestCase() { m_window.reset(); }

    void aTimeOfDayIsABeginning()
    {
        const Sun before = project().lights.sun;
        auto* time = find<QComboBox>("dayTime");
        time->setCurrentIndex(4);
        emit time->activated(4);
        QCOMPARE(project().lights.sun.azimuth, before.azimuth);
        QVERIFY(project().lights.sun.elevation > 50); // noon
        undo();
        QVERIFY(project().lights.sun == before);
    }

    void strengthIsOneThingInThreeWords()
    {
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
        m_window->board()->setFocus();
        QTest::keyClick(m_window->board(), Qt::Key_Z);
        QVERIFY(find<QPushButton>("formZones")->isChecked());
        QTRY_VERIFY_WITH_TIMEOUT(!light().replacement().isNull() && !light().studying(), 20000);
        const QImage six = light().replacement();
        type("zoneSteps", "2");
        QTRY_VERIFY_WITH_TIMEOUT(!light().studying(), 20000);
        QSet<QRgb> greys;
        const QImage two = light().replacement();
        for (int y = 0; y < two.height(); y += 3)
            for (int x = 0; x < two.width(); x += 3)
                greys.insert(two.pixel(x, y));
        QVERIFY(two.size() == six.size() && greys.size() >= 2);
        m_window->board()->setFocus();
        QTest::keyClick(m_window->board(), Qt::Key_Z);
        QVERIFY(light().replacement().isNull());
    }

    void aCloseLookIsToldInWords()
    {
        find<QPushButton>("lookClosely")->click();
        QTRY_VERIFY_WITH_TIMEOUT(!light().studying(), 60000);
        QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("lightLog")->text().contains("Pasted in"), 5000);
    }

    void theSkySaysWhatItCanHold()
    {
        find<QPushButton>("skyArcs")->click();
        QVERIFY(find<QLabel>("lightLog")->text().contains("ainbow"));
        m_window->grab();
        find<QPushButton>("skyArcs")->click();
    }

    void closingWhileItWorksIsSafe()
    {
        find<QPushButton>("lookClosely")->click();
        find<QPushButton>("formZones")->click();
        // The window is closed next.
    }
};

QTEST_MAIN(TestLightBench)
#include "tst_light_bench.moc"
