#include "app/stations/station.h"
#include "app/board/board.h"
#include "app/stations/page_room.h"
#include "app/theme/theme.h"
#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QScrollBar>
#include <QSettings>
#include <QToolButton>
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
    , m_room(new PageRoom)
    , m_panel(new QToolButton)
    , m_says(new QLabel)
{
    m_bench->setObjectName(spec.key + "Bench");
    if (spec.centre)
        m_centre = spec.centre(desk, *this);
    m_names = new QWidget;
    m_names->setObjectName(spec.key + "Pages");
    auto* row = new QHBoxLayout(m_names);
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
        b->setMinimumWidth(theme::px(36)); // a very narrow window cuts words short rather than growing
        connect(b, &QToolButton::clicked, this, [this, i] { turnTo(i); });
        connect(page, &Page::saysChanged, this, &StationView::sayIt);
        connect(page, &Page::lookChanged, this, [this, i] {
            if (i == m_page)
                emit broughtChanged();
        });
        row->addWidget(b);
        m_words.push_back(b);
    }
    m_says->setObjectName(spec.key + "Says");
    m_says->setWordWrap(true);
    m_says->setProperty("role", "hint");
    m_says->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* layout = new QVBoxLayout(m_bench);
    layout->setContentsMargins(theme::px(14), theme::px(3), theme::px(12), theme::px(2));
    layout->setSpacing(theme::px(1));
    m_row = new QHBoxLayout;
    m_row->setSpacing(theme::px(16));
    m_row->addWidget(m_names);
    m_row->addStretch(1);
    m_panel->setObjectName(spec.key + "Panel");
    m_panel->setToolTip(tr("Lays this page's list over the picture's lower edge, or puts it away"));
    m_panel->setFocusPolicy(Qt::TabFocus);
    m_panel->hide();
    connect(m_panel, &QToolButton::clicked, this, [this] {
        QSettings().setValue(panelSetting(), panel() != nullptr);
        followPanel();
        emit broughtChanged();
    });
    m_row->addWidget(m_panel);
    layout->addLayout(m_row);
    layout->addWidget(m_says);
    layout->addWidget(m_room, 1);
    if (spec.head) {
        m_head = new Form(desk);
        spec.head(desk, *m_head);
        m_row->insertWidget(1, m_head, 1);
    }
    for (Page* page : m_pages) {
        m_room->column()->addWidget(page);
        page->hide();
    }
    m_room->column()->addStretch(1);
    m_bench->installEventFilter(this);
    if (spec.actions)
        spec.actions(desk, *this);
    m_page = std::min(spec.firstPage, int(m_pages.size()) - 1);
    m_words[std::size_t(m_page)]->setChecked(true);
    current()->setVisible(true);
}

StationView::~StationView() = default;

void StationView::setLeftHanded(bool on)
{
    m_row->setDirection(on ? QBoxLayout::RightToLeft : QBoxLayout::LeftToRight);
    m_row->invalidate();
    m_room->fit();
}

void StationView::turnTo(int page)
{
    if (page < 0 || page >= int(m_pages.size()))
        return;
    const int was = std::exchange(m_page, page);
    if (was != page) {
        m_pages[std::size_t(was)]->left();
        m_pages[std::size_t(was)]->hide();
    }
    m_words[std::size_t(page)]->setChecked(true);
    current()->setVisible(true);
    followPanel();
    current()->turnedTo();
    refresh();
    m_room->verticalScrollBar()->setValue(0);
    emit broughtChanged();
}

void StationView::refresh()
{
    if (m_head)
        m_head->refresh();
    current()->refresh();
    m_room->fit();
    sayIt();
}

QString StationView::panelSetting() const
{
    return QString("panelAway/%1%2").arg(m_spec.key).arg(m_page);
}

QWidget* StationView::panel()
{
    return QSettings().value(panelSetting(), false).toBool() ? nullptr : current()->over();
}

void StationView::followPanel()
{
    m_panel->setVisible(current()->over());
    m_panel->setText(panel() ? tr("Hide panel ▾") : tr("Show panel ▴"));
}

QString StationView::says() const
{
    return m_hint.isEmpty() ? current()->says() : m_hint;
}

void StationView::sayIt()
{
    const QString words = says();
    m_says->setText(words);
    m_says->setToolTip(words); // whatever does not fit in its two lines
    emit saysChanged();
}

/// The reporting line keeps two lines of its own; a head stands beside the names of the pages where it fits, else over
/// the page.
void StationView::arrange()
{
    m_says->setFixedHeight(2 * m_says->fontMetrics().lineSpacing());
    if (m_head) {
        const int room = m_bench->width() - m_names->sizeHint().width() - theme::px(44);
        const bool beside = m_head->sizeHint().width() <= room;
        if (beside != (m_row->indexOf(m_head) >= 0)) {
            m_row->removeWidget(m_head);
            m_room->column()->removeWidget(m_head);
            if (beside)
                m_row->insertWidget(1, m_head, 1);
            else
                m_room->column()->insertWidget(0, m_head);
        }
    }
    m_room->fit();
}

bool StationView::eventFilter(QObject*, QEvent* event)
{
    if (event->type() == QEvent::Resize || event->type() == QEvent::FontChange)
        arrange();
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
