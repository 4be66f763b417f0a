#include "app/board/board.h"
#include "app/stations/paint/sitting_page.h"
#include "app/theme/theme.h"
#include "core/colour/srgb.h"
#include "core/project/edits.h"
#include "core/project/painting_edits.h"
#include "core/project/takes.h"
#include "devices/camera.h"
#include "output/work_sheets.h"
#include "store/picture_reader.h"
#include "store/stored_picture.h"
#include <QFileDialog>
#include <QHeaderView>
#include <QListWidget>
#include <QPainter>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace rl::app {

/// The sash is pushed across the board: left of it the canvas, right of it the stage.
class PhotoPage::Wipe final : public Tool {
public:
    explicit Wipe(PhotoPage& page)
        : m_page(page)
    {
    }
    bool press(const BoardPoint& p) override
    {
        move(p);
        return true;
    }
    void move(const BoardPoint& p) override
    {
        m_page.m_sash = std::clamp(p.at.x / m_page.project().brief.widthCm, 0.0, 1.0);
        emit m_page.lookChanged();
    }

private:
    PhotoPage& m_page;
};

/// Four clicks on the photograph as it is: upper left, upper right, lower right, lower left.
class PhotoPage::Corner final : public Tool {
public:
    explicit Corner(PhotoPage& page)
        : m_page(page)
    {
    }
    QString hint() const override
    {
        static const char* const names[] = {
            QT_TR_NOOP("upper left"), QT_TR_NOOP("upper right"), QT_TR_NOOP("lower right"), QT_TR_NOOP("lower left")};
        return PhotoPage::tr("Click the canvas' %1 corner in the photograph.")
            .arg(PhotoPage::tr(names[m_corners.size() % 4]));
    }
    bool press(const BoardPoint& p) override
    {
        const auto px = m_page.inPhoto(p.at);
        if (!px)
            return false;
        m_corners.push_back(*px);
        if (m_corners.size() == 4) {
            m_page.m_desk.edit(PhotoPage::tr("Set the corners by hand"),
                edits::withCanvasCorners(m_page.project(), m_page.m_state.photo(), m_corners));
            m_corners.clear();
            m_page.m_mode = Nothing, m_page.m_shown = Even;
            m_page.m_state.compare();
            m_page.show();
        }
        emit m_page.lookChanged();
        return true;
    }
    bool stepBack() override
    {
        if (m_corners.empty())
            return false;
        m_corners.pop_back();
        return true;
    }
    bool drop() override
    {
        m_corners.clear();
        m_page.m_mode = Nothing;
        emit m_page.lookChanged();
        return true;
    }

private:
    PhotoPage& m_page;
    std::vector<Vec2> m_corners;
};

/// A box is dragged: where the paint is better than the plan, or about a grey card.
class PhotoPage::DragBox final : public Tool {
public:
    DragBox(PhotoPage& page, QString hint, std::function<void(const Rect&)> done)
        : m_page(page)
        , m_hint(std::move(hint))
        , m_done(std::move(done))
    {
    }
    QString hint() const override { return m_hint; }
    bool press(const BoardPoint& p) override
    {
        m_from = m_to = p.at, m_on = true;
        return true;
    }
    void move(const BoardPoint& p) override { m_to = p.at; }
    void release(const BoardPoint& p) override
    {
        m_to = p.at, m_on = false;
        const Rect r{std::min(m_from.x, m_to.x), std::min(m_from.y, m_to.y), std::abs(m_to.x - m_from.x),
            std::abs(m_to.y - m_from.y)};
        m_page.m_mode = Nothing;
        if (r.width > 0.2 && r.height > 0.2)
            m_done(r);
        m_page.show();
        emit m_page.lookChanged();
    }
    bool drop() override
    {
        m_on = false, m_page.m_mode = Nothing;
        emit m_page.lookChanged();
        return true;
    }
    void paint(QPainter& p, const Board& board) const override
    {
        if (!m_on)
            return;
        p.setPen(QPen(theme::kGlow, 2));
        p.drawRect(QRectF(board.toScreen(m_from), board.toScreen(m_to)).normalized());
    }

private:
    PhotoPage& m_page;
    QString m_hint;
    std::function<void(const Rect&)> m_done;
    Vec2 m_from, m_to;
    bool m_on = false;
};

