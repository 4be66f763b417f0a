#include "app/frame/settings_page.h"
#include "app/frame/side_column.h"
#include "core/review/first_steps.h"
#include "tests/kit/made_demo.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QAbstractButton>
#include <QAccessible>
#include <QAction>
#include <QLabel>
#include <QRegularExpression>
#include <QSpinBox>

using namespace rl;
using namespace rl::app;

/// What is set once, the window by day and in the evening, and what the accessibility interface tells.
class TestSettings : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    MainWindow& window() { return hand().window(); }
    QComboBox* box(const char* name) { return window().settings()->findChild<QComboBox*>(name); }
    void choose(const char* name, int i)
    {
        box(name)->setCurrentIndex(i);
        emit box(name)->activated(i);
    }
    static QString told(const QObject* o, QAccessible::Text what)
    {
        QAccessibleInterface* face = QAccessible::queryAccessibleInterface(const_cast<QObject*>(o));
        return face ? face->text(what) : QString();
    }
    /// Everything under a widget the interface would read out.
    static QString readOut(QAccessibleInterface* face)
    {
        QString all = face->text(QAccessible::Name) + " " + face->text(QAccessible::Value) + "\n";
        for (int i = 0; i < face->childCount(); ++i)
            if (QAccessibleInterface* child = face->child(i))
                all += readOut(child);
        return all;
    }

