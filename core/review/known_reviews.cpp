#include "core/review/known_reviews.h"
#include "core/base/kept.h"
#include <deque>
#include <mutex>

namespace rl::review {

namespace {
constexpr std::size_t kMost = 8; ///< works

/// Bytes, about: its frame and the mattes of its work are what weighs.
std::size_t weightOf(const Project& project, const Review& review)
{
    std::size_t pixels = 0, mattes = 0;
    for (const Cutout& c : project.cutouts)
        mattes += c.alpha.size() + c.strokes.size();
    if (review.frame)
        for (const stage::Layer& l : review.frame->layers)
            pixels += std::size_t(l.width()) * std::size_t(l.height());
    constexpr std::size_t ofLayer = 48, ofPicture = 60; // albedo, normal, depth, cover; colour, ids, reading
    return mattes + pixels * ofLayer
        + std::size_t(review.picture.colour.width()) * std::size_t(review.picture.colour.height()) * ofPicture;
}
} // namespace

struct KnownReviews::Shelf {
    struct Known {
        Project project;
        Reviewed review;
    };
    std::mutex mutex;
    std::deque<std::weak_ptr<const Known>> all; ///< the newest first
};

KnownReviews::KnownReviews()
    : m_shelf(std::make_shared<Shelf>())
{
}

KnownReviews& KnownReviews::ofAll()
{
    static KnownReviews one;
    return one;
}

void KnownReviews::keep(const Project& project, const Reviewed& review)
{
    if (!review || !review->whole || of(project) == review)
        return;
    const auto known = std::make_shared<const Shelf::Known>(Shelf::Known{project, review});
    kept::hold(known, weightOf(project, *review));
    const std::lock_guard lock(m_shelf->mutex);
    m_shelf->all.push_front(known);
    while (m_shelf->all.size() > kMost) {
        if (const auto oldest = m_shelf->all.back().lock())
            kept::letGo(oldest.get());
        m_shelf->all.pop_back();
    }
}

Reviewed KnownReviews::of(const Project& project)
{
    const std::lock_guard lock(m_shelf->mutex);
    for (const auto& weak : m_shelf->all)
        if (const auto known = weak.lock(); known && known->project == project) {
            kept::used(known.get());
            return known->review;
        }
    return nullptr;
}

void KnownReviews::forget()
{
    const std::lock_guard lock(m_shelf->mutex);
    for (const auto& weak : m_shelf->all)
        if (const auto known = weak.lock())
            kept::letGo(known.get());
    m_shelf->all.clear();
}

} // namespace rl::review
