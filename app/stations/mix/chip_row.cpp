#include "app/stations/mix/chip_row.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

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
    update();
}

void ChipRow::say(const QString& words)
{
    m_chips.clear();
    m_words = words;
    setFixedHeight(theme::px(22));
    update();
}

void ChipRow::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setPen(theme::kFaint);
    p.setFont(theme::text(13));
    if (m_chips.empty()) {
        p.drawText(rect(), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, m_words);
        return;
    }
    const int head = m_upperWord.isEmpty() ? 0 : theme::px(78), count = int(m_chips.size());
    const double wide = std::min(double(width() - head) / count, double(theme::px(220)));
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
        p.setPen(theme::kInk);
        p.setFont(theme::text(12, true));
        p.drawText(QRect(x, high + 1, w, theme::px(17)), Qt::AlignLeft | Qt::AlignVCenter,
            p.fontMetrics().elidedText(c.title, Qt::ElideRight, w));
        p.setFont(theme::text(12));
        p.setPen(theme::kFaint);
        const QRect words(x, high + theme::px(17), w, theme::px(16) * m_lines);
        p.drawText(words, Qt::TextWordWrap, c.words);
    }
}

} // namespace rl::app
