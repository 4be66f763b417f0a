#include "app/stations/cut/cut_table.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/project/edits.h"
#include "core/project/hold.h"
#include "core/stage/wanted.h"

namespace rl::app {

CutTable::CutTable(Desk& desk, Board& photo)
    : QObject(&photo)
    , m_desk(desk)
    , m_photo(photo)
    , m_load(desk.jobs)
    , m_cut(desk.jobs)
    , m_edge(desk.jobs)
{
    connect(&m_load, &JobBase::done, this, [this] {
        if (const QImage* image = m_load.answer(m_loaded.held())) {
            m_image = *image;
            m_photo.setPicture(m_image);
        }
        emit changed();
    });
    connect(&m_cut, &JobBase::done, this, &CutTable::takeCut);
    connect(&m_edge, &JobBase::done, this, &CutTable::changed);
    connect(&photo, &Board::filesDropped, &desk, &Desk::importWanted);
    connect(&desk.document, &Document::workChanged, this, [this] {
        m_reference = m_cutout = m_cuttingReference = 0, m_gesture = -1;
        m_busyHand = m_touched = false;
        takeUp();
    });
}

void CutTable::flip(bool& value)
{
    value = !value;
    emit changed();
}

void CutTable::setMark(Mark mark)
{
    m_mark = mark;
    emit changed();
}

const Element* CutTable::standing() const
{
    for (const Element& e : m_desk.project().elements)
        if (m_cutout && e.cutout == m_cutout)
            return &e;
    return nullptr;
}

double CutTable::pxPerCm() const
{
    const Element* e = standing();
    const auto place = e && cutout() ? m_desk.placed(*e) : stage::Placement{};
    return place.visible && place.cmPerPixel > 0 ? 1 / place.cmPerPixel : 0;
}

void CutTable::refresh()
{
    const Project& p = m_desk.project();
    if (!m_desk.heldReference() || (m_reference == 0 && m_desk.reference() == p.backdrop.reference)) {
        // First time here without a picture chosen: the one that what is in hand was cut from.
        const Element* e = m_desk.heldElement() ? m_desk.heldElement() : p.element(firstToHold(p));
        const Cutout* c = e ? p.cutout(e->cutout) : nullptr;
        const int wanted = c         ? c->reference
            : m_desk.heldReference() ? m_desk.reference()
            : !p.cutouts.empty()     ? p.cutouts.back().reference
            : !p.references.empty()  ? p.references.front().id
                                     : 0;
        m_reference = -1;
        if (wanted != m_desk.reference())
            return m_desk.holdReference(wanted); // and here again
    }
    const Cutout* c = cutout();
    const bool other = m_reference != m_desk.reference() || (m_cutout && !c);
    if (other
        || (!m_busyHand && c
            && (m_veiled.identity() != c->alpha.identity() || m_marksOf.identity() != c->strokes.identity())))
        takeUp();
    if (const Reference* r = picture(); r && m_loaded.missing() != r->pixels.missing())
        load(*r);
}

void CutTable::takeUp()
{
    const Project& p = m_desk.project();
    m_reference = m_desk.reference();
    m_cutout = 0;
    m_pieces.clear();
    m_grounds.clear();
    m_veil = m_marks = {};
    m_veiled = m_marksOf = {};
    m_marksChanged = false;
    const Reference* r = picture();
    if (!r) {
        m_image = {};
        m_photo.setPicture({});
        emit changed();
        return;
    }
    if (m_loaded.identity() != r->pixels.identity())
        load(*r);
    for (const Cutout& c : p.cutouts)
        if (c.reference == m_reference) {
            m_cutout = c.id;
            m_pieces = c.pieces;
            m_grounds = c.grounds;
            bandPx = c.bandPx;
            m_veiled = c.alpha;
            m_marksOf = c.strokes;
            showVeil(c.alpha);
            if (!c.strokes.empty()) {
                const QImage whole(c.strokes.data(), c.strokes.width(), c.strokes.height(), c.strokes.width(),
                    QImage::Format_Grayscale8);
                m_marks = whole.scaled(
                    whole.size().boundedTo(QSize(1600, 1600)), Qt::KeepAspectRatio, Qt::FastTransformation);
            }
        }
    emit changed();
}

/// Off the interface thread; until then its small copy stands in. Missing: an empty place.
void CutTable::load(const Reference& r)
{
    m_loaded = r.pixels;
    m_image = m_desk.wall.small(r);
    m_photo.setWaiting(r.pixels.missing() ? tr("The file of “%1” cannot be read.").arg(QString::fromStdString(r.name))
                                          : tr("Reading the picture…"));
    m_photo.setPicture(r.pixels.missing() ? QImage() : m_image);
    m_photo.setCanvas(r.pixels.width(), r.pixels.height(), {1, "px"}, 5000);
    m_photo.fit();
    if (r.pixels.missing())
        return;
    m_load.forget();
    m_load.ask(r.pixels.held(), [pixels = r.pixels, name = r.name](Progress&) -> Result<QImage> {
        const QImage image = imageOf(pixels.photo());
        if (image.isNull())
            return Error{ErrorKind::Missing, rl::tr("The file of “%1” cannot be read.", name), {}};
        return image;
    });
}

void CutTable::showVeil(const Mask& alpha)
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

} // namespace rl::app
