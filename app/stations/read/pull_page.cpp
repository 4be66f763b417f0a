#include "app/stations/read/pull_page.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include "core/reading/read_rules.h"
#include "core/review/cut_free.h"
#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>

namespace rl::app {

namespace {
/// "value +41 %, size −12 %": the largest terms, as factors of its pull over the median other's.
QString reasons(const reading::PullParts& parts)
{
    std::vector<std::size_t> order(parts.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    std::sort(order.begin(), order.end(), [&](auto a, auto b) { return std::abs(parts[a]) > std::abs(parts[b]); });
    QStringList said;
    for (std::size_t n = 0; n < 4; ++n) {
        const double percent = 100 * (std::exp(parts[order[n]]) - 1);
        if (std::abs(percent) >= 3)
            said << QString("%1 %2%3 %")
                        .arg(rl::tr(reading::kPullNames[order[n]]))
                        .arg(percent < 0 ? QChar(0x2212) : QChar('+'))
                        .arg(std::abs(percent), 0, 'f', 0);
    }
    return said.isEmpty() ? QCoreApplication::translate("Pull", "as the others") : said.join(", ");
}
} // namespace

/// One line for each thing, the strongest first.
class PullPage::Rows final : public QWidget {
public:
    explicit Rows(Desk& desk)
        : m_desk(desk)
    {
        setObjectName("pullRows");
        setAccessibleName(tr("Pull of each thing and its reasons"));
        setToolTip(
            tr("How much of the measured pull each thing has, and what lifts or damps it against the median of the "
               "others. A hollow end of a bar: with what it means taken in."));
    }
    void fit() { setFixedHeight(std::max(theme::px(40), int(lines()) * step() + 4)); }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        if (!m_desk.review)
            return;
        const auto& r = m_desk.review->reading;
        const int name = width() * 17 / 100, bar = width() * 22 / 100;
        int y = 2;
        for (const int id : r.attention.order) {
            const Element* e = m_desk.project().element(id);
            if (!e)
                continue;
            const double share = r.attention.share.at(id);
            const auto meant = r.meant.find(id);
            const double with = meant == r.meant.end() ? share : meant->second;
            p.setFont(theme::text(13, id == m_desk.element()));
            p.setPen(theme::ink());
            const QRect line(0, y, width(), step());
            p.drawText(line.adjusted(4, 0, name - width(), 0), Qt::AlignVCenter,
                p.fontMetrics().elidedText(QString::fromStdString(e->name), Qt::ElideRight, name - 8));
            const double full = bar - theme::px(46);
            p.setPen(Qt::NoPen);
            p.setBrush(QColor(0xb9, 0xb3, 0xa8));
            p.drawRect(QRectF(name, y + 4, std::min(1.0, 2 * share) * full, step() - 8));
            if (std::abs(with - share) > 0.005) {
                p.setPen(QPen(theme::accent(), 1.4));
                p.setBrush(Qt::NoBrush);
                p.drawRect(QRectF(name, y + 3, std::min(1.0, 2 * with) * full, step() - 6));
            }
            p.setPen(theme::ink());
            p.drawText(QRect(name + int(full), y, theme::px(44), step()), Qt::AlignVCenter | Qt::AlignRight,
                QString("%1 %").arg(100 * share, 0, 'f', 0));
            const auto parts = r.attention.parts.find(id);
            p.setPen(theme::faint());
            p.setFont(theme::text(13));
            if (parts != r.attention.parts.end())
                p.drawText(line.adjusted(name + bar + 12, 0, -4, 0), Qt::AlignVCenter,
                    p.fontMetrics().elidedText(reasons(parts->second), Qt::ElideRight, width() - name - bar - 20));
            y += step();
        }
    }
    void mousePressEvent(QMouseEvent* e) override
    {
        int y = 2;
        if (m_desk.review)
            for (const int id : m_desk.review->reading.attention.order)
                if (m_desk.project().element(id)) {
                    if (e->position().y() >= y && e->position().y() < y + step())
                        return m_desk.holdElement(id);
                    y += step();
                }
    }

private:
    static int step() { return theme::px(21); }
    std::size_t lines() const { return m_desk.review ? m_desk.review->reading.attention.order.size() : 1; }
    Desk& m_desk;
};

/// Strong places with what they draw, faces, and the edges that leak.
class PullPage::Marks final : public Overlay {
public:
    Marks(Desk& desk, const int& place)
        : m_desk(desk)
        , m_place(place)
    {
    }
    bool shown() const override { return m_desk.review != nullptr; }
    void paint(QPainter& p, const Board& board) const override
    {
        const auto& r = m_desk.review->reading;
        const double k = m_desk.review->picture.pixelsPerCm;
        const auto onBoard = [&](const Rect& px) {
            return QRectF(board.toScreen(Rect{px.x / k, px.y / k, px.width / k, px.height / k}));
        };
        p.setBrush(Qt::NoBrush);
        int n = 0;
        for (const auto& s : r.attention.places) {
            const QRectF at = onBoard(s.at);
            p.setBrush(Qt::NoBrush); // a label leaves its own
            p.setPen(QPen(theme::kInk, n == m_place ? 4.5 : 3, Qt::DotLine));
            p.drawEllipse(at);
            p.setPen(QPen(n == m_place ? theme::kGlow : theme::kPaper, n == m_place ? 2.5 : 1.5, Qt::DotLine));
            p.drawEllipse(at);
            p.setFont(theme::text(12));
            paintLabel(p, at.topRight() + QPointF(2, 4), QString("%1 %").arg(100 * s.share, 0, 'f', 0));
            ++n;
        }
        for (const Rect& f : r.faces) {
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(theme::kPaper, 2));
            p.drawRoundedRect(onBoard(f), 8, 8);
            paintLabel(p, onBoard(f).topLeft() - QPointF(0, 4), QCoreApplication::translate("Pull", "a face"));
        }
        const QRectF whole = board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()});
        const QRectF bands[]
            = {{whole.left(), whole.top(), 7, whole.height()}, {whole.right() - 7, whole.top(), 7, whole.height()},
                {whole.left(), whole.top(), whole.width(), 7}, {whole.left(), whole.bottom() - 7, whole.width(), 7}};
        for (std::size_t i = 0; i < 4; ++i)
            if (r.attention.leaks[i] > 1) {
                p.fillRect(bands[i], QColor(240, 169, 74, int(std::min(230.0, 90 * r.attention.leaks[i]))));
                paintLabel(p, bands[i].center() + QPointF(i == 1 ? -70 : 8, i == 3 ? -10 : 16),
                    QString("%1 %2").arg(QChar(0xd7)).arg(r.attention.leaks[i], 0, 'f', 1));
            }
    }

