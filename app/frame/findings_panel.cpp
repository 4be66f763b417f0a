#include "app/frame/findings_panel.h"
#include "app/forms/flow_layout.h"
#include "app/frame/trail.h"
#include "app/frame/wrap_button.h"
#include "app/theme/theme.h"
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace rl::app {

namespace {
class LampGlyph final : public QWidget {
public:
    explicit LampGlyph(Severity severity)
        : m_state(int(severity))
    {
        setFixedSize(26, 34);
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter p(this);
        paintLamp(p, {13, 17}, 19, m_state);
    }

private:
    int m_state;
};

/// Its colour is the sheet's, so that it changes with the hour.
QLabel* wrapped(const QString& words, const QFont& font, bool faint = false)
{
    auto* label = new QLabel(words);
    label->setWordWrap(true);
    label->setFont(font);
    if (faint)
        label->setProperty("role", "hint");
    label->setStyleSheet(QString("font-size: %1px; font-weight: %2;")
                             .arg(font.pixelSize())
                             .arg(font.weight() > QFont::Normal ? 600 : 400));
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    return label;
}

} // namespace

FindingsPanel::FindingsPanel(QWidget* parent)
    : QWidget(parent)
    , m_scroll(new QScrollArea)
{
    setObjectName("findings");
    m_scroll->setWidgetResizable(true);
    m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(6, 2, 2, 4);
    layout->addWidget(m_scroll, 1);
}

QWidget* FindingsPanel::card(const Finding& f)
{
    auto* box = new QWidget;
    box->setObjectName("finding");
    box->setStyleSheet("#finding { background: palette(base); border: 1px solid palette(mid); border-radius: 5px; }");
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(8, 8, 8, 8);
    grid->setHorizontalSpacing(6);
    grid->setVerticalSpacing(4);
    grid->addWidget(new LampGlyph(f.severity), 0, 0, 2, 1, Qt::AlignTop);
    grid->addWidget(
        wrapped(QString::fromStdString(f.sentence).replace(" %", QString(QChar(0xa0)) + "%"), theme::text(14)), 0, 1);
    if (const std::string held = heldAgainst(f); !held.empty())
        grid->addWidget(wrapped(QString::fromStdString(held), theme::text(13, true)), 1, 1);
    auto* why = wrapped(
        QString("%1 <a href=\"guide\">%2</a>").arg(QString::fromStdString(f.why).toHtmlEscaped(), tr("In the guide")),
        theme::text(13), true);
    why->setObjectName("why");
    why->setTextFormat(Qt::RichText);
    why->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::LinksAccessibleByKeyboard);
    connect(why, &QLabel::linkActivated, this, [this, f] { emit guideWanted(f); });
    grid->addWidget(why, 2, 0, 1, 2);
    auto* row = new FlowLayout;
    auto* showMe = new QPushButton(tr("Show me"));
    showMe->setToolTip(tr("Flashes the place on the board."));
    showMe->setObjectName("showMe");
    connect(showMe, &QPushButton::clicked, this, [this, f] { emit showWanted(f); });
    row->addWidget(showMe);
    auto* aside = new QPushButton(tr("Set aside…"));
    aside->setToolTip(tr("You decide: give a reason, and it stays set aside."));
    aside->setObjectName("setAside");
    connect(aside, &QPushButton::clicked, this, [this, f] { emit setAsideWanted(f); });
    row->addWidget(aside);
    if (f.fix) {
        auto* fix = new WrapButton(QString::fromStdString(f.fix->label));
        fix->setObjectName("fix");
        fix->setProperty("main", true);
        fix->setToolTip(tr("%1: one step, which Ctrl+Z takes back.").arg(QString::fromStdString(f.fix->label)));
        connect(fix, &QPushButton::clicked, this, [this, f] { emit fixWanted(f); });
        grid->addWidget(fix, 3, 0, 1, 2);
        auto* look = new QPushButton(tr("Preview"));
        look->setObjectName("tryFix");
        look->setCheckable(true);
        look->setProperty("finding", QString::fromStdString(f.key));
        look->setChecked(f.key == m_tried);
        look->setToolTip(tr("Shows the work as the fix would leave it, beside how it is. Nothing is changed."));
        connect(look, &QPushButton::clicked, this, [this, f](bool on) { emit tryWanted(f, on); });
        row->addWidget(look);
    }
    if (!f.opens.empty()) {
        auto* say = new WrapButton(f.opens == "find" ? tr("Find the picture again…")
                : f.opens == "picture"               ? tr("Find a picture…")
                                                     : tr("Set credit…"));
        say->setObjectName("say");
        say->setProperty("main", true);
        say->setToolTip(tr("Opens the field: only you can answer."));
        connect(say, &QPushButton::clicked, this, [this, f] { emit openWanted(f); });
        grid->addWidget(say, 3, 0, 1, 2);
    }
    for (QPushButton* b : box->findChildren<QPushButton*>())
        b->setFocusPolicy(Qt::TabFocus);
    grid->addLayout(row, 4, 0, 1, 2);
    return box;
}

void FindingsPanel::setTried(const std::string& key)
{
    m_tried = key;
    for (QPushButton* look : findChildren<QPushButton*>("tryFix"))
        look->setChecked(look->property("finding").toString().toStdString() == key && !key.empty());
}

void FindingsPanel::show(const Findings& all, int station, bool known)
{
    std::vector<std::string> keys{std::to_string(station), known ? "known" : ""};
    Findings mine;
    for (const Finding& f : all)
        if (int(f.station) == station) {
            keys.push_back(f.key + f.sentence);
            mine.push_back(f);
        }
    if (keys == m_shown)
        return;
    m_shown = keys;
    auto* list = new QWidget;
    auto* layout = new QVBoxLayout(list);
    layout->setContentsMargins(0, 0, 4, 0);
    layout->setSpacing(8);
    for (const Finding& f : mine)
        layout->addWidget(card(f));
    if (mine.empty())
        layout->addWidget(wrapped(
            !known ? tr("checking…") : tr("All clear here. New findings appear as you work."), theme::text(13), true));
    layout->addStretch();
    m_scroll->setWidget(list);
}

} // namespace rl::app
