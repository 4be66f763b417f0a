// What is drawn on a form: parts, ridges, eyes.
#include "app/stations/light/form_page.h"
#include "app/stations/light/study_page.h"

namespace rl::app {

std::optional<std::vector<Vec2>> FormPage::sharesOf(const std::vector<OutlinePoint>& points) const
{
    std::vector<Vec2> shares;
    for (const OutlinePoint& q : points)
        if (const auto share = m_shapes.shareAt(q.at))
            shares.push_back(*share);
    return shares.size() == points.size() ? std::optional(shares) : std::nullopt;
}

PointsWanted FormPage::wantedPart()
{
    PointsWanted wanted;
    wanted.hint = tr("Click round the part.");
    wanted.least = 3;
    wanted.closed = true;
    wanted.tooFew = tr("A part needs three points or more, on the selected element.");
    wanted.done = [this](const std::vector<OutlinePoint>& points) {
        const auto shares = sharesOf(points);
        if (!shares)
            return;
        m_form->change(lens::element(), tr("Outline a part"), -1, [&](Element& e) {
            e.parts.push_back({*shares, rl::Form::Puffed, true, 0, 0, 1});
        });
        Selection s = m_desk.selection();
        s.part = int(m_desk.heldElement()->parts.size()) - 1; // the new one is in hand
        m_desk.hold(s);
    };
    return wanted;
}

PointsWanted FormPage::wantedRidge()
{
    PointsWanted wanted;
    wanted.hint = tr("Click along the ridge.");
    wanted.least = 2;
    wanted.tooFew = tr("A ridge needs two points or more, on the selected element.");
    wanted.done = [this](const std::vector<OutlinePoint>& points) {
        if (const auto shares = sharesOf(points))
            m_form->change(lens::element(), tr("Draw a ridge"), -1, [&](Element& e) {
                e.ridges.push_back({*shares, m_ridgeHeight, m_ridgeWidth});
            });
    };
    return wanted;
}

PointsWanted FormPage::wantedEye()
{
    PointsWanted wanted;
    wanted.hint = tr("Click the middle of an eye; Esc when there are no more.");
    wanted.most = 1;
    wanted.again = true; // a second eye is likely
    wanted.done = [this](const std::vector<OutlinePoint>& points) {
        if (const auto shares = sharesOf(points))
            m_form->change(lens::element(), tr("Place an eye"), -1, [&](Element& e) {
                e.eyes.push_back({shares->front(), 0.012});
            });
    };
    return wanted;
}

} // namespace rl::app