private:
    Desk& m_desk;
    const int& m_place;
};

PullPage::PullPage(Desk& desk)
    : Page(
        desk, tr("Pull"), tr("What each thing draws and why; strong places of the backdrop; what leaks over the edges"))
    , m_rows(new Rows(desk))
    , m_pick(desk)
    , m_marks(std::make_unique<Marks>(desk, m_place))
{
    m_form->number(lens::element(), &Element::meaning,
        {"meaning", tr("what it means"),
            tr("A face, a word, a hand: how many times more it is looked at than its contrast says, by your word. "
               "Shown beside "
               "the measured part, never in it."),
            tr("Say what it means"), Shown{1, QString(" ") + QChar(0xd7), 1, 0.1}});
    const auto any = [this] { return place() != nullptr; };
    m_form->pick(
        {"strongPlace", tr("place of the backdrop"), tr("Places of the backdrop that draw as a thing would"), {}},
        [this] {
            Choices all;
            int n = 0;
            if (m_desk.review)
                for (const auto& s : m_desk.review->reading.attention.places) {
                    const double k = m_desk.review->picture.pixelsPerCm;
                    all.emplace_back(tr("%1 %, %2 cm from the left")
                                         .arg(100 * s.share, 0, 'f', 0)
                                         .arg(s.at.centre().x / k, 0, 'f', 0),
                        n++);
                }
            return all;
        },
        [this, any] { return any() ? std::optional(m_place) : std::nullopt; },
        [this](int i) {
            m_place = i;
            emit m_desk.overlayChanged();
        });
    m_form->pick(
        {"placeShows", tr("which shows"),
            tr("The place of the backdrop shows one of the cast: what it draws counts for that one"), {}},
        [this] {
            Choices all{{tr("nothing"), 0}};
            for (const CastMember& m : project().brief.cast)
                all.emplace_back(QString::fromStdString(m.name), m.id);
            return all;
        },
        [this]() -> std::optional<int> {
            if (!place())
                return std::nullopt;
            const CastMember* m = reading::shownBy(project(), placeCm().centre());
            return m ? m->id : 0;
        },
        [this](int cast) {
            if (place())
                m_desk.edit(tr("Say what the place shows"), edits::withPlaceShowing(project(), placeCm(), cast));
        });
    m_form->toggle(lens::element(), &Element::quiet,
        {"quiet", tr("to stay quiet"),
            tr("What is in hand must draw less than any of the cast; without a mark that is only asked of what is in "
               "no "
               "cast"),
            tr("Let it stay quiet")},
        tr("It may speak"));
    m_form->button(
        "cutFree", tr("Cut it free"),
        tr("Makes the place an element of its own, where it is: it can then be moved, toned, or shown as one of the "
           "cast"),
        [this] { cutFree(); }, any);
    m_form->button(
        "dimBackdrop", tr("Dim the backdrop"), tr("Takes 4 L* off all of the backdrop"),
        [this] {
            m_form->change(
                lens::backdrop(), tr("Dim the backdrop"), -1, [](Backdrop& b) { b.dimL = std::min(60.0, b.dimL + 4); });
        },
        any);
    auto* scroll = new QScrollArea;
    scroll->setWidget(m_rows);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setObjectName("pullScroll");
    layout()->addWidget(scroll);
}

