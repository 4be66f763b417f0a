// What the light station works out when asked: form zones, and a close look at one element's light.
#include "app/jobs.h"
#include "app/stations/light_station.h"
#include "app/theme/theme.h"
#include "core/light/light_rules.h"
#include "core/light/presets.h"
#include "core/light/sky_optics.h"
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QtConcurrent>

namespace rl::app {

LightStation::~LightStation()
{
    m_stop = true;
    m_zonesWatcher.waitForFinished();
    m_auditWatcher.waitForFinished();
}

void LightStation::connectStudy()
{
    connect(m_time, &QComboBox::activated, this, [this](int i) {
        if (i < 1)
            return;
        Project after = project();
        after.lights = light::withDayTime(after.lights, i - 1);
        work.document.edit(tr("Begin with %1").arg(m_time->itemText(i)), std::move(after));
    });
    connect(m_stops, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        editLantern(tr("Set the lantern's strength"), [&](Lantern& l) { l.strength = std::exp2(v); });
    });
    connect(m_cardL, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        const double unit = levelThere(1);
        if (unit > 0)
            editLantern(tr("Set the lantern's strength"),
                [&](Lantern& l) { l.strength = std::min(100.0, light::levelForCard(v) / unit); });
    });
    connect(m_alone, &QPushButton::toggled, this, [this](bool on) { work.setAlone(on ? work.lantern() : 0); });
    connect(m_rename, &QPushButton::clicked, this, [this] {
        const Lantern* l = project().lantern(work.lantern());
        bool ok = false;
        const QString name = l ? QInputDialog::getText(m_bench, tr("Name the lantern"), tr("Its name:"),
                                 QLineEdit::Normal, QString::fromStdString(l->name), &ok)
                                     .trimmed()
                               : QString();
        if (ok && !name.isEmpty())
            editLantern(tr("Name the lantern"), [&](Lantern& x) { x.name = name.toStdString(); });
    });
    connect(m_zones, &QPushButton::toggled, this, [this] { askZones(); });
    connect(m_zoneSteps, &QDoubleSpinBox::valueChanged, this, [this] {
        m_zonesOf = 0;
        askZones();
    });
    connect(&m_zonesWatcher, &QFutureWatcherBase::finished, this, [this] {
        if (m_stop)
            return;
        m_zonesImage = m_zonesWatcher.result();
        emit overlayChanged();
        askZones(); // the work may have gone on
    });
    connect(m_arcs, &QPushButton::toggled, this, [this] {
        say();
        emit overlayChanged();
    });
    connect(m_audit, &QPushButton::clicked, this, &LightStation::lookClosely);
    connect(&m_auditWatcher, &QFutureWatcherBase::finished, this, [this] {
        if (!m_stop)
            showAudit();
    });
}

/// Level of the lantern in hand, at a strength, on a card facing it where the element in hand stands (else 2 m off).
double LightStation::levelThere(double strength) const
{
    const Lantern* l = project().lantern(work.lantern());
    if (!l)
        return 0;
    const Element* e = work.heldElement();
    const auto place = e ? stage::placed(project(), *e, work.light.surfaces()) : stage::Placement{};
    if (!place.visible)
        return strength * l->reference * l->reference / 4;
    const Vec3 to = l->position - stage::atDistance(stage::eyeOf(project()), place.canvas.centre(), place.distance);
    return strength * light::lanternIrradiance(*l, l->position - to, to * (1 / std::max(1e-6, to.length())));
}

void LightStation::fillStudy()
{
    const Lantern* l = project().lantern(work.lantern());
    for (QWidget* w : std::initializer_list<QWidget*>{m_stops, m_cardL, m_alone, m_rename})
        w->setEnabled(l != nullptr);
    m_audit->setEnabled(work.heldElement() && !m_auditWatcher.isRunning());
    if (l) {
        setQuietly(m_stops, std::log2(std::max(l->strength, 1e-3)));
        setQuietly(m_cardL, std::min(100.0, light::cardLightness(levelThere(l->strength))));
    }
    if (m_alone->isChecked() && work.alone() != work.lantern())
        work.setAlone(work.lantern());
    if (work.element() != m_auditOf) {
        m_auditWords.clear();
        m_families->clear();
    }
    askZones();
}

QImage LightStation::replacement()
{
    return m_zones->isChecked() ? m_zonesImage : QImage();
}

void LightStation::askZones()
{
    if (!m_zones->isChecked() || !work.lit || m_zonesWatcher.isRunning() || m_stop)
        return emit overlayChanged();
    if (m_zonesOf == work.lit->revision + 1)
        return;
    m_zonesOf = work.lit->revision + 1;
    m_zonesWatcher.setFuture(QtConcurrent::run(jobs(),
        [frame = work.lit->frame, lights = light::alone(project().lights, work.alone()),
            steps = int(m_zoneSteps->value())] {
            light::Relighter own;
            return imageOf(own.pass(frame, lights, light::Pass::Zones, steps));
        }));
}

