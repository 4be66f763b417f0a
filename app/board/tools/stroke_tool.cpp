#include "app/board/tools/stroke_tool.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

namespace {
constexpr int kMarks = 1600; ///< px on the long side

QImage blankMarks(const Reference& r, int value)
{
    const double k = std::min(1.0, double(kMarks) / std::max(r.pixels.width(), r.pixels.height()));
    QImage m(
        std::max(1, int(r.pixels.width() * k)), std::max(1, int(r.pixels.height() * k)), QImage::Format_Grayscale8);
    m.fill(value);
    return m;
}

QRectF wholeOf(const Board& board, const Reference& r)
{
    return board.toScreen(Rect{0, 0, double(r.pixels.width()), double(r.pixels.height())});
}
} // namespace

double StrokeTool::scale() const
{
    const Reference* r = m_table.picture();
    return r ? std::min(1.0, double(kMarks) / std::max(r->pixels.width(), r->pixels.height())) : 1;
}

bool StrokeTool::press(const BoardPoint& p)
{
    const Reference* r = m_table.picture();
    if (!r || r->pixels.missing())
        return false;
    if (image().isNull())
        image() = blankMarks(*r, blank());
    m_corner = m_last = p.at;
    m_stroking = true;
    m_table.setBusyHand(true);
    if (value() >= 0)
        strokeTo(p.at);
    return true;
}

void StrokeTool::strokeTo(Vec2 at)
{
    if (value() >= 0) {
        const double k = scale();
        QPainter p(&image());
        p.setPen(QPen(QColor(value(), value(), value()), std::max(1.0, widthPx() * k), Qt::SolidLine, Qt::RoundCap,
            Qt::RoundJoin));
        p.drawLine(QPointF(m_last.x * k, m_last.y * k), QPointF(at.x * k + 0.01, at.y * k));
    }
    m_last = at;
}

void StrokeTool::move(const BoardPoint& p)
{
    if (m_stroking)
        strokeTo(p.at);
}

void StrokeTool::release(const BoardPoint&)
{
    m_table.setBusyHand(false);
    if (std::exchange(m_stroking, false))
        done(m_corner, m_last);
}

int TouchTool::value() const
{
    switch (m_table.mark()) {
    case CutTable::Mark::In:
        return 255;
    case CutTable::Mark::Out:
        return 0;
    case CutTable::Mark::Unsure:
        return 128;
    case CutTable::Mark::Rectangle:
        break;
    }
    return -1;
}

void TouchTool::done(Vec2 from, Vec2 to)
{
    if (m_table.mark() == CutTable::Mark::Rectangle) {
        const double k = double(image().width()) / m_table.picture()->pixels.width();
        const QRect inside = QRectF(QPointF(from.x, from.y) * k, QPointF(to.x, to.y) * k).normalized().toRect();
        if (inside.width() < 4 || inside.height() < 4) {
            if (!m_table.cutout() || m_table.cutout()->strokes.empty())
                image() = {};
            return emit m_table.changed();
        }
        QImage framed(image().size(), QImage::Format_Grayscale8);
        framed.fill(0);
        QPainter(&framed).fillRect(inside, QColor(128, 128, 128));
        image() = framed;
    }
    m_table.keepStrokes();
}

bool TouchTool::finish()
{
    m_table.cut();
    return true;
}

void TouchTool::paint(QPainter& p, const Board& board) const
{
    const Reference* r = m_table.picture();
    const QImage& marks = m_table.marks();
    if (!r || marks.isNull())
        return;
    if (m_tinted != marks.cacheKey()) {
        m_tinted = marks.cacheKey();
        // Certain places are shown by tone, like the veil: paper where in, ink where out.
        m_tint = QImage(marks.size(), QImage::Format_ARGB32_Premultiplied);
        for (int y = 0; y < marks.height(); ++y) {
            const uchar* from = marks.constScanLine(y);
            auto* to = reinterpret_cast<QRgb*>(m_tint.scanLine(y));
            for (int x = 0; x < marks.width(); ++x)
                to[x] = from[x] == 255 ? qRgba(150, 147, 140, 150) : from[x] == 0 ? qRgba(10, 10, 12, 110) : 0;
        }
    }
    p.drawImage(wholeOf(board, *r), m_tint);
    if (m_stroking && m_table.mark() == CutTable::Mark::Rectangle) {
        p.setBrush(Qt::NoBrush);
        const QRectF box = QRectF(board.toScreen(m_corner), board.toScreen(m_last)).normalized();
        for (const auto& pen : {QPen(QColor(255, 255, 255, 210), 3.4), QPen(theme::kAccent, 1.6)}) {
            p.setPen(pen);
            p.drawRect(box);
        }
    }
}

bool BrushTool::finish()
{
    if (m_hole.isNull())
        return false;
    m_fill();
    return true;
}

bool BrushTool::drop()
{
    if (m_hole.isNull() && m_from.isNull())
        return false;
    wipe();
    emit m_table.changed();
    return true;
}

void BrushTool::paint(QPainter& p, const Board& board) const
{
    const Reference* r = m_table.picture();
    p.setOpacity(0.6);
    for (const auto& [marks, colour] :
        {std::pair{&m_hole, QColor(0xb3, 0x5c, 0x12)}, {&m_from, QColor(0x2f, 0x6b, 0x5e)}})
        if (r && !marks->isNull()) {
            QImage tint(marks->size(), QImage::Format_ARGB32_Premultiplied);
            tint.fill(QColor(colour.red(), colour.green(), colour.blue(), 150));
            tint.setAlphaChannel(*marks);
            p.drawImage(wholeOf(board, *r), tint);
        }
}

bool GroundTool::press(const BoardPoint& p)
{
    const Reference* r = m_table.picture();
    if (!r || r->pixels.missing())
        return false;
    if (p.at.x >= 0 && p.at.y >= 0 && p.at.x < r->pixels.width() && p.at.y < r->pixels.height()) {
        m_table.grounds().push_back({p.at, m_table.toleranceE});
        emit m_table.changed();
    }
    return true;
}

bool GroundTool::finish()
{
    m_table.cut();
    return true;
}

bool GroundTool::stepBack()
{
    if (m_table.grounds().empty())
        return false;
    m_table.grounds().pop_back();
    emit m_table.changed();
    return true;
}

void GroundTool::paint(QPainter& p, const Board& board) const
{
    p.setBrush(Qt::NoBrush);
    for (const PlainGround& g : m_table.grounds())
        for (const auto& pen : {QPen(theme::kPaper, 4), QPen(theme::kAccent, 2)}) {
            p.setPen(pen);
            p.drawEllipse(board.toScreen(g.at), 9, 9);
        }
}

} // namespace rl::app
