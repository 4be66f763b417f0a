#include "app/stations/mix/puddles_page.h"
#include "app/theme/theme.h"
#include "core/paint/mixing.h"
#include "core/paint/palette_numbers.h"
#include "core/paint/recipe_words.h"
#include "output/paint_sheets.h"
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QVBoxLayout>

namespace rl::app {

PuddlesPage::PuddlesPage(Desk& desk, StationView& view)
    : MixPage(
        desk, view, tr("Puddles"), tr("The whole canvas in a chosen number of mixes, how much of each, what runs out"))
    , m_figures(new QLabel)
    , m_sheet(desk.jobs)
{
    m_form->number(lens::mix(), &MixPlan::puddles,
        {"puddles", tr("canvas in"), tr("How many mixes for the whole canvas, 8 to 40"), tr("Mix so many puddles"),
            NumberFormat{1, tr(" puddles"), 0, 1}});
    m_form->number(lens::mix(), &MixPlan::coats,
        {"mixCoats", tr("painted in"), tr("How often all of it is painted over"), tr("Plan the coats"),
            NumberFormat{1, tr(" coats"), 0, 1}});
    m_form->number(lens::mix(), &MixPlan::wetUm,
        {"mixFilm", tr("wet film"), tr("How thick a coat is laid: 1 \u00b5m is 1 ml on a square metre"),
            tr("Plan the film")});
    m_form->number(lens::mix(), &MixPlan::loss,
        {"mixLoss", tr("loss"), tr("What stays on palette and brush, of what reaches the canvas"),
            tr("Plan the loss")});
    m_form->number(lens::mix(), &MixPlan::openMinutes,
        {"mixOpen", tr("open time"), tr("How long the paint can be moved: longer with a retarder or misting"),
            tr("Set the open time")});
    m_form->number(lens::mix(), &MixPlan::paceCmPerMinute,
        {"mixPace", tr("pace"), tr("How many cm of a passage you lay and blend in a minute"), tr("Set your pace"),
            NumberFormat{1, tr(" cm/min"), 1, 0.5}});
    m_form->number(lens::mix(), &MixPlan::mergeDe,
        {"mixMerge", tr("merge colours closer than"),
            tr("Puddles that lie nearer to each other than that are mixed as one; 0 keeps each for itself"),
            tr("Mix like puddles as one")});
    m_form->number(lens::mix(), &MixPlan::finestMm,
        {"mixFinest", tr("finest stroke"), tr("The thinnest line your brushes can lay; you are warned of thinner ones"),
            tr("Set your finest stroke")});
    const auto can = [this] { return m_state.canMix(); };
    m_form->mainButton(
        "puddleCards", tr("Puddle cards…"),
        tr("A PDF to lie beside the palette: each puddle with its number on a small picture, parts, ml, where it goes, "
           "and room to dab the real thing"),
        [this] { cards(); }, can);
    m_form->check(
        {"cardsOfHeld", tr("selected element only"),
            tr("Only the puddles that go onto the selected element, numbered as on the whole palette"), {}},
        [this]() -> std::optional<bool> {
            return m_desk.element() && m_state.canMix() ? std::optional(m_ofHeld) : std::nullopt;
        },
        [this](bool on) { m_ofHeld = on; });
    m_form->button(
        "puddleCsv", tr("Export list…"), tr("The recipes as CSV for a table, or as JSON"), [this] { list("csv"); },
        can);
    m_form->button(
        "numberAnew", tr("Renumber puddles"),
        tr("Numbers all puddles anew, the lightest 1. Cards and sheets printed before have the old numbers"),
        [this] { m_desk.edit(tr("Number the puddles anew"), paint::numberedAnew(project(), m_state.mixing()->map)); },
        can);
    // Last: it comes and goes with the puddle in hand, and moves nothing.
    m_form->check(
        {"puddleMixed", tr("already mixed"),
            tr("The selected puddle is mixed: it keeps its number and its recipe when the picture changes"), {}},
        [this]() -> std::optional<bool> {
            const int number = m_state.numberOf(m_desk.selection().puddle);
            const KnownPuddle* k = number ? paint::knownPuddle(project(), number) : nullptr;
            return number && m_state.canMix() ? std::optional(k && !k->mixed.empty()) : std::nullopt;
        },
        [this](bool on) { setMixed(on); });
    m_figures->setObjectName("puddleFigures");
    m_figures->setTextFormat(Qt::RichText);
    m_figures->setWordWrap(true);
    // Of one height whatever it says: else another line would make the board smaller, the picture and its puddles
    // others, and the line go again.
    m_figures->setFixedHeight(theme::px(76));
    m_figures->setAlignment(Qt::AlignTop);
    layout()->addWidget(m_figures);
    connect(&m_sheet, &JobBase::done, this, [this] {
        if (!m_sheet.problem() && m_sheet.last())
            m_desk.notices.say(*m_sheet.last());
    });
}

void PuddlesPage::turnedTo()
{
    m_state.show(MixState::Map);
}

void PuddlesPage::refresh()
{
    MixPage::refresh();
    const paint::Mixing* m = m_state.mixing();
    if (!m || m->recipes.empty()) {
        m_figures->clear();
        return;
    }
    QString html;
    const int held = m_desk.selection().puddle;
    if (held >= 0 && held < int(m->recipes.size())) {
        const auto& p = m->map.puddles[std::size_t(held)];
        const auto& a = m->recipes[std::size_t(held)];
        html += tr("<b>Puddle %1</b>, %2: %3 % of the canvas, %4. ")
                    .arg(p.number)
                    .arg(m_state.placeOf(held).toHtmlEscaped())
                    .arg(100 * p.share, 0, 'f', 1)
                    .arg(QString::fromStdString(paint::mlSaid(m->needs.puddles[std::size_t(held)].ml)));
        if (!a.formulas.empty())
            html += m_state.partsOf(a.formulas[0].recipe).toHtmlEscaped()
                + tr(", %1E %2.").arg(QChar(0x394)).arg(a.formulas[0].de, 0, 'f', 1);
        html += "<br>";
    }
    QStringList tubes;
    for (const auto& t : m->needs.tubes)
        tubes << tr("%1 %2%3")
                     .arg(m_state.nameOf(t.id).toHtmlEscaped())
                     .arg(QString::fromStdString(paint::mlSaid(t.ml)))
                     .arg(t.runsOutInCoat ? tr(" <b>(runs out in coat %1, %2 missing)</b>")
                                                .arg(t.runsOutInCoat)
                                                .arg(QString::fromStdString(paint::mlSaid(t.missingMl)))
                                          : QString());
    m_figures->setText(html + tubes.join(" · "));
}

void PuddlesPage::setMixed(bool on)
{
    const paint::Mixing* m = m_state.mixing();
    const int held = m_desk.selection().puddle;
    if (!m_state.canMix() || held < 0 || held >= int(m->recipes.size()))
        return;
    const auto& formulas = m->recipes[std::size_t(held)].formulas;
    if (on && formulas.empty())
        return m_desk.notices.say(tr("There is no recipe for it yet."));
    m_desk.edit(on ? tr("The puddle stands mixed") : tr("The puddle does not stand mixed"),
        paint::withMixed(project(), m->map, m_state.numberOf(held), on ? paint::textOf(formulas[0].recipe) : ""));
}

QString PuddlesPage::says() const
{
    const paint::Mixing* m = m_state.mixing();
    if (!m_state.canMix())
        return project().paintBox() ? tr("Mixing…") : tr("No paints yet: choose a starter set on the page Paint box.");
    QStringList shared;
    for (const auto& [id, count] : paint::sharedPaints(m->recipes))
        if (shared.size() < 3)
            shared << tr("%1 in %2").arg(m_state.nameOf(id).toHtmlEscaped()).arg(count);
    QString s = tr("<b>%1 puddles, %2, %3 tubes.</b> Most used: %4.")
                    .arg(m->map.puddles.size())
                    .arg(QString::fromStdString(paint::mlSaid(m->needs.ml)))
                    .arg(m->needs.tubes.size())
                    .arg(shared.join(", "));
    if (m->needs.cost > 0)
        s += tr(" Paint cost: %1.").arg(m->needs.cost, 0, 'f', 2);
    if (const paint::Kept* k = m_state.kept())
        s += tr(" Within 2 %1E: %2 %, within 4: %3 % of the canvas.")
                 .arg(QChar(0x394))
                 .arg(100 * k->within2, 0, 'f', 0)
                 .arg(100 * k->within4, 0, 'f', 0);
    return s;
}

void PuddlesPage::cards()
{
    const QString path = QFileDialog::getSaveFileName(this, tr("Puddle cards"),
        QFileInfo(m_desk.document.path()).completeBaseName() + "-puddles.pdf", tr("Sheets (*.pdf)"));
    if (path.isEmpty() || !m_state.canMix() || !m_desk.lit)
        return;
    m_sheet.forget();
    m_sheet.ask(
        path,
        [p = project(), review = m_desk.review, image = m_desk.lit->image, path,
            only = m_ofHeld && m_desk.element() ? std::vector<int>{m_desk.element()} : std::vector<int>{}](
            Progress&) -> Result<QString> {
            const auto done = output::writePuddleCards(p, *review->mixing, image, path, only);
            return done ? Result<QString>(tr("The puddle cards are written.")) : done.error();
        },
        Lane::Long);
}

void PuddlesPage::list(const QString&)
{
    const QString path = QFileDialog::getSaveFileName(this, tr("List of puddles"),
        QFileInfo(m_desk.document.path()).completeBaseName() + "-puddles.csv", tr("Lists (*.csv *.json)"));
    if (path.isEmpty() || !m_state.canMix())
        return;
    if (const auto done = output::writePuddleList(project(), *m_state.mixing(), path); !done)
        return m_desk.notices.fail(done.error());
    m_desk.notices.say(tr("The list is written."));
}

} // namespace rl::app
