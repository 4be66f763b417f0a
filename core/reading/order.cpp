// The smallest change that makes the measured order the intended one.
#include "core/reading/order.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/reading/touchable.h"
#include <glpk.h>
#include <opencv2/imgproc.hpp>
#include <optional>

namespace rl::reading {

std::vector<std::pair<int, int>> Intent::pairs(const std::vector<int>& elements) const
{
    std::vector<std::pair<int, int>> all;
    const auto rankOf = [&](int id) {
        const auto found = rank.find(id);
        return found == rank.end() ? 0 : found->second;
    };
    for (const int a : elements)
        for (const int b : elements) {
            const int ra = rankOf(a), rb = rankOf(b);
            if (a == b || ra <= 0)
                continue;
            if (rb > ra || (quiet.contains(b) && rb <= 0) || (ra == 1 && rb <= 0))
                all.emplace_back(a, b);
        }
    return all;
}

Intent intentOf(const Project& p)
{
    Intent intent;
    for (const Element& e : p.elements) {
        if (e.quiet && !e.cast)
            intent.quiet.insert(e.id);
        for (std::size_t i = 0; i < p.brief.cast.size(); ++i)
            if (e.cast && e.cast == p.brief.cast[i].id)
                intent.rank[e.id] = int(i) + 1;
    }
    return intent;
}

namespace {
constexpr int kKinds = 4; // lightness, contrast, saturation, softness
constexpr std::array<double, kKinds> kUnit{10, 0.35, 0.35, 3}; ///< as costly as each other
constexpr std::array<double, kKinds> kStep{3, 0.15, 0.2, 1.5}; ///< of a finite difference
const std::array<double, kKinds> kLow{-kMostDL, std::log(kLeastFactor), std::log(kLeastFactor), 0},
    kHigh{kMostDL, std::log(kMostFactor), std::log(kMostFactor), kMostSoft};
const double kGoal = std::log(1.15);

struct Lever { ///< one thing that can be changed
    int element;
    int kind;
    double cost; ///< of one unit
};
using Setting = std::vector<double>; ///< of every lever

/// The picture small, to be changed and measured again and again.
class Bench {
public:
    Bench(const LinearPicture& picture, const IdMap& ids, const Viewing& viewing, int longSide)
    {
        const double k = std::min(1.0, double(longSide) / std::max(picture.width(), picture.height()));
        const cv::Size size(
            std::max(8, int(std::lround(picture.width() * k))), std::max(8, int(std::lround(picture.height() * k))));
        cv::Mat small;
        cv::resize(picture.mat(), small, size, 0, 0, k < 1 ? cv::INTER_AREA : cv::INTER_LINEAR);
        m_picture = LinearPicture::fromMat(small);
        m_ids = smallIds(ids, size.width, size.height);
        m_layout.emplace(m_ids, viewing, longSide);
        m_touchable.emplace(m_picture, m_ids, kHigh[3]);
    }
    const LinearPicture& picture() const { return m_picture; }
    const IdMap& ids() const { return m_ids; }
    Attention measure(const std::vector<Touch>& touches) const { return m_layout->order(m_touchable->with(touches)); }

private:
    LinearPicture m_picture;
    IdMap m_ids;
    std::optional<Layout> m_layout;
    std::optional<Touchable> m_touchable;
};

double apart(const Attention& a, const std::pair<int, int>& pair)
{
    const auto share = [&](int id) {
        const auto found = a.share.find(id);
        return std::log(std::max(found == a.share.end() ? 0.0 : found->second, 1e-9));
    };
    return share(pair.first) - share(pair.second);
}

/// Least of a weighted sum under linear bounds, by GLPK's simplex.
class LinearProgram {
public:
    static constexpr double kFree = 1e300;
    LinearProgram()
        : m_p(glp_create_prob())
    {
        glp_set_obj_dir(m_p.get(), GLP_MIN);
    }
    /// \return its number
    int unknown(double low, double high, double weight)
    {
        const int j = glp_add_cols(m_p.get(), 1);
        const int kind = high >= kFree ? GLP_LO : high > low ? GLP_DB : GLP_FX;
        glp_set_col_bnds(m_p.get(), j, kind, low, high);
        glp_set_obj_coef(m_p.get(), j, weight);
        return j - 1;
    }
    void atLeast(const std::vector<std::pair<int, double>>& row, double bound)
    {
        std::vector<int> columns{0};
        std::vector<double> values{0};
        for (const auto& [j, v] : row)
            columns.push_back(j + 1), values.push_back(v);
        const int i = glp_add_rows(m_p.get(), 1);
        glp_set_row_bnds(m_p.get(), i, GLP_LO, bound, 0);
        glp_set_mat_row(m_p.get(), i, int(row.size()), columns.data(), values.data());
    }
    /// \return all unknowns; empty when there is no answer
    std::vector<double> least()
    {
        glp_smcp how;
        glp_init_smcp(&how);
        how.msg_lev = GLP_MSG_OFF;
        how.it_lim = 5000;
        if (glp_simplex(m_p.get(), &how) != 0 || glp_get_status(m_p.get()) != GLP_OPT)
            return {};
        std::vector<double> out;
        for (int j = 1; j <= glp_get_num_cols(m_p.get()); ++j)
            out.push_back(glp_get_col_prim(m_p.get(), j));
        return out;
    }

private:
    struct Gone {
        void operator()(glp_prob* p) const { glp_delete_prob(p); }
    };
    std::unique_ptr<glp_prob, Gone> m_p;
};

class Solver {
public:
    Solver(const Bench& bench, const Intent& intent, double goal, Progress& progress)
        : m_bench(bench)
        , m_intent(intent)
        , m_progress(progress)
        , m_now(bench.measure({}))
        , m_pairs(intent.pairs(m_now.order))
        , m_goals(m_pairs.size(), goal)
    {
        ++measured;
        pullLevers();
    }
    int measured = 0;
    /// Goes on from where it stands. The slopes are measured at first and where a step fails; between, each step taught
    /// them what it did (C. G. Broyden, A class of methods for solving nonlinear simultaneous equations, 1965).
    std::vector<Touch> solve(int rounds)
    {
        std::vector<double> trust(m_levers.size(), 1.0);
        bool exact = false;
        int idle = 0; // rounds that brought next to nothing
        for (int round = 0;
             round < rounds && !m_levers.empty() && !holds() && idle < 3 && !tired() && !m_progress.cancelled();
             ++round) {
            const double before = violation(m_now);
            m_progress.report(0.7 * round / rounds, tr("looking for the smallest change"));
            if (m_slope.empty())
                m_slope = slopes(), exact = true;
            const Setting way = program(trust);
            bool better = false;
            for (double part = 1; part > 0.2 && !better && !way.empty(); part /= 2) {
                Setting tried = m_setting;
                for (std::size_t k = 0; k < tried.size(); ++k)
                    tried[k] += part * way[k];
                const Attention a = measure(tried);
                learn(tried, a);
                if (violation(a) < violation(m_now) - 1e-6)
                    better = true, m_setting = std::move(tried), m_now = a;
            }
            if (!better && exact)
                for (double& t : trust)
                    t *= 0.4;
            if (!better)
                m_slope.release();
            exact = false;
            idle = violation(m_now) < 0.97 * before ? 0 : idle + 1;
        }
        drop();
        scaleBack();
        return touchesOf(m_setting);
    }
    bool holds() const { return violation(m_now) <= 1e-6; }
    /// What is not had by then takes longer than anybody waits: some two to three seconds.
    bool tired() const
    {
        constexpr double kEnough = 14e6; // pixels measured
        return double(measured) * double(m_bench.ids().size()) > kEnough;
    }
    /// Pairs that hold here and not on the picture itself are wanted so much farther apart.
    void correct(const Attention& whole)
    {
        for (std::size_t i = 0; i < m_pairs.size(); ++i)
            if (const double lacks = kGoal - apart(whole, m_pairs[i]); lacks > 0.3 * kGoal)
                m_goals[i] = std::max(m_goals[i], apart(m_now, m_pairs[i]) + std::min(lacks, 1.0));
        pullLevers();
    }

private:
    double violation(const Attention& a) const
    {
        double sum = 0;
        for (std::size_t i = 0; i < m_pairs.size(); ++i)
            sum += std::max(0.0, m_goals[i] - apart(a, m_pairs[i]));
        return sum;
    }
    void learn(const Setting& tried, const Attention& a)
    {
        double square = 0;
        for (std::size_t k = 0; k < tried.size(); ++k)
            square += (tried[k] - m_setting[k]) * (tried[k] - m_setting[k]);
        for (std::size_t i = 0; i < m_pairs.size() && square > 1e-9; ++i) {
            double* row = m_slope.ptr<double>(int(i));
            double off = apart(a, m_pairs[i]) - apart(m_now, m_pairs[i]);
            for (std::size_t k = 0; k < tried.size(); ++k)
                off -= row[k] * (tried[k] - m_setting[k]);
            for (std::size_t k = 0; k < tried.size(); ++k)
                row[k] += off * (tried[k] - m_setting[k]) / square;
        }
    }
    Attention measure(const Setting& s)
    {
        ++measured;
        return m_bench.measure(touchesOf(s));
    }
    /// Levers of the elements in pairs that are the wrong way round; neutral things have no saturation to change.
    void pullLevers()
    {
        std::set<int> wrong;
        for (std::size_t i = 0; i < m_pairs.size(); ++i)
            if (apart(m_now, m_pairs[i]) < m_goals[i])
                wrong.insert(m_pairs[i].first), wrong.insert(m_pairs[i].second);
        for (const Lever& l : m_levers)
            wrong.erase(l.element); // it has its levers already
        const cv::Mat ids = m_bench.ids().mat();
        for (const int id : wrong) {
            const cv::Mat mask = ids == id;
            const double share = double(cv::countNonZero(mask)) / double(ids.total());
            if (share > 0.5 || share <= 0 || m_intent.locked.contains(id))
                continue;
            const cv::Scalar mean = cv::mean(m_bench.picture().mat(), mask);
            const colour::Lab lab = colour::toLab({float(mean[0]), float(mean[1]), float(mean[2])});
            const bool neutral = std::hypot(lab.a, lab.b) < 4;
            for (int kind = 0; kind < kKinds; ++kind)
                if ((kind != 2 || !neutral) && (kind != 3 || m_intent.softness))
                    m_levers.push_back({id, kind, 1 + 3 * share});
        }
        if (m_setting.size() != m_levers.size())
            m_slope.release();
        m_setting.resize(m_levers.size(), 0.0);
    }
    std::vector<Touch> touchesOf(const Setting& s) const
    {
        std::map<int, Touch> by;
        for (std::size_t k = 0; k < s.size(); ++k) {
            Touch& t = by[m_levers[k].element];
            t.element = m_levers[k].element;
            const double v = s[k] * kUnit[std::size_t(m_levers[k].kind)];
            (m_levers[k].kind == 0          ? t.dL
                    : m_levers[k].kind == 1 ? t.contrast
                    : m_levers[k].kind == 2 ? t.saturation
                                            : t.soft)
                = v;
        }
        std::vector<Touch> all;
        for (const auto& [id, t] : by)
            if (t.any())
                all.push_back(t);
        return all;
    }
    static double lowOf(const Lever& l) { return kLow[std::size_t(l.kind)] / kUnit[std::size_t(l.kind)]; }
    static double highOf(const Lever& l) { return kHigh[std::size_t(l.kind)] / kUnit[std::size_t(l.kind)]; }
    double costOf(const Setting& s) const
    {
        double sum = 0;
        for (std::size_t k = 0; k < s.size(); ++k)
            sum += m_levers[k].cost * std::abs(s[k]);
        return sum;
    }

