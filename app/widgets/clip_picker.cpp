#include "app/widgets/clip_picker.h"
#include "app/desk/wall_keeper.h"
#include "store/picture_reader.h"
#include <QDialogButtonBox>
#include <QDir>
#include <QFileInfo>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QSlider>
#include <QTimer>
#include <QVBoxLayout>

namespace rl::app {

ClipPicker::ClipPicker(const QString& clip, QWidget* parent)
    : QDialog(parent)
    , m_clip(clip)
    , m_moment(new QSlider(Qt::Horizontal))
    , m_says(new QLabel)
    , m_list(new QListWidget)
{
    setWindowTitle(tr("A still from “%1”").arg(QFileInfo(clip).fileName()));
    resize(760, 420);
    m_moment->setObjectName("moment");
    m_moment->setAccessibleName(tr("Moment in the clip"));
    m_moment->setToolTip(tr("The moment you want; the sharpest frames within half a second of it are offered"));
    m_list->setObjectName("stills");
    m_list->setViewMode(QListView::IconMode);
    m_list->setIconSize({210, 130});
    m_list->setResizeMode(QListView::Adjust);
    m_list->setMovement(QListView::Static);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    m_ok = buttons->button(QDialogButtonBox::Ok);
    m_ok->setText(tr("Hang it on the wall"));
    m_ok->setEnabled(false);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(m_moment);
    layout->addWidget(m_says);
    layout->addWidget(m_list, 1);
    layout->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &ClipPicker::finish);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(m_list, &QListWidget::itemDoubleClicked, this, &ClipPicker::finish);
    connect(m_list, &QListWidget::currentRowChanged, this, [this](int row) { m_ok->setEnabled(row >= 0); });
    connect(m_moment, &QSlider::valueChanged, this, &ClipPicker::look);
    connect(&m_look, &JobBase::done, this, &ClipPicker::take);
    connect(&m_write, &JobBase::done, this, [this] {
        if (m_write.problem())
            emit failed(QString::fromStdString(m_write.problem()->sentence));
        else
            emit picked(*m_write.last());
        accept();
    });
    m_moment->setEnabled(false);
    m_says->setText(tr("Opening the clip…"));
    connect(&m_film, &JobBase::done, this, &ClipPicker::begin);
    m_film.ask(clip, [clip](Progress&) { return store::clipFactsOf(std::filesystem::path(clip.toStdString())); });
}

void ClipPicker::begin()
{
    if (const Error* problem = m_film.problem())
        return m_says->setText(QString::fromStdString(problem->sentence));
    m_seconds = m_film.last()->seconds;
    m_moment->setRange(0, std::max(1, int(m_seconds * 10)));
    m_moment->setEnabled(true);
    look();
}

void ClipPicker::look()
{
    const double at = m_moment->value() / 10.0;
    m_says->setText(tr("Looking for sharp frames near %1 s of %2 s…").arg(at).arg(m_seconds, 0, 'f', 1));
    m_look.ask(at, [clip = m_clip, at](Progress& progress) -> Result<Found> {
        auto found = store::sharpestStills(std::filesystem::path(clip.toStdString()), at, 0.5, 6, progress);
        if (!found)
            return found.error();
        Found out{found.take(), {}};
        for (const store::Still& s : out.stills)
            out.small.push_back(smallImage(s.picture, 210));
        return out;
    });
}

void ClipPicker::take()
{
    if (const Error* problem = m_look.problem(); problem && problem->kind != ErrorKind::Cancelled)
        m_says->setText(QString::fromStdString(problem->sentence));
    if (m_look.problem() || !m_look.last())
        return;
    const Found& found = *m_look.last();
    m_list->clear();
    for (std::size_t i = 0; i < found.stills.size(); ++i)
        m_list->addItem(new QListWidgetItem(QIcon(QPixmap::fromImage(found.small[i])),
            tr("%1 s · sharpness %2")
                .arg(found.stills[i].second, 0, 'f', 2)
                .arg(found.stills[i].sharpness, 0, 'f', 0)));
    m_says->setText(tr("Near %1 s, the sharpest first.").arg(m_moment->value() / 10.0));
    if (m_list->count() > 0)
        m_list->setCurrentRow(0);
}

void ClipPicker::finish()
{
    const int row = m_list->currentRow();
    if (!m_look.last() || row < 0 || row >= int(m_look.last()->stills.size()))
        return;
    const store::Still& s = m_look.last()->stills[std::size_t(row)];
    const QString file = QDir::temp().filePath(
        QString("%1 at %2 s.png").arg(QFileInfo(m_clip).completeBaseName()).arg(s.second, 0, 'f', 2));
    m_ok->setEnabled(false);
    m_write.ask(file, [file, picture = s.picture](Progress&) -> Result<QString> {
        const auto written = store::writeFile(file.toStdString(), store::encodePng(picture));
        return written ? Result<QString>(file) : Result<QString>(written.error());
    });
}

} // namespace rl::app