std::optional<Vec2> PhotoPage::inPhoto(Vec2 cm) const
{
    const CanvasPhoto* c = m_state.heldPhoto();
    const Reference* r = c ? project().reference(c->reference) : nullptr;
    if (!r)
        return {};
    // The photograph fills the board's canvas as it fits.
    const double w = project().brief.widthCm, h = project().brief.heightCm,
                 k = std::max(r->pixels.width() / w, r->pixels.height() / h);
    return Vec2{(cm.x - w / 2) * k + r->pixels.width() / 2.0, (cm.y - h / 2) * k + r->pixels.height() / 2.0};
}

void PhotoPage::accept(const Rect& r)
{
    m_desk.edit(tr("Take the canvas as the plan"), edits::withAccepted(project(), {0, m_state.photo(), r}));
}

void PhotoPage::setGrey(const Rect& r)
{
    const auto from = inPhoto({r.x, r.y}), to = inPhoto({r.right(), r.bottom()});
    if (!from || !to)
        return;
    const Rect px{
        std::max(0.0, from->x), std::max(0.0, from->y), to->x - std::max(0.0, from->x), to->y - std::max(0.0, from->y)};
    m_desk.edit(tr("Show the grey card"), edits::withCanvasGrey(project(), m_state.photo(), px));
    m_shown = Even;
    m_state.compare();
}

PhotoPage::PhotoPage(Desk& desk, StationView& view)
    : PaintPage(desk, view, tr("Canvas"), tr("A photograph of the canvas, squared up and held against this stage"))
    , m_wipe(std::make_unique<Wipe>(*this))
    , m_corner(std::make_unique<Corner>(*this))
    , m_accept(std::make_unique<DragBox>(
          *this, tr("Drag a box over what is better than the plan."), [this](const Rect& r) { accept(r); }))
    , m_card(std::make_unique<DragBox>(
          *this, tr("Drag a box inside the grey card in the photograph."), [this](const Rect& r) { setGrey(r); }))
    , m_beside(new QWidget)
    , m_strip(new QListWidget)
    , m_list(new QTreeWidget)
    , m_camera(desk.jobs)
    , m_idea(desk.jobs)
{
    connect(&m_camera, &JobBase::done, this, [this] {
        if (!m_camera.problem() && m_camera.last())
            m_state.takePhoto(*m_camera.last());
    });
    connect(&m_idea, &JobBase::done, this, &PhotoPage::takeIdea);
    m_marks.drift = true;
    photoFields();
    handFields();
    outFields();
    layOutBeside();
}

bool PhotoPage::some() const
{
    return m_state.heldPhoto() != nullptr;
}

void PhotoPage::photoFields()
{
    m_form->mainButton("bringPhoto", tr("Photograph…"),
        tr("A photograph of the canvas from a file; it is squared up and compared"), [this] {
            const QString file = QFileDialog::getOpenFileName(
                this, tr("Photograph of the canvas"), {}, tr("Pictures (*.jpg *.jpeg *.png *.tif *.heic *.webp)"));
            if (!file.isEmpty())
                bringIn(file);
        });
    m_form->button(
        "simulatePhoto", tr("Simulated easel"),
        tr("To learn with: photographs this stage askew, in lamp light, with a thing gone astray"),
        [this] { simulate(int(project().painting.photos.size()) + 3); }, [this] { return m_state.work() != nullptr; });
    m_form->pick(
        {"canvasPhoto", tr("photograph"), tr("Those of this work, by day"), {}},
        [this] {
            Choices all;
            for (const CanvasPhoto& c : project().painting.photos)
                all.emplace_back(dayOf(c), c.id);
            return all;
        },
        [this]() -> std::optional<int> {
            return project().painting.photos.empty() ? std::nullopt : std::optional(m_state.photo());
        },
        [this](int id) { m_state.holdPhoto(id); });
    m_form->pick(
        {"photoShown", tr("shown"), tr("What lies on the board; drag across it to wipe the stage over it (W)"), {}},
        [] {
            return Choices{{tr("the canvas in even light"), Even}, {tr("the canvas squared up"), Squared},
                {tr("this stage"), Stage}, {tr("the photograph"), Raw}, {tr("what is new since the last"), Since}};
        },
        [this] { return some() ? std::optional(m_shown) : std::nullopt; },
        [this](int i) {
            m_shown = i;
            emit lookChanged();
        });
}

