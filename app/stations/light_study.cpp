// What the light station works out when asked: form zones, and a close look at one element's light.
#include "app/jobs.h"
#include "app/stations/light_station.h"
#include "app/theme/theme.h"
#include "core/light/light_rules.h"
#include "core/light/presets.h"
#include "core/light/sky_optics.h"
#include "output/light_sheets.h"
#include "store/picture_reader.h"
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QtConcurrent>

namespace rl::app {

LightStation::~LightStation()
{
    m_stop = true;
    m_studyWatcher.waitForFinished();
    m_auditWatcher.waitForFinished();
    m_sheetWatcher.waitForFinished();
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
    connect(m_zones, &QPushButton::toggled, this, [this](bool on) {
        if (on)
            m_asPhotographed->setChecked(false);
        m_studyOf = 0;
        askStudy();
    });
    connect(m_asPhotographed, &QPushButton::toggled, this, [this](bool on) {
        if (on)
            m_zones->setChecked(false);
        m_studyOf = 0;
        askStudy();
    });
    connect(m_zoneSteps, &QDoubleSpinBox::valueChanged, this, [this] {
        m_studyOf = 0;
        askStudy();
    });
    connect(&m_studyWatcher, &QFutureWatcherBase::finished, this, [this] {
        if (m_stop)
            return;
        m_studyImage = m_studyWatcher.result();
        emit overlayChanged();
        askStudy(); // the work may have gone on
    });
    connect(&m_sheetWatcher, &QFutureWatcherBase::finished, this, [this] {
        if (m_stop)
            return;
        for (QPushButton* b : {m_strips, m_sheets})
            b->setEnabled(true);
        emit work.notice(m_sheetWatcher.result());
    });
    const auto ask = [this](const QString& title, const QString& name, const QString& kind) {
        const QString path = QFileDialog::getSaveFileName(
            m_bench, title, QFileInfo(work.document.path()).absolutePath() + "/" + name, kind);
        if (!path.isEmpty())
            writeStudy(path);
    };
    connect(
        m_strips, &QPushButton::clicked, this, [=] { ask(tr("Colours to mix"), "colours.csv", tr("Tables (*.csv)")); });
    connect(m_sheets, &QPushButton::clicked, this,
        [=] { ask(tr("Light study sheets"), "light-study.pdf", tr("Sheets (*.pdf)")); });
    connect(m_arcs, &QPushButton::toggled, this, [this] {
        say();
        emit overlayChanged();
    });
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
        m_colourSays->clear();
    }
    askStudy();
}

QImage LightStation::replacement()
{
    return m_zones->isChecked() || m_asPhotographed->isChecked() ? m_studyImage : QImage();
}

namespace {
/// Everything in the light it was photographed in: no own light taken off, none of the scene laid on.
QImage photographed(Project p, int widthPx, stage::SurfaceCache& cache, Progress& progress)
{
    for (Element& e : p.elements)
        e.delight = 0, e.tone.amount = 0;
    const auto frame = stage::compose(p, widthPx, cache, progress);
    if (!frame)
        return {};
    light::Relighter own;
    return imageOf(own.pass(frame, p.lights, light::Pass::Albedo));
}
} // namespace

void LightStation::askStudy()
{
    const bool zones = m_zones->isChecked(), photos = m_asPhotographed->isChecked();
    if ((!zones && !photos) || !work.lit || m_studyWatcher.isRunning() || m_stop)
        return emit overlayChanged();
    if (m_studyOf == work.lit->revision + 1)
        return;
    m_studyOf = work.lit->revision + 1;
    if (photos) {
        m_studyWatcher.setFuture(
            QtConcurrent::run(jobs(), [this, p = project(), width = work.lit->frame->width]() -> QImage {
                UntilStopped progress(m_stop);
                QImage image;
                (void)guarded([&]() -> Result<Done> {
                    image = photographed(p, width, work.light.surfaces(), progress);
                    return Done{};
                });
                return image;
            }));
        return;
    }
    m_studyWatcher.setFuture(QtConcurrent::run(jobs(),
        [frame = work.lit->frame, lights = light::alone(project().lights, work.alone()),
            steps = int(m_zoneSteps->value())] {
            light::Relighter own;
            return imageOf(own.pass(frame, lights, light::Pass::Zones, steps));
        }));
}

void LightStation::writeStudy(const QString& path)
{
    if (m_sheetWatcher.isRunning())
        return;
    for (QPushButton* b : {m_strips, m_sheets})
        b->setEnabled(false);
    emit work.notice(tr("Measuring the light of every element…"));
    m_sheetWatcher.setFuture(QtConcurrent::run(jobs(), [this, p = project(), path]() -> QString {
        UntilStopped progress(m_stop);
        const auto written = guarded([&]() -> Result<Done> {
            const review::LightStudy study = review::lightStudy(p, work.light.surfaces(), progress);
            if (progress.cancelled())
                return Error{Kind::Cancelled, "The study was given up.", {}};
            if (path.endsWith(".pdf", Qt::CaseInsensitive))
                return output::writeLightSheets(study, path);
            const std::string table = review::familiesCsv(p, study.rows);
            return store::writeFile(path.toStdString(), std::vector<std::uint8_t>(table.begin(), table.end()));
        });
        return written ? tr("Written: %1").arg(QFileInfo(path).fileName())
                       : QString::fromStdString(written.error().sentence);
    }));
}

void LightStation::lookClosely()
{
    if (!work.lit || !work.heldElement() || m_auditWatcher.isRunning())
        return;
    turnTo(Page::Study);
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
    if (!o.path.empty()) {
        QPolygonF line;
        for (const Vec2& q : o.path)
            line << board.toScreen(q);
        p.setPen(QPen(QColor(255, 255, 255, 150), 1.2, Qt::DashLine));
        p.drawPolygon(line);
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
        QPixmap strips(m_families->size());
        strips.fill(theme::kPaper);
        QPainter p(&strips);
        p.setFont(theme::text(12));
        const double high = strips.height() / 2.0 - 1;
        const auto strip = [&](const std::vector<review::Family>& family, double y) {
            for (std::size_t i = 0; i < family.size(); ++i) {
                const review::Family& f = family[i];
                const double w = double(strips.width()) / double(family.size());
                const QRectF chip(double(i) * w, y, w - 2, high);
                p.fillRect(chip, QColor(f.colour.r, f.colour.g, f.colour.b));
                p.setPen(f.L > 55 ? theme::kInk : theme::kPaper);
                p.drawText(chip, Qt::AlignCenter, tr("L* %1").arg(f.L, 0, 'f', 0));
            }
        };
        strip(r.light, 0);
        strip(r.shade, high + 2);
        m_families->setPixmap(strips);
        m_colourSays->setText(tr("Lights above, shades below: its lights are %1 b* %2 than its shades.")
                                  .arg(std::abs(r.warmerBy), 0, 'f', 0)
                                  .arg(r.warmerBy >= 0 ? tr("warmer") : tr("cooler")));
        m_families->setToolTip(tr("Its lights above, its shades below, for mixing: lights %1 b* %2 than the shades.")
                                   .arg(std::abs(r.warmerBy), 0, 'f', 0)
                                   .arg(r.warmerBy >= 0 ? tr("warmer") : tr("cooler")));
    }
    m_audit->setEnabled(true);
    say();
}

} // namespace rl::app
