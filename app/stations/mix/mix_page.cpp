#include "app/stations/mix/mix_page.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/paint/mixing.h"
#include <QPainter>

namespace rl::app {

/// Numbers of the puddles on the map; the place whose colour is wanted.
class MixPage::Marks final : public Overlay {
public:
    Marks(Desk& desk, MixState& state)
        : m_desk(desk)
        , m_state(state)
    {
    }
    void paint(QPainter& p, const Board& board) const override
    {
        const paint::Mixing* m = m_state.mixing();
        if (m && m_state.shown() == MixState::Map) {
            // What is finer than brush and ground hold, where it lies.
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(theme::kAccent, 1));
            for (const paint::FineDetail& d : m->fine) {
                const double k = 1 / m->pixelsPerCm;
                p.drawRect(QRectF(board.toScreen(Vec2{d.box.x * k, d.box.y * k}),
                    board.toScreen(Vec2{d.box.right() * k, d.box.bottom() * k}))
                               .adjusted(-1, -1, 1, 1));
            }
            for (std::size_t i = 0; i < m->map.puddles.size(); ++i) {
                const Vec2 at = m->map.puddles[i].at * (1 / m->pixelsPerCm);
                p.setFont(theme::text(12, int(i) == m_desk.selection().puddle));
                paintLabel(p, board.toScreen(at) + QPointF(-6, 6), QString::number(m->map.puddles[i].number));
            }
        }
        if (m_state.wanted() && m_state.wanted()->at) {
            const QPointF at = board.toScreen(*m_state.wanted()->at);
            p.setBrush(Qt::NoBrush);
            for (const auto& [colour, width] : {std::pair(theme::kInk, 4.0), {theme::kPaper, 1.8}}) {
                p.setPen(QPen(colour, width));
                p.drawLine(at + QPointF(-14, 0), at + QPointF(-5, 0));
                p.drawLine(at + QPointF(5, 0), at + QPointF(14, 0));
                p.drawLine(at + QPointF(0, -14), at + QPointF(0, -5));
                p.drawLine(at + QPointF(0, 5), at + QPointF(0, 14));
            }
        }
    }

private:
    Desk& m_desk;
    MixState& m_state;
};

class MixPage::Click final : public Tool {
public:
    explicit Click(MixPage& page)
        : m_page(page)
    {
    }
    bool press(const BoardPoint& p) override
    {
        m_page.pressed(p.at);
        return true;
    }

private:
    MixPage& m_page;
};

MixPage::MixPage(Desk& desk, StationView& view, const QString& name, const QString& tip)
    : Page(desk, name, tip)
    , m_state(MixState::of(desk, view))
    , m_palette(new PaletteView(desk, m_state))
    , m_marks(std::make_unique<Marks>(desk, m_state))
    , m_click(std::make_unique<Click>(*this))
{
    m_form->pick(
        {"mixShows", tr("show"),
            tr("The plan; the plan as these paints can reach it; what is lost; or the recipe map with its numbers"),
            {}},
        [] {
            return Choices{{tr("the plan"), MixState::Plan}, {tr("these paints"), MixState::Paints},
                {tr("what is lost"), MixState::Lost}, {tr("the recipe map"), MixState::Map}};
        },
        [this] { return std::optional(m_state.shown()); }, [this](int what) { m_state.show(what); });
    m_form->button(
        "mixBeside", tr("Compare with plan"),
        tr("Lays the plan over what the board shows, parted by a sash to push across; Esc ends it"),
        [this] {
            if (m_desk.lit)
                emit m_desk.compareWanted(m_desk.lit->image, tr("the plan"), tr("these paints"));
        },
        [this] { return m_state.shown() != MixState::Plan; });
    connect(&m_state, &MixState::changed, this, [this] {
        if (!isVisible())
            return;
        refresh();
        emit lookChanged();
        emit saysChanged();
    });
}

MixPage::~MixPage()
{
    if (m_palette && !m_palette->parent())
        delete m_palette;
}

std::vector<Overlay*> MixPage::overlays()
{
    return {m_marks.get()};
}
std::vector<Tool*> MixPage::tools()
{
    return {m_click.get()};
}

void MixPage::pressed(Vec2 cm)
{
    const paint::Mixing* m = m_state.mixing();
    Selection s = m_desk.selection();
    s.puddle = -1;
    if (m && !m->map.which.empty()) {
        const int x = int(cm.x * m->pixelsPerCm), y = int(cm.y * m->pixelsPerCm);
        if (m->map.which.contains(x, y))
            s.puddle = m->map.which.at(x, y);
    }
    if (const int id = m_desk.elementAt(cm))
        s.element = id;
    m_desk.hold(s);
    if (m_state.shown() == MixState::Map && s.puddle >= 0)
        m_state.wantPuddle(s.puddle);
    else
        m_state.wantAt(cm);
}

void MixPage::refresh()
{
    Page::refresh();
    m_state.refresh();
    m_palette->refresh();
}

} // namespace rl::app
