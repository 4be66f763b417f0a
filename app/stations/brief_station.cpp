#include "app/stations/brief_station.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>

namespace rl::app {

BriefStation::BriefStation(Workbench& bench)
    : StationView(bench)
    , m_bench(new QWidget)
    , m_title(new QLineEdit)
    , m_newName(new QLineEdit)
    , m_medium(new QComboBox)
    , m_unit(new QComboBox)
    , m_width(numberField(
          "canvasWidth", "cm", 1, 2000, 1, 1, tr("Width of the canvas. Every size in the plan is measured on it.")))
    , m_height(numberField(
          "canvasHeight", "cm", 1, 2000, 1, 1, tr("Height of the canvas. Every size in the plan is measured on it.")))
    , m_distance(numberField("viewingDistance", "cm", 10, 5000, 0, 10,
          tr("Viewing distance. It decides how fine a detail can be seen and how many pixels a reference needs.")))
    , m_cast(new CastRow)
{
    m_title->setObjectName("title");
    m_title->setToolTip(tr("The title, which goes on every sheet"));
    m_title->setMinimumWidth(190);
    for (const char* medium : {"acrylic", "oil", "gouache", "watercolour", "casein", "mixed"})
        m_medium->addItem(tr(medium), medium);
    m_medium->setToolTip(tr("What it is painted in"));
    m_unit->addItem(tr("centimetres"));
    m_unit->addItem(tr("inches"));
    m_unit->setToolTip(tr("What lengths are shown in; the rulers follow"));
    m_newName->setObjectName("newMember");
    m_newName->setPlaceholderText(tr("who or what must appear…"));
    m_newName->setToolTip(tr("Name a member of the cast and press Enter: everything that must appear, in the order in "
                             "which it should be read"));
    auto* add = new QPushButton(tr("Add to the cast"));
    add->setObjectName("addMember");
    auto* top = new QHBoxLayout;
    top->addWidget(labelled(tr("Title"), m_title), 2);
    top->addWidget(labelled(tr("Canvas, width"), m_width));
    top->addWidget(labelled(tr("height"), m_height));
    const char* formats[] = {"Portrait", "Landscape", "Square"};
    for (int i = 0; i < 3; ++i) {
        auto* b = new QPushButton(tr(formats[i]));
        b->setObjectName(QString("format%1").arg(i));
        b->setToolTip(tr("Turns the canvas; a square takes the shorter side"));
        connect(b, &QPushButton::clicked, this, [this, i] { turn(i); });
        top->addWidget(b, 0, Qt::AlignBottom);
    }
    top->addWidget(labelled(tr("in"), m_unit));
    top->addWidget(labelled(tr("Medium"), m_medium));
    top->addWidget(labelled(tr("Seen from"), m_distance));
    auto* castHead = new QHBoxLayout;
    auto* head = new QLabel(tr("The cast, in reading order"));
    head->setProperty("role", "head");
    castHead->addWidget(head);
    auto* hint = new QLabel(tr("Drag a card to change its place; double-click to rename; Delete takes it away."));
    hint->setProperty("role", "hint");
    castHead->addWidget(hint, 1);
    castHead->addWidget(m_newName);
    castHead->addWidget(add);
    auto* layout = new QVBoxLayout(m_bench);
    layout->setContentsMargins(16, 6, 16, 8);
    layout->addLayout(top);
    layout->addLayout(castHead);
    layout->addWidget(m_cast, 1);

    connect(m_title, &QLineEdit::editingFinished, this, [this] { apply(tr("Name the work")); });
    for (auto* f : {m_width, m_height, m_distance})
        connect(f, &QDoubleSpinBox::valueChanged, this, [this] { apply(tr("Set the canvas")); });
    connect(m_medium, &QComboBox::activated, this, [this] { apply(tr("Choose the medium")); });
    connect(m_unit, &QComboBox::activated, this, [this] {
        Brief b = project().brief;
        b.unit = m_unit->currentIndex() == 1 ? LengthUnit::Inch : LengthUnit::Centimetre;
        work.document.edit(tr("Change the unit"), edits::withBrief(project(), b));
    });
    connect(add, &QPushButton::clicked, this, &BriefStation::addMember);
    connect(m_newName, &QLineEdit::returnPressed, this, &BriefStation::addMember);
    connect(m_cast, &CastRow::moved, this, [this](int from, int to) {
        work.document.edit(tr("Change the reading order"), edits::withCastMoved(project(), from, to));
    });
    connect(m_cast, &CastRow::removed, this, [this](int i) {
        Project p = project();
        p.brief.cast.erase(p.brief.cast.begin() + i);
        repair(p);
        work.document.edit(tr("Take out of the cast"), std::move(p));
    });
    connect(m_cast, &CastRow::renamed, this, [this](int i, const QString& name) {
        Project p = project();
        p.brief.cast[std::size_t(i)].name = name.toStdString();
        work.document.edit(tr("Rename in the cast"), std::move(p));
    });
}

void BriefStation::turn(int format)
{
    Brief b = project().brief;
    const double lo = std::min(b.widthCm, b.heightCm), hi = std::max(b.widthCm, b.heightCm);
    b.widthCm = format == 1 ? hi : lo;
    b.heightCm = format == 0 ? hi : lo;
    work.document.edit(tr("Turn the canvas"), edits::withBrief(project(), b));
}

void BriefStation::apply(const QString& what)
{
    Brief b = project().brief;
    const double unit = b.unit == LengthUnit::Inch ? 2.54 : 1;
    b.title = m_title->text().trimmed().toStdString();
    b.medium = m_medium->currentData().toString().toStdString();
    if (std::abs(m_width->value() * unit - b.widthCm) > 0.051 * unit)
        b.widthCm = m_width->value() * unit;
    if (std::abs(m_height->value() * unit - b.heightCm) > 0.051 * unit)
        b.heightCm = m_height->value() * unit;
    if (std::abs(m_distance->value() * unit - b.viewingDistanceCm) > 0.51 * unit)
        b.viewingDistanceCm = m_distance->value() * unit;
    if (b != project().brief)
        work.document.edit(what, edits::withBrief(project(), b));
}

void BriefStation::addMember()
{
    const QString name = m_newName->text().trimmed();
    if (name.isEmpty())
        return;
    Project p = project();
    const int id = p.freshId();
    p.brief.cast.push_back({id, name.toStdString()});
    m_newName->clear();
    work.document.edit(tr("Add to the cast"), std::move(p));
}

void BriefStation::refresh()
{
    const Brief& b = project().brief;
    const bool inch = b.unit == LengthUnit::Inch;
    const double unit = inch ? 2.54 : 1;
    if (!m_title->hasFocus() || m_title->text().trimmed().toStdString() != b.title)
        m_title->setText(QString::fromStdString(b.title));
    for (auto* f : {m_width, m_height, m_distance})
        f->setSuffix(inch ? " in" : " cm");
    setQuietly(m_width, b.widthCm / unit);
    setQuietly(m_height, b.heightCm / unit);
    setQuietly(m_distance, b.viewingDistanceCm / unit);
    m_medium->setCurrentIndex(std::max(0, m_medium->findData(QString::fromStdString(b.medium))));
    m_unit->setCurrentIndex(inch);
    m_cast->show(b.cast);
}

void BriefStation::paintOver(QPainter& p, const Board& board)
{
    // The cast where it stands, numbered in reading order.
    if (!work.lit || !work.review)
        return;
    const auto& a = work.review->reading.attention;
    int rank = 1;
    for (const CastMember& m : project().brief.cast) {
        for (const int id : a.order) {
            const Element* e = project().element(id);
            if (!e || e->cast != m.id)
                continue;
            const Vec2 px = a.centre.at(id);
            const QPointF c = board.toScreen(
                Vec2{px.x / work.review->picture.pixelsPerCm, px.y / work.review->picture.pixelsPerCm});
            p.setPen(QPen(theme::kInk, 1.5));
            p.setBrush(theme::kPaper);
            p.drawEllipse(c, 13, 13);
            p.setFont(theme::heading(18));
            p.drawText(QRectF(c.x() - 13, c.y() - 13, 26, 26), Qt::AlignCenter, QString::number(rank));
            break;
        }
        ++rank;
    }
}

CastRow::CastRow()
{
    setObjectName("cast");
    setMinimumHeight(78);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("The cast in reading order"));
}

