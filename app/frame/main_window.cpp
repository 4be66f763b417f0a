#include "app/frame/main_window.h"
#include "app/board/board.h"
#include "app/frame/findings_hand.h"
#include "app/frame/imports.h"
#include "app/frame/notice_board.h"
#include "app/frame/over_board.h"
#include "app/frame/side_column.h"
#include "app/frame/start_page.h"
#include "app/frame/trail.h"
#include "app/frame/what_now.h"
#include "app/theme/theme.h"
#include "core/light/presets.h"
#include <QBuffer>
#include <QCloseEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenuBar>
#include <QSettings>
#include <QStackedWidget>
#include <QThreadPool>
#include <QToolButton>

namespace rl::app {

MainWindow::MainWindow()
    : m_longJob(new LongJob(m_desk.jobs, m_desk.surfaces()))
    , m_files(new WorkFiles(m_desk, *m_longJob, this))
    , m_imports(new Imports(m_desk))
    , m_trail(new Trail)
    , m_board(new Board)
    , m_side(new SideColumn(m_desk))
    , m_all(new QStackedWidget)
    , m_centre(new QStackedWidget)
    , m_benches(new QStackedWidget)
    , m_start(new StartPage)
    , m_menus(new QMenuBar)
    , m_zoom(new QLabel)
    , m_said(new QToolButton)
    , m_list(new NoticeList(m_desk.notices, this))
    , m_hand(new FindingsHand(*this))
    , m_missing(m_desk)
    , m_outline(m_desk)
    , m_facts(m_desk)
{
    setWindowTitle("Roving Lantern");
    m_centre->addWidget(m_board);
    for (const StationSpec& spec : allStations()) {
        m_stations.push_back(std::make_unique<StationView>(m_desk, spec));
        m_benches->addWidget(m_stations.back()->bench());
        if (QWidget* own = m_stations.back()->centre())
            m_centre->addWidget(own);
    }
    layOut();
    addWindowActions(*this);
    addBoardActions(*this);
    makeMenus(*this);
    connectDesk();
    connectStations();
    connectFiles();
    dress(Settings::read());
    followMats();
    m_board->setWaiting(tr("no work is open"));
    goTo(Station::Stage);
    resize(1280, 800);
}

MainWindow::~MainWindow()
{
    // The stations' workers look at the document and its light: they are stopped and waited for first.
    for (Board* board : findChildren<Board*>()) {
        board->letGo();
        board->disconnect(); // it is hidden last, and tells of what its hand lets go
        board->setTools({});
        board->setOverlays({});
        board->setLook({});
    }
    for (QObject* from : std::initializer_list<QObject*>{&m_desk, &m_desk.document, &m_desk.light, &m_desk.wall})
        from->disconnect();
    delete m_whatNow;
    m_over->bring(nullptr);
    m_stations.clear();
    delete m_files;
    delete m_imports;
    delete m_longJob;
    poolOf(Lane::Quick)->waitForDone();
    poolOf(Lane::Long)->waitForDone();
    WorkSession::waitForEndings();
    delete takeCentralWidget(); // while the desk it looks at is there
}

void MainWindow::layOut()
{
    m_middle = new QHBoxLayout;
    m_middle->setSpacing(0);
    m_middle->addWidget(m_centre, 1);
    m_middle->addWidget(m_side);
    auto* body = new QWidget;
    auto* layout = new QVBoxLayout(body);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_trail);
    layout->addLayout(m_middle, 1);
    layout->addWidget(m_benches);
    m_all->addWidget(body);
    m_all->addWidget(m_start);
    setCentralWidget(m_all);
    m_whatNow = new WhatNow(*this, m_centre);
    m_over = new OverBoard(m_centre);
    m_toast = new NoticeToast(m_desk.notices, m_centre);
    connect(m_toast, &NoticeToast::listWanted, this, &MainWindow::showNotices);
    m_menus->setNativeMenuBar(false);
    m_top = new QWidget;
    auto* top = new QHBoxLayout(m_top);
    top->setContentsMargins(0, 0, 0, 0);
    top->addWidget(m_menus);
    top->addStretch(1);
    top->addWidget(corner());
    setMenuWidget(m_top);
}

