#pragma once
#include "app/desk/job.h"
#include "store/clip.h"
#include <QDialog>
#include <QImage>

class QSlider;
class QLabel;
class QListWidget;
class QPushButton;
class QProgressBar;

namespace rl::app {

/// Chooses a still out of a clip: a moment, then one of the sharpest frames near it.
class ClipPicker final : public QDialog {
    Q_OBJECT
public:
    ClipPicker(const QString& clip, QWidget* parent);

signals:
    void picked(const QString& pictureFile); ///< written beside the clip's name in the temporary folder
    void failed(const QString& sentence);

private:
    struct Found {
        std::vector<store::Still> stills;
        std::vector<QImage> small;
    };
    void begin(); ///< the clip is known
    void look();
    void take();
    void finish();
    QString m_clip;
    double m_seconds = 0;
    QSlider* m_moment;
    QLabel* m_says;
    QListWidget* m_list;
    QPushButton* m_ok;
    Job<store::ClipFacts> m_film{nullptr};
    Job<Found> m_look{nullptr};
    Job<QString> m_write{nullptr};
};

} // namespace rl::app
