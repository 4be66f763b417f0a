#include "app/picture_saver.h"
#include "app/jobs.h"
#include "core/colour/srgb.h"
#include "store/picture_reader.h"
#include <QHBoxLayout>
#include <QPointer>
#include <QProgressBar>
#include <QPushButton>
#include <QtConcurrent>

namespace rl::app {

namespace {
/// Tells a bar how far it is, from the worker's thread.
class BarProgress final : public Progress {
public:
    BarProgress(QPointer<QProgressBar> bar, const std::atomic<bool>& stop)
        : m_bar(std::move(bar))
        , m_stop(stop)
    {
    }
    void report(double fraction, std::string_view note) override
    {
        const int percent = int(100 * fraction);
        if (percent == m_last)
            return;
        m_last = percent;
        const QString words = QString::fromUtf8(note.data(), qsizetype(note.size()));
        QMetaObject::invokeMethod(m_bar, [bar = m_bar, percent, words] {
            if (!bar)
                return;
            bar->setValue(percent);
            bar->setFormat(words + " %p %");
        });
    }
    bool cancelled() const override { return m_stop; }

private:
    QPointer<QProgressBar> m_bar;
    const std::atomic<bool>& m_stop;
    int m_last = -1;
};

Result<Done> made(
    const Project& project, const QString& path, int widthPx, stage::SurfaceCache& cache, Progress& progress)
{
    const auto frame = stage::compose(project, widthPx, cache, progress);
    if (!frame)
        return Error{Kind::Cancelled, "The picture was given up; nothing was written.", {}};
    const auto picture = light::finalPicture(frame, project.lights, progress);
    if (!picture)
        return picture.error();
    return store::writeFile(path.toStdString(), store::encodePng(colour::codeOf(picture->colour)));
}
} // namespace

PictureSaver::PictureSaver(Workbench& bench)
    : m_work(bench)
    , m_bar(new QProgressBar)
{
    setObjectName("pictureSaver");
    auto* stop = new QPushButton(tr("Give up"));
    stop->setObjectName("giveUpPicture");
    stop->setToolTip(tr("Stops writing the picture; nothing is left behind"));
    m_bar->setAccessibleName(tr("How far the picture is"));
    m_bar->setFixedWidth(260);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(m_bar);
    row->addWidget(stop);
    hide();
    connect(stop, &QPushButton::clicked, this, &PictureSaver::giveUp);
    connect(&m_watcher, &QFutureWatcherBase::finished, this, [this] {
        hide();
        const QString problem = m_watcher.result();
        emit m_work.notice(problem.isEmpty() ? tr("The picture is written.") : problem);
        emit saved(problem.isEmpty());
    });
}

PictureSaver::~PictureSaver()
{
    m_stop = true;
    m_watcher.waitForFinished();
}

void PictureSaver::save(const Project& project, const QString& path, int widthPx)
{
    if (saving()) {
        emit m_work.notice(tr("One picture is being written already; wait for it or give it up."));
        return;
    }
    m_stop = false;
    m_bar->setValue(0);
    show();
    m_watcher.setFuture(QtConcurrent::run(jobs(), [this, project, path, widthPx, bar = QPointer(m_bar)]() -> QString {
        BarProgress progress(bar, m_stop);
        const auto done = guarded([&] { return made(project, path, widthPx, m_work.light.surfaces(), progress); });
        return done ? QString() : QString::fromStdString(done.error().sentence);
    }));
}

} // namespace rl::app