void PhotoPage::handFields()
{
    const auto mode = [this](const char* name, const QString& words, const QString& tip, Mode which, bool raw) {
        m_form->latch(
            name, words, tip,
            [this, which, raw](bool on) {
                m_mode = on ? which : Nothing;
                if (on && raw)
                    m_shown = Raw;
                emit lookChanged();
            },
            [this] { return some(); });
    };
    mode("cornersByHand", tr("Corners by hand"),
        tr("Click the four corners in the photograph, from the upper left round"), Corners, true);
    mode("greyCard", tr("Grey card"),
        tr("Drag a box inside a grey card in the photograph: values are then told by it, not by the plan. Printed tags "
           "do the same by their paper."),
        Card, true);
    mode("acceptPart", tr("Better than the plan"), tr("Drag a box: there the canvas is the plan from now on"),
        Accepting, false);
    m_form->value(
        {"letPass", tr("let pass"),
            tr("How far the thing in hand may stray from the plan before it is told, × what usually passes"),
            tr("Let it stray further")},
        shownAs(Unit::Times), 0.25, 100,
        [this]() -> std::optional<double> {
            const Element* e = m_desk.heldElement();
            return e ? std::optional(project().painting.toleranceOf(e->id)) : std::nullopt;
        },
        [this](double v, int g) {
            if (const Element* e = m_desk.heldElement())
                m_desk.edit(tr("Let it stray further"), edits::withTolerance(project(), e->id, v), g);
        });
}

void PhotoPage::outFields()
{
    m_form->button(
        "tryOn", tr("Try an idea on it"),
        tr("The squared-up photograph becomes the lowest picture of a new take: move, add, relight on top of it"),
        [this] { tryOn(); }, [this] { return m_state.compared() && !m_state.compared()->squared.empty(); });
    m_form->button(
        "dropPhoto", tr("Take away"), tr("The photograph leaves the log"),
        [this] {
            const int id = m_state.photo();
            m_state.holdPhoto(0);
            m_desk.edit(tr("Take a photograph away"), edits::withoutCanvasPhoto(project(), id));
        },
        [this] { return some(); });
    m_form->button("cornerTags", tr("Corner tags…"),
        tr("Four tags to print and stick beside the corners: then a tenth of a millimetre is told"), [this] {
            if (const QString path = askPath(tr("Corner tags"), "corner-tags.pdf", tr("PDF (*.pdf)")); !path.isEmpty())
                write(tr("The tags are in %1.").arg(path), [path](Progress&) { return output::writeCornerTags(path); });
        });
    addStop();
    addAgain();
    addWriting();
}

void PhotoPage::layOutBeside()
{
    m_list->setObjectName("partChecks");
    m_list->setAccessibleName(tr("Canvas against stage, thing by thing"));
    m_list->setHeaderLabels({tr("thing"), tr("painted"), "ΔL*", "ΔC*", tr("lost edge"), tr("drift")});
    m_list->setRootIsDecorated(false);
    m_list->setWordWrap(true);
    m_list->header()->setStretchLastSection(false);
    m_list->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    for (int c = 1; c < 6; ++c)
        m_list->header()->setSectionResizeMode(c, QHeaderView::ResizeToContents);
    m_strip->setObjectName("photoStrip");
    m_strip->setAccessibleName(tr("Photographs of the canvas by day"));
    m_strip->setViewMode(QListView::IconMode);
    m_strip->setFlow(QListView::LeftToRight);
    m_strip->setWrapping(false);
    m_strip->setMovement(QListView::Static);
    m_strip->setIconSize({120, 84});
    m_strip->setFixedHeight(84 + 3 * fontMetrics().height());
    m_strip->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(m_strip, &QListWidget::currentRowChanged, this, [this](int row) {
        if (!m_filling && row >= 0)
            m_state.holdPhoto(m_strip->item(row)->data(Qt::UserRole).toInt());
    });
    auto* column = new QVBoxLayout(m_beside);
    column->setContentsMargins({});
    column->addWidget(m_strip);
    column->addWidget(m_list);
    m_beside->hide();
}

PhotoPage::~PhotoPage() = default;

QWidget* PhotoPage::beside()
{
    return m_beside;
}

QString PhotoPage::dayOf(const CanvasPhoto& c) const
{
    const int shift = m_state.clock.utcMinutes(c.at);
    return said(schedule::dateOf(c.at / 60 + shift)) + " " + said(schedule::clockOf(c.at / 60 + shift));
}

std::vector<Tool*> PhotoPage::tools()
{
    if (m_mode == Corners)
        return {m_corner.get()};
    if (m_mode != Nothing)
        return {m_mode == Card ? m_card.get() : m_accept.get()};
    if (m_state.compared() && !m_state.compared()->even.empty())
        return {m_wipe.get()};
    return {};
}

void PhotoPage::bringIn(const QString& path)
{
    m_camera.ask(
        ++m_count,
        [path](Progress&) -> Result<Reference> {
            const auto read = store::readPicture(std::filesystem::path(path.toStdString()));
            if (!read)
                return read.error();
            return store::referenceOf(QFileInfo(path).completeBaseName().toStdString(), *read);
        },
        Lane::Long);
}

