#pragma once
#include "cli/command_base.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/project/takes.h"
#include "core/reading/order.h"
#include "core/review/review.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include <filesystem>

namespace rl::cli {

/// A picture to be read, and who is in it.
struct ReadPicture {
    Project project; ///< of a picture: only its canvas is known
    std::shared_ptr<const stage::StageFrame> frame; ///< of a work
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
        app.add_option("FILE", m_file, tr("a work (*.lantern), or a picture"))->required();
        app.add_option("--take", m_take, tr("of a work: another take than the present one, by its letter"));
        app.add_option("--ids", m_ids, tr("of a picture: grey picture whose value is the element, 0 = ground"));
        app.add_option("--canvas-cm", m_canvas, tr("width and height of the canvas"))->delimiter(',')->expected(2);
        app.add_option("--distance-cm", m_distance, tr("viewing distance"))->check(CLI::Range(1.0, 1e5));
    }
    bool isWork() const { return m_ids.empty() && std::filesystem::path(m_file).extension() == ".lantern"; }
    Result<ReadPicture> opened() const { return isWork() ? ofWork() : ofPicture(); }
    const std::string& file() const { return m_file; }

private:
    Result<ReadPicture> ofPicture() const
    {
        const auto picture = store::readPicture(std::filesystem::path(m_file));
        if (!picture)
            return picture.error();
        if (!(m_canvas[0] > 0 && m_canvas[1] > 0 && m_canvas[0] < 1e6 && m_canvas[1] < 1e6))
            return Error{ErrorKind::Invalid, tr("The canvas must have a width and a height."), {}};
        const Photo& photo = picture->pixels;
        ReadPicture r;
        r.picture
            = {colour::linearOf(photo), IdMap::filled(photo.width(), photo.height(), 0), photo.width() / m_canvas[0]};
        r.viewing = {m_canvas[0], m_canvas[1], m_distance};
        r.project.brief.widthCm = m_canvas[0], r.project.brief.heightCm = m_canvas[1];
        r.project.brief.viewingDistanceCm = m_distance;
        if (m_ids.empty())
            return r;
        const auto ids = store::readMask(m_ids);
        if (!ids)
            return ids.error();
        if (ids->width() != photo.width() || ids->height() != photo.height())
            return Error{ErrorKind::Invalid, tr("The picture and its ids are not of one size."), {}};
        cv::Mat wide;
        ids->mat().convertTo(wide, CV_32S);
        r.picture.ids = IdMap::fromMat(wide);
        return r;
    }
    Result<ReadPicture> ofWork() const
    {
        auto file = store::ProjectFile::open(m_file);
        if (!file)
            return file.error();
        auto asked = inTake(file->project, m_take);
        if (!asked)
            return asked.error();
        Project p = asked.take();
        stage::SurfaceCache cache;
        NoProgress progress;
        ReadPicture r;
        const review::Judged seen = review::judged(p, cache, progress);
        r.frame = seen.frame, r.picture = seen.picture;
        r.viewing = {p.brief.widthCm, p.brief.heightCm, p.brief.viewingDistanceCm};
        for (const Element& e : p.elements)
            r.names[e.id] = e.name;
        r.intent = reading::intentOf(p);
        r.project = std::move(p);
        return r;
    }
    std::string m_file, m_ids, m_take;
    std::vector<double> m_canvas{60, 40};
    double m_distance = 200;
};

} // namespace rl::cli
