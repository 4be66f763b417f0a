// edit_run FILE [--window]: opens a work and edits it through the window's own document, one edit after another, saying
// the number of each once it is made. It goes on until it is killed. With --window the whole window stands around it:
// stations are changed, steps taken back and done again, the picture follows. With --day SEED all that touches files is
// done as well, in an order of that seed: fresh works are begun and named, pictures brought in, milestones set, the
// canvas photographed, copies gone on in, pictures exported. It says "NUMBER MILESTONES PATH" then.
#include "app/frame/imports.h"
#include "app/frame/main_window.h"
#include "app/stations/brief/milestones_page.h"
#include "app/stations/paint/paint_state.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "store/picture_reader.h"
#include "store/stored_picture.h"
#include "tests/kit/tiny.h"
#include <QApplication>
#include <QDir>
#include <QFileInfo>
#include <QRandomGenerator>
#include <QSettings>
#include <QStandardPaths>
#include <QTimer>
#include <QUndoStack>
#include <cstdio>

namespace {
/// The edit of that number: a title that names it, and a place that follows from it.
void editBy(rl::app::Document& document, int n)
{
    rl::Project p = document.project();
    rl::Brief b = p.brief;
    b.title = "edit " + std::to_string(n);
    p = rl::edits::withBrief(std::move(p), b);
    if (!p.elements.empty())
        p = rl::edits::withFoot(std::move(p), p.elements[0].id, {10.0 + n % 7, 33});
    document.edit("Rename", std::move(p));
}

void say(int n)
{
    std::printf("%d\n", n);
    std::fflush(stdout);
}

int runDocument(rl::store::ProjectFile::Opened opened)
{
    rl::app::Document document;
    document.adopt(std::move(opened));
    for (int n = 1; n < 100000; ++n) {
        editBy(document, n);
        document.waitSaved();
        say(n);
    }
    return 0;
}

using namespace rl::app;

void dress()
{
    QStandardPaths::setTestModeEnabled(true);
    QCoreApplication::setOrganizationName("roving-lantern-test");
    QCoreApplication::setApplicationName("edit-run");
    rl::theme::apply(*qApp);
}

/// All that touches files, one thing a beat.
class Day final : public QObject {
public:
    Day(MainWindow& window, const QString& path, quint32 seed)
        : m_window(window)
        , m_folder(QFileInfo(path).absolutePath())
        , m_random(seed)
    {
        Settings s = Settings::read();
        s.worksFolder = m_folder;
        s.keep();
        connect(&m_beat, &QTimer::timeout, this, &Day::beat);
        connect(&window.document(), &Document::workChanged, this, [this] { m_milestones = known(); });
        m_beat.start(2);
    }

private:
    Document& document() { return m_window.document(); }
    int known()
    {
        int count = 0;
        (void)document().saver()->fromWorker([&](rl::store::ProjectFile& f) {
            const auto all = f.milestones();
            count = all ? int(all->size()) : 0;
            return rl::Done{};
        });
        return count;
    }
    rl::Reference photograph()
    {
        const rl::Photo p
            = rl::kit::plain(400 + int(m_random.bounded(200)), 300, {std::uint8_t(m_n), std::uint8_t(m_n / 250), 120});
        return rl::store::referenceOf("canvas", rl::store::pictureFile(p), p.width(), p.height());
    }
    void touchFiles()
    {
        const QString tail = QString::number(m_n) + "-" + QString::number(m_random.generate() % 100000);
        switch (m_random.bounded(8)) {
        case 0: // a fresh work, named at the next edit
            return m_window.files().begin();
        case 1:
            m_window.station(rl::Station::Brief)->find<MilestonesPage>()->set("m" + tail);
            document().waitSaved();
            ++m_milestones;
            return;
        case 2:
            return m_window.imports()->start({m_folder + "/pictures"});
        case 3:
            QDir(m_folder).mkpath("elsewhere");
            return document().continueIn(m_folder + "/elsewhere/copy " + tail + ".lantern");
        case 4: {
            auto& state = PaintState::of(m_window.desk(), *m_window.station(rl::Station::Paint));
            return state.photos.take(photograph());
        }
        case 5:
            return m_window.longJob()->savePicture(document().project(), m_folder + "/out.png", 300);
        case 6:
            return m_window.goTo(rl::Station(m_random.bounded(9)));
        default:
            document().undoStack().undo();
            document().undoStack().redo();
        }
    }
    void beat()
    {
        if (document().path().isEmpty() || m_window.files().opening())
            return;
        if (m_n && m_random.bounded(3) == 0)
            touchFiles();
        if (m_window.files().busy() && m_random.bounded(2))
            return; // sometimes an edit falls into the middle of it
        editBy(document(), ++m_n);
        document().waitSaved();
        std::printf("%d %d %s\n", m_n, m_milestones, qPrintable(document().path()));
        std::fflush(stdout);
    }
    MainWindow& m_window;
    QString m_folder;
    QRandomGenerator m_random;
    QTimer m_beat;
    int m_n = 0, m_milestones = 0;
};

int runDay(const char* path, quint32 seed)
{
    dress();
    MainWindow window;
    window.show();
    const Day day(window, path, seed);
    window.openWork(path);
    return QApplication::exec();
}

int runWindow(const char* path)
{
    dress();
    MainWindow window;
    window.show();
    QTimer beat;
    int n = 0;
    QObject::connect(&beat, &QTimer::timeout, &window, [&] {
        Document& d = window.document();
        if (d.path().isEmpty())
            return;
        editBy(d, ++n);
        if (n % 5 == 0)
            window.goTo(rl::Station(n / 5 % int(allStations().size())));
        if (n % 3 == 0) {
            d.undoStack().undo();
            d.undoStack().redo();
        }
        d.waitSaved();
        say(n);
    });
    window.openWork(path);
    beat.start(1);
    return QApplication::exec();
}
} // namespace

int main(int argc, char** argv)
{
    const bool inWindow = argc == 3 && QByteArray(argv[2]) == "--window",
               allDay = argc == 4 && QByteArray(argv[2]) == "--day";
    if (argc != 2 && !inWindow && !allDay)
        return 2;
    if (allDay) {
        const QApplication app(argc, argv);
        return runDay(argv[1], quint32(QByteArray(argv[3]).toUInt()));
    }
    if (inWindow) {
        const QApplication app(argc, argv);
        return runWindow(argv[1]);
    }
    const QCoreApplication app(argc, argv);
    auto opened = rl::store::ProjectFile::open(argv[1]);
    return opened ? runDocument(opened.take()) : 3;
}