void PhotoPage::simulate(int seed)
{
    auto work = m_state.current();
    if (!work || !work->looks)
        return;
    m_camera.ask(
        ++m_count,
        [work = std::move(*work), seed, name = tr("canvas %1").arg(project().painting.photos.size() + 1)](
            Progress&) -> Result<Reference> {
            const auto canvas = transfer::canvasPlanOf(work.project);
            light::Picture stage = work.picture;
            stage.colour = work.looks->now(work.tasks);
            const auto face = survey::onCanvasFace(work.project, stage, work.tone, 1400);
            devices::SimulatedEasel::Room room;
            room.seed = unsigned(seed), room.longPx = 1800;
            devices::SimulatedEasel easel(canvas.widthCm, canvas.heightCm, room);
            std::vector<devices::Strayed> strayed;
            if (work.facts.parts.size() > 1) {
                const Rect& r = work.facts.parts.back().box; // the nearest thing has wandered
                strayed.push_back(
                    {canvas.toCanvas(r.centre()), std::max(r.width, r.height) * canvas.scale, {4, 2.5}, 0});
            }
            easel.setCanvas(colour::codeOf(face.colour), strayed);
            const auto photo = easel.photograph();
            if (!photo)
                return photo.error();
            return store::referenceOf(name.toStdString(), store::pictureFile(*photo), photo->width(), photo->height());
        },
        Lane::Long);
}

void PhotoPage::tryOn()
{
    const auto* s = m_state.compared();
    if (!s || s->squared.empty())
        return;
    m_idea.ask(++m_count, [squared = s->squared, name = tr("the canvas as it is").toStdString()](Progress&) {
        return Result<Reference>(
            store::referenceOf(name, store::pictureFile(squared, 94), squared.width(), squared.height()));
    });
}

void PhotoPage::takeIdea()
{
    if (m_idea.problem() || !m_idea.last())
        return;
    Reference r = *m_idea.last();
    r.heap = "canvas", r.permission = Permission::Own, r.credit = "own photograph";
    Project p = edits::withReference(project(), std::move(r));
    const int id = p.references.back().id;
    p = takes::withDuplicate(std::move(p), tr("tried on the canvas").toStdString());
    p.backdrop.reference = id, p.backdrop.horizon = std::clamp(p.camera.horizonCm / p.brief.heightCm, 0.02, 0.98);
    p.elements.clear(); // they are in the photograph already
    m_desk.edit(tr("Try an idea on the canvas"), std::move(p));
    m_desk.notices.say(
        tr("A new take lies on the photograph: add, cover and relight on Stage and Light; the takes compare it."));
}

namespace {
/// As it fits into the canvas' shape.
QImage fitted(const QImage& photo, double wide, double high)
{
    const double k = std::max(photo.width() / wide, photo.height() / high);
    QImage whole(std::max(1, int(wide * k)), std::max(1, int(high * k)), QImage::Format_RGB32);
    whole.fill(QColor(0x30, 0x30, 0x30));
    QPainter p(&whole);
    p.drawImage((whole.width() - photo.width()) / 2, (whole.height() - photo.height()) / 2, photo);
    return whole;
}
/// What is new in its colours, the rest pale.
QImage newAlone(const survey::WorkSurvey& s)
{
    QImage now = imageOf(s.squared).convertToFormat(QImage::Format_RGB32);
    for (int y = 0; y < std::min(now.height(), s.changedWhere.height()); ++y) {
        auto* line = reinterpret_cast<QRgb*>(now.scanLine(y));
        for (int x = 0; x < std::min(now.width(), s.changedWhere.width()); ++x)
            if (!s.changedWhere.at(x, y)) {
                const int grey = 150 + qGray(line[x]) / 3;
                line[x] = qRgb(grey, grey, grey);
            }
    }
    return now;
}
} // namespace

/// Made once for each comparison and choice; the sash only lays one over the other.
const QImage& PhotoPage::base(const survey::WorkSurvey& s)
{
    if (m_baseOf.identity() == s.stage.identity() && m_baseShown == m_shown)
        return m_base;
    m_baseOf = s.stage, m_baseShown = m_shown;
    m_base = m_shown == Raw ? fitted(imageOf(s.small), project().brief.widthCm, project().brief.heightCm)
        : m_shown == Since && !s.changedWhere.empty() ? newAlone(s)
                                                      : imageOf(m_shown == Squared ? s.squared
                                                              : m_shown == Stage   ? s.stage
                                                                                   : s.even);
    m_base = m_base.convertToFormat(QImage::Format_RGB32);
    m_over = imageOf(s.stage).scaled(m_base.size(), Qt::IgnoreAspectRatio, Qt::FastTransformation);
    return m_base;
}

