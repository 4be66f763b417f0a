// The fields of the page of the canvas' photograph.
#include "app/stations/paint/photo_page.h"
#include "core/project/painting_edits.h"
#include "output/work_sheets.h"
#include <QFileDialog>

namespace rl::app {

Choices PhotoPage::photographs() const
{
    Choices all;
    for (const CanvasPhoto& c : project().painting.photos)
        all.emplace_back(m_beside->dayOf(c), c.id);
    return all;
}

void PhotoPage::photoFields()
{
    m_form->mainButton("bringPhoto", tr("Load canvas photo…"),
        tr("Opens a photograph of the canvas from a file; it is straightened and compared"), [this] {
            const QString file = QFileDialog::getOpenFileName(
                this, tr("Photograph of the canvas"), {}, tr("Pictures (*.jpg *.jpeg *.png *.tif *.heic *.webp)"));
            if (!file.isEmpty())
                bringIn(file);
        });
    m_form->button(
        "simulatePhoto", tr("Practice photo"),
        tr("To learn with: a made-up photograph of this stage, askew, in lamplight, with one element out of place"),
        [this] { simulate(int(project().painting.photos.size()) + 3); },
        [this] { return m_state.work.painted() != nullptr; });
    m_form->pick(
        {"canvasPhoto", tr("photograph"), tr("Those of this work, by day"), {}}, [this] { return photographs(); },
        [this]() -> std::optional<int> {
            return project().painting.photos.empty() ? std::nullopt : std::optional(m_state.photos.id());
        },
        [this](int id) { m_state.photos.hold(id); });
    m_form->pick(
        {"photoShown", tr("shown"), tr("What lies on the board; drag across it to wipe the stage over it (W)"), {}},
        [] {
            return Choices{{tr("the canvas in even light"), PhotoLook::Even},
                {tr("the canvas squared up"), PhotoLook::Squared}, {tr("this stage"), PhotoLook::Stage},
                {tr("the photograph"), PhotoLook::Raw}, {tr("what is new since the last"), PhotoLook::Since}};
        },
        [this] { return some() ? std::optional(m_look.shown) : std::nullopt; },
        [this](int i) {
            m_look.shown = i;
            emit lookChanged();
        });
}

void PhotoPage::handFields()
{
    const auto mode
        = [this](const char* name, const QString& words, const QString& tip, Tool* tool, std::function<bool()> isDown) {
              m_form->latch(
                  name, words, tip, [this, tool](bool on) { byHand(on ? tool : nullptr); }, [this] { return some(); },
                  std::move(isDown));
          };
    mode("cornersByHand", tr("Corners by hand"),
        tr("Click the four corners in the photograph, from the upper left round"), &m_corners,
        [this] { return m_corners.active(); });
    mode("greyCard", tr("Grey card"),
        tr("Drag a box inside a grey card in the photograph: values are then measured by it. The paper of printed tags "
           "does the same."),
        &m_card, [this] { return m_card.on(); });
    mode("acceptPart", tr("Adopt from canvas"), tr("Drag a box: there the canvas is the plan from now on"), &m_accept,
        [this] { return m_accept.on(); });
}

void PhotoPage::passField()
{
    m_form->value(
        {"letPass", tr("tolerance"),
            tr("How far the selected element may drift from the plan before you are warned, × the usual limit"),
            tr("Let it stray further")},
        shownAs(Unit::Times), 0.25, 100,
        [this]() -> std::optional<double> {
            const Element* e = m_desk.heldElement();
            return e ? std::optional(project().painting.toleranceOf(e->id)) : std::nullopt;
        },
        [this](double v, int g) {
            if (const Element* e = m_desk.heldElement())
                m_desk.edit(tr("Let it stray further"), edits::withTolerance(project(), e->id, v), g);
        });
}

void PhotoPage::outFields()
{
    m_form->button(
        "tryOn", tr("New variant on this photo"),
        tr("The straightened photograph becomes the lowest picture of a new take, to try changes on"),
        [this] { tryOn(); },
        [this] { return m_state.photos.compared() && !m_state.photos.compared()->squared.empty(); });
    m_form->button(
        "dropPhoto", tr("Remove"), tr("The photograph leaves the log"),
        [this] {
            const int id = m_state.photos.id();
            m_state.photos.hold(0);
            m_desk.edit(tr("Take a photograph away"), edits::withoutCanvasPhoto(project(), id));
        },
        [this] { return some(); });
    m_form->button("cornerTags", tr("Corner tags…"),
        tr("Four tags to print and stick beside the corners: then drift is measured to a tenth of a millimetre"),
        [this] {
            if (const QString path = askPath(tr("Corner tags"), "corner-tags.pdf", tr("PDF (*.pdf)")); !path.isEmpty())
                write(tr("The tags are in %1.").arg(path), [path](Progress&) { return output::writeCornerTags(path); });
        });
    addStop();
    addAgain();
    addWriting();
}

} // namespace rl::app
