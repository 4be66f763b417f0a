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
    : MixPage(desk, view, tr("Strings"),
        tr("From light to dark for one thing without chalk and mud; passages in cm, band by band"))
    , m_chips(new ChipRow("stringChips", 3))
    , m_bandChips(new ChipRow("bandChips", 3))
    , m_string(desk.jobs)
    , m_gradient(desk.jobs)
    , m_marks(std::make_unique<Bands>(*this))
{
    m_form->value(
        {"stringSteps", tr("string of"), tr("Steps from light to dark for the element in hand, 3 to 15"), {}},
        Shown{1, tr(" steps"), 0, 1}, 3, 15, [this] { return std::optional(double(m_steps)); },
        [this](double v, int) {
            m_steps = int(v);
            show();
        });
    m_form->value(
        {"bandStep", tr("bands apart"), tr("How much two neighbouring bands of a passage may differ: 2 is hardly seen"),
            {}},
        Shown{1, QString(" ") + QChar(0x394) + "E", 1, 0.5}, 0.5, 10, [this] { return std::optional(m_stepDe); },
        [this](double v, int) {
            m_stepDe = v;
            show();
        });
    m_form->check(
        {"bandRound", tr("round the first place"), tr("The passage goes in rings, as about a light"), {}},
        [this] { return std::optional(m_round); },
        [this](bool on) {
            m_round = on;
            show();
            emit m_desk.overlayChanged();
        });
    m_form->button(
        "bandAgain", tr("Another passage"), tr("Forgets its places; click two or three others"),
        [this] {
            m_places.clear(), m_colours.clear();
            show();
            emit m_desk.overlayChanged();
        },
        [this] { return !m_places.empty(); });
    layout()->addWidget(m_chips);
    layout()->addWidget(m_bandChips);
    for (JobBase* job : {static_cast<JobBase*>(&m_string), static_cast<JobBase*>(&m_gradient)})
        connect(job, &JobBase::done, this, [this] {
            show();
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
    show();
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

void StringPage::showString()
{
    const auto f = family();
    if (!f) {
        m_chips->say(tr("Click a thing with light and shade: its string from light to dark stands here."));
        return;
    }
    const auto ends = paint::Ends(std::clamp(project().brief.school(School::Black), 0, 2));
    m_string.ask(stringKey(),
        [paints = m_state.mixing()->box.paints, f = *f, n = m_steps, ends](
            Progress& progress) -> Result<paint::ColourString> {
            return paint::colourString(paint::Search(paints), f[0], f[1], f[2], n, ends, progress);
        });
    const paint::ColourString* s = m_string.answer(stringKey());
    if (!s) {
        m_chips->say(tr("Mixing the string…"));
        return;
    }
    std::vector<ChipRow::Chip> chips;
    for (const paint::StringStep& step : s->steps)
        chips.push_back({screenColour(step.formula.lab), screenColour(step.plain),
            tr("L* %1, C* +%2").arg(step.formula.lab.L, 0, 'f', 0).arg(step.chalk, 0, 'f', 0),
            m_state.partsOf(step.formula.recipe)});
    for (const auto& [formula, name] : {std::pair(&s->shadow.warm, tr("shadow, first: warm, soft")),
             std::pair(&s->shadow.dark, tr("shadow, then: dark"))})
        chips.push_back({screenColour(formula->lab), {}, name, m_state.partsOf(formula->recipe)});
    m_chips->show(std::move(chips), tr("alive"), tr("white, black"));
}

void StringPage::showGradient()
{
    if (m_places.size() < 2) {
        m_bandChips->say(m_places.empty() ? tr("Click two places: the passage between them stands here, band by band.")
                                          : tr("…and where it ends; a third place bends the way."));
        return;
    }
    if (!m_state.canMix())
        return;
    paint::GradientWish wish;
    wish.from = m_colours.front(), wish.to = m_colours.back();
    if (m_places.size() == 3) {
        wish.via = m_colours[1];
        wish.viaShare = (m_places[1] - m_places[0]).length() / std::max(lengthCm(), 1e-6);
    }
    wish.lengthCm = std::max(0.5, lengthCm()), wish.stepDe = m_stepDe;
    wish.openMinutes = project().mix.openMinutes, wish.paceCmPerMinute = project().mix.paceCmPerMinute;
    m_gradient.ask(
        gradientKey(),
        [paints = m_state.mixing()->box.paints, wish](Progress& progress) -> Result<paint::Gradient> {
            return paint::gradient(paint::Search(paints), wish, progress);
        },
        Lane::Long);
    const paint::Gradient* g = m_gradient.answer(gradientKey());
    if (!g) {
        m_bandChips->say(tr("Laying bands…"));
        return;
    }
    std::vector<ChipRow::Chip> chips;
    for (const paint::Band& b : g->bands) {
        paint::Recipe percent = b.recipe;
        for (paint::Part& p : percent)
            p.parts = std::round(1000 * p.parts) / 10;
        std::erase_if(percent, [](const paint::Part& p) { return p.parts <= 0; });
        chips.push_back({screenColour(b.lab), {},
            tr("%1\u2013%2 cm")
                .arg(b.fromCm, 0, 'f', g->bands.size() > 9 ? 0 : 1)
                .arg(b.toCm, 0, 'f', g->bands.size() > 9 ? 0 : 1),
            m_state.partsOf(percent)});
    }
    m_bandChips->show(std::move(chips));
}

void StringPage::show()
{
    MixPage::show();
    if (!isVisible())
        return;
    m_chips->setVisible(m_places.size() < 2); // one of both: the board needs the room
    if (m_places.size() < 2)
        showString();
    showGradient();
}

QString StringPage::says() const
{
    const paint::Gradient* g = m_places.size() >= 2 ? m_gradient.answer(gradientKey()) : nullptr;
    if (g && !g->bands.empty()) {
        const paint::MediumSpec* spec = project().paintBox() ? &paint::specOf(project().paintBox()->medium) : nullptr;
        QString s = tr("<b>%1 cm in %2 bands</b> (percent of each tube), neighbours %3 %4E apart at most; two take %5 "
                       "min, it stays open for %6.")
                        .arg(lengthCm(), 0, 'f', 1)
                        .arg(g->bands.size())
                        .arg(g->largestStep, 0, 'f', 1)
                        .arg(QChar(0x394))
                        .arg(g->minutes, 0, 'f', 1)
                        .arg(project().mix.openMinutes, 0, 'f', 0);
        if (g->forTime && spec)
            s += tr(" More bands than the eye needs, for the time: or %1.").arg(QString::fromUtf8(spec->longer));
        if (g->off > 1)
            s += tr(" These tubes bend the way by %1 %2E.").arg(g->off, 0, 'f', 1).arg(QChar(0x394));
        return s;
    }
    const paint::ColourString* s = family() ? m_string.answer(stringKey()) : nullptr;
    double most = 0;
    if (s)
        for (const auto& step : s->steps)
            most = std::max(most, step.chalk);
    return s
        ? tr(
            "Against white and black alone the string keeps up to <b>C* %1</b> more; upper row mixed, lower row plain.")
              .arg(most, 0, 'f', 0)
        : tr("Click a thing for its string; two places for a passage.");
}

} // namespace rl::app
