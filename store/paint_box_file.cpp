#include "store/paint_box_file.h"
#include "core/base/words.h"
#include "core/paint/csv.h"
#include "store/picture_reader.h"
#include <nlohmann/json.hpp>
#include <sstream>

namespace rl::store {

using colour::ExactLab;
using nlohmann::json;
using paint::Spectrum;

namespace {
constexpr std::uint64_t kMostText = 1 << 20;
constexpr std::size_t kMostPaints = 200;

Result<std::string> textIn(const std::filesystem::path& file)
{
    const auto bytes = readFile(file, kMostText);
    if (!bytes)
        return bytes.error();
    return std::string((*bytes)->begin(), (*bytes)->end());
}
Error notUnderstood(const std::string& what)
{
    return {ErrorKind::Damaged, tr("This is no %1 that can be understood.", what), {}};
}
std::optional<ExactLab> labIn(const json& j, const char* key)
{
    if (!j.contains(key))
        return {};
    const auto v = j.at(key).get<std::array<double, 3>>();
    return ExactLab(v[0], v[1], v[2]);
}
std::optional<paint::Reading> readingIn(const json& j, const char* key)
{
    const auto lab = labIn(j, key);
    return lab ? std::optional(paint::Reading{*lab, {}}) : std::nullopt;
}
paint::Swatches swatchesIn(const json& j)
{
    paint::Swatches s;
    s.paint = j.at("paint").get<std::string>();
    s.masstone = readingIn(j, "masstone_lab");
    s.tint2 = readingIn(j, "tint_1_2_lab"), s.tint10 = readingIn(j, "tint_1_10_lab");
    if (j.contains("drawdown")) {
        const json& d = j.at("drawdown");
        s.wetUm = d.at("wet_um").get<double>();
        s.overWhite = readingIn(d, "white_lab"), s.overBlack = readingIn(d, "black_lab");
        s.whiteCard = d.value("white_card_external", s.whiteCard);
        s.blackCard = d.value("black_card_external", s.blackCard);
    }
    return s;
}

/// The words of a line, quoted ones whole.
std::vector<std::string> wordsOf(const std::string& line)
{
    std::vector<std::string> out;
    std::istringstream in(line);
    std::string word;
    while (in >> word) {
        if (word.front() == '"' && (word.size() == 1 || word.back() != '"')) {
            std::string rest;
            std::getline(in, rest, '"');
            word += rest;
        }
        std::erase(word, '"');
        out.push_back(word);
    }
    return out;
}
/// "SPECTRAL_NM_380", "SPECTRAL_380", "nm380", "R_380": 380; 0 for another field.
double bandOf(const std::string& field)
{
    for (const char* prefix : {"SPECTRAL_NM_", "SPECTRAL_NM", "SPECTRAL_", "nm", "NM_", "R_"})
        if (field.starts_with(prefix)) {
            const double nm = paint::numberIn(std::string_view(field).substr(std::string_view(prefix).size()));
            if (nm >= 300 && nm <= 900)
                return nm;
        }
    return 0;
}
/// Linear between what was measured; the end values hold beyond.
Spectrum resampled(const std::vector<std::pair<double, double>>& measured)
{
    Spectrum s;
    for (int i = 0; i < paint::kBands; ++i) {
        const double nm = paint::kFirstNm + paint::kStepNm * i;
        auto after = measured.begin();
        while (after != measured.end() && after->first < nm)
            ++after;
        double v = after == measured.end() ? measured.back().second : after->second;
        if (after != measured.end() && after != measured.begin() && after->first > nm) {
            const auto before = after - 1;
            v = std::lerp(before->second, after->second, (nm - before->first) / (after->first - before->first));
        }
        s[std::size_t(i)] = v;
    }
    return s;
}

struct Table {
    std::vector<std::string> fields;
    std::vector<std::vector<std::string>> rows;
};
Table tableOf(std::string_view text)
{
    Table t;
    std::istringstream in{std::string(text)};
    enum { Head, Fields, Data } where = Head;
    for (std::string line; std::getline(in, line);) {
        const auto words = wordsOf(line);
        if (words.empty())
            continue;
        if (words[0] == "BEGIN_DATA_FORMAT")
            where = Fields;
        else if (words[0] == "BEGIN_DATA")
            where = Data;
        else if (words[0].starts_with("END_DATA"))
            where = Head;
        else if (where == Fields)
            t.fields.insert(t.fields.end(), words.begin(), words.end());
        else if (where == Data && t.rows.size() < kMostPaints * 8)
            t.rows.push_back(words);
    }
    return t;
}
std::optional<std::size_t> columnOf(const Table& t, std::initializer_list<const char*> names)
{
    for (const char* n : names)
        for (std::size_t i = 0; i < t.fields.size(); ++i)
            if (t.fields[i] == n)
                return i;
    return {};
}
paint::Swatches& swatchesOf(std::vector<paint::Swatches>& all, const std::string& id)
{
    for (paint::Swatches& s : all)
        if (s.paint == id)
            return s;
    all.emplace_back().paint = id;
    return all.back();
}
} // namespace

Result<SwatchCard> swatchesFromCgats(std::string_view text)
{
    const Table t = tableOf(text);
    const auto name = columnOf(t, {"SAMPLE_ID", "SAMPLE_NAME", "SampleID"});
    const auto L = columnOf(t, {"LAB_L"}), a = columnOf(t, {"LAB_A"}), b = columnOf(t, {"LAB_B"});
    std::vector<std::pair<double, std::size_t>> bands;
    for (std::size_t i = 0; i < t.fields.size(); ++i)
        if (const double nm = bandOf(t.fields[i]); nm > 0)
            bands.emplace_back(nm, i);
    std::sort(bands.begin(), bands.end());
    const bool spectral = bands.size() >= 8;
    if (!name || t.rows.empty() || (!spectral && !(L && a && b)))
        return notUnderstood(tr("table of measured patches"));
    double most = 0;
    for (const auto& row : t.rows)
        for (const auto& [nm, column] : bands)
            if (column < row.size())
                most = std::max(most, paint::numberIn(row[column]));
    const double scale = most > 2 ? 0.01 : 1; // 0…100 or 0…1
    SwatchCard card;
    card.sigmaLab = 0.4;
    for (const auto& row : t.rows) {
        if (row.size() < t.fields.size())
            return notUnderstood(tr("table of measured patches: a row is too short"));
        paint::Reading r;
        if (spectral) {
            std::vector<std::pair<double, double>> v;
            for (const auto& [nm, column] : bands)
                v.emplace_back(nm, paint::numberIn(row[column]) * scale);
            r.spectrum = resampled(v);
            r.lab = paint::toLab(*r.spectrum);
        } else
            r.lab = {paint::numberIn(row[*L]), paint::numberIn(row[*a]), paint::numberIn(row[*b])};
        const std::string& id = row[*name];
        const auto slash = id.rfind('/');
        const std::string what = slash == std::string::npos ? "masstone" : id.substr(slash + 1);
        paint::Swatches& s = swatchesOf(card.swatches, id.substr(0, slash));
        (what == "2" ? s.tint2 : what == "10" ? s.tint10 : s.masstone) = r;
        if (card.swatches.size() > kMostPaints)
            return Error{ErrorKind::TooLarge, tr("There are more than 200 paints on this card."), {}};
    }
    return card;
}

Result<SwatchCard> readSwatches(const std::filesystem::path& file)
{
    const auto text = textIn(file);
    if (!text)
        return text.error();
    const auto start = text->find_first_not_of(" \t\r\n");
    if (start == std::string::npos || (*text)[start] != '{')
        return swatchesFromCgats(*text);
    try {
        const json j = json::parse(*text);
        SwatchCard card;
        for (const json& s : j.at("swatches")) {
            card.swatches.push_back(swatchesIn(s));
            if (card.swatches.size() > kMostPaints)
                return Error{ErrorKind::TooLarge, tr("There are more than 200 paints on this card."), {}};
        }
        card.sigmaLab = j.value("sigma_lab", 1.0);
        const std::string finish = j.value("finish", "satin");
        card.finish = finish == "gloss" ? paint::Finish::Gloss
            : finish == "matt"          ? paint::Finish::Matt
                                        : paint::Finish::Satin;
        return card;
    } catch (const json::exception& e) {
        Error error = notUnderstood(tr("list of swatches"));
        error.detail = e.what();
        return error;
    }
}

Result<Done> writePaintBox(const std::vector<paint::CalibratedPaint>& paints, const std::filesystem::path& file)
{
    json j{{"format", "roving-lantern-paint-box"}, {"version", 1}, {"first_nm", paint::kFirstNm},
        {"step_nm", paint::kStepNm}, {"paints", json::array()}};
    for (const paint::CalibratedPaint& c : paints)
        j["paints"].push_back({{"paint", c.paint.id}, {"k", c.paint.optics.k}, {"s", c.paint.optics.s},
            {"from_typical_de00", c.fromTypical}, {"left_de00", c.left}, {"drawdown", c.drawdown}});
    const std::string text = j.dump(1) + "\n";
    return writeFile(file, std::vector<unsigned char>(text.begin(), text.end()));
}

Result<paint::Paints> readPaintBox(const std::filesystem::path& file)
{
    const auto text = textIn(file);
    if (!text)
        return text.error();
    try {
        const json j = json::parse(*text);
        if (j.value("format", "") != "roving-lantern-paint-box")
            return notUnderstood(tr("box of paints"));
        if (j.value("version", 0) != 1)
            return Error{ErrorKind::Newer, tr("This box of paints was written by a newer version."), {}};
        paint::Paints out;
        for (const json& p : j.at("paints")) {
            paint::Paint paint{p.at("paint").get<std::string>(), {}};
            paint.optics.k = p.at("k").get<Spectrum>(), paint.optics.s = p.at("s").get<Spectrum>();
            const auto sound = [](double v) { return v > 0 && v < 1e6; };
            if (!std::all_of(paint.optics.k.begin(), paint.optics.k.end(), sound)
                || !std::all_of(paint.optics.s.begin(), paint.optics.s.end(), sound) || out.size() >= kMostPaints)
                return notUnderstood(tr("box of paints"));
            out.push_back(std::move(paint));
        }
        if (out.empty())
            return notUnderstood(tr("box of paints"));
        return out;
    } catch (const json::exception& e) {
        Error error = notUnderstood(tr("box of paints"));
        error.detail = e.what();
        return error;
    }
}

} // namespace rl::store
