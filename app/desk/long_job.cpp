#include "app/desk/long_job.h"
#include "app/desk/notices.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/light/relight.h"
#include "store/picture_reader.h"
#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>

namespace rl::app {

LongJob::LongJob(Jobs& jobs, stage::SurfaceCache& cache)
    : m_notices(*jobs.notices())
    , m_cache(cache)
    , m_bar(new QProgressBar)
    , m_job(jobs)
{
    setObjectName("longJob");
    auto* stop = new QPushButton(tr("Cancel"));
    stop->setObjectName("giveUp");
    stop->setToolTip(tr("Stops it; nothing is left behind"));
    stop->setFocusPolicy(Qt::TabFocus);
    m_bar->setAccessibleName(tr("How far it is"));
    m_bar->setFixedWidth(300);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(m_bar);
    row->addWidget(stop);
    hide();
    connect(stop, &QPushButton::clicked, this, &LongJob::giveUp);
    connect(&m_job, &JobBase::progressed, this, [this](double f, const QString& note) {
        m_bar->setValue(int(100 * f));
        m_bar->setFormat(note + " %p %");
    });
    connect(&m_job, &JobBase::done, this, [this] {
        hide();
        const Error* problem = m_job.problem();
        if (!problem)
            m_notices.say(m_said);
        else if (problem->kind == ErrorKind::Cancelled)
            m_notices.say(tr("Cancelled. Nothing was saved."));
        emit finished(!problem);
    });
    connect(&m_job, &JobBase::left, this, [this] {
        hide();
        m_notices.say(tr("Cancelled. Nothing was saved."));
        emit finished(false);
    });
}

void LongJob::run(std::function<Result<Done>(Progress&)> work, const QString& said)
{
    if (running()) {
        m_notices.say(tr("Something is being written already; wait for it or give it up."));
        return;
    }
    m_said = said;
    m_bar->setValue(0);
    m_bar->setFormat("%p %");
    show();
    m_job.ask(++m_count, std::move(work), Lane::Long);
}

void LongJob::savePicture(const Project& project, const QString& path, int widthPx)
{
    run(
        [this, project, path, widthPx](Progress& progress) -> Result<Done> {
            auto frame = stage::compose(project, widthPx, m_cache, progress);
            if (!frame)
                return Error{ErrorKind::Cancelled, rl::tr("The picture was cancelled. Nothing was saved."), {}};
            const auto picture = light::finalPicture(std::move(frame), project.lights, progress);
            if (!picture)
                return picture.error();
            return store::writeFile(path.toStdString(), store::encodePng(*picture));
        },
        tr("The picture is written."));
}

} // namespace rl::app
