#include "app/stations/mix/over_page.h"
#include "core/base/words.h"
#include "core/paint/mixing.h"
#include "core/paint/palette_numbers.h"
#include "core/project/schools.h"
#include <QVBoxLayout>

namespace rl::app {

OverPage::OverPage(Desk& desk, StationView& view)
    : MixPage(desk, view, tr("Glazes"),
        tr("What a glaze does over what is there, how many coats, what must go under; light strokes over dark"))
    , m_chips(new ChipRow("glazeChips", 3))
    , m_glazes(desk.jobs)
{
    m_form->pick(
        {"glazeUnder", tr("over"), tr("What lies there already"), {}},
        [this] {
            Choices all{{tr("the toned ground"), -1}, {tr("white"), -2}, {tr("black"), -3}};
            if (m_state.canMix())
                for (int i = 0; i < int(m_state.mixing()->map.puddles.size()); ++i)
                    all.emplace_back(
                        tr("puddle %1, %2").arg(m_state.numberOf(i)).arg(m_state.placeOf(i)), m_state.numberOf(i));
            return all;
        },
        [this] { return std::optional(m_under); },
        [this](int i) {
            m_under = i;
            refresh();
            emit saysChanged();
        });
    const auto number = [&](const QString& name, const QString& label, const QString& tip, double& of, double low,
                            double high, const NumberFormat& shown) {
        m_form->value(
            {name, label, tip, {}}, shown, low, high, [&of] { return std::optional(of); },
            [this, &of](double v, int) {
                of = v;
                refresh();
                emit saysChanged();
            });
    };
    number("glazeUm", tr("wet coat thickness"), tr("How thick a coat is when wet; brushed glazes are 20 to 60 \u00b5m"),
        m_kind.wetUm, 5, 300, NumberFormat{1, QString(" ") + QChar(0xb5) + "m", 0, 5});
    number("glazeMedium", tr("medium"), tr("Parts of clear medium to one part of paint"), m_kind.mediumParts, 0, 50,
        NumberFormat{1, tr(" parts"), 1, 0.5});
    number("glazeDry", tr("touch-dry in"), tr("Before the next coat"), m_kind.dryHours, 0.05, 500,
        NumberFormat{1, tr(" h"), 1, 0.5});
    number("strokeMm", tr("stroke"), tr("How wide a light stroke over the dark is, for fur, grass and hatching"),
        m_brushMm, 0.1, 50, NumberFormat{1, tr(" mm"), 1, 0.1});
    m_form->pick(
        {"layerUnder", tr("painted in"),
            tr("What lies there is painted in: whether your medium may go over it, and why"), {}},
        [] {
            return Choices{{tr("acrylic"), 0}, {tr("gouache"), 1}, {tr("oil"), 2}, {tr("watercolour"), 3}};
        },
        [this] { return project().paintBox() ? std::optional(m_layer) : std::nullopt; },
        [this](int i) {
            m_layer = i;
            refresh();
            emit saysChanged();
        });
    layout()->addWidget(m_chips);
    connect(&m_glazes, &JobBase::done, this, [this] {
        refresh();
        emit saysChanged();
    });
}

std::optional<paint::Spectrum> OverPage::under() const
{
    if (m_under == -2)
        return paint::inside(paint::evenly(paint::kWhiteCard));
    if (m_under == -3)
        return paint::evenly(paint::kBlackInside);
    if (m_under == -1)
        return paint::groundInside(project());
    const int place = m_state.canMix() ? paint::placeOf(m_state.mixing()->map, m_under) : -1;
    if (place < 0 || m_state.mixing()->recipes[std::size_t(place)].formulas.empty())
        return {};
    return paint::opaque(paint::opticsOf(
        m_state.mixing()->recipes[std::size_t(place)].formulas[0].recipe, m_state.mixing()->box.paints));
}
colour::ExactLab OverPage::underLab() const
{
    const auto u = under();
    return u ? paint::toLab(paint::seen(*u)) : colour::ExactLab();
}

JobKey OverPage::key() const
{
    return std::tuple(m_desk.document.revision(), m_under, m_kind.wetUm, m_kind.mediumParts, m_kind.dryHours,
        m_state.wanted() ? *m_state.wanted() : MixState::Wanted());
}

void OverPage::refresh()
{
    MixPage::refresh();
    if (!isVisible())
        return;
    const auto below = under();
    if (!m_state.canMix() || !m_state.wanted() || !below) {
        m_chips->say(tr("Click the picture for the colour you want over it."));
        return;
    }
    m_glazes.ask(key(),
        [paints = m_state.mixing()->box.paints, below = *below, wanted = m_state.wanted()->lab, kind = m_kind](
            Progress& progress) -> Result<std::vector<paint::GlazePlan>> {
            return paint::glazesTo(paints, below, wanted, kind, progress);
        });
    const auto* plans = m_glazes.answer(key());
    if (!plans) {
        m_chips->say(tr("Glazing…"));
        return;
    }
    std::vector<ChipRow::Chip> chips;
    chips.push_back({screenColour(m_state.wanted()->lab), screenColour(underLab()), tr("wanted over there"),
        tr("above the wanted colour, below what lies there")});
    for (std::size_t i = 0; i < plans->size() && i < 5; ++i) {
        const paint::GlazePlan& g = (*plans)[i];
        QString words = tr("%n coats", nullptr, int(g.coats))
            + tr(", %1 h, %2E %3, %4 % still shows, brush marks %5 %2E")
                  .arg(g.hours, 0, 'f', 1)
                  .arg(QChar(0x394))
                  .arg(g.de, 0, 'f', 1)
                  .arg(100 * g.shows, 0, 'f', 0)
                  .arg(g.uneven, 0, 'f', 1);
        if (g.whiteFirst)
            words += tr("; %n coats of white first", nullptr, int(g.whiteFirst));
        chips.push_back({screenColour(g.after.back()), screenColour(g.after.front()), m_state.nameOf(g.paint), words});
    }
    m_chips->show(std::move(chips), tr("last coat"), tr("first coat"));
}

/// Whether this medium may go over that one; empty where all is well.
QString OverPage::layerWords() const
{
    const PaintBox* box = project().paintBox();
    constexpr const char* kUnder[] = {"acrylic", "gouache", "oil", "watercolour"};
    const paint::LayerRule* rule = box ? paint::layerRule(paint::familyOf(box->medium), kUnder[m_layer]) : nullptr;
    if (!rule)
        return {};
    const QString names = tr("%1 over %2").arg(tr(paint::familyOf(box->medium)), tr(kUnder[m_layer]));
    return rule->allowed ? tr(" %1: %2.").arg(names, QString::fromStdString(rl::tr(rule->reason)))
                         : tr(" <b>Not %1</b>: %2.").arg(names, QString::fromStdString(rl::tr(rule->reason)));
}

/// What the painter's way of thinning has against this much medium; empty where all is well.
QString OverPage::schoolWords() const
{
    const bool water = choiceOf(project().brief, School::Glazing).key == std::string("water");
    if (!water || m_kind.mediumParts <= 0.5)
        return {};
    return tr(
        " Thinned with water alone, as your school has it, %1 parts to one are over a third: the film grows weak; "
        "two thinner coats, or a glazing medium.")
        .arg(m_kind.mediumParts, 0, 'f', 1);
}

QString OverPage::says() const
{
    const auto* plans = m_state.wanted() && under() ? m_glazes.answer(key()) : nullptr;
    if (!plans || plans->empty())
        return tr("Which colour, how many coats, and what must go under it.") + layerWords();
    const paint::GlazePlan& g = plans->front();
    QString s = tr("<b>%1, %n coats</b>", nullptr, int(g.coats)).arg(m_state.nameOf(g.paint).toHtmlEscaped());
    s += g.de > 3
        ? tr(" comes nearest and misses by %1 %2E: paint it opaque instead.").arg(g.de, 0, 'f', 1).arg(QChar(0x394))
        : tr(" come within %1 %2E.").arg(g.de, 0, 'f', 1).arg(QChar(0x394));
    // Strokes of the lightest puddle over what lies there, to the wanted value.
    const paint::Mixing* m = m_state.mixing();
    const colour::ExactLab over
        = m->recipes.front().formulas.empty() ? m->map.puddles.front().wanted : m->recipes.front().formulas[0].lab;
    const paint::Strokes k = paint::strokesFor(
        over.L, underLab().L, m_state.wanted()->lab.L, m_brushMm, project().brief.viewingDistanceCm);
    s += layerWords() + schoolWords();
    if (k.share <= 0.01 || k.share > 1)
        return s;
    return s
        + tr(" Or strokes of puddle %6 over it: %1 % covered, %2 a cm, %3 mm between; from %4 m the eye %5.")
              .arg(100 * k.share, 0, 'f', 0)
              .arg(k.perCm, 0, 'f', 1)
              .arg(k.gapMm, 0, 'f', 1)
              .arg(project().brief.viewingDistanceCm / 100, 0, 'f', 1)
              .arg(k.mixes ? tr("mixes them") : tr("still sees them (%1\u2032)").arg(k.arcMinutes, 0, 'f', 1))
              .arg(m->map.puddles.front().number);
}

} // namespace rl::app
