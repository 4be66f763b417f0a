// What the window hears and answers: the desk, the stations, the files, closing, keys.
#include "app/board/board.h"
#include "app/frame/findings_panel.h"
#include "app/frame/guide.h"
#include "app/frame/imports.h"
#include "app/frame/main_window.h"
#include "app/frame/notice_board.h"
#include "app/frame/side_column.h"
#include "app/frame/start_page.h"
#include "app/frame/trail.h"
#include "app/stations/brief/milestones_page.h"
#include "app/stations/gather/wall_page.h"
#include "core/base/words.h"
#include <QBuffer>
#include <QClipboard>
#include <QCloseEvent>
#include <QComboBox>
#include <QGuiApplication>
#include <QInputDialog>
#include <QKeyEvent>
#include <QLineEdit>
#include <QSettings>
#include <QStackedWidget>
#include <QTimer>
#include <QToolButton>

namespace rl::app {

void MainWindow::letGo()
{
    for (Board* board : findChildren<Board*>())
        board->letGo();
    m_desk.actions.letGo();
    m_desk.document.finishGesture();
}

void MainWindow::connectDesk()
{
    connect(&m_desk.document, &Document::ending, this, &MainWindow::letGo);
    connect(&m_desk.document, &Document::saved, this, [this] { m_closeAsked = false; });
    connect(&m_desk.document, &Document::projectChanged, this, &MainWindow::projectChanged);
    connect(&m_desk.document, &Document::workChanged, this, [this] {
        m_previewKept = false;
        m_desk.lit.reset(); // of another work
        m_board->setPicture(std::exchange(m_preview, {}));
        m_board->setWaiting(tr("the picture is being made…"));
        judged();
    });
    connect(&m_desk.light, &LiveLight::lit, this, &MainWindow::take);
    connect(&m_desk, &Desk::reviewed, this, &MainWindow::judged);
    connect(
        &m_desk.light, &LiveLight::reviewed, this, [this](quint64 revision, std::shared_ptr<const review::Review> r) {
            if (revision != m_desk.document.revision())
                return;
            m_desk.take(std::move(r), revision);
            here()->refresh();
            if (!m_previewKept)
                QTimer::singleShot(0, this, &MainWindow::keepPreview);
        });
    connectHeld();
    connectWishes();
    connectMissing();
}

void MainWindow::connectHeld()
{
    connect(&m_desk, &Desk::heldChanged, this, &MainWindow::refresh);
    connect(&m_desk, &Desk::aloneChanged, this, &MainWindow::askLight);
    connect(m_board, &Board::hintChanged, this, [this] {
        if (!m_board->comparing())
            m_desk.tryOut({}); // Esc put the comparison away
    });
    connect(&m_desk, &Desk::trialChanged, this, [this] {
        const auto& trial = m_desk.trial();
        if (trial && m_desk.lit && !m_board->comparing())
            m_board->compare(m_desk.lit->image, tr("as it is"), tr("tried: %1").arg(trial->label));
        else if (!trial)
            m_board->compare({}, {}, {});
        m_side->findings()->setTried(trial ? trial->finding : std::string());
        askLight();
    });
}

void MainWindow::connectWishes()
{
    connect(&m_desk, &Desk::overlayChanged, this, [this] {
        bringToBoard();
        m_board->update();
    });
    connect(&m_desk, &Desk::boardWanted, this, [this] {
        if (Board* board = boardHere())
            board->setFocus();
    });
    connect(&m_desk, &Desk::importWanted, m_imports, &Imports::start);
    connect(&m_desk, &Desk::studyWanted, m_files, &WorkFiles::study);
    connect(&m_desk, &Desk::findWanted, m_files, &WorkFiles::findAgain);
    connect(&m_desk, &Desk::stationWanted, this, [this](int s) { goTo(Station(s)); });
    connect(&m_desk, &Desk::compareWanted, this,
        [this](const QImage& before, const QString& b, const QString& a) { m_board->compare(before, b, a); });
    connect(&m_desk.wall, &WallKeeper::changed, this, [this] {
        if (m_current == Station::Gather || m_current == Station::Brief)
            here()->refresh();
    });
}

void MainWindow::connectStations()
{
    for (const auto& s : m_stations) {
        StationView* view = s.get();
        connect(view, &StationView::broughtChanged, this, [this, view] {
            if (view == here())
                bringToBoard();
        });
        if (Board* own = view->ownBoard()) {
            connect(own, &Board::filesDropped, &m_desk, &Desk::importWanted);
            connect(own, &Board::holdLost, &m_desk.document, &Document::finishGesture);
            connect(own, &Board::viewChanged, this, [this, own] { m_zoom->setText(own->zoomWords()); });
        }
    }
    connect(m_trail, &Trail::stationWanted, this, [this](int i) { goTo(Station(i)); });
    connect(m_board, &Board::filesDropped, &m_desk, &Desk::importWanted);
    connect(m_board, &Board::holdLost, &m_desk.document, &Document::finishGesture);
    connect(m_board, &Board::hintChanged, this, [this] {
        if (boardHere() == m_board)
            here()->setHint(m_board->hint());
    });
    connect(m_board, &Board::viewChanged, this, [this] {
        m_zoom->setText(m_board->zoomWords());
        askLight();
    });
    Plans* plans = m_side->plans();
    connect(plans, &Plans::groundPointed, this, [this](Vec3 at) { here()->current()->pointAt(at); });
    connect(plans, &Plans::enlargeWanted, this, &MainWindow::enlarge);
}

void MainWindow::connectFiles()
{
    connect(m_files, &WorkFiles::opened, this, [this](bool ok) {
        if (ok)
            showStart(false);
        if (!ok && !m_desk.lit)
            m_board->setWaiting(tr("no work is open"));
        emit opened(ok);
    });
    connect(m_start, &StartPage::workWanted, this, &MainWindow::openWork);
    connect(m_start, &StartPage::exampleWanted, m_files, [this](int which) { m_files->openExample(Example(which)); });
    connect(m_start, &StartPage::freshWanted, m_files, [this] { m_files->begin(); });
    connect(m_start, &StartPage::beginWith, this, &MainWindow::beginWith);
    connect(m_start, &StartPage::backWanted, this, [this] {
        if (!m_desk.document.path().isEmpty())
            showStart(false);
    });
    connect(m_files, &WorkFiles::made, this, [this](bool study) {
        if (const QStringList pictures = std::exchange(m_beginWith, {}); !pictures.isEmpty()) {
            goTo(Station::Gather);
            return m_imports->start(pictures);
        }
        goTo(study ? Station::Read : Station::Brief);
        if (study)
            m_desk.notices.say(tr("A study of its own: “%1”. The work you came from is under Work ▸ Open.")
                                   .arg(QFileInfo(m_desk.document.path()).fileName()));
    });
    connect(m_files, &WorkFiles::previewFound, this, [this](const QImage& image) {
        m_preview = image;
        if (m_desk.lit)
            return;
        m_board->setCanvas(image.width() / 10.0, image.height() / 10.0, {1, "cm"}, 200);
        m_board->setPicture(image);
        emit firstPicture();
    });
}

GuideBook* MainWindow::guide()
{
    if (!m_guide)
        m_guide = new GuideBook(m_desk.actions.keysPage(stationName), this);
    return m_guide;
}

void MainWindow::showStart(bool on)
{
    if (on)
        m_start->fill();
    m_zoom->setVisible(!on);
    m_all->setCurrentWidget(on ? static_cast<QWidget*>(m_start) : m_all->widget(0));
    (on ? static_cast<QWidget*>(m_start) : boardHere() ? boardHere() : m_all->widget(0))->setFocus();
}

void MainWindow::beginWith(const QStringList& pictures)
{
    m_beginWith = pictures;
    m_files->begin();
}

void MainWindow::askMilestone()
{
    bool ok = false;
    const QString name = QInputDialog::getText(this, tr("Set a milestone"),
        tr("Every change is saved as it happens. A milestone is a point you can go back to; its name:"),
        QLineEdit::Normal, {}, &ok)
                             .trimmed();
    if (ok && !name.isEmpty())
        station(Station::Brief)->find<MilestonesPage>()->set(name);
}

void MainWindow::bringIn()
{
    goTo(Station::Gather);
    here()->turnToPage<WallPage>()->chooseFiles();
}

void MainWindow::pastePicture()
{
    goTo(Station::Gather);
    here()->turnToPage<WallPage>()->paste();
}

void MainWindow::showNotices()
{
    m_toast->hide();
    m_list->open(m_said->mapToGlobal(QPoint(m_said->width(), m_said->height())));
}

void MainWindow::keepPreview()
{
    if (!m_desk.lit || m_desk.lit->revision != m_desk.document.revision())
        return;
    m_previewKept = true;
    m_desk.document.keepPreview([image = m_desk.lit->image] { // encoded there: it takes a while
        return jpegOf(image.scaledToWidth(900, Qt::FastTransformation), 82);
    });
}

} // namespace rl::app
