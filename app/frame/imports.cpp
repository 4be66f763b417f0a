#include "app/frame/imports.h"
#include "core/project/edits.h"
#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>

namespace rl::app {

Imports::Imports(Desk& desk)
    : m_desk(desk)
    , m_importer(desk.document, desk.jobs)
    , m_bar(new QProgressBar)
{
    auto* stop = new QPushButton(tr("Stop"));
    stop->setObjectName("stopImport");
    stop->setFocusPolicy(Qt::TabFocus);
    m_bar->setMaximumWidth(220);
    m_bar->setAccessibleName(tr("Pictures coming in"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(m_bar);
    row->addWidget(stop);
    hide();
    connect(stop, &QPushButton::clicked, &m_importer, &Importer::cancel);
    connect(&m_importer, &Importer::arrived, this, &Imports::take);
    connect(&m_importer, &Importer::finished, this, &Imports::finish);
    connect(&m_importer, &Importer::progressed, this, [this](int done, int all) {
        m_bar->setRange(0, all);
        m_bar->setValue(done);
        m_bar->setFormat(tr("bringing in %1 of %2").arg(done + 1).arg(all));
        setVisible(all > 1);
    });
}

void Imports::start(const QStringList& files)
{
    if (running())
        return m_desk.notices.say(tr("Pictures are still coming in; wait for them, or stop."));
    m_gesture = m_desk.document.freshGesture(), m_fresh = m_known = 0;
    m_importer.start(files);
}

void Imports::take(std::vector<Arrival> pictures)
{
    Project after = m_desk.project();
    int held = 0;
    for (Arrival& a : pictures) {
        m_desk.wall.keepSmall(a.reference.sha256(), a.small);
        const auto same = [&](const Reference& x) { return x.sha256() == a.reference.sha256(); };
        const auto found = std::find_if(after.references.begin(), after.references.end(), same);
        if (found != after.references.end()) {
            ++m_known;
            held = found->id;
            continue;
        }
        after = edits::withReference(std::move(after), std::move(a.reference));
        held = after.references.back().id;
        ++m_fresh;
    }
    if (after.references.size() > m_desk.project().references.size()) {
        m_desk.edit(tr("Import pictures"), std::move(after), m_gesture);
        m_desk.document.finishGesture();
    }
    if (held)
        m_desk.holdReference(held);
}

void Imports::finish(const QStringList& problems, bool cancelled)
{
    hide();
    QStringList words;
    if (m_fresh > 0)
        words << tr("%n pictures imported.", nullptr, m_fresh);
    if (m_known > 0)
        words << tr("%n were on the wall already.", nullptr, m_known);
    if (cancelled)
        words << tr("Stopped; what had come in stays.");
    m_desk.notices.say(words.join("  "));
    for (const QString& p : problems.mid(0, 6)) // each can be read again
        m_desk.notices.fail({ErrorKind::Unsupported, p.toStdString(), {}});
    if (problems.size() > 6)
        m_desk.notices.say(tr("And %1 more could not be read.").arg(problems.size() - 6));
}

} // namespace rl::app
