#include "app/stations/paint/photo_beside.h"
#include <QHeaderView>
#include <QListWidget>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace rl::app {

namespace {
/// mm: the farthest any of its landmarks has strayed.
double driftOf(const survey::WorkSurvey& s, int element)
{
    double drift = 0;
    for (std::size_t i = 0; i < s.compared.landmarks.size(); ++i)
        if (s.elements[i] == element && s.compared.landmarks[i].painted && s.compared.landmarks[i].confidence >= 0.5)
            drift = std::max(drift, std::hypot(s.compared.landmarks[i].dxMm, s.compared.landmarks[i].dyMm));
    return drift;
}

QString signedValue(double v)
{
    return std::abs(v) < 0.5 ? QString("0") : QString("%1%2").arg(v > 0 ? "+" : "").arg(v, 0, 'f', 0);
}
} // namespace

PhotoBeside::PhotoBeside(Desk& desk, PaintState& state)
    : m_desk(desk)
    , m_state(state)
    , m_strip(new QListWidget)
    , m_list(new QTreeWidget)
{
    m_list->setObjectName("partChecks");
    m_list->setAccessibleName(tr("Canvas against stage, thing by thing"));
    m_list->setHeaderLabels({tr("element"), tr("painted"), tr("value"), tr("colour"), tr("lost edges"), tr("drift")});
    m_list->setRootIsDecorated(false);
    m_list->setWordWrap(true);
    m_list->header()->setStretchLastSection(false);
    m_list->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    for (int c = 1; c < 6; ++c)
        m_list->header()->setSectionResizeMode(c, QHeaderView::ResizeToContents);
    m_strip->setObjectName("photoStrip");
    m_strip->setAccessibleName(tr("Photographs of the canvas by day"));
    m_strip->setViewMode(QListView::IconMode);
    m_strip->setFlow(QListView::LeftToRight);
    m_strip->setWrapping(false);
    m_strip->setMovement(QListView::Static);
    m_strip->setIconSize({120, 84});
    m_strip->setFixedHeight(84 + 3 * fontMetrics().height());
    m_strip->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(m_strip, &QListWidget::currentRowChanged, this, [this](int row) {
        if (!m_filling && row >= 0)
            m_state.photos.hold(m_strip->item(row)->data(Qt::UserRole).toInt());
    });
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins({});
    column->addWidget(m_strip);
    column->addWidget(m_list);
    hide();
}

QString PhotoBeside::dayOf(const CanvasPhoto& c) const
{
    const int shift = m_state.clock.wall.utcMinutes(c.at);
    return said(schedule::daySaid(c.at / 60 + shift)) + " " + said(schedule::clockOf(c.at / 60 + shift));
}

void PhotoBeside::fill()
{
    fillStrip();
    m_list->clear();
    if (const auto* s = m_state.photos.compared())
        fillParts(*s);
}

void PhotoBeside::fillStrip()
{
    m_filling = true;
    m_strip->clear();
    for (const CanvasPhoto& c : m_desk.project().painting.photos) {
        auto* item = new QListWidgetItem(dayOf(c), m_strip);
        item->setData(Qt::UserRole, c.id);
        if (const QImage small = m_state.photos.small(c.id); !small.isNull())
            item->setIcon(QPixmap::fromImage(small));
        if (c.id == m_state.photos.id())
            m_strip->setCurrentItem(item);
    }
    m_strip->setVisible(m_strip->count() > 0);
    m_filling = false;
}

void PhotoBeside::fillParts(const survey::WorkSurvey& s)
{
    for (const auto& part : s.parts) {
        const double drift = driftOf(s, part.element);
        new QTreeWidgetItem(m_list,
            {said(part.name), tr("%1 %").arg(100 * part.painted, 0, 'f', 0), part.judged ? signedValue(part.dL) : "–",
                part.judged ? signedValue(part.dC) : "–",
                part.judged && part.element
                    ? tr("%1 (%2) %").arg(100 * part.lost, 0, 'f', 0).arg(100 * part.plannedLost, 0, 'f', 0)
                    : "–",
                drift > 0 ? tr("%1 mm").arg(drift, 0, 'f', 1) : "–"});
    }
    if (s.changed >= 0)
        new QTreeWidgetItem(m_list, {tr("new since the last photograph"), tr("%1 %").arg(100 * s.changed, 0, 'f', 0)});
}

} // namespace rl::app
