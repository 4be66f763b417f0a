#include "app/stations/mix/box_page.h"
#include "app/theme/theme.h"
#include "core/paint/mixing.h"
#include "core/project/edits.h"
#include <QLabel>
#include <QVBoxLayout>

namespace rl::app {

namespace {
QString pigmentWords(const paint::Pigment& p)
{
    return QString("%1 · %2").arg(QString::fromStdString(p.name), QString::fromStdString(p.id));
}
} // namespace

BoxPage::BoxPage(Desk& desk, StationView& view)
    : MixPage(desk, view, tr("Paint box"),
        tr("The tubes at hand: what they are, what is left; which few of them reach this picture best"))
    , m_choice(desk.jobs)
    , m_told(new QLabel)
{
    boxFields();
    addFields();
    tubeFields();
    choiceFields();
    m_told->setObjectName("choiceTold");
    m_told->setTextFormat(Qt::RichText);
    m_told->setWordWrap(true);
    layout()->addWidget(m_told);
    connect(&m_choice, &JobBase::done, this, [this] { refresh(); });
}

void BoxPage::boxFields()
{
    const auto none = [this] { return !project().paintBox(); };
    m_form->mainButton(
        "firstBox", tr("Starter set"), tr("Twelve usual tubes to begin with; change them to your own"),
        [this] { m_desk.edit(tr("Take a first box"), edits::withPaintBox(project(), paint::firstBox())); }, none);
    m_form->pick(
        {"boxUsed", tr("box"), tr("Which box this work is mixed from"), {}},
        [this] {
            Choices all;
            for (const PaintBox& b : project().boxes)
                all.emplace_back(QString::fromStdString(b.name), b.id);
            return all;
        },
        [this]() -> std::optional<int> {
            return project().boxes.size() > 1 ? std::optional(project().paintBox()->id) : std::nullopt;
        },
        [this](int id) { m_form->change(lens::mix(), tr("Take another box"), -1, [id](MixPlan& m) { m.box = id; }); });
    m_form->line(lens::paintBox(), &PaintBox::name,
        {"boxName", tr("its name"), tr("What you call this box"), tr("Name the box")}, 110, false);
    m_form->choice(lens::paintBox(), &PaintBox::medium,
        {tr("heavy acrylic"), tr("fluid acrylic"), tr("matt acrylic gouache"), tr("gouache"), tr("oil"),
            tr("watercolour")},
        {"boxMedium", tr("medium"),
            tr("What its tubes are bound in: how long it stays open, how it dries, what goes over what"),
            tr("Set the medium")});
}

void BoxPage::addFields()
{
    const auto any = [this] { return project().paintBox() != nullptr; };
    m_form->pick(
        {"addTube", tr("put in a tube"), tr("A tube by the name of its pigment, as printed on it"), {}},
        [] {
            Choices all{{tr("choose…"), -1}};
            int i = 0;
            for (const paint::Pigment& p : paint::pigments())
                all.emplace_back(pigmentWords(p), i++);
            return all;
        },
        [any] { return any() ? std::optional(-1) : std::nullopt; },
        [this](int i) {
            if (i < 0)
                return;
            Tube t;
            t.pigment = paint::pigments()[std::size_t(i)].id;
            m_desk.edit(tr("Put in a tube"), edits::withTube(project(), t));
            Selection s = m_desk.selection();
            s.tube = project().paintBox()->tubes.back().id;
            m_desk.hold(s);
        });
    m_form->button(
        "newBox", tr("New box"), tr("An empty box beside this one, for another medium or another room"),
        [this] {
            Project p = edits::withPaintBox(project(), PaintBox{0, "Another box", PaintMedium::AcrylicHeavy, {}});
            MixPlan mix = p.mix;
            mix.box = p.boxes.back().id;
            m_desk.edit(tr("Take another box"), edits::withMix(std::move(p), mix));
        },
        any);
}

void BoxPage::tubeFields()
{
    const auto tubeHeld = [this] { return project().tube(m_desk.selection().tube) != nullptr; };
    m_form->line();
    m_form->line(lens::tube(), &Tube::name,
        {"tubeName", tr("selected tube"), tr("What you call it; empty: its usual name"), tr("Name the tube")}, 120);
    m_form->toggle(lens::tube(), &Tube::chosen,
        {"tubeChosen", tr("use in this painting"), tr("Used for this work; else it stays in the box"),
            tr("Put it on the palette")},
        tr("Leave it in the box"));
    m_form->number(
        lens::tube(), &Tube::leftMl, {"tubeLeft", tr("left"), tr("How much is left in it"), tr("Set what is left")});
    m_form->number(
        lens::tube(), &Tube::sizeMl, {"tubeSize", tr("of"), tr("How much a full one holds"), tr("Set its size")});
    m_form->number(lens::tube(), &Tube::price,
        {"tubePrice", tr("price"), tr("Of a full tube, in your own money; 0: none"), tr("Set its price"),
            NumberFormat{1, tr(" a tube"), 2, 1}});
    m_form->button(
        "tubeAway", tr("Remove tube"), tr("The selected tube leaves the box (Ctrl+Z puts it back)"),
        [this] { m_desk.edit(tr("Take a tube out"), edits::withoutTube(project(), m_desk.selection().tube)); },
        tubeHeld);
}

void BoxPage::choiceFields()
{
    const auto any = [this] { return project().paintBox() != nullptr; };
    m_form->value(
        {"chooseCount", {}, tr("How many tubes you want to take along"), {}}, NumberFormat{1, tr(" tubes"), 0, 1}, 2,
        12, [this, any] { return any() ? std::optional(double(m_count)) : std::nullopt; },
        [this](double v, int) {
            m_count = int(v);
            if (m_asked)
                choose();
        });
    m_form->mainButton(
        "chooseTubes", tr("Find best tubes"),
        tr("Weighs sets of so many tubes of this box against the picture's puddles; a few seconds"),
        [this] {
            m_asked = true;
            choose();
        },
        [this, any] { return any() && m_state.canMix() && !m_choice.running(); });
    m_form->button(
        "stopChoose", tr("Stop"), tr("Cancels"), [this] { m_choice.stop(); }, [this] { return m_choice.running(); });
    m_form->button(
        "takeChoice", tr("Keep only these"), tr("Only the best set stays in the palette of this work"),
        [this] { take(); }, [this] { return m_asked && m_choice.answer(key()) != nullptr; });
}

JobKey BoxPage::key() const
{
    return std::tuple(m_desk.document.revision(), m_count);
}

void BoxPage::choose()
{
    const PaintBox* box = project().paintBox();
    if (!box || !m_state.canMix())
        return;
    m_choice.again(); // asked for by hand
    m_choice.ask(
        key(),
        [box = *box, review = m_desk.review, count = m_count](Progress& progress) -> Result<Chosen> {
            const paint::MixingBox all = paint::mixingBox(box, false); // those at home too
            const paint::Search search(all.paints);
            Chosen c;
            c.sets = paint::choosePalette(search, review->mixing->map, count, 3, progress);
            for (const paint::BoxPaint& t : all.tubes)
                c.tubes.push_back(t.tube);
            if (c.sets.empty())
                return Error{ErrorKind::Cancelled, {}, {}};
            return c;
        },
        Lane::Long);
    refresh();
}

void BoxPage::take()
{
    const Chosen* c = m_choice.answer(key());
    const PaintBox* was = project().paintBox();
    if (!c || !was)
        return;
    PaintBox box = *was;
    for (Tube& t : box.tubes) {
        t.chosen = false;
        for (const int i : c->sets.front().tubes)
            t.chosen = t.chosen || c->tubes[std::size_t(i)] == t.id;
    }
    m_desk.edit(tr("Take these tubes"), edits::withPaintBox(project(), std::move(box)));
}

void BoxPage::refresh()
{
    MixPage::refresh();
    const Chosen* c = m_asked ? m_choice.answer(key()) : nullptr;
    const Tube* t = project().tube(m_desk.selection().tube);
    const paint::Pigment* p = t ? paint::pigmentOf(t->pigment) : nullptr;
    QString html;
    if (m_choice.running())
        html = tr("Weighing sets of %1 tubes…").arg(m_count);
    else if (c) {
        int n = 0;
        for (const paint::PaletteChoice& s : c->sets) {
            QStringList names;
            for (std::size_t i = 0; i < s.tubes.size(); ++i) {
                const Tube* tube = project().tube(c->tubes[std::size_t(s.tubes[i])]);
                const paint::Pigment* q = tube ? paint::pigmentOf(tube->pigment) : nullptr;
                const QString name = !tube    ? QString()
                    : tube->name.empty() && q ? QString::fromStdString(q->name)
                                              : QString::fromStdString(tube->name);
                names << (n ? name : tr("%1 (without it %2 %)").arg(name).arg(100 * s.without[i], 0, 'f', 0));
            }
            html += tr("%1: %2. Within 2 %3E %4 %, 4: %5 %, 8: <b>%6 %</b> of the canvas.<br>")
                        .arg(n ? tr("else") : tr("<b>best</b>"), names.join(", ").toHtmlEscaped().replace("&lt;", "<"))
                        .arg(QChar(0x394))
                        .arg(100 * s.within2, 0, 'f', 0)
                        .arg(100 * s.within4, 0, 'f', 0)
                        .arg(100 * s.within8, 0, 'f', 0);
            ++n;
        }
    } else if (p)
        html = tr("<b>%1</b>: %2, lightfastness %3%4; %5.")
                   .arg(pigmentWords(*p).toHtmlEscaped(), tr(paint::wordOf(p->opacity)),
                       QString::fromStdString(p->lightfastness), p->fugitive ? tr(" (fades)") : QString(),
                       QString::fromStdString(p->hazard).toHtmlEscaped());
    m_told->setText(html);
}

QString BoxPage::says() const
{
    const PaintBox* box = project().paintBox();
    if (!box)
        return tr("Recipes are made from the tubes you have: take a first box, or put in your own.");
    int chosen = 0;
    for (const Tube& t : box->tubes)
        chosen += t.chosen;
    QString s = tr("<b>%1 of %2 tubes</b> on the palette, %3.")
                    .arg(chosen)
                    .arg(box->tubes.size())
                    .arg(tr(paint::wordOf(box->medium)));
    if (m_state.mixing() && !m_state.mixing()->box.leftOut.empty())
        s += tr(" %1 left out: what it mixes to cannot be computed.").arg(m_state.mixing()->box.leftOut.size());
    return s;
}

} // namespace rl::app