private slots:
    void initTestCase()
    {
        m_hand.emplace(kit::madeDemo());
        QVERIFY(hand().settle());
    }
    void cleanup() // as it was
    {
        QSettings().clear();
        QSettings().setValue("whatNow", false);
        window().settings()->hide();
        window().use(Settings::read());
        window().activateWindow();
        (void)QTest::qWaitForWindowActive(&window());
    }
    void cleanupTestCase()
    {
        m_hand.reset();
        theme::apply(*qApp);
    }

    void wordsStandOutByDayAndInTheEvening_data()
    {
        QTest::addColumn<bool>("evening");
        QTest::newRow("day") << false;
        QTest::newRow("evening") << true;
    }
    /// WCAG 2.2: 4.5 : 1 for words, 3 : 1 for what shows where the keys go.
    void wordsStandOutByDayAndInTheEvening()
    {
        QFETCH(bool, evening);
        const theme::Chrome& c = evening ? theme::kEvening : theme::kDay;
        for (const auto& [on, name] : {std::pair{c.linen, "linen"}, {c.paper, "paper"}, {c.pressed, "pressed"}})
            for (const auto& [words, what] :
                {std::pair{c.ink, "words"}, {c.faint, "faint words"}, {c.accent, "accent"}})
                QVERIFY2(theme::contrast(words, on) >= (what == QString("accent") && on == c.pressed ? 3 : 4.5),
                    qPrintable(QString("%1 on %2: %3").arg(what, name).arg(theme::contrast(words, on))));
        QVERIFY(theme::contrast(c.onStrong, c.strong) >= 4.5 && theme::contrast(c.ink, c.line) >= 4.5);
        QVERIFY(theme::contrast(c.edge, c.linen) >= 3 && theme::contrast(c.edge, c.paper) >= 3);
        QVERIFY(std::abs(theme::contrast(Qt::white, Qt::black) - 21) < 1e-9);
    }

    /// Each pixel row of a bench: words on the ground they are really painted on.
    void theEveningIsDarkAndTheMatsStay()
    {
        QVERIFY(hand().settle());
        hand().go(Station::Stage);
        const auto at = [&](QWidget* w, QPoint p) { return w->grab().toImage().pixelColor(p); };
        const QColor mat = at(hand().board(), {hand().board()->width() / 2, hand().board()->height() - 4});
        choose("settingHour", 1);
        QTest::qWait(50);
        QVERIFY(theme::hour() == theme::Hour::Evening);
        QCOMPARE(at(hand().board(), {hand().board()->width() / 2, hand().board()->height() - 4}), mat);
        const QImage bench = window().here()->bench()->grab().toImage();
        int dark = 0;
        for (int x = 0; x < bench.width(); ++x)
            dark += bench.pixelColor(x, 2).lightness() < 80;
        QVERIFY2(dark > bench.width() * 9 / 10, qPrintable(QString::number(dark)));
        hand().go(Station::Read); // no pale island is left on any bench
        for (const StationSpec& spec : allStations()) {
            window().goTo(spec.id);
            QTest::qWait(40);
            const QImage now = window().here()->bench()->grab().toImage();
            int pale = 0;
            for (int y = 0; y < now.height(); y += 3)
                for (int x = 0; x < now.width(); x += 3)
                    pale += now.pixelColor(x, y).lightness() > 225 && now.pixelColor(x, y).hslSaturation() < 60;
            QVERIFY2(pale < now.width() * now.height() / 9 / 5, qPrintable(spec.key + QString::number(pale)));
        }
        QVERIFY(QSettings().value("chrome") == "evening");
        QTest::keyClick(&window(), Qt::Key_D, Qt::ControlModifier);
        QVERIFY(theme::hour() == theme::Hour::Day);
    }

    void whatIsSetTakesHoldAndIsRemembered()
    {
        window().settings()->open();
        choose("settingHand", 1);
        QTest::qWait(30);
        QVERIFY(window().side()->mapTo(&window(), QPoint()).x() < hand().board()->mapTo(&window(), QPoint()).x());
        window().goTo(Station::Light);
        const QWidget *bench = window().here()->bench(), *first = bench->findChild<QWidget*>("lightPage0"),
                      *second = bench->findChild<QWidget*>("lightPage1"), *names = first->parentWidget();
        const auto leftOf = [bench](const QWidget* w) { return w->mapTo(bench, QPoint()).x(); };
        // The bench begins at the right, and reads as before.
        QTRY_VERIFY(leftOf(names) + names->width() > bench->width() - theme::px(30));
        QVERIFY(leftOf(second) > leftOf(first));
        choose("settingMat", 0);
        QCOMPARE(hand().board()->mat(), 0);
        QTest::keyClick(hand().board(), Qt::Key_N); // the key sets it too
        QCOMPARE(hand().board()->mat(), 1);
        QCOMPARE(window().settings()->settings().mat, 1);
        choose("settingUnit", 1);
        choose("settingPaper", 6);
        window().settings()->findChild<QSpinBox*>("settingText")->setValue(125);
        QCOMPARE(theme::scale(), 1.25);
        const Settings s = Settings::read();
        QVERIFY(s.leftHand && s.unit == LengthUnit::Inch && s.paper == "Letter" && s.textScale == 1.25);
        const Project fresh = s.onFresh(review::freshWork("mine"));
        QVERIFY(fresh.brief.unit == LengthUnit::Inch && fresh.sheets.paper == "Letter");
        choose("settingWhatNow", 0);
        QVERIFY(QSettings().value("whatNow").toBool());
    }

    void hostileSettingsDoNoHarm_data()
    {
        QTest::addColumn<QString>("key");
        QTest::addColumn<QVariant>("value");
        for (const char* key :
            {"unit", "paper", "mat", "chrome", "textScale", "hand", "memoryMb", "diskMb", "worksFolder"})
            for (const QVariant& v :
                {QVariant("nonsense"), QVariant("nan"), QVariant(-1e300), QVariant(1e300), QVariant()})
                QTest::newRow(qPrintable(QString("%1 = %2").arg(key, v.toString()))) << QString(key) << v;
    }
    void hostileSettingsDoNoHarm()
    {
        QFETCH(QString, key);
        QFETCH(QVariant, value);
        QSettings().setValue(key, value);
        const Settings s = Settings::read();
        QVERIFY(s.textScale >= 0.8 && s.textScale <= 2 && s.mat >= 0 && s.mat <= 2);
        QVERIFY(s.memoryMb >= 64 && s.memoryMb <= 8000 && s.diskMb >= 5 && s.diskMb <= 2000);
        QVERIFY(!s.worksFolder.isEmpty() && !s.paper.empty());
    }

    void everyControlHasANameAndTheKeysReachIt()
    {
        QVERIFY(hand().settle());
        QStringList nameless, deaf;
        for (const StationSpec& spec : allStations()) {
            window().goTo(spec.id);
            for (int i = 0; i < window().here()->pageCount(); ++i) {
                hand().page(i);
                QTest::qWait(20);
                for (QWidget* w : window().findChildren<QWidget*>()) {
                    if (!w->isVisible() || qobject_cast<QLineEdit*>(w) || w->inherits("QComboBoxPrivateContainer"))
                        continue;
                    const bool button = qobject_cast<QAbstractButton*>(w), field = qobject_cast<QAbstractSpinBox*>(w),
                               list = qobject_cast<QComboBox*>(w);
                    const bool control = button || field || list || (w->focusPolicy() & Qt::TabFocus);
                    if (control && w->objectName() != "qt_spinbox_lineedit" && !w->inherits("QAbstractScrollArea")
                        && told(w, QAccessible::Name).trimmed().isEmpty())
                        nameless << QString("%1 %2: %3 %4")
                                        .arg(spec.key)
                                        .arg(i)
                                        .arg(w->metaObject()->className(), w->objectName());
                    if ((button || field || list) && w->isEnabled() && !(w->focusPolicy() & Qt::TabFocus)
                        && !w->inherits("QMenuBar") && !w->inherits("QMenuBarExtension"))
                        deaf << QString("%1 %2: %3 %4")
                                    .arg(spec.key)
                                    .arg(i)
                                    .arg(w->metaObject()->className(), w->objectName());
                }
            }
        }
        nameless.removeDuplicates(), deaf.removeDuplicates();
        QVERIFY2(nameless.isEmpty(), qPrintable("without a name:\n" + nameless.join("\n")));
        QVERIFY2(deaf.isEmpty(), qPrintable("not reached by Tab:\n" + deaf.join("\n")));
    }

    /// Where the keys go is seen: a control looks otherwise while it has them.
    void theFocusIsAlwaysSeen()
    {
        QVERIFY(hand().settle());
        QStringList unseen;
        for (const StationSpec& spec : allStations()) {
            window().goTo(spec.id);
            QTest::qWait(30);
            for (QWidget* w : window().here()->bench()->findChildren<QWidget*>()) {
                if (!w->isVisible() || !w->isEnabled() || w->focusProxy()
                    || !(qobject_cast<QAbstractButton*>(w) || qobject_cast<QAbstractSpinBox*>(w)
                        || qobject_cast<QComboBox*>(w)))
                    continue;
                window().setFocus();
                const QImage without = w->grab().toImage();
                w->setFocus(Qt::TabFocusReason);
                if (w->grab().toImage() == without)
                    unseen << spec.key + " " + w->objectName();
            }
        }
        QVERIFY2(unseen.isEmpty(), qPrintable(unseen.join("\n")));
    }

    void findingsAndFiguresAreReadOut()
    {
        QVERIFY(hand().settle());
        hand().go(Station::Light);
        if (!window().side()->isOpen())
            QTest::keyClick(&window(), Qt::Key_G);
        QTRY_VERIFY(window().side()->isOpen());
        QTest::qWait(60);
        const QString all = readOut(QAccessible::queryAccessibleInterface(window().side())).simplified();
        int spoken = 0;
        for (const Finding& f : hand().desk().findings)
            if (f.station == Station::Light) {
                const QString words = QString::fromStdString(f.sentence)
                                          .replace(QString(" %"), QString(QChar(0xa0)) + "%")
                                          .simplified();
                QVERIFY2(all.contains(words) || all.contains(QString::fromStdString(f.sentence)),
                    qPrintable(words + "\n" + all.left(600)));
                ++spoken;
            }
        QVERIFY(spoken > 0);
        // What is painted rather than written tells its figures too.
        static const QRegularExpression figure("[0-9]");
        for (const auto& [station, page, name] : {std::tuple{Station::Read, 2, "silhouettes"},
                 {Station::Mix, 0, "palette"}, {Station::Mix, 0, "recipes"}, {Station::Stage, 7, "takeStrip"},
                 {Station::Stage, 0, "planAbove"}, {Station::Gather, 0, "wall"}, {Station::Gather, 0, "fitChart"},
                 {Station::Brief, 0, "cast"}, {Station::Brief, 1, "clueThreads"}, {Station::Paint, 0, "dayPath"}}) {
            hand().go(station);
            hand().page(page);
            QWidget* painted = nullptr;
            QVERIFY2(QTest::qWaitFor(
                         [&, name = name] {
                             painted = window().findChild<QWidget*>(name);
                             return painted && told(painted, QAccessible::Description).contains(figure);
                         },
                         60000),
                name);
        }
    }
};

RL_TEST(TestSettings)
#include "tst_settings.moc"
