#include "cli/command_base.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/cutout/cut.h"
#include "core/cutout/matte.h"
#include "core/cutout/patch.h"
#include "store/outline_json.h"
#include "store/picture_reader.h"
#include <opencv2/imgproc.hpp>

namespace rl::cli {

namespace {
using nlohmann::json;

Result<std::vector<cutout::Loop>> loopsFrom(const std::string& file)
{
    const auto bytes = store::readFile(file, 50'000'000);
    if (!bytes)
        return bytes.error();
    auto loops = store::loopsFromJson({reinterpret_cast<const char*>((*bytes)->data()), (*bytes)->size()});
    return loops ? std::move(loops) : Error{loops.error().kind, loops.error().sentence, file};
}

class CutCommand final : public NamedCommand {
public:
    CutCommand()
        : NamedCommand("cut", tr("cut a thing out of a picture, with a soft edge"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("IMAGE", m_image, tr("a picture"))->required();
        app.add_option("--rect", m_rect, tr("rough rectangle around it, px: x,y,width,height"))
            ->delimiter(',')
            ->expected(4);
        app.add_option(
            "--strokes", m_strokes, tr("picture of strokes: white surely in, black surely out, else unknown"));
        app.add_option("--outline", m_outline, tr("JSON of threads: pieces of points, px"));
        app.add_option(
               "--ground", m_ground, tr("a place on a plain ground, px, and how far it reaches, ΔE00: x,y,tolerance"))
            ->delimiter(',')
            ->expected(3);
        app.add_option("--band", m_band, tr("width of the uncertain band, px"))->check(CLI::Range(1.0, 200.0));
        app.add_option("-o,--output", m_out, tr("alpha as PNG"))->required();
        app.add_option(
            "--colour", m_colour, tr("also the cut-out with the old background taken out of its edge, as PNG"));
    }
    Result<json> run() override
    {
        const auto picture = store::readPicture(std::filesystem::path(m_image));
        if (!picture)
            return picture.error();
        const Photo& photo = picture->pixels;
        const auto wanted = wantedOf(photo);
        if (!wanted)
            return wanted.error();
        const double longest = std::max(photo.width(), photo.height());
        const double band = m_band > 0 ? m_band : std::clamp(longest / 90, 8.0, 24.0);
        NoProgress progress;
        const cutout::Cut cut = cutout::cut(photo, *wanted, {band, 4}, progress);
        if (cut.alpha.empty())
            return Error{ErrorKind::Invalid, tr("Nothing was left to cut out: mark what is in and what is out."), {}};
        if (const auto written = store::writeFile(m_out, store::encodePng(cut.alpha)); !written)
            return written.error();
        const LinearPicture clean = cutout::cleanColours(colour::linearOf(photo), cut.alpha);
        json j{{"output", m_out}, {"px", {photo.width(), photo.height()}}, {"band_px", band},
            {"share", cv::mean(cut.alpha.mat())[0] / 255}};
        if (!m_colour.empty()) {
            const auto written = store::writeFile(m_colour, store::encodePng(colour::codeOf(clean), cut.alpha));
            if (!written)
                return written.error();
            j["colour"] = m_colour;
        }
        const auto q = cutout::edgeQuality(clean, cut.alpha);
        j["edge"] = {{"transition_px", q.transitionPx}, {"halo_dE00", q.halo}, {"jaggedness_percent", q.jaggedness}};
        return j;
    }

private:
    Result<cutout::Wanted> wantedOf(const Photo& photo) const
    {
        cutout::Wanted wanted;
        if (!m_rect.empty()) {
            const bool sound = std::all_of(m_rect.begin(), m_rect.end(), [](double v) { return std::abs(v) < 1e6; });
            if (!sound || m_rect[2] < 2 || m_rect[3] < 2)
                return Error{ErrorKind::Invalid, tr("The rectangle is empty."), {}};
            wanted.strokes
                = cutout::marksOf({m_rect[0], m_rect[1], m_rect[2], m_rect[3]}, photo.width(), photo.height());
        }
        if (!m_strokes.empty()) {
            auto strokes = store::readMask(m_strokes);
            if (!strokes)
                return strokes.error();
            if (strokes->width() != photo.width() || strokes->height() != photo.height())
                return Error{ErrorKind::Invalid, tr("The picture and its strokes are not of one size."), {}};
            // JPEG-like rounding near the two certain values still counts as certain; anything else is unknown.
            cv::Mat marks(photo.height(), photo.width(), CV_8UC1, cv::Scalar(128));
            marks.setTo(0, strokes->mat() <= 2);
            marks.setTo(255, strokes->mat() >= 253);
            if (!wanted.strokes.empty())
                marks.setTo(0, (wanted.strokes.mat() == 0) & (marks == 128));
            wanted.strokes = cutout::Marks::fromMat(marks);
        }
        if (!m_outline.empty()) {
            auto loops = loopsFrom(m_outline);
            if (!loops)
                return loops.error();
            wanted.loops = loops.take();
        }
        if (!m_ground.empty()
            && !(m_ground[0] >= 0 && m_ground[0] < photo.width() && m_ground[1] >= 0 && m_ground[1] < photo.height()))
            return Error{ErrorKind::Invalid, tr("That place on a plain ground lies outside the picture."), {}};
        if (!m_ground.empty())
            wanted.grounds.push_back({{m_ground[0], m_ground[1]}, std::clamp(m_ground[2], 0.5, 100.0)});
        if (wanted.strokes.empty() && wanted.loops.empty() && wanted.grounds.empty())
            return Error{ErrorKind::Invalid, tr("Give what to cut out: --rect, --strokes, --outline or --ground."), {}};
        return wanted;
    }
    std::string m_image, m_strokes, m_outline, m_out, m_colour;
    std::vector<double> m_rect, m_ground;
    double m_band = 0;
};

class PatchCommand final : public NamedCommand {
public:
    PatchCommand()
        : NamedCommand("patch", tr("paint an unwanted thing out of a picture from what lies around it"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("IMAGE", m_image, tr("a picture"))->required();
        app.add_option("--mask", m_mask, tr("white where to fill"))->required();
        app.add_option("--from", m_from, tr("white where to take from; without it from around, what is of a kind"));
        app.add_option("-o,--output", m_out, tr("PNG to write"))->required();
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
        NoProgress progress;
        Mask from;
        if (!m_from.empty()) {
            auto read = store::readMask(m_from);
            if (!read)
                return read.error();
            from = read.take();
            if (from.width() != mask->width() || from.height() != mask->height())
                return Error{ErrorKind::Invalid, tr("The picture and where to take from are not of one size."), {}};
        }
        const Photo filled = cutout::patched(picture->pixels, *mask, progress, from);
        if (filled.empty())
            return Error{ErrorKind::Invalid, tr("There is not enough left around the hole to fill it from."), {}};
        if (const auto written = store::writeFile(m_out, store::encodePng(filled)); !written)
            return written.error();
        return json{{"output", m_out}, {"px", {filled.width(), filled.height()}},
            {"filled_px", cv::countNonZero(mask->mat() > 127)}};
    }

private:
    std::string m_image, m_mask, m_out, m_from;
};
} // namespace

std::vector<std::unique_ptr<Command>> cutCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<CutCommand>());
    all.push_back(std::make_unique<PatchCommand>());
    return all;
}

} // namespace rl::cli
