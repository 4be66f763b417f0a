#include "app/stations/carry/throw_page.h"
#include "core/transfer/canvas_plan.h"
#include <QGuiApplication>
#include <QScreen>

namespace rl::app {

namespace {
Photo photoOf(const QImage& image)
{
    const QImage rgb = image.convertToFormat(QImage::Format_RGB888);
    std::vector<Rgb8> pixels;
    pixels.reserve(std::size_t(rgb.width()) * std::size_t(rgb.height()));
    for (int y = 0; y < rgb.height(); ++y)
        for (const uchar *p = rgb.constScanLine(y), *end = p + 3 * rgb.width(); p < end; p += 3)
            pixels.push_back({p[0], p[1], p[2]});
    return {rgb.width(), rgb.height(), std::move(pixels)};
}
QImage imageOfPhoto(const Photo& p)
{
    return QImage(reinterpret_cast<const uchar*>(p.data()), p.width(), p.height(), 3 * p.width(), QImage::Format_RGB888)
        .copy();
}
} // namespace

ThrowPage::ThrowPage(Desk& desk, StationView& view)
    : CarryPage(desk, view, tr("Projector"), tr("The picture projected onto the canvas, aligned to its corners"))
    , m_bend(desk.jobs)
    , m_photo(desk.jobs)
    , m_found(desk.jobs)
{
    m_marks.shows.lines = true;
    projectorField();
    whatFields();
    brightnessFields();
    throwButtons();
    heard();
}

void ThrowPage::heard()
{
    connect(&m_bend, &JobBase::done, this, [this] {
        if (m_dots || !m_thrown || m_bend.problem() || !m_bend.last())
            return;
        if (m_bend.last()->content == m_content)
            m_canvas = m_bend.last()->canvas;
        throwBent(m_bend.last()->bent);
    });
    connect(&m_photo, &JobBase::done, this, [this] {
        if (m_room && m_photo.last())
            m_room->setPicture(*m_photo.last());
    });
    connect(&m_found, &JobBase::done, this, [this] {
        if (m_found.problem() || !m_found.last())
            return;
        m_keystone = *m_found.last();
        m_dots = false;
        throwIt();
        refresh();
        emit saysChanged();
    });
    connect(&m_state, &CarryState::changed, this, [this] { throwIt(); });
    connect(&m_desk, &Desk::closing, this, [this] { setThrowing(false); });
    connect(qApp, &QGuiApplication::screenRemoved, this, [this](QScreen* gone) {
        if (m_thrown && m_screen > 0 && m_thrown->screen() == gone) {
            m_desk.notices.say(tr("The projector was unplugged; nothing is thrown any more."));
            setThrowing(false);
        }
        m_screen = 0; // screens are counted anew
        refresh();
    });
}

ThrowPage::~ThrowPage() = default;

QScreen* ThrowPage::screenChosen() const
{
    return QGuiApplication::screens().value(m_screen - 1); // null: the simulated one, or it was unplugged
}

int ThrowPage::widthPx() const
{
    return screenChosen() ? screenChosen()->size().width() : 1280;
}
int ThrowPage::heightPx() const
{
    return screenChosen() ? screenChosen()->size().height() : 800;
}

void ThrowPage::refresh()
{
    CarryPage::refresh();
}

void ThrowPage::setThrowing(bool on)
{
    if (!on) {
        m_thrown.reset();
        m_room.reset();
        m_simulated.reset();
        m_canvas = {}, ++m_content;
        m_dots = false;
        CarryPage::refresh();
        if (auto* latch = findChild<QPushButton*>("throwNow"))
            latch->setChecked(false);
        emit saysChanged();
        return;
    }
    QScreen* const screen = screenChosen();
    if (m_screen > 0 && !screen) {
        m_desk.notices.say(tr("That projector is not connected any more; choose another."));
        m_screen = 0;
        return setThrowing(false);
    }
    const auto canvas = transfer::canvasPlanOf(project());
    m_thrown = std::make_unique<ThrowWindow>(tr("Projector"));
    QImage dark(widthPx(), heightPx(), QImage::Format_RGB32); // its corners can be dragged before anything is drawn
    dark.fill(Qt::black);
    m_thrown->setPicture(dark);
    connect(m_thrown.get(), &ThrowWindow::cornersMoved, this, &ThrowPage::setCorners);
    connect(m_thrown.get(), &ThrowWindow::shut, this, [this] {
        QMetaObject::invokeMethod(
            this, [this] { setThrowing(false); }, Qt::QueuedConnection);
    });
    if (m_screen == 0) {
        m_simulated = std::make_unique<devices::SimulatedProjector>(canvas.widthCm, canvas.heightCm);
        m_room = std::make_unique<ThrowWindow>(tr("The simulated room"));
        m_room->setObjectName("room");
        m_room->resize(820, 580);
        m_room->show();
        m_thrown->resize(640, 400);
        m_thrown->show();
    } else {
        m_thrown->setScreen(screen);
        m_thrown->setGeometry(screen->geometry());
        m_thrown->showFullScreen();
    }
    if (!m_keystone) { // four fifths of the picture, to begin with
        const double w = widthPx(), h = heightPx();
        setCorners({Vec2{0.1 * w, 0.1 * h}, Vec2{0.9 * w, 0.1 * h}, Vec2{0.9 * w, 0.9 * h}, Vec2{0.1 * w, 0.9 * h}});
    }
    throwIt();
    CarryPage::refresh();
}

void ThrowPage::setCorners(const transfer::Corners& px)
{
    const auto canvas = transfer::canvasPlanOf(project());
    if (const auto k = transfer::keystoneOf(px, canvas.widthCm, canvas.heightCm)) {
        m_keystone = *k;
        m_dots = false;
        throwIt(false);
        emit saysChanged();
    }
}

std::set<int> ThrowPage::inPass() const
{
    std::vector<std::pair<double, int>> far;
    for (const auto& e : project().elements)
        if (const auto at = m_desk.placed(e); at.visible)
            far.emplace_back(-at.distance, e.id);
    std::sort(far.begin(), far.end());
    std::set<int> out;
    const std::size_t n = far.size(), from = n * std::size_t(m_pass - 1) / 3, to = n * std::size_t(m_pass) / 3;
    for (std::size_t i = from; i < to; ++i)
        out.insert(far[i].second);
    return out;
}

ToThrow ThrowPage::wish() const
{
    ToThrow w{project(), m_what, m_step, m_desk.element(), m_bright, m_inverted, {}, {}, m_desk.lit};
    if (m_what == ToThrow::Pass)
        w.pass = inPass();
    if (const auto* d = m_state.drawn())
        w.lines = d->lines;
    return w;
}

void ThrowPage::throwIt(bool anew)
{
    if (!m_thrown || !m_keystone)
        return;
    if (anew)
        m_canvas = {}, ++m_content;
    const auto canvas = transfer::canvasPlanOf(project());
    if (m_dots) {
        transfer::DotPattern dots;
        dots.widthPx = widthPx(), dots.heightPx = heightPx();
        m_thrown->setHandles({});
        const Mask pattern = dots.picture();
        return throwBent(photoOf(
            QImage(pattern.data(), pattern.width(), pattern.height(), pattern.width(), QImage::Format_Grayscale8)));
    }
    transfer::Corners handles;
    const double w = canvas.widthCm, h = canvas.heightCm;
    const transfer::Corners at{Vec2{0, 0}, Vec2{w, 0}, Vec2{w, h}, Vec2{0, h}};
    for (std::size_t i = 0; i < 4; ++i)
        handles[i] = m_keystone->projectorAt(at[i]);
    m_thrown->setHandles(handles);
    m_bend.ask(++m_count,
        [wish = m_canvas.empty() ? std::optional(this->wish()) : std::nullopt, drawn = m_canvas, content = m_content,
            keystone = *m_keystone, w, h, across = widthPx(), down = heightPx()](Progress&) -> Result<Thrown> {
            Thrown t{wish ? photoOf(thrownPicture(*wish)) : drawn, {}, content};
            t.bent = transfer::prewarped(t.canvas, keystone, w, h, across, down);
            return t;
        });
}

void ThrowPage::throwBent(const Photo& bent)
{
    m_thrown->setPicture(imageOfPhoto(bent));
    if (m_simulated) {
        m_simulated->show(bent);
        showRoom();
    }
}

void ThrowPage::showRoom()
{
    m_photo.ask(
        ++m_count, [room = *m_simulated](Progress&) { return Result<QImage>(imageOfPhoto(room.photograph(900))); });
}

} // namespace rl::app