    /// What each lever does to each pair, by measuring it moved a little; both ways for lightness, and the better of
    /// them kept.
    cv::Mat slopes()
    {
        const int n = int(m_levers.size()), pairs = int(m_pairs.size());
        cv::Mat all(pairs, n, CV_64F, cv::Scalar(0));
        std::vector<Attention> up(m_levers.size()), down(m_levers.size());
        parallelItems(2 * n, [&](int i) {
            const auto k = std::size_t(i / 2);
            const Lever& l = m_levers[k];
            if (m_progress.cancelled() || (i % 2 == 1 && l.kind != 0))
                return;
            Setting s = m_setting;
            s[k] += (i % 2 ? -1 : 1) * kStep[std::size_t(l.kind)] / kUnit[std::size_t(l.kind)];
            (i % 2 ? down : up)[k] = m_bench.measure(touchesOf(s));
        });
        for (std::size_t k = 0; k < m_levers.size(); ++k) {
            const double step = kStep[std::size_t(m_levers[k].kind)] / kUnit[std::size_t(m_levers[k].kind)];
            measured += m_levers[k].kind == 0 ? 2 : 1;
            const bool lower = !down[k].share.empty() && violation(down[k]) < violation(up[k]);
            for (int p = 0; p < pairs && !up[k].share.empty(); ++p) {
                const auto& pair = m_pairs[std::size_t(p)];
                all.at<double>(p, int(k)) = lower ? (apart(m_now, pair) - apart(down[k], pair)) / step
                                                  : (apart(up[k], pair) - apart(m_now, pair)) / step;
            }
        }
        return all;
    }

