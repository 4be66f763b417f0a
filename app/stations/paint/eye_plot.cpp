#include "app/stations/paint/eye_page.h"
#include "app/theme/theme.h"
#include <QPainter>
#include <QSettings>

namespace rl::app {

namespace {
QString keyOf(trainer::Skill skill)
{
    return QString("eye/") + trainer::specOf(skill).key;
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

} // namespace rl::app
