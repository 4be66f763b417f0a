// What a viewer sees, in which order, and the least change that puts it right.
#include "cli/command_base.h"
#include "cli/json_out.h"
#include "core/colour/srgb.h"
#include "core/project/takes.h"
#include "core/review/review.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include <opencv2/imgproc.hpp>

namespace rl::cli {

namespace {
using nlohmann::json;

/// A picture to be read, and who is in it.
struct ReadPicture {
    light::Picture picture;
    reading::Viewing viewing;
    std::map<int, std::string> names;
    reading::Intent intent; ///< of a work: its cast in order
};

/// A work (a take of it), or any picture with a map of ids.
class ReadingCommand : public NamedCommand {
public:
    using NamedCommand::NamedCommand;

protected:
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, "a work (*.lantern), or a picture")->required();
        app.add_option("--take", m_take, "of a work: another take than the one in hand, by its letter");
        app.add_option("--ids", m_ids, "of a picture: grey picture whose value is the element, 0 = ground");
        app.add_option("--canvas-cm", m_canvas, "width and height of the canvas")->delimiter(',')->expected(2);
        app.add_option("--distance-cm", m_distance, "viewing distance")->check(CLI::Range(1.0, 1e5));
    }
    Result<ReadPicture> opened(int widthPx = 800) const
    {
        const bool work = m_ids.empty() && std::filesystem::path(m_file).extension() == ".lantern";
        return work ? ofWork(widthPx) : ofPicture();
    }

private:
    Result<ReadPicture> ofPicture() const
    {
        const auto picture = store::readPicture(std::filesystem::path(m_file));
        if (!picture)
            return picture.error();
        if (!(m_canvas[0] > 0 && m_canvas[1] > 0 && m_canvas[0] < 1e6 && m_canvas[1] < 1e6))
            return Error{Kind::Invalid, "The canvas must be larger than nothing.", {}};
        const Photo& photo = picture->pixels;
        ReadPicture r;
        r.picture
            = {colour::linearOf(photo), IdMap::filled(photo.width(), photo.height(), 0), photo.width() / m_canvas[0]};
        r.viewing = {m_canvas[0], m_canvas[1], m_distance};
        if (m_ids.empty())
            return r;
        const auto ids = store::readMask(m_ids);
        if (!ids)
            return ids.error();
        if (ids->width() != photo.width() || ids->height() != photo.height())
            return Error{Kind::Invalid, "The picture and its ids are not of one size.", {}};
        cv::Mat wide;
        ids->mat().convertTo(wide, CV_32S);
        r.picture.ids = IdMap::fromMat(wide);
        return r;
    }
    Result<ReadPicture> ofWork(int widthPx) const
    {
        auto file = store::ProjectFile::open(m_file);
        if (!file)
            return file.error();
        Project p = file.take().project;
        if (!m_take.empty()) {
            const auto take
                = std::find_if(p.takes.begin(), p.takes.end(), [&](const Take& t) { return t.letter == m_take; });
            if (take == p.takes.end())
                return Error{Kind::Invalid, "The work has no take “" + m_take + "”.", {}};
            p = takes::projectOf(p, take->id);
        }
        stage::SurfaceCache cache;
        NoProgress progress;
        const auto frame = stage::compose(p, widthPx, cache, progress);
        light::Relighter relighter;
        ReadPicture r;
        r.picture = relighter.light(frame, p.lights);
        r.viewing = {p.brief.widthCm, p.brief.heightCm, p.brief.viewingDistanceCm};
        for (const Element& e : p.elements)
            r.names[e.id] = e.name;
        r.intent = reading::intentOf(p);
        return r;
    }
    std::string m_file, m_ids, m_take;
    std::vector<double> m_canvas{60, 40};
    double m_distance = 200;
};