void CastRow::show(std::vector<CastMember> cast)
{
    m_members = std::move(cast);
    m_chosen = std::min(m_chosen, int(m_members.size()) - 1);
    update();
}

QRect CastRow::cardRect(int i) const
{
    const int n = std::max(1, int(m_members.size())), w = std::min(170, (width() - 4) / n - 10);
    return {2 + i * (w + 10), 4, w, std::min(height() - 8, 84)};
}

int CastRow::at(QPoint p) const
{
    for (int i = 0; i < int(m_members.size()); ++i)
        if (cardRect(i).adjusted(-5, 0, 5, 0).contains(p))
            return i;
    return -1;
}

void CastRow::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (m_members.empty()) {
        p.setPen(theme::kFaint);
        p.drawText(rect(), Qt::AlignVCenter | Qt::TextWordWrap,
            tr("Nobody is in the cast yet. Name what must appear, most important first: the program then holds the "
               "picture's own order of reading against yours."));
        return;
    }
    for (int i = 0; i < int(m_members.size()); ++i) {
        QRectF r = cardRect(i);
        if (i == m_held)
            r.moveCenter({double(m_pointer.x()), r.center().y() - 3});
        p.setPen(QPen(i == m_chosen || i == m_held ? theme::kAccent : theme::kLine, i == m_chosen ? 2 : 1.2));
        p.setBrush(theme::kPaper);
        p.drawRoundedRect(r, 5, 5);
        p.setPen(theme::kFaint);
        p.setFont(theme::heading(30));
        p.drawText(r.adjusted(10, 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft, QString::number(i + 1));
        p.setPen(theme::kInk);
        p.setFont(theme::text(15, true));
        p.drawText(r.adjusted(36, 4, -6, -4), Qt::AlignVCenter | Qt::AlignLeft | Qt::TextWordWrap,
            QString::fromStdString(m_members[std::size_t(i)].name));
    }
}

