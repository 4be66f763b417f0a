// What a viewer sees, in which order, and the least change that puts it right.
#include "cli/json_out.h"
#include "cli/read_base.h"
#include "core/base/words.h"
#include "core/review/put_right.h"

namespace rl::cli {

namespace {
using nlohmann::json;

class Read final : public ReadingCommand {
public:
    Read()
        : ReadingCommand("read", tr("order and share of attention, what drives it, values, contours; --suggest"))
    {
    }
    void describe(CLI::App& app) override
    {
        ReadingCommand::describe(app);
        app.add_option("--steps", m_steps, tr("value steps, 2 to 9"))->check(CLI::Range(2, 9));
        app.add_option("--intended", m_intended, tr("elements in the order they are meant to be read, strongest first"))
            ->delimiter(',');
        app.add_option("--quiet", m_quiet, tr("elements that must stay under those"))->delimiter(',');
        app.add_flag(
            "--suggest", m_suggest, tr("the smallest change that puts it in that order, and the order after it"));
        app.add_option("-o,--output", m_out, tr("with --suggest: the picture after it, as PNG"));
        app.add_flag("--progress", m_tells, tr("show progress on the error stream; Ctrl+C cancels"));
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
        const reading::Reading reading = reading::read(r.project, r.picture, m_steps, r.frame.get());
        json j = jsonOf(reading, r.picture.pixelsPerCm);
        j["names"] = json::object();
        for (const auto& [id, name] : r.names)
            j["names"][std::to_string(id)] = name;
        if (m_suggest)
            if (const auto problem = suggest(r, j))
                return *problem;
        return j;
    }

private:
    /// As the window puts a work in order.
    std::optional<Error> putRight(const ReadPicture& r, json& j) const
    {
        TerminalProgress progress(m_tells);
        stage::SurfaceCache cache;
        const review::PutRight right = review::putRight(r.project, r.intent, cache, progress);
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, tr("The suggestion was cancelled."), {}};
        json& s = j["suggestion"] = {{"already", right.already}, {"solved", right.solved}, {"margin", right.margin},
            {"changes", told(right.remedies)}, {"order_before", right.before}, {"order_after", right.after},
            {"remain", right.remain}};
        if (!right.solved)
            s["nearest"] = told(right.nearest), s["against"] = right.against;
        if (m_out.empty())
            return {};
        const auto after = review::judged(
            review::withRemedies(r.project, right.remedies, std::vector<bool>(right.remedies.size(), true)), cache,
            progress);
        const auto written = store::writeFile(m_out, store::encodePng(colour::codeOf(after.picture.colour)));
        return written ? std::nullopt : std::optional(written.error());
    }
    static json told(const std::vector<review::Remedy>& all)
    {
        static constexpr const char* kinds[] = {"light", "size", "tone"};
        json j = json::array();
        for (const review::Remedy& r : all)
            j.push_back({{"kind", kinds[int(r.kind)]}, {"element", r.element}, {"words", r.words}});
        return j;
    }
    std::optional<Error> suggest(const ReadPicture& r, json& j) const
    {
        if (isWork())
            return putRight(r, j);
        TerminalProgress progress(m_tells);
        const reading::Suggestion s
            = reading::putInOrder(r.picture.colour, r.picture.ids, r.viewing, r.intent, progress);
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, tr("The suggestion was cancelled."), {}};
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
        : ReadingCommand(
            "whatif", tr("a picture with lights, darks, saturation or warmth changed, and what that changes"))
    {
    }
    void describe(CLI::App& app) override
    {
        ReadingCommand::describe(app);
        app.add_option("--lights", m_touch.lights, tr("L* added to its lights"))->check(CLI::Range(-40.0, 40.0));
        app.add_option("--darks", m_touch.darks, tr("L* added to its darks"))->check(CLI::Range(-40.0, 40.0));
        app.add_option("--lighter", m_touch.dL, tr("L* added to all of it"))->check(CLI::Range(-30.0, 30.0));
        app.add_option("--saturation", m_saturation, tr("factor of its chroma"))->check(CLI::Range(0.1, 3.0));
        app.add_option("--warm", m_touch.warm, tr("Warmer above 0, cooler below"))->check(CLI::Range(-30.0, 30.0));
        app.add_option("--element", m_touch.element, tr("only of this element"))->check(CLI::Range(0, 1 << 30));
        app.add_option("-o,--output", m_out, tr("the picture so changed, as PNG"));
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
                ErrorKind::Invalid, tr("There is no element %1 in the picture.", std::to_string(touch.element)), {}};
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