QImage PhotoPage::look()
{
    m_marks.drift = m_shown != Raw;
    const auto* s = m_state.compared();
    if (!s || (m_shown == Raw ? s->small.empty() : s->even.empty())) {
        const QImage early = m_state.firstLook(); // squared up roughly, while the rest is worked out
        return early.isNull() ? PaintPage::look() : early;
    }
    QImage image = base(*s);
    if (m_sash >= 1 || m_shown == Raw || m_shown == Since)
        return image;
    QPainter p(&image);
    const int x = int(m_sash * image.width());
    p.drawImage(x, 0, m_over, x, 0);
    p.setPen(QPen(theme::kGlow, 2));
    p.drawLine(x, 0, x, image.height());
    return image;
}

void PhotoPage::fillStrip()
{
    m_filling = true;
    m_strip->clear();
    for (const CanvasPhoto& c : project().painting.photos) {
        auto* item = new QListWidgetItem(dayOf(c), m_strip);
        item->setData(Qt::UserRole, c.id);
        if (const QImage small = m_state.photoSmall(c.id); !small.isNull())
            item->setIcon(QPixmap::fromImage(small));
        if (c.id == m_state.photo())
            m_strip->setCurrentItem(item);
    }
    m_strip->setVisible(m_strip->count() > 0);
    m_filling = false;
    m_list->clear();
    const auto* s = m_state.compared();
    if (!s)
        return;
    for (const auto& part : s->parts) {
        double drift = 0;
        for (std::size_t i = 0; i < s->compared.landmarks.size(); ++i)
            if (s->elements[i] == part.element && s->compared.landmarks[i].painted
                && s->compared.landmarks[i].confidence >= 0.5)
                drift = std::max(drift, std::hypot(s->compared.landmarks[i].dxMm, s->compared.landmarks[i].dyMm));
        const auto signedValue = [](double v) {
            return std::abs(v) < 0.5 ? QString("0") : QString("%1%2").arg(v > 0 ? "+" : "").arg(v, 0, 'f', 0);
        };
        new QTreeWidgetItem(m_list,
            {said(part.name), tr("%1 %").arg(100 * part.painted, 0, 'f', 0), part.judged ? signedValue(part.dL) : "–",
                part.judged ? signedValue(part.dC) : "–",
                part.judged && part.element
                    ? tr("%1 (%2) %").arg(100 * part.lost, 0, 'f', 0).arg(100 * part.plannedLost, 0, 'f', 0)
                    : "–",
                drift > 0 ? tr("%1 mm").arg(drift, 0, 'f', 1) : "–"});
    }
    if (s->changed >= 0)
        new QTreeWidgetItem(m_list, {tr("new since the last photograph"), tr("%1 %").arg(100 * s->changed, 0, 'f', 0)});
}

void PhotoPage::show()
{
    PaintPage::show();
    m_state.compare();
    fillStrip();
}

QString PhotoPage::says() const
{
    if (m_mode != Nothing)
        return (m_mode == Corners ? static_cast<const Tool*>(m_corner.get())
                : m_mode == Card  ? m_card.get()
                                  : m_accept.get())
            ->hint();
    if (!m_state.heldPhoto())
        return tr("Photograph the canvas from the front, all four corners in the picture; Photograph… squares it up "
                  "and compares it.");
    if (m_state.comparing())
        return tr("Squaring up and comparing: %1 %.").arg(100 * m_state.progress(), 0, 'f', 0);
    if (m_state.stopped())
        return stoppedWords();
    const auto* s = m_state.compared();
    if (!s)
        return {};
    if (!s->compared.found)
        return said(s->compared.why);
    double worst = 0;
    for (const auto& d : s->compared.landmarks)
        if (d.confidence >= 0.6 && d.painted)
            worst = std::max(worst, std::hypot(d.dxMm, d.dyMm));
    return tr("Corners %1, %2 % sure; %3 % painted; worst drift %4 mm (arrows × 10); light over %5 stops.")
        .arg(s->compared.byTags ? tr("by their tags") : tr("found"))
        .arg(100 * s->compared.confidence, 0, 'f', 0)
        .arg(100 * s->compared.painted, 0, 'f', 0)
        .arg(worst, 0, 'f', 1)
        .arg(s->compared.light.stops, 0, 'f', 1);
}

} // namespace rl::app
