#include "app/main_window.h"
#include "app/jobs.h"
#include "app/stations/brief_station.h"
#include "app/stations/carry_station.h"
#include "app/stations/cut_station.h"
#include "app/stations/gather_station.h"
#include "app/stations/light_station.h"
#include "app/stations/read_station.h"
#include "app/stations/stage_station.h"
#include "app/theme/theme.h"
#include "core/light/presets.h"
#include "core/project/edits.h"
#include "output/sheets.h"
#include <QBuffer>
#include <QCloseEvent>
#include <QDir>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLabel>
#include <QMenuBar>
#include <QMessageBox>
#include <QProgressBar>
#include <QPushButton>
#include <QSettings>
#include <QShortcut>
#include <QStackedWidget>
#include <QTimer>
#include <QtConcurrent>

namespace rl::app {

MainWindow::MainWindow()
    : m_wall(m_document)
    , m_work(m_document, m_light, m_wall)
    , m_importer(m_document)
    , m_trail(new Trail)
    , m_board(new Board)
    , m_centre(new QStackedWidget)
    , m_benches(new QStackedWidget)
    , m_findings(new FindingsPanel)
    , m_notice(new QLabel)
    , m_zoom(new QLabel)
    , m_bar(new QProgressBar)
    , m_stop(new QPushButton(tr("Stop")))
    , m_saver(new PictureSaver(m_work))
{
    setWindowTitle("Roving Lantern");
    m_centre->addWidget(m_board);
    m_stations = {new BriefStation(m_work), new GatherStation(m_work), new CutStation(m_work), new StageStation(m_work),
        new LightStation(m_work), new ReadStation(m_work), new CarryStation(m_work)};
    for (StationView* s : m_stations) {
        s->setParent(this);
        m_benches->addWidget(s->bench());
        if (s->centre())
            m_centre->addWidget(s->centre());
    }
    auto* strip = new QHBoxLayout;
    strip->setContentsMargins(16, 0, 12, 3);
    m_notice->setObjectName("notice");
    m_notice->setWordWrap(false);
    m_notice->setMinimumWidth(100);
    m_notice->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    m_zoom->setProperty("role", "hint");
    m_bar->setMaximumWidth(200);
    m_bar->hide();
    m_stop->hide();
    strip->addWidget(m_notice, 1);
    strip->addWidget(m_bar);
    strip->addWidget(m_stop);
    strip->addWidget(m_saver);
    strip->addWidget(m_zoom);
    auto* middle = new QHBoxLayout;
    middle->setSpacing(0);
    middle->addWidget(m_centre, 1);
    middle->addWidget(m_findings);
    auto* body = new QWidget;
    auto* layout = new QVBoxLayout(body);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_trail);
    layout->addLayout(middle, 1);
    layout->addWidget(m_benches);
    layout->addLayout(strip);
    setCentralWidget(body);
    buildMenus();

