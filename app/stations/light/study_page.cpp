#include "app/stations/light/study_page.h"
#include "app/stations/light/strips.h"
#include "core/base/words.h"
#include "core/light/presets.h"
#include "core/light/relight.h"
#include "output/light_sheets.h"
#include "store/picture_reader.h"
#include <QFileDialog>
#include <QFileInfo>

namespace rl::app {

StudyPage::StudyPage(Desk& desk, StationView& view)
    : LightPage(desk, view, tr("Light study"),
        tr("Form zones, the selected element's light, colours to mix, sheets for the easel"))
    , m_strips(new Strips)
    , m_map(desk.jobs)
    , m_sheets(desk.jobs)
{
    m_zones = m_form->latch("formZones", tr("Form zones"),
        tr("Light, halftone, core shadow, reflected light, cast shadow and contact shadow as a map of greys (Z)"),
        [this](bool on) { setMap(on, false); });
    m_form->value(
        {"zoneSteps", tr("zones"),
            tr("Zones of form. 2: light and shadow side; 3: halftone; 4: reflected light; 5: cast shadow; 6: contact "
               "shadow."),
            {}},
        shownAs(Unit::Count), 2, 6, [this] { return std::optional(double(m_steps)); },
        [this](double v, int) {
            m_steps = int(v);
            askMap();
        });
    m_form->mainButton(
        "lookClosely", tr("Measure selected"),
        tr("Measures the selected element: light as photographed, as planned, as now, and how well it fits in; its "
           "light and shadow sides as strips"),
        [this] { lookClosely(); }, [this] { return m_desk.heldElement() != nullptr; });
    m_form->button("saveFamilies", tr("Colours to mix…"),
        tr("Writes the light and shade colours of every element as a table for mixing"),
        [this] { askPath(tr("Colours to mix"), "colours.csv", tr("Tables (*.csv)")); });
    m_form->button("studySheets", tr("Study sheets…"),
        tr("Writes sheets to hang beside the easel: plan, values, form zones, and where each element's light is"),
        [this] { askPath(tr("Light study sheets"), "light-study.pdf", tr("Sheets (*.pdf)")); });
    m_form->add(m_strips, [this] { return row() != nullptr; });
    connect(&m_map, &JobBase::done, this, [this] { emit m_desk.overlayChanged(); });
    connect(&m_desk, &Desk::pictureChanged, this, &StudyPage::askMap);
    connect(&m_sheets, &JobBase::done, this, [this] {
        if (!m_sheets.problem() && m_sheets.last())
            m_desk.notices.say(*m_sheets.last());
    });
}

JobKey StudyPage::mapKey() const
{
    struct Map {
        std::shared_ptr<const LitWork> of;
        int steps; ///< 0: the photographs
        bool operator==(const Map&) const = default;
    };
    return Map{m_desk.lit, m_photographed ? 0 : m_steps};
}

const review::AuditRow* StudyPage::row() const
{
    return looked() && m_desk.known() ? m_desk.review->lightOf(m_looked) : nullptr;
}

void StudyPage::setMap(bool zones, bool photographed)
{
    m_zonesOn = zones, m_photographed = photographed;
    const QSignalBlocker quiet(m_zones);
    m_zones->setChecked(zones);
    askMap();
    emit m_desk.overlayChanged();
}

void StudyPage::toggleZones()
{
    setMap(!m_zonesOn, false);
}

void StudyPage::setPhotographed(bool on)
{
    setMap(false, on);
}

QImage StudyPage::studied()
{
    const QImage* made = m_zonesOn || m_photographed ? m_map.answer(mapKey()) : nullptr;
    if (!made && (m_zonesOn || m_photographed) && m_map.last() && m_map.running())
        return *m_map.last(); // of the picture before, until the next is there
    return made ? *made : QImage();
}

namespace {
/// Everything in the light it was photographed in: no own light taken off, none of the scene laid on.
Result<QImage> photographs(Project p, int widthPx, stage::SurfaceCache& cache, Progress& progress)
{
    for (Element& e : p.elements)
        e.delight = 0, e.tone.amount = 0;
    const auto frame = stage::compose(p, widthPx, cache, progress);
    if (!frame)
        return Error{ErrorKind::Cancelled, {}, {}};
    light::Relighter own;
    return imageOf(own.pass(frame, p.lights, light::Pass::Albedo));
}
} // namespace

void StudyPage::askMap()
{
    if ((!m_zonesOn && !m_photographed) || !m_desk.lit)
        return;
    const auto lit = m_desk.lit;
    if (m_photographed)
        m_map.ask(mapKey(), [this, p = project(), lit](Progress& progress) {
            return photographs(p, lit->frame->width, m_desk.surfaces(), progress);
        });
    else
        m_map.ask(mapKey(),
            [lit, lights = light::alone(project().lights, m_desk.alone()), steps = m_steps](
                Progress&) -> Result<QImage> {
                light::Relighter own;
                return imageOf(own.pass(lit->frame, lights, light::Pass::Zones, steps));
            });
}

void StudyPage::lookClosely()
{
    m_looked = m_desk.element();
    refresh();
    emit saysChanged();
}

void StudyPage::askPath(const QString& title, const QString& name, const QString& kind)
{
    const QString path = QFileDialog::getSaveFileName(
        this, title, QFileInfo(m_desk.document.path()).absolutePath() + "/" + name, kind);
    if (!path.isEmpty())
        writeStudy(path);
}

void StudyPage::writeStudy(const QString& path)
{
    m_desk.notices.say(tr("Measuring the light of every element…"));
    m_sheets.ask(
        ++m_written,
        [this, p = project(), path](Progress& progress) -> Result<QString> {
            const review::LightStudy study = review::lightStudy(p, m_desk.surfaces(), progress);
            if (progress.cancelled())
                return Error{ErrorKind::Cancelled, rl::tr("The study was cancelled."), {}};
            const std::string table = review::familiesCsv(p, study.rows);
            const auto written = path.endsWith(".pdf", Qt::CaseInsensitive)
                ? output::writeLightSheets(study, path)
                : store::writeFile(path.toStdString(), std::vector<std::uint8_t>(table.begin(), table.end()));
            if (!written)
                return written.error();
            return tr("Written: %1").arg(QFileInfo(path).fileName());
        },
        Lane::Long);
}

void StudyPage::refresh()
{
    if (const review::AuditRow* r = row())
        m_strips->show(*r);
    LightPage::refresh();
}

namespace {
QString told(const review::LightTold& t)
{
    if (t.direction.confidence < 0.25)
        return StudyPage::tr("unclear");
    QString s = StudyPage::tr("%1°, %2° up").arg(t.direction.azimuth, 0, 'f', 0).arg(t.direction.elevation, 0, 'f', 0);
    if (t.softness >= 0)
        s += StudyPage::tr(", %1 % soft").arg(100 * t.softness, 0, 'f', 0);
    if (t.kelvin > 0)
        s += StudyPage::tr(", %1 K").arg(t.kelvin, 0, 'f', 0);
    return s;
}
} // namespace

QString StudyPage::says() const
{
    if (!looked())
        return tr(
            "Measure selected compares the selected element's light: as photographed, as planned and as it is now.");
    if (!m_desk.known())
        return tr("Looking at it…");
    if (!row())
        return tr("It cannot be seen well enough to measure.");
    const review::AuditRow& r = *row();
    QStringList causes;
    for (const review::Cause& c : r.causes)
        causes << QString::fromStdString(c.what);
    return tr("Photographed %1. Planned %2. Now %3. Pasted in: %4 of 100%5.")
        .arg(told(r.photographed), told(r.planned), told(r.now))
        .arg(100 * r.sticker, 0, 'f', 0)
        .arg(causes.isEmpty() ? QString() : ": " + causes.join("; "));
}

} // namespace rl::app