void CastRow::mousePressEvent(QMouseEvent* e)
{
    m_chosen = m_held = at(e->position().toPoint());
    m_pointer = e->position().toPoint();
    update();
}
void CastRow::mouseMoveEvent(QMouseEvent* e)
{
    m_pointer = e->position().toPoint();
    update();
}
void CastRow::mouseReleaseEvent(QMouseEvent* e)
{
    const int from = m_held, to = at(e->position().toPoint());
    m_held = -1;
    update();
    if (from >= 0 && to >= 0 && from != to) {
        m_chosen = to;
        emit moved(from, to);
    }
}
void CastRow::mouseDoubleClickEvent(QMouseEvent* e)
{
    const int i = at(e->position().toPoint());
    m_held = -1;
    if (i < 0)
        return;
    bool ok = false;
    const QString name = QInputDialog::getText(this, tr("Rename"), tr("Name in the cast:"), QLineEdit::Normal,
        QString::fromStdString(m_members[std::size_t(i)].name), &ok);
    if (ok && !name.trimmed().isEmpty())
        emit renamed(i, name.trimmed());
}
void CastRow::keyPressEvent(QKeyEvent* e)
{
    const int n = int(m_members.size());
    if (e->key() == Qt::Key_Delete && m_chosen >= 0)
        emit removed(m_chosen);
    else if ((e->key() == Qt::Key_Left || e->key() == Qt::Key_Right) && n > 0) {
        const int to = std::clamp(m_chosen + (e->key() == Qt::Key_Right ? 1 : -1), 0, n - 1);
        if (e->modifiers() & Qt::ControlModifier && m_chosen >= 0 && to != m_chosen)
            emit moved(m_chosen, to);
        m_chosen = to;
        update();
    } else
        QWidget::keyPressEvent(e);
}

} // namespace rl::app
