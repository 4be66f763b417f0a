#include "app/stations/read_station.h"
#include "app/theme/theme.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <QSlider>

namespace rl::app {

Ladders::Ladders()
{
    setMinimumSize(280, 130);
    setAccessibleName(tr("Intended and measured order"));
    setToolTip(tr("Left: the order you want. Right: the order measured by contrast alone. Threads that cross are the "
                  "trouble.\nBy contrast only: it knows neither faces nor meaning."));
}

void Ladders::show(std::vector<Rung> intended, std::vector<Rung> measured)
{
    m_intended = std::move(intended);
    m_measured = std::move(measured);
    update();
}

void Ladders::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(theme::text(12));
    p.setPen(theme::kFaint);
    const int side = std::min(150, width() / 2 - 32), top = 20;
    p.drawText(QRect(0, 0, side, 16), Qt::AlignLeft, tr("intended"));
    p.drawText(QRect(width() - side, 0, side, 16), Qt::AlignLeft, tr("measured"));
    const int n = int(std::max(m_intended.size(), m_measured.size()));
    if (n == 0)
        return;
    const double step = std::min(30.0, (height() - top) / double(n));
    const auto y = [&](std::size_t i) { return top + (double(i) + 0.5) * step; };
    for (std::size_t i = 0; i < m_intended.size(); ++i)
        for (std::size_t j = 0; j < m_measured.size(); ++j)
            if (m_intended[i].cast == m_measured[j].cast) {
                QPainterPath thread(QPointF(side + 2, y(i)));
                thread.cubicTo(
                    QPointF(width() / 2.0, y(i)), QPointF(width() / 2.0, y(j)), QPointF(width() - side - 6, y(j)));
                p.setBrush(Qt::NoBrush);
                p.setPen(QPen(i == j ? theme::kFaint : theme::kAccent, i == j ? 1.4 : 2.6));
                p.drawPath(thread);
            }
    const auto rung = [&](QRectF r, const Rung& g, bool share) {
        p.setPen(QPen(theme::kLine, 1));
        p.setBrush(theme::kPaper);
        p.drawRoundedRect(r, 3, 3);
        if (share) {
            p.setPen(Qt::NoPen);
            p.setBrush(QColor(0xdc, 0xd8, 0xd0));
            p.drawRoundedRect(
                QRectF(r.x() + 1, r.y() + 1, std::max(2.0, (r.width() - 2) * std::min(1.0, g.share)), r.height() - 2),
                3, 3);
        }
        p.setPen(theme::kInk);
        p.setFont(theme::text(13));
        p.drawText(r.adjusted(6, 0, -4, 0), Qt::AlignVCenter,
            p.fontMetrics().elidedText(g.name, Qt::ElideRight, int(r.width()) - (share ? 46 : 8)));
        if (share)
            p.drawText(r.adjusted(6, 0, -5, 0), Qt::AlignVCenter | Qt::AlignRight,
                QString("%1 %").arg(100 * g.share, 0, 'f', 0));
    };
    for (std::size_t i = 0; i < m_intended.size(); ++i)
        rung({0.5, y(i) - step / 2 + 2, double(side), step - 4}, m_intended[i], false);
    for (std::size_t i = 0; i < m_measured.size(); ++i)
        rung({width() - side - 4.5, y(i) - step / 2 + 2, double(side), step - 4}, m_measured[i], true);
}

Chips::Chips()
{
    setMinimumHeight(54);
    setAccessibleName(tr("Value steps"));
    setToolTip(
        tr("The values the picture falls into, each as wide as its share of the canvas. L* 0 is black, 100 white."));
}

void Chips::show(std::vector<reading::ValueStep> steps)
{
    m_steps = std::move(steps);
    update();
}

void Chips::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    double x = 0;
    for (const auto& s : m_steps) {
        const double w = std::max(3.0, s.share * width());
        const int v = colour::codeOf(colour::luminanceOf(float(s.lightness)));
        p.fillRect(QRectF(x, 0, w - 2, height()), QColor(v, v, v));
        p.setPen(s.lightness > 55 ? theme::kInk : QColor(Qt::white));
        p.setFont(theme::text(12));
        if (w > 44)
            p.drawText(QRectF(x + 3, 2, w - 6, height() - 4), Qt::AlignCenter,
                QString("L* %1\n%2 %").arg(s.lightness, 0, 'f', 0).arg(100 * s.share, 0, 'f', 0));
        x += w;
    }
}

