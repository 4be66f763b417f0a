#include "app/stations/brief/ideas_page.h"
#include "app/board/board.h"
#include "app/stations/brief/clue_threads.h"
#include "app/theme/theme.h"
#include "core/project/brief_edits.h"
#include <QInputDialog>
#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>

namespace rl::app {

/// Where the clues of the chosen idea lie.
class IdeasPage::Marks final : public Overlay {
public:
    Marks(Desk& desk, const ClueThreads& threads)
        : m_desk(desk)
        , m_threads(threads)
    {
    }
    bool shown() const override { return m_desk.review != nullptr; }
    void paint(QPainter& p, const Board& board) const override
    {
        const double k = m_desk.review->picture.pixelsPerCm;
        for (const reading::ClueSeen& c : m_desk.review->reading.clues) {
            if (c.idea != m_threads.idea() || !c.there)
                continue;
            const QRectF r = board.toScreen(Rect{c.at.x / k, c.at.y / k, c.at.width / k, c.at.height / k});
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(theme::kInk, c.clue == m_threads.clue() ? 5 : 3.5));
            p.drawRoundedRect(r, 6, 6);
            p.setPen(QPen(c.seen() ? theme::kPaper : theme::kGlow, c.clue == m_threads.clue() ? 3 : 1.6,
                c.seen() ? Qt::SolidLine : Qt::DashLine));
            p.drawRoundedRect(r, 6, 6);
        }
    }

private:
    Desk& m_desk;
    const ClueThreads& m_threads;
};

namespace {
QLineEdit* wordsField(const char* name, const QString& hint, const QString& tip, int wide)
{
    auto* edit = new QLineEdit;
    edit->setObjectName(name);
    edit->setPlaceholderText(hint);
    edit->setToolTip(tip);
    edit->setAccessibleName(tip);
    edit->setFixedWidth(theme::px(wide));
    return edit;
}
} // namespace

IdeasPage::IdeasPage(Desk& desk)
    : Page(desk, tr("Ideas"), tr("What the picture has to get across, by which cues, and whether they can be seen"))
    , m_threads(new ClueThreads)
    , m_idea(wordsField(
          "newIdea", tr("an idea to get across…"), tr("An idea the picture must get across; Enter adds it"), 190))
    , m_clue(wordsField("newClue", tr("a cue that shows it…"),
          tr("A cue for the chosen idea, on the selected element; Enter adds it"), 190))
    , m_box([this](Rect cm) { placeClue(cm); })
    , m_pick(desk)
    , m_marks(std::make_unique<Marks>(desk, *m_threads))
{
    m_form->add(m_idea);
    m_form->button("addIdea", tr("Add the idea"), tr("What must be understood without a word"), [this] { addIdea(); });
    const auto any = [this] { return !project().brief.ideas.empty(); };
    m_form->add(m_clue, any);
    m_form->button(
        "addClue", tr("Add cue"),
        tr("Links a cue to the chosen idea and to the selected element; click one on the picture first"),
        [this] { addClue(); }, any);
    m_form->latch(
        "placeClue", tr("Mark its place"), tr("Drag a box on the picture over what shows the chosen cue"),
        [this](bool on) {
            m_box.setOn(on);
            emit m_desk.overlayChanged();
            emit saysChanged();
        },
        [this] { return m_threads->clue() != 0; });
    m_scroll = new QScrollArea(this);
    m_scroll->setWidget(m_threads);
    m_scroll->setWidgetResizable(true);
    m_scroll->setFrameShape(QFrame::NoFrame);
    m_scroll->hide();
    connect(m_idea, &QLineEdit::returnPressed, this, &IdeasPage::addIdea);
    connect(m_clue, &QLineEdit::returnPressed, this, &IdeasPage::addClue);
    connect(m_threads, &ClueThreads::chosen, this, [this] {
        refresh();
        emit m_desk.overlayChanged();
        emit saysChanged();
    });
    connect(m_threads, &ClueThreads::removeIdeaWanted, this,
        [this](int id) { m_desk.edit(tr("Take the idea away"), edits::withoutIdea(project(), id)); });
    connect(m_threads, &ClueThreads::removeClueWanted, this,
        [this](int id) { m_desk.edit(tr("Remove cue"), edits::withoutClue(project(), id)); });
    connect(m_threads, &ClueThreads::renameWanted, this, [this](int id) {
        QString was;
        for (const Idea& idea : project().brief.ideas)
            if (idea.id == id)
                was = QString::fromStdString(idea.words);
        bool ok = false;
        const QString words
            = QInputDialog::getText(this, tr("Rename the idea"), tr("In a few words:"), QLineEdit::Normal, was, &ok)
                  .trimmed();
        if (ok && !words.isEmpty())
            m_desk.edit(tr("Rename the idea"), edits::withIdeaNamed(project(), id, words.toStdString()));
    });
}

IdeasPage::~IdeasPage() = default;

std::vector<Overlay*> IdeasPage::overlays()
{
    return {m_marks.get()};
}

