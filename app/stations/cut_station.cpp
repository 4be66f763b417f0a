#include "app/stations/cut_station.h"
#include "app/jobs.h"
#include "app/theme/theme.h"
#include "core/colour/srgb.h"
#include "core/cutout/patch.h"
#include "core/project/edits.h"
#include "store/stored_picture.h"
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QtConcurrent>

namespace rl::app {

namespace {
cutout::Wanted wantedOf(const Cutout& c)
{
    cutout::Wanted wanted;
    for (const Outline& o : c.pieces) {
        cutout::Loop loop;
        loop.hole = o.hole;
        for (const OutlinePoint& p : o.points)
            loop.nodes.push_back({p.at, p.curved});
        wanted.loops.push_back(std::move(loop));
    }
    wanted.strokes = c.strokes;
    for (const PlainGround& g : c.grounds)
        wanted.grounds.emplace_back(g.at, g.tolerance);
    return wanted;
}

} // namespace

CutStation::~CutStation()
{
    m_giveUp = true;
    m_watcher.waitForFinished();
    m_patching.waitForFinished();
    m_judging.waitForFinished();
    m_loading.waitForFinished();
    m_toning.waitForFinished();
}

void CutStation::connectAll()
{
    connect(m_which, &QComboBox::activated, this, [this] { work.holdReference(m_which->currentData().toInt()); });
    connect(m_cut, &QPushButton::clicked, this, &CutStation::runCut);
    connect(m_clear, &QPushButton::clicked, this, [this] {
        m_pieces.clear();
        m_grounds.clear();
        m_open = {};
        m_marks = m_marksTint = {};
        m_photo->update();
        say();
    });
    connect(m_stop, &QPushButton::clicked, this, [this] { m_giveUp = true; });
    connect(m_stand, &QPushButton::clicked, this, &CutStation::stand);
    connect(m_patch, &QPushButton::clicked, this, &CutStation::runPatch);
    connect(m_amount, &QDoubleSpinBox::valueChanged, this, &CutStation::applyMatch);
    connect(m_dim, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        Backdrop b = project().backdrop;
        b.dimL = v;
        work.document.edit(tr("Dim the backdrop"), edits::withBackdrop(project(), b));
    });
    connect(&m_loading, &QFutureWatcher<QImage>::finished, this, [this] {
        m_image = m_loading.result();
        m_photo->update();
    });
    connect(&m_judging, &QFutureWatcher<cutout::EdgeQuality>::finished, this, [this] {
        m_quality = m_judging.result();
        say();
    });
    connect(&m_watcher, &QFutureWatcher<Job>::finished, this, &CutStation::takeCut);
    connect(&m_toning, &QFutureWatcher<Tone>::finished, this, [this] {
        m_proposed = m_toning.result();
        if (std::exchange(m_applyWhenMeasured, false))
            applyMatch();
        sayMatch();
    });
    connect(&m_patching, &QFutureWatcher<Photo>::finished, this, &CutStation::takePatch);
    connect(m_photo, &Board::filesDropped, &work, [this](const QStringList& f) { emit work.importWanted(f); });
}

const Element* CutStation::standing() const
{
    for (const Element& e : project().elements)
        if (m_cutout && e.cutout == m_cutout)
            return &e;
    return nullptr;
}

double CutStation::pxPerCm() const
{
    const Element* e = standing();
    const Cutout* c = project().cutout(m_cutout);
    if (!e || !c)
        return 0;
    const auto place = stage::placed(project(), *e, work.light.surfaces());
    return place.visible ? 1 / place.cmPerPixel : 0;
}

void CutStation::refresh()
{
    const Project& p = project();
    // First time here without a picture chosen: the one that what is in hand was cut from.
    if (m_reference == 0 && (work.reference() == 0 || work.reference() == p.backdrop.reference)) {
        const Element* e = work.heldElement() ? work.heldElement() : p.element(firstToHold(p));
        if (const Cutout* c = e ? p.cutout(e->cutout) : nullptr) {
            m_reference = -1;
            work.holdReference(c->reference);
            return;
        }
    }
    const QSignalBlocker quiet(m_which);
    m_which->clear();
    for (const Reference& r : p.references)
        m_which->addItem(QString::fromStdString(r.name), r.id);
    if (!p.reference(work.reference()) && !p.references.empty()) {
        int first = p.references.front().id;
        for (const Cutout& c : p.cutouts)
            first = c.reference;
        work.holdReference(first);
        return;
    }
    m_which->setCurrentIndex(m_which->findData(work.reference()));
    const Cutout* c = p.cutout(m_cutout);
    const bool other = m_reference != work.reference() || (m_cutout && !c);
    // What the hand is at stays in the hand, even when a picture or a finding comes in meanwhile.
    if (other
        || (!m_pinning && c
            && (m_veiled != c->alpha.identity() || m_marksOf != c->strokes.identity() || m_pins != c->pins)))
        takeUp();
    setQuietly(m_dim, p.backdrop.dimL);
    say();
}

