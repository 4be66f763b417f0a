#include "app/wall_keeper.h"
#include "app/jobs.h"
#include "app/live_light.h"
#include "store/measure_json.h"
#include "store/picture_reader.h"
#include <QBuffer>
#include <QTimer>
#include <QtConcurrent>

namespace rl::app {

namespace {
std::vector<unsigned char> jpegOf(const QImage& image)
{
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "JPG", 86);
    return {bytes.begin(), bytes.end()};
}
} // namespace

QImage smallImage(const Photo& photo, int longest)
{
    if (photo.empty())
        return {};
    const QImage whole(reinterpret_cast<const uchar*>(photo.data()), photo.width(), photo.height(), photo.width() * 3,
        QImage::Format_RGB888);
    // In the format that is drawn fastest.
    return (whole.width() <= longest && whole.height() <= longest
            ? whole
            : whole.scaled(longest, longest, Qt::KeepAspectRatio, Qt::SmoothTransformation))
        .convertToFormat(QImage::Format_RGB32);
}

WallKeeper::WallKeeper(Document& document)
    : m_document(document)
{
    connect(&m_watcher, &QFutureWatcher<Result>::finished, this, &WallKeeper::take);
    connect(&document, &Document::projectChanged, this, &WallKeeper::follow);
}

WallKeeper::~WallKeeper()
{
    m_stop = true;
    m_watcher.waitForFinished();
}

QImage WallKeeper::small(const Reference& reference) const
{
    const auto found = m_smalls.find(reference.sha256);
    return found == m_smalls.end() ? QImage() : found->second;
}

const gather::PictureMeasure* WallKeeper::measure(int reference) const
{
    const Reference* r = m_document.project().reference(reference);
    const auto found = m_measures.find(reference);
    if (!r || found == m_measures.end())
        return nullptr;
    return &(m_overruled[reference] = gather::overruled(found->second, r->overrule));
}

int WallKeeper::missing() const
{
    return int(m_document.project().references.size()) - int(m_measures.size());
}

void WallKeeper::keepSmall(const std::string& sha256, const QImage& image)
{
    m_smalls[sha256] = image;
}

void WallKeeper::follow()
{
    m_measures.clear();
    m_likeness.clear();
    m_overruled.clear();
    for (const Reference& r : m_document.project().references) {
        if (const auto found = m_known.find(r.sha256); found != m_known.end())
            m_measures[r.id] = found->second.measure;
        if (const auto found = m_likenessOf.find(r.sha256); found != m_likenessOf.end())
            m_likeness[r.id] = found->second;
    }
    if (m_smalls.size() > m_document.project().references.size() + 400)
        std::erase_if(m_smalls, [this](const auto& kept) {
            const auto& all = m_document.project().references;
            return std::none_of(all.begin(), all.end(), [&](const Reference& r) { return r.sha256 == kept.first; });
        });
    if (!m_watcher.isRunning())
        QTimer::singleShot(0, this, &WallKeeper::next);
}

void WallKeeper::next()
{
    if (m_watcher.isRunning() || m_stop)
        return;
    const Project& p = m_document.project();
    const Reference* wanted = nullptr;
    bool onlySmall = true;
    for (const Reference& r : p.references)
        if (!m_smalls.contains(r.sha256) || !m_likenessOf.contains(r.sha256)) {
            wanted = &r;
            break;
        }
    Mask matte;
    if (!wanted)
        for (const Reference& r : p.references) {
            const auto known = m_known.find(r.sha256);
            matte = gather::matteFor(p, r.id);
            if (known == m_known.end() || known->second.matte != matte.identity()) {
                wanted = &r;
                onlySmall = false;
                break;
            }
        }
    if (!wanted)
        return;
    m_watcher.setFuture(QtConcurrent::run(
        jobs(), [this, r = *wanted, matte, onlySmall, have = small(*wanted), saver = m_document.saver()] {
            Result result{r.sha256, have, {}, 0, matte.identity(), false};
            const auto kept = [&](const char* kind) {
                std::vector<unsigned char> bytes;
                if (saver)
                    (void)saver->fromWorker([&](store::ProjectFile& f) {
                        bytes = f.derived(r.sha256, kind);
                        return Done{};
                    });
                return bytes;
            };
            const auto keep = [&](const char* kind, const std::vector<unsigned char>& bytes) {
                if (saver && !saver->readOnly())
                    (void)saver->fromWorker(
                        [&](store::ProjectFile& f) { return f.keepDerived(r.sha256, kind, bytes); });
            };
            (void)guarded([&]() -> rl::Result<Done> {
                if (onlySmall) {
                    const auto bytes = result.small.isNull() ? kept("small") : std::vector<unsigned char>();
                    if (bytes.empty() || !result.small.loadFromData(bytes.data(), int(bytes.size()))) {
                        if (result.small.isNull())
                            result.small = smallImage(r.pixels.photo());
                        keep("small", jpegOf(result.small));
                    }
                    result.small = result.small.convertToFormat(QImage::Format_RGB32);
                    const QImage rgb = result.small.convertToFormat(QImage::Format_RGB888);
                    const cv::Mat view(rgb.height(), rgb.width(), CV_8UC3, const_cast<uchar*>(rgb.constBits()),
                        std::size_t(rgb.bytesPerLine()));
                    result.likeness = gather::likenessOf(Photo::fromMat(view));
                    return Done{};
                }
                // Measures without a cut-out are kept in the file; with one they follow the matte and are made anew.
                auto known = matte.empty() ? store::measureFrom(kept("measure")) : std::nullopt;
                if (!known) {
                    UntilStopped progress(m_stop);
                    known = gather::measured(r.pixels, matte, progress);
                    if (matte.empty() && !m_stop)
                        keep("measure", store::bytesOf(*known));
                }
                result.measure = *known;
                result.measured = true;
                return Done{};
            });
            return result;
        }));
}

void WallKeeper::take()
{
    const Result r = m_watcher.result();
    if (!r.measured) {
        m_smalls[r.sha256] = r.small;
        m_likenessOf[r.sha256] = r.likeness;
    }
    if (r.measured)
        m_known[r.sha256] = {r.measure, r.matte};
    follow();
    emit changed();
}

} // namespace rl::app
