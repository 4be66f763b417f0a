#include "app/application.h"
#include "app/frame/side_column.h"
#include "app/frame/trail.h"
#include "app/stations/page_room.h"
#include "app/theme/words.h"
#include "tests/kit/clipped.h"
#include "tests/kit/made_demo.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QLabel>

using namespace rl;
using namespace rl::app;

/// Nothing moves: what the hand reaches for is where it was, on every page of every station.
class TestStill : public QObject {
    Q_OBJECT
    using Places = std::map<QString, QRect>;

    static QRect placeOf(const MainWindow& window, const QWidget* w)
    {
        return {w->mapTo(&window, QPoint(0, 0)), w->size()};
    }
    static Places placesIn(const MainWindow& window)
    {
        const QWidget* bench = window.here()->bench();
        const QString key = window.here()->spec().key;
        const QWidget* middle = window.boardHere() ? window.boardHere() : window.here()->centre();
        Places p;
        // A station's own board may stand beside something of its station; its upper edge and its foot are the same.
        p["middle"] = window.here()->centre() ? QRect() : placeOf(window, middle);
        p["middle's foot"] = QRect(0, placeOf(window, middle).top(), 1, middle->height());
        p["bench"] = placeOf(window, bench);
        p["pages"] = QRect(placeOf(window, bench->findChild<QWidget*>(key + "Pages")).topLeft(), QSize(1, 1));
        p["first page"] = QRect(placeOf(window, bench->findChild<QWidget*>(key + "Page0")).topLeft(), QSize(1, 1));
        p["reports"] = placeOf(window, bench->findChild<QLabel*>(key + "Says"));
        p["controls"] = placeOf(window, bench->findChild<QScrollArea*>());
        p["findings"] = placeOf(window, window.side());
        p["trail"] = placeOf(window, window.findChild<Trail*>());
        return p;
    }

private slots:
    void cleanup() { theme::speak(*qApp, "en"); }

    void everyPageKeepsItsPlaces_data()
    {
        QTest::addColumn<QString>("language");
        QTest::newRow("English") << "en";
        QTest::newRow("German") << "de";
    }
    void everyPageKeepsItsPlaces()
    {
        QFETCH(QString, language);
        theme::speak(*qApp, language);
        kit::StationHand hand(kit::madeDemo());
        QVERIFY(hand.settle());
        MainWindow& window = hand.window();
        for (const QSize size : {QSize(1280, 800), QSize(1000, 640), QSize(1700, 1000)}) {
            window.resize(size);
            Places first;
            double scale = 0;
            for (const StationSpec& spec : allStations()) {
                window.goTo(spec.id);
                for (int i = 0; i < int(spec.pages.size()); ++i) {
                    hand.page(i);
                    kit::laidOut();
                    QCOMPARE(window.size(), size);
                    const Places now = placesIn(window);
                    if (first.empty())
                        first = now;
                    for (auto& [what, place] : first) {
                        if (what == "middle" && place.isNull())
                            place = now.at(what);
                        QVERIFY2(now.at(what).isNull() || now.at(what) == place,
                            qPrintable(QString("%1 page %2 at %3 x %4: %5 lies at %6,%7 %8x%9")
                                           .arg(spec.key)
                                           .arg(i)
                                           .arg(size.width())
                                           .arg(size.height())
                                           .arg(what)
                                           .arg(now.at(what).x())
                                           .arg(now.at(what).y())
                                           .arg(now.at(what).width())
                                           .arg(now.at(what).height())));
                    }
                    if (window.boardHere() == window.board()) { // and the picture its scale
                        const double px
                            = window.board()->toScreen(Vec2{1, 0}).x() - window.board()->toScreen(Vec2{0, 0}).x();
                        QVERIFY(scale == 0 || px == scale);
                        scale = px;
                    }
                }
            }
            if (size == QSize(1280, 800)) {
                const double share = double(window.board()->width()) * window.board()->height() / (1280.0 * 800);
                QVERIFY2(share >= 0.55, qPrintable(QString::number(share)));
            }
        }
    }

