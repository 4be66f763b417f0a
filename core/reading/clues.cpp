#include "core/reading/clues.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include <opencv2/imgproc.hpp>

namespace rl::reading {

bool ClueSeen::large() const
{
    return arcMinutes >= kRecognisedMinutes;
}
bool ClueSeen::apart() const
{
    return separation >= kClueSeparation && lost < 0.5;
}

namespace {
/// The elements that show a clue.
std::vector<int> showing(const Project& p, const Clue& c)
{
    std::vector<int> out;
    for (const Element& e : p.elements)
        if (c.element ? e.id == c.element : c.cast && e.cast == c.cast)
            out.push_back(e.id);
    return out;
}

/// Where a clue lies, 255 inside, in the picture.
cv::Mat maskOf(const Project& p, const Clue& c, const IdMap& ids)
{
    cv::Mat mask = cv::Mat::zeros(ids.height(), ids.width(), CV_8U);
    for (const int id : showing(p, c))
        mask |= ids.mat() == id;
    if (c.part.width <= 0 || c.part.height <= 0)
        return mask;
    const cv::Rect box = cv::boundingRect(mask);
    const cv::Rect part(box.x + int(c.part.x * box.width), box.y + int(c.part.y * box.height),
        std::max(1, int(std::lround(c.part.width * box.width))),
        std::max(1, int(std::lround(c.part.height * box.height))));
    cv::Mat only = cv::Mat::zeros(mask.size(), CV_8U);
    if (const cv::Rect on = part & box; !on.empty())
        mask(on).copyTo(only(on));
    return only;
}

/// The lesser side of the least box round it, px.
double narrowSide(const cv::Mat& mask)
{
    std::vector<cv::Point> points;
    cv::findNonZero(mask, points);
    if (points.empty())
        return 0;
    const cv::RotatedRect box = cv::minAreaRect(points);
    return double(std::min(box.size.width, box.size.height)) + 1;
}
} // namespace

Rect shownBox(const IdMap& ids, int element)
{
    const cv::Rect r = cv::boundingRect(cv::Mat(ids.mat() == element));
    return {double(r.x), double(r.y), double(r.width), double(r.height)};
}

std::vector<ClueSeen> cluesSeen(const Project& p, const light::Picture& picture, const Viewing& viewing)
{
    std::vector<ClueSeen> out;
    if (picture.ids.empty())
        return out;
    // Places on things take ids of their own, so that they are looked at beside everything else.
    int fresh = 1;
    for (const Element& e : p.elements)
        fresh = std::max(fresh, e.id + 1);
    cv::Mat ids = picture.ids.mat().clone();
    std::vector<int> own;
    for (const Idea& idea : p.brief.ideas)
        for (const Clue& c : idea.clues) {
            ClueSeen s;
            s.idea = idea.id, s.clue = c.id;
            const cv::Mat mask = maskOf(p, c, picture.ids);
            s.there = cv::countNonZero(mask) > 0;
            own.push_back(0);
            if (s.there) {
                const cv::Rect box = cv::boundingRect(mask);
                s.at = {double(box.x), double(box.y), double(box.width), double(box.height)};
                s.wideMm = 10 * narrowSide(mask) / picture.pixelsPerCm;
                s.arcMinutes = 60 * degrees(2 * std::atan(s.wideMm / 20 / std::max(1.0, viewing.distanceCm)));
                own.back() = fresh++;
                ids.setTo(cv::Scalar(own.back()), mask);
            }
            out.push_back(s);
        }
    if (std::none_of(out.begin(), out.end(), [](const ClueSeen& s) { return s.there; }))
        return out;
    light::Picture with{picture.colour, IdMap::fromMat(ids), picture.pixelsPerCm};
    const Attention a = attention(with.colour, with.ids, viewing);
    const std::vector<Silhouette> shapes = silhouettes(with, {own.begin(), own.end()});
    for (std::size_t i = 0; i < out.size(); ++i) {
        const auto shape = std::find_if(
            shapes.begin(), shapes.end(), [&](const Silhouette& s) { return own[i] && s.element == own[i]; });
        if (shape == shapes.end()) // another clue lies over all of it
            continue;
        out[i].separation = shape->medianSeparation, out[i].lost = shape->lost;
        if (const auto share = a.share.find(own[i]); share != a.share.end())
            out[i].share = share->second;
        const auto glance = std::find(a.glances.begin(), a.glances.end(), own[i]);
        out[i].glance = glance == a.glances.end() ? 0 : int(glance - a.glances.begin()) + 1;
    }
    return out;
}

std::string whyNotSeen(const ClueSeen& c)
{
    if (!c.there)
        return tr("shown by nothing in the picture");
    std::string why = tr("%1 mm wide (%2 arc minutes from the viewing distance)",
        fixed(c.wideMm, c.wideMm < 10 ? 1 : 0), fixed(c.arcMinutes, c.arcMinutes < 10 ? 1 : 0));
    if (!c.large())
        why += tr(", too small to recognise");
    if (!c.apart())
        why += c.large() ? tr(", but lost in what lies around it (ΔE %1)", fixed(c.separation))
                         : tr(" and lost in what lies around it (ΔE %1)", fixed(c.separation));
    return why;
}

Findings clueFindings(const Project& p, const light::Picture& picture, const std::vector<ClueSeen>& seen)
{
    Findings out;
    for (const Idea& idea : p.brief.ideas) {
        int good = 0;
        const ClueSeen* worst = nullptr;
        const Clue* which = nullptr;
        for (const Clue& c : idea.clues)
            for (const ClueSeen& s : seen)
                if (s.clue == c.id) {
                    good += s.seen();
                    if (!s.seen() && (!worst || s.arcMinutes < worst->arcMinutes))
                        worst = &s, which = &c;
                }
        // As many as the painter chose, three at most; an idea without any is told once.
        const int wanted = std::clamp(int(idea.clues.size()), 1, 3);
        const bool few = idea.clues.empty();
        if (good >= wanted)
            continue;
        const double k = picture.pixelsPerCm;
        Finding f{"brief.idea:" + std::to_string(idea.id), Station::Brief,
            good == 0 ? Severity::Broken : Severity::Watch,
            tr("%1: %2 of %3 cues can be seen%4", idea.words, std::to_string(good), std::to_string(idea.clues.size()),
                which     ? tr("; “%1” is %2.", which->words, whyNotSeen(*worst))
                    : few ? tr("; mark what shows it.")
                          : "."),
            double(good), double(wanted), translatable("cues seen"),
            worst && worst->there ? Rect{worst->at.x / k, worst->at.y / k, worst->at.width / k, worst->at.height / k}
                                  : Rect{},
            which ? which->element : 0,
            tr("A viewer misses one cue and doubts the second; with three the idea gets across. Size and contrast are "
               "measured, not whether it is understood."),
            {}};
        out.push_back(std::move(f));
    }
    return out;
}

} // namespace rl::reading
