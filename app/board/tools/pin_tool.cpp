#include "app/board/tools/pin_tool.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include <QPainter>

namespace rl::app {

void PinTool::refresh()
{
    const Cutout* c = m_table.cutout();
    if (m_busy)
        return;
    const auto pins = c ? c->pins : std::vector<Pin>();
    if (pins != m_pins)
        m_held = -1;
    m_pins = pins;
    bend();
}

bool PinTool::press(const BoardPoint& p)
{
    const Cutout* c = m_table.cutout();
    if (!c || c->alpha.empty())
        return false;
    m_busy = true;
    m_table.setBusyHand(true);
    m_held = -1;
    for (std::size_t i = 0; i < m_pins.size(); ++i)
        if ((m_pins[i].to - p.at).length() < 11 * p.px) {
            m_held = int(i);
            return true;
        }
    const int x = int(p.at.x), y = int(p.at.y);
    if (c->alpha.contains(x, y) && (c->alpha.at(x, y) > 8 || m_pins.size() >= 2)) {
        m_pins.push_back({p.at, p.at});
        m_held = int(m_pins.size()) - 1;
    }
    return true;
}

void PinTool::move(const BoardPoint& p)
{
    if (m_held < 0)
        return;
    m_pins[std::size_t(m_held)].to = p.at;
    bend();
}

void PinTool::release(const BoardPoint&)
{
    m_busy = false;
    m_table.setBusyHand(false);
    keep();
}

void PinTool::keep()
{
    const Cutout* c = m_table.cutout();
    if (!c || c->pins == m_pins)
        return;
    Cutout after = *c;
    after.pins = m_pins;
    m_desk.edit(CutTable::tr("Bend it"), edits::withCutout(m_desk.project(), std::move(after)));
}

bool PinTool::dropPin()
{
    if (m_held < 0 || m_held >= int(m_pins.size()))
        return false;
    m_pins.erase(m_pins.begin() + m_held);
    m_held = -1;
    keep();
    return true;
}

void PinTool::clear()
{
    m_pins.clear();
    m_held = -1;
    keep();
}

void PinTool::bend()
{
    const Cutout* c = m_table.cutout();
    if (!c || m_pins.size() < 2 || m_table.image().isNull()) {
        m_bent = {};
        m_bentBy.clear();
        return;
    }
    if (m_bentBy == m_pins && m_bentOf.identity() == c->alpha.identity() && !m_bent.isNull())
        return;
    m_bentBy = m_pins, m_bentOf = c->alpha;
    const double k = std::min(1.0, 420.0 / std::max(c->alpha.width(), c->alpha.height()));
    const QImage whole(
        c->alpha.data(), c->alpha.width(), c->alpha.height(), c->alpha.width(), QImage::Format_Grayscale8);
    const QSize size = whole.size() * k;
    const QImage alpha = whole.scaled(size, Qt::IgnoreAspectRatio, Qt::FastTransformation);
    const QImage rgb = m_table.image()
                           .scaled(size, Qt::IgnoreAspectRatio, Qt::FastTransformation)
                           .convertToFormat(QImage::Format_RGB888);
    std::vector<std::uint8_t> cover;
    std::vector<Rgb8> colours;
    for (int y = 0; y < size.height(); ++y) {
        cover.insert(cover.end(), alpha.constScanLine(y), alpha.constScanLine(y) + size.width());
        const auto* line = reinterpret_cast<const Rgb8*>(rgb.constScanLine(y));
        colours.insert(colours.end(), line, line + size.width());
    }
    std::vector<cutout::BendPin> pins;
    for (const Pin& p : m_pins)
        pins.push_back({p.from * k, p.to * k});
    const Mask small(size.width(), size.height(), std::move(cover));
    const auto bent = cutout::Bend(small, pins).applied({size.width(), size.height(), std::move(colours)}, small);
    m_bent = QImage(bent.photo.width(), bent.photo.height(), QImage::Format_ARGB32);
    for (int y = 0; y < m_bent.height(); ++y) {
        auto* line = reinterpret_cast<QRgb*>(m_bent.scanLine(y));
        for (int x = 0; x < m_bent.width(); ++x) {
            const Rgb8 px = bent.photo.at(x, y);
            line[x] = qRgba(px.r, px.g, px.b, bent.alpha.at(x, y));
        }
    }
    m_bentAt = {bent.left / k, bent.top / k, m_bent.width() / k, m_bent.height() / k};
}

void PinTool::paint(QPainter& p, const Board& board) const
{
    const Reference* r = m_table.picture();
    if (!m_bent.isNull() && r) {
        // The unbent figure lies under the bent one no longer: the picture goes back to an even tone.
        p.fillRect(board.toScreen(Rect{0, 0, double(r->pixels.width()), double(r->pixels.height())}),
            QColor(0x7a, 0x7a, 0x7a, 244));
        p.drawImage(board.toScreen(m_bentAt), m_bent);
    }
    for (std::size_t i = 0; i < m_pins.size(); ++i) {
        const QPointF from = board.toScreen(m_pins[i].from), to = board.toScreen(m_pins[i].to);
        p.setPen(QPen(theme::kPaper, 2, Qt::DotLine));
        p.drawLine(from, to);
        p.setPen(QPen(theme::kInk, 1.5));
        p.setBrush(int(i) == m_held ? theme::kAccent : theme::kGlow);
        p.drawEllipse(to, 6.5, 6.5);
        p.drawLine(to + QPointF(0, 6.5), to + QPointF(0, 15));
    }
}

} // namespace rl::app
