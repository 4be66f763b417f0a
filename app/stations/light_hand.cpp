// The light under the hand: carrying, drawing parts of a relief, keys, and what is drawn over the board.
#include "app/stations/light_station.h"
#include "app/stations/stage_station.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>

namespace rl::app {

void LightStation::startDrawing(Drawing what)
{
    m_drawing = what;
    m_drawn.clear();
    m_drawPart->setChecked(what == Drawing::Part);
    m_drawRidge->setChecked(what == Drawing::Ridge);
    m_drawEye->setChecked(what == Drawing::Eye);
    m_focal->setChecked(what == Drawing::Focal);
    say();
    emit overlayChanged();
}

QString LightStation::drawingWords() const
{
    switch (m_drawing) {
    case Drawing::Part:
        return tr("Click round the part. Enter closes it, Backspace takes a point back, Escape gives it up.");
    case Drawing::Ridge:
        return tr("Click along the ridge. Enter ends it, Backspace takes a point back, Escape gives it up.");
    case Drawing::Eye:
        return tr("Click the middle of an eye.");
    case Drawing::Focal:
        return tr("Click where the light should stay full.");
    case Drawing::None:
        break;
    }
    return {};
}

std::optional<Vec2> LightStation::shareAt(Vec2 at) const
{
    const Element* e = work.heldElement();
    const auto place = e ? stage::placed(project(), *e, work.light.surfaces()) : stage::Placement{};
    if (!place.visible || place.canvas.width <= 0 || place.canvas.height <= 0)
        return {};
    const double u = (at.x - place.canvas.x) / place.canvas.width;
    return Vec2{e->mirrored ? 1 - u : u, (at.y - place.canvas.y) / place.canvas.height};
}

std::optional<Vec2> LightStation::canvasAt(Vec2 share) const
{
    const Element* e = work.heldElement();
    const auto place = e ? stage::placed(project(), *e, work.light.surfaces()) : stage::Placement{};
    if (!place.visible)
        return {};
    const double u = e->mirrored ? 1 - share.x : share.x;
    return Vec2{place.canvas.x + u * place.canvas.width, place.canvas.y + share.y * place.canvas.height};
}

void LightStation::finishDrawing()
{
    std::vector<Vec2> shares;
    for (const Vec2& at : m_drawn)
        if (const auto share = shareAt(at))
            shares.push_back(*share);
    const Drawing what = m_drawing;
    const std::size_t least = what == Drawing::Part ? 3 : what == Drawing::Ridge ? 2 : 1;
    if (shares.size() < least) {
        emit work.notice(what == Drawing::Part ? tr("A part needs three points or more, on the element in hand.")
                                               : tr("A ridge needs two points or more, on the element in hand."));
        return startDrawing(Drawing::None);
    }
    startDrawing(what == Drawing::Eye ? what : Drawing::None); // a second eye is likely
    if (what == Drawing::Part) {
        editElement(tr("Outline a part"), [&](Element& e) {
            e.parts.push_back({shares, Form::Puffed, true, 0, 0, 1});
        });
        m_part->setCurrentIndex(m_part->count() - 1);
        fillForm();
    } else if (what == Drawing::Ridge) {
        const Ridge ridge{shares, m_ridgeHeight->value(), m_ridgeWidth->value() / 100};
        editElement(tr("Draw a ridge"), [&](Element& e) { e.ridges.push_back(ridge); });
    } else if (what == Drawing::Eye) {
        editElement(tr("Place an eye"), [&](Element& e) { e.eyes.push_back({shares.front(), 0.012}); });
    }
}

void LightStation::paintShapes(QPainter& p, const Board& board) const
{
    const auto lineOf = [&](const std::vector<Vec2>& shares) {
        QPolygonF line;
        for (const Vec2& s : shares)
            if (const auto at = canvasAt(s))
                line << board.toScreen(*at);
        return line;
    };
    const auto draw = [&](const QPolygonF& line, bool closed, bool held) {
        for (const auto& [colour, width] :
            {std::pair(theme::kInk, 3.0), std::pair(held ? theme::kGlow : theme::kPaper, 1.4)}) {
            p.setPen(QPen(colour, width));
            p.setBrush(Qt::NoBrush);
            closed ? p.drawPolygon(line) : p.drawPolyline(line);
        }
    };
    if (const Element* e = work.heldElement()) {
        for (int i = 0; i < int(e->parts.size()); ++i)
            draw(lineOf(e->parts[std::size_t(i)].outline), true, m_part->currentData().toInt() == i);
        for (const Ridge& r : e->ridges)
            draw(lineOf(r.line), false, false);
        for (const EyeBall& eye : e->eyes)
            if (const auto at = canvasAt(eye.at)) {
                p.setPen(QPen(theme::kPaper, 1.2));
                p.drawEllipse(board.toScreen(*at), 7, 7);
            }
    }
    QPolygonF line;
    for (const Vec2& at : m_drawn)
        line << board.toScreen(at);
    draw(line, false, true);
    for (const QPointF& at : line)
        p.drawEllipse(at, 3, 3);
}

void LightStation::paintFocal(QPainter& p, const Board& board) const
{
    const Air& a = project().lights.air;
    if (a.vignette <= 0)
        return;
    const Vec2 at = a.vignetteAt.x < 0 ? Vec2{board.widthCm() / 2, board.heightCm() / 2} : a.vignetteAt;
    const double reach = a.vignetteReach * std::hypot(board.widthCm(), board.heightCm()) / 2 * board.pixelsPerCm();
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(QColor(255, 255, 255, 170), 1.2, Qt::DashLine));
    p.drawEllipse(board.toScreen(at), reach, reach);
    p.drawEllipse(board.toScreen(at), 4, 4);
}

