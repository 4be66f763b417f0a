#include "app/desk/desk.h"
#include "core/paint/palette_numbers.h"
#include "core/project/hold.h"
#include "core/review/known_reviews.h"

namespace rl::app {

Desk::Desk()
    : light(&notices)
    , wall(document, jobs)
{
    connect(&document, &Document::failed, this, [this](const Error& e) { notices.fail(e); });
    connect(&document, &Document::noted, this, [this](const QString& s) { notices.say(s); });
    connect(&document, &Document::projectChanged, this, [this] { hold(m_selection); });
    connect(&document, &Document::leaving, this, [this](std::vector<QFuture<void>>& running) {
        tryOut({});
        m_more.clear();
        for (QFuture<void>& f : jobs.leave())
            running.push_back(std::move(f));
        light.leave();
    });
    connect(&document, &Document::workChanged, this, [this] {
        review.reset();
        findings.clear();
        m_selection = {};
        holdElement(firstToHold(project()));
    });
    actions.setGestures([this] { return document.freshGesture(); }, [this] { document.finishGesture(); });
}

Desk::~Desk() = default;

void Desk::hold(Selection s)
{
    const Project& p = project();
    if (s.element != m_selection.element)
        s.part = -1;
    if (!p.lantern(s.lantern))
        s.lantern = p.lights.lanterns.empty() ? 0 : p.lights.lanterns.front().id;
    if (s.element && !p.element(s.element))
        s.element = firstToHold(p); // what was held is gone
    s.mist = std::clamp(s.mist, p.lights.air.mists.empty() ? -1 : 0, int(p.lights.air.mists.size()) - 1);
    if (const Element* e = p.element(s.element); !e || s.part >= int(e->parts.size()))
        s.part = -1;
    if (!p.tube(s.tube))
        s.tube = p.paintBox() && !p.paintBox()->tubes.empty() ? p.paintBox()->tubes.front().id : 0;
    if (s == m_selection)
        return;
    m_selection = s;
    emit heldChanged();
}

void Desk::holdElement(int id)
{
    Selection s = m_selection;
    s.element = id;
    hold(s);
}
void Desk::holdLantern(int id)
{
    Selection s = m_selection;
    s.lantern = id;
    hold(s);
}
void Desk::holdReference(int id)
{
    Selection s = m_selection;
    s.reference = id;
    hold(s);
}

void Desk::take(review::Reviewed newest, quint64 revision)
{
    if (revision != document.revision())
        return;
    const auto puddles = [](const review::Reviewed& r) { return r && r->mixing ? r->mixing->map : paint::RecipeMap(); };
    const auto before = puddles(review), now = puddles(newest);
    review = std::move(newest);
    m_reviewOf = revision;
    if (Selection s = m_selection; s.puddle >= 0 && s.puddle < int(before.puddles.size())) {
        s.puddle = paint::placeOf(now, before.puddles[std::size_t(s.puddle)].number);
        hold(s);
    }
    if (project().paintBox() && !document.readOnly() && !now.puddles.empty()) {
        Project kept = project();
        kept.puddles = paint::keptNumbers(now, kept);
        document.amend(std::move(kept));
    }
    if (review->whole) {
        findings = review->findings;
        review::KnownReviews::ofAll().keep(project(), review);
    }
    emit reviewed();
}

int Desk::elementAt(Vec2 cm) const
{
    if (!lit)
        return 0;
    const int x = int(cm.x * lit->picture.pixelsPerCm), y = int(cm.y * lit->picture.pixelsPerCm);
    // A few pixels around, so that thin things can be caught.
    for (const auto& [dx, dy] : {std::pair{0, 0}, {3, 0}, {-3, 0}, {0, 3}, {0, -3}})
        if (lit->picture.ids.contains(x + dx, y + dy))
            if (const int id = lit->picture.ids.at(x + dx, y + dy); id && project().element(id))
                return id;
    return 0;
}

void Desk::setMore(Findings more)
{
    m_more = std::move(more);
    emit reviewed();
}

void Desk::setAlone(int which)
{
    if (m_alone == which)
        return;
    m_alone = which;
    emit aloneChanged();
}

void Desk::tryOut(std::optional<Trial> trial)
{
    if (!trial && !m_trial)
        return;
    m_trial = std::move(trial);
    emit trialChanged();
}

bool Desk::refusesLocked(const Element* e)
{
    if (!e || !e->locked)
        return false;
    notices.say(tr("“%1” is locked in its place.").arg(QString::fromStdString(e->name)));
    return true;
}

} // namespace rl::app
