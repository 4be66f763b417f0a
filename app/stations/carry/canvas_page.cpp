#include "app/stations/carry/canvas_page.h"
#include "core/paint/glaze.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/curves.h"
#include "output/export.h"
#include <QFileInfo>

namespace rl::app {

CanvasPage::CanvasPage(Desk& desk, StationView& view)
    : CarryPage(desk, view, tr("Fit"), tr("The canvas you really have: how the plan lies on it, and what is lost"))
{
    m_marks.shows.canvas = true;
    const auto sheets = lens::sheets();
    const NumberFormat cm{1, tr(" cm"), 1, 1};
    m_form->number(sheets, &Sheets::canvasWidthCm,
        {"canvasWide", tr("canvas"), tr("Width of the canvas' face as it stands before you"),
            tr("Set the canvas' width"), cm, tr("as planned")});
    m_form->number(sheets, &Sheets::canvasHeightCm,
        {"canvasHigh", tr("by"), tr("Height of the canvas' face as it stands before you"), tr("Set the canvas' height"),
            cm, tr("as planned")});
    m_form->choice(sheets, &Sheets::fit, {tr("crop"), tr("extend the scene"), tr("leave a margin")},
        {"canvasFit", tr("where shapes differ"),
            tr("Cut the plan to the canvas, leave room for more of the scene, or leave bare ground about it"),
            tr("Fit the canvas")});
    m_form->button(
        "growPlan", tr("Extend the plan"),
        tr("Makes the plan's format that of the canvas: things keep their places, the scene goes on beside them"),
        [this] { m_desk.edit(tr("Extend the plan"), transfer::withPlanExtended(project())); },
        [this] {
            const auto c = transfer::canvasPlanOf(project());
            return project().sheets.fit == CanvasFit::Extend && (c.emptyAcross > 0 || c.emptyDown > 0);
        });
    m_form->number(sheets, &Sheets::bleedCm,
        {"bleed", tr("bleed"), tr("Painted beyond the edge and trimmed off"), tr("Set the bleed"),
            NumberFormat{10, tr(" mm"), 0, 1}});
    m_form->number(sheets, &Sheets::wrapCm,
        {"wrap", tr("round the edge"), tr("Painted round the edge of the stretcher"), tr("Wrap the edge"),
            NumberFormat{10, tr(" mm"), 0, 1}});
    m_form->number(sheets, &Sheets::bevelCm,
        {"bevel", tr("bevel or rebate"), tr("Of the face, lost to a bevel or a frame's rebate"), tr("Set the bevel"),
            NumberFormat{10, tr(" mm"), 0, 1}});
    m_form->number(sheets, &Sheets::boardsAcross,
        {"boardsAcross", tr("boards"), tr("Boards side by side that the panel is made of"), tr("Set the boards"),
            NumberFormat{1, tr(" across"), 0, 1}});
    m_form->number(sheets, &Sheets::boardsDown,
        {"boardsDown", tr("and"), tr("Boards one above the other"), tr("Set the boards"),
            NumberFormat{1, tr(" down"), 0, 1}});
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
            tr("Choose the lines"), NumberFormat{1, " %", 0, 10}, tr("outlines only")});
    m_form->number(sheets, &Sheets::lineMm,
        {"lineMm", tr("weight"), tr("How wide a line is drawn; outlines a little wider"), tr("Set the weight")});
    m_form->number(sheets, &Sheets::grey,
        {"lineGrey", tr("black"), tr("Less black for faint tracing"), tr("Set the grey"),
            NumberFormat{1, " %", 0, 10}});
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
        {"shadowLines", tr("shadow edges"),
            tr("Where form turns from the light (dotted) and where shadows are cast (dashed)"),
            tr("Draw the shadows' borders")});
    m_form->number(sheets, &Sheets::valueSteps,
        {"valueLines", tr("value steps"), tr("Contours between so many values; 0 draws none"), tr("Draw value steps"),
            NumberFormat{1, tr(" steps"), 0, 1}, tr("none")});
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

} // namespace rl::app
