#include "app/stations/mix/chip_row.h"
#include "app/theme/theme.h"
#include <QHelpEvent>
#include <QPainter>
#include <QToolTip>

namespace rl::app {

namespace {
/// Words over whole lines; what finds no room ends in dots.
void drawLines(QPainter& p, const QRect& r, const QString& words, int lines)
{
    QStringList left = words.split(' ');
    const QFontMetrics m = p.fontMetrics();
    for (int i = 0; i < lines && !left.isEmpty(); ++i) {
        QString line = left.takeFirst();
        if (i + 1 == lines)
            line = m.elidedText((QStringList(line) + left).join(' '), Qt::ElideRight, r.width());
        else
            while (!left.isEmpty() && m.horizontalAdvance(line + ' ' + left.first()) <= r.width())
                line += ' ' + left.takeFirst();
        const int step = r.height() / lines;
        p.drawText(QRect(r.left(), r.top() + i * step, r.width(), step), Qt::AlignLeft | Qt::AlignVCenter,
            m.elidedText(line, Qt::ElideRight, r.width()));
    }
}
} // namespace

int ChipRow::head() const
{
    return m_upperWord.isEmpty() ? 0 : theme::px(78);
}
double ChipRow::wide() const
{
    return std::min(
        double(width() - head()) / double(std::max<std::size_t>(m_chips.size(), 1)), double(theme::px(220)));
}

bool ChipRow::event(QEvent* e)
{
    if (e->type() != QEvent::ToolTip)
        return QWidget::event(e);
    auto* help = static_cast<QHelpEvent*>(e);
    const int i = int((help->pos().x() - head()) / std::max(1.0, wide()));
    const bool any = help->pos().x() >= head() && i < int(m_chips.size());
    QToolTip::showText(help->globalPos(),
        any ? m_chips[std::size_t(i)].title + "\n" + m_chips[std::size_t(i)].words : QString(), this);
    return true;
}

ChipRow::ChipRow(const QString& name, int lines)
    : m_lines(lines)
{
    setObjectName(name);
    setAccessibleName(name);
    setFixedHeight(theme::px(22));
}

void ChipRow::show(std::vector<Chip> chips, const QString& upperWord, const QString& lowerWord)
{
    m_chips = std::move(chips), m_upperWord = upperWord, m_lowerWord = lowerWord;
    m_words.clear();
    setFixedHeight(m_chips.empty() ? theme::px(22) : theme::px(68 + 16 * m_lines));
    QStringList told; // to who does not see it
    for (const Chip& c : m_chips)
        told << c.title + ": " + c.words;
    setAccessibleDescription(told.join("; "));
    update();
}

void ChipRow::say(const QString& words)
{
    m_chips.clear();
    m_words = words;
    setAccessibleDescription(words);
    setFixedHeight(theme::px(22));
    update();
}

void ChipRow::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setPen(theme::faint());
    p.setFont(theme::text(13));
    if (m_chips.empty()) {
        p.drawText(rect(), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, m_words);
        return;
    }
    const int head = this->head(), count = int(m_chips.size());
    const double wide = this->wide();
    const int high = theme::px(50), half = high / 2;
    if (head) {
        p.drawText(QRect(0, 0, head - 6, half), Qt::AlignVCenter | Qt::AlignRight, m_upperWord);
        p.drawText(QRect(0, half, head - 6, half), Qt::AlignVCenter | Qt::AlignRight, m_lowerWord);
    }
    for (int i = 0; i < count; ++i) {
        const Chip& c = m_chips[std::size_t(i)];
        const int x = head + int(i * wide), w = int(wide) - (count > 20 ? 0 : 4);
        p.fillRect(QRect(x, 0, w, c.lower.isValid() ? half : high), c.upper);
        if (c.lower.isValid())
            p.fillRect(QRect(x, half, w, high - half), c.lower);
        if (wide < theme::px(26))
            continue;
        p.setPen(theme::ink());
        p.setFont(theme::text(12, true));
        p.drawText(QRect(x, high + 1, w, theme::px(17)), Qt::AlignLeft | Qt::AlignVCenter,
            p.fontMetrics().elidedText(c.title, Qt::ElideRight, w));
        p.setFont(theme::text(12));
        p.setPen(theme::faint());
        drawLines(p, QRect(x, high + theme::px(17), w, theme::px(16) * m_lines), c.words, m_lines);
    }
}

} // namespace rl::app
