#pragma once
#include "app/desk/notices.h"
#include "core/review/review.h"
#include <QImage>
#include <QObject>
#include <atomic>
#include <condition_variable>
#include <mutex>
#include <optional>
#include <thread>

namespace rl::app {

/// What a worker made of one revision of the project.
struct LitWork {
    quint64 revision = 0, wish = 0; ///< of the work; of all that was ever asked for
    std::shared_ptr<const stage::StageFrame> frame;
    light::Picture picture;
    QImage image; ///< sRGB, ready to show
};

/// Keeps the picture following the project: composes and lights on one thread what a board shows, and judges on another
/// what is judged (review::Judged), which the board's size does not touch. Only the newest wish is worked on; an
/// outdated one is given up.
class LiveLight final : public QObject {
    Q_OBJECT
public:
    explicit LiveLight(Notices* notices, QObject* parent = nullptr);
    ~LiveLight() override;

    /// Asks for the picture of a project, and for its findings once nothing newer is wished for.
    /// While a hand drags and a whole picture would come too late to follow it, a smaller one is shown meanwhile.
    /// \param judged false: only shown, as with one light alone
    void ask(const Project& project, quint64 revision, int widthPx, bool judged = true, bool dragged = false);
    stage::SurfaceCache& surfaces() { return m_cache; }
    bool idle() const; ///< nothing under way
    void forget(); ///< composes the next picture wholly anew: a missing file has come back
    void leave(); ///< the work is left: what is under way for it is given up, and nothing of it is kept
    bool isOf(const LitWork& lit) const { return lit.wish > m_leftAt; } ///< asked for since the work was opened

signals:
    void lit(std::shared_ptr<const rl::app::LitWork> work);
    /// Twice for one revision: as soon as picture, reading and palette are there, and when all of it is.
    void reviewed(quint64 revision, std::shared_ptr<const rl::review::Review> review);

private:
    void fail(const Error& error);
    Notices* m_notices;
    std::atomic<bool> m_forget = false;
    struct Wish {
        Project project;
        quint64 revision = 0;
        int widthPx = 800;
        bool judged = true, dragged = false;
        quint64 count = 0, work = 0; ///< of all wishes so far; of all that is judged
    };
    /// What pictures of one size are made with, and what is kept from one to the next.
    struct Maker {
        stage::Composer composer;
        light::Relighter relighter;
        std::shared_ptr<const stage::StageFrame> frame;
        std::optional<Wish> framed; ///< what `frame` was composed from
    };
    void run();
    void work(const Wish& wish);
    void show(Maker& maker, const Wish& wish);
    bool newerWithin(int ms);
    void runReviews();
    void judge(review::Reviewer& reviewer, const Wish& wish);
    stage::SurfaceCache& m_cache; ///< one for the process: what was worked out of a photograph holds in any window
    mutable std::mutex m_mutex;
    std::condition_variable m_changed;
    std::optional<Wish> m_next;
    bool m_stop = false, m_busy = false, m_judging = false;
    std::atomic<bool> m_newer = false;
    std::atomic<quint64> m_wishes = 0, m_leftAt = 0;
    // The worker's own:
    Maker m_whole, m_quick;
    double m_wholeMs = 0; ///< the last whole picture took
    /// Judging has a thread of its own, so that a drag never waits for it.
    std::thread m_thread, m_judge;
    std::optional<Wish> m_toJudge; ///< under the mutex
    quint64 m_revision = 0, m_judged = 0; ///< the same: of the newest that is to be judged; the last that was begun
    std::atomic<quint64> m_works = 0;
    std::atomic<bool> m_judgeAnew = false;
};

QImage imageOf(const LinearPicture& picture);
QImage imageOf(const Photo& photo);

} // namespace rl::app

Q_DECLARE_METATYPE(std::shared_ptr<const rl::app::LitWork>)
Q_DECLARE_METATYPE(std::shared_ptr<const rl::review::Review>)