void IdeasPage::addIdea()
{
    const QString words = m_idea->text().trimmed();
    if (words.isEmpty())
        return;
    Project p = edits::withIdea(project(), words.toStdString());
    const int id = p.brief.ideas.back().id;
    m_idea->clear();
    m_desk.edit(tr("Add an idea"), std::move(p));
    m_threads->choose(id, 0);
    m_clue->setFocus();
}

void IdeasPage::addClue()
{
    const QString words = m_clue->text().trimmed();
    if (words.isEmpty() || !m_threads->idea())
        return;
    const Element* e = m_desk.heldElement();
    if (!e)
        return m_desk.notices.say(tr("Click what shows this cue on the picture, then add it."));
    const int idea = m_threads->idea();
    Project p = edits::withClue(project(), idea, Clue{0, words.toStdString(), e->cast, e->id, {}});
    const int id = p.lastId;
    m_clue->clear();
    m_desk.edit(tr("Add a cue"), std::move(p));
    m_threads->choose(idea, id);
}

void IdeasPage::placeClue(Rect cm)
{
    const Clue* clue = nullptr;
    for (const Idea& i : project().brief.ideas)
        for (const Clue& c : i.clues)
            if (c.id == m_threads->clue())
                clue = &c;
    if (!clue || !clue->element || !m_desk.review)
        return;
    const light::Picture& picture = m_desk.review->picture;
    const Rect box = reading::shownBox(picture.ids, clue->element);
    const double k = picture.pixelsPerCm;
    const Rect part
        = Rect{(cm.x * k - box.x) / std::max(1.0, box.width), (cm.y * k - box.y) / std::max(1.0, box.height),
            cm.width * k / std::max(1.0, box.width), cm.height * k / std::max(1.0, box.height)}
              .cutTo({0, 0, 1, 1});
    if (part.width <= 0 || part.height <= 0)
        return m_desk.notices.say(tr("That place lies beside the element that shows the cue."));
    m_box.setOn(false);
    m_desk.edit(tr("Mark the place of a cue"), edits::withCluePart(project(), clue->id, part));
}

QString IdeasPage::measured(const Clue& clue, bool& known, bool& seen) const
{
    if (m_desk.review)
        for (const reading::ClueSeen& c : m_desk.review->reading.clues)
            if (c.clue == clue.id) {
                known = true, seen = c.seen();
                if (!c.there)
                    return tr("not in the picture");
                QString s = tr("%1 mm wide, contrast %2")
                                .arg(c.wideMm, 0, 'f', c.wideMm < 10 ? 1 : 0)
                                .arg(c.separation, 0, 'f', 0);
                if (!c.large())
                    s += tr(", too small");
                if (!c.apart())
                    s += tr(", lost");
                return c.glance ? s + tr(", glance %1").arg(c.glance) : s;
            }
    return tr("measuring…");
}

void IdeasPage::fill()
{
    std::vector<ClueThreads::Card> ideas, targets;
    std::vector<ClueThreads::Clue> clues;
    for (const Idea& i : project().brief.ideas) {
        int good = 0;
        for (const Clue& c : i.clues) {
            ClueThreads::Clue shown{c.id, i.id, c.element, QString::fromStdString(c.words), {}, false, false};
            shown.measured = measured(c, shown.known, shown.seen);
            good += shown.seen;
            clues.push_back(std::move(shown));
            const Element* e = project().element(c.element);
            if (e && std::none_of(targets.begin(), targets.end(), [&](const auto& t) { return t.id == e->id; }))
                targets.push_back({e->id, QString::fromStdString(e->name), {}});
        }
        ideas.push_back({i.id, QString::fromStdString(i.words),
            i.clues.size() < 3 ? tr("%1 of %2 seen; 3 wanted").arg(good).arg(i.clues.size())
                               : tr("%1 of %2 cues seen").arg(good).arg(i.clues.size())});
    }
    m_threads->show(std::move(ideas), std::move(clues), std::move(targets));
    m_scroll->setFixedHeight(std::clamp(m_threads->sizeHint().height() + 4, theme::px(80), theme::px(212)));
}

QWidget* IdeasPage::over()
{
    return m_scroll;
}

void IdeasPage::refresh()
{
    fill();
    Page::refresh();
    if (auto* latch = m_form->findChild<QPushButton*>("placeClue"); latch && latch->isChecked() != m_box.on()) {
        const QSignalBlocker quiet(latch);
        latch->setChecked(m_box.on());
    }
}

void IdeasPage::left()
{
    m_box.setOn(false);
}

QString IdeasPage::says() const
{
    if (m_box.on())
        return m_box.hint();
    const Element* e = m_desk.heldElement();
    return e ? tr("Selected: <b>%1</b>. A cue added now is linked to it.")
                   .arg(QString::fromStdString(e->name).toHtmlEscaped())
             : tr("Three cues an idea. Each is measured: how wide, how much contrast to what lies behind, when seen.");
}

} // namespace rl::app