void CutStation::takeUp()
{
    const Project& p = project();
    if (m_reference != work.reference())
        m_holeMarks = {};
    m_reference = work.reference();
    m_cutout = 0;
    m_pieces.clear();
    m_grounds.clear();
    m_pins.clear();
    m_open = {};
    m_heldPin = m_heldPiece = m_heldPoint = -1;
    m_veil = m_marks = m_marksTint = {};
    m_veiled = m_marksOf = nullptr;
    m_bent = {};
    const Reference* r = p.reference(m_reference);
    if (!r) {
        m_image = {};
        m_photo->update();
        return;
    }
    loadPicture(*r);
    for (const Cutout& c : p.cutouts)
        if (c.reference == m_reference) {
            m_cutout = c.id;
            m_pieces = c.pieces;
            m_grounds = c.grounds;
            m_pins = c.pins;
            const QSignalBlocker quiet(m_band);
            m_band->setValue(c.bandPx);
            m_veiled = c.alpha.identity();
            m_marksOf = c.strokes.identity();
            showVeil(c.alpha);
            if (!c.strokes.empty()) {
                const QImage whole(c.strokes.data(), c.strokes.width(), c.strokes.height(), c.strokes.width(),
                    QImage::Format_Grayscale8);
                m_marks = whole.scaled(
                    whole.size().boundedTo(QSize(1600, 1600)), Qt::KeepAspectRatio, Qt::FastTransformation);
            }
        }
    if (const Element* e = standing())
        m_name->setText(QString::fromStdString(e->name));
    m_photo->update();
}

/// At once while it is at hand and small, off the interface thread otherwise; until then its small copy stands in.
void CutStation::loadPicture(const Reference& r)
{
    if (m_shown == r.pixels.identity())
        return;
    m_shown = r.pixels.identity();
    m_image = work.wall.small(r);
    m_loading.setFuture(QtConcurrent::run(jobs(), [pixels = r.pixels] { return imageOf(pixels.photo()); }));
    m_photo->setCanvas(r.pixels.width(), r.pixels.height(), {1, "px"}, 5000);
    m_photo->fit();
}

void CutStation::showVeil(const Mask& alpha)
{
    m_veil = {};
    if (alpha.empty())
        return;
    // What is out lies under a veil of tone; the uncertain edge shows as its fading.
    const int longest = std::max(alpha.width(), alpha.height()), step = std::max(1, longest / 1600);
    QImage veil(alpha.width() / step, alpha.height() / step, QImage::Format_ARGB32_Premultiplied);
    for (int y = 0; y < veil.height(); ++y) {
        auto* line = reinterpret_cast<QRgb*>(veil.scanLine(y));
        for (int x = 0; x < veil.width(); ++x) {
            const int a = (255 - alpha.at(x * step, y * step)) * 150 / 255;
            line[x] = qRgba(0x2c * a / 255, 0x2c * a / 255, 0x30 * a / 255, a);
        }
    }
    m_veil = veil;
}

Cutout CutStation::present() const
{
    Cutout c;
    if (const Cutout* old = project().cutout(m_cutout))
        c = *old;
    c.id = m_cutout;
    c.reference = m_reference;
    c.pieces = m_pieces;
    c.grounds = m_grounds;
    c.pins = m_pins;
    c.bandPx = m_band->value();
    const Reference* r = project().reference(m_reference);
    if (m_marks.isNull() || !r)
        c.strokes = {};
    else if (c.strokes.empty() || c.strokes.identity() != m_marksOf || m_stroking) {
        const QImage whole
            = m_marks.scaled(r->pixels.width(), r->pixels.height(), Qt::IgnoreAspectRatio, Qt::FastTransformation)
                  .convertToFormat(QImage::Format_Grayscale8);
        std::vector<std::uint8_t> bytes(std::size_t(whole.width()) * std::size_t(whole.height()));
        for (int y = 0; y < whole.height(); ++y)
            std::copy_n(whole.constScanLine(y), whole.width(), bytes.begin() + std::ptrdiff_t(y) * whole.width());
        c.strokes = {whole.width(), whole.height(), std::move(bytes)};
    }
    return c;
}

