#include "app/stations/cut_station.h"
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QToolButton>

namespace rl::app {

namespace {
QWidget* inRow(std::initializer_list<QWidget*> widgets)
{
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(10);
    for (QWidget* w : widgets)
        row->addWidget(w, 0, Qt::AlignBottom);
    row->addStretch(1);
    return box;
}
} // namespace

CutStation::CutStation(Workbench& bench)
    : StationView(bench)
    , m_bench(new QWidget)
    , m_photo(new Board)
    , m_which(new QComboBox)
    , m_mark(new QComboBox)
    , m_says(new QLabel)
    , m_matchSays(new QLabel)
    , m_pages(new QStackedWidget)
    , m_curved(new QCheckBox(tr("curved (C)")))
    , m_hole(new QCheckBox(tr("a hole (H)")))
    , m_free(new QCheckBox(tr("free hand (F)")))
    , m_band(numberField("band", "px", 1, 200, 0, 1,
          tr("Width of the uncertain band. Wider for hair and out-of-focus edges, narrow for crisp ones.")))
    , m_pull(numberField("pull", "px", 0, 60, 0, 1,
          tr("How far the thread may be pulled onto the picture's own edge. 0 takes it as drawn.")))
    , m_width(numberField("strokeWidth", "px", 1, 400, 0, 4, tr("Width of the stroke, in pixels of the picture.")))
    , m_tolerance(numberField("tolerance", "ΔE", 0.5, 60, 1, 1,
          tr("How far the plain ground's colour reaches. Larger takes more shades of it out.")))
    , m_amount(numberField("matchAmount", "%", 0, 100, 0, 10,
          tr("How much of the match is applied. 0 leaves the cut-out as photographed.")))
    , m_dim(numberField("dimBackdrop", "L*", 0, 60, 0, 1,
          tr("Takes lightness off the backdrop. A calmer ground lets what stands before it speak.")))
    , m_patchWidth(numberField("patchWidth", "px", 2, 600, 0, 4, tr("Width of the brush that marks what is to go.")))
    , m_name(new QLineEdit)
    , m_cut(new QPushButton(tr("Cut it out (Enter)")))
    , m_stand(new QPushButton(tr("Stand it in the scene")))
    , m_clear(new QPushButton(tr("Begin again")))
    , m_patch(new QPushButton(tr("Paint it out")))
    , m_stop(new QPushButton(tr("Stop")))
{
    m_photo->setObjectName("photo");
    m_photo->setGuest(this);
    m_which->setObjectName("cutWhich");
    m_which->setMinimumWidth(150);
    m_which->setToolTip(tr("Which picture to work on"));
    m_name->setObjectName("elementName");
    m_name->setPlaceholderText(tr("what it is"));
    m_name->setToolTip(tr("Its name; the same as a cast member's shows that member"));
    m_says->setWordWrap(true);
    m_says->setProperty("role", "hint");
    m_stand->setObjectName("stand");
    m_stand->setToolTip(tr("Puts the cut-out on the ground of your scene at the height you give it on the Stage"));
    m_band->setValue(8);
    m_pull->setValue(5);
    m_width->setValue(24);
    m_tolerance->setValue(8);
    m_patchWidth->setValue(40);
    m_stop->hide();
    m_stop->setObjectName("stopCut");
    auto* first = new QHBoxLayout;
    first->setSpacing(8);
    first->addWidget(m_which);
    first->addWidget(buildWays());
    first->addStretch(1);
    first->addWidget(m_name, 1);
    first->addWidget(m_stand);
    for (QWidget* page : {buildThread(), buildTouch(), buildGround(), buildBend(), buildMatch(), buildPatch()})
        m_pages->addWidget(page);
    auto* second = new QHBoxLayout;
    second->addWidget(m_pages, 1);
    second->addWidget(m_stop, 0, Qt::AlignBottom);
    second->addWidget(labelled(tr("Uncertain band"), m_band));
    second->addWidget(m_cut, 0, Qt::AlignBottom);
    second->addWidget(m_clear, 0, Qt::AlignBottom);
    auto* layout = new QVBoxLayout(m_bench);
    layout->setContentsMargins(16, 8, 16, 6);
    layout->setSpacing(6);
    layout->addLayout(first);
    layout->addLayout(second);
    layout->addWidget(m_says, 1);
    m_cut->setObjectName("cutOut");
    m_cut->setProperty("main", true);
    m_cut->setToolTip(tr("Works out the soft edge from all that was said; the photograph itself is never changed"));
    m_clear->setObjectName("beginAgain");
    m_clear->setToolTip(
        tr("Drops threads, strokes and grounds of this picture; what was cut stays until you cut anew"));
    connectAll();
    setWay(Way::Thread);
}

QWidget* CutStation::buildWays()
{
    const QString names[kWayCount]
        = {tr("Thread"), tr("Touch"), tr("Plain ground"), tr("Bend"), tr("Match"), tr("Paint out")};
    const QString tips[kWayCount] = {tr("Click a thread along the edge; it is pulled onto the picture's own edge"),
        tr("Draw a rough rectangle, or a few strokes on what is surely in and surely out"),
        tr("Click on the plain ground behind the thing; everything of that colour goes"),
        tr("Set pins on the cut-out and drag one: a neck tilts, an arm sinks, the rest follows stiffly"),
        tr("Bring black point, white point and cast to those of the backdrop where it stands"),
        tr("Brush over a fence or a cable: the hole is filled from what lies around it")};
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(3);
    for (int i = 0; i < kWayCount; ++i) {
        auto* b = new QToolButton;
        b->setObjectName(QString("way%1").arg(i));
        b->setText(names[i]);
        b->setCheckable(true);
        b->setAutoExclusive(true);
        b->setToolTip(tips[i]);
        connect(b, &QToolButton::clicked, this, [this, i] { setWay(Way(i)); });
        row->addWidget(b);
        if (i == 2)
            row->addSpacing(12);
        m_ways.push_back(b);
    }
    return box;
}

QWidget* CutStation::buildThread()
{
    m_curved->setObjectName("curved");
    m_hole->setObjectName("hole");
    m_free->setObjectName("freehand");
    m_curved->setToolTip(tr("The next points bend the thread smoothly; plain ones make corners"));
    m_hole->setToolTip(tr("The next closed thread takes a hole out"));
    m_free->setToolTip(tr("Hold the button and follow the edge; letting go near the start closes the thread"));
    return inRow({m_curved, m_hole, m_free, labelled(tr("Pull to the edge"), m_pull)});
}

QWidget* CutStation::buildTouch()
{
    m_mark->setObjectName("markKind");
    m_mark->addItems(
        {tr("a rectangle around it (R)"), tr("surely in (I)"), tr("surely out (O)"), tr("unsure again (U)")});
    m_mark->setToolTip(tr("What the next strokes say"));
    return inRow({labelled(tr("Strokes say"), m_mark), labelled(tr("Stroke"), m_width)});
}

QWidget* CutStation::buildGround()
{
    auto* forget = new QPushButton(tr("Forget the last"));
    forget->setToolTip(tr("Takes back the ground clicked last"));
    connect(forget, &QPushButton::clicked, this, [this] {
        if (!m_grounds.empty())
            m_grounds.pop_back();
        m_photo->update();
        say();
    });
    return inRow({labelled(tr("Ground reaches"), m_tolerance), forget});
}

QWidget* CutStation::buildBend()
{
    auto* straight = new QPushButton(tr("Take the pins out"));
    straight->setObjectName("takePinsOut");
    straight->setToolTip(tr("The cut-out is again as photographed"));
    connect(straight, &QPushButton::clicked, this, [this] {
        m_pins.clear();
        m_heldPin = -1;
        keepPins();
    });
    return inRow({straight});
}

QWidget* CutStation::buildMatch()
{
    auto* match = new QPushButton(tr("Match it"));
    match->setObjectName("matchIt");
    match->setToolTip(tr("Measures both and brings the cut-out to the backdrop at its depth, by the amount beside it"));
    connect(match, &QPushButton::clicked, this, [this] {
        if (m_amount->value() <= 0) {
            const QSignalBlocker quiet(m_amount);
            m_amount->setValue(70);
        }
        m_proposedFor = 0; // measured anew
        applyMatch();
    });
    m_matchSays->setProperty("role", "hint");
    return inRow({match, labelled(tr("Amount"), m_amount), labelled(tr("Dim the backdrop by"), m_dim), m_matchSays});
}

QWidget* CutStation::buildPatch()
{
    m_patch->setObjectName("paintOut");
    m_patch->setProperty("main", true);
    m_patch->setToolTip(tr("Fills what you brushed over; the result hangs on the wall beside the original"));
    auto* wipe = new QPushButton(tr("Wipe the brush marks"));
    connect(wipe, &QPushButton::clicked, this, [this] {
        m_holeMarks.fill(0);
        m_photo->update();
        say();
    });
    return inRow({m_patch, labelled(tr("Brush"), m_patchWidth), wipe});
}

void CutStation::setWay(Way way)
{
    m_way = way;
    m_ways[std::size_t(way)]->setChecked(true);
    m_pages->setCurrentIndex(int(way));
    const bool cuts = way == Way::Thread || way == Way::Touch || way == Way::Ground;
    m_cut->setVisible(cuts);
    m_clear->setVisible(cuts);
    m_band->parentWidget()->setVisible(cuts);
    m_photo->update();
    say();
}

} // namespace rl::app
