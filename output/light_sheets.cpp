#include "output/light_sheets.h"
#include "core/base/text.h"
#include "core/light/presets.h"
#include "output/paper.h"
#include "output/said.h"
#include <QPageSize>

namespace rl::output {

namespace {
using review::AuditRow;
using review::LightStudy;
constexpr double kEdge = 120;

QString q(const std::string& s)
{
    return QString::fromStdString(s);
}

struct Paper {
    double wide = 2100, high = 2970; ///< tenths of a mm
    QPageSize size{QPageSize::A4};
    double inner() const { return wide - 2 * kEdge; }
};
Paper paperOf(const Project& p)
{
    return p.sheets.paper == "Letter" ? Paper{2159, 2794, QPageSize(QPageSize::Letter)} : Paper{};
}

/// The scene from above in true proportions, the viewer below. Far things are drawn in by the logarithm of distance.
class PlanView {
public:
    PlanView(const QRectF& r, const LightStudy& s)
        : m_r(r)
    {
        m_far = 6;
        for (const auto& e : s.standing)
            m_far = std::max(m_far, e.at.z);
        m_half = s.project.camera.fovDegrees / 2;
    }
    QPointF at(Vec3 p) const
    {
        const double d = std::hypot(p.x, p.z), reach = m_r.height() - 110;
        const double drawn = reach * std::log1p(d / 2) / std::log1p(1.15 * m_far / 2);
        return {
            m_r.center().x() + drawn * p.x / std::max(d, 1e-9), m_r.bottom() - 60 - drawn * p.z / std::max(d, 1e-9)};
    }
    void draw(QPainter& p, const LightStudy& s) const
    {
        p.save();
        p.setClipRect(m_r);
        p.setPen(QPen(QColor(0x99, 0x99, 0x99), 2));
        for (const double side : {-1.0, 1.0})
            p.drawLine(
                at({0, 0, 0}), at(Vec3{std::sin(radians(side * m_half)), 0, std::cos(radians(m_half))} * (3 * m_far)));
        for (const double ring : {2.0, 5.0, 10.0, 20.0, 50.0, 100.0})
            if (ring < 1.3 * m_far)
                drawRing(p, ring);
        for (std::size_t i = 0; i < s.standing.size(); ++i)
            drawThing(p, s, s.standing[i], i % 2 ? 60 : 32);
        for (const Lantern& l : s.project.lights.lanterns)
            if (s.project.lights.burns(l))
                drawLantern(p, l);
        drawSun(p, s.project.lights.sun);
        p.setPen(Qt::black);
        p.setBrush(Qt::black);
        p.drawEllipse(at({0, 0, 0}), 9, 9);
        text(p, at({0, 0, 0}) + QPointF(16, 8), tr("you"), 26, false, 200);
        p.restore();
        p.setPen(QPen(QColor(0x55, 0x55, 0x55), 2));
        p.setBrush(Qt::NoBrush);
        p.drawRect(m_r);
    }

private:
    void drawRing(QPainter& p, double ring) const
    {
        QPolygonF line;
        for (double a = -m_half; a <= m_half; a += 2)
            line << at({ring * std::sin(radians(a)), 0, ring * std::cos(radians(a))});
        p.setPen(QPen(QColor(0xbb, 0xbb, 0xbb), 1.5, Qt::DotLine));
        p.drawPolyline(line);
        p.setPen(QColor(0x77, 0x77, 0x77));
        text(p, line.last() + QPointF(6, 0), QString("%1 m").arg(ring), 22, false, 120);
    }
    void drawThing(QPainter& p, const LightStudy& s, const LightStudy::Standing& e, double below) const
    {
        p.setPen(QPen(Qt::black, 5));
        p.drawLine(at(e.at - Vec3{e.widthM / 2, 0, 0}), at(e.at + Vec3{e.widthM / 2, 0, 0}));
        if (const Element* x = s.project.element(e.element))
            text(p, at(e.at) + QPointF(-40, below), q(x->name), 24, false, 260);
    }
    void drawLantern(QPainter& p, const Lantern& l) const
    {
        p.setPen(QPen(Qt::black, 3));
        p.setBrush(QColor(0xe3, 0x9a, 0x2f));
        p.drawEllipse(at(l.position), 11, 11);
        text(p, at(l.position) + QPointF(16, -8), q(l.name), 24, true, 300);
    }
    void drawSun(QPainter& p, const Sun& s) const
    {
        if (!s.on)
            return;
        const QPointF c = m_r.center();
        const QPointF way(std::sin(radians(s.azimuth)), -std::cos(radians(s.azimuth)));
        p.setPen(QPen(QColor(0xb8, 0x6d, 0x12), 6));
        const double reach = 0.40 * std::min(m_r.width(), m_r.height());
        p.drawLine(c + way * reach, c + way * (reach - 110));
        p.setBrush(QColor(0xb8, 0x6d, 0x12));
        p.drawEllipse(c + way * reach, 16, 16);
        p.setPen(Qt::black);
        text(p, c + way * reach + QPointF(22, 10), said("sun, %1° up").arg(s.elevation, 0, 'f', 0), 24, true, 300);
    }
    QRectF m_r;
    double m_far = 6, m_half = 25;
};

/// A ball lit from where the light is, with an arrow from there.
void dial(QPainter& p, QPointF c, double radius, const PictureLight& light, bool known)
{
    p.setPen(QPen(Qt::black, 3));
    p.setBrush(QColor(0xee, 0xee, 0xee));
    p.drawEllipse(c, radius, radius);
    if (!known) {
        text(p, c + QPointF(-radius * 0.25, 14), "?", 60, true, 100);
        return;
    }
    const double az = radians(light.azimuth), el = radians(light.elevation);
    const QPointF way(std::cos(az), -std::sin(az));
    const bool behind = light.elevation < -8; // then only the rim towards it is lit
    QRadialGradient shade(c + way * (radius * (behind ? 1.05 : std::cos(el) * 0.8)), radius * (behind ? 0.8 : 1.9));
    shade.setColorAt(0, QColor(255, 255, 255));
    shade.setColorAt(0.35, behind ? QColor(0x9a, 0x9a, 0x9a) : QColor(0xdd, 0xdd, 0xdd));
    shade.setColorAt(1, QColor(0x30, 0x30, 0x30));
    p.setBrush(shade);
    p.drawEllipse(c, radius, radius);
    p.setPen(QPen(QColor(0xb8, 0x6d, 0x12), 7));
    const double far = radius * (1.05 + 0.55 * std::cos(el)), near = radius * 0.75 * std::cos(el);
    p.drawLine(c + way * far, c + way * near);
    const QPointF across(-way.y(), way.x());
    p.drawLine(c + way * near, c + way * (near + 24) + across * 14);
    p.drawLine(c + way * near, c + way * (near + 24) - across * 14);
    p.setPen(Qt::black);
}

void strip(QPainter& p, const QRectF& r, const QString& name, const std::vector<review::Family>& family)
{
    text(p, r.topLeft() + QPointF(0, 34), name, 28, true, 110);
    const double left = r.left() + 110, each = (r.width() - 110) / 4;
    for (std::size_t i = 0; i < family.size(); ++i) {
        const review::Family& f = family[i];
        const QRectF chip(left + double(i) * each, r.top(), each - 10, 62);
        p.fillRect(chip, QColor(f.colour.r, f.colour.g, f.colour.b));
        text(p, chip.bottomLeft() + QPointF(0, 26),
            QString("L* %1  a* %2  b* %3").arg(std::lround(f.L)).arg(std::lround(f.a)).arg(std::lround(f.b)), 20, false,
            each);
    }
}

QString lampName(const LightStudy& s, int which)
{
    if (which == -1)
        return tr("the sun");
    const Lantern* l = s.project.lantern(which);
    return l ? q(l->name) : said("no lamp");
}

QString wordsOf(const LightStudy& s, const AuditRow& r, const LightStudy::Standing* at)
{
    QStringList lines;
    const bool known = r.planned.direction.confidence > 0;
    lines << (known ? tr("Light: ") + q(review::wayOf(r.planned.direction)) + "." : said("No lamp reaches it."));
    if (at && at->strongest)
        lines << said("Most from %1; a white card there shows L* %2.")
                     .arg(lampName(s, at->strongest))
                     .arg(std::min(100.0, light::cardLightness(at->level)), 0, 'f', 0);
    if (r.planned.kelvin > 0)
        lines << said("Light %1 K, %2 % of it from everywhere.")
                     .arg(r.planned.kelvin, 0, 'f', 0)
                     .arg(100 * std::max(0.0, r.planned.softness), 0, 'f', 0);
    if (!r.light.empty() && !r.shade.empty())
        lines << (std::abs(r.warmerBy) < 1.5
                ? said("Lights and shades are equally warm.")
                : said("Lit %1, shaded %2: b* %3 apart.")
                      .arg(said(r.warmerBy > 0 ? translatable("warm") : translatable("cool")),
                          said(r.warmerBy > 0 ? translatable("cool") : translatable("warm")))
                      .arg(std::abs(r.warmerBy), 0, 'f', 0));
    if (r.sticker > 0.35 && !r.causes.empty())
        lines << said("Looks pasted in (%1 of 100): %2.").arg(100 * r.sticker, 0, 'f', 0).arg(q(r.causes[0].what));
    return lines.join("\n");
}

constexpr double kRowHigh = 520;

void elementRow(QPainter& p, const LightStudy& s, const AuditRow& r, const Paper& paper, double top)
{
    const Element* e = s.project.element(r.element);
    const LightStudy::Standing* at = nullptr;
    for (const auto& x : s.standing)
        if (x.element == r.element)
            at = &x;
    text(p, {kEdge, top + 36}, e ? q(e->name) : QString(), 40, true, paper.inner());
    dial(p, {kEdge + 170, top + 250}, 95, r.planned.direction, r.planned.direction.confidence > 0);
    text(p, {kEdge + 60, top + 466}, tr("where its light is"), 22, false, 300);
    const double left = kEdge + 380;
    paragraph(p, {left, top + 60, paper.inner() - 380, 230}, wordsOf(s, r, at), 30);
    strip(p, {left, top + 292, paper.inner() - 380, 90}, tr("its light"), r.light);
    strip(p, {left, top + 394, paper.inner() - 380, 90}, tr("its shade"), r.shade);
    p.setPen(QPen(QColor(0xaa, 0xaa, 0xaa), 2));
    p.drawLine(QPointF(kEdge, top + kRowHigh - 18), QPointF(paper.wide - kEdge, top + kRowHigh - 18));
    p.setPen(Qt::black);
}

void zoneKey(QPainter& p, QPointF at, double wide)
{
    using light::Zone;
    const std::pair<Zone, const char*> all[]{{Zone::Light, tr("light")}, {Zone::HalfTone, tr("halftone")},
        {Zone::Reflected, tr("reflected")}, {Zone::Cast, tr("cast shadow")}, {Zone::Core, tr("core shadow")},
        {Zone::Occlusion, tr("occlusion")}};
    for (std::size_t i = 0; i < 6; ++i) {
        const double x = at.x() + double(i % 3) * wide / 3, y = at.y() + double(i / 3) * 40;
        const int grey = int(255 * light::lightnessOf(all[i].first) / 100);
        p.fillRect(QRectF(x, y, 34, 26), QColor(grey, grey, grey));
        text(p, {x + 44, y + 22}, all[i].second, 24, false, wide / 3 - 50);
    }
}

QString lanternLine(const LightStudy& s, const Lantern& l)
{
    const char* kinds[]{tr("flame"), tr("panel"), tr("swarm")};
    const QString colour
        = l.hue >= 0 ? said("hue %1°").arg(l.hue, 0, 'f', 0) : QString("%1 K").arg(l.kelvin, 0, 'f', 0);
    return said("%1 (%2): %3 m %4, %5 m high, %6 m away; %7; %8 × key at %9 m%10")
        .arg(q(l.name), kinds[int(l.kind)])
        .arg(std::abs(l.position.x), 0, 'f', 1)
        .arg(said(l.position.x < 0 ? translatable("left") : translatable("right")))
        .arg(l.position.y, 0, 'f', 1)
        .arg(l.position.z, 0, 'f', 1)
        .arg(colour)
        .arg(s.project.lights.strengthOf(l), 0, 'f', 2)
        .arg(l.reference, 0, 'f', 1)
        .arg(s.project.lights.burns(l) ? "" : tr("; out"));
}

QString lanternLines(const LightStudy& s)
{
    const Sun& sun = s.project.lights.sun;
    QStringList lines;
    if (sun.on)
        lines << said("Sun: azimuth %1°, %2° up, %3; %4 × key")
                     .arg(sun.azimuth, 0, 'f', 0)
                     .arg(sun.elevation, 0, 'f', 0)
                     .arg(sun.hue >= 0 ? said("hue %1°").arg(sun.hue, 0, 'f', 0)
                                       : QString("%1 K").arg(sun.kelvin, 0, 'f', 0))
                     .arg(sun.strength, 0, 'f', 2);
    for (const Lantern& l : s.project.lights.lanterns)
        lines << lanternLine(s, l);
    if (lines.size() > 11)
        lines = lines.mid(0, 10) << said("and %1 more").arg(lines.size() - 10);
    return lines.isEmpty() ? said("No lamp burns; the sky alone fills.") : lines.join("\n");
}

void firstPage(QPainter& p, const LightStudy& s, const Paper& paper)
{
    const Project& w = s.project;
    const Take* take = w.takeOf(w.take);
    text(p, {kEdge, kEdge + 56}, q(w.brief.title) + (take ? tr(", take ") + q(take->letter) : QString()), 60, true,
        paper.inner());
    text(p, {kEdge, kEdge + 104}, said("Light study. Canvas %1 × %2 cm.").arg(w.brief.widthCm).arg(w.brief.heightCm),
        32, false, paper.inner());
    const double half = (paper.inner() - 60) / 2, right = kEdge + half + 60;
    double y = kEdge + 150;
    const QRectF a = framed(p, imageOf(s.picture.colour), {kEdge, y, half, 760});
    text(p, {kEdge, a.bottom() + 34}, tr("the light"), 28, true, half);
    const QRectF b = framed(p, imageOf(s.values), {right, y, half, 760});
    text(p, {right, b.bottom() + 34}, tr("its values"), 28, true, half);
    y = a.bottom() + 70;
    const QRectF c = framed(p, imageOf(s.zones), {kEdge, y, half, 760});
    text(p, {kEdge, c.bottom() + 34}, tr("form zones"), 28, true, half);
    zoneKey(p, {kEdge, c.bottom() + 54}, half);
    text(p, {right, y + 36}, tr("Lanterns"), 36, true, half);
    paragraph(p, {right, y + 60, half, c.height() + 70}, lanternLines(s), 26);
    y = c.bottom() + 160;
    const QRectF plan(kEdge, y, paper.inner(), paper.high - kEdge - y);
    PlanView(plan, s).draw(p, s);
}

void write(QPainter& p, QPdfWriter& writer, const LightStudy& s, const Paper& paper)
{
    firstPage(p, s, paper);
    const int onPage = std::max(1, int((paper.high - 2 * kEdge) / kRowHigh));
    int i = 0;
    for (const AuditRow& r : s.rows) {
        if (i % onPage == 0)
            writer.newPage();
        elementRow(p, s, r, paper, kEdge + (i % onPage) * kRowHigh);
        ++i;
    }
}
} // namespace

Result<Done> writeLightSheets(const LightStudy& study, const QString& path)
{
    if (study.picture.colour.empty())
        return Error{ErrorKind::Invalid, tr("There is no picture to make a light study of."), {}};
    const Paper paper = paperOf(study.project);
    return writePdf(path, q(study.project.brief.title), paper.size,
        [&](QPainter& p, QPdfWriter& writer) { write(p, writer, study, paper); });
}

} // namespace rl::output
