#include "app/forms/writing_page.h"
#include "app/theme/theme.h"
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QProgressBar>
#include <QSettings>

namespace rl::app {

WritingPage::WritingPage(Desk& desk, const QString& name, const QString& tip)
    : Page(desk, name, tip)
    , m_write(desk.jobs)
{
}

void WritingPage::addWriting()
{
    m_bar = new QProgressBar;
    m_bar->setFixedWidth(theme::px(220));
    m_bar->setAccessibleName(tr("How far it is"));
    m_form->add(m_bar, [this] { return m_write.running(); });
    m_form->button(
        "stopWriting", tr("Stop"), tr("Gives it up; nothing is left behind"), [this] { m_write.stop(); },
        [this] { return m_write.running(); });
    connect(&m_write, &JobBase::progressed, this, [this](double f, const QString& note) {
        m_bar->setValue(int(100 * f));
        m_bar->setFormat(note);
    });
    connect(&m_write, &JobBase::done, this, [this] {
        if (!m_write.problem())
            m_desk.notices.say(m_written);
        else if (m_write.problem()->kind == ErrorKind::Cancelled)
            m_desk.notices.say(tr("Nothing was written."));
        Page::refresh();
    });
}

void WritingPage::write(const QString& done, std::function<Result<Done>(Progress&)> work)
{
    if (m_write.running())
        return;
    m_written = done;
    m_write.ask(++m_count, std::move(work), Lane::Long);
    Page::refresh();
}

QString WritingPage::askPath(const QString& title, const QString& name, const QString& kinds)
{
    QSettings settings;
    const QString folder = settings.value("lastSheetFolder", QDir::homePath()).toString(),
                  path = QFileDialog::getSaveFileName(this, title, folder + "/" + name, kinds);
    if (!path.isEmpty())
        settings.setValue("lastSheetFolder", QFileInfo(path).absolutePath());
    return path;
}

} // namespace rl::app
