#include "app/application.h"
#include "app/main_window.h"
#include "app/stations/light_station.h"
#include "app/stations/stage_station.h"
#include "app/theme/theme.h"
#include "demo/demo_work.h"
#include <QAbstractButton>
#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>
#include <QTextStream>
#include <QTimer>

namespace rl::app {

namespace {
/// Nothing thrown may leave an event handler: the work is on the disk already, so one sentence is enough.
class Application final : public QApplication {
public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override
    {
        try {
            return QApplication::notify(receiver, event);
        } catch (const std::exception& e) {
            qWarning("an event could not be handled: %s", e.what());
        } catch (...) {
            qWarning("an event could not be handled");
        }
        return false;
    }
};

/// The demo work in the user's own data folder, made on first use.
Result<QString> demoFile()
{
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
    const QString path = folder + "/low-tide-caravan.lantern";
    if (QFileInfo::exists(path))
        return path;
    QDir().mkpath(folder);
    NoProgress progress;
    const auto project = demo::lowTideCaravan(progress);
    if (!project)
        return project.error();
    const auto made = store::ProjectFile::create(path.toStdString(), *project);
    if (!made)
        return made.error();
    return path;
}

/// A view worth a picture: a station, and what is pressed there for it and afterwards.
struct View {
    Station station;
    const char* name;
    const char* press = nullptr;
    const char* back = nullptr;
};
constexpr View kViews[] = {{Station::Brief, "-brief"}, {Station::Gather, "-gather"},
    {Station::Gather, "b-side-by-side", "sideBySide"}, {Station::Cut, "-cut"},
    {Station::Cut, "b-match", "way4", "way0"}, {Station::Stage, "-stage"},
    {Station::Stage, "b-standins", "stagePage3", "stagePage0"}, {Station::Stage, "c-takes", "stagePage7", "stagePage0"},
    {Station::Light, "-light"}, {Station::Light, "b-zones", "formZones"},
    {Station::Light, "c-air", "lightPage2", "lightPage1"}, {Station::Light, "d-form", "lightPage3", "lightPage1"},
    {Station::Light, "e-study", "lookClosely", "lightPage1"}, {Station::Light, "f-sky", "lightPage0", "lightPage1"},
    {Station::Read, "-read"}, {Station::Carry, "-carry"}};

/// Leaves one picture of every station, then quits.
class Shots final : public QObject {
public:
    Shots(MainWindow& window, const QString& folder)
        : m_window(window)
        , m_folder(folder)
    {
        QDir().mkpath(folder);
        connect(&m_timer, &QTimer::timeout, this, [this] { step(); });
        m_timer.start(60);
    }

private:
    void step()
    {
        if (++m_waited > 2000) // two minutes: something is stuck
            QCoreApplication::exit(2);
        if (!m_window.settled())
            return;
        if (!m_there) {
            const View& v = kViews[m_next];
            m_window.goTo(v.station);
            if (v.press)
                m_window.findChild<QAbstractButton*>(v.press)->click();
            m_there = true;
            m_calm = 0;
            return;
        }
        if (kViews[m_next].station == Station::Stage
            && !static_cast<StageStation*>(m_window.station(Station::Stage))->takes().idle())
            return;
        if (kViews[m_next].station == Station::Light
            && static_cast<LightStation*>(m_window.station(Station::Light))->studying())
            return;
        if (++m_calm < 8 || (kViews[m_next].station == Station::Gather && m_window.workbench().wall.missing() > 0))
            return;
        const View& v = kViews[m_next];
        const QString name = QString("%1%2.png").arg(int(v.station) + 1).arg(v.name);
        m_window.grab().save(m_folder + "/" + name);
        QTextStream(stdout) << m_folder << "/" << name << "\n";
        m_there = false;
        if (v.press) // as it was
            m_window.findChild<QAbstractButton*>(v.back ? v.back : v.press)->click();
        if (++m_next == int(std::size(kViews)))
            QCoreApplication::quit();
    }
    MainWindow& m_window;
    QString m_folder;
    QTimer m_timer;
    int m_next = 0, m_calm = 0, m_waited = 0;
    bool m_there = false;
};
} // namespace

int runWindow(int argc, char** argv)
{
    Application app(argc, argv);
    QCoreApplication::setOrganizationName("roving-lantern");
    QCoreApplication::setApplicationName("roving-lantern");
    QCommandLineParser parser;
    parser.setApplicationDescription("Plan the light of an imagined scene and carry it to the canvas.");
    parser.addHelpOption();
    parser.addPositionalArgument("FILE", "a work (*.lantern)");
    const QCommandLineOption demo("demo", "open the demo work"),
        shots("shots", "leave a picture of every station in DIR and quit", "DIR");
    parser.addOptions({demo, shots});
    parser.process(app);
    theme::apply(app);
    MainWindow window;
    window.resize(1280, 800);
    if (!parser.isSet(shots))
        window.restoreGeometry(QSettings().value("windowGeometry").toByteArray());
    window.show();
    QString file = parser.positionalArguments().value(0);
    if (file.isEmpty() && !parser.isSet(demo))
        file = QSettings().value("lastWork").toString();
    if (file.isEmpty() || !QFileInfo::exists(file)) {
        const auto made = demoFile();
        if (!made) {
            QTextStream(stderr) << "roving-lantern: " << QString::fromStdString(made.error().sentence) << "\n";
            return 2;
        }
        file = *made;
    }
    window.openWork(file);
    std::unique_ptr<Shots> taker;
    if (parser.isSet(shots)) {
        taker = std::make_unique<Shots>(window, parser.value(shots));
        QObject::connect(&window, &MainWindow::opened, &app, [](bool ok) {
            if (!ok)
                QCoreApplication::exit(2);
        });
    }
    return app.exec();
}

} // namespace rl::app
