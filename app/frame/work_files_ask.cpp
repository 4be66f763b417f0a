// What the painter is asked about files.
#include "app/frame/work_files.h"
#include "core/project/edits.h"
#include "output/sheets.h"
#include "store/stored_picture.h"
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QSettings>

namespace rl::app {

void WorkFiles::askOpen()
{
    const QString folder = QFileInfo(QSettings().value("lastWork").toString()).absolutePath();
    const QString path = QFileDialog::getOpenFileName(m_window, tr("Open a work"), folder, tr("Works (*.lantern)"));
    if (!path.isEmpty())
        open(path);
}

void WorkFiles::askCopy()
{
    const QString path
        = QFileDialog::getSaveFileName(m_window, tr("Save a copy"), m_desk.document.path(), tr("Works (*.lantern)"));
    if (!path.isEmpty())
        saveCopy(path);
}

void WorkFiles::askPicture()
{
    QSettings settings;
    const QString folder = settings.value("lastPictureFolder", QDir::homePath()).toString();
    QString path = QFileDialog::getSaveFileName(
        m_window, tr("Save the picture"), folder + "/" + tr("picture.png"), tr("Pictures (*.png)"));
    if (path.isEmpty())
        return;
    settings.setValue("lastPictureFolder", QFileInfo(path).absolutePath());
    if (!path.endsWith(".png", Qt::CaseInsensitive))
        path += ".png";
    bool ok = false;
    const int width = QInputDialog::getInt(m_window, tr("Save the picture"), tr("Pixels across the canvas:"),
        output::printWidthPx(m_desk.project()), 16, 12000, 100, &ok);
    if (ok)
        m_longJob.savePicture(m_desk.project(), path, width);
}
} // namespace rl::app