void LightStation::paintExtent(QPainter& p, const Board& board, const Lantern& l) const
{
    const stage::Eye eye = stage::eyeOf(project());
    QPolygonF line;
    if (l.kind == LampKind::Panel) {
        for (Vec3 c : light::cornersOf(l)) {
            c.z = std::max(c.z, 0.1);
            line << board.toScreen(stage::projected(eye, c));
        }
    } else {
        for (const Vec2 side : {Vec2{-1, 1}, Vec2{1, 1}, Vec2{1, -1}, Vec2{-1, -1}})
            line << board.toScreen(
                stage::projected(eye, l.position + Vec3{side.x * l.wide / 2, side.y * l.high / 2, 0}));
    }
    p.setPen(QPen(QColor(255, 244, 220, 200), 1.2, l.kind == LampKind::Panel ? Qt::SolidLine : Qt::DotLine));
    p.drawPolygon(line);
}

void LightStation::paintOver(QPainter& p, const Board& board)
{
    const stage::Eye eye = stage::eyeOf(project());
    p.setFont(theme::text(12));
    if (m_arcs->isChecked() && m_page == Page::Sky)
        paintArcs(p, board);
    if (m_page == Page::Form)
        paintShapes(p, board);
    if (m_page == Page::Air)
        paintFocal(p, board);
    for (const Lantern& l : project().lights.lanterns) {
        if (!l.on)
            continue;
        const QPointF c = board.toScreen(stage::projected(eye, l.position)),
                      foot = board.toScreen(stage::projected(eye, {l.position.x, 0, l.position.z}));
        const bool held = l.id == work.lantern();
        p.setPen(QPen(QColor(255, 244, 220, held ? 220 : 130), 1.2, Qt::DashLine));
        p.drawLine(c, foot);
        p.drawLine(foot - QPointF(6, 0), foot + QPointF(6, 0));
        p.setBrush(Qt::NoBrush);
        if (l.kind != LampKind::Flame)
            paintExtent(p, board, l);
        p.setPen(QPen(theme::kInk, 3.5));
        p.drawEllipse(c, 10, 10);
        p.setPen(QPen(held ? theme::kGlow : theme::kPaper, 2));
        p.drawEllipse(c, 10, 10);
    }
}

