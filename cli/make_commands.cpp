#include "cli/command_base.h"
#include "core/base/memory.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/relief/detail.h"
#include "core/review/review.h"
#include "demo/demo_work.h"
#include "store/picture_reader.h"
#include "store/project_file.h"

namespace rl::cli {

namespace {
using nlohmann::json;

class Render final : public NamedCommand {
public:
    Render()
        : NamedCommand("render", tr("the lit picture as PNG, or one part of what makes it"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option("-o,--output", m_out, tr("PNG to write"))->required();
        app.add_option("--width-px", m_width, tr("pixels across the canvas"))->check(CLI::Range(16, 12000));
        app.add_option("--linear-exr", m_exr, tr("the same unfitted, linear, as OpenEXR"));
        app.add_option("--pass", m_pass, tr("only this: albedo, normal, depth, shadow, ambient, id or zones"))
            ->check(CLI::IsMember({"albedo", "normal", "depth", "shadow", "ambient", "id", "zones"}));
        app.add_option("--zone-steps", m_steps, tr("form zones in 2…6 steps"))->check(CLI::Range(2, 6));
        app.add_option("--strip-rows", m_strip, tr("rows worked at a time; the picture does not depend on it"))
            ->check(CLI::Range(1, 4096));
        app.add_flag("--progress", m_tells, tr("show progress on the error stream; Ctrl+C cancels"));
    }
    Result<json> run() override
    {
        const auto p = openWork(m_file);
        if (!p)
            return p.error();
        TerminalProgress progress(m_tells);
        auto frame = [&] {
            stage::SurfaceCache cache; // let go before the light needs room
            return stage::compose(*p, m_width, cache, progress);
        }();
        handBackMemory();
        if (!frame)
            return Error{ErrorKind::Cancelled, tr("The picture was cancelled. Nothing was saved."), {}};
        light::Relighter relighter;
        LinearPicture raw;
        Photo shown;
        const double perCm = frame->pixelsPerCm;
        if (m_pass.empty()) {
            auto picture = light::finalPicture(m_exr.empty() ? std::move(frame) : frame, p->lights, progress, m_strip);
            if (!picture)
                return picture.error();
            shown = picture.take();
            if (!m_exr.empty())
                raw = relighter.scene(frame, p->lights);
        } else {
            raw = relighter.pass(frame, p->lights, passNamed(m_pass), m_steps);
            // Values that are no light are shown as numbers, not as light through the display's curve.
            const bool numbers = m_pass == "normal" || m_pass == "depth" || m_pass == "shadow" || m_pass == "id";
            shown = numbers ? plainCodes(asShown(raw)) : colour::codeOf(asShown(raw));
        }
        if (const auto written = store::writeFile(m_out, store::encodePng(shown)); !written)
            return written.error();
        json j{{"output", m_out}, {"px", {shown.width(), shown.height()}}, {"px_per_cm", perCm}};
        if (!m_exr.empty()) {
            const auto bytes = store::encodeExr(raw);
            if (bytes.empty())
                return Error{ErrorKind::Internal, tr("The OpenEXR picture could not be made."), {}};
            if (const auto done = store::writeFile(m_exr, bytes); !done)
                return done.error();
            j["linear_exr"] = m_exr;
        }
        return j;
    }

private:
    static light::Pass passNamed(const std::string& name)
    {
        static const char* names[]{"albedo", "normal", "depth", "shadow", "ambient", "id", "zones"};
        for (int i = 0; i < light::kPassCount; ++i)
            if (name == names[i])
                return light::Pass(i);
        return light::Pass::Albedo;
    }
    /// Distances and ids brought into 0…1: near is light, 1 m white; ids spread over the greys.
    LinearPicture asShown(const LinearPicture& raw) const
    {
        if (m_pass != "depth" && m_pass != "id")
            return raw;
        float most = 1;
        for (std::size_t i = 0; i < raw.size(); ++i)
            most = std::max(most, raw.data()[i].r);
        std::vector<Rgb> out(raw.size());
        for (std::size_t i = 0; i < out.size(); ++i) {
            const float v = raw.data()[i].r,
                        s = m_pass == "id" ? v / most
                : v > 0                    ? 1 / std::sqrt(std::max(v, 1.f))
                                           : 0;
            out[i] = {s, s, s};
        }
        return {raw.width(), raw.height(), std::move(out)};
    }
    static Photo plainCodes(const LinearPicture& p)
    {
        std::vector<Rgb8> out(p.size());
        const auto code = [](float v) { return std::uint8_t(std::lround(255 * std::clamp(v, 0.f, 1.f))); };
        for (std::size_t i = 0; i < out.size(); ++i)
            out[i] = {code(p.data()[i].r), code(p.data()[i].g), code(p.data()[i].b)};
        return {p.width(), p.height(), std::move(out)};
    }
    std::string m_file, m_out, m_exr, m_pass;
    int m_width = 1600, m_steps = 6, m_strip = 128;
    bool m_tells = false;
};

/// `lantern relief IMAGE --mask M -o normal.png`: the relief that light will fall on.
class ReliefCommand final : public NamedCommand {
public:
    ReliefCommand()
        : NamedCommand("relief", tr("the relief of a cut-out, as a picture of its normals"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("IMAGE", m_image, tr("a photograph"))->required();
        app.add_option("--mask", m_mask, tr("grey picture of the object, white = in"))->required();
        app.add_option("-o,--output", m_out, tr("PNG to write: (n + 1) / 2, x right, y up, z towards the viewer"))
            ->required();
        app.add_option("--detail", m_detail, tr("folds and bumps read off the shading, 0 none … 1"))
            ->check(CLI::Range(0.0, 1.0));
        app.add_option("--form", m_form, tr("its form, one of these"))
            ->check(CLI::IsMember({"puffed", "ball", "column", "slab", "card", "corner", "ground"}));
    }
    Result<json> run() override
    {
        const auto picture = store::readPicture(std::filesystem::path(m_image));
        if (!picture)
            return picture.error();
        const auto mask = store::readMask(m_mask);
        if (!mask)
            return mask.error();
        if (mask->width() != picture->pixels.width() || mask->height() != picture->pixels.height())
            return Error{ErrorKind::Invalid, tr("The picture and its mask are not of one size."), {}};
        static const char* names[]{"puffed", "ball", "column", "slab", "card", "corner", "ground"};
        const auto form = relief::Shape(std::find(names, names + kFormCount, m_form) - names);
        relief::Relief r = relief::reliefOf(*mask, form, std::max(mask->width(), mask->height()));
        const relief::PhotoReading reading = relief::readPhoto(picture->pixels, *mask);
        if (m_detail > 0 && form == relief::Shape::Puffed)
            relief::lift(r, reading);
        else if (m_detail > 0)
            relief::addDetail(r, picture->pixels, *mask, reading.light, m_detail);
        if (r.normals.width() == 0)
            return Error{ErrorKind::Invalid, tr("The mask is empty: there is nothing to make a relief of."), {}};
        std::vector<Rgb8> out(mask->size(), Rgb8{128, 128, 255});
        for (int y = 0; y < r.normals.height(); ++y)
            for (int x = 0; x < r.normals.width(); ++x) {
                const int px = int(r.box.x + x / r.scale), py = int(r.box.y + y / r.scale);
                if (!mask->contains(px, py) || !r.inside.at(x, y))
                    continue;
                const Vec3f n = r.normals.at(x, y);
                const auto code
                    = [](float v) { return std::uint8_t(std::lround(127.5f * (std::clamp(v, -1.f, 1.f) + 1))); };
                out[std::size_t(py) * std::size_t(mask->width()) + std::size_t(px)] = {code(n.x), code(n.y), code(n.z)};
            }
        const auto written
            = store::writeFile(m_out, store::encodePng(Photo(mask->width(), mask->height(), std::move(out))));
        if (!written)
            return written.error();
        return json{{"output", m_out}, {"px", {mask->width(), mask->height()}}, {"form", m_form},
            {"box_px", {r.box.x, r.box.y, r.box.width, r.box.height}}, {"scale", r.scale}};
    }

private:
    std::string m_image, m_mask, m_out, m_form = "puffed";
    double m_detail = 0.35;
};

class New final : public NamedCommand {
public:
    New()
        : NamedCommand("new", tr("an empty work"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("where to make it"))->required();
        app.add_option("--title", m_title, "title");
        app.add_option("--canvas-cm", m_canvas, tr("width and height"))->delimiter(',')->expected(2);
    }
    Result<json> run() override
    {
        if (!m_file.ends_with(".lantern"))
            m_file += ".lantern"; // as the window opens them
        if (std::filesystem::exists(m_file))
            return Error{ErrorKind::Invalid, tr("There is a file of that name already; nothing was changed."), m_file};
        if (!(m_canvas[0] >= 1 && m_canvas[1] >= 1 && m_canvas[0] <= 2000 && m_canvas[1] <= 2000))
            return Error{ErrorKind::Invalid, tr("A canvas is 1 to 2000 cm on a side."), {}};
        Project p;
        p.brief.title = m_title;
        p.brief.widthCm = m_canvas[0];
        p.brief.heightCm = m_canvas[1];
        p.camera.horizonCm = 0.45 * p.brief.heightCm;
        const auto file = store::ProjectFile::create(m_file, p);
        if (!file)
            return file.error();
        return json{{"output", m_file}, {"canvas_cm", m_canvas}};
    }

private:
    std::string m_file, m_title = tr("Untitled work");
    std::vector<double> m_canvas{60, 40};
};

class Demo final : public NamedCommand {
public:
    Demo()
        : NamedCommand("demo", tr("the demo work and its pictures"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("DIR", m_dir, tr("folder to write to"))->required();
        app.add_flag("--put-right", m_right, tr("on the take with its faults cured"));
        app.add_flag("--court", m_court, tr("the other example, The Moth Court"));
    }
    Result<json> run() override
    {
        std::error_code error;
        std::filesystem::create_directories(m_dir, error);
        if (error)
            return Error{ErrorKind::NotWritable, tr("That folder cannot be made."), error.message()};
        NoProgress progress;
        const auto p = m_court ? demo::mothCourt(progress)
            : m_right          ? demo::caravanPutRight(progress)
                               : demo::lowTideCaravan(progress);
        if (!p)
            return p.error();
        const std::filesystem::path file
            = std::filesystem::path(m_dir) / (m_court ? "the-moth-court.lantern" : "low-tide-caravan.lantern");
        if (std::filesystem::exists(file, error)) {
            const auto there = store::ProjectFile::open(file);
            if (!there || !(there->project == *p))
                return Error{ErrorKind::Invalid,
                    tr("There is a work “%1” already that is not the demo as it is made; choose another folder.",
                        file.filename().string()),
                    file.string()};
        }
        auto made = store::ProjectFile::create(file, *p);
        if (!made)
            return made.error();
        auto work = made.take();
        if (const auto seen = withPicture(work, *p, progress); !seen)
            return seen.error();
        json j{{"work", file.string()}, {"pictures", json::array()}};
        for (const Reference& r : p->references) {
            const auto out = std::filesystem::path(m_dir) / (r.name + ".jpg");
            const auto written = store::writeFile(out, *r.pixels.bytes());
            if (!written)
                return written.error();
            j["pictures"].push_back(out.string());
        }
        return j;
    }

private:
    /// Opened for the first time, it shows at once how it looks.
    static Result<Done> withPicture(store::ProjectFile& file, const Project& p, Progress& progress)
    {
        stage::SurfaceCache cache;
        const auto picture = light::finalPicture(stage::compose(p, 900, cache, progress), p.lights, progress);
        return picture ? file.setPreview(store::encodeJpeg(*picture, 82)) : picture.error();
    }
    bool m_right = false, m_court = false;
    std::string m_dir;
};
} // namespace

std::vector<std::unique_ptr<Command>> makeCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<Render>());
    all.push_back(std::make_unique<ReliefCommand>());
    all.push_back(std::make_unique<New>());
    all.push_back(std::make_unique<Demo>());
    return all;
}

} // namespace rl::cli
