#include "output/contact_sheet.h"
#include "app/theme/fonts.h"
#include "core/base/text.h"
#include "core/project/takes.h"
#include "output/paper.h"
#include "output/said.h"
#include <QFile>
#include <QPageSize>
#include <QPdfWriter>

namespace rl::output {

namespace {
// One millimetre of paper = 10 units.
constexpr double kWide = 2100, kHigh = 2970, kEdge = 120, kGap = 80;

struct Plan {
    int columns = 2, rows = 3;
    double cellWide = 0, pictureHigh = 0, cellHigh = 0;
    std::size_t onPage() const { return std::size_t(columns) * std::size_t(rows); }
};

Plan planFor(const Project& p, std::size_t count)
{
    Plan plan;
    plan.columns = count == 1 ? 1 : count <= 6 ? 2 : 3;
    plan.cellWide = (kWide - 2 * kEdge - (plan.columns - 1) * kGap) / plan.columns;
    plan.pictureHigh = plan.cellWide * p.brief.heightCm / p.brief.widthCm;
    const double room = kHigh - 2 * kEdge - 160;
    plan.pictureHigh = std::min(plan.pictureHigh, room - 260);
    plan.cellHigh = plan.pictureHigh + 260;
    plan.rows = std::max(1, int(room / plan.cellHigh));
    return plan;
}

QString figuresLine(const review::TakeFigures& f)
{
    QString s = said("horizon %1 % · left %2 % · range %3 L*")
                    .arg(100 * f.horizonShare, 0, 'f', 0)
                    .arg(100 * f.leftWeight, 0, 'f', 0)
                    .arg(f.range, 0, 'f', 0);
    if (f.leadRank > 0)
        s += said(" · lead no. %1, %2 % pull").arg(f.leadRank).arg(100 * f.leadPull, 0, 'f', 0);
    return s;
}

void cell(QPainter& p, const Project& project, const review::TakeFigures& f, const Plan& plan, QPointF at)
{
    const Take* t = project.takeOf(f.take);
    const QRectF r = framed(p, imageOf(f.picture.colour), {at.x(), at.y(), plan.cellWide, plan.pictureHigh});
    const double y = r.bottom();
    const QString letter = t ? QString::fromStdString(t->letter) : QString("A");
    text(p, {at.x(), y + 92}, letter, 100, true, 200);
    const double past = at.x() + 60.0 + 62.0 * double(letter.size());
    text(p, {past, y + 52}, t ? QString::fromStdString(t->name) : QString::fromStdString(project.brief.title), 42, true,
        at.x() + plan.cellWide - past);
    text(p, {past, y + 94}, figuresLine(f), 26, false, at.x() + plan.cellWide - past);
    QStringList votes;
    for (const Vote& v : project.votes)
        if (v.take == f.take)
            votes << QString::fromStdString(v.words.empty() ? v.who : v.who + ": " + v.words);
    text(p, {at.x(), y + 150},
        votes.isEmpty() ? said("votes:") : said("votes (%1): ").arg(votes.size()) + votes.join("; "), 30, false,
        plan.cellWide);
    p.setPen(QPen(QColor(0x99, 0x99, 0x99), 2));
    p.drawLine(QPointF(at.x() + (votes.isEmpty() ? 100 : 0), y + 190), QPointF(at.x() + plan.cellWide, y + 190));
}

void head(QPainter& p, const Project& project)
{
    p.setPen(Qt::black);
    text(p, {kEdge, kEdge + 50}, QString::fromStdString(project.brief.title), 60, true, kWide - 2 * kEdge);
    text(p, {kEdge, kEdge + 100},
        said("%1 × %2 cm. Which one? Write its letter, and why.")
            .arg(project.brief.widthCm)
            .arg(project.brief.heightCm),
        36, false, kWide - 2 * kEdge);
}

QPointF placeOf(const Plan& plan, std::size_t i)
{
    const auto column = int(i % std::size_t(plan.columns)), row = int(i / std::size_t(plan.columns)) % plan.rows;
    return {kEdge + column * (plan.cellWide + kGap), kEdge + 160 + row * plan.cellHigh};
}

bool drawPdf(const Project& project, const std::vector<review::TakeFigures>& all, const Plan& plan, QIODevice& to)
{
    QPdfWriter writer(&to);
    writer.setResolution(254); // 10 units a millimetre
    writer.setTitle(QString::fromStdString(project.brief.title));
    writer.setCreator("Roving Lantern");
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setPageMargins(QMarginsF(0, 0, 0, 0));
    QPainter p;
    if (!p.begin(&writer))
        return false;
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (i % plan.onPage() == 0) {
            if (i > 0)
                writer.newPage();
            head(p, project);
        }
        cell(p, project, all[i], plan, placeOf(plan, i % plan.onPage()));
    }
    return p.end();
}

bool drawPng(const Project& project, const std::vector<review::TakeFigures>& all, Plan plan, QIODevice& to)
{
    plan.rows = int((all.size() + std::size_t(plan.columns) - 1) / std::size_t(plan.columns));
    const double high = 2 * kEdge + 160 + plan.rows * plan.cellHigh;
    const double scale = std::min(1.0, 12000 / high);
    QImage sheet(int(kWide * scale), int(high * scale), QImage::Format_RGB32);
    sheet.fill(Qt::white);
    QPainter p(&sheet);
    p.setRenderHints(QPainter::SmoothPixmapTransform | QPainter::Antialiasing);
    p.scale(scale, scale);
    head(p, project);
    for (std::size_t i = 0; i < all.size(); ++i)
        cell(p, project, all[i], plan, placeOf(plan, i));
    p.end();
    return sheet.save(&to, "PNG");
}
} // namespace

Result<Done> writeContactSheet(
    const Project& project, const std::vector<review::TakeFigures>& figures, const QString& path)
{
    return guarded([&]() -> Result<Done> {
        const bool pdf = path.endsWith(".pdf", Qt::CaseInsensitive), png = path.endsWith(".png", Qt::CaseInsensitive);
        if (!pdf && !png)
            return Error{ErrorKind::Invalid, tr("A contact sheet is a PDF or a PNG: end its name with .pdf or .png."),
                path.toStdString()};
        if (figures.empty())
            return Error{ErrorKind::Invalid, tr("There is no take to put on a contact sheet."), {}};
        static const bool fonts = (theme::loadFonts(), true);
        Q_UNUSED(fonts)
        const Plan plan = planFor(project, figures.size());
        return writeWhole(path, tr("The contact sheet cannot be written there; choose another folder."),
            [&](QSaveFile& file) -> Result<Done> {
                const bool done = pdf ? drawPdf(project, figures, plan, file) : drawPng(project, figures, plan, file);
                return done ? Result<Done>(Done{}) : Result<Done>(Error{ErrorKind::NotWritable, {}, {}});
            });
    });
}

} // namespace rl::output