bool LightStation::press(Vec2 at, Qt::KeyboardModifiers, const Board& board)
{
    if (m_drawing == Drawing::Focal) {
        startDrawing(Drawing::None);
        editAir(tr("Set the focal place"), [&](Air& a) {
            a.vignetteAt = {std::max(0.0, at.x), at.y};
            if (a.vignette <= 0)
                a.vignette = 0.5;
        });
        return true;
    }
    if (m_drawing != Drawing::None) {
        m_drawn.push_back(at);
        if (m_drawing == Drawing::Eye)
            finishDrawing();
        emit overlayChanged();
        return true;
    }
    const stage::Eye eye = stage::eyeOf(project());
    for (const Lantern& l : project().lights.lanterns) {
        const Vec2 c = stage::projected(eye, l.position);
        if ((c - at).length() * board.pixelsPerCm() < 14) {
            work.holdLantern(l.id);
            m_grip = c - at;
            m_carrying = true;
            m_gesture = work.document.freshGesture();
            return true;
        }
    }
    if (const int id = work.lit ? elementAt(*work.lit, at) : 0) {
        work.holdElement(id);
        return true;
    }
    return false;
}

void LightStation::move(Vec2 at, Qt::KeyboardModifiers keys, const Board&)
{
    if (!m_carrying)
        return;
    const stage::Eye eye = stage::eyeOf(project());
    const Vec2 to = at + m_grip;
    editLantern(
        tr("Carry the lantern"),
        [&](Lantern& l) {
            if (keys & Qt::ShiftModifier) { // towards and away, keeping its height
                const double drop = to.y - eye.horizon;
                if (std::abs(drop) > 0.05 && (eye.heightM - l.position.y) / drop > 0)
                    l.position.z = std::clamp(eye.focalCm * (eye.heightM - l.position.y) / drop, 0.5, 400.0);
            } else
                l.position = stage::atDistance(eye, to, l.position.z);
            l.position.y = std::max(l.position.y, 0.05);
        },
        m_gesture);
}

void LightStation::release(Vec2, const Board&)
{
    if (m_carrying)
        work.document.finishGesture();
    m_carrying = false;
}

bool LightStation::key(QKeyEvent* e)
{
    if (m_drawing != Drawing::None) {
        if (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter) {
            finishDrawing();
            return true;
        }
        if (e->key() == Qt::Key_Backspace && !m_drawn.empty()) {
            m_drawn.pop_back();
            emit overlayChanged();
            return true;
        }
        if (e->key() == Qt::Key_Escape) {
            startDrawing(Drawing::None);
            return true;
        }
    }
    const double step = e->modifiers() & Qt::ShiftModifier ? 1.0 : 0.1; // m
    const auto carry
        = [&](Vec3 by) { editLantern(tr("Carry the lantern"), [&](Lantern& l) { l.position = l.position + by; }); };
    switch (e->key()) {
    case Qt::Key_Left:
        carry({-step, 0, 0});
        return true;
    case Qt::Key_Right:
        carry({step, 0, 0});
        return true;
    case Qt::Key_Up:
        carry({0, step, 0});
        return true;
    case Qt::Key_Down:
        carry({0, -step, 0});
        return true;
    case Qt::Key_PageUp:
        carry({0, 0, step});
        return true;
    case Qt::Key_PageDown:
        carry({0, 0, -step});
        return true;
    case Qt::Key_Z:
        m_zones->toggle();
        return true;
    case Qt::Key_A:
        m_asPhotographed->toggle();
        return true;
    case Qt::Key_L:
        addLantern();
        return true;
    default:
        return false;
    }
}

} // namespace rl::app