    connect(m_trail, &Trail::stationWanted, this, [this](int i) { goTo(Station(i)); });
    connect(&m_document, &Document::projectChanged, this, &MainWindow::projectChanged);
    connect(&m_document, &Document::failed, this, &MainWindow::notice);
    connect(&m_light, &LiveLight::lit, this, &MainWindow::take);
    connect(&m_light, &LiveLight::reviewed, this, [this](quint64 revision, std::shared_ptr<const review::Review> r) {
        if (revision != m_document.revision())
            return;
        m_work.review = std::move(r);
        refreshAll();
        if (!m_previewKept)
            QTimer::singleShot(0, this, &MainWindow::keepPreview);
    });
    connect(&m_work, &Workbench::heldChanged, this, [this] {
        m_stations[std::size_t(m_current)]->refresh();
        m_board->update();
    });
    connect(&m_work, &Workbench::aloneChanged, this, &MainWindow::askLight);
    connect(&m_work, &Workbench::notice, this, &MainWindow::notice);
    connect(&m_work, &Workbench::importWanted, this, [this](const QStringList& f) {
        if (m_importer.running())
            return notice(tr("Pictures are still coming in; wait for them, or stop."));
        m_importGesture = m_document.freshGesture(), m_fresh = m_known = 0;
        m_importer.start(f);
    });
    connect(&m_work, &Workbench::studyWanted, this, &MainWindow::study);
    connect(&m_importer, &Importer::arrived, this, &MainWindow::arrived, Qt::QueuedConnection);
    connect(&m_wall, &WallKeeper::changed, this, [this] {
        if (m_current == Station::Gather)
            m_stations[std::size_t(Station::Gather)]->refresh();
    });
    connect(&m_work, &Workbench::cutWanted, this, [this](int id) {
        m_work.holdReference(id);
        goTo(Station::Cut);
    });
    for (StationView* s : m_stations) {
        connect(s, &StationView::benchResized, this, [this, s] {
            if (m_stations[std::size_t(m_current)] == s)
                m_benches->setFixedHeight(s->benchHeight());
        });
        connect(s, &StationView::overlayChanged, m_board, [this] { m_board->update(); });
    }
    connect(m_board, &Board::filesDropped, &m_work, [this](const QStringList& f) { emit m_work.importWanted(f); });
    connect(m_board, &Board::viewChanged, this, [this] {
        m_zoom->setText(m_board->zoomWords());
        askLight();
    });
    connect(
        &m_importer, &Importer::progressed, this,
        [this](int done, int all) {
            m_bar->setRange(0, all);
            m_bar->setValue(done);
            m_bar->setFormat(tr("bringing in %1 of %2").arg(done + 1).arg(all));
            m_bar->setVisible(all > 1);
            m_stop->setVisible(all > 1);
        },
        Qt::QueuedConnection);
    connect(&m_importer, &Importer::finished, this, &MainWindow::imported);
    connect(m_stop, &QPushButton::clicked, &m_importer, &Importer::cancel);
    connect(m_findings, &FindingsPanel::showWanted, this, [this](const Finding& f) {
        if (m_centre->currentWidget() != m_board)
            goTo(Station::Stage);
        if (f.element)
            m_work.holdElement(f.element);
        m_board->flash(f.place);
    });
    connect(m_findings, &FindingsPanel::fixWanted, this, [this](const Finding& f) {
        Project after = m_document.project();
        f.fix->apply(after);
        repair(after);
        m_document.edit(QString::fromStdString(f.fix->label), std::move(after));
    });
    connect(m_findings, &FindingsPanel::setAsideWanted, this, &MainWindow::setAside);
    goTo(Station::Stage);
    resize(1280, 800);
}

MainWindow::~MainWindow()
{
    // The stations' workers look at the document and its light: they end first.
    m_board->setGuest(nullptr);
    for (QObject* from : std::initializer_list<QObject*>{&m_document, &m_light, &m_wall, &m_work})
        from->disconnect(this);
    for (StationView* s : m_stations)
        delete s;
    delete m_saver;
    m_stations.clear();
}

bool MainWindow::settled() const
{
    return !m_opening && m_light.idle() && m_work.lit && m_work.lit->revision == m_document.revision() && m_work.review;
}

void MainWindow::buildMenus()
{
    addWorkActions();
    addEditActions();
    addViewActions();
}

void MainWindow::addWorkActions()
{
    QMenu* menu = menuBar()->addMenu(tr("&Work"));
    menu->addAction(tr("&New work…"), QKeySequence::New, this, &MainWindow::askNewWork);
    menu->addAction(tr("&Open a work…"), QKeySequence::Open, this, &MainWindow::askOpenWork);
    menu->addAction(tr("Save a &copy…"), QKeySequence::SaveAs, this, &MainWindow::askSaveCopy);
    menu->addAction(tr("Save the &picture…"), QKeySequence("Ctrl+E"), this, &MainWindow::askSavePicture);
    menu->addAction(tr("Set a &milestone…"), QKeySequence::Save, this, &MainWindow::askMilestone);
    menu->addSeparator();
    menu->addAction(tr("&Bring in pictures…"), QKeySequence("Ctrl+I"), this, [this] {
        goTo(Station::Gather);
        m_stations[1]->bench()->findChild<QPushButton*>("bringPictures")->click();
    });
    menu->addAction(tr("&Leave"), QKeySequence::Quit, this, &QWidget::close);
}