void CutStation::say()
{
    const Reference* r = project().reference(m_reference);
    const Cutout* c = project().cutout(m_cutout);
    const bool said = !m_pieces.empty() || m_open.points.size() >= 3 || !m_grounds.empty() || !m_marks.isNull();
    m_cut->setEnabled(r && said && !cutting());
    m_stand->setEnabled(c && !c->alpha.empty());
    m_patch->setEnabled(r && !m_holeMarks.isNull() && !cutting());
    m_stop->setVisible(cutting());
    sayMatch();
    if (!r)
        m_says->setText(tr("Bring in a picture at Gather first."));
    else if (m_patching.isRunning())
        m_says->setText(tr("Filling the hole from around it, at full size…"));
    else if (m_watcher.isRunning())
        m_says->setText(tr("Following the edge…"));
    else if (m_way == Way::Patch)
        m_says->setText(
            tr("Brush over what is to go, a little beyond its edge. The filled picture hangs beside the original "
               "and takes its place as the backdrop; Ctrl+Z takes it back."));
    else if (m_way == Way::Bend)
        m_says->setText(!c || c->alpha.empty() ? tr("Cut something out first; then set pins on it.")
                                               : tr("Click sets a pin, drag one to bend: %1 pins. Two at least: one "
                                                    "holds, one moves. Delete takes the held one out.")
                                                     .arg(m_pins.size()));
    else if (m_way == Way::Match)
        m_says->setText(tr("Values are L* of the cut-out as photographed, before your light falls on it."));
    else if (!m_open.points.empty())
        m_says->setText(tr("%1 points. Click on towards the start; double-click or Enter closes the thread, Backspace "
                           "takes a point back, Esc drops it.")
                            .arg(m_open.points.size()));
    else if (m_way == Way::Touch && (!c || c->alpha.empty()))
        m_says->setText(
            tr("Draw a rectangle around the thing, or strokes on what is surely in and surely out; each stroke "
               "is worked out at once."));
    else if (m_way == Way::Ground)
        m_says->setText(tr("Click on the plain ground behind the thing: %1 so far. Then cut.").arg(m_grounds.size()));
    else if (!c || c->alpha.empty())
        m_says->setText(tr("Click around the element, roughly along its edge: the thread is pulled onto it. Close with "
                           "a double-click or Enter."));
    else {
        if (m_judged != c->alpha.identity()) {
            m_judged = c->alpha.identity();
            m_says->setText(tr("Cut out. Measuring the edge…"));
            m_judging.setFuture(QtConcurrent::run(jobs(), [photo = r->pixels, alpha = c->alpha] {
                return cutout::edgeQuality(colour::linearOf(photo.photo()), alpha);
            }));
            return;
        }
        if (m_judging.isRunning())
            return;
        const auto& q = m_quality;
        const double k = pxPerCm();
        m_says->setText(
            tr("Cut out. Edge: %1 px wide%2, ΔE %3 to the inside before cleaning, jaggedness %4 %. Drag a point to "
               "correct "
               "it, click between two to add one, Delete takes the held one away; then cut again.")
                .arg(q.transitionPx, 0, 'f', 1)
                .arg(k > 0 ? tr(" (%1 mm on the canvas)").arg(10 * q.transitionPx / k, 0, 'f', 2) : QString())
                .arg(q.halo, 0, 'f', 1)
                .arg(q.jaggedness, 0, 'f', 1));
    }
}

void CutStation::sayMatch()
{
    const Element* e = standing();
    m_amount->setEnabled(e != nullptr);
    if (!e) {
        m_matchSays->setText(tr("Stand it in the scene first."));
        return;
    }
    if (!m_applyWhenMeasured) // else the wished amount is waiting
        setQuietly(m_amount, 100 * e->tone.amount);
    const bool applied = e->tone.amount > 0;
    if (m_way == Way::Match && m_proposedFor != e->id)
        measureMatch();
    const Tone& t = applied ? e->tone : m_proposed;
    if (t.amount <= 0 || (!applied && m_proposedFor != e->id)) {
        m_matchSays->setText(tr("measuring…"));
        return;
    }
    const auto by = [&](double from, double to) { return from + t.amount * (to - from); };
    m_matchSays->setText((applied ? QString() : tr("would be, whole: "))
        + tr("darks L* %1 → %2, lights %3 → %4, cast a* %5, b* %6")
              .arg(t.darkFrom, 0, 'f', 0)
              .arg(by(t.darkFrom, t.darkTo), 0, 'f', 0)
              .arg(t.lightFrom, 0, 'f', 0)
              .arg(by(t.lightFrom, t.lightTo), 0, 'f', 0)
              .arg(t.amount * t.a, 0, 'f', 1)
              .arg(t.amount * t.b, 0, 'f', 1));
}