    /// One linear program: least cost and slack, pairs put right to first order. \return nothing when it has no answer
    Setting program(const std::vector<double>& trust)
    {
        const int n = int(m_levers.size());
        LinearProgram p;
        std::vector<int> way, size;
        for (int k = 0; k < n; ++k) {
            const Lever& l = m_levers[std::size_t(k)];
            const double is = m_setting[std::size_t(k)], t = trust[std::size_t(k)];
            way.push_back(p.unknown(std::clamp(lowOf(l) - is, -t, 0.0), std::clamp(highOf(l) - is, 0.0, t), 0));
            size.push_back(p.unknown(0, LinearProgram::kFree, l.cost)); // |setting| after it
            p.atLeast({{size.back(), 1}, {way.back(), -1}}, is);
            p.atLeast({{size.back(), 1}, {way.back(), 1}}, -is);
        }
        for (std::size_t i = 0; i < m_pairs.size(); ++i) {
            std::vector<std::pair<int, double>> row{{p.unknown(0, LinearProgram::kFree, 60), 1}};
            for (int k = 0; k < n; ++k)
                row.emplace_back(way[std::size_t(k)], m_slope.at<double>(int(i), k));
            p.atLeast(row, m_goals[i] + 0.02 - apart(m_now, m_pairs[i]));
        }
        const std::vector<double> answer = p.least();
        Setting out;
        for (int k = 0; k < n && !answer.empty(); ++k)
            out.push_back(answer[std::size_t(way[std::size_t(k)])]);
        return out;
    }

