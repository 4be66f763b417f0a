#include "app/stations/mix/recipe_page.h"
#include "core/paint/mixing.h"
#include <QVBoxLayout>

namespace rl::app {

RecipePage::RecipePage(Desk& desk, StationView& view)
    : MixPage(desk, view, tr("Recipes"), tr("What to mix for a colour: click the picture, or a puddle on the palette"))
    , m_cards(new RecipeCards(desk, m_state))
{
    const auto held = [this] { return m_desk.heldElement() && m_state.canMix(); };
    m_form->button(
        "wantLight", tr("Light side"), tr("Recipes for the light side of the selected element (J)"),
        [this] { m_state.wantFamily(m_desk.element(), true); }, held);
    m_form->button(
        "wantShade", tr("Shadow side"), tr("Recipes for the shadow side of the selected element (K)"),
        [this] { m_state.wantFamily(m_desk.element(), false); }, held);
    m_form->check(
        {"mixFull", tr("try every combination"),
            tr("All parts of all tubes are tried: half a second to two, and the best there is"), {}},
        [this] { return m_state.wanted() ? std::optional(m_state.full()) : std::nullopt; },
        [this](bool on) { m_state.setFull(on); });
    m_form->pick(
        {"mixLetDown", tr("pre-mixed tints"),
            tr("Strong tubes also kept as 1 part in so many of titanium white: pale colours can then be measured out"),
            {}},
        [] {
            return Choices{{tr("none"), 0}, {tr("1 in 10"), 10}, {tr("1 in 20"), 20}, {tr("1 in 40"), 40}};
        },
        [this] { return std::optional(project().mix.letDown); },
        [this](int n) {
            m_form->change(lens::mix(), tr("Keep pre-mixed tints"), -1, [n](MixPlan& m) { m.letDown = n; });
        });
    m_form->choice(lens::mix(), &MixPlan::finish, {tr("gloss"), tr("satin"), tr("matt")},
        {"mixFinish", tr("finish"),
            tr("What the surface itself throws back: matt darks look grey, a varnish deepens them"),
            tr("Choose the finish")});
    m_cards->setParent(this);
    m_cards->hide();
}

QWidget* RecipePage::over()
{
    return m_cards;
}

void RecipePage::refresh()
{
    MixPage::refresh();
    // Something to look at from the start: the light of what is in hand.
    if (isVisible() && !m_state.wanted() && m_state.canMix() && m_desk.element())
        m_state.wantFamily(m_desk.element(), true);
    m_cards->refresh();
}

QString RecipePage::says() const
{
    const auto& w = m_state.wanted();
    if (!w)
        return tr("Click where a colour is wanted.");
    QString s = tr("<b>%1</b>: L* %2, C* %3, hue %4%5.")
                    .arg(w->from.toHtmlEscaped())
                    .arg(w->lab.L, 0, 'f', 0)
                    .arg(w->lab.chroma(), 0, 'f', 0)
                    .arg(w->lab.hue(), 0, 'f', 0)
                    .arg(QChar(0xb0));
    const paint::Answer* a = m_state.answer();
    if (a && a->reachDe > MixState::kFarOff) {
        const paint::OtherTube* o = m_state.otherTube();
        s += tr(" Out of reach by %1 %2E: the nearest is %3; change the light or the plan there")
                 .arg(a->reachDe, 0, 'f', 1)
                 .arg(QChar(0x394))
                 .arg(QString::fromStdString(a->missed));
        s += !o                  ? tr(", or another tube.")
            : o->pigment.empty() ? tr("; no other tube brings it much nearer.")
                                 : tr(", or take %1 (then %2 %3E off).")
                                       .arg(m_state.nameOf(o->pigment))
                                       .arg(o->de, 0, 'f', 1)
                                       .arg(QChar(0x394));
    }
    if (a && a->hueKept)
        s += tr(" A grey would be nearer; its hue is kept.");
    if (m_state.mixing() && m_state.mixing()->box.typical())
        s += tr(" Typical: calibrate with your own swatches.");
    return s;
}

} // namespace rl::app