bool CutStation::key(QKeyEvent* e)
{
    switch (e->key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (m_way == Way::Patch)
            runPatch();
        else if (!m_open.points.empty())
            closeLine();
        else
            runCut();
        return true;
    case Qt::Key_Escape:
        m_open = {};
        break;
    case Qt::Key_Backspace:
        if (!m_open.points.empty())
            m_open.points.pop_back();
        break;
    case Qt::Key_C:
        m_curved->toggle();
        break;
    case Qt::Key_H:
        m_hole->toggle();
        break;
    case Qt::Key_F:
        m_free->toggle();
        break;
    case Qt::Key_R:
    case Qt::Key_I:
    case Qt::Key_O:
    case Qt::Key_U:
        setWay(Way::Touch);
        m_mark->setCurrentIndex(e->key() == Qt::Key_R ? 0 : e->key() == Qt::Key_I ? 1 : e->key() == Qt::Key_O ? 2 : 3);
        break;
    case Qt::Key_Delete:
        if (m_way == Way::Bend && m_heldPin >= 0) {
            m_pins.erase(m_pins.begin() + m_heldPin);
            m_heldPin = -1;
            keepPins();
        } else if (m_heldPiece >= 0 && m_heldPoint >= 0) {
            auto& points = m_pieces[std::size_t(m_heldPiece)].points;
            points.erase(points.begin() + m_heldPoint);
            if (points.size() < 3)
                m_pieces.erase(m_pieces.begin() + m_heldPiece);
            m_heldPiece = m_heldPoint = -1;
        }
        break;
    default:
        return false;
    }
    m_photo->update();
    say();
    return true;
}

void CutStation::runCut()
{
    if (m_open.points.size() >= 3)
        closeLine();
    if (!cutting())
        m_gesture = -1;
    start(false);
}

void CutStation::start(bool rough)
{
    const Reference* r = project().reference(m_reference);
    if (!r || m_patching.isRunning())
        return;
    if (m_watcher.isRunning()) {
        m_again = true;
        m_giveUp = true;
        return;
    }
    const Cutout c = present();
    m_cuttingReference = m_reference;
    m_giveUp = false;
    const cutout::CutOptions options{m_band->value(), m_pull->value()};
    m_watcher.setFuture(QtConcurrent::run(jobs(), [this, pixels = r->pixels, c, options, rough] {
        Job job;
        job.rough = rough;
        (void)guarded([&]() -> Result<Done> {
            UntilStopped progress(m_giveUp);
            const Photo photo = pixels.photo();
            if (rough && !c.strokes.empty())
                job.cut.alpha = cutout::roughCut(photo, c.strokes, 480, progress).hard;
            else
                job.cut = cutout::cut(photo, wantedOf(c), options, progress);
            return Done{};
        });
        return job;
    }));
    say();
}

void CutStation::takeCut()
{
    const Job job = m_watcher.result();
    if (m_cuttingReference != m_reference || !project().reference(m_cuttingReference)) {
        say();
        return;
    }
    if (std::exchange(m_again, false))
        return start(true);
    if (job.rough) {
        showVeil(job.cut.alpha);
        m_photo->update();
        if (!job.cut.alpha.empty() && !m_giveUp)
            return start(false);
        say();
        return;
    }
    if (job.cut.alpha.empty()) {
        if (!m_giveUp)
            emit work.notice(tr("Nothing was left to cut out: say what is in and what is out."));
        say();
        return;
    }
    Cutout c = present();
    c.alpha = job.cut.alpha;
    Project after = project();
    if (!c.id)
        c.id = after.freshId();
    m_cutout = c.id;
    m_marksOf = c.strokes.identity();
    const int gesture = std::exchange(m_gesture, -1);
    work.document.edit(tr("Cut it out"), edits::withCutout(std::move(after), std::move(c)), gesture);
    work.document.finishGesture();
    say();
}