ReadStation::ReadStation(Workbench& bench)
    : StationView(bench)
    , m_bench(new QWidget)
    , m_looks(new QButtonGroup(this))
    , m_steps(new QSlider(Qt::Horizontal))
    , m_glances(new QLabel)
    , m_stepsLabel(new QLabel)
    , m_ladders(new Ladders)
    , m_chips(new Chips)
{
    const char* looks[] = {"Contours", "Values", "Silhouettes", "Squint", "Plain"};
    const char* tips[] = {"Marks where contours are lost (thick), soft (dots) or firm",
        "The picture in few values, as you would block it in",
        "Every element filled flat: can each be told by its shape?", "As with half-closed eyes: what still reads?",
        "The lit picture by itself"};
    auto* row = new QHBoxLayout;
    for (int i = 0; i < 5; ++i) {
        auto* b = new QPushButton(tr(looks[i]));
        b->setObjectName(QString("look%1").arg(i));
        b->setCheckable(true);
        b->setChecked(i == 0);
        b->setToolTip(tr(tips[i]));
        m_looks->addButton(b, i);
        row->addWidget(b);
    }
    m_steps->setRange(2, 5);
    m_steps->setValue(3);
    m_steps->setObjectName("valueSteps");
    m_steps->setAccessibleName(tr("Number of value steps"));
    m_steps->setToolTip(tr("In how many values the picture is read, 2 to 5"));
    m_steps->setFixedWidth(110);
    row->addSpacing(10);
    row->addWidget(m_stepsLabel);
    row->addWidget(m_steps);
    row->addStretch();
    m_glances->setWordWrap(true);
    auto* left = new QVBoxLayout;
    left->addLayout(row);
    left->addWidget(m_chips);
    left->addWidget(m_glances, 1, Qt::AlignTop);
    auto* smallRow = new QHBoxLayout;
    const char* names[] = {"silhouettes", "squinted", "3 cm wide"};
    for (int i = 0; i < 3; ++i) {
        auto* column = new QVBoxLayout;
        m_small[i] = new QLabel;
        m_small[i]->setMinimumSize(i == 2 ? 70 : 104, 70);
        m_small[i]->setAlignment(Qt::AlignCenter);
        auto* caption = new QLabel(tr(names[i]));
        caption->setProperty("role", "hint");
        caption->setAlignment(Qt::AlignHCenter);
        column->addStretch();
        column->addWidget(m_small[i]);
        column->addWidget(caption);
        column->addStretch();
        smallRow->addLayout(column);
    }
    auto* layout = new QHBoxLayout(m_bench);
    layout->setContentsMargins(16, 8, 12, 8);
    layout->setSpacing(10);
    layout->addLayout(left, 4);
    layout->addWidget(m_ladders, 3);
    layout->addLayout(smallRow, 0);
    connect(m_looks, &QButtonGroup::idClicked, this, &ReadStation::choose);
    connect(m_steps, &QSlider::valueChanged, this, [this] { choose(1); });
}

void ReadStation::choose(int look)
{
    m_look = look;
    m_looks->button(look)->setChecked(true);
    refresh();
    emit work.heldChanged(); // the board repaints
}

QImage ReadStation::replacement()
{
    if (!work.lit || m_look == 0 || m_look == 4)
        return {};
    if (m_madeFrom == work.lit.get() && m_madeLook == m_look && m_madeSteps == m_steps->value())
        return m_made;
    const light::Picture& picture = work.lit->picture;
    if (m_look == 1)
        m_made = imageOf(reading::posterised(picture.colour, reading::valueSteps(picture.colour, m_steps->value())));
    else if (m_look == 2)
        m_made = imageOf(reading::silhouettePicture(picture));
    else
        m_made = imageOf(reading::squinted(picture.colour,
            reading::pixelsPerDegree(
                picture.colour.width(), project().brief.widthCm, project().brief.viewingDistanceCm)));
    m_madeFrom = work.lit.get();
    m_madeLook = m_look;
    m_madeSteps = m_steps->value();
    return m_made;
}

