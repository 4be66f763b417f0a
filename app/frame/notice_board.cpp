#include "app/frame/notice_board.h"
#include "app/theme/theme.h"
#include <QEvent>
#include <QScrollArea>
#include <QVBoxLayout>

namespace rl::app {

NoticeToast::NoticeToast(Notices& notices, QWidget* over)
    : QFrame(over)
    , m_notices(notices)
    , m_over(over)
    , m_label(new QLabel)
{
    setObjectName("noticeToast");
    setStyleSheet("#noticeToast { background: palette(base); border: 1px solid palette(dark); border-radius: 5px; }");
    m_label->setObjectName("notice");
    m_label->setWordWrap(true);
    m_label->setTextInteractionFlags(Qt::NoTextInteraction);
    m_label->setTextFormat(Qt::PlainText);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(10, 6, 10, 6);
    layout->addWidget(m_label);
    setToolTip(tr("Click for all messages"));
    m_timer.setSingleShot(true);
    connect(&m_timer, &QTimer::timeout, this, [this] {
        m_from = m_notices.all().size();
        hide();
    });
    connect(&m_notices, &Notices::changed, this, &NoticeToast::take);
    over->installEventFilter(this);
    hide();
}

void NoticeToast::take()
{
    const auto& all = m_notices.all();
    if (m_notices.unread() == 0) {
        m_from = all.size();
        return hide();
    }
    m_from = std::min(m_from, all.size() - 1);
    m_from = std::max(m_from, all.size() > 4 ? all.size() - 4 : 0); // the last four at once
    QStringList lines;
    for (std::size_t i = m_from; i < all.size(); ++i)
        lines << all[i].sentence + (all[i].count > 1 ? QString(" (%1 ×)").arg(all[i].count) : QString());
    m_label->setText(lines.join("\n"));
    show();
    place();
    raise();
    m_timer.start(5000 + 40 * int(m_label->text().size()));
}

void NoticeToast::place()
{
    const int most = std::max(theme::px(240), m_over->width() - 60);
    m_label->setMinimumWidth(0);
    const int wide = std::min(
        most, m_label->fontMetrics().boundingRect(0, 0, 4000, 400, Qt::TextExpandTabs, m_label->text()).width() + 8);
    m_label->setFixedWidth(wide);
    adjustSize();
    const int high = layout()->heightForWidth(wide + 20);
    m_label->setMinimumHeight(m_label->heightForWidth(wide));
    resize(wide + 20, std::max(high, m_label->heightForWidth(wide) + 14));
    layout()->activate();
    move(34, m_over->height() - height() - 10);
}

bool NoticeToast::eventFilter(QObject*, QEvent* event)
{
    if (event->type() == QEvent::Resize && isVisible())
        place();
    return false;
}

void NoticeToast::mousePressEvent(QMouseEvent*)
{
    hide();
    emit listWanted();
}

NoticeList::NoticeList(Notices& notices, QWidget* parent)
    : QFrame(parent, Qt::Popup)
    , m_notices(notices)
    , m_label(new QLabel)
{
    setObjectName("noticeList");
    m_label->setWordWrap(true);
    m_label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_label->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_label->setMargin(10);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setWidget(m_label);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(1, 1, 1, 1);
    layout->addWidget(scroll);
    connect(&m_notices, &Notices::changed, this, [this] {
        if (isVisible())
            fill();
    });
}

void NoticeList::fill()
{
    QString html = QString("<h3>%1</h3>").arg(tr("Messages"));
    const auto& all = m_notices.all();
    for (auto it = all.rbegin(); it != all.rend(); ++it)
        html += QString("<p><span style='color:%4'>%1%2</span><br>%3</p>")
                    .arg(it->when.toString("HH:mm:ss"), it->problem ? tr(" · did not work") : QString(),
                        it->sentence.toHtmlEscaped(), theme::faint().name());
    if (all.empty())
        html += tr("Nothing yet.");
    html += QString("<p style='color:%3'>%1<br>%2</p>")
                .arg(tr("Details of what did not work are in the log:"), logfile::path().toHtmlEscaped(),
                    theme::faint().name());
    m_label->setText(html);
}

void NoticeList::open(QPoint topRight)
{
    fill();
    resize(theme::px(440), theme::px(380));
    move(topRight - QPoint(width(), 0));
    show();
    m_notices.read();
}

} // namespace rl::app
