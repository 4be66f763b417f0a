#include "app/stations/mix/recipe_cards.h"
#include "app/theme/theme.h"
#include "core/paint/mixing.h"
#include <QPainter>

namespace rl::app {

namespace {
QString signedNumber(double v)
{
    const QString size = QString::number(std::abs(v), 'f', 0);
    return (size == "0" ? QString(QChar(0xb1)) : v < 0 ? QString(QChar(0x2212)) : QString("+")) + size;
}
} // namespace

RecipeCards::RecipeCards(Desk& desk, MixState& state)
    : m_desk(desk)
    , m_state(state)
{
    setObjectName("recipes");
    setAccessibleName(tr("Recipes for the wanted colour"));
    setFixedHeight(theme::px(182));
    setToolTip(tr("Left the wanted colour, right the mix, on white, grey and wood and beside its neighbours on the "
                  "canvas; below, how much lighter (+) or darker (−) it looks there."));
}

void RecipeCards::refresh()
{
    const paint::Answer* a = m_state.answer();
    m_of = a;
    m_looks.clear();
    const PaintBox* box = m_desk.project().paintBox();
    if (a && box && m_state.mixing())
        for (const auto& f : a->formulas)
            m_looks.push_back(paint::looksOf(
                f, m_state.mixing()->box.paints, m_state.wanted()->around, box->medium, m_desk.project().mix.finish));
    QStringList told;
    for (std::size_t i = 0; a && i < m_looks.size(); ++i)
        told << m_state.partsOf(a->formulas[i].recipe) + ", " + QChar(0x394) + "E "
                + QString::number(a->formulas[i].de, 'f', 1);
    setAccessibleDescription(told.join("; "));
    update();
}

void RecipeCards::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(theme::text(13));
    p.setPen(theme::faint());
    if (!m_of || m_looks.empty()) {
        p.drawText(rect(), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
            !m_desk.project().paintBox() ? tr("No paints yet: choose a starter set on the page Paint box.")
                : m_state.searching()    ? tr("Looking for recipes…")
                                      : tr("Click the picture where a colour is wanted, or a puddle on the palette."));
        return;
    }
    const int count = int(m_looks.size()), gap = theme::px(8),
              width_ = (width() - gap * (count - 1)) / std::max(count, 3);
    const QColor grounds[] = {QColor(0xee, 0xed, 0xe9), QColor(0x7c, 0x7b, 0x79), QColor(0xa8, 0x82, 0x5a),
        screenColour(m_state.wanted()->around)};
    const char* names[] = {QT_TR_NOOP("white"), QT_TR_NOOP("grey"), QT_TR_NOOP("wood"), QT_TR_NOOP("in place")};
    const QColor wanted = screenColour(m_state.wanted()->lab);
    for (int i = 0; i < count; ++i) {
        const paint::Looks& l = m_looks[std::size_t(i)];
        const paint::Formula& f = m_of->formulas[std::size_t(i)];
        const QRect card(i * (width_ + gap), 0, width_, height());
        const QColor mix = screenColour(l.dry);
        const int step = std::min(theme::px(66), width_ / 4), side = std::min(theme::px(44), step - 3);
        const double seems[] = {l.onWhite - l.inPlace, l.onGrey - l.inPlace, l.onWood - l.inPlace, 0};
        for (int k = 0; k < 4; ++k) {
            const QRect patch(card.left() + k * step, 0, side, side);
            p.fillRect(patch, grounds[k]);
            const QRect inner = patch.adjusted(side / 4, side / 4, -side / 4, -side / 4);
            p.fillRect(QRect(inner.left(), inner.top(), inner.width() / 2, inner.height()), wanted);
            p.fillRect(
                QRect(inner.left() + inner.width() / 2, inner.top(), inner.width() - inner.width() / 2, inner.height()),
                mix);
            p.setFont(theme::text(12));
            p.setPen(theme::faint());
            const QString word = tr(names[k]), number = k == 3 ? QString() : " " + signedNumber(seems[k]);
            const QRect line(card.left() + k * step, side, step, theme::px(16));
            p.drawText(line, Qt::AlignLeft | Qt::AlignVCenter,
                p.fontMetrics().horizontalAdvance(word + number) < step - 2 || number.isEmpty() ? word + number
                                                                                                : number.trimmed());
        }
        int y = side + theme::px(17);
        p.setPen(theme::ink());
        p.setFont(theme::text(13, i == 0));
        const QRect parts(card.left(), y, width_, theme::px(50));
        QRect used;
        p.drawText(parts, Qt::TextWordWrap, m_state.partsOf(f.recipe), &used);
        y += std::clamp(used.height(), theme::px(34), theme::px(50)) + 2;
        p.setFont(theme::text(12));
        p.setPen(theme::ink());
        const QString figures = tr("%1 (%2) · if mismeasured +%3 · by lamplight %4 · wet %5, dry %6")
                                    .arg(f.de < 2      ? tr("match")
                                            : f.de < 5 ? tr("near")
                                                       : tr("off"))
                                    .arg(f.de, 0, 'f', 1)
                                    .arg(l.slip, 0, 'f', 1)
                                    .arg(l.lampShift, 0, 'f', 0)
                                    .arg(l.wet.L, 0, 'f', 0)
                                    .arg(l.dry.L, 0, 'f', 0);
        const bool one = p.fontMetrics().horizontalAdvance(figures) <= width_;
        p.drawText(QRect(card.left(), y, width_, theme::px(one ? 16 : 32)), Qt::TextWordWrap, figures);
        if (!one)
            y += theme::px(16);
        y += theme::px(17);
        p.setPen(theme::faint());
        const int line = p.fontMetrics().lineSpacing(), lines = (height() - y) / line;
        if (!l.warnings.empty() && lines > 0) // whole lines only
            p.drawText(QRect(card.left(), y, width_, lines * line), Qt::TextWordWrap,
                QString::fromStdString(l.warnings.front().sentence));
    }
}

} // namespace rl::app