void LightStation::lookClosely()
{
    if (!work.lit || !work.heldElement() || m_auditWatcher.isRunning())
        return;
    m_auditOf = work.element();
    m_auditWords = tr("Looking at it…");
    say();
    m_audit->setEnabled(false);
    m_auditWatcher.setFuture(QtConcurrent::run(
        jobs(), [this, p = project(), frame = work.lit->frame, picture = work.lit->picture, id = m_auditOf] {
            UntilStopped progress(m_stop);
            std::vector<review::AuditRow> rows;
            (void)guarded([&]() -> Result<Done> {
                rows = review::lightAudit(p, frame, picture, work.light.surfaces(), progress, id);
                return Done{};
            });
            return rows;
        }));
}

QString LightStation::skyWords() const
{
    const light::SkyOptics o = light::skyOptics(project());
    QString s;
    if (o.rainbow)
        s = tr("A rainbow can stand here: red outside at 42°, its top %1° over the horizon; a fainter second one at "
               "50° with its "
               "colours the other way round, and a darker sky between them. ")
                .arg(42.4 - project().lights.sun.elevation, 0, 'f', 0);
    else
        s = QString::fromStdString(o.why) + " ";
    if (o.halo)
        s += tr("A halo can stand 22° round the sun, if there is thin high cloud. ");
    s += o.sunAhead ? tr("Shafts and shadows meet at the sun; on water its path leads to you.")
                    : tr("Shafts and shadows run together towards the point opposite the sun.");
    return s;
}

void LightStation::paintArcs(QPainter& p, const Board& board) const
{
    const light::SkyOptics o = light::skyOptics(project());
    p.save();
    p.setClipRect(board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()}));
    for (const light::SkyArc& arc : o.arcs) {
        QPolygonF line;
        for (const Vec2& q : arc.points)
            line << board.toScreen(q);
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(QColor(255, 255, 255, 190), 3));
        p.drawPolyline(line);
        p.setPen(QPen(arc.redOutside ? QColor(0xb3, 0x3a, 0x2a) : QColor(0x4a, 0x4f, 0x8a), 1.4));
        p.drawPolyline(line);
    }
    const Vec2 meet = o.sunAhead ? o.sunCm : o.opposite;
    if (meet.x != 0 || meet.y != 0)
        for (int i = 0; i < 12; ++i) {
            const double t = radians(30.0 * i);
            p.setPen(QPen(QColor(255, 255, 255, 110), 1, Qt::DotLine));
            p.drawLine(board.toScreen(meet), board.toScreen(meet + Vec2{std::cos(t), std::sin(t)} * 400));
        }
    p.restore();
}

namespace {
QString told(const review::LightTold& t)
{
    if (t.direction.confidence < 0.25)
        return LightStation::tr("cannot tell");
    QString s
        = LightStation::tr("%1°, %2° up").arg(t.direction.azimuth, 0, 'f', 0).arg(t.direction.elevation, 0, 'f', 0);
    if (t.softness >= 0)
        s += LightStation::tr(", %1 % soft").arg(100 * t.softness, 0, 'f', 0);
    if (t.kelvin > 0)
        s += LightStation::tr(", %1 K").arg(t.kelvin, 0, 'f', 0);
    return s;
}
} // namespace

void LightStation::showAudit()
{
    const std::vector<review::AuditRow> rows = m_auditWatcher.result();
    if (rows.empty()) {
        m_auditWords = tr("It cannot be seen well enough to measure.");
    } else {
        const review::AuditRow& r = rows.front();
        QStringList causes;
        for (const review::Cause& c : r.causes)
            causes << QString::fromStdString(c.what);
        m_auditWords = tr("Photographed %1. Planned %2. Now %3. Pasted in: %4 of 100%5.")
                           .arg(told(r.photographed), told(r.planned), told(r.now))
                           .arg(100 * r.sticker, 0, 'f', 0)
                           .arg(causes.isEmpty() ? QString() : ": " + causes.join("; "));
        QPixmap strips(240, 30);
        strips.fill(theme::kPaper);
        QPainter p(&strips);
        const auto strip = [&](const std::vector<review::Family>& family, int y) {
            double x = 0;
            for (const review::Family& f : family) {
                const double w = 240.0 / double(family.size());
                p.fillRect(QRectF(x, y, w, 14), QColor(f.colour.r, f.colour.g, f.colour.b));
                x += w;
            }
        };
        strip(r.light, 0);
        strip(r.shade, 16);
        m_families->setPixmap(strips);
        m_families->setToolTip(tr("Its lights above, its shades below, for mixing: lights %1 b* %2 than the shades.")
                                   .arg(std::abs(r.warmerBy), 0, 'f', 0)
                                   .arg(r.warmerBy >= 0 ? tr("warmer") : tr("cooler")));
    }
    m_audit->setEnabled(true);
    say();
}

} // namespace rl::app
