#include "app/stations/stage/guides_page.h"
#include "core/stage/guides.h"

namespace rl::app {

GuidesPage::GuidesPage(Desk& desk, StationView& view)
    : StagePage(desk, view, tr("Guides"), tr("Lines to compose by, each explained and measured"))
{
    const auto guides = lens::guides();
    for (int i = 0; i < kGuideCount; ++i) {
        auto* b = new QToolButton;
        b->setObjectName(QString("guide%1").arg(i));
        b->setText(tr(stage::nameOf(Guide(i))));
        b->setToolTip(tr(stage::explained(Guide(i))));
        b->setCheckable(true);
        b->setFocusPolicy(Qt::TabFocus);
        connect(b, &QToolButton::clicked, this, [this, guides, i](bool on) {
            m_form->change(guides,
                on ? tr("Show %1").arg(tr(stage::nameOf(Guide(i)))) : tr("Hide %1").arg(tr(stage::nameOf(Guide(i)))),
                -1, [=](Guides& g) { g.shown = on ? g.shown | (1U << i) : g.shown & ~(1U << i); });
        });
        m_buttons[std::size_t(i)] = b;
        m_form->add(b);
    }
    m_form->line();
    const auto shown = [this](Guide g) { return [this, g] { return project().guides.on(g); }; };
    m_form->button("spiralTurn", tr("Turn the spiral"), tr("The next of its four turns"), [this, guides] {
        m_form->change(guides, tr("Turn the spiral"), -1, [](Guides& g) { g.spiralTurn = (g.spiralTurn + 1) % 4; });
    });
    drawLatch("pyramidCorners", tr("Pyramid's corners"), tr("Click its three corners on the board"),
        [this] { return corners(); });
    drawLatch(
        "meetingPoint", tr("Meeting point"), tr("Click where the converging lines meet"), [this] { return meet(); });
    m_form->number(guides, &Guides::rings, {"rings", tr("rings"), tr("How many rings."), tr("Set the number of rings")},
        [shown](const Guides& g) { return g.on(Guide::Rings); });
}

PointsWanted GuidesPage::corners()
{
    PointsWanted w;
    w.hint = tr("Click the three corners of the pyramid.");
    w.least = w.most = 3;
    w.done = [this](const std::vector<OutlinePoint>& points) {
        m_form->change(lens::guides(), tr("Choose the pyramid's corners"), -1, [&](Guides& g) {
            g.corners = {points[0].at, points[1].at, points[2].at};
            g.shown |= 1U << int(Guide::Pyramid);
        });
    };
    return w;
}

PointsWanted GuidesPage::meet()
{
    PointsWanted w;
    w.hint = tr("Click where the lines meet; it may be on the horizon.");
    w.most = 1;
    w.done = [this](const std::vector<OutlinePoint>& points) {
        m_form->change(lens::guides(), tr("Choose the meeting point"), -1,
            [&](Guides& g) { g.meet = points[0].at, g.shown |= 1U << int(Guide::Converging); });
    };
    return w;
}

void GuidesPage::refresh()
{
    StagePage::refresh();
    for (int i = 0; i < kGuideCount; ++i)
        m_buttons[std::size_t(i)]->setChecked(project().guides.on(Guide(i)));
}

QString GuidesPage::says() const
{
    const Project& p = project();
    if (!p.guides.shown)
        return tr("All off. Hold the pointer over one to read what it is for.");
    QStringList out;
    const auto near = stage::onGuides(p, m_desk.surfaces());
    for (int g = 0; g < kGuideCount; ++g) {
        if (!p.guides.on(Guide(g)))
            continue;
        QStringList who;
        for (const stage::OnGuide& o : near)
            if (int(o.guide) == g)
                who << tr("%1 (%2 % off)")
                           .arg(QString::fromStdString(p.element(o.element)->name))
                           .arg(o.percent, 0, 'f', 1);
        out << tr("%1 Within 2 %: %2")
                   .arg(tr(stage::explained(Guide(g))), who.isEmpty() ? tr("nothing") : who.join(", "));
    }
    return out.join(". ") + ".";
}

} // namespace rl::app
