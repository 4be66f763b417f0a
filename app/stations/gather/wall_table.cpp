#include "app/stations/gather/wall_table.h"
#include "core/project/ledger.h"
#include <set>

namespace rl::app {

namespace {
QString kelvinText(double kelvin)
{
    return kelvin > 0 ? QString("%1 K").arg(std::lround(kelvin / 50) * 50) : WallTable::tr("no daylight colour");
}
} // namespace

/// A confidence of 0…1 in a word.
QString sureWord(double confidence)
{
    return confidence >= 0.7 ? WallTable::tr("sure")
        : confidence >= 0.45 ? WallTable::tr("likely")
                             : WallTable::tr("a guess");
}

/// The same lines for every picture, so that two can be read across.
QStringList figuresOf(const gather::PictureMeasure& m)
{
    const QString light = m.light.confidence < 0.25
        ? (m.figures.empty() ? WallTable::tr("light direction: unclear, no figure found")
                             : WallTable::tr("light direction: unclear (too even to read)"))
        : WallTable::tr("light from %1°%5, %2° %3 – %4")
              .arg(m.light.azimuth, 0, 'f', 0)
              .arg(std::abs(m.light.elevation), 0, 'f', 0)
              .arg(m.light.elevation < 0 ? WallTable::tr("from behind") : WallTable::tr("towards you"))
              .arg(sureWord(m.light.confidence))
              .arg(m.figures.empty() ? QString() : WallTable::tr(" ± %1°").arg(m.figures[0].azimuthHalf, 0, 'f', 0));
    return {light,
        m.light.confidence < 0.25
            ? WallTable::tr("softness: unclear")
            : WallTable::tr("softness %1 % (0 hard sun, 100 overcast)").arg(100 * m.softness, 0, 'f', 0),
        WallTable::tr("light %1, shade %2").arg(kelvinText(m.lightKelvin), kelvinText(m.shadeKelvin)),
        WallTable::tr("values %1 to %2 (0 black, 100 white)").arg(m.darkL, 0, 'f', 0).arg(m.lightL, 0, 'f', 0),
        WallTable::tr("edges %1, grain L* %2")
            .arg(m.sharpness > 0 ? QString("%L1 px").arg(m.sharpness, 0, 'f', 1) : WallTable::tr("too few"))
            .arg(m.noise, 0, 'f', 2),
        m.eyeConfidence < 0.25 ? WallTable::tr("eye level: too few straight lines")
                               : WallTable::tr("eye level %1 % from its top").arg(100 * m.eyeLevel, 0, 'f', 0)};
}

WallTable::WallTable(Desk& desk, QObject* owner)
    : m_desk(desk)
    , m_wall(new ReferenceWall)
    , m_compare(new CompareView)
{
    Q_UNUSED(owner)
    addWidget(m_wall);
    addWidget(m_compare);
    connect(m_wall, &ReferenceWall::held, &m_desk, &Desk::holdReference);
    connect(m_wall, &ReferenceWall::openWanted, this, [this](int id) {
        m_desk.holdReference(id);
        emit m_desk.stationWanted(int(Station::Cut));
    });
    connect(m_wall, &ReferenceWall::filesDropped, &m_desk, &Desk::importWanted);
    connect(m_wall, &ReferenceWall::chosenChanged, this, [this] {
        for (const int id : m_wall->chosen())
            if (id != m_desk.reference())
                m_second = id;
        emit changed();
    });
    connect(m_wall, &ReferenceWall::moved, this, [this](const auto& places, const QString& heap) {
        Project after = m_desk.project();
        for (Reference& r : after.references)
            for (const auto& [id, at] : places)
                if (r.id == id) {
                    r.hung = true;
                    r.wallAt = at;
                    if (!heap.isEmpty())
                        r.heap = heap.toStdString();
                }
        m_desk.edit(tr("Pin it on the wall"), std::move(after));
    });
}

gather::Shapes WallTable::shapes() const
{
    gather::Shapes all;
    for (const Cutout& c : m_desk.project().cutouts)
        all[c.id] = m_desk.surfaces().shape(c);
    return all;
}

int WallTable::lead() const
{
    const Project& p = m_desk.project();
    return p.lead ? p.lead : p.backdrop.reference;
}

void WallTable::setComparing(bool on)
{
    m_comparing = on;
    emit changed();
}

void WallTable::setSecond(int reference)
{
    m_second = reference;
    m_comparing = true;
    emit changed();
}

void WallTable::refresh()
{
    const Project& p = m_desk.project();
    if (!p.reference(m_second) || m_second == m_desk.reference())
        m_second = 0;
    if (!m_second) // the lead, or the first other picture
        for (const Reference& r : p.references)
            if (r.id != m_desk.reference() && (m_second == 0 || r.id == lead()))
                m_second = r.id;
    showWall();
    const bool compare = m_comparing && m_second;
    setCurrentWidget(compare ? static_cast<QWidget*>(m_compare) : m_wall);
    if (compare)
        showComparison();
}

void WallTable::showWall()
{
    const Project& p = m_desk.project();
    std::set<int> alike;
    for (const gather::Twins& t : gather::twinsOf(p, m_desk.wall.likeness()))
        alike.insert(t.second);
    std::vector<ReferenceWall::Picture> pictures;
    for (const Reference& r : p.references) {
        ReferenceWall::Picture w;
        w.id = r.id;
        w.small = m_desk.wall.small(r);
        w.name = QString::fromStdString(r.name);
        w.heap = QString::fromStdString(r.heap);
        w.pixels = {r.pixels.width(), r.pixels.height()};
        w.second = QString("%1 × %2 px · %3")
                       .arg(r.pixels.width())
                       .arg(r.pixels.height())
                       .arg(r.credit.empty() ? tr("no credit yet") : QString::fromStdString(r.credit));
        w.hung = r.hung;
        w.at = r.wallAt;
        w.missing = r.pixels.missing();
        w.badge = w.missing                ? tr("missing")
            : p.backdrop.reference == r.id ? tr("backdrop")
            : p.lead == r.id               ? tr("lead")
            : alike.contains(r.id)         ? tr("twin")
                                           : QString();
        w.warning = used(p, r.id) && (r.credit.empty() || r.permission == Permission::ToAsk);
        if (const auto* m = m_desk.wall.measure(r.id)) {
            w.measured = true;
            w.azimuth = m->light.azimuth;
            w.confidence = m->light.confidence;
            if (!m->figures.empty())
                w.half = m->figures[0].azimuthHalf, w.most = m->figures[0].azimuthMost;
        }
        pictures.push_back(std::move(w));
    }
    m_wall->show(std::move(pictures), m_desk.reference());
}

void WallTable::showComparison()
{
    const Project& p = m_desk.project();
    const auto ranking = gather::ranked(p, lead(), m_desk.wall.measures(), shapes());
    const auto side = [&](int id) {
        CompareView::Side s;
        const Reference* r = p.reference(id);
        s.image = m_desk.wall.small(*r);
        s.title = QString::fromStdString(r->name);
        if (const auto* m = m_desk.wall.measure(id)) {
            s.figures = figuresOf(*m);
            for (const gather::Swatch& w : m->palette) {
                s.palette.emplace_back(w.colour.r, w.colour.g, w.colour.b);
                s.shares.push_back(w.share);
            }
        }
        for (const gather::Candidate& c : ranking)
            if (c.reference == id) {
                s.mirrored = c.mirrored;
                s.figures << tr("would take %1 to fit, most of it %2")
                                 .arg(c.cost, 0, 'f', 1)
                                 .arg(c.reasons.empty() ? tr("nothing")
                                                        : QString::fromStdString(c.reasons.front().what));
            }
        return s;
    };
    m_compare->show(side(m_desk.reference()), side(m_second));
}

} // namespace rl::app