    void whatIsTooHighScrolls()
    {
        kit::StationHand hand(kit::madeDemo());
        hand.window().resize(900, 560);
        hand.go(Station::Light);
        for (int i = 0; i < hand.window().here()->pageCount(); ++i) {
            hand.page(i);
            kit::laidOut();
            auto* room = hand.window().here()->bench()->findChild<QScrollArea*>();
            for (QWidget* field : hand.window().here()->current()->findChildren<QWidget*>()) {
                if (!field->isVisible() || field->focusPolicy() == Qt::NoFocus)
                    continue;
                room->ensureWidgetVisible(field, 0, 0);
                const QRect seen(field->mapTo(room->viewport(), QPoint(0, 0)), field->size());
                QVERIFY2(room->viewport()->rect().intersects(seen) && seen.right() <= room->viewport()->width(),
                    qPrintable(field->objectName()));
            }
        }
    }

    void aWindowFitsItsScreen_data()
    {
        QTest::addColumn<QRect>("screen");
        QTest::addColumn<QRect>("wished");
        QTest::newRow("fresh, large screen") << QRect(0, 0, 1920, 1080) << QRect(100, 100, 1280, 800);
        QTest::newRow("fresh, 1280 x 800 at 125 %") << QRect(0, 0, 1024, 640) << QRect(0, 0, 1280, 800);
        QTest::newRow("fresh, 1280 x 800 at 150 %") << QRect(0, 0, 853, 533) << QRect(0, 0, 1280, 800);
        QTest::newRow("remembered on a screen that is gone") << QRect(0, 0, 1280, 800) << QRect(2600, 300, 1100, 700);
        QTest::newRow("left of the screen") << QRect(1280, 0, 1280, 800) << QRect(-400, -200, 1000, 700);
    }
    void aWindowFitsItsScreen()
    {
        QFETCH(QRect, screen);
        QFETCH(QRect, wished);
        const QRect r = fittedTo(screen, wished);
        QVERIFY(screen.contains(r) && r.height() <= screen.height() - 30);
        QVERIFY(r.width() <= wished.width() && r.height() <= wished.height());
        if (screen.adjusted(2, 32, -2, -2).contains(wished))
            QCOMPARE(r, wished);
    }

    void noWordIsClipped_data()
    {
        QTest::addColumn<QSize>("size");
        QTest::addColumn<double>("text");
        QTest::newRow("1280 x 800") << QSize(1280, 800) << 1.0;
        QTest::newRow("1280 x 800, larger text") << QSize(1280, 800) << 1.25;
    }
    void noWordIsClipped()
    {
        QFETCH(QSize, size);
        QFETCH(double, text);
        theme::apply(*qApp, text);
        kit::StationHand hand(kit::madeDemo());
        theme::apply(*qApp, text);
        hand.window().resize(size);
        QVERIFY(hand.settle());
        QStringList bad;
        for (const StationSpec& spec : allStations()) {
            hand.window().goTo(spec.id);
            for (int i = 0; i < int(spec.pages.size()); ++i) {
                hand.page(i);
                kit::laidOut();
                for (const QString& words : kit::clipped(hand.window()))
                    bad << QString("%1 %2: %3").arg(spec.key).arg(i).arg(words);
            }
        }
        QCOMPARE(hand.window().size(), size);
        theme::apply(*qApp);
        QVERIFY2(bad.isEmpty(), qPrintable(bad.mid(0, 30).join("\n")));
    }

    void theTrailCarriesNineStationsWithLongNames()
    {
        kit::StationHand hand(kit::postWork());
        auto* trail = hand.window().findChild<Trail*>();
        theme::apply(*qApp, 1.25);
        kit::laidOut();
        trail->setNames({"Auftrag", "Sammeln", "Ausschneiden", "Bildraum", "Beleuchtung", "Lesbarkeit", "Farbmischung",
            "Übertragung", "Malplanung"});
        QVERIFY(trail->fits());
        theme::apply(*qApp);
    }
};

RL_TEST(TestStill)
#include "tst_still.moc"
