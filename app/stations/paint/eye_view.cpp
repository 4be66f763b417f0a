#include "app/stations/paint/eye_view.h"
#include "app/stations/paint/eye_plot.h"
#include "app/theme/theme.h"
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

namespace rl::app {

namespace {
trainer::Staircase stairsFor(trainer::Skill skill)
{
    const auto& spec = trainer::specOf(skill);
    const auto known = eyeRecords(skill);
    return {known.empty() ? spec.first : known.back().threshold, spec.least, spec.most, spec.choices};
}
} // namespace

EyeView::EyeView(PaintState& state, trainer::Skill skill, unsigned seed)
    : QWidget(nullptr, Qt::Window)
    , m_state(state)
    , m_skill(skill)
    , m_stairs(stairsFor(skill))
    , m_seed(seed)
{
    setObjectName("eye");
    setWindowTitle(tr("Eye trainer"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(480, 360);
    resize(960, 660);
    ask();
}

void EyeView::ask()
{
    const auto* work = m_state.work.painted();
    m_exercise = trainer::exerciseOf(m_skill, work ? work->picture : light::Picture{},
        work ? work->facts : schedule::PlanFacts{}, m_stairs.next(), ++m_seed);
    m_image = m_exercise.picture.empty() ? QImage() : imageOf(m_exercise.picture);
    update();
}

void EyeView::answer(int which)
{
    if (m_done) {
        close();
        return;
    }
    if (which < 0 || which >= int(m_exercise.answers.size()))
        return;
    const bool right = which == m_exercise.right;
    m_stairs.answered(m_exercise.shown, right);
    m_told = (right ? tr("Yes. ") : tr("No. ")) + said(m_exercise.told);
    if (m_stairs.settled()) {
        m_done = true;
        m_told += tr(" You tell %1 %2 apart.").arg(m_stairs.threshold(), 0, 'g', 2).arg(trainer::specOf(m_skill).unit);
        emit settled(m_stairs.threshold());
        update();
    } else {
        ask();
    }
}

QRectF EyeView::place() const
{
    const QSizeF s
        = QSizeF(m_image.size()).scaled(QSizeF(width() - 40, height() - theme::px(130)), Qt::KeepAspectRatio);
    return {(width() - s.width()) / 2, double(theme::px(60)), s.width(), s.height()};
}

void EyeView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    p.fillRect(rect(), QColor(0x77, 0x77, 0x77)); // a middle grey, so that nothing beside it misleads
    p.setPen(Qt::white);
    p.setFont(theme::heading(20));
    p.drawText(QRect(20, 10, width() - 40, theme::px(44)), Qt::AlignVCenter, tr(trainer::specOf(m_skill).question));
    p.setFont(theme::text(14));
    if (m_image.isNull()) {
        p.drawText(rect(), Qt::AlignCenter, tr("There is nothing in this plan to ask it of."));
        return;
    }
    const QRectF r = place();
    p.drawImage(r, m_image);
    for (std::size_t i = 0; i < m_exercise.answers.size(); ++i) {
        const Rect& a = m_exercise.answers[i];
        const QRectF box(
            r.left() + a.x * r.width(), r.top() + a.y * r.height(), a.width * r.width(), a.height * r.height());
        if (m_skill == trainer::Skill::Glance) {
            p.setPen(QPen(Qt::white, 1.5));
            p.drawRect(box);
        }
        const QRectF tag(box.center().x() - 14, std::min(box.bottom(), r.bottom()) - 30, 28, 24);
        p.setBrush(QColor(0x30, 0x30, 0x30, 200));
        p.setPen(Qt::NoPen);
        p.drawRoundedRect(tag, 6, 6);
        p.setPen(Qt::white);
        p.drawText(tag, Qt::AlignCenter, QString::number(i + 1));
    }
    p.setPen(Qt::white);
    p.drawText(QRectF(20, r.bottom() + 4, width() - 40, height() - r.bottom() - 8), Qt::AlignVCenter | Qt::TextWordWrap,
        m_told
            + (m_done ? tr(" Click to close.") : tr("  (%1 so far; click it, or its number)").arg(m_stairs.trials())));
}

void EyeView::mousePressEvent(QMouseEvent* e)
{
    const QRectF r = place();
    const Vec2 at{(e->position().x() - r.left()) / std::max(1.0, r.width()),
        (e->position().y() - r.top()) / std::max(1.0, r.height())};
    if (m_done)
        return answer(0);
    for (std::size_t i = 0; i < m_exercise.answers.size(); ++i)
        if (m_exercise.answers[i].contains(at))
            return answer(int(i));
}

void EyeView::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Escape)
        close();
    else if (e->key() >= Qt::Key_1 && e->key() <= Qt::Key_8)
        answer(e->key() - Qt::Key_1);
    else
        QWidget::keyPressEvent(e);
}

} // namespace rl::app
