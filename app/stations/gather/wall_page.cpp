#include "app/stations/gather/wall_page.h"
#include "app/stations/gather/word_menu.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include "core/project/permissions.h"
#include <QLabel>
#include <QVBoxLayout>

namespace rl::app {

namespace {
QStringList roleNames()
{
    return {WallPage::tr("whole figure"), WallPage::tr("face"), WallPage::tr("pose"), WallPage::tr("lighting"),
        WallPage::tr("texture"), WallPage::tr("pattern"), WallPage::tr("palette"), WallPage::tr("place")};
}
} // namespace

WallPage::WallPage(Desk& desk, WallTable& table)
    : Page(desk, tr("The wall"), tr("Pictures, whose they are, what they measure, and which fits"))
    , m_table(table)
    , m_record(new Form(desk))
    , m_word(new Form(desk))
    , m_fit(new FitChart)
    , m_about(new QLabel)
    , m_measure(new QLabel)
    , m_lens(desk.jobs, JobBase::Told::No)
{
    connect(&m_lens, &JobBase::done, this, &WallPage::takeBackdrop);
    bringFields();
    heldFields();
    auto* columns = new QHBoxLayout;
    columns->setSpacing(14);
    columns->addWidget(recordColumn(), 5);
    columns->addWidget(measureColumn(), 4);
    columns->addWidget(m_fit, 5);
    static_cast<QVBoxLayout*>(layout())->addLayout(columns, 1);
    connect(&m_table, &WallTable::changed, this, &WallPage::refresh);
    connect(&desk.wall, &WallKeeper::changed, this, [this] {
        if (isVisible())
            refresh();
    });
    connect(m_fit, &FitChart::held, &m_desk, &Desk::holdReference);
    connect(m_fit, &FitChart::secondWanted, &m_table, &WallTable::setSecond);
    connect(&desk, &Desk::opened, this, [this](const QString& field) {
        if (field == "find")
            findAgain();
        else if (auto* f = m_record->findChild<QLineEdit*>(field))
            f->setFocus();
    });
}

void WallPage::heldFields()
{
    const auto any = [this] { return m_desk.heldReference() != nullptr; };
    m_form->button(
        "cutFrom", tr("Cut from picture"), tr("Opens it at Cut, to outline something in it"),
        [this] { emit m_desk.stationWanted(int(Station::Cut)); }, any);
    m_form->button(
        "useBackdrop", tr("Backdrop"),
        tr("Lays the whole picture behind the scene; eye level, sky light and ground light follow it"),
        [this] { useAsBackdrop(); }, any);
    m_form->button(
        "makeLead", tr("Match others to this"),
        tr("Compares all other pictures with this one instead of the backdrop; click again to stop"),
        [this] {
            Project after = project();
            after.lead = after.lead == m_desk.reference() ? 0 : m_desk.reference();
            m_desk.edit(tr("Choose the lead picture"), std::move(after));
        },
        any);
    m_side = m_form->latch(
        "sideBySide", tr("Side by side"),
        tr("Compares the selected picture with a second one: Ctrl+click that on the wall or in the ranking"),
        [this](bool on) { m_table.setComparing(on); }, [this] { return project().references.size() > 1; });
    m_form->button(
        "study", tr("Open as study"),
        tr("Opens it as a work of its own, to study its perspective, values and attention"),
        [this] { emit m_desk.studyWanted(m_desk.reference()); }, any);
    m_form->button(
        "takeDown", tr("Remove"), tr("Removes it from the wall, with what was cut from it"),
        [this] {
            m_desk.edit(tr("Take a picture off the wall"), edits::withoutReference(project(), m_desk.reference()));
        },
        any);
    m_form->mainButton(
        "findAgain", tr("Find picture file…"),
        tr("Its file cannot be read in this work: choose the picture it was, and it takes its place again"),
        [this] { findAgain(); }, [this] { return m_desk.heldReference() && m_desk.heldReference()->pixels.missing(); });
    m_form->button(
        "ledger", tr("Export credits…"), tr("All credits and permissions as a table (CSV)"), [this] { writeLedger(); },
        [this] { return !project().references.empty(); });
}

QWidget* WallPage::recordColumn()
{
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    m_about->setWordWrap(true);
    column->addWidget(m_about);
    recordFields(*m_record);
    permissionFields(*m_record);
    roleFields(*m_record);
    column->addWidget(m_record);
    column->addStretch(1);
    return box;
}

void WallPage::recordFields(Form& form)
{
    const auto reference = lens::reference();
    const auto line
        = [&](const QString& name, const QString& hint, const QString& tip, std::string Reference::*member, int width) {
              auto* edit = form.line(reference, member, {name, {}, tip, tr("Credit a picture")}, width);
              edit->setPlaceholderText(hint);
          };
    line("credit", tr("who made it"), tr("Who made the picture: it goes on the finished record"), &Reference::credit,
        150);
    line("source", tr("where from"), tr("Where it was found, to find it again"), &Reference::source, 130);
    auto* heap = form.text(
        {"heap", {}, tr("Names the heap that the chosen pictures lie in; empty takes them out of theirs"), {}}, 110,
        [this]() -> std::optional<QString> {
            const Reference* r = m_desk.heldReference();
            return r ? std::optional(QString::fromStdString(r->heap)) : std::nullopt;
        },
        [this](const QString& s) { layInHeap(s); });
    heap->setPlaceholderText(tr("group"));
}

void WallPage::permissionFields(Form& form)
{
    const auto reference = lens::reference();
    form.choice(reference, &Reference::permission,
        {tr("permission not asked yet"), tr("own"), tr("by permission"), tr("free licence"), tr("study only")},
        {"permission", {}, tr("Whether you may use it"), tr("Set whether it may be used")});
    auto* note = form.line(reference, &Reference::permissionNote,
        {"permissionNote", {}, tr("Who gave it, or which licence"), tr("Set who gave permission")}, 120, true,
        [](const Reference& r) {
            return r.permission == Permission::ByPermission || r.permission == Permission::FreeLicence;
        });
    note->setPlaceholderText(tr("of whom, which"));
    auto* notes = form.line(reference, &Reference::notes,
        {"notes", {}, tr("Anything worth remembering: “only the hands”"), tr("Note something about it")}, 170);
    notes->setPlaceholderText(tr("notes"));
}

void WallPage::roleFields(Form& form)
{
    form.line();
    const QStringList names = roleNames();
    for (int i = 0; i < kRoleCount; ++i) {
        auto* chip = new QToolButton;
        chip->setText(names[i]);
        chip->setObjectName(QString("role%1").arg(i));
        chip->setCheckable(true);
        chip->setFocusPolicy(Qt::TabFocus);
        chip->setToolTip(tr("What this picture is for: %1").arg(names[i]));
        connect(chip, &QToolButton::clicked, this, [this, i, &form](bool on) {
            form.change(lens::reference(), tr("Set what a picture is useful for"), -1,
                [=](Reference& r) { r.roles = on ? r.roles | 1U << i : r.roles & ~(1U << i); });
        });
        form.add(chip, [this] { return m_desk.heldReference() != nullptr; });
        m_roles.push_back(chip);
    }
}

QWidget* WallPage::measureColumn()
{
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    m_measure->setObjectName("measure");
    m_measure->setWordWrap(true);
    m_measure->setTextFormat(Qt::RichText);
    column->addWidget(m_measure, 1);
    m_word->add(new WordMenu(m_desk), [this] { return m_desk.wall.measure(m_desk.reference()) != nullptr; });
    m_word->number(lens::backdrop(), &Backdrop::horizon,
        {"backdropHorizon", tr("backdrop's horizon"),
            tr("Where the horizon lies in the backdrop, from its top. It is laid on the horizon of your stage."),
            tr("Set the backdrop's horizon"), NumberFormat{100, " %", 1, 1}},
        [](const Backdrop& b) { return b.reference != 0; });
    column->addWidget(m_word);
    return box;
}

QString WallPage::about() const
{
    const Reference* r = m_desk.heldReference();
    if (!r)
        return tr("The wall is empty: bring in what you want to paint from.");
    if (r->pixels.missing())
        return tr("<b>%1</b>: its file cannot be read in this work.")
            .arg(QString::fromStdString(r->name).toHtmlEscaped());
    const gather::Size size = gather::sizeOnCanvas(project(), *r, m_table.shapes());
    const double need = gather::enoughPixels(project(), *r);
    return QString("<b>%1</b> · %2 × %3 px · %4")
        .arg(QString::fromStdString(r->name).toHtmlEscaped())
        .arg(r->pixels.width())
        .arg(r->pixels.height())
        .arg((size.pixelsPerCm < need ? tr("too coarse at %2 cm%3: %1 pixels per cm, %4 needed")
                                      : tr("%1 px/cm at %2 cm%3, enough: %4 are wanted"))
                 .arg(size.pixelsPerCm, 0, 'f', 0)
                 .arg(size.heightCm, 0, 'f', 0)
                 .arg(size.guessed ? tr(" (a guess)") : QString())
                 .arg(need, 0, 'f', 0));
}

void WallPage::refresh()
{
    const Project& p = project();
    if (!m_desk.heldReference() && !p.references.empty())
        return m_desk.holdReference(p.references.front().id);
    Page::refresh();
    m_table.refresh();
    m_record->refresh();
    m_word->refresh();
    m_about->setText(about());
    const QSignalBlocker quiet(m_side);
    m_side->setChecked(m_table.comparing());
    const Reference* r = m_desk.heldReference();
    for (int i = 0; i < kRoleCount; ++i)
        m_roles[std::size_t(i)]->setChecked(r && r->is(Role(i)));
    showMeasures();
    showFit();
}

} // namespace rl::app
