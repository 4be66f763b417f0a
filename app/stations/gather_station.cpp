#include "app/stations/gather_station.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QComboBox>
#include <QDateTime>
#include <QDir>
#include <QDoubleSpinBox>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QSettings>
#include <QSignalBlocker>

namespace rl::app {

GatherStation::GatherStation(Workbench& bench)
    : StationView(bench)
    , m_bench(new QWidget)
    , m_wall(new ReferenceWall)
    , m_about(new QLabel)
    , m_credit(new QLineEdit)
    , m_permission(new QComboBox)
    , m_backdrop(new QPushButton(tr("Use as the backdrop")))
    , m_cut(new QPushButton(tr("Cut something out of it")))
    , m_away(new QPushButton(tr("Take it off the wall")))
    , m_horizon(numberField("backdropHorizon", "%", 2, 98, 1, 0.5,
          tr("Where the horizon lies in the backdrop, from its top. It is laid on the horizon of your stage.")))
{
    auto* scroll = new QScrollArea;
    scroll->setWidget(m_wall);
    scroll->setWidgetResizable(true);
    m_centre = scroll;
    auto* bring = new QPushButton(tr("Bring in pictures…"));
    bring->setObjectName("bringPictures");
    bring->setProperty("main", true);
    bring->setToolTip(tr("JPEG, PNG, TIFF or WebP; you can also drop files on the wall or paste (Ctrl+V)"));
    auto* pasteButton = new QPushButton(tr("Paste"));
    m_cut->setObjectName("cutFrom");
    m_backdrop->setObjectName("useBackdrop");
    m_backdrop->setToolTip(
        tr("Lays it behind the scene, its horizon on yours; sky and ground light are taken from it"));
    m_credit->setObjectName("credit");
    m_credit->setPlaceholderText(tr("who made it"));
    m_credit->setToolTip(tr("Who made the picture: it goes on the finished record"));
    m_permission->setObjectName("permission");
    m_permission->setEditable(true);
    m_permission->addItems({tr("to be asked"), tr("own"), tr("by permission"), tr("free licence"), tr("study only")});
    m_permission->setToolTip(tr("Whether you may use it"));
    m_about->setMinimumWidth(250);
    m_about->setWordWrap(true);
    auto* first = new QHBoxLayout;
    first->addWidget(bring);
    first->addWidget(pasteButton);
    first->addSpacing(14);
    first->addWidget(m_about, 1);
    auto* second = new QHBoxLayout;
    second->addWidget(labelled(tr("Credit"), m_credit), 1);
    second->addWidget(labelled(tr("Permission"), m_permission), 1);
    for (auto* b : {m_cut, m_backdrop})
        second->addWidget(b, 0, Qt::AlignBottom);
    second->addWidget(labelled(tr("Its horizon at"), m_horizon));
    second->addWidget(m_away, 0, Qt::AlignBottom);
    auto* layout = new QVBoxLayout(m_bench);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->addLayout(first);
    layout->addLayout(second);

    connect(bring, &QPushButton::clicked, this, &GatherStation::chooseFiles);
    connect(pasteButton, &QPushButton::clicked, this, &GatherStation::paste);
    connect(m_wall, &ReferenceWall::held, &work, [this](int id) { work.holdReference(id); });
    connect(m_wall, &ReferenceWall::openWanted, &work, [this](int id) { emit work.cutWanted(id); });
    connect(m_wall, &ReferenceWall::filesDropped, &work, [this](const QStringList& f) { emit work.importWanted(f); });
    connect(m_cut, &QPushButton::clicked, this, [this] { emit work.cutWanted(work.reference()); });
    connect(m_credit, &QLineEdit::editingFinished, this, &GatherStation::applyCredit);
    connect(m_permission, &QComboBox::activated, this, &GatherStation::applyCredit);
    connect(m_backdrop, &QPushButton::clicked, this, [this] {
        Backdrop b = project().backdrop;
        b.reference = work.reference();
        work.document.edit(tr("Choose the backdrop"), edits::withBackdrop(project(), b));
    });
    connect(m_horizon, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        Backdrop b = project().backdrop;
        b.horizon = v / 100;
        work.document.edit(tr("Say where the backdrop's horizon lies"), edits::withBackdrop(project(), b));
    });
    connect(m_away, &QPushButton::clicked, this, [this] {
        const Reference* r = project().reference(work.reference());
        if (r)
            work.document.edit(tr("Take a picture off the wall"), edits::withoutReference(project(), r->id));
    });
}

void GatherStation::chooseFiles()
{
    QSettings settings;
    const QStringList files = QFileDialog::getOpenFileNames(m_centre, tr("Bring in pictures"),
        settings.value("lastPictureFolder", QDir::homePath()).toString(),
        tr("Pictures (*.jpg *.jpeg *.png *.tif *.tiff *.webp);;All files (*)"));
    if (files.isEmpty())
        return;
    settings.setValue("lastPictureFolder", QFileInfo(files.first()).absolutePath());
    emit work.importWanted(files);
}