QWidget* MainWindow::corner()
{
    auto* corner = new QWidget;
    auto* row = new QHBoxLayout(corner);
    row->setContentsMargins(0, 0, 8, 0);
    m_zoom->setObjectName("zoomWords");
    m_zoom->setProperty("role", "hint");
    m_zoom->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    m_zoom->setMinimumWidth(theme::px(230)); // words of any zoom: nothing jumps
    m_said->setObjectName("saidButton");
    m_said->setFocusPolicy(Qt::TabFocus);
    m_said->setAutoRaise(true);
    m_said->setToolTip(tr("All messages so far"));
    connect(m_said, &QToolButton::clicked, this, &MainWindow::showNotices);
    const auto count = [this] {
        const int unread = m_desk.notices.unread();
        m_said->setText(unread ? tr("Notices (%1)").arg(unread) : tr("Notices"));
    };
    connect(&m_desk.notices, &Notices::changed, this, count);
    count();
    for (QWidget* w : std::initializer_list<QWidget*>{m_imports, m_longJob, m_zoom, m_said})
        row->addWidget(w);
    return corner;
}

Board* MainWindow::boardHere() const
{
    return here()->ownBoard() ? here()->ownBoard() : here()->centre() ? nullptr : m_board;
}

bool MainWindow::settled() const
{
    return !m_files->busy() && m_desk.light.idle() && m_desk.lit && m_desk.lit->revision == m_desk.document.revision()
        && m_desk.known();
}

void MainWindow::goTo(Station which)
{
    const bool other = which != m_current;
    letGo();
    if (other)
        here()->leave();
    m_desk.tryOut({});
    if (m_board->comparing())
        m_board->compare({}, {}, {});
    m_board->putAway();
    enlarge(nullptr);
    m_current = which;
    if (which != Station::Light)
        m_desk.setAlone(0);
    StationView* s = here();
    m_trail->setCurrent(int(which));
    m_benches->setCurrentWidget(s->bench());
    m_centre->setCurrentWidget(s->centre() ? s->centre() : m_board);
    s->turnTo(s->page());
    m_whatNow->place();
    m_zoom->setText(boardHere() ? boardHere()->zoomWords() : QString());
    judged();
    if (QWidget* heard = boardHere() ? boardHere() : s->centre())
        heard->setFocus();
}

void MainWindow::bringToBoard()
{
    StationView* s = here();
    m_side->setStation(s->spec(), !s->current()->tall(), s->current()->beside());
    m_over->bring(m_bare || m_large ? nullptr : s->panel());
    const Pointing pointing = s->current()->pointing();
    m_side->plans()->setPointing(pointing.on, pointing.places);
    Board* board = boardHere();
    if (!board)
        return;
    s->bring(*board);
    if (board == m_board) {
        auto overlays = s->current()->overlays();
        overlays.push_back(&m_missing);
        overlays.push_back(&m_outline);
        m_facts.setOn(s->spec().making());
        overlays.push_back(&m_facts);
        board->setOverlays(std::move(overlays));
    }
}

void MainWindow::fitBench()
{
    const int high = std::clamp(height() * 22 / 100, theme::px(172), theme::px(280));
    if (high != m_benches->height())
        m_benches->setFixedHeight(high);
}

void MainWindow::enlarge(GroundPlan* plan)
{
    const bool back = !plan || plan == m_large;
    m_over->bring(back && !m_bare ? here()->panel() : nullptr);
    if (m_large) {
        m_centre->removeWidget(m_large);
        m_large = nullptr;
        m_side->plans()->takeBack();
    }
    if (!back) {
        m_large = plan;
        m_centre->addWidget(plan);
        m_centre->setCurrentWidget(plan);
        plan->setFocus();
    } else {
        m_centre->setCurrentWidget(here()->centre() ? here()->centre() : m_board);
    }
}

void MainWindow::setBare(bool on)
{
    if (std::exchange(m_bare, on) == on)
        return;
    enlarge(nullptr);
    m_centre->setCurrentWidget(on || !here()->centre() ? m_board : here()->centre());
    for (QWidget* w : std::initializer_list<QWidget*>{m_top, m_trail, m_side, m_benches})
        w->setVisible(!on);
    m_whatNow->follow();
    m_over->bring(on ? nullptr : here()->panel());
    m_board->setBare(on);
    m_board->setFocus();
}

} // namespace rl::app
