#include "app/frame/guide.h"
#include "app/stations/station.h"
#include "app/theme/theme.h"
#include "app/theme/words.h"
#include <QFile>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QRegularExpression>
#include <QTextBlock>
#include <QTextBrowser>

namespace rl::app {

namespace {
/// The page as it is said in a language, in English where it is not.
QString textOf(const QString& key, const QString& language = theme::language())
{
    const QString own = ":/guide/" + language + "/" + key + ".md";
    QFile file(QFile::exists(own) ? own : ":/guide/" + key + ".md");
    QString text = file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
    // Code is for the command line: its fences carry a word of ours.
    return text.replace("```lantern", "```");
}
QString titleOf(const QString& key)
{
    return textOf(key).section('\n', 0, 0).remove(0, 2);
}
/// Heading of the station's page that speaks of a kind of finding: the first whose section, in English, has a word of
/// its key. The pages of all languages have the same sections.
QString headingFor(const QString& key, const Finding& f)
{
    static const QRegularExpression apart("[^a-z]+");
    const QStringList words
        = QString::fromStdString(f.key).section(':', 0, 0).section('.', 1).split(apart, Qt::SkipEmptyParts);
    const QStringList sections = textOf(key, "en").split("\n## ");
    const auto speaks = std::find_if(sections.begin() + 1, sections.end(), [&](const QString& section) {
        return std::any_of(words.begin(), words.end(),
            [&](const QString& w) { return w.size() > 3 && section.contains(w.left(5), Qt::CaseInsensitive); });
    });
    return textOf(key).split("\n## ").value(speaks - sections.begin()).section('\n', 0, 0);
}
} // namespace

QStringList GuideBook::pages()
{
    QStringList all{"begin"};
    for (const StationSpec& s : allStations())
        all << s.key;
    return all << "words"
               << "example"
               << "keys";
}

GuideBook::GuideBook(const QString& keys, QWidget* parent)
    : QWidget(parent, Qt::Window)
    , m_keys(keys)
    , m_list(new QListWidget)
    , m_search(new QLineEdit)
    , m_text(new QTextBrowser)
{
    setObjectName("guide");
    setWindowTitle(tr("Guide"));
    m_list->setObjectName("guidePages");
    m_list->setAccessibleName(tr("Pages of the guide"));
    m_list->setFixedWidth(theme::px(210));
    m_search->setObjectName("guideSearch");
    m_search->setPlaceholderText(tr("Search the guide"));
    m_search->setAccessibleName(tr("Search the guide"));
    m_search->setClearButtonEnabled(true);
    m_text->setObjectName("guideText");
    m_text->setAccessibleName(tr("The page"));
    m_text->document()->setDocumentMargin(22);
    m_text->setSearchPaths({":/guide"}); // for its pictures
    auto* left = new QVBoxLayout;
    left->addWidget(m_search);
    left->addWidget(m_list, 1);
    auto* row = new QHBoxLayout(this);
    row->addLayout(left);
    row->addWidget(m_text, 1);
    resize(theme::px(920), theme::px(660));
    connect(m_list, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        if (item)
            openPage(item->data(Qt::UserRole).toString(), item->data(Qt::UserRole + 1).toString());
    });
    connect(m_search, &QLineEdit::textChanged, this, &GuideBook::showHits);
    showHits({});
}

void GuideBook::showHits(const QString& words)
{
    const QSignalBlocker quiet(m_list);
    m_list->clear();
    const auto add = [&](const QString& text, const QString& page, const QString& heading) {
        auto* item = new QListWidgetItem(text, m_list);
        item->setData(Qt::UserRole, page), item->setData(Qt::UserRole + 1, heading);
    };
    if (words.trimmed().isEmpty()) {
        for (const QString& key : pages())
            add(key == "keys" ? tr("Keys") : titleOf(key), key, {});
        return;
    }
    const auto hits = search(words);
    for (const Hit& h : hits)
        add(h.heading.isEmpty() ? titleOf(h.page) : tr("%1: %2").arg(titleOf(h.page), h.heading), h.page, h.heading);
    if (hits.empty())
        add(tr("Nothing of that in the guide."), m_page, {});
}

std::vector<GuideBook::Hit> GuideBook::search(const QString& words)
{
    std::vector<Hit> hits;
    const QStringList wanted = words.simplified().split(' ', Qt::SkipEmptyParts);
    for (const QString& key : pages()) {
        // Each section is looked through as a whole.
        const QStringList sections = textOf(key).split("\n## ");
        for (qsizetype i = 0; i < sections.size(); ++i)
            if (!wanted.isEmpty() && std::all_of(wanted.begin(), wanted.end(), [&](const QString& w) {
                    return sections[i].contains(w, Qt::CaseInsensitive);
                }))
                hits.push_back({key, i ? sections[i].section('\n', 0, 0) : QString(), sections[i]});
    }
    return hits;
}

void GuideBook::openPage(const QString& key, const QString& heading)
{
    m_page = key;
    if (key == "keys")
        m_text->setHtml(m_keys);
    else
        m_text->setMarkdown(textOf(key));
    for (QTextBlock b = m_text->document()->begin(); key != "keys" && b.isValid(); b = b.next()) { // air between them
        QTextBlockFormat f = b.blockFormat();
        f.setTopMargin(f.headingLevel() > 1 ? 14 : 0), f.setBottomMargin(f.headingLevel() ? 3 : 6);
        QTextCursor(b).setBlockFormat(f);
    }
    const QSignalBlocker quiet(m_list);
    for (int i = 0; i < m_list->count(); ++i)
        if (m_list->item(i)->data(Qt::UserRole) == key && m_list->item(i)->data(Qt::UserRole + 1).toString() == heading)
            m_list->setCurrentRow(i);
    m_text->moveCursor(QTextCursor::Start);
    if (heading.isEmpty())
        return;
    for (QTextBlock b = m_text->document()->begin(); b.isValid(); b = b.next())
        if (b.blockFormat().headingLevel() > 0 && b.text() == heading) {
            QTextCursor at(b);
            m_text->moveCursor(QTextCursor::End); // so that it comes to stand at the top
            m_text->setTextCursor(at);
            return;
        }
}

void GuideBook::openAt(Station station, const QString& page)
{
    openPage(specOf(station).key, page);
    show(), raise(), activateWindow();
}

void GuideBook::openAt(const Finding& finding)
{
    const QString key = specOf(finding.station).key;
    openPage(key, headingFor(key, finding));
    show(), raise(), activateWindow();
}

} // namespace rl::app
