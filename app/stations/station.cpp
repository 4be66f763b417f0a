#include "app/stations/station.h"
#include "app/board/board.h"
#include "app/forms/flow_layout.h"
#include "app/theme/theme.h"
#include <QLabel>
#include <QVBoxLayout>

namespace rl::app {

const StationSpec& specOf(Station id)
{
    for (const StationSpec& s : allStations())
        if (s.id == id)
            return s;
    return allStations().front();
}

QString stationName(int station)
{
    return station < int(allStations().size()) ? specOf(Station(station)).name : QString();
}

void StationKeys::add(const QString& id, const QString& words, const QString& keys, std::function<void()> act) const
{
    held(
        id, words, keys, [act = std::move(act)](Stroke) { act(); }, false);
}

void StationKeys::held(
    const QString& id, const QString& words, const QString& keys, std::function<void(Stroke)> act, bool farther) const
{
    m_desk.actions.add(
        {m_spec.key + "." + id, words, keys, Reach::Station, int(m_spec.id), {}, std::move(act), {}, farther});
}

StationView::StationView(Desk& desk, const StationSpec& spec)
    : m_desk(desk)
    , m_spec(spec)
    , m_bench(new QWidget)
    , m_top(new QWidget)
    , m_says(new QLabel)
{
    m_bench->setObjectName(spec.key + "Bench");
    if (spec.centre)
        m_centre = spec.centre(desk, *this);
    auto* top = m_top;
    auto* words = new FlowLayout(top);
    QSizePolicy wraps(QSizePolicy::Maximum, QSizePolicy::Minimum);
    wraps.setHeightForWidth(true);
    top->setSizePolicy(wraps);
    if (spec.head) {
        m_head = new Form(desk);
        spec.head(desk, *m_head);
        words->addWidget(m_head);
    }
    auto* names = new QWidget;
    auto* row = new QHBoxLayout(names);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(2);
    for (const PageMaker& make : spec.pages) {
        m_pages.push_back(make(desk, *this));
        Page* page = m_pages.back();
        const int i = int(m_pages.size()) - 1;
        auto* b = new QToolButton;
        b->setObjectName(QString("%1Page%2").arg(spec.key).arg(i));
        b->setText(page->name());
        b->setToolTip(page->tip());
        b->setCheckable(true);
        b->setAutoExclusive(true);
        b->setFocusPolicy(Qt::TabFocus);
        connect(b, &QToolButton::clicked, this, [this, i] { turnTo(i); });
        connect(page, &Page::saysChanged, this, &StationView::sayIt);
        connect(page, &Page::lookChanged, this, [this, i] {
            if (i == m_page)
                emit broughtChanged();
        });
        row->addWidget(b);
        m_words.push_back(b);
    }
    if (m_pages.size() > 1)
        words->addWidget(names);
    m_says->setObjectName(spec.key + "Says");
    m_says->setWordWrap(true);
    m_says->setProperty("role", "hint");
    m_says->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* layout = new QVBoxLayout(m_bench);
    layout->setContentsMargins(theme::px(14), theme::px(5), theme::px(12), theme::px(4));
    layout->setSpacing(theme::px(3));
    auto* head = new QHBoxLayout;
    head->setSpacing(theme::px(16));
    head->addWidget(top);
    head->addStretch(1);
    layout->addLayout(head);
    for (Page* page : m_pages) {
        layout->addWidget(page);
        page->hide();
    }
    layout->addWidget(m_says);
    layout->addStretch(1);
    m_bench->installEventFilter(this);
    if (spec.actions)
        spec.actions(desk, *this);
    m_page = std::min(spec.firstPage, int(m_pages.size()) - 1);
    m_words[std::size_t(m_page)]->setChecked(true);
    current()->setVisible(true);
    if (m_pages.size() < 2)
        names->hide();
}

StationView::~StationView() = default;

void StationView::setLeftHanded(bool on)
{
    auto* head = static_cast<QHBoxLayout*>(m_bench->layout()->itemAt(0)->layout());
    head->setDirection(on ? QBoxLayout::RightToLeft : QBoxLayout::LeftToRight);
    for (QLayout* layout : m_bench->findChildren<QLayout*>())
        layout->invalidate();
}

void StationView::turnTo(int page)
{
    m_wentUnder = {0, 0};
    if (page < 0 || page >= int(m_pages.size()))
        return;
    const int was = std::exchange(m_page, page);
    if (was != page) {
        m_pages[std::size_t(was)]->left();
        m_pages[std::size_t(was)]->hide();
    }
    m_words[std::size_t(page)]->setChecked(true);
    current()->setVisible(true);
    current()->turnedTo();
    refresh();
    emit broughtChanged();
    emit benchChanged();
}

void StationView::refresh()
{
    if (m_head)
        m_head->show();
    current()->show();
    sayIt();
}

QString StationView::says() const
{
    return m_hint.isEmpty() ? current()->says() : m_hint;
}

void StationView::sayIt()
{
    const QString words = says();
    m_says->setText(words);
    m_says->setVisible(!words.isEmpty());
    placeSays();
    emit saysChanged();
}

void StationView::placeSays()
{
    auto* column = static_cast<QVBoxLayout*>(m_bench->layout());
    auto* head = static_cast<QHBoxLayout*>(column->itemAt(0)->layout());
    const int room = m_bench->width() - m_top->sizeHint().width() - theme::px(60);
    const bool fits = room > theme::px(300) && m_says->heightForWidth(room) <= m_top->sizeHint().height() + 2;
    // What has gone under the fields three times stays there on this page: figures that change with the board's size
    // would else push the board to and fro for ever.
    if (m_wentUnder.second != m_bench->width())
        m_wentUnder = {0, m_bench->width()};
    if (!fits && head->indexOf(m_says) >= 0)
        ++m_wentUnder.first;
    const bool beside = fits && m_wentUnder.first < 3;
    if (beside != (head->indexOf(m_says) >= 0)) {
        head->removeWidget(m_says);
        column->removeWidget(m_says);
        head->setStretch(1, beside ? 0 : 1);
        if (beside)
            head->addWidget(m_says, 1);
        else
            column->insertWidget(column->count() - 1, m_says);
    }
    emit benchChanged();
}

bool StationView::eventFilter(QObject*, QEvent* event)
{
    if (event->type() == QEvent::Resize)
        placeSays();
    if (event->type() == QEvent::LayoutRequest)
        emit laidOut();
    return false;
}

void StationView::setHint(const QString& hint)
{
    if (std::exchange(m_hint, hint) != hint)
        sayIt();
}

void StationView::bring(Board& board)
{
    board.setTools(current()->tools());
    board.setOverlays(current()->overlays());
    board.setLook([this] { return current()->look(); });
}

void StationView::leave()
{
    current()->left();
    m_hint.clear();
}

bool StationView::busy() const
{
    return std::any_of(m_pages.begin(), m_pages.end(), [](const Page* p) { return p->busy(); });
}

} // namespace rl::app
