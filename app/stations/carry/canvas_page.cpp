#include "app/stations/carry/canvas_page.h"
#include "core/paint/glaze.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/curves.h"
#include "output/export.h"
#include <QFileInfo>

namespace rl::app {

CanvasPage::CanvasPage(Desk& desk, StationView& view)
    : CarryPage(desk, view, tr("Canvas"), tr("The canvas you really have: how the plan lies on it, and what is lost"))
{
    m_marks.shows.canvas = true;
    const auto sheets = lens::sheets();
    const Shown cm{1, tr(" cm"), 1, 1};
    m_form->number(sheets, &Sheets::canvasWidthCm,
        {"canvasWide", tr("canvas"), tr("Width of the canvas' face as it stands before you"),
            tr("Say the canvas' width"), cm, tr("as planned")});
    m_form->number(sheets, &Sheets::canvasHeightCm,
        {"canvasHigh", tr("by"), tr("Height of the canvas' face as it stands before you"), tr("Say the canvas' height"),
            cm, tr("as planned")});
    m_form->choice(sheets, &Sheets::fit, {tr("cut the plan"), tr("more of the scene"), tr("ground about it")},
        {"canvasFit", tr("where shapes differ"),
            tr("Cut the plan to the canvas, leave room for more of the scene, or leave bare ground about it"),
            tr("Fit the canvas")});
    m_form->button(
        "growPlan", tr("Let the plan grow"),
        tr("Makes the plan's format that of the canvas: things keep their places, the scene goes on beside them"),
        [this] { m_desk.edit(tr("Let the plan grow"), transfer::withPlanExtended(project())); },
        [this] {
            const auto c = transfer::canvasPlanOf(project());
            return project().sheets.fit == CanvasFit::Extend && (c.emptyAcross > 0 || c.emptyDown > 0);
        });
    m_form->number(sheets, &Sheets::bleedCm,
        {"bleed", tr("bleed"), tr("Painted beyond the edge and trimmed off"), tr("Set the bleed"),
            Shown{10, tr(" mm"), 0, 1}});
    m_form->number(sheets, &Sheets::wrapCm,
        {"wrap", tr("round the edge"), tr("Painted round the edge of the stretcher"), tr("Wrap the edge"),
            Shown{10, tr(" mm"), 0, 1}});
    m_form->number(sheets, &Sheets::bevelCm,
        {"bevel", tr("bevel or rebate"), tr("Of the face, lost to a bevel or a frame's rebate"), tr("Set the bevel"),
            Shown{10, tr(" mm"), 0, 1}});
    m_form->number(sheets, &Sheets::boardsAcross,
        {"boardsAcross", tr("boards"), tr("Boards side by side that the panel is made of"), tr("Say the boards"),
            Shown{1, tr(" across"), 0, 1}});
    m_form->number(sheets, &Sheets::boardsDown,
        {"boardsDown", tr("and"), tr("Boards one above the other"), tr("Say the boards"), Shown{1, tr(" down"), 0, 1}});
}

QString CanvasPage::says() const
{
    const auto c = transfer::canvasPlanOf(project());
    QString s = tr("Canvas %1 × %2 cm, the plan at %3 %.")
                    .arg(c.widthCm, 0, 'f', 1)
                    .arg(c.heightCm, 0, 'f', 1)
                    .arg(100 * c.scale, 0, 'f', 0);
    if (c.lostAcross > 0)
        s += tr(" <b>%1 cm</b> of the plan's width are lost.").arg(c.lostAcross, 0, 'f', 1);
    if (c.lostDown > 0)
        s += tr(" <b>%1 cm</b> of the plan's height are lost.").arg(c.lostDown, 0, 'f', 1);
    if (c.emptyAcross > 0)
        s += tr(" <b>%1 cm</b> at the sides are not planned.").arg(c.emptyAcross, 0, 'f', 1);
    if (c.emptyDown > 0)
        s += tr(" <b>%1 cm</b> above and below are not planned.").arg(c.emptyDown, 0, 'f', 1);
    if (c.whole.width > c.widthCm)
        s += tr(" Cut the cloth for %1 × %2 cm of paint.").arg(c.whole.width, 0, 'f', 1).arg(c.whole.height, 0, 'f', 1);
    return s;
}

LinesPage::LinesPage(Desk& desk, StationView& view)
    : CarryPage(desk, view, tr("Lines"), tr("Line art to trace and to paint over: how much of it, how it is drawn"))
{
    m_marks.shows.lines = true;
    const auto sheets = lens::sheets();
    m_form->number(sheets, &Sheets::lines,
        {"lines", tr("inner lines"), tr("From outlines only to everything: whole lines, the most telling first"),
            tr("Choose the lines"), Shown{1, " %", 0, 10}, tr("outlines only")});
    m_form->number(sheets, &Sheets::lineMm,
        {"lineMm", tr("weight"), tr("How wide a line is drawn; outlines a little wider"), tr("Set the weight")});
    m_form->number(sheets, &Sheets::grey,
        {"lineGrey", tr("black"), tr("Less black for faint tracing"), tr("Set the grey"), Shown{1, " %", 0, 10}});
    const auto flag = [&](int Sheets::*member, const FieldWords& words) {
        m_form->check(
            words, [this, member] { return std::optional(project().sheets.*member != 0); },
            [this, member, words](bool on) {
                m_form->change(lens::sheets(), words.undo, -1, [&](Sheets& s) { s.*member = on; });
                emit lookChanged();
            });
    };
    flag(&Sheets::darkGround,
        {"darkGround", tr("for a dark ground"), tr("White lines, to trace onto a toned or black ground"),
            tr("Draw for a dark ground")});
    flag(&Sheets::mirrored,
        {"mirrored", tr("mirrored on paper"), tr("For rubbing down from the back of the sheet"),
            tr("Mirror the sheets")});
    flag(&Sheets::shadows,
        {"shadowLines", tr("borders of shadows"),
            tr("Where form turns from the light (dotted) and where shadows are cast (dashed)"),
            tr("Draw the shadows' borders")});
    m_form->number(sheets, &Sheets::valueSteps,
        {"valueLines", tr("value steps"), tr("Contours between so many values; 0 draws none"), tr("Draw value steps"),
            Shown{1, tr(" steps"), 0, 1}, tr("none")});
    m_form->mainButton(
        "exportLines", tr("Export…"),
        tr("The lines as SVG in millimetres with a layer for each thing, layers as OpenRaster, or the picture as PNG "
           "or "
           "TIFF"),
        [this] {
            const QString path = askPath(tr("Export"), QFileInfo(m_desk.document.path()).completeBaseName() + ".svg",
                tr("Lines (*.svg);;Layers (*.ora);;Picture (*.png *.tif)"));
            if (!path.isEmpty())
                write(tr("Exported as %1.").arg(QFileInfo(path).fileName()),
                    [this, p = project(), path](
                        Progress& progress) { return output::exportWork(p, path, {}, m_desk.surfaces(), progress); });
        },
        [this] { return !m_write.running(); });
    addWriting();
}

QString LinesPage::says() const
{
    const CarryState::Drawn* d = m_state.drawn();
    if (!d)
        return tr("Drawing the lines…");
    double all = 0, longer = 0;
    std::set<int> whose;
    for (const auto& s : d->lines) {
        all += s.lengthCm(), longer += s.lengthCm() > 2 ? s.lengthCm() : 0;
        whose.insert(s.element);
    }
    return tr("<b>%1 lines</b>, %2 m to trace, %3 % of it in strokes over 2 cm.")
        .arg(d->lines.size())
        .arg(all / 100, 0, 'f', 1)
        .arg(all > 0 ? 100 * longer / all : 0, 0, 'f', 0);
}

namespace {
QString nameOfHeld(const Desk& desk)
{
    const Element* e = desk.heldElement();
    return e ? QString::fromStdString(e->name).toHtmlEscaped() : QString();
}
} // namespace

StrokesPage::StrokesPage(Desk& desk, StationView& view)
    : CarryPage(
        desk, view, tr("Strokes"), tr("Which way fur, grass, hair or folds run, read from the photograph in hand"))
{
    m_marks.shows.lines = m_marks.shows.flow = true;
    m_form->number(lens::sheets(), &Sheets::lineMm,
        {"strokeMm", tr("stroke"), tr("How wide a stroke is at its widest"), tr("Set the stroke's width")});
    m_form->mainButton(
        "writeFlow", tr("Stroke sheet…"), tr("A PDF at 1:1 of what is in hand, its strokes drawn where they lie"),
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
        return tr("<b>%1</b>: no direction can be told; it has no strands, or they are too small here.")
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
    : CarryPage(desk, view, tr("Stencil"), tr("A stencil or a mask of what is in hand, for a knife"))
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
        Shown{1, QString(" ") + QChar(0xd7), 0, 1}, 1, 24, [this] { return std::optional(double(m_state.turns())); },
        [this](double v, int) { m_state.setTurns(int(v)); });
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
    QString words
        = tr("<b>%1</b>: %2 to cut.")
              .arg(nameOfHeld(m_desk), s->loops.size() == 1 ? tr("one piece") : tr("%1 pieces").arg(s->loops.size()));
    if (!m_state.mask())
        words += s->islands == 0
            ? tr(" Nothing falls out.")
            : (s->islands == 1 ? tr(" One island would fall out;") : tr(" %1 islands would fall out;").arg(s->islands))
                + tr(" %1 bridges of %2 mm hold what would.").arg(s->bridges).arg(project().sheets.bridgeMm, 0, 'f', 1);
    return words + tr(" Cut away from yourself, on a mat, with a fresh blade.");
}

} // namespace rl::app