PullPage::~PullPage() = default;

std::vector<Overlay*> PullPage::overlays()
{
    return {m_marks.get()};
}

const reading::StrongPlace* PullPage::place() const
{
    if (!m_desk.review)
        return nullptr;
    const auto& all = m_desk.review->reading.attention.places;
    return m_place < int(all.size()) ? &all[std::size_t(m_place)] : all.empty() ? nullptr : &all.front();
}

Rect PullPage::placeCm() const
{
    const reading::StrongPlace* s = place();
    const double k = m_desk.review->picture.pixelsPerCm;
    return s ? Rect{s->at.x / k, s->at.y / k, s->at.width / k, s->at.height / k} : Rect{};
}

void PullPage::cutFree()
{
    const reading::StrongPlace* s = place();
    if (!s)
        return;
    auto after = review::withPlaceCutFree(project(), *s, m_desk.review->picture.pixelsPerCm);
    if (!after)
        return m_desk.notices.fail(after.error());
    const int id = after->elements.back().id;
    m_desk.edit(tr("Cut a place free"), after.take());
    m_desk.holdElement(id);
}

void PullPage::show()
{
    Page::show();
    m_rows->fit();
    if (auto* scroll = findChild<QScrollArea*>("pullScroll"))
        scroll->setFixedHeight(std::min(m_rows->height() + 2, theme::px(116)));
    m_rows->update();
}

QString PullPage::says() const
{
    if (!m_desk.review)
        return tr("Reading the picture…");
    const auto& r = m_desk.review->reading;
    QStringList first;
    for (const int id : r.attention.glances)
        if (const Element* e = project().element(id))
            first << QString::fromStdString(e->name);
    const QString faces = r.faces.empty()
        ? (reading::facesCanBeFound() ? tr("No face seen from the front is found.")
                                      : tr("Faces cannot be looked for here; mark them by hand."))
        : tr("%1 faces are found.").arg(r.faces.size());
    const auto on = [&](std::size_t contrast) {
        const Element* e = project().element(r.attention.peakIn[contrast]);
        return e ? QString::fromStdString(e->name).toHtmlEscaped() : tr("the backdrop");
    };
    return tr("By contrast: <b>%1</b>. Strongest step of value: %2; of colour: %3; sharpest edges: %4. %5")
        .arg(first.join(" → "), on(0), on(1), on(4), faces);
}

} // namespace rl::app
