#pragma once
#include "app/desk/job.h"
#include "app/forms/page.h"

class QProgressBar;

namespace rl::app {

/// A page that writes sheets or exports in the background, with a bar and a button to give it up.
class WritingPage : public Page {
    Q_OBJECT
public:
    WritingPage(Desk& desk, const QString& name, const QString& tip);

protected:
    void addWriting(); ///< the bar and its button
    void write(const QString& done, std::function<Result<Done>(Progress&)> work);
    QString askPath(const QString& title, const QString& name, const QString& kinds);
    Job<Done> m_write;

private:
    QString m_written;
    int m_count = 0;
    QProgressBar* m_bar = nullptr;
};

} // namespace rl::app
