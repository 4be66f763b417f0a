#pragma once
#include "app/desk/document.h"
#include "app/desk/job.h"
#include "core/gather/fit.h"
#include <QImage>
#include <QTimer>
#include <map>

namespace rl::app {

/// Small copies and measures of the references: taken from the work's file where they are kept, else worked out one by
/// one off the interface thread, the small ones first. What is missing is looked for again every few seconds.
class WallKeeper final : public QObject {
    Q_OBJECT
public:
    WallKeeper(Document& document, Jobs& jobs);

    QImage small(const Reference& reference) const; ///< null while it is not at hand
    /// Measures with the painter's word over them; null while not at hand.
    const gather::PictureMeasure* measure(int reference) const;
    const gather::Measures& measures() const { return m_measures; } ///< as measured, by reference id
    const std::map<int, std::uint64_t>& likeness() const { return m_likeness; }
    bool idle() const { return !m_job.running(); }
    int toGo() const; ///< references not measured yet, missing ones left out
    int missing() const; ///< references whose file cannot be read
    void follow(); ///< the project has changed
    void keepSmall(const std::string& sha256, const QImage& image); ///< as made by the importer
    void lookForMissing(); ///< now

signals:
    void changed(); ///< something more is at hand
    void missingChanged(); ///< a picture is missing, or is there again

private:
    struct Looked {
        std::string sha256;
        QImage small;
        gather::PictureMeasure measure;
        std::uint64_t likeness = 0;
        Mask matte;
        bool measured = false, gone = false;
    };
    void next();
    void take();
    Result<Looked> look(const Reference& r, const Mask& matte, QImage have, bool onlySmall,
        const std::shared_ptr<store::Saver>& saver, Progress& progress) const;
    Document& m_document;
    std::map<std::string, QImage> m_smalls;
    struct Known {
        gather::PictureMeasure measure;
        Mask matte; ///< the matte it was measured with
    };
    std::map<std::string, Known> m_known;
    std::map<std::string, std::uint64_t> m_likenessOf;
    gather::Measures m_measures;
    mutable std::map<int, gather::PictureMeasure> m_overruled;
    std::map<int, std::uint64_t> m_likeness;
    Job<Looked> m_job;
    Job<int> m_search; ///< how many were found again
    QTimer m_again;
    int m_count = 0, m_missing = 0;
};

/// Small copy as an image, made without decoding more than needed.
QImage smallImage(const Photo& photo, int longest = 480);
/// An image as the bytes of a JPEG. \param quality 0…100
std::vector<unsigned char> jpegOf(const QImage& image, int quality = 86);

} // namespace rl::app