void GatherStation::paste()
{
    const QMimeData* mime = QApplication::clipboard()->mimeData();
    QStringList files = localFiles(*mime);
    if (files.isEmpty() && mime->hasImage()) {
        const QString path = QDir::temp().filePath(QString("pasted-%1.png").arg(QDateTime::currentMSecsSinceEpoch()));
        if (qvariant_cast<QImage>(mime->imageData()).save(path))
            files << path;
    }
    if (files.isEmpty())
        emit work.notice(tr("There is no picture to paste."));
    else
        emit work.importWanted(files);
}

void GatherStation::applyCredit()
{
    const Reference* r = project().reference(work.reference());
    if (!r)
        return;
    const std::string credit = m_credit->text().trimmed().toStdString();
    std::string permission = m_permission->currentText().trimmed().toStdString();
    if (permission == tr("to be asked").toStdString())
        permission.clear();
    if (credit != r->credit || permission != r->permission)
        work.document.edit(tr("Credit a picture"), edits::withCredit(project(), r->id, credit, permission));
}

void GatherStation::refresh()
{
    const Project& p = project();
    std::vector<ReferenceWall::Picture> pictures;
    std::map<const void*, QImage> keep;
    for (const Reference& r : p.references) {
        QImage& small = m_small[r.pixels.identity()];
        if (small.isNull()) {
            const QImage whole(reinterpret_cast<const uchar*>(r.pixels.data()), r.pixels.width(), r.pixels.height(),
                r.pixels.width() * 3, QImage::Format_RGB888);
            small = whole.scaled(520, 300, Qt::KeepAspectRatio, Qt::FastTransformation)
                        .scaled(420, 260, Qt::KeepAspectRatio, Qt::SmoothTransformation);
        }
        keep[r.pixels.identity()] = small;
        ReferenceWall::Picture w{r.id, small, QString::fromStdString(r.name), QString::fromStdString(r.credit),
            {r.pixels.width(), r.pixels.height()}, p.backdrop.reference == r.id, false, 0, 0};
        for (const Element& e : p.elements) {
            const Cutout* c = p.cutout(e.cutout);
            // Measured on a worker with the first picture; only read here.
            if (c && c->reference == r.id && work.lit && !w.measured) {
                const auto light = work.light.surfaces().light(p, e);
                w.measured = true;
                w.azimuth = light.azimuth;
                w.confidence = light.confidence;
            }
        }
        pictures.push_back(std::move(w));
    }
    m_small = std::move(keep);
    if (!p.reference(work.reference()) && !p.references.empty()) {
        work.holdReference(p.references.front().id);
        return;
    }
    m_wall->show(std::move(pictures), work.reference());
    const Reference* r = p.reference(work.reference());
    for (QWidget* w : std::initializer_list<QWidget*>{m_credit, m_permission, m_backdrop, m_cut, m_away})
        w->setEnabled(r != nullptr);
    m_horizon->setEnabled(p.backdrop.reference != 0);
    setQuietly(m_horizon, 100 * p.backdrop.horizon);
    if (!r) {
        m_about->setText(tr("The wall is empty. Bring in the photographs and mock-ups you want to paint from."));
        return;
    }
    m_about->setText(QString("<b>%1</b> · %2 × %3 px%4")
                         .arg(QString::fromStdString(r->name))
                         .arg(r->pixels.width())
                         .arg(r->pixels.height())
                         .arg(p.backdrop.reference == r->id ? tr(" · the backdrop") : QString()));
    if (!m_credit->hasFocus())
        m_credit->setText(QString::fromStdString(r->credit));
    const QSignalBlocker quiet(m_permission);
    m_permission->setCurrentText(r->permission.empty() ? tr("to be asked") : QString::fromStdString(r->permission));
}

