#pragma once
#include "core/base/finding.h"
#include <QWidget>

class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace rl::app {

/// The guide, offline: its pages in the painter's order, the card of keys, and a search over all of it.
class GuideBook final : public QWidget {
    Q_OBJECT
public:
    /// \param keys the card of keys, as HTML
    explicit GuideBook(const QString& keys, QWidget* parent = nullptr);
    void openPage(const QString& key, const QString& heading = {}); ///< "light", "keys"; at a heading, if it has it
    /// \param page of the station, by its name: its section; empty: from the top
    void openAt(Station station, const QString& page = {});
    void openAt(const Finding& finding); ///< where its station's page speaks of such
    QString page() const { return m_page; }
    /// Where words stand: page and heading of each paragraph that has all of them.
    struct Hit {
        QString page, heading, words;
    };
    static std::vector<Hit> search(const QString& words);
    static QStringList pages(); ///< keys, in order

private:
    void showHits(const QString& words);
    QString m_keys, m_page;
    QListWidget* m_list;
    QLineEdit* m_search;
    QTextBrowser* m_text;
};

} // namespace rl::app