void ReadStation::refresh()
{
    m_stepsLabel->setText(tr("in %1 values").arg(m_steps->value()));
    if (!work.lit)
        return;
    const light::Picture& picture = work.lit->picture;
    m_chips->show(reading::valueSteps(picture.colour, m_steps->value()));
    if (m_smallFrom != work.lit.get()) {
        m_smallFrom = work.lit.get();
        const QImage plain = work.lit->image, shapes = imageOf(reading::silhouettePicture(picture));
        m_small[0]->setPixmap(
            QPixmap::fromImage(shapes.scaled(112, 84, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
        m_small[1]->setPixmap(QPixmap::fromImage(plain.scaled(24, 24, Qt::KeepAspectRatio, Qt::SmoothTransformation)
                                                     .scaled(112, 84, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
        m_small[2]->setPixmap(QPixmap::fromImage(
            plain.scaledToWidth(std::max(40, int(m_bench->physicalDpiX() / 2.54 * 3)), Qt::SmoothTransformation)));
    }
    if (!work.review)
        return;
    const auto& a = work.review->reading.attention;
    const auto shares = reading::castShares(project(), a);
    std::vector<Ladders::Rung> intended, measured;
    for (const CastMember& m : project().brief.cast) {
        const auto s = shares.find(m.id);
        intended.push_back({m.id, QString::fromStdString(m.name), s == shares.end() ? 0 : s->second});
    }
    measured = intended;
    std::stable_sort(measured.begin(), measured.end(), [](const auto& x, const auto& y) { return x.share > y.share; });
    m_ladders->show(std::move(intended), std::move(measured));
    QStringList names;
    for (const int id : a.glances)
        if (const Element* e = project().element(id))
            names << QString::fromStdString(e->name);
    m_glances->setText(names.isEmpty() ? tr("Nothing stands in the scene yet, so there is nothing to read.")
                                       : tr("First glances, by contrast: <b>%1</b>. The strongest is so mostly through "
                                            "%2. It does not know faces or meaning.")
                                             .arg(names.join(" → "), QString::fromStdString(a.driver)));
}

void ReadStation::paintOver(QPainter& p, const Board& board)
{
    if (!work.review || m_look != 0)
        return;
    const double k = work.review->picture.pixelsPerCm;
    // Lost edges are drawn broad, so that their being lost is seen.
    for (const auto& s : work.review->reading.silhouettes)
        for (const auto& e : s.contour) {
            if (e.kind == reading::EdgeKind::Firm)
                continue;
            const QPointF c = board.toScreen(Vec2{e.at.x / k, e.at.y / k});
            p.setPen(Qt::NoPen);
            p.setBrush(e.kind == reading::EdgeKind::Lost ? QColor(240, 169, 74, 235) : QColor(255, 255, 255, 150));
            const double r = e.kind == reading::EdgeKind::Lost ? 2.6 : 1.1;
            p.drawEllipse(c, r, r);
        }
    const auto& a = work.review->reading.attention;
    QPointF last;
    for (std::size_t i = 0; i < a.glances.size() && i < 3; ++i) {
        const auto found = a.centre.find(a.glances[i]);
        if (found == a.centre.end())
            continue;
        const QPointF c = board.toScreen(Vec2{found->second.x / k, found->second.y / k});
        if (i > 0) {
            p.setPen(QPen(QColor(255, 255, 255, 190), 2, Qt::DotLine));
            p.drawLine(last, c);
        }
        last = c;
    }
    for (std::size_t i = 0; i < a.glances.size() && i < 3; ++i) {
        const auto found = a.centre.find(a.glances[i]);
        if (found == a.centre.end())
            continue;
        const QPointF c = board.toScreen(Vec2{found->second.x / k, found->second.y / k});
        p.setPen(QPen(theme::kInk, 1.5));
        p.setBrush(theme::kPaper);
        p.drawEllipse(c, 12, 12);
        p.setFont(theme::heading(17));
        p.drawText(QRectF(c.x() - 12, c.y() - 12, 24, 24), Qt::AlignCenter, QString::number(i + 1));
    }
}

} // namespace rl::app
