#include "app/stations/mix/string_page.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/paint/mixing.h"
#include <QPainter>
#include <QVBoxLayout>

namespace rl::app {

/// The way of the gradient, where each band begins.
class StringPage::Bands final : public Overlay {
public:
    explicit Bands(const StringPage& page)
        : m_page(page)
    {
    }
    void paint(QPainter& p, const Board& board) const override
    {
        const auto& at = m_page.m_places;
        for (const Vec2& v : at) {
            p.setPen(QPen(theme::kInk, 4));
            p.setBrush(theme::kGlow);
            p.drawEllipse(board.toScreen(v), 5, 5);
        }
        if (at.size() < 2)
            return;
        QPolygonF way;
        for (const Vec2& v : at)
            way << board.toScreen(v);
        paintBothWays(p, way);
        const paint::Gradient* g = m_page.m_gradient.answer(m_page.gradientKey());
        if (!g || g->bands.empty())
            return;
        p.setBrush(Qt::NoBrush);
        for (const paint::Band& band : g->bands) {
            // Along the way, over its corner.
            double left = band.fromCm;
            std::size_t i = 1;
            while (i + 1 < at.size() && left > (at[i] - at[i - 1]).length())
                left -= (at[i] - at[i - 1]).length(), ++i;
            const Vec2 step = at[i] - at[i - 1];
            const double share = left / std::max(step.length(), 1e-6);
            const QPointF q = board.toScreen(at[i - 1] + step * share);
            if (m_page.m_round) {
                const double r = std::hypot((q - way[0]).x(), (q - way[0]).y());
                p.setPen(QPen(QColor(255, 255, 255, 140), 1));
                p.drawEllipse(way[0], r, r);
                continue;
            }
            const QPointF along = QPointF(step.x, step.y) / std::max(step.length(), 1e-6),
                          across = QPointF(-along.y(), along.x()) * 12;
            paintBothWays(p, QPolygonF() << q - across << q + across);
        }
    }

private:
    const StringPage& m_page;
};

StringPage::StringPage(Desk& desk, StationView& view)
    : MixPage(desk, view, tr("Colour strings"),
        tr("From light to dark for one thing without chalk and mud; passages in cm, band by band"))
    , m_chips(new ChipRow("stringChips", 3))
    , m_bandChips(new ChipRow("bandChips", 3))
    , m_string(desk.jobs)
    , m_gradient(desk.jobs)
    , m_marks(std::make_unique<Bands>(*this))
{
    m_form->value(
        {"stringSteps", tr("steps in the string"), tr("Steps from light to dark for the selected element, 3 to 15"),
            {}},
        NumberFormat{1, tr(" steps"), 0, 1}, 3, 15, [this] { return std::optional(double(m_steps)); },
        [this](double v, int) {
            m_steps = int(v);
            refresh();
        });
    m_form->value(
        {"bandStep", tr("step between bands"),
            tr("How much two neighbouring bands of a passage may differ: 2 is hardly seen"), {}},
        NumberFormat{1, QString(" ") + QChar(0x394) + "E", 1, 0.5}, 0.5, 10, [this] { return std::optional(m_stepDe); },
        [this](double v, int) {
            m_stepDe = v;
            refresh();
        });
    m_form->check(
        {"bandRound", tr("radial"), tr("The passage goes in rings, as about a light"), {}},
        [this] { return std::optional(m_round); },
        [this](bool on) {
            m_round = on;
            refresh();
            emit m_desk.overlayChanged();
        });
    m_form->button(
        "bandAgain", tr("New gradation"), tr("Forgets its places; click two or three others"),
        [this] {
            m_places.clear(), m_colours.clear();
            refresh();
            emit m_desk.overlayChanged();
        },
        [this] { return !m_places.empty(); });
    layout()->addWidget(m_chips);
    layout()->addWidget(m_bandChips);
    for (JobBase* job : {static_cast<JobBase*>(&m_string), static_cast<JobBase*>(&m_gradient)})
        connect(job, &JobBase::done, this, [this] {
            refresh();
            emit saysChanged();
            emit m_desk.overlayChanged();
        });
}

StringPage::~StringPage() = default;

std::vector<Overlay*> StringPage::overlays()
{
    auto all = MixPage::overlays();
    all.push_back(m_marks.get());
    return all;
}

void StringPage::pressed(Vec2 cm)
{
    MixPage::pressed(cm);
    if (!m_state.wanted())
        return;
    if (m_places.size() >= 3)
        m_places.clear(), m_colours.clear();
    m_places.push_back(cm), m_colours.push_back(m_state.wanted()->lab);
    refresh();
    emit m_desk.overlayChanged();
}

double StringPage::lengthCm() const
{
    double length = 0;
    for (std::size_t i = 1; i < m_places.size(); ++i)
        length += (m_places[i] - m_places[i - 1]).length();
    return length;
}

std::optional<std::array<colour::ExactLab, 3>> StringPage::family() const
{
    if (!m_state.canMix() || !m_desk.element())
        return {};
    const paint::Puddle *light = nullptr, *dark = nullptr, *body = nullptr;
    for (const paint::Puddle& p : m_state.mixing()->map.puddles)
        if (p.element == m_desk.element()) {
            if (!light)
                light = &p; // they stand by value
            dark = &p;
            if (!body || p.share > body->share)
                body = &p;
        }
    if (!light || light->wanted.L - dark->wanted.L < 4)
        return {};
    return std::array{light->wanted, body->wanted, dark->wanted};
}

JobKey StringPage::stringKey() const
{
    const auto f = family();
    return std::tuple(m_desk.document.revision(), m_desk.element(), m_steps, f ? (*f)[0].L : 0.0, project().boxes);
}
JobKey StringPage::gradientKey() const
{
    return std::tuple(m_places, m_stepDe, project().boxes, project().mix);
}

void StringPage::refresh()
{
    MixPage::refresh();
    if (!isVisible())
        return;
    m_chips->setVisible(m_places.size() < 2); // one of both: the board needs the room
    if (m_places.size() < 2)
        showString();
    showGradient();
}

} // namespace rl::app
