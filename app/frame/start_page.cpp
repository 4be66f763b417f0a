#include "app/frame/start_page.h"
#include "app/board/board.h"
#include "app/desk/importer.h"
#include "app/frame/work_files.h"
#include "app/theme/theme.h"
#include "store/project_file.h"
#include <QDateTime>
#include <QDir>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMimeData>
#include <QPushButton>
#include <QSettings>
#include <QToolButton>

namespace rl::app {

namespace {
constexpr int kRemembered = 12, kAcross = 4;
const QSize kPicture(220, 150);
} // namespace

QStringList latelyUsed()
{
    QStringList all = QSettings().value("latelyUsed").toStringList();
    const QString last = QSettings().value("lastWork").toString();
    if (!last.isEmpty() && !all.contains(last))
        all.prepend(last);
    all.erase(
        std::remove_if(all.begin(), all.end(), [](const QString& p) { return !QFileInfo::exists(p); }), all.end());
    return all.mid(0, kRemembered);
}

void rememberWork(const QString& path)
{
    QStringList all = latelyUsed();
    all.removeAll(path);
    all.prepend(path);
    QSettings().setValue("latelyUsed", all.mid(0, kRemembered));
    QSettings().setValue("lastWork", path);
}

StartPage::StartPage()
    : m_lately(new QGridLayout)
    , m_look(nullptr)
{
    setObjectName("startPage");
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setAcceptDrops(true);
    auto* inside = new QWidget;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(48, 36, 48, 36);
    column->setSpacing(18);
    auto* head = new QLabel(tr("Plan the light of an imagined scene, and carry it to the canvas."));
    head->setProperty("role", "head");
    QFont large = head->font();
    large.setPixelSize(theme::px(24));
    head->setFont(large);
    head->setWordWrap(true);
    column->addWidget(head);
    auto* ways = new QHBoxLayout;
    const auto way = [&](const char* name, const QString& words, const QString& tip, bool main, auto act) {
        auto* button = new QPushButton(words);
        button->setObjectName(name);
        button->setToolTip(tip);
        button->setProperty("main", main);
        connect(button, &QPushButton::clicked, this, act);
        ways->addWidget(button);
    };
    way("beginWith", tr("Begin with photographs…"), tr("Three are enough: a place, and what stands in it"), true,
        [this] { askPictures(); });
    way("beginFresh", tr("An empty work"),
        tr("Saved straight away in your projects folder; takes its name from the title"), false,
        [this] { emit freshWanted(); });
    way("beginExample", tr("An example: Low Tide Caravan"),
        tr("A wide scene at dusk, as first thought and put right, to look around in"), false,
        [this] { emit exampleWanted(int(Example::Caravan)); });
    way("beginCourt", tr("An example: The Moth Court"), tr("A round panel, inside, by one window and a stove"), false,
        [this] { emit exampleWanted(int(Example::Court)); });
    ways->addStretch(1);
    column->addLayout(ways);
    auto* drop = new QLabel(tr("…or drop photographs anywhere here."));
    drop->setObjectName("dropHere");
    drop->setAlignment(Qt::AlignCenter);
    drop->setMinimumHeight(theme::px(90));
    drop->setStyleSheet("QLabel { border: 2px dashed palette(dark); border-radius: 6px; }");
    column->addWidget(drop);
    m_head = new QLabel(tr("Works lately used"));
    m_head->setProperty("role", "hint");
    column->addWidget(m_head);
    m_lately->setSpacing(14);
    column->addLayout(m_lately);
    column->addStretch(1);
    setWidget(inside);
    viewport()->setAcceptDrops(true);
    connect(&m_look, &JobBase::done, this, &StartPage::showLately);
}

void StartPage::fill()
{
    m_look.ask(
        ++m_count,
        [paths = latelyUsed()](Progress& progress) {
            std::vector<Lately> all;
            for (const QString& path : paths) {
                if (progress.cancelled())
                    break;
                Lately one{path, {}};
                const auto bytes = store::ProjectFile::previewOf(path.toStdString());
                if (!bytes.empty() && one.picture.loadFromData(bytes.data(), int(bytes.size())))
                    one.picture = one.picture.scaled(kPicture, Qt::KeepAspectRatio, Qt::SmoothTransformation);
                all.push_back(std::move(one));
            }
            return Result<std::vector<Lately>>(std::move(all));
        },
        Lane::Long);
}

void StartPage::showLately()
{
    while (QLayoutItem* item = m_lately->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    m_head->setVisible(m_look.last() && !m_look.last()->empty());
    if (!m_look.last())
        return;
    int i = 0;
    for (const Lately& one : *m_look.last()) {
        auto* button = new QToolButton;
        button->setObjectName(QString("lately%1").arg(i));
        button->setToolButtonStyle(Qt::ToolButtonTextUnderIcon);
        button->setIconSize(kPicture);
        button->setIcon(one.picture.isNull() ? QIcon() : QIcon(QPixmap::fromImage(one.picture)));
        const QFileInfo file(one.path);
        button->setText(
            file.completeBaseName() + "\n" + QLocale().toString(file.lastModified().date(), QLocale::ShortFormat));
        button->setToolTip(QDir::toNativeSeparators(one.path));
        button->setAccessibleName(tr("Open %1").arg(file.completeBaseName()));
        connect(button, &QToolButton::clicked, this, [this, path = one.path] { emit workWanted(path); });
        m_lately->addWidget(button, i / kAcross, i % kAcross, Qt::AlignLeft | Qt::AlignTop);
        ++i;
    }
    m_lately->setColumnStretch(kAcross, 1);
}

void StartPage::askPictures()
{
    const QStringList files = QFileDialog::getOpenFileNames(this, tr("Begin with photographs"),
        QSettings().value("lastPictureFolder", QDir::homePath()).toString(),
        tr("Pictures (%1);;All files (*)").arg(pictureEndings().join(' ')));
    if (!files.isEmpty())
        emit beginWith(files);
}

void StartPage::dragEnterEvent(QDragEnterEvent* e)
{
    if (e->mimeData()->hasUrls())
        e->acceptProposedAction();
}

void StartPage::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Escape)
        emit backWanted();
    else
        QScrollArea::keyPressEvent(e);
}

void StartPage::dropEvent(QDropEvent* e)
{
    const QStringList files = localFiles(*e->mimeData());
    if (files.size() == 1 && files[0].endsWith(".lantern", Qt::CaseInsensitive))
        emit workWanted(files[0]);
    else if (!files.isEmpty())
        emit beginWith(files);
}

} // namespace rl::app
