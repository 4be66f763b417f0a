#pragma once
#include "app/document.h"
#include "core/gather/fit.h"
#include <QFutureWatcher>
#include <QImage>
#include <atomic>
#include <map>
#include <set>

namespace rl::app {

/// Small copies and measures of the references: taken from the work's file where they are kept, else worked out one by
/// one off the interface thread, the small ones first.
class WallKeeper final : public QObject {
    Q_OBJECT
public:
    explicit WallKeeper(Document& document);
    ~WallKeeper() override;

    QImage small(const Reference& reference) const; ///< null while it is not at hand
    /// Measures with the painter's word over them; null while not at hand.
    const gather::PictureMeasure* measure(int reference) const;
    const gather::Measures& measures() const { return m_measures; } ///< as measured, by reference id
    const std::map<int, std::uint64_t>& likeness() const { return m_likeness; }
    bool idle() const { return !m_watcher.isRunning(); }
    int missing() const; ///< references not measured yet
    void follow(); ///< the project has changed
    void keepSmall(const std::string& sha256, const QImage& image); ///< as made by the importer

signals:
    void changed(); ///< something more is at hand

private:
    struct Result {
        std::string sha256;
        QImage small;
        gather::PictureMeasure measure;
        std::uint64_t likeness = 0;
        const void* matte = nullptr;
        bool measured = false;
    };
    void next();
    void take();
    Document& m_document;
    std::map<std::string, QImage> m_smalls;
    struct Known {
        gather::PictureMeasure measure;
        const void* matte = nullptr; ///< the matte it was measured with
    };
    std::map<std::string, Known> m_known;
    std::map<std::string, std::uint64_t> m_likenessOf;
    gather::Measures m_measures;
    mutable std::map<int, gather::PictureMeasure> m_overruled;
    std::map<int, std::uint64_t> m_likeness;
    QFutureWatcher<Result> m_watcher;
    std::atomic<bool> m_stop = false;
};

/// Small copy as an image, made without decoding more than needed.
QImage smallImage(const Photo& photo, int longest = 480);

} // namespace rl::app
