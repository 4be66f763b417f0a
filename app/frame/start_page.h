#pragma once
#include "app/desk/job.h"
#include <QImage>
#include <QScrollArea>

class QGridLayout;
class QLabel;

namespace rl::app {

/// What is seen before a work is: works lately used, by their pictures; the example; a place to drop photographs on.
class StartPage final : public QScrollArea {
    Q_OBJECT
public:
    StartPage();
    void fill(); ///< anew, from what was used lately

signals:
    void workWanted(const QString& path);
    void exampleWanted(int which); ///< an Example
    void freshWanted();
    void beginWith(const QStringList& pictures);
    void backWanted(); ///< to the work that is open

protected:
    void dragEnterEvent(QDragEnterEvent* e) override;
    void dropEvent(QDropEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;

private:
    struct Lately {
        QString path;
        QImage picture;
    };
    void askPictures();
    void showLately();
    QLabel* m_head;
    QGridLayout* m_lately;
    Job<std::vector<Lately>> m_look;
    int m_count = 0;
};

/// Works lately used, the newest first; those that are gone left out.
QStringList latelyUsed();
void rememberWork(const QString& path);

} // namespace rl::app
