#include "app/frame/side_column.h"
#include "app/frame/trail.h"
#include "app/stations/station.h"
#include "app/theme/theme.h"
#include <QEvent>
#include <QPainter>
#include <QSettings>
#include <QToolButton>
#include <QVBoxLayout>

namespace rl::app {

namespace {
QIcon lampIcon(int state)
{
    QPixmap map(44, 44);
    map.setDevicePixelRatio(2);
    map.fill(Qt::transparent);
    QPainter p(&map);
    p.setRenderHint(QPainter::Antialiasing);
    paintLamp(p, {11, 11}, 16, state);
    return map;
}

QString settingOf(const StationSpec& spec)
{
    return "findingsOpen/" + spec.key;
}
} // namespace

SideColumn::SideColumn(Desk& desk)
    : m_desk(desk)
    , m_head(new QToolButton)
    , m_findings(new FindingsPanel)
    , m_plans(new Plans(desk))
{
    setObjectName("sideColumn");
    m_head->setObjectName("findingsHead");
    m_head->setFocusPolicy(Qt::TabFocus);
    m_head->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    m_head->setIconSize({22, 22});
    m_head->setToolTip(tr("Shows the findings, or folds this column to a strip (G); the lamp and the count stay"));
    connect(m_head, &QToolButton::clicked, this, &SideColumn::toggle);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_head);
    layout->addWidget(m_findings, 1);
    layout->addWidget(m_plans, 1);
    layout->addStretch(0);
}

void SideColumn::setStation(const StationSpec& spec, bool room, QWidget* beside)
{
    m_spec = &spec;
    m_room = room;
    if (beside != m_beside) {
        if (m_beside)
            m_beside->hide();
        m_beside = beside;
        if (m_beside)
            qobject_cast<QVBoxLayout*>(layout())->insertWidget(2, m_beside, 1);
    }
    m_open = QSettings().value(settingOf(spec), false).toBool();
    m_strip = QSettings().value("sideStrip", false).toBool();
    arrange();
}

bool SideColumn::brings() const
{
    return m_spec && ((m_spec->plans && m_room) || m_beside);
}

SideColumn::Shows SideColumn::shows() const
{
    return m_strip ? Shows::Strip : m_open || !brings() ? Shows::Findings : Shows::Brought;
}

void SideColumn::toggle()
{
    const Shows was = shows();
    m_strip = was == Shows::Findings;
    m_open = was == Shows::Brought;
    QSettings().setValue("sideStrip", m_strip);
    if (m_spec)
        QSettings().setValue(settingOf(*m_spec), m_open);
    arrange();
}

void SideColumn::setKnown(const Findings* all, bool checking)
{
    if (!m_spec)
        return;
    int count = 0, worst = 0;
    if (all)
        for (const Finding& f : *all)
            if (f.station == m_spec->id)
                ++count, worst = std::max(worst, int(f.severity));
    m_head->setIcon(lampIcon(all ? worst : 3));
    m_head->setProperty("words",
        !all || checking ? tr("checking…")
            : !count     ? tr("all clear")
                         : tr("%n findings", nullptr, count));
    m_head->setProperty("count", all && !checking ? QString::number(count) : QString("…"));
    m_all = all ? *all : Findings{}, m_known = all;
    arrange();
}

void SideColumn::arrange()
{
    const Shows what = shows();
    const bool findings = what == Shows::Findings, wide = what != Shows::Strip;
    const bool plans = what == Shows::Brought && !m_beside;
    if (m_beside)
        m_beside->setVisible(what == Shows::Brought);
    if (findings && m_spec)
        m_findings->show(m_all, int(m_spec->id), m_known); // a card takes a while to make: only when it is seen
    m_findings->setVisible(findings);
    m_plans->setVisible(plans);
    m_head->setText(m_head->property(wide ? "words" : "count").toString() + (wide ? (findings ? " ▾" : " ▸") : ""));
    m_head->setAccessibleName(m_head->property("words").toString());
    m_head->setToolButtonStyle(wide ? Qt::ToolButtonTextBesideIcon : Qt::ToolButtonTextUnderIcon);
    setFixedWidth(theme::px(wide ? 250 : 50));
    if (plans)
        m_plans->refresh();
}

void SideColumn::changeEvent(QEvent* e)
{
    if (e->type() == QEvent::FontChange)
        arrange();
    QWidget::changeEvent(e);
}

} // namespace rl::app
