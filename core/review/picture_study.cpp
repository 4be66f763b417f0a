#include "core/review/picture_study.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/gather/vanishing.h"
#include "core/reading/silhouette.h"
#include <opencv2/imgproc.hpp>

namespace rl::review {

namespace {
void takeRegions(PictureStudy& s, const IdMap& ids, const std::map<int, std::string>& names)
{
    for (const int id : reading::elementsIn(ids)) {
        const cv::Mat mask = ids.mat() == id;
        const cv::Rect box = cv::boundingRect(mask);
        const cv::Moments m = cv::moments(mask, true);
        const cv::Scalar mean = cv::mean(s.picture.colour.mat(), mask);
        reading::Region r;
        r.id = id;
        r.at = {double(box.x), double(box.y), double(box.width), double(box.height)};
        r.middle = {m.m10 / m.m00, m.m01 / m.m00};
        r.mean = colour::toLab({float(mean[0]), float(mean[1]), float(mean[2])});
        r.share = m.m00 / double(ids.size());
        const auto name = names.find(id);
        r.name = name == names.end() ? reading::colourName(r.mean) : name->second;
        s.regions.push_back(std::move(r));
    }
}

void findLines(PictureStudy& s)
{
    struct Line {
        const char* name;
        bool upright;
        double at; ///< share of the side
    };
    static constexpr Line lines[]
        = {{translatable("the middle line"), true, 0.5}, {translatable("the left third"), true, 1 / 3.0},
            {translatable("the right third"), true, 2 / 3.0}, {translatable("the left quarter"), true, 0.25},
            {translatable("the right quarter"), true, 0.75}, {translatable("half height"), false, 0.5},
            {translatable("the upper third"), false, 1 / 3.0}, {translatable("the lower third"), false, 2 / 3.0},
            {translatable("the upper quarter"), false, 0.25}, {translatable("the lower quarter"), false, 0.75}};
    const double w = s.picture.ids.width(), h = s.picture.ids.height();
    for (std::size_t i = 0; i < std::min<std::size_t>(3, s.attention.order.size()); ++i) {
        const int id = s.attention.order[i];
        const auto r = std::find_if(
            s.regions.begin(), s.regions.end(), [=](const reading::Region& region) { return region.id == id; });
        if (r == s.regions.end())
            continue;
        for (const bool upright : {true, false}) { // the nearest line each way, within 4 %
            const Line* best = nullptr;
            double least = 0.04;
            for (const Line& l : lines)
                if (l.upright == upright)
                    if (const double off = std::abs((upright ? r->middle.x / w : r->middle.y / h) - l.at); off < least)
                        least = off, best = &l;
            if (best)
                s.onLines.push_back({id, best->name, 100 * least});
        }
        if (s.eyeLevel && std::abs(r->middle.y - *s.eyeLevel) < 0.04 * h)
            s.onLines.push_back({id, tr("the eye level"), 100 * std::abs(r->middle.y - *s.eyeLevel) / h});
    }
}
} // namespace

std::string PictureStudy::name(int region) const
{
    for (const reading::Region& r : regions)
        if (r.id == region)
            return r.name;
    return tr("the ground");
}

PictureStudy studyOf(const LinearPicture& picture, const IdMap& ids, const std::map<int, std::string>& names,
    const reading::Viewing& viewing, int wanted, Progress& progress)
{
    PictureStudy s;
    s.picture = {picture, ids, picture.width() / std::max(1e-6, viewing.canvasWidthCm)};
    if (ids.empty()) {
        reading::Regions found = reading::regionsIn(picture, wanted, progress);
        if (progress.cancelled() || found.ids.empty())
            return {};
        s.picture.ids = std::move(found.ids), s.regions = std::move(found.all);
        for (reading::Region& r : s.regions)
            if (const auto name = names.find(r.id); name != names.end())
                r.name = name->second;
    } else
        takeRegions(s, ids, names);
    s.attention = reading::attention(picture, s.picture.ids, viewing, 384, true);
    s.values = reading::valuePlan(picture, s.picture.ids);
    s.steps = reading::valueSteps(picture, 5);
    s.colours = reading::colourPlan(s.picture);
    s.balance = reading::balanceOf(s.picture);
    const Photo photo = colour::codeOf(picture);
    const gather::EyeLevel level = gather::eyeLevelOf(photo);
    const auto told = gather::weighed(level, gather::horizonOf(photo), photo.height());
    s.eyeConfidence = told.confidence;
    if (told.confidence >= 0.5)
        s.eyeLevel = told.y;
    if (level.confidence >= 0.5)
        for (std::size_t i = 0; i < std::min<std::size_t>(2, level.points.size()); ++i)
            s.vanishing.push_back(level.points[i].at);
    findLines(s);
    return s;
}

std::vector<std::string> sentencesOf(const PictureStudy& s)
{
    std::vector<std::string> out;
    std::string glances;
    for (const int id : s.attention.glances)
        glances += (glances.empty() ? "" : tr(", then ")) + s.name(id);
    if (!glances.empty()) {
        const int first = s.attention.order.front();
        out.push_back(tr("By contrast the first glances go to %1. %2 draws %3 % of the measured pull, mostly through "
                         "%4; faces and meaning are not known.",
            glances, s.name(first), fixed(100 * s.attention.share.at(first), 0), s.attention.driver.c_str()));
    }
    out.push_back(tr("Key: %1%2; from L* %3 to %4, middle %5. The darkest lies in %6, the lightest in %7.",
        reading::nameOf(s.values.height), s.values.major ? tr(" major") : tr(" minor"), fixed(s.values.all.darkest, 0),
        fixed(s.values.all.lightest, 0), fixed(s.values.all.middle, 0), s.name(s.values.darkestIn),
        s.name(s.values.lightestIn)));
    for (const PictureStudy::OnLine& l : s.onLines)
        out.push_back(tr("%1 lies on %2 (%3 % off).", s.name(l.region), tr(l.line), fixed(l.offPercent)));
    out.push_back(s.eyeLevel ? tr("The eye level lies at %1 % of the height from the top (%2 % sure).",
                      fixed(100 * *s.eyeLevel / s.picture.ids.height(), 0), fixed(100 * s.eyeConfidence, 0))
                             : tr("The eye level cannot be measured: no lines run together and no horizon shows."));
    for (const Vec2 v : s.vanishing)
        out.push_back(tr("Level lines meet at %1 % from the left, %2 % from the top.",
            fixed(100 * v.x / s.picture.ids.width(), 0), fixed(100 * v.y / s.picture.ids.height(), 0)));
    out.push_back(tr("Colour: %1; %2 % warm, %3 % cool, %4 % grey.", s.colours.spread,
        fixed(100 * s.colours.warmShare, 0), fixed(100 * s.colours.coolShare, 0), fixed(100 * s.colours.greyShare, 0)));
    for (const reading::Accent& a : s.colours.accents)
        out.push_back(tr("An accent of %1, %2 % of the canvas, %3", tr(a.hue), fixed(100 * a.share, 1),
            a.answered ? tr("answered elsewhere.") : tr("answered nowhere.")));
    out.push_back(
        tr("Left weighs %1 %, the upper half %2 %.", fixed(100 * s.balance.left, 0), fixed(100 * s.balance.top, 0)));
    for (const reading::StrongPlace& p : s.attention.places)
        if (p.share > 0.1)
            out.push_back(tr("A place of the ground, %1 % from the left, draws %2 % by itself.",
                fixed(100 * p.at.centre().x / s.picture.ids.width(), 0), fixed(100 * p.share, 0)));
    for (std::string& told : out)
        told[0] = char(std::toupper(static_cast<unsigned char>(told[0])));
    return out;
}

} // namespace rl::review
