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
        m_form->refresh();
        emit saysChanged();
        m_table.photo().update();
    });
}

void CutPage::cutFields()
{
    m_form->value(
        {"band", tr("soft-edge width"),
            tr("Width of the soft edge that is worked out. Wider for hair and blurred edges, narrow for crisp ones."),
            {}},
        shownAs(Unit::Pixel), numberAt(&Cutout::bandPx).low, numberAt(&Cutout::bandPx).high,
        [this] { return std::optional(m_table.bandPx); }, [this](double v, int) { m_table.bandPx = v; });
    m_form->mainButton(
        "cutOut", tr("Cut out"),
        tr("Works out the soft edge from your marks; the photograph itself is never changed (Enter)"),
        [this] { m_table.cut(); }, [this] { return m_table.said() && !m_table.cutting(); });
    m_form->button(
        "stopCut", tr("Stop"), tr("Cancels the cut; what was cut before stays"), [this] { m_table.stop(); },
        [this] { return m_table.cutting(); });
    m_form->button(
        "beginAgain", tr("Start over"),
        tr("Removes outlines, strokes and backgrounds of this picture; the cut-out stays until you cut again"),
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
        "stand", tr("Place in scene"),
        tr("Puts the cut-out on the ground of your scene at the height you give it on the Stage"),
        [this] { m_table.stand(m_name->text().trimmed()); }, [this] { return m_table.cutOut(); });
}

void CutPage::refresh()
{
    m_table.refresh();
    Page::refresh();
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
    return tr("Cut out, soft edge %1 px wide%2. %3")
        .arg(q->transitionPx, 0, 'f', 1)
        .arg(k > 0 ? tr(" (%1 mm on the canvas)").arg(10 * q->transitionPx / k, 0, 'f', 2) : QString())
        .arg(wayWords());
}

ThreadPage::ThreadPage(Desk& desk, CutTable& table)
    : CutPage(desk, table, tr("Outline"), tr("Click an outline along the edge; it snaps onto the picture's own edge"))
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
        {"pull", tr("snap to edge"),
            tr("How far the outline may snap onto the picture's own edge. 0 keeps it as drawn."), {}},
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
    : CutPage(desk, table, tr("Brush"), tr("Draw a rough box, or a few strokes on what to keep and what to remove"))
    , m_tool(table)
{
    m_form->pick(
        {"markKind", tr("brush marks"), tr("What the next strokes mark (keys R, I, O, U)"), {}},
        [] {
            return Choices{{tr("a box around it"), 0}, {tr("keep"), 1}, {tr("remove"), 2}, {tr("clear mark"), 3}};
        },
        [this] { return std::optional(int(m_table.mark())); }, [this](int i) { m_table.setMark(CutTable::Mark(i)); });
    m_form->value(
        {"strokeWidth", tr("stroke"), tr("Width of the stroke, in pixels of the picture."), {}},
        NumberFormat{1, " px", 0, 4}, 1, 400, [this] { return std::optional(m_table.strokePx); },
        [this](double v, int) { m_table.strokePx = v; });
    cutFields();
}

QString TouchPage::wayWords() const
{
    return m_table.cutOut()
        ? tr("Strokes now mark “%1”; each is worked out at once.")
              .arg(m_table.mark() == CutTable::Mark::In          ? tr("keep")
                      : m_table.mark() == CutTable::Mark::Out    ? tr("remove")
                      : m_table.mark() == CutTable::Mark::Unsure ? tr("clear mark")
                                                                 : tr("start over with a box"))
        : tr("Draw a rectangle around the thing, or strokes on what is surely in and surely out; each "
             "stroke is worked out at once.");
}

GroundPage::GroundPage(Desk& desk, CutTable& table)
    : CutPage(desk, table, tr("Plain background"),
        tr("Click on the plain ground behind the thing; everything of that colour goes"))
    , m_tool(table)
{
    m_form->value(
        {"tolerance", tr("background reaches"),
            tr("How far the background's colour reaches. Larger removes more shades of it."), {}},
        shownAs(Unit::DeltaE), numberAt(&PlainGround::tolerance).low, numberAt(&PlainGround::tolerance).high,
        [this] { return std::optional(m_table.toleranceE); }, [this](double v, int) { m_table.toleranceE = v; });
    m_form->button(
        "forgetGround", tr("Remove last"), tr("Removes the background clicked last (Backspace)"),
        [this] { m_tool.stepBack(); }, [this] { return !m_table.grounds().empty(); });
    cutFields();
}

QString GroundPage::wayWords() const
{
    return tr("Click on the plain ground behind the thing: %1 so far. Enter cuts.").arg(m_table.grounds().size());
}

} // namespace rl::app