class Read final : public ReadingCommand {
public:
    Read()
        : ReadingCommand("read", "order and share of attention, what drives it, values, contours; --suggest")
    {
    }
    void describe(CLI::App& app) override
    {
        ReadingCommand::describe(app);
        app.add_option("--steps", m_steps, "value steps, 2 to 9")->check(CLI::Range(2, 9));
        app.add_option("--intended", m_intended, "elements in the order they are meant to be read, strongest first")
            ->delimiter(',');
        app.add_option("--quiet", m_quiet, "elements that must stay under those")->delimiter(',');
        app.add_flag("--suggest", m_suggest, "the smallest change that puts it in that order, and the order after it");
        app.add_option("-o,--output", m_out, "with --suggest: the picture after it, as PNG");
        app.add_flag("--progress", m_tells, "tell on the error stream how far it is; Ctrl+C gives it up");
    }
    Result<json> run() override
    {
        auto opened = this->opened();
        if (!opened)
            return opened.error();
        ReadPicture r = opened.take();
        if (!m_intended.empty()) {
            r.intent = {};
            for (std::size_t i = 0; i < m_intended.size(); ++i)
                r.intent.rank[m_intended[i]] = int(i) + 1;
        }
        r.intent.quiet.insert(m_quiet.begin(), m_quiet.end());
        const reading::Attention a = reading::attention(r.picture.colour, r.picture.ids, r.viewing);
        json j = jsonOf(a);
        j["names"] = json::object();
        for (const auto& [id, name] : r.names)
            j["names"][std::to_string(id)] = name;
        tellShapes(r, j);
        tellValues(r, j);
        if (m_suggest)
            if (const auto problem = suggest(r, j))
                return *problem;
        return j;
    }

private:
    void tellShapes(const ReadPicture& r, json& j) const
    {
        for (const char* list : {"contours", "silhouettes", "tangents"})
            j[list] = json::array();
        for (const reading::Silhouette& s : reading::silhouettes(r.picture)) {
            j["contours"].push_back({{"element", s.element}, {"lost", s.lost}, {"soft", s.soft}, {"firm", s.firm},
                {"median_dE00", s.medianDifference}, {"median_dL", s.medianLightness}});
            j["silhouettes"].push_back({{"element", s.element}, {"own_outline", 1 - s.lost}});
        }
        j["edges"] = j["contours"];
        for (const reading::Tangent& t : reading::tangents(r.picture))
            j["tangents"].push_back({{"first", t.first}, {"second", t.second},
                {"gap_cm", t.gapPx / r.picture.pixelsPerCm}, {"at_px", {t.at.x, t.at.y}}});
    }
    void tellValues(const ReadPicture& r, json& j) const
    {
        const reading::ValuePlan v = reading::valuePlan(r.picture.colour, r.picture.ids);
        const auto told = [](const reading::ElementValues& e) {
            return json{
                {"element", e.element}, {"darkest_L", e.darkest}, {"middle_L", e.middle}, {"lightest_L", e.lightest}};
        };
        json values{{"key", std::string(nameOf(v.height)) + (v.major ? " major" : " minor")}, {"all", told(v.all)},
            {"elements", json::array()}, {"share_under_L12", v.blackShare}, {"share_over_L95", v.whiteShare},
            {"darkest_at_px", {v.darkestAt.x, v.darkestAt.y}}, {"darkest_in", v.darkestIn},
            {"lightest_at_px", {v.lightestAt.x, v.lightestAt.y}}, {"lightest_in", v.lightestIn}};
        for (const auto& e : v.elements)
            values["elements"].push_back(told(e));
        j["value_steps"] = json::array();
        for (const reading::ValueStep& s : reading::valueSteps(r.picture.colour, m_steps))
            j["value_steps"].push_back({{"L", s.lightness}, {"from", s.from}, {"to", s.to}, {"share", s.share}});
        values["steps"] = j["value_steps"];
        j["values"] = std::move(values);
    }
    std::optional<Error> suggest(const ReadPicture& r, json& j) const
    {
        TerminalProgress progress(m_tells);
        const reading::Suggestion s
            = reading::putInOrder(r.picture.colour, r.picture.ids, r.viewing, r.intent, progress);
        if (progress.cancelled())
            return Error{Kind::Cancelled, "The suggestion was given up.", {}};
        j["suggestion"] = jsonOf(s);
        if (m_out.empty())
            return {};
        const auto after = reading::touched(r.picture.colour, r.picture.ids, s.touches);
        const auto written = store::writeFile(m_out, store::encodePng(colour::codeOf(after)));
        return written ? std::nullopt : std::optional(written.error());
    }
    int m_steps = 3;
    std::vector<int> m_intended, m_quiet;
    std::string m_out;
    bool m_suggest = false, m_tells = false;
};

