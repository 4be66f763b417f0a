#include "app/stations/cut_station.h"
#include "app/theme/theme.h"
#include "core/colour/srgb.h"
#include "core/project/edits.h"
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>
#include <QtConcurrent>

namespace rl::app {

namespace {
cutout::Loop loopOf(const Outline& o)
{
    cutout::Loop loop;
    loop.hole = o.hole;
    for (const OutlinePoint& p : o.points)
        loop.nodes.push_back({p.at, p.curved});
    return loop;
}
} // namespace

CutStation::CutStation(Workbench& bench)
    : StationView(bench)
    , m_bench(new QWidget)
    , m_photo(new Board)
    , m_which(new QComboBox)
    , m_says(new QLabel)
    , m_curved(new QCheckBox(tr("curved (C)")))
    , m_hole(new QCheckBox(tr("a hole (H)")))
    , m_band(numberField("band", "px", 1, 60, 0, 1,
          tr("Width of the uncertain band. Wider for hair and out-of-focus edges, narrow for crisp ones.")))
    , m_pull(numberField("pull", "px", 0, 60, 0, 1,
          tr("How far the thread may be pulled onto the picture's own edge. 0 takes it as drawn.")))
    , m_name(new QLineEdit)
    , m_cut(new QPushButton(tr("Cut it out (Enter)")))
    , m_stand(new QPushButton(tr("Stand it in the scene")))
    , m_clear(new QPushButton(tr("Begin again")))
{
    m_photo->setObjectName("photo");
    m_photo->setGuest(this);
    m_which->setObjectName("cutWhich");
    m_which->setMinimumWidth(180);
    m_which->setToolTip(tr("Which picture to cut out of"));
    m_cut->setObjectName("cutOut");
    m_cut->setProperty("main", true);
    m_cut->setToolTip(tr("Pulls the thread onto the edge and softens it; the photograph itself is never changed"));
    m_stand->setObjectName("stand");
    m_stand->setToolTip(tr("Puts the cut-out on the ground of your scene at the height you give it on the Stage"));
    m_clear->setToolTip(tr("Drops the threads of this picture; what was cut stays until you cut anew"));
    m_curved->setObjectName("curved");
    m_hole->setObjectName("hole");
    m_curved->setToolTip(tr("The next points bend the thread smoothly; plain ones make corners"));
    m_hole->setToolTip(tr("The next closed thread takes a hole out"));
    m_name->setObjectName("elementName");
    m_name->setPlaceholderText(tr("what it is"));
    m_name->setToolTip(tr("Its name; the same as a cast member's shows that member"));
    m_says->setWordWrap(true);
    m_says->setProperty("role", "hint");
    m_band->setValue(6);
    m_pull->setValue(5);
    auto* row = new QHBoxLayout;
    row->addWidget(labelled(tr("Out of"), m_which));
    row->addWidget(m_curved, 0, Qt::AlignBottom);
    row->addWidget(m_hole, 0, Qt::AlignBottom);
    row->addWidget(labelled(tr("Uncertain band"), m_band));
    row->addWidget(labelled(tr("Pull to the edge"), m_pull));
    row->addWidget(m_cut, 0, Qt::AlignBottom);
    row->addWidget(m_clear, 0, Qt::AlignBottom);
    row->addSpacing(12);
    row->addWidget(labelled(tr("It is"), m_name), 1);
    row->addWidget(m_stand, 0, Qt::AlignBottom);
    auto* layout = new QVBoxLayout(m_bench);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->addLayout(row);
    layout->addWidget(m_says, 1);

    connect(m_which, &QComboBox::activated, this, [this] { work.holdReference(m_which->currentData().toInt()); });
    connect(m_cut, &QPushButton::clicked, this, &CutStation::runCut);
    connect(m_clear, &QPushButton::clicked, this, [this] {
        m_pieces.clear();
        m_open = {};
        m_photo->update();
        say();
    });
    connect(m_stand, &QPushButton::clicked, this, &CutStation::stand);
    connect(&m_judging, &QFutureWatcher<cutout::EdgeQuality>::finished, this, [this] {
        m_quality = m_judging.result();
        say();
    });
    connect(&m_watcher, &QFutureWatcher<cutout::Cut>::finished, this, &CutStation::takeCut);
    connect(m_photo, &Board::filesDropped, &work, [this](const QStringList& f) { emit work.importWanted(f); });
}

double CutStation::pxPerCm() const
{
    for (const Element& e : project().elements)
        if (e.cutout == m_cutout)
            if (const Cutout* c = project().cutout(m_cutout)) {
                const auto place = stage::placementOf(project(), e, work.light.surfaces().shape(*c));
                if (place.visible)
                    return 1 / place.cmPerPixel;
            }
    return 0;
}

void CutStation::refresh()
{
    const Project& p = project();
    // First time here without a picture chosen: the one that what is in hand was cut from.
    if (m_reference == 0 && (work.reference() == 0 || work.reference() == p.backdrop.reference)) {
        const Element* e = work.heldElement() ? work.heldElement() : p.element(firstToHold(p));
        if (const Cutout* c = e ? p.cutout(e->cutout) : nullptr) {
            m_reference = -1;
            work.holdReference(c->reference);
            return;
        }
    }
    const QSignalBlocker quiet(m_which);
    m_which->clear();
    for (const Reference& r : p.references)
        m_which->addItem(QString::fromStdString(r.name), r.id);
    if (!p.reference(work.reference()) && !p.references.empty()) {
        int first = p.references.front().id;
        for (const Cutout& c : p.cutouts)
            first = c.reference;
        work.holdReference(first);
        return;
    }
    m_which->setCurrentIndex(m_which->findData(work.reference()));
    const Cutout* c = p.cutout(m_cutout);
    if (m_reference != work.reference() || (m_cutout && !c))
        takeUp();
    else if (c && m_veiled != c->alpha.identity())
        takeUp();
    say();
}

void CutStation::takeUp()
{
    const Project& p = project();
    m_reference = work.reference();
    m_cutout = 0;
    m_pieces.clear();
    m_open = {};
    m_veil = {};
    m_veiled = nullptr;
    const Reference* r = p.reference(m_reference);
    if (!r) {
        m_image = {};
        m_photo->update();
        return;
    }
    if (m_shown != r->pixels.identity()) {
        m_shown = r->pixels.identity();
        m_image = imageOf(r->pixels);
        m_photo->setCanvas(r->pixels.width(), r->pixels.height(), {1, "px"}, 5000);
        m_photo->fit();
    }
    for (const Cutout& c : p.cutouts)
        if (c.reference == m_reference) {
            m_cutout = c.id;
            m_pieces = c.pieces;
            m_band->setValue(c.bandPx);
            m_veiled = c.alpha.identity();
            if (!c.alpha.empty()) {
                // What is out lies under a veil of tone; the uncertain edge shows as its fading.
                QImage veil(c.alpha.width(), c.alpha.height(), QImage::Format_ARGB32_Premultiplied);
                for (int y = 0; y < veil.height(); ++y) {
                    auto* line = reinterpret_cast<QRgb*>(veil.scanLine(y));
                    for (int x = 0; x < veil.width(); ++x) {
                        const int a = (255 - c.alpha.at(x, y)) * 150 / 255;
                        line[x] = qRgba(0x2c * a / 255, 0x2c * a / 255, 0x30 * a / 255, a);
                    }
                }
                m_veil = veil;
            }
        }
    for (const Element& e : p.elements)
        if (e.cutout == m_cutout && m_cutout)
            m_name->setText(QString::fromStdString(e.name));
    m_photo->update();
}

void CutStation::say()
{
    const Reference* r = project().reference(m_reference);
    const Cutout* c = project().cutout(m_cutout);
    m_cut->setEnabled(r && (!m_pieces.empty() || m_open.points.size() >= 3) && !cutting());
    m_stand->setEnabled(c && !c->alpha.empty());
    if (!r)
        m_says->setText(tr("Bring in a picture at Gather first."));
    else if (cutting())
        m_says->setText(tr("Following the edge…"));
    else if (!m_open.points.empty())
        m_says->setText(tr("%1 points. Click on towards the start; double-click or Enter closes the thread, Backspace "
                           "takes a point back, Esc drops it.")
                            .arg(m_open.points.size()));
    else if (!c || c->alpha.empty())
        m_says->setText(tr("Click around the element, roughly along its edge: the thread is pulled onto it. Close with "
                           "a double-click or Enter."));
    else {
        if (m_judged != c->alpha.identity()) {
            m_judged = c->alpha.identity();
            m_says->setText(tr("Cut out. Measuring the edge…"));
            m_judging.setFuture(QtConcurrent::run(
                [photo = r->pixels, alpha = c->alpha] { return cutout::edgeQuality(colour::linearOf(photo), alpha); }));
            return;
        }
        if (m_judging.isRunning())
            return;
        const auto& q = m_quality;
        const double k = pxPerCm();
        m_says->setText(
            tr("Cut out. Edge: %1 px wide%2, jaggedness %3 %. Drag a point to correct it, click between two to add "
               "one, Delete takes the held one away; then cut again.")
                .arg(q.transitionPx, 0, 'f', 1)
                .arg(k > 0 ? tr(" (%1 mm on the canvas)").arg(10 * q.transitionPx / k, 0, 'f', 2) : QString())
                .arg(q.jaggedness, 0, 'f', 1));
    }
}

void CutStation::paintOver(QPainter& p, const Board& board)
{
    if (!m_veil.isNull())
        p.drawImage(board.toScreen(Rect{0, 0, double(m_veil.width()), double(m_veil.height())}), m_veil);
    const auto thread = [&](const Outline& o, bool closed, bool held) {
        QPolygonF line;
        const auto flat = closed ? cutout::flattened(loopOf(o), 4) : std::vector<Vec2>();
        if (closed)
            for (const Vec2 v : flat)
                line << board.toScreen(v);
        else
            for (const OutlinePoint& v : o.points)
                line << board.toScreen(v.at);
        p.setBrush(Qt::NoBrush);
        for (const auto& pen :
            {QPen(QColor(255, 255, 255, 210), 3.4), QPen(held ? theme::kAccent : theme::kDark, 1.6)}) {
            p.setPen(pen);
            closed ? p.drawPolygon(line) : p.drawPolyline(line);
        }
    };
    for (std::size_t i = 0; i < m_pieces.size(); ++i)
        thread(m_pieces[i], true, int(i) == m_heldPiece);
    if (!m_open.points.empty())
        thread(m_open, false, true);
    const auto knots = [&](const Outline& o, int piece) {
        if (o.points.size() > 60 && board.pixelsPerCm() < 1.2 && piece >= 0)
            return; // a dense thread shows its points when zoomed in
        for (std::size_t k = 0; k < o.points.size(); ++k) {
            const bool held = piece == m_heldPiece && int(k) == m_heldPoint;
            const QPointF c = board.toScreen(o.points[k].at);
            p.setPen(QPen(theme::kInk, 1));
            p.setBrush(held ? theme::kAccent : theme::kPaper);
            if (o.points[k].curved)
                p.drawEllipse(c, 4, 4);
            else
                p.drawPolygon(QPolygonF{c + QPointF(0, -5), c + QPointF(5, 0), c + QPointF(0, 5), c + QPointF(-5, 0)});
        }
    };
    for (std::size_t i = 0; i < m_pieces.size(); ++i)
        knots(m_pieces[i], int(i));
    knots(m_open, -1);
}

bool CutStation::press(Vec2 at, Qt::KeyboardModifiers, const Board& board)
{
    const double near = 8 / board.pixelsPerCm();
    if (!project().reference(m_reference))
        return false;
    if (m_open.points.empty()) {
        for (std::size_t i = 0; i < m_pieces.size(); ++i)
            for (std::size_t k = 0; k < m_pieces[i].points.size(); ++k)
                if ((m_pieces[i].points[k].at - at).length() < near) {
                    m_heldPiece = int(i), m_heldPoint = int(k);
                    return true;
                }
        for (std::size_t i = 0; i < m_pieces.size(); ++i) {
            auto& points = m_pieces[i].points;
            for (std::size_t k = 0; k < points.size(); ++k) {
                const Vec2 a = points[k].at, d = points[(k + 1) % points.size()].at - a;
                const double t = ((at.x - a.x) * d.x + (at.y - a.y) * d.y) / std::max(1e-9, d.x * d.x + d.y * d.y);
                if (t > 0 && t < 1 && (a + d * t - at).length() < near * 0.7) {
                    points.insert(points.begin() + std::ptrdiff_t(k) + 1, {at, m_curved->isChecked()});
                    m_heldPiece = int(i), m_heldPoint = int(k) + 1;
                    return true;
                }
            }
        }
    }
    m_heldPiece = m_heldPoint = -1;
    if (m_open.points.size() >= 3
        && ((m_open.points.front().at - at).length() < near || (m_open.points.back().at - at).length() < near / 2)) {
        closeLine();
        return true;
    }
    m_open.points.push_back({at, m_curved->isChecked()});
    say();
    return true;
}

void CutStation::move(Vec2 at, Qt::KeyboardModifiers, const Board&)
{
    if (m_heldPiece >= 0 && m_heldPoint >= 0)
        m_pieces[std::size_t(m_heldPiece)].points[std::size_t(m_heldPoint)].at = at;
}

void CutStation::release(Vec2, const Board&)
{
    say();
}

bool CutStation::key(QKeyEvent* e)
{
    switch (e->key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (!m_open.points.empty())
            closeLine();
        else
            runCut();
        return true;
    case Qt::Key_Escape:
        m_open = {};
        break;
    case Qt::Key_Backspace:
        if (!m_open.points.empty())
            m_open.points.pop_back();
        break;
    case Qt::Key_C:
        m_curved->toggle();
        break;
    case Qt::Key_H:
        m_hole->toggle();
        break;
    case Qt::Key_Delete:
        if (m_heldPiece >= 0 && m_heldPoint >= 0) {
            auto& points = m_pieces[std::size_t(m_heldPiece)].points;
            points.erase(points.begin() + m_heldPoint);
            if (points.size() < 3)
                m_pieces.erase(m_pieces.begin() + m_heldPiece);
            m_heldPiece = m_heldPoint = -1;
        }
        break;
    default:
        return false;
    }
    m_photo->update();
    say();
    return true;
}

void CutStation::closeLine()
{
    if (m_open.points.size() >= 3) {
        m_open.hole = m_hole->isChecked();
        m_pieces.push_back(m_open);
    }
    m_open = {};
    m_hole->setChecked(false);
    m_photo->update();
    say();
}

void CutStation::runCut()
{
    if (m_open.points.size() >= 3)
        closeLine();
    const Reference* r = project().reference(m_reference);
    if (!r || m_pieces.empty() || cutting())
        return;
    std::vector<cutout::Loop> loops;
    for (const Outline& o : m_pieces)
        loops.push_back(loopOf(o));
    m_cuttingReference = m_reference;
    const cutout::CutOptions options{m_band->value(), m_pull->value()};
    m_watcher.setFuture(QtConcurrent::run([photo = r->pixels, loops, options] {
        NoProgress progress;
        return cutout::cut(photo, loops, options, progress);
    }));
    say();
}

void CutStation::takeCut()
{
    const cutout::Cut done = m_watcher.result();
    if (done.alpha.empty() || !project().reference(m_cuttingReference) || m_cuttingReference != m_reference)
        return;
    Cutout c;
    c.id = m_cutout;
    c.reference = m_reference;
    c.pieces = m_pieces;
    c.bandPx = m_band->value();
    c.alpha = done.alpha;
    Project after = project();
    if (!c.id)
        c.id = after.freshId();
    m_cutout = c.id;
    work.document.edit(tr("Cut it out"), edits::withCutout(std::move(after), std::move(c)));
}

void CutStation::stand()
{
    const Cutout* c = project().cutout(m_cutout);
    if (!c || c->alpha.empty())
        return;
    const QString name = m_name->text().trimmed();
    Element e;
    e.cutout = c->id;
    e.name = name.isEmpty() ? project().reference(c->reference)->name : name.toStdString();
    for (const CastMember& m : project().brief.cast)
        if (QString::fromStdString(m.name).compare(QString::fromStdString(e.name), Qt::CaseInsensitive) == 0)
            e.cast = m.id;
    e.baseCm = {project().brief.widthCm / 2,
        project().camera.horizonCm + 0.6 * (project().brief.heightCm - project().camera.horizonCm)};
    e.heightM = 1.7;
    Project after = edits::withElement(project(), e);
    const int id = after.elements.back().id;
    work.document.edit(tr("Stand it in the scene"), std::move(after));
    work.holdElement(id);
    emit work.notice(tr("“%1” now stands in the scene, 1.7 m tall. Give it its true height on the Stage (Alt+4).")
                         .arg(QString::fromStdString(e.name)));
}

} // namespace rl::app