void CutStation::runPatch()
{
    const Reference* r = project().reference(m_reference);
    if (!r || m_holeMarks.isNull() || cutting())
        return;
    m_giveUp = false;
    m_cuttingReference = m_reference;
    m_patching.setFuture(QtConcurrent::run(jobs(), [this, pixels = r->pixels, marks = m_holeMarks] {
        const QImage whole
            = marks.scaled(pixels.width(), pixels.height(), Qt::IgnoreAspectRatio, Qt::FastTransformation);
        std::vector<std::uint8_t> hole(std::size_t(whole.width()) * std::size_t(whole.height()));
        for (int y = 0; y < whole.height(); ++y)
            std::copy_n(whole.constScanLine(y), whole.width(), hole.begin() + std::ptrdiff_t(y) * whole.width());
        UntilStopped progress(m_giveUp);
        Photo filled;
        (void)guarded([&]() -> Result<Done> {
            filled = cutout::patched(pixels.photo(), {whole.width(), whole.height(), std::move(hole)}, progress);
            return Done{};
        });
        return filled;
    }));
    say();
}

void CutStation::takePatch()
{
    const Photo filled = m_patching.result();
    const Reference* r = project().reference(m_cuttingReference);
    if (filled.empty() || !r) {
        if (!m_giveUp)
            emit work.notice(tr("There is not enough left around the hole to fill it from."));
        say();
        return;
    }
    // Encoded off the interface thread; then it hangs beside the original, which stays.
    auto* watcher = new QFutureWatcher<std::shared_ptr<Reference>>(this);
    connect(watcher, &QFutureWatcherBase::finished, this, [this, watcher, from = r->id] {
        watcher->deleteLater();
        Project after = project();
        const Reference* old = after.reference(from);
        if (!old)
            return;
        Reference fresh = *watcher->result();
        fresh.credit = old->credit, fresh.permission = old->permission, fresh.roles = old->roles,
        fresh.heap = old->heap;
        fresh.source = "painted out of " + old->name;
        after = edits::withReference(std::move(after), std::move(fresh));
        const int id = after.references.back().id;
        if (after.backdrop.reference == from)
            after.backdrop.reference = id;
        work.document.edit(tr("Paint it out"), std::move(after));
        m_holeMarks = {};
        work.holdReference(id);
        emit work.notice(tr("Painted out, at full size. The original still hangs on the wall."));
    });
    watcher->setFuture(QtConcurrent::run(jobs(), [filled, name = r->name] {
        auto bytes = std::make_shared<const std::vector<unsigned char>>(store::encodeJpeg(filled, 96));
        auto glanced = store::glancePicture(bytes);
        return std::make_shared<Reference>(
            glanced ? store::referenceOf(name + " (painted out)", *glanced) : Reference{});
    }));
}

void CutStation::measureMatch()
{
    const Element* e = standing();
    if (!e || m_toning.isRunning())
        return;
    m_proposedFor = e->id;
    m_toning.setFuture(QtConcurrent::run(jobs(), [this, p = project(), id = e->id] {
        const Element* of = p.element(id);
        return of ? stage::matchedTone(p, *of, work.light.surfaces(), 1) : Tone{};
    }));
}

void CutStation::applyMatch()
{
    const Element* e = standing();
    if (!e)
        return;
    if (m_proposedFor != e->id || m_toning.isRunning() || m_proposed.amount <= 0) {
        m_applyWhenMeasured = true;
        return measureMatch();
    }
    Element after = *e;
    after.tone = m_proposed;
    after.tone.amount = m_amount->value() / 100;
    if (!(after.tone == e->tone))
        work.document.edit(tr("Match it to the backdrop"), edits::withElement(project(), after));
    say();
}

void CutStation::stand()
{
    const Cutout* c = project().cutout(m_cutout);
    if (!c || c->alpha.empty())
        return;
    const QString name = m_name->text().trimmed();
    Element e;
    e.cutout = c->id;
    e.name = name.isEmpty() ? project().reference(c->reference)->name : name.toStdString();
    for (const CastMember& m : project().brief.cast)
        if (QString::fromStdString(m.name).compare(QString::fromStdString(e.name), Qt::CaseInsensitive) == 0)
            e.cast = m.id;
    e.baseCm = {project().brief.widthCm / 2,
        project().camera.horizonCm + 0.6 * (project().brief.heightCm - project().camera.horizonCm)};
    e.heightM = 1.7;
    Project after = edits::withElement(project(), e);
    const int id = after.elements.back().id;
    work.document.edit(tr("Stand it in the scene"), std::move(after));
    work.holdElement(id);
    emit work.notice(tr("“%1” now stands in the scene, 1.7 m tall. Give it its true height on the Stage (Alt+4).")
                         .arg(QString::fromStdString(e.name)));
}

} // namespace rl::app
