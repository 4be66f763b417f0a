#include "app/stations/light/form_page.h"
#include "app/stations/light/study_page.h"

namespace rl::app {

FormPage::FormPage(Desk& desk, StationView& view)
    : LightPage(desk, view, tr("Form"), tr("How the selected element takes light: form, surface, parts, eyes"))
    , m_shapes(desk)
{
    surfaceFields();
    m_form->line();
    partFields();
    ridgeFields();
    connect(&desk, &Desk::overlayChanged, this, [this] {
        if (isVisible())
            refresh(); // the key may have pressed the latch
    });
}

bool FormPage::relief() const
{
    const Element* e = m_desk.heldElement();
    return e && stage::isCard(project(), *e); // solids have a form of their own already
}

void FormPage::surfaceFields()
{
    const auto element = lens::element();
    const QStringList forms{
        tr("rounded"), tr("ball"), tr("column"), tr("slab"), tr("flat card"), tr("corner"), tr("ground")};
    m_form->choice(element, &Element::form, forms,
        {"form", tr("form"), tr("What form its relief takes: it decides how light turns across it"),
            tr("Choose its form")},
        [this](const Element&) { return relief(); });
    m_form->choice(element, &Element::material,
        {tr("matt"), tr("satin"), tr("wet"), tr("glowing"), tr("glass"), tr("lacquer"), tr("thin")},
        {"material", tr("surface"),
            tr("How its surface takes light. A glowing one lights what is around it; light comes through a thin one"),
            tr("Choose its surface")});
    m_form->number(element, &Element::delight,
        {"delight", tr("remove photo's light"),
            tr("How much of the photograph's own light is taken off this element. 0 is as photographed."),
            tr("Take its own light off")},
        [](const Element& e) { return e.cutout != 0; });
    m_form->number(element, &Element::through,
        {"through", tr("lets through"), tr("Share of the light that comes through a thin thing."),
            tr("Let light through")},
        [](const Element& e) { return e.material == Material::Thin; });
    m_form->number(element, &Element::glow,
        {"elementGlow", tr("glows"), tr("How strongly a glowing thing shines."), tr("Set its glow"),
            NumberFormat{1, QString(" ") + QChar(0xd7), 2, 0.1}},
        [](const Element& e) { return e.material == Material::Glowing; });
    m_form->number(element, &Element::rim,
        {"rim", tr("edge fuzz"),
            tr("Hair, fur or cloth fuzz at its edge that catches light from behind, on the side it comes from."),
            tr("Give its edge fuzz")});
    m_form->number(element, &Element::fuzzCm,
        {"fuzz", tr("fuzz is long"),
            tr("How far the fuzz stands off, on the thing itself: a felt hat some 2 mm, a fur collar 3 cm. The bright "
               "edge is as wide."),
            tr("Set how long its fuzz is")},
        [](const Element& e) { return e.rim > 0; });
    m_form->latch("asPhotographed", tr("Light as photographed"),
        tr("Shows everything in the light it was photographed in, and back again (A)"),
        [this](bool on) { study()->setPhotographed(on); });
}

void FormPage::partFields()
{
    const auto part = lens::part();
    const When<ReliefPart> shaped = [this](const ReliefPart&) { return relief(); };
    m_form->pick(
        {"reliefPart", tr("part"), tr("The whole relief, or its selected part"), {}},
        [this] {
            Choices all{{tr("the whole"), -1}};
            const Element* e = m_desk.heldElement();
            for (int i = 0; e && i < int(e->parts.size()); ++i)
                if (!e->parts[std::size_t(i)].outline.empty())
                    all.emplace_back(tr("part %1").arg(all.size()), i);
            return all;
        },
        [this] { return relief() ? std::optional(m_desk.selection().part) : std::nullopt; },
        [this](int i) {
            Selection s = m_desk.selection();
            s.part = i;
            m_desk.hold(s);
        });
    m_form->pick(
        {"partForm", tr("its form"), tr("A form of this part's own, or the form that is there"), {}},
        [] {
            return Choices{{tr("as it is"), 0}, {tr("rounded"), 1}, {tr("ball"), 2}, {tr("column"), 3}, {tr("slab"), 4},
                {tr("flat card"), 5}, {tr("corner"), 6}, {tr("ground"), 7}};
        },
        [this, part]() -> std::optional<int> {
            const ReliefPart* p = m_form->held(part);
            return p && relief() ? std::optional(p->own ? 1 + int(p->form) : 0) : std::nullopt;
        },
        [this, part](int i) {
            m_form->change(part, tr("Give the part a form"), -1, [i](ReliefPart& p) {
                p.own = i > 0;
                if (i > 0)
                    p.form = rl::Form(i - 1);
            });
        });
    m_form->number(part, &ReliefPart::tiltX,
        {"tiltX", tr("turn right"), tr("Turns the face of this part to the right."), tr("Tilt the part")}, shaped);
    m_form->number(part, &ReliefPart::tiltY,
        {"tiltY", tr("tilt up"), tr("Turns the face of this part upwards."), tr("Tilt the part")}, shaped);
    m_form->number(part, &ReliefPart::puff,
        {"puff", tr("rounded"), tr("Rounder or flatter than it is. 1 leaves it."), tr("Puff the part"),
            NumberFormat{1, QString(" ") + QChar(0xd7), 2, 0.1}},
        shaped);
}

void FormPage::ridgeFields()
{
    drawLatch(
        "drawPart", tr("Outline a part…"),
        tr("Click round a part of the selected element; Enter closes it. It then takes a form of its own"),
        [this] { return wantedPart(); }, [this] { return relief(); });
    drawLatch(
        "drawRidge", tr("Ridge line…"), tr("Click along an edge of the form, a nose or a fold; Enter ends it"),
        [this] { return wantedRidge(); }, [this] { return relief(); });
    const auto drawing = [this]() { return relief(); };
    m_form->value(
        {"ridgeHeight", tr("ridge height"),
            tr("How steeply the surface stands up along the next ridge. Less than nothing sinks it in."), {}},
        NumberFormat{1, QString(" ") + QChar(0xd7), 1, 0.2}, numberAt(&Ridge::height).low,
        numberAt(&Ridge::height).high, [=, this] { return drawing() ? std::optional(m_ridgeHeight) : std::nullopt; },
        [this](double v, int) { m_ridgeHeight = v; });
    m_form->value(
        {"ridgeWidth", tr("ridge width"), tr("How far the flanks of the next ridge reach."), {}}, shownAs(Unit::Share),
        100 * numberAt(&Ridge::width).low, 100 * numberAt(&Ridge::width).high,
        [=, this] { return drawing() ? std::optional(100 * m_ridgeWidth) : std::nullopt; },
        [this](double v, int) { m_ridgeWidth = v / 100; });
    drawLatch(
        "drawEye", tr("Eye…"),
        tr("Click the middle of an eye: lights show in it as catch-lights, where the ball faces them"),
        [this] { return wantedEye(); }, [this] { return m_desk.heldElement() != nullptr; });
    m_form->button(
        "partAway", tr("Remove part"), tr("Removes the selected part, or the newest ridge or eye"),
        [this] { takeAway(); },
        [this] {
            const Element* e = m_desk.heldElement();
            return e && (!e->parts.empty() || !e->ridges.empty() || !e->eyes.empty());
        });
}

void FormPage::takeAway()
{
    const int at = m_desk.selection().part;
    m_form->change(lens::element(), tr("Take a part of the relief away"), -1, [at](Element& e) {
        if (at >= 0 && at < int(e.parts.size()))
            e.parts.erase(e.parts.begin() + at);
        else if (!e.ridges.empty())
            e.ridges.pop_back();
        else if (!e.eyes.empty())
            e.eyes.pop_back();
        else if (!e.parts.empty())
            e.parts.pop_back();
    });
}

void FormPage::refresh()
{
    LightPage::refresh();
    auto* latch = findChild<QPushButton*>("asPhotographed");
    const QSignalBlocker quiet(latch);
    latch->setChecked(study()->photographed());
}

QString FormPage::says() const
{
    const Element* e = m_desk.heldElement();
    if (!e)
        return tr("Click an element in the picture to shape how it takes light.");
    if (!e->cutout)
        return tr("%1 is a stand-in: it has no light of its own.").arg(QString::fromStdString(e->name));
    const auto read = m_desk.surfaces().knownReading(project(), *e);
    if (!read)
        return tr("The light of %1 is being read off its photograph…").arg(QString::fromStdString(e->name));
    const relief::MeasuredLight& own = read->light;
    return own.confidence < 0.25 ? tr("%1 shows no clear light side: the light's direction cannot be measured.")
                                       .arg(QString::fromStdString(e->name))
                                 : tr("%1 was lit from %2° ± %5°, %3° up towards you (confidence %4).")
                                       .arg(QString::fromStdString(e->name))
                                       .arg(own.azimuth, 0, 'f', 0)
                                       .arg(own.elevation, 0, 'f', 0)
                                       .arg(own.confidence, 0, 'f', 2)
                                       .arg(own.azimuthHalf, 0, 'f', 0);
}

} // namespace rl::app
