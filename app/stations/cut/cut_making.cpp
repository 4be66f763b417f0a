// From what was said to a cut-out that stands in the scene.
#include "app/stations/cut/cut_table.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/project/edits.h"
#include "core/project/hold.h"
#include "core/review/first_steps.h"
#include "core/stage/wanted.h"

namespace rl::app {

Cutout CutTable::present()
{
    Cutout c;
    if (const Cutout* old = cutout())
        c = *old;
    c.id = m_cutout;
    c.reference = m_reference;
    c.pieces = m_pieces;
    c.grounds = m_grounds;
    c.bandPx = bandPx;
    const Reference* r = picture();
    if (m_marks.isNull() || !r)
        c.strokes = {};
    else if (c.strokes.empty() || m_marksChanged) {
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

void CutTable::beginAgain()
{
    m_pieces.clear();
    m_grounds.clear();
    m_marks = {};
    m_marksChanged = true;
    m_mark = Mark::Rectangle;
    m_photo.update();
    emit changed();
}

void CutTable::stop()
{
    m_cut.stop();
}

void CutTable::keepStrokes()
{
    m_marksChanged = true;
    Cutout c = present();
    m_marksChanged = false;
    Project after = m_desk.project();
    if (!c.id)
        c.id = after.freshId();
    m_cutout = c.id;
    m_marksOf = c.strokes;
    m_gesture = m_desk.document.freshGesture();
    m_desk.edit(tr("Mark in and out"), edits::withCutout(std::move(after), std::move(c)), m_gesture);
    m_desk.document.finishGesture();
    m_touched = true;
    start(true);
}

void CutTable::cut()
{
    if (!picture() || !said())
        return;
    m_gesture = -1;
    start(false);
}

void CutTable::start(bool rough)
{
    const Reference* r = picture();
    if (!r)
        return;
    if (r->pixels.missing())
        return m_desk.notices.say(tr("Nothing can be cut from a picture whose file cannot be read."));
    const Cutout c = present();
    m_cuttingReference = m_reference;
    const cutout::CutOptions options{bandPx, pullPx};
    m_cut.ask(++m_count, [pixels = r->pixels, c, options, rough](Progress& progress) -> Result<Made> {
        const Photo photo = pixels.photo();
        if (photo.empty())
            return Error{
                ErrorKind::Missing, rl::tr("Nothing can be cut from a picture whose file cannot be read."), {}};
        Made made;
        made.rough = rough && !c.strokes.empty();
        if (made.rough)
            made.cut.alpha = cutout::roughCut(photo, c.strokes, 480, progress).hard;
        else
            made.cut = cutout::cut(photo, stage::wantedOf(c), options, progress);
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, {}, {}};
        return made;
    });
    emit changed();
}

void CutTable::takeCut()
{
    const Made* made = m_cut.problem() ? nullptr : m_cut.last();
    if (!made || m_cuttingReference != m_reference || !picture())
        return emit changed();
    if (made->rough) {
        showVeil(made->cut.alpha);
        m_photo.update();
        if (!made->cut.alpha.empty())
            return start(false);
        return emit changed();
    }
    if (made->cut.alpha.empty()) {
        m_desk.notices.say(tr("Nothing was left to cut out: mark what to keep and what to remove."));
        return emit changed();
    }
    Cutout c = present();
    c.alpha = made->cut.alpha;
    Project after = m_desk.project();
    if (!c.id)
        c.id = after.freshId();
    m_cutout = c.id;
    m_marksOf = c.strokes;
    m_desk.edit(tr("Cut out"), edits::withCutout(std::move(after), std::move(c)), std::exchange(m_gesture, -1));
    m_desk.document.finishGesture();
    if (std::exchange(m_touched, false) && m_mark == Mark::Rectangle)
        m_mark = Mark::Out; // the next stroke takes away what is too much
    emit changed();
}

const cutout::EdgeQuality* CutTable::quality() const
{
    const Cutout* c = cutout();
    const Reference* r = picture();
    if (!c || c->alpha.empty() || !r || r->pixels.missing())
        return nullptr;
    struct Judged {
        Mask alpha;
        bool operator==(const Judged& o) const { return alpha.identity() == o.alpha.identity(); }
    };
    const JobKey key = Judged{c->alpha};
    auto& job = const_cast<Job<cutout::EdgeQuality>&>(m_edge);
    job.ask(key, [photo = r->pixels, alpha = c->alpha](Progress&) -> Result<cutout::EdgeQuality> {
        const Photo pixels = photo.photo();
        if (pixels.empty())
            return Error{ErrorKind::Cancelled, {}, {}};
        return cutout::edgeQuality(colour::linearOf(pixels), alpha);
    });
    return job.answer(key);
}

void CutTable::stand(const QString& name)
{
    if (!cutOut())
        return;
    Element e;
    e.cutout = m_cutout;
    e.name = name.isEmpty() ? picture()->name : name.toStdString();
    const Project& p = m_desk.project();
    for (const CastMember& m : p.brief.cast)
        if (QString::fromStdString(m.name).compare(QString::fromStdString(e.name), Qt::CaseInsensitive) == 0)
            e.cast = m.id;
    e = review::firstPlace(p, std::move(e));
    Project after = edits::withElement(p, e);
    const int id = after.elements.back().id;
    m_desk.edit(tr("Place in scene"), std::move(after));
    m_desk.holdElement(id);
    m_desk.notices.say(e.usual.empty()
            ? tr("“%1” now stands in the scene, 1.7 m tall. Give it its true height on the Stage (Alt+4).")
                  .arg(QString::fromStdString(e.name))
            : tr("“%1” now stands in the scene, as tall as it usually is: %2 m.")
                  .arg(QString::fromStdString(e.name))
                  .arg(e.heightM, 0, 'f', 2));
}
} // namespace rl::app
