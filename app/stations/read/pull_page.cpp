#include "app/stations/read/pull_page.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include "core/reading/read_rules.h"
#include "core/review/cut_free.h"
#include <QScrollArea>
#include <QVBoxLayout>

namespace rl::app {

PullPage::PullPage(Desk& desk)
    : Page(desk, tr("Attention"),
        tr("How much attention each element draws and why; strong places of the backdrop; what leads out of the "
           "picture"))
    , m_rows(new PullRows(desk))
    , m_pick(desk)
    , m_marks(std::make_unique<PullMarks>(desk, m_place))
{
    m_form->number(lens::element(), &Element::meaning,
        {"meaning", tr("extra weight (meaning)"),
            tr("A face, a word, a hand: how many times more it is looked at than its contrast alone. Shown beside the "
               "measured part."),
            tr("Set its extra weight"), NumberFormat{1, QString(" ") + QChar(0xd7), 1, 0.1}});
    placeFields();
    quietFields();
    auto* scroll = new QScrollArea;
    scroll->setWidget(m_rows);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setObjectName("pullScroll");
    layout()->addWidget(scroll);
}

void PullPage::placeFields()
{
    const auto any = [this] { return place() != nullptr; };
    m_form->pick(
        {"strongPlace", tr("place of the backdrop"), tr("Places of the backdrop that draw as a thing would"), {}},
        [this] {
            Choices all;
            int n = 0;
            if (m_desk.review)
                for (const auto& s : m_desk.review->reading.attention.places) {
                    const double k = m_desk.review->picture.pixelsPerCm;
                    all.emplace_back(tr("%1 %, %2 cm from the left")
                                         .arg(100 * s.share, 0, 'f', 0)
                                         .arg(s.at.centre().x / k, 0, 'f', 0),
                        n++);
                }
            return all;
        },
        [this, any] { return any() ? std::optional(m_place) : std::nullopt; },
        [this](int i) {
            m_place = i;
            emit m_desk.overlayChanged();
        });
    m_form->pick(
        {"placeShows", tr("which shows"),
            tr("The place of the backdrop shows one of the cast: what it draws counts for that one"), {}},
        [this] {
            Choices all{{tr("nothing"), 0}};
            for (const CastMember& m : project().brief.cast)
                all.emplace_back(QString::fromStdString(m.name), m.id);
            return all;
        },
        [this]() -> std::optional<int> {
            if (!place())
                return std::nullopt;
            const CastMember* m = reading::shownBy(project(), placeCm().centre());
            return m ? m->id : 0;
        },
        [this](int cast) {
            if (place())
                m_desk.edit(tr("Name the place"), edits::withPlaceShowing(project(), placeCm(), cast));
        });
}

void PullPage::quietFields()
{
    const auto any = [this] { return place() != nullptr; };
    m_form->toggle(lens::element(), &Element::quiet,
        {"quiet", tr("keep quiet"),
            tr("The selected element must draw less attention than any subject; unmarked, only elements that are no "
               "subject must"),
            tr("Let it stay quiet")},
        tr("It may speak"));
    m_form->button(
        "cutFree", tr("Make it an element"),
        tr("Makes the place an element of its own, where it is: it can then be moved, toned, or shown as one of the "
           "cast"),
        [this] { cutFree(); }, any);
    m_form->button(
        "dimBackdrop", tr("Dim the backdrop"), tr("Darkens the whole backdrop a little (4 of 100)"),
        [this] {
            m_form->change(
                lens::backdrop(), tr("Dim the backdrop"), -1, [](Backdrop& b) { b.dimL = std::min(60.0, b.dimL + 4); });
        },
        any);
}

PullPage::~PullPage() = default;

std::vector<Overlay*> PullPage::overlays()
{
    return {m_marks.get()};
}

const reading::StrongPlace* PullPage::place() const
{
    if (!m_desk.review)
        return nullptr;
    const auto& all = m_desk.review->reading.attention.places;
    return m_place < int(all.size()) ? &all[std::size_t(m_place)] : all.empty() ? nullptr : &all.front();
}

Rect PullPage::placeCm() const
{
    const reading::StrongPlace* s = place();
    const double k = m_desk.review->picture.pixelsPerCm;
    return s ? Rect{s->at.x / k, s->at.y / k, s->at.width / k, s->at.height / k} : Rect{};
}

void PullPage::cutFree()
{
    const reading::StrongPlace* s = place();
    if (!s)
        return;
    auto after = review::withPlaceCutFree(project(), *s, m_desk.review->picture.pixelsPerCm);
    if (!after)
        return m_desk.notices.fail(after.error());
    const int id = after->elements.back().id;
    m_desk.edit(tr("Cut a place free"), after.take());
    m_desk.holdElement(id);
}

void PullPage::refresh()
{
    Page::refresh();
    m_rows->fit();
    if (auto* scroll = findChild<QScrollArea*>("pullScroll"))
        scroll->setFixedHeight(std::min(m_rows->height() + 2, theme::px(116)));
    m_rows->update();
}

QString PullPage::says() const
{
    if (!m_desk.review)
        return tr("Reading the picture…");
    const auto& r = m_desk.review->reading;
    QStringList first;
    for (const int id : r.attention.glances)
        if (const Element* e = project().element(id))
            first << QString::fromStdString(e->name);
    const QString faces = r.faces.empty()
        ? (reading::facesCanBeFound() ? tr("No face seen from the front is found.")
                                      : tr("Faces cannot be looked for here; mark them by hand."))
        : tr("%n faces found.", nullptr, int(r.faces.size()));
    const auto on = [&](std::size_t contrast) {
        const Element* e = project().element(r.attention.peakIn[contrast]);
        return e ? QString::fromStdString(e->name).toHtmlEscaped() : tr("the backdrop");
    };
    return tr("By contrast: <b>%1</b>. Strongest step of value: %2; of colour: %3; sharpest edges: %4. %5")
        .arg(first.join(" → "), on(0), on(1), on(4), faces);
}

} // namespace rl::app
