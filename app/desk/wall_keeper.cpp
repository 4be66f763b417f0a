#include "app/desk/wall_keeper.h"
#include "app/desk/live_light.h"
#include "store/measure_json.h"
#include "store/picture_reader.h"
#include <QBuffer>

namespace rl::app {

std::vector<unsigned char> jpegOf(const QImage& image, int quality)
{
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "JPG", quality);
    return {bytes.begin(), bytes.end()};
}

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

WallKeeper::WallKeeper(Document& document, Jobs& jobs)
    : m_document(document)
    , m_job(jobs)
    , m_search(jobs, JobBase::Told::No)
{
    connect(&m_job, &JobBase::done, this, &WallKeeper::take);
    connect(&document, &Document::workChanged, this, [this] { // what was known of another work is not held
        m_smalls.clear(), m_known.clear(), m_likenessOf.clear();
    });
    connect(&document, &Document::projectChanged, this, &WallKeeper::follow);
    connect(&m_search, &JobBase::done, this, [this] {
        follow();
        if (m_search.last() && *m_search.last() > 0)
            emit changed();
    });
    m_again.setInterval(2500);
    connect(&m_again, &QTimer::timeout, this, [this] {
        if (missing() != m_missing)
            follow();
        if (missing() > 0)
            lookForMissing();
    });
    m_again.start();
}

QImage WallKeeper::small(const Reference& reference) const
{
    const auto found = m_smalls.find(reference.sha256());
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
    const auto& all = m_document.project().references;
    return int(std::count_if(all.begin(), all.end(), [](const Reference& r) { return r.pixels.missing(); }));
}

int WallKeeper::toGo() const
{
    const auto& all = m_document.project().references;
    return int(std::count_if(
        all.begin(), all.end(), [&](const Reference& r) { return !r.pixels.missing() && !m_measures.contains(r.id); }));
}

void WallKeeper::keepSmall(const std::string& sha256, const QImage& image)
{
    m_smalls[sha256] = image;
}

void WallKeeper::lookForMissing()
{
    std::vector<LazyPhoto> gone;
    for (const Reference& r : m_document.project().references)
        if (r.pixels.missing())
            gone.push_back(r.pixels);
    if (gone.empty() || m_search.running())
        return;
    m_search.ask(++m_count, [gone](Progress& progress) -> Result<int> {
        int found = 0;
        for (const LazyPhoto& p : gone)
            found += !progress.cancelled() && !p.photo().empty();
        return found;
    });
}

void WallKeeper::follow()
{
    m_measures.clear();
    m_likeness.clear();
    m_overruled.clear();
    for (const Reference& r : m_document.project().references) {
        if (const auto found = m_known.find(r.sha256()); found != m_known.end() && !r.pixels.missing())
            m_measures[r.id] = found->second.measure;
        if (const auto found = m_likenessOf.find(r.sha256()); found != m_likenessOf.end())
            m_likeness[r.id] = found->second;
    }
    if (m_smalls.size() > m_document.project().references.size() + 400)
        std::erase_if(m_smalls, [this](const auto& kept) {
            const auto& all = m_document.project().references;
            return std::none_of(all.begin(), all.end(), [&](const Reference& r) { return r.sha256() == kept.first; });
        });
    if (const int gone = missing(); gone != m_missing) {
        m_missing = gone;
        emit missingChanged();
    }
    if (!m_job.running())
        QTimer::singleShot(0, this, &WallKeeper::next);
}

void WallKeeper::next()
{
    if (m_job.running())
        return;
    const Project& p = m_document.project();
    const Reference* wanted = nullptr;
    bool onlySmall = true;
    for (const Reference& r : p.references)
        if (!r.pixels.missing() && (!m_smalls.contains(r.sha256()) || !m_likenessOf.contains(r.sha256()))) {
            wanted = &r;
            break;
        }
    Mask matte;
    if (!wanted)
        for (const Reference& r : p.references) {
            if (r.pixels.missing())
                continue;
            const auto known = m_known.find(r.sha256());
            matte = gather::matteFor(p, r.id);
            if (known == m_known.end() || known->second.matte.identity() != matte.identity()) {
                wanted = &r;
                onlySmall = false;
                break;
            }
        }
    if (!wanted)
        return;
    m_job.ask(
        ++m_count,
        [this, r = *wanted, matte, onlySmall, have = small(*wanted), saver = m_document.saver()](
            Progress& progress) { return look(r, matte, have, onlySmall, saver, progress); },
        Lane::Long);
}

Result<WallKeeper::Looked> WallKeeper::look(const Reference& r, const Mask& matte, QImage have, bool onlySmall,
    const std::shared_ptr<store::Saver>& saver, Progress& progress) const
{
    Looked out{r.sha256(), std::move(have), {}, 0, matte, false, false};
    const auto kept = [&](const char* kind) {
        std::vector<unsigned char> bytes;
        if (saver)
            (void)saver->fromWorker([&](store::ProjectFile& f) { // none kept: it is made
                bytes = f.derived(r.sha256(), kind);
                return Done{};
            });
        return bytes;
    };
    const auto keep = [&](const char* kind, const std::vector<unsigned char>& bytes) {
        if (!saver || saver->readOnly())
            return;
        if (const auto done
            = saver->fromWorker([&](store::ProjectFile& f) { return f.keepDerived(r.sha256(), kind, bytes); });
            !done) // it can be made again
            qWarning("keeping what was measured: %s", done.error().detail.c_str());
    };
    if (onlySmall) {
        const auto bytes = out.small.isNull() ? kept("small") : std::vector<unsigned char>();
        if (bytes.empty() || !out.small.loadFromData(bytes.data(), int(bytes.size()))) {
            if (out.small.isNull())
                out.small = smallImage(r.pixels.photo());
            if (out.small.isNull()) { // missing: nothing is kept of it
                out.gone = true;
                return out;
            }
            keep("small", jpegOf(out.small));
        }
        out.small = out.small.convertToFormat(QImage::Format_RGB32);
        const QImage rgb = out.small.convertToFormat(QImage::Format_RGB888);
        const cv::Mat view(
            rgb.height(), rgb.width(), CV_8UC3, const_cast<uchar*>(rgb.constBits()), std::size_t(rgb.bytesPerLine()));
        out.likeness = gather::likenessOf(Photo::fromMat(view));
        return out;
    }
    // Measures without a cut-out are kept in the file; with one they follow the matte and are made anew.
    auto known = matte.empty() ? store::measureFrom(kept("measure")) : std::nullopt;
    if (!known) {
        const Photo photo = r.pixels.photo();
        if (photo.empty()) {
            out.gone = true;
            return out;
        }
        known = gather::measured(photo, matte, progress);
        if (matte.empty() && !progress.cancelled())
            keep("measure", store::bytesOf(*known));
    }
    out.measure = *known;
    out.measured = true;
    return out;
}

void WallKeeper::take()
{
    const Looked* r = m_job.problem() ? nullptr : m_job.last();
    if (!r)
        return; // said; tried again when something changes
    if (r->measured)
        m_known[r->sha256] = {r->measure, r->matte};
    else if (!r->gone) {
        m_smalls[r->sha256] = r->small;
        m_likenessOf[r->sha256] = r->likeness;
    }
    follow();
    emit changed();
}

} // namespace rl::app
