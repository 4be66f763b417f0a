// What the hand does on the photograph at Cut: threads, strokes, grounds, pins.
#include "app/stations/cut_station.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QPainter>

namespace rl::app {

namespace {
constexpr int kMarks = 1600; ///< px on the long side of what is painted with strokes

QImage blankMarks(const Reference& r, int value)
{
    const double k = std::min(1.0, double(kMarks) / std::max(r.pixels.width(), r.pixels.height()));
    QImage m(
        std::max(1, int(r.pixels.width() * k)), std::max(1, int(r.pixels.height() * k)), QImage::Format_Grayscale8);
    m.fill(value);
    return m;
}

cutout::Loop loopOf(const Outline& o)
{
    cutout::Loop loop;
    loop.hole = o.hole;
    for (const OutlinePoint& p : o.points)
        loop.nodes.push_back({p.at, p.curved});
    return loop;
}
} // namespace

bool CutStation::press(Vec2 at, Qt::KeyboardModifiers, const Board& board)
{
    const double near = 8 / board.pixelsPerCm();
    const Reference* r = project().reference(m_reference);
    if (!r)
        return false;
    if (m_way == Way::Thread)
        return pressThread(at, near);
    if (m_way == Way::Bend) {
        m_pinning = true;
        return pressPin(at, near);
    }
    if (m_way == Way::Touch || m_way == Way::Patch) {
        beginStroke(at);
        return true;
    }
    if (m_way == Way::Ground && at.x >= 0 && at.y >= 0 && at.x < r->pixels.width() && at.y < r->pixels.height()) {
        m_grounds.push_back({at, m_tolerance->value()});
        say();
        return true;
    }
    return m_way == Way::Ground;
}

bool CutStation::pressThread(Vec2 at, double near)
{
    if (m_open.points.empty()) {
        for (std::size_t i = 0; i < m_pieces.size(); ++i)
            for (std::size_t k = 0; k < m_pieces[i].points.size(); ++k)
                if ((m_pieces[i].points[k].at - at).length() < near) {
                    m_heldPiece = int(i), m_heldPoint = int(k);
                    return true;
                }
        for (std::size_t i = 0; i < m_pieces.size(); ++i) {
            auto& points = m_pieces[i].points;
            for (std::size_t k = 0; k < points.size(); ++k) {
                const Vec2 a = points[k].at, d = points[(k + 1) % points.size()].at - a;
                const double t = ((at.x - a.x) * d.x + (at.y - a.y) * d.y) / std::max(1e-9, d.x * d.x + d.y * d.y);
                if (t > 0 && t < 1 && (a + d * t - at).length() < near * 0.7) {
                    points.insert(points.begin() + std::ptrdiff_t(k) + 1, {at, m_curved->isChecked()});
                    m_heldPiece = int(i), m_heldPoint = int(k) + 1;
                    return true;
                }
            }
        }
    }
    m_heldPiece = m_heldPoint = -1;
    if (m_open.points.size() >= 3
        && ((m_open.points.front().at - at).length() < near || (m_open.points.back().at - at).length() < near / 2)) {
        closeLine();
        return true;
    }
    m_freehand = m_free->isChecked();
    m_open.points.push_back({at, m_curved->isChecked()});
    say();
    return true;
}

void CutStation::move(Vec2 at, Qt::KeyboardModifiers, const Board& board)
{
    if (m_way == Way::Thread && m_freehand && !m_open.points.empty()) {
        if ((m_open.points.back().at - at).length() > 10 / board.pixelsPerCm())
            m_open.points.push_back({at, true});
    } else if (m_way == Way::Thread && m_heldPiece >= 0 && m_heldPoint >= 0)
        m_pieces[std::size_t(m_heldPiece)].points[std::size_t(m_heldPoint)].at = at;
    else if (m_way == Way::Bend && m_heldPin >= 0)
        movePin(at);
    else if (m_stroking)
        strokeTo(at);
}

void CutStation::release(Vec2 at, const Board& board)
{
    if (m_freehand) {
        m_freehand = false;
        if (m_open.points.size() >= 8 && (m_open.points.front().at - at).length() < 30 / board.pixelsPerCm())
            closeLine();
    }
    if (m_stroking)
        endStroke();
    m_pinning = false;
    if (m_way == Way::Bend && m_heldPin >= 0)
        keepPins();
    say();
}

void CutStation::closeLine()
{
    if (m_open.points.size() >= 3) {
        m_open.hole = m_hole->isChecked();
        m_pieces.push_back(m_open);
    }
    m_open = {};
    m_hole->setChecked(false);
    m_photo->update();
    say();
}

void CutStation::beginStroke(Vec2 at)
{
    const Reference* r = project().reference(m_reference);
    QImage& image = m_way == Way::Patch ? m_holeMarks : m_marks;
    if (image.isNull())
        image = blankMarks(*r, m_way == Way::Patch ? 0 : 128);
    m_corner = m_last = at;
    m_stroking = true;
    if (m_way == Way::Patch || m_mark->currentIndex() > 0)
        strokeTo(at);
}

void CutStation::strokeTo(Vec2 at)
{
    const Reference* r = project().reference(m_reference);
    const bool patch = m_way == Way::Patch;
    if (!r || (!patch && m_mark->currentIndex() == 0)) {
        m_last = at;
        m_photo->update();
        return;
    }
    QImage& image = patch ? m_holeMarks : m_marks;
    const double k = double(image.width()) / r->pixels.width();
    const int value = patch ? 255 : m_mark->currentIndex() == 1 ? 255 : m_mark->currentIndex() == 2 ? 0 : 128;
    QPainter p(&image);
    p.setPen(QPen(QColor(value, value, value), std::max(1.0, (patch ? m_patchWidth : m_width)->value() * k),
        Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    p.drawLine(QPointF(m_last.x * k, m_last.y * k), QPointF(at.x * k + 0.01, at.y * k));
    m_last = at;
    if (!patch)
        m_marksTint = {};
    m_photo->update();
}

void CutStation::endStroke()
{
    const Reference* r = project().reference(m_reference);
    if (m_way == Way::Patch || !r) {
        m_stroking = false;
        return;
    }
    if (m_mark->currentIndex() == 0) {
        const double k = double(m_marks.width()) / r->pixels.width();
        const QRect inside
            = QRectF(QPointF(m_corner.x, m_corner.y) * k, QPointF(m_last.x, m_last.y) * k).normalized().toRect();
        if (inside.width() < 4 || inside.height() < 4) {
            m_stroking = false;
            if (m_marksOf == nullptr)
                m_marks = {};
            return;
        }
        QImage framed(m_marks.size(), QImage::Format_Grayscale8);
        framed.fill(0);
        QPainter(&framed).fillRect(inside, QColor(128, 128, 128));
        m_marks = framed;
        m_marksTint = {};
    }
    // Kept at once; the cut that follows joins the same step.
    Cutout c = present();
    m_stroking = false;
    Project after = project();
    if (!c.id)
        c.id = after.freshId();
    m_cutout = c.id;
    m_marksOf = c.strokes.identity();
    m_gesture = work.document.freshGesture();
    work.document.edit(tr("Mark in and out"), edits::withCutout(std::move(after), std::move(c)), m_gesture);
    work.document.finishGesture();
    start(true);
}

bool CutStation::pressPin(Vec2 at, double near)
{
    const Cutout* c = project().cutout(m_cutout);
    if (!c || c->alpha.empty())
        return true;
    for (std::size_t i = 0; i < m_pins.size(); ++i)
        if ((m_pins[i].to - at).length() < 1.4 * near) {
            m_heldPin = int(i);
            return true;
        }
    const int x = int(at.x), y = int(at.y);
    if (c->alpha.contains(x, y) && (c->alpha.at(x, y) > 8 || m_pins.size() >= 2)) {
        m_pins.push_back({at, at});
        m_heldPin = int(m_pins.size()) - 1;
    }
    return true;
}

void CutStation::movePin(Vec2 at)
{
    m_pins[std::size_t(m_heldPin)].to = at;
    const Cutout* c = project().cutout(m_cutout);
    if (!c || m_pins.size() < 2)
        return;
    // A small copy follows the hand; the Stage gets it at full size.
    m_bentScale = std::min(1.0, 420.0 / std::max(c->alpha.width(), c->alpha.height()));
    const QImage whole(
        c->alpha.data(), c->alpha.width(), c->alpha.height(), c->alpha.width(), QImage::Format_Grayscale8);
    const QSize size = whole.size() * m_bentScale;
    const QImage alpha = whole.scaled(size, Qt::IgnoreAspectRatio, Qt::FastTransformation);
    const QImage rgb
        = m_image.scaled(size, Qt::IgnoreAspectRatio, Qt::FastTransformation).convertToFormat(QImage::Format_RGB888);
    std::vector<std::uint8_t> cover;
    std::vector<Rgb8> colours;
    for (int y = 0; y < size.height(); ++y) {
        cover.insert(cover.end(), alpha.constScanLine(y), alpha.constScanLine(y) + size.width());
        const auto* line = reinterpret_cast<const Rgb8*>(rgb.constScanLine(y));
        colours.insert(colours.end(), line, line + size.width());
    }
    std::vector<cutout::BendPin> pins;
    for (const Pin& p : m_pins)
        pins.push_back({p.from * m_bentScale, p.to * m_bentScale});
    const Mask small(size.width(), size.height(), std::move(cover));
    m_bent = cutout::Bend(small, pins).applied({size.width(), size.height(), std::move(colours)}, small);
}

void CutStation::keepPins()
{
    const Cutout* c = project().cutout(m_cutout);
    if (!c || c->pins == m_pins)
        return;
    if (m_pins.empty())
        m_bent = {};
    Cutout after = *c;
    after.pins = m_pins;
    work.document.edit(tr("Bend it"), edits::withCutout(project(), std::move(after)));
}

void CutStation::drawThreads(QPainter& p, const Board& board)
{
    const auto thread = [&](const Outline& o, bool closed, bool held) {
        QPolygonF line;
        if (closed)
            for (const Vec2 v : cutout::flattened(loopOf(o), 4))
                line << board.toScreen(v);
        else
            for (const OutlinePoint& v : o.points)
                line << board.toScreen(v.at);
        p.setBrush(Qt::NoBrush);
        for (const auto& pen :
            {QPen(QColor(255, 255, 255, 210), 3.4), QPen(held ? theme::kAccent : theme::kDark, 1.6)}) {
            p.setPen(pen);
            closed ? p.drawPolygon(line) : p.drawPolyline(line);
        }
    };
    for (std::size_t i = 0; i < m_pieces.size(); ++i)
        thread(m_pieces[i], true, int(i) == m_heldPiece);
    if (!m_open.points.empty())
        thread(m_open, false, true);
    const auto knots = [&](const Outline& o, int piece) {
        if (o.points.size() > 60 && board.pixelsPerCm() < 1.2 && piece >= 0)
            return; // a dense thread shows its points when zoomed in
        for (std::size_t k = 0; k < o.points.size(); ++k) {
            const bool held = piece == m_heldPiece && int(k) == m_heldPoint;
            const QPointF c = board.toScreen(o.points[k].at);
            p.setPen(QPen(theme::kInk, 1));
            p.setBrush(held ? theme::kAccent : theme::kPaper);
            if (o.points[k].curved)
                p.drawEllipse(c, 4, 4);
            else
                p.drawPolygon(QPolygonF{c + QPointF(0, -5), c + QPointF(5, 0), c + QPointF(0, 5), c + QPointF(-5, 0)});
        }
    };
    for (std::size_t i = 0; i < m_pieces.size(); ++i)
        knots(m_pieces[i], int(i));
    if (!m_freehand)
        knots(m_open, -1);
}

void CutStation::drawMarks(QPainter& p, const Board& board)
{
    const Reference* r = project().reference(m_reference);
    if (!r)
        return;
    const QRectF whole = board.toScreen(Rect{0, 0, double(r->pixels.width()), double(r->pixels.height())});
    if (!m_marks.isNull() && m_way == Way::Touch) {
        if (m_marksTint.isNull()) {
            // Certain places are shown by tone, like the veil: paper where in, ink where out.
            m_marksTint = QImage(m_marks.size(), QImage::Format_ARGB32_Premultiplied);
            for (int y = 0; y < m_marks.height(); ++y) {
                const uchar* from = m_marks.constScanLine(y);
                auto* to = reinterpret_cast<QRgb*>(m_marksTint.scanLine(y));
                for (int x = 0; x < m_marks.width(); ++x)
                    to[x] = from[x] == 255 ? qRgba(150, 147, 140, 150) : from[x] == 0 ? qRgba(10, 10, 12, 110) : 0;
            }
        }
        p.drawImage(whole, m_marksTint);
        if (m_stroking && m_mark->currentIndex() == 0) {
            p.setBrush(Qt::NoBrush);
            const QRectF box = QRectF(board.toScreen(m_corner), board.toScreen(m_last)).normalized();
            for (const auto& pen : {QPen(QColor(255, 255, 255, 210), 3.4), QPen(theme::kAccent, 1.6)}) {
                p.setPen(pen);
                p.drawRect(box);
            }
        }
    }
    if (!m_holeMarks.isNull() && m_way == Way::Patch) {
        QImage tint(m_holeMarks.size(), QImage::Format_ARGB32_Premultiplied);
        tint.fill(QColor(0xb3, 0x5c, 0x12, 150));
        tint.setAlphaChannel(m_holeMarks);
        p.setOpacity(0.6);
        p.drawImage(whole, tint);
        p.setOpacity(1);
    }
    if (m_way == Way::Ground)
        for (const PlainGround& g : m_grounds) {
            const QPointF c = board.toScreen(g.at);
            p.setPen(QPen(theme::kPaper, 4));
            p.setBrush(Qt::NoBrush);
            p.drawEllipse(c, 9, 9);
            p.setPen(QPen(theme::kAccent, 2));
            p.drawEllipse(c, 9, 9);
        }
}

void CutStation::drawBend(QPainter& p, const Board& board)
{
    if (!m_bent.photo.empty() && m_pins.size() >= 2) {
        QImage image(m_bent.photo.width(), m_bent.photo.height(), QImage::Format_ARGB32);
        for (int y = 0; y < image.height(); ++y) {
            auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
            for (int x = 0; x < image.width(); ++x) {
                const Rgb8 c = m_bent.photo.at(x, y);
                line[x] = qRgba(c.r, c.g, c.b, m_bent.alpha.at(x, y));
            }
        }
        const double k = 1 / m_bentScale;
        p.drawImage(
            board.toScreen(Rect{m_bent.left * k, m_bent.top * k, image.width() * k, image.height() * k}), image);
    }
    for (std::size_t i = 0; i < m_pins.size(); ++i) {
        const QPointF from = board.toScreen(m_pins[i].from), to = board.toScreen(m_pins[i].to);
        p.setPen(QPen(theme::kPaper, 2, Qt::DotLine));
        p.drawLine(from, to);
        p.setPen(QPen(theme::kInk, 1.5));
        p.setBrush(int(i) == m_heldPin ? theme::kAccent : theme::kGlow);
        p.drawEllipse(to, 6.5, 6.5);
        p.drawLine(to + QPointF(0, 6.5), to + QPointF(0, 15));
    }
}

void CutStation::paintOver(QPainter& p, const Board& board)
{
    const Reference* r = project().reference(m_reference);
    if (!m_veil.isNull() && m_way != Way::Patch && r)
        p.drawImage(board.toScreen(Rect{0, 0, double(r->pixels.width()), double(r->pixels.height())}), m_veil);
    if (m_way == Way::Thread)
        drawThreads(p, board);
    drawMarks(p, board);
    if (m_way == Way::Bend)
        drawBend(p, board);
}

} // namespace rl::app
