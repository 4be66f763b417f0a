#include "output/paint_sheets.h"
#include "core/base/text.h"
#include "core/paint/recipe_words.h"
#include "core/paint/swatch_card.h"
#include "output/paper.h"
#include "output/said.h"
#include "store/picture_reader.h"
#include <QFileInfo>
#include <QPageSize>
#include <nlohmann/json.hpp>

namespace rl::output {

namespace {
constexpr double kLeft = 120, kWidth = 1860; // tenths of a mm, A4
constexpr double kClean = 22; // C* from which dirty water shows

QString words(const std::string& s)
{
    return QString::fromStdString(s);
}
QColor colourOn(const colour::ExactLab& lab)
{
    const auto s = paint::onScreen(lab);
    return {int(s.rgb[0] + 0.5), int(s.rgb[1] + 0.5), int(s.rgb[2] + 0.5)};
}

/// Where one puddle goes: the picture pale, the puddle's own pixels as they are.
QImage placeOn(const QImage& picture, const paint::RecipeMap& map, std::size_t which)
{
    QImage small
        = picture.scaled(360, 240, Qt::KeepAspectRatio, Qt::SmoothTransformation).convertToFormat(QImage::Format_RGB32);
    for (int y = 0; y < small.height(); ++y)
        for (int x = 0; x < small.width(); ++x) {
            const int u = x * map.which.width() / small.width(), v = y * map.which.height() / small.height();
            if (map.which.at(u, v) == which)
                continue;
            const int grey = 200 + qGray(small.pixel(x, y)) / 5;
            small.setPixel(x, y, qRgb(grey, grey, grey));
        }
    return small;
}

void card(
    QPainter& p, const Project& project, const paint::Mixing& m, const QImage& picture, std::size_t i, const QRectF& r)
{
    const paint::Puddle& q = m.map.puddles[i];
    const paint::Answer& a = m.recipes[i];
    p.setPen(QPen(QColor(150, 150, 150), 2));
    p.drawRect(r);
    p.setPen(Qt::black);
    text(p, r.topLeft() + QPointF(20, 54), QString::number(q.number), 46, true, 90);
    text(p, r.topLeft() + QPointF(110, 48), words(paint::whoseSaid(project, q)), 32, true, r.width() - 130);
    const QRectF at = framed(p, placeOn(picture, m.map, i), QRectF(r.left() + 20, r.top() + 74, 300, 200));
    const QRectF patch(r.left() + 340, r.top() + 74, 190, 96);
    p.fillRect(patch, colourOn(a.formulas.empty() ? q.wanted : a.formulas[0].lab));
    p.setPen(QPen(QColor(150, 150, 150), 2, Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    p.drawRect(patch.translated(210, 0)); // room for the real thing
    p.setPen(QColor(110, 110, 110));
    text(p, patch.translated(210, 0).topLeft() + QPointF(12, 54), tr("dab it here"), 22, false, 170);
    p.setPen(Qt::black);
    const double ml = m.needs.puddles[i].ml;
    text(p, {patch.left(), patch.bottom() + 40},
        said("%1, %2 % of the canvas").arg(words(paint::mlSaid(ml))).arg(100 * q.share, 0, 'f', 1), 26, false, 400);
    paragraph(p, QRectF(patch.left(), patch.bottom() + 50, r.right() - patch.left() - 16, 90),
        words(paint::recipeSaid(m, i))
            + (a.formulas.empty() ? QString() : QString(", %1E %2").arg(QChar(0x394)).arg(a.formulas[0].de, 0, 'f', 1)),
        26);
    Q_UNUSED(at);
}

void tubesPage(QPainter& p, const Project& project, const paint::Mixing& m)
{
    text(p, {kLeft, 170}, tr("What each tube gives"), 48, true, kWidth);
    double y = 240;
    for (const paint::TubeNeed& t : m.needs.tubes) {
        const paint::Pigment* pigment = paint::pigmentOf(t.id.substr(0, t.id.find('#')));
        text(p, {kLeft, y},
            said("%1 (%2): %3 of %4 left%5")
                .arg(words(paint::paintSaid(m.box, t.id)), words(t.id))
                .arg(words(paint::mlSaid(t.ml)), words(paint::mlSaid(t.leftMl)))
                .arg(t.runsOutInCoat ? said(", runs out in coat %1: buy %2")
                                           .arg(t.runsOutInCoat)
                                           .arg(words(paint::mlSaid(t.missingMl)))
                                     : QString()),
            30, t.runsOutInCoat > 0, kWidth);
        y += 40;
        if (pigment && pigment->neverSpray) {
            p.setPen(QColor(90, 90, 90));
            y += paragraph(p, {kLeft + 40, y - 24, kWidth - 40, 120}, words(pigment->hazard) + ".", 24) + 12;
            p.setPen(Qt::black);
        }
    }
    QStringList clean;
    for (std::size_t i = 0; i < m.map.puddles.size(); ++i)
        if (m.map.puddles[i].wanted.chroma() > kClean)
            clean << QString::number(m.map.puddles[i].number);
    if (!clean.isEmpty())
        y += paragraph(p, {kLeft, y + 10, kWidth, 120},
                 tr("Mix these first, with fresh water and a clean brush; they grey with what the others leave in it: "
                    "puddles ")
                     + clean.join(", ") + ".",
                 28)
            + 20;
    p.setPen(QColor(90, 90, 90));
    paragraph(p, {kLeft, y + 20, kWidth, 200},
        said("All coats (%1), %2 µm of wet film, %3 % loss.%4 Follow the safety data sheets of your own paints.")
            .arg(project.mix.coats)
            .arg(project.mix.wetUm, 0, 'f', 0)
            .arg(100 * project.mix.loss, 0, 'f', 0)
            .arg(m.box.typical() ? said(" Some tubes are typical, not measured: test a dab.") : QString()),
        26);
    p.setPen(Qt::black);
}
} // namespace

Result<Done> writePuddleCards(const Project& project, const paint::Mixing& m, const QImage& picture,
    const QString& path, const std::vector<int>& elements)
{
    if (m.recipes.empty() || picture.isNull())
        return Error{ErrorKind::Invalid, tr("Nothing is mixed yet: the work needs a paint box."), {}};
    const auto wanted = [&](int element) {
        return elements.empty() || std::find(elements.begin(), elements.end(), element) != elements.end();
    };
    std::vector<std::size_t> shown;
    for (std::size_t i = 0; i < m.map.puddles.size(); ++i) {
        const paint::Puddle& q = m.map.puddles[i];
        if (wanted(q.element)
            || std::any_of(q.also.begin(), q.also.end(), [&](const auto& also) { return wanted(also.first); }))
            shown.push_back(i);
    }
    if (shown.empty())
        return Error{ErrorKind::Invalid, tr("No puddle goes there."), {}};
    return writePdf(path, words(project.brief.title), QPageSize(QPageSize::A4), [&](QPainter& p, QPdfWriter& writer) {
        constexpr int kAcross = 2, kDown = 7;
        constexpr double kCardWide = kWidth / kAcross - 15, kCardHigh = 360;
        for (std::size_t n = 0; n < shown.size(); ++n) {
            const int on = int(n) % (kAcross * kDown);
            if (n && on == 0)
                writer.newPage();
            if (on == 0)
                text(p, {kLeft, 130},
                    words(project.brief.title)
                        + (elements.empty() ? tr(": puddles, lightest first") : tr(": puddles of this sitting")),
                    40, true, kWidth);
            card(p, project, m, picture, shown[n],
                {kLeft + (on % kAcross) * (kCardWide + 30), 160 + (on / kAcross) * (kCardHigh + 22), kCardWide,
                    kCardHigh});
        }
        writer.newPage();
        tubesPage(p, project, m);
    });
}

Result<Done> writeSwatchCard(const QStringList& tubes, const QString& path)
{
    if (tubes.isEmpty() || tubes.size() > paint::CardLayout::kMostTubes)
        return Error{ErrorKind::Invalid, tr("A swatch card has room for 1 to 12 tubes."), {}};
    const paint::CardLayout layout = paint::cardLayout(int(tubes.size()));
    return writePdf(path, tr("Swatch card"), QPageSize(QPageSize::A4), [&](QPainter& p, QPdfWriter&) {
        const auto tenths = [](const Rect& r) { return QRectF(10 * r.x, 10 * r.y, 10 * r.width, 10 * r.height); };
        for (int n = 0; n < 4; ++n) {
            const Mask mark = paint::cardMark(n);
            const QRectF at = tenths(layout.marks[std::size_t(n)]);
            for (int y = 0; y < mark.height(); ++y)
                for (int x = 0; x < mark.width(); ++x)
                    if (mark.at(x, y) == 0) {
                        const double w = at.width() / mark.width(), h = at.height() / mark.height();
                        p.fillRect(QRectF(at.x() + x * w, at.y() + y * h, w + 0.5, h + 0.5), Qt::black);
                    }
        }
        p.fillRect(tenths(layout.grey), QColor(119, 119, 119));
        p.setPen(Qt::black);
        text(p, {320, 200}, tr("Swatch card"), 44, true, 1000);
        text(p, {320, 250},
            tr("Fill each field to its edge; two coats in the column tube. Leave the white bare. Drawdown: one stroke "
               "of the bar over both."),
            22, false, 1460);
        const char* heads[] = {tr("tube"), tr("1 in 2 white"), tr("1 in 10 white"), tr("drawdown")};
        for (int k = 0; k < 4; ++k)
            text(p, {10 * layout.patches[std::size_t(k)].at.x, 415}, heads[k], 22, false, 260);
        for (const auto& patch : layout.patches) {
            const QRectF at = tenths(patch.at);
            if (patch.kind == paint::PatchKind::OverBlack)
                p.fillRect(at, QColor(20, 20, 20));
            p.setPen(QPen(QColor(170, 170, 170), 1));
            p.drawRect(at);
            p.setPen(Qt::black);
            if (patch.kind == paint::PatchKind::Masstone)
                text(p, {at.x() - 300, at.y() + 76}, tubes[patch.tube], 24, false, 280);
        }
    });
}

Result<Done> writePuddleList(const Project& project, const paint::Mixing& m, const QString& path)
{
    const QString suffix = QFileInfo(path).suffix().toLower();
    if (suffix != "csv" && suffix != "json")
        return Error{ErrorKind::Invalid, tr("A list of puddles is written as *.csv or *.json."), {}};
    std::string csv = "puddle,whose,family,L,a,b,share,ml,recipe,de00\r\n";
    nlohmann::json j = nlohmann::json::array();
    for (std::size_t i = 0; i < m.map.puddles.size() && i < m.recipes.size(); ++i) {
        const paint::Puddle& p = m.map.puddles[i];
        const bool any = !m.recipes[i].formulas.empty();
        const Element* e = project.element(p.element);
        std::string whose = e ? e->name : "backdrop";
        for (std::size_t at = 0; (at = whose.find('"', at)) != std::string::npos; at += 2)
            whose.insert(at, 1, '"');
        const std::string recipe = any ? paint::textOf(m.recipes[i].formulas[0].recipe) : "";
        const double de = any ? m.recipes[i].formulas[0].de : 0;
        csv += std::to_string(p.number) + ",\"" + whose + "\"," + (p.light ? "light" : "shade") + ","
            + fixed(p.wanted.L, 2) + "," + fixed(p.wanted.a, 2) + "," + fixed(p.wanted.b, 2) + "," + fixed(p.share, 4)
            + "," + fixed(m.needs.puddles[i].ml, 1) + "," + recipe + "," + fixed(de, 2) + "\r\n";
        j.push_back({{"puddle", p.number}, {"whose", e ? e->name : "backdrop"}, {"family", p.light ? "light" : "shade"},
            {"lab", {p.wanted.L, p.wanted.a, p.wanted.b}}, {"share", p.share}, {"ml", m.needs.puddles[i].ml},
            {"recipe", recipe}, {"de00", de}});
    }
    const std::string out = suffix == "csv" ? csv : j.dump(1) + "\n";
    return store::writeFile(path.toStdString(), std::vector<unsigned char>(out.begin(), out.end()));
}

} // namespace rl::output
