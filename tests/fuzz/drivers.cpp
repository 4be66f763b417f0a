#include "core/base/text.h"
#include "core/schedule/diary.h"
#include "store/outline_json.h"
#include "store/paint_box_file.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include "store/project_json.h"
#include "tests/fuzz/fuzz.h"
#include "tests/kit/tiny.h"
#include <filesystem>
#include <nlohmann/json.hpp>
#include <opencv2/imgcodecs.hpp>
#include <unistd.h>

namespace rl::fuzz {

namespace {
namespace fs = std::filesystem;

/// A place of this process alone, taken away at its end.
class Desk {
public:
    Desk()
        : m_folder(fs::temp_directory_path() / ("lantern-fuzz-" + std::to_string(getpid())))
    {
        fs::create_directories(m_folder);
    }
    ~Desk()
    {
        std::error_code quiet;
        fs::remove_all(m_folder, quiet);
    }
    fs::path at(const char* name) const { return m_folder / name; }

private:
    fs::path m_folder;
};
const Desk& desk()
{
    static const Desk one;
    return one;
}

store::Blob blobOf(const Text& s)
{
    return std::make_shared<const std::vector<unsigned char>>(s.begin(), s.end());
}
Text textOf(const std::vector<unsigned char>& bytes)
{
    return {bytes.begin(), bytes.end()};
}
Text fileText(const fs::path& path)
{
    const auto bytes = store::readFile(path);
    return bytes ? textOf(**bytes) : Text();
}
template <class T> Result<Done> told(const Result<T>& r)
{
    return r ? Result<Done>(Done{}) : Result<Done>(r.error());
}

std::vector<Text> pictures()
{
    cv::Mat m(24, 32, CV_8UC3), deep;
    cv::randu(m, 0, 255);
    m.convertTo(deep, CV_16U, 257);
    std::vector<Text> all;
    for (const char* kind : {".png", ".jpg", ".tif", ".webp"}) {
        std::vector<unsigned char> bytes;
        cv::imencode(kind, std::string(kind) == ".tif" || std::string(kind) == ".png" ? deep : m, bytes);
        all.push_back(textOf(bytes));
    }
    all.push_back("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"40\" height=\"30\"><path d=\"M2 3 L20 4 Z\" "
                  "fill=\"#aa3311\"/><circle cx=\"9\" cy=\"9\" r=\"4\"/></svg>");
    return all;
}

Project work()
{
    Project p = kit::postWork();
    Lantern lamp;
    lamp.id = 30, lamp.name = "lamp";
    p.lights.lanterns.push_back(lamp);
    TaskOverride own;
    own.task = "own:7", own.words = "gild";
    p.painting.tasks.push_back(own);
    return p;
}
std::vector<Text> works()
{
    const fs::path file = desk().at("seed.lantern");
    fs::remove(file);
    (void)store::ProjectFile::create(file, work());
    return {fileText(file)};
}
Result<Done> openWork(const Text& s)
{
    const fs::path file = desk().at("one.lantern");
    for (const char* rest : {"", "-wal", "-shm", "-journal", "~"})
        fs::remove(file.string() + rest);
    if (const auto written
        = store::writeFile(file, store::Bytes{reinterpret_cast<const unsigned char*>(s.data()), s.size()});
        !written)
        return written;
    return told(store::ProjectFile::open(file));
}

std::vector<Text> descriptions()
{
    const auto matte = [](const Mask&) { return std::string("m"); };
    return {store::toJson(work(), matte).dump(), store::toJson(Project{}, matte).dump()};
}
Result<Done> readDescription(const Text& s)
{
    const auto json = nlohmann::json::parse(s, nullptr, false);
    if (json.is_discarded())
        return Error{ErrorKind::Damaged, "This is no description of a work.", {}};
    store::PixelSource source;
    source.picture = [](Reference r, const std::string& name, int w, int h) -> Result<Reference> {
        r.pixels = LazyPhoto(kit::plain(std::clamp(w, 1, 64), std::clamp(h, 1, 64), {9, 9, 9}), {nullptr, name});
        return r;
    };
    source.matte = [](const std::string&) -> Result<Mask> { return Mask(); };
    auto read = store::fromJson(json, source);
    if (!read)
        return read.error();
    Project p = read.take();
    repair(p);
    if (!repair(p))
        return Error{ErrorKind::Damaged, {}, {}}; // put right once must be right: told as wrong
    return Done{};
}

std::vector<Text> calendars()
{
    schedule::CalendarEntry e;
    e.from = 32'000'000, e.to = e.from + 90, e.what = "Paint, and look";
    return {schedule::icsOf({e}, "Made", 27'000'000),
        "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:20310301T190000Z\r\nDURATION:PT2H\r\nRRULE:FREQ=WEEKLY;BYDAY=TU,"
        "TH;COUNT=9\r\nEXDATE:20310304T190000Z\r\nSUMMARY:Shift\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n"};
}

std::vector<Text> outlines()
{
    return {
        R"({"pieces": [{"points": [[1, 2], [30.5, 2, true], [12, 40]]}, {"points": [[5, 6], [8, 6], [7, 9]], "hole": true}]})"};
}

std::vector<Text> cards()
{
    return {"CGATS.17\nNUMBER_OF_FIELDS 4\nBEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\n"
            "NUMBER_OF_SETS 2\nBEGIN_DATA\nPB29_masstone 25.1 20.2 -48.3\nPB29_tint10 60.2 4.1 -33\nEND_DATA\n"};
}
} // namespace

std::vector<Driver> drivers()
{
    return {{"picture", pictures, [](const Text& s) { return told(store::readPicture(blobOf(s))); }},
        {"glance", pictures, [](const Text& s) { return told(store::glancePicture(blobOf(s))); }},
        {"work", works, openWork}, {"description", descriptions, readDescription},
        {"calendar", calendars, [](const Text& s) { return told(schedule::entriesOf(s, 60, 33'000'000)); }},
        {"swatches", cards, [](const Text& s) { return told(store::swatchesFromCgats(s)); }},
        {"outline", outlines, [](const Text& s) { return told(store::loopsFromJson(s)); }}};
}

} // namespace rl::fuzz
