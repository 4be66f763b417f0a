#include "output/read_sheets.h"
#include "core/base/text.h"
#include "core/reading/silhouette.h"
#include "output/paper.h"
#include "output/said.h"
#include <QPageSize>

namespace rl::output {

namespace {
constexpr double kEdge = 120, kWide = 2100, kHigh = 2970, kInner = kWide - 2 * kEdge; // tenths of a mm, A4

QString q(const std::string& s)
{
    return QString::fromStdString(s);
}

/// A number in a ring.
void numbered(QPainter& p, QPointF at, int n)
{
    p.setPen(QPen(Qt::black, 3));
    p.setBrush(Qt::white);
    p.drawEllipse(at, 26, 26);
    QFont font("Cabin");
    font.setPixelSize(32);
    font.setBold(true);
    p.setFont(font);
    p.drawText(QRectF(at.x() - 26, at.y() - 26, 52, 52), Qt::AlignCenter, QString::number(n));
    p.setBrush(Qt::NoBrush);
}

/// Light over dark, so that it shows on anything.
void line(QPainter& p, QPointF a, QPointF b, Qt::PenStyle style = Qt::SolidLine)
{
    p.setPen(QPen(QColor(0, 0, 0, 150), 5, style));
    p.drawLine(a, b);
    p.setPen(QPen(Qt::white, 2, style));
    p.drawLine(a, b);
}

void glances(QPainter& p, const review::PictureStudy& s, const QRectF& r)
{
    const double k = r.width() / s.picture.ids.width();
    QPolygonF way;
    for (const int id : s.attention.glances)
        if (const auto at = s.attention.centre.find(id); at != s.attention.centre.end())
            way << r.topLeft() + QPointF(at->second.x * k, at->second.y * k);
    for (int i = 1; i < way.size(); ++i)
        line(p, way[i - 1], way[i], Qt::DashLine);
    for (int i = 0; i < way.size(); ++i)
        numbered(p, way[i], i + 1);
}

void guides(QPainter& p, const review::PictureStudy& s, const QRectF& r)
{
    for (const double share : {1 / 3.0, 2 / 3.0}) {
        line(p, {r.left() + share * r.width(), r.top()}, {r.left() + share * r.width(), r.bottom()}, Qt::DotLine);
        line(p, {r.left(), r.top() + share * r.height()}, {r.right(), r.top() + share * r.height()}, Qt::DotLine);
    }
    for (const double share : {0.25, 0.5, 0.75})
        line(p, {r.left() + share * r.width(), r.top() - 18}, {r.left() + share * r.width(), r.top()});
    if (s.eyeLevel) {
        const double y = r.top() + *s.eyeLevel / s.picture.ids.height() * r.height();
        line(p, {r.left(), y}, {r.right(), y});
        text(p, {r.right() - 190, y - 10}, tr("eye level"), 28, true, 190);
    }
    for (const Vec2 v : s.vanishing) {
        const QPointF at(
            r.left() + v.x / s.picture.ids.width() * r.width(), r.top() + v.y / s.picture.ids.height() * r.height());
        if (!r.contains(at))
            continue;
        line(p, at - QPointF(24, 24), at + QPointF(24, 24));
        line(p, at - QPointF(24, -24), at + QPointF(24, -24));
    }
}

void chips(QPainter& p, const QRectF& r, const std::vector<reading::ValueStep>& steps)
{
    double x = r.left();
    for (const reading::ValueStep& s : steps) {
        const double wide = std::max(0.0, s.share) * r.width();
        const int grey = int(std::lround(2.55 * s.lightness));
        p.fillRect(QRectF(x, r.top(), wide, r.height()), QColor(grey, grey, grey));
        p.setPen(s.lightness > 55 ? Qt::black : Qt::white);
        if (wide > 150) {
            text(p, {x + 12, r.top() + 40}, QString("L* %1").arg(s.lightness, 0, 'f', 0), 28, true, wide - 16);
            text(p, {x + 12, r.top() + 78}, QString("%1 %").arg(100 * s.share, 0, 'f', 0), 28, false, wide - 16);
        }
        x += wide;
    }
    p.setPen(Qt::black);
}

void studyPage(QPainter& p, const review::PictureStudy& s, const QString& title)
{
    text(p, {kEdge, kEdge + 56}, title, 58, true, kInner);
    text(p, {kEdge, kEdge + 102}, tr("What the picture does, by contrast; numbers are the first glances."), 30, false,
        kInner);
    const QRectF at = framed(p, imageOf(s.picture.colour), {kEdge, kEdge + 150, kInner, 1150});
    p.save();
    p.setClipRect(at.adjusted(0, -20, 0, 0));
    guides(p, s, at);
    glances(p, s, at);
    p.restore();
    double y = at.bottom() + 40;
    chips(p, {kEdge, y, kInner, 96}, s.steps);
    y += 130;
    const double third = (kInner - 80) / 3;
    const std::pair<QImage, QString> small[]
        = {{imageOf(reading::posterised(s.picture.colour, s.steps)), tr("in five values")},
            {imageOf(reading::silhouettePicture(s.picture)), tr("its parts, flat")},
            {imageOf(reading::warmCoolPicture(s.picture.colour)), tr("warm, cool and grey")}};
    double low = y;
    for (int i = 0; i < 3; ++i) {
        const QRectF r = framed(p, small[i].first, {kEdge + i * (third + 40), y, third, 420});
        text(p, {r.left(), r.bottom() + 34}, small[i].second, 28, true, third);
        low = std::max(low, r.bottom() + 34);
    }
    y = low + 40;
    for (const std::string& said : review::sentencesOf(s)) {
        if (y > kHigh - kEdge - 40)
            break;
        y += paragraph(p, {kEdge, y, kInner, kHigh - kEdge - y}, q(said), 30) + 12;
    }
}

struct ReportPage {
    QPainter& p;
    QPdfWriter& writer;
    double y = kEdge;
    void need(double high)
    {
        if (y + high <= kHigh - kEdge)
            return;
        writer.newPage();
        y = kEdge;
    }
};

const char* stationWord(Station s)
{
    static constexpr const char* names[] = {translatable("Brief"), translatable("Gather"), translatable("Cut"),
        translatable("Stage"), translatable("Light"), translatable("Read"), translatable("Mix"), translatable("Carry"),
        translatable("Paint")};
    return tr(names[std::size_t(s)]);
}

void finding(ReportPage& page, const Finding& f, int number)
{
    QPainter& p = page.p;
    page.need(190);
    const QString words[] = {tr("holds"), tr("note"), tr("problem")};
    numbered(p, {kEdge + 26, page.y + 26}, number);
    text(p, {kEdge + 70, page.y + 30}, words[int(f.severity)] + ": " + q(heldAgainst(f)), 28, true, kInner - 70);
    double y = page.y + 42;
    y += paragraph(p, {kEdge + 70, y, kInner - 70, 400}, q(f.sentence), 32) + 4;
    p.setPen(QColor(0x44, 0x44, 0x44));
    y += paragraph(p, {kEdge + 70, y, kInner - 70, 400}, q(f.why), 27) + 4;
    p.setPen(Qt::black);
    if (f.fix)
        y += paragraph(p, {kEdge + 70, y, kInner - 70, 200}, tr("Smallest fix: ") + q(f.fix->label) + ".", 27) + 4;
    page.y = y + 22;
}

void stationPages(ReportPage& page, const QImage& image, const Project& project, const Findings& all, Station station)
{
    Findings own;
    for (const Finding& f : all)
        if (f.station == station)
            own.push_back(f);
    text(page.p, {kEdge, page.y + 56}, stationWord(station), 58, true, kInner);
    text(page.p, {kEdge + 420, page.y + 56},
        own.empty()           ? said("all clear")
            : own.size() == 1 ? said("1 finding")
                              : said("%1 findings").arg(own.size()),
        34, false, 900);
    page.y += 100;
    const QRectF at = framed(page.p, image, {kEdge, page.y, kInner, 900});
    const double k = at.width() / std::max(1.0, project.brief.widthCm);
    int n = 0;
    for (const Finding& f : own) {
        ++n;
        if (f.place.width > 0 && f.place.width < 0.9 * project.brief.widthCm) {
            const QPointF c = at.topLeft() + QPointF(f.place.centre().x * k, f.place.centre().y * k);
            numbered(page.p,
                {std::clamp(c.x(), at.left() + 26, at.right() - 26),
                    std::clamp(c.y(), at.top() + 26, at.bottom() - 26)},
                n);
        }
    }
    page.y = at.bottom() + 50;
    n = 0;
    for (const Finding& f : own)
        finding(page, f, ++n);
}

void facts(ReportPage& page, const Project& project)
{
    if (project.brief.facts.empty())
        return;
    page.need(400);
    text(page.p, {kEdge, page.y + 60}, tr("Before signing: facts that must be right"), 44, true, kInner);
    page.y += 90;
    for (const Fact& f : project.brief.facts) {
        page.need(110);
        page.p.setPen(QPen(Qt::black, 3));
        page.p.drawRect(QRectF(kEdge, page.y, 34, 34));
        if (f.checked)
            line(page.p, {kEdge, page.y}, {kEdge + 34, page.y + 34});
        page.p.setPen(Qt::black);
        const Element* e = project.element(f.element);
        page.y += paragraph(page.p, {kEdge + 60, page.y, kInner - 60, 200},
                      q(f.words) + (e ? " (" + q(e->name) + ")" : QString())
                          + (f.source.empty() ? said(". No source is noted.") : tr(". Source: ") + q(f.source) + "."),
                      32)
            + 16;
    }
}
} // namespace

Result<Done> writeStudySheet(const review::PictureStudy& study, const QString& title, const QString& path)
{
    if (study.picture.colour.empty())
        return Error{ErrorKind::Invalid, tr("There is no picture to make a study of."), {}};
    return writePdf(
        path, title, QPageSize(QPageSize::A4), [&](QPainter& p, QPdfWriter&) { studyPage(p, study, title); });
}

Result<Done> writeReport(const Project& project, const review::Review& review, const QString& path)
{
    if (review.picture.colour.empty())
        return Error{ErrorKind::Invalid, tr("There is no picture to report on."), {}};
    const QImage image = imageOf(review.picture.colour);
    return writePdf(path, q(project.brief.title), QPageSize(QPageSize::A4), [&](QPainter& p, QPdfWriter& writer) {
        for (int s = 0; s < kStationCount; ++s) {
            if (s)
                writer.newPage();
            ReportPage page{p, writer};
            if (!s) {
                text(p, {kEdge, page.y + 50}, q(project.brief.title) + tr(": report"), 64, true, kInner);
                page.y += 90;
            }
            stationPages(page, image, project, review.findings, Station(s));
            if (s + 1 == kStationCount)
                facts(page, project);
        }
    });
}

} // namespace rl::output
