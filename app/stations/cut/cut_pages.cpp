#include "app/stations/cut/cut_pages.h"
#include <QPainter>

namespace rl::app {

void Veil::paint(QPainter& p, const Board& board) const
{
    const Reference* r = m_table.picture();
    if (r && !m_table.veil().isNull())
        p.drawImage(board.toScreen(Rect{0, 0, double(r->pixels.width()), double(r->pixels.height())}), m_table.veil());
}

CutPage::CutPage(Desk& desk, CutTable& table, const QString& name, const QString& tip)
    : Page(desk, name, tip)
    , m_table(table)
    , m_veil(table)
{
    connect(&table, &CutTable::changed, this, [this] {
        if (!isVisible())
            return;
        m_form->show();
        emit saysChanged();
        m_table.photo().update();
    });
}

void CutPage::cutFields()
{
    m_form->value(
        {"band", tr("uncertain band"),
            tr("Width of the uncertain band. Wider for hair and out-of-focus edges, narrow for crisp ones."), {}},
        shownAs(Unit::Pixel), numberAt(&Cutout::bandPx).low, numberAt(&Cutout::bandPx).high,
        [this] { return std::optional(m_table.bandPx); }, [this](double v, int) { m_table.bandPx = v; });
    m_form->mainButton(
        "cutOut", tr("Cut it out"),
        tr("Works out the soft edge from all that was said; the photograph itself is never changed (Enter)"),
        [this] { m_table.cut(); }, [this] { return m_table.said() && !m_table.cutting(); });
    m_form->button(
        "stopCut", tr("Stop"), tr("Gives the cut up; what was cut before stays"), [this] { m_table.stop(); },
        [this] { return m_table.cutting(); });
    m_form->button(
        "beginAgain", tr("Begin again"),
        tr("Drops threads, strokes and grounds of this picture; what was cut stays until you cut anew"),
        [this] { m_table.beginAgain(); }, [this] { return m_table.said(); });
    m_name = m_form->text(
        {"elementName", {}, tr("Its name; the same as a cast member's shows that member"), {}}, 130,
        [this]() -> std::optional<QString> {
            if (!m_table.cutOut())
                return {};
            const Element* e = m_table.standing();
            return e ? QString::fromStdString(e->name) : QString();
        },
        [](const QString&) {});
    m_name->setPlaceholderText(tr("what it is"));
    m_form->button(
        "stand", tr("Stand it in the scene"),
        tr("Puts the cut-out on the ground of your scene at the height you give it on the Stage"),
        [this] { m_table.stand(m_name->text().trimmed()); }, [this] { return m_table.cutOut(); });
}

void CutPage::show()
{
    m_table.show();
    Page::show();
}

QString CutPage::says() const
{
    const Reference* r = m_table.picture();
    if (!r)
        return tr("Bring in a picture at Gather first.");
    if (r->pixels.missing())
        return tr("The file of “%1” cannot be read: there is nothing to cut from. It comes back by itself, or find it "
                  "again at Gather.")
            .arg(QString::fromStdString(r->name));
    if (m_table.cutting())
        return tr("Following the edge…");
    if (!m_table.cutOut())
        return wayWords();
    const auto* q = m_table.quality();
    if (!q)
        return tr("Cut out. Measuring the edge…");
    const double k = m_table.pxPerCm();
    return tr("Cut out. Edge: %1 px wide%2, ΔE %3 to the inside before cleaning, jaggedness %4 %. %5")
        .arg(q->transitionPx, 0, 'f', 1)
        .arg(k > 0 ? tr(" (%1 mm on the canvas)").arg(10 * q->transitionPx / k, 0, 'f', 2) : QString())
        .arg(q->halo, 0, 'f', 1)
        .arg(q->jaggedness, 0, 'f', 1)
        .arg(wayWords());
}

ThreadPage::ThreadPage(Desk& desk, CutTable& table)
    : CutPage(desk, table, tr("Thread"), tr("Click a thread along the edge; it is pulled onto the picture's own edge"))
    , m_tool(table)
{
    const auto flag = [this](const QString& name, const QString& label, const QString& tip, bool CutTable::*member) {
        m_form->check(
            {name, label, tip, {}}, [this, member] { return std::optional(m_table.*member); },
            [this, member](bool on) { m_table.*member = on; });
    };
    flag("curved", tr("curved"), tr("The next points bend the thread smoothly; plain ones make corners (C)"),
        &CutTable::curved);
    flag("hole", tr("a hole"), tr("The next closed thread takes a hole out (H)"), &CutTable::hole);
    flag("freehand", tr("free hand"),
        tr("Hold the button and follow the edge; letting go near the start closes the thread (F)"),
        &CutTable::freeHand);
    m_form->value(
        {"pull", tr("pull to the edge"),
            tr("How far the thread may be pulled onto the picture's own edge. 0 takes it as drawn."), {}},
        shownAs(Unit::Pixel), 0, 60, [this] { return std::optional(m_table.pullPx); },
        [this](double v, int) { m_table.pullPx = v; });
    cutFields();
}

QString ThreadPage::wayWords() const
{
    const QString drawing = m_tool.hint();
    if (!drawing.isEmpty())
        return drawing;
    return m_table.cutOut()
        ? tr("Drag a point to correct it, click between two to add one, Delete takes the held one away; "
             "Enter cuts again.")
        : tr("Click around the element, roughly along its edge: the thread is pulled onto it. "
             "Double-click or Enter closes it and cuts.");
}

TouchPage::TouchPage(Desk& desk, CutTable& table)
    : CutPage(
        desk, table, tr("Touch"), tr("Draw a rough rectangle, or a few strokes on what is surely in and surely out"))
    , m_tool(table)
{
    m_form->pick(
        {"markKind", tr("strokes say"), tr("What the next strokes say (keys R, I, O, U)"), {}},
        [] {
            return Choices{
                {tr("a rectangle around it"), 0}, {tr("surely in"), 1}, {tr("surely out"), 2}, {tr("unsure again"), 3}};
        },
        [this] { return std::optional(int(m_table.mark())); }, [this](int i) { m_table.setMark(CutTable::Mark(i)); });
    m_form->value(
        {"strokeWidth", tr("stroke"), tr("Width of the stroke, in pixels of the picture."), {}}, Shown{1, " px", 0, 4},
        1, 400, [this] { return std::optional(m_table.strokePx); }, [this](double v, int) { m_table.strokePx = v; });
    cutFields();
}

QString TouchPage::wayWords() const
{
    return m_table.cutOut()
        ? tr("Strokes now say “%1”; each is worked out at once.")
              .arg(m_table.mark() == CutTable::Mark::In          ? tr("surely in")
                      : m_table.mark() == CutTable::Mark::Out    ? tr("surely out")
                      : m_table.mark() == CutTable::Mark::Unsure ? tr("unsure again")
                                                                 : tr("begin anew with a rectangle"))
        : tr("Draw a rectangle around the thing, or strokes on what is surely in and surely out; each "
             "stroke is worked out at once.");
}

GroundPage::GroundPage(Desk& desk, CutTable& table)
    : CutPage(desk, table, tr("Plain ground"),
        tr("Click on the plain ground behind the thing; everything of that colour goes"))
    , m_tool(table)
{
    m_form->value(
        {"tolerance", tr("ground reaches"),
            tr("How far the plain ground's colour reaches. Larger takes more shades of it out."), {}},
        shownAs(Unit::DeltaE), numberAt(&PlainGround::tolerance).low, numberAt(&PlainGround::tolerance).high,
        [this] { return std::optional(m_table.toleranceE); }, [this](double v, int) { m_table.toleranceE = v; });
    m_form->button(
        "forgetGround", tr("Forget the last"), tr("Takes back the ground clicked last (Backspace)"),
        [this] { m_tool.stepBack(); }, [this] { return !m_table.grounds().empty(); });
    cutFields();
}

QString GroundPage::wayWords() const
{
    return tr("Click on the plain ground behind the thing: %1 so far. Enter cuts.").arg(m_table.grounds().size());
}

} // namespace rl::app
