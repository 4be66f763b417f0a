#include "app/widgets/film_picker.h"
#include "app/jobs.h"
#include "app/wall_keeper.h"
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
#include <QtConcurrent>

namespace rl::app {

FilmPicker::FilmPicker(const QString& clip, QWidget* parent)
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
    connect(buttons, &QDialogButtonBox::accepted, this, &FilmPicker::finish);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(m_list, &QListWidget::itemDoubleClicked, this, &FilmPicker::finish);
    connect(m_list, &QListWidget::currentRowChanged, this, [this](int row) { m_ok->setEnabled(row >= 0); });
    connect(m_moment, &QSlider::valueChanged, this, &FilmPicker::look);
    connect(&m_watcher, &QFutureWatcher<Found>::finished, this, &FilmPicker::take);
    const auto film = store::filmOf(std::filesystem::path(clip.toStdString()));
    if (!film) {
        m_says->setText(QString::fromStdString(film.error().sentence));
        m_moment->setEnabled(false);
        return;
    }
    m_seconds = film->seconds;
    m_moment->setRange(0, std::max(1, int(m_seconds * 10)));
    look();
}

FilmPicker::~FilmPicker()
{
    m_stop = true;
    m_watcher.waitForFinished();
}

void FilmPicker::look()
{
    m_says->setText(
        tr("Looking for sharp frames near %1 s of %2 s…").arg(m_moment->value() / 10.0).arg(m_seconds, 0, 'f', 1));
    if (m_watcher.isRunning()) {
        m_again = true;
        m_stop = true;
        return;
    }
    m_stop = false;
    m_watcher.setFuture(QtConcurrent::run(jobs(), [this, clip = m_clip, at = m_moment->value() / 10.0] {
        UntilStopped progress(m_stop);
        auto found = store::sharpestStills(std::filesystem::path(clip.toStdString()), at, 0.5, 6, progress);
        return found ? Found{found.take(), {}} : Found{{}, QString::fromStdString(found.error().sentence)};
    }));
}

void FilmPicker::take()
{
    if (std::exchange(m_again, false))
        return look();
    const Found found = m_watcher.result();
    m_stills = found.stills;
    m_list->clear();
    for (const store::Still& s : m_stills) {
        auto* item = new QListWidgetItem(QIcon(QPixmap::fromImage(smallImage(s.picture, 210))),
            tr("%1 s · sharpness %2").arg(s.second, 0, 'f', 2).arg(s.sharpness, 0, 'f', 0));
        m_list->addItem(item);
    }
    m_says->setText(
        found.problem.isEmpty() ? tr("Near %1 s, the sharpest first.").arg(m_moment->value() / 10.0) : found.problem);
    if (m_list->count() > 0)
        m_list->setCurrentRow(0);
}

void FilmPicker::finish()
{
    const int row = m_list->currentRow();
    if (row < 0 || row >= int(m_stills.size()))
        return;
    const store::Still& s = m_stills[std::size_t(row)];
    const QString file = QDir::temp().filePath(
        QString("%1 at %2 s.png").arg(QFileInfo(m_clip).completeBaseName()).arg(s.second, 0, 'f', 2));
    const auto written = store::writeFile(file.toStdString(), store::encodePng(s.picture));
    if (written)
        emit picked(file);
    else
        emit failed(QString::fromStdString(written.error().sentence));
    accept();
}

} // namespace rl::app