    /// Levers that turn out unnecessary go back, the least moved first.
    void drop()
    {
        std::vector<std::size_t> moved;
        for (std::size_t k = 0; k < m_setting.size(); ++k)
            if (m_setting[k] != 0)
                moved.push_back(k);
        std::sort(moved.begin(), moved.end(),
            [&](std::size_t a, std::size_t b) { return std::abs(m_setting[a]) < std::abs(m_setting[b]); });
        for (const std::size_t k : moved) {
            if (m_progress.cancelled())
                return;
            Setting without = m_setting;
            without[k] = 0;
            if (const Attention a = measure(without); violation(a) <= violation(m_now) + 1e-6)
                m_setting = std::move(without), m_now = a;
        }
    }
    /// All of them by one factor, as far as the order still holds.
    void scaleBack()
    {
        if (!holds() || costOf(m_setting) <= 0)
            return;
        double low = 0, high = 1;
        for (int i = 0; i < 4 && !m_progress.cancelled(); ++i) {
            const double part = (low + high) / 2;
            Setting less = m_setting;
            for (double& v : less)
                v *= part;
            const Attention a = measure(less);
            if (violation(a) <= 1e-6)
                high = part, m_now = a;
            else
                low = part;
        }
        for (double& v : m_setting)
            v *= high;
    }

