#include "core/base/kept.h"
#include "core/project/edits.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <atomic>
#include <limits>
#include <thread>

using namespace rl;

namespace {
/// Counts how often it is decoded.
class Counting final : public PhotoSource {
public:
    Counting(int width, int height)
        : m_width(width)
        , m_height(height)
    {
    }
    Photo load() const override
    {
        ++loads;
        if (gone)
            return {};
        return kit::plain(m_width, m_height, {7, 8, 9});
    }
    std::shared_ptr<const std::vector<unsigned char>> bytes() const override { return nullptr; }
    std::string sha256() const override { return {}; }
    mutable std::atomic<int> loads = 0;
    std::atomic<bool> gone = false;

private:
    int m_width, m_height;
};
} // namespace

class TestLazyPhoto : public QObject {
    Q_OBJECT
private slots:
    void isDecodedWhenLookedAt()
    {
        const auto source = std::make_shared<Counting>(40, 30);
        const LazyPhoto photo(40, 30, source);
        QCOMPARE(photo.width(), 40);
        QCOMPARE(source->loads.load(), 0);
        QVERIFY(photo.photo().at(5, 5) == (Rgb8{7, 8, 9}));
        const LazyPhoto copy = photo;
        (void)copy.photo();
        QCOMPARE(source->loads.load(), 1); // kept for a while, and shared by copies
        QCOMPARE(copy.identity(), photo.identity());
    }

    void theOldestLeavesWhenThereAreTooMany()
    {
        const int side = 4000; // 48 MB each: seven do not fit
        const std::size_t most = kept::most();
        kept::setMost(320'000'000);
        std::vector<std::shared_ptr<Counting>> sources;
        std::vector<LazyPhoto> photos;
        for (int i = 0; i < 8; ++i) {
            sources.push_back(std::make_shared<Counting>(side, side));
            photos.emplace_back(side, side, sources.back());
            (void)photos.back().photo();
        }
        (void)photos.back().photo();
        QCOMPARE(sources.back()->loads.load(), 1);
        (void)photos.front().photo();
        QCOMPARE(sources.front()->loads.load(), 2);
        kept::setMost(most);
    }

    void whatCannotBeReadIsMissingAndComesBack()
    {
        const auto lies = std::make_shared<Counting>(40, 30);
        const LazyPhoto wrong(50, 20, lies); // not the size that was said
        QVERIFY(wrong.photo().empty() && wrong.missing() && wrong.width() == 50);
        const auto source = std::make_shared<Counting>(40, 30);
        const LazyPhoto photo(40, 30, source);
        QVERIFY(!photo.missing()); // not known before it is looked at
        source->gone = true;
        QVERIFY(photo.photo().empty() && photo.missing());
        QVERIFY(photo.photo().empty());
        QCOMPARE(source->loads.load(), 2); // tried again each time, never kept
        source->gone = false;
        QVERIFY(photo.photo().width() == 40 && !photo.missing());
        QVERIFY(LazyPhoto().photo().empty() && LazyPhoto().empty());
    }

    void manyThreadsMayLook()
    {
        const LazyPhoto photo(200, 200, std::make_shared<Counting>(200, 200));
        std::atomic<int> right = 0;
        std::vector<std::thread> threads;
        for (int i = 0; i < 8; ++i)
            threads.emplace_back([&] {
                for (int k = 0; k < 50; ++k)
                    right += photo.photo().at(k, k) == Rgb8{7, 8, 9};
            });
        for (std::thread& t : threads)
            t.join();
        QCOMPARE(right.load(), 400);
    }

    void absurdWordsArePutRight()
    {
        Project p = kit::postWork();
        const double nan = std::numeric_limits<double>::quiet_NaN();
        p.references[0].wallAt = {nan, 1e9};
        p.references[0].overrule.kelvin = -5;
        p.references[0].overrule.softness = nan;
        p.references[0].roles = 0xffffffff;
        p.cutouts[0].pins = {{{nan, 0}, {1, 1}}, {{10, 10}, {12, 10}}};
        p.cutouts[0].grounds = {{{-50, 9999}, nan}};
        p.cutouts[0].strokes = Mask::filled(3, 3, 128); // of another size than the picture
        p.elements[0].tone = {nan, 500, -3, 100, nan, 0, 7};
        p.backdrop.dimL = 1e9;
        p.lead = 777;
        QVERIFY(!repair(p));
        QCOMPARE(p.references[0].wallAt.x, 0.0);
        QCOMPARE(p.references[0].overrule.kelvin, 1000.0);
        QCOMPARE(p.references[0].overrule.softness, 0.5);
        QCOMPARE(p.references[0].roles, (1U << kRoleCount) - 1);
        QCOMPARE(p.cutouts[0].pins.size(), std::size_t(1));
        QVERIFY(p.cutouts[0].grounds[0].at.x == 0 && p.cutouts[0].grounds[0].tolerance == 8);
        QVERIFY(p.cutouts[0].strokes.empty() && !p.cutouts[0].alpha.empty());
        QCOMPARE(p.elements[0].tone.amount, 1.0);
        QCOMPARE(p.backdrop.dimL, 60.0);
        QCOMPARE(p.lead, 0);
        QVERIFY(repair(p)); // a second time there is nothing left to do
    }
};

RL_TEST(TestLazyPhoto)
#include "tst_lazy_photo.moc"
