// What is cut and stroked of the thing in hand.
#include "app/stations/carry/canvas_page.h"
#include "core/paint/glaze.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/curves.h"
#include "output/export.h"
#include <QFileInfo>

namespace rl::app {

namespace {
QString nameOfHeld(const Desk& desk)
{
    const Element* e = desk.heldElement();
    return e ? QString::fromStdString(e->name).toHtmlEscaped() : QString();
}
} // namespace

StrokesPage::StrokesPage(Desk& desk, StationView& view)
    : CarryPage(desk, view, tr("Strokes"),
        tr("Which way fur, grass, hair or folds run, measured in the selected element's photograph"))
{
    m_marks.shows.lines = m_marks.shows.flow = true;
    m_form->number(lens::sheets(), &Sheets::lineMm,
        {"strokeMm", tr("stroke"), tr("How wide a stroke is at its widest"), tr("Set the stroke's width")});
    m_form->mainButton(
        "writeFlow", tr("Stroke sheet…"), tr("A PDF at 1:1 of the selected element, its strokes drawn where they lie"),
        [this] {
            if (const QString path = askPath(tr("Stroke sheet"), "strokes.pdf", tr("PDF (*.pdf)")); !path.isEmpty())
                writeTo(path);
        },
        [this] { return m_state.flow() != nullptr && !m_write.running(); });
    addWriting();
}

void StrokesPage::writeTo(const QString& path)
{
    write(tr("The stroke sheet is in %1.").arg(path),
        [this, p = project(), e = m_desk.element(), path](Progress& progress) -> Result<Done> {
            const auto job = output::sheetJob(p, output::SheetContent::Flow, false, m_desk.surfaces(), progress, e);
            return job ? output::writeSheets(*job, path, progress) : Result<Done>(job.error());
        });
}

QString StrokesPage::says() const
{
    if (!m_desk.heldElement())
        return tr("Click a thing on the board: its strokes are read from its photograph.");
    const transfer::ElementFlow* f = m_state.flow();
    if (!f && m_state.flowProblem())
        return QString::fromStdString(m_state.flowProblem()->sentence);
    if (!f)
        return tr("Reading which way it runs…");
    if (f->reliable < 0.1)
        return tr("<b>%1</b>: no direction can be measured; it has no strands, or they are too small here.")
            .arg(nameOfHeld(m_desk));
    QString words = tr("<b>%1</b>: strands %2 mm long as seen, %3 (± %4°); told on %5 % of it, left open elsewhere.")
                        .arg(nameOfHeld(m_desk))
                        .arg(10 * f->lengthCm, 0, 'f', 0)
                        .arg(f->waviness < 4      ? tr("straight")
                                : f->waviness < 9 ? tr("slightly wavy")
                                                  : tr("wavy"))
                        .arg(f->waviness, 0, 'f', 0)
                        .arg(100 * f->reliable, 0, 'f', 0);
    // How close they must lie, from the mixes of its light over its shade.
    if (const auto* m = m_desk.review ? m_desk.review->mixing.get() : nullptr) {
        const auto light = paint::familyOf(m->map, m_desk.element(), true),
                   shade = paint::familyOf(m->map, m_desk.element(), false);
        if (light && shade && light->first.L > shade->first.L + 4) {
            const double middle = (light->first.L + shade->first.L) / 2;
            const paint::Strokes s = paint::strokesFor(
                light->first.L, shade->first.L, middle, project().sheets.lineMm, project().brief.viewingDistanceCm);
            words += tr(" Light strokes (L* %1) over its shade (L* %2): %3 a cm make L* %4.")
                         .arg(light->first.L, 0, 'f', 0)
                         .arg(shade->first.L, 0, 'f', 0)
                         .arg(s.perCm, 0, 'f', 0)
                         .arg(middle, 0, 'f', 0);
        }
    }
    return words;
}

StencilPage::StencilPage(Desk& desk, StationView& view)
    : CarryPage(desk, view, tr("Stencil"), tr("A stencil or a mask of the selected element, for a knife"))
{
    m_marks.shows.lines = m_marks.shows.shape = true;
    m_form->pick(
        {"cutWhat", tr("cut"),
            tr("A stencil is cut away and painted through; a mask covers the thing while something else is sprayed"),
            {}},
        [this] {
            return Choices{{tr("a stencil"), 0}, {tr("a mask"), 1}};
        },
        [this] { return std::optional(int(m_state.mask())); }, [this](int i) { m_state.setMask(i != 0); });
    m_form->number(lens::sheets(), &Sheets::bridgeMm,
        {"bridge", tr("bridges"), tr("Least width of what holds a stencil's islands, so that nothing falls out"),
            tr("Set the bridges")});
    m_form->value(
        {"cutTurns", tr("directions"),
            tr("One shape from many directions, for a flock or a crowd: laid side by side on the sheets"), {}},
        NumberFormat{1, QString(" ") + QChar(0xd7), 0, 1}, 1, 24,
        [this] { return std::optional(double(m_state.turns())); }, [this](double v, int) { m_state.setTurns(int(v)); });
    m_form->mainButton(
        "writeCut", tr("Cutting sheet…"), tr("A PDF at 1:1 in its place on the canvas, hatched where it is cut away"),
        [this] {
            if (const QString path = askPath(tr("Cutting sheet"), "stencil.pdf", tr("PDF (*.pdf)")); !path.isEmpty())
                writeTo(path);
        },
        [this] { return m_state.shape() != nullptr && !m_write.running(); });
    addWriting();
}

void StencilPage::writeTo(const QString& path)
{
    const auto what = m_state.mask() ? output::SheetContent::Mask : output::SheetContent::Stencil;
    write(tr("The cutting sheet is in %1.").arg(path),
        [this, p = project(), e = m_desk.element(), what, turns = m_state.turns(), path](
            Progress& progress) -> Result<Done> {
            const auto job = output::sheetJob(p, what, false, m_desk.surfaces(), progress, e, turns);
            return job ? output::writeSheets(*job, path, progress) : Result<Done>(job.error());
        });
}

QString StencilPage::says() const
{
    if (!m_desk.heldElement())
        return tr("Click a thing on the board to have it cut.");
    const output::PlacedShape* s = m_state.shape();
    if (!s)
        return m_state.busy() ? tr("Drawing the shape…")
                              : tr("It is not seen on the canvas, or too small for a knife.");
    QString words = tr("<b>%1</b>: %2 to cut.").arg(nameOfHeld(m_desk), tr("%n pieces", nullptr, int(s->loops.size())));
    if (!m_state.mask())
        words += s->islands == 0
            ? tr(" Nothing falls out.")
            : (s->islands == 1 ? tr(" One island would fall out;") : tr(" %1 islands would fall out;").arg(s->islands))
                + tr(" %n bridges of %1 mm hold what would fall out.", nullptr, int(s->bridges))
                      .arg(project().sheets.bridgeMm, 0, 'f', 1);
    return words + tr(" Cut away from yourself, on a mat, with a fresh blade.");
}

} // namespace rl::app