/// `lantern whatif FILE --lights +8 --darks -6`
class WhatIf final : public ReadingCommand {
public:
    WhatIf()
        : ReadingCommand("whatif", "a picture with lights, darks, saturation or warmth changed, and what that changes")
    {
    }
    void describe(CLI::App& app) override
    {
        ReadingCommand::describe(app);
        app.add_option("--lights", m_touch.lights, "L* added to its lights")->check(CLI::Range(-40.0, 40.0));
        app.add_option("--darks", m_touch.darks, "L* added to its darks")->check(CLI::Range(-40.0, 40.0));
        app.add_option("--lighter", m_touch.dL, "L* added to all of it")->check(CLI::Range(-30.0, 30.0));
        app.add_option("--saturation", m_saturation, "factor of its chroma")->check(CLI::Range(0.1, 3.0));
        app.add_option("--warm", m_touch.warm, "b* added: warmer, or cooler under 0")->check(CLI::Range(-30.0, 30.0));
        app.add_option("--element", m_touch.element, "only of this element")->check(CLI::Range(0, 1 << 30));
        app.add_option("-o,--output", m_out, "the picture so changed, as PNG");
    }
    Result<json> run() override
    {
        const auto opened = this->opened();
        if (!opened)
            return opened.error();
        const ReadPicture& r = *opened;
        reading::Touch touch = m_touch;
        touch.saturation = std::log(m_saturation);
        const auto has = [&](int id) {
            return std::find(r.picture.ids.data(), r.picture.ids.data() + r.picture.ids.size(), id)
                != r.picture.ids.data() + r.picture.ids.size();
        };
        if (touch.element && !has(touch.element))
            return Error{
                Kind::Invalid, "There is no element " + std::to_string(touch.element) + " in the picture.", {}};
        const LinearPicture after = reading::touched(r.picture.colour, r.picture.ids, {touch});
        json j{{"before", figuresOf(r, r.picture.colour)}, {"after", figuresOf(r, after)}};
        if (m_out.empty())
            return j;
        if (const auto written = store::writeFile(m_out, store::encodePng(colour::codeOf(after))); !written)
            return written.error();
        j["output"] = m_out;
        return j;
    }

private:
    static json figuresOf(const ReadPicture& r, const LinearPicture& colour)
    {
        const reading::Attention a = reading::attention(colour, r.picture.ids, r.viewing);
        const reading::ValuePlan v = reading::valuePlan(colour, r.picture.ids);
        json j = jsonOf(a);
        j["key"] = std::string(nameOf(v.height)) + (v.major ? " major" : " minor");
        j["darkest_L"] = v.all.darkest, j["middle_L"] = v.all.middle, j["lightest_L"] = v.all.lightest;
        j["share_under_L12"] = v.blackShare, j["share_over_L95"] = v.whiteShare;
        return j;
    }
    reading::Touch m_touch;
    double m_saturation = 1;
    std::string m_out;
};
} // namespace

std::vector<std::unique_ptr<Command>> readCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<Read>());
    all.push_back(std::make_unique<WhatIf>());
    return all;
}

} // namespace rl::cli
