#include "app/stations/paint/eye_page.h"
#include "app/theme/theme.h"
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QSettings>
#include <QVBoxLayout>

namespace rl::app {

namespace {
QString keyOf(trainer::Skill skill)
{
    return QString("eye/") + trainer::specOf(skill).key;
}
trainer::Staircase stairsFor(trainer::Skill skill)
{
    const auto& spec = trainer::specOf(skill);
    const auto known = eyeRecords(skill);
    return {known.empty() ? spec.first : known.back().threshold, spec.least, spec.most, spec.choices};
}
} // namespace

std::vector<EyeRecord> eyeRecords(trainer::Skill skill)
{
    std::vector<EyeRecord> out;
    for (const QString& s : QSettings().value(keyOf(skill)).toStringList()) {
        const QStringList parts = s.split(' ');
        const double v = parts.size() == 2 ? parts[1].toDouble() : 0;
        if (v > 0 && v < 1e6)
            out.push_back({parts[0], v});
    }
    return out;
}

void keepEyeRecord(trainer::Skill skill, const EyeRecord& record)
{
    QStringList all = QSettings().value(keyOf(skill)).toStringList();
    all << QString("%1 %2").arg(record.day).arg(record.threshold);
    while (all.size() > 1000)
        all.removeFirst();
    QSettings().setValue(keyOf(skill), all);
}

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

EyePlot::EyePlot()
{
    setObjectName("eyePlot");
    setAccessibleName(EyePage::tr("Thresholds by day"));
    setMinimumHeight(theme::px(90));
}

QSize EyePlot::sizeHint() const
{
    return {theme::px(700), theme::px(90)};
}

void EyePlot::show(trainer::Skill skill)
{
    m_skill = skill;
    m_records = eyeRecords(skill);
    QStringList told; // to who does not see it
    for (const EyeRecord& r : m_records)
        told << QString("%1 %2").arg(r.threshold, 0, 'g', 2).arg(trainer::specOf(skill).unit);
    setAccessibleDescription(told.join("; "));
    update();
}

void EyePlot::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(theme::text(12));
    p.setPen(theme::faint());
    if (m_records.empty()) {
        p.drawText(rect(), Qt::AlignVCenter | Qt::AlignLeft, EyePage::tr("No day yet. Two minutes are enough."));
        return;
    }
    const auto& spec = trainer::specOf(m_skill);
    double most = 0;
    for (const EyeRecord& r : m_records)
        most = std::max(most, r.threshold);
    const QRectF area(theme::px(70), 8, width() - theme::px(90), height() - theme::px(28));
    p.drawText(QRectF(0, area.top() - 6, theme::px(64), 18), Qt::AlignRight,
        QString("%1 %2").arg(most, 0, 'g', 2).arg(spec.unit));
    p.drawText(QRectF(0, area.bottom() - 12, theme::px(64), 18), Qt::AlignRight, QString("0 %1").arg(spec.unit));
    p.drawLine(area.bottomLeft(), area.bottomRight());
    QPolygonF line;
    for (std::size_t i = 0; i < m_records.size(); ++i)
        line << QPointF(area.left() + area.width() * double(i) / std::max<double>(1, double(m_records.size() - 1)),
            area.bottom() - area.height() * m_records[i].threshold / most);
    p.setPen(QPen(theme::accent(), 2));
    p.drawPolyline(line);
    p.setBrush(theme::accent());
    for (const QPointF& q : line)
        p.drawEllipse(q, 3, 3);
    p.setPen(theme::faint());
    p.drawText(QRectF(area.left(), area.bottom() + 2, area.width(), 18), Qt::AlignLeft, m_records.front().day);
    p.drawText(QRectF(area.left(), area.bottom() + 2, area.width(), 18), Qt::AlignRight, m_records.back().day);
}

EyePage::EyePage(Desk& desk, StationView& view)
    : PaintPage(
        desk, view, tr("Eye"), tr("Two minutes a day: what your eye just notices, in exercises from your own plan"))
    , m_plot(new EyePlot)
{
    m_form->pick(
        {"eyeSkill", tr("exercise"), tr("What is trained; its threshold is told in the unit it is measured in"), {}},
        [] {
            Choices all;
            for (int i = 0; i < trainer::kSkillCount; ++i)
                all.emplace_back(tr(trainer::specOf(trainer::Skill(i)).name), i);
            return all;
        },
        [this] { return std::optional(int(m_skill)); },
        [this](int i) {
            m_skill = trainer::Skill(i);
            show();
            emit saysChanged();
        });
    m_form->mainButton("practise", tr("Practise"),
        tr("One exercise after the other until the threshold is known, about two minutes"), [this] { practise(); });
    layout()->addWidget(m_plot);
}

void EyePage::practise()
{
    const Instant now = m_state.clock.wall.now();
    m_view = std::make_unique<EyeView>(m_state, m_skill, unsigned(now & 0xffffff));
    connect(m_view.get(), &EyeView::settled, this, [this, skill = m_skill](double threshold) {
        const Instant at = m_state.clock.wall.now();
        keepEyeRecord(skill, {said(schedule::dateOf(at / 60 + m_state.clock.wall.utcMinutes(at))), threshold});
        show();
        emit saysChanged();
    });
    m_view->show();
    m_view->setFocus();
}

void EyePage::show()
{
    PaintPage::show();
    m_plot->show(m_skill);
}

QString EyePage::says() const
{
    const auto all = eyeRecords(m_skill);
    const auto& spec = trainer::specOf(m_skill);
    QString s = all.empty() ? tr(spec.question)
                            : tr("You tell %1 %2 apart; at first it was %3.")
                                  .arg(all.back().threshold, 0, 'g', 2)
                                  .arg(spec.unit)
                                  .arg(all.front().threshold, 0, 'g', 2);
    // What the canvas shows of the same skill.
    if (const auto* c = m_state.photos.compared(); c && m_skill == trainer::Skill::Value) {
        double dark = 0, n = 0;
        for (const auto& part : c->parts)
            if (part.judged && part.lightness < 45)
                dark += part.dL, ++n;
        if (n > 0 && std::abs(dark / n) > 2)
            s += tr(" On the canvas your darks run %1 L* too %2.")
                     .arg(std::abs(dark / n), 0, 'f', 0)
                     .arg(dark > 0 ? tr("light") : tr("dark"));
    }
    if (const auto* c = m_state.photos.compared(); c && m_skill == trainer::Skill::Length) {
        std::vector<double> mm;
        for (const auto& d : c->compared.landmarks)
            if (d.painted && d.confidence > 0.6)
                mm.push_back(std::hypot(d.dxMm, d.dyMm));
        std::sort(mm.begin(), mm.end());
        if (!mm.empty())
            s += tr(" On the canvas half of the landmarks lie within %1 mm.").arg(mm[mm.size() / 2], 0, 'f', 1);
    }
    return s;
}

} // namespace rl::app