    const Bench& m_bench;
    const Intent& m_intent;
    Progress& m_progress;
    Attention m_now;
    std::vector<std::pair<int, int>> m_pairs;
    std::vector<double> m_goals; ///< of each pair, in logarithms
    std::vector<Lever> m_levers;
    cv::Mat m_slope; ///< of every pair, by every lever; empty: not measured here
    Setting m_setting; ///< in units
};

/// As it would be kept: whole L*, hundredths of the factors.
Touch rounded(Touch t)
{
    const auto to = [](double v, double step) { return std::round(v / step) * step; };
    const auto kept = [](double v, std::size_t kind) { return std::clamp(v, kLow[kind], kHigh[kind]); };
    t.dL = kept(to(t.dL, 0.5), 0), t.contrast = kept(to(t.contrast, 0.01), 1),
    t.saturation = kept(to(t.saturation, 0.01), 2), t.soft = kept(to(t.soft, 0.1), 3);
    return t;
}

/// Measured on the picture itself, in 8 bits.
Attention proved(const LinearPicture& picture, const IdMap& ids, const Layout& layout, const std::vector<Touch>& t)
{
    return layout.read(colour::linearOf(colour::codeOf(touched(picture, ids, t))));
}

double costOf(const Touch& t)
{
    return std::abs(t.dL) / kUnit[0] + std::abs(t.contrast) / kUnit[1] + std::abs(t.saturation) / kUnit[2]
        + t.soft / kUnit[3];
}
} // namespace

Suggestion putInOrder(
    const LinearPicture& picture, const IdMap& ids, const Viewing& viewing, const Intent& intent, Progress& progress)
{
    Suggestion s;
    const Layout layout(ids, viewing);
    s.after = layout.read(picture);
    s.measured = 1;
    const auto pairs = intent.pairs(s.after.order);
    const auto judge = [&] {
        double least = 1e9;
        s.remain.clear();
        for (const auto& pair : pairs) {
            least = std::min(least, apart(s.after, pair));
            if (apart(s.after, pair) <= 0)
                s.remain.push_back(pair);
        }
        s.margin = pairs.empty() ? 0 : std::exp(std::min(least, 20.0));
        s.solved = s.remain.empty();
    };
    judge();
    s.already = s.solved;
    Suggestion best = s;
    const Bench bench(picture, ids, viewing, 256);
    std::optional<Solver> solver;
    for (int attempt = 0; attempt < 4 && !best.solved && !progress.cancelled() && !(solver && solver->tired());
         ++attempt) {
        if (solver)
            solver->correct(s.after);
        else
            solver.emplace(bench, intent, kGoal, progress);
        s.touches = solver->solve(attempt ? 5 : 10);
        for (Touch& t : s.touches)
            t = rounded(t);
        std::erase_if(s.touches, [](const Touch& t) { return !t.any(); });
        std::sort(
            s.touches.begin(), s.touches.end(), [](const Touch& a, const Touch& b) { return costOf(a) > costOf(b); });
        ++s.measured;
        s.after = proved(picture, ids, layout, s.touches);
        judge();
        if (s.remain.size() < best.remain.size() || (s.remain.size() == best.remain.size() && s.margin > best.margin))
            best = s;
        if (!solver->holds())
            break; // it cannot be had even where it is worked out
    }
    s.measured += solver ? solver->measured : 0;
    best.measured = s.measured;
    if (!best.solved)
        best.nearest = std::exchange(best.touches, {});
    progress.report(1, "measured");
    return best;
}

} // namespace rl::reading
