#include "app/stations/read/edges_page.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>

namespace rl::app {

namespace {
/// The box round an element's measured contour, px; empty when it has none.
Rect contourBox(const reading::Silhouette& s)
{
    double x0 = 1e9, y0 = 1e9, x1 = -1e9, y1 = -1e9;
    for (const auto& e : s.contour)
        x0 = std::min(x0, e.at.x), x1 = std::max(x1, e.at.x), y0 = std::min(y0, e.at.y), y1 = std::max(y1, e.at.y);
    return x1 > x0 && y1 > y0 ? Rect{x0, y0, x1 - x0, y1 - y0} : Rect{};
}
QColor colourOf(EdgeWish w)
{
    static const QColor all[] = {QColor(0xf0, 0xa9, 0x4a), QColor(0xe8, 0xd9, 0xb8), QColor(0xff, 0xff, 0xff),
        QColor(0x20, 0x1e, 0x1c), QColor(0x20, 0x1e, 0x1c), QColor(0xff, 0xff, 0xff)};
    return all[std::size_t(w)];
}
} // namespace

/// A press on a contour sets a wish there; dragging away from it makes the stretch longer.
class EdgesPage::Brush final : public Tool {
public:
    Brush(Desk& desk, const EdgesPage& page)
        : m_desk(desk)
        , m_page(page)
    {
    }
    bool press(const BoardPoint& p) override
    {
        if (!m_desk.review)
            return false;
        const double k = m_desk.review->picture.pixelsPerCm;
        double least = 10 * p.px;
        m_element = 0;
        for (const auto& s : m_desk.review->reading.silhouettes) {
            if (m_desk.element() && s.element != m_desk.element())
                continue; // what is in hand alone, where something is
            for (const auto& e : s.contour)
                if (const double d = (Vec2{e.at.x / k, e.at.y / k} - p.at).length(); d < least)
                    least = d, m_element = s.element, m_at = {e.at.x / k, e.at.y / k}, m_box = contourBox(s);
        }
        if (!m_element || m_box.width <= 0)
            return false;
        m_desk.holdElement(m_element);
        m_gesture.begin();
        set(0.1);
        return true;
    }
    void move(const BoardPoint& p) override
    {
        const double k = m_desk.review ? m_desk.review->picture.pixelsPerCm : 1,
                     side = std::max(m_box.width, m_box.height) / k;
        set(std::clamp((p.at - m_at).length() / std::max(0.1, side), 0.03, 3.0));
    }
    void release(const BoardPoint&) override { m_gesture.finish(); }
    void cancel() override { m_gesture.cancel(); }

private:
    void set(double reach)
    {
        const Element* was = m_desk.project().element(m_element);
        const double k = m_desk.review ? m_desk.review->picture.pixelsPerCm : 0;
        if (!was || k <= 0)
            return;
        Element e = *was;
        const Vec2 at{(m_at.x * k - m_box.x) / m_box.width, (m_at.y * k - m_box.y) / m_box.height};
        if (!e.edges.empty() && (e.edges.back().at - at).length() < 1e-9)
            e.edges.pop_back();
        e.edges.push_back({at, reach, m_page.wish()});
        m_gesture.edit(EdgesPage::tr("Plan an edge"), edits::withElement(m_desk.project(), std::move(e)));
    }
    Desk& m_desk;
    const EdgesPage& m_page;
    int m_element = 0;
    Gesture m_gesture{m_desk.document};
    Vec2 m_at; ///< cm
    Rect m_box; ///< px of the review's picture
};

/// What is meant, along each contour; where it is not so, a frayed ring.
class EdgesPage::Marks final : public Overlay {
public:
    explicit Marks(Desk& desk)
        : m_desk(desk)
    {
    }
    bool shown() const override { return m_desk.review != nullptr; }
    void paint(QPainter& p, const Board& board) const override
    {
        const double k = m_desk.review->picture.pixelsPerCm;
        for (const auto& s : m_desk.review->reading.silhouettes) {
            const Element* e = m_desk.project().element(s.element);
            const Rect box = contourBox(s);
            if (!e || box.width <= 0)
                continue;
            const double side = std::max(box.width, box.height);
            for (const auto& q : s.contour) {
                const PlannedEdge* wish = nullptr;
                for (const PlannedEdge& w : e->edges)
                    if ((q.at - Vec2{box.x + w.at.x * box.width, box.y + w.at.y * box.height}).length()
                        <= w.reach * side)
                        wish = &w;
                if (!wish && s.element != m_desk.element())
                    continue;
                const double r = wish ? 2.4 : 0.8;
                p.setPen(wish ? QPen(theme::kInk, 0.8) : QPen(Qt::NoPen));
                p.setBrush(wish ? colourOf(wish->wish) : QColor(255, 255, 255, 150));
                p.drawEllipse(board.toScreen(Vec2{q.at.x / k, q.at.y / k}), r, r);
            }
        }
        static const char* words[] = {QT_TRANSLATE_NOOP("rl::app::EdgesPage", "lost"),
            QT_TRANSLATE_NOOP("rl::app::EdgesPage", "soft"), QT_TRANSLATE_NOOP("rl::app::EdgesPage", "firm"),
            QT_TRANSLATE_NOOP("rl::app::EdgesPage", "hard"), QT_TRANSLATE_NOOP("rl::app::EdgesPage", "dark line"),
            QT_TRANSLATE_NOOP("rl::app::EdgesPage", "light line")};
        for (const auto& h : m_desk.review->reading.edges) {
            const QPointF at = board.toScreen(Vec2{h.at.x / k, h.at.y / k});
            p.setFont(theme::text(12, h.kept < 0.6));
            paintLabel(p, at + QPointF(8, 4),
                EdgesPage::tr("%1: %2 %, %3 mm")
                    .arg(EdgesPage::tr(words[std::size_t(h.wish.wish)]))
                    .arg(100 * h.kept, 0, 'f', 0)
                    .arg(10 * h.widthPx / k, 0, 'f', 1));
        }
    }

private:
    Desk& m_desk;
};

EdgesPage::EdgesPage(Desk& desk)
    : Page(desk, tr("Edges"), tr("How edges are planned, lost, soft, firm or hard, and how they are now"))
    , m_brush(std::make_unique<Brush>(desk, *this))
    , m_marks(std::make_unique<Marks>(desk))
    , m_pick(desk)
    , m_alone(new SilhouetteRow(desk))
{
    m_form->pick(
        {"edgeWish", tr("meant to be"),
            tr("What is set where you press on a contour; drag away from it for a longer stretch"), {}},
        [] {
            return Choices{{tr("lost"), 0}, {tr("soft"), 1}, {tr("firm"), 2}, {tr("hard"), 3},
                {tr("with a dark line"), 4}, {tr("with a light line"), 5}};
        },
        [this] { return std::optional(m_wish); }, [this](int i) { m_wish = i; });
    const auto held = [this] { return m_desk.element() != 0; };
    const auto wished = [this] { return m_desk.heldElement() && !m_desk.heldElement()->edges.empty(); };
    m_form->button(
        "edgeAll", tr("Whole edge"), tr("The same all round the selected element"),
        [this] {
            m_form->change(lens::element(), tr("Plan its edges"), -1, [this](Element& e) {
                e.edges = {{{0.5, 0.5}, 3, wish()}};
            });
        },
        held);
    m_form->button(
        "edgeLast", tr("Remove last"), tr("Removes the wish set last on the selected element"),
        [this] {
            m_form->change(lens::element(), tr("Take an edge back"), -1, [](Element& e) { e.edges.pop_back(); });
        },
        wished);
    m_form->button(
        "edgeNone", tr("Remove all"), tr("Removes all wishes for the selected element"),
        [this] { m_form->change(lens::element(), tr("Plan no edges"), -1, [](Element& e) { e.edges.clear(); }); },
        wished);
    auto* scroll = new QScrollArea;
    scroll->setWidget(m_alone);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFixedHeight(theme::px(106));
    layout()->addWidget(scroll);
}

EdgesPage::~EdgesPage() = default;

void EdgesPage::refresh()
{
    Page::refresh();
    m_alone->refresh();
    m_alone->update();
}

std::vector<Tool*> EdgesPage::tools()
{
    return {m_brush.get(), &m_pick};
}
std::vector<Overlay*> EdgesPage::overlays()
{
    return {m_marks.get()};
}

QString EdgesPage::says() const
{
    const Element* e = m_desk.heldElement();
    if (!e || !m_desk.review)
        return tr("Click a thing, then press on its contour where an edge should be lost, soft, firm or hard.");
    for (const auto& s : m_desk.review->reading.silhouettes)
        if (s.element == e->id)
            return tr(
                "<b>%1</b>: %2 % lost, %3 % soft, %4 % firm, of it %5 % hard; ΔE %6, %7 L*, grain %8 L*, %9 mm wide "
                "in the median.")
                .arg(QString::fromStdString(e->name).toHtmlEscaped())
                .arg(100 * s.lost, 0, 'f', 0)
                .arg(100 * s.soft, 0, 'f', 0)
                .arg(100 * s.firm, 0, 'f', 0)
                .arg(100 * s.hard, 0, 'f', 0)
                .arg(s.medianDifference, 0, 'f', 0)
                .arg(s.medianLightness, 0, 'f', 0)
                .arg(s.medianGrain, 0, 'f', 1)
                .arg(10 * s.medianWidth / m_desk.review->picture.pixelsPerCm, 0, 'f', 1);
    return {};
}

} // namespace rl::app
