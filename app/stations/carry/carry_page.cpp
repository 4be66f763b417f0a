#include "app/stations/carry/carry_page.h"
#include "app/theme/theme.h"
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QProgressBar>
#include <QSettings>

namespace rl::app {

CarryPage::CarryPage(Desk& desk, StationView& view, const QString& name, const QString& tip)
    : Page(desk, name, tip)
    , m_state(CarryState::of(desk, view))
    , m_marks(desk, m_state)
    , m_write(&desk.notices)
{
    connect(&m_state, &CarryState::changed, this, [this] {
        if (!isVisible())
            return;
        Page::show();
        emit saysChanged();
        emit m_desk.overlayChanged();
    });
    connect(&desk, &Desk::heldChanged, this, [this] {
        if (isVisible())
            show();
    });
}

QImage CarryPage::look()
{
    QImage blank(8, 8, QImage::Format_RGB32);
    blank.fill(project().sheets.darkGround ? QColor(0x30, 0x30, 0x32) : QColor(0xfd, 0xfc, 0xfa));
    return blank;
}

void CarryPage::show()
{
    Page::show();
    if (!isVisible())
        return;
    if (m_marks.shows.lines || m_marks.shows.landmarks)
        m_state.wantLines();
    if (m_marks.shows.flow)
        m_state.wantFlow();
    if (m_marks.shows.shape)
        m_state.wantShape();
}

void CarryPage::addWriting()
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
        else if (m_write.problem()->kind == Kind::Cancelled)
            m_desk.notices.say(tr("Nothing was written."));
        Page::show();
    });
}

void CarryPage::write(const QString& done, std::function<Result<Done>(Progress&)> work)
{
    if (m_write.running())
        return;
    m_written = done;
    m_write.ask(++m_count, std::move(work), Lane::Long);
    Page::show();
}

QString CarryPage::askPath(const QString& title, const QString& name, const QString& kinds)
{
    QSettings settings;
    const QString folder = settings.value("lastSheetFolder", QDir::homePath()).toString(),
                  path = QFileDialog::getSaveFileName(this, title, folder + "/" + name, kinds);
    if (!path.isEmpty())
        settings.setValue("lastSheetFolder", QFileInfo(path).absolutePath());
    return path;
}

} // namespace rl::app