ReferenceWall::ReferenceWall()
{
    setObjectName("wall");
    setAcceptDrops(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Reference wall"));
    setToolTip(tr("Your references. Click one to work with it, double-click to cut something out of it, drop files to "
                  "bring more."));
}

void ReferenceWall::show(std::vector<Picture> pictures, int held)
{
    m_pictures = std::move(pictures);
    m_held = held;
    hang();
    update();
}

/// Rows of equal height, like frames on a wall.
void ReferenceWall::hang()
{
    m_places.clear();
    int x = 22, y = 22;
    constexpr int kHeight = 190;
    for (const Picture& p : m_pictures) {
        const int w = std::clamp(
            p.small.isNull() ? kHeight : p.small.width() * kHeight / std::max(1, p.small.height()), 90, 330);
        if (x > 22 && x + w > width() - 20)
            x = 22, y += kHeight + 62;
        m_places.push_back({x, y, w, kHeight});
        x += w + 22;
    }
    setMinimumHeight(y + kHeight + 60);
}

QSize ReferenceWall::sizeHint() const
{
    return {800, 500};
}
QRect ReferenceWall::pictureRect(int i) const
{
    return i < int(m_places.size()) ? m_places[std::size_t(i)] : QRect();
}
void ReferenceWall::resizeEvent(QResizeEvent*)
{
    hang();
}

void ReferenceWall::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.fillRect(rect(), QColor(0xd3, 0xd1, 0xcd));
    if (m_pictures.empty()) {
        p.setPen(theme::kInk);
        p.setFont(theme::heading(24));
        p.drawText(rect().adjusted(40, 60, -40, 0), Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
            tr("An empty wall. Drop pictures here, or bring them in below."));
    }
    for (std::size_t i = 0; i < m_places.size(); ++i) {
        const Picture& w = m_pictures[i];
        const QRect r = m_places[i];
        p.fillRect(r.adjusted(3, 4, 5, 6), QColor(0, 0, 0, 40));
        p.fillRect(r, theme::kPaper);
        p.drawImage(QRectF(r), w.small, QRectF(w.small.rect()));
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(w.id == m_held ? theme::kAccent : theme::kPaper, w.id == m_held ? 4 : 3));
        p.drawRect(QRectF(r).adjusted(-1, -1, 1, 1));
        p.setPen(theme::kInk);
        p.setFont(theme::text(13.5, true));
        p.drawText(QRect(r.left(), r.bottom() + 6, r.width(), 18), Qt::AlignLeft,
            p.fontMetrics().elidedText(
                w.name + (w.backdrop ? tr(" (backdrop)") : QString()), Qt::ElideRight, r.width()));
        p.setFont(theme::text(12));
        p.setPen(theme::kFaint);
        p.drawText(QRect(r.left(), r.bottom() + 24, r.width(), 16), Qt::AlignLeft,
            p.fontMetrics().elidedText(QString("%1 × %2 px · %3")
                                           .arg(w.pixels.width())
                                           .arg(w.pixels.height())
                                           .arg(w.credit.isEmpty() ? tr("no credit yet") : w.credit),
                Qt::ElideRight, r.width()));
        if (!w.measured)
            continue;
        // A small compass of the measured light; no needle when it was lit flat.
        const QPointF c(r.right() - 24, r.top() + 24);
        p.setPen(QPen(theme::kInk, 1));
        p.setBrush(QColor(246, 245, 242, 225));
        p.drawEllipse(c, 17, 17);
        if (w.confidence >= 0.25) {
            const double a = radians(w.azimuth);
            const QPointF tip = c + QPointF(std::cos(a), -std::sin(a)) * 15;
            p.setPen(QPen(theme::kAccent, 3, Qt::SolidLine, Qt::RoundCap));
            p.drawLine(tip, c);
            p.setBrush(theme::kGlow);
            p.setPen(QPen(theme::kInk, 1));
            p.drawEllipse(tip, 4, 4);
        } else {
            p.setFont(theme::text(11));
            p.drawText(QRectF(c.x() - 17, c.y() - 8, 34, 16), Qt::AlignCenter, tr("flat"));
        }
    }
}

void ReferenceWall::mousePressEvent(QMouseEvent* e)
{
    setFocus();
    for (std::size_t i = 0; i < m_places.size(); ++i)
        if (m_places[i].contains(e->pos()))
            emit held(m_pictures[i].id);
}
void ReferenceWall::mouseDoubleClickEvent(QMouseEvent* e)
{
    for (std::size_t i = 0; i < m_places.size(); ++i)
        if (m_places[i].contains(e->pos()))
            emit openWanted(m_pictures[i].id);
}
void ReferenceWall::keyPressEvent(QKeyEvent* e)
{
    const int step = e->key() == Qt::Key_Right || e->key() == Qt::Key_Down ? 1
        : e->key() == Qt::Key_Left || e->key() == Qt::Key_Up               ? -1
                                                                           : 0;
    if (!step) {
        QWidget::keyPressEvent(e);
        return;
    }
    for (int i = 0; i < int(m_pictures.size()); ++i)
        if (m_pictures[std::size_t(i)].id == m_held && i + step >= 0 && i + step < int(m_pictures.size())) {
            emit held(m_pictures[std::size_t(i + step)].id);
            return;
        }
}
void ReferenceWall::dragEnterEvent(QDragEnterEvent* e)
{
    if (e->mimeData()->hasUrls())
        e->acceptProposedAction();
}
void ReferenceWall::dropEvent(QDropEvent* e)
{
    const QStringList files = localFiles(*e->mimeData());
    if (!files.isEmpty())
        emit filesDropped(files);
}

} // namespace rl::app
