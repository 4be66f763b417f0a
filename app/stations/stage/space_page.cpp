#include "app/stations/stage/space_page.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/project/stage_edits.h"
#include "core/review/first_steps.h"
#include <QPainter>

namespace rl::app {

/// One question, asked on the picture itself.
class SpacePage::EyeLine final : public Tool {
public:
    explicit EyeLine(SpacePage& page)
        : m_page(page)
    {
    }
    double y = 0; ///< cm
    QString hint() const override
    {
        return SpacePage::tr("Drag the line to where your eyes were: whatever it crosses was as high as the camera. "
                             "Enter takes it.");
    }
    bool press(const BoardPoint& p) override
    {
        y = p.at.y;
        return true;
    }
    void move(const BoardPoint& p) override { y = p.at.y; }
    void release(const BoardPoint& p) override
    {
        y = p.at.y;
        finish();
    }
    bool finish() override
    {
        m_page.m_asking = false;
        m_page.m_desk.edit(SpacePage::tr("Set the eye level"), review::withEyeLevelSaid(m_page.project(), y));
        emit m_page.lookChanged();
        return true;
    }
    bool drop() override
    {
        m_page.m_asking = false;
        emit m_page.lookChanged();
        return true;
    }
    void paint(QPainter& p, const Board& board) const override
    {
        const QPointF a = board.toScreen(Vec2{0, y}), b = board.toScreen(Vec2{board.widthCm(), y});
        p.setPen(QPen(theme::kGlow, 3));
        p.drawLine(a, b);
        p.setBrush(theme::kGlow);
        p.drawEllipse((a + b) / 2, 7, 7);
    }

private:
    SpacePage& m_page;
};

SpacePage::SpacePage(Desk& desk, StationView& view)
    : StagePage(desk, view, tr("Perspective"), tr("Eye level, horizon, and how wide the view is"))
    , m_eyes(std::make_unique<EyeLine>(*this))
    , m_vanishing(desk)
{
    const auto camera = lens::camera();
    m_form->number(camera, &Camera::horizonCm,
        {"horizon", tr("horizon (from top)"),
            tr("Horizon, from the top of the canvas. Drag its line in the picture; everything keeps its place on the "
               "ground."),
            tr("Set the horizon")});
    m_form->number(camera, &Camera::eyeHeightM,
        {"eyeHeight", tr("eye height"),
            tr("Eye height above the ground. High eyes spread the ground out, low ones stack it."),
            tr("Set the eye height")});
    m_form->number(camera, &Camera::fovDegrees,
        {"fov", tr("field of view"), tr("Field of view across the canvas. Wide for deep space, narrow for flat."),
            tr("Set the field of view"), NumberFormat{1, QChar(0xb0), 1, 1}});
    m_form->value(
        {"standOff", tr("perspective true from"),
            tr("How far from the canvas its perspective is true: the field of view, as a place to stand."), {}},
        NumberFormat{1, " cm", 0, 5}, 1, 50000, [this] { return std::optional(stage::eyeOf(project()).focalCm); },
        [this](double v, int g) {
            m_desk.edit(tr("Set where its perspective is true"), edits::withPerspectiveFrom(project(), v), g);
        });
    m_form->button("matchViewing", tr("Match viewing distance"),
        tr("Sets the perspective so that it is true from the viewing distance in the brief"), [this] {
            m_desk.edit(tr("Set the perspective for the viewing distance"),
                edits::withPerspectiveFrom(project(), project().brief.viewingDistanceCm));
        });
    m_form->button(
        "askEyes", tr("Set eye level…"),
        tr("Drag a line in the backdrop to the camera's height, where the picture does not show it"),
        [this] { askEyes(); }, [this] { return project().backdrop.reference != 0; });
    m_form->value(
        {"knownHeight", tr("known height"),
            tr("How high something in the backdrop is in truth: somebody, a door, a storey. Then take By that height "
               "and click its foot and its top."),
            {}},
        NumberFormat{1, " m", 2, 0.05}, 0.02, 500,
        [this] { return project().backdrop.reference ? std::optional(m_knownM) : std::nullopt; },
        [this](double v, int) { m_knownM = v; });
    drawLatch(
        "byHeight", tr("Measure from known height…"),
        tr("Click foot and top of something in the backdrop that stands on the ground and has that height: measures "
           "the camera's height"),
        [this] { return knownWanted(); }, [this] { return project().backdrop.reference != 0; });
    drawLatch(
        "upright", tr("Outline a wall or cliff…"),
        tr("Outline a wall, a cliff or a machine in the backdrop: it stands at its foot, takes shadows, and hides what "
           "walks behind it"),
        [this] { return uprightWanted(); }, [this] { return project().backdrop.reference != 0; });
    m_lines = m_form->latch(
        "backdropLines", tr("Vanishing lines"),
        tr("Shows which straight edges of the backdrop meet, and at what eye level; yours should lie there (V)"),
        [this](bool on) {
            m_vanishing.setShown(on);
            m_vanishing.ask();
            emit saysChanged();
            emit m_desk.overlayChanged();
        },
        [this] { return project().backdrop.reference != 0; });
    m_vanishing.setFound([this] {
        emit saysChanged();
        emit m_desk.overlayChanged();
    });
}

SpacePage::~SpacePage() = default;

std::vector<Tool*> SpacePage::tools()
{
    return m_asking ? std::vector<Tool*>{m_eyes.get()} : StagePage::tools();
}

void SpacePage::askEyes()
{
    m_asking = true;
    m_eyes->y = project().camera.horizonCm;
    emit lookChanged();
    emit saysChanged();
    emit m_desk.boardWanted();
}

PointsWanted SpacePage::knownWanted()
{
    PointsWanted w;
    w.hint = tr("Click its foot, then its top: it is %1 m high.").arg(QLocale().toString(m_knownM, 'f', 2));
    w.least = w.most = 2;
    w.done = [this](const std::vector<OutlinePoint>& points) {
        auto told = review::withEyeHeightBy(project(), points[0].at, points[1].at, m_knownM);
        if (!told)
            return m_desk.notices.fail(told.error());
        const Project p = told.take();
        m_desk.notices.say(
            tr("The camera was %1 m above the ground.").arg(QLocale().toString(p.camera.eyeHeightM, 'f', 2)));
        m_desk.edit(tr("Set the eye height"), p);
    };
    return w;
}

PointsWanted SpacePage::uprightWanted()
{
    PointsWanted w;
    w.hint = tr("Click round it, foot and all.");
    w.least = 3, w.closed = true;
    w.tooFew = tr("Three corners at least.");
    w.done = [this](const std::vector<OutlinePoint>& points) {
        std::vector<Vec2> outline;
        for (const OutlinePoint& q : points)
            outline.push_back(q.at);
        auto stood = review::withUprightStood(
            project(), outline, tr("upright %1").arg(project().elements.size() + 1).toStdString());
        if (!stood)
            return m_desk.notices.fail(stood.error());
        Project p = stood.take();
        const int id = p.elements.back().id;
        m_desk.edit(tr("Stand up what is upright"), std::move(p));
        m_desk.holdElement(id);
    };
    return w;
}

void SpacePage::toggleLines()
{
    m_lines->toggle();
}

std::vector<Overlay*> SpacePage::overlays()
{
    return {&m_horizon, &m_guides, &m_vanishing, &m_frame};
}

void SpacePage::refresh()
{
    StagePage::refresh();
    m_vanishing.ask();
}

QString SpacePage::says() const
{
    return m_asking ? m_eyes->hint() : m_vanishing.shown() ? m_vanishing.words() : sizeWords();
}

} // namespace rl::app
