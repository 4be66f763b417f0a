// The fields of the page of swatches.
#include "app/stations/mix/swatch_page.h"

namespace rl::app {

void SwatchPage::cardFields()
{
    const auto any = [this] { return project().paintBox() && !project().paintBox()->tubes.empty(); };
    m_form->button(
        "printCard", tr("Print the card…"),
        tr("A page with a row for each tube of the palette: as from the tube, 1 in 2 and 1 in 10 of your white, and a "
           "drawdown over white and black"),
        [this] { print(); }, any);
    m_form->mainButton(
        "readPhoto", tr("Read card photo…"),
        tr("Of the painted card, all of it, straight on, in even daylight; what cannot be read is named"),
        [this] { photo(); }, [this, any] { return any() && !m_photo.running(); });
    m_form->button(
        "readMeasured", tr("Read swatch file…"), tr("Measured patches as CGATS text or JSON"), [this] { file(); }, any);
    m_form->line();
}

void SwatchPage::patchFields()
{
    const auto tubeHeld = [this] { return project().tube(m_desk.selection().tube) != nullptr; };
    m_form->pick(
        {"swatchTube", tr("tube"), tr("The selected tube"), {}},
        [this] {
            Choices all;
            if (const PaintBox* b = project().paintBox())
                for (const Tube& t : b->tubes)
                    all.emplace_back(m_state.nameOf(t.pigment), t.id);
            return all;
        },
        [this, tubeHeld] { return tubeHeld() ? std::optional(m_desk.selection().tube) : std::nullopt; },
        [this](int id) {
            Selection s = m_desk.selection();
            s.tube = id;
            m_desk.hold(s);
        });
    m_form->pick(
        {"swatchKind", tr("patch"), tr("Which patch of it"), {}},
        [] {
            return Choices{{tr("as from the tube"), 0}, {tr("1 in 2 white"), 1}, {tr("1 in 10 white"), 2},
                {tr("drawdown over white"), 3}, {tr("drawdown over black"), 4}};
        },
        [this, tubeHeld] { return tubeHeld() ? std::optional(m_kind) : std::nullopt; },
        [this](int k) {
            m_kind = k;
            refresh();
        });
}

void SwatchPage::labFields()
{
    const auto lab = [&](const QString& name, const QString& label, const QString& unit, double Vec3::*member,
                         double low, double high) {
        m_form->value(
            {name, label, tr("CIELAB of the patch, D65, from a colour reader"), {}}, NumberFormat{1, " " + unit, 1, 1},
            low, high, [this, member] { return patch() ? std::optional(patch()->lab.*member) : std::nullopt; },
            [this, member](double v, int) {
                if (!patch())
                    return;
                Vec3 lab_ = patch()->lab;
                lab_.*member = v;
                set(m_desk.selection().tube, paint::PatchKind(m_kind), {lab_.x, lab_.y, lab_.z}, 0.5);
            });
    };
    lab("swatchL", tr("lightness"), "L*", &Vec3::x, 0, 100);
    lab("swatchA", tr("green to red"), "a*", &Vec3::y, -128, 128);
    lab("swatchB", tr("blue to yellow"), "b*", &Vec3::z, -128, 128);
}

void SwatchPage::tubeFields()
{
    const auto tubeHeld = [this] { return project().tube(m_desk.selection().tube) != nullptr; };
    m_form->number(inside(lens::tube(), &Tube::card), &TubeCard::wetUm,
        {"swatchUm", tr("drawdown thickness"), tr("Wet film of the drawdown: about half the gap of the bar"),
            tr("Set the drawdown thickness")});
    m_form->button(
        "readDevice", tr("Colour reader"),
        tr("Reads the patch with the simulated reader that ships: to try out how it goes without a device"),
        [this] { measure(); }, [this, tubeHeld] { return tubeHeld() && m_kind < 3; });
    m_form->button(
        "forgetCard", tr("Remove swatches"), tr("The selected tube is typical again"),
        [this] { m_form->change(lens::tube(), tr("Forget the swatches"), -1, [](Tube& t) { t.card = {}; }); },
        [this] {
            const Tube* t = project().tube(m_desk.selection().tube);
            return t && t->card.any();
        });
}

} // namespace rl::app
