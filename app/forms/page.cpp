#include "app/forms/page.h"
#include <QVBoxLayout>

namespace rl::app {

Page::Page(Desk& desk, const QString& name, const QString& tip)
    : m_desk(desk)
    , m_form(new Form(desk))
    , m_name(name)
    , m_tip(tip)
{
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    layout->addWidget(m_form);
    connect(&desk.document, &Document::workChanged, this, &Page::forget);
}

void Page::refresh()
{
    m_form->refresh();
}

} // namespace rl::app
