#include "app/stations/mix/mix_state.h"
#include "app/stations/station.h"
#include "core/colour/srgb.h"
#include "core/paint/mixing.h"
#include "core/paint/palette_numbers.h"
#include "core/paint/recipe_words.h"

namespace rl::app {

using colour::ExactLab;

QColor screenColour(const ExactLab& lab)
{
    const auto s = paint::onScreen(lab);
    return {int(s.rgb[0] + 0.5), int(s.rgb[1] + 0.5), int(s.rgb[2] + 0.5)};
}

MixState& MixState::of(Desk& desk, StationView& view)
{
    if (auto* state = view.findChild<MixState*>())
        return *state;
    auto* state = new MixState(desk);
    state->setParent(&view);
    return *state;
}

MixState::MixState(Desk& desk)
    : m_desk(desk)
    , m_answer(desk.jobs)
    , m_other(desk.jobs)
    , m_proof(desk.jobs)
{
    connect(&desk.document, &Document::workChanged, this, [this] { m_wanted.reset(), m_mapOf = nullptr; });
    connect(&m_answer, &JobBase::done, this, &MixState::askOther);
    for (JobBase* job :
        {static_cast<JobBase*>(&m_answer), static_cast<JobBase*>(&m_other), static_cast<JobBase*>(&m_proof)})
        connect(job, &JobBase::done, this, &MixState::changed);
}

int MixState::puddleWanted() const
{
    return canMix() && m_wanted && m_wanted->puddle ? paint::placeOf(mixing()->map, m_wanted->puddle) : -1;
}

void MixState::show(int what)
{
    m_shown = what;
    refresh();
    emit changed();
}

JobKey MixState::answerKey() const
{
    const Project& p = m_desk.project();
    return std::tuple(*m_wanted, p.boxes, p.mix, p.brief.schools, m_full);
}
JobKey MixState::proofKey() const
{
    return std::tuple(m_desk.review ? m_desk.review->picture.colour : LinearPicture(), m_desk.project().boxes,
        m_desk.project().mix.finish, m_desk.project().brief.schools);
}

void MixState::ask()
{
    const PaintBox* box = m_desk.project().paintBox();
    if (!m_wanted || !box)
        return;
    m_answer.ask(answerKey(),
        [box = *box, brief = m_desk.project().brief, wanted = m_wanted->lab, full = m_full,
            letDown = m_desk.project().mix.letDown](Progress& progress) -> Result<paint::Answer> {
            const paint::Search search(paint::paintsOf(paint::mixingBox(box), brief));
            paint::Wish wish;
            wish.wanted = wanted, wish.inParts = true, wish.letDown = letDown;
            wish.effort = full ? paint::Effort::Full : paint::Effort::Moving;
            return paint::recipesFor(search, wish, progress);
        });
}

void MixState::askOther()
{
    const paint::Answer* a = answer();
    const PaintBox* box = m_desk.project().paintBox();
    if (a && box && a->reachDe > kFarOff)
        m_other.ask(answerKey(), [box = *box, wanted = m_wanted->lab, de = a->reachDe](Progress&) {
            return Result<paint::OtherTube>(paint::otherTube(paint::mixingBox(box), wanted, de));
        });
}

void MixState::refresh()
{
    if (m_wanted)
        ask();
    const PaintBox* box = m_desk.project().paintBox();
    if ((m_shown != Paints && m_shown != Lost) || !box || !m_desk.review)
        return;
    m_proof.ask(
        proofKey(),
        [box = *box, brief = m_desk.project().brief, seen = m_desk.review, finish = m_desk.project().mix.finish](
            Progress& progress) -> Result<Proofed> {
            const paint::Search search(paint::paintsOf(paint::mixingBox(box), brief));
            const auto reach = paint::Reach::of(search, seen->picture.colour, finish, progress);
            if (!reach)
                return Error{ErrorKind::Cancelled, {}, {}};
            Proofed out;
            Plane off;
            out.proof = imageOf(reach->proof(seen->picture.colour, &off));
            out.kept = paint::keptOf(off);
            out.lost = imageOf(paint::lossPicture(seen->picture.colour, off));
            return out;
        },
        Lane::Long);
}

const paint::Answer* MixState::answer() const
{
    if (const int i = m_wanted && !m_full ? puddleWanted() : -1; i >= 0)
        return &mixing()->recipes[std::size_t(i)]; // what palette, cards and sheets say
    return m_wanted ? m_answer.answer(answerKey()) : nullptr;
}
const paint::OtherTube* MixState::otherTube() const
{
    const paint::Answer* a = answer();
    return a && a->reachDe > kFarOff ? m_other.answer(answerKey()) : nullptr;
}
const paint::Kept* MixState::kept() const
{
    const Proofed* p = m_proof.answer(proofKey());
    return p ? &p->kept : nullptr;
}

QImage MixState::look()
{
    if (m_shown == Paints || m_shown == Lost) {
        const Proofed* p = m_proof.answer(proofKey());
        if (!p)
            p = m_proof.last(); // the last one while the next is made
        return !p ? QImage() : m_shown == Paints ? p->proof : p->lost;
    }
    if (m_shown != Map || !mixing())
        return {};
    if (m_mapOf != mixing()) {
        m_mapOf = mixing();
        const paint::RecipeMap& map = mixing()->map;
        std::vector<Rgb8> shown(map.which.size());
        std::vector<Rgb8> of;
        for (std::size_t i = 0; i < map.puddles.size(); ++i) {
            const auto& r = mixing()->recipes;
            const ExactLab lab = i < r.size() && !r[i].formulas.empty() ? r[i].formulas[0].lab : map.puddles[i].wanted;
            of.push_back(colour::codeOf(colour::fromLab(colour::Lab(lab))));
        }
        for (std::size_t i = 0; i < shown.size(); ++i)
            shown[i] = of[map.which.data()[i]];
        m_map = imageOf(Photo(map.which.width(), map.which.height(), std::move(shown)));
    }
    return m_map;
}

QString MixState::nameOf(const std::string& id) const
{
    static const paint::MixingBox none;
    return QString::fromStdString(paint::paintSaid(mixing() ? mixing()->box : none, id));
}

QString MixState::partsOf(const paint::Recipe& recipe) const
{
    static const paint::MixingBox none;
    return QString::fromStdString(paint::recipeSaid(mixing() ? mixing()->box : none, recipe));
}

int MixState::numberOf(int place) const
{
    return mixing() && place >= 0 && place < int(mixing()->map.puddles.size())
        ? mixing()->map.puddles[std::size_t(place)].number
        : 0;
}

QString MixState::placeOf(int i) const
{
    const paint::Puddle& p = mixing()->map.puddles[std::size_t(i)];
    const Element* e = m_desk.project().element(p.element);
    const QString whose = e ? QString::fromStdString(e->name) : tr("the backdrop");
    const QString place = p.light ? tr("light of %1").arg(whose) : tr("shade of %1").arg(whose);
    return p.also.empty() ? place : tr("%1 and %2 more").arg(place).arg(p.also.size());
}

void MixState::want(Wanted wanted)
{
    m_wanted = std::move(wanted);
    ask();
    emit changed();
}

void MixState::wantAt(Vec2 cm)
{
    if (!m_desk.review)
        return;
    const light::Picture& p = m_desk.review->picture;
    constexpr double kSpot = 0.15, kRingFrom = 1, kRingTo = 4; // cm
    const auto at = paint::colourAbout(p.colour, p.pixelsPerCm, cm, 0, std::max(kSpot, 1 / p.pixelsPerCm)),
               around = paint::colourAbout(p.colour, p.pixelsPerCm, cm, kRingFrom, kRingTo);
    if (at && around)
        want({*at, *around, tr("%1 cm from the left, %2 cm down").arg(cm.x, 0, 'f', 1).arg(cm.y, 0, 'f', 1), cm});
}

void MixState::wantPuddle(int i)
{
    if (!mixing() || i < 0 || i >= int(mixing()->map.puddles.size()))
        return;
    const paint::Puddle& p = mixing()->map.puddles[std::size_t(i)];
    const Vec2 at = p.at * (1 / mixing()->pixelsPerCm);
    wantAt(at); // for what surrounds it
    const ExactLab around = m_wanted ? m_wanted->around : p.wanted;
    want({p.wanted, around, tr("puddle %1, %2").arg(p.number).arg(placeOf(i)), at, p.number});
}

void MixState::wantFamily(int element, bool light)
{
    if (!mixing())
        return;
    const auto family = paint::familyOf(mixing()->map, element, light);
    if (!family)
        return;
    wantPuddle(family->second);
    if (m_wanted)
        want({family->first, m_wanted->around, placeOf(family->second), m_wanted->at});
}

void MixState::setFull(bool on)
{
    m_full = on;
    ask();
    emit changed();
}

} // namespace rl::app
