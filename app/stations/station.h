#pragma once
#include "app/forms/page.h"
#include "core/base/finding.h"

class QHBoxLayout;
class QLabel;
class QToolButton;

namespace rl::app {

class PageRoom;

class Board;
class StationView;

using PageMaker = std::function<Page*(Desk&, StationView&)>;

/// A station as data: one folder under app/stations/, one line in allStations(). The trail, the menus, F1, the shots
/// and the tests walk that list.
struct StationSpec {
    Station id = Station::Brief;
    QString key; ///< stable: "light"
    QString name; ///< on the trail
    bool plans = false; ///< the plan from above and the view from the side stand beside the board
    bool board = true; ///< works on the canvas; false: its centre is its own
    std::vector<PageMaker> pages;
    std::function<QWidget*(Desk&, StationView&)> centre{}; ///< made before the pages; null: the board
    std::function<void(Desk&, Form& head)> head{}; ///< what stands before the page names, on every page
    std::function<void(Desk&, StationView&)> actions{}; ///< its keys
    std::function<void(StationView&)> fit{}; ///< shows all of its own centre
    int firstPage = 0;
    bool making() const
    {
        return id != Station::Brief && id != Station::Gather && id != Station::Read;
    } ///< of the picture
};
/// Gives a station its keys.
class StationKeys {
public:
    StationKeys(Desk& desk, const StationSpec& spec)
        : m_desk(desk)
        , m_spec(spec)
    {
    }
    void add(const QString& id, const QString& words, const QString& keys, std::function<void()> act) const;
    /// One that goes on while it is held; with Shift ten times as far, when `farther`.
    void held(const QString& id, const QString& words, const QString& keys, std::function<void(Stroke)> act,
        bool farther = true) const;

private:
    Desk& m_desk;
    const StationSpec& m_spec;
};
const std::vector<StationSpec>& allStations();
const StationSpec& specOf(Station id);
QString stationName(int station);

/// A station at work: its bench of pages, and what they bring to the board.
class StationView final : public QObject {
    Q_OBJECT
public:
    StationView(Desk& desk, const StationSpec& spec);
    ~StationView() override;
    const StationSpec& spec() const { return m_spec; }
    QWidget* bench() const { return m_bench; }
    void setLeftHanded(bool on); ///< the bench begins at the right
    QWidget* centre() const { return m_centre; } ///< null: the board
    Board* ownBoard() const { return m_ownBoard; } ///< a board inside its own centre
    void setOwnBoard(Board* board) { m_ownBoard = board; }
    void refresh(); ///< the project, the picture or what is held has changed
    void turnTo(int page);
    int page() const { return m_page; }
    Page* current() const { return m_pages[std::size_t(m_page)]; }
    Page* pageAt(int i) const { return m_pages[std::size_t(i)]; }
    int pageCount() const { return int(m_pages.size()); }
    template <class P> P* find() const ///< its page of a type; null: there is none
    {
        for (Page* p : m_pages)
            if (auto* found = dynamic_cast<P*>(p))
                return found;
        return nullptr;
    }
    /// Brings its page of a type to the front. \pre there is one
    template <class P> P* turnToPage()
    {
        for (int i = 0; i < pageCount(); ++i)
            if (auto* found = dynamic_cast<P*>(pageAt(i))) {
                turnTo(i);
                return found;
            }
        return nullptr;
    }
    QWidget* panel(); ///< what the page in front lays over the picture's foot; null: nothing, or it is put away
    void bring(Board& board); ///< its tools, overlays and look onto the board
    void leave(); ///< nothing half drawn stays
    bool busy() const;
    /// Words that stand for the page's own while a tool is at something.
    void setHint(const QString& hint);
    QString says() const;

signals:
    void broughtChanged(); ///< what it brings to the board is another
    void saysChanged();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void sayIt();
    void arrange();
    QString panelSetting() const;
    void followPanel();
    Desk& m_desk;
    const StationSpec& m_spec;
    QWidget* m_bench;
    QWidget* m_centre = nullptr;
    Board* m_ownBoard = nullptr;
    Form* m_head = nullptr;
    std::vector<Page*> m_pages;
    std::vector<QToolButton*> m_words;
    QWidget* m_names = nullptr; ///< of the pages
    QHBoxLayout* m_row = nullptr; ///< they, and what stands beside them
    PageRoom* m_room;
    QToolButton* m_panel; ///< lays the page's panel over the picture, or puts it away
    QLabel* m_says;
    QString m_hint;
    int m_page = 0;
};

} // namespace rl::app
