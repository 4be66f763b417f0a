#include "app/widgets/findings_panel.h"
#include "app/theme/theme.h"
#include "app/widgets/trail.h"
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

QLabel* wrapped(const QString& words, const QFont& font, const QColor& colour)
{
    auto* label = new QLabel(words);
    label->setWordWrap(true);
    label->setFont(font);
    label->setStyleSheet(QString("font-size: %1px; color: %2; font-weight: %3;")
                             .arg(font.pixelSize())
                             .arg(colour.name())
                             .arg(font.weight() > QFont::Normal ? 600 : 400));
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    return label;
}

QString number(double v)
{
    return std::abs(v) >= 100 || v == std::round(v) ? QString::number(v, 'f', 0)
        : std::abs(v) < 1                           ? QString::number(v, 'f', 2)
                                                    : QString::number(v, 'f', 1);
}
} // namespace

FindingsPanel::FindingsPanel(QWidget* parent)
    : QWidget(parent)
    , m_head(new QLabel)
    , m_scroll(new QScrollArea)
{
    setObjectName("findings");
    m_head->setProperty("role", "head");
    m_scroll->setWidgetResizable(true);
    m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 8, 8, 8);
    layout->addWidget(m_head);
    layout->addWidget(m_scroll, 1);
    setMinimumWidth(290);
    setMaximumWidth(340);
}

QWidget* FindingsPanel::card(const Finding& f)
{
    auto* box = new QWidget;
    box->setObjectName("finding");
    box->setStyleSheet("#finding { background: #f6f5f2; border: 1px solid #c4c0b8; border-radius: 5px; }");
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(8, 8, 8, 8);
    grid->setHorizontalSpacing(6);
    grid->setVerticalSpacing(4);
    grid->addWidget(new LampGlyph(f.severity), 0, 0, 2, 1, Qt::AlignTop);
    grid->addWidget(wrapped(QString::fromStdString(f.sentence).replace(" %", QString(QChar(0xa0)) + "%"),
                        theme::text(14), theme::kInk),
        0, 1);
    const QString named = QString::fromStdString(f.unit),
                  unit = named.startsWith(QChar(0xb0)) ? named : QChar(0xa0) + named;
    grid->addWidget(wrapped(tr("%1%3, held against %2%3").arg(number(f.measured), number(f.target), unit),
                        theme::text(13, true), theme::kInk),
        1, 1);
    grid->addWidget(wrapped(QString::fromStdString(f.why), theme::text(13), theme::kFaint), 2, 0, 1, 2);
    auto* row = new QHBoxLayout;
    row->setSpacing(5);
    auto* showMe = new QPushButton(tr("Show me"));
    showMe->setToolTip(tr("Flashes the place on the board."));
    connect(showMe, &QPushButton::clicked, this, [this, f] { emit showWanted(f); });
    row->addWidget(showMe);
    auto* aside = new QPushButton(tr("Set aside…"));
    aside->setToolTip(tr("You decide: give a reason, and it stays set aside."));
    connect(aside, &QPushButton::clicked, this, [this, f] { emit setAsideWanted(f); });
    row->addWidget(aside);
    row->addStretch();
    if (f.fix) {
        auto* fix = new QPushButton(QString::fromStdString(f.fix->label));
        fix->setObjectName("fix");
        fix->setProperty("main", true);
        fix->setToolTip(tr("%1: one step, which Ctrl+Z takes back.").arg(QString::fromStdString(f.fix->label)));
        fix->setText(fix->fontMetrics().elidedText(fix->text(), Qt::ElideRight, 228));
        connect(fix, &QPushButton::clicked, this, [this, f] { emit fixWanted(f); });
        grid->addWidget(fix, 3, 0, 1, 2);
    }
    grid->addLayout(row, 4, 0, 1, 2);
    return box;
}

void FindingsPanel::show(const Findings& all, int station)
{
    std::vector<std::string> keys{std::to_string(station)};
    Findings mine;
    for (const Finding& f : all)
        if (int(f.station) == station) {
            keys.push_back(f.key + f.sentence);
            mine.push_back(f);
        }
    if (keys == m_shown)
        return;
    m_shown = keys;
    m_head->setText(mine.empty() ? tr("Nothing to say here")
            : mine.size() == 1   ? tr("One finding")
                                 : tr("%1 findings").arg(mine.size()));
    auto* list = new QWidget;
    auto* layout = new QVBoxLayout(list);
    layout->setContentsMargins(0, 0, 4, 0);
    layout->setSpacing(8);
    for (const Finding& f : mine)
        layout->addWidget(card(f));
    if (mine.empty())
        layout->addWidget(wrapped(tr("The lamp of this station burns bright. Findings come back by themselves when a "
                                     "change brings one about."),
            theme::text(13), theme::kFaint));
    layout->addStretch();
    m_scroll->setWidget(list);
}

} // namespace rl::app
