#include "cli/command_base.h"
#include "core/transfer/flow.h"
#include "store/picture_reader.h"

namespace rl::cli {

namespace {
using nlohmann::json;

/// `lantern flow IMAGE [--mask M] -o flow.png`
class Flow final : public NamedCommand {
public:
    Flow()
        : NamedCommand("flow", "which way fur, grass or folds run in a picture, and how long the strands are")
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("IMAGE", m_image, "a photograph")->required();
        app.add_option("--mask", m_mask, "grey picture of the thing, white = in; without it the whole picture");
        app.add_option("-o,--output", m_out, "PNG to write: angle × 255 / 180, counter-clockwise from the right");
        app.add_option("--step-px", m_step, "between places of the grid")->check(CLI::Range(4.0, 400.0));
        app.add_flag("--progress", m_tells, "tell on the error stream how far it is; Ctrl+C gives it up");
    }
    Result<json> run() override
    {
        const auto picture = store::readPicture(std::filesystem::path(m_image));
        if (!picture)
            return picture.error();
        Mask mask;
        if (!m_mask.empty()) {
            auto read = store::readMask(m_mask);
            if (!read)
                return read.error();
            mask = read.take();
            if (mask.width() != picture->pixels.width() || mask.height() != picture->pixels.height())
                return Error{Kind::Invalid, "The picture and its mask are not of one size.", {}};
        }
        TerminalProgress progress(m_tells);
        const transfer::FlowField field = transfer::flowOf(picture->pixels, mask, progress);
        if (progress.cancelled())
            return Error{Kind::Cancelled, "The measuring was given up; nothing was written.", {}};
        if (field.empty())
            return Error{Kind::Invalid, "The mask is empty: there is nothing to measure.", {}};
        if (!m_out.empty())
            if (const auto written = write(field); !written)
                return written.error();
        json grid = json::array();
        std::size_t reliable = 0;
        const auto points = transfer::flowPoints(field, picture->pixels, mask, m_step);
        for (const auto& p : points) {
            reliable += p.reliable;
            grid.push_back({{"at", {p.at.x, p.at.y}}, {"angle_deg", p.angle}, {"length_px", p.length},
                {"coherence", p.clear}, {"reliable", p.reliable}});
        }
        json j{{"grid", grid}, {"reliable_share", points.empty() ? 0.0 : double(reliable) / double(points.size())}};
        if (!m_out.empty())
            j["output"] = m_out;
        return j;
    }

private:
    Result<Done> write(const transfer::FlowField& field) const
    {
        std::vector<std::uint8_t> codes(field.angle.size());
        for (std::size_t i = 0; i < codes.size(); ++i)
            codes[i] = std::uint8_t(std::lround(field.angle.data()[i] * 255 / 180));
        return store::writeFile(
            m_out, store::encodePng(Mask(field.angle.width(), field.angle.height(), std::move(codes))));
    }
    std::string m_image, m_mask, m_out;
    double m_step = 16;
    bool m_tells = false;
};
} // namespace

std::vector<std::unique_ptr<Command>> carryCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<Flow>());
    return all;
}

} // namespace rl::cli