void MainWindow::addEditActions()
{
    QMenu* menu = menuBar()->addMenu(tr("&Edit"));
    QAction* undo = m_document.undoStack().createUndoAction(this, tr("Take back:"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = m_document.undoStack().createRedoAction(this, tr("Do again:"));
    redo->setShortcuts({QKeySequence("Ctrl+Y"), QKeySequence("Ctrl+Shift+Z")});
    menu->addAction(undo);
    menu->addAction(redo);
    menu->addSeparator();
    menu->addAction(tr("&Paste a picture"), QKeySequence::Paste, this, [this] {
        goTo(Station::Gather);
        for (auto* b : m_stations[1]->bench()->findChildren<QPushButton*>())
            if (b->text() == tr("Paste"))
                b->click();
    });
}

void MainWindow::addViewActions()
{
    QMenu* go = menuBar()->addMenu(tr("&Go to"));
    for (int i = 0; i < kStationCount; ++i)
        go->addAction(
            stationName(i), QKeySequence(QString("Alt+%1").arg(i + 1)), this, [this, i] { goTo(Station(i)); });
    QMenu* view = menuBar()->addMenu(tr("&View"));
    view->addAction(tr("The whole canvas\tF"), m_board, &Board::fit);
    view->addAction(tr("Life size\t1"), m_board, &Board::zoomLifeSize);
    view->addAction(tr("As seen from the viewing distance\t2"), m_board, &Board::zoomAsSeen);
    view->addAction(tr("Another mat\tN"), m_board, &Board::nextMat);
    QMenu* help = menuBar()->addMenu(tr("&Help"));
    help->addAction(tr("&Keys"), QKeySequence::HelpContents, this, [this] {
        QMessageBox::information(this, tr("Keys"),
            tr("Alt+1 … Alt+7: the stations. Ctrl+Z, Ctrl+Y: take back, do again.\n\n"
               "On the board: hold P for the plain picture, O mirrored, Q with half-closed eyes. F all of it, 1 life "
               "size, 2 as seen from afar, + and - zoom, N another mat.\n\n"
               "Cut: click points, Enter closes and cuts, C curved, H a hole, Backspace a point back, Delete the held "
               "point, Esc drops the thread.\n\n"
               "Stage: arrows move by 1 mm, Shift+arrows by 1 cm, Page Up and Down lift by 10 cm, with Shift by 1 m, [ "
               "and ] turn by 5°, M mirrors, Delete takes away; "
               "drag with Shift to keep the depth, with Alt to leave the group behind; Ctrl+click ties to another. "
               "While drawing: Enter ends, C bends, "
               "Backspace takes a point back, Esc drops it.\n\n"
               "Light: arrows carry the lantern by 10 cm, Shift by 1 m, Page Up and Down away and near, L hangs "
               "another, Z shows the form zones; Shift-drag carries it in depth."));
    });
}

void MainWindow::goTo(Station which)
{
    m_current = which;
    if (which != Station::Light)
        m_work.setAlone(0);
    StationView* s = m_stations[std::size_t(which)];
    m_trail->setCurrent(int(which));
    m_benches->setCurrentWidget(s->bench());
    m_benches->setFixedHeight(s->benchHeight());
    m_centre->setCurrentWidget(s->centre() ? s->centre() : m_board);
    m_board->setGuest(s);
    m_zoom->setVisible(!s->centre());
    s->refresh();
    if (m_work.review)
        m_findings->show(m_work.review->findings, int(which));
    m_centre->currentWidget()->setFocus();
}

void MainWindow::projectChanged()
{
    const Brief& b = m_document.project().brief;
    const bool inch = b.unit == LengthUnit::Inch;
    const double unit = inch ? 2.54 : 1;
    m_board->setCanvas(b.widthCm, b.heightCm, {unit, inch ? "in" : "cm"}, b.viewingDistanceCm);
    m_trail->setTitle(b.title.empty() ? tr("Untitled work") : QString::fromStdString(b.title),
        QString("%1 × %2 %3 · %4%5")
            .arg(b.widthCm / unit, 0, 'f', 1)
            .arg(b.heightCm / unit, 0, 'f', 1)
            .arg(inch ? "in" : "cm", QString::fromStdString(b.medium),
                m_document.readOnly() ? tr(" · reading only") : QString()));
    setWindowTitle(QString("%1 — Roving Lantern").arg(QString::fromStdString(b.title)));
    m_stations[std::size_t(m_current)]->refresh();
    askLight();
}

void MainWindow::askLight()
{
    if (!m_opening && !m_document.path().isEmpty()) {
        Project shown = m_document.project();
        shown.lights = light::alone(shown.lights, m_work.alone());
        const bool all = shown.lights == m_document.project().lights;
        m_light.ask(shown, m_document.revision(), m_board->wantedWidthPx(), all);
    }
}

void MainWindow::take(std::shared_ptr<const LitWork> lit)
{
    const bool first = !m_work.lit;
    m_work.lit = std::move(lit);
    m_board->setPicture(m_work.lit->image);
    if (first)
        emit firstPicture();
    if (m_current == Station::Light)
        static_cast<LightStation*>(m_stations[std::size_t(m_current)])->follow();
    else if (m_current != Station::Stage)
        m_stations[std::size_t(m_current)]->refresh();
}

void MainWindow::refreshAll()
{
    m_trail->setFindings(m_work.review->findings);
    m_findings->show(m_work.review->findings, int(m_current));
    m_stations[std::size_t(m_current)]->refresh();
    m_board->update();
}

void MainWindow::openWork(const QString& path)
{
    m_opening = true;
    const auto preview = store::ProjectFile::previewOf(path.toStdString());
    QImage image;
    if (!preview.empty() && image.loadFromData(preview.data(), int(preview.size())) && !m_work.lit) {
        m_board->setCanvas(image.width() / 10.0, image.height() / 10.0, {1, "cm"}, 200);
        m_board->setPicture(image);
        emit firstPicture();
    }
    using Outcome = std::shared_ptr<Result<store::ProjectFile::Opened>>;
    auto* watcher = new QFutureWatcher<Outcome>(this);
    connect(watcher, &QFutureWatcherBase::finished, this, [this, watcher] {
        const Outcome outcome = watcher->result();
        watcher->deleteLater();
        m_opening = false;
        if (!*outcome) {
            notice(QString::fromStdString(outcome->error().sentence));
            emit opened(false);
            return;
        }
        auto opened = outcome->take();
        const QString note = QString::fromStdString(opened.note);
        m_work.review.reset();
        m_previewKept = false;
        m_document.adopt(std::move(opened));
        QSettings().setValue("lastWork", m_document.path());
        notice(note);
        emit this->opened(true);
    });
    watcher->setFuture(QtConcurrent::run(jobs(), [path] {
        return std::make_shared<Result<store::ProjectFile::Opened>>(store::ProjectFile::open(path.toStdString()));
    }));
}

void MainWindow::newWork(const QString& path, Project project)
{
    m_work.review.reset();
    const auto made = m_document.makeNew(path, std::move(project));
    if (!made)
        return notice(QString::fromStdString(made.error().sentence));
    QSettings().setValue("lastWork", m_document.path());
    goTo(Station::Brief);
}

void MainWindow::askNewWork()
{
    const QString path = QFileDialog::getSaveFileName(
        this, tr("A new work"), QDir::homePath() + "/" + tr("untitled.lantern"), tr("Works (*.lantern)"));
    if (path.isEmpty())
        return;
    Project p;
    p.brief.title = QFileInfo(path).completeBaseName().toStdString();
    p.camera.horizonCm = 0.45 * p.brief.heightCm;
    newWork(path, std::move(p));
}

void MainWindow::askOpenWork()
{
    const QString folder = QFileInfo(QSettings().value("lastWork").toString()).absolutePath();
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a work"), folder, tr("Works (*.lantern)"));
    if (!path.isEmpty())
        openWork(path);
}

void MainWindow::askSaveCopy()
{
    const QString path
        = QFileDialog::getSaveFileName(this, tr("Save a copy"), m_document.path(), tr("Works (*.lantern)"));
    if (path.isEmpty())
        return;
    const auto saved = m_document.saveCopy(path);
    notice(saved ? tr("You now work in %1.").arg(path) : QString::fromStdString(saved.error().sentence));
}

void MainWindow::askSavePicture()
{
    QSettings settings;
    const QString folder = settings.value("lastPictureFolder", QDir::homePath()).toString();
    QString path = QFileDialog::getSaveFileName(
        this, tr("Save the picture"), folder + "/" + tr("picture.png"), tr("Pictures (*.png)"));
    if (path.isEmpty())
        return;
    settings.setValue("lastPictureFolder", QFileInfo(path).absolutePath());
    if (!path.endsWith(".png", Qt::CaseInsensitive))
        path += ".png";
    bool ok = false;
    const int width = QInputDialog::getInt(this, tr("Save the picture"), tr("Pixels across the canvas:"),
        output::printWidthPx(m_document.project()), 16, 12000, 100, &ok);
    if (ok)
        m_saver->save(m_document.project(), path, width);
}

void MainWindow::askMilestone()
{
    bool ok = false;
    const QString name = QInputDialog::getText(this, tr("Set a milestone"),
        tr("Every change is saved as it happens. A milestone is a point you can go back to; its name:"),
        QLineEdit::Normal, {}, &ok);
    if (!ok || name.trimmed().isEmpty())
        return;
    const auto done = m_document.addMilestone(name.trimmed());
    notice(done ? tr("Milestone “%1” is set.").arg(name.trimmed()) : QString::fromStdString(done.error().sentence));
}

void MainWindow::arrived(std::vector<Arrival> pictures)
{
    Project after = m_document.project();
    int held = 0;
    for (Arrival& a : pictures) {
        m_wall.keepSmall(a.reference.sha256, a.small);
        const auto same = [&](const Reference& x) { return x.sha256 == a.reference.sha256; };
        const auto found = std::find_if(after.references.begin(), after.references.end(), same);
        if (found != after.references.end()) {
            ++m_known;
            held = found->id;
            continue;
        }
        after = edits::withReference(std::move(after), std::move(a.reference));
        held = after.references.back().id;
        ++m_fresh;
    }
    if (after.references.size() > m_document.project().references.size()) {
        m_document.edit(tr("Bring in pictures"), std::move(after), m_importGesture);
        m_document.finishGesture();
    }
    if (held)
        m_work.holdReference(held);
}

void MainWindow::imported(const QStringList& problems, bool cancelled)
{
    m_bar->hide();
    m_stop->hide();
    QStringList words;
    if (m_fresh > 0)
        words << (m_fresh == 1 ? tr("One picture came in.") : tr("%1 pictures came in.").arg(m_fresh));
    if (m_known > 0)
        words << tr("%1 hung on the wall already.").arg(m_known);
    if (cancelled)
        words << tr("Stopped; what had come in stays.");
    words << problems.mid(0, 4);
    if (problems.size() > 4)
        words << tr("And %1 more could not be read.").arg(problems.size() - 4);
    notice(words.join("  "));
}

void MainWindow::study(int reference)
{
    const Reference* r = m_document.project().reference(reference);
    if (!r || m_document.path().isEmpty())
        return;
    const gather::PictureMeasure* m = m_wall.measure(reference);
    Project p = edits::studyOf(*r, m && m->eyeConfidence >= 0.25 ? m->eyeLevel : 0.5);
    const QFileInfo here(m_document.path());
    QString path;
    for (int i = 0; path.isEmpty() || QFileInfo::exists(path); ++i)
        path
            = here.dir().filePath(tr("study of %1%2.lantern")
                                      .arg(QString::fromStdString(r->name), i ? QString(" %1").arg(i + 1) : QString()));
    newWork(path, std::move(p));
    goTo(Station::Read);
    notice(
        tr("A study of its own: “%1”. The work you came from is under Work ▸ Open.").arg(QFileInfo(path).fileName()));
}

void MainWindow::setAside(const Finding& f)
{
    bool ok = false;
    const QString reason = QInputDialog::getText(this, tr("Set aside"),
        QString::fromStdString(f.sentence) + "\n\n" + tr("You decide. Your reason:"), QLineEdit::Normal, {}, &ok);
    if (ok)
        m_document.edit(
            tr("Set a finding aside"), edits::withSetAside(m_document.project(), f.key, reason.toStdString()));
}

void MainWindow::notice(const QString& sentence)
{
    m_notice->setText(sentence);
    m_notice->setToolTip(sentence);
}

void MainWindow::keepPreview()
{
    if (!m_work.lit || m_work.lit->revision != m_document.revision())
        return;
    m_previewKept = true;
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    m_work.lit->image.scaledToWidth(900, Qt::FastTransformation).save(&buffer, "JPG", 82);
    m_document.keepPreview({bytes.begin(), bytes.end()});
}

void MainWindow::closeEvent(QCloseEvent* e)
{
    m_document.finishGesture();
    m_document.waitSaved();
    keepPreview();
    QSettings().setValue("windowGeometry", saveGeometry());
    e->accept();
}

} // namespace rl::app
