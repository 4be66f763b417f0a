#pragma once
#include "store/film.h"
#include <QDialog>
#include <QFutureWatcher>
#include <QImage>

class QSlider;
class QLabel;
class QListWidget;
class QPushButton;
class QProgressBar;

namespace rl::app {

/// Chooses a still out of a clip: a moment, then one of the sharpest frames near it.
class FilmPicker final : public QDialog {
    Q_OBJECT
public:
    FilmPicker(const QString& clip, QWidget* parent);
    ~FilmPicker() override;

signals:
    void picked(const QString& pictureFile); ///< written beside the clip's name in the temporary folder
    void failed(const QString& sentence);

private:
    struct Found {
        std::vector<store::Still> stills;
        QString problem;
    };
    void look();
    void take();
    void finish();
    QString m_clip;
    double m_seconds = 0;
    QSlider* m_moment;
    QLabel* m_says;
    QListWidget* m_list;
    QPushButton* m_ok;
    std::vector<store::Still> m_stills;
    QFutureWatcher<Found> m_watcher;
    std::atomic<bool> m_stop = false;
    bool m_again = false;
};

} // namespace rl::app
