#include "output/export.h"
#include "core/colour/srgb.h"
#include "core/light/relight.h"
#include "core/stage/compose.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/curves.h"
#include "output/big_picture.h"
#include "output/paper.h"
#include "output/said.h"
#include "output/sheets.h"
#include "store/picture_reader.h"
#include <QBuffer>
#include <QFile>
#include <QXmlStreamWriter>
#include <zip.h>

namespace rl::output {

namespace {
Error notThere()
{
    return {ErrorKind::NotWritable, tr("The file cannot be written there; choose another folder."), {}};
}
Error givenUp()
{
    return {ErrorKind::Cancelled, tr("Nothing was written."), {}};
}

QString words(const std::string& s)
{
    return QString::fromStdString(s);
}
Result<Done> writeBytes(const QString& path, const QByteArray& bytes)
{
    return store::writeFile(
        path.toStdString(), {reinterpret_cast<const unsigned char*>(bytes.constData()), std::size_t(bytes.size())});
}

// SVG

/// Smooth path data in mm of the canvas.
QString pathData(const transfer::Stroke& s, const transfer::CanvasPlan& canvas)
{
    const auto mm = [&](Vec2 p) {
        const Vec2 c = canvas.toCanvas(p) * 10;
        return QString("%1,%2").arg(c.x, 0, 'f', 2).arg(c.y, 0, 'f', 2);
    };
    QString d;
    for (const auto& c : transfer::curveThrough(s.points, 0.015, s.closed)) {
        if (d.isEmpty())
            d = "M" + mm(c[0]);
        d += " C" + mm(c[1]) + " " + mm(c[2]) + " " + mm(c[3]);
    }
    return s.closed ? d + " Z" : d;
}

class SvgSheet {
public:
    SvgSheet(QByteArray& bytes, const Project& p)
        : m_xml(&bytes)
        , m_canvas(transfer::canvasPlanOf(p))
    {
        m_xml.setAutoFormatting(true);
        m_xml.writeStartDocument();
        m_xml.writeStartElement("svg");
        m_xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        const double w = 10 * m_canvas.widthCm, h = 10 * m_canvas.heightCm;
        m_xml.writeAttribute("version", "1.1");
        m_xml.writeAttribute("width", QString("%1mm").arg(w, 0, 'f', 3));
        m_xml.writeAttribute("height", QString("%1mm").arg(h, 0, 'f', 3));
        m_xml.writeAttribute("viewBox", QString("0 0 %1 %2").arg(w, 0, 'f', 3).arg(h, 0, 'f', 3));
        m_xml.writeTextElement("title", words(p.brief.title));
    }
    void end() { m_xml.writeEndDocument(); }
    void open(const QString& id, const QString& title, double mm, const QString& dashes = {})
    {
        m_xml.writeStartElement("g");
        m_xml.writeAttribute("id", id);
        m_xml.writeAttribute("fill", "none");
        m_xml.writeAttribute("stroke", "#1e1e1e");
        m_xml.writeAttribute("stroke-width", QString::number(mm, 'f', 2));
        m_xml.writeAttribute("stroke-linecap", "round");
        if (!dashes.isEmpty())
            m_xml.writeAttribute("stroke-dasharray", dashes);
        m_xml.writeTextElement("title", title);
    }
    void close() { m_xml.writeEndElement(); }
    void path(const transfer::Stroke& s)
    {
        m_xml.writeEmptyElement("path");
        m_xml.writeAttribute("d", pathData(s, m_canvas));
    }
    void line(Vec2 a, Vec2 b) ///< cm of the canvas
    {
        m_xml.writeEmptyElement("line");
        m_xml.writeAttribute("x1", QString::number(10 * a.x, 'f', 3));
        m_xml.writeAttribute("y1", QString::number(10 * a.y, 'f', 3));
        m_xml.writeAttribute("x2", QString::number(10 * b.x, 'f', 3));
        m_xml.writeAttribute("y2", QString::number(10 * b.y, 'f', 3));
    }
    void mark(Vec2 at, const QString& title)
    {
        m_xml.writeStartElement("circle");
        m_xml.writeAttribute("cx", QString::number(10 * at.x, 'f', 3));
        m_xml.writeAttribute("cy", QString::number(10 * at.y, 'f', 3));
        m_xml.writeAttribute("r", "1.5");
        m_xml.writeTextElement("title", title);
        m_xml.writeEndElement();
    }

private:
    QXmlStreamWriter m_xml;
    transfer::CanvasPlan m_canvas;
};

void lineLayers(SvgSheet& svg, const SheetJob& job)
{
    constexpr std::array<double, transfer::kLineKindCount> weight{1.3, 0.8, 0.6, 0.6, 0.5, 0.4};
    constexpr std::array<const char*, transfer::kLineKindCount> dashes{"", "", "0.4 1.4", "2.4 1.6", "3 1 0.4 1", ""};
    std::map<std::pair<int, int>, std::vector<const transfer::Stroke*>> layers;
    for (const auto& s : job.lines)
        layers[{s.element, int(s.kind)}].push_back(&s);
    for (const auto& [key, strokes] : layers) {
        const Element* e = job.project.element(key.first);
        const auto kind = transfer::LineKind(key.second);
        svg.open(QString("lines-%1-%2").arg(key.first).arg(key.second),
            QString("%1: %2").arg(e ? words(e->name) : said("backdrop"), transfer::wordOf(kind)),
            weight[std::size_t(key.second)] * job.project.sheets.lineMm, dashes[std::size_t(key.second)]);
        for (const auto* s : strokes)
            svg.path(*s);
        svg.close();
    }
}

Result<Done> writeSvg(const Project& p, const QString& path, stage::SurfaceCache& cache, Progress& progress)
{
    const auto job = sheetJob(p, SheetContent::Landmarks, true, cache, progress);
    if (!job)
        return job.error();
    QByteArray bytes;
    SvgSheet svg(bytes, p);
    lineLayers(svg, *job);
    const transfer::Grid grid = transfer::gridOf(p);
    svg.open("grid", tr("squared grid"), 0.15);
    for (const double x : grid.xs)
        svg.line({x, 0}, {x, grid.ys.back()});
    for (const double y : grid.ys)
        svg.line({0, y}, {grid.xs.back(), y});
    svg.close();
    svg.open("landmarks", "landmarks", 0.2);
    for (const auto& l : job->landmarks->points)
        svg.mark(l.at, words(l.name));
    svg.close();
    svg.end();
    return writeBytes(path, bytes);
}

// OpenRaster

struct OraLayer {
    QString name;
    QByteArray png;
    int x = 0, y = 0;
    bool visible = true;
};
QByteArray pngOf(const QImage& image)
{
    QByteArray bytes;
    QBuffer to(&bytes);
    to.open(QIODevice::WriteOnly);
    image.save(&to, "PNG");
    return bytes;
}

class OraFile {
public:
    explicit OraFile(const QString& path)
        : m_zip(zip_open(path.toUtf8().constData(), ZIP_CREATE | ZIP_TRUNCATE, nullptr))
    {
        add("mimetype", "image/openraster", true);
    }
    ~OraFile()
    {
        if (m_zip)
            zip_discard(m_zip);
    }
    OraFile(const OraFile&) = delete;
    OraFile& operator=(const OraFile&) = delete;
    void add(const QString& name, QByteArray bytes, bool stored = true)
    {
        if (!m_zip)
            return;
        m_held.push_back(std::make_unique<QByteArray>(std::move(bytes))); // the library reads them when it closes
        zip_source_t* source
            = zip_source_buffer(m_zip, m_held.back()->constData(), zip_uint64_t(m_held.back()->size()), 0);
        const zip_int64_t at = source ? zip_file_add(m_zip, name.toUtf8().constData(), source, ZIP_FL_ENC_UTF_8) : -1;
        if (at < 0 || (stored && zip_set_file_compression(m_zip, zip_uint64_t(at), ZIP_CM_STORE, 0) < 0))
            m_failed = true;
    }
    bool close()
    {
        const bool ok = m_zip && !m_failed && zip_close(m_zip) == 0;
        if (ok)
            m_zip = nullptr;
        return ok;
    }

private:
    zip_t* m_zip;
    bool m_failed = false;
    std::vector<std::unique_ptr<QByteArray>> m_held;
};

QByteArray stackXml(const std::vector<OraLayer>& layers, int width, int height)
{
    QByteArray bytes;
    QXmlStreamWriter xml(&bytes);
    xml.setAutoFormatting(true);
    xml.writeStartDocument();
    xml.writeStartElement("image");
    xml.writeAttribute("version", "0.0.5");
    xml.writeAttribute("w", QString::number(width));
    xml.writeAttribute("h", QString::number(height));
    xml.writeStartElement("stack");
    for (std::size_t i = layers.size(); i-- > 0;) { // the topmost first
        const OraLayer& l = layers[i];
        xml.writeEmptyElement("layer");
        xml.writeAttribute("name", l.name);
        xml.writeAttribute("src", QString("data/%1.png").arg(i));
        xml.writeAttribute("x", QString::number(l.x));
        xml.writeAttribute("y", QString::number(l.y));
        xml.writeAttribute("visibility", l.visible ? "visible" : "hidden");
    }
    xml.writeEndDocument();
    return bytes;
}

/// An element as lit: the picture where it is the topmost, with its own matte.
OraLayer litLayer(const Project& p, const light::Picture& lit, const stage::Layer& l, bool matteOnly)
{
    QImage image(l.width(), l.height(), QImage::Format_ARGB32);
    for (int y = 0; y < l.height(); ++y)
        for (int x = 0; x < l.width(); ++x) {
            const int u = l.left + x, v = l.top + y, alpha = int(255 * l.cover.at(x, y) + 0.5f);
            if (matteOnly) {
                image.setPixel(x, y, qRgba(alpha, alpha, alpha, 255));
                continue;
            }
            const bool in = lit.colour.contains(u, v);
            const bool top = in && lit.ids.at(u, v) == l.element;
            const Rgb8 c = colour::codeOf(in && (top || alpha < 128) ? lit.colour.at(u, v) : l.albedo.at(x, y));
            image.setPixel(x, y, qRgba(c.r, c.g, c.b, alpha));
        }
    const Element* e = p.element(l.element);
    const QString name = e ? words(e->name) : said("element %1").arg(l.element);
    return {matteOnly ? name + tr(": matte") : name, pngOf(image), l.left, l.top, !matteOnly};
}

Result<Done> writeOra(
    const Project& p, const QString& path, int widthPx, stage::SurfaceCache& cache, Progress& progress)
{
    const auto frame = stage::compose(p, widthPx, cache, progress);
    if (!frame)
        return givenUp();
    light::Relighter relighter;
    const light::Picture lit = relighter.light(frame, p.lights);
    Project empty = p;
    empty.elements.clear(), empty.groups.clear();
    const auto bare = stage::compose(empty, widthPx, cache, progress);
    if (!bare || progress.cancelled())
        return givenUp();
    LinearPicture ground = light::Relighter().light(bare, empty.lights).colour;
    std::vector<Rgb> behind(ground.data(), ground.data() + ground.size());
    for (std::size_t i = 0; i < behind.size(); ++i)
        if (lit.ids.data()[i] == 0)
            behind[i] = lit.colour.data()[i]; // with what falls on it
    std::vector<OraLayer> layers{
        {"backdrop", pngOf(imageOf({ground.width(), ground.height(), std::move(behind)})), 0, 0, true}};
    for (const stage::Layer& l : frame->layers) {
        if (l.width() < 1 || l.height() < 1)
            continue;
        layers.push_back(litLayer(p, lit, l, false));
        layers.push_back(litLayer(p, lit, l, true));
        progress.report(0.5, "layers");
    }
    for (const auto& [pass, name] :
        {std::pair{light::Pass::Albedo, tr("pass: without light")}, {light::Pass::Shadow, tr("pass: shadow")},
            {light::Pass::Ambient, tr("pass: ambient light")}, {light::Pass::Zones, tr("pass: form zones")}})
        layers.push_back({name, pngOf(imageOf(relighter.pass(frame, p.lights, pass))), 0, 0, false});
    const QImage whole = imageOf(lit.colour);
    // The library writes beside and renames when it is whole.
    OraFile file(path);
    file.add("stack.xml", stackXml(layers, whole.width(), whole.height()), false);
    for (std::size_t i = 0; i < layers.size(); ++i)
        file.add(QString("data/%1.png").arg(i), std::move(layers[i].png));
    file.add("mergedimage.png", pngOf(whole));
    file.add("Thumbnails/thumbnail.png", pngOf(whole.scaled(256, 256, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
    if (!file.close())
        return notThere();
    return Done{};
}

constexpr int kMuralPx = 12000, kMuralLitPx = 2200;

Result<Done> writePixels(
    const Project& p, const QString& path, const ExportWish& wish, stage::SurfaceCache& cache, Progress& progress)
{
    const auto canvas = transfer::canvasPlanOf(p);
    const double planInches = p.brief.widthCm * canvas.scale / 2.54;
    // A mural is lit no finer than its photographs carry and half a gigabyte holds.
    const bool mural = planInches * wish.pixelsPerInch > kMuralPx;
    const int rendered = wish.widthPx ? wish.widthPx : std::min(printWidthPx(p), mural ? kMuralLitPx : 6000);
    auto frame = stage::compose(p, rendered, cache, progress);
    if (!frame)
        return givenUp();
    const auto shown = light::finalPicture(std::move(frame), p.lights, progress, 128);
    if (!shown)
        return shown.error();
    const double ppi = wish.pixelsPerInch > 0 ? wish.pixelsPerInch : shown->width() / planInches;
    const int w = wish.pixelsPerInch > 0 ? int(std::lround(planInches * ppi)) : shown->width(),
              h = int(std::lround(double(w) * shown->height() / shown->width()));
    if (path.endsWith(".tif", Qt::CaseInsensitive) || path.endsWith(".tiff", Qt::CaseInsensitive))
        return writeTiff(*shown, w, h, ppi, path, progress);
    if (double(w) * h > 120e6)
        return Error{ErrorKind::TooLarge, tr("A PNG of that size does not fit in memory; write a TIFF."), {}};
    QImage image(reinterpret_cast<const uchar*>(shown->data()), shown->width(), shown->height(), shown->width() * 3,
        QImage::Format_RGB888);
    if (w != image.width())
        image = image.scaled(w, h, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
    else
        image = image.copy();
    image.setDotsPerMeterX(int(std::lround(ppi / 0.0254)));
    image.setDotsPerMeterY(int(std::lround(ppi / 0.0254)));
    return writeBytes(path, pngOf(image));
}
} // namespace

Result<Done> exportWork(
    const Project& project, const QString& path, const ExportWish& wish, stage::SurfaceCache& cache, Progress& progress)
{
    return guarded([&]() -> Result<Done> {
        const auto ends = [&](const char* with) { return path.endsWith(with, Qt::CaseInsensitive); };
        if (ends(".svg"))
            return writeSvg(project, path, cache, progress);
        if (ends(".ora"))
            return writeOra(project, path, wish.widthPx ? wish.widthPx : 1600, cache, progress);
        if (ends(".png") || ends(".tif") || ends(".tiff"))
            return writePixels(project, path, wish, cache, progress);
        return Error{ErrorKind::Invalid, tr("A work is exported as *.svg, *.ora, *.png or *.tif."), path.toStdString()};
    });
}

} // namespace rl::output
