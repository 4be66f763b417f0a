<?xml version='1.0' encoding='utf-8'?>
<TS version="2.1" language="de" sourcelanguage="en">
  <extra-decimal>,</extra-decimal>
  <extra-plurals>one-other</extra-plurals>
  <context>
    <name>words</name>
    <message>
      <source>Board</source>
      <translation>Bildtafel</translation>
    </message>
    <message>
      <source>The canvas at its true proportions. Wheel: zoom. Middle button, or Space held, and drag: move about.</source>
      <translation>Die Leinwand in ihren wahren Verhältnissen. Rad: vergrößern. Mittlere Taste, oder Leertaste gehalten, und ziehen: verschieben.</translation>
    </message>
    <message>
      <source>%1 % of its pixels</source>
      <translation>%1 % seiner Bildpunkte</translation>
    </message>
    <message>
      <source>%1 % of real size</source>
      <translation>%1 % der wahren Größe</translation>
    </message>
    <message>
      <source> · looks as from %1 m away</source>
      <translation> · wirkt wie aus %1 m</translation>
    </message>
    <message>
      <source>%1 × %2 cm</source>
      <translation>%1 × %2 cm</translation>
    </message>
    <message>
      <source>%1 – check: %2</source>
      <translation>%1 – prüfen: %2</translation>
    </message>
    <message>
      <source>horizon · eye level %1 m</source>
      <translation>Horizont · Augenhöhe %1 m</translation>
    </message>
    <message>
      <source>the backdrop's picture is missing</source>
      <translation>das Bild des Hintergrunds fehlt</translation>
    </message>
    <message>
      <source>%1: its picture is missing</source>
      <translation>%1: sein Bild fehlt</translation>
    </message>
    <message>
      <source>%1 cm</source>
      <translation>%1 cm</translation>
    </message>
    <message>
      <source>centre of weight</source>
      <translation>Schwerpunkt</translation>
    </message>
    <message>
      <source>counterweight</source>
      <translation>Gegengewicht</translation>
    </message>
    <message>
      <source>The backdrop's file cannot be read, so no lines are found in it.</source>
      <translation>Die Datei des Hintergrunds lässt sich nicht lesen; so sind keine Linien darin zu finden.</translation>
    </message>
    <message>
      <source>There is no backdrop to look for lines in.</source>
      <translation>Es gibt keinen Hintergrund, in dem sich Linien suchen ließen.</translation>
    </message>
    <message>
      <source>Looking for straight edges…</source>
      <translation>Gerade Kanten werden gesucht…</translation>
    </message>
    <message>
      <source>%1 straight edges, but they do not agree where they meet: the eye level cannot be measured.</source>
      <translation>%1 gerade Kanten, die sich nicht an einer Stelle treffen: die Augenhöhe lässt sich nicht messen.</translation>
    </message>
    <message>
      <source>The backdrop's lines meet at %1 cm, %2 cm %3 your horizon; tilt %4°.</source>
      <translation>Die Linien des Hintergrunds laufen bei %1 cm zusammen, %2 cm %3 deinem Horizont; Neigung %4°.</translation>
    </message>
    <message>
      <source>below</source>
      <translation>unter</translation>
    </message>
    <message>
      <source>above</source>
      <translation>über</translation>
    </message>
    <message>
      <source>Carry the lantern</source>
      <translation>Laterne tragen</translation>
    </message>
    <message>
      <source>Carry the sun</source>
      <translation>Sonne tragen</translation>
    </message>
    <message>
      <source>Move it</source>
      <translation>Bewegen</translation>
    </message>
    <message>
      <source>Set the haze</source>
      <translation>Dunst einstellen</translation>
    </message>
    <message>
      <source>Give it its true height</source>
      <translation>Die wahre Höhe geben</translation>
    </message>
    <message>
      <source>Set the lantern's reach</source>
      <translation>Reichweite der Laterne einstellen</translation>
    </message>
    <message>
      <source>Soften the lantern</source>
      <translation>Laterne weicher machen</translation>
    </message>
    <message>
      <source>Turn the panel</source>
      <translation>Lichtfläche drehen</translation>
    </message>
    <message>
      <source>Drag a box over it on the picture. Esc leaves it as it is.</source>
      <translation>Im Bild einen Rahmen darüber ziehen. Esc lässt es, wie es ist.</translation>
    </message>
    <message>
      <source>Bend it</source>
      <translation>Biegen</translation>
    </message>
    <message>
      <source>%1 of %2.</source>
      <translation>%1 von %2.</translation>
    </message>
    <message>
      <source>%1 so far. Enter ends it, Backspace takes a point back, Esc drops it.</source>
      <translation>%1 bis jetzt. Eingabe beendet, Rückschritt nimmt einen Punkt zurück, Esc verwirft.</translation>
    </message>
    <message>
      <source>It needs %1 points or more.</source>
      <translation>Es braucht %1 Punkte oder mehr.</translation>
    </message>
    <message>
      <source>Drag the horizon</source>
      <translation>Horizont ziehen</translation>
    </message>
    <message>
      <source>Pose it</source>
      <translation>Haltung geben</translation>
    </message>
    <message>
      <source>Set its foot</source>
      <translation>Fuß setzen</translation>
    </message>
    <message>
      <source>%1 points. Click on towards the start; double-click or Enter closes the thread and cuts, Backspace takes a point back, Esc drops it.</source>
      <translation>%1 Punkte. Weiter zum Anfang klicken; Doppelklick oder Eingabe schließt den Faden und schneidet, Rückschritt nimmt einen Punkt zurück, Esc verwirft.</translation>
    </message>
    <message>
      <source>hold </source>
      <translation>halten: </translation>
    </message>
    <message>
      <source>; with Shift ten times as far</source>
      <translation>; mit Umschalt zehnmal so weit</translation>
    </message>
    <message>
      <source>Everywhere</source>
      <translation>Überall</translation>
    </message>
    <message>
      <source>On the board</source>
      <translation>Auf der Bildtafel</translation>
    </message>
    <message>
      <source>“%1” is locked in its place.</source>
      <translation>„%1“ ist an seinem Platz gesperrt.</translation>
    </message>
    <message>
      <source>This work is open for reading only; save a copy to change it.</source>
      <translation>Dieses Werk ist nur zum Lesen offen; zum Ändern eine Kopie sichern.</translation>
    </message>
    <message>
      <source>Link “%1” to the cast</source>
      <translation>„%1“ mit der Besetzung verbinden</translation>
    </message>
    <message>
      <source>“%1” in the scene now shows “%1” of the cast, for they have one name; Ctrl+Z parts them again.</source>
      <translation>„%1“ in der Szene zeigt jetzt „%1“ aus der Besetzung, denn beide heißen gleich; Strg+Z trennt sie wieder.</translation>
    </message>
    <message>
      <source>There is no picture in that folder.</source>
      <translation>In diesem Ordner ist kein Bild.</translation>
    </message>
    <message>
      <source>Cancel</source>
      <translation>Abbrechen</translation>
    </message>
    <message>
      <source>Stops it; nothing is left behind</source>
      <translation>Hält an; nichts bleibt zurück</translation>
    </message>
    <message>
      <source>How far it is</source>
      <translation>Wie weit es ist</translation>
    </message>
    <message>
      <source>Cancelled. Nothing was saved.</source>
      <translation>Abgebrochen. Es wurde nichts gespeichert.</translation>
    </message>
    <message>
      <source>Something is being written already; wait for it or give it up.</source>
      <translation>Es wird schon etwas geschrieben; warte darauf oder gib es auf.</translation>
    </message>
    <message>
      <source>The picture was cancelled. Nothing was saved.</source>
      <translation>Das Bild wurde abgebrochen. Es wurde nichts gespeichert.</translation>
    </message>
    <message>
      <source>The picture is written.</source>
      <translation>Das Bild ist geschrieben.</translation>
    </message>
    <message numerus="yes">
      <source>%n problems</source>
      <translation>
        <numerusform>%n Fehler</numerusform>
        <numerusform>%n Fehler</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n notes</source>
      <translation>
        <numerusform>%n Hinweis</numerusform>
        <numerusform>%n Hinweise</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 + %2</source>
      <translation>%1 + %2</translation>
    </message>
    <message>
      <source>%1 to %2%3</source>
      <translation>%1 nach %2%3</translation>
    </message>
    <message>
      <source> stops</source>
      <translation> Blenden</translation>
    </message>
    <message>
      <source> days</source>
      <translation> Tagen</translation>
    </message>
    <message>
      <source>%1 to %2</source>
      <translation>%1 bis %2</translation>
    </message>
    <message>
      <source>“%1” is out of range: %2.</source>
      <translation>„%1“ liegt außerhalb: %2.</translation>
    </message>
    <message>
      <source>“%1” is not a number with this unit; write for example %2.</source>
      <translation>„%1“ ist keine Zahl mit dieser Einheit; schreibe zum Beispiel %2.</translation>
    </message>
    <message>
      <source>Stop</source>
      <translation>Anhalten</translation>
    </message>
    <message>
      <source>Gives it up; nothing is left behind</source>
      <translation>Gibt es auf; nichts bleibt zurück</translation>
    </message>
    <message>
      <source>Nothing was written.</source>
      <translation>Es wurde nichts geschrieben.</translation>
    </message>
    <message>
      <source>“%1” is locked in its place; unlock it first.</source>
      <translation>„%1“ ist an seinem Platz gesperrt; zuerst entsperren.</translation>
    </message>
    <message>
      <source>“%1” had no effect: a locked or linked element prevents it.</source>
      <translation>„%1“ blieb ohne Wirkung: ein gesperrtes oder verknüpftes Ding verhindert es.</translation>
    </message>
    <message>
      <source>Set aside</source>
      <translation>Beiseitelegen</translation>
    </message>
    <message>
      <source>You decide. Your reason:</source>
      <translation>Du entscheidest. Dein Grund:</translation>
    </message>
    <message>
      <source>Set a finding aside</source>
      <translation>Einen Befund beiseitelegen</translation>
    </message>
    <message>
      <source>In the guide</source>
      <translation>Im Handbuch</translation>
    </message>
    <message>
      <source>Show me</source>
      <translation>Zeigen</translation>
    </message>
    <message>
      <source>Flashes the place on the board.</source>
      <translation>Lässt die Stelle auf der Bildtafel aufblitzen.</translation>
    </message>
    <message>
      <source>Set aside…</source>
      <translation>Beiseitelegen…</translation>
    </message>
    <message>
      <source>You decide: give a reason, and it stays set aside.</source>
      <translation>Du entscheidest: gib einen Grund an, und er bleibt beiseite.</translation>
    </message>
    <message>
      <source>%1: one step, which Ctrl+Z takes back.</source>
      <translation>%1: ein Schritt, den Strg+Z zurücknimmt.</translation>
    </message>
    <message>
      <source>Preview</source>
      <translation>Vorschau</translation>
    </message>
    <message>
      <source>Shows the work as the fix would leave it, beside how it is. Nothing is changed.</source>
      <translation>Zeigt das Werk, wie die Abhilfe es hinterließe, neben dem, wie es ist. Nichts wird geändert.</translation>
    </message>
    <message>
      <source>Find the picture again…</source>
      <translation>Das Bild wiederfinden…</translation>
    </message>
    <message>
      <source>Find a picture…</source>
      <translation>Ein Bild finden…</translation>
    </message>
    <message>
      <source>Set credit…</source>
      <translation>Nachweis setzen…</translation>
    </message>
    <message>
      <source>Opens the field: only you can answer.</source>
      <translation>Öffnet das Feld: nur du kannst antworten.</translation>
    </message>
    <message>
      <source>checking…</source>
      <translation>wird geprüft…</translation>
    </message>
    <message>
      <source>All clear here. New findings appear as you work.</source>
      <translation>Hier ist alles klar. Neue Befunde erscheinen beim Arbeiten.</translation>
    </message>
    <message>
      <source>The work as it was left</source>
      <translation>Das Werk, wie es verlassen wurde</translation>
    </message>
    <message>
      <source>Guide</source>
      <translation>Handbuch</translation>
    </message>
    <message>
      <source>Pages of the guide</source>
      <translation>Seiten des Handbuchs</translation>
    </message>
    <message>
      <source>Search the guide</source>
      <translation>Im Handbuch suchen</translation>
    </message>
    <message>
      <source>The page</source>
      <translation>Die Seite</translation>
    </message>
    <message>
      <source>Keys</source>
      <translation>Tasten</translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1: %2</translation>
    </message>
    <message>
      <source>Nothing of that in the guide.</source>
      <translation>Davon steht nichts im Handbuch.</translation>
    </message>
    <message>
      <source>Pictures coming in</source>
      <translation>Bilder kommen herein</translation>
    </message>
    <message>
      <source>bringing in %1 of %2</source>
      <translation>%1 von %2 wird hereingeholt</translation>
    </message>
    <message>
      <source>Pictures are still coming in; wait for them, or stop.</source>
      <translation>Es kommen noch Bilder herein; warte darauf, oder halte an.</translation>
    </message>
    <message>
      <source>Import pictures</source>
      <translation>Bilder importieren</translation>
    </message>
    <message numerus="yes">
      <source>%n pictures imported.</source>
      <translation>
        <numerusform>%n Bild importiert.</numerusform>
        <numerusform>%n Bilder importiert.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n were on the wall already.</source>
      <translation>
        <numerusform>%n hing schon an der Wand.</numerusform>
        <numerusform>%n hingen schon an der Wand.</numerusform>
      </translation>
    </message>
    <message>
      <source>Stopped; what had come in stays.</source>
      <translation>Angehalten; was hereingekommen war, bleibt.</translation>
    </message>
    <message>
      <source>And %1 more could not be read.</source>
      <translation>Und %1 weitere ließen sich nicht lesen.</translation>
    </message>
    <message>
      <source>no work is open</source>
      <translation>es ist kein Werk offen</translation>
    </message>
    <message>
      <source>All messages so far</source>
      <translation>Alle Meldungen bisher</translation>
    </message>
    <message>
      <source>Notices (%1)</source>
      <translation>Meldungen (%1)</translation>
    </message>
    <message>
      <source>Notices</source>
      <translation>Meldungen</translation>
    </message>
    <message>
      <source>Click for all messages</source>
      <translation>Klicken zeigt alle Meldungen</translation>
    </message>
    <message>
      <source>Messages</source>
      <translation>Meldungen</translation>
    </message>
    <message>
      <source> · did not work</source>
      <translation> · ging nicht</translation>
    </message>
    <message>
      <source>Nothing yet.</source>
      <translation>Noch nichts.</translation>
    </message>
    <message>
      <source>Details of what did not work are in the log:</source>
      <translation>Einzelheiten von dem, was nicht ging, stehen im Protokoll:</translation>
    </message>
    <message>
      <source>Settings</source>
      <translation>Einstellungen</translation>
    </message>
    <message>
      <source>Window</source>
      <translation>Fenster</translation>
    </message>
    <message>
      <source>Dark around the picture for working in the evening; the mats stay neutral</source>
      <translation>Dunkel rings um das Bild, zum Arbeiten am Abend; die Passepartouts bleiben neutral</translation>
    </message>
    <message>
      <source>linen, by day</source>
      <translation>Leinen, bei Tag</translation>
    </message>
    <message>
      <source>dark, for the evening</source>
      <translation>dunkel, für den Abend</translation>
    </message>
    <message>
      <source>Mat</source>
      <translation>Passepartout</translation>
    </message>
    <message>
      <source>The grey the picture lies on</source>
      <translation>Das Grau, auf dem das Bild liegt</translation>
    </message>
    <message>
      <source>dark</source>
      <translation>dunkel</translation>
    </message>
    <message>
      <source>middle</source>
      <translation>mittel</translation>
    </message>
    <message>
      <source>light</source>
      <translation>hell</translation>
    </message>
    <message>
      <source>Text</source>
      <translation>Schrift</translation>
    </message>
    <message>
      <source>How large all words are</source>
      <translation>Wie groß alle Wörter sind</translation>
    </message>
    <message>
      <source> %</source>
      <translation> %</translation>
    </message>
    <message>
      <source>Brush hand</source>
      <translation>Malhand</translation>
    </message>
    <message>
      <source>For the left, plans and findings stand left of the picture, and the fields under it begin at the right</source>
      <translation>Für links stehen Pläne und Befunde links vom Bild, und die Felder darunter beginnen rechts</translation>
    </message>
    <message>
      <source>right</source>
      <translation>rechts</translation>
    </message>
    <message>
      <source>left</source>
      <translation>links</translation>
    </message>
    <message>
      <source>New works in</source>
      <translation>Neue Werke in</translation>
    </message>
    <message>
      <source>The unit new works begin with; each can be changed at Brief</source>
      <translation>Die Einheit, mit der neue Werke beginnen; jede lässt sich im Auftrag ändern</translation>
    </message>
    <message>
      <source>centimetres</source>
      <translation>Zentimetern</translation>
    </message>
    <message>
      <source>inches</source>
      <translation>Zoll</translation>
    </message>
    <message>
      <source>Paper</source>
      <translation>Papier</translation>
    </message>
    <message>
      <source>The sheet new works are printed on</source>
      <translation>Der Bogen, auf den neue Werke gedruckt werden</translation>
    </message>
    <message>
      <source>Language</source>
      <translation>Sprache</translation>
    </message>
    <message>
      <source>Language of the program. Changes at the next start.</source>
      <translation>Sprache des Programms. Wechselt beim nächsten Start.</translation>
    </message>
    <message>
      <source>Held in memory</source>
      <translation>Im Speicher gehalten</translation>
    </message>
    <message>
      <source>Photographs and what is made of them, at most; more is quicker with many</source>
      <translation>Fotografien und was aus ihnen gemacht wird, höchstens; mehr ist bei vielen schneller</translation>
    </message>
    <message>
      <source> MB</source>
      <translation> MB</translation>
    </message>
    <message>
      <source>Kept in each work</source>
      <translation>In jedem Werk gehalten</translation>
    </message>
    <message>
      <source>Small copies and measures that can be made again, at most; the pictures themselves always stay</source>
      <translation>Kleine Kopien und Messungen, die sich neu machen lassen, höchstens; die Bilder selbst bleiben immer</translation>
    </message>
    <message>
      <source>What now</source>
      <translation>Was nun</translation>
    </message>
    <message>
      <source>One line with a sensible next step</source>
      <translation>Eine Zeile mit einem sinnvollen nächsten Schritt</translation>
    </message>
    <message>
      <source>say it</source>
      <translation>sagen</translation>
    </message>
    <message>
      <source>be silent</source>
      <translation>still sein</translation>
    </message>
    <message>
      <source>Works folder</source>
      <translation>Ordner der Werke</translation>
    </message>
    <message>
      <source>Where new works are kept. Those already made stay where they are.</source>
      <translation>Wo neue Werke liegen. Schon gemachte bleiben, wo sie sind.</translation>
    </message>
    <message>
      <source>Where new works are kept</source>
      <translation>Wo neue Werke liegen</translation>
    </message>
    <message>
      <source>Shows the findings, or folds this column to a strip (G); the lamp and the count stay</source>
      <translation>Zeigt die Befunde oder faltet diese Spalte zu einem Streifen (G); Lampe und Anzahl bleiben</translation>
    </message>
    <message>
      <source>all clear</source>
      <translation>alles klar</translation>
    </message>
    <message numerus="yes">
      <source>%n findings</source>
      <translation>
        <numerusform>%n Befund</numerusform>
        <numerusform>%n Befunde</numerusform>
      </translation>
    </message>
    <message>
      <source>Plan the light of an imagined scene, and carry it to the canvas.</source>
      <translation>Plane das Licht einer erdachten Szene und trage sie auf die Leinwand.</translation>
    </message>
    <message>
      <source>Begin with photographs…</source>
      <translation>Mit Fotos beginnen…</translation>
    </message>
    <message>
      <source>Three are enough: a place, and what stands in it</source>
      <translation>Drei genügen: ein Ort, und was darin steht</translation>
    </message>
    <message>
      <source>An empty work</source>
      <translation>Ein leeres Werk</translation>
    </message>
    <message>
      <source>Saved straight away in your projects folder; takes its name from the title</source>
      <translation>Sofort im Projektordner gespeichert; heißt, wie der Titel lautet</translation>
    </message>
    <message>
      <source>An example: Low Tide Caravan</source>
      <translation>Ein Beispiel: Low Tide Caravan</translation>
    </message>
    <message>
      <source>A wide scene at dusk, as first thought and put right, to look around in</source>
      <translation>Eine weite Szene in der Dämmerung, wie zuerst gedacht und berichtigt, zum Umsehen</translation>
    </message>
    <message>
      <source>An example: The Moth Court</source>
      <translation>Ein Beispiel: The Moth Court</translation>
    </message>
    <message>
      <source>A round panel, inside, by one window and a stove</source>
      <translation>Eine runde Tafel, innen, bei einem Fenster und einem Ofen</translation>
    </message>
    <message>
      <source>…or drop photographs anywhere here.</source>
      <translation>…oder Fotos irgendwo hier fallen lassen.</translation>
    </message>
    <message>
      <source>Works lately used</source>
      <translation>Zuletzt benutzte Werke</translation>
    </message>
    <message>
      <source>Open %1</source>
      <translation>%1 öffnen</translation>
    </message>
    <message>
      <source>Begin with photographs</source>
      <translation>Mit Fotos beginnen</translation>
    </message>
    <message>
      <source>Pictures (%1);;All files (*)</source>
      <translation>Bilder (%1);;Alle Dateien (*)</translation>
    </message>
    <message>
      <source>Stations</source>
      <translation>Stationen</translation>
    </message>
    <message>
      <source>%1 (Alt+%2). Lamp bright: all clear. Lamp low: points worth a look. Lamp out: a problem to fix.</source>
      <translation>%1 (Alt+%2). Lampe hell: alles klar. Lampe niedrig: Punkte, die einen Blick wert sind. Lampe aus: ein Fehler zu beheben.</translation>
    </message>
    <message>
      <source>Not now</source>
      <translation>Nicht jetzt</translation>
    </message>
    <message>
      <source>This hint is not shown again in this work. Help ▸ Show next-step hints turns all of them off.</source>
      <translation>Dieser Hinweis kommt in diesem Werk nicht wieder. Hilfe ▸ Hinweise auf den nächsten Schritt schaltet alle ab.</translation>
    </message>
    <message>
      <source>Light as the backdrop</source>
      <translation>Licht wie im Hintergrundbild</translation>
    </message>
    <message>
      <source>&amp;Help</source>
      <translation>&amp;Hilfe</translation>
    </message>
    <message>
      <source>Guide, at this place</source>
      <translation>Handbuch, an dieser Stelle</translation>
    </message>
    <message>
      <source>Show next-step hints</source>
      <translation>Hinweise auf den nächsten Schritt</translation>
    </message>
    <message>
      <source>Show log file</source>
      <translation>Protokolldatei zeigen</translation>
    </message>
    <message>
      <source>Details of what did not work are written to
%1</source>
      <translation>Einzelheiten von dem, was nicht ging, stehen in
%1</translation>
    </message>
    <message>
      <source>&amp;Go to</source>
      <translation>&amp;Gehe zu</translation>
    </message>
    <message>
      <source>&amp;View</source>
      <translation>&amp;Ansicht</translation>
    </message>
    <message>
      <source>Findings: open or fold</source>
      <translation>Befunde: auf- oder zuklappen</translation>
    </message>
    <message>
      <source>Nothing but the picture</source>
      <translation>Nichts als das Bild</translation>
    </message>
    <message>
      <source>Larger text</source>
      <translation>Größere Schrift</translation>
    </message>
    <message>
      <source>Smaller text</source>
      <translation>Kleinere Schrift</translation>
    </message>
    <message>
      <source>Dark / light window</source>
      <translation>Fenster dunkel / hell</translation>
    </message>
    <message>
      <source>&amp;File</source>
      <translation>&amp;Datei</translation>
    </message>
    <message>
      <source>&amp;Edit</source>
      <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
      <source>Begin…</source>
      <translation>Beginnen…</translation>
    </message>
    <message>
      <source>New work</source>
      <translation>Neues Werk</translation>
    </message>
    <message>
      <source>Open a work…</source>
      <translation>Ein Werk öffnen…</translation>
    </message>
    <message>
      <source>Save a copy…</source>
      <translation>Eine Kopie sichern…</translation>
    </message>
    <message>
      <source>Save the picture…</source>
      <translation>Das Bild sichern…</translation>
    </message>
    <message>
      <source>Print sheets…</source>
      <translation>Bögen drucken…</translation>
    </message>
    <message>
      <source>Set a milestone…</source>
      <translation>Einen Meilenstein setzen…</translation>
    </message>
    <message>
      <source>Import pictures…</source>
      <translation>Bilder importieren…</translation>
    </message>
    <message>
      <source>Remove unused images</source>
      <translation>Unbenutzte Bilder entfernen</translation>
    </message>
    <message>
      <source>Settings…</source>
      <translation>Einstellungen…</translation>
    </message>
    <message>
      <source>Quit</source>
      <translation>Beenden</translation>
    </message>
    <message>
      <source>Undo</source>
      <translation>Rückgängig</translation>
    </message>
    <message>
      <source>Redo</source>
      <translation>Wiederholen</translation>
    </message>
    <message>
      <source>Paste a picture</source>
      <translation>Ein Bild einfügen</translation>
    </message>
    <message>
      <source>Fit to window</source>
      <translation>In das Fenster einpassen</translation>
    </message>
    <message>
      <source>Actual size</source>
      <translation>Wahre Größe</translation>
    </message>
    <message>
      <source>As seen from the viewing distance</source>
      <translation>Wie aus dem Betrachtungsabstand</translation>
    </message>
    <message>
      <source>Closer</source>
      <translation>Näher</translation>
    </message>
    <message>
      <source>Farther</source>
      <translation>Weiter weg</translation>
    </message>
    <message>
      <source>Another mat</source>
      <translation>Anderes Passepartout</translation>
    </message>
    <message>
      <source>See the plain picture</source>
      <translation>Das bloße Bild sehen</translation>
    </message>
    <message>
      <source>See it mirrored</source>
      <translation>Gespiegelt sehen</translation>
    </message>
    <message>
      <source>Squint (hold)</source>
      <translation>Augen zukneifen (halten)</translation>
    </message>
    <message>
      <source>Finish what is being drawn</source>
      <translation>Beenden, was gezeichnet wird</translation>
    </message>
    <message>
      <source>Remove its last point</source>
      <translation>Seinen letzten Punkt entfernen</translation>
    </message>
    <message>
      <source>Drop what is being drawn; close what is open over the picture</source>
      <translation>Verwerfen, was gezeichnet wird; schließen, was über dem Bild offen ist</translation>
    </message>
    <message>
      <source>Recent works</source>
      <translation>Zuletzt benutzte Werke</translation>
    </message>
    <message>
      <source>No works yet</source>
      <translation>Noch keine Werke</translation>
    </message>
    <message>
      <source>Undo history</source>
      <translation>Verlauf der Schritte</translation>
    </message>
    <message>
      <source>As it was opened</source>
      <translation>Wie geöffnet</translation>
    </message>
    <message>
      <source>The last changes are not saved: the disk does not take them. Save a copy elsewhere (Work ▸ Save a copy), or close again to let them go.</source>
      <translation>Die letzten Änderungen sind nicht gesichert: Der Datenträger nimmt sie nicht an. Anderswo eine Kopie sichern (Arbeit ▸ Kopie sichern), oder noch einmal schließen und auf sie verzichten.</translation>
    </message>
    <message>
      <source>Untitled work</source>
      <translation>Werk ohne Titel</translation>
    </message>
    <message>
      <source> · reading only</source>
      <translation> · nur zum Lesen</translation>
    </message>
    <message>
      <source>the picture is being made…</source>
      <translation>das Bild wird gemacht…</translation>
    </message>
    <message>
      <source>as it is</source>
      <translation>wie es ist</translation>
    </message>
    <message>
      <source>tried: %1</source>
      <translation>versucht: %1</translation>
    </message>
    <message>
      <source>A study of its own: “%1”. The work you came from is under Work ▸ Open.</source>
      <translation>Eine Studie für sich: „%1“. Das Werk, aus dem du kamst, steht unter Werk ▸ Öffnen.</translation>
    </message>
    <message>
      <source>Set a milestone</source>
      <translation>Einen Meilenstein setzen</translation>
    </message>
    <message>
      <source>Every change is saved as it happens. A milestone is a point you can go back to; its name:</source>
      <translation>Jede Änderung ist gesichert, sowie sie geschieht. Ein Meilenstein ist ein Punkt, zu dem du zurückkannst; sein Name:</translation>
    </message>
    <message>
      <source>Cannot be read in this work's file: %1. The place stays marked; nothing else is touched.</source>
      <translation>In der Datei dieses Werks nicht lesbar: %1. Der Platz bleibt markiert; sonst wird nichts angerührt.</translation>
    </message>
    <message>
      <source>study of %1%2.lantern</source>
      <translation>Studie von %1%2.lantern</translation>
    </message>
    <message>
      <source>There is no work open that can be tidied.</source>
      <translation>Es ist kein Werk offen, das sich aufräumen ließe.</translation>
    </message>
    <message>
      <source>There was nothing to tidy away.</source>
      <translation>Es gab nichts aufzuräumen.</translation>
    </message>
    <message numerus="yes">
      <source>%n unused images removed, %1 MB.</source>
      <translation>
        <numerusform>%n unbenutztes Bild entfernt, %1 MB.</numerusform>
        <numerusform>%n unbenutzte Bilder entfernt, %1 MB.</numerusform>
      </translation>
    </message>
    <message>
      <source>The folder of works cannot be made.</source>
      <translation>Der Ordner der Werke lässt sich nicht anlegen.</translation>
    </message>
    <message>
      <source>The work is kept as %1.</source>
      <translation>Das Werk liegt jetzt als %1.</translation>
    </message>
    <message>
      <source>You now work in %1.</source>
      <translation>Du arbeitest jetzt in %1.</translation>
    </message>
    <message>
      <source>“%1” is there again, byte for byte.</source>
      <translation>„%1“ ist wieder da, Byte für Byte.</translation>
    </message>
    <message>
      <source>Put another picture in its place</source>
      <translation>Ein anderes Bild an seine Stelle setzen</translation>
    </message>
    <message>
      <source>That is another file than the one that is missing; it has taken its place. Ctrl+Z takes it back.</source>
      <translation>Das ist eine andere Datei als die fehlende; sie hat ihren Platz eingenommen. Strg+Z nimmt es zurück.</translation>
    </message>
    <message>
      <source>%1 Nothing of it can be read; its newest good state, kept beside it, is open as a copy.</source>
      <translation>%1 Nichts davon ist lesbar; ihr neuester guter Stand, daneben aufbewahrt, ist als Kopie offen.</translation>
    </message>
    <message>
      <source>Open a work</source>
      <translation>Ein Werk öffnen</translation>
    </message>
    <message>
      <source>Works (*.lantern)</source>
      <translation>Werke (*.lantern)</translation>
    </message>
    <message>
      <source>Save a copy</source>
      <translation>Eine Kopie sichern</translation>
    </message>
    <message>
      <source>Save the picture</source>
      <translation>Das Bild sichern</translation>
    </message>
    <message>
      <source>picture.png</source>
      <translation>bild.png</translation>
    </message>
    <message>
      <source>Pictures (*.png)</source>
      <translation>Bilder (*.png)</translation>
    </message>
    <message>
      <source>Pixels across the canvas:</source>
      <translation>Bildpunkte über die Breite der Leinwand:</translation>
    </message>
    <message>
      <source>roving-lantern: the work was not shown in %1 s; no picture was taken.</source>
      <translation>roving-lantern: Die Arbeit war nach %1 s noch nicht zu sehen; kein Bild wurde aufgenommen.</translation>
    </message>
    <message>
      <source>roving-lantern: still at work when pictured after %1 s: %2.</source>
      <translation>roving-lantern: nach %1 s noch beschäftigt, als das Bild aufgenommen wurde: %2.</translation>
    </message>
    <message>
      <source>Brief</source>
      <translation>Auftrag</translation>
    </message>
    <message>
      <source>The cast in reading order</source>
      <translation>Die Besetzung in Leserichtung</translation>
    </message>
    <message>
      <source>No subjects yet. Name what must appear, most important first; the program then compares what the eye finds first with your order.</source>
      <translation>Noch keine Bildgegenstände. Nenne, was vorkommen muss, das Wichtigste zuerst; das Programm vergleicht dann, was das Auge zuerst findet, mit deiner Folge.</translation>
    </message>
    <message>
      <source>Rename</source>
      <translation>Umbenennen</translation>
    </message>
    <message>
      <source>Name in the cast:</source>
      <translation>Name in der Besetzung:</translation>
    </message>
    <message>
      <source>Ideas and their cues</source>
      <translation>Ideen und ihre Hinweise</translation>
    </message>
    <message>
      <source>Each idea, its cues, and what in the picture shows them. Up and Down choose, Delete removes, a double click renames an idea.</source>
      <translation>Jede Idee, ihre Hinweise, und was im Bild sie zeigt. Auf und Ab wählt, Entf entfernt, Doppelklick benennt eine Idee um.</translation>
    </message>
    <message>
      <source>No ideas yet. Name one thing the picture must get across, then the cues in the picture that show it: each is measured where it lies.</source>
      <translation>Noch keine Ideen. Nenne eines, das das Bild vermitteln muss, dann die Hinweise im Bild, die es zeigen: jeder wird an seiner Stelle gemessen.</translation>
    </message>
    <message>
      <source>Facts</source>
      <translation>Tatsachen</translation>
    </message>
    <message>
      <source>Counts, hands, patterns, habits of dress that must be right: ticked off before signing</source>
      <translation>Anzahlen, Hände, Muster, Trachten, die stimmen müssen: vor dem Signieren abgehakt</translation>
    </message>
    <message>
      <source>what must be right…</source>
      <translation>was stimmen muss…</translation>
    </message>
    <message>
      <source>A fact: seven spokes, the thumb on the right side</source>
      <translation>Eine Tatsache: sieben Speichen, der Daumen auf der rechten Seite</translation>
    </message>
    <message>
      <source>how it is known…</source>
      <translation>woher man es weiß…</translation>
    </message>
    <message>
      <source>Where you know it from</source>
      <translation>Woher du es weißt</translation>
    </message>
    <message>
      <source>Add the fact</source>
      <translation>Tatsache hinzufügen</translation>
    </message>
    <message>
      <source>Links it to the selected element; you are reminded while that is placed, cut or lit, and before signing</source>
      <translation>Verknüpft sie mit dem gewählten Ding; du wirst erinnert, während es gesetzt, geschnitten oder beleuchtet wird, und vor dem Signieren</translation>
    </message>
    <message>
      <source>Add a fact</source>
      <translation>Eine Tatsache hinzufügen</translation>
    </message>
    <message>
      <source>Ticked: it has been checked in the picture</source>
      <translation>Abgehakt: im Bild nachgeprüft</translation>
    </message>
    <message>
      <source>no source yet</source>
      <translation>noch ohne Quelle</translation>
    </message>
    <message>
      <source>Remove</source>
      <translation>Entfernen</translation>
    </message>
    <message>
      <source>This fact is forgotten</source>
      <translation>Diese Tatsache wird vergessen</translation>
    </message>
    <message>
      <source>Tick a fact off</source>
      <translation>Eine Tatsache abhaken</translation>
    </message>
    <message>
      <source>Open a fact again</source>
      <translation>Eine Tatsache wieder öffnen</translation>
    </message>
    <message>
      <source>Take a fact away</source>
      <translation>Eine Tatsache wegnehmen</translation>
    </message>
    <message>
      <source>No fact is written down yet. Name what strangers would see is wrong: a count, a hand, a pattern, an old habit of dress.</source>
      <translation>Noch ist keine Tatsache aufgeschrieben. Nenne, was Fremden als falsch auffiele: eine Anzahl, eine Hand, ein Muster, eine alte Tracht.</translation>
    </message>
    <message>
      <source>%1 of %2 checked.</source>
      <translation>%1 von %2 geprüft.</translation>
    </message>
    <message>
      <source> A new one is tied to &lt;b&gt;%1&lt;/b&gt;.</source>
      <translation> Eine neue wird an &lt;b&gt;%1&lt;/b&gt; gebunden.</translation>
    </message>
    <message>
      <source>Ideas</source>
      <translation>Gedanken</translation>
    </message>
    <message>
      <source>What the picture has to get across, by which cues, and whether they can be seen</source>
      <translation>Was das Bild vermitteln muss, durch welche Hinweise, und ob man sie sieht</translation>
    </message>
    <message>
      <source>an idea to get across…</source>
      <translation>ein zu vermittelnder Gedanke…</translation>
    </message>
    <message>
      <source>An idea the picture must get across; Enter adds it</source>
      <translation>Ein Gedanke, den das Bild vermitteln muss; Eingabe fügt ihn hinzu</translation>
    </message>
    <message>
      <source>a cue that shows it…</source>
      <translation>ein Hinweis, der sie zeigt…</translation>
    </message>
    <message>
      <source>A cue for the chosen idea, on the selected element; Enter adds it</source>
      <translation>Ein Hinweis für die gewählte Idee, am gewählten Ding; Eingabe fügt ihn hinzu</translation>
    </message>
    <message>
      <source>Add the idea</source>
      <translation>Gedanken hinzufügen</translation>
    </message>
    <message>
      <source>What must be understood without a word</source>
      <translation>Was ohne ein Wort verstanden werden muss</translation>
    </message>
    <message>
      <source>Add cue</source>
      <translation>Hinweis hinzufügen</translation>
    </message>
    <message>
      <source>Links a cue to the chosen idea and to the selected element; click one on the picture first</source>
      <translation>Verknüpft einen Hinweis mit der gewählten Idee und dem gewählten Ding; klicke erst eines im Bild an</translation>
    </message>
    <message>
      <source>Mark its place</source>
      <translation>Seine Stelle zeigen</translation>
    </message>
    <message>
      <source>Drag a box on the picture over what shows the chosen cue</source>
      <translation>Ziehe im Bild einen Rahmen über das, was den gewählten Hinweis zeigt</translation>
    </message>
    <message>
      <source>Take the idea away</source>
      <translation>Gedanken wegnehmen</translation>
    </message>
    <message>
      <source>Remove cue</source>
      <translation>Hinweis entfernen</translation>
    </message>
    <message>
      <source>Rename the idea</source>
      <translation>Gedanken umbenennen</translation>
    </message>
    <message>
      <source>In a few words:</source>
      <translation>In wenigen Worten:</translation>
    </message>
    <message>
      <source>Add an idea</source>
      <translation>Einen Gedanken hinzufügen</translation>
    </message>
    <message>
      <source>Click what shows this cue on the picture, then add it.</source>
      <translation>Klicke im Bild an, was diesen Hinweis zeigt, dann füge ihn hinzu.</translation>
    </message>
    <message>
      <source>Add a cue</source>
      <translation>Einen Hinweis hinzufügen</translation>
    </message>
    <message>
      <source>That place lies beside the element that shows the cue.</source>
      <translation>Diese Stelle liegt neben dem Ding, das den Hinweis zeigt.</translation>
    </message>
    <message>
      <source>Mark the place of a cue</source>
      <translation>Die Stelle eines Hinweises markieren</translation>
    </message>
    <message>
      <source>not in the picture</source>
      <translation>nicht im Bild</translation>
    </message>
    <message>
      <source>%1 mm wide, contrast %2</source>
      <translation>%1 mm breit, Kontrast %2</translation>
    </message>
    <message>
      <source>, too small</source>
      <translation>, zu klein</translation>
    </message>
    <message>
      <source>, lost</source>
      <translation>, verloren</translation>
    </message>
    <message>
      <source>, glance %1</source>
      <translation>, Blick %1</translation>
    </message>
    <message>
      <source>measuring…</source>
      <translation>wird gemessen…</translation>
    </message>
    <message>
      <source>%1 of %2 seen; 3 wanted</source>
      <translation>%1 von %2 zu sehen; 3 gewünscht</translation>
    </message>
    <message>
      <source>%1 of %2 cues seen</source>
      <translation>%1 von %2 Hinweisen gesehen</translation>
    </message>
    <message>
      <source>Selected: &lt;b&gt;%1&lt;/b&gt;. A cue added now is linked to it.</source>
      <translation>Gewählt: &lt;b&gt;%1&lt;/b&gt;. Ein Hinweis, der jetzt dazukommt, wird damit verknüpft.</translation>
    </message>
    <message>
      <source>Three cues an idea. Each is measured: how wide, how much contrast to what lies behind, when seen.</source>
      <translation>Drei Hinweise je Idee. Jeder wird gemessen: wie breit, wie viel Kontrast zum Dahinter, wann gesehen.</translation>
    </message>
    <message>
      <source>Milestones</source>
      <translation>Meilensteine</translation>
    </message>
    <message>
      <source>Points of this work to go back to: look at one, take it up again, compare</source>
      <translation>Punkte dieses Werks, zu denen man zurückkann: einen ansehen, wieder aufnehmen, vergleichen</translation>
    </message>
    <message>
      <source>Keeps the work as it is under a name, to go back to (Ctrl+S)</source>
      <translation>Hält das Werk, wie es ist, unter einem Namen fest (Strg+S)</translation>
    </message>
    <message>
      <source>Its name:</source>
      <translation>Sein Name:</translation>
    </message>
    <message>
      <source>Show milestone</source>
      <translation>Meilenstein zeigen</translation>
    </message>
    <message>
      <source>Shows the chosen milestone on the board; nothing is changed</source>
      <translation>Zeigt den gewählten Meilenstein auf der Bildtafel; nichts wird geändert</translation>
    </message>
    <message>
      <source>Restore milestone</source>
      <translation>Meilenstein wiederherstellen</translation>
    </message>
    <message>
      <source>Goes on from the chosen milestone; Ctrl+Z undoes it</source>
      <translation>Arbeitet ab dem gewählten Meilenstein weiter; Strg+Z macht es rückgängig</translation>
    </message>
    <message>
      <source>Compare with now</source>
      <translation>Mit jetzt vergleichen</translation>
    </message>
    <message>
      <source>Lays the chosen milestone over the work as it is; drag the divider across. Esc ends it</source>
      <translation>Legt den gewählten Meilenstein über das Werk, wie es ist; die Trennlinie ziehen. Esc beendet</translation>
    </message>
    <message>
      <source>Remove milestone</source>
      <translation>Meilenstein entfernen</translation>
    </message>
    <message>
      <source>Removes the chosen milestone; the work stays</source>
      <translation>Entfernt den gewählten Meilenstein; das Werk bleibt</translation>
    </message>
    <message>
      <source>This work is open for reading only; save a copy to set milestones.</source>
      <translation>Dieses Werk ist nur zum Lesen offen; für Meilensteine eine Kopie sichern.</translation>
    </message>
    <message>
      <source>Milestone “%1” is set.</source>
      <translation>Meilenstein „%1“ ist gesetzt.</translation>
    </message>
    <message>
      <source>set</source>
      <translation>gesetzt</translation>
    </message>
    <message>
      <source>Take up a milestone</source>
      <translation>Einen Meilenstein wieder aufnehmen</translation>
    </message>
    <message>
      <source>You go on from the milestone; Ctrl+Z takes it back.</source>
      <translation>Du machst vom Meilenstein aus weiter; Strg+Z nimmt es zurück.</translation>
    </message>
    <message>
      <source>milestone</source>
      <translation>Meilenstein</translation>
    </message>
    <message>
      <source>now</source>
      <translation>jetzt</translation>
    </message>
    <message>
      <source>Reading the milestone…</source>
      <translation>Der Meilenstein wird gelesen…</translation>
    </message>
    <message>
      <source>No milestone is set yet. Every change is saved as it happens; a milestone is a point to go back to.</source>
      <translation>Noch ist kein Meilenstein gesetzt. Jede Änderung ist gesichert, sowie sie geschieht; ein Meilenstein ist ein Punkt, zu dem man zurückkann.</translation>
    </message>
    <message>
      <source>Click one, then look at it, take it up again, or compare it with the work as it is.</source>
      <translation>Klicke einen an, dann sieh ihn an, nimm ihn wieder auf oder vergleiche ihn mit dem Werk, wie es ist.</translation>
    </message>
    <message>
      <source>Ground</source>
      <translation>Malgrund</translation>
    </message>
    <message>
      <source>What is painted on, and how it is made ready</source>
      <translation>Worauf gemalt wird, und wie er vorbereitet wird</translation>
    </message>
    <message>
      <source>canvas</source>
      <translation>Leinwand</translation>
    </message>
    <message>
      <source>board</source>
      <translation>Malplatte</translation>
    </message>
    <message>
      <source>paper</source>
      <translation>Papier</translation>
    </message>
    <message>
      <source>panel</source>
      <translation>Holztafel</translation>
    </message>
    <message>
      <source>support</source>
      <translation>Malgrund</translation>
    </message>
    <message>
      <source>What the paint lies on</source>
      <translation>Worauf die Farbe liegt</translation>
    </message>
    <message>
      <source>Choose the ground</source>
      <translation>Den Malgrund wählen</translation>
    </message>
    <message>
      <source>weave</source>
      <translation>Gewebe</translation>
    </message>
    <message>
      <source>Threads of the canvas in a centimetre: 6 is coarse, 14 usual, 30 fine portrait linen. A brush mark finer than a thread is lost.</source>
      <translation>Fäden der Leinwand je Zentimeter: 6 ist grob, 14 üblich, 30 feines Porträtleinen. Ein Pinselstrich feiner als ein Faden geht verloren.</translation>
    </message>
    <message>
      <source>Set the weave</source>
      <translation>Das Gewebe einstellen</translation>
    </message>
    <message>
      <source> threads/cm</source>
      <translation> Fäden/cm</translation>
    </message>
    <message>
      <source>Its weight. Under 400 g/m² it must be stretched, or it cockles.</source>
      <translation>Sein Gewicht. Unter 400 g/m² muss es aufgespannt werden, sonst wellt es sich.</translation>
    </message>
    <message>
      <source>Set the weight of the paper</source>
      <translation>Das Gewicht des Papiers einstellen</translation>
    </message>
    <message>
      <source> g/m²</source>
      <translation> g/m²</translation>
    </message>
    <message>
      <source>primer</source>
      <translation>Grundierung</translation>
    </message>
    <message>
      <source>Coats of primer</source>
      <translation>Schichten der Grundierung</translation>
    </message>
    <message>
      <source>Set the coats</source>
      <translation>Die Schichten einstellen</translation>
    </message>
    <message>
      <source> coats</source>
      <translation> Schichten</translation>
    </message>
    <message>
      <source>drying</source>
      <translation>Trocknen</translation>
    </message>
    <message>
      <source>Hours between two coats, as on the tin</source>
      <translation>Stunden zwischen zwei Anstrichen, wie auf der Dose</translation>
    </message>
    <message>
      <source>Set the drying</source>
      <translation>Das Trocknen einstellen</translation>
    </message>
    <message>
      <source> h</source>
      <translation> h</translation>
    </message>
    <message>
      <source>sanded with</source>
      <translation>geschliffen mit</translation>
    </message>
    <message>
      <source>Grit between coats: 220 usual, 400 smooth. 0: not sanded.</source>
      <translation>Körnung zwischen den Schichten: 220 üblich, 400 glatt. 0: nicht geschliffen.</translation>
    </message>
    <message>
      <source>Set the grit</source>
      <translation>Die Körnung einstellen</translation>
    </message>
    <message>
      <source> grit</source>
      <translation> Korn</translation>
    </message>
    <message>
      <source>not sanded</source>
      <translation>nicht geschliffen</translation>
    </message>
    <message>
      <source>left white</source>
      <translation>weiß gelassen</translation>
    </message>
    <message>
      <source>middle tone of the plan</source>
      <translation>mittlerer Ton des Plans</translation>
    </message>
    <message>
      <source>opposite to the picture</source>
      <translation>dem Bild entgegengesetzt</translation>
    </message>
    <message>
      <source>just over its darkest</source>
      <translation>knapp über seinem Dunkelsten</translation>
    </message>
    <message>
      <source>toned</source>
      <translation>getönt</translation>
    </message>
    <message>
      <source>The colour of the ground before the first stroke, taken from the plan</source>
      <translation>Die Farbe des Grunds vor dem ersten Strich, aus dem Plan genommen</translation>
    </message>
    <message>
      <source>Choose the tone of the ground</source>
      <translation>Den Ton des Grunds wählen</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt; %2: %3 min</source>
      <translation>&lt;b&gt;%1&lt;/b&gt; %2: %3 min</translation>
    </message>
    <message>
      <source>, %1 ml</source>
      <translation>, %1 ml</translation>
    </message>
    <message>
      <source>, then %1 h to dry</source>
      <translation>, dann %1 h trocknen</translation>
    </message>
    <message>
      <source>L* %1, a* %2, b* %3. </source>
      <translation>L* %1, a* %2, b* %3. </translation>
    </message>
    <message>
      <source>%1 steps, %2 ml, ready to paint on after %3 h (%4 m² of canvas).</source>
      <translation>%1 Schritte, %2 ml, nach %3 h bereit zum Malen (%4 m² Leinwand).</translation>
    </message>
    <message>
      <source>Approach</source>
      <translation>Malweise</translation>
    </message>
    <message>
      <source>Where painters disagree: what you choose, the findings follow</source>
      <translation>Worin Maler sich uneins sind: was du wählst, dem folgen die Befunde</translation>
    </message>
    <message>
      <source>A choice, not a rule; change it at any time</source>
      <translation>Eine Wahl, keine Regel; jederzeit zu ändern</translation>
    </message>
    <message>
      <source>Choose a school</source>
      <translation>Eine Schule wählen</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1: %2.&lt;/b&gt; %3</source>
      <translation>&lt;b&gt;%1: %2.&lt;/b&gt; %3</translation>
    </message>
    <message>
      <source>Canvas</source>
      <translation>Leinwand</translation>
    </message>
    <message>
      <source>What it is, how large, in what paint, and who is to be seen first</source>
      <translation>Was es ist, wie groß, womit gemalt, und wer zuerst gesehen wird</translation>
    </message>
    <message>
      <source>Set the canvas</source>
      <translation>Die Leinwand festlegen</translation>
    </message>
    <message>
      <source>title</source>
      <translation>Titel</translation>
    </message>
    <message>
      <source>The title, which goes on every sheet</source>
      <translation>Der Titel, der auf jedem Bogen steht</translation>
    </message>
    <message>
      <source>Name the work</source>
      <translation>Das Werk benennen</translation>
    </message>
    <message>
      <source>canvas, width</source>
      <translation>Leinwand, Breite</translation>
    </message>
    <message>
      <source>Width of the canvas. Every size in the plan is measured on it.</source>
      <translation>Breite der Leinwand. Jede Größe im Plan wird an ihr gemessen.</translation>
    </message>
    <message>
      <source>height</source>
      <translation>Höhe</translation>
    </message>
    <message>
      <source>Height of the canvas. Every size in the plan is measured on it.</source>
      <translation>Höhe der Leinwand. Jede Größe im Plan wird an ihr gemessen.</translation>
    </message>
    <message>
      <source>usual sizes</source>
      <translation>übliche Größen</translation>
    </message>
    <message>
      <source>Sizes that are sold ready made; nothing else changes</source>
      <translation>Größen, die es fertig zu kaufen gibt; sonst ändert sich nichts</translation>
    </message>
    <message>
      <source>Choose a usual size</source>
      <translation>Eine übliche Größe wählen</translation>
    </message>
    <message>
      <source>rectangle</source>
      <translation>Rechteck</translation>
    </message>
    <message>
      <source>oval or round</source>
      <translation>oval oder rund</translation>
    </message>
    <message>
      <source>free outline</source>
      <translation>freier Umriss</translation>
    </message>
    <message>
      <source>outline</source>
      <translation>Umriss</translation>
    </message>
    <message>
      <source>The true outline of the canvas: round when its sides are equal</source>
      <translation>Der wahre Umriss der Leinwand: rund, wenn ihre Seiten gleich sind</translation>
    </message>
    <message>
      <source>Choose the outline</source>
      <translation>Den Umriss wählen</translation>
    </message>
    <message>
      <source>Draw the outline</source>
      <translation>Den Umriss zeichnen</translation>
    </message>
    <message>
      <source>Click the corners of the canvas on the board; Enter closes it</source>
      <translation>Die Ecken der Leinwand auf der Bildtafel anklicken; Eingabe schließt</translation>
    </message>
    <message>
      <source>Portrait</source>
      <translation>Hochformat</translation>
    </message>
    <message>
      <source>Landscape</source>
      <translation>Querformat</translation>
    </message>
    <message>
      <source>Square</source>
      <translation>Quadrat</translation>
    </message>
    <message>
      <source>Turns the canvas; a square takes the shorter side</source>
      <translation>Dreht die Leinwand; ein Quadrat nimmt die kürzere Seite</translation>
    </message>
    <message>
      <source>units</source>
      <translation>Einheit</translation>
    </message>
    <message>
      <source>What lengths are shown in; the rulers follow</source>
      <translation>Worin Längen gezeigt werden; die Lineale folgen</translation>
    </message>
    <message>
      <source>Change the unit</source>
      <translation>Die Einheit ändern</translation>
    </message>
    <message>
      <source>medium</source>
      <translation>Malmittel</translation>
    </message>
    <message>
      <source>What it is painted in</source>
      <translation>Worin gemalt wird</translation>
    </message>
    <message>
      <source>acrylic</source>
      <translation>Acryl</translation>
    </message>
    <message>
      <source>oil</source>
      <translation>Öl</translation>
    </message>
    <message>
      <source>gouache</source>
      <translation>Gouache</translation>
    </message>
    <message>
      <source>watercolour</source>
      <translation>Aquarell</translation>
    </message>
    <message>
      <source>casein</source>
      <translation>Kasein</translation>
    </message>
    <message>
      <source>mixed</source>
      <translation>gemischt</translation>
    </message>
    <message>
      <source>Choose the medium</source>
      <translation>Das Malmittel wählen</translation>
    </message>
    <message>
      <source>viewing distance</source>
      <translation>Betrachtungsabstand</translation>
    </message>
    <message>
      <source>Viewing distance. It decides how fine a detail can be seen and how many pixels a reference needs.</source>
      <translation>Betrachtungsabstand. Er bestimmt, wie feine Einzelheiten man sieht und wie viele Bildpunkte eine Vorlage braucht.</translation>
    </message>
    <message>
      <source>own size</source>
      <translation>eigene Größe</translation>
    </message>
    <message>
      <source>Click the corners of the canvas, one after another.</source>
      <translation>Die Ecken der Leinwand anklicken, eine nach der anderen.</translation>
    </message>
    <message>
      <source>An outline needs three corners at least.</source>
      <translation>Ein Umriss braucht mindestens drei Ecken.</translation>
    </message>
    <message>
      <source>who or what must appear…</source>
      <translation>wer oder was vorkommen muss…</translation>
    </message>
    <message>
      <source>Name a member of the cast and press Enter: everything that must appear, in the order in which it should be read</source>
      <translation>Nenne ein Mitglied der Besetzung und drücke Eingabe: alles, was vorkommen muss, in der Reihenfolge, in der es gelesen werden soll</translation>
    </message>
    <message>
      <source>A new member of the cast</source>
      <translation>Ein neues Mitglied der Besetzung</translation>
    </message>
    <message>
      <source>Add subject</source>
      <translation>Bildgegenstand hinzufügen</translation>
    </message>
    <message>
      <source>Everything that must appear, most important first</source>
      <translation>Alles, was vorkommen muss, das Wichtigste zuerst</translation>
    </message>
    <message>
      <source>deadline</source>
      <translation>Termin</translation>
    </message>
    <message>
      <source>The deadline, as year-month-day: 2027-03-01. Empty: none</source>
      <translation>Der Termin als Jahr-Monat-Tag: 2027-03-01. Leer: keiner</translation>
    </message>
    <message>
      <source>“%1” is no date; write it as 2027-03-01.</source>
      <translation>„%1“ ist kein Datum; schreibe es als 2027-03-01.</translation>
    </message>
    <message>
      <source>Set the deadline</source>
      <translation>Den Termin setzen</translation>
    </message>
    <message>
      <source>Change the reading order</source>
      <translation>Die Lesefolge ändern</translation>
    </message>
    <message>
      <source>Take out of the cast</source>
      <translation>Aus der Besetzung nehmen</translation>
    </message>
    <message>
      <source>Rename in the cast</source>
      <translation>In der Besetzung umbenennen</translation>
    </message>
    <message>
      <source>Turn the canvas</source>
      <translation>Die Leinwand drehen</translation>
    </message>
    <message numerus="yes">
      <source> &lt;b&gt;%n days&lt;/b&gt; to the deadline.</source>
      <translation>
        <numerusform> &lt;b&gt;%n Tag&lt;/b&gt; bis zum Termin.</numerusform>
        <numerusform> &lt;b&gt;%n Tage&lt;/b&gt; bis zum Termin.</numerusform>
      </translation>
    </message>
    <message>
      <source>Subjects, in the order the eye should find them. Drag to reorder, double-click to rename, Delete removes.</source>
      <translation>Bildgegenstände in der Folge, in der das Auge sie finden soll. Ziehen ordnet, Doppelklick benennt um, Entf entfernt.</translation>
    </message>
    <message>
      <source>Fit</source>
      <translation>Einpassung</translation>
    </message>
    <message>
      <source>The canvas you really have: how the plan lies on it, and what is lost</source>
      <translation>Die Leinwand, die du wirklich hast: wie der Plan darauf liegt, und was verloren geht</translation>
    </message>
    <message>
      <source> cm</source>
      <translation> cm</translation>
    </message>
    <message>
      <source>Width of the canvas' face as it stands before you</source>
      <translation>Breite der Malfläche, wie sie vor dir steht</translation>
    </message>
    <message>
      <source>Set the canvas' width</source>
      <translation>Breite der Leinwand setzen</translation>
    </message>
    <message>
      <source>as planned</source>
      <translation>wie geplant</translation>
    </message>
    <message>
      <source>by</source>
      <translation>mal</translation>
    </message>
    <message>
      <source>Height of the canvas' face as it stands before you</source>
      <translation>Höhe der Malfläche, wie sie vor dir steht</translation>
    </message>
    <message>
      <source>Set the canvas' height</source>
      <translation>Höhe der Leinwand setzen</translation>
    </message>
    <message>
      <source>crop</source>
      <translation>beschneiden</translation>
    </message>
    <message>
      <source>extend the scene</source>
      <translation>Szene erweitern</translation>
    </message>
    <message>
      <source>leave a margin</source>
      <translation>Rand lassen</translation>
    </message>
    <message>
      <source>where shapes differ</source>
      <translation>wo Formen sich unterscheiden</translation>
    </message>
    <message>
      <source>Cut the plan to the canvas, leave room for more of the scene, or leave bare ground about it</source>
      <translation>Den Plan auf die Leinwand beschneiden, Raum für mehr von der Szene lassen oder bloßen Grund ringsum</translation>
    </message>
    <message>
      <source>Fit the canvas</source>
      <translation>Die Leinwand einpassen</translation>
    </message>
    <message>
      <source>Extend the plan</source>
      <translation>Plan erweitern</translation>
    </message>
    <message>
      <source>Makes the plan's format that of the canvas: things keep their places, the scene goes on beside them</source>
      <translation>Gibt dem Plan das Format der Leinwand: die Dinge behalten ihre Plätze, die Szene geht neben ihnen weiter</translation>
    </message>
    <message>
      <source>bleed</source>
      <translation>Beschnitt</translation>
    </message>
    <message>
      <source>Painted beyond the edge and trimmed off</source>
      <translation>Über den Rand hinaus gemalt und abgeschnitten</translation>
    </message>
    <message>
      <source>Set the bleed</source>
      <translation>Den Beschnitt einstellen</translation>
    </message>
    <message>
      <source> mm</source>
      <translation> mm</translation>
    </message>
    <message>
      <source>round the edge</source>
      <translation>um die Kante</translation>
    </message>
    <message>
      <source>Painted round the edge of the stretcher</source>
      <translation>Um die Kante des Keilrahmens gemalt</translation>
    </message>
    <message>
      <source>Wrap the edge</source>
      <translation>Die Kante umschlagen</translation>
    </message>
    <message>
      <source>bevel or rebate</source>
      <translation>Fase oder Falz</translation>
    </message>
    <message>
      <source>Of the face, lost to a bevel or a frame's rebate</source>
      <translation>Von der Malfläche, an eine Fase oder den Falz eines Rahmens verloren</translation>
    </message>
    <message>
      <source>Set the bevel</source>
      <translation>Die Fase einstellen</translation>
    </message>
    <message>
      <source>boards</source>
      <translation>Tafeln</translation>
    </message>
    <message>
      <source>Boards side by side that the panel is made of</source>
      <translation>Tafeln nebeneinander, aus denen die Fläche besteht</translation>
    </message>
    <message>
      <source>Set the boards</source>
      <translation>Tafeln setzen</translation>
    </message>
    <message>
      <source> across</source>
      <translation> quer</translation>
    </message>
    <message>
      <source>and</source>
      <translation>und</translation>
    </message>
    <message>
      <source>Boards one above the other</source>
      <translation>Tafeln übereinander</translation>
    </message>
    <message>
      <source> down</source>
      <translation> hoch</translation>
    </message>
    <message>
      <source>Canvas %1 × %2 cm, the plan at %3 %.</source>
      <translation>Leinwand %1 × %2 cm, der Plan zu %3 %.</translation>
    </message>
    <message>
      <source> &lt;b&gt;%1 cm&lt;/b&gt; of the plan's width are lost.</source>
      <translation> &lt;b&gt;%1 cm&lt;/b&gt; der Breite des Plans gehen verloren.</translation>
    </message>
    <message>
      <source> &lt;b&gt;%1 cm&lt;/b&gt; of the plan's height are lost.</source>
      <translation> &lt;b&gt;%1 cm&lt;/b&gt; der Höhe des Plans gehen verloren.</translation>
    </message>
    <message>
      <source> &lt;b&gt;%1 cm&lt;/b&gt; at the sides are not planned.</source>
      <translation> &lt;b&gt;%1 cm&lt;/b&gt; an den Seiten sind nicht geplant.</translation>
    </message>
    <message>
      <source> &lt;b&gt;%1 cm&lt;/b&gt; above and below are not planned.</source>
      <translation> &lt;b&gt;%1 cm&lt;/b&gt; oben und unten sind nicht geplant.</translation>
    </message>
    <message>
      <source> Cut the cloth for %1 × %2 cm of paint.</source>
      <translation> Das Tuch für %1 × %2 cm Farbe zuschneiden.</translation>
    </message>
    <message>
      <source>Lines</source>
      <translation>Linien</translation>
    </message>
    <message>
      <source>Line art to trace and to paint over: how much of it, how it is drawn</source>
      <translation>Strichzeichnung zum Durchpausen und Übermalen: wie viel davon, wie gezeichnet</translation>
    </message>
    <message>
      <source>inner lines</source>
      <translation>innere Linien</translation>
    </message>
    <message>
      <source>From outlines only to everything: whole lines, the most telling first</source>
      <translation>Von bloßen Umrissen bis zu allem: ganze Linien, die sprechendsten zuerst</translation>
    </message>
    <message>
      <source>Choose the lines</source>
      <translation>Die Linien wählen</translation>
    </message>
    <message>
      <source>outlines only</source>
      <translation>nur Umrisse</translation>
    </message>
    <message>
      <source>weight</source>
      <translation>Stärke</translation>
    </message>
    <message>
      <source>How wide a line is drawn; outlines a little wider</source>
      <translation>Wie breit eine Linie gezeichnet wird; Umrisse etwas breiter</translation>
    </message>
    <message>
      <source>Set the weight</source>
      <translation>Die Stärke einstellen</translation>
    </message>
    <message>
      <source>black</source>
      <translation>Schwarz</translation>
    </message>
    <message>
      <source>Less black for faint tracing</source>
      <translation>Weniger Schwarz für schwache Pausen</translation>
    </message>
    <message>
      <source>Set the grey</source>
      <translation>Das Grau einstellen</translation>
    </message>
    <message>
      <source>for a dark ground</source>
      <translation>für dunklen Grund</translation>
    </message>
    <message>
      <source>White lines, to trace onto a toned or black ground</source>
      <translation>Weiße Linien, für getönten oder schwarzen Grund</translation>
    </message>
    <message>
      <source>Draw for a dark ground</source>
      <translation>Für dunklen Grund zeichnen</translation>
    </message>
    <message>
      <source>mirrored on paper</source>
      <translation>auf Papier gespiegelt</translation>
    </message>
    <message>
      <source>For rubbing down from the back of the sheet</source>
      <translation>Zum Abreiben von der Rückseite des Bogens</translation>
    </message>
    <message>
      <source>Mirror the sheets</source>
      <translation>Die Bögen spiegeln</translation>
    </message>
    <message>
      <source>shadow edges</source>
      <translation>Schattenkanten</translation>
    </message>
    <message>
      <source>Where form turns from the light (dotted) and where shadows are cast (dashed)</source>
      <translation>Wo Form sich vom Licht abwendet (gepunktet) und wo Schlagschatten fallen (gestrichelt)</translation>
    </message>
    <message>
      <source>Draw the shadows' borders</source>
      <translation>Die Ränder der Schatten zeichnen</translation>
    </message>
    <message>
      <source>value steps</source>
      <translation>Tonstufen</translation>
    </message>
    <message>
      <source>Contours between so many values; 0 draws none</source>
      <translation>Höhenlinien zwischen so vielen Tönen; 0 zeichnet keine</translation>
    </message>
    <message>
      <source>Draw value steps</source>
      <translation>Tonstufen zeichnen</translation>
    </message>
    <message>
      <source> steps</source>
      <translation> Stufen</translation>
    </message>
    <message>
      <source>none</source>
      <translation>keine</translation>
    </message>
    <message>
      <source>Export…</source>
      <translation>Ausgeben…</translation>
    </message>
    <message>
      <source>The lines as SVG in millimetres with a layer for each thing, layers as OpenRaster, or the picture as PNG or TIFF</source>
      <translation>Die Linien als SVG in Millimetern mit einer Ebene je Ding, Ebenen als OpenRaster oder das Bild als PNG oder TIFF</translation>
    </message>
    <message>
      <source>Export</source>
      <translation>Ausgeben</translation>
    </message>
    <message>
      <source>Lines (*.svg);;Layers (*.ora);;Picture (*.png *.tif)</source>
      <translation>Linien (*.svg);;Ebenen (*.ora);;Bild (*.png *.tif)</translation>
    </message>
    <message>
      <source>Exported as %1.</source>
      <translation>Ausgegeben als %1.</translation>
    </message>
    <message>
      <source>Drawing the lines…</source>
      <translation>Die Linien werden gezeichnet…</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1 lines&lt;/b&gt;, %2 m to trace, %3 % of it in strokes over 2 cm.</source>
      <translation>&lt;b&gt;%1 Linien&lt;/b&gt;, %2 m zu pausen, davon %3 % in Zügen über 2 cm.</translation>
    </message>
    <message>
      <source>Tick squares, or the selected landmark</source>
      <translation>Quadrate oder den gewählten Messpunkt abhaken</translation>
    </message>
    <message>
      <source>The next landmark not yet ticked</source>
      <translation>Der nächste Messpunkt ohne Haken</translation>
    </message>
    <message>
      <source>The landmark before</source>
      <translation>Der Messpunkt davor</translation>
    </message>
    <message>
      <source>More inner lines</source>
      <translation>Mehr innere Linien</translation>
    </message>
    <message>
      <source>Fewer inner lines</source>
      <translation>Weniger innere Linien</translation>
    </message>
    <message>
      <source>Carry</source>
      <translation>Übertragung</translation>
    </message>
    <message>
      <source>sheet %1</source>
      <translation>Bogen %1</translation>
    </message>
    <message>
      <source>%1 cm lost on each side</source>
      <translation>%1 cm auf jeder Seite verloren</translation>
    </message>
    <message>
      <source>%1 cm lost above and below</source>
      <translation>%1 cm oben und unten verloren</translation>
    </message>
    <message>
      <source>Tick as traced</source>
      <translation>Als gepaust abhaken</translation>
    </message>
    <message>
      <source>Take the tick back</source>
      <translation>Den Haken zurücknehmen</translation>
    </message>
    <message>
      <source>Grid</source>
      <translation>Raster</translation>
    </message>
    <message>
      <source>Squares to draw by, what to mark along the canvas' edges, what is traced</source>
      <translation>Quadrate zum Danachzeichnen, was an den Kanten der Leinwand anzuzeichnen ist, was gepaust ist</translation>
    </message>
    <message>
      <source>squares of</source>
      <translation>Quadrate von</translation>
    </message>
    <message>
      <source>Side of a square; the program picks one that gives 6 to 14 squares along the long side</source>
      <translation>Seite eines Quadrats; das Programm nimmt eine, die 6 bis 14 Quadrate auf der langen Seite ergibt</translation>
    </message>
    <message>
      <source>%1 in</source>
      <translation>%1 Zoll</translation>
    </message>
    <message>
      <source>%1, chosen</source>
      <translation>%1, gewählt</translation>
    </message>
    <message>
      <source>Choose the squares</source>
      <translation>Die Quadrate wählen</translation>
    </message>
    <message>
      <source>centre lines and quarters only</source>
      <translation>nur Mittellinien und Viertel</translation>
    </message>
    <message>
      <source>The cross, quarter lines and diagonals, for those who want no more</source>
      <translation>Kreuz, Viertellinien und Diagonalen, für alle, die nicht mehr wollen</translation>
    </message>
    <message>
      <source>Choose cross and quarters</source>
      <translation>Kreuz und Viertel wählen</translation>
    </message>
    <message>
      <source>Tick squares</source>
      <translation>Quadrate abhaken</translation>
    </message>
    <message>
      <source>Click a square on the board once it is on the canvas (T)</source>
      <translation>Ein Quadrat auf der Bildtafel anklicken, sobald es auf der Leinwand ist (T)</translation>
    </message>
    <message>
      <source>selected element is traced</source>
      <translation>gewähltes Ding ist übertragen</translation>
    </message>
    <message>
      <source>Ticks the selected element, in all squares it lies in</source>
      <translation>Hakt das gewählte Ding ab, in allen Quadraten, in denen es liegt</translation>
    </message>
    <message>
      <source>Clear all ticks</source>
      <translation>Alle Haken löschen</translation>
    </message>
    <message>
      <source>Removes all ticks</source>
      <translation>Entfernt alle Haken</translation>
    </message>
    <message>
      <source>Begin tracing anew</source>
      <translation>Das Pausen neu beginnen</translation>
    </message>
    <message>
      <source>Grid sheets…</source>
      <translation>Rasterbögen…</translation>
    </message>
    <message>
      <source>A PDF of the squares at 1:1 with what to mark along each edge</source>
      <translation>Ein PDF der Quadrate 1:1 mit dem, was an jeder Kante anzuzeichnen ist</translation>
    </message>
    <message>
      <source>Grid sheets</source>
      <translation>Rasterbögen</translation>
    </message>
    <message>
      <source>PDF (*.pdf)</source>
      <translation>PDF (*.pdf)</translation>
    </message>
    <message>
      <source>The grid is in %1.</source>
      <translation>Das Raster liegt in %1.</translation>
    </message>
    <message>
      <source>%1 × %2 squares; mark the upper and lower edge every %3 from the left, the sides every %4 from the top.</source>
      <translation>%1 × %2 Quadrate; die obere und untere Kante alle %3 von links anzeichnen, die Seiten alle %4 von oben.</translation>
    </message>
    <message numerus="yes">
      <source> %n squares are dense: quarter them.</source>
      <translation>
        <numerusform> %n Quadrat ist dicht: vierteln.</numerusform>
        <numerusform> %n Quadrate sind dicht: vierteln.</numerusform>
      </translation>
    </message>
    <message>
      <source> Every thing is traced.</source>
      <translation> Jedes Ding ist gepaust.</translation>
    </message>
    <message>
      <source> Still to trace: %1.</source>
      <translation> Noch zu pausen: %1.</translation>
    </message>
    <message>
      <source> &lt;b&gt;%1 of %2 traced&lt;/b&gt;%3.</source>
      <translation> &lt;b&gt;%1 von %2 gepaust&lt;/b&gt;%3.</translation>
    </message>
    <message>
      <source>; next %1</source>
      <translation>; als Nächstes %1</translation>
    </message>
    <message>
      <source>Landmarks</source>
      <translation>Messpunkte</translation>
    </message>
    <message>
      <source>The points that fix the drawing best, each found with a ruler</source>
      <translation>Die Punkte, die die Zeichnung am besten festlegen, jeder mit dem Lineal zu finden</translation>
    </message>
    <message>
      <source>point</source>
      <translation>Punkt</translation>
    </message>
    <message>
      <source>across</source>
      <translation>quer</translation>
    </message>
    <message>
      <source>down</source>
      <translation>hoch</translation>
    </message>
    <message>
      <source>to others</source>
      <translation>zu anderen</translation>
    </message>
    <message>
      <source>Print list…</source>
      <translation>Liste drucken…</translation>
    </message>
    <message>
      <source>A PDF: the plan with its points, and how to find each</source>
      <translation>Ein PDF: der Plan mit seinen Punkten, und wie jeder zu finden ist</translation>
    </message>
    <message>
      <source>Next unticked</source>
      <translation>Nächster ohne Haken</translation>
    </message>
    <message>
      <source>Goes to the next landmark that is not ticked (])</source>
      <translation>Geht zum nächsten Messpunkt ohne Haken (])</translation>
    </message>
    <message>
      <source>Tick landmark</source>
      <translation>Messpunkt abhaken</translation>
    </message>
    <message>
      <source>It is on the canvas (T)</source>
      <translation>Er ist auf der Leinwand (T)</translation>
    </message>
    <message>
      <source>%1  %2</source>
      <translation>%1  %2</translation>
    </message>
    <message>
      <source>%1 from the %2</source>
      <translation>%1 von %2</translation>
    </message>
    <message>
      <source>bottom</source>
      <translation>unten</translation>
    </message>
    <message>
      <source>top</source>
      <translation>oben</translation>
    </message>
    <message>
      <source>%1 to %2, %3 to %4</source>
      <translation>%1 bis %2, %3 bis %4</translation>
    </message>
    <message>
      <source>The landmarks are in %1.</source>
      <translation>Die Messpunkte liegen in %1.</translation>
    </message>
    <message>
      <source>Looking for landmarks…</source>
      <translation>Messpunkte werden gesucht…</translation>
    </message>
    <message numerus="yes">
      <source>&lt;b&gt;%n landmarks&lt;/b&gt;, %1 on the canvas.</source>
      <translation>
        <numerusform>&lt;b&gt;%n Messpunkt&lt;/b&gt;, %1 auf der Leinwand.</numerusform>
        <numerusform>&lt;b&gt;%n Messpunkte&lt;/b&gt;, %1 auf der Leinwand.</numerusform>
      </translation>
    </message>
    <message>
      <source> From %1 (%2) to %3 (%4) must be %5.</source>
      <translation> Von %1 (%2) bis %3 (%4) müssen es %5 sein.</translation>
    </message>
    <message>
      <source>Sheets</source>
      <translation>Bögen</translation>
    </message>
    <message>
      <source>Sheets at 1:1 with a squared grid, line art or the picture; sheets for the easel</source>
      <translation>Bögen 1:1 mit Raster, Strichzeichnung oder dem Bild; Bögen für die Staffelei</translation>
    </message>
    <message>
      <source>The sheets are in %1. Print them at 100 % and measure the ruler on each.</source>
      <translation>Die Bögen liegen in %1. Mit 100 % drucken und auf jedem das Lineal nachmessen.</translation>
    </message>
    <message>
      <source>The sheets were not written.</source>
      <translation>Die Bögen wurden nicht geschrieben.</translation>
    </message>
    <message>
      <source>print</source>
      <translation>drucken</translation>
    </message>
    <message>
      <source>What goes on the sheets: lines to trace, the picture itself, or only the squares; or one page for the easel</source>
      <translation>Was auf die Bögen kommt: Linien zum Pausen, das Bild selbst oder nur die Quadrate; oder eine Seite für die Staffelei</translation>
    </message>
    <message>
      <source>line art</source>
      <translation>Strichzeichnung</translation>
    </message>
    <message>
      <source>picture</source>
      <translation>Bild</translation>
    </message>
    <message>
      <source>grid alone</source>
      <translation>Raster allein</translation>
    </message>
    <message>
      <source>colours, one page</source>
      <translation>Farben, eine Seite</translation>
    </message>
    <message>
      <source>values, one page</source>
      <translation>Tonwerte, eine Seite</translation>
    </message>
    <message>
      <source>landmarks, one page</source>
      <translation>Messpunkte, eine Seite</translation>
    </message>
    <message>
      <source>selected element, again</source>
      <translation>gewähltes Ding, noch einmal</translation>
    </message>
    <message>
      <source>The paper in your printer</source>
      <translation>Das Papier in deinem Drucker</translation>
    </message>
    <message>
      <source>Choose the paper</source>
      <translation>Das Papier wählen</translation>
    </message>
    <message>
      <source>overlap</source>
      <translation>Überlappung</translation>
    </message>
    <message>
      <source>What neighbouring sheets share. Printers drift by a millimetre or two.</source>
      <translation>Was benachbarte Bögen gemeinsam haben. Drucker weichen um ein, zwei Millimeter ab.</translation>
    </message>
    <message>
      <source>Set the shared strip</source>
      <translation>Den gemeinsamen Streifen einstellen</translation>
    </message>
    <message>
      <source>printed ruler measures</source>
      <translation>gedrucktes Lineal misst</translation>
    </message>
    <message>
      <source>What the 10 cm ruler of a printed sheet measures: all later sheets are corrected by it</source>
      <translation>Was das 10-cm-Lineal eines gedruckten Bogens misst: alle späteren Bögen werden danach berichtigt</translation>
    </message>
    <message>
      <source>Correct the printer</source>
      <translation>Den Drucker berichtigen</translation>
    </message>
    <message>
      <source>with the squared grid</source>
      <translation>mit dem Raster</translation>
    </message>
    <message>
      <source>Prints the squares over the sheets too, so that they can be laid on a squared canvas</source>
      <translation>Druckt die Quadrate auch über die Bögen, damit sie auf eine gerasterte Leinwand gelegt werden können</translation>
    </message>
    <message>
      <source>on</source>
      <translation>an</translation>
    </message>
    <message>
      <source>A PDF to print elsewhere, a printer of this desktop, or a simulated one that strays</source>
      <translation>Ein PDF, um anderswo zu drucken, ein Drucker dieses Arbeitsplatzes oder ein nachgeahmter, der abweicht</translation>
    </message>
    <message>
      <source>a PDF</source>
      <translation>ein PDF</translation>
    </message>
    <message>
      <source>a printer</source>
      <translation>ein Drucker</translation>
    </message>
    <message>
      <source>a printer that strays (simulated)</source>
      <translation>ein Drucker, der abweicht (nachgeahmt)</translation>
    </message>
    <message>
      <source>Save sheets…</source>
      <translation>Bögen speichern…</translation>
    </message>
    <message>
      <source>Writes a PDF at 1:1 with overlap, cut marks, a map of the sheets and a 10 cm ruler on each</source>
      <translation>Schreibt ein PDF 1:1 mit Überlappung, Schnittmarken, einem Übersichtsplan der Bögen und einem 10-cm-Lineal auf jedem</translation>
    </message>
    <message>
      <source>How far the sheets are</source>
      <translation>Wie weit die Bögen sind</translation>
    </message>
    <message>
      <source>Cancels the sheets; no file is left</source>
      <translation>Bricht die Bögen ab; es bleibt keine Datei</translation>
    </message>
    <message>
      <source>Write the sheets</source>
      <translation>Die Bögen schreiben</translation>
    </message>
    <message>
      <source>sheets.pdf</source>
      <translation>boegen.pdf</translation>
    </message>
    <message numerus="yes">
      <source>%n sheets of %1, %2 × %3, and a map. Grid: %4 × %5 squares of %6 cm; mark the upper edge every %6 cm from the left, the sides every %6 cm from the top.</source>
      <translation>
        <numerusform>%n Bogen %1, %2 × %3, und eine Übersicht. Raster: %4 × %5 Quadrate von %6 cm; markiere oben alle %6 cm von links, an den Seiten alle %6 cm von oben.</numerusform>
        <numerusform>%n Bögen %1, %2 × %3, und eine Übersicht. Raster: %4 × %5 Quadrate von %6 cm; markiere oben alle %6 cm von links, an den Seiten alle %6 cm von oben.</numerusform>
      </translation>
    </message>
    <message>
      <source>Strokes</source>
      <translation>Striche</translation>
    </message>
    <message>
      <source>Which way fur, grass, hair or folds run, measured in the selected element's photograph</source>
      <translation>Wohin Fell, Gras, Haar oder Falten laufen, im Foto des gewählten Dings gemessen</translation>
    </message>
    <message>
      <source>stroke</source>
      <translation>Strich</translation>
    </message>
    <message>
      <source>How wide a stroke is at its widest</source>
      <translation>Wie breit ein Strich an seiner breitesten Stelle ist</translation>
    </message>
    <message>
      <source>Set the stroke's width</source>
      <translation>Die Strichbreite einstellen</translation>
    </message>
    <message>
      <source>Stroke sheet…</source>
      <translation>Strichbogen…</translation>
    </message>
    <message>
      <source>A PDF at 1:1 of the selected element, its strokes drawn where they lie</source>
      <translation>Ein PDF 1:1 des gewählten Dings, seine Striche an ihrer Stelle</translation>
    </message>
    <message>
      <source>Stroke sheet</source>
      <translation>Strichbogen</translation>
    </message>
    <message>
      <source>The stroke sheet is in %1.</source>
      <translation>Der Strichbogen liegt in %1.</translation>
    </message>
    <message>
      <source>Click a thing on the board: its strokes are read from its photograph.</source>
      <translation>Klicke ein Ding auf der Bildtafel an: seine Striche werden aus seinem Foto gelesen.</translation>
    </message>
    <message>
      <source>Reading which way it runs…</source>
      <translation>Es wird gelesen, wohin es läuft…</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt;: no direction can be measured; it has no strands, or they are too small here.</source>
      <translation>&lt;b&gt;%1&lt;/b&gt;: keine Richtung messbar; es hat keine Strähnen, oder sie sind hier zu klein.</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt;: strands %2 mm long as seen, %3 (± %4°); told on %5 % of it, left open elsewhere.</source>
      <translation>&lt;b&gt;%1&lt;/b&gt;: Strähnen, so gesehen %2 mm lang, %3 (± %4°); auf %5 % davon zu sagen, sonst offengelassen.</translation>
    </message>
    <message>
      <source>straight</source>
      <translation>gerade</translation>
    </message>
    <message>
      <source>slightly wavy</source>
      <translation>leicht gewellt</translation>
    </message>
    <message>
      <source>wavy</source>
      <translation>gewellt</translation>
    </message>
    <message>
      <source> Light strokes (L* %1) over its shade (L* %2): %3 a cm make L* %4.</source>
      <translation> Helle Striche (L* %1) über seinem Schatten (L* %2): %3 je cm ergeben L* %4.</translation>
    </message>
    <message>
      <source>Stencil</source>
      <translation>Schablone</translation>
    </message>
    <message>
      <source>A stencil or a mask of the selected element, for a knife</source>
      <translation>Eine Schablone oder Maske des gewählten Dings, fürs Messer</translation>
    </message>
    <message>
      <source>cut</source>
      <translation>schneiden</translation>
    </message>
    <message>
      <source>A stencil is cut away and painted through; a mask covers the thing while something else is sprayed</source>
      <translation>Eine Schablone wird ausgeschnitten und durchgemalt; eine Maske deckt das Ding ab, während anderes gespritzt wird</translation>
    </message>
    <message>
      <source>a stencil</source>
      <translation>eine Schablone</translation>
    </message>
    <message>
      <source>a mask</source>
      <translation>eine Maske</translation>
    </message>
    <message>
      <source>bridges</source>
      <translation>Stege</translation>
    </message>
    <message>
      <source>Least width of what holds a stencil's islands, so that nothing falls out</source>
      <translation>Mindestbreite dessen, was die Inseln einer Schablone hält, damit nichts herausfällt</translation>
    </message>
    <message>
      <source>Set the bridges</source>
      <translation>Die Stege einstellen</translation>
    </message>
    <message>
      <source>directions</source>
      <translation>Richtungen</translation>
    </message>
    <message>
      <source>One shape from many directions, for a flock or a crowd: laid side by side on the sheets</source>
      <translation>Eine Form aus vielen Richtungen, für einen Schwarm oder eine Menge: nebeneinander auf den Bögen</translation>
    </message>
    <message>
      <source>Cutting sheet…</source>
      <translation>Schneidebogen…</translation>
    </message>
    <message>
      <source>A PDF at 1:1 in its place on the canvas, hatched where it is cut away</source>
      <translation>Ein PDF 1:1 an seinem Platz auf der Leinwand, schraffiert, wo ausgeschnitten wird</translation>
    </message>
    <message>
      <source>Cutting sheet</source>
      <translation>Schneidebogen</translation>
    </message>
    <message>
      <source>The cutting sheet is in %1.</source>
      <translation>Der Schneidebogen liegt in %1.</translation>
    </message>
    <message>
      <source>Click a thing on the board to have it cut.</source>
      <translation>Klicke ein Ding auf der Bildtafel an, um es schneiden zu lassen.</translation>
    </message>
    <message>
      <source>Drawing the shape…</source>
      <translation>Die Form wird gezeichnet…</translation>
    </message>
    <message>
      <source>It is not seen on the canvas, or too small for a knife.</source>
      <translation>Es ist auf der Leinwand nicht zu sehen, oder zu klein für ein Messer.</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt;: %2 to cut.</source>
      <translation>&lt;b&gt;%1&lt;/b&gt;: %2 zu schneiden.</translation>
    </message>
    <message numerus="yes">
      <source>%n pieces</source>
      <translation>
        <numerusform>%n Stück</numerusform>
        <numerusform>%n Stücke</numerusform>
      </translation>
    </message>
    <message>
      <source> Nothing falls out.</source>
      <translation> Nichts fällt heraus.</translation>
    </message>
    <message>
      <source> One island would fall out;</source>
      <translation> Eine Insel fiele heraus;</translation>
    </message>
    <message>
      <source> %1 islands would fall out;</source>
      <translation> %1 Inseln fielen heraus;</translation>
    </message>
    <message numerus="yes">
      <source> %n bridges of %1 mm hold what would fall out.</source>
      <translation>
        <numerusform> %n Steg von %1 mm hält, was herausfiele.</numerusform>
        <numerusform> %n Stege von %1 mm halten, was herausfiele.</numerusform>
      </translation>
    </message>
    <message>
      <source> Cut away from yourself, on a mat, with a fresh blade.</source>
      <translation> Vom Körper weg schneiden, auf einer Matte, mit frischer Klinge.</translation>
    </message>
    <message>
      <source>Stand the projector before the canvas, throw the picture, and square it up to the canvas' corners.</source>
      <translation>Den Projektor vor die Leinwand stellen, das Bild werfen und auf die Ecken der Leinwand ausrichten.</translation>
    </message>
    <message>
      <source>Photograph the dots with all four corners of the canvas in the picture.</source>
      <translation>Die Punkte mit allen vier Ecken der Leinwand im Bild fotografieren.</translation>
    </message>
    <message numerus="yes">
      <source>Aligned by %n dots, to %1 mm.</source>
      <translation>
        <numerusform>Nach %n Punkt ausgerichtet, auf %1 mm.</numerusform>
        <numerusform>Nach %n Punkten ausgerichtet, auf %1 mm.</numerusform>
      </translation>
    </message>
    <message>
      <source>Drag the four corners onto the canvas', or throw dots and photograph them.</source>
      <translation>Die vier Ecken auf die der Leinwand ziehen, oder Punkte werfen und fotografieren.</translation>
    </message>
    <message>
      <source> In the simulated room its worst corner is off by %1 mm.</source>
      <translation> Im nachgeahmten Raum liegt die schlechteste Ecke %1 mm daneben.</translation>
    </message>
    <message>
      <source>projector</source>
      <translation>Projektor</translation>
    </message>
    <message>
      <source>A screen of this desktop, or the simulated one to learn with</source>
      <translation>Ein Bildschirm dieses Arbeitsplatzes oder der nachgeahmte zum Lernen</translation>
    </message>
    <message>
      <source>simulated</source>
      <translation>nachgeahmt</translation>
    </message>
    <message>
      <source>screen %1, %2 × %3</source>
      <translation>Bildschirm %1, %2 × %3</translation>
    </message>
    <message>
      <source>throw</source>
      <translation>werfen</translation>
    </message>
    <message>
      <source>What is thrown onto the canvas</source>
      <translation>Was auf die Leinwand geworfen wird</translation>
    </message>
    <message>
      <source>grid</source>
      <translation>Raster</translation>
    </message>
    <message>
      <source>line art and grid</source>
      <translation>Strichzeichnung und Raster</translation>
    </message>
    <message>
      <source>selected element</source>
      <translation>gewähltes Ding</translation>
    </message>
    <message>
      <source>one value step</source>
      <translation>eine Tonstufe</translation>
    </message>
    <message>
      <source>the picture</source>
      <translation>das Bild</translation>
    </message>
    <message>
      <source>one pass, far to near</source>
      <translation>ein Durchgang, von fern nach nah</translation>
    </message>
    <message>
      <source>values up to</source>
      <translation>Töne bis</translation>
    </message>
    <message>
      <source>What is that dark or darker is projected white</source>
      <translation>Was so dunkel oder dunkler ist, wird weiß projiziert</translation>
    </message>
    <message>
      <source> of 5</source>
      <translation> von 5</translation>
    </message>
    <message>
      <source>layer</source>
      <translation>Schicht</translation>
    </message>
    <message>
      <source>What is painted in that layer: 1 the farthest third of elements, 3 the nearest</source>
      <translation>Was in dieser Schicht gemalt wird: 1 das fernste Drittel der Dinge, 3 das nächste</translation>
    </message>
    <message>
      <source> of 3</source>
      <translation> von 3</translation>
    </message>
    <message>
      <source>brightness</source>
      <translation>Helligkeit</translation>
    </message>
    <message>
      <source>Dims the projection, so that the paint can be seen under it</source>
      <translation>Dimmt die Projektion, damit man die Farbe darunter sieht</translation>
    </message>
    <message>
      <source>dark lines on light</source>
      <translation>dunkle Linien auf Hell</translation>
    </message>
    <message>
      <source>For a light ground in a dark room; else light lines on black</source>
      <translation>Für hellen Grund in dunklem Raum; sonst helle Linien auf Schwarz</translation>
    </message>
    <message>
      <source>Project</source>
      <translation>Projizieren</translation>
    </message>
    <message>
      <source>Opens the projector's picture; drag its corners onto the canvas', Esc ends it</source>
      <translation>Öffnet das Bild des Projektors; seine Ecken auf die der Leinwand ziehen, Esc beendet</translation>
    </message>
    <message>
      <source>Project dots</source>
      <translation>Punkte projizieren</translation>
    </message>
    <message>
      <source>A pattern of dots to be photographed: the corners are then found by themselves</source>
      <translation>Ein Punktmuster zum Abfotografieren: die Ecken werden dann von selbst gefunden</translation>
    </message>
    <message>
      <source>Photograph dots</source>
      <translation>Punkte fotografieren</translation>
    </message>
    <message>
      <source>With the simulated camera; with a real projector the photograph is chosen as a file</source>
      <translation>Mit der nachgeahmten Kamera; bei einem wirklichen Projektor wird das Foto als Datei gewählt</translation>
    </message>
    <message>
      <source>Photograph of the dots</source>
      <translation>Foto der Punkte</translation>
    </message>
    <message>
      <source>Pictures (*.jpg *.jpeg *.png *.tif *.heic)</source>
      <translation>Bilder (*.jpg *.jpeg *.png *.tif *.heic)</translation>
    </message>
    <message>
      <source>Projector</source>
      <translation>Projektor</translation>
    </message>
    <message>
      <source>The picture projected onto the canvas, aligned to its corners</source>
      <translation>Das Bild auf die Leinwand projiziert, an ihren Ecken ausgerichtet</translation>
    </message>
    <message>
      <source>The projector was unplugged; nothing is thrown any more.</source>
      <translation>Der Projektor wurde abgezogen; es wird nichts mehr geworfen.</translation>
    </message>
    <message>
      <source>That projector is not connected any more; choose another.</source>
      <translation>Dieser Projektor ist nicht mehr angeschlossen; einen anderen wählen.</translation>
    </message>
    <message>
      <source>The simulated room</source>
      <translation>Der nachgeahmte Raum</translation>
    </message>
    <message>
      <source>Drag each corner onto the canvas' corner; arrows move it by a pixel, Tab takes the next, Esc ends.</source>
      <translation>Jede Ecke auf die Ecke der Leinwand ziehen; Pfeile bewegen sie um einen Bildpunkt, Tab nimmt die nächste, Esc beendet.</translation>
    </message>
    <message>
      <source>Bend</source>
      <translation>Biegen</translation>
    </message>
    <message>
      <source>Set pins on the cut-out and drag one: a neck tilts, an arm sinks, the rest follows stiffly</source>
      <translation>Nadeln auf den Ausschnitt setzen und eine ziehen: ein Hals neigt sich, ein Arm sinkt, der Rest folgt steif</translation>
    </message>
    <message>
      <source>Remove pins</source>
      <translation>Nadeln entfernen</translation>
    </message>
    <message>
      <source>The cut-out is again as photographed</source>
      <translation>Der Ausschnitt ist wieder wie fotografiert</translation>
    </message>
    <message>
      <source>Click sets a pin, drag one to bend: %1 set. Two at least: one holds, one moves. Delete takes the held one out.</source>
      <translation>Ein Klick setzt eine Nadel, ziehen biegt: %1 gesetzt. Mindestens zwei: eine hält, eine bewegt. Entf nimmt die gehaltene heraus.</translation>
    </message>
    <message>
      <source>Cut something out first; then set pins on it.</source>
      <translation>Schneide erst etwas aus; dann setze Nadeln darauf.</translation>
    </message>
    <message>
      <source>Draw a rectangle around the thing</source>
      <translation>Ein Rechteck um das Ding ziehen</translation>
    </message>
    <message>
      <source>Strokes: keep</source>
      <translation>Striche: behalten</translation>
    </message>
    <message>
      <source>Strokes: remove</source>
      <translation>Striche: entfernen</translation>
    </message>
    <message>
      <source>Strokes: clear mark</source>
      <translation>Striche: Markierung löschen</translation>
    </message>
    <message>
      <source>The next points of the thread bend, or make corners</source>
      <translation>Die nächsten Punkte des Fadens biegen oder machen Ecken</translation>
    </message>
    <message>
      <source>The next closed thread takes a hole out</source>
      <translation>Der nächste geschlossene Faden nimmt ein Loch heraus</translation>
    </message>
    <message>
      <source>Follow the edge free hand, button held</source>
      <translation>Der Kante freihändig folgen, Taste gehalten</translation>
    </message>
    <message>
      <source>Take the held point or pin away</source>
      <translation>Den gehaltenen Punkt oder die Nadel wegnehmen</translation>
    </message>
    <message>
      <source>Which picture to work on</source>
      <translation>An welchem Bild gearbeitet wird</translation>
    </message>
    <message>
      <source>Cut</source>
      <translation>Ausschneiden</translation>
    </message>
    <message>
      <source>Mark in and out</source>
      <translation>Innen und außen zeigen</translation>
    </message>
    <message>
      <source>Nothing can be cut from a picture whose file cannot be read.</source>
      <translation>Aus einem Bild, dessen Datei sich nicht lesen lässt, kann nichts geschnitten werden.</translation>
    </message>
    <message>
      <source>Nothing was left to cut out: mark what to keep and what to remove.</source>
      <translation>Es blieb nichts auszuschneiden: markiere, was bleiben und was weg soll.</translation>
    </message>
    <message>
      <source>Cut out</source>
      <translation>Ausschneiden</translation>
    </message>
    <message>
      <source>Place in scene</source>
      <translation>In die Szene setzen</translation>
    </message>
    <message>
      <source>“%1” now stands in the scene, 1.7 m tall. Give it its true height on the Stage (Alt+4).</source>
      <translation>„%1“ steht jetzt in der Szene, 1,7 m groß. Gib ihm seine wahre Höhe im Bildraum (Alt+4).</translation>
    </message>
    <message>
      <source>“%1” now stands in the scene, as tall as it usually is: %2 m.</source>
      <translation>„%1“ steht jetzt in der Szene, so groß wie üblich: %2 m.</translation>
    </message>
    <message>
      <source>soft-edge width</source>
      <translation>Breite der weichen Kante</translation>
    </message>
    <message>
      <source>Width of the soft edge that is worked out. Wider for hair and blurred edges, narrow for crisp ones.</source>
      <translation>Breite der weichen Kante, die errechnet wird. Breiter für Haar und Unschärfe, schmal für scharfe Kanten.</translation>
    </message>
    <message>
      <source>Works out the soft edge from your marks; the photograph itself is never changed (Enter)</source>
      <translation>Errechnet die weiche Kante aus deinen Markierungen; das Foto selbst wird nie geändert (Eingabe)</translation>
    </message>
    <message>
      <source>Cancels the cut; what was cut before stays</source>
      <translation>Bricht den Schnitt ab; was vorher geschnitten war, bleibt</translation>
    </message>
    <message>
      <source>Start over</source>
      <translation>Neu beginnen</translation>
    </message>
    <message>
      <source>Removes outlines, strokes and backgrounds of this picture; the cut-out stays until you cut again</source>
      <translation>Entfernt Umrisse, Striche und Hintergründe dieses Bildes; der Ausschnitt bleibt, bis du neu schneidest</translation>
    </message>
    <message>
      <source>Its name; the same as a cast member's shows that member</source>
      <translation>Sein Name; derselbe wie in der Besetzung zeigt dieses Mitglied</translation>
    </message>
    <message>
      <source>what it is</source>
      <translation>was es ist</translation>
    </message>
    <message>
      <source>Puts the cut-out on the ground of your scene at the height you give it on the Stage</source>
      <translation>Setzt den Ausschnitt auf den Boden der Szene, in der Höhe, die du ihm im Bildraum gibst</translation>
    </message>
    <message>
      <source>Bring in a picture at Gather first.</source>
      <translation>Hole zuerst beim Sammeln ein Bild herein.</translation>
    </message>
    <message>
      <source>The file of “%1” cannot be read: there is nothing to cut from. It comes back by itself, or find it again at Gather.</source>
      <translation>Die Datei von „%1“ lässt sich nicht lesen: es gibt nichts auszuschneiden. Sie kommt von selbst wieder, oder finde sie beim Sammeln.</translation>
    </message>
    <message>
      <source>Following the edge…</source>
      <translation>Der Kante wird gefolgt…</translation>
    </message>
    <message>
      <source>Cut out. Measuring the edge…</source>
      <translation>Ausgeschnitten. Die Kante wird gemessen…</translation>
    </message>
    <message>
      <source>Cut out, soft edge %1 px wide%2. %3</source>
      <translation>Ausgeschnitten, weiche Kante %1 px breit%2. %3</translation>
    </message>
    <message>
      <source> (%1 mm on the canvas)</source>
      <translation> (%1 mm auf der Leinwand)</translation>
    </message>
    <message>
      <source>Outline</source>
      <translation>Umriss</translation>
    </message>
    <message>
      <source>Click an outline along the edge; it snaps onto the picture's own edge</source>
      <translation>Klicke einen Umriss an der Kante entlang; er rastet an der Kante im Bild ein</translation>
    </message>
    <message>
      <source>curved</source>
      <translation>gebogen</translation>
    </message>
    <message>
      <source>The next points bend the thread smoothly; plain ones make corners (C)</source>
      <translation>Die nächsten Punkte biegen den Faden weich; schlichte machen Ecken (C)</translation>
    </message>
    <message>
      <source>a hole</source>
      <translation>ein Loch</translation>
    </message>
    <message>
      <source>The next closed thread takes a hole out (H)</source>
      <translation>Der nächste geschlossene Faden nimmt ein Loch heraus (H)</translation>
    </message>
    <message>
      <source>free hand</source>
      <translation>freihändig</translation>
    </message>
    <message>
      <source>Hold the button and follow the edge; letting go near the start closes the thread (F)</source>
      <translation>Taste halten und der Kante folgen; Loslassen nahe dem Anfang schließt den Faden (F)</translation>
    </message>
    <message>
      <source>snap to edge</source>
      <translation>an Kante einrasten</translation>
    </message>
    <message>
      <source>How far the outline may snap onto the picture's own edge. 0 keeps it as drawn.</source>
      <translation>Wie weit der Umriss an der Kante im Bild einrasten darf. 0 lässt ihn wie gezeichnet.</translation>
    </message>
    <message>
      <source>Drag a point to correct it, click between two to add one, Delete takes the held one away; Enter cuts again.</source>
      <translation>Einen Punkt ziehen, um ihn zu berichtigen, zwischen zweien klicken, um einen einzufügen, Entf nimmt den gehaltenen weg; Eingabe schneidet neu.</translation>
    </message>
    <message>
      <source>Click around the element, roughly along its edge: the thread is pulled onto it. Double-click or Enter closes it and cuts.</source>
      <translation>Um das Ding klicken, ungefähr an seiner Kante entlang: der Faden wird darauf gezogen. Doppelklick oder Eingabe schließt ihn und schneidet.</translation>
    </message>
    <message>
      <source>Brush</source>
      <translation>Pinsel</translation>
    </message>
    <message>
      <source>Draw a rough box, or a few strokes on what to keep and what to remove</source>
      <translation>Zeichne einen groben Rahmen oder ein paar Striche auf das, was bleibt, und das, was weg soll</translation>
    </message>
    <message>
      <source>brush marks</source>
      <translation>Pinselmarken</translation>
    </message>
    <message>
      <source>What the next strokes mark (keys R, I, O, U)</source>
      <translation>Was die nächsten Striche markieren (Tasten R, I, O, U)</translation>
    </message>
    <message>
      <source>a box around it</source>
      <translation>ein Rahmen darum</translation>
    </message>
    <message>
      <source>keep</source>
      <translation>behalten</translation>
    </message>
    <message>
      <source>remove</source>
      <translation>entfernen</translation>
    </message>
    <message>
      <source>clear mark</source>
      <translation>Markierung löschen</translation>
    </message>
    <message>
      <source>Width of the stroke, in pixels of the picture.</source>
      <translation>Breite des Strichs, in Bildpunkten.</translation>
    </message>
    <message>
      <source>Strokes now mark “%1”; each is worked out at once.</source>
      <translation>Striche markieren jetzt „%1“; jeder wird sofort ausgerechnet.</translation>
    </message>
    <message>
      <source>start over with a box</source>
      <translation>mit einem Rahmen neu beginnen</translation>
    </message>
    <message>
      <source>Draw a rectangle around the thing, or strokes on what is surely in and surely out; each stroke is worked out at once.</source>
      <translation>Ein Rechteck um das Ding ziehen, oder Striche auf das, was sicher innen und sicher außen ist; jeder Strich wird sofort ausgerechnet.</translation>
    </message>
    <message>
      <source>Plain background</source>
      <translation>Einfarbiger Hintergrund</translation>
    </message>
    <message>
      <source>Click on the plain ground behind the thing; everything of that colour goes</source>
      <translation>Auf den einfarbigen Grund hinter dem Ding klicken; alles von dieser Farbe geht weg</translation>
    </message>
    <message>
      <source>background reaches</source>
      <translation>Hintergrund reicht</translation>
    </message>
    <message>
      <source>How far the background's colour reaches. Larger removes more shades of it.</source>
      <translation>Wie weit die Farbe des Hintergrunds reicht. Mehr entfernt mehr Abstufungen davon.</translation>
    </message>
    <message>
      <source>Remove last</source>
      <translation>Letzten entfernen</translation>
    </message>
    <message>
      <source>Removes the background clicked last (Backspace)</source>
      <translation>Entfernt den zuletzt geklickten Hintergrund (Rücktaste)</translation>
    </message>
    <message>
      <source>Click on the plain ground behind the thing: %1 so far. Enter cuts.</source>
      <translation>Auf den einfarbigen Grund hinter dem Ding klicken: bisher %1. Eingabe schneidet.</translation>
    </message>
    <message>
      <source>The file of “%1” cannot be read.</source>
      <translation>Die Datei von „%1“ lässt sich nicht lesen.</translation>
    </message>
    <message>
      <source>Reading the picture…</source>
      <translation>Das Bild wird gelesen…</translation>
    </message>
    <message>
      <source>Match</source>
      <translation>Angleichen</translation>
    </message>
    <message>
      <source>Bring black point, white point and cast to those of the backdrop where it stands</source>
      <translation>Schwarzpunkt, Weißpunkt und Farbstich an die des Hintergrunds bringen, wo es steht</translation>
    </message>
    <message>
      <source>Match to backdrop</source>
      <translation>An Hintergrundbild angleichen</translation>
    </message>
    <message>
      <source>Measures both and brings the cut-out to the backdrop at its depth, by the amount beside it</source>
      <translation>Misst beides und bringt den Ausschnitt in seiner Tiefe an den Hintergrund, um den Betrag daneben</translation>
    </message>
    <message>
      <source>amount</source>
      <translation>Betrag</translation>
    </message>
    <message>
      <source>How much of the match is applied. 0 leaves the cut-out as photographed.</source>
      <translation>Wie viel vom Angleichen angewandt wird. 0 lässt den Ausschnitt wie fotografiert.</translation>
    </message>
    <message>
      <source>dim the backdrop by</source>
      <translation>Hintergrund dämpfen um</translation>
    </message>
    <message>
      <source>Takes lightness off the backdrop. A calmer ground lets what stands before it speak.</source>
      <translation>Nimmt dem Hintergrund Helligkeit. Ein ruhigerer Grund lässt sprechen, was davor steht.</translation>
    </message>
    <message>
      <source>Dim the backdrop</source>
      <translation>Den Hintergrund dämpfen</translation>
    </message>
    <message>
      <source>Match it to the backdrop</source>
      <translation>An den Hintergrund angleichen</translation>
    </message>
    <message>
      <source>Stand it in the scene first; then its values can be brought to the backdrop's.</source>
      <translation>Stelle es erst in die Szene; dann lassen sich seine Tonwerte an den Hintergrund bringen.</translation>
    </message>
    <message>
      <source>Measuring…</source>
      <translation>Wird gemessen…</translation>
    </message>
    <message>
      <source>Would be, whole: </source>
      <translation>Wäre, ganz: </translation>
    </message>
    <message>
      <source>darks L* %1 → %2, lights %3 → %4, cast a* %5, b* %6. Values are L* of the cut-out as photographed, before your light falls on it.</source>
      <translation>Dunkel L* %1 → %2, Hell %3 → %4, Stich a* %5, b* %6. Die Werte sind L* des Ausschnitts, wie fotografiert, bevor dein Licht darauf fällt.</translation>
    </message>
    <message>
      <source>Paint out</source>
      <translation>Wegmalen</translation>
    </message>
    <message>
      <source>Brush over a fence or a cable: the hole is filled from what lies around it</source>
      <translation>Über einen Zaun oder ein Kabel streichen: das Loch wird aus dem gefüllt, was ringsum liegt</translation>
    </message>
    <message>
      <source>Fills what you brushed over; the result hangs on the wall beside the original (Enter)</source>
      <translation>Füllt, worüber du gestrichen hast; das Ergebnis hängt neben dem Original an der Wand (Eingabe)</translation>
    </message>
    <message>
      <source>brush</source>
      <translation>Pinsel</translation>
    </message>
    <message>
      <source>Width of the brush that marks what is to go.</source>
      <translation>Breite des Pinsels, der zeigt, was weg soll.</translation>
    </message>
    <message>
      <source>Mark the source</source>
      <translation>Quelle markieren</translation>
    </message>
    <message>
      <source>The brush marks in green where the filling may be taken from, instead of what is to go. Without it is taken from around the hole, from what is of a kind with its rim.</source>
      <translation>Der Pinsel zeigt grün, woher die Füllung genommen werden darf, statt was weg soll. Sonst wird rings um das Loch genommen, von dem, was seinem Rand gleicht.</translation>
    </message>
    <message>
      <source>Clear brush marks</source>
      <translation>Pinselmarken löschen</translation>
    </message>
    <message>
      <source>Removes all brush marks (Esc)</source>
      <translation>Entfernt alle Pinselmarken (Esc)</translation>
    </message>
    <message>
      <source>Cancels; the picture stays as it is</source>
      <translation>Bricht ab; das Bild bleibt, wie es ist</translation>
    </message>
    <message>
      <source>Brush over what is to go first.</source>
      <translation>Streiche erst über das, was weg soll.</translation>
    </message>
    <message>
      <source>There is not enough left around the hole to fill it from.</source>
      <translation>Um das Loch ist nicht genug übrig, um es zu füllen.</translation>
    </message>
    <message>
      <source>Painted out, at full size. The original still hangs on the wall.</source>
      <translation>Ausgemalt, in voller Größe. Das Original hängt noch an der Wand.</translation>
    </message>
    <message>
      <source>Filling the hole from around it, at full size…</source>
      <translation>Das Loch wird von ringsum gefüllt, in voller Größe…</translation>
    </message>
    <message>
      <source>Brush over what is to go, a little beyond its edge. The filled picture hangs beside the original and takes its place as the backdrop; Ctrl+Z takes it back.</source>
      <translation>Streiche über das, was weg soll, ein wenig über seinen Rand hinaus. Das gefüllte Bild hängt neben dem Original und tritt als Hintergrund an seine Stelle; Strg+Z nimmt es zurück.</translation>
    </message>
    <message>
      <source>JPEG, PNG, TIFF, WebP, HEIC, camera raw or SVG; you can also drop files or folders on the wall, or paste (Ctrl+V)</source>
      <translation>JPEG, PNG, TIFF, WebP, HEIC, Kamera-Rohbild oder SVG; auch Dateien oder Ordner auf die Wand fallen lassen oder einfügen (Strg+V)</translation>
    </message>
    <message>
      <source>Import folder…</source>
      <translation>Ordner importieren…</translation>
    </message>
    <message>
      <source>Every picture in a folder at once</source>
      <translation>Alle Bilder eines Ordners auf einmal</translation>
    </message>
    <message>
      <source>Video frame…</source>
      <translation>Einzelbild…</translation>
    </message>
    <message>
      <source>Picks a frame out of a video clip; the sharpest near the moment are offered</source>
      <translation>Nimmt ein Bild aus einem Film; die schärfsten nahe dem Augenblick werden angeboten</translation>
    </message>
    <message>
      <source>Paste</source>
      <translation>Einfügen</translation>
    </message>
    <message>
      <source>Imports the picture that was copied elsewhere</source>
      <translation>Importiert das anderswo kopierte Bild</translation>
    </message>
    <message>
      <source>Import a folder</source>
      <translation>Einen Ordner importieren</translation>
    </message>
    <message>
      <source>A video clip</source>
      <translation>Ein Film</translation>
    </message>
    <message>
      <source>Video clips (*.mp4 *.mov *.mkv *.avi *.webm *.m4v);;All files (*)</source>
      <translation>Filme (*.mp4 *.mov *.mkv *.avi *.webm *.m4v);;Alle Dateien (*)</translation>
    </message>
    <message>
      <source>Note where the still is from</source>
      <translation>Notieren, woher das Standbild ist</translation>
    </message>
    <message>
      <source>There is no picture to paste.</source>
      <translation>Es gibt kein Bild einzufügen.</translation>
    </message>
    <message>
      <source>The ledger of credits</source>
      <translation>Das Verzeichnis der Nachweise</translation>
    </message>
    <message>
      <source>ledger.csv</source>
      <translation>nachweise.csv</translation>
    </message>
    <message>
      <source>Tables (*.csv)</source>
      <translation>Tabellen (*.csv)</translation>
    </message>
    <message numerus="yes">
      <source>Credits of %n pictures exported.</source>
      <translation>
        <numerusform>Nachweis für %n Bild ausgegeben.</numerusform>
        <numerusform>Nachweise für %n Bilder ausgegeben.</numerusform>
      </translation>
    </message>
    <message>
      <source>Lay pictures in a heap</source>
      <translation>Bilder auf einen Stapel legen</translation>
    </message>
    <message>
      <source>Choose the backdrop</source>
      <translation>Den Hintergrund wählen</translation>
    </message>
    <message>
      <source>Find “%1” again</source>
      <translation>„%1“ wiederfinden</translation>
    </message>
    <message>
      <source>Gather</source>
      <translation>Sammeln</translation>
    </message>
    <message>
      <source>Nothing is measured of what cannot be read.</source>
      <translation>An dem, was sich nicht lesen lässt, wird nichts gemessen.</translation>
    </message>
    <message>
      <source>Measuring… %1 to go</source>
      <translation>Wird gemessen… noch %1</translation>
    </message>
    <message>
      <source>Effort to match “%1” (1 = one clear repair)</source>
      <translation>Aufwand zum Angleichen an „%1“ (1 = ein deutlicher Eingriff)</translation>
    </message>
    <message>
      <source>To fit the stage's sun would take</source>
      <translation>Um zur Sonne der Szene zu passen, bräuchte es</translation>
    </message>
    <message>
      <source>whole figure</source>
      <translation>ganze Figur</translation>
    </message>
    <message>
      <source>face</source>
      <translation>Gesicht</translation>
    </message>
    <message>
      <source>pose</source>
      <translation>Haltung</translation>
    </message>
    <message>
      <source>lighting</source>
      <translation>Licht</translation>
    </message>
    <message>
      <source>texture</source>
      <translation>Oberfläche</translation>
    </message>
    <message>
      <source>pattern</source>
      <translation>Muster</translation>
    </message>
    <message>
      <source>palette</source>
      <translation>Palette</translation>
    </message>
    <message>
      <source>place</source>
      <translation>Ort</translation>
    </message>
    <message>
      <source>The wall</source>
      <translation>Die Wand</translation>
    </message>
    <message>
      <source>Pictures, whose they are, what they measure, and which fits</source>
      <translation>Bilder, wessen sie sind, was sie messen, und welches passt</translation>
    </message>
    <message>
      <source>Cut from picture</source>
      <translation>Aus Bild schneiden</translation>
    </message>
    <message>
      <source>Opens it at Cut, to outline something in it</source>
      <translation>Öffnet es beim Ausschneiden, um etwas darin zu umreißen</translation>
    </message>
    <message>
      <source>Backdrop</source>
      <translation>Hintergrund</translation>
    </message>
    <message>
      <source>Lays the whole picture behind the scene; eye level, sky light and ground light follow it</source>
      <translation>Legt das ganze Bild hinter die Szene; Augenhöhe, Himmels- und Bodenlicht richten sich danach</translation>
    </message>
    <message>
      <source>Match others to this</source>
      <translation>Andere daran angleichen</translation>
    </message>
    <message>
      <source>Compares all other pictures with this one instead of the backdrop; click again to stop</source>
      <translation>Vergleicht alle anderen Bilder mit diesem statt mit dem Hintergrundbild; noch ein Klick beendet</translation>
    </message>
    <message>
      <source>Choose the lead picture</source>
      <translation>Das Leitbild wählen</translation>
    </message>
    <message>
      <source>Side by side</source>
      <translation>Nebeneinander</translation>
    </message>
    <message>
      <source>Compares the selected picture with a second one: Ctrl+click that on the wall or in the ranking</source>
      <translation>Vergleicht das gewählte Bild mit einem zweiten: dieses an der Wand oder in der Rangliste mit Strg anklicken</translation>
    </message>
    <message>
      <source>Open as study</source>
      <translation>Als Studie öffnen</translation>
    </message>
    <message>
      <source>Opens it as a work of its own, to study its perspective, values and attention</source>
      <translation>Öffnet es als eigenes Werk, um Perspektive, Helligkeiten und Aufmerksamkeit zu studieren</translation>
    </message>
    <message>
      <source>Removes it from the wall, with what was cut from it</source>
      <translation>Entfernt es von der Wand, mit dem, was daraus geschnitten wurde</translation>
    </message>
    <message>
      <source>Take a picture off the wall</source>
      <translation>Ein Bild von der Wand nehmen</translation>
    </message>
    <message>
      <source>Find picture file…</source>
      <translation>Bilddatei suchen…</translation>
    </message>
    <message>
      <source>Its file cannot be read in this work: choose the picture it was, and it takes its place again</source>
      <translation>Seine Datei lässt sich in diesem Werk nicht lesen: wähle das Bild, das es war, und es nimmt seinen Platz wieder ein</translation>
    </message>
    <message>
      <source>Export credits…</source>
      <translation>Bildnachweise ausgeben…</translation>
    </message>
    <message>
      <source>All credits and permissions as a table (CSV)</source>
      <translation>Alle Nachweise und Genehmigungen als Tabelle (CSV)</translation>
    </message>
    <message>
      <source>Credit a picture</source>
      <translation>Ein Bild nachweisen</translation>
    </message>
    <message>
      <source>who made it</source>
      <translation>wer es machte</translation>
    </message>
    <message>
      <source>Who made the picture: it goes on the finished record</source>
      <translation>Wer das Bild machte: es steht auf dem Begleitblatt des fertigen Bildes</translation>
    </message>
    <message>
      <source>where from</source>
      <translation>woher</translation>
    </message>
    <message>
      <source>Where it was found, to find it again</source>
      <translation>Wo es gefunden wurde, um es wiederzufinden</translation>
    </message>
    <message>
      <source>Names the heap that the chosen pictures lie in; empty takes them out of theirs</source>
      <translation>Benennt den Stapel, in dem die gewählten Bilder liegen; leer nimmt sie heraus</translation>
    </message>
    <message>
      <source>group</source>
      <translation>Gruppe</translation>
    </message>
    <message>
      <source>permission not asked yet</source>
      <translation>Erlaubnis noch nicht erfragt</translation>
    </message>
    <message>
      <source>own</source>
      <translation>eigenes</translation>
    </message>
    <message>
      <source>by permission</source>
      <translation>mit Erlaubnis</translation>
    </message>
    <message>
      <source>free licence</source>
      <translation>freie Lizenz</translation>
    </message>
    <message>
      <source>study only</source>
      <translation>nur Studium</translation>
    </message>
    <message>
      <source>Whether you may use it</source>
      <translation>Ob du es verwenden darfst</translation>
    </message>
    <message>
      <source>Set whether it may be used</source>
      <translation>Setzen, ob es verwendet werden darf</translation>
    </message>
    <message>
      <source>Who gave it, or which licence</source>
      <translation>Wer sie gab, oder welche Lizenz</translation>
    </message>
    <message>
      <source>Set who gave permission</source>
      <translation>Setzen, wer die Erlaubnis gab</translation>
    </message>
    <message>
      <source>of whom, which</source>
      <translation>von wem, welche</translation>
    </message>
    <message>
      <source>Anything worth remembering: “only the hands”</source>
      <translation>Was zu merken ist: „nur die Hände“</translation>
    </message>
    <message>
      <source>Note something about it</source>
      <translation>Etwas dazu notieren</translation>
    </message>
    <message>
      <source>notes</source>
      <translation>Notizen</translation>
    </message>
    <message>
      <source>What this picture is for: %1</source>
      <translation>Wofür dieses Bild ist: %1</translation>
    </message>
    <message>
      <source>Set what a picture is useful for</source>
      <translation>Setzen, wozu ein Bild dient</translation>
    </message>
    <message>
      <source>backdrop's horizon</source>
      <translation>Horizont im Hintergrund</translation>
    </message>
    <message>
      <source>Where the horizon lies in the backdrop, from its top. It is laid on the horizon of your stage.</source>
      <translation>Wo der Horizont im Hintergrund liegt, von oben. Er wird auf den Horizont deiner Szene gelegt.</translation>
    </message>
    <message>
      <source>Set the backdrop's horizon</source>
      <translation>Horizont des Hintergrundbilds setzen</translation>
    </message>
    <message>
      <source>The wall is empty: bring in what you want to paint from.</source>
      <translation>Die Wand ist leer: hole herein, wonach du malen willst.</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt;: its file cannot be read in this work.</source>
      <translation>&lt;b&gt;%1&lt;/b&gt;: seine Datei lässt sich in diesem Werk nicht lesen.</translation>
    </message>
    <message>
      <source>too coarse at %2 cm%3: %1 pixels per cm, %4 needed</source>
      <translation>zu grob bei %2 cm%3: %1 Pixel je cm, %4 nötig</translation>
    </message>
    <message>
      <source>%1 px/cm at %2 cm%3, enough: %4 are wanted</source>
      <translation>%1 px/cm bei %2 cm%3, genug: %4 sind gewünscht</translation>
    </message>
    <message>
      <source> (a guess)</source>
      <translation> (geschätzt)</translation>
    </message>
    <message>
      <source>no daylight colour</source>
      <translation>keine Tageslichtfarbe</translation>
    </message>
    <message>
      <source>sure</source>
      <translation>sicher</translation>
    </message>
    <message>
      <source>likely</source>
      <translation>wahrscheinlich</translation>
    </message>
    <message>
      <source>a guess</source>
      <translation>geschätzt</translation>
    </message>
    <message>
      <source>light direction: unclear, no figure found</source>
      <translation>Lichtrichtung: unklar, keine Figur gefunden</translation>
    </message>
    <message>
      <source>light direction: unclear (too even to read)</source>
      <translation>Lichtrichtung: unklar (zu gleichmäßig)</translation>
    </message>
    <message>
      <source>light from %1°%5, %2° %3 – %4</source>
      <translation>Licht aus %1°%5, %2° %3 – %4</translation>
    </message>
    <message>
      <source>from behind</source>
      <translation>von hinten</translation>
    </message>
    <message>
      <source>towards you</source>
      <translation>zu dir her</translation>
    </message>
    <message>
      <source> ± %1°</source>
      <translation> ± %1°</translation>
    </message>
    <message>
      <source>softness: unclear</source>
      <translation>Weichheit: unklar</translation>
    </message>
    <message>
      <source>softness %1 % (0 hard sun, 100 overcast)</source>
      <translation>Weichheit %1 % (0 harte Sonne, 100 bedeckt)</translation>
    </message>
    <message>
      <source>light %1, shade %2</source>
      <translation>Licht %1, Schatten %2</translation>
    </message>
    <message>
      <source>values %1 to %2 (0 black, 100 white)</source>
      <translation>Helligkeit %1 bis %2 (0 Schwarz, 100 Weiß)</translation>
    </message>
    <message>
      <source>edges %1, grain L* %2</source>
      <translation>Kanten %1, Korn L* %2</translation>
    </message>
    <message>
      <source>too few</source>
      <translation>zu wenig</translation>
    </message>
    <message>
      <source>eye level: too few straight lines</source>
      <translation>Augenhöhe: zu wenige gerade Linien</translation>
    </message>
    <message>
      <source>eye level %1 % from its top</source>
      <translation>Augenhöhe %1 % von oben</translation>
    </message>
    <message>
      <source>Pin it on the wall</source>
      <translation>An die Wand hängen</translation>
    </message>
    <message>
      <source>no credit yet</source>
      <translation>noch kein Nachweis</translation>
    </message>
    <message>
      <source>missing</source>
      <translation>fehlt</translation>
    </message>
    <message>
      <source>backdrop</source>
      <translation>Hintergrund</translation>
    </message>
    <message>
      <source>lead</source>
      <translation>Leitbild</translation>
    </message>
    <message>
      <source>twin</source>
      <translation>Zwilling</translation>
    </message>
    <message>
      <source>would take %1 to fit, most of it %2</source>
      <translation>bräuchte %1, um zu passen, davon das meiste %2</translation>
    </message>
    <message>
      <source>nothing</source>
      <translation>nichts</translation>
    </message>
    <message>
      <source>Correct these readings…</source>
      <translation>Diese Messwerte berichtigen…</translation>
    </message>
    <message>
      <source>Where you know better than the measurement</source>
      <translation>Wo du es besser weißt als die Messung</translation>
    </message>
    <message>
      <source>the light comes from</source>
      <translation>das Licht kommt von</translation>
    </message>
    <message>
      <source>In the picture, counter-clockwise from the right: 90 = from above.</source>
      <translation>Im Bild, gegen den Uhrzeigersinn von rechts: 90 = von oben.</translation>
    </message>
    <message>
      <source>Towards you; negative = from behind.</source>
      <translation>Zu dir her; negativ = von hinten.</translation>
    </message>
    <message>
      <source> up</source>
      <translation> hoch</translation>
    </message>
    <message>
      <source>its shade holds</source>
      <translation>sein Schatten hält</translation>
    </message>
    <message>
      <source>0 = one hard light, 100 = light from everywhere.</source>
      <translation>0 = ein hartes Licht, 100 = Licht von überall.</translation>
    </message>
    <message>
      <source> % of the light</source>
      <translation> % des Lichts</translation>
    </message>
    <message>
      <source>its light is</source>
      <translation>sein Licht hat</translation>
    </message>
    <message>
      <source>Colour temperature: 2000 candle, 5500 sun, 9000 shade.</source>
      <translation>Farbtemperatur: 2000 Kerze, 5500 Sonne, 9000 Schatten.</translation>
    </message>
    <message>
      <source>its eye level lies</source>
      <translation>seine Augenhöhe liegt</translation>
    </message>
    <message>
      <source>Where the horizon would be in the picture.</source>
      <translation>Wo der Horizont im Bild läge.</translation>
    </message>
    <message>
      <source> % from its top</source>
      <translation> % von oben</translation>
    </message>
    <message>
      <source>Your word counts in place of what was measured</source>
      <translation>Dein Wort gilt anstelle des Gemessenen</translation>
    </message>
    <message>
      <source>Set the picture's light</source>
      <translation>Licht des Bildes setzen</translation>
    </message>
    <message>
      <source>Air</source>
      <translation>Luft</translation>
    </message>
    <message>
      <source>Haze, mist, beams, wet ground, darkening outwards, dust and rain</source>
      <translation>Dunst, Nebel, Strahlen, nasser Boden, Abdunkeln zum Rand, Staub und Regen</translation>
    </message>
    <message>
      <source>haze: half contrast at</source>
      <translation>Dunst: halber Kontrast bei</translation>
    </message>
    <message>
      <source>Distance at which the air halves contrast. 0 is perfectly clear. The line on the plan is the same: drag it.</source>
      <translation>Entfernung, in der die Luft den Kontrast halbiert. 0 ist völlig klar. Die Linie im Plan ist dasselbe: ziehen.</translation>
    </message>
    <message>
      <source>clear</source>
      <translation>klar</translation>
    </message>
    <message>
      <source>thins over</source>
      <translation>verdünnt über</translation>
    </message>
    <message>
      <source>Height at which haze has thinned to a third. 0 leaves it alike at every height.</source>
      <translation>Höhe, in der der Dunst auf ein Drittel verdünnt ist. 0 lässt ihn in jeder Höhe gleich.</translation>
    </message>
    <message>
      <source>Set the haze's height</source>
      <translation>Die Höhe des Dunsts einstellen</translation>
    </message>
    <message>
      <source>nowhere</source>
      <translation>nirgends</translation>
    </message>
    <message>
      <source>glow</source>
      <translation>Schein</translation>
    </message>
    <message>
      <source>Veil of light round lanterns.</source>
      <translation>Lichtschleier um Laternen.</translation>
    </message>
    <message>
      <source>Set the glow</source>
      <translation>Den Schein einstellen</translation>
    </message>
    <message>
      <source>beams</source>
      <translation>Strahlen</translation>
    </message>
    <message>
      <source>Beams of light in the haze, cut out by what stands in their way. Slow; wants hazy air.</source>
      <translation>Lichtstrahlen im Dunst, ausgeschnitten von dem, was im Weg steht. Langsam; braucht dunstige Luft.</translation>
    </message>
    <message>
      <source>Set the beams</source>
      <translation>Die Strahlen einstellen</translation>
    </message>
    <message>
      <source>rainbow</source>
      <translation>Regenbogen</translation>
    </message>
    <message>
      <source>Paints both bows into the rain, beyond 60 m, opposite the sun. Sky arcs, at Sun and sky, shows where it can stand and why not.</source>
      <translation>Malt beide Bögen in den Regen, jenseits von 60 m, der Sonne gegenüber. Himmelsbögen, bei Sonne und Himmel, zeigt, wo er stehen kann und warum nicht.</translation>
    </message>
    <message>
      <source>Paint a rainbow</source>
      <translation>Einen Regenbogen malen</translation>
    </message>
    <message>
      <source>halo</source>
      <translation>Halo</translation>
    </message>
    <message>
      <source>Paints the ring of 22° that ice in thin cloud draws round the sun.</source>
      <translation>Malt den Ring von 22°, den Eis in dünnen Wolken um die Sonne zieht.</translation>
    </message>
    <message>
      <source>Paint a halo</source>
      <translation>Einen Halo malen</translation>
    </message>
    <message>
      <source>wet ground</source>
      <translation>nasser Boden</translation>
    </message>
    <message>
      <source>How wet the ground is. Wet ground mirrors what stands on it and draws lights towards you.</source>
      <translation>Wie nass der Boden ist. Nasser Boden spiegelt, was darauf steht, und zieht Lichter zu dir her.</translation>
    </message>
    <message>
      <source>Wet the ground</source>
      <translation>Den Boden nässen</translation>
    </message>
    <message>
      <source>dust</source>
      <translation>Staub</translation>
    </message>
    <message>
      <source>sparks</source>
      <translation>Funken</translation>
    </message>
    <message>
      <source>rain</source>
      <translation>Regen</translation>
    </message>
    <message>
      <source>in the air</source>
      <translation>in der Luft</translation>
    </message>
    <message>
      <source>Small things in the air that take the light</source>
      <translation>Kleine Dinge in der Luft, die das Licht fangen</translation>
    </message>
    <message>
      <source>Fill the air</source>
      <translation>Die Luft füllen</translation>
    </message>
    <message>
      <source>How much of it there is.</source>
      <translation>Wie viel davon da ist.</translation>
    </message>
    <message>
      <source>Set how much is in the air</source>
      <translation>Einstellen, wie viel in der Luft ist</translation>
    </message>
    <message>
      <source>darken away from focus</source>
      <translation>zum Rand hin abdunkeln</translation>
    </message>
    <message>
      <source>How far the sky's light falls off away from the focal place. Lanterns out there still shine.</source>
      <translation>Wie weit das Himmelslicht vom Blickpunkt weg abfällt. Laternen dort draußen leuchten weiter.</translation>
    </message>
    <message>
      <source>Let the light fall off</source>
      <translation>Das Licht abfallen lassen</translation>
    </message>
    <message>
      <source>beyond</source>
      <translation>jenseits von</translation>
    </message>
    <message>
      <source>Full light up to here. 100 % is from the middle of the canvas to its corner.</source>
      <translation>Volles Licht bis hierher. 100 % ist von der Mitte der Leinwand bis zu ihrer Ecke.</translation>
    </message>
    <message>
      <source>Set how far full light reaches</source>
      <translation>Einstellen, wie weit volles Licht reicht</translation>
    </message>
    <message>
      <source>Focal place…</source>
      <translation>Blickpunkt…</translation>
    </message>
    <message>
      <source>Click where the light should stay full; it falls off away from there</source>
      <translation>Anklicken, wo das Licht voll bleiben soll; von dort weg fällt es ab</translation>
    </message>
    <message>
      <source>Add mist</source>
      <translation>Nebel hinzufügen</translation>
    </message>
    <message>
      <source>Adds a sheet of mist behind the selected element</source>
      <translation>Legt eine Nebelbank hinter das gewählte Ding</translation>
    </message>
    <message>
      <source>mist</source>
      <translation>Nebel</translation>
    </message>
    <message>
      <source>The selected sheet of mist</source>
      <translation>Die gewählte Nebelbank</translation>
    </message>
    <message>
      <source>at</source>
      <translation>bei</translation>
    </message>
    <message>
      <source>Distance at which this sheet of mist lies.</source>
      <translation>Entfernung, in der diese Nebelbank liegt.</translation>
    </message>
    <message>
      <source>Move the mist</source>
      <translation>Den Nebel verschieben</translation>
    </message>
    <message>
      <source>hides</source>
      <translation>verbirgt</translation>
    </message>
    <message>
      <source>What it hides where it lies thickest.</source>
      <translation>Was sie verbirgt, wo sie am dichtesten liegt.</translation>
    </message>
    <message>
      <source>Thicken the mist</source>
      <translation>Den Nebel verdichten</translation>
    </message>
    <message>
      <source>Height at which it has thinned to a third.</source>
      <translation>Höhe, in der er auf ein Drittel verdünnt ist.</translation>
    </message>
    <message>
      <source>Raise the mist</source>
      <translation>Den Nebel heben</translation>
    </message>
    <message>
      <source>Remove mist</source>
      <translation>Nebel entfernen</translation>
    </message>
    <message>
      <source>Removes this sheet of mist</source>
      <translation>Entfernt diese Nebelbank</translation>
    </message>
    <message>
      <source>mist %1</source>
      <translation>Nebel %1</translation>
    </message>
    <message>
      <source>Lay a sheet of mist</source>
      <translation>Eine Nebelbank legen</translation>
    </message>
    <message>
      <source>Lift a sheet of mist</source>
      <translation>Eine Nebelbank wegnehmen</translation>
    </message>
    <message>
      <source>Click where the light should stay full.</source>
      <translation>Anklicken, wo das Licht voll bleiben soll.</translation>
    </message>
    <message>
      <source>Set the focal place</source>
      <translation>Den Blickpunkt setzen</translation>
    </message>
    <message>
      <source>Contrast is halved at %1 m and quartered at %2 m.</source>
      <translation>Der Kontrast ist bei %1 m halbiert und bei %2 m geviertelt.</translation>
    </message>
    <message>
      <source>The air is clear: far things are as dark and as coloured as near ones.</source>
      <translation>Die Luft ist klar: Fernes ist so dunkel und so farbig wie Nahes.</translation>
    </message>
    <message>
      <source>Click round the part.</source>
      <translation>Um den Teil klicken.</translation>
    </message>
    <message>
      <source>A part needs three points or more, on the selected element.</source>
      <translation>Ein Teil braucht drei Punkte oder mehr, auf dem gewählten Ding.</translation>
    </message>
    <message>
      <source>Outline a part</source>
      <translation>Einen Teil umreißen</translation>
    </message>
    <message>
      <source>Click along the ridge.</source>
      <translation>Am Grat entlang klicken.</translation>
    </message>
    <message>
      <source>A ridge needs two points or more, on the selected element.</source>
      <translation>Ein Grat braucht zwei Punkte oder mehr, auf dem gewählten Ding.</translation>
    </message>
    <message>
      <source>Draw a ridge</source>
      <translation>Einen Grat zeichnen</translation>
    </message>
    <message>
      <source>Click the middle of an eye; Esc when there are no more.</source>
      <translation>Die Mitte eines Auges anklicken; Esc, wenn es keine mehr gibt.</translation>
    </message>
    <message>
      <source>Place an eye</source>
      <translation>Ein Auge setzen</translation>
    </message>
    <message>
      <source>Form</source>
      <translation>Form</translation>
    </message>
    <message>
      <source>How the selected element takes light: form, surface, parts, eyes</source>
      <translation>Wie das gewählte Ding Licht annimmt: Form, Oberfläche, Teile, Augen</translation>
    </message>
    <message>
      <source>rounded</source>
      <translation>gerundet</translation>
    </message>
    <message>
      <source>ball</source>
      <translation>Kugel</translation>
    </message>
    <message>
      <source>column</source>
      <translation>Säule</translation>
    </message>
    <message>
      <source>slab</source>
      <translation>Platte</translation>
    </message>
    <message>
      <source>flat card</source>
      <translation>flache Karte</translation>
    </message>
    <message>
      <source>corner</source>
      <translation>Ecke</translation>
    </message>
    <message>
      <source>ground</source>
      <translation>Boden</translation>
    </message>
    <message>
      <source>form</source>
      <translation>Form</translation>
    </message>
    <message>
      <source>What form its relief takes: it decides how light turns across it</source>
      <translation>Welche Form sein Relief annimmt: sie bestimmt, wie Licht darüber wandert</translation>
    </message>
    <message>
      <source>Choose its form</source>
      <translation>Seine Form wählen</translation>
    </message>
    <message>
      <source>matt</source>
      <translation>matt</translation>
    </message>
    <message>
      <source>satin</source>
      <translation>seidenmatt</translation>
    </message>
    <message>
      <source>wet</source>
      <translation>nass</translation>
    </message>
    <message>
      <source>glowing</source>
      <translation>leuchtend</translation>
    </message>
    <message>
      <source>glass</source>
      <translation>Glas</translation>
    </message>
    <message>
      <source>lacquer</source>
      <translation>Lack</translation>
    </message>
    <message>
      <source>thin</source>
      <translation>dünn</translation>
    </message>
    <message>
      <source>surface</source>
      <translation>Oberfläche</translation>
    </message>
    <message>
      <source>How its surface takes light. A glowing one lights what is around it; light comes through a thin one</source>
      <translation>Wie seine Oberfläche Licht nimmt. Eine leuchtende beleuchtet ihre Umgebung; durch eine dünne kommt Licht</translation>
    </message>
    <message>
      <source>Choose its surface</source>
      <translation>Seine Oberfläche wählen</translation>
    </message>
    <message>
      <source>remove photo's light</source>
      <translation>Licht des Fotos abnehmen</translation>
    </message>
    <message>
      <source>How much of the photograph's own light is taken off this element. 0 is as photographed.</source>
      <translation>Wie viel vom eigenen Licht des Fotos diesem Ding genommen wird. 0 ist wie fotografiert.</translation>
    </message>
    <message>
      <source>Take its own light off</source>
      <translation>Sein eigenes Licht nehmen</translation>
    </message>
    <message>
      <source>lets through</source>
      <translation>lässt durch</translation>
    </message>
    <message>
      <source>Share of the light that comes through a thin thing.</source>
      <translation>Anteil des Lichts, der durch ein dünnes Ding kommt.</translation>
    </message>
    <message>
      <source>Let light through</source>
      <translation>Licht durchlassen</translation>
    </message>
    <message>
      <source>glows</source>
      <translation>leuchtet</translation>
    </message>
    <message>
      <source>How strongly a glowing thing shines.</source>
      <translation>Wie stark ein leuchtendes Ding leuchtet.</translation>
    </message>
    <message>
      <source>Set its glow</source>
      <translation>Sein Leuchten einstellen</translation>
    </message>
    <message>
      <source>edge fuzz</source>
      <translation>Flaum am Rand</translation>
    </message>
    <message>
      <source>Hair, fur or cloth fuzz at its edge that catches light from behind, on the side it comes from.</source>
      <translation>Haar, Fell oder Tuchflaum am Rand, der Licht von hinten fängt, auf der Seite, von der es kommt.</translation>
    </message>
    <message>
      <source>Give its edge fuzz</source>
      <translation>Seinem Rand Flaum geben</translation>
    </message>
    <message>
      <source>fuzz is long</source>
      <translation>Flaum ist lang</translation>
    </message>
    <message>
      <source>How far the fuzz stands off, on the thing itself: a felt hat some 2 mm, a fur collar 3 cm. The bright edge is as wide.</source>
      <translation>Wie weit der Flaum absteht, am Ding selbst: ein Filzhut etwa 2 mm, ein Pelzkragen 3 cm. So breit ist der helle Rand.</translation>
    </message>
    <message>
      <source>Set how long its fuzz is</source>
      <translation>Einstellen, wie lang sein Flaum ist</translation>
    </message>
    <message>
      <source>Light as photographed</source>
      <translation>Licht wie fotografiert</translation>
    </message>
    <message>
      <source>Shows everything in the light it was photographed in, and back again (A)</source>
      <translation>Zeigt alles in dem Licht, in dem es fotografiert wurde, und zurück (A)</translation>
    </message>
    <message>
      <source>part</source>
      <translation>Teil</translation>
    </message>
    <message>
      <source>The whole relief, or its selected part</source>
      <translation>Das ganze Relief oder sein gewählter Teil</translation>
    </message>
    <message>
      <source>the whole</source>
      <translation>das Ganze</translation>
    </message>
    <message>
      <source>part %1</source>
      <translation>Teil %1</translation>
    </message>
    <message>
      <source>its form</source>
      <translation>seine Form</translation>
    </message>
    <message>
      <source>A form of this part's own, or the form that is there</source>
      <translation>Eine eigene Form dieses Teils, oder die, die da ist</translation>
    </message>
    <message>
      <source>Give the part a form</source>
      <translation>Dem Teil eine Form geben</translation>
    </message>
    <message>
      <source>turn right</source>
      <translation>nach rechts drehen</translation>
    </message>
    <message>
      <source>Turns the face of this part to the right.</source>
      <translation>Dreht die Fläche dieses Teils nach rechts.</translation>
    </message>
    <message>
      <source>Tilt the part</source>
      <translation>Den Teil neigen</translation>
    </message>
    <message>
      <source>tilt up</source>
      <translation>nach oben neigen</translation>
    </message>
    <message>
      <source>Turns the face of this part upwards.</source>
      <translation>Dreht die Fläche dieses Teils nach oben.</translation>
    </message>
    <message>
      <source>Rounder or flatter than it is. 1 leaves it.</source>
      <translation>Runder oder flacher, als er ist. 1 lässt ihn.</translation>
    </message>
    <message>
      <source>Puff the part</source>
      <translation>Den Teil wölben</translation>
    </message>
    <message>
      <source>Outline a part…</source>
      <translation>Einen Teil umreißen…</translation>
    </message>
    <message>
      <source>Click round a part of the selected element; Enter closes it. It then takes a form of its own</source>
      <translation>Um einen Teil des gewählten Dings klicken; Eingabe schließt. Er bekommt dann eine eigene Form</translation>
    </message>
    <message>
      <source>Ridge line…</source>
      <translation>Gratlinie…</translation>
    </message>
    <message>
      <source>Click along an edge of the form, a nose or a fold; Enter ends it</source>
      <translation>An einer Kante der Form entlang klicken, einer Nase, einer Falte; Eingabe beendet</translation>
    </message>
    <message>
      <source>ridge height</source>
      <translation>Höhe des Grats</translation>
    </message>
    <message>
      <source>How steeply the surface stands up along the next ridge. Less than nothing sinks it in.</source>
      <translation>Wie steil die Fläche an der nächsten Gratlinie aufsteht. Unter null sinkt sie ein.</translation>
    </message>
    <message>
      <source>ridge width</source>
      <translation>Gratbreite</translation>
    </message>
    <message>
      <source>How far the flanks of the next ridge reach.</source>
      <translation>Wie weit die Flanken der nächsten Gratlinie reichen.</translation>
    </message>
    <message>
      <source>Eye…</source>
      <translation>Auge…</translation>
    </message>
    <message>
      <source>Click the middle of an eye: lights show in it as catch-lights, where the ball faces them</source>
      <translation>Die Mitte eines Auges anklicken: Lichter zeigen sich darin als Glanzpunkte, wo die Kugel ihnen zugewandt ist</translation>
    </message>
    <message>
      <source>Remove part</source>
      <translation>Teil entfernen</translation>
    </message>
    <message>
      <source>Removes the selected part, or the newest ridge or eye</source>
      <translation>Entfernt den gewählten Teil oder den jüngsten Grat, das jüngste Auge</translation>
    </message>
    <message>
      <source>Take a part of the relief away</source>
      <translation>Einen Teil des Reliefs wegnehmen</translation>
    </message>
    <message>
      <source>Click an element in the picture to shape how it takes light.</source>
      <translation>Ein Ding im Bild anklicken, um zu formen, wie es Licht nimmt.</translation>
    </message>
    <message>
      <source>%1 is a stand-in: it has no light of its own.</source>
      <translation>%1 ist ein Stellvertreter: er hat kein eigenes Licht.</translation>
    </message>
    <message>
      <source>The light of %1 is being read off its photograph…</source>
      <translation>Das Licht von %1 wird aus seinem Foto gelesen…</translation>
    </message>
    <message>
      <source>%1 shows no clear light side: the light's direction cannot be measured.</source>
      <translation>%1 zeigt keine klare Lichtseite: die Lichtrichtung lässt sich nicht messen.</translation>
    </message>
    <message>
      <source>%1 was lit from %2° ± %5°, %3° up towards you (confidence %4).</source>
      <translation>%1 war beleuchtet von %2° ± %5°, %3° zu dir her (Sicherheit %4).</translation>
    </message>
    <message>
      <source>Lanterns of one group are switched and dimmed together</source>
      <translation>Laternen einer Gruppe werden zusammen geschaltet und gedämpft</translation>
    </message>
    <message>
      <source>in no group</source>
      <translation>in keiner Gruppe</translation>
    </message>
    <message>
      <source>new group…</source>
      <translation>neue Gruppe…</translation>
    </message>
    <message>
      <source>group burns</source>
      <translation>Gruppe brennt</translation>
    </message>
    <message>
      <source>Puts the whole group out or lights it again</source>
      <translation>Löscht die ganze Gruppe oder entzündet sie wieder</translation>
    </message>
    <message>
      <source>Light the group</source>
      <translation>Die Gruppe entzünden</translation>
    </message>
    <message>
      <source>Put the group out</source>
      <translation>Die Gruppe löschen</translation>
    </message>
    <message>
      <source>Dims or raises the whole group on top of each lantern's own strength.</source>
      <translation>Dämpft oder hebt die ganze Gruppe, über die Stärke jeder Laterne hinaus.</translation>
    </message>
    <message>
      <source>Dim the group</source>
      <translation>Die Gruppe dämpfen</translation>
    </message>
    <message>
      <source>Name the lantern</source>
      <translation>Die Laterne benennen</translation>
    </message>
    <message>
      <source>A new light group</source>
      <translation>Eine neue Lichtgruppe</translation>
    </message>
    <message>
      <source>harbour lights</source>
      <translation>Hafenlichter</translation>
    </message>
    <message>
      <source>Put it in a light group</source>
      <translation>In eine Lichtgruppe setzen</translation>
    </message>
    <message>
      <source>Lanterns</source>
      <translation>Laternen</translation>
    </message>
    <message>
      <source>Flames, panels and swarms: colour, strength, softness, groups</source>
      <translation>Flammen, Flächen und Schwärme: Farbe, Stärke, Weichheit, Gruppen</translation>
    </message>
    <message>
      <source>lantern</source>
      <translation>Laterne</translation>
    </message>
    <message>
      <source>The selected lantern; you can also click it in the top view or in the picture</source>
      <translation>Die gewählte Laterne; auch in der Draufsicht oder im Bild anzuklicken</translation>
    </message>
    <message>
      <source>Add lantern</source>
      <translation>Laterne hinzufügen</translation>
    </message>
    <message>
      <source>Adds another lantern beside the selected element (L)</source>
      <translation>Fügt neben dem gewählten Ding noch eine Laterne hinzu (L)</translation>
    </message>
    <message>
      <source>Puts this lantern out or lights it again</source>
      <translation>Löscht diese Laterne oder entzündet sie wieder</translation>
    </message>
    <message>
      <source>Light the lantern</source>
      <translation>Die Laterne entzünden</translation>
    </message>
    <message>
      <source>Put the lantern out</source>
      <translation>Die Laterne löschen</translation>
    </message>
    <message>
      <source>seen</source>
      <translation>sichtbar</translation>
    </message>
    <message>
      <source>Shows its own brightness in the picture. Unseen it still lights, as from outside the frame.</source>
      <translation>Zeigt ihre eigene Helligkeit im Bild. Unsichtbar leuchtet sie weiter, wie von außerhalb.</translation>
    </message>
    <message>
      <source>Show the lantern</source>
      <translation>Die Laterne zeigen</translation>
    </message>
    <message>
      <source>Hide the lantern</source>
      <translation>Die Laterne verbergen</translation>
    </message>
    <message>
      <source>Only this one</source>
      <translation>Nur diese</translation>
    </message>
    <message>
      <source>Shows the picture with this lantern alone, to see what it does; nothing is changed</source>
      <translation>Zeigt das Bild mit dieser Laterne allein, um zu sehen, was sie tut; nichts wird geändert</translation>
    </message>
    <message>
      <source>Name…</source>
      <translation>Benennen…</translation>
    </message>
    <message>
      <source>Names the selected lantern</source>
      <translation>Benennt die gewählte Laterne</translation>
    </message>
    <message>
      <source>Removes the selected lantern</source>
      <translation>Entfernt die gewählte Laterne</translation>
    </message>
    <message>
      <source>Remove a lantern</source>
      <translation>Eine Laterne entfernen</translation>
    </message>
    <message>
      <source>flame</source>
      <translation>Flamme</translation>
    </message>
    <message>
      <source>swarm</source>
      <translation>Schwarm</translation>
    </message>
    <message>
      <source>type</source>
      <translation>Art</translation>
    </message>
    <message>
      <source>A flame is small and round; a panel is a window or a sign and shines to one side; a swarm is many small lights</source>
      <translation>Eine Flamme ist klein und rund; eine Fläche ist ein Fenster oder Schild und leuchtet zu einer Seite; ein Schwarm sind viele kleine Lichter</translation>
    </message>
    <message>
      <source>Make it something else</source>
      <translation>Etwas anderes daraus machen</translation>
    </message>
    <message>
      <source>colour</source>
      <translation>Farbe</translation>
    </message>
    <message>
      <source>Colour temperature of the lantern. A flame is near 1900 K, a bulb 2700 K.</source>
      <translation>Farbtemperatur der Laterne. Eine Flamme hat etwa 1900 K, eine Glühlampe 2700 K.</translation>
    </message>
    <message>
      <source>Colour the lantern</source>
      <translation>Die Laterne färben</translation>
    </message>
    <message>
      <source>hue</source>
      <translation>Farbton</translation>
    </message>
    <message>
      <source>Hue of the light, for what no flame gives. 30 is orange, 150 green, 280 blue; the lowest value goes by temperature.</source>
      <translation>Farbton des Lichts, für das, was keine Flamme gibt. 30 ist orange, 150 grün, 280 blau; der kleinste Wert geht nach Temperatur.</translation>
    </message>
    <message>
      <source>from temperature</source>
      <translation>nach Temperatur</translation>
    </message>
    <message>
      <source>strength</source>
      <translation>Stärke</translation>
    </message>
    <message>
      <source>Brightness of this light. 1 × is as bright as full key light at its reach.</source>
      <translation>Helligkeit dieses Lichts. 1 × ist in seiner Reichweite so hell wie volles Führungslicht.</translation>
    </message>
    <message>
      <source>Set the lantern's strength</source>
      <translation>Die Stärke der Laterne einstellen</translation>
    </message>
    <message>
      <source>brightness in stops</source>
      <translation>Helligkeit in Blenden</translation>
    </message>
    <message>
      <source>The same strength in stops over full key light. Each stop doubles it.</source>
      <translation>Dieselbe Stärke in Blendenstufen über vollem Hauptlicht. Jede Stufe verdoppelt sie.</translation>
    </message>
    <message>
      <source>white card shows</source>
      <translation>weiße Karte zeigt</translation>
    </message>
    <message>
      <source>How light a white card looks, held up to this lantern where the selected element stands.</source>
      <translation>Wie hell eine weiße Karte wirkt, die am gewählten Ding dieser Laterne entgegengehalten wird.</translation>
    </message>
    <message>
      <source>reach</source>
      <translation>Reichweite</translation>
    </message>
    <message>
      <source>Distance at which it gives a white card L* 50. The ring on the plan is the same: drag it.</source>
      <translation>Entfernung, in der sie einer weißen Karte L* 50 gibt. Der Ring im Plan ist dasselbe: ziehen.</translation>
    </message>
    <message>
      <source>softness</source>
      <translation>Weichheit</translation>
    </message>
    <message>
      <source>Radius of what shines. A small one throws hard shadows, a large one soft ones.</source>
      <translation>Radius dessen, was leuchtet. Kleines wirft harte Schatten, Großes weiche.</translation>
    </message>
    <message>
      <source>wide</source>
      <translation>breit</translation>
    </message>
    <message>
      <source>Width of the panel or of the swarm.</source>
      <translation>Breite der Fläche oder des Schwarms.</translation>
    </message>
    <message>
      <source>Size the lantern</source>
      <translation>Die Größe der Laterne einstellen</translation>
    </message>
    <message>
      <source>high</source>
      <translation>hoch</translation>
    </message>
    <message>
      <source>Height of the panel or of the swarm.</source>
      <translation>Höhe der Fläche oder des Schwarms.</translation>
    </message>
    <message>
      <source>deep</source>
      <translation>tief</translation>
    </message>
    <message>
      <source>Depth of the swarm.</source>
      <translation>Tiefe des Schwarms.</translation>
    </message>
    <message>
      <source>faces</source>
      <translation>blickt</translation>
    </message>
    <message>
      <source>Where the panel shines to, seen from above. 180 to the viewer, 90 to the right, 0 away.</source>
      <translation>Wohin die Fläche leuchtet, von oben gesehen. 180 zum Betrachter, 90 nach rechts, 0 weg.</translation>
    </message>
    <message>
      <source>lights</source>
      <translation>Lichter</translation>
    </message>
    <message>
      <source>How many lights the swarm has.</source>
      <translation>Wie viele Lichter der Schwarm hat.</translation>
    </message>
    <message>
      <source>Count the swarm</source>
      <translation>Den Schwarm zählen</translation>
    </message>
    <message>
      <source>inside</source>
      <translation>innerhalb von</translation>
    </message>
    <message>
      <source>Hangs inside this element: it shines out through it and is not shadowed by it</source>
      <translation>Hängt in diesem Ding: sie scheint durch es hinaus und wird von ihm nicht beschattet</translation>
    </message>
    <message>
      <source>the open</source>
      <translation>im Freien</translation>
    </message>
    <message>
      <source>Hang it inside</source>
      <translation>Hineinhängen</translation>
    </message>
    <message>
      <source>Hang it free</source>
      <translation>Frei hängen</translation>
    </message>
    <message>
      <source>Lantern %1</source>
      <translation>Laterne %1</translation>
    </message>
    <message>
      <source>Hang a lantern</source>
      <translation>Eine Laterne aufhängen</translation>
    </message>
    <message>
      <source>No lantern hangs here yet: hang one, then carry it about on the plan, from the side or in the picture.</source>
      <translation>Hier hängt noch keine Laterne: hänge eine auf und trage sie dann im Plan, von der Seite oder im Bild umher.</translation>
    </message>
    <message>
      <source>%1: %2 m %3, %4 m high, %5 m away; %6.</source>
      <translation>%1: %2 m %3, %4 m hoch, %5 m weg; %6.</translation>
    </message>
    <message>
      <source>reaches %1 first, %2 m off, at %3 × key</source>
      <translation>erreicht zuerst %1, %2 m entfernt, mit %3 × Hauptlicht</translation>
    </message>
    <message>
      <source>reaches nothing</source>
      <translation>erreicht nichts</translation>
    </message>
    <message>
      <source>left / right</source>
      <translation>links / rechts</translation>
    </message>
    <message>
      <source>To the right of the middle of the picture; less than nothing: to the left.</source>
      <translation>Rechts von der Mitte des Bildes; unter null: links.</translation>
    </message>
    <message>
      <source>up</source>
      <translation>hoch</translation>
    </message>
    <message>
      <source>Over the ground.</source>
      <translation>Über dem Boden.</translation>
    </message>
    <message>
      <source>away</source>
      <translation>weg</translation>
    </message>
    <message>
      <source>From the viewer.</source>
      <translation>Vom Betrachter.</translation>
    </message>
    <message>
      <source>attached to</source>
      <translation>befestigt an</translation>
    </message>
    <message>
      <source>Moves, turns, grows and mirrors with this thing: a hand, a mast, a window. Dragged away from it, it hangs by itself again.</source>
      <translation>Bewegt, dreht, wächst und spiegelt sich mit diesem Ding: einer Hand, einem Mast, einem Fenster. Weggezogen hängt sie wieder für sich.</translation>
    </message>
    <message>
      <source>Tie the lantern to it</source>
      <translation>Die Laterne daran binden</translation>
    </message>
    <message>
      <source>Untie the lantern</source>
      <translation>Die Laterne lösen</translation>
    </message>
    <message>
      <source>Carry the lantern 10 cm left</source>
      <translation>Die Laterne 10 cm nach links tragen</translation>
    </message>
    <message>
      <source>Carry the lantern 10 cm right</source>
      <translation>Die Laterne 10 cm nach rechts tragen</translation>
    </message>
    <message>
      <source>Carry the lantern 10 cm up</source>
      <translation>Die Laterne 10 cm hinauf tragen</translation>
    </message>
    <message>
      <source>Carry the lantern 10 cm down</source>
      <translation>Die Laterne 10 cm hinunter tragen</translation>
    </message>
    <message>
      <source>Carry the lantern 10 cm away</source>
      <translation>Die Laterne 10 cm weiter weg tragen</translation>
    </message>
    <message>
      <source>Carry the lantern 10 cm nearer</source>
      <translation>Die Laterne 10 cm näher tragen</translation>
    </message>
    <message>
      <source>Hang another lantern</source>
      <translation>Noch eine Laterne aufhängen</translation>
    </message>
    <message>
      <source>Show the form zones, and back</source>
      <translation>Die Formzonen zeigen, und zurück</translation>
    </message>
    <message>
      <source>Show everything as photographed, and back</source>
      <translation>Alles wie fotografiert zeigen, und zurück</translation>
    </message>
    <message>
      <source>Light</source>
      <translation>Beleuchtung</translation>
    </message>
    <message>
      <source>Sun and sky</source>
      <translation>Sonne und Himmel</translation>
    </message>
    <message>
      <source>Sun or moon, sky light and reflected light</source>
      <translation>Sonne oder Mond, Himmelslicht und Reflexlicht</translation>
    </message>
    <message>
      <source>Sun</source>
      <translation>Sonne</translation>
    </message>
    <message>
      <source>One far light: sun or moon. Carry it round the plan and up the side view.</source>
      <translation>Ein fernes Licht: Sonne oder Mond. Im Plan herum und in der Seitenansicht hinauf tragen.</translation>
    </message>
    <message>
      <source>Light the sun</source>
      <translation>Die Sonne entzünden</translation>
    </message>
    <message>
      <source>Put the sun out</source>
      <translation>Die Sonne löschen</translation>
    </message>
    <message>
      <source>Strength of the sun. 1 is full key light on a white card facing it.</source>
      <translation>Stärke der Sonne. 1 ist volles Hauptlicht auf einer weißen Karte, die ihr zugewandt ist.</translation>
    </message>
    <message>
      <source>Set the sun's strength</source>
      <translation>Die Stärke der Sonne einstellen</translation>
    </message>
    <message>
      <source>Colour temperature of the sun. 2000 K red at the horizon, 5500 K by day, 9000 K cold.</source>
      <translation>Farbtemperatur der Sonne. 2000 K rot am Horizont, 5500 K bei Tag, 9000 K kalt.</translation>
    </message>
    <message>
      <source>Colour the sun</source>
      <translation>Die Sonne färben</translation>
    </message>
    <message>
      <source>width</source>
      <translation>Breite</translation>
    </message>
    <message>
      <source>How wide the sun is. 0.5° in clear air; wider gives softer shadows.</source>
      <translation>Wie breit die Sonne ist. 0,5° in klarer Luft; breiter gibt weichere Schatten.</translation>
    </message>
    <message>
      <source>Set the sun's width</source>
      <translation>Die Breite der Sonne einstellen</translation>
    </message>
    <message>
      <source>begin with</source>
      <translation>beginnen mit</translation>
    </message>
    <message>
      <source>A height, colour and strength to begin with; the side the light comes from stays</source>
      <translation>Höhe, Farbe und Stärke zum Beginnen; die Seite, von der das Licht kommt, bleibt</translation>
    </message>
    <message>
      <source>time of day…</source>
      <translation>Tageszeit…</translation>
    </message>
    <message>
      <source>Begin with %1</source>
      <translation>Mit %1 beginnen</translation>
    </message>
    <message>
      <source>sky fill</source>
      <translation>Himmelsfüllung</translation>
    </message>
    <message>
      <source>How much sky light fills the shade. 1 is as the backdrop has it.</source>
      <translation>Wie viel Himmelslicht die Schatten füllt. 1 ist wie im Hintergrund.</translation>
    </message>
    <message>
      <source>Set the sky's fill</source>
      <translation>Die Füllung des Himmels einstellen</translation>
    </message>
    <message>
      <source>exposure</source>
      <translation>Belichtung</translation>
    </message>
    <message>
      <source>Exposure of the whole picture. One stop doubles the light.</source>
      <translation>Belichtung des ganzen Bildes. Eine Blende verdoppelt das Licht.</translation>
    </message>
    <message>
      <source>Set the exposure</source>
      <translation>Die Belichtung einstellen</translation>
    </message>
    <message>
      <source>deeper darks</source>
      <translation>tiefere Dunkel</translation>
    </message>
    <message>
      <source>Brings darks back that the air has made pale, as deep as paint can go; middles and lights stay.</source>
      <translation>Holt Dunkel zurück, die die Luft blass gemacht hat, so tief wie Farbe reicht; Mitten und Lichter bleiben.</translation>
    </message>
    <message>
      <source>Deepen the darks</source>
      <translation>Die Dunkel vertiefen</translation>
    </message>
    <message>
      <source>backdrop light on edges</source>
      <translation>Hintergrundlicht auf Kanten</translation>
    </message>
    <message>
      <source>Backdrop light falling into edges. It binds a thing to its place; none makes it look stuck on.</source>
      <translation>Licht des Hintergrunds, das in die Kanten fällt. Es bindet ein Ding an seinen Platz; ohne wirkt es aufgeklebt.</translation>
    </message>
    <message>
      <source>Set the spill</source>
      <translation>Das Licht in den Kanten einstellen</translation>
    </message>
    <message>
      <source>reflected light</source>
      <translation>Reflexlicht</translation>
    </message>
    <message>
      <source>Light reflected by the ground and by large neighbours, in their colour.</source>
      <translation>Licht, das Boden und große Nachbarn in ihrer Farbe zurückwerfen.</translation>
    </message>
    <message>
      <source>Set reflected light</source>
      <translation>Reflexlicht einstellen</translation>
    </message>
    <message>
      <source>sun already in photo</source>
      <translation>Sonne schon im Foto</translation>
    </message>
    <message>
      <source>Sunlight that the backdrop's ground already shows. It is taken off before yours is laid on, so that nothing is lit twice and a shadow cast there is as dark as its own.</source>
      <translation>Sonnenlicht, das der Boden des Hintergrunds schon zeigt. Es wird abgenommen, bevor deines dazukommt, damit nichts zweimal beleuchtet ist und ein Schatten dort so dunkel wird wie seine eigenen.</translation>
    </message>
    <message>
      <source>Set the backdrop's own sun</source>
      <translation>Eigene Sonne des Hintergrundbilds setzen</translation>
    </message>
    <message>
      <source>Same sun as mine</source>
      <translation>Dieselbe Sonne wie meine</translation>
    </message>
    <message>
      <source>The backdrop was photographed in this sun: its ground comes as photographed, and stronger suns add to it</source>
      <translation>Der Hintergrund wurde in dieser Sonne fotografiert: sein Boden kommt wie fotografiert, und stärkere Sonnen kommen dazu</translation>
    </message>
    <message>
      <source>Count the sun as the backdrop's own</source>
      <translation>Die Sonne als die des Hintergrunds zählen</translation>
    </message>
    <message>
      <source>Rainbow and halo…</source>
      <translation>Regenbogen und Halo…</translation>
    </message>
    <message>
      <source>Where this sun can put a rainbow, a halo or its path on water, and where shafts and shadows meet; or why it cannot</source>
      <translation>Wo diese Sonne einen Regenbogen, einen Halo oder ihren Weg aufs Wasser setzen kann, und wo Strahlen und Schatten zusammenlaufen; oder warum nicht</translation>
    </message>
    <message>
      <source>The sun stands %1° round (0 ahead, 90 right, 180 behind you) and %2° high.</source>
      <translation>Die Sonne steht %1° herum (0 voraus, 90 rechts, 180 hinter dir) und %2° hoch.</translation>
    </message>
    <message>
      <source>No sun: light the sun, or work with the sky and lanterns alone.</source>
      <translation>Keine Sonne: entzünde sie, oder arbeite mit Himmel und Laternen allein.</translation>
    </message>
    <message>
      <source>A rainbow can stand here: red outside at 42°, its top %1° over the horizon; a fainter second one at 50° with its colours the other way round, and a darker sky between them. </source>
      <translation>Hier kann ein Regenbogen stehen: außen rot bei 42°, sein Scheitel %1° über dem Horizont; ein schwächerer zweiter bei 50° mit umgekehrten Farben, und dunklerer Himmel dazwischen. </translation>
    </message>
    <message>
      <source>A halo can stand 22° round the sun, if there is thin high cloud. </source>
      <translation>Ein Halo kann 22° um die Sonne stehen, bei dünnen hohen Wolken. </translation>
    </message>
    <message>
      <source>Shafts and shadows meet at the sun; on water its path leads to you.</source>
      <translation>Strahlen und Schatten laufen an der Sonne zusammen; auf Wasser führt ihr Weg zu dir.</translation>
    </message>
    <message>
      <source>Shafts and shadows run together towards the point opposite the sun.</source>
      <translation>Strahlen und Schatten laufen zum Punkt gegenüber der Sonne zusammen.</translation>
    </message>
    <message>
      <source>Its lights above, its shades below, for mixing: lights %1 b* %2 than the shades.</source>
      <translation>Oben seine Lichter, unten seine Schatten, zum Mischen: Lichter %1 b* %2 als die Schatten.</translation>
    </message>
    <message>
      <source>warmer</source>
      <translation>wärmer</translation>
    </message>
    <message>
      <source>cooler</source>
      <translation>kühler</translation>
    </message>
    <message>
      <source>L* %1</source>
      <translation>L* %1</translation>
    </message>
    <message>
      <source>Light study</source>
      <translation>Lichtstudie</translation>
    </message>
    <message>
      <source>Form zones, the selected element's light, colours to mix, sheets for the easel</source>
      <translation>Formzonen, das Licht des gewählten Dings, Farben zum Mischen, Bögen für die Staffelei</translation>
    </message>
    <message>
      <source>Form zones</source>
      <translation>Formzonen</translation>
    </message>
    <message>
      <source>Light, halftone, core shadow, reflected light, cast shadow and contact shadow as a map of greys (Z)</source>
      <translation>Licht, Halbton, Kernschatten, Reflexlicht, Schlagschatten und Kontaktschatten als Karte aus Graus (Z)</translation>
    </message>
    <message>
      <source>zones</source>
      <translation>Zonen</translation>
    </message>
    <message>
      <source>Zones of form. 2: light and shadow side; 3: halftone; 4: reflected light; 5: cast shadow; 6: contact shadow.</source>
      <translation>Zonen der Form. 2: Licht- und Schattenseite; 3: Halbton; 4: Reflexlicht; 5: Schlagschatten; 6: Kontaktschatten.</translation>
    </message>
    <message>
      <source>Measure selected</source>
      <translation>Auswahl messen</translation>
    </message>
    <message>
      <source>Measures the selected element: light as photographed, as planned, as now, and how well it fits in; its light and shadow sides as strips</source>
      <translation>Misst das gewählte Ding: Licht wie fotografiert, wie geplant, wie jetzt, und wie gut es sich einfügt; Licht- und Schattenseite als Streifen</translation>
    </message>
    <message>
      <source>Colours to mix…</source>
      <translation>Farben zum Mischen…</translation>
    </message>
    <message>
      <source>Writes the light and shade colours of every element as a table for mixing</source>
      <translation>Schreibt die Licht- und Schattenfarben jedes Dings als Tabelle zum Mischen</translation>
    </message>
    <message>
      <source>Colours to mix</source>
      <translation>Farben zum Mischen</translation>
    </message>
    <message>
      <source>Study sheets…</source>
      <translation>Studienbögen…</translation>
    </message>
    <message>
      <source>Writes sheets to hang beside the easel: plan, values, form zones, and where each element's light is</source>
      <translation>Schreibt Bögen für neben die Staffelei: Plan, Tonwerte, Formzonen, und wo das Licht jedes Dings ist</translation>
    </message>
    <message>
      <source>Light study sheets</source>
      <translation>Bögen zur Lichtstudie</translation>
    </message>
    <message>
      <source>Sheets (*.pdf)</source>
      <translation>Bögen (*.pdf)</translation>
    </message>
    <message>
      <source>Measuring the light of every element…</source>
      <translation>Das Licht jedes Dings wird gemessen…</translation>
    </message>
    <message>
      <source>The study was cancelled.</source>
      <translation>Die Studie wurde abgebrochen.</translation>
    </message>
    <message>
      <source>Written: %1</source>
      <translation>Geschrieben: %1</translation>
    </message>
    <message>
      <source>unclear</source>
      <translation>unklar</translation>
    </message>
    <message>
      <source>%1°, %2° up</source>
      <translation>%1°, %2° hoch</translation>
    </message>
    <message>
      <source>, %1 % soft</source>
      <translation>, %1 % weich</translation>
    </message>
    <message>
      <source>, %1 K</source>
      <translation>, %1 K</translation>
    </message>
    <message>
      <source>Measure selected compares the selected element's light: as photographed, as planned and as it is now.</source>
      <translation>Auswahl messen vergleicht das Licht des gewählten Dings: wie fotografiert, wie geplant und wie jetzt.</translation>
    </message>
    <message>
      <source>Looking at it…</source>
      <translation>Wird betrachtet…</translation>
    </message>
    <message>
      <source>It cannot be seen well enough to measure.</source>
      <translation>Es ist nicht gut genug zu sehen, um zu messen.</translation>
    </message>
    <message>
      <source>Photographed %1. Planned %2. Now %3. Pasted in: %4 of 100%5.</source>
      <translation>Fotografiert %1. Geplant %2. Jetzt %3. Eingeklebt: %4 von 100%5.</translation>
    </message>
    <message>
      <source>Paint box</source>
      <translation>Farbkasten</translation>
    </message>
    <message>
      <source>The tubes at hand: what they are, what is left; which few of them reach this picture best</source>
      <translation>Die Tuben zur Hand: was sie sind, was übrig ist; welche wenigen dieses Bild am besten erreichen</translation>
    </message>
    <message>
      <source>Starter set</source>
      <translation>Grundausstattung</translation>
    </message>
    <message>
      <source>Twelve usual tubes to begin with; change them to your own</source>
      <translation>Zwölf übliche Tuben zum Beginnen; ändere sie in deine</translation>
    </message>
    <message>
      <source>Take a first box</source>
      <translation>Einen ersten Kasten nehmen</translation>
    </message>
    <message>
      <source>box</source>
      <translation>Kasten</translation>
    </message>
    <message>
      <source>Which box this work is mixed from</source>
      <translation>Aus welchem Kasten dieses Werk gemischt wird</translation>
    </message>
    <message>
      <source>Take another box</source>
      <translation>Einen anderen Kasten nehmen</translation>
    </message>
    <message>
      <source>its name</source>
      <translation>sein Name</translation>
    </message>
    <message>
      <source>What you call this box</source>
      <translation>Wie du diesen Kasten nennst</translation>
    </message>
    <message>
      <source>Name the box</source>
      <translation>Den Kasten benennen</translation>
    </message>
    <message>
      <source>heavy acrylic</source>
      <translation>pastoses Acryl</translation>
    </message>
    <message>
      <source>fluid acrylic</source>
      <translation>flüssiges Acryl</translation>
    </message>
    <message>
      <source>matt acrylic gouache</source>
      <translation>matte Acrylgouache</translation>
    </message>
    <message>
      <source>What its tubes are bound in: how long it stays open, how it dries, what goes over what</source>
      <translation>Worin seine Tuben gebunden sind: wie lange es offen bleibt, wie es trocknet, was worüber geht</translation>
    </message>
    <message>
      <source>Set the medium</source>
      <translation>Malmittel setzen</translation>
    </message>
    <message>
      <source>put in a tube</source>
      <translation>Tube hineinlegen</translation>
    </message>
    <message>
      <source>A tube by the name of its pigment, as printed on it</source>
      <translation>Eine Tube nach dem Namen ihres Pigments, wie er aufgedruckt ist</translation>
    </message>
    <message>
      <source>choose…</source>
      <translation>wählen…</translation>
    </message>
    <message>
      <source>Put in a tube</source>
      <translation>Eine Tube hineinlegen</translation>
    </message>
    <message>
      <source>New box</source>
      <translation>Neuer Kasten</translation>
    </message>
    <message>
      <source>An empty box beside this one, for another medium or another room</source>
      <translation>Ein leerer Kasten neben diesem, für ein anderes Malmittel oder einen anderen Raum</translation>
    </message>
    <message>
      <source>selected tube</source>
      <translation>gewählte Tube</translation>
    </message>
    <message>
      <source>What you call it; empty: its usual name</source>
      <translation>Wie du sie nennst; leer: ihr üblicher Name</translation>
    </message>
    <message>
      <source>Name the tube</source>
      <translation>Die Tube benennen</translation>
    </message>
    <message>
      <source>use in this painting</source>
      <translation>in diesem Bild verwenden</translation>
    </message>
    <message>
      <source>Used for this work; else it stays in the box</source>
      <translation>Für dieses Werk benutzt; sonst bleibt sie im Kasten</translation>
    </message>
    <message>
      <source>Put it on the palette</source>
      <translation>Auf die Palette legen</translation>
    </message>
    <message>
      <source>Leave it in the box</source>
      <translation>Im Kasten lassen</translation>
    </message>
    <message>
      <source>How much is left in it</source>
      <translation>Wie viel noch darin ist</translation>
    </message>
    <message>
      <source>Set what is left</source>
      <translation>Rest setzen</translation>
    </message>
    <message>
      <source>of</source>
      <translation>von</translation>
    </message>
    <message>
      <source>How much a full one holds</source>
      <translation>Wie viel eine volle fasst</translation>
    </message>
    <message>
      <source>Set its size</source>
      <translation>Größe setzen</translation>
    </message>
    <message>
      <source>price</source>
      <translation>Preis</translation>
    </message>
    <message>
      <source>Of a full tube, in your own money; 0: none</source>
      <translation>Einer vollen Tube, in deinem Geld; 0: keiner</translation>
    </message>
    <message>
      <source>Set its price</source>
      <translation>Preis setzen</translation>
    </message>
    <message>
      <source> a tube</source>
      <translation> je Tube</translation>
    </message>
    <message>
      <source>Remove tube</source>
      <translation>Tube entfernen</translation>
    </message>
    <message>
      <source>The selected tube leaves the box (Ctrl+Z puts it back)</source>
      <translation>Die gewählte Tube verlässt den Kasten (Strg+Z legt sie zurück)</translation>
    </message>
    <message>
      <source>Take a tube out</source>
      <translation>Eine Tube herausnehmen</translation>
    </message>
    <message>
      <source>How many tubes you want to take along</source>
      <translation>Wie viele Tuben du mitnehmen willst</translation>
    </message>
    <message>
      <source> tubes</source>
      <translation> Tuben</translation>
    </message>
    <message>
      <source>Find best tubes</source>
      <translation>Beste Tuben suchen</translation>
    </message>
    <message>
      <source>Weighs sets of so many tubes of this box against the picture's puddles; a few seconds</source>
      <translation>Wägt Sätze von so vielen Tuben dieses Kastens gegen die Kleckse des Bildes ab; ein paar Sekunden</translation>
    </message>
    <message>
      <source>Cancels</source>
      <translation>Bricht ab</translation>
    </message>
    <message>
      <source>Keep only these</source>
      <translation>Nur diese behalten</translation>
    </message>
    <message>
      <source>Only the best set stays in the palette of this work</source>
      <translation>Nur der beste Satz bleibt auf der Palette dieses Werks</translation>
    </message>
    <message>
      <source>Take these tubes</source>
      <translation>Diese Tuben nehmen</translation>
    </message>
    <message>
      <source>Weighing sets of %1 tubes…</source>
      <translation>Sätze von %1 Tuben werden abgewogen…</translation>
    </message>
    <message>
      <source>%1 (without it %2 %)</source>
      <translation>%1 (ohne sie %2 %)</translation>
    </message>
    <message>
      <source>%1: %2. Within 2 %3E %4 %, 4: %5 %, 8: &lt;b&gt;%6 %&lt;/b&gt; of the canvas.&lt;br&gt;</source>
      <translation>%1: %2. Innerhalb 2 %3E %4 %, 4: %5 %, 8: &lt;b&gt;%6 %&lt;/b&gt; der Leinwand.&lt;br&gt;</translation>
    </message>
    <message>
      <source>else</source>
      <translation>sonst</translation>
    </message>
    <message>
      <source>&lt;b&gt;best&lt;/b&gt;</source>
      <translation>&lt;b&gt;am besten&lt;/b&gt;</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt;: %2, lightfastness %3%4; %5.</source>
      <translation>&lt;b&gt;%1&lt;/b&gt;: %2, Lichtechtheit %3%4; %5.</translation>
    </message>
    <message>
      <source> (fades)</source>
      <translation> (verblasst)</translation>
    </message>
    <message>
      <source>Recipes are made from the tubes you have: take a first box, or put in your own.</source>
      <translation>Rezepte entstehen aus den Tuben, die du hast: nimm einen ersten Kasten, oder lege deine eigenen hinein.</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1 of %2 tubes&lt;/b&gt; on the palette, %3.</source>
      <translation>&lt;b&gt;%1 von %2 Tuben&lt;/b&gt; auf der Palette, %3.</translation>
    </message>
    <message>
      <source> %1 left out: what it mixes to cannot be computed.</source>
      <translation> %1 ausgelassen: wozu es mischt, lässt sich nicht berechnen.</translation>
    </message>
    <message>
      <source>The next darker puddle</source>
      <translation>Der nächstdunklere Klecks</translation>
    </message>
    <message>
      <source>The next lighter puddle</source>
      <translation>Der nächsthellere Klecks</translation>
    </message>
    <message>
      <source>Recipes for the light side of the selected element</source>
      <translation>Rezepte für die Lichtseite des gewählten Dings</translation>
    </message>
    <message>
      <source>Recipes for the shadow side of the selected element</source>
      <translation>Rezepte für die Schattenseite des gewählten Dings</translation>
    </message>
    <message>
      <source>The board shows the plan, these paints, what is lost, the map</source>
      <translation>Die Bildtafel zeigt den Plan, diese Farben, was verloren geht, die Karte</translation>
    </message>
    <message>
      <source>Mix</source>
      <translation>Farbmischung</translation>
    </message>
    <message>
      <source>show</source>
      <translation>zeigen</translation>
    </message>
    <message>
      <source>The plan; the plan as these paints can reach it; what is lost; or the recipe map with its numbers</source>
      <translation>Den Plan; den Plan, wie diese Farben ihn erreichen; was verloren geht; oder die Rezeptkarte mit ihren Nummern</translation>
    </message>
    <message>
      <source>the plan</source>
      <translation>der Plan</translation>
    </message>
    <message>
      <source>these paints</source>
      <translation>diese Farben</translation>
    </message>
    <message>
      <source>what is lost</source>
      <translation>was verloren geht</translation>
    </message>
    <message>
      <source>the recipe map</source>
      <translation>die Rezeptkarte</translation>
    </message>
    <message>
      <source>Compare with plan</source>
      <translation>Mit dem Plan vergleichen</translation>
    </message>
    <message>
      <source>Lays the plan over what the board shows, parted by a sash to push across; Esc ends it</source>
      <translation>Legt den Plan über das, was die Bildtafel zeigt, durch eine Leiste geteilt, die sich schieben lässt; Esc beendet</translation>
    </message>
    <message>
      <source>the backdrop</source>
      <translation>der Hintergrund</translation>
    </message>
    <message>
      <source>light of %1</source>
      <translation>Licht: %1</translation>
    </message>
    <message>
      <source>shade of %1</source>
      <translation>Schatten: %1</translation>
    </message>
    <message>
      <source>%1 and %2 more</source>
      <translation>%1 und %2 weitere</translation>
    </message>
    <message>
      <source>%1 cm from the left, %2 cm down</source>
      <translation>%1 cm von links, %2 cm von oben</translation>
    </message>
    <message>
      <source>puddle %1, %2</source>
      <translation>Klecks %1, %2</translation>
    </message>
    <message>
      <source>Glazes</source>
      <translation>Lasuren</translation>
    </message>
    <message>
      <source>What a glaze does over what is there, how many coats, what must go under; light strokes over dark</source>
      <translation>Was eine Lasur über Vorhandenem bewirkt, wie viele Schichten, was darunter muss; helle Striche über Dunkel</translation>
    </message>
    <message>
      <source>over</source>
      <translation>über</translation>
    </message>
    <message>
      <source>What lies there already</source>
      <translation>Was dort schon liegt</translation>
    </message>
    <message>
      <source>the toned ground</source>
      <translation>der getönte Grund</translation>
    </message>
    <message>
      <source>white</source>
      <translation>Weiß</translation>
    </message>
    <message>
      <source>wet coat thickness</source>
      <translation>Dicke des nassen Anstrichs</translation>
    </message>
    <message>
      <source>How thick a coat is when wet; brushed glazes are 20 to 60 µm</source>
      <translation>Wie dick eine Schicht nass ist; gestrichene Lasuren haben 20 bis 60 µm</translation>
    </message>
    <message>
      <source>Parts of clear medium to one part of paint</source>
      <translation>Teile klaren Malmittels auf einen Teil Farbe</translation>
    </message>
    <message>
      <source> parts</source>
      <translation> Teile</translation>
    </message>
    <message>
      <source>touch-dry in</source>
      <translation>grifftrocken in</translation>
    </message>
    <message>
      <source>Before the next coat</source>
      <translation>Vor der nächsten Schicht</translation>
    </message>
    <message>
      <source>How wide a light stroke over the dark is, for fur, grass and hatching</source>
      <translation>Wie breit ein heller Strich über dem Dunkel ist, für Fell, Gras und Schraffur</translation>
    </message>
    <message>
      <source>painted in</source>
      <translation>gemalt in</translation>
    </message>
    <message>
      <source>What lies there is painted in: whether your medium may go over it, and why</source>
      <translation>Worin das Liegende gemalt ist: ob dein Malmittel darüber darf, und warum</translation>
    </message>
    <message>
      <source>Click the picture for the colour you want over it.</source>
      <translation>Klicke im Bild die Farbe an, die du darüber willst.</translation>
    </message>
    <message>
      <source>Glazing…</source>
      <translation>Es wird lasiert…</translation>
    </message>
    <message>
      <source>wanted over there</source>
      <translation>dort darüber gewünscht</translation>
    </message>
    <message>
      <source>above the wanted colour, below what lies there</source>
      <translation>über der gewünschten Farbe, unter dem, was dort liegt</translation>
    </message>
    <message numerus="yes">
      <source>%n coats</source>
      <translation>
        <numerusform>%n Anstrich</numerusform>
        <numerusform>%n Anstriche</numerusform>
      </translation>
    </message>
    <message>
      <source>, %1 h, %2E %3, %4 % still shows, brush marks %5 %2E</source>
      <translation>, %1 h, %2E %3, %4 % scheint noch durch, Pinselspuren %5 %2E</translation>
    </message>
    <message numerus="yes">
      <source>; %n coats of white first</source>
      <translation>
        <numerusform>; erst %n Anstrich Weiß</numerusform>
        <numerusform>; erst %n Anstriche Weiß</numerusform>
      </translation>
    </message>
    <message>
      <source>last coat</source>
      <translation>letzte Schicht</translation>
    </message>
    <message>
      <source>first coat</source>
      <translation>erste Schicht</translation>
    </message>
    <message>
      <source>%1 over %2</source>
      <translation>%1 über %2</translation>
    </message>
    <message>
      <source> %1: %2.</source>
      <translation> %1: %2.</translation>
    </message>
    <message>
      <source> &lt;b&gt;Not %1&lt;/b&gt;: %2.</source>
      <translation> &lt;b&gt;Nicht %1&lt;/b&gt;: %2.</translation>
    </message>
    <message>
      <source> Thinned with water alone, as your school has it, %1 parts to one are over a third: the film grows weak; two thinner coats, or a glazing medium.</source>
      <translation> Nur mit Wasser verdünnt, wie es deine Schule will, sind %1 Teile auf einen über ein Drittel: der Film wird schwach; zwei dünnere Schichten, oder ein Lasurmittel.</translation>
    </message>
    <message>
      <source>Which colour, how many coats, and what must go under it.</source>
      <translation>Welche Farbe, wie viele Schichten, und was darunter muss.</translation>
    </message>
    <message numerus="yes">
      <source>&lt;b&gt;%1, %n coats&lt;/b&gt;</source>
      <translation>
        <numerusform>&lt;b&gt;%1, %n Anstrich&lt;/b&gt;</numerusform>
        <numerusform>&lt;b&gt;%1, %n Anstriche&lt;/b&gt;</numerusform>
      </translation>
    </message>
    <message>
      <source> comes nearest and misses by %1 %2E: paint it opaque instead.</source>
      <translation> kommt am nächsten und verfehlt um %1 %2E: lieber deckend malen.</translation>
    </message>
    <message>
      <source> come within %1 %2E.</source>
      <translation> kommen auf %1 %2E heran.</translation>
    </message>
    <message>
      <source> Or strokes of puddle %6 over it: %1 % covered, %2 a cm, %3 mm between; from %4 m the eye %5.</source>
      <translation> Oder Striche von Klecks %6 darüber: %1 % gedeckt, %2 je cm, %3 mm dazwischen; aus %4 m %5 das Auge.</translation>
    </message>
    <message>
      <source>mixes them</source>
      <translation>mischt sie</translation>
    </message>
    <message>
      <source>still sees them (%1′)</source>
      <translation>sieht sie noch (%1′)</translation>
    </message>
    <message>
      <source>The palette</source>
      <translation>Die Palette</translation>
    </message>
    <message>
      <source>%1 (%2), %3 of %4 ml left%5</source>
      <translation>%1 (%2), %3 von %4 ml übrig%5</translation>
    </message>
    <message>
      <source>; stays in the box</source>
      <translation>; bleibt im Kasten</translation>
    </message>
    <message>
      <source>%1: %2, %3. %4</source>
      <translation>%1: %2, %3. %4</translation>
    </message>
    <message>
      <source>Mixing…</source>
      <translation>Es wird gemischt…</translation>
    </message>
    <message>
      <source>No paints yet: choose a starter set on the page Paint box.</source>
      <translation>Noch keine Farben: wähle auf der Seite Farbkasten eine Grundausstattung.</translation>
    </message>
    <message>
      <source>cool</source>
      <translation>kühl</translation>
    </message>
    <message>
      <source>warm</source>
      <translation>warm</translation>
    </message>
    <message>
      <source>Puddles</source>
      <translation>Kleckse</translation>
    </message>
    <message>
      <source>The whole canvas in a chosen number of mixes, how much of each, what runs out</source>
      <translation>Die ganze Leinwand in einer gewählten Zahl von Mischungen, wie viel von jeder, was ausgeht</translation>
    </message>
    <message>
      <source>canvas in</source>
      <translation>Leinwand in</translation>
    </message>
    <message>
      <source>How many mixes for the whole canvas, 8 to 40</source>
      <translation>Wie viele Mischungen für die ganze Leinwand, 8 bis 40</translation>
    </message>
    <message>
      <source>Mix so many puddles</source>
      <translation>So viele Kleckse mischen</translation>
    </message>
    <message>
      <source> puddles</source>
      <translation> Klecksen</translation>
    </message>
    <message>
      <source>How often all of it is painted over</source>
      <translation>Wie oft alles davon übermalt wird</translation>
    </message>
    <message>
      <source>Plan the coats</source>
      <translation>Die Schichten planen</translation>
    </message>
    <message>
      <source>wet film</source>
      <translation>nasser Film</translation>
    </message>
    <message>
      <source>How thick a coat is laid: 1 µm is 1 ml on a square metre</source>
      <translation>Wie dick eine Schicht liegt: 1 µm ist 1 ml auf einem Quadratmeter</translation>
    </message>
    <message>
      <source>Plan the film</source>
      <translation>Den Film planen</translation>
    </message>
    <message>
      <source>loss</source>
      <translation>Verlust</translation>
    </message>
    <message>
      <source>What stays on palette and brush, of what reaches the canvas</source>
      <translation>Was auf Palette und Pinsel bleibt, von dem, was die Leinwand erreicht</translation>
    </message>
    <message>
      <source>Plan the loss</source>
      <translation>Den Verlust planen</translation>
    </message>
    <message>
      <source>open time</source>
      <translation>offene Zeit</translation>
    </message>
    <message>
      <source>How long the paint can be moved: longer with a retarder or misting</source>
      <translation>Wie lange sich die Farbe bewegen lässt: länger mit Verzögerer oder Besprühen</translation>
    </message>
    <message>
      <source>Set the open time</source>
      <translation>Offene Zeit setzen</translation>
    </message>
    <message>
      <source>pace</source>
      <translation>Tempo</translation>
    </message>
    <message>
      <source>How many cm of a passage you lay and blend in a minute</source>
      <translation>Wie viele cm eines Verlaufs du in einer Minute legst und verziehst</translation>
    </message>
    <message>
      <source>Set your pace</source>
      <translation>Tempo setzen</translation>
    </message>
    <message>
      <source> cm/min</source>
      <translation> cm/min</translation>
    </message>
    <message>
      <source>merge colours closer than</source>
      <translation>Farben vereinen, näher als</translation>
    </message>
    <message>
      <source>Puddles that lie nearer to each other than that are mixed as one; 0 keeps each for itself</source>
      <translation>Kleckse, die einander näher liegen als das, werden als einer gemischt; 0 lässt jeden für sich</translation>
    </message>
    <message>
      <source>Mix like puddles as one</source>
      <translation>Ähnliche Kleckse als einen mischen</translation>
    </message>
    <message>
      <source>finest stroke</source>
      <translation>feinster Strich</translation>
    </message>
    <message>
      <source>The thinnest line your brushes can lay; you are warned of thinner ones</source>
      <translation>Die dünnste Linie, die deine Pinsel ziehen; vor dünneren wirst du gewarnt</translation>
    </message>
    <message>
      <source>Set your finest stroke</source>
      <translation>Feinsten Strich setzen</translation>
    </message>
    <message>
      <source>Puddle cards…</source>
      <translation>Kleckskarten…</translation>
    </message>
    <message>
      <source>A PDF to lie beside the palette: each puddle with its number on a small picture, parts, ml, where it goes, and room to dab the real thing</source>
      <translation>Ein PDF für neben die Palette: jeder Klecks mit seiner Nummer auf einem kleinen Bild, Teile, ml, wohin er geht, und Platz, den echten hinzutupfen</translation>
    </message>
    <message>
      <source>selected element only</source>
      <translation>nur gewähltes Ding</translation>
    </message>
    <message>
      <source>Only the puddles that go onto the selected element, numbered as on the whole palette</source>
      <translation>Nur die Mischungen für das gewählte Ding, nummeriert wie auf der ganzen Palette</translation>
    </message>
    <message>
      <source>Export list…</source>
      <translation>Liste ausgeben…</translation>
    </message>
    <message>
      <source>The recipes as CSV for a table, or as JSON</source>
      <translation>Die Rezepte als CSV für eine Tabelle, oder als JSON</translation>
    </message>
    <message>
      <source>Renumber puddles</source>
      <translation>Mischungen neu nummerieren</translation>
    </message>
    <message>
      <source>Numbers all puddles anew, the lightest 1. Cards and sheets printed before have the old numbers</source>
      <translation>Nummeriert alle Kleckse neu, der hellste ist 1. Früher gedruckte Karten und Bögen haben die alten Nummern</translation>
    </message>
    <message>
      <source>Number the puddles anew</source>
      <translation>Die Kleckse neu nummerieren</translation>
    </message>
    <message>
      <source>already mixed</source>
      <translation>schon gemischt</translation>
    </message>
    <message>
      <source>The selected puddle is mixed: it keeps its number and its recipe when the picture changes</source>
      <translation>Die gewählte Mischung ist angerührt: sie behält Nummer und Rezept, wenn das Bild sich ändert</translation>
    </message>
    <message>
      <source>&lt;b&gt;Puddle %1&lt;/b&gt;, %2: %3 % of the canvas, %4. </source>
      <translation>&lt;b&gt;Klecks %1&lt;/b&gt;, %2: %3 % der Leinwand, %4. </translation>
    </message>
    <message>
      <source>, %1E %2.</source>
      <translation>, %1E %2.</translation>
    </message>
    <message>
      <source>%1 %2%3</source>
      <translation>%1 %2%3</translation>
    </message>
    <message>
      <source> &lt;b&gt;(runs out in coat %1, %2 missing)&lt;/b&gt;</source>
      <translation> &lt;b&gt;(geht in Lage %1 aus, %2 fehlen)&lt;/b&gt;</translation>
    </message>
    <message>
      <source>There is no recipe for it yet.</source>
      <translation>Dafür gibt es noch kein Rezept.</translation>
    </message>
    <message>
      <source>The puddle stands mixed</source>
      <translation>Der Klecks steht gemischt</translation>
    </message>
    <message>
      <source>The puddle does not stand mixed</source>
      <translation>Der Klecks steht nicht gemischt</translation>
    </message>
    <message>
      <source>%1 in %2</source>
      <translation>%1 in %2</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1 puddles, %2, %3 tubes.&lt;/b&gt; Most used: %4.</source>
      <translation>&lt;b&gt;%1 Mischungen, %2, %3 Tuben.&lt;/b&gt; Am meisten gebraucht: %4.</translation>
    </message>
    <message>
      <source> Paint cost: %1.</source>
      <translation> Farbkosten: %1.</translation>
    </message>
    <message>
      <source> Within 2 %1E: %2 %, within 4: %3 % of the canvas.</source>
      <translation> Innerhalb 2 %1E: %2 %, innerhalb 4: %3 % der Leinwand.</translation>
    </message>
    <message>
      <source>Puddle cards</source>
      <translation>Kleckskarten</translation>
    </message>
    <message>
      <source>The puddle cards are written.</source>
      <translation>Die Kleckskarten sind geschrieben.</translation>
    </message>
    <message>
      <source>List of puddles</source>
      <translation>Liste der Kleckse</translation>
    </message>
    <message>
      <source>Lists (*.csv *.json)</source>
      <translation>Listen (*.csv *.json)</translation>
    </message>
    <message>
      <source>The list is written.</source>
      <translation>Die Liste ist geschrieben.</translation>
    </message>
    <message>
      <source>Recipes for the wanted colour</source>
      <translation>Rezepte für die gewünschte Farbe</translation>
    </message>
    <message>
      <source>Left the wanted colour, right the mix, on white, grey and wood and beside its neighbours on the canvas; below, how much lighter (+) or darker (−) it looks there.</source>
      <translation>Links die gewünschte Farbe, rechts die Mischung, auf Weiß, Grau und Holz und neben ihren Nachbarn auf der Leinwand; darunter, wie viel heller (+) oder dunkler (−) sie dort wirkt.</translation>
    </message>
    <message>
      <source>Looking for recipes…</source>
      <translation>Rezepte werden gesucht…</translation>
    </message>
    <message>
      <source>Click the picture where a colour is wanted, or a puddle on the palette.</source>
      <translation>Klicke im Bild an, wo eine Farbe gewünscht ist, oder einen Klecks auf der Palette.</translation>
    </message>
    <message>
      <source>grey</source>
      <translation>grau</translation>
    </message>
    <message>
      <source>wood</source>
      <translation>Holz</translation>
    </message>
    <message>
      <source>in place</source>
      <translation>am Ort</translation>
    </message>
    <message>
      <source>%1 (%2) · if mismeasured +%3 · by lamplight %4 · wet %5, dry %6</source>
      <translation>%1 (%2) · falsch abgemessen +%3 · bei Lampenlicht %4 · nass %5, trocken %6</translation>
    </message>
    <message>
      <source>match</source>
      <translation>trifft</translation>
    </message>
    <message>
      <source>near</source>
      <translation>nah</translation>
    </message>
    <message>
      <source>off</source>
      <translation>daneben</translation>
    </message>
    <message>
      <source>Recipes</source>
      <translation>Rezepte</translation>
    </message>
    <message>
      <source>What to mix for a colour: click the picture, or a puddle on the palette</source>
      <translation>Was für eine Farbe zu mischen ist: klicke ins Bild oder auf einen Klecks der Palette</translation>
    </message>
    <message>
      <source>Light side</source>
      <translation>Lichtseite</translation>
    </message>
    <message>
      <source>Recipes for the light side of the selected element (J)</source>
      <translation>Rezepte für die Lichtseite des gewählten Dings (J)</translation>
    </message>
    <message>
      <source>Shadow side</source>
      <translation>Schattenseite</translation>
    </message>
    <message>
      <source>Recipes for the shadow side of the selected element (K)</source>
      <translation>Rezepte für die Schattenseite des gewählten Dings (K)</translation>
    </message>
    <message>
      <source>try every combination</source>
      <translation>jede Kombination versuchen</translation>
    </message>
    <message>
      <source>All parts of all tubes are tried: half a second to two, and the best there is</source>
      <translation>Alle Teile aller Tuben werden versucht: eine halbe bis zwei Sekunden, und das Beste, was es gibt</translation>
    </message>
    <message>
      <source>pre-mixed tints</source>
      <translation>vorgemischte Aufhellungen</translation>
    </message>
    <message>
      <source>Strong tubes also kept as 1 part in so many of titanium white: pale colours can then be measured out</source>
      <translation>Starke Tuben auch als 1 Teil in so vielen Titanweiß: blasse Farben lassen sich dann abmessen</translation>
    </message>
    <message>
      <source>1 in 10</source>
      <translation>1 in 10</translation>
    </message>
    <message>
      <source>1 in 20</source>
      <translation>1 in 20</translation>
    </message>
    <message>
      <source>1 in 40</source>
      <translation>1 in 40</translation>
    </message>
    <message>
      <source>Keep pre-mixed tints</source>
      <translation>Vorgemischte Aufhellungen bereithalten</translation>
    </message>
    <message>
      <source>gloss</source>
      <translation>Glanz</translation>
    </message>
    <message>
      <source>finish</source>
      <translation>Oberfläche</translation>
    </message>
    <message>
      <source>What the surface itself throws back: matt darks look grey, a varnish deepens them</source>
      <translation>Was die Oberfläche selbst zurückwirft: matte Dunkel wirken grau, ein Firnis vertieft sie</translation>
    </message>
    <message>
      <source>Choose the finish</source>
      <translation>Die Oberfläche wählen</translation>
    </message>
    <message>
      <source>Click where a colour is wanted.</source>
      <translation>Klicke an, wo eine Farbe gewünscht ist.</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt;: L* %2, C* %3, hue %4%5.</source>
      <translation>&lt;b&gt;%1&lt;/b&gt;: L* %2, C* %3, Farbton %4%5.</translation>
    </message>
    <message>
      <source> Out of reach by %1 %2E: the nearest is %3; change the light or the plan there</source>
      <translation> Um %1 %2E unerreichbar: am nächsten ist %3; ändere dort das Licht oder den Plan</translation>
    </message>
    <message>
      <source>, or another tube.</source>
      <translation>, oder eine andere Tube.</translation>
    </message>
    <message>
      <source>; no other tube brings it much nearer.</source>
      <translation>; keine andere Tube bringt es viel näher.</translation>
    </message>
    <message>
      <source>, or take %1 (then %2 %3E off).</source>
      <translation>, oder nimm %1 (dann %2 %3E daneben).</translation>
    </message>
    <message>
      <source> A grey would be nearer; its hue is kept.</source>
      <translation> Ein Grau wäre näher; sein Farbton wird gehalten.</translation>
    </message>
    <message>
      <source> Typical: calibrate with your own swatches.</source>
      <translation> Typisch: stimme es mit eigenen Proben ab.</translation>
    </message>
    <message>
      <source>Colour strings</source>
      <translation>Farbreihen</translation>
    </message>
    <message>
      <source>From light to dark for one thing without chalk and mud; passages in cm, band by band</source>
      <translation>Von hell zu dunkel für ein Ding, ohne Kreide und Schlamm; Verläufe in cm, Streifen für Streifen</translation>
    </message>
    <message>
      <source>steps in the string</source>
      <translation>Stufen der Reihe</translation>
    </message>
    <message>
      <source>Steps from light to dark for the selected element, 3 to 15</source>
      <translation>Stufen von hell zu dunkel für das gewählte Ding, 3 bis 15</translation>
    </message>
    <message>
      <source>step between bands</source>
      <translation>Stufe zwischen Bändern</translation>
    </message>
    <message>
      <source>How much two neighbouring bands of a passage may differ: 2 is hardly seen</source>
      <translation>Wie sehr zwei benachbarte Streifen eines Verlaufs sich unterscheiden dürfen: 2 ist kaum zu sehen</translation>
    </message>
    <message>
      <source>radial</source>
      <translation>kreisförmig</translation>
    </message>
    <message>
      <source>The passage goes in rings, as about a light</source>
      <translation>Der Verlauf geht in Ringen, wie um ein Licht</translation>
    </message>
    <message>
      <source>New gradation</source>
      <translation>Neuer Verlauf</translation>
    </message>
    <message>
      <source>Forgets its places; click two or three others</source>
      <translation>Vergisst seine Stellen; klicke zwei oder drei andere an</translation>
    </message>
    <message>
      <source>Click a thing with light and shade: its string from light to dark stands here.</source>
      <translation>Klicke ein Ding mit Licht und Schatten an: seine Leiter von hell zu dunkel steht dann hier.</translation>
    </message>
    <message>
      <source>Mixing the string…</source>
      <translation>Die Leiter wird gemischt…</translation>
    </message>
    <message>
      <source>L* %1, C* +%2</source>
      <translation>L* %1, C* +%2</translation>
    </message>
    <message>
      <source>shadow, first: warm, soft</source>
      <translation>Schatten, zuerst: warm, weich</translation>
    </message>
    <message>
      <source>shadow, then: dark</source>
      <translation>Schatten, dann: dunkel</translation>
    </message>
    <message>
      <source>alive</source>
      <translation>lebendig</translation>
    </message>
    <message>
      <source>white, black</source>
      <translation>Weiß, Schwarz</translation>
    </message>
    <message>
      <source>Click two places: the passage between them stands here, band by band.</source>
      <translation>Klicke zwei Stellen an: der Verlauf dazwischen steht dann hier, Streifen für Streifen.</translation>
    </message>
    <message>
      <source>…and where it ends; a third place bends the way.</source>
      <translation>…und wo er endet; eine dritte Stelle biegt den Weg.</translation>
    </message>
    <message>
      <source>Laying bands…</source>
      <translation>Streifen werden gelegt…</translation>
    </message>
    <message>
      <source>%1–%2 cm</source>
      <translation>%1–%2 cm</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1 cm in %2 bands&lt;/b&gt; (percent of each tube), neighbours %3 %4E apart at most; two take %5 min, it stays open for %6.</source>
      <translation>&lt;b&gt;%1 cm in %2 Streifen&lt;/b&gt; (Prozent jeder Tube), Nachbarn höchstens %3 %4E auseinander; zwei brauchen %5 min, sie bleibt %6 offen.</translation>
    </message>
    <message>
      <source> More bands than the eye needs, for the time: or %1.</source>
      <translation> Mehr Streifen, als das Auge braucht, der Zeit wegen: oder %1.</translation>
    </message>
    <message>
      <source> These tubes bend the way by %1 %2E.</source>
      <translation> Diese Tuben verbiegen den Weg um %1 %2E.</translation>
    </message>
    <message>
      <source>Against white and black alone the string keeps up to &lt;b&gt;C* %1&lt;/b&gt; more; upper row mixed, lower row plain.</source>
      <translation>Gegen bloßes Weiß und Schwarz hält die Leiter bis zu &lt;b&gt;C* %1&lt;/b&gt; mehr; obere Reihe gemischt, untere Reihe schlicht.</translation>
    </message>
    <message>
      <source>Click a thing for its string; two places for a passage.</source>
      <translation>Klicke ein Ding für seine Leiter an; zwei Stellen für einen Verlauf.</translation>
    </message>
    <message>
      <source>Print the card…</source>
      <translation>Karte drucken…</translation>
    </message>
    <message>
      <source>A page with a row for each tube of the palette: as from the tube, 1 in 2 and 1 in 10 of your white, and a drawdown over white and black</source>
      <translation>Eine Seite mit einer Reihe je Tube der Palette: wie aus der Tube, 1 in 2 und 1 in 10 deines Weiß, und ein Aufzug über Weiß und Schwarz</translation>
    </message>
    <message>
      <source>Read card photo…</source>
      <translation>Kartenfoto lesen…</translation>
    </message>
    <message>
      <source>Of the painted card, all of it, straight on, in even daylight; what cannot be read is named</source>
      <translation>Der gemalten Karte, ganz, gerade von vorn, in gleichmäßigem Tageslicht; was sich nicht lesen lässt, wird genannt</translation>
    </message>
    <message>
      <source>Read swatch file…</source>
      <translation>Aufstrichdatei lesen…</translation>
    </message>
    <message>
      <source>Measured patches as CGATS text or JSON</source>
      <translation>Gemessene Felder als CGATS-Text oder JSON</translation>
    </message>
    <message>
      <source>tube</source>
      <translation>Tube</translation>
    </message>
    <message>
      <source>The selected tube</source>
      <translation>Die gewählte Tube</translation>
    </message>
    <message>
      <source>patch</source>
      <translation>Feld</translation>
    </message>
    <message>
      <source>Which patch of it</source>
      <translation>Welches Feld davon</translation>
    </message>
    <message>
      <source>as from the tube</source>
      <translation>wie aus der Tube</translation>
    </message>
    <message>
      <source>1 in 2 white</source>
      <translation>1 in 2 Weiß</translation>
    </message>
    <message>
      <source>1 in 10 white</source>
      <translation>1 in 10 Weiß</translation>
    </message>
    <message>
      <source>drawdown over white</source>
      <translation>Aufzug über Weiß</translation>
    </message>
    <message>
      <source>drawdown over black</source>
      <translation>Aufzug über Schwarz</translation>
    </message>
    <message>
      <source>CIELAB of the patch, D65, from a colour reader</source>
      <translation>CIELAB des Feldes, D65, von einem Farbmessgerät</translation>
    </message>
    <message>
      <source>lightness</source>
      <translation>Helligkeit</translation>
    </message>
    <message>
      <source>green to red</source>
      <translation>grün bis rot</translation>
    </message>
    <message>
      <source>blue to yellow</source>
      <translation>blau bis gelb</translation>
    </message>
    <message>
      <source>drawdown thickness</source>
      <translation>Aufstrichdicke</translation>
    </message>
    <message>
      <source>Wet film of the drawdown: about half the gap of the bar</source>
      <translation>Nasser Film des Aufzugs: etwa der halbe Spalt der Rakel</translation>
    </message>
    <message>
      <source>Set the drawdown thickness</source>
      <translation>Aufstrichdicke setzen</translation>
    </message>
    <message>
      <source>Colour reader</source>
      <translation>Farbmesser</translation>
    </message>
    <message>
      <source>Reads the patch with the simulated reader that ships: to try out how it goes without a device</source>
      <translation>Liest das Feld mit dem mitgelieferten nachgeahmten Messer: zum Ausprobieren ohne Gerät</translation>
    </message>
    <message>
      <source>Remove swatches</source>
      <translation>Aufstriche entfernen</translation>
    </message>
    <message>
      <source>The selected tube is typical again</source>
      <translation>Die gewählte Tube ist wieder typisch</translation>
    </message>
    <message>
      <source>Forget the swatches</source>
      <translation>Die Proben vergessen</translation>
    </message>
    <message>
      <source>Swatches</source>
      <translation>Proben</translation>
    </message>
    <message>
      <source>Your own tubes instead of typical ones: paint a card, read it; one tint in white of each helps most</source>
      <translation>Deine eigenen Tuben statt typischer: eine Karte malen und lesen; ein Verschnitt in Weiß von jeder hilft am meisten</translation>
    </message>
    <message>
      <source>Swatch card</source>
      <translation>Probenkarte</translation>
    </message>
    <message>
      <source>The swatch card is written. Print it at 100 % on white paper or primed card.</source>
      <translation>Die Probenkarte ist geschrieben. Mit 100 % auf weißes Papier oder grundierte Pappe drucken.</translation>
    </message>
    <message>
      <source>Photograph of the card</source>
      <translation>Foto der Karte</translation>
    </message>
    <message>
      <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.heic *.webp)</source>
      <translation>Bilder (*.png *.jpg *.jpeg *.tif *.tiff *.heic *.webp)</translation>
    </message>
    <message>
      <source>%1, %2: %3</source>
      <translation>%1, %2: %3</translation>
    </message>
    <message>
      <source>Refused: %1.</source>
      <translation>Abgelehnt: %1.</translation>
    </message>
    <message>
      <source> The printed grey is off by %1 %2E: the light was uneven or coloured.</source>
      <translation> Das gedruckte Grau liegt %1 %2E daneben: das Licht war ungleich oder farbig.</translation>
    </message>
    <message>
      <source>No patch could be read. %1</source>
      <translation>Kein Feld ließ sich lesen. %1</translation>
    </message>
    <message>
      <source>Read the swatches</source>
      <translation>Die Proben lesen</translation>
    </message>
    <message numerus="yes">
      <source>%n patches read. %1</source>
      <translation>
        <numerusform>%n Feld gelesen. %1</numerusform>
        <numerusform>%n Felder gelesen. %1</numerusform>
      </translation>
    </message>
    <message>
      <source>Measured patches</source>
      <translation>Gemessene Felder</translation>
    </message>
    <message>
      <source>Measured patches (*.txt *.cgats *.json)</source>
      <translation>Gemessene Felder (*.txt *.cgats *.json)</translation>
    </message>
    <message>
      <source>None of its paints is in this box.</source>
      <translation>Keine seiner Farben ist in diesem Kasten.</translation>
    </message>
    <message numerus="yes">
      <source>%n patches read.</source>
      <translation>
        <numerusform>%n Feld gelesen.</numerusform>
        <numerusform>%n Felder gelesen.</numerusform>
      </translation>
    </message>
    <message>
      <source>Enter a swatch</source>
      <translation>Eine Probe eintragen</translation>
    </message>
    <message>
      <source>Reading the photograph…</source>
      <translation>Das Foto wird gelesen…</translation>
    </message>
    <message>
      <source>%1 (%2 %3E from typical%4)</source>
      <translation>%1 (%2 %3E von typisch%4)</translation>
    </message>
    <message>
      <source>, drawdown</source>
      <translation>, Aufzug</translation>
    </message>
    <message>
      <source>&lt;b&gt;Measured:&lt;/b&gt; %1. </source>
      <translation>&lt;b&gt;Gemessen:&lt;/b&gt; %1. </translation>
    </message>
    <message>
      <source>&lt;b&gt;Typical:&lt;/b&gt; %1. </source>
      <translation>&lt;b&gt;Typisch:&lt;/b&gt; %1. </translation>
    </message>
    <message>
      <source>Put tubes into the box first.</source>
      <translation>Lege zuerst Tuben in den Kasten.</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1 of %2 tubes measured.&lt;/b&gt;</source>
      <translation>&lt;b&gt;%1 von %2 Tuben gemessen.&lt;/b&gt;</translation>
    </message>
    <message>
      <source> The farthest lies %1 %2E from typical; tubes off by over 3 are in the mixes of %3 % of the canvas.</source>
      <translation> Die fernste liegt %1 %2E von typisch; Tuben, die über 3 daneben liegen, sind in den Mischungen von %3 % der Leinwand.</translation>
    </message>
    <message>
      <source>The photograph cannot be read.</source>
      <translation>Das Foto lässt sich nicht lesen.</translation>
    </message>
    <message>
      <source>Photograph the canvas</source>
      <translation>Die Leinwand fotografieren</translation>
    </message>
    <message>
      <source>The path of days</source>
      <translation>Der Weg der Tage</translation>
    </message>
    <message>
      <source>%1 min</source>
      <translation>%1 min</translation>
    </message>
    <message>
      <source>%1 h drying, then </source>
      <translation>%1 h Trocknen, dann </translation>
    </message>
    <message>
      <source>The path of days is being laid…</source>
      <translation>Der Weg der Tage wird gelegt…</translation>
    </message>
    <message>
      <source>dries %1 h</source>
      <translation>trocknet %1 h</translation>
    </message>
    <message>
      <source>dries %1 d</source>
      <translation>trocknet %1 Tage</translation>
    </message>
    <message>
      <source>Schedule</source>
      <translation>Zeitplan</translation>
    </message>
    <message>
      <source>The work laid out over your days, and how each sitting should end</source>
      <translation>Die Arbeit über deine Tage verteilt, und wie jede Sitzung enden soll</translation>
    </message>
    <message>
      <source>◂ Sitting</source>
      <translation>◂ Sitzung</translation>
    </message>
    <message>
      <source>The sitting before ([)</source>
      <translation>Die vorige Sitzung ([)</translation>
    </message>
    <message>
      <source>Sitting ▸</source>
      <translation>Sitzung ▸</translation>
    </message>
    <message>
      <source>The next sitting (])</source>
      <translation>Die nächste Sitzung (])</translation>
    </message>
    <message>
      <source>Now</source>
      <translation>Jetzt</translation>
    </message>
    <message>
      <source>How the canvas should look now</source>
      <translation>Wie die Leinwand jetzt aussehen soll</translation>
    </message>
    <message>
      <source>Print sitting…</source>
      <translation>Sitzung drucken…</translation>
    </message>
    <message>
      <source>A PDF to take to the easel: what, where, puddles, brushes, before and after</source>
      <translation>Ein PDF für die Staffelei: was, wo, Kleckse, Pinsel, vorher und nachher</translation>
    </message>
    <message>
      <source>Sitting</source>
      <translation>Sitzung</translation>
    </message>
    <message>
      <source>Calendar…</source>
      <translation>Kalender…</translation>
    </message>
    <message>
      <source>The sittings as an iCalendar file, for any calendar</source>
      <translation>Die Sitzungen als iCalendar-Datei, für jeden Kalender</translation>
    </message>
    <message>
      <source>Calendar</source>
      <translation>Kalender</translation>
    </message>
    <message>
      <source>Calendar (*.ics)</source>
      <translation>Kalender (*.ics)</translation>
    </message>
    <message>
      <source>What is done in this sitting</source>
      <translation>Was in dieser Sitzung getan wird</translation>
    </message>
    <message>
      <source>Nothing is left to do.</source>
      <translation>Es ist nichts mehr zu tun.</translation>
    </message>
    <message>
      <source>%1, %2–%3</source>
      <translation>%1, %2–%3</translation>
    </message>
    <message>
      <source>%1  %2%3</source>
      <translation>%1  %2%3</translation>
    </message>
    <message>
      <source> (goes on)</source>
      <translation> (geht weiter)</translation>
    </message>
    <message>
      <source>
%1 cm²</source>
      <translation>
%1 cm²</translation>
    </message>
    <message>
      <source>, brush %1 mm</source>
      <translation>, Pinsel %1 mm</translation>
    </message>
    <message>
      <source>, paint over after %1</source>
      <translation>, überzumalen nach %1</translation>
    </message>
    <message>
      <source>Must be right: %1</source>
      <translation>Muss stimmen: %1</translation>
    </message>
    <message>
      <source>Puddles %1</source>
      <translation>Kleckse %1</translation>
    </message>
    <message>
      <source>The sitting is in %1.</source>
      <translation>Die Sitzung liegt in %1.</translation>
    </message>
    <message>
      <source>The calendar is in %1.</source>
      <translation>Der Kalender liegt in %1.</translation>
    </message>
    <message>
      <source>The stages are being worked out from the picture.</source>
      <translation>Die Stufen werden aus dem Bild ausgerechnet.</translation>
    </message>
    <message>
      <source>All tasks are done.</source>
      <translation>Alle Aufgaben sind getan.</translation>
    </message>
    <message numerus="yes">
      <source>About %1 h (%2 to %3 h) in %n sittings; finished around %4 (%5 to %6).%7</source>
      <translation>
        <numerusform>Etwa %1 h (%2 bis %3 h) in %n Sitzung; fertig um den %4 (%5 bis %6).%7</numerusform>
        <numerusform>Etwa %1 h (%2 bis %3 h) in %n Sitzungen; fertig um den %4 (%5 bis %6).%7</numerusform>
      </translation>
    </message>
    <message>
      <source> Free hours are assumed: set yours on Free time.</source>
      <translation> Freie Stunden sind angenommen: setze deine unter Freie Zeit.</translation>
    </message>
    <message>
      <source>At the easel</source>
      <translation>An der Staffelei</translation>
    </message>
    <message>
      <source>Everything is done.</source>
      <translation>Alles ist getan.</translation>
    </message>
    <message>
      <source> Brush %1 millimetres.</source>
      <translation> Pinsel %1 Millimeter.</translation>
    </message>
    <message>
      <source> Puddles %1.</source>
      <translation> Kleckse %1.</translation>
    </message>
    <message>
      <source> Do not stop inside it.</source>
      <translation> Nicht mittendrin aufhören.</translation>
    </message>
    <message>
      <source>Tick a task</source>
      <translation>Eine Aufgabe abhaken</translation>
    </message>
    <message>
      <source>paused – any key goes on</source>
      <translation>Pause – jede Taste macht weiter</translation>
    </message>
    <message>
      <source>sitting: %1 min</source>
      <translation>Sitzung: %1 min</translation>
    </message>
    <message>
      <source>any key begins</source>
      <translation>jede Taste beginnt</translation>
    </message>
    <message>
      <source>
reckoned: %1 min</source>
      <translation>
veranschlagt: %1 min</translation>
    </message>
    <message>
      <source>
open for %1 min</source>
      <translation>
noch %1 min offen</translation>
    </message>
    <message>
      <source>

then: %1</source>
      <translation>

dann: %1</translation>
    </message>
    <message>
      <source>
keep clear: %1</source>
      <translation>
freihalten: %1</translation>
    </message>
    <message>
      <source>
check: %1</source>
      <translation>
prüfen: %1</translation>
    </message>
    <message>
      <source>any key or touch: begin, pause, go on · Enter: done, next · Esc: leave</source>
      <translation>jede Taste oder Berührung: beginnen, Pause, weiter · Eingabe: getan, weiter · Esc: verlassen</translation>
    </message>
    <message>
      <source>Eye training</source>
      <translation>Augenschulung</translation>
    </message>
    <message>
      <source>Two minutes a day: what your eye just notices, in exercises from your own plan</source>
      <translation>Zwei Minuten am Tag: was dein Auge gerade noch bemerkt, in Übungen aus deinem eigenen Plan</translation>
    </message>
    <message>
      <source>exercise</source>
      <translation>Übung</translation>
    </message>
    <message>
      <source>What is trained; its threshold is shown in the unit it is measured in</source>
      <translation>Was geübt wird; die Schwelle steht in der Einheit, in der gemessen wird</translation>
    </message>
    <message>
      <source>Practise</source>
      <translation>Üben</translation>
    </message>
    <message>
      <source>One exercise after the other until the threshold is known, about two minutes</source>
      <translation>Eine Übung nach der anderen, bis die Schwelle bekannt ist, etwa zwei Minuten</translation>
    </message>
    <message>
      <source>You tell %1 %2 apart; at first it was %3.</source>
      <translation>Du unterscheidest %1 %2; zuerst waren es %3.</translation>
    </message>
    <message>
      <source> On the canvas your darks run %1 L* too %2.</source>
      <translation> Auf der Leinwand geraten deine Dunkel %1 L* zu %2.</translation>
    </message>
    <message>
      <source> On the canvas half of the landmarks lie within %1 mm.</source>
      <translation> Auf der Leinwand liegt die Hälfte der Messpunkte innerhalb von %1 mm.</translation>
    </message>
    <message>
      <source>Thresholds by day</source>
      <translation>Schwellen nach Tagen</translation>
    </message>
    <message>
      <source>No day yet. Two minutes are enough.</source>
      <translation>Noch kein Tag. Zwei Minuten genügen.</translation>
    </message>
    <message>
      <source>Eye trainer</source>
      <translation>Augentrainer</translation>
    </message>
    <message>
      <source>Yes. </source>
      <translation>Ja. </translation>
    </message>
    <message>
      <source>No. </source>
      <translation>Nein. </translation>
    </message>
    <message>
      <source> You tell %1 %2 apart.</source>
      <translation> Du unterscheidest %1 %2.</translation>
    </message>
    <message>
      <source>There is nothing in this plan to ask it of.</source>
      <translation>In diesem Plan gibt es nichts, woran sich das fragen ließe.</translation>
    </message>
    <message>
      <source> Click to close.</source>
      <translation> Klicken zum Schließen.</translation>
    </message>
    <message>
      <source>  (%1 so far; click it, or its number)</source>
      <translation>  (%1 bisher; klicke es an, oder seine Ziffer)</translation>
    </message>
    <message>
      <source>Free time</source>
      <translation>Freie Zeit</translation>
    </message>
    <message>
      <source>When you paint, and what the room does to drying</source>
      <translation>Wann du malst, und was der Raum mit dem Trocknen macht</translation>
    </message>
    <message>
      <source>free hours</source>
      <translation>freie Stunden</translation>
    </message>
    <message>
      <source>Your free hours; select one to change it</source>
      <translation>Deine freien Stunden; wähle eine, um sie zu ändern</translation>
    </message>
    <message>
      <source>%1 %2–%3</source>
      <translation>%1 %2–%3</translation>
    </message>
    <message>
      <source>day %1</source>
      <translation>Tag %1</translation>
    </message>
    <message>
      <source>Add hours</source>
      <translation>Stunden hinzu</translation>
    </message>
    <message>
      <source>Adds another time when you paint</source>
      <translation>Fügt eine weitere Malzeit hinzu</translation>
    </message>
    <message>
      <source>Add free hours</source>
      <translation>Freie Stunden hinzufügen</translation>
    </message>
    <message>
      <source>Removes these hours</source>
      <translation>Entfernt diese Stunden</translation>
    </message>
    <message>
      <source>Take free hours away</source>
      <translation>Freie Stunden wegnehmen</translation>
    </message>
    <message>
      <source>day</source>
      <translation>Tag</translation>
    </message>
    <message>
      <source>Of the week, or of a round of shifts</source>
      <translation>Der Woche, oder eines Schichtumlaufs</translation>
    </message>
    <message>
      <source>Paint on another day</source>
      <translation>An einem anderen Tag malen</translation>
    </message>
    <message>
      <source>to</source>
      <translation>bis</translation>
    </message>
    <message>
      <source>from</source>
      <translation>von</translation>
    </message>
    <message>
      <source>When you stop, as 21:30</source>
      <translation>Wann du aufhörst, etwa 21:30</translation>
    </message>
    <message>
      <source>When you can begin, as 19:30</source>
      <translation>Wann du anfangen kannst, etwa 19:30</translation>
    </message>
    <message>
      <source>Change free hours</source>
      <translation>Freie Stunden ändern</translation>
    </message>
    <message>
      <source>repeats every</source>
      <translation>wiederholt sich alle</translation>
    </message>
    <message>
      <source>7 days are a week; shifts may repeat after another number</source>
      <translation>7 Tage sind eine Woche; Schichten können sich nach einer anderen Zahl wiederholen</translation>
    </message>
    <message>
      <source>Change the round</source>
      <translation>Den Umlauf ändern</translation>
    </message>
    <message>
      <source>Import calendar…</source>
      <translation>Kalender importieren…</translation>
    </message>
    <message>
      <source>An iCalendar file: what stands in it takes your hours</source>
      <translation>Eine iCalendar-Datei: was darin steht, nimmt deine Stunden</translation>
    </message>
    <message>
      <source>Import free time…</source>
      <translation>Freie Zeit importieren…</translation>
    </message>
    <message>
      <source>An iCalendar file whose entries are your free hours</source>
      <translation>Eine iCalendar-Datei, deren Einträge deine freien Stunden sind</translation>
    </message>
    <message>
      <source>humidity</source>
      <translation>Luftfeuchte</translation>
    </message>
    <message>
      <source>Of the room: water-borne paint dries as fast as water leaves it</source>
      <translation>Des Raums: Wasserfarbe trocknet so schnell, wie Wasser sie verlässt</translation>
    </message>
    <message>
      <source>Set the humidity</source>
      <translation>Die Luftfeuchte einstellen</translation>
    </message>
    <message>
      <source>hair dryer</source>
      <translation>Föhn</translation>
    </message>
    <message>
      <source>Dries water-borne paint in a fifth of the time; keep it off wet solvent</source>
      <translation>Trocknet Wasserfarbe in einem Fünftel der Zeit; von nassem Lösemittel fernhalten</translation>
    </message>
    <message>
      <source>Use a dryer</source>
      <translation>Einen Föhn benutzen</translation>
    </message>
    <message>
      <source>hours</source>
      <translation>Stunden</translation>
    </message>
    <message>
      <source>Times the usual ones, until your own sittings are known</source>
      <translation>Mal die üblichen, bis deine eigenen Sitzungen bekannt sind</translation>
    </message>
    <message>
      <source>Set the pace</source>
      <translation>Das Tempo einstellen</translation>
    </message>
    <message>
      <source>block brush</source>
      <translation>Flächenpinsel</translation>
    </message>
    <message>
      <source>Width of the brush that blocks in</source>
      <translation>Breite des Pinsels, der die Flächen anlegt</translation>
    </message>
    <message>
      <source>Set the block brush</source>
      <translation>Den Flächenpinsel einstellen</translation>
    </message>
    <message>
      <source>fresh eyes after</source>
      <translation>frische Augen nach</translation>
    </message>
    <message>
      <source>How long the painting hangs on the wall before the accents</source>
      <translation>Wie lange das Bild vor den Akzenten an der Wand hängt</translation>
    </message>
    <message>
      <source>Set the pause</source>
      <translation>Die Pause einstellen</translation>
    </message>
    <message>
      <source>varnish after</source>
      <translation>Firnis nach</translation>
    </message>
    <message>
      <source>From the last stroke; as the medium asks: acrylic 3, oil 180 days</source>
      <translation>Vom letzten Strich an; wie das Malmittel es will: Acryl 3, Öl 180 Tage</translation>
    </message>
    <message>
      <source>Set the wait</source>
      <translation>Die Wartezeit einstellen</translation>
    </message>
    <message>
      <source>as the medium asks</source>
      <translation>wie das Malmittel es will</translation>
    </message>
    <message numerus="yes">
      <source>%n entries read from the calendar.</source>
      <translation>
        <numerusform>%n Eintrag aus dem Kalender gelesen.</numerusform>
        <numerusform>%n Einträge aus dem Kalender gelesen.</numerusform>
      </translation>
    </message>
    <message>
      <source>Read a calendar</source>
      <translation>Einen Kalender lesen</translation>
    </message>
    <message>
      <source>Set when you paint: Add hours. Until then two evenings and a Saturday afternoon are assumed.</source>
      <translation>Setze, wann du malst: Stunden hinzufügen. Bis dahin gelten zwei Abende und ein Samstagnachmittag.</translation>
    </message>
    <message>
      <source>%1 h in a round of %2 days; %3 days are different.</source>
      <translation>%1 h in einem Umlauf von %2 Tagen; %3 Tage sind anders.</translation>
    </message>
    <message>
      <source>The next sitting</source>
      <translation>Die nächste Sitzung</translation>
    </message>
    <message>
      <source>The sitting before</source>
      <translation>Die vorige Sitzung</translation>
    </message>
    <message>
      <source>Tick the selected task</source>
      <translation>Die gewählte Aufgabe abhaken</translation>
    </message>
    <message>
      <source>Begin the sitting, pause, go on</source>
      <translation>Die Sitzung beginnen, Pause, weiter</translation>
    </message>
    <message>
      <source>The easel view</source>
      <translation>Die Staffelei-Ansicht</translation>
    </message>
    <message>
      <source>Paint</source>
      <translation>Malplanung</translation>
    </message>
    <message>
      <source>Stops the calculation; it does not start again by itself</source>
      <translation>Hält die Berechnung an; sie beginnt nicht von selbst wieder</translation>
    </message>
    <message>
      <source>Again</source>
      <translation>Noch einmal</translation>
    </message>
    <message>
      <source>Starts the stopped calculation again</source>
      <translation>Beginnt die angehaltene Berechnung erneut</translation>
    </message>
    <message>
      <source>Stopped. Again takes it up.</source>
      <translation>Angehalten. „Noch einmal“ nimmt es wieder auf.</translation>
    </message>
    <message>
      <source>signed</source>
      <translation>signiert</translation>
    </message>
    <message>
      <source>%1 h</source>
      <translation>%1 h</translation>
    </message>
    <message>
      <source>Canvas against stage, thing by thing</source>
      <translation>Leinwand gegen Stufe, Ding für Ding</translation>
    </message>
    <message>
      <source>element</source>
      <translation>Ding</translation>
    </message>
    <message>
      <source>painted</source>
      <translation>gemalt</translation>
    </message>
    <message>
      <source>value</source>
      <translation>Helligkeit</translation>
    </message>
    <message>
      <source>lost edges</source>
      <translation>verlorene Kanten</translation>
    </message>
    <message>
      <source>drift</source>
      <translation>Verzug</translation>
    </message>
    <message>
      <source>Photographs of the canvas by day</source>
      <translation>Fotos der Leinwand nach Tagen</translation>
    </message>
    <message>
      <source>%1 %</source>
      <translation>%1 %</translation>
    </message>
    <message>
      <source>%1 (%2) %</source>
      <translation>%1 (%2) %</translation>
    </message>
    <message>
      <source>%1 mm</source>
      <translation>%1 mm</translation>
    </message>
    <message>
      <source>new since the last photograph</source>
      <translation>neu seit dem letzten Foto</translation>
    </message>
    <message>
      <source>Load canvas photo…</source>
      <translation>Leinwandfoto laden…</translation>
    </message>
    <message>
      <source>Opens a photograph of the canvas from a file; it is straightened and compared</source>
      <translation>Öffnet ein Foto der Leinwand aus einer Datei; es wird entzerrt und verglichen</translation>
    </message>
    <message>
      <source>Photograph of the canvas</source>
      <translation>Foto der Leinwand</translation>
    </message>
    <message>
      <source>Pictures (*.jpg *.jpeg *.png *.tif *.heic *.webp)</source>
      <translation>Bilder (*.jpg *.jpeg *.png *.tif *.heic *.webp)</translation>
    </message>
    <message>
      <source>Practice photo</source>
      <translation>Übungsfoto</translation>
    </message>
    <message>
      <source>To learn with: a made-up photograph of this stage, askew, in lamplight, with one element out of place</source>
      <translation>Zum Lernen: ein erfundenes Foto dieser Stufe, schräg, bei Lampenlicht, mit einem Ding am falschen Ort</translation>
    </message>
    <message>
      <source>photograph</source>
      <translation>Foto</translation>
    </message>
    <message>
      <source>Those of this work, by day</source>
      <translation>Die dieses Werks, nach Tagen</translation>
    </message>
    <message>
      <source>shown</source>
      <translation>gezeigt</translation>
    </message>
    <message>
      <source>What lies on the board; drag across it to wipe the stage over it (W)</source>
      <translation>Was auf der Bildtafel liegt; darüber ziehen wischt die Stufe darüber (W)</translation>
    </message>
    <message>
      <source>the canvas in even light</source>
      <translation>die Leinwand in gleichmäßigem Licht</translation>
    </message>
    <message>
      <source>the canvas squared up</source>
      <translation>die Leinwand entzerrt</translation>
    </message>
    <message>
      <source>this stage</source>
      <translation>diese Stufe</translation>
    </message>
    <message>
      <source>the photograph</source>
      <translation>das Foto</translation>
    </message>
    <message>
      <source>what is new since the last</source>
      <translation>was seit dem letzten neu ist</translation>
    </message>
    <message>
      <source>Corners by hand</source>
      <translation>Ecken von Hand</translation>
    </message>
    <message>
      <source>Click the four corners in the photograph, from the upper left round</source>
      <translation>Die vier Ecken im Foto anklicken, von links oben reihum</translation>
    </message>
    <message>
      <source>Grey card</source>
      <translation>Graukarte</translation>
    </message>
    <message>
      <source>Drag a box inside a grey card in the photograph: values are then measured by it. The paper of printed tags does the same.</source>
      <translation>Zieh im Foto einen Rahmen in eine Graukarte: danach werden Helligkeiten gemessen. Das Papier gedruckter Marken tut dasselbe.</translation>
    </message>
    <message>
      <source>Adopt from canvas</source>
      <translation>Von der Leinwand übernehmen</translation>
    </message>
    <message>
      <source>Drag a box: there the canvas is the plan from now on</source>
      <translation>Ziehe einen Rahmen: dort ist die Leinwand von nun an der Plan</translation>
    </message>
    <message>
      <source>tolerance</source>
      <translation>Toleranz</translation>
    </message>
    <message>
      <source>How far the selected element may drift from the plan before you are warned, × the usual limit</source>
      <translation>Wie weit das gewählte Ding vom Plan abweichen darf, bevor du gewarnt wirst, mal die übliche Grenze</translation>
    </message>
    <message>
      <source>Let it stray further</source>
      <translation>Weiter abweichen lassen</translation>
    </message>
    <message>
      <source>New variant on this photo</source>
      <translation>Neue Variante auf diesem Foto</translation>
    </message>
    <message>
      <source>The straightened photograph becomes the lowest picture of a new take, to try changes on</source>
      <translation>Das entzerrte Foto wird unterstes Bild einer neuen Fassung, um Änderungen zu versuchen</translation>
    </message>
    <message>
      <source>The photograph leaves the log</source>
      <translation>Das Foto verlässt das Arbeitsbuch</translation>
    </message>
    <message>
      <source>Take a photograph away</source>
      <translation>Ein Foto wegnehmen</translation>
    </message>
    <message>
      <source>Corner tags…</source>
      <translation>Eckmarken…</translation>
    </message>
    <message>
      <source>Four tags to print and stick beside the corners: then drift is measured to a tenth of a millimetre</source>
      <translation>Vier Marken zum Drucken und Ankleben neben den Ecken: dann wird auf ein Zehntel Millimeter gemessen</translation>
    </message>
    <message>
      <source>Corner tags</source>
      <translation>Eckmarken</translation>
    </message>
    <message>
      <source>The tags are in %1.</source>
      <translation>Die Marken liegen in %1.</translation>
    </message>
    <message>
      <source>Take the canvas as the plan</source>
      <translation>Die Leinwand als Plan nehmen</translation>
    </message>
    <message>
      <source>Show the grey card</source>
      <translation>Die Graukarte zeigen</translation>
    </message>
    <message>
      <source>Check</source>
      <translation>Prüfung</translation>
    </message>
    <message>
      <source>A photograph of the canvas, straightened and compared with the plan at this stage</source>
      <translation>Ein Foto der Leinwand, entzerrt und mit dem Plan auf dieser Stufe verglichen</translation>
    </message>
    <message>
      <source>Drag a box over what is better than the plan.</source>
      <translation>Ziehe einen Rahmen über das, was besser ist als der Plan.</translation>
    </message>
    <message>
      <source>Drag a box inside the grey card in the photograph.</source>
      <translation>Ziehe im Foto einen Rahmen innerhalb der Graukarte.</translation>
    </message>
    <message>
      <source>Click the canvas' corners in the photograph, from the upper left round.</source>
      <translation>Klicke im Foto die Ecken der Leinwand an, von oben links reihum.</translation>
    </message>
    <message>
      <source>There is no photograph to click in.</source>
      <translation>Es ist kein Foto da, in dem man klicken könnte.</translation>
    </message>
    <message>
      <source>Set the corners by hand</source>
      <translation>Die Ecken von Hand setzen</translation>
    </message>
    <message>
      <source>canvas %1</source>
      <translation>Leinwand %1</translation>
    </message>
    <message>
      <source>the canvas as it is</source>
      <translation>die Leinwand, wie sie ist</translation>
    </message>
    <message>
      <source>tried on the canvas</source>
      <translation>auf der Leinwand probiert</translation>
    </message>
    <message>
      <source>Try an idea on the canvas</source>
      <translation>Einen Einfall auf der Leinwand probieren</translation>
    </message>
    <message>
      <source>A new take lies on the photograph: add, cover and relight on Stage and Light; the takes compare it.</source>
      <translation>Eine neue Fassung liegt auf dem Foto: in Bildraum und Beleuchtung hinzufügen, decken, neu beleuchten; die Fassungen vergleichen es.</translation>
    </message>
    <message>
      <source>Photograph the canvas from the front, all four corners in the picture; then Load canvas photo…</source>
      <translation>Fotografiere die Leinwand von vorn, alle vier Ecken im Bild; dann Leinwandfoto laden…</translation>
    </message>
    <message>
      <source>Squaring up and comparing: %1 %.</source>
      <translation>Wird entzerrt und verglichen: %1 %.</translation>
    </message>
    <message>
      <source>Corners %1 (%2 % sure). %3 % painted. Largest drift %4 mm, drawn 10 × as long. Uneven light: %5 stops.</source>
      <translation>Ecken %1 (%2 % sicher). %3 % gemalt. Größte Abweichung %4 mm, 10-fach gezeichnet. Ungleiches Licht: %5 Blenden.</translation>
    </message>
    <message>
      <source>by their tags</source>
      <translation>nach ihren Marken</translation>
    </message>
    <message>
      <source>found</source>
      <translation>gefunden</translation>
    </message>
    <message>
      <source>Click where the signature goes.</source>
      <translation>Klicke an, wohin die Signatur kommt.</translation>
    </message>
    <message>
      <source>Place the signature</source>
      <translation>Die Signatur setzen</translation>
    </message>
    <message>
      <source>Record</source>
      <translation>Begleitblatt</translation>
    </message>
    <message>
      <source>Facts checked, signature, varnish, the record that goes with the work</source>
      <translation>Tatsachen geprüft, Signatur, Firnis, das Blatt, das mit dem Bild geht</translation>
    </message>
    <message>
      <source>Click on the picture; you are warned if it is too near the frame</source>
      <translation>Ins Bild klicken; du wirst gewarnt, wenn es dem Rahmen zu nahe ist</translation>
    </message>
    <message>
      <source>As it stands on the canvas and in the record</source>
      <translation>Wie sie auf der Leinwand und im Begleitblatt steht</translation>
    </message>
    <message>
      <source>Write the signature</source>
      <translation>Die Signatur schreiben</translation>
    </message>
    <message>
      <source>Record…</source>
      <translation>Begleitblatt…</translation>
    </message>
    <message>
      <source>A PDF or JSON: size, ground, medium, paints with lightfastness, hours, stages, credits, cost</source>
      <translation>Ein PDF oder JSON: Größe, Malgrund, Malmittel, Farben mit Lichtechtheit, Stunden, Stufen, Nachweise, Kosten</translation>
    </message>
    <message>
      <source>PDF (*.pdf);;JSON (*.json)</source>
      <translation>PDF (*.pdf);;JSON (*.json)</translation>
    </message>
    <message>
      <source>Log as CSV…</source>
      <translation>Arbeitsbuch als CSV…</translation>
    </message>
    <message>
      <source>Every span of work, decision and photograph in one table</source>
      <translation>Jede Arbeitsspanne, Entscheidung und jedes Foto in einer Tabelle</translation>
    </message>
    <message>
      <source>Log</source>
      <translation>Arbeitsbuch</translation>
    </message>
    <message>
      <source>CSV (*.csv)</source>
      <translation>CSV (*.csv)</translation>
    </message>
    <message>
      <source>Facts to check before signing</source>
      <translation>Tatsachen, vor dem Signieren zu prüfen</translation>
    </message>
    <message>
      <source>must be right</source>
      <translation>muss stimmen</translation>
    </message>
    <message>
      <source>source</source>
      <translation>Quelle</translation>
    </message>
    <message>
      <source>Check a fact</source>
      <translation>Eine Tatsache prüfen</translation>
    </message>
    <message>
      <source>the canvas</source>
      <translation>die Leinwand</translation>
    </message>
    <message>
      <source>The record is in %1.</source>
      <translation>Das Begleitblatt liegt in %1.</translation>
    </message>
    <message>
      <source>The log is in %1.</source>
      <translation>Das Arbeitsbuch liegt in %1.</translation>
    </message>
    <message>
      <source>%1 of %2 facts checked; %3 h logged in %4 sittings; %5</source>
      <translation>%1 von %2 Tatsachen geprüft; %3 h eingetragen in %4 Sitzungen; %5</translation>
    </message>
    <message>
      <source>varnish %1 days after the last stroke, window open, no flame; read the safety data sheet.</source>
      <translation>Firnis %1 Tage nach dem letzten Strich, Fenster offen, keine Flamme; das Sicherheitsdatenblatt lesen.</translation>
    </message>
    <message>
      <source>not varnished: framed behind glass.</source>
      <translation>nicht gefirnisst: hinter Glas gerahmt.</translation>
    </message>
    <message>
      <source>Log the sitting</source>
      <translation>Die Sitzung eintragen</translation>
    </message>
    <message>
      <source>The sitting under way: timer by thing, notes, decisions, the log</source>
      <translation>Die laufende Sitzung: Uhr je Ding, Notizen, Entscheidungen, das Arbeitsbuch</translation>
    </message>
    <message>
      <source>The log</source>
      <translation>Das Arbeitsbuch</translation>
    </message>
    <message>
      <source>when</source>
      <translation>wann</translation>
    </message>
    <message>
      <source>what</source>
      <translation>was</translation>
    </message>
    <message>
      <source>time</source>
      <translation>Zeit</translation>
    </message>
    <message>
      <source>Begin / pause</source>
      <translation>Beginnen / Pause</translation>
    </message>
    <message>
      <source>Begins the sitting, pauses it, goes on (S)</source>
      <translation>Beginnt die Sitzung, unterbricht sie, macht weiter (S)</translation>
    </message>
    <message>
      <source>What you are painting now; the timer counts it by itself</source>
      <translation>Was du jetzt malst; die Uhr zählt es für sich</translation>
    </message>
    <message>
      <source>Done, next</source>
      <translation>Getan, weiter</translation>
    </message>
    <message>
      <source>Ticks it and goes on to the next</source>
      <translation>Hakt sie ab und geht zur nächsten</translation>
    </message>
    <message>
      <source>Easel view</source>
      <translation>Staffelei-Ansicht</translation>
    </message>
    <message>
      <source>Large and quiet, for a screen two metres away; any key goes on (E)</source>
      <translation>Groß und ruhig, für einen Bildschirm in zwei Metern; jede Taste macht weiter (E)</translation>
    </message>
    <message>
      <source>End the sitting</source>
      <translation>Sitzung beenden</translation>
    </message>
    <message>
      <source>Writes it to the log; the rest is planned anew</source>
      <translation>Schreibt sie ins Protokoll; der Rest wird neu geplant</translation>
    </message>
    <message>
      <source>Logged. Does it hold on the wall? Hang it where you see it by chance, and judge it after %1.</source>
      <translation>Eingetragen. Hält es an der Wand? Hänge es dorthin, wo du es zufällig siehst, und urteile nach %1.</translation>
    </message>
    <message>
      <source>Kept with this sitting</source>
      <translation>Bei dieser Sitzung aufgehoben</translation>
    </message>
    <message>
      <source>paints used</source>
      <translation>benutzte Farben</translation>
    </message>
    <message>
      <source>Tubes, puddles, mediums of this sitting</source>
      <translation>Tuben, Kleckse, Malmittel dieser Sitzung</translation>
    </message>
    <message>
      <source>because</source>
      <translation>weil</translation>
    </message>
    <message>
      <source>Type the reason first</source>
      <translation>Erst den Grund tippen</translation>
    </message>
    <message>
      <source>Log what was scrapped</source>
      <translation>Eintragen, was verworfen wurde</translation>
    </message>
    <message>
      <source>Log a decision</source>
      <translation>Eine Entscheidung eintragen</translation>
    </message>
    <message>
      <source>decided</source>
      <translation>entschieden</translation>
    </message>
    <message>
      <source>What you decided; Enter keeps it in the log</source>
      <translation>Was du entschieden hast; Eingabe trägt es ins Arbeitsbuch ein</translation>
    </message>
    <message>
      <source>tried and scrapped</source>
      <translation>versucht und verworfen</translation>
    </message>
    <message>
      <source>What did not work; kept with the selected photograph</source>
      <translation>Was nicht ging; beim gewählten Foto aufgehoben</translation>
    </message>
    <message>
      <source>sitting</source>
      <translation>Sitzung</translation>
    </message>
    <message>
      <source>%1%2</source>
      <translation>%1%2</translation>
    </message>
    <message>
      <source>scrapped: %1</source>
      <translation>verworfen: %1</translation>
    </message>
    <message>
      <source>decided: %1</source>
      <translation>entschieden: %1</translation>
    </message>
    <message>
      <source>layers</source>
      <translation>Lagen</translation>
    </message>
    <message>
      <source>%1 of %2</source>
      <translation>%1 von %2</translation>
    </message>
    <message>
      <source>Next: %1. %2</source>
      <translation>Als Nächstes: %1. %2</translation>
    </message>
    <message>
      <source>%1 %2 in this sitting, %3 on %4.</source>
      <translation>%1 %2 in dieser Sitzung, %3 an %4.</translation>
    </message>
    <message>
      <source>Paused;</source>
      <translation>Pause;</translation>
    </message>
    <message>
      <source>Painting;</source>
      <translation>Es wird gemalt;</translation>
    </message>
    <message>
      <source>Done</source>
      <translation>Getan</translation>
    </message>
    <message>
      <source>Ticks the selected task, or removes the tick (T)</source>
      <translation>Hakt die gewählte Aufgabe ab oder entfernt den Haken (T)</translation>
    </message>
    <message>
      <source>Earlier</source>
      <translation>Früher</translation>
    </message>
    <message>
      <source>Puts it before the task above; you are warned of what that breaks</source>
      <translation>Setzt sie vor die Aufgabe darüber; du wirst gewarnt, was das stört</translation>
    </message>
    <message>
      <source>Later</source>
      <translation>Später</translation>
    </message>
    <message>
      <source>Puts it after the task below</source>
      <translation>Setzt sie hinter die Aufgabe darunter</translation>
    </message>
    <message>
      <source>Your own estimate of the work</source>
      <translation>Deine eigene Schätzung der Arbeit</translation>
    </message>
    <message>
      <source>Reckon a task</source>
      <translation>Eine Aufgabe veranschlagen</translation>
    </message>
    <message>
      <source>split into</source>
      <translation>aufteilen in</translation>
    </message>
    <message>
      <source>Splits it into equal parts, to be ticked one by one</source>
      <translation>Teilt sie in gleiche Teile, die einzeln abgehakt werden</translation>
    </message>
    <message>
      <source>Split a task</source>
      <translation>Eine Aufgabe teilen</translation>
    </message>
    <message>
      <source>paint</source>
      <translation>Farbe</translation>
    </message>
    <message>
      <source>What this task is painted in, where that is not the paint of the box</source>
      <translation>Worin diese Aufgabe gemalt wird, wenn das nicht die Farbe des Kastens ist</translation>
    </message>
    <message>
      <source>the box's paint</source>
      <translation>die Farbe des Kastens</translation>
    </message>
    <message>
      <source>Choose a task's paint</source>
      <translation>Die Farbe einer Aufgabe wählen</translation>
    </message>
    <message>
      <source>merge with</source>
      <translation>zusammen mit</translation>
    </message>
    <message>
      <source>Done in one go with another task of its kind</source>
      <translation>In einem Zug mit einer anderen Aufgabe ihrer Art</translation>
    </message>
    <message>
      <source>by itself</source>
      <translation>für sich</translation>
    </message>
    <message>
      <source>Merge tasks</source>
      <translation>Aufgaben vereinen</translation>
    </message>
    <message>
      <source>Leave out</source>
      <translation>Weglassen</translation>
    </message>
    <message>
      <source>It is not done in this painting</source>
      <translation>Sie wird in diesem Bild nicht getan</translation>
    </message>
    <message>
      <source>Leave a task out</source>
      <translation>Eine Aufgabe weglassen</translation>
    </message>
    <message>
      <source>a task of your own</source>
      <translation>eine eigene Aufgabe</translation>
    </message>
    <message>
      <source>Its name; it comes before the selected task</source>
      <translation>Ihr Name; sie kommt vor die gewählte Aufgabe</translation>
    </message>
    <message>
      <source>Add a task</source>
      <translation>Eine Aufgabe hinzufügen</translation>
    </message>
    <message>
      <source>Reset the plan</source>
      <translation>Plan zurücksetzen</translation>
    </message>
    <message>
      <source>Removes your changes to the plan of work; ticks stay</source>
      <translation>Entfernt deine Änderungen am Arbeitsplan; Haken bleiben</translation>
    </message>
    <message>
      <source>Take the plan as reckoned</source>
      <translation>Den Plan nehmen, wie veranschlagt</translation>
    </message>
    <message>
      <source>Tasks</source>
      <translation>Aufgaben</translation>
    </message>
    <message>
      <source>Stages from the plan itself: tick, move, split, merge, leave out, add</source>
      <translation>Stufen aus dem Plan selbst: abhaken, verschieben, teilen, vereinen, weglassen, hinzufügen</translation>
    </message>
    <message>
      <source>Tasks in the order of painting</source>
      <translation>Aufgaben in der Reihenfolge des Malens</translation>
    </message>
    <message>
      <source>Move a task</source>
      <translation>Eine Aufgabe verschieben</translation>
    </message>
    <message>
      <source>%1 – %2</source>
      <translation>%1 – %2</translation>
    </message>
    <message>
      <source>%1
%2 cm², %3 to %4 h%5</source>
      <translation>%1
%2 cm², %3 bis %4 h%5</translation>
    </message>
    <message>
      <source>, paint over after %1 h</source>
      <translation>, überzumalen nach %1 h</translation>
    </message>
    <message numerus="yes">
      <source>%n tasks; select one in the list.</source>
      <translation>
        <numerusform>%n Aufgabe; wähle sie in der Liste.</numerusform>
        <numerusform>%n Aufgaben; wähle eine in der Liste.</numerusform>
      </translation>
    </message>
    <message>
      <source>%1: %2 cm², %3 h (%4 to %5 h)%6. %7</source>
      <translation>%1: %2 cm², %3 h (%4 bis %5 h)%6. %7</translation>
    </message>
    <message>
      <source>, learned from %1 of your own</source>
      <translation>, gelernt aus %1 eigenen</translation>
    </message>
    <message>
      <source>, usual rates</source>
      <translation>, übliches Tempo</translation>
    </message>
    <message>
      <source>“%1” has had %2 h, more than was reckoned for it; “%3”, which is to be read before it, %4 h.</source>
      <translation>„%1“ hat %2 h bekommen, mehr als dafür veranschlagt; „%3“, das vorher gelesen werden soll, %4 h.</translation>
    </message>
    <message>
      <source>Analysis</source>
      <translation>Analyse</translation>
    </message>
    <message>
      <source>Takes the picture apart to learn from it: its parts, lines, values and glances</source>
      <translation>Zerlegt das Bild, um daraus zu lernen: seine Teile, Linien, Tonwerte und Blicke</translation>
    </message>
    <message>
      <source>Analyse picture</source>
      <translation>Bild analysieren</translation>
    </message>
    <message>
      <source>Finds what hangs together by colour, ranks it, and looks for lines. A second or two</source>
      <translation>Findet, was farblich zusammenhängt, ordnet es und sucht nach Linien. Ein, zwei Sekunden</translation>
    </message>
    <message>
      <source>Into how many parts it is taken, 2 to 60</source>
      <translation>In wie viele Teile es zerlegt wird, 2 bis 60</translation>
    </message>
    <message>
      <source>Study sheet…</source>
      <translation>Studienbogen…</translation>
    </message>
    <message>
      <source>One page to hang beside the easel, as a PDF</source>
      <translation>Eine Seite für neben die Staffelei, als PDF</translation>
    </message>
    <message>
      <source>Name it</source>
      <translation>Benennen</translation>
    </message>
    <message>
      <source>What is it?</source>
      <translation>Was ist es?</translation>
    </message>
    <message>
      <source>Save the study sheet</source>
      <translation>Den Studienbogen sichern</translation>
    </message>
    <message>
      <source>study.pdf</source>
      <translation>studie.pdf</translation>
    </message>
    <message>
      <source>Study: %1</source>
      <translation>Studie: %1</translation>
    </message>
    <message>
      <source>The study sheet is saved as %1.</source>
      <translation>Der Studienbogen ist als %1 gesichert.</translation>
    </message>
    <message>
      <source>Finding what hangs together…</source>
      <translation>Es wird gefunden, was zusammenhängt…</translation>
    </message>
    <message>
      <source>Works on any picture: a work of its own is made of one by “Take it apart” on the wall of Gather.</source>
      <translation>Wirkt auf jedes Bild: an der Wand des Sammelns macht „Studieren“ ein eigenes Werk daraus.</translation>
    </message>
    <message>
      <source>Click a part to name it.</source>
      <translation>Klicke einen Teil an, um ihn zu benennen.</translation>
    </message>
    <message>
      <source>Plan an edge</source>
      <translation>Eine Kante planen</translation>
    </message>
    <message>
      <source>lost</source>
      <translation>verloren</translation>
    </message>
    <message>
      <source>soft</source>
      <translation>weich</translation>
    </message>
    <message>
      <source>firm</source>
      <translation>fest</translation>
    </message>
    <message>
      <source>hard</source>
      <translation>hart</translation>
    </message>
    <message>
      <source>dark line</source>
      <translation>dunkle Linie</translation>
    </message>
    <message>
      <source>light line</source>
      <translation>helle Linie</translation>
    </message>
    <message>
      <source>%1: %2 %, %3 mm</source>
      <translation>%1: %2 %, %3 mm</translation>
    </message>
    <message>
      <source>Edges</source>
      <translation>Kanten</translation>
    </message>
    <message>
      <source>How edges are planned, lost, soft, firm or hard, and how they are now</source>
      <translation>Wie Kanten geplant sind, verloren, weich, fest oder hart, und wie sie jetzt sind</translation>
    </message>
    <message>
      <source>meant to be</source>
      <translation>gemeint als</translation>
    </message>
    <message>
      <source>What is set where you press on a contour; drag away from it for a longer stretch</source>
      <translation>Was gesetzt wird, wo du auf eine Kontur drückst; für ein längeres Stück davon wegziehen</translation>
    </message>
    <message>
      <source>with a dark line</source>
      <translation>mit dunkler Linie</translation>
    </message>
    <message>
      <source>with a light line</source>
      <translation>mit heller Linie</translation>
    </message>
    <message>
      <source>Whole edge</source>
      <translation>Ganze Kante</translation>
    </message>
    <message>
      <source>The same all round the selected element</source>
      <translation>Dasselbe rings um das gewählte Ding</translation>
    </message>
    <message>
      <source>Plan its edges</source>
      <translation>Seine Kanten planen</translation>
    </message>
    <message>
      <source>Removes the wish set last on the selected element</source>
      <translation>Entfernt den zuletzt gesetzten Wunsch am gewählten Ding</translation>
    </message>
    <message>
      <source>Take an edge back</source>
      <translation>Eine Kante zurücknehmen</translation>
    </message>
    <message>
      <source>Remove all</source>
      <translation>Alle entfernen</translation>
    </message>
    <message>
      <source>Removes all wishes for the selected element</source>
      <translation>Entfernt alle Wünsche für das gewählte Ding</translation>
    </message>
    <message>
      <source>Plan no edges</source>
      <translation>Keine Kanten planen</translation>
    </message>
    <message>
      <source>Click a thing, then press on its contour where an edge should be lost, soft, firm or hard.</source>
      <translation>Klicke ein Ding an, dann drücke auf seine Kontur, wo eine Kante verloren, weich, fest oder hart sein soll.</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt;: %2 % lost, %3 % soft, %4 % firm, of it %5 % hard; ΔE %6, %7 L*, grain %8 L*, %9 mm wide in the median.</source>
      <translation>&lt;b&gt;%1&lt;/b&gt;: %2 % verloren, %3 % weich, %4 % fest, davon %5 % hart; ΔE %6, %7 L*, Korn %8 L*, im Median %9 mm breit.</translation>
    </message>
    <message>
      <source>Intended and measured order</source>
      <translation>Gemeinte und gemessene Reihenfolge</translation>
    </message>
    <message>
      <source>Left: the order you want. Right: the order measured by contrast alone. Threads that cross are the trouble.
By contrast only: it knows neither faces nor meaning.</source>
      <translation>Links: die Reihenfolge, die du willst. Rechts: die allein nach Kontrast gemessene. Fäden, die sich kreuzen, sind die Störung.
Nur nach Kontrast: er kennt weder Gesichter noch Bedeutung.</translation>
    </message>
    <message>
      <source>intended</source>
      <translation>gemeint</translation>
    </message>
    <message>
      <source>measured</source>
      <translation>gemessen</translation>
    </message>
    <message>
      <source>Value steps</source>
      <translation>Tonstufen</translation>
    </message>
    <message>
      <source>The picture's values, each as wide as its share of the canvas (0 black, 100 white). Drag a bead to set where a step ends.</source>
      <translation>Die Helligkeiten des Bildes, jede so breit wie ihr Anteil (0 Schwarz, 100 Weiß). Zieh eine Perle, um eine Stufe zu begrenzen.</translation>
    </message>
    <message>
      <source>Reading order</source>
      <translation>Lesefolge</translation>
    </message>
    <message>
      <source>The smallest changes of light, place and tone that make the measured order the intended one</source>
      <translation>Die kleinsten Änderungen an Licht, Ort und Ton, die die gemessene Folge zur gemeinten machen</translation>
    </message>
    <message>
      <source>Find smallest change</source>
      <translation>Kleinste Änderung suchen</translation>
    </message>
    <message>
      <source>First what light can do, then size and place, then tone, within what a painter would accept. Takes some seconds; nothing is changed by it</source>
      <translation>Erst was Licht kann, dann Größe und Ort, dann Ton, in Grenzen, die ein Maler hinnähme. Dauert einige Sekunden; nichts wird dadurch geändert</translation>
    </message>
    <message>
      <source>Cancels the search</source>
      <translation>Bricht die Suche ab</translation>
    </message>
    <message>
      <source>The board shows how it is and how it would be; nothing is changed</source>
      <translation>Die Bildtafel zeigt, wie es ist und wie es wäre; nichts wird geändert</translation>
    </message>
    <message>
      <source>Apply changes</source>
      <translation>Änderungen anwenden</translation>
    </message>
    <message>
      <source>Applies what is switched on, as one step; Ctrl+Z undoes it</source>
      <translation>Wendet das Eingeschaltete als einen Schritt an; Strg+Z macht es rückgängig</translation>
    </message>
    <message>
      <source>Off: this one is left out</source>
      <translation>Aus: dies bleibt weg</translation>
    </message>
    <message>
      <source>put in order</source>
      <translation>in Ordnung gebracht</translation>
    </message>
    <message>
      <source>Trying lights, places and tones…</source>
      <translation>Lichter, Orte und Töne werden versucht…</translation>
    </message>
    <message>
      <source>The intended order is that of the cast in the Brief. What is found can be seen first, and switched off one by one.</source>
      <translation>Die gemeinte Reihenfolge ist die der Besetzung im Auftrag. Was gefunden wird, lässt sich erst ansehen und einzeln abschalten.</translation>
    </message>
    <message>
      <source>It is in order already: nothing needs to change.</source>
      <translation>Es ist schon in Ordnung: nichts muss sich ändern.</translation>
    </message>
    <message>
      <source>It is in order already, but only just (%1 to 1); nothing is changed for that.</source>
      <translation>Es ist schon in Ordnung, doch nur knapp (%1 zu 1); dafür wird nichts geändert.</translation>
    </message>
    <message>
      <source>With these it is in order; the closest pair stands %1 to 1. By contrast alone: it does not know faces or meaning.</source>
      <translation>Damit ist es in Ordnung; das knappste Paar steht %1 zu 1. Allein nach Kontrast: er kennt weder Gesichter noch Bedeutung.</translation>
    </message>
    <message>
      <source>It cannot be had within what a painter would accept (12 L*, contrast and saturation 0.6 to 1.6 times). Against it: %1.%2</source>
      <translation>Es ist nicht zu haben in Grenzen, die ein Maler hinnähme (12 L*, Kontrast und Sättigung 0,6- bis 1,6-fach). Dagegen steht: %1.%2</translation>
    </message>
    <message>
      <source> Nearest would come: %1.</source>
      <translation> Am nächsten käme: %1.</translation>
    </message>
    <message>
      <source>a face</source>
      <translation>ein Gesicht</translation>
    </message>
    <message>
      <source>Attention</source>
      <translation>Aufmerksamkeit</translation>
    </message>
    <message>
      <source>How much attention each element draws and why; strong places of the backdrop; what leads out of the picture</source>
      <translation>Wie viel Aufmerksamkeit jedes Ding zieht und warum; starke Stellen des Hintergrunds; was aus dem Bild führt</translation>
    </message>
    <message>
      <source>extra weight (meaning)</source>
      <translation>Zusatzgewicht (Bedeutung)</translation>
    </message>
    <message>
      <source>A face, a word, a hand: how many times more it is looked at than its contrast alone. Shown beside the measured part.</source>
      <translation>Ein Gesicht, ein Wort, eine Hand: wievielmal mehr es angesehen wird als nach seinem Kontrast. Steht neben dem Gemessenen.</translation>
    </message>
    <message>
      <source>Set its extra weight</source>
      <translation>Zusatzgewicht setzen</translation>
    </message>
    <message>
      <source>place of the backdrop</source>
      <translation>Stelle des Hintergrunds</translation>
    </message>
    <message>
      <source>Places of the backdrop that draw as a thing would</source>
      <translation>Stellen des Hintergrunds, die wie ein Ding ziehen</translation>
    </message>
    <message>
      <source>%1 %, %2 cm from the left</source>
      <translation>%1 %, %2 cm von links</translation>
    </message>
    <message>
      <source>which shows</source>
      <translation>die zeigt</translation>
    </message>
    <message>
      <source>The place of the backdrop shows one of the cast: what it draws counts for that one</source>
      <translation>Die Stelle des Hintergrunds zeigt einen aus der Besetzung: was sie zieht, zählt für den</translation>
    </message>
    <message>
      <source>Name the place</source>
      <translation>Stelle benennen</translation>
    </message>
    <message>
      <source>keep quiet</source>
      <translation>soll zurücktreten</translation>
    </message>
    <message>
      <source>The selected element must draw less attention than any subject; unmarked, only elements that are no subject must</source>
      <translation>Das gewählte Ding muss weniger auffallen als jeder Bildgegenstand; ohne Vermerk gilt das nur für Dinge, die keiner sind</translation>
    </message>
    <message>
      <source>Let it stay quiet</source>
      <translation>Es still sein lassen</translation>
    </message>
    <message>
      <source>It may speak</source>
      <translation>Es darf sprechen</translation>
    </message>
    <message>
      <source>Make it an element</source>
      <translation>Zum Ding machen</translation>
    </message>
    <message>
      <source>Makes the place an element of its own, where it is: it can then be moved, toned, or shown as one of the cast</source>
      <translation>Macht die Stelle zu einem eigenen Ding, wo sie ist: dann lässt sie sich bewegen, tönen oder als einer aus der Besetzung zeigen</translation>
    </message>
    <message>
      <source>Darkens the whole backdrop a little (4 of 100)</source>
      <translation>Dunkelt das ganze Hintergrundbild etwas ab (4 von 100)</translation>
    </message>
    <message>
      <source>Cut a place free</source>
      <translation>Eine Stelle freischneiden</translation>
    </message>
    <message>
      <source>No face seen from the front is found.</source>
      <translation>Kein Gesicht von vorn ist gefunden.</translation>
    </message>
    <message>
      <source>Faces cannot be looked for here; mark them by hand.</source>
      <translation>Gesichter lassen sich hier nicht suchen; zeige sie von Hand.</translation>
    </message>
    <message numerus="yes">
      <source>%n faces found.</source>
      <translation>
        <numerusform>%n Gesicht gefunden.</numerusform>
        <numerusform>%n Gesichter gefunden.</numerusform>
      </translation>
    </message>
    <message>
      <source>By contrast: &lt;b&gt;%1&lt;/b&gt;. Strongest step of value: %2; of colour: %3; sharpest edges: %4. %5</source>
      <translation>Nach Kontrast: &lt;b&gt;%1&lt;/b&gt;. Stärkster Tonsprung: %2; Farbsprung: %3; schärfste Kanten: %4. %5</translation>
    </message>
    <message>
      <source>as the others</source>
      <translation>wie die anderen</translation>
    </message>
    <message>
      <source>Pull of each thing and its reasons</source>
      <translation>Zug jedes Dings und seine Gründe</translation>
    </message>
    <message>
      <source>How much of the measured pull each thing has, and what lifts or damps it against the median of the others. A hollow end of a bar: with what it means taken in.</source>
      <translation>Wie viel vom gemessenen Zug jedes Ding hat, und was ihn gegen den Median der anderen hebt oder dämpft. Ein hohles Balkenende: mit dem, was es bedeutet.</translation>
    </message>
    <message>
      <source>Read</source>
      <translation>Lesbarkeit</translation>
    </message>
    <message>
      <source>Other ways to see it fresh: without colour, turned over, small, or one quality alone</source>
      <translation>Andere Weisen, es frisch zu sehen: ohne Farbe, umgedreht, klein, oder eine Eigenschaft allein</translation>
    </message>
    <message>
      <source>more looks…</source>
      <translation>mehr Blicke…</translation>
    </message>
    <message>
      <source>without colour</source>
      <translation>ohne Farbe</translation>
    </message>
    <message>
      <source>warm and cool</source>
      <translation>warm und kühl</translation>
    </message>
    <message>
      <source>saturation</source>
      <translation>Sättigung</translation>
    </message>
    <message>
      <source>mirrored</source>
      <translation>gespiegelt</translation>
    </message>
    <message>
      <source>upside down</source>
      <translation>auf dem Kopf</translation>
    </message>
    <message>
      <source>across the room</source>
      <translation>quer durchs Zimmer</translation>
    </message>
    <message>
      <source>From how far it is squinted at, or seen across the room</source>
      <translation>Aus welcher Entfernung geblinzelt oder durchs Zimmer gesehen wird</translation>
    </message>
    <message>
      <source> m away</source>
      <translation> m weg</translation>
    </message>
    <message>
      <source>In how many values the picture is read, 2 to 9.</source>
      <translation>In wie vielen Tönen das Bild gelesen wird, 2 bis 9.</translation>
    </message>
    <message>
      <source> values</source>
      <translation> Töne</translation>
    </message>
    <message>
      <source>Let the steps be found</source>
      <translation>Stufen finden lassen</translation>
    </message>
    <message>
      <source>Find value steps</source>
      <translation>Helligkeitsstufen suchen</translation>
    </message>
    <message>
      <source>Lets the program place the steps again, instead of your beads</source>
      <translation>Lässt das Programm die Stufen wieder setzen, statt deiner Perlen</translation>
    </message>
    <message>
      <source>Report…</source>
      <translation>Bericht…</translation>
    </message>
    <message>
      <source>The findings of all stations as a PDF with pictures, a page a station</source>
      <translation>Die Befunde aller Stationen als PDF mit Bildern, eine Seite je Station</translation>
    </message>
    <message>
      <source>The key that is meant: how light the whole is, and how far its values lie apart. The findings hold the picture against it.</source>
      <translation>Die gemeinte Tonart: wie hell das Ganze ist, und wie weit seine Töne auseinanderliegen. Die Befunde halten das Bild dagegen.</translation>
    </message>
    <message>
      <source>no key chosen</source>
      <translation>keine Tonart gewählt</translation>
    </message>
    <message>
      <source>low</source>
      <translation>niedrig</translation>
    </message>
    <message>
      <source>%1 key, %2</source>
      <translation>%1 Tonart, %2</translation>
    </message>
    <message>
      <source>major</source>
      <translation>weit</translation>
    </message>
    <message>
      <source>minor</source>
      <translation>eng</translation>
    </message>
    <message>
      <source>Choose the key</source>
      <translation>Die Tonart wählen</translation>
    </message>
    <message>
      <source>Place a value step</source>
      <translation>Eine Tonstufe setzen</translation>
    </message>
    <message>
      <source>The picture is still being read; try again in a moment.</source>
      <translation>Das Bild wird noch gelesen; versuche es gleich noch einmal.</translation>
    </message>
    <message>
      <source>Save the report</source>
      <translation>Den Bericht sichern</translation>
    </message>
    <message>
      <source>report.pdf</source>
      <translation>bericht.pdf</translation>
    </message>
    <message>
      <source>The report is saved as %1.</source>
      <translation>Der Bericht ist als %1 gesichert.</translation>
    </message>
    <message>
      <source>Values</source>
      <translation>Tonwerte</translation>
    </message>
    <message>
      <source>Silhouettes</source>
      <translation>Silhouetten</translation>
    </message>
    <message>
      <source>Squint</source>
      <translation>Blinzeln</translation>
    </message>
    <message>
      <source>Plain</source>
      <translation>Schlicht</translation>
    </message>
    <message>
      <source>Marks where contours are lost (thick), soft (dots) or firm</source>
      <translation>Markiert, wo Konturen verloren (dick), weich (Punkte) oder fest sind</translation>
    </message>
    <message>
      <source>The picture in few values, as you would block it in</source>
      <translation>Das Bild in wenigen Tönen, wie man es anlegen würde</translation>
    </message>
    <message>
      <source>Every element filled flat: can each be recognised by its shape?</source>
      <translation>Jedes Ding flach gefüllt: ist jedes an seiner Form zu erkennen?</translation>
    </message>
    <message>
      <source>As with half-closed eyes: what still reads?</source>
      <translation>Wie mit halb geschlossenen Augen: was liest sich noch?</translation>
    </message>
    <message>
      <source>The lit picture by itself</source>
      <translation>Das beleuchtete Bild für sich</translation>
    </message>
    <message>
      <source>Overview</source>
      <translation>Überblick</translation>
    </message>
    <message>
      <source>What a viewer will see, in which order</source>
      <translation>Was ein Betrachter sehen wird, in welcher Reihenfolge</translation>
    </message>
    <message>
      <source>silhouettes</source>
      <translation>Silhouetten</translation>
    </message>
    <message>
      <source>squinted</source>
      <translation>geblinzelt</translation>
    </message>
    <message>
      <source>3 cm wide</source>
      <translation>3 cm breit</translation>
    </message>
    <message>
      <source>far</source>
      <translation>fern</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1 key, %2&lt;/b&gt;: darkest, middle, lightest %3</source>
      <translation>&lt;b&gt;%1 Tonart, %2&lt;/b&gt;: Dunkelstes, Mitte, Hellstes %3</translation>
    </message>
    <message>
      <source>; under L* 12: %1 %, over 95: %2 % of the canvas.</source>
      <translation>; unter L* 12: %1 %, über 95: %2 % der Leinwand.</translation>
    </message>
    <message>
      <source> (%1 % hidden)</source>
      <translation> (%1 % verdeckt)</translation>
    </message>
    <message>
      <source>As small as a thumb, 1 reads best, under 0.3 is lost: %1. Skyline: %2 peaks, heights vary by %3 %.</source>
      <translation>So klein wie ein Daumen, 1 liest sich am besten, unter 0,3 ist es verloren: %1. Horizontlinie: %2 Gipfel, ihre Höhen streuen um %3 %.</translation>
    </message>
    <message>
      <source>%1 (%2)</source>
      <translation>%1 (%2)</translation>
    </message>
    <message>
      <source>answered</source>
      <translation>beantwortet</translation>
    </message>
    <message>
      <source>answered nowhere</source>
      <translation>nirgends beantwortet</translation>
    </message>
    <message>
      <source>Colour: %1; %2 % warm, %3 % cool, %4 % grey; mean C* %5.%6</source>
      <translation>Farbe: %1; %2 % warm, %3 % kühl, %4 % grau; mittleres C* %5.%6</translation>
    </message>
    <message>
      <source> Accents: %1.</source>
      <translation> Akzente: %1.</translation>
    </message>
    <message>
      <source>Nothing stands in the scene yet, so there is nothing to read.</source>
      <translation>Noch steht nichts in der Szene, also gibt es nichts zu lesen.</translation>
    </message>
    <message>
      <source>The eye goes first to &lt;b&gt;%1&lt;/b&gt;, mostly because of %2 (judged by contrast only).</source>
      <translation>Das Auge geht zuerst zu &lt;b&gt;%1&lt;/b&gt;, vor allem wegen: %2 (nur nach Kontrast beurteilt).</translation>
    </message>
    <message>
      <source>Each thing alone as small as a thumb</source>
      <translation>Jedes Ding allein, so klein wie ein Daumen</translation>
    </message>
    <message>
      <source>Each element alone, black, at thumbnail size. The figure: how much of its shape is left, 100 % for all of it; its spikes and notches, at full size and left.</source>
      <translation>Jedes Ding allein, schwarz, in Daumennagelgröße. Die Zahl: wie viel von seiner Form bleibt, 100 % für alles; Spitzen und Kerben, in voller Größe und übrig.</translation>
    </message>
    <message>
      <source>%1 % · %2 of %3</source>
      <translation>%1 % · %2 von %3</translation>
    </message>
    <message>
      <source>What if</source>
      <translation>Was wäre, wenn</translation>
    </message>
    <message>
      <source>Lights lighter, darks darker, more or less colour: tried on the picture, kept as a take or not</source>
      <translation>Lichter heller, Dunkles dunkler, mehr oder weniger Farbe: am Bild versucht, als Fassung behalten oder nicht</translation>
    </message>
    <message>
      <source>only selected element</source>
      <translation>nur gewähltes Ding</translation>
    </message>
    <message>
      <source>The adjustment applies to the selected element alone</source>
      <translation>Die Änderung gilt nur für das gewählte Ding</translation>
    </message>
    <message>
      <source>Lightens what is lighter than the middle (value, 0 to 100)</source>
      <translation>Hellt auf, was heller ist als die Mitte (Helligkeit, 0 bis 100)</translation>
    </message>
    <message>
      <source>darks</source>
      <translation>Dunkel</translation>
    </message>
    <message>
      <source>Lightens what is darker than the middle; below 0 darkens it</source>
      <translation>Hellt auf, was dunkler ist als die Mitte; unter 0 dunkelt ab</translation>
    </message>
    <message>
      <source>everything</source>
      <translation>alles</translation>
    </message>
    <message>
      <source>Lightens everything; below 0 darkens it</source>
      <translation>Hellt alles auf; unter 0 dunkelt ab</translation>
    </message>
    <message>
      <source>Multiplies colour strength; 1 leaves it as it is</source>
      <translation>Vervielfacht die Buntheit; 1 lässt sie, wie sie ist</translation>
    </message>
    <message>
      <source>warmth</source>
      <translation>Wärme</translation>
    </message>
    <message>
      <source>Warmer above 0, cooler below</source>
      <translation>Wärmer über 0, kühler darunter</translation>
    </message>
    <message>
      <source>Keep as a take</source>
      <translation>Als Fassung behalten</translation>
    </message>
    <message>
      <source>Another take with these tones; the present one stays</source>
      <translation>Noch eine Fassung mit diesen Tönen; die jetzige bleibt</translation>
    </message>
    <message>
      <source>Apply to this take</source>
      <translation>Auf diese Fassung anwenden</translation>
    </message>
    <message>
      <source>Changes the tones of this take, as one step</source>
      <translation>Ändert die Töne dieser Fassung, als ein Schritt</translation>
    </message>
    <message>
      <source>Discard</source>
      <translation>Verwerfen</translation>
    </message>
    <message>
      <source>Back to the picture as it is</source>
      <translation>Zurück zum Bild, wie es ist</translation>
    </message>
    <message>
      <source>Looking…</source>
      <translation>Wird betrachtet…</translation>
    </message>
    <message>
      <source>Change a number: the board shows it, and the figures stand here.</source>
      <translation>Ändere eine Zahl: die Bildtafel zeigt es, und die Werte stehen hier.</translation>
    </message>
    <message>
      <source>darkest</source>
      <translation>Dunkelstes</translation>
    </message>
    <message>
      <source>lightest</source>
      <translation>Hellstes</translation>
    </message>
    <message>
      <source>key</source>
      <translation>Tonart</translation>
    </message>
    <message>
      <source>what if</source>
      <translation>was wäre, wenn</translation>
    </message>
    <message>
      <source>An adjustment of the whole picture, or of the selected element; nothing changes until you keep it.</source>
      <translation>Eine Änderung des ganzen Bildes oder des gewählten Dings; nichts ändert sich, bis du sie behältst.</translation>
    </message>
    <message>
      <source>The order of reading stays: &lt;b&gt;%1&lt;/b&gt;.</source>
      <translation>Die Lesefolge bleibt: &lt;b&gt;%1&lt;/b&gt;.</translation>
    </message>
    <message>
      <source>The order of reading becomes &lt;b&gt;%1&lt;/b&gt;.</source>
      <translation>Die Lesefolge wird &lt;b&gt;%1&lt;/b&gt;.</translation>
    </message>
    <message>
      <source>Which of its feet is meant. They are numbered on the picture, from the left of its photograph</source>
      <translation>Welcher seiner Füße gemeint ist. Im Bild nummeriert, von links in seinem Foto</translation>
    </message>
    <message>
      <source>foot %1 of %2</source>
      <translation>Fuß %1 von %2</translation>
    </message>
    <message>
      <source>, as you set it</source>
      <translation>, wie von dir gesetzt</translation>
    </message>
    <message>
      <source>, as seen</source>
      <translation>, wie gesehen</translation>
    </message>
    <message>
      <source>How far behind its lowest foot this one stands; its shadow starts there. Measured in the picture until you set it.</source>
      <translation>Wie weit hinter seinem untersten Fuß dieser steht; dort beginnt sein Schatten. Im Bild gemessen, bis du es setzt.</translation>
    </message>
    <message>
      <source> m back</source>
      <translation> m dahinter</translation>
    </message>
    <message>
      <source>Set its foot down</source>
      <translation>Seinen Fuß aufsetzen</translation>
    </message>
    <message>
      <source>This foot is lifted and touches no ground</source>
      <translation>Dieser Fuß ist gehoben und berührt keinen Boden</translation>
    </message>
    <message>
      <source>Lift its foot</source>
      <translation>Seinen Fuß heben</translation>
    </message>
    <message>
      <source>Put its foot down</source>
      <translation>Seinen Fuß absetzen</translation>
    </message>
    <message>
      <source>Reset foot</source>
      <translation>Fuß zurücksetzen</translation>
    </message>
    <message>
      <source>Lets this foot stand where it is seen again</source>
      <translation>Lässt diesen Fuß wieder stehen, wo er gesehen wird</translation>
    </message>
    <message>
      <source>Let the foot stand where it is seen</source>
      <translation>Den Fuß stehen lassen, wo er gesehen wird</translation>
    </message>
    <message>
      <source>Guides</source>
      <translation>Hilfslinien</translation>
    </message>
    <message>
      <source>Lines to compose by, each explained and measured</source>
      <translation>Linien zum Komponieren, jede erklärt und gemessen</translation>
    </message>
    <message>
      <source>Show %1</source>
      <translation>%1 zeigen</translation>
    </message>
    <message>
      <source>Hide %1</source>
      <translation>%1 verbergen</translation>
    </message>
    <message>
      <source>Turn the spiral</source>
      <translation>Die Spirale drehen</translation>
    </message>
    <message>
      <source>The next of its four turns</source>
      <translation>Die nächste ihrer vier Lagen</translation>
    </message>
    <message>
      <source>Pyramid's corners</source>
      <translation>Ecken der Pyramide</translation>
    </message>
    <message>
      <source>Click its three corners on the board</source>
      <translation>Ihre drei Ecken auf der Bildtafel anklicken</translation>
    </message>
    <message>
      <source>Meeting point</source>
      <translation>Treffpunkt</translation>
    </message>
    <message>
      <source>Click where the converging lines meet</source>
      <translation>Anklicken, wo die zusammenlaufenden Linien sich treffen</translation>
    </message>
    <message>
      <source>rings</source>
      <translation>Ringe</translation>
    </message>
    <message>
      <source>How many rings.</source>
      <translation>Wie viele Ringe.</translation>
    </message>
    <message>
      <source>Set the number of rings</source>
      <translation>Die Zahl der Ringe einstellen</translation>
    </message>
    <message>
      <source>Click the three corners of the pyramid.</source>
      <translation>Klicke die drei Ecken der Pyramide an.</translation>
    </message>
    <message>
      <source>Choose the pyramid's corners</source>
      <translation>Die Ecken der Pyramide wählen</translation>
    </message>
    <message>
      <source>Click where the lines meet; it may be on the horizon.</source>
      <translation>Klicke an, wo die Linien sich treffen; es darf auf dem Horizont sein.</translation>
    </message>
    <message>
      <source>Choose the meeting point</source>
      <translation>Den Treffpunkt wählen</translation>
    </message>
    <message>
      <source>All off. Hold the pointer over one to read what it is for.</source>
      <translation>Alle aus. Zeige auf eine, um zu lesen, wofür sie gut ist.</translation>
    </message>
    <message>
      <source>%1 (%2 % off)</source>
      <translation>%1 (%2 % daneben)</translation>
    </message>
    <message>
      <source>%1 Within 2 %: %2</source>
      <translation>%1 Innerhalb 2 %: %2</translation>
    </message>
    <message>
      <source>Selected</source>
      <translation>Auswahl</translation>
    </message>
    <message>
      <source>Where the selected element stands, how tall it truly is and how tall on the canvas</source>
      <translation>Wo das gewählte Ding steht, wie groß es wirklich und auf der Leinwand ist</translation>
    </message>
    <message>
      <source>true height</source>
      <translation>wahre Höhe</translation>
    </message>
    <message>
      <source>True height. The size on the canvas follows from it and from where it stands.</source>
      <translation>Wahre Höhe. Die Größe auf der Leinwand folgt aus ihr und aus dem Ort.</translation>
    </message>
    <message>
      <source>on the canvas</source>
      <translation>auf der Leinwand</translation>
    </message>
    <message>
      <source>Height on the canvas. The true height follows from it and from where it stands.</source>
      <translation>Höhe auf der Leinwand. Die wahre Höhe folgt aus ihr und aus dem Ort.</translation>
    </message>
    <message>
      <source>Give it its height on the canvas</source>
      <translation>Ihm seine Höhe auf der Leinwand geben</translation>
    </message>
    <message>
      <source>usually</source>
      <translation>üblich</translation>
    </message>
    <message>
      <source>Its usual height. Choosing one sets that height; you are warned if the size looks wrong</source>
      <translation>Seine übliche Höhe. Die Wahl setzt sie; du wirst gewarnt, wenn die Größe falsch wirkt</translation>
    </message>
    <message>
      <source>not set</source>
      <translation>nicht gesetzt</translation>
    </message>
    <message>
      <source>%1 · %2 m</source>
      <translation>%1 · %2 m</translation>
    </message>
    <message>
      <source>Clear its usual height</source>
      <translation>Übliche Höhe löschen</translation>
    </message>
    <message>
      <source>Give it a usual height</source>
      <translation>Ihm eine übliche Höhe geben</translation>
    </message>
    <message>
      <source>Keep as…</source>
      <translation>Behalten als…</translation>
    </message>
    <message>
      <source>Adds this height to the list of usual ones under a name, or changes the one of that name</source>
      <translation>Nimmt diese Höhe unter einem Namen zu den üblichen, oder ändert die dieses Namens</translation>
    </message>
    <message>
      <source>above ground</source>
      <translation>über dem Boden</translation>
    </message>
    <message>
      <source>How far above the ground it hangs or flies. Less than nothing sinks it into water or snow.</source>
      <translation>Wie hoch über dem Boden es hängt oder fliegt. Unter null sinkt es in Wasser oder Schnee.</translation>
    </message>
    <message>
      <source>foot, from left</source>
      <translation>Fuß, von links</translation>
    </message>
    <message>
      <source>Where its foot stands across the canvas, from the left.</source>
      <translation>Wo sein Fuß quer auf der Leinwand steht, von links.</translation>
    </message>
    <message>
      <source>foot, from top</source>
      <translation>Fuß, von oben</translation>
    </message>
    <message>
      <source>Where its foot stands down the canvas. Lower is nearer, and larger.</source>
      <translation>Wo sein Fuß auf der Leinwand von oben steht. Tiefer ist näher, und größer.</translation>
    </message>
    <message>
      <source>Find foot</source>
      <translation>Fuß suchen</translation>
    </message>
    <message>
      <source>Where it touches the ground is found in its outline again, in place of where you set it</source>
      <translation>Wo es den Boden berührt, wird wieder in seinem Umriss gefunden, statt wo du es gesetzt hast</translation>
    </message>
    <message>
      <source>shows</source>
      <translation>zeigt</translation>
    </message>
    <message>
      <source>Which member of the cast it shows, for the order of reading</source>
      <translation>Welches Mitglied der Besetzung es zeigt, für die Lesefolge</translation>
    </message>
    <message>
      <source>nobody in the cast</source>
      <translation>niemand aus der Besetzung</translation>
    </message>
    <message>
      <source>Set whom it shows</source>
      <translation>Setzen, wen es zeigt</translation>
    </message>
    <message>
      <source>the viewer</source>
      <translation>zum Betrachter</translation>
    </message>
    <message>
      <source>looks</source>
      <translation>blickt</translation>
    </message>
    <message>
      <source>Where it looks or goes, for the room before it</source>
      <translation>Wohin es blickt oder geht, für den Raum davor</translation>
    </message>
    <message>
      <source>Set where it looks</source>
      <translation>Blickrichtung setzen</translation>
    </message>
    <message>
      <source>Mirror</source>
      <translation>Spiegeln</translation>
    </message>
    <message>
      <source>Turns it left to right; its own light turns with it (M)</source>
      <translation>Dreht es links nach rechts; sein eigenes Licht dreht mit (M)</translation>
    </message>
    <message>
      <source>Mirror it</source>
      <translation>Spiegeln</translation>
    </message>
    <message>
      <source>Duplicate</source>
      <translation>Verdoppeln</translation>
    </message>
    <message>
      <source>Another of it beside it</source>
      <translation>Noch eines davon daneben</translation>
    </message>
    <message>
      <source>Removes it from the scene; its cut-out stays (Del)</source>
      <translation>Entfernt es aus der Szene; sein Ausschnitt bleibt (Entf)</translation>
    </message>
    <message>
      <source>Take it away</source>
      <translation>Es wegnehmen</translation>
    </message>
    <message>
      <source>locked</source>
      <translation>gesperrt</translation>
    </message>
    <message>
      <source>Stays where it is until you unlock it</source>
      <translation>Bleibt, wo es ist, bis du es entsperrst</translation>
    </message>
    <message>
      <source>Lock it in its place</source>
      <translation>An seinem Platz sperren</translation>
    </message>
    <message>
      <source>Unlock it</source>
      <translation>Entsperren</translation>
    </message>
    <message>
      <source>Double it</source>
      <translation>Es verdoppeln</translation>
    </message>
    <message>
      <source>Usual heights</source>
      <translation>Übliche Höhen</translation>
    </message>
    <message>
      <source>Keep %1 m as the usual height of…
(the name of a known one changes it)</source>
      <translation>%1 m als übliche Höhe behalten von…
(der Name einer bekannten ändert sie)</translation>
    </message>
    <message>
      <source>Keep a usual height</source>
      <translation>Eine übliche Höhe behalten</translation>
    </message>
    <message>
      <source>Scatter</source>
      <translation>Streuen</translation>
    </message>
    <message>
      <source>Many of one kind without a copy among them, and patterns laid over a surface</source>
      <translation>Viele einer Art, ohne eine Kopie darunter, und Muster über eine Oberfläche gelegt</translation>
    </message>
    <message>
      <source>copies</source>
      <translation>Kopien</translation>
    </message>
    <message>
      <source>How many copies to add.</source>
      <translation>Wie viele Kopien dazukommen.</translation>
    </message>
    <message>
      <source>spread</source>
      <translation>verteilt</translation>
    </message>
    <message>
      <source>How the copies are spread over the ground</source>
      <translation>Wie die Kopien über den Boden verteilt sind</translation>
    </message>
    <message>
      <source>along a line</source>
      <translation>entlang einer Linie</translation>
    </message>
    <message>
      <source>over an area</source>
      <translation>über eine Fläche</translation>
    </message>
    <message>
      <source>into depth</source>
      <translation>in die Tiefe</translation>
    </message>
    <message>
      <source>Point at the place</source>
      <translation>Auf den Ort zeigen</translation>
    </message>
    <message>
      <source>Click places on the ground, in the picture or on the plan: a line, the corners of an area, or from where to where</source>
      <translation>Klicke Orte auf dem Boden an, im Bild oder im Plan: eine Linie, die Ecken einer Fläche, oder von wo bis wo</translation>
    </message>
    <message>
      <source>turned by</source>
      <translation>gedreht um</translation>
    </message>
    <message>
      <source>How far each may be turned, either way.</source>
      <translation>Wie weit jedes gedreht sein darf, in beide Richtungen.</translation>
    </message>
    <message>
      <source>size by</source>
      <translation>Größe um</translation>
    </message>
    <message>
      <source>How much taller or lower each may be.</source>
      <translation>Wie viel größer oder kleiner jedes sein darf.</translation>
    </message>
    <message>
      <source>shape by</source>
      <translation>Form um</translation>
    </message>
    <message>
      <source>How much wider, narrower or leaning each may be.</source>
      <translation>Wie viel breiter, schmaler oder schiefer jedes sein darf.</translation>
    </message>
    <message>
      <source>Adds the copies there; again scatters them differently</source>
      <translation>Fügt die Kopien dort hinzu; noch einmal streut sie anders</translation>
    </message>
    <message>
      <source>tiles</source>
      <translation>Ziegel</translation>
    </message>
    <message>
      <source>scales</source>
      <translation>Schuppen</translation>
    </message>
    <message>
      <source>stripes</source>
      <translation>Streifen</translation>
    </message>
    <message>
      <source>pattern on it</source>
      <translation>Muster darauf</translation>
    </message>
    <message>
      <source>A regular pattern that follows the relief of the selected element</source>
      <translation>Ein regelmäßiges Muster, das dem Relief des gewählten Dings folgt</translation>
    </message>
    <message>
      <source>Lay a pattern on it</source>
      <translation>Ein Muster darauflegen</translation>
    </message>
    <message>
      <source>repeat</source>
      <translation>Rapport</translation>
    </message>
    <message>
      <source>Size of one repeat in the scene.</source>
      <translation>Größe einer Wiederholung in der Szene.</translation>
    </message>
    <message>
      <source>Set the pattern's repeat</source>
      <translation>Den Rapport einstellen</translation>
    </message>
    <message>
      <source>How strongly the pattern shows.</source>
      <translation>Wie stark das Muster sich zeigt.</translation>
    </message>
    <message>
      <source>Set the pattern's strength</source>
      <translation>Die Stärke des Musters einstellen</translation>
    </message>
    <message>
      <source>Laid only where the surface, as photographed, is lighter than this.</source>
      <translation>Nur gelegt, wo die Oberfläche, wie fotografiert, heller ist als das.</translation>
    </message>
    <message>
      <source>Limit the pattern</source>
      <translation>Das Muster begrenzen</translation>
    </message>
    <message>
      <source>Laid only where the surface, as photographed, is darker than this.</source>
      <translation>Nur gelegt, wo die Oberfläche, wie fotografiert, dunkler ist als das.</translation>
    </message>
    <message>
      <source>turned</source>
      <translation>gedreht</translation>
    </message>
    <message>
      <source>Turns the pattern on the surface.</source>
      <translation>Dreht das Muster auf der Oberfläche.</translation>
    </message>
    <message>
      <source>Turn the pattern</source>
      <translation>Das Muster drehen</translation>
    </message>
    <message>
      <source>Click on the ground, in the picture or on the plan.</source>
      <translation>Klicke auf den Boden, im Bild oder im Plan.</translation>
    </message>
    <message>
      <source>There is no ground above the horizon; click below it.</source>
      <translation>Über dem Horizont ist kein Boden; klicke darunter.</translation>
    </message>
    <message>
      <source>Point at three corners of the area or more first: “Point at the place”, then click on the ground.</source>
      <translation>Zeige zuerst auf drei Ecken der Fläche oder mehr: „Auf den Ort zeigen“, dann auf den Boden klicken.</translation>
    </message>
    <message>
      <source>Point at two places or more first: “Point at the place”, then click on the ground.</source>
      <translation>Zeige zuerst auf zwei Orte oder mehr: „Auf den Ort zeigen“, dann auf den Boden klicken.</translation>
    </message>
    <message>
      <source>Scatter copies</source>
      <translation>Kopien streuen</translation>
    </message>
    <message>
      <source>Point at the place, then scatter. </source>
      <translation>Auf den Ort zeigen, dann streuen. </translation>
    </message>
    <message numerus="yes">
      <source>%n places pointed at. </source>
      <translation>
        <numerusform>%n Ort gezeigt. </numerusform>
        <numerusform>%n Orte gezeigt. </numerusform>
      </translation>
    </message>
    <message>
      <source>Measuring how alike they are…</source>
      <translation>Es wird gemessen, wie ähnlich sie sind…</translation>
    </message>
    <message>
      <source>“%1” is most like “%2”: outlines %3 % alike, heights %4 %%5</source>
      <translation>„%1“ gleicht am meisten „%2“: Umrisse %3 % gleich, Höhen %4 %%5</translation>
    </message>
    <message>
      <source>; the eye will see a copy.</source>
      <translation>; das Auge wird eine Kopie sehen.</translation>
    </message>
    <message>
      <source>; varied, not identical.</source>
      <translation>; abgewandelt, nicht gleich.</translation>
    </message>
    <message>
      <source>“%1” has no copies yet.</source>
      <translation>„%1“ hat noch keine Kopien.</translation>
    </message>
    <message>
      <source>Balance</source>
      <translation>Ausgewogenheit</translation>
    </message>
    <message>
      <source>Margins, head room, space to look into, balance and a counterweight</source>
      <translation>Ränder, Kopfraum, Blickraum, Gleichgewicht und ein Gegengewicht</translation>
    </message>
    <message>
      <source>Show in picture</source>
      <translation>Im Bild zeigen</translation>
    </message>
    <message>
      <source>Draws margins, head and gaze room, the centre of weight, and where a counterweight would steady the picture</source>
      <translation>Zeichnet Ränder, Kopf- und Blickraum, den Schwerpunkt, und wo ein Gegengewicht das Bild festigen würde</translation>
    </message>
    <message>
      <source>About “%1”: left %2, right %3, above %4, below %5 cm; head room %6 cm. </source>
      <translation>Um „%1“: links %2, rechts %3, oben %4, unten %5 cm; Kopfraum %6 cm. </translation>
    </message>
    <message>
      <source>It looks %1: %2 cm ahead, %3 behind. </source>
      <translation>Es blickt %1: %2 cm voraus, %3 dahinter. </translation>
    </message>
    <message>
      <source>On “Selected”, choose which element shows the main subject: balance is measured about it. </source>
      <translation>Wähle unter „Auswahl“, welches Ding den Hauptgegenstand zeigt: die Ausgewogenheit wird um ihn gemessen. </translation>
    </message>
    <message>
      <source>Weight %1 % left, %2 % above</source>
      <translation>Gewicht %1 % links, %2 % oben</translation>
    </message>
    <message>
      <source>: dead even. </source>
      <translation>: genau im Gleichgewicht. </translation>
    </message>
    <message>
      <source>Counterweight: %1 cm², %2 L* off its ground, at %3 cm from the left, %4 cm from the top.</source>
      <translation>Gegengewicht: %1 cm², %2 L* von seinem Grund abgesetzt, %3 cm von links, %4 cm von oben.</translation>
    </message>
    <message>
      <source>Drag the line to where your eyes were: whatever it crosses was as high as the camera. Enter takes it.</source>
      <translation>Ziehe die Linie dorthin, wo deine Augen waren: was sie kreuzt, war so hoch wie die Kamera. Eingabe übernimmt sie.</translation>
    </message>
    <message>
      <source>Set the eye level</source>
      <translation>Augenhöhe setzen</translation>
    </message>
    <message>
      <source>Perspective</source>
      <translation>Perspektive</translation>
    </message>
    <message>
      <source>Eye level, horizon, and how wide the view is</source>
      <translation>Augenhöhe, Horizont, und wie weit der Blickwinkel ist</translation>
    </message>
    <message>
      <source>horizon (from top)</source>
      <translation>Horizont (von oben)</translation>
    </message>
    <message>
      <source>Horizon, from the top of the canvas. Drag its line in the picture; everything keeps its place on the ground.</source>
      <translation>Horizont, von der Oberkante der Leinwand. Ziehe seine Linie im Bild; alles behält seinen Platz auf dem Boden.</translation>
    </message>
    <message>
      <source>Set the horizon</source>
      <translation>Den Horizont setzen</translation>
    </message>
    <message>
      <source>eye height</source>
      <translation>Augenhöhe</translation>
    </message>
    <message>
      <source>Eye height above the ground. High eyes spread the ground out, low ones stack it.</source>
      <translation>Augenhöhe über dem Boden. Hohe Augen breiten den Boden aus, tiefe schieben ihn zusammen.</translation>
    </message>
    <message>
      <source>Set the eye height</source>
      <translation>Die Augenhöhe einstellen</translation>
    </message>
    <message>
      <source>field of view</source>
      <translation>Bildwinkel</translation>
    </message>
    <message>
      <source>Field of view across the canvas. Wide for deep space, narrow for flat.</source>
      <translation>Bildwinkel über die Leinwand. Weit für tiefen Raum, eng für flachen.</translation>
    </message>
    <message>
      <source>Set the field of view</source>
      <translation>Den Bildwinkel einstellen</translation>
    </message>
    <message>
      <source>perspective true from</source>
      <translation>Perspektive stimmt aus</translation>
    </message>
    <message>
      <source>How far from the canvas its perspective is true: the field of view, as a place to stand.</source>
      <translation>Aus welchem Abstand die Perspektive stimmt: der Blickwinkel, als Standort.</translation>
    </message>
    <message>
      <source>Set where its perspective is true</source>
      <translation>Einstellen, woher die Perspektive stimmt</translation>
    </message>
    <message>
      <source>Match viewing distance</source>
      <translation>An Betrachtungsabstand anpassen</translation>
    </message>
    <message>
      <source>Sets the perspective so that it is true from the viewing distance in the brief</source>
      <translation>Stellt die Perspektive so, dass sie aus dem Betrachtungsabstand im Auftrag stimmt</translation>
    </message>
    <message>
      <source>Set the perspective for the viewing distance</source>
      <translation>Die Perspektive auf den Betrachtungsabstand stellen</translation>
    </message>
    <message>
      <source>Set eye level…</source>
      <translation>Augenhöhe setzen…</translation>
    </message>
    <message>
      <source>Drag a line in the backdrop to the camera's height, where the picture does not show it</source>
      <translation>Zieh im Hintergrundbild eine Linie auf Kamerahöhe, wo das Bild sie nicht zeigt</translation>
    </message>
    <message>
      <source>known height</source>
      <translation>bekannte Höhe</translation>
    </message>
    <message>
      <source>How high something in the backdrop is in truth: somebody, a door, a storey. Then take By that height and click its foot and its top.</source>
      <translation>Wie hoch etwas im Hintergrund wirklich ist: ein Mensch, eine Tür, ein Stockwerk. Dann „Nach dieser Höhe“ nehmen und Fuß und Oberkante anklicken.</translation>
    </message>
    <message>
      <source>Measure from known height…</source>
      <translation>Aus bekannter Höhe messen…</translation>
    </message>
    <message>
      <source>Click foot and top of something in the backdrop that stands on the ground and has that height: measures the camera's height</source>
      <translation>Klicke Fuß und Spitze von etwas im Hintergrundbild, das auf dem Boden steht und diese Höhe hat: misst die Kamerahöhe</translation>
    </message>
    <message>
      <source>Outline a wall or cliff…</source>
      <translation>Wand oder Felsen umreißen…</translation>
    </message>
    <message>
      <source>Outline a wall, a cliff or a machine in the backdrop: it stands at its foot, takes shadows, and hides what walks behind it</source>
      <translation>Eine Wand, eine Klippe, eine Maschine im Hintergrund umreißen: sie steht auf ihrem Fuß, nimmt Schatten und verdeckt, was dahinter geht</translation>
    </message>
    <message>
      <source>Vanishing lines</source>
      <translation>Fluchtlinien</translation>
    </message>
    <message>
      <source>Shows which straight edges of the backdrop meet, and at what eye level; yours should lie there (V)</source>
      <translation>Zeigt, welche geraden Kanten des Hintergrunds zusammenlaufen, und in welcher Augenhöhe; deine sollte dort liegen (V)</translation>
    </message>
    <message>
      <source>Click its foot, then its top: it is %1 m high.</source>
      <translation>Den Fuß anklicken, dann die Oberkante: es ist %1 m hoch.</translation>
    </message>
    <message>
      <source>The camera was %1 m above the ground.</source>
      <translation>Die Kamera war %1 m über dem Boden.</translation>
    </message>
    <message>
      <source>Click round it, foot and all.</source>
      <translation>Rings herum klicken, samt dem Fuß.</translation>
    </message>
    <message>
      <source>Three corners at least.</source>
      <translation>Mindestens drei Ecken.</translation>
    </message>
    <message>
      <source>upright %1</source>
      <translation>Aufrechtes %1</translation>
    </message>
    <message>
      <source>Stand up what is upright</source>
      <translation>Aufrechtes aufstellen</translation>
    </message>
    <message>
      <source>Nudge it</source>
      <translation>Anstupsen</translation>
    </message>
    <message>
      <source>Move it 1 mm left</source>
      <translation>1 mm nach links</translation>
    </message>
    <message>
      <source>Move it 1 mm right</source>
      <translation>1 mm nach rechts</translation>
    </message>
    <message>
      <source>Move it 1 mm up the canvas</source>
      <translation>1 mm die Leinwand hinauf</translation>
    </message>
    <message>
      <source>Move it 1 mm down the canvas</source>
      <translation>1 mm die Leinwand hinunter</translation>
    </message>
    <message>
      <source>Lift it 10 cm</source>
      <translation>10 cm heben</translation>
    </message>
    <message>
      <source>Lower it 10 cm</source>
      <translation>10 cm senken</translation>
    </message>
    <message>
      <source>Turn it</source>
      <translation>Drehen</translation>
    </message>
    <message>
      <source>Turn it 5° to the left</source>
      <translation>5° nach links drehen</translation>
    </message>
    <message>
      <source>Turn it 5° to the right</source>
      <translation>5° nach rechts drehen</translation>
    </message>
    <message>
      <source>Show the backdrop's lines, and back</source>
      <translation>Die Linien des Hintergrunds zeigen, und zurück</translation>
    </message>
    <message>
      <source>Bend the outline being drawn through its last point</source>
      <translation>Den gezeichneten Umriss durch seinen letzten Punkt biegen</translation>
    </message>
    <message>
      <source>Stage</source>
      <translation>Bildraum</translation>
    </message>
    <message>
      <source>The selected element; you can also click it in the picture, the top view or the side view</source>
      <translation>Das gewählte Ding; auch im Bild, in der Draufsicht oder in der Seitenansicht anzuklicken</translation>
    </message>
    <message>
      <source>nothing selected</source>
      <translation>nichts gewählt</translation>
    </message>
    <message>
      <source>Nothing stands here yet. Stand up a stand-in, or cut something out of a picture first (Alt+3).</source>
      <translation>Hier steht noch nichts. Stelle einen Stellvertreter auf, oder schneide erst etwas aus einem Bild (Alt+3).</translation>
    </message>
    <message>
      <source>Click an element in the picture, on the plan or in the side view.</source>
      <translation>Klicke ein Ding im Bild, im Plan oder in der Seitenansicht an.</translation>
    </message>
    <message>
      <source>Its foot is above the horizon: there is no ground there.</source>
      <translation>Sein Fuß liegt über dem Horizont: dort ist kein Boden.</translation>
    </message>
    <message>
      <source>%1 m away, %2 × %3 m; %4 × %5 cm on the canvas</source>
      <translation>%1 m weg, %2 × %3 m; %4 × %5 cm auf der Leinwand</translation>
    </message>
    <message>
      <source>, %1 pixels a cm</source>
      <translation>, %1 Bildpunkte je cm</translation>
    </message>
    <message>
      <source>. Arrow keys move it by 1 mm, with Shift by 1 cm; the knob over it is its height, the one at its foot where it stands.</source>
      <translation>. Pfeiltasten bewegen es um 1 mm, mit Umschalt um 1 cm; der Knauf darüber ist seine Höhe, der am Fuß, wo es steht.</translation>
    </message>
    <message>
      <source>Click half the profile from the base up; the axis stands at the first click, or where the selected turned form stands. C bends.</source>
      <translation>Klicke das halbe Profil von unten nach oben; die Achse steht beim ersten Klick oder wo die gewählte Drehform steht. C biegt.</translation>
    </message>
    <message>
      <source>Click the outline on the board; C bends it through the last point.</source>
      <translation>Klicke den Umriss auf der Bildtafel; C biegt ihn durch den letzten Punkt.</translation>
    </message>
    <message>
      <source>Draw half a profile</source>
      <translation>Ein halbes Profil zeichnen</translation>
    </message>
    <message>
      <source>Draw a shape</source>
      <translation>Eine Form zeichnen</translation>
    </message>
    <message>
      <source>Click the course on the ground, in the picture or on the plan.</source>
      <translation>Klicke den Verlauf auf dem Boden, im Bild oder im Plan.</translation>
    </message>
    <message>
      <source>A way needs two points or more on the ground.</source>
      <translation>Ein Weg braucht zwei Punkte oder mehr auf dem Boden.</translation>
    </message>
    <message>
      <source>Lay a way</source>
      <translation>Einen Weg legen</translation>
    </message>
    <message>
      <source>stair</source>
      <translation>Treppe</translation>
    </message>
    <message>
      <source>arch</source>
      <translation>Bogen</translation>
    </message>
    <message>
      <source>cone</source>
      <translation>Kegel</translation>
    </message>
    <message>
      <source>tent</source>
      <translation>Zelt</translation>
    </message>
    <message>
      <source>wheel</source>
      <translation>Rad</translation>
    </message>
    <message>
      <source>tree</source>
      <translation>Baum</translation>
    </message>
    <message>
      <source>figure</source>
      <translation>Figur</translation>
    </message>
    <message>
      <source>turned thing</source>
      <translation>Gedrehtes</translation>
    </message>
    <message>
      <source>drawn shape</source>
      <translation>gezeichnete Form</translation>
    </message>
    <message>
      <source>causeway</source>
      <translation>Damm</translation>
    </message>
    <message>
      <source>canal</source>
      <translation>Kanal</translation>
    </message>
    <message>
      <source>rail</source>
      <translation>Geländer</translation>
    </message>
    <message>
      <source>stairs in depth</source>
      <translation>Treppe in die Tiefe</translation>
    </message>
    <message>
      <source>Stand-ins</source>
      <translation>Stellvertreter</translation>
    </message>
    <message>
      <source>Shapes, solids, posed figures, turned things and ways, until there is a photograph</source>
      <translation>Formen, Körper, Figuren mit Haltung, Gedrehtes und Wege, bis es ein Foto gibt</translation>
    </message>
    <message>
      <source>stand-in</source>
      <translation>Stellvertreter</translation>
    </message>
    <message>
      <source>What stands in until there is a photograph</source>
      <translation>Was einsteht, bis es ein Foto gibt</translation>
    </message>
    <message>
      <source>Add stand-in</source>
      <translation>Platzhalter hinzufügen</translation>
    </message>
    <message>
      <source>Puts the stand-in on free ground, at a usual height</source>
      <translation>Stellt den Stellvertreter auf freien Boden, in üblicher Höhe</translation>
    </message>
    <message>
      <source>Draw it</source>
      <translation>Zeichnen</translation>
    </message>
    <message>
      <source>Shape: click its outline. Turned thing: click half its profile. Way: click its course on the ground. Enter ends</source>
      <translation>Form: ihren Umriss klicken. Gedrehtes: sein halbes Profil klicken. Weg: seinen Verlauf auf dem Boden klicken. Eingabe beendet</translation>
    </message>
    <message>
      <source>A pose or a profile to begin with</source>
      <translation>Eine Haltung oder ein Profil zum Beginnen</translation>
    </message>
    <message>
      <source>a pose…</source>
      <translation>eine Haltung…</translation>
    </message>
    <message>
      <source>standing</source>
      <translation>stehend</translation>
    </message>
    <message>
      <source>walking</source>
      <translation>gehend</translation>
    </message>
    <message>
      <source>a profile…</source>
      <translation>ein Profil…</translation>
    </message>
    <message>
      <source>vase</source>
      <translation>Vase</translation>
    </message>
    <message>
      <source>bell</source>
      <translation>Glocke</translation>
    </message>
    <message>
      <source>goblet</source>
      <translation>Kelch</translation>
    </message>
    <message>
      <source>baluster</source>
      <translation>Baluster</translation>
    </message>
    <message>
      <source>dome</source>
      <translation>Kuppel</translation>
    </message>
    <message>
      <source>jar</source>
      <translation>Krug</translation>
    </message>
    <message>
      <source>replace by</source>
      <translation>ersetzen durch</translation>
    </message>
    <message>
      <source>A cut-out takes the stand-in's place: same foot, same true height. The stand-in is kept</source>
      <translation>Ein Ausschnitt tritt an die Stelle des Stellvertreters: gleicher Fuß, gleiche wahre Höhe. Der Stellvertreter bleibt aufgehoben</translation>
    </message>
    <message>
      <source>a cut-out…</source>
      <translation>ein Ausschnitt…</translation>
    </message>
    <message>
      <source>of %1</source>
      <translation>von %1</translation>
    </message>
    <message>
      <source>Replace it by a cut-out</source>
      <translation>Durch einen Ausschnitt ersetzen</translation>
    </message>
    <message>
      <source>Stand-in again</source>
      <translation>Wieder Stellvertreter</translation>
    </message>
    <message>
      <source>Shows the stand-in in the cut-out's place</source>
      <translation>Zeigt den Stellvertreter an der Stelle des Ausschnitts</translation>
    </message>
    <message>
      <source>Show the stand-in again</source>
      <translation>Den Stellvertreter wieder zeigen</translation>
    </message>
    <message>
      <source>Ellipses</source>
      <translation>Ellipsen</translation>
    </message>
    <message>
      <source>Shows every ellipse of a round thing with its axes on the canvas, for drawing it with a ruler</source>
      <translation>Zeigt jede Ellipse eines runden Dings mit ihren Achsen auf der Leinwand, zum Zeichnen mit dem Lineal</translation>
    </message>
    <message>
      <source>Width as a share of the height.</source>
      <translation>Breite als Anteil der Höhe.</translation>
    </message>
    <message>
      <source>Set its width</source>
      <translation>Seine Breite einstellen</translation>
    </message>
    <message>
      <source>Width of the way.</source>
      <translation>Breite des Wegs.</translation>
    </message>
    <message>
      <source>depth</source>
      <translation>Tiefe</translation>
    </message>
    <message>
      <source>Depth as a share of the height.</source>
      <translation>Tiefe als Anteil der Höhe.</translation>
    </message>
    <message>
      <source>Set its depth</source>
      <translation>Seine Tiefe einstellen</translation>
    </message>
    <message>
      <source>count</source>
      <translation>Anzahl</translation>
    </message>
    <message>
      <source>Steps, spokes or boughs.</source>
      <translation>Stufen, Speichen oder Äste.</translation>
    </message>
    <message>
      <source>Set its count</source>
      <translation>Seine Anzahl einstellen</translation>
    </message>
    <message>
      <source>wall</source>
      <translation>Wand</translation>
    </message>
    <message>
      <source>Thickness of a turned wall as a share of the height. 0 leaves it solid; more makes it hollow with a rim.</source>
      <translation>Dicke einer gedrehten Wand als Anteil der Höhe. 0 lässt es massiv; mehr macht es hohl mit einem Rand.</translation>
    </message>
    <message>
      <source>Set its wall</source>
      <translation>Seine Wand einstellen</translation>
    </message>
    <message>
      <source>tone</source>
      <translation>Ton</translation>
    </message>
    <message>
      <source>Lightness of the stand-in's surface.</source>
      <translation>Helligkeit der Oberfläche des Stellvertreters.</translation>
    </message>
    <message>
      <source>Set its tone</source>
      <translation>Seinen Ton einstellen</translation>
    </message>
    <message>
      <source>Turned about its upright axis, seen from above. Keys [ and ] turn by 5°.</source>
      <translation>Um seine aufrechte Achse gedreht, von oben gesehen. Tasten [ und ] drehen um 5°.</translation>
    </message>
    <message>
      <source>stretched</source>
      <translation>gestreckt</translation>
    </message>
    <message>
      <source>Wider or narrower at the same height.</source>
      <translation>Breiter oder schmaler bei gleicher Höhe.</translation>
    </message>
    <message>
      <source>Stretch it</source>
      <translation>Es strecken</translation>
    </message>
    <message>
      <source>What its surface is like; glass lets through what is behind</source>
      <translation>Wie seine Oberfläche ist; Glas lässt durch, was dahinter ist</translation>
    </message>
    <message>
      <source>Set its surface</source>
      <translation>Oberfläche setzen</translation>
    </message>
    <message>
      <source>Begin with something known</source>
      <translation>Mit etwas Bekanntem beginnen</translation>
    </message>
    <message>
      <source>Stand up a stand-in</source>
      <translation>Einen Stellvertreter aufstellen</translation>
    </message>
    <message>
      <source>Left and right differ by %1 mm at most (at %2 cm down, the %3 is wider), %4 mm on average; the middle leans %5°. </source>
      <translation>Links und rechts unterscheiden sich um höchstens %1 mm (bei %2 cm von oben ist %3 breiter), im Mittel %4 mm; die Mitte neigt sich %5°. </translation>
    </message>
    <message>
      <source>%1 × %2 cm at %3 cm down. </source>
      <translation>%1 × %2 cm bei %3 cm von oben. </translation>
    </message>
    <message>
      <source>Takes</source>
      <translation>Fassungen</translation>
    </message>
    <message>
      <source>Several arrangements kept side by side</source>
      <translation>Mehrere Anordnungen nebeneinander aufgehoben</translation>
    </message>
    <message>
      <source>New take</source>
      <translation>Neue Fassung</translation>
    </message>
    <message>
      <source>Keeps the arrangement as it is and goes on in a copy of it</source>
      <translation>Hebt die Anordnung auf, wie sie ist, und macht in einer Kopie weiter</translation>
    </message>
    <message>
      <source>Work on this take</source>
      <translation>An dieser Fassung arbeiten</translation>
    </message>
    <message>
      <source>Goes to the chosen take; the present one is kept</source>
      <translation>Geht zur gewählten Fassung; die jetzige bleibt aufgehoben</translation>
    </message>
    <message>
      <source>Sets the chosen take aside, with your reason; it can be restored</source>
      <translation>Legt die gewählte Fassung mit deinem Grund beiseite; sie lässt sich zurückholen</translation>
    </message>
    <message>
      <source>Names the chosen take</source>
      <translation>Benennt die gewählte Fassung</translation>
    </message>
    <message>
      <source>Compare</source>
      <translation>Vergleichen</translation>
    </message>
    <message>
      <source>Lays the chosen take over the present one; drag the divider across. Esc ends it</source>
      <translation>Legt die gewählte Fassung über die jetzige; die Trennlinie ziehen. Esc beendet</translation>
    </message>
    <message>
      <source>Contact sheet…</source>
      <translation>Kontaktbogen…</translation>
    </message>
    <message>
      <source>A PDF or PNG of the takes in play, with letters for others to vote on</source>
      <translation>Ein PDF oder PNG der Fassungen im Spiel, mit Buchstaben zum Abstimmen</translation>
    </message>
    <message>
      <source>who</source>
      <translation>wer</translation>
    </message>
    <message>
      <source>Who votes; a second vote replaces the first</source>
      <translation>Wer abstimmt; eine zweite Stimme ersetzt die erste</translation>
    </message>
    <message>
      <source>letter</source>
      <translation>Buchstabe</translation>
    </message>
    <message>
      <source>The letter of the take they chose</source>
      <translation>Der Buchstabe der Fassung, die sie wählten</translation>
    </message>
    <message>
      <source>why</source>
      <translation>warum</translation>
    </message>
    <message>
      <source>Their reason</source>
      <translation>Ihr Grund</translation>
    </message>
    <message>
      <source>Add vote</source>
      <translation>Stimme hinzufügen</translation>
    </message>
    <message>
      <source>Keeps the vote with the work</source>
      <translation>Hebt die Stimme mit dem Werk auf</translation>
    </message>
    <message>
      <source>lead read as</source>
      <translation>Erster gelesen als</translation>
    </message>
    <message>
      <source>lead's height</source>
      <translation>Höhe des Ersten</translation>
    </message>
    <message>
      <source>left weighs</source>
      <translation>links wiegt</translation>
    </message>
    <message>
      <source>range</source>
      <translation>Umfang</translation>
    </message>
    <message>
      <source>findings</source>
      <translation>Befunde</translation>
    </message>
    <message>
      <source>votes</source>
      <translation>Stimmen</translation>
    </message>
    <message>
      <source>%1 % of the height</source>
      <translation>%1 % der Höhe</translation>
    </message>
    <message>
      <source>number %1, %2 % pull</source>
      <translation>Nummer %1, %2 % Zug</translation>
    </message>
    <message>
      <source>no lead in it</source>
      <translation>kein Erster darin</translation>
    </message>
    <message>
      <source>%1 % of the canvas</source>
      <translation>%1 % der Leinwand</translation>
    </message>
    <message>
      <source>%1 L*</source>
      <translation>%1 L*</translation>
    </message>
    <message>
      <source>the only take yet</source>
      <translation>noch die einzige Fassung</translation>
    </message>
    <message>
      <source>Bring back</source>
      <translation>Zurückholen</translation>
    </message>
    <message>
      <source>%1: “%2”</source>
      <translation>%1: „%2“</translation>
    </message>
    <message>
      <source>Click a take to compare it, double-click or Enter to work on it.</source>
      <translation>Klicke eine Fassung an, um sie zu vergleichen, Doppelklick oder Eingabe, um daran zu arbeiten.</translation>
    </message>
    <message>
      <source>%1 compared with the present one: %2.</source>
      <translation>%1 im Vergleich mit der jetzigen: %2.</translation>
    </message>
    <message>
      <source> Votes: %1.</source>
      <translation> Stimmen: %1.</translation>
    </message>
    <message>
      <source>take %1</source>
      <translation>Fassung %1</translation>
    </message>
    <message>
      <source>Begin another take</source>
      <translation>Noch eine Fassung beginnen</translation>
    </message>
    <message>
      <source>Work on another take</source>
      <translation>An einer anderen Fassung arbeiten</translation>
    </message>
    <message>
      <source>The present take cannot be set aside: work on another one first, then set this one aside.</source>
      <translation>Die jetzige Fassung lässt sich nicht beiseitelegen: arbeite erst an einer anderen, dann lege diese beiseite.</translation>
    </message>
    <message>
      <source>Restore the take</source>
      <translation>Die Fassung zurückholen</translation>
    </message>
    <message>
      <source>Why it is set aside, to remember later:</source>
      <translation>Warum sie beiseitegelegt wird, zum späteren Erinnern:</translation>
    </message>
    <message>
      <source>Set the take aside</source>
      <translation>Die Fassung beiseitelegen</translation>
    </message>
    <message>
      <source>Name the take</source>
      <translation>Die Fassung benennen</translation>
    </message>
    <message>
      <source>Choose another take on the strip to compare with the present one.</source>
      <translation>Wähle auf dem Streifen eine andere Fassung, um sie mit der jetzigen zu vergleichen.</translation>
    </message>
    <message>
      <source>present one</source>
      <translation>jetzige</translation>
    </message>
    <message>
      <source>A vote needs a name and the letter of a take on the strip.</source>
      <translation>Eine Stimme braucht einen Namen und den Buchstaben einer Fassung auf dem Streifen.</translation>
    </message>
    <message>
      <source>Count a vote</source>
      <translation>Eine Stimme zählen</translation>
    </message>
    <message>
      <source>Contact sheet</source>
      <translation>Kontaktbogen</translation>
    </message>
    <message>
      <source>takes.pdf</source>
      <translation>fassungen.pdf</translation>
    </message>
    <message>
      <source>PDF (*.pdf);;PNG picture (*.png)</source>
      <translation>PDF (*.pdf);;PNG-Bild (*.png)</translation>
    </message>
    <message>
      <source>Writing the contact sheet…</source>
      <translation>Der Kontaktbogen wird geschrieben…</translation>
    </message>
    <message>
      <source>The contact sheet is in %1.</source>
      <translation>Der Kontaktbogen liegt in %1.</translation>
    </message>
    <message>
      <source>%1 and %2</source>
      <translation>%1 und %2</translation>
    </message>
    <message>
      <source>Links</source>
      <translation>Verknüpfungen</translation>
    </message>
    <message>
      <source>Name, notes, groups, kept proportions, depth swapped or shared, one inside another</source>
      <translation>Name, Notizen, Gruppen, gehaltene Verhältnisse, Tiefe getauscht oder geteilt, eines im anderen</translation>
    </message>
    <message>
      <source>name</source>
      <translation>Name</translation>
    </message>
    <message>
      <source>Its name, as the plan and the findings call it</source>
      <translation>Sein Name, wie der Plan und die Befunde es nennen</translation>
    </message>
    <message>
      <source>Anything to remember about it while painting</source>
      <translation>Was beim Malen daran zu merken ist</translation>
    </message>
    <message>
      <source>Top to horizon</source>
      <translation>Oberkante an Horizont</translation>
    </message>
    <message>
      <source>Its top comes to eye level: what stands is given that height, what flies is moved</source>
      <translation>Seine Oberkante kommt auf Augenhöhe: was steht, bekommt diese Höhe, was fliegt, wird bewegt</translation>
    </message>
    <message>
      <source>Bring its top to the horizon</source>
      <translation>Seine Oberkante an den Horizont bringen</translation>
    </message>
    <message>
      <source>Foot to horizon</source>
      <translation>Fuß an Horizont</translation>
    </message>
    <message>
      <source>Sets it on the far ground, just under the horizon</source>
      <translation>Setzt es auf den fernen Boden, knapp unter den Horizont</translation>
    </message>
    <message>
      <source>Set its foot at the horizon</source>
      <translation>Seinen Fuß an den Horizont setzen</translation>
    </message>
    <message>
      <source>with (Ctrl+click)</source>
      <translation>mit (Strg+Klick)</translation>
    </message>
    <message>
      <source>The other element: choose it here, or click it in the picture with Ctrl held</source>
      <translation>Das andere Ding: wähle es hier, oder klicke es mit Strg im Bild an</translation>
    </message>
    <message>
      <source>nothing yet</source>
      <translation>noch nichts</translation>
    </message>
    <message>
      <source>Group them</source>
      <translation>Gruppieren</translation>
    </message>
    <message>
      <source>They move together on the ground, keeping their distances in metres</source>
      <translation>Sie bewegen sich zusammen auf dem Boden und halten ihre Abstände in Metern</translation>
    </message>
    <message>
      <source>Ungroup</source>
      <translation>Gruppe lösen</translation>
    </message>
    <message>
      <source>Everything of its group goes its own way again</source>
      <translation>Alles aus seiner Gruppe geht wieder eigene Wege</translation>
    </message>
    <message>
      <source>Lock proportion</source>
      <translation>Verhältnis halten</translation>
    </message>
    <message>
      <source>When one is given another height, the other grows or shrinks by as much</source>
      <translation>Bekommt eines eine andere Höhe, wächst oder schrumpft das andere ebenso</translation>
    </message>
    <message>
      <source>Keep them in step</source>
      <translation>Sie im Schritt halten</translation>
    </message>
    <message>
      <source>Unlock proportion</source>
      <translation>Verhältnis lösen</translation>
    </message>
    <message>
      <source>Its height no longer follows any other</source>
      <translation>Seine Höhe folgt keiner anderen mehr</translation>
    </message>
    <message>
      <source>Let it go its own way</source>
      <translation>Es eigene Wege gehen lassen</translation>
    </message>
    <message>
      <source>Swap depth</source>
      <translation>Tiefe tauschen</translation>
    </message>
    <message>
      <source>Each goes to where the other stood in depth; true heights stay</source>
      <translation>Jedes geht dorthin, wo das andere in der Tiefe stand; wahre Höhen bleiben</translation>
    </message>
    <message>
      <source>Swap their depth</source>
      <translation>Ihre Tiefe tauschen</translation>
    </message>
    <message>
      <source>Same distance</source>
      <translation>Gleiche Entfernung</translation>
    </message>
    <message>
      <source>Sets it at the distance of the other</source>
      <translation>Setzt es in die Entfernung des anderen</translation>
    </message>
    <message>
      <source>Set it at the other's base</source>
      <translation>Es auf den Fuß des anderen setzen</translation>
    </message>
    <message>
      <source>Inside it</source>
      <translation>Darin</translation>
    </message>
    <message>
      <source>Shown only within the other's outline: a thing in a bell jar</source>
      <translation>Nur innerhalb des Umrisses des anderen zu sehen: etwas unter einer Glasglocke</translation>
    </message>
    <message>
      <source>Put it inside</source>
      <translation>Es hineinsetzen</translation>
    </message>
    <message>
      <source>Outside</source>
      <translation>Draußen</translation>
    </message>
    <message>
      <source>Shown everywhere again</source>
      <translation>Wieder überall zu sehen</translation>
    </message>
    <message>
      <source>Take it out again</source>
      <translation>Es wieder herausnehmen</translation>
    </message>
    <message>
      <source>Choose the other element first, or click it in the picture with Ctrl held.</source>
      <translation>Wähle zuerst das andere Ding, oder klicke es mit Strg im Bild an.</translation>
    </message>
    <message>
      <source>in the group “%1”</source>
      <translation>in der Gruppe „%1“</translation>
    </message>
    <message>
      <source>in step with “%1”, %2 × its height</source>
      <translation>im Schritt mit „%1“, %2 × dessen Höhe</translation>
    </message>
    <message>
      <source>inside “%1”</source>
      <translation>in „%1“</translation>
    </message>
    <message>
      <source>“%1” is tied to nothing. Drags with Alt held leave a group behind.</source>
      <translation>„%1“ ist an nichts gebunden. Ziehen mit Alt lässt eine Gruppe zurück.</translation>
    </message>
    <message>
      <source>“%1” is %2. Drags with Alt held leave a group behind.</source>
      <translation>„%1“ ist %2. Ziehen mit Alt lässt eine Gruppe zurück.</translation>
    </message>
    <message>
      <source>Lays this page's list over the picture's lower edge, or puts it away</source>
      <translation>Legt die Liste dieser Seite über den unteren Rand des Bildes oder räumt sie weg</translation>
    </message>
    <message>
      <source>Hide panel ▾</source>
      <translation>Feld schließen ▾</translation>
    </message>
    <message>
      <source>Show panel ▴</source>
      <translation>Feld zeigen ▴</translation>
    </message>
    <message>
      <source>A still from “%1”</source>
      <translation>Ein Standbild aus „%1“</translation>
    </message>
    <message>
      <source>Moment in the clip</source>
      <translation>Augenblick im Film</translation>
    </message>
    <message>
      <source>The moment you want; the sharpest frames within half a second of it are offered</source>
      <translation>Der gewünschte Augenblick; die schärfsten Bilder innerhalb einer halben Sekunde werden angeboten</translation>
    </message>
    <message>
      <source>Hang it on the wall</source>
      <translation>An die Wand hängen</translation>
    </message>
    <message>
      <source>Opening the clip…</source>
      <translation>Der Film wird geöffnet …</translation>
    </message>
    <message>
      <source>Looking for sharp frames near %1 s of %2 s…</source>
      <translation>Scharfe Bilder nahe %1 s von %2 s werden gesucht…</translation>
    </message>
    <message>
      <source>%1 s · sharpness %2</source>
      <translation>%1 s · Schärfe %2</translation>
    </message>
    <message>
      <source>Near %1 s, the sharpest first.</source>
      <translation>Nahe %1 s, das schärfste zuerst.</translation>
    </message>
    <message>
      <source>Two pictures compared</source>
      <translation>Zwei Bilder verglichen</translation>
    </message>
    <message>
      <source> (mirrored)</source>
      <translation> (gespiegelt)</translation>
    </message>
    <message>
      <source>Fit against the lead picture</source>
      <translation>Passung zum Leitbild</translation>
    </message>
    <message>
      <source>its light</source>
      <translation>sein Licht</translation>
    </message>
    <message>
      <source> mirror</source>
      <translation> spiegeln</translation>
    </message>
    <message>
      <source>Once two pictures are measured, the others are ranked here by how little would have to change.</source>
      <translation>Sobald zwei Bilder gemessen sind, stehen die anderen hier danach, wie wenig sich ändern müsste.</translation>
    </message>
    <message>
      <source>Each line is as long as much would have to change for the picture to fit the lead; 1 is a clear repair. Click holds one, Ctrl+click takes a second to compare.</source>
      <translation>Jede Linie ist so lang, wie sich viel ändern müsste, damit das Bild zum Leitbild passt; 1 ist eine klare Ausbesserung. Klick hält eines, Strg+Klick nimmt ein zweites zum Vergleich.</translation>
    </message>
    <message>
      <source>Ground plan from above</source>
      <translation>Grundriss von oben</translation>
    </message>
    <message>
      <source>Side view</source>
      <translation>Seitenansicht</translation>
    </message>
    <message>
      <source>The scene from above, in metres from where you stand. Drag a footprint, a lantern, the sun, the ring of a lantern's reach, the arm it faces by, or the line where haze halves contrast. Double-click: larger.</source>
      <translation>Die Szene von oben, in Metern von deinem Standort. Ziehe einen Standfleck, eine Laterne, die Sonne, den Ring der Reichweite einer Laterne, den Arm, nach dem sie blickt, oder die Linie, an der Dunst den Kontrast halbiert. Doppelklick: größer.</translation>
    </message>
    <message>
      <source>The scene from the side: heights against distance. Drag a lantern, the top of the selected element's rod, or the sun. Double-click: larger.</source>
      <translation>Die Szene von der Seite: Höhe gegen Entfernung. Ziehe eine Laterne, die Spitze vom Stab des gewählten Dings oder die Sonne. Doppelklick: größer.</translation>
    </message>
    <message>
      <source>%1: %2 m away, %3 m %4, %5 m up</source>
      <translation>%1: %2 m entfernt, %3 m %4, %5 m hoch</translation>
    </message>
    <message>
      <source>to the left</source>
      <translation>nach links</translation>
    </message>
    <message>
      <source>to the right</source>
      <translation>nach rechts</translation>
    </message>
    <message>
      <source>sun, %1° up</source>
      <translation>Sonne, %1° hoch</translation>
    </message>
    <message>
      <source> · L* 50 at %1 m</source>
      <translation> · L* 50 bei %1 m</translation>
    </message>
    <message>
      <source>sun %1°</source>
      <translation>Sonne %1°</translation>
    </message>
    <message>
      <source>sun %1° high</source>
      <translation>Sonne %1° hoch</translation>
    </message>
    <message>
      <source>haze halves at %1 m</source>
      <translation>Dunst halbiert bei %1 m</translation>
    </message>
    <message>
      <source>%1 m</source>
      <translation>%1 m</translation>
    </message>
    <message>
      <source>eye level %1 m</source>
      <translation>Augenhöhe %1 m</translation>
    </message>
    <message>
      <source>Reference wall</source>
      <translation>Wand der Vorlagen</translation>
    </message>
    <message>
      <source>Your references. Click one to work with it, drag it to pin it where you like (onto a heap to lay it there), Ctrl+click to choose several, double-click to cut something out. The wheel zooms, dragging the empty wall moves it, F shows all.</source>
      <translation>Deine Vorlagen. Klicke eine an, um mit ihr zu arbeiten, ziehe sie, um sie anzuheften (auf einen Stapel, um sie dort hinzulegen), Strg+Klick wählt mehrere, Doppelklick schneidet etwas aus. Das Rad zoomt, Ziehen der leeren Wand verschiebt sie, F zeigt alle.</translation>
    </message>
    <message>
      <source>An empty wall. Drop pictures or a folder of them here, or bring them in below.</source>
      <translation>Eine leere Wand. Lass Bilder oder einen Ordner davon hier fallen, oder hole sie unten herein.</translation>
    </message>
    <message>
      <source>All arrangements kept of this work. Click one to compare it, double-click or Enter to work on it; the arrow keys walk along.</source>
      <translation>Alle aufgehobenen Anordnungen dieses Werks. Klicke eine an, um sie zu vergleichen, Doppelklick oder Eingabe, um daran zu arbeiten; die Pfeiltasten gehen entlang.</translation>
    </message>
    <message>
      <source>being looked at…</source>
      <translation>wird betrachtet…</translation>
    </message>
    <message>
      <source>aside: %1</source>
      <translation>beiseite: %1</translation>
    </message>
    <message>
      <source>elements</source>
      <translation>Dinge</translation>
    </message>
    <message>
      <source>subject</source>
      <translation>Bildgegenstand</translation>
    </message>
    <message>
      <source>subjects</source>
      <translation>Bildgegenstände</translation>
    </message>
    <message>
      <source>outlines</source>
      <translation>Umrisse</translation>
    </message>
    <message>
      <source>sheet</source>
      <translation>Bogen</translation>
    </message>
    <message>
      <source>sheets</source>
      <translation>Bögen</translation>
    </message>
    <message>
      <source>square</source>
      <translation>Quadrat</translation>
    </message>
    <message>
      <source>squares</source>
      <translation>Quadrate</translation>
    </message>
    <message>
      <source>pictures</source>
      <translation>Bilder</translation>
    </message>
    <message>
      <source>fact</source>
      <translation>Tatsache</translation>
    </message>
    <message>
      <source>facts</source>
      <translation>Tatsachen</translation>
    </message>
    <message>
      <source>tubes</source>
      <translation>Tuben</translation>
    </message>
    <message>
      <source>credit</source>
      <translation>Nachweis</translation>
    </message>
    <message>
      <source>credits</source>
      <translation>Nachweise</translation>
    </message>
    <message>
      <source>permission</source>
      <translation>Genehmigung</translation>
    </message>
    <message>
      <source>permissions</source>
      <translation>Genehmigungen</translation>
    </message>
    <message>
      <source>%1, planned: %2</source>
      <translation>%1, geplant: %2</translation>
    </message>
    <message>
      <source>now %1 – aim for %2 or less</source>
      <translation>jetzt %1 – Ziel: höchstens %2</translation>
    </message>
    <message>
      <source>now %1 – aim for %2 or more</source>
      <translation>jetzt %1 – Ziel: mindestens %2</translation>
    </message>
    <message>
      <source>There is not enough memory for this.</source>
      <translation>Dafür reicht der Speicher nicht.</translation>
    </message>
    <message>
      <source>This did not work because of an internal error. Details: Help ▸ Show log file.</source>
      <translation>Das ging wegen eines inneren Fehlers nicht. Näheres: Hilfe ▸ Protokolldatei zeigen.</translation>
    </message>
    <message>
      <source>“%1” is %2 cm into the ground.</source>
      <translation>„%1“ steckt %2 cm im Boden.</translation>
    </message>
    <message>
      <source>The picture's colour profile cannot be used; its colours are taken as sRGB.</source>
      <translation>Das Farbprofil des Bildes lässt sich nicht benutzen; seine Farben werden als sRGB genommen.</translation>
    </message>
    <message>
      <source>The picture's colour profile is damaged; its colours are taken as sRGB.</source>
      <translation>Das Farbprofil des Bildes ist beschädigt; seine Farben werden als sRGB genommen.</translation>
    </message>
    <message>
      <source>following the edge</source>
      <translation>der Kante wird gefolgt</translation>
    </message>
    <message>
      <source>filling from around</source>
      <translation>gefüllt wird von ringsum</translation>
    </message>
    <message>
      <source>telling in from out</source>
      <translation>Innen und Außen werden unterschieden</translation>
    </message>
    <message>
      <source>measuring the edge</source>
      <translation>die Kante wird gemessen</translation>
    </message>
    <message>
      <source>solving the soft edge</source>
      <translation>die weiche Kante wird gelöst</translation>
    </message>
    <message>
      <source>“%1” was photographed from an eye level that lies %2 cm %3 the stage's here, %4° off%5</source>
      <translation>„%1“ wurde von einer Augenhöhe fotografiert, die hier %2 cm %3 der des Bildraums liegt, %4° daneben%5</translation>
    </message>
    <message>
      <source>under</source>
      <translation>unter</translation>
    </message>
    <message>
      <source>; under %1° it can be cheated: hide its foot, or keep flat tops out of sight.</source>
      <translation>; unter %1° lässt es sich kaschieren: den Fuß verdecken, oder flache Oberseiten aus dem Blick halten.</translation>
    </message>
    <message>
      <source>Level edges of one space run to one line; from another eye level they fan out against their neighbours.</source>
      <translation>Waagrechte Kanten eines Raums laufen auf eine Linie zu; von einer anderen Augenhöhe spreizen sie sich gegen ihre Nachbarn.</translation>
    </message>
    <message>
      <source>Give it %1 m, so that both eye levels meet</source>
      <translation>Ihm %1 m geben, sodass beide Augenhöhen sich treffen</translation>
    </message>
    <message>
      <source>from near the camera</source>
      <translation>aus der Nähe der Kamera</translation>
    </message>
    <message>
      <source>from above</source>
      <translation>von oben</translation>
    </message>
    <message>
      <source>from below</source>
      <translation>von unten</translation>
    </message>
    <message>
      <source>from the right</source>
      <translation>von rechts</translation>
    </message>
    <message>
      <source>from the left</source>
      <translation>von links</translation>
    </message>
    <message>
      <source>its own light is too even to measure, so new light can be added without removing any</source>
      <translation>sein eigenes Licht ist zu gleichmäßig zum Messen: neues lässt sich hinzufügen, ohne welches abzunehmen</translation>
    </message>
    <message>
      <source>confidence</source>
      <translation>Sicherheit</translation>
    </message>
    <message>
      <source>its light comes %1, the lead's %2</source>
      <translation>sein Licht kommt %1, das des Leitbilds %2</translation>
    </message>
    <message>
      <source>; mirror it and %1° are left of %2°</source>
      <translation>; gespiegelt bleiben %1° von %2°</translation>
    </message>
    <message>
      <source>, %1° apart</source>
      <translation>, %1° auseinander</translation>
    </message>
    <message>
      <source>its shade holds %1 % of the light, %2 than the lead's %3 %</source>
      <translation>sein Schatten hält %1 % des Lichts, %2 als beim Leitbild (%3 %)</translation>
    </message>
    <message>
      <source>harder</source>
      <translation>härter</translation>
    </message>
    <message>
      <source>softer</source>
      <translation>weicher</translation>
    </message>
    <message>
      <source>its light is %1 mired %2 (%3 K against %4 K)</source>
      <translation>sein Licht ist %1 Mired %2 (%3 K gegen %4 K)</translation>
    </message>
    <message>
      <source>mired</source>
      <translation>Mired</translation>
    </message>
    <message>
      <source>its darkest dark is L* %1, the lead's %2</source>
      <translation>seine dunkelste Stelle ist L* %1, die des Leitbilds %2</translation>
    </message>
    <message>
      <source>black point</source>
      <translation>Schwarzpunkt</translation>
    </message>
    <message>
      <source>its eye level lies %1 % of its height %2 where the stage would have it</source>
      <translation>seine Augenhöhe liegt %1 % seiner Höhe %2, als der Bildraum sie hätte</translation>
    </message>
    <message>
      <source>eye level</source>
      <translation>Augenhöhe</translation>
    </message>
    <message>
      <source>% from its top</source>
      <translation>% von seiner Oberkante</translation>
    </message>
    <message>
      <source>%1 px/cm at %2 cm high%3; %4 are enough</source>
      <translation>%1 px/cm bei %2 cm Höhe%3; %4 genügen</translation>
    </message>
    <message>
      <source> (a guess, nothing of it stands yet)</source>
      <translation> (geschätzt, noch steht nichts davon)</translation>
    </message>
    <message>
      <source>pixels</source>
      <translation>Pixel</translation>
    </message>
    <message>
      <source>measuring %1</source>
      <translation>%1 wird gemessen</translation>
    </message>
    <message>
      <source>“%1” was photographed with its light %2° away from where %3 is%4%5</source>
      <translation>„%1“ wurde mit seinem Licht %2° neben dem fotografiert, wo %3 steht%4%5</translation>
    </message>
    <message>
      <source>; mirrored it would be %1° off</source>
      <translation>; gespiegelt wären es %1°</translation>
    </message>
    <message>
      <source>. Its light is uncertain (%1 % sure).</source>
      <translation>. Sein Licht ist unsicher (%1 % sicher).</translation>
    </message>
    <message>
      <source>Light from two sides is the first thing that makes an element look stuck on.</source>
      <translation>Licht von zwei Seiten ist das Erste, was ein Ding aufgeklebt aussehen lässt.</translation>
    </message>
    <message>
      <source>From there it lights nothing that stands.</source>
      <translation>Von dort beleuchtet sie nichts, was steht.</translation>
    </message>
    <message>
      <source>Lift it clear</source>
      <translation>Frei heben</translation>
    </message>
    <message>
      <source>The sun is %1° under the horizon and still lights upright things.</source>
      <translation>Die Sonne steht %1° unter dem Horizont und beleuchtet noch aufrechte Dinge.</translation>
    </message>
    <message>
      <source>After sunset only the sky is left; warm light on a figure then needs a lantern.</source>
      <translation>Nach Sonnenuntergang bleibt nur der Himmel; warmes Licht auf einer Figur braucht dann eine Laterne.</translation>
    </message>
    <message>
      <source>Raise the sun to 8°</source>
      <translation>Die Sonne auf 8° heben</translation>
    </message>
    <message>
      <source>At %1 m the air still lets %2 % of the contrast through.</source>
      <translation>Auf %1 m lässt die Luft noch %2 % des Kontrasts durch.</translation>
    </message>
    <message>
      <source>Far things as dark and as coloured as near ones flatten the depth.</source>
      <translation>Fernes, so dunkel und so bunt wie Nahes, drückt die Tiefe flach.</translation>
    </message>
    <message>
      <source>Let contrast halve at %1 m</source>
      <translation>Den Kontrast bei %1 m halbieren</translation>
    </message>
    <message>
      <source>No light is burning: everything is filled by the sky alone.</source>
      <translation>Kein Licht brennt: alles wird nur vom Himmel gefüllt.</translation>
    </message>
    <message>
      <source>Without a direction of light no form turns and nothing casts a shadow.</source>
      <translation>Ohne Lichtrichtung rundet sich keine Form und nichts wirft Schatten.</translation>
    </message>
    <message>
      <source>the sun</source>
      <translation>die Sonne</translation>
    </message>
    <message>
      <source>“%1”</source>
      <translation>„%1“</translation>
    </message>
    <message>
      <source>first light</source>
      <translation>erstes Licht</translation>
    </message>
    <message>
      <source>sunrise</source>
      <translation>Sonnenaufgang</translation>
    </message>
    <message>
      <source>morning</source>
      <translation>Morgen</translation>
    </message>
    <message>
      <source>noon</source>
      <translation>Mittag</translation>
    </message>
    <message>
      <source>late afternoon</source>
      <translation>später Nachmittag</translation>
    </message>
    <message>
      <source>golden hour</source>
      <translation>goldene Stunde</translation>
    </message>
    <message>
      <source>overcast</source>
      <translation>bedeckt</translation>
    </message>
    <message>
      <source>full moon</source>
      <translation>Vollmond</translation>
    </message>
    <message>
      <source>lighting what stands</source>
      <translation>was steht, wird beleuchtet</translation>
    </message>
    <message>
      <source>The picture was cancelled.</source>
      <translation>Das Bild wurde abgebrochen.</translation>
    </message>
    <message>
      <source>There is no sun: no rainbow.</source>
      <translation>Es gibt keine Sonne: kein Regenbogen.</translation>
    </message>
    <message>
      <source>The sun stands before you; a rainbow stands opposite it, behind your back.</source>
      <translation>Die Sonne steht vor dir; ein Regenbogen steht ihr gegenüber, in deinem Rücken.</translation>
    </message>
    <message>
      <source>The sun is %1° high; from 42° on the whole bow lies under the horizon.</source>
      <translation>Die Sonne steht %1° hoch; ab 42° liegt der ganze Bogen unter dem Horizont.</translation>
    </message>
    <message>
      <source>The sun is under the horizon: no rainbow.</source>
      <translation>Die Sonne ist unter dem Horizont: kein Regenbogen.</translation>
    </message>
    <message>
      <source>second rainbow</source>
      <translation>zweiter Regenbogen</translation>
    </message>
    <message>
      <source>The bow lies outside this picture: its top stands %1° over the horizon, opposite the sun; a wider view would show it.</source>
      <translation>Der Bogen liegt außerhalb dieses Bildes: sein Scheitel steht %1° über dem Horizont, der Sonne gegenüber; ein weiterer Blick würde ihn zeigen.</translation>
    </message>
    <message>
      <source>Tubes for the whole gradient</source>
      <translation>Tuben für den ganzen Verlauf</translation>
    </message>
    <message>
      <source>There is no paint called “%1” to calibrate.</source>
      <translation>Es gibt keine Farbe „%1“ zum Kalibrieren.</translation>
    </message>
    <message>
      <source>“%1” has no patch that could be read.</source>
      <translation>„%1“ hat kein Feld, das sich lesen ließe.</translation>
    </message>
    <message>
      <source>A patch of “%1” was misread, or is the wrong patch: no paint has this colour.</source>
      <translation>Ein Feld von „%1“ wurde falsch gelesen oder ist das falsche: keine Farbe sieht so aus.</translation>
    </message>
    <message>
      <source>A patch of “%1” reflects more light than it gets.</source>
      <translation>Ein Feld von „%1“ wirft mehr Licht zurück, als es bekommt.</translation>
    </message>
    <message>
      <source>The card of a drawdown reflects between 0 and 1, its black less than its white.</source>
      <translation>Die Karte eines Aufzugs wirft zwischen 0 und 1 zurück, ihr Schwarz weniger als ihr Weiß.</translation>
    </message>
    <message>
      <source>The drawdown of “%1” should be 1 to 5000 µm thick.</source>
      <translation>Der Aufzug von „%1“ sollte 1 bis 5000 µm dick sein.</translation>
    </message>
    <message>
      <source>The noise of a reading should be above 0 and below 20 in CIELAB.</source>
      <translation>Das Rauschen einer Ablesung sollte in CIELAB über 0 und unter 20 liegen.</translation>
    </message>
    <message>
      <source>The calibration was cancelled.</source>
      <translation>Die Kalibrierung wurde abgebrochen.</translation>
    </message>
    <message>
      <source>a retarder (up to 15 %: a softer film), misting (thins it), a second pair of hands</source>
      <translation>ein Verzögerer (bis 15 %: ein weicherer Film), Befeuchten (verdünnt), ein zweites Paar Hände</translation>
    </message>
    <message>
      <source>a retarder (up to 15 %), thin layers dry-brushed over each other, an airbrush (never with pigments that must not be sprayed)</source>
      <translation>ein Verzögerer (bis 15 %), dünne Schichten trocken übereinander gebürstet, eine Spritzpistole (nie mit Pigmenten, die man nicht spritzen darf)</translation>
    </message>
    <message>
      <source>dry-brush or hatching instead of wet blending: it closes too fast for long passages</source>
      <translation>trockener Pinsel oder Schraffur statt nassem Vertreiben: es schließt zu schnell für lange Verläufe</translation>
    </message>
    <message>
      <source>a damp brush along the seam: it opens again, and lifts what lies under</source>
      <translation>ein feuchter Pinsel entlang der Naht: sie öffnet sich wieder, und hebt, was darunter liegt</translation>
    </message>
    <message>
      <source>no need: it stays open for hours; a drop of oil keeps it open for days</source>
      <translation>unnötig: es bleibt Stunden offen; ein Tropfen Öl hält es Tage offen</translation>
    </message>
    <message>
      <source>paper wetted on both sides; ox gall; one wash from wet to wet</source>
      <translation>beidseitig genässtes Papier; Ochsengalle; eine Lavierung von nass in nass</translation>
    </message>
    <message>
      <source>Puddle %1 (%2 of %3)</source>
      <translation>Klecks %1 (%2 von %3)</translation>
    </message>
    <message>
      <source>shade</source>
      <translation>Schatten</translation>
    </message>
    <message>
      <source>%1 cannot be reached: the nearest is %2, by %3 ΔE on %4 % of the canvas.%5</source>
      <translation>%1 ist nicht erreichbar: Das Nächste ist %2, um %3 ΔE auf %4 % der Leinwand.%5</translation>
    </message>
    <message>
      <source> With %1 (%2) it would be %3 ΔE.</source>
      <translation> Mit %1 (%2) wären es %3 ΔE.</translation>
    </message>
    <message>
      <source> No other tube brings it much nearer: change its light or its colour.</source>
      <translation> Keine andere Tube bringt es viel näher: Licht oder Farbe ändern.</translation>
    </message>
    <message>
      <source>What no tube here gives is better changed in the plan (its light, its colour) or bought now than missed in paint.</source>
      <translation>Was hier keine Tube hergibt, ändert man besser im Plan (Licht, Farbe) oder kauft es jetzt, als es in Farbe zu verfehlen.</translation>
    </message>
    <message>
      <source>Put %1 on the shopping list</source>
      <translation>%1 auf die Einkaufsliste setzen</translation>
    </message>
    <message>
      <source>%1 wants less of a tube than a brush can measure: its parts miss by %2 ΔE more than they need; so do colours on %3 % of the canvas.</source>
      <translation>%1 braucht weniger von einer Tube, als ein Pinsel messen kann: ihre Teile liegen um %2 ΔE weiter daneben als nötig; so auch Farben auf %3 % der Leinwand.</translation>
    </message>
    <message>
      <source>A strong tube let down in white beforehand can be measured in whole parts.</source>
      <translation>Eine starke Tube, vorher in Weiß verschnitten, lässt sich in ganzen Teilen messen.</translation>
    </message>
    <message>
      <source>Keep tints pre-mixed 1 : 20</source>
      <translation>Aufhellungen 1 : 20 vorgemischt bereithalten</translation>
    </message>
    <message>
      <source>%1 and %2%3 (%4 ΔE).</source>
      <translation>%1 und %2%3 (%4 ΔE).</translation>
    </message>
    <message>
      <source> do two lights' work with one colour</source>
      <translation> tun mit einer Farbe die Arbeit zweier Lichter</translation>
    </message>
    <message>
      <source> can hardly be kept apart</source>
      <translation> sind kaum zu unterscheiden</translation>
    </message>
    <message>
      <source>What is light on one thing and shade on another reads as one surface where both meet.</source>
      <translation>Was auf dem einen Licht und auf dem anderen Schatten ist, liest sich als eine Fläche, wo beide sich treffen.</translation>
    </message>
    <message>
      <source>One mix for both saves paint and a place on the palette.</source>
      <translation>Eine Mischung für beide spart Farbe und einen Platz auf der Palette.</translation>
    </message>
    <message>
      <source>Mix what lies within %1 ΔE as one</source>
      <translation>Als eines mischen, was näher als %1 ΔE liegt</translation>
    </message>
    <message>
      <source>%1 runs out in coat %2: %3 ml are needed, %4 ml are left; another tube, or %5 ml less of it.</source>
      <translation>%1 geht in Schicht %2 aus: %3 ml sind nötig, %4 ml sind übrig; noch eine Tube, oder %5 ml weniger davon.</translation>
    </message>
    <message>
      <source>A colour mixed again from another tube never matches quite; mix all of it at once.</source>
      <translation>Eine Farbe, aus einer anderen Tube nachgemischt, trifft nie ganz; alles auf einmal mischen.</translation>
    </message>
    <message>
      <source>The backdrop's passage of %1 cm cannot be blended in time: two of its %2 bands take %3 min, the paint stays open for %4 min.</source>
      <translation>Der Verlauf des Hintergrunds von %1 cm lässt sich nicht rechtzeitig vertreiben: zwei seiner %2 Bänder brauchen %3 min, die Farbe bleibt %4 min offen.</translation>
    </message>
    <message>
      <source>min</source>
      <translation>min</translation>
    </message>
    <message>
      <source>Two neighbours must both be wet where they meet. What helps: %1%2</source>
      <translation>Zwei Nachbarn müssen nass sein, wo sie sich treffen. Was hilft: %1%2</translation>
    </message>
    <message>
      <source>; or a medium that stays open long enough: %1.</source>
      <translation>; oder ein Malmittel, das lange genug offen bleibt: %1.</translation>
    </message>
    <message>
      <source> That is more than the %1 layers that %2 usually takes before it seals or cracks.</source>
      <translation> Das sind mehr als die %1 Lagen, die %2 gewöhnlich verträgt, ehe es dicht wird oder reißt.</translation>
    </message>
    <message>
      <source>The toned ground still shows after %1 on %2 % of the canvas; %3 needs %4: lay white or its lightest opaque neighbour under it first.%5</source>
      <translation>Der getönte Grund scheint nach %1 auf %2 % der Leinwand noch durch; %3 braucht %4: lege zuerst Weiß oder den hellsten deckenden Nachbarn darunter.%5</translation>
    </message>
    <message>
      <source>more than 12</source>
      <translation>mehr als 12</translation>
    </message>
    <message>
      <source>coats</source>
      <translation>Schichten</translation>
    </message>
    <message>
      <source>A transparent colour over a dark ground never reaches its light; one opaque coat under it does in one go.</source>
      <translation>Eine durchsichtige Farbe auf dunklem Grund erreicht nie ihr Licht; eine deckende Schicht darunter schafft es in einem Zug.</translation>
    </message>
    <message>
      <source>%1 finer than %2, %3, most on %4 (%5); the finest, %6 mm, on %7. The map of puddles shows where. Leave them out, make them wider%8</source>
      <translation>%1 feiner als %2, %3, die meisten auf %4 (%5); das feinste, %6 mm, auf %7. Die Karte der Kleckse zeigt, wo. Weglassen, breiter machen%8</translation>
    </message>
    <message numerus="yes">
      <source>%n details are</source>
      <translation>
        <numerusform>%n Einzelheit ist</numerusform>
        <numerusform>%n Einzelheiten sind</numerusform>
      </translation>
    </message>
    <message>
      <source>this ground holds (%1 mm after %2)</source>
      <translation>dieser Grund hält (%1 mm nach %2)</translation>
    </message>
    <message numerus="yes">
      <source>%n coats of primer</source>
      <translation>
        <numerusform>%n Anstrich Grundierung</numerusform>
        <numerusform>%n Anstriche Grundierung</numerusform>
      </translation>
    </message>
    <message>
      <source>the finest stroke of the brushes at hand (%1 mm)</source>
      <translation>der feinste Strich der vorhandenen Pinsel (%1 mm)</translation>
    </message>
    <message>
      <source>some %1</source>
      <translation>etwa %1</translation>
    </message>
    <message numerus="yes">
      <source>%n strokes</source>
      <translation>
        <numerusform>%n Strich</numerusform>
        <numerusform>%n Striche</numerusform>
      </translation>
    </message>
    <message>
      <source>, or take a finer weave, a coat more or a panel.</source>
      <translation>, oder ein feineres Gewebe, eine Schicht mehr oder eine Tafel nehmen.</translation>
    </message>
    <message>
      <source>, or take a finer brush and more fluid paint.</source>
      <translation>, oder einen feineren Pinsel und flüssigere Farbe nehmen.</translation>
    </message>
    <message>
      <source>A line thinner than brush or weave breaks up into dots.</source>
      <translation>Eine Linie, dünner als Pinsel oder Gewebe, zerfällt in Punkte.</translation>
    </message>
    <message>
      <source>%1 glows by day and fades fast: it is in no recipe; keep it for what need not last.</source>
      <translation>%1 leuchtet am Tag und verblasst schnell: in keinem Rezept; nur für das, was nicht halten muss.</translation>
    </message>
    <message>
      <source>Fluorescent dyes fade within months in daylight.</source>
      <translation>Leuchtfarbstoffe verblassen bei Tageslicht binnen Monaten.</translation>
    </message>
    <message>
      <source>Leave it out of this palette</source>
      <translation>Aus dieser Palette lassen</translation>
    </message>
    <message>
      <source>%1 fades in light (class %2): not for a work that is to last.</source>
      <translation>%1 verblasst im Licht (Klasse %2): nicht für ein Werk, das halten soll.</translation>
    </message>
    <message>
      <source>What fades takes every mix with it that it is in.</source>
      <translation>Was verblasst, nimmt jede Mischung mit, in der es steckt.</translation>
    </message>
    <message>
      <source>%1 must not be sprayed or sanded dry: %2.</source>
      <translation>%1 darf nicht gespritzt oder trocken geschliffen werden: %2.</translation>
    </message>
    <message>
      <source>Fluid paint is often sprayed; this pigment must not be breathed in.</source>
      <translation>Flüssige Farbe wird oft gespritzt; dieses Pigment darf nicht eingeatmet werden.</translation>
    </message>
    <message>
      <source>%1 lifts when it is touched again, and %2 planned: %3.</source>
      <translation>%1 löst sich, wenn man wieder darübergeht, und %2 geplant: %3.</translation>
    </message>
    <message numerus="yes">
      <source>%n coats are</source>
      <translation>
        <numerusform>%n Anstrich ist</numerusform>
        <numerusform>%n Anstriche sind</numerusform>
      </translation>
    </message>
    <message>
      <source>one stroke</source>
      <translation>ein Strich</translation>
    </message>
    <message>
      <source>A glaze over soluble paint turns to mud where the brush goes twice.</source>
      <translation>Eine Lasur über löslicher Farbe wird Schlamm, wo der Pinsel zweimal geht.</translation>
    </message>
    <message>
      <source>The plan's darks lie at L* %1, these paints reach L* %2%3</source>
      <translation>Die Tiefen des Plans liegen bei L* %1, diese Farben erreichen L* %2%3</translation>
    </message>
    <message>
      <source> where they dry matt: lift the darks, or varnish.</source>
      <translation> und trocknen matt auf: die Dunkel heben, oder firnissen.</translation>
    </message>
    <message>
      <source>What is darker than the paint comes out as one flat shape.</source>
      <translation>Was dunkler ist als die Farbe, kommt als eine flache Form heraus.</translation>
    </message>
    <message>
      <source>Plan for a gloss varnish</source>
      <translation>Mit Glanzfirnis planen</translation>
    </message>
    <message>
      <source>The plan's lights lie at L* %1, these paints reach L* %2.</source>
      <translation>Die Lichter des Plans liegen bei L* %1, diese Farben erreichen L* %2.</translation>
    </message>
    <message>
      <source>Glow comes from what is around it once white is used up.</source>
      <translation>Leuchten kommt von dem ringsum, wenn Weiß verbraucht ist.</translation>
    </message>
    <message>
      <source>%1 typical, not measured: expect colours to be off by 3 ΔE in the median, 6 in the worst of twenty; one tint in white of each brings that to about 0.5 and 2.</source>
      <translation>%1 typisch, nicht gemessen: Farben liegen im Median um 3 ΔE daneben, in der schlechtesten von zwanzig um 6; ein Verschnitt in Weiß von jeder bringt das auf etwa 0,5 und 2.</translation>
    </message>
    <message numerus="yes">
      <source>%n tubes are</source>
      <translation>
        <numerusform>%n Tube ist</numerusform>
        <numerusform>%n Tuben sind</numerusform>
      </translation>
    </message>
    <message>
      <source>Tubes of one name differ from maker to maker.</source>
      <translation>Tuben eines Namens sind von Hersteller zu Hersteller verschieden.</translation>
    </message>
    <message numerus="yes">
      <source>The swatches of %1 are %n days old.</source>
      <translation>
        <numerusform>Die Aufstriche von %1 sind %n Tag alt.</numerusform>
        <numerusform>Die Aufstriche von %1 sind %n Tage alt.</numerusform>
      </translation>
    </message>
    <message>
      <source>days</source>
      <translation>Tage</translation>
    </message>
    <message>
      <source>A new tube of an old name may be another paint.</source>
      <translation>Eine neue Tube alten Namens kann eine andere Farbe sein.</translation>
    </message>
    <message>
      <source>What each few tubes reach</source>
      <translation>Was je einige Tuben erreichen</translation>
    </message>
    <message>
      <source>opaque</source>
      <translation>deckend</translation>
    </message>
    <message>
      <source>semi-opaque</source>
      <translation>halbdeckend</translation>
    </message>
    <message>
      <source>semi-transparent</source>
      <translation>halb durchsichtig</translation>
    </message>
    <message>
      <source>transparent</source>
      <translation>durchsichtig</translation>
    </message>
    <message>
      <source>There is no paint called “%1” in the table of pigments.</source>
      <translation>In der Tabelle der Pigmente gibt es keine Farbe „%1“.</translation>
    </message>
    <message>
      <source>“%1” shines by itself: what it mixes to cannot be computed, so recipes leave it out.</source>
      <translation>„%1“ leuchtet von selbst: was es mischt, lässt sich nicht rechnen; Rezepte lassen es weg.</translation>
    </message>
    <message>
      <source>What these paints reach</source>
      <translation>Was diese Farben erreichen</translation>
    </message>
    <message>
      <source>A recipe is written as PB29=1+PW6=10: something is missing behind the last +.</source>
      <translation>Ein Rezept schreibt man PB29=1+PW6=10: hinter dem letzten + fehlt etwas.</translation>
    </message>
    <message>
      <source>A recipe is written as PB29=1+PW6=10, each part a number above 0.</source>
      <translation>Ein Rezept schreibt man PB29=1+PW6=10, jeder Teil eine Zahl über 0.</translation>
    </message>
    <message>
      <source>There is no paint called “%1” to mix.</source>
      <translation>Es gibt keine Farbe „%1“ zum Mischen.</translation>
    </message>
    <message>
      <source>A recipe needs between one and 24 paints.</source>
      <translation>Ein Rezept braucht zwischen einer und 24 Farben.</translation>
    </message>
    <message>
      <source>pink</source>
      <translation>Rosa</translation>
    </message>
    <message>
      <source>red</source>
      <translation>Rot</translation>
    </message>
    <message>
      <source>orange</source>
      <translation>Orange</translation>
    </message>
    <message>
      <source>yellow</source>
      <translation>Gelb</translation>
    </message>
    <message>
      <source>yellow green</source>
      <translation>Gelbgrün</translation>
    </message>
    <message>
      <source>green</source>
      <translation>Grün</translation>
    </message>
    <message>
      <source>blue green</source>
      <translation>Blaugrün</translation>
    </message>
    <message>
      <source>blue</source>
      <translation>Blau</translation>
    </message>
    <message>
      <source>violet</source>
      <translation>Violett</translation>
    </message>
    <message>
      <source>purple</source>
      <translation>Purpur</translation>
    </message>
    <message>
      <source>too dull</source>
      <translation>zu stumpf</translation>
    </message>
    <message>
      <source>too strong</source>
      <translation>zu stark</translation>
    </message>
    <message>
      <source>too dark</source>
      <translation>zu dunkel</translation>
    </message>
    <message>
      <source>too light</source>
      <translation>zu hell</translation>
    </message>
    <message>
      <source>its hue too far to %1</source>
      <translation>sein Farbton zu weit nach %1</translation>
    </message>
    <message>
      <source>Recipe map</source>
      <translation>Rezeptkarte</translation>
    </message>
    <message>
      <source>%1 (1 in %2 white)</source>
      <translation>%1 (1 in %2 Weiß)</translation>
    </message>
    <message>
      <source>no recipe</source>
      <translation>kein Rezept</translation>
    </message>
    <message>
      <source>under 0.1 ml</source>
      <translation>unter 0,1 ml</translation>
    </message>
    <message>
      <source>%1 ml</source>
      <translation>%1 ml</translation>
    </message>
    <message>
      <source>Recipes in parts</source>
      <translation>Rezepte in Teilen</translation>
    </message>
    <message>
      <source>%1 turn green together (hue %2°): for a darker yellow take an umber or a violet instead.</source>
      <translation>%1 werden zusammen grün (Farbton %2°): für ein dunkleres Gelb lieber Umbra oder Violett nehmen.</translation>
    </message>
    <message>
      <source>%1 neutralise each other (C* %2 of %3): good for a living grey, mud where a clear colour is wanted.</source>
      <translation>%1 neutralisieren sich (C* %2 von %3): gut für ein lebendiges Grau, Schlamm, wo eine klare Farbe gewollt ist.</translation>
    </message>
    <message>
      <source>%1 come out darker than either (L* %2): test a dab before mixing all of it.</source>
      <translation>%1 kommen dunkler heraus als beide (L* %2): erst einen Tupfer prüfen, dann alles mischen.</translation>
    </message>
    <message>
      <source>White takes %1 % of the chroma: part of the lightening by a light yellow or orange keeps it alive.</source>
      <translation>Weiß nimmt %1 % der Buntheit: ein Teil des Aufhellens durch ein helles Gelb oder Orange hält sie lebendig.</translation>
    </message>
    <message>
      <source>%1 is under a tenth of the volume and gives over half of the colour: add it by the tip of the brush.</source>
      <translation>%1 ist unter einem Zehntel der Menge und gibt über die Hälfte der Farbe: mit der Pinselspitze zugeben.</translation>
    </message>
    <message>
      <source>masstone</source>
      <translation>Vollton</translation>
    </message>
    <message>
      <source>over white</source>
      <translation>über Weiß</translation>
    </message>
    <message>
      <source>over black</source>
      <translation>über Schwarz</translation>
    </message>
    <message>
      <source>This picture is too small for a swatch card.</source>
      <translation>Dieses Bild ist zu klein für eine Probenkarte.</translation>
    </message>
    <message>
      <source>The four marks of the card are not found: photograph all of it, straight on, in even daylight.</source>
      <translation>Die vier Marken der Karte sind nicht zu finden: ganz, gerade von vorn und in gleichmäßigem Tageslicht fotografieren.</translation>
    </message>
    <message>
      <source>a channel is clipped: expose it otherwise, or use a colour reader</source>
      <translation>ein Kanal ist abgeschnitten: anders belichten, oder ein Farbmessgerät nehmen</translation>
    </message>
    <message>
      <source>glare lies on it: turn the card or the lamp</source>
      <translation>Glanz liegt darauf: Karte oder Lampe drehen</translation>
    </message>
    <message>
      <source>it is bare paper</source>
      <translation>es ist blankes Papier</translation>
    </message>
    <message>
      <source>“%1” is in the cast, but nothing in the scene shows it.</source>
      <translation>„%1“ steht in der Besetzung, aber nichts in der Szene zeigt es.</translation>
    </message>
    <message>
      <source>What is promised in the brief and missing from the plan is squeezed in later, in paint.</source>
      <translation>Was der Auftrag verspricht und dem Plan fehlt, wird später in Farbe hineingezwängt.</translation>
    </message>
    <message>
      <source>The cast is empty, so no order of reading can be held against the picture.</source>
      <translation>Die Besetzung ist leer; so lässt sich keine Lesefolge gegen das Bild halten.</translation>
    </message>
    <message>
      <source>The first glance can only be judged once you have named where it should fall.</source>
      <translation>Der erste Blick lässt sich nur beurteilen, wenn du nennst, wohin er fallen soll.</translation>
    </message>
    <message numerus="yes">
      <source>There are %n subjects; beyond seven, ranks are hard to keep apart.</source>
      <translation>
        <numerusform>Es ist %n Bildgegenstand; über sieben sind Ränge schwer auseinanderzuhalten.</numerusform>
        <numerusform>Es sind %n Bildgegenstände; über sieben sind Ränge schwer auseinanderzuhalten.</numerusform>
      </translation>
    </message>
    <message>
      <source>Each rank needs a step of contrast to itself, and there are only so many steps.</source>
      <translation>Jeder Rang braucht eine Kontraststufe für sich, und so viele gibt es nicht.</translation>
    </message>
    <message>
      <source>From %1 cm the whole canvas cannot be taken in at once.</source>
      <translation>Aus %1 cm lässt sich nicht die ganze Leinwand auf einmal sehen.</translation>
    </message>
    <message>
      <source>Closer than about one and a half diagonals the edges fall outside the calm part of the gaze.</source>
      <translation>Näher als etwa anderthalb Diagonalen fallen die Ränder aus dem ruhigen Teil des Blicks.</translation>
    </message>
    <message>
      <source>View it from %1 cm</source>
      <translation>Aus %1 cm betrachten</translation>
    </message>
    <message>
      <source>The work has no title yet.</source>
      <translation>Das Werk hat noch keinen Titel.</translation>
    </message>
    <message>
      <source>The title goes on every sheet, so that sheets of two works are not mixed up.</source>
      <translation>Der Titel steht auf jedem Bogen, damit Bögen zweier Werke nicht verwechselt werden.</translation>
    </message>
    <message>
      <source>%1%2 still to be checked before signing, first: “%3”.</source>
      <translation>%1%2 vor dem Signieren noch zu prüfen, zuerst: „%3“.</translation>
    </message>
    <message>
      <source> fact is</source>
      <translation> Tatsache ist</translation>
    </message>
    <message>
      <source> facts are</source>
      <translation> Tatsachen sind</translation>
    </message>
    <message>
      <source>A wrong count of spokes is what strangers see first and what cannot be painted out at the end.</source>
      <translation>Eine falsche Zahl Speichen sieht jeder Fremde zuerst, und am Ende lässt sie sich nicht mehr wegmalen.</translation>
    </message>
    <message>
      <source>%1%2 no source.</source>
      <translation>%1%2 keine Quelle.</translation>
    </message>
    <message>
      <source> fact has</source>
      <translation> Tatsache hat</translation>
    </message>
    <message>
      <source> facts have</source>
      <translation> Tatsachen haben</translation>
    </message>
    <message>
      <source>What is known from memory is wrong surprisingly often; note where it was seen.</source>
      <translation>Was man aus dem Kopf weiß, ist überraschend oft falsch; notieren, wo es zu sehen war.</translation>
    </message>
    <message>
      <source>The focus should lie %1; “%2” stands %3 cm beside it.</source>
      <translation>Der Blickpunkt sollte %1 liegen; „%2“ steht %3 cm daneben.</translation>
    </message>
    <message>
      <source>Move it there</source>
      <translation>Dorthin rücken</translation>
    </message>
    <message>
      <source>Watercolour is planned on a ground that is not paper.</source>
      <translation>Aquarell ist auf einem Grund geplant, der kein Papier ist.</translation>
    </message>
    <message>
      <source>papers</source>
      <translation>Papiere</translation>
    </message>
    <message>
      <source>Washes bead and lift on primer; use paper, or an absorbent ground made for it.</source>
      <translation>Lavierungen perlen und heben sich auf Grundierung; Papier nehmen, oder einen saugenden Grund dafür.</translation>
    </message>
    <message>
      <source>Oil is planned on a ground without primer.</source>
      <translation>Öl ist auf einem Grund ohne Grundierung geplant.</translation>
    </message>
    <message>
      <source>Oil rots bare cloth and paper; size and prime first.</source>
      <translation>Öl zerfrisst nacktes Gewebe und Papier; erst leimen und grundieren.</translation>
    </message>
    <message>
      <source>Prime it twice</source>
      <translation>Zweimal grundieren</translation>
    </message>
    <message>
      <source>The ground should be %1; the plan tones it otherwise.</source>
      <translation>Der Grund sollte %1 sein; der Plan tönt ihn anders.</translation>
    </message>
    <message>
      <source>Tone it so</source>
      <translation>So tönen</translation>
    </message>
    <message>
      <source>“%1” stands outside the outline of the canvas.</source>
      <translation>„%1“ steht außerhalb des Umrisses der Leinwand.</translation>
    </message>
    <message>
      <source>on canvas</source>
      <translation>auf der Leinwand</translation>
    </message>
    <message>
      <source>What lies outside the outline is cut away.</source>
      <translation>Was außerhalb des Umrisses liegt, wird weggeschnitten.</translation>
    </message>
    <message numerus="yes">
      <source>The deadline passed %n days ago.</source>
      <translation>
        <numerusform>Der Termin war vor %n Tag.</numerusform>
        <numerusform>Der Termin war vor %n Tagen.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>There are %n days to the deadline.</source>
      <translation>
        <numerusform>Bis zum Termin ist es %n Tag.</numerusform>
        <numerusform>Bis zum Termin sind es %n Tage.</numerusform>
      </translation>
    </message>
    <message>
      <source>Drying and fresh eyes need days that no evening can make up for.</source>
      <translation>Trocknen und frische Augen brauchen Tage, die kein Abend ersetzt.</translation>
    </message>
    <message>
      <source>Its place stays empty and marked, nothing is measured of it and nothing overwritten. It comes back by itself when the file can be read again.</source>
      <translation>Sein Platz bleibt leer und markiert, nichts davon wird gemessen und nichts überschrieben. Es kommt von selbst wieder, wenn die Datei wieder lesbar ist.</translation>
    </message>
    <message>
      <source>“%1” may be studied only, yet it stands in the painting.</source>
      <translation>„%1“ darf nur studiert werden und steht doch im Bild.</translation>
    </message>
    <message>
      <source>What was lent to learn from may not be shown; ask for it, or paint from another picture.</source>
      <translation>Was zum Lernen geliehen ist, darf nicht gezeigt werden; darum bitten, oder nach einem anderen Bild malen.</translation>
    </message>
    <message>
      <source> and %1 more</source>
      <translation> und %1 weitere</translation>
    </message>
    <message>
      <source>%1 is used, but permission for it is still to be asked.</source>
      <translation>%1 wird benutzt, aber um Erlaubnis ist noch zu fragen.</translation>
    </message>
    <message>
      <source>%1 are used, but permission for them is still to be asked.</source>
      <translation>%1 werden benutzt, aber um Erlaubnis ist noch zu fragen.</translation>
    </message>
    <message>
      <source>%1 is used, but nobody is credited for it.</source>
      <translation>%1 wird benutzt, aber niemand ist dafür genannt.</translation>
    </message>
    <message>
      <source>%1 are used, but nobody is credited for them.</source>
      <translation>%1 werden benutzt, aber niemand ist dafür genannt.</translation>
    </message>
    <message>
      <source>A finished work that cannot be shown is a lost work; asking takes a minute now.</source>
      <translation>Ein fertiges Werk, das man nicht zeigen darf, ist verloren; fragen dauert jetzt eine Minute.</translation>
    </message>
    <message>
      <source>Take its own light off wholly</source>
      <translation>Sein eigenes Licht ganz abnehmen</translation>
    </message>
    <message>
      <source>roll 61 cm</source>
      <translation>Rolle 61 cm</translation>
    </message>
    <message>
      <source>roll 91 cm</source>
      <translation>Rolle 91 cm</translation>
    </message>
    <message>
      <source>by permission of</source>
      <translation>mit Genehmigung von</translation>
    </message>
    <message>
      <source>anywhere</source>
      <translation>irgendwo</translation>
    </message>
    <message>
      <source>The lead may stand anywhere; its place is only measured.</source>
      <translation>Die Hauptfigur darf überall stehen; ihr Ort wird nur gemessen.</translation>
    </message>
    <message>
      <source>on a third</source>
      <translation>auf einem Drittel</translation>
    </message>
    <message>
      <source>The main subject stands near where two thirds cross; you are warned if it is farther off.</source>
      <translation>Der Hauptgegenstand steht nahe der Kreuzung zweier Drittel; du wirst gewarnt, wenn er weiter abliegt.</translation>
    </message>
    <message>
      <source>golden division</source>
      <translation>Goldener Schnitt</translation>
    </message>
    <message>
      <source>The lead stands near 0.382 or 0.618 of the width and of the height.</source>
      <translation>Die Hauptfigur steht nahe 0,382 oder 0,618 der Breite und der Höhe.</translation>
    </message>
    <message>
      <source>in the middle</source>
      <translation>in der Mitte</translation>
    </message>
    <message>
      <source>The lead stands in the middle, still and solemn.</source>
      <translation>Die Hauptfigur steht in der Mitte, still und feierlich.</translation>
    </message>
    <message>
      <source>on a diagonal</source>
      <translation>auf einer Diagonale</translation>
    </message>
    <message>
      <source>The lead stands on a diagonal, or at the top of a pyramid.</source>
      <translation>Die Hauptfigur steht auf einer Diagonale, oder an der Spitze einer Pyramide.</translation>
    </message>
    <message>
      <source>where lines meet</source>
      <translation>wo Linien sich treffen</translation>
    </message>
    <message>
      <source>The lead stands where the lines of the picture converge.</source>
      <translation>Die Hauptfigur steht, wo die Linien des Bildes zusammenlaufen.</translation>
    </message>
    <message>
      <source>back to front, all over</source>
      <translation>von hinten nach vorn, überall</translation>
    </message>
    <message>
      <source>The whole picture grows in layers, far things first.</source>
      <translation>Das ganze Bild wächst in Schichten, Fernes zuerst.</translation>
    </message>
    <message>
      <source>section by section</source>
      <translation>Stück für Stück</translation>
    </message>
    <message>
      <source>One part is finished before the next is begun.</source>
      <translation>Ein Teil ist fertig, ehe der nächste beginnt.</translation>
    </message>
    <message>
      <source>subject first</source>
      <translation>Hauptfigur zuerst</translation>
    </message>
    <message>
      <source>The lead is painted first; all else is held against it.</source>
      <translation>Die Hauptfigur wird zuerst gemalt; alles andere wird gegen sie gehalten.</translation>
    </message>
    <message>
      <source>Opaque paint: darks first. Watercolour: lights first.</source>
      <translation>Deckende Farbe: Dunkel zuerst. Aquarell: Licht zuerst.</translation>
    </message>
    <message>
      <source>darks first</source>
      <translation>Dunkel zuerst</translation>
    </message>
    <message>
      <source>Darks are laid in first, and the lightest lights kept for last.</source>
      <translation>Die Dunkel werden zuerst angelegt, die hellsten Lichter bis zuletzt aufgehoben.</translation>
    </message>
    <message>
      <source>from a middle tone</source>
      <translation>von einem Mittelton aus</translation>
    </message>
    <message>
      <source>A middle tone lies under everything; lights and darks go both ways from it.</source>
      <translation>Ein Mittelton liegt unter allem; Lichter und Dunkel gehen von ihm aus nach beiden Seiten.</translation>
    </message>
    <message>
      <source>lights first</source>
      <translation>Lichter zuerst</translation>
    </message>
    <message>
      <source>The white of the ground is kept; every layer darkens.</source>
      <translation>Das Weiß des Grunds bleibt stehen; jede Schicht dunkelt.</translation>
    </message>
    <message>
      <source>used, never left flat</source>
      <translation>benutzt, nie flach gelassen</translation>
    </message>
    <message>
      <source>Black from a tube is used, and glazed over so that it lives.</source>
      <translation>Schwarz aus der Tube wird benutzt und überlasiert, damit es lebt.</translation>
    </message>
    <message>
      <source>mixed darks only</source>
      <translation>nur gemischte Dunkel</translation>
    </message>
    <message>
      <source>Darks are mixed of colours; no tube of black on the palette.</source>
      <translation>Dunkel werden aus Farben gemischt; keine Tube Schwarz auf der Palette.</translation>
    </message>
    <message>
      <source>near-black, near-white</source>
      <translation>fast schwarz, fast weiß</translation>
    </message>
    <message>
      <source>Nothing is painted under L* 12 or over L* 95; both are kept for accents of light.</source>
      <translation>Nichts wird unter L* 12 oder über L* 95 gemalt; beides bleibt Lichtakzenten vorbehalten.</translation>
    </message>
    <message>
      <source>Transparent paint needs an exact line; opaque paint covers it.</source>
      <translation>Durchsichtige Farbe braucht eine genaue Linie; deckende verdeckt sie.</translation>
    </message>
    <message>
      <source>measured, tight line</source>
      <translation>gemessene, straffe Linie</translation>
    </message>
    <message>
      <source>Landmarks are measured and the line is exact before paint.</source>
      <translation>Messpunkte werden gemessen, und die Linie ist vor der Farbe genau.</translation>
    </message>
    <message>
      <source>loose blocks</source>
      <translation>lose Flächen</translation>
    </message>
    <message>
      <source>Masses are blocked in; opaque paint finds the edge.</source>
      <translation>Massen werden angelegt; deckende Farbe findet die Kante.</translation>
    </message>
    <message>
      <source>followed closely</source>
      <translation>eng befolgt</translation>
    </message>
    <message>
      <source>You are warned of drift from the plan at the usual tolerance.</source>
      <translation>Vor Abweichungen vom Plan wirst du bei der üblichen Toleranz gewarnt.</translation>
    </message>
    <message>
      <source>let go</source>
      <translation>losgelassen</translation>
    </message>
    <message>
      <source>Where the paint is better, the plan gives way; tolerances are doubled and nothing nags.</source>
      <translation>Wo die Farbe besser ist, gibt der Plan nach; Toleranzen verdoppeln sich, nichts mahnt.</translation>
    </message>
    <message>
      <source>middle tone</source>
      <translation>Mittelton</translation>
    </message>
    <message>
      <source>A middle tone shows lights and darks at once.</source>
      <translation>Ein Mittelton zeigt Lichter und Dunkel zugleich.</translation>
    </message>
    <message>
      <source>A white ground keeps transparent colour bright.</source>
      <translation>Ein weißer Grund hält durchsichtige Farbe leuchtend.</translation>
    </message>
    <message>
      <source>A dark ground saves the darks; lights must be opaque.</source>
      <translation>Ein dunkler Grund spart die Dunkel; Lichter müssen decken.</translation>
    </message>
    <message>
      <source>complementary or scene colour</source>
      <translation>komplementär oder in Farbe der Szene</translation>
    </message>
    <message>
      <source>What shows through vibrates against, or holds together, what lies over it.</source>
      <translation>Was durchscheint, schwingt gegen das, was darüberliegt, oder hält es zusammen.</translation>
    </message>
    <message>
      <source>strokes show</source>
      <translation>Striche sichtbar</translation>
    </message>
    <message>
      <source>Edges are made by strokes laid side by side.</source>
      <translation>Kanten entstehen aus nebeneinandergesetzten Strichen.</translation>
    </message>
    <message>
      <source>smooth</source>
      <translation>glatt</translation>
    </message>
    <message>
      <source>Passages are blended while wet; open time counts.</source>
      <translation>Verläufe werden nass vertrieben; die offene Zeit zählt.</translation>
    </message>
    <message>
      <source>Glazes are thinned with what the medium takes.</source>
      <translation>Lasuren werden mit dem verdünnt, was das Malmittel verträgt.</translation>
    </message>
    <message>
      <source>water only</source>
      <translation>nur Wasser</translation>
    </message>
    <message>
      <source>Glazes are thinned with water alone; not more than about a third, or the film grows weak.</source>
      <translation>Lasuren werden nur mit Wasser verdünnt; höchstens etwa ein Drittel, sonst wird der Film schwach.</translation>
    </message>
    <message>
      <source>glazing medium</source>
      <translation>Lasurmittel</translation>
    </message>
    <message>
      <source>Glazes are made with a glazing medium, which keeps the film strong.</source>
      <translation>Lasuren werden mit einem Lasurmittel gemacht, das den Film fest hält.</translation>
    </message>
    <message>
      <source>Where the focus goes</source>
      <translation>Wohin der Blickpunkt kommt</translation>
    </message>
    <message>
      <source>Order of painting</source>
      <translation>Folge des Malens</translation>
    </message>
    <message>
      <source>Darks and lights</source>
      <translation>Dunkel und Licht</translation>
    </message>
    <message>
      <source>Black from a tube</source>
      <translation>Schwarz aus der Tube</translation>
    </message>
    <message>
      <source>How exact the drawing</source>
      <translation>Wie genau die Zeichnung</translation>
    </message>
    <message>
      <source>The plan while painting</source>
      <translation>Der Plan beim Malen</translation>
    </message>
    <message>
      <source>Tone of the ground</source>
      <translation>Ton des Grunds</translation>
    </message>
    <message>
      <source>Blending</source>
      <translation>Vertreiben</translation>
    </message>
    <message>
      <source>Glazing with</source>
      <translation>Lasieren mit</translation>
    </message>
    <message>
      <source>as it was</source>
      <translation>wie es war</translation>
    </message>
    <message>
      <source>adult</source>
      <translation>Erwachsener</translation>
    </message>
    <message>
      <source>child of ten</source>
      <translation>Kind von zehn</translation>
    </message>
    <message>
      <source>child of five</source>
      <translation>Kind von fünf</translation>
    </message>
    <message>
      <source>sitting adult</source>
      <translation>sitzender Erwachsener</translation>
    </message>
    <message>
      <source>rider on a horse</source>
      <translation>Reiter zu Pferd</translation>
    </message>
    <message>
      <source>horse</source>
      <translation>Pferd</translation>
    </message>
    <message>
      <source>camel</source>
      <translation>Kamel</translation>
    </message>
    <message>
      <source>elephant</source>
      <translation>Elefant</translation>
    </message>
    <message>
      <source>cow</source>
      <translation>Kuh</translation>
    </message>
    <message>
      <source>dog</source>
      <translation>Hund</translation>
    </message>
    <message>
      <source>cat</source>
      <translation>Katze</translation>
    </message>
    <message>
      <source>crow</source>
      <translation>Krähe</translation>
    </message>
    <message>
      <source>door</source>
      <translation>Tür</translation>
    </message>
    <message>
      <source>gate</source>
      <translation>Tor</translation>
    </message>
    <message>
      <source>window</source>
      <translation>Fenster</translation>
    </message>
    <message>
      <source>table</source>
      <translation>Tisch</translation>
    </message>
    <message>
      <source>chair</source>
      <translation>Stuhl</translation>
    </message>
    <message>
      <source>bench</source>
      <translation>Bank</translation>
    </message>
    <message>
      <source>step</source>
      <translation>Stufe</translation>
    </message>
    <message>
      <source>railing</source>
      <translation>Geländer</translation>
    </message>
    <message>
      <source>storey</source>
      <translation>Stockwerk</translation>
    </message>
    <message>
      <source>cottage</source>
      <translation>Hütte</translation>
    </message>
    <message>
      <source>house of three storeys</source>
      <translation>Haus mit drei Stockwerken</translation>
    </message>
    <message>
      <source>church tower</source>
      <translation>Kirchturm</translation>
    </message>
    <message>
      <source>lamp post</source>
      <translation>Laternenpfahl</translation>
    </message>
    <message>
      <source>cart</source>
      <translation>Karren</translation>
    </message>
    <message>
      <source>cart wheel</source>
      <translation>Karrenrad</translation>
    </message>
    <message>
      <source>wagon with a hood</source>
      <translation>Planwagen</translation>
    </message>
    <message>
      <source>rowing boat</source>
      <translation>Ruderboot</translation>
    </message>
    <message>
      <source>boat's mast</source>
      <translation>Bootsmast</translation>
    </message>
    <message>
      <source>ship's mast</source>
      <translation>Schiffsmast</translation>
    </message>
    <message>
      <source>bush</source>
      <translation>Busch</translation>
    </message>
    <message>
      <source>tall spruce</source>
      <translation>hohe Fichte</translation>
    </message>
    <message>
      <source>barrel</source>
      <translation>Fass</translation>
    </message>
    <message>
      <source>motor car</source>
      <translation>Auto</translation>
    </message>
    <message>
      <source>orientation</source>
      <translation>Richtung</translation>
    </message>
    <message>
      <source>detail</source>
      <translation>Einzelheit</translation>
    </message>
    <message>
      <source>sharpness</source>
      <translation>Schärfe</translation>
    </message>
    <message>
      <source>size</source>
      <translation>Größe</translation>
    </message>
    <message>
      <source>isolation</source>
      <translation>Vereinzelung</translation>
    </message>
    <message>
      <source>position</source>
      <translation>Lage</translation>
    </message>
    <message>
      <source>convergence</source>
      <translation>Fluchtung</translation>
    </message>
    <message>
      <source>Left and right weigh the same (%1 to %2 %) and mirror each other by %3 %.</source>
      <translation>Links und rechts wiegen gleich (%1 zu %2 %) und spiegeln sich zu %3 %.</translation>
    </message>
    <message>
      <source>% left</source>
      <translation>% links</translation>
    </message>
    <message>
      <source>Dead even is a decision: it stands still. Solemn if meant, stiff if not.</source>
      <translation>Genau gleich ist eine Entscheidung: es steht still. Feierlich, wenn gewollt, sonst steif.</translation>
    </message>
    <message>
      <source>The %1 weighs %2 %. A counterweight of about %3 cm² (%4 × %5), %6 L* off its ground, %7 cm from the left and %8 cm from the top would steady it.</source>
      <translation>Die Seite %1 wiegt %2 %. Ein Gegengewicht von etwa %3 cm² (%4 × %5), %6 L* neben seinem Grund, %7 cm von links und %8 cm von oben, brächte es ins Lot.</translation>
    </message>
    <message>
      <source>A picture that tips looks unfinished on one side; far from the middle a small thing weighs much.</source>
      <translation>Ein Bild, das kippt, wirkt auf einer Seite unfertig; weit von der Mitte wiegt Kleines viel.</translation>
    </message>
    <message>
      <source>shown by nothing in the picture</source>
      <translation>nichts im Bild zeigt es</translation>
    </message>
    <message>
      <source>%1 mm wide (%2 arc minutes from the viewing distance)</source>
      <translation>%1 mm breit (%2 Bogenminuten aus dem Betrachtungsabstand)</translation>
    </message>
    <message>
      <source>, too small to recognise</source>
      <translation>, zu klein zum Erkennen</translation>
    </message>
    <message>
      <source>, but lost in what lies around it (ΔE %1)</source>
      <translation>, geht aber in der Umgebung unter (ΔE %1)</translation>
    </message>
    <message>
      <source> and lost in what lies around it (ΔE %1)</source>
      <translation> und geht in der Umgebung unter (ΔE %1)</translation>
    </message>
    <message>
      <source>%1: %2 of %3 cues can be seen%4</source>
      <translation>%1: zu sehen sind %2 von %3 Hinweisen%4</translation>
    </message>
    <message>
      <source>; “%1” is %2.</source>
      <translation>; „%1“: %2.</translation>
    </message>
    <message>
      <source>; mark what shows it.</source>
      <translation>; markiere, was es zeigt.</translation>
    </message>
    <message>
      <source>cues seen</source>
      <translation>Hinweise zu sehen</translation>
    </message>
    <message>
      <source>A viewer misses one cue and doubts the second; with three the idea gets across. Size and contrast are measured, not whether it is understood.</source>
      <translation>Ein Betrachter übersieht einen Hinweis und zweifelt am zweiten; mit dreien kommt die Idee an. Gemessen werden Größe und Kontrast, nicht, ob man versteht.</translation>
    </message>
    <message>
      <source>nearly without colour</source>
      <translation>fast ohne Farbe</translation>
    </message>
    <message>
      <source>one family, %1 (%2 % of all colour)</source>
      <translation>eine Familie, %1 (%2 % aller Farbe)</translation>
    </message>
    <message>
      <source>many hues, %1 the strongest</source>
      <translation>viele Farbtöne, %1 am stärksten</translation>
    </message>
    <message>
      <source>opposites, %1</source>
      <translation>Gegensätze, %1</translation>
    </message>
    <message>
      <source>two families well apart, %1</source>
      <translation>zwei Familien weit auseinander, %1</translation>
    </message>
    <message>
      <source>neighbours, %1</source>
      <translation>Nachbarn, %1</translation>
    </message>
    <message>
      <source>magenta</source>
      <translation>Magenta</translation>
    </message>
    <message>
      <source>yellow-green</source>
      <translation>Gelbgrün</translation>
    </message>
    <message>
      <source>blue-green</source>
      <translation>Blaugrün</translation>
    </message>
    <message>
      <source>left forearm</source>
      <translation>linke Unterarm</translation>
    </message>
    <message>
      <source>right forearm</source>
      <translation>rechte Unterarm</translation>
    </message>
    <message>
      <source>left shin</source>
      <translation>linke Unterschenkel</translation>
    </message>
    <message>
      <source>right shin</source>
      <translation>rechte Unterschenkel</translation>
    </message>
    <message>
      <source>looking for the smallest change</source>
      <translation>die kleinste Änderung wird gesucht</translation>
    </message>
    <message>
      <source>Sanding raises dust of primer that does not belong in lungs: sand wet, or wear a mask that fits, and wipe up with a damp cloth. Read the maker's safety data sheet; local rules come first.</source>
      <translation>Schleifen wirbelt Grundierungsstaub auf, der nicht in die Lunge gehört: nass schleifen, oder eine passende Maske tragen, und feucht aufwischen. Das Sicherheitsdatenblatt des Herstellers lesen; örtliche Regeln gehen vor.</translation>
    </message>
    <message>
      <source>Gloves and a window open while sizing; read the maker's safety data sheet.</source>
      <translation>Beim Leimen Handschuhe und ein offenes Fenster; das Sicherheitsdatenblatt des Herstellers lesen.</translation>
    </message>
    <message>
      <source>Prime, coat %1 of %2%3, edges too</source>
      <translation>Grundieren, Schicht %1 von %2%3, auch die Kanten</translation>
    </message>
    <message>
      <source>, strokes along</source>
      <translation>, Striche längs</translation>
    </message>
    <message>
      <source>, strokes across</source>
      <translation>, Striche quer</translation>
    </message>
    <message>
      <source>Sand lightly with grit %1, until the hand feels no grain</source>
      <translation>Leicht schleifen mit Körnung %1, bis die Hand kein Korn mehr fühlt</translation>
    </message>
    <message>
      <source>White stays white: transparent colour keeps its light.</source>
      <translation>Weiß bleibt weiß: durchsichtige Farbe behält ihr Licht.</translation>
    </message>
    <message>
      <source>The middle of the plan, L* %1: lights and darks are both judged from it at once.</source>
      <translation>Die Mitte des Plans, L* %1: Lichter und Dunkel lassen sich sofort von ihr aus beurteilen.</translation>
    </message>
    <message>
      <source>Opposite to the picture's mean colour: what shows between strokes makes them vibrate.</source>
      <translation>Der mittleren Farbe des Bildes entgegen: was zwischen Strichen durchscheint, lässt sie schwingen.</translation>
    </message>
    <message>
      <source>Just over the darkest of the plan, L* %1: darks are there, lights must be opaque.</source>
      <translation>Knapp über dem Dunkelsten des Plans, L* %1: die Dunkel sind da, Lichter müssen decken.</translation>
    </message>
    <message>
      <source>%1 of L* %2, wide brush, wipe back while wet</source>
      <translation>%1 von L* %2, breiter Pinsel, nass wieder abwischen</translation>
    </message>
    <message>
      <source>Lay a flat wash</source>
      <translation>Eine flache Lavierung legen</translation>
    </message>
    <message>
      <source>Tone the ground with thinned paint</source>
      <translation>Den Grund mit verdünnter Farbe tönen</translation>
    </message>
    <message>
      <source>Solvent and oily rags: window open, rags flat to dry or under water in a lidded metal can, never in a heap. Read the safety data sheet; local rules come first.</source>
      <translation>Lösemittel und ölige Lappen: Fenster auf, Lappen flach trocknen oder unter Wasser in eine Blechdose mit Deckel, nie auf einen Haufen. Das Sicherheitsdatenblatt lesen; örtliche Regeln gehen vor.</translation>
    </message>
    <message>
      <source>Soak and stretch the paper (%1 g/m² cockles when wet), taped on all sides</source>
      <translation>Das Papier wässern und spannen (%1 g/m² wellt sich nass), rundum geklebt</translation>
    </message>
    <message>
      <source>Size front, back and edges, so that oil does not sink in</source>
      <translation>Vorderseite, Rückseite und Kanten leimen, damit das Öl nicht einzieht</translation>
    </message>
    <message>
      <source>By contrast, “%1” draws %2 % of the measured pull and “%3” %4 %, though “%5” should be read first%6</source>
      <translation>Nach Kontrast zieht „%1“ %2 % des gemessenen Zugs und „%3“ %4 %, obwohl „%5“ zuerst gelesen werden soll%6</translation>
    </message>
    <message>
      <source>; mostly through %1.</source>
      <translation>; meist durch %1.</translation>
    </message>
    <message>
      <source>% of pull</source>
      <translation>% Zug</translation>
    </message>
    <message>
      <source>The order of reading is decided by contrast long before detail; repainting it later costs weeks. It does not know faces or meaning.</source>
      <translation>Die Lesefolge entscheidet der Kontrast lange vor der Einzelheit; sie später umzumalen kostet Wochen. Gesichter und Bedeutung kennt er nicht.</translation>
    </message>
    <message>
      <source>%1 pulls the gaze off the edge: %2 % of the pull lies with it in the outer band%3</source>
      <translation>%1 zieht den Blick vom Rand: %2 % des Zugs liegen damit im äußeren Band%3</translation>
    </message>
    <message>
      <source>, mostly through %1.</source>
      <translation>, meist durch %1.</translation>
    </message>
    <message>
      <source>A strong patch at the edge is a door out of the picture.</source>
      <translation>Eine starke Stelle am Rand ist eine Tür aus dem Bild.</translation>
    </message>
    <message>
      <source>%1%2, yet it draws %3 % of the measured pull, more than “%4” (%5 %)%6</source>
      <translation>%1%2, zieht aber %3 % des gemessenen Zugs, mehr als „%4“ (%5 %)%6</translation>
    </message>
    <message>
      <source> should be quiet</source>
      <translation> sollte ruhig sein</translation>
    </message>
    <message>
      <source> is in no cast</source>
      <translation> steht in keiner Besetzung</translation>
    </message>
    <message>
      <source>What does not matter should not attract more attention than what does.</source>
      <translation>Was unwichtig ist, sollte nicht mehr auffallen als das, was wichtig ist.</translation>
    </message>
    <message>
      <source>Move it in by %1 cm</source>
      <translation>Um %1 cm hineinrücken</translation>
    </message>
    <message>
      <source>the canvas edge</source>
      <translation>der Rand der Leinwand</translation>
    </message>
    <message>
      <source>finding what hangs together</source>
      <translation>was zusammenhängt, wird gesucht</translation>
    </message>
    <message>
      <source>upper left</source>
      <translation>oben links</translation>
    </message>
    <message>
      <source>upper middle</source>
      <translation>oben Mitte</translation>
    </message>
    <message>
      <source>upper right</source>
      <translation>oben rechts</translation>
    </message>
    <message>
      <source>lower left</source>
      <translation>unten links</translation>
    </message>
    <message>
      <source>lower middle</source>
      <translation>unten Mitte</translation>
    </message>
    <message>
      <source>lower right</source>
      <translation>unten rechts</translation>
    </message>
    <message>
      <source>very dark %1</source>
      <translation>sehr dunkles %1</translation>
    </message>
    <message>
      <source>dark %1</source>
      <translation>dunkles %1</translation>
    </message>
    <message>
      <source>very pale %1</source>
      <translation>sehr blasses %1</translation>
    </message>
    <message>
      <source>pale %1</source>
      <translation>blasses %1</translation>
    </message>
    <message>
      <source>middle %1</source>
      <translation>mittleres %1</translation>
    </message>
    <message>
      <source>%1, %2</source>
      <translation>%1, %2</translation>
    </message>
    <message>
      <source>a dark line</source>
      <translation>eine dunkle Linie</translation>
    </message>
    <message>
      <source>a light line</source>
      <translation>eine helle Linie</translation>
    </message>
    <message>
      <source>A stretch of %1's contour is meant to be %2; it is mostly %3%4.</source>
      <translation>Ein Stück der Kontur von %1 soll %2 sein; es ist meist %3%4.</translation>
    </message>
    <message>
      <source>without a line</source>
      <translation>ohne Linie</translation>
    </message>
    <message>
      <source>a line of </source>
      <translation>eine Linie von </translation>
    </message>
    <message>
      <source>, %1 mm wide</source>
      <translation>, %1 mm breit</translation>
    </message>
    <message>
      <source>% of the stretch as meant</source>
      <translation>% des Stücks wie gewollt</translation>
    </message>
    <message>
      <source>Where the eye should rest edges are hard, where it should pass they are soft; planned now, it is not left to chance in paint.</source>
      <translation>Wo das Auge ruhen soll, sind Kanten hart, wo es vorbeigehen soll, weich; jetzt geplant, bleibt es in Farbe nicht dem Zufall.</translation>
    </message>
    <message>
      <source>%1 melts into what is behind it along %2 % of its contour (median difference ΔE %3, %4 L*%5).</source>
      <translation>%1 verschmilzt auf %2 % der Kontur mit dem, was dahinter liegt (Unterschied im Median ΔE %3, %4 L*%5).</translation>
    </message>
    <message>
      <source>; both sides are strewn alike, so that the eye sees only ΔE %1</source>
      <translation>; beide Seiten sind gleich bestreut, sodass das Auge nur ΔE %1 sieht</translation>
    </message>
    <message>
      <source>% lost</source>
      <translation>% verloren</translation>
    </message>
    <message>
      <source>Like grain before like grain hides a contour even where the colours differ; calm one side, or turn its strokes.</source>
      <translation>Gleiches Korn vor gleichem Korn versteckt eine Kontur, auch wo die Farben sich unterscheiden; eine Seite beruhigen, oder ihre Striche drehen.</translation>
    </message>
    <message>
      <source>A lost edge here and there lets a shape breathe; when a quarter is gone the shape itself is.</source>
      <translation>Hier und da eine verlorene Kante lässt eine Form atmen; fehlt ein Viertel, fehlt die Form selbst.</translation>
    </message>
    <message>
      <source>%1 and %2 run into one shape: %3 % of the %4 cm they share is lost.</source>
      <translation>%1 und %2 laufen zu einer Form zusammen: %3 % der gemeinsamen %4 cm sind verloren.</translation>
    </message>
    <message>
      <source>Two things of one value become one thing; a step of 12 in ΔE between them parts them again.</source>
      <translation>Zwei Dinge eines Tonwerts werden ein Ding; eine Stufe von 12 ΔE zwischen ihnen trennt sie wieder.</translation>
    </message>
    <message>
      <source>Move %1 %2%3</source>
      <translation>%1 verschieben: %2%3</translation>
    </message>
    <message>
      <source> mm away</source>
      <translation> mm weg</translation>
    </message>
    <message>
      <source> mm further over</source>
      <translation> mm weiter darüber</translation>
    </message>
    <message>
      <source>The outlines of %1 and %2 graze: they cross so flat that they run into one another.</source>
      <translation>Die Umrisse von %1 und %2 streifen sich: sie kreuzen so flach, dass sie ineinanderlaufen.</translation>
    </message>
    <message>
      <source>The outlines of %1 and %2 just kiss: %3 mm between them.</source>
      <translation>Die Umrisse von %1 und %2 küssen sich gerade: %3 mm dazwischen.</translation>
    </message>
    <message>
      <source>Two edges that just touch tie near and far together; let them overlap clearly or stand apart.</source>
      <translation>Zwei Kanten, die sich eben berühren, binden nah und fern zusammen; klar überschneiden oder klar trennen.</translation>
    </message>
    <message>
      <source>The %1 of %2 lies inside its own outline along %3 %.</source>
      <translation>Der %1 von %2 liegt auf %3 % seiner Länge im eigenen Umriss.</translation>
    </message>
    <message>
      <source>% inside</source>
      <translation>% innen</translation>
    </message>
    <message>
      <source>What a figure does is read off its outline; a limb before the body is not seen from across the room.</source>
      <translation>Was eine Figur tut, liest man von ihrem Umriss; ein Glied vor dem Körper sieht man nicht durch den Raum.</translation>
    </message>
    <message>
      <source>Spread it by %1°</source>
      <translation>Um %1° abspreizen</translation>
    </message>
    <message>
      <source>%1 % of %2 is hidden behind others or off the canvas.</source>
      <translation>%1 % von %2 ist hinter anderem verborgen oder außerhalb der Leinwand.</translation>
    </message>
    <message>
      <source>% hidden</source>
      <translation>% verborgen</translation>
    </message>
    <message>
      <source>What is recognised by its shape needs most of it to be seen.</source>
      <translation>Was an seiner Form erkannt wird, muss größtenteils zu sehen sein.</translation>
    </message>
    <message>
      <source>As small as a thumb the shape of %1 reads %2 of 1: %3</source>
      <translation>Daumengroß liest sich die Form von %1 mit %2 von 1: %3</translation>
    </message>
    <message>
      <source>of its thin parts only %1 % survive.</source>
      <translation>von den dünnen Teilen überleben nur %1 %.</translation>
    </message>
    <message>
      <source>its outline is too round to measure anything.</source>
      <translation>sein Umriss ist zu rund, um etwas zu messen.</translation>
    </message>
    <message>
      <source>too little of it survives.</source>
      <translation>zu wenig davon überlebt.</translation>
    </message>
    <message>
      <source>of 1</source>
      <translation>von 1</translation>
    </message>
    <message>
      <source>A figure is met first as a silhouette; open its limbs, or give it room. Whether it is recognised cannot be measured.</source>
      <translation>Einer Figur begegnet man zuerst als Silhouette; ihre Glieder öffnen, oder ihr Luft geben. Ob man sie erkennt, lässt sich nicht messen.</translation>
    </message>
    <message>
      <source>%1 and %2 repeat one another by %3 % at nearly one size.</source>
      <translation>%1 und %2 wiederholen sich zu %3 % bei fast gleicher Größe.</translation>
    </message>
    <message>
      <source>% alike</source>
      <translation>% gleich</translation>
    </message>
    <message>
      <source>Twins look copied; turn one, change its height by a quarter, or cover part of it.</source>
      <translation>Zwillinge sehen kopiert aus; einen drehen, seine Höhe um ein Viertel ändern, oder einen Teil verdecken.</translation>
    </message>
    <message>
      <source>The skyline has %1 peaks of nearly one height (they vary by %2 %) at nearly even steps (%3 %).</source>
      <translation>Die Silhouette am Himmel hat %1 Spitzen von fast gleicher Höhe (sie schwanken um %2 %) in fast gleichen Schritten (%3 %).</translation>
    </message>
    <message>
      <source>% variation</source>
      <translation>% Schwankung</translation>
    </message>
    <message>
      <source>Even peaks read as a fence; one tall, one low and a wide gap make a rhythm.</source>
      <translation>Gleiche Spitzen lesen sich als Zaun; eine hohe, eine niedrige und eine weite Lücke machen einen Rhythmus.</translation>
    </message>
    <message>
      <source>%1%2 stops</source>
      <translation>%1%2 Blenden</translation>
    </message>
    <message>
      <source>Brighten by </source>
      <translation>Heller um </translation>
    </message>
    <message>
      <source>Darken by </source>
      <translation>Dunkler um </translation>
    </message>
    <message>
      <source>The darkest hundredth of the picture is only L* %1.</source>
      <translation>Das dunkelste Hundertstel des Bildes ist nur L* %1.</translation>
    </message>
    <message>
      <source>Paint goes down to about L* %1; without a dark accent nothing stands near.</source>
      <translation>Farbe reicht hinab bis etwa L* %1; ohne dunklen Akzent steht nichts nah.</translation>
    </message>
    <message>
      <source>A %1 key is meant; the middle of the picture lies at L* %2, which is %3.</source>
      <translation>Gewollte Tonart: %1; die Mitte des Bildes liegt bei L* %2, das ist %3.</translation>
    </message>
    <message>
      <source>The key is the mood; it is decided once, before any colour.</source>
      <translation>Die Tonart ist die Stimmung; sie wird einmal entschieden, vor jeder Farbe.</translation>
    </message>
    <message>
      <source>%1%2 L* apart.</source>
      <translation>%1%2 L* auseinander.</translation>
    </message>
    <message>
      <source>A major key is meant, yet darkest and lightest lie only </source>
      <translation>Eine Dur-Tonart ist gewollt, doch das Dunkelste und das Hellste liegen nur </translation>
    </message>
    <message>
      <source>A minor key is meant, yet darkest and lightest lie </source>
      <translation>Eine Moll-Tonart ist gewollt, doch das Dunkelste und das Hellste liegen </translation>
    </message>
    <message>
      <source>Major: the whole range is used and drama follows. Minor: a few close steps, and calm.</source>
      <translation>Dur: der ganze Umfang, und Drama folgt. Moll: wenige nahe Stufen, und Ruhe.</translation>
    </message>
    <message>
      <source>%1 % of the canvas is %2.</source>
      <translation>%1 % der Leinwand liegt %2.</translation>
    </message>
    <message>
      <source>% of canvas</source>
      <translation>% der Leinwand</translation>
    </message>
    <message>
      <source>under L* 12, next to black</source>
      <translation>unter L* 12, beinah Schwarz</translation>
    </message>
    <message>
      <source>Your school keeps black out: near-black, and black only as an accent.</source>
      <translation>Deine Schule lässt Schwarz draußen: fast Schwarz, und Schwarz nur als Akzent.</translation>
    </message>
    <message>
      <source>Black in large areas goes flat and leaves nothing darker for accents.</source>
      <translation>Schwarz auf großen Flächen wird flach und lässt für Akzente nichts Dunkleres.</translation>
    </message>
    <message>
      <source>over L* 95, next to white</source>
      <translation>über L* 95, beinah Weiß</translation>
    </message>
    <message>
      <source>Your school keeps white out: near-white, and white only as an accent.</source>
      <translation>Deine Schule lässt Weiß draußen: fast Weiß, und Weiß nur als Akzent.</translation>
    </message>
    <message>
      <source>White in large areas leaves nothing lighter for the lights that count.</source>
      <translation>Weiß auf großen Flächen lässt für die Lichter, die zählen, nichts Helleres.</translation>
    </message>
    <message>
      <source>Lift the darks</source>
      <translation>Die Dunkel heben</translation>
    </message>
    <message>
      <source>The plan goes down to L* %1; dry %2 usually stops at about L* %3.</source>
      <translation>Der Plan geht bis L* %1 hinab; trocken hört %2 gewöhnlich bei etwa L* %3 auf.</translation>
    </message>
    <message>
      <source>What the paint cannot reach closes up into one dark; varnish gains a few L*, another medium more.</source>
      <translation>Was die Farbe nicht erreicht, schließt sich zu einem Dunkel; Firnis bringt einige L*, ein anderes Malmittel mehr.</translation>
    </message>
    <message>
      <source>The lightest light lies %1, not where “%2” is (L* %3).</source>
      <translation>Das hellste Licht liegt %1, nicht wo „%2“ ist (L* %3).</translation>
    </message>
    <message>
      <source>on %1</source>
      <translation>auf %1</translation>
    </message>
    <message>
      <source>in the backdrop</source>
      <translation>im Hintergrund</translation>
    </message>
    <message>
      <source>The eye goes to the lightest light first; give it to what should be read first, or take it down there.</source>
      <translation>Das Auge geht zuerst zum hellsten Licht; gib es dem, was zuerst gelesen werden soll, oder nimm es dort zurück.</translation>
    </message>
    <message>
      <source>From the darkest to the lightest hundredth there are only %1 L*.</source>
      <translation>Vom dunkelsten zum hellsten Hundertstel sind es nur %1 L*.</translation>
    </message>
    <message>
      <source>Paint has less range than light; a plan that uses half of it comes out grey.</source>
      <translation>Farbe hat weniger Umfang als Licht; ein Plan, der die Hälfte davon nutzt, kommt grau heraus.</translation>
    </message>
    <message>
      <source>Brighten by half a stop</source>
      <translation>Um eine halbe Blende heller</translation>
    </message>
    <message>
      <source>The %1 accent (%2 % of the canvas) is answered nowhere else.</source>
      <translation>Der Akzent in %1 (%2 % der Leinwand) hat nirgends eine Antwort.</translation>
    </message>
    <message>
      <source>places</source>
      <translation>Stellen</translation>
    </message>
    <message>
      <source>A strong colour that stands alone hops out of the picture; a quieter touch of it elsewhere ties it in.</source>
      <translation>Eine starke Farbe, die allein steht, springt aus dem Bild; ein leiserer Ton davon anderswo bindet sie ein.</translation>
    </message>
    <message>
      <source>%1 cm from the %2</source>
      <translation>%1 cm vom Rand %2</translation>
    </message>
    <message>
      <source>%1of the backdrop, %2, draws %3 % of the pull (%4 off what lies around it).</source>
      <translation>%1im Hintergrund, %2, zieht %3 % des Zugs (%4 Abstand zur Umgebung).</translation>
    </message>
    <message>
      <source>A bright patch </source>
      <translation>Eine helle Stelle </translation>
    </message>
    <message>
      <source>A dark patch </source>
      <translation>Eine dunkle Stelle </translation>
    </message>
    <message>
      <source>A colourful patch </source>
      <translation>Eine bunte Stelle </translation>
    </message>
    <message>
      <source>The backdrop takes part: cut the patch free and place it, dim it, or make it one of the cast.</source>
      <translation>Der Hintergrund spielt mit: die Stelle freischneiden und setzen, dämpfen, oder in die Besetzung nehmen.</translation>
    </message>
    <message>
      <source>Dim the backdrop by %1 L*</source>
      <translation>Den Hintergrund um %1 L* dämpfen</translation>
    </message>
    <message>
      <source>upper</source>
      <translation>oben</translation>
    </message>
    <message>
      <source>lower</source>
      <translation>unten</translation>
    </message>
    <message>
      <source>The %1 edge pulls %2 times what an even canvas would, mostly %3</source>
      <translation>Der Rand %1 zieht %2-mal so viel wie auf einer gleichmäßigen Leinwand, meist %3</translation>
    </message>
    <message>
      <source>by %1%2</source>
      <translation>durch %1%2</translation>
    </message>
    <message>
      <source>by the backdrop.</source>
      <translation>durch den Hintergrund.</translation>
    </message>
    <message>
      <source>A strong edge is a door out of the picture.</source>
      <translation>Ein starker Rand ist eine Tür aus dem Bild.</translation>
    </message>
    <message>
      <source>Cool it by </source>
      <translation>Kühler um </translation>
    </message>
    <message>
      <source>Warm it by </source>
      <translation>Wärmer um </translation>
    </message>
    <message>
      <source>Match its tones to what surrounds it</source>
      <translation>Seine Töne denen ringsum angleichen</translation>
    </message>
    <message>
      <source>%1%2 (%3 % of it)</source>
      <translation>%1%2 (%3 % davon)</translation>
    </message>
    <message>
      <source>“%1” looks pasted in, %2 of 100: %3.%4</source>
      <translation>„%1“ sieht aufgeklebt aus, %2 von 100: %3.%4</translation>
    </message>
    <message>
      <source> Its own light's direction is unknown and is not judged.</source>
      <translation> Die Richtung seines eigenen Lichts ist unbekannt und wird nicht beurteilt.</translation>
    </message>
    <message>
      <source>of 100</source>
      <translation>von 100</translation>
    </message>
    <message>
      <source>What does not share the light, the darks and the ground of its neighbours looks pasted in, however well painted.</source>
      <translation>Was Licht, Dunkel und Boden nicht mit den Nachbarn teilt, wirkt eingeklebt, wie gut es auch gemalt ist.</translation>
    </message>
    <message>
      <source>“%1” was photographed in %2 light than planned: %3 % from everywhere against %4 %.</source>
      <translation>„%1“ wurde in Licht fotografiert, das %2 ist als geplant: %3 % von überall gegen %4 %.</translation>
    </message>
    <message>
      <source>% from everywhere</source>
      <translation>% von überall</translation>
    </message>
    <message>
      <source>Soft photographs have no core shadow to paint from; it must be made up.</source>
      <translation>Weiche Fotos haben keinen Kernschatten zum Malen; er muss erfunden werden.</translation>
    </message>
    <message>
      <source>Hard shadows baked into a photograph show through any new light.</source>
      <translation>Harte Schatten, die im Foto stecken, scheinen durch jedes neue Licht.</translation>
    </message>
    <message>
      <source>Deepen its shades by %1 L*</source>
      <translation>Seine Schatten um %1 L* vertiefen</translation>
    </message>
    <message>
      <source>“%1” is lit warm, %2 K, though only %3 % of the lamps' light reaches it.</source>
      <translation>„%1“ ist warm beleuchtet, %2 K, obwohl nur %3 % des Lampenlichts hinkommen.</translation>
    </message>
    <message>
      <source>In full shade only the sky lights a thing; warm light there has no source.</source>
      <translation>Im vollen Schatten beleuchtet nur der Himmel; warmes Licht hat dort keine Quelle.</translation>
    </message>
    <message>
      <source>“%1” looks warmer than the light falling on it: %2 K against %3 K.</source>
      <translation>„%1“ wirkt wärmer als das Licht, das darauf fällt: %2 K gegen %3 K.</translation>
    </message>
    <message>
      <source>“%1” looks cooler than the light falling on it: %2 K against %3 K.</source>
      <translation>„%1“ wirkt kühler als das Licht, das darauf fällt: %2 K gegen %3 K.</translation>
    </message>
    <message>
      <source>One lamp lights all its neighbours in one colour; what differs looks lit elsewhere.</source>
      <translation>Eine Lampe beleuchtet alle Nachbarn in einer Farbe; was abweicht, sieht anderswo beleuchtet aus.</translation>
    </message>
    <message>
      <source>“%1” shows L* %2; a white card in the light there shows %3.</source>
      <translation>„%1“ zeigt L* %2; eine weiße Karte im Licht dort zeigt %3.</translation>
    </message>
    <message>
      <source>Nothing can be lighter than white in its light; it then seems to shine by itself.</source>
      <translation>Nichts kann heller sein als Weiß in seinem Licht; es scheint dann selbst zu leuchten.</translation>
    </message>
    <message>
      <source>Lower its lights to L* %1</source>
      <translation>Seine Lichter auf L* %1 senken</translation>
    </message>
    <message>
      <source>“%1” is lit brighter than paint can show on %4 % of it, a fifth of it by %2 stops, mostly by %3.</source>
      <translation>„%1“ ist auf %4 % seiner Fläche heller beleuchtet, als Farbe zeigen kann, ein Fünftel davon um %2 Blenden, vor allem durch %3.</translation>
    </message>
    <message>
      <source>stops</source>
      <translation>Blenden</translation>
    </message>
    <message>
      <source>What is brighter than paper white loses its form and its colour; whatever the lamp, it comes out pale.</source>
      <translation>Was heller ist als Papierweiß, verliert Form und Farbe; welche Lampe auch immer, es kommt blass heraus.</translation>
    </message>
    <message>
      <source>Lower %1 by %2 stops</source>
      <translation>%1 um %2 Blenden senken</translation>
    </message>
    <message>
      <source>Only %1 % of the backdrop's light falls into edges.</source>
      <translation>Nur %1 % des Hintergrundlichts fällt in Kanten.</translation>
    </message>
    <message>
      <source>Edges that take nothing of what lies behind them look cut out with scissors.</source>
      <translation>Kanten, die nichts von dem hinter ihnen annehmen, sehen mit der Schere ausgeschnitten aus.</translation>
    </message>
    <message>
      <source>Let the backdrop spill into edges</source>
      <translation>Den Hintergrund in die Kanten fallen lassen</translation>
    </message>
    <message>
      <source>At %1 m “%2” has darks of %3 L*, darker than “%4” at %5 m (%6 L*).</source>
      <translation>Auf %1 m hat „%2“ Dunkel von %3 L*, dunkler als „%4“ auf %5 m (%6 L*).</translation>
    </message>
    <message>
      <source>Air lifts the darks of what is far; dark and far together pull it forward.</source>
      <translation>Luft hebt die Dunkel des Fernen; dunkel und fern zusammen zieht es nach vorn.</translation>
    </message>
    <message>
      <source>Let the air halve contrast at %1 m</source>
      <translation>Die Luft den Kontrast bei %1 m halbieren lassen</translation>
    </message>
    <message>
      <source>Only a place of a photographed backdrop can be cut free.</source>
      <translation>Nur eine Stelle eines fotografierten Hintergrunds lässt sich freischneiden.</translation>
    </message>
    <message>
      <source>That place lies beside the backdrop's picture.</source>
      <translation>Diese Stelle liegt neben dem Bild des Hintergrunds.</translation>
    </message>
    <message>
      <source>Place of %1</source>
      <translation>Stelle von %1</translation>
    </message>
    <message>
      <source>That is too small to measure by: click its foot, then its top.</source>
      <translation>Das ist zu klein, um danach zu messen: erst den Fuß, dann die Oberkante anklicken.</translation>
    </message>
    <message>
      <source>Its foot lies above the horizon: there is no ground there to stand on.</source>
      <translation>Sein Fuß liegt über dem Horizont: dort ist kein Boden zum Stehen.</translation>
    </message>
    <message>
      <source>That would put the camera impossibly high or low. Check the known height.</source>
      <translation>Damit läge die Kamera unmöglich hoch oder tief. Prüfe die bekannte Höhe.</translation>
    </message>
    <message>
      <source>There is no photograph behind the scene to take light from.</source>
      <translation>Hinter der Szene ist kein Foto, von dem sich Licht nehmen ließe.</translation>
    </message>
    <message>
      <source>A light from the bright place in its night sky</source>
      <translation>Ein Licht von der hellen Stelle in seinem Nachthimmel</translation>
    </message>
    <message>
      <source>Sun from the bright place in its sky</source>
      <translation>Sonne von der hellen Stelle in seinem Himmel</translation>
    </message>
    <message>
      <source>Night: no sun</source>
      <translation>Nacht: keine Sonne</translation>
    </message>
    <message>
      <source>Sun as it falls on what stands in it (%1 % sure)</source>
      <translation>Sonne, wie sie auf das fällt, was darin steht (zu %1 % sicher)</translation>
    </message>
    <message>
      <source>Its light cannot be measured: soft light from above</source>
      <translation>Sein Licht ist nicht messbar: weiches Licht von oben</translation>
    </message>
    <message>
      <source>, haze that halves contrast at %1 m.</source>
      <translation>, Dunst, der den Kontrast bei %1 m halbiert.</translation>
    </message>
    <message>
      <source>, clear air.</source>
      <translation>, klare Luft.</translation>
    </message>
    <message>
      <source>Only something in a photographed backdrop can be stood up.</source>
      <translation>Nur etwas in einem fotografierten Hintergrund lässt sich aufstellen.</translation>
    </message>
    <message>
      <source>Outline it all round, over the picture behind the scene.</source>
      <translation>Rundherum umreißen, über dem Bild hinter der Szene.</translation>
    </message>
    <message>
      <source>%1 is cut out and stands nowhere yet.</source>
      <translation>%1 ist ausgeschnitten und steht noch nirgends.</translation>
    </message>
    <message>
      <source>It</source>
      <translation>Es</translation>
    </message>
    <message>
      <source>Draw a tight box around the part of %1 you want to cut out.</source>
      <translation>Zieh einen engen Rahmen um den Teil von %1, den du ausschneiden willst.</translation>
    </message>
    <message>
      <source>What stands here is not lit by its backdrop yet.</source>
      <translation>Was hier steht, ist noch nicht von seinem Hintergrund beleuchtet.</translation>
    </message>
    <message>
      <source>It is night: %1 has no light near it.</source>
      <translation>Es ist Nacht: bei %1 ist kein Licht.</translation>
    </message>
    <message>
      <source>Hang a lantern beside it</source>
      <translation>Daneben eine Laterne aufhängen</translation>
    </message>
    <message>
      <source>A scene begins with photographs: drop them anywhere.</source>
      <translation>Eine Szene beginnt mit Fotos: leg sie irgendwo ab.</translation>
    </message>
    <message>
      <source>Bring in photographs</source>
      <translation>Fotos hereinholen</translation>
    </message>
    <message>
      <source>%1 looks like the place it happens in.</source>
      <translation>%1 sieht nach dem Ort aus, an dem es spielt.</translation>
    </message>
    <message>
      <source>Use as backdrop</source>
      <translation>Als Hintergrundbild verwenden</translation>
    </message>
    <message>
      <source>How high was the camera? The picture does not show it.</source>
      <translation>Wie hoch war die Kamera? Das Bild zeigt es nicht.</translation>
    </message>
    <message>
      <source>Drag the line to where your eyes were</source>
      <translation>Zieh die Linie dorthin, wo deine Augen waren</translation>
    </message>
    <message>
      <source>How tall is %1 really? 1.7 m is a guess.</source>
      <translation>Wie groß ist %1 wirklich? 1,7 m ist geschätzt.</translation>
    </message>
    <message>
      <source>Set its height</source>
      <translation>Höhe setzen</translation>
    </message>
    <message>
      <source>it was photographed with its light %1° from where it should be</source>
      <translation>es wurde mit Licht fotografiert, das %1° neben dem richtigen liegt</translation>
    </message>
    <message>
      <source>its light is %1 mired %2 than planned</source>
      <translation>sein Licht ist %1 Mired %2 als geplant</translation>
    </message>
    <message>
      <source>its darkest dark lies %1 L* %2 that of what surrounds it</source>
      <translation>seine dunkelste Stelle liegt %1 L* %2 der ringsum</translation>
    </message>
    <message>
      <source>the ground under its foot is hardly darker than beside it</source>
      <translation>der Boden unter seinem Fuß ist kaum dunkler als daneben</translation>
    </message>
    <message>
      <source>its edge keeps colour of the old background, ΔE %1</source>
      <translation>seine Kante behält Farbe des alten Hintergrunds, ΔE %1</translation>
    </message>
    <message>
      <source>from where you stand</source>
      <translation>von dir aus</translation>
    </message>
    <message>
      <source>from the front</source>
      <translation>von vorn</translation>
    </message>
    <message>
      <source>from the side</source>
      <translation>von der Seite</translation>
    </message>
    <message>
      <source>upper left, %1</source>
      <translation>oben links, %1</translation>
    </message>
    <message>
      <source>above, %1</source>
      <translation>von oben, %1</translation>
    </message>
    <message>
      <source>upper right, %1</source>
      <translation>oben rechts, %1</translation>
    </message>
    <message>
      <source>left, %1</source>
      <translation>von links, %1</translation>
    </message>
    <message>
      <source>right, %1</source>
      <translation>von rechts, %1</translation>
    </message>
    <message>
      <source>lower left, %1</source>
      <translation>unten links, %1</translation>
    </message>
    <message>
      <source>below, %1</source>
      <translation>von unten, %1</translation>
    </message>
    <message>
      <source>lower right, %1</source>
      <translation>unten rechts, %1</translation>
    </message>
    <message>
      <source>the middle line</source>
      <translation>der Mittellinie</translation>
    </message>
    <message>
      <source>the left third</source>
      <translation>dem linken Drittel</translation>
    </message>
    <message>
      <source>the right third</source>
      <translation>dem rechten Drittel</translation>
    </message>
    <message>
      <source>the left quarter</source>
      <translation>dem linken Viertel</translation>
    </message>
    <message>
      <source>the right quarter</source>
      <translation>dem rechten Viertel</translation>
    </message>
    <message>
      <source>half height</source>
      <translation>halber Höhe</translation>
    </message>
    <message>
      <source>the upper third</source>
      <translation>dem oberen Drittel</translation>
    </message>
    <message>
      <source>the lower third</source>
      <translation>dem unteren Drittel</translation>
    </message>
    <message>
      <source>the upper quarter</source>
      <translation>dem oberen Viertel</translation>
    </message>
    <message>
      <source>the lower quarter</source>
      <translation>dem unteren Viertel</translation>
    </message>
    <message>
      <source>the eye level</source>
      <translation>der Augenhöhe</translation>
    </message>
    <message>
      <source>the ground</source>
      <translation>der Boden</translation>
    </message>
    <message>
      <source>, then </source>
      <translation>, dann </translation>
    </message>
    <message>
      <source>By contrast the first glances go to %1. %2 draws %3 % of the measured pull, mostly through %4; faces and meaning are not known.</source>
      <translation>Nach Kontrast gehen die ersten Blicke zu %1. %2 zieht %3 % des gemessenen Zugs, meist durch %4; Gesichter und Bedeutung sind nicht bekannt.</translation>
    </message>
    <message>
      <source>Key: %1%2; from L* %3 to %4, middle %5. The darkest lies in %6, the lightest in %7.</source>
      <translation>Tonart: %1%2; von L* %3 bis %4, Mitte %5. Das Dunkelste liegt in %6, das Hellste in %7.</translation>
    </message>
    <message>
      <source> major</source>
      <translation> Dur</translation>
    </message>
    <message>
      <source> minor</source>
      <translation> Moll</translation>
    </message>
    <message>
      <source>%1 lies on %2 (%3 % off).</source>
      <translation>%1 liegt auf %2 (%3 % daneben).</translation>
    </message>
    <message>
      <source>The eye level lies at %1 % of the height from the top (%2 % sure).</source>
      <translation>Die Augenhöhe liegt bei %1 % der Höhe von oben (zu %2 % sicher).</translation>
    </message>
    <message>
      <source>The eye level cannot be measured: no lines run together and no horizon shows.</source>
      <translation>Die Augenhöhe ist nicht messbar: keine Linien laufen zusammen, und kein Horizont ist zu sehen.</translation>
    </message>
    <message>
      <source>Level lines meet at %1 % from the left, %2 % from the top.</source>
      <translation>Waagrechte Linien treffen sich bei %1 % von links, %2 % von oben.</translation>
    </message>
    <message>
      <source>Colour: %1; %2 % warm, %3 % cool, %4 % grey.</source>
      <translation>Farbe: %1; %2 % warm, %3 % kühl, %4 % grau.</translation>
    </message>
    <message>
      <source>An accent of %1, %2 % of the canvas, %3</source>
      <translation>Ein Akzent in %1, %2 % der Leinwand, %3</translation>
    </message>
    <message>
      <source>answered elsewhere.</source>
      <translation>anderswo beantwortet.</translation>
    </message>
    <message>
      <source>answered nowhere.</source>
      <translation>nirgends beantwortet.</translation>
    </message>
    <message>
      <source>Left weighs %1 %, the upper half %2 %.</source>
      <translation>Links wiegt %1 %, die obere Hälfte %2 %.</translation>
    </message>
    <message>
      <source>A place of the ground, %1 % from the left, draws %2 % by itself.</source>
      <translation>Eine Stelle des Grunds, %1 % von links, zieht allein %2 %.</translation>
    </message>
    <message>
      <source>“%1” </source>
      <translation>„%1“ </translation>
    </message>
    <message>
      <source>warmer, %1 K</source>
      <translation>wärmer, %1 K</translation>
    </message>
    <message>
      <source>cooler, %1 K</source>
      <translation>kühler, %1 K</translation>
    </message>
    <message>
      <source>1 m to the left</source>
      <translation>1 m nach links</translation>
    </message>
    <message>
      <source>1 m to the right</source>
      <translation>1 m nach rechts</translation>
    </message>
    <message>
      <source>1 m nearer</source>
      <translation>1 m näher</translation>
    </message>
    <message>
      <source>1 m farther off</source>
      <translation>1 m weiter weg</translation>
    </message>
    <message>
      <source>%1%2 stops %3</source>
      <translation>%1%2 Blenden %3</translation>
    </message>
    <message>
      <source>stronger</source>
      <translation>stärker</translation>
    </message>
    <message>
      <source>weaker</source>
      <translation>schwächer</translation>
    </message>
    <message>
      <source>the sun </source>
      <translation>die Sonne </translation>
    </message>
    <message>
      <source>%1 haze, half at %2 m</source>
      <translation>%1 Dunst, halb bei %2 m</translation>
    </message>
    <message>
      <source>thicker</source>
      <translation>dichterer</translation>
    </message>
    <message>
      <source>thinner</source>
      <translation>dünnerer</translation>
    </message>
    <message>
      <source>“%1” %2 cm to the left</source>
      <translation>„%1“ %2 cm nach links</translation>
    </message>
    <message>
      <source>“%1” %2 cm to the right</source>
      <translation>„%1“ %2 cm nach rechts</translation>
    </message>
    <message>
      <source>“%1” nearer, %2 m away</source>
      <translation>„%1“ näher, %2 m entfernt</translation>
    </message>
    <message>
      <source>“%1” farther off, %2 m away</source>
      <translation>„%1“ ferner, %2 m entfernt</translation>
    </message>
    <message>
      <source>“%1” larger, %2 m</source>
      <translation>„%1“ größer, %2 m</translation>
    </message>
    <message>
      <source>“%1” smaller, %2 m</source>
      <translation>„%1“ kleiner, %2 m</translation>
    </message>
    <message>
      <source>%1 L* lighter</source>
      <translation>%1 L* heller</translation>
    </message>
    <message>
      <source>%1 L* darker</source>
      <translation>%1 L* dunkler</translation>
    </message>
    <message>
      <source>%1%2 contrast</source>
      <translation>%1%2 Kontrast</translation>
    </message>
    <message>
      <source>more</source>
      <translation>mehr</translation>
    </message>
    <message>
      <source>less</source>
      <translation>weniger</translation>
    </message>
    <message>
      <source>%1%2 saturated</source>
      <translation>%1%2 Sättigung</translation>
    </message>
    <message>
      <source>trying the lights</source>
      <translation>die Lichter werden versucht</translation>
    </message>
    <message>
      <source>trying size and place</source>
      <translation>Größe und Ort werden versucht</translation>
    </message>
    <message>
      <source>“%1” still draws more than “%2”, mostly through %3</source>
      <translation>„%1“ zieht noch mehr als „%2“, vor allem durch %3</translation>
    </message>
    <message numerus="yes">
      <source>%n elements more</source>
      <translation>
        <numerusform>%n Ding mehr</numerusform>
        <numerusform>%n Dinge mehr</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n elements fewer</source>
      <translation>
        <numerusform>%n Ding weniger</numerusform>
        <numerusform>%n Dinge weniger</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n elements changed</source>
      <translation>
        <numerusform>%n Ding geändert</numerusform>
        <numerusform>%n Dinge geändert</numerusform>
      </translation>
    </message>
    <message>
      <source>horizon</source>
      <translation>Horizont</translation>
    </message>
    <message>
      <source> % of the height</source>
      <translation> % der Höhe</translation>
    </message>
    <message>
      <source>lead height</source>
      <translation>Höhe der Hauptfigur</translation>
    </message>
    <message>
      <source> % of the canvas</source>
      <translation> % der Leinwand</translation>
    </message>
    <message>
      <source>lead's pull</source>
      <translation>Zug der Hauptfigur</translation>
    </message>
    <message>
      <source>lead read as number</source>
      <translation>Hauptfigur gelesen als Nummer</translation>
    </message>
    <message>
      <source>problem</source>
      <translation>Fehler</translation>
    </message>
    <message>
      <source>note</source>
      <translation>Hinweis</translation>
    </message>
    <message>
      <source>light differs</source>
      <translation>Licht anders</translation>
    </message>
    <message>
      <source>Mon</source>
      <translation>Mo</translation>
    </message>
    <message>
      <source>Tue</source>
      <translation>Di</translation>
    </message>
    <message>
      <source>Wed</source>
      <translation>Mi</translation>
    </message>
    <message>
      <source>Thu</source>
      <translation>Do</translation>
    </message>
    <message>
      <source>Fri</source>
      <translation>Fr</translation>
    </message>
    <message>
      <source>Sat</source>
      <translation>Sa</translation>
    </message>
    <message>
      <source>Jan</source>
      <translation>Jan.</translation>
    </message>
    <message>
      <source>Feb</source>
      <translation>Feb.</translation>
    </message>
    <message>
      <source>Mar</source>
      <translation>März</translation>
    </message>
    <message>
      <source>Apr</source>
      <translation>Apr.</translation>
    </message>
    <message>
      <source>May</source>
      <translation>Mai</translation>
    </message>
    <message>
      <source>Jun</source>
      <translation>Juni</translation>
    </message>
    <message>
      <source>Jul</source>
      <translation>Juli</translation>
    </message>
    <message>
      <source>Aug</source>
      <translation>Aug.</translation>
    </message>
    <message>
      <source>Sep</source>
      <translation>Sep.</translation>
    </message>
    <message>
      <source>Oct</source>
      <translation>Okt.</translation>
    </message>
    <message>
      <source>Nov</source>
      <translation>Nov.</translation>
    </message>
    <message>
      <source>Dec</source>
      <translation>Dez.</translation>
    </message>
    <message>
      <source>%1 %2 %3</source>
      <translation>%1 %2. %3</translation>
    </message>
    <message>
      <source>This is no calendar file.</source>
      <translation>Das ist keine Kalenderdatei.</translation>
    </message>
    <message>
      <source>The plan of work does not know when you paint: Tuesday and Thursday evenings and Saturday afternoon are taken.</source>
      <translation>Der Arbeitsplan weiß nicht, wann du malst: Dienstag- und Donnerstagabend und Samstagnachmittag sind angenommen.</translation>
    </message>
    <message>
      <source>hours a week</source>
      <translation>Stunden je Woche</translation>
    </message>
    <message>
      <source>A finish date is only as good as the hours it is laid over.</source>
      <translation>Ein Enddatum ist nur so gut wie die Stunden, auf denen es liegt.</translation>
    </message>
    <message>
      <source>Paint at those hours</source>
      <translation>Zu diesen Stunden malen</translation>
    </message>
    <message>
      <source>plans</source>
      <translation>Pläne</translation>
    </message>
    <message>
      <source>What has no place among your hours will not be painted.</source>
      <translation>Was in deinen Stunden keinen Platz hat, wird nicht gemalt.</translation>
    </message>
    <message numerus="yes">
      <source>At these hours the work ends on %1, %n days after the deadline.</source>
      <translation>
        <numerusform>Bei diesen Stunden endet die Arbeit am %1, %n Tag nach dem Termin.</numerusform>
        <numerusform>Bei diesen Stunden endet die Arbeit am %1, %n Tage nach dem Termin.</numerusform>
      </translation>
    </message>
    <message>
      <source>Better known now than in the last week.</source>
      <translation>Besser jetzt gewusst als in der letzten Woche.</translation>
    </message>
    <message>
      <source>Leave out: %1</source>
      <translation>Weglassen: %1</translation>
    </message>
    <message>
      <source>Estimated to end on %1; if it goes slowly, on %2, after the deadline.</source>
      <translation>Endet voraussichtlich am %1; wenn es langsam geht, am %2, nach dem Termin.</translation>
    </message>
    <message>
      <source>Every forecast has a range.</source>
      <translation>Jede Vorhersage hat eine Spanne.</translation>
    </message>
    <message>
      <source>What fresh eyes would see is painted before they look.</source>
      <translation>Was frische Augen sähen, wird gemalt, ehe sie schauen.</translation>
    </message>
    <message>
      <source>What is behind would have to be painted round it.</source>
      <translation>Was dahinter ist, müsste darum herum gemalt werden.</translation>
    </message>
    <message>
      <source>The drawing would lie over paint.</source>
      <translation>Die Zeichnung läge über der Farbe.</translation>
    </message>
    <message>
      <source>What it goes over would be painted over it.</source>
      <translation>Worüber es geht, das würde darüber gemalt.</translation>
    </message>
    <message>
      <source>“%1” comes before “%2”.</source>
      <translation>„%1“ kommt vor „%2“.</translation>
    </message>
    <message>
      <source>turned round</source>
      <translation>umgedreht</translation>
    </message>
    <message>
      <source>Put it back in its order</source>
      <translation>Wieder in seine Folge setzen</translation>
    </message>
    <message>
      <source>%1: up to %2 layers; after about %3 this ground is sealed, and paint slides or cracks.</source>
      <translation>%1: bis zu %2 Lagen; nach etwa %3 ist dieser Grund dicht, und Farbe gleitet oder reißt.</translation>
    </message>
    <message>
      <source>A sealed ground holds no more paint.</source>
      <translation>Ein geschlossener Grund hält keine Farbe mehr.</translation>
    </message>
    <message>
      <source>One coat less in every pass</source>
      <translation>Eine Schicht weniger in jedem Gang</translation>
    </message>
    <message>
      <source>Darks, middles and lights in one go</source>
      <translation>Dunkel, Mitten und Lichter in einem Zug</translation>
    </message>
    <message>
      <source>“%1” puts %2 over the %3 of “%4”: %5.</source>
      <translation>„%1“ setzt %2 über %3 von „%4“: %5.</translation>
    </message>
    <message>
      <source>What lies under moves on; what lies over it cannot follow.</source>
      <translation>Was darunter liegt, bewegt sich weiter; was darüber liegt, kann nicht folgen.</translation>
    </message>
    <message>
      <source>Paint it in %1</source>
      <translation>In %1 malen</translation>
    </message>
    <message>
      <source>Paint what lies under in %1</source>
      <translation>Was darunter liegt, in %1 malen</translation>
    </message>
    <message>
      <source>“%1” takes %2 min; the paint stays open for %3 min.</source>
      <translation>„%1“ braucht %2 min; die Farbe bleibt %3 min offen.</translation>
    </message>
    <message>
      <source>A blend that dries in the hand leaves a seam.</source>
      <translation>Ein Verlauf, der in der Hand trocknet, lässt eine Naht.</translation>
    </message>
    <message>
      <source> Keep it open longer: %1.</source>
      <translation> Länger offen halten: %1.</translation>
    </message>
    <message>
      <source>The signature %1 the edge of %2.</source>
      <translation>Die Signatur %1 die Kante von %2.</translation>
    </message>
    <message>
      <source>lies across</source>
      <translation>liegt über</translation>
    </message>
    <message>
      <source>all but touches</source>
      <translation>berührt fast</translation>
    </message>
    <message>
      <source>Where a signature meets an outline, the eye stops at it.</source>
      <translation>Wo eine Signatur einen Umriss trifft, bleibt das Auge hängen.</translation>
    </message>
    <message>
      <source>Move it where it stands free</source>
      <translation>Dorthin rücken, wo sie frei steht</translation>
    </message>
    <message>
      <source>%1%2 not checked, and it is to be signed.</source>
      <translation>%1%2 nicht geprüft, und es soll signiert werden.</translation>
    </message>
    <message>
      <source>After signing and varnish nothing is put right.</source>
      <translation>Nach Signatur und Firnis wird nichts mehr berichtigt.</translation>
    </message>
    <message>
      <source>The signature stands %1 cm from what the frame or trim takes.</source>
      <translation>Die Signatur steht %1 cm von dem, was Rahmen oder Beschnitt nehmen.</translation>
    </message>
    <message>
      <source>A frame's rebate takes about a centimetre.</source>
      <translation>Der Falz eines Rahmens nimmt etwa einen Zentimeter.</translation>
    </message>
    <message>
      <source>Move it inwards</source>
      <translation>Nach innen rücken</translation>
    </message>
    <message>
      <source>%1 has had %2 h, %3 h more than reckoned; %4, which is to be read before it, %5 h.</source>
      <translation>%1 hat %2 h bekommen, %3 h mehr als gerechnet; %4, das davor gelesen werden soll, %5 h.</translation>
    </message>
    <message>
      <source>Hours show: what is worked on longest is looked at first.</source>
      <translation>Stunden sieht man: woran am längsten gearbeitet ist, wird zuerst angesehen.</translation>
    </message>
    <message>
      <source>Two tasks are called “%1”.</source>
      <translation>Zwei Aufgaben heißen „%1“.</translation>
    </message>
    <message>
      <source>The task “%1” takes no time.</source>
      <translation>Die Aufgabe „%1“ dauert keine Zeit.</translation>
    </message>
    <message>
      <source>The task “%1” is one piece and longer than any sitting: split it, or keep a longer evening free.</source>
      <translation>Die Aufgabe „%1“ ist ein Stück und länger als jede Sitzung: teilen, oder einen längeren Abend freihalten.</translation>
    </message>
    <message>
      <source>The task “%1” waits for “%2”, which is not there.</source>
      <translation>Die Aufgabe „%1“ wartet auf „%2“, das es nicht gibt.</translation>
    </message>
    <message>
      <source>The sittings run out: there is more work than free hours.</source>
      <translation>Die Sitzungen gehen aus: es ist mehr Arbeit als freie Stunden.</translation>
    </message>
    <message>
      <source>Free hours end before they begin.</source>
      <translation>Freie Stunden enden, ehe sie beginnen.</translation>
    </message>
    <message>
      <source>There are no free hours: the sittings run out before they begin.</source>
      <translation>Es gibt keine freien Stunden: die Sitzungen gehen aus, ehe sie beginnen.</translation>
    </message>
    <message>
      <source>These tasks wait for each other: %1.</source>
      <translation>Diese Aufgaben warten aufeinander: %1.</translation>
    </message>
    <message>
      <source>The sittings run out: “%1” finds no free hours any more.</source>
      <translation>Die Sitzungen gehen aus: „%1“ findet keine freien Stunden mehr.</translation>
    </message>
    <message>
      <source>%1 outside of sittings</source>
      <translation>%1 außerhalb der Sitzungen</translation>
    </message>
    <message>
      <source>%1 in too short a piece</source>
      <translation>%1 in einem zu kurzen Stück</translation>
    </message>
    <message>
      <source>%1 not done in its time</source>
      <translation>%1 nicht in seiner Zeit getan</translation>
    </message>
    <message>
      <source>%1 interrupted</source>
      <translation>%1 unterbrochen</translation>
    </message>
    <message>
      <source>%1 too soon after %2</source>
      <translation>%1 zu bald nach %2</translation>
    </message>
    <message>
      <source>two at once</source>
      <translation>zwei zugleich</translation>
    </message>
    <message>
      <source>its end misstated</source>
      <translation>sein Ende falsch angegeben</translation>
    </message>
    <message>
      <source>prepare</source>
      <translation>vorbereiten</translation>
    </message>
    <message>
      <source>carry</source>
      <translation>übertragen</translation>
    </message>
    <message>
      <source>block in</source>
      <translation>anlegen</translation>
    </message>
    <message>
      <source>pass</source>
      <translation>Durchgang</translation>
    </message>
    <message>
      <source>middles</source>
      <translation>Mitten</translation>
    </message>
    <message>
      <source>glaze</source>
      <translation>Lasur</translation>
    </message>
    <message>
      <source>details</source>
      <translation>Einzelheiten</translation>
    </message>
    <message>
      <source>accents</source>
      <translation>Akzente</translation>
    </message>
    <message>
      <source>fresh eyes</source>
      <translation>frische Augen</translation>
    </message>
    <message>
      <source>sign</source>
      <translation>signieren</translation>
    </message>
    <message>
      <source>varnish</source>
      <translation>Firnis</translation>
    </message>
    <message>
      <source>other</source>
      <translation>anderes</translation>
    </message>
    <message>
      <source>Solvent and oily rags: window open, rags flat to dry or under water in a lidded metal can. Read the safety data sheet; local rules come first.</source>
      <translation>Lösemittel und ölige Lappen: Fenster auf, Lappen flach trocknen oder unter Wasser in eine Blechdose mit Deckel. Das Sicherheitsdatenblatt lesen; örtliche Regeln gehen vor.</translation>
    </message>
    <message>
      <source>Carry the drawing onto the canvas</source>
      <translation>Die Zeichnung auf die Leinwand übertragen</translation>
    </message>
    <message>
      <source>Loose blocks: opaque paint finds the edge.</source>
      <translation>Lose Flächen: deckende Farbe findet die Kante.</translation>
    </message>
    <message>
      <source>The line stands before the paint.</source>
      <translation>Die Linie steht vor der Farbe.</translation>
    </message>
    <message>
      <source>Paint the %1</source>
      <translation>Malen: %1</translation>
    </message>
    <message>
      <source>Blend the sky in one go, wet into wet</source>
      <translation>Den Himmel in einem Zug vertreiben, nass in nass</translation>
    </message>
    <message>
      <source>A blend that dries in the hand leaves a seam: it is laid in one sitting.</source>
      <translation>Ein Verlauf, der in der Hand trocknet, lässt eine Naht: er wird in einer Sitzung gelegt.</translation>
    </message>
    <message>
      <source>Block in the big masses</source>
      <translation>Die großen Massen anlegen</translation>
    </message>
    <message>
      <source>Every later tone is judged against its neighbours: none may be bare ground.</source>
      <translation>Jeder spätere Ton wird an seinen Nachbarn gemessen: keiner darf blanker Grund sein.</translation>
    </message>
    <message>
      <source>It lies over what is behind it: that is painted first.</source>
      <translation>Es liegt über dem dahinter: das wird zuerst gemalt.</translation>
    </message>
    <message>
      <source>Farthest first.</source>
      <translation>Fernstes zuerst.</translation>
    </message>
    <message>
      <source>Tie the middle tones together</source>
      <translation>Die Mitteltöne verbinden</translation>
    </message>
    <message>
      <source>Bring up the lights</source>
      <translation>Die Lichter heraufholen</translation>
    </message>
    <message>
      <source>Glaze the shades together</source>
      <translation>Die Schatten zusammenlasieren</translation>
    </message>
    <message>
      <source>One thin colour over all shade makes it one light's shade.</source>
      <translation>Eine dünne Farbe über allem Schatten macht ihn zum Schatten eines Lichts.</translation>
    </message>
    <message>
      <source>Details of the %1</source>
      <translation>Einzelheiten: %1</translation>
    </message>
    <message>
      <source>Where the viewer looks: rank %1 of the cast.</source>
      <translation>Wohin der Betrachter schaut: Rang %1 der Besetzung.</translation>
    </message>
    <message>
      <source>As little as it takes.</source>
      <translation>So wenig wie nötig.</translation>
    </message>
    <message>
      <source>Fresh eyes: turn it to the wall</source>
      <translation>Frische Augen: zur Wand drehen</translation>
    </message>
    <message>
      <source>After a day or more the eye sees again what it had got used to.</source>
      <translation>Nach einem Tag oder mehr sieht das Auge wieder, woran es sich gewöhnt hatte.</translation>
    </message>
    <message>
      <source>Accents: the last lights and darks</source>
      <translation>Akzente: die letzten Lichter und Dunkel</translation>
    </message>
    <message>
      <source>The few lightest and darkest touches, kept until everything else can be seen.</source>
      <translation>Die wenigen hellsten und dunkelsten Tupfer, aufgehoben, bis alles andere zu sehen ist.</translation>
    </message>
    <message>
      <source>Check what must be right</source>
      <translation>Prüfen, was stimmen muss</translation>
    </message>
    <message>
      <source>Sign</source>
      <translation>Signieren</translation>
    </message>
    <message>
      <source>Let it dry through</source>
      <translation>Durchtrocknen lassen</translation>
    </message>
    <message>
      <source>Varnish, two thin coats</source>
      <translation>Firnis, zwei dünne Schichten</translation>
    </message>
    <message>
      <source>Varnish: window open, no flame; a spray only outside or with a rated respirator. Read the safety data sheet; local rules come first.</source>
      <translation>Firnis: Fenster auf, kein Feuer; Spray nur draußen oder mit zugelassener Atemmaske. Das Sicherheitsdatenblatt lesen; örtliche Regeln gehen vor.</translation>
    </message>
    <message>
      <source>, part %1 of %2</source>
      <translation>, Teil %1 von %2</translation>
    </message>
    <message>
      <source>Paint: </source>
      <translation>Malen: </translation>
    </message>
    <message>
      <source>laying the backdrop</source>
      <translation>der Hintergrund wird gelegt</translation>
    </message>
    <message>
      <source>standing up %1</source>
      <translation>%1 wird aufgestellt</translation>
    </message>
    <message>
      <source>“%1” has no outline yet.</source>
      <translation>„%1“ hat noch keinen Umriss.</translation>
    </message>
    <message>
      <source>Without an edge there is nothing to stand in the scene.</source>
      <translation>Ohne Kante ist nichts da, was in der Szene stehen könnte.</translation>
    </message>
    <message>
      <source>“%1” runs off its photograph: %2 % of its edge is the picture's border.</source>
      <translation>„%1“ läuft aus seinem Foto: %2 % seiner Kante sind der Bildrand.</translation>
    </message>
    <message>
      <source>A straight border in the middle of the scene reads as a mistake; hide it behind something or at the canvas edge.</source>
      <translation>Ein gerader Rand mitten in der Szene liest sich als Fehler; hinter etwas verstecken, oder an den Rand der Leinwand.</translation>
    </message>
    <message>
      <source>The edge of “%1” is %2 mm wide on the canvas.</source>
      <translation>Die Kante von „%1“ ist auf der Leinwand %2 mm breit.</translation>
    </message>
    <message>
      <source>Wider than this it looks out of focus beside sharper neighbours from where the painting is seen.</source>
      <translation>Breiter als das sieht es vom Betrachter aus neben schärferen Nachbarn unscharf aus.</translation>
    </message>
    <message>
      <source>The edge pixels of “%1” differ from what lies just inside by ΔE %2.</source>
      <translation>Die Randpixel von „%1“ unterscheiden sich von denen gleich dahinter um ΔE %2.</translation>
    </message>
    <message>
      <source>That is colour of the old background. Drawn in by a pixel, the edge leaves it behind.</source>
      <translation>Das ist Farbe des alten Hintergrunds. Um ein Pixel eingezogen, lässt die Kante sie hinter sich.</translation>
    </message>
    <message>
      <source>Draw the edge in by a pixel</source>
      <translation>Die Kante um ein Pixel einziehen</translation>
    </message>
    <message>
      <source>This is too small to cut out; draw it larger.</source>
      <translation>Das ist zum Ausschneiden zu klein; zeichne es größer.</translation>
    </message>
    <message>
      <source>“%1” has too few pixels for its size: %2 a centimetre, and from %3 cm the eye can tell %4%5</source>
      <translation>„%1“ hat zu wenige Pixel für seine Größe: %2 je Zentimeter, und aus %3 cm kann das Auge %4 unterscheiden%5</translation>
    </message>
    <message>
      <source>; a face wants 60.</source>
      <translation>; ein Gesicht will 60.</translation>
    </message>
    <message>
      <source>What the picture does not hold must be invented at the easel; better to know it before.</source>
      <translation>Was das Bild nicht hergibt, muss an der Staffelei erfunden werden; besser, man weiß es vorher.</translation>
    </message>
    <message>
      <source>Show it no larger than its pixels carry (%1 m)</source>
      <translation>Nicht größer zeigen, als die Pixel tragen (%1 m)</translation>
    </message>
    <message>
      <source>“%1” shows no clear light side: the light's direction cannot be measured.</source>
      <translation>„%1“ zeigt keine klare Lichtseite: die Lichtrichtung lässt sich nicht messen.</translation>
    </message>
    <message>
      <source>Its own light cannot be taken off, so new light falls on top of the old. Set where it came from, or keep it in shade.</source>
      <translation>Sein eigenes Licht lässt sich nicht abnehmen, neues fällt auf das alte. Setze, woher es kam, oder lass es im Schatten.</translation>
    </message>
    <message>
      <source>thirds</source>
      <translation>Drittel</translation>
    </message>
    <message>
      <source>golden spiral</source>
      <translation>Goldene Spirale</translation>
    </message>
    <message>
      <source>quarters and centre</source>
      <translation>Viertel und Mitte</translation>
    </message>
    <message>
      <source>diagonals</source>
      <translation>Diagonalen</translation>
    </message>
    <message>
      <source>pyramid</source>
      <translation>Pyramide</translation>
    </message>
    <message>
      <source>converging lines</source>
      <translation>Fluchtlinien</translation>
    </message>
    <message>
      <source>Lines at a third and two thirds: a lead on one of their crossings sits off centre without falling off the edge.</source>
      <translation>Linien bei einem und zwei Dritteln: eine Hauptfigur auf einer ihrer Kreuzungen sitzt außer der Mitte, ohne vom Rand zu fallen.</translation>
    </message>
    <message>
      <source>Lines at 0.382 and 0.618 of each side: the smaller part is to the larger as the larger is to the whole.</source>
      <translation>Linien bei 0,382 und 0,618 jeder Seite: der kleinere Teil verhält sich zum größeren wie der größere zum Ganzen.</translation>
    </message>
    <message>
      <source>Quarter turns in the squares a golden rectangle sheds: leads the gaze inwards to one eye. Four ways to turn it.</source>
      <translation>Viertelbögen in den Quadraten, die ein goldenes Rechteck abgibt: führt den Blick nach innen zu einem Auge. Vier Arten, sie zu drehen.</translation>
    </message>
    <message>
      <source>Halves and quarters: for pictures that want to stand still, and for finding what sits dead in the middle.</source>
      <translation>Hälften und Viertel: für Bilder, die stillstehen wollen, und um zu finden, was genau in der Mitte sitzt.</translation>
    </message>
    <message>
      <source>Diagonals of the canvas and of its halves: edges laid along them move together.</source>
      <translation>Diagonalen der Leinwand und ihrer Hälften: Kanten, die an ihnen liegen, bewegen sich zusammen.</translation>
    </message>
    <message>
      <source>A triangle on three corners of your choice: a group that fills it stands firm.</source>
      <translation>Ein Dreieck auf drei Ecken deiner Wahl: eine Gruppe, die es füllt, steht fest.</translation>
    </message>
    <message>
      <source>Lines from one meeting point: edges that follow them lead there.</source>
      <translation>Linien von einem Treffpunkt: Kanten, die ihnen folgen, führen dorthin.</translation>
    </message>
    <message>
      <source>Rings about the centre: for round and oval formats, where corners lead nowhere.</source>
      <translation>Ringe um die Mitte: für runde und ovale Formate, in denen Ecken nirgends hinführen.</translation>
    </message>
    <message>
      <source>copies of %1</source>
      <translation>Kopien von %1</translation>
    </message>
    <message>
      <source>ankle</source>
      <translation>Knöchel</translation>
    </message>
    <message>
      <source>knee</source>
      <translation>Knie</translation>
    </message>
    <message>
      <source>hip</source>
      <translation>Hüfte</translation>
    </message>
    <message>
      <source>neck</source>
      <translation>Hals</translation>
    </message>
    <message>
      <source>“%1” looks towards the near edge: %2 cm before the eyes, %3 cm behind the back.</source>
      <translation>„%1“ blickt zum nahen Rand: %2 cm vor den Augen, %3 cm hinter dem Rücken.</translation>
    </message>
    <message>
      <source>A gaze wants somewhere to go; with less room before it than behind it runs out of the picture.</source>
      <translation>Ein Blick will irgendwohin; mit weniger Raum davor als dahinter läuft er aus dem Bild.</translation>
    </message>
    <message>
      <source>Move it %1 cm %2</source>
      <translation>Um %1 cm nach %2 rücken</translation>
    </message>
    <message>
      <source>Over the head of “%1” lie %2 cm, %3 % of the canvas, and only %4 cm under its feet.</source>
      <translation>Über dem Kopf von „%1“ liegen %2 cm, %3 % der Leinwand, und unter den Füßen nur %4 cm.</translation>
    </message>
    <message>
      <source>With most of the air above, a figure looks as if it were slipping out at the bottom.</source>
      <translation>Mit der meisten Luft oben sieht eine Figur aus, als rutschte sie unten hinaus.</translation>
    </message>
    <message>
      <source>The %1 edge cuts “%2” at the %3.</source>
      <translation>Der Rand %1 schneidet „%2“ am Gelenk (%3).</translation>
    </message>
    <message>
      <source>Cut at a joint a limb looks amputated; through the middle of it, it goes on outside the picture.</source>
      <translation>Am Gelenk geschnitten, sieht ein Glied amputiert aus; mitten hindurch geht es außerhalb des Bildes weiter.</translation>
    </message>
    <message>
      <source>Move its foot to %1 cm, so that the edge passes mid limb</source>
      <translation>Den Fuß auf %1 cm rücken, sodass der Rand mitten durchs Glied geht</translation>
    </message>
    <message>
      <source>The base of “%1” lies above the horizon, where there is no ground to stand on.</source>
      <translation>Der Fuß von „%1“ liegt über dem Horizont, wo kein Boden zum Stehen ist.</translation>
    </message>
    <message>
      <source>On level ground every foot is below eye level; one above it belongs to another picture.</source>
      <translation>Auf ebenem Boden liegt jeder Fuß unter der Augenhöhe; einer darüber gehört in ein anderes Bild.</translation>
    </message>
    <message>
      <source>Set it on the far ground</source>
      <translation>Auf den fernen Boden stellen</translation>
    </message>
    <message>
      <source>“%1” comes within %2 mm of the %3 edge without being cut by it.</source>
      <translation>„%1“ kommt dem Rand %3 bis auf %2 mm nah, ohne von ihm geschnitten zu werden.</translation>
    </message>
    <message>
      <source>The gap becomes a shape of its own and pulls the gaze out; give room, or cut boldly.</source>
      <translation>Die Lücke wird eine Form für sich und zieht den Blick hinaus; Raum geben, oder kühn schneiden.</translation>
    </message>
    <message>
      <source>Move it in by %1 mm</source>
      <translation>Um %1 mm hineinrücken</translation>
    </message>
    <message>
      <source>“%1” is only %2 mm on the canvas at %3 m away.</source>
      <translation>„%1“ ist auf %3 m nur %2 mm auf der Leinwand.</translation>
    </message>
    <message>
      <source>Under a third of a degree a shape is a dot to the viewer, however well it is painted.</source>
      <translation>Unter einem Drittel Grad ist eine Form für den Betrachter ein Punkt, wie gut sie auch gemalt ist.</translation>
    </message>
    <message>
      <source>Bring it near enough to be read</source>
      <translation>So nah holen, dass man es lesen kann</translation>
    </message>
    <message>
      <source>At %1 m away “%2” is %3 m tall, %4 cm on the canvas; %5: %6 to %7 m. At %8 m it would cover %9 cm here, or keep its size with its foot at %10 cm.</source>
      <translation>Auf %1 m ist „%2“ %3 m hoch, %4 cm auf der Leinwand; %5: %6 bis %7 m. Auf %8 m würde es hier %9 cm decken, oder seine Größe behalten mit dem Fuß bei %10 cm.</translation>
    </message>
    <message>
      <source>Every size implies a distance; an impossible one makes the space fall apart.</source>
      <translation>Jede Größe bedeutet eine Entfernung; eine unmögliche lässt den Raum zerfallen.</translation>
    </message>
    <message>
      <source>Give it %1 m</source>
      <translation>Ihm %1 m geben</translation>
    </message>
    <message>
      <source>“%1” %2%3 m %4: %5 mm on the canvas.</source>
      <translation>„%1“ %2%3 m %4: %5 mm auf der Leinwand.</translation>
    </message>
    <message>
      <source>sinks </source>
      <translation>sinkt </translation>
    </message>
    <message>
      <source>hovers </source>
      <translation>schwebt </translation>
    </message>
    <message>
      <source>into the ground</source>
      <translation>in den Boden</translation>
    </message>
    <message>
      <source>over the ground with nothing under it</source>
      <translation>über dem Boden, mit nichts darunter</translation>
    </message>
    <message>
      <source>Fine in water or snow; on firm ground the feet go missing.</source>
      <translation>Gut in Wasser oder Schnee; auf festem Boden fehlen die Füße.</translation>
    </message>
    <message>
      <source>Too low to fly and too high to stand: its shadow will part from its foot.</source>
      <translation>Zu niedrig zum Fliegen und zu hoch zum Stehen: der Schatten trennt sich vom Fuß.</translation>
    </message>
    <message>
      <source>Set it on the ground</source>
      <translation>Auf den Boden stellen</translation>
    </message>
    <message>
      <source>“%1” repeats “%2”: outlines %3 % alike, heights %4 %.</source>
      <translation>„%1“ wiederholt „%2“: Umrisse zu %3 % gleich, Höhen zu %4 %.</translation>
    </message>
    <message>
      <source>The eye finds a copy at once, and then sees the trick instead of the scene.</source>
      <translation>Das Auge findet eine Kopie sofort und sieht dann den Trick statt der Szene.</translation>
    </message>
    <message>
      <source>Vary it</source>
      <translation>Abwandeln</translation>
    </message>
    <message>
      <source>Nothing stands in the scene yet.</source>
      <translation>In der Szene steht noch nichts.</translation>
    </message>
    <message>
      <source>Cut something out of a reference first; it then stands where you put it, at its true size.</source>
      <translation>Schneide erst etwas aus einer Vorlage; dann steht es, wo du es hinsetzt, in wahrer Größe.</translation>
    </message>
    <message>
      <source>No canvas with this plan was found in the photograph.</source>
      <translation>Im Foto wurde keine Leinwand mit diesem Plan gefunden.</translation>
    </message>
    <message>
      <source>Looking for the canvas</source>
      <translation>Die Leinwand wird gesucht</translation>
    </message>
    <message>
      <source>A corner of the canvas lies outside the photograph: step back, or set the corners by hand.</source>
      <translation>Eine Ecke der Leinwand liegt außerhalb des Fotos: zurücktreten, oder die Ecken von Hand setzen.</translation>
    </message>
    <message>
      <source>The canvas cannot be separated from what surrounds it: set the corners by hand.</source>
      <translation>Die Leinwand ist von ihrer Umgebung nicht zu trennen: die Ecken von Hand setzen.</translation>
    </message>
    <message>
      <source>There is too little of a picture to compare.</source>
      <translation>Es ist zu wenig Bild zum Vergleichen da.</translation>
    </message>
    <message>
      <source>A canvas is between 5 mm and 50 m wide and high.</source>
      <translation>Eine Leinwand ist zwischen 5 mm und 50 m breit und hoch.</translation>
    </message>
    <message>
      <source>A corner lies nowhere near the photograph.</source>
      <translation>Eine Ecke liegt weit weg vom Foto.</translation>
    </message>
    <message>
      <source>The photograph was not squared up.</source>
      <translation>Das Foto wurde nicht entzerrt.</translation>
    </message>
    <message>
      <source>The photograph was not compared.</source>
      <translation>Das Foto wurde nicht verglichen.</translation>
    </message>
    <message>
      <source>%1 mm %2</source>
      <translation>%1 mm %2</translation>
    </message>
    <message>
      <source>%1%2 mm to the %3</source>
      <translation>%1%2 mm nach %3</translation>
    </message>
    <message>
      <source> and </source>
      <translation> und </translation>
    </message>
    <message>
      <source>in its place</source>
      <translation>an seinem Platz</translation>
    </message>
    <message>
      <source>%1 is %2: move it %3 while its edge is repainted.</source>
      <translation>%1 ist %2: %3 rücken, wenn die Kante neu gemalt wird.</translation>
    </message>
    <message>
      <source>What has wandered pulls what is drawn after it along.</source>
      <translation>Was gewandert ist, zieht das danach Gezeichnete mit.</translation>
    </message>
    <message>
      <source>Let it stand: this thing need not follow</source>
      <translation>Stehen lassen: dieses Ding muss nicht folgen</translation>
    </message>
    <message>
      <source>%1 is %2 L* too %3 for this stage: %4%5%6</source>
      <translation>%1 ist für diesen Stand %2 L* zu %3: %4%5%6</translation>
    </message>
    <message>
      <source>darken it</source>
      <translation>dunkler machen</translation>
    </message>
    <message>
      <source>lift it with a damp brush while it moves, for every layer only darkens</source>
      <translation>nimm es mit feuchtem Pinsel ab, solange es sich bewegt, denn jede Lage macht nur dunkler</translation>
    </message>
    <message>
      <source>lighten it</source>
      <translation>heller machen</translation>
    </message>
    <message>
      <source>, puddle %1</source>
      <translation>, Klecks %1</translation>
    </message>
    <message>
      <source>, one glaze.</source>
      <translation>, eine Lasur.</translation>
    </message>
    <message>
      <source>, opaque.</source>
      <translation>, deckend.</translation>
    </message>
    <message>
      <source>, opaque, in its lights first.</source>
      <translation>, deckend, in den Lichtern zuerst.</translation>
    </message>
    <message>
      <source>Every later value is judged against this one.</source>
      <translation>Jeder spätere Tonwert wird an diesem gemessen.</translation>
    </message>
    <message>
      <source>%1 is %2 C* too %3%4</source>
      <translation>%1 ist %2 C* zu %3%4</translation>
    </message>
    <message>
      <source>strong</source>
      <translation>stark</translation>
    </message>
    <message>
      <source>dull</source>
      <translation>stumpf</translation>
    </message>
    <message>
      <source>: a thin glaze of its complement.</source>
      <translation>: eine dünne Lasur der Komplementärfarbe.</translation>
    </message>
    <message>
      <source>: one glaze of its own colour, unmixed with white.</source>
      <translation>: eine Lasur der eigenen Farbe, ohne Weiß.</translation>
    </message>
    <message>
      <source>Strong colour is read first, dull colour last.</source>
      <translation>Starke Farbe wird zuerst gelesen, stumpfe zuletzt.</translation>
    </message>
    <message>
      <source>%1 % of %2 is still bare ground, and its pass is ticked as done.</source>
      <translation>%1 % von %2 ist noch blanker Grund, und der Gang ist als getan abgehakt.</translation>
    </message>
    <message>
      <source>Bare patches are found again when the paint for them is gone.</source>
      <translation>Blanke Stellen findet man wieder, wenn die Farbe dafür aus ist.</translation>
    </message>
    <message>
      <source>Not done yet</source>
      <translation>Noch nicht getan</translation>
    </message>
    <message>
      <source>%1 parts from what is about it by %2 L*, planned are %3: %4 behind it by %5 L*%6%7</source>
      <translation>%1 hebt sich um %2 L* von ringsum ab, geplant sind %3: dahinter um %5 L* %4%6%7</translation>
    </message>
    <message>
      <source>darken</source>
      <translation>dunkler machen</translation>
    </message>
    <message>
      <source>lighten</source>
      <translation>heller machen</translation>
    </message>
    <message>
      <source>A thing that melts into its ground is not read.</source>
      <translation>Was in seinem Grund verschmilzt, wird nicht gelesen.</translation>
    </message>
    <message>
      <source>The edge of %1 is lost along %2 %, planned are %3 %: %4</source>
      <translation>Die Kante von %1 ist auf %2 % verloren, geplant sind %3 %: %4</translation>
    </message>
    <message>
      <source>restate it where it matters, one stroke, and leave the rest.</source>
      <translation>sie neu setzen, wo es zählt, ein Strich, und den Rest lassen.</translation>
    </message>
    <message>
      <source>soften it with a damp clean brush, or drag it into its ground.</source>
      <translation>sie mit feuchtem, sauberem Pinsel weich machen, oder in den Grund ziehen.</translation>
    </message>
    <message>
      <source>A thing without an edge is not read.</source>
      <translation>Ein Ding ohne Kante wird nicht gelesen.</translation>
    </message>
    <message>
      <source>Where every edge is found, none of them leads.</source>
      <translation>Wo jede Kante gefunden ist, führt keine.</translation>
    </message>
    <message>
      <source>On the canvas the %1 side draws the eye out, %2 times an even one, at this stage %3 are planned: glaze it down, or soften what ends there.</source>
      <translation>Auf der Leinwand zieht die Seite %1 das Auge hinaus, %2-mal so viel wie eine gleichmäßige, geplant sind jetzt %3: überlasieren, oder weich machen, was dort endet.</translation>
    </message>
    <message>
      <source>An eye that has left the picture does not come back by itself.</source>
      <translation>Ein Auge, das das Bild verlassen hat, kommt nicht von selbst zurück.</translation>
    </message>
    <message>
      <source>On the canvas %1 draws most; at this stage it should be %2.</source>
      <translation>Auf der Leinwand zieht %1 am meisten; jetzt sollte es %2 sein.</translation>
    </message>
    <message>
      <source>What draws first now will be hard to hold back later.</source>
      <translation>Was jetzt zuerst zieht, ist später schwer zurückzuhalten.</translation>
    </message>
    <message>
      <source>There is no plan to hold the canvas against.</source>
      <translation>Es gibt keinen Plan, gegen den sich die Leinwand halten ließe.</translation>
    </message>
    <message>
      <source>Which patch is lighter?</source>
      <translation>Welches Feld ist heller?</translation>
    </message>
    <message>
      <source>Colour</source>
      <translation>Farbe</translation>
    </message>
    <message>
      <source>Which patch is the colour in the middle?</source>
      <translation>Welches Feld hat die Farbe der Mitte?</translation>
    </message>
    <message>
      <source>From which side is the ball lit that disagrees?</source>
      <translation>Von welcher Seite ist die Kugel beleuchtet, die nicht passt?</translation>
    </message>
    <message>
      <source>Lengths</source>
      <translation>Längen</translation>
    </message>
    <message>
      <source>Which span is longer?</source>
      <translation>Welche Strecke ist länger?</translation>
    </message>
    <message>
      <source>Which edge is softer?</source>
      <translation>Welche Kante ist weicher?</translation>
    </message>
    <message>
      <source>One light</source>
      <translation>Ein Licht</translation>
    </message>
    <message>
      <source>In which picture is a thing lit from the wrong side?</source>
      <translation>In welchem Bild ist ein Ding von der falschen Seite beleuchtet?</translation>
    </message>
    <message>
      <source>First glance</source>
      <translation>Erster Blick</translation>
    </message>
    <message>
      <source>What will a viewer see first?</source>
      <translation>Was wird ein Betrachter zuerst sehen?</translation>
    </message>
    <message>
      <source>They are %1 L* apart; %2</source>
      <translation>Sie liegen %1 L* auseinander; %2</translation>
    </message>
    <message>
      <source>the lighter one lay on the lighter ground, which makes it look darker.</source>
      <translation>das hellere lag auf dem helleren Grund, was es dunkler aussehen lässt.</translation>
    </message>
    <message>
      <source>this time the ground did not mislead.</source>
      <translation>diesmal täuschte der Grund nicht.</translation>
    </message>
    <message>
      <source>The others are about %1 ΔE off.</source>
      <translation>Die anderen liegen etwa %1 ΔE daneben.</translation>
    </message>
    <message>
      <source>It was lit from %1° beside the others.</source>
      <translation>Sie war %1° anders beleuchtet als die anderen.</translation>
    </message>
    <message>
      <source>One is %1 % longer; upright spans look longer than lying ones.</source>
      <translation>Eine ist %1 % länger; aufrechte Strecken sehen länger aus als liegende.</translation>
    </message>
    <message>
      <source>It was %1 mm softer.</source>
      <translation>Sie war %1 mm weicher.</translation>
    </message>
    <message>
      <source>“%1” was lit from the other side by %2 L*.</source>
      <translation>„%1“ war um %2 L* von der anderen Seite beleuchtet.</translation>
    </message>
    <message>
      <source>One draws %1 × as much, as Read measures it.</source>
      <translation>Eines zieht %1 × so viel, wie die Lesbarkeit es misst.</translation>
    </message>
    <message>
      <source>Set the horizon where the backdrop has it</source>
      <translation>Den Horizont setzen, wo der Hintergrund ihn hat</translation>
    </message>
    <message>
      <source>The canvas shows only %1 % of the backdrop; the rest is cropped to bring its horizon to yours.</source>
      <translation>Die Leinwand zeigt nur %1 % des Hintergrunds; der Rest ist abgeschnitten, damit sein Horizont auf deinem liegt.</translation>
    </message>
    <message>
      <source>What is cropped is lost for the composition; a horizon nearer to the picture's own keeps more.</source>
      <translation>Was abgeschnitten ist, fehlt der Komposition; ein Horizont näher am eigenen des Bildes behält mehr.</translation>
    </message>
    <message>
      <source>Printed as a picture at 1:1, the backdrop has %1 pixels an inch; line art stays sharp at any size.</source>
      <translation>Als Bild 1:1 gedruckt hat der Hintergrund %1 Pixel je Zoll; Linien bleiben in jeder Größe scharf.</translation>
    </message>
    <message>
      <source>Under 70 pixels per inch, printed edges are too soft to trace; 200 is ideal.</source>
      <translation>Unter 70 Pixel je Zoll sind gedruckte Kanten zum Nachzeichnen zu weich; 200 sind ideal.</translation>
    </message>
    <message>
      <source>Neighbouring sheets share only %1 mm.</source>
      <translation>Benachbarte Bögen teilen nur %1 mm.</translation>
    </message>
    <message>
      <source>Printers drift by a millimetre or two; with less than five to share, gaps open between the sheets.</source>
      <translation>Drucker weichen um ein, zwei Millimeter ab; bei weniger als fünf gemeinsamen klaffen Lücken zwischen den Bögen.</translation>
    </message>
    <message>
      <source>Let them share 10 mm</source>
      <translation>10 mm teilen lassen</translation>
    </message>
    <message numerus="yes">
      <source>That makes %n sheets to cut and join.</source>
      <translation>
        <numerusform>Das ergibt %n Bogen zum Schneiden.</numerusform>
        <numerusform>Das ergibt %n Bögen zum Schneiden und Fügen.</numerusform>
      </translation>
    </message>
    <message>
      <source>Errors add up from sheet to sheet; at this size the squared grid is surer.</source>
      <translation>Fehler summieren sich von Bogen zu Bogen; bei dieser Größe ist das Quadratnetz sicherer.</translation>
    </message>
    <message numerus="yes">
      <source>The grid has about %n squares along the long side.</source>
      <translation>
        <numerusform>Das Raster hat etwa %n Quadrat auf der langen Seite.</numerusform>
        <numerusform>Das Raster hat etwa %n Quadrate auf der langen Seite.</numerusform>
      </translation>
    </message>
    <message>
      <source>Too few squares leave too much to the eye inside each.</source>
      <translation>Zu wenige Quadrate lassen dem Auge in jedem zu viel.</translation>
    </message>
    <message>
      <source>Too many squares take longer to draw than they save.</source>
      <translation>Zu viele Quadrate zu zeichnen dauert länger, als sie sparen.</translation>
    </message>
    <message>
      <source>Let the program choose</source>
      <translation>Das Programm wählen lassen</translation>
    </message>
    <message>
      <source>%1 loses %2 % to the edge of the real canvas.</source>
      <translation>%1 verliert %2 % an den Rand der wirklichen Leinwand.</translation>
    </message>
    <message>
      <source>What the trim takes is not seen again; the eye still looks for it.</source>
      <translation>Was der Beschnitt nimmt, sieht man nicht wieder; das Auge sucht es trotzdem.</translation>
    </message>
    <message>
      <source>Cut nothing: leave room for more of the scene</source>
      <translation>Nichts abschneiden: Platz für mehr Szene lassen</translation>
    </message>
    <message>
      <source>%1 ends %2 mm from the edge: a landmark there goes with the next trim or round the stretcher.</source>
      <translation>%1 endet %2 mm vom Rand: ein Messpunkt dort verschwindet mit dem nächsten Beschnitt oder um den Keilrahmen.</translation>
    </message>
    <message>
      <source>A measure of a few millimetres from an edge that is not straight is worth little.</source>
      <translation>Ein Maß von wenigen Millimetern von einem Rand, der nicht gerade ist, ist wenig wert.</translation>
    </message>
    <message>
      <source>Take one board</source>
      <translation>Eine einzige Tafel nehmen</translation>
    </message>
    <message>
      <source>A joint of the boards goes through a face.</source>
      <translation>Eine Fuge der Tafeln geht durch ein Gesicht.</translation>
    </message>
    <message>
      <source>A joint opens with the years, and a face with a crack is spoilt.</source>
      <translation>Eine Fuge öffnet sich mit den Jahren, und ein Gesicht mit Riss ist verdorben.</translation>
    </message>
    <message>
      <source>A joint of the boards, %1 from the edge, goes through %2.</source>
      <translation>Eine Fuge der Tafeln, %1 vom Rand, geht durch %2.</translation>
    </message>
    <message>
      <source>%1 is %2 mm across; from %3 m nothing under %4 mm is made out.</source>
      <translation>%1 ist %2 mm breit; aus %3 m ist nichts unter %4 mm zu erkennen.</translation>
    </message>
    <message>
      <source>Detail below twelve minutes of arc costs hours and is never read.</source>
      <translation>Einzelheiten unter zwölf Bogenminuten kosten Stunden und werden nie gelesen.</translation>
    </message>
    <message>
      <source>%1 cm of the canvas are not planned.</source>
      <translation>%1 cm der Leinwand sind nicht geplant.</translation>
    </message>
    <message>
      <source>What is not planned is made up at the easel, in paint.</source>
      <translation>Was nicht geplant ist, wird an der Staffelei erfunden, in Farbe.</translation>
    </message>
    <message>
      <source>The printer strays by %1 %: see that it does not shrink sheets to its margins.</source>
      <translation>Der Drucker weicht um %1 % ab: darauf achten, dass er die Bögen nicht auf seine Ränder verkleinert.</translation>
    </message>
    <message>
      <source>Printers stray by half a per cent; more is a setting, “fit to page”.</source>
      <translation>Drucker weichen um ein halbes Prozent ab; mehr ist eine Einstellung, „an Seite anpassen“.</translation>
    </message>
    <message>
      <source>Bridges of %1 mm tear in card.</source>
      <translation>Stege von %1 mm reißen in Karton.</translation>
    </message>
    <message>
      <source>Card holds from 2 to 3 mm, film from 1.5 mm; wet card less.</source>
      <translation>Karton hält ab 2 bis 3 mm, Folie ab 1,5 mm; nasser Karton weniger.</translation>
    </message>
    <message>
      <source>Bridges of 4 mm</source>
      <translation>Stege von 4 mm</translation>
    </message>
    <message>
      <source>Stroke flow is read from a photograph; this has none.</source>
      <translation>Strichfluss wird aus einem Foto gelesen; hier ist keines.</translation>
    </message>
    <message>
      <source>The measuring was cancelled.</source>
      <translation>Die Messung wurde abgebrochen.</translation>
    </message>
    <message>
      <source>It lies outside the canvas.</source>
      <translation>Es liegt außerhalb der Leinwand.</translation>
    </message>
    <message>
      <source>It is too small on the canvas for its strokes to be measured.</source>
      <translation>Auf der Leinwand ist es zu klein, um seine Striche zu messen.</translation>
    </message>
    <message>
      <source>Which way it runs</source>
      <translation>Wohin es läuft</translation>
    </message>
    <message>
      <source>%1%2/%3 in</source>
      <translation>%1%2/%3 in</translation>
    </message>
    <message>
      <source>A corner lies nowhere a projector could throw it.</source>
      <translation>Eine Ecke liegt, wohin kein Projektor sie werfen könnte.</translation>
    </message>
    <message>
      <source>The four corners must go round: upper left, upper right, lower right, lower left, no three in line.</source>
      <translation>Die vier Ecken müssen herumgehen: oben links, oben rechts, unten rechts, unten links, keine drei auf einer Linie.</translation>
    </message>
    <message>
      <source>The canvas' four edges cannot be found; set its corners by hand.</source>
      <translation>Die vier Kanten der Leinwand sind nicht zu finden; ihre Ecken von Hand setzen.</translation>
    </message>
    <message>
      <source>The photograph is empty.</source>
      <translation>Das Foto ist leer.</translation>
    </message>
    <message>
      <source>Fewer than two thirds of the dots can be made out: darken the room, bring all of them into the picture, and photograph again.</source>
      <translation>Weniger als zwei Drittel der Punkte sind zu erkennen: den Raum verdunkeln, alle ins Bild holen, noch einmal fotografieren.</translation>
    </message>
    <message>
      <source>The canvas' corners must go round, from the upper left.</source>
      <translation>Die Ecken der Leinwand müssen herumgehen, von oben links an.</translation>
    </message>
    <message>
      <source>tip of </source>
      <translation>Spitze von </translation>
    </message>
    <message>
      <source>corner of </source>
      <translation>Ecke von </translation>
    </message>
    <message>
      <source>corner in </source>
      <translation>Ecke in </translation>
    </message>
    <message>
      <source>top of </source>
      <translation>Oberkante von </translation>
    </message>
    <message>
      <source>lowest point of </source>
      <translation>tiefster Punkt von </translation>
    </message>
    <message>
      <source>left end of </source>
      <translation>linkes Ende von </translation>
    </message>
    <message>
      <source>right end of </source>
      <translation>rechtes Ende von </translation>
    </message>
    <message>
      <source>%1 meets %2</source>
      <translation>%1 trifft %2</translation>
    </message>
    <message>
      <source>crossing in %1</source>
      <translation>Kreuzung in %1</translation>
    </message>
    <message>
      <source>eye of %1</source>
      <translation>Auge von %1</translation>
    </message>
    <message>
      <source>inner</source>
      <translation>innen</translation>
    </message>
    <message>
      <source>form shadow</source>
      <translation>Formschatten</translation>
    </message>
    <message>
      <source>cast shadow</source>
      <translation>Schlagschatten</translation>
    </message>
    <message>
      <source>value step</source>
      <translation>Tonwertstufe</translation>
    </message>
    <message>
      <source>hatch</source>
      <translation>Schraffur</translation>
    </message>
    <message>
      <source>The video clip is damaged or of a kind that cannot be decoded.</source>
      <translation>Der Film ist beschädigt oder von einer Art, die sich nicht entschlüsseln lässt.</translation>
    </message>
    <message>
      <source>Cancelled.</source>
      <translation>Abgebrochen.</translation>
    </message>
    <message>
      <source>looking for sharp frames</source>
      <translation>scharfe Einzelbilder werden gesucht</translation>
    </message>
    <message>
      <source>a picture</source>
      <translation>ein Bild</translation>
    </message>
    <message>
      <source>the picture “%1”</source>
      <translation>das Bild „%1“</translation>
    </message>
    <message>
      <source>The work's own description is damaged.</source>
      <translation>Die Beschreibung des Werks ist beschädigt.</translation>
    </message>
    <message>
      <source>the edge of a cut-out</source>
      <translation>die Kante eines Ausschnitts</translation>
    </message>
    <message>
      <source>The picture “%1” cannot be read just now, so nothing is saved there; everything is as it was.</source>
      <translation>Das Bild „%1“ ist gerade nicht zu lesen, darum wird dort nichts gesichert; alles ist, wie es war.</translation>
    </message>
    <message>
      <source>The file of this work was taken away: nothing more is saved. Save a copy of it now.</source>
      <translation>Die Datei dieses Werks wurde weggenommen: nichts wird mehr gespeichert. Speichere jetzt eine Kopie.</translation>
    </message>
    <message>
      <source>Another file lies where this work was: nothing more is saved. Save a copy of it now.</source>
      <translation>Wo diese Arbeit lag, liegt eine andere Datei: Es wird nichts mehr gesichert. Jetzt eine Kopie sichern.</translation>
    </message>
    <message>
      <source>“%1” is open itself; choose another name.</source>
      <translation>„%1“ ist selbst geöffnet; einen anderen Namen wählen.</translation>
    </message>
    <message>
      <source>The work cannot be saved there.</source>
      <translation>Das Werk lässt sich dort nicht speichern.</translation>
    </message>
    <message>
      <source>The picture is %1 × %2 pixels; at most 200 million in all can be opened.</source>
      <translation>Das Bild hat %1 × %2 Pixel; höchstens 200 Millionen im Ganzen lassen sich öffnen.</translation>
    </message>
    <message>
      <source>The SVG picture gives no usable size.</source>
      <translation>Das SVG-Bild gibt keine brauchbare Größe an.</translation>
    </message>
    <message>
      <source>The %1 picture is damaged or of a variant that cannot be decoded.</source>
      <translation>Das Bild (%1) ist beschädigt oder von einer Art, die sich nicht entschlüsseln lässt.</translation>
    </message>
    <message>
      <source>camera raw</source>
      <translation>Kamera-Rohbild</translation>
    </message>
    <message>
      <source>Developed from camera raw with the camera's own white balance. </source>
      <translation>Aus dem Kamera-Rohbild mit dem Weißabgleich der Kamera entwickelt. </translation>
    </message>
    <message>
      <source>Drawn from SVG at 2400 pixels. </source>
      <translation>Aus SVG mit 2400 Pixeln gezeichnet. </translation>
    </message>
    <message>
      <source>There is no such milestone in this work.</source>
      <translation>Diesen Meilenstein gibt es in diesem Werk nicht.</translation>
    </message>
    <message>
      <source>The outline must be {"pieces": [{"points": [[x, y], …], "hole": false}]}.</source>
      <translation>Der Umriss muss {"pieces": [{"points": [[x, y], …], "hole": false}]} sein.</translation>
    </message>
    <message>
      <source>This is no %1 that can be understood.</source>
      <translation>Das ist keine verständliche Datei (%1).</translation>
    </message>
    <message>
      <source>table of measured patches</source>
      <translation>Tabelle gemessener Felder</translation>
    </message>
    <message>
      <source>table of measured patches: a row is too short</source>
      <translation>Tabelle gemessener Felder: eine Zeile ist zu kurz</translation>
    </message>
    <message>
      <source>There are more than 200 paints on this card.</source>
      <translation>Auf dieser Karte sind mehr als 200 Farben.</translation>
    </message>
    <message>
      <source>list of swatches</source>
      <translation>Liste von Proben</translation>
    </message>
    <message>
      <source>box of paints</source>
      <translation>Farbkasten</translation>
    </message>
    <message>
      <source>This box of paints was written by a newer version.</source>
      <translation>Dieser Farbkasten wurde von einer neueren Version geschrieben.</translation>
    </message>
    <message>
      <source>The file is empty.</source>
      <translation>Die Datei ist leer.</translation>
    </message>
    <message>
      <source>This is a video clip; pick a still from it at Gather.</source>
      <translation>Das ist ein Film; nimm bei Sammeln ein Standbild daraus.</translation>
    </message>
    <message>
      <source>This is a GIF, which holds too few colours to be a reference; save it as PNG.</source>
      <translation>Das ist ein GIF, das zu wenige Farben für eine Vorlage hat; als PNG speichern.</translation>
    </message>
    <message>
      <source>The contents are not JPEG, PNG, TIFF, WebP, HEIC, SVG or camera raw, although the name says so.</source>
      <translation>Der Inhalt ist weder JPEG, PNG, TIFF, WebP, HEIC, SVG noch Kamera-Rohbild, obwohl der Name es sagt.</translation>
    </message>
    <message>
      <source>16 bits a channel were brought to 8. </source>
      <translation>16 Bit je Kanal wurden auf 8 gebracht. </translation>
    </message>
    <message>
      <source>Its floating-point values were taken as 0 to 1. </source>
      <translation>Seine Gleitkommawerte wurden als 0 bis 1 genommen. </translation>
    </message>
    <message>
      <source>The picture is 0 pixels wide or high; it is damaged.</source>
      <translation>Das Bild ist 0 Pixel breit oder hoch; es ist beschädigt.</translation>
    </message>
    <message>
      <source>The picture file ends too early; it was probably not copied whole.</source>
      <translation>Die Bilddatei endet zu früh; sie wurde wohl nicht ganz kopiert.</translation>
    </message>
    <message>
      <source>This is an animation; save the frame you want as a picture of its own.</source>
      <translation>Das ist eine Animation; speichere das gewünschte Einzelbild als eigenes Bild.</translation>
    </message>
    <message>
      <source>The picture is damaged and cannot be decoded.</source>
      <translation>Das Bild ist beschädigt und lässt sich nicht entschlüsseln.</translation>
    </message>
    <message>
      <source>The picture is damaged or of a variant that cannot be decoded.</source>
      <translation>Das Bild ist beschädigt oder von einer Art, die sich nicht entschlüsseln lässt.</translation>
    </message>
    <message>
      <source>The picture has an unusual number of channels; save it as plain RGB.</source>
      <translation>Das Bild hat ungewöhnlich viele Kanäle; als einfaches RGB speichern.</translation>
    </message>
    <message>
      <source>There is no file %1.</source>
      <translation>Es gibt keine Datei %1.</translation>
    </message>
    <message>
      <source>%1 is not a file that can be read.</source>
      <translation>%1 ist keine lesbare Datei.</translation>
    </message>
    <message>
      <source>%1 is too large to be opened (%2 MB).</source>
      <translation>%1 ist zu groß zum Öffnen (%2 MB).</translation>
    </message>
    <message>
      <source>%1 cannot be read; you may lack the permission.</source>
      <translation>%1 lässt sich nicht lesen; vielleicht fehlt die Berechtigung.</translation>
    </message>
    <message>
      <source>“%1” cannot be written there; the folder may be full or protected.</source>
      <translation>„%1“ lässt sich dort nicht schreiben; der Ordner ist vielleicht voll oder geschützt.</translation>
    </message>
    <message>
      <source>The mask is too large, or empty.</source>
      <translation>Die Maske ist zu groß oder leer.</translation>
    </message>
    <message>
      <source>The mask is damaged or not 8 or 16 bits a channel.</source>
      <translation>Die Maske ist beschädigt oder hat nicht 8 oder 16 Bit je Kanal.</translation>
    </message>
    <message>
      <source>The work cannot be renamed to “%1”.</source>
      <translation>Die Arbeit lässt sich nicht in „%1“ umbenennen.</translation>
    </message>
    <message>
      <source>That is the open work itself, which is saved already; choose another name.</source>
      <translation>Das ist die geöffnete Arbeit selbst, die schon gesichert ist; einen anderen Namen wählen.</translation>
    </message>
    <message>
      <source>pages of the file itself: %1</source>
      <translation>Seiten der Datei selbst: %1</translation>
    </message>
    <message>
      <source>The file %1 holds no description of a work.</source>
      <translation>Die Datei %1 enthält keine Beschreibung eines Werks.</translation>
    </message>
    <message>
      <source>the picture “%1”: %2</source>
      <translation>das Bild „%1“: %2</translation>
    </message>
    <message>
      <source>the picture “%1” cannot be decoded</source>
      <translation>das Bild „%1“ ist nicht zu entschlüsseln</translation>
    </message>
    <message>
      <source>This work was saved by a later version that this one cannot read.</source>
      <translation>Dieses Werk wurde von einer späteren Version gespeichert, die diese nicht lesen kann.</translation>
    </message>
    <message>
      <source>%1 is not a work that can be opened.</source>
      <translation>%1 ist kein Werk, das sich öffnen lässt.</translation>
    </message>
    <message>
      <source>%1 is not a work of Roving Lantern, or it is damaged.</source>
      <translation>%1 ist kein Werk von Roving Lantern, oder es ist beschädigt.</translation>
    </message>
    <message>
      <source>This work was saved by a later version; it is open for reading only. A copy saved here loses what this version does not know.</source>
      <translation>Dieses Werk wurde von einer späteren Version gespeichert; es ist nur zum Lesen offen. Eine hier gespeicherte Kopie verliert, was diese Version nicht kennt.</translation>
    </message>
    <message>
      <source>This file is protected; the work is open for reading only.</source>
      <translation>Diese Datei ist geschützt; das Werk ist nur zum Lesen offen.</translation>
    </message>
    <message>
      <source>This work is open in another window; here it is open for reading only.</source>
      <translation>Dieses Werk ist in einem anderen Fenster offen; hier ist es nur zum Lesen offen.</translation>
    </message>
    <message>
      <source>The file %1 is damaged.</source>
      <translation>Die Datei %1 ist beschädigt.</translation>
    </message>
    <message>
      <source>%1A sitting that was under way was kept: %2 min of work.</source>
      <translation>%1Eine laufende Sitzung wurde gerettet: %2 min Arbeit.</translation>
    </message>
    <message>
      <source>The picture's file is not at hand.</source>
      <translation>Die Datei des Bildes ist nicht zur Hand.</translation>
    </message>
    <message>
      <source>There is no preview.</source>
      <translation>Es gibt keine Vorschau.</translation>
    </message>
    <message>
      <source>This work says “%1” where this version knows no such word; it was made by a later one.</source>
      <translation>Dieses Werk sagt „%1“, ein Wort, das diese Version nicht kennt; eine spätere hat es geschrieben.</translation>
    </message>
    <message>
      <source>The sitting holds a term that this version does not know.</source>
      <translation>Die Sitzung enthält einen Begriff, den diese Fassung nicht kennt.</translation>
    </message>
    <message>
      <source>The sitting that was under way cannot be read.</source>
      <translation>Die laufende Sitzung lässt sich nicht lesen.</translation>
    </message>
    <message>
      <source>Nothing can be read of the damaged file “%1”%2</source>
      <translation>Von der beschädigten Datei „%1“ lässt sich nichts lesen%2</translation>
    </message>
    <message>
      <source>; its newest good state is kept beside it as “%1”.</source>
      <translation>; ihr neuester guter Stand liegt daneben als „%1“.</translation>
    </message>
    <message>
      <source>“%1” is damaged. What could be read is open as a copy, “%2”; the damaged file is as it was. %3</source>
      <translation>„%1“ ist beschädigt. Was lesbar war, ist als Kopie offen, „%2“; die beschädigte Datei ist, wie sie war. %3</translation>
    </message>
    <message>
      <source>Nothing of the work itself is lost.</source>
      <translation>Vom Werk selbst ist nichts verloren.</translation>
    </message>
    <message>
      <source>No earlier state of this work is kept beside it.</source>
      <translation>Neben diesem Werk liegt kein früherer Stand.</translation>
    </message>
    <message>
      <source>The kept state cannot be copied there.</source>
      <translation>Der aufbewahrte Stand lässt sich dorthin nicht kopieren.</translation>
    </message>
    <message>
      <source>No earlier state can be kept beside the work.</source>
      <translation>Neben dem Werk lässt sich kein früherer Stand aufbewahren.</translation>
    </message>
    <message>
      <source>There is no room left on the disk; the last change is not saved, everything before it is.</source>
      <translation>Auf der Platte ist kein Platz mehr; die letzte Änderung ist nicht gespeichert, alles davor schon.</translation>
    </message>
    <message>
      <source>This work is open for reading only; save a copy to go on.</source>
      <translation>Dieses Werk ist nur zum Lesen offen; speichere eine Kopie, um weiterzumachen.</translation>
    </message>
    <message>
      <source>The file cannot be opened or made there; the folder may be missing or protected.</source>
      <translation>Die Datei lässt sich dort nicht öffnen oder anlegen; der Ordner fehlt vielleicht oder ist geschützt.</translation>
    </message>
    <message>
      <source>Another program is using this work.</source>
      <translation>Ein anderes Programm benutzt dieses Werk.</translation>
    </message>
    <message>
      <source>The disk would not take the last change; everything before it is saved.</source>
      <translation>Die Platte nahm die letzte Änderung nicht an; alles davor ist gespeichert.</translation>
    </message>
    <message>
      <source>This file is damaged and cannot be opened as a work.</source>
      <translation>Diese Datei ist beschädigt und lässt sich nicht als Werk öffnen.</translation>
    </message>
    <message>
      <source>The work's file could not be used.</source>
      <translation>Die Datei des Werks ließ sich nicht benutzen.</translation>
    </message>
    <message>
      <source>There is no canvas on the easel.</source>
      <translation>Auf der Staffelei steht keine Leinwand.</translation>
    </message>
    <message>
      <source>simulated easel</source>
      <translation>nachgeahmte Staffelei</translation>
    </message>
    <message>
      <source>The colour reader lies on nothing that it can read.</source>
      <translation>Das Farbmessgerät liegt auf nichts, was es lesen kann.</translation>
    </message>
    <message>
      <source>simulated colour reader</source>
      <translation>nachgeahmtes Farbmessgerät</translation>
    </message>
    <message>
      <source>The printer does not take the sheets.</source>
      <translation>Der Drucker nimmt die Bögen nicht an.</translation>
    </message>
    <message>
      <source>Printing was cancelled.</source>
      <translation>Der Druck wurde abgebrochen.</translation>
    </message>
    <message>
      <source>simulated printer</source>
      <translation>nachgeahmter Drucker</translation>
    </message>
    <message>
      <source>simulated projector</source>
      <translation>nachgeahmter Projektor</translation>
    </message>
    <message>
      <source>writing</source>
      <translation>schreibt</translation>
    </message>
    <message>
      <source>A picture is 1 to 100000 pixels on a side.</source>
      <translation>Ein Bild hat 1 bis 100000 Pixel je Seite.</translation>
    </message>
    <message>
      <source>The file cannot be written there; choose another folder.</source>
      <translation>Die Datei lässt sich dort nicht schreiben; wähle einen anderen Ordner.</translation>
    </message>
    <message>
      <source>horizon %1 % · left %2 % · range %3 L*</source>
      <translation>Horizont %1 % · links %2 % · Umfang %3 L*</translation>
    </message>
    <message>
      <source> · lead no. %1, %2 % pull</source>
      <translation> · Hauptfigur Nr. %1, %2 % Zug</translation>
    </message>
    <message>
      <source>votes:</source>
      <translation>Stimmen:</translation>
    </message>
    <message>
      <source>votes (%1): </source>
      <translation>Stimmen (%1): </translation>
    </message>
    <message>
      <source>%1 × %2 cm. Which one? Write its letter, and why.</source>
      <translation>%1 × %2 cm. Welche? Schreib ihren Buchstaben, und warum.</translation>
    </message>
    <message>
      <source>A contact sheet is a PDF or a PNG: end its name with .pdf or .png.</source>
      <translation>Ein Kontaktbogen ist ein PDF oder PNG: der Name endet auf .pdf oder .png.</translation>
    </message>
    <message>
      <source>There is no take to put on a contact sheet.</source>
      <translation>Es gibt keine Fassung für einen Kontaktbogen.</translation>
    </message>
    <message>
      <source>The contact sheet cannot be written there; choose another folder.</source>
      <translation>Der Kontaktbogen lässt sich dort nicht schreiben; wähle einen anderen Ordner.</translation>
    </message>
    <message>
      <source>squared grid</source>
      <translation>Quadratnetz</translation>
    </message>
    <message>
      <source>element %1</source>
      <translation>Ding %1</translation>
    </message>
    <message>
      <source>: matte</source>
      <translation>: Maske</translation>
    </message>
    <message>
      <source>pass: without light</source>
      <translation>Auszug: ohne Licht</translation>
    </message>
    <message>
      <source>pass: shadow</source>
      <translation>Auszug: Schatten</translation>
    </message>
    <message>
      <source>pass: ambient light</source>
      <translation>Auszug: Umgebungslicht</translation>
    </message>
    <message>
      <source>pass: form zones</source>
      <translation>Auszug: Formzonen</translation>
    </message>
    <message>
      <source>A PNG of that size does not fit in memory; write a TIFF.</source>
      <translation>Ein PNG dieser Größe passt nicht in den Speicher; schreibe ein TIFF.</translation>
    </message>
    <message>
      <source>A work is exported as *.svg, *.ora, *.png or *.tif.</source>
      <translation>Ein Werk wird als *.svg, *.ora, *.png oder *.tif ausgeführt.</translation>
    </message>
    <message>
      <source>you</source>
      <translation>du</translation>
    </message>
    <message>
      <source>no lamp</source>
      <translation>keine Lampe</translation>
    </message>
    <message>
      <source>Light: </source>
      <translation>Licht: </translation>
    </message>
    <message>
      <source>No lamp reaches it.</source>
      <translation>Keine Lampe erreicht es.</translation>
    </message>
    <message>
      <source>Most from %1; a white card there shows L* %2.</source>
      <translation>Meist von %1; eine weiße Karte dort zeigt L* %2.</translation>
    </message>
    <message>
      <source>Light %1 K, %2 % of it from everywhere.</source>
      <translation>Licht %1 K, %2 % davon von überall.</translation>
    </message>
    <message>
      <source>Lights and shades are equally warm.</source>
      <translation>Lichter und Schatten sind gleich warm.</translation>
    </message>
    <message>
      <source>Lit %1, shaded %2: b* %3 apart.</source>
      <translation>Im Licht %1, im Schatten %2: b* %3 auseinander.</translation>
    </message>
    <message>
      <source>Looks pasted in (%1 of 100): %2.</source>
      <translation>Sieht aufgeklebt aus (%1 von 100): %2.</translation>
    </message>
    <message>
      <source>where its light is</source>
      <translation>wo sein Licht ist</translation>
    </message>
    <message>
      <source>its shade</source>
      <translation>sein Schatten</translation>
    </message>
    <message>
      <source>halftone</source>
      <translation>Halbton</translation>
    </message>
    <message>
      <source>reflected</source>
      <translation>reflektiert</translation>
    </message>
    <message>
      <source>core shadow</source>
      <translation>Kernschatten</translation>
    </message>
    <message>
      <source>occlusion</source>
      <translation>Verdeckung</translation>
    </message>
    <message>
      <source>hue %1°</source>
      <translation>Farbton %1°</translation>
    </message>
    <message>
      <source>%1 (%2): %3 m %4, %5 m high, %6 m away; %7; %8 × key at %9 m%10</source>
      <translation>%1 (%2): %3 m %4, %5 m hoch, %6 m entfernt; %7; %8 × Hauptlicht auf %9 m%10</translation>
    </message>
    <message>
      <source>; out</source>
      <translation>; aus</translation>
    </message>
    <message>
      <source>Sun: azimuth %1°, %2° up, %3; %4 × key</source>
      <translation>Sonne: Azimut %1°, %2° hoch, %3; %4 × Hauptlicht</translation>
    </message>
    <message>
      <source>and %1 more</source>
      <translation>und %1 weitere</translation>
    </message>
    <message>
      <source>No lamp burns; the sky alone fills.</source>
      <translation>Keine Lampe brennt; nur der Himmel füllt.</translation>
    </message>
    <message>
      <source>, take </source>
      <translation>, Fassung </translation>
    </message>
    <message>
      <source>Light study. Canvas %1 × %2 cm.</source>
      <translation>Lichtstudie. Leinwand %1 × %2 cm.</translation>
    </message>
    <message>
      <source>the light</source>
      <translation>das Licht</translation>
    </message>
    <message>
      <source>its values</source>
      <translation>seine Tonwerte</translation>
    </message>
    <message>
      <source>form zones</source>
      <translation>Formzonen</translation>
    </message>
    <message>
      <source>There is no picture to make a light study of.</source>
      <translation>Es gibt kein Bild für eine Lichtstudie.</translation>
    </message>
    <message>
      <source>dab it here</source>
      <translation>hier tupfen</translation>
    </message>
    <message>
      <source>%1, %2 % of the canvas</source>
      <translation>%1, %2 % der Leinwand</translation>
    </message>
    <message>
      <source>What each tube gives</source>
      <translation>Was jede Tube gibt</translation>
    </message>
    <message>
      <source>%1 (%2): %3 of %4 left%5</source>
      <translation>%1 (%2): %3 von noch %4%5</translation>
    </message>
    <message>
      <source>, runs out in coat %1: buy %2</source>
      <translation>, geht in Lage %1 aus: %2 kaufen</translation>
    </message>
    <message>
      <source>Mix these first, with fresh water and a clean brush; they grey with what the others leave in it: puddles </source>
      <translation>Diese zuerst mischen, mit frischem Wasser und sauberem Pinsel; was die anderen darin lassen, macht sie grau: Kleckse </translation>
    </message>
    <message>
      <source>All coats (%1), %2 µm of wet film, %3 % loss.%4 Follow the safety data sheets of your own paints.</source>
      <translation>Alle Schichten (%1), %2 µm nasser Film, %3 % Verlust.%4 Die Sicherheitsdatenblätter der eigenen Farben befolgen.</translation>
    </message>
    <message>
      <source> Some tubes are typical, not measured: test a dab.</source>
      <translation> Einige Tuben sind typisch, nicht gemessen: einen Tupfer prüfen.</translation>
    </message>
    <message>
      <source>Nothing is mixed yet: the work needs a paint box.</source>
      <translation>Noch ist nichts gemischt: das Werk braucht einen Farbkasten.</translation>
    </message>
    <message>
      <source>No puddle goes there.</source>
      <translation>Dorthin geht kein Klecks.</translation>
    </message>
    <message>
      <source>: puddles, lightest first</source>
      <translation>: Kleckse, hellste zuerst</translation>
    </message>
    <message>
      <source>: puddles of this sitting</source>
      <translation>: Kleckse dieser Sitzung</translation>
    </message>
    <message>
      <source>A swatch card has room for 1 to 12 tubes.</source>
      <translation>Auf einer Probenkarte ist Platz für 1 bis 12 Tuben.</translation>
    </message>
    <message>
      <source>Fill each field to its edge; two coats in the column tube. Leave the white bare. Drawdown: one stroke of the bar over both.</source>
      <translation>Fülle jedes Feld bis zum Rand; zwei Anstriche in der Spalte Tube. Lass das Weiß frei. Aufstrich: ein Zug der Rakel über beides.</translation>
    </message>
    <message>
      <source>drawdown</source>
      <translation>Aufzug</translation>
    </message>
    <message>
      <source>A list of puddles is written as *.csv or *.json.</source>
      <translation>Eine Liste von Klecksen wird als *.csv oder *.json geschrieben.</translation>
    </message>
    <message>
      <source>Sheets are a PDF: end the name with .pdf.</source>
      <translation>Bögen sind ein PDF: der Name endet auf .pdf.</translation>
    </message>
    <message>
      <source>The sheets cannot be written there; choose another folder.</source>
      <translation>Die Bögen lassen sich dort nicht schreiben; wähle einen anderen Ordner.</translation>
    </message>
    <message>
      <source>What the picture does, by contrast; numbers are the first glances.</source>
      <translation>Was das Bild tut, nach Kontrast; Zahlen sind die ersten Blicke.</translation>
    </message>
    <message>
      <source>in five values</source>
      <translation>in fünf Tonwerten</translation>
    </message>
    <message>
      <source>its parts, flat</source>
      <translation>seine Teile, flach</translation>
    </message>
    <message>
      <source>warm, cool and grey</source>
      <translation>warm, kühl und grau</translation>
    </message>
    <message>
      <source>holds</source>
      <translation>hält</translation>
    </message>
    <message>
      <source>Smallest fix: </source>
      <translation>Kleinste Abhilfe: </translation>
    </message>
    <message>
      <source>1 finding</source>
      <translation>1 Befund</translation>
    </message>
    <message>
      <source>%1 findings</source>
      <translation>%1 Befunde</translation>
    </message>
    <message>
      <source>Before signing: facts that must be right</source>
      <translation>Vor dem Signieren: Tatsachen, die stimmen müssen</translation>
    </message>
    <message>
      <source>. No source is noted.</source>
      <translation>. Keine Quelle ist notiert.</translation>
    </message>
    <message>
      <source>. Source: </source>
      <translation>. Quelle: </translation>
    </message>
    <message>
      <source>There is no picture to make a study of.</source>
      <translation>Es gibt kein Bild für eine Studie.</translation>
    </message>
    <message>
      <source>There is no picture to report on.</source>
      <translation>Es gibt kein Bild für einen Bericht.</translation>
    </message>
    <message>
      <source>: report</source>
      <translation>: Bericht</translation>
    </message>
    <message>
      <source>: colours</source>
      <translation>: Farben</translation>
    </message>
    <message>
      <source>Parts by volume; numbers are the puddles of Mix.</source>
      <translation>Raumteile; Zahlen sind die Kleckse der Farbmischung.</translation>
    </message>
    <message>
      <source>Mean colours of the picture, lightest first.</source>
      <translation>Mittlere Farben des Bildes, hellste zuerst.</translation>
    </message>
    <message>
      <source>: values</source>
      <translation>: Tonwerte</translation>
    </message>
    <message>
      <source>: landmarks</source>
      <translation>: Messpunkte</translation>
    </message>
    <message>
      <source>Check when all is drawn:</source>
      <translation>Prüfen, wenn alles gezeichnet ist:</translation>
    </message>
    <message>
      <source>☐ from %1 (%2) to %3 (%4): %5</source>
      <translation>☐ von %1 (%2) bis %3 (%4): %5</translation>
    </message>
    <message>
      <source>☐ %1  %2: %3 from the %4, %5 from the %6</source>
      <translation>☐ %1  %2: %3 von %4, %5 von %6</translation>
    </message>
    <message>
      <source>; %1 to %2, %3 to %4</source>
      <translation>; %1 bis %2, %3 bis %4</translation>
    </message>
    <message>
      <source>Measured on the canvas' face, from its edges.</source>
      <translation>Auf der Vorderseite der Leinwand gemessen, von ihren Kanten.</translation>
    </message>
    <message>
      <source>10 cm: measure me</source>
      <translation>10 cm: miss mich</translation>
    </message>
    <message>
      <source>%1 × %2 cm in %3 sheets of %4, %5 mm shared. Print at 100 %; measure the ruler on each.</source>
      <translation>%1 × %2 cm auf %3 Bögen %4, %5 mm gemeinsam. Mit 100 % drucken; auf jedem das Lineal nachmessen.</translation>
    </message>
    <message>
      <source>Mirrored, for rubbing down from the back: lay each sheet face down.</source>
      <translation>Gespiegelt, zum Durchreiben von hinten: jeden Bogen mit der Vorderseite nach unten legen.</translation>
    </message>
    <message>
      <source>Cut along the marks of the upper left sheets, lay each over its neighbour's shared strip, tape from behind.</source>
      <translation>An den Marken der oberen linken Bögen schneiden, jeden über den gemeinsamen Streifen des Nachbarn legen, von hinten kleben.</translation>
    </message>
    <message>
      <source>%1  sheet %2 (column %3 of %4, row %5 of %6)</source>
      <translation>%1  Bogen %2 (Spalte %3 von %4, Zeile %5 von %6)</translation>
    </message>
    <message>
      <source>%1: its upper left mark lies %2 from the canvas' left edge, %3 from its top</source>
      <translation>%1: seine obere linke Marke liegt %2 vom linken Rand der Leinwand, %3 vom oberen</translation>
    </message>
    <message>
      <source>Name the element.</source>
      <translation>Nenne das Ding.</translation>
    </message>
    <message>
      <source>There is no element of that number.</source>
      <translation>Ein Ding dieser Nummer gibt es nicht.</translation>
    </message>
    <message numerus="yes">
      <source>That would make %n sheets; transfer it with the grid instead.</source>
      <translation>
        <numerusform>Das ergäbe %n Bogen; übertrage es lieber mit dem Raster.</numerusform>
        <numerusform>Das ergäbe %n Bögen; übertrage es lieber mit dem Raster.</numerusform>
      </translation>
    </message>
    <message>
      <source>sheet </source>
      <translation>Bogen </translation>
    </message>
    <message>
      <source>%1 h %2 min</source>
      <translation>%1 h %2 min</translation>
    </message>
    <message>
      <source> (goes on next time)</source>
      <translation> (geht nächstes Mal weiter)</translation>
    </message>
    <message>
      <source> cm²</source>
      <translation> cm²</translation>
    </message>
    <message>
      <source>, brush about %1 mm</source>
      <translation>, Pinsel etwa %1 mm</translation>
    </message>
    <message>
      <source>, touch-dry in %1, paint over after %2</source>
      <translation>, griffest in %1, übermalbar nach %2</translation>
    </message>
    <message>
      <source>, stays open %1 min: do not stop inside it</source>
      <translation>, bleibt %1 min offen: nicht mittendrin aufhören</translation>
    </message>
    <message>
      <source>Keep clear: </source>
      <translation>Frei halten: </translation>
    </message>
    <message>
      <source>Must be right: </source>
      <translation>Muss stimmen: </translation>
    </message>
    <message>
      <source>Puddles: nothing is mixed yet (Mix).</source>
      <translation>Kleckse: noch ist nichts gemischt (Farbmischung).</translation>
    </message>
    <message>
      <source>and %1 more: see the puddle cards</source>
      <translation>und %1 weitere: siehe die Kleckskarten</translation>
    </message>
    <message>
      <source>  –  %1 in all, %2 coats</source>
      <translation>  –  %1 im Ganzen, %2 Lagen</translation>
    </message>
    <message>
      <source>The plan of work has no such sitting.</source>
      <translation>Im Arbeitsplan gibt es diese Sitzung nicht.</translation>
    </message>
    <message>
      <source>%1 – sitting %2 of %3</source>
      <translation>%1 – Sitzung %2 von %3</translation>
    </message>
    <message>
      <source>as it looks before; framed: where you work</source>
      <translation>wie es vorher aussieht; gerahmt: wo du arbeitest</translation>
    </message>
    <message>
      <source>as it should look at the end</source>
      <translation>wie es am Ende aussehen soll</translation>
    </message>
    <message>
      <source>Take care</source>
      <translation>Vorsicht</translation>
    </message>
    <message>
      <source>backdrop and the whole</source>
      <translation>Hintergrund und das Ganze</translation>
    </message>
    <message>
      <source>%1 × %2 cm, %3 on %4%5</source>
      <translation>%1 × %2 cm, %3 auf %4%5</translation>
    </message>
    <message>
      <source>, signed </source>
      <translation>, signiert </translation>
    </message>
    <message>
      <source>%1 in %2 sittings; paints used about %3</source>
      <translation>%1 in %2 Sitzungen; verbrauchte Farben etwa %3</translation>
    </message>
    <message>
      <source>%1 %2, lightfastness %3, %4 ml</source>
      <translation>%1 %2, Lichtechtheit %3, %4 ml</translation>
    </message>
    <message>
      <source>Paints</source>
      <translation>Farben</translation>
    </message>
    <message>
      <source>checked: </source>
      <translation>geprüft: </translation>
    </message>
    <message>
      <source>not checked: </source>
      <translation>nicht geprüft: </translation>
    </message>
    <message>
      <source>Credits and permissions</source>
      <translation>Nachweise und Genehmigungen</translation>
    </message>
    <message>
      <source>scrapped: </source>
      <translation>verworfen: </translation>
    </message>
    <message>
      <source>Decisions</source>
      <translation>Entscheidungen</translation>
    </message>
    <message>
      <source>Print at full size (the frames are 56 mm wide). Cut along the frames and stick each tag to the wall or the easel, outside the canvas, so that the marked corner touches the canvas' corner. Flat, and as square as the eye makes it.</source>
      <translation>In voller Größe drucken (die Rahmen sind 56 mm breit). An den Rahmen schneiden und jede Marke neben der Leinwand an Wand oder Staffelei kleben, sodass die bezeichnete Ecke die Ecke der Leinwand berührt. Flach, und so rechtwinklig, wie das Auge es macht.</translation>
    </message>
    <message>
      <source>%1 corner of the canvas at the dot</source>
      <translation>Ecke der Leinwand %1 am Punkt</translation>
    </message>
    <message>
      <source>which way fur, grass or folds run in a picture, and how long the strands are</source>
      <translation>wohin Fell, Gras oder Falten in einem Bild laufen, und wie lang die Strähnen sind</translation>
    </message>
    <message>
      <source>a photograph</source>
      <translation>ein Foto</translation>
    </message>
    <message>
      <source>grey picture of the thing, white = in; without it the whole picture</source>
      <translation>Graubild des Dings, weiß = drin; ohne es das ganze Bild</translation>
    </message>
    <message>
      <source>PNG to write: angle × 255 / 180, counter-clockwise from the right</source>
      <translation>PNG, das geschrieben wird: Winkel × 255 / 180, gegen den Uhrzeigersinn von rechts</translation>
    </message>
    <message>
      <source>between places of the grid</source>
      <translation>zwischen den Stellen des Netzes</translation>
    </message>
    <message>
      <source>show progress on the error stream; Ctrl+C cancels</source>
      <translation>Fortschritt auf dem Fehlerkanal zeigen; Strg+C bricht ab</translation>
    </message>
    <message>
      <source>The measuring was cancelled. Nothing was saved.</source>
      <translation>Die Messung wurde abgebrochen. Es wurde nichts gespeichert.</translation>
    </message>
    <message>
      <source>The mask is empty: there is nothing to measure.</source>
      <translation>Die Maske ist leer: es gibt nichts zu messen.</translation>
    </message>
    <message>
      <source>sheets at 1:1 to take the composite onto the canvas</source>
      <translation>Bögen 1:1, um das Bild auf die Leinwand zu übertragen</translation>
    </message>
    <message>
      <source>a work (*.lantern)</source>
      <translation>ein Werk (*.lantern)</translation>
    </message>
    <message>
      <source>PDF to write</source>
      <translation>PDF, das geschrieben wird</translation>
    </message>
    <message>
      <source>what goes on the sheets</source>
      <translation>was auf die Bögen kommt</translation>
    </message>
    <message>
      <source>this alone, by name or number</source>
      <translation>nur dieses, nach Name oder Nummer</translation>
    </message>
    <message>
      <source>shared by neighbouring sheets</source>
      <translation>benachbarten Bögen gemeinsam</translation>
    </message>
    <message>
      <source>for rubbing down from the back</source>
      <translation>zum Durchreiben von hinten</translation>
    </message>
    <message>
      <source>% black of the lines</source>
      <translation>% Schwarz der Linien</translation>
    </message>
    <message>
      <source>inner lines, % of their length, the most telling first; 0 = outlines only</source>
      <translation>innere Linien, % ihrer Länge, die sprechendsten zuerst; 0 = nur Umrisse</translation>
    </message>
    <message>
      <source>× every length, for a printer that does not print true</source>
      <translation>× jede Länge, für einen Drucker, der nicht maßhaltig druckt</translation>
    </message>
    <message>
      <source>the real canvas' width and height</source>
      <translation>Breite und Höhe der wirklichen Leinwand</translation>
    </message>
    <message>
      <source>leave the squared grid off</source>
      <translation>das Quadratnetz weglassen</translation>
    </message>
    <message>
      <source>a stencil or mask of the thing seen from so many directions</source>
      <translation>eine Schablone oder Maske des Dings, aus so vielen Richtungen gesehen</translation>
    </message>
    <message>
      <source>There is no element of that name.</source>
      <translation>Ein Ding dieses Namens gibt es nicht.</translation>
    </message>
    <message>
      <source>A canvas is 1 to 2000 cm on a side.</source>
      <translation>Eine Leinwand hat 1 bis 2000 cm je Seite.</translation>
    </message>
    <message>
      <source>the points that fix the drawing best, and how to find each with a ruler</source>
      <translation>die Punkte, die die Zeichnung am besten festlegen, und wie jeder mit dem Lineal zu finden ist</translation>
    </message>
    <message>
      <source>how a projector must bend the picture so that it falls true on the canvas</source>
      <translation>wie ein Projektor das Bild verbiegen muss, damit es richtig auf die Leinwand fällt</translation>
    </message>
    <message>
      <source>the projector's pixels on the canvas' corners: x,y of upper left, upper right, lower right, lower left</source>
      <translation>die Pixel des Projektors auf den Ecken der Leinwand: x,y von oben links, oben rechts, unten rechts, unten links</translation>
    </message>
    <message>
      <source>a photograph of the canvas with the dots of --dots thrown on it</source>
      <translation>ein Foto der Leinwand mit den Punkten von --dots darauf</translation>
    </message>
    <message>
      <source>the canvas' corners in the photograph, when they are not found</source>
      <translation>die Ecken der Leinwand im Foto, wenn sie nicht gefunden werden</translation>
    </message>
    <message>
      <source>PNG of the dots to throw</source>
      <translation>PNG der Punkte zum Werfen</translation>
    </message>
    <message>
      <source>width and height</source>
      <translation>Breite und Höhe</translation>
    </message>
    <message>
      <source>width and height of its picture</source>
      <translation>Breite und Höhe seines Bildes</translation>
    </message>
    <message>
      <source>a picture of the whole canvas, to be bent</source>
      <translation>ein Bild der ganzen Leinwand, das verbogen wird</translation>
    </message>
    <message>
      <source>PNG of it to throw</source>
      <translation>PNG davon zum Werfen</translation>
    </message>
    <message>
      <source>JSON to write</source>
      <translation>JSON, das geschrieben wird</translation>
    </message>
    <message>
      <source>A projector's picture is 64 to 16384 pixels on a side.</source>
      <translation>Das Bild eines Projektors hat 64 bis 16384 Pixel je Seite.</translation>
    </message>
    <message>
      <source>Give --corners, or --photo.</source>
      <translation>Gib --corners oder --photo an.</translation>
    </message>
    <message>
      <source>the work as *.svg (lines in mm), *.ora (layers), *.png or *.tif (with its resolution)</source>
      <translation>das Werk als *.svg (Linien in mm), *.ora (Ebenen), *.png oder *.tif (mit Auflösung)</translation>
    </message>
    <message>
      <source>file to write</source>
      <translation>Datei, die geschrieben wird</translation>
    </message>
    <message>
      <source>pixels across the plan</source>
      <translation>Pixel über die Breite des Plans</translation>
    </message>
    <message>
      <source>of the canvas, for *.png and *.tif</source>
      <translation>der Leinwand, für *.png und *.tif</translation>
    </message>
    <message>
      <source>lantern: measures, lights, reads and carries a painter's composite. JSON on standard output.</source>
      <translation>lantern: misst, beleuchtet, liest und überträgt die Komposition eines Malers. JSON auf der Standardausgabe.</translation>
    </message>
    <message>
      <source>the manual page of this program, as troff</source>
      <translation>die Handbuchseite dieses Programms, als troff</translation>
    </message>
    <message>
      <source>as Markdown, for docs/command-line.md</source>
      <translation>als Markdown, für docs/command-line.md</translation>
    </message>
    <message>
      <source>completion of its commands for bash</source>
      <translation>Vervollständigung seiner Befehle für bash</translation>
    </message>
    <message>
      <source>Commands</source>
      <translation>Befehle</translation>
    </message>
    <message>
      <source>
Try: lantern help
</source>
      <translation>
Versuche: lantern help
</translation>
    </message>
    <message>
      <source>cut a thing out of a picture, with a soft edge</source>
      <translation>schneidet ein Ding mit weicher Kante aus einem Bild</translation>
    </message>
    <message>
      <source>rough rectangle around it, px: x,y,width,height</source>
      <translation>grobes Rechteck darum, px: x,y,Breite,Höhe</translation>
    </message>
    <message>
      <source>picture of strokes: white surely in, black surely out, else unknown</source>
      <translation>Bild von Strichen: weiß sicher drin, schwarz sicher draußen, sonst unbekannt</translation>
    </message>
    <message>
      <source>JSON of threads: pieces of points, px</source>
      <translation>JSON von Fäden: Stücke aus Punkten, px</translation>
    </message>
    <message>
      <source>a place on a plain ground, px, and how far it reaches, ΔE00: x,y,tolerance</source>
      <translation>eine Stelle auf einem einfarbigen Grund, px, und wie weit er reicht, ΔE00: x,y,Toleranz</translation>
    </message>
    <message>
      <source>width of the uncertain band, px</source>
      <translation>Breite des unsicheren Saums, px</translation>
    </message>
    <message>
      <source>alpha as PNG</source>
      <translation>Alpha als PNG</translation>
    </message>
    <message>
      <source>also the cut-out with the old background taken out of its edge, as PNG</source>
      <translation>auch der Ausschnitt, aus dessen Kante der alte Hintergrund genommen ist, als PNG</translation>
    </message>
    <message>
      <source>Nothing was left to cut out: mark what is in and what is out.</source>
      <translation>Es blieb nichts auszuschneiden: markiere, was drin und was draußen ist.</translation>
    </message>
    <message>
      <source>The rectangle is empty.</source>
      <translation>Das Rechteck ist leer.</translation>
    </message>
    <message>
      <source>The picture and its strokes are not of one size.</source>
      <translation>Das Bild und seine Striche sind nicht gleich groß.</translation>
    </message>
    <message>
      <source>That place on a plain ground lies outside the picture.</source>
      <translation>Diese Stelle auf einem einfarbigen Grund liegt außerhalb des Bildes.</translation>
    </message>
    <message>
      <source>Give what to cut out: --rect, --strokes, --outline or --ground.</source>
      <translation>Gib an, was auszuschneiden ist: --rect, --strokes, --outline oder --ground.</translation>
    </message>
    <message>
      <source>paint an unwanted thing out of a picture from what lies around it</source>
      <translation>malt ein unerwünschtes Ding aus einem Bild weg, aus dem ringsum</translation>
    </message>
    <message>
      <source>white where to fill</source>
      <translation>weiß, wo gefüllt wird</translation>
    </message>
    <message>
      <source>white where to take from; without it from around, what is of a kind</source>
      <translation>weiß, woher genommen wird; ohne es von ringsum, was von einer Art ist</translation>
    </message>
    <message>
      <source>PNG to write</source>
      <translation>PNG, das geschrieben wird</translation>
    </message>
    <message>
      <source>The picture and its mask are not of one size.</source>
      <translation>Das Bild und seine Maske sind nicht gleich groß.</translation>
    </message>
    <message>
      <source>The picture and where to take from are not of one size.</source>
      <translation>Das Bild und das, woher genommen wird, sind nicht gleich groß.</translation>
    </message>
    <message>
      <source>every number of a work: key, range, start and unit</source>
      <translation>jede Zahl eines Werks: Schlüssel, Bereich, Anfang und Einheit</translation>
    </message>
    <message>
      <source>as the page docs/fields.md</source>
      <translation>als die Seite docs/fields.md</translation>
    </message>
    <message>
      <source>“%1” goes from %2 to %3 %4.</source>
      <translation>„%1“ geht von %2 bis %3 %4.</translation>
    </message>
    <message>
      <source>“%1” is no number.</source>
      <translation>„%1“ ist keine Zahl.</translation>
    </message>
    <message>
      <source>There is no number “%1” there; there are: %2.</source>
      <translation>Eine Zahl „%1“ gibt es dort nicht; es gibt: %2.</translation>
    </message>
    <message>
      <source>There is no single %1 of that id or name in the work.</source>
      <translation>Es gibt im Werk nicht genau ein Ding dieser Art (%1) mit dieser Nummer oder diesem Namen.</translation>
    </message>
    <message>
      <source>Name the object as `lantern fields` does: sun, mix, painting, …, lantern:NAME, element:NAME, tone:NAME, tube:NAME, part:NAME:1.</source>
      <translation>Nenne das Objekt wie `lantern fields`: sun, mix, painting, …, lantern:NAME, element:NAME, tone:NAME, tube:NAME, part:NAME:1.</translation>
    </message>
    <message>
      <source>sets one number of a work, as `lantern fields` lists them, and saves it</source>
      <translation>setzt eine Zahl eines Werks, wie `lantern fields` sie nennt, und speichert es</translation>
    </message>
    <message>
      <source>sun, mix, painting, …, lantern:NAME, element:NAME, tone:NAME, tube:NAME, part:NAME:1</source>
      <translation>sun, mix, painting, …, lantern:NAME, element:NAME, tone:NAME, tube:NAME, part:NAME:1</translation>
    </message>
    <message>
      <source>its key</source>
      <translation>ihr Schlüssel</translation>
    </message>
    <message>
      <source>the number, with its unit or without: 12,5, 3 cm, 1 1/2 in, 90 min</source>
      <translation>die Zahl, mit ihrer Einheit oder ohne: 12,5, 3 cm, 1 1/2 in, 90 min</translation>
    </message>
    <message>
      <source>saves what can be read of a damaged work into a copy, and names what is lost</source>
      <translation>rettet, was von einem beschädigten Werk lesbar ist, in eine Kopie und nennt, was verloren ist</translation>
    </message>
    <message>
      <source>a damaged work</source>
      <translation>ein beschädigtes Werk</translation>
    </message>
    <message>
      <source>reads all of a work, every picture too, and lists what is missing or damaged</source>
      <translation>liest ein ganzes Werk, auch jedes Bild, und führt auf, was fehlt oder beschädigt ist</translation>
    </message>
    <message>
      <source>does the fix of a finding, or every fix that helps, and saves the work</source>
      <translation>führt die Abhilfe eines Befunds aus, oder jede, die hilft, und sichert das Werk</translation>
    </message>
    <message>
      <source>of a finding, as `lantern findings` prints it</source>
      <translation>eines Befunds, wie `lantern findings` ihn ausgibt</translation>
    </message>
    <message>
      <source>another take than the present one, by its letter</source>
      <translation>eine andere Fassung als die jetzige, nach ihrem Buchstaben</translation>
    </message>
    <message>
      <source>every fix that leaves fewer findings than before</source>
      <translation>jede Abhilfe, nach der weniger Befunde bleiben</translation>
    </message>
    <message>
      <source>Give the key of a finding, or --all.</source>
      <translation>Gib den Schlüssel eines Befunds oder --all an.</translation>
    </message>
    <message>
      <source>before the fixes</source>
      <translation>vor den Abhilfen</translation>
    </message>
    <message>
      <source>There is no finding “%1” in this work now.</source>
      <translation>Es gibt jetzt keinen Befund „%1“ in diesem Werk.</translation>
    </message>
    <message>
      <source>“%1” has no fix: only you can decide it.</source>
      <translation>„%1“ hat keine Abhilfe: nur du kannst es entscheiden.</translation>
    </message>
    <message>
      <source>Cancelled. Nothing was changed.</source>
      <translation>Abgebrochen. Es wurde nichts geändert.</translation>
    </message>
    <message>
      <source>bring pictures, or folders of them, onto a work's wall</source>
      <translation>bringt Bilder, oder Ordner davon, an die Wand eines Werks</translation>
    </message>
    <message>
      <source>JPEG, PNG, TIFF, WebP, HEIC, camera raw, SVG, or folders</source>
      <translation>JPEG, PNG, TIFF, WebP, HEIC, Kamera-Rohbild, SVG, oder Ordner</translation>
    </message>
    <message>
      <source>who made them</source>
      <translation>wer sie gemacht hat</translation>
    </message>
    <message>
      <source>own, by permission of …, free licence, study only</source>
      <translation>own, by permission of …, free licence, study only</translation>
    </message>
    <message>
      <source>write the credits of all pictures to this CSV</source>
      <translation>schreibt die Nachweise aller Bilder in diese CSV</translation>
    </message>
    <message>
      <source>There is no picture to bring in.</source>
      <translation>Es gibt kein Bild zum Hereinholen.</translation>
    </message>
    <message>
      <source>Too evenly lit to measure.</source>
      <translation>Zu gleichmäßig beleuchtet zum Messen.</translation>
    </message>
    <message>
      <source>Lit from one side.</source>
      <translation>Von einer Seite beleuchtet.</translation>
    </message>
    <message>
      <source>everything one photograph measures: light, tones, sharpness, eye level, palette</source>
      <translation>alles, was ein Foto misst: Licht, Töne, Schärfe, Augenhöhe, Palette</translation>
    </message>
    <message>
      <source>grey picture of the object, white = in</source>
      <translation>Graubild des Dings, weiß = drin</translation>
    </message>
    <message>
      <source>which reference fits the lead picture best, with reasons</source>
      <translation>welche Vorlage am besten zum Leitbild passt, mit Gründen</translation>
    </message>
    <message>
      <source>name or id of the picture the others are held against; else the backdrop</source>
      <translation>Name oder Nummer des Bildes, gegen das die anderen gehalten werden; sonst der Hintergrund</translation>
    </message>
    <message>
      <source>There is no picture “%1” on this wall.</source>
      <translation>An dieser Wand hängt kein Bild „%1“.</translation>
    </message>
    <message>
      <source>the sharpest frame of a video clip near a moment</source>
      <translation>das schärfste Einzelbild eines Films nahe einem Augenblick</translation>
    </message>
    <message>
      <source>a video clip</source>
      <translation>ein Film</translation>
    </message>
    <message>
      <source>seconds from its start</source>
      <translation>Sekunden ab seinem Anfang</translation>
    </message>
    <message>
      <source>how far to look either way, s</source>
      <translation>wie weit nach beiden Seiten gesucht wird, s</translation>
    </message>
    <message>
      <source>The clip ends after %1 s; there is no moment beyond.</source>
      <translation>Der Film endet nach %1 s; dahinter gibt es keinen Augenblick.</translation>
    </message>
    <message>
      <source>Usage</source>
      <translation>Aufruf</translation>
    </message>
    <message>
      <source>OPTIONS</source>
      <translation>OPTIONEN</translation>
    </message>
    <message>
      <source>COMMAND</source>
      <translation>BEFEHL</translation>
    </message>
    <message>
      <source>(needed)</source>
      <translation>(Pflicht)</translation>
    </message>
    <message>
      <source>What it works on</source>
      <translation>Woran gearbeitet wird</translation>
    </message>
    <message>
      <source>only with</source>
      <translation>nur mit</translation>
    </message>
    <message>
      <source>not with</source>
      <translation>nicht mit</translation>
    </message>
    <message>
      <source>WORDS</source>
      <translation>WORTE</translation>
    </message>
    <message>
      <source>WHOLE</source>
      <translation>GANZZAHL</translation>
    </message>
    <message>
      <source>NUMBER</source>
      <translation>ZAHL</translation>
    </message>
    <message>
      <source>Options</source>
      <translation>Optionen</translation>
    </message>
    <message>
      <source>this page</source>
      <translation>diese Seite</translation>
    </message>
    <message>
      <source>This is not an option here: %1</source>
      <translation>Das ist hier keine Option: %1</translation>
    </message>
    <message>
      <source>It needs a command.</source>
      <translation>Ein Befehl fehlt.</translation>
    </message>
    <message>
      <source>%1 is needed.</source>
      <translation>%1 fehlt.</translation>
    </message>
    <message>
      <source>%1: “%2” cannot be read as one.</source>
      <translation>%1: „%2“ lässt sich nicht als solches lesen.</translation>
    </message>
    <message>
      <source>%1: %2 does not lie between %3 and %4.</source>
      <translation>%1: %2 liegt nicht zwischen %3 und %4.</translation>
    </message>
    <message>
      <source>%1: “%2” is none of: %3</source>
      <translation>%1: „%2“ gehört nicht zu: %3</translation>
    </message>
    <message>
      <source>%1: %2 values are wanted, or more.</source>
      <translation>%1: Es fehlen Werte, %2 oder mehr.</translation>
    </message>
    <message>
      <source>%1: %2 values are wanted, not %3.</source>
      <translation>%1: %2 Werte werden gebraucht, nicht %3.</translation>
    </message>
    <message>
      <source>%1 works only with %2.</source>
      <translation>%1 geht nur mit %2.</translation>
    </message>
    <message>
      <source>%1 does not go with %2.</source>
      <translation>%1 und %2 schließen einander aus.</translation>
    </message>
    <message>
      <source>what a work holds: brief, references, elements at their sizes, lights</source>
      <translation>was ein Werk enthält: Auftrag, Vorlagen, Dinge in ihrer Größe, Lichter</translation>
    </message>
    <message>
      <source>all findings about a work, worst first within each station</source>
      <translation>alle Befunde zu einem Werk, die schlimmsten zuerst in jeder Station</translation>
    </message>
    <message>
      <source>where the light of a photograph comes from; of a work: --audit</source>
      <translation>woher das Licht eines Fotos kommt; von einem Werk: --audit</translation>
    </message>
    <message>
      <source>a photograph, or a work (*.lantern) with --audit</source>
      <translation>ein Foto, oder mit --audit ein Werk (*.lantern)</translation>
    </message>
    <message>
      <source>grey picture of the object, white = in; without it the figure is guessed at</source>
      <translation>Graubild des Dings, weiß = drin; ohne es wird die Figur vermutet</translation>
    </message>
    <message>
      <source>every element's light as photographed, as planned, and as now in the picture</source>
      <translation>das Licht jedes Dings, wie fotografiert, wie geplant, und wie jetzt im Bild</translation>
    </message>
    <message>
      <source>of a work: light study sheets as PDF</source>
      <translation>von einem Werk: Blätter der Lichtstudie als PDF</translation>
    </message>
    <message>
      <source>of a work: light and shade colours of each element as CSV</source>
      <translation>von einem Werk: Farben im Licht und im Schatten jedes Dings als CSV</translation>
    </message>
    <message>
      <source>Too evenly lit: the light's direction cannot be measured.</source>
      <translation>Zu gleichmäßig beleuchtet: die Lichtrichtung ist nicht messbar.</translation>
    </message>
    <message>
      <source>One clear light.</source>
      <translation>Ein klares Licht.</translation>
    </message>
    <message>
      <source>the lit picture as PNG, or one part of what makes it</source>
      <translation>das beleuchtete Bild als PNG, oder ein Teil dessen, was es ausmacht</translation>
    </message>
    <message>
      <source>pixels across the canvas</source>
      <translation>Pixel über die Breite der Leinwand</translation>
    </message>
    <message>
      <source>the same unfitted, linear, as OpenEXR</source>
      <translation>dasselbe unangepasst, linear, als OpenEXR</translation>
    </message>
    <message>
      <source>only this: albedo, normal, depth, shadow, ambient, id or zones</source>
      <translation>nur dies: albedo, normal, depth, shadow, ambient, id oder zones</translation>
    </message>
    <message>
      <source>form zones in 2…6 steps</source>
      <translation>Formzonen in 2…6 Stufen</translation>
    </message>
    <message>
      <source>rows worked at a time; the picture does not depend on it</source>
      <translation>Zeilen, die auf einmal gerechnet werden; das Bild hängt nicht davon ab</translation>
    </message>
    <message>
      <source>The OpenEXR picture could not be made.</source>
      <translation>Das OpenEXR-Bild ließ sich nicht machen.</translation>
    </message>
    <message>
      <source>the relief of a cut-out, as a picture of its normals</source>
      <translation>das Relief eines Ausschnitts, als Bild seiner Normalen</translation>
    </message>
    <message>
      <source>PNG to write: (n + 1) / 2, x right, y up, z towards the viewer</source>
      <translation>PNG, das geschrieben wird: (n + 1) / 2, x rechts, y oben, z zum Betrachter</translation>
    </message>
    <message>
      <source>folds and bumps read off the shading, 0 none … 1</source>
      <translation>Falten und Buckel, aus der Schattierung gelesen, 0 keine … 1</translation>
    </message>
    <message>
      <source>its form, one of these</source>
      <translation>seine Form, eine von diesen</translation>
    </message>
    <message>
      <source>The mask is empty: there is nothing to make a relief of.</source>
      <translation>Die Maske ist leer: es gibt nichts, wovon ein Relief zu machen wäre.</translation>
    </message>
    <message>
      <source>an empty work</source>
      <translation>ein leeres Werk</translation>
    </message>
    <message>
      <source>where to make it</source>
      <translation>wo es angelegt wird</translation>
    </message>
    <message>
      <source>There is a file of that name already; nothing was changed.</source>
      <translation>Eine Datei dieses Namens gibt es schon; nichts wurde geändert.</translation>
    </message>
    <message>
      <source>the demo work and its pictures</source>
      <translation>das Beispielwerk und seine Bilder</translation>
    </message>
    <message>
      <source>folder to write to</source>
      <translation>Ordner, in den geschrieben wird</translation>
    </message>
    <message>
      <source>on the take with its faults cured</source>
      <translation>auf der Fassung, deren Fehler behoben sind</translation>
    </message>
    <message>
      <source>the other example, The Moth Court</source>
      <translation>das andere Beispiel, Der Mottenhof</translation>
    </message>
    <message>
      <source>That folder cannot be made.</source>
      <translation>Dieser Ordner lässt sich nicht anlegen.</translation>
    </message>
    <message>
      <source>There is a work “%1” already that is not the demo as it is made; choose another folder.</source>
      <translation>Es gibt schon eine Arbeit „%1“, die nicht das Beispiel ist, wie es gemacht wird; einen anderen Ordner wählen.</translation>
    </message>
    <message>
      <source>%1 wants a colour in CIELAB as L,a,b: L from 0 to 100, a and b within ±150.</source>
      <translation>%1 verlangt eine Farbe in CIELAB als L,a,b: L von 0 bis 100, a und b innerhalb ±150.</translation>
    </message>
    <message>
      <source>what a mix of paints looks like; recipes for a colour; gradients in bands</source>
      <translation>wie eine Mischung aussieht; Rezepte für eine Farbe; Verläufe in Bändern</translation>
    </message>
    <message>
      <source>parts by volume: PB29=1+PW6=10</source>
      <translation>Raumteile: PB29=1+PW6=10</translation>
    </message>
    <message>
      <source>a film of that many µm when wet; without it an opaque layer</source>
      <translation>ein Film von so vielen µm in nassem Zustand; ohne es eine deckende Schicht</translation>
    </message>
    <message>
      <source>clear medium to one part of paint</source>
      <translation>klares Malmittel auf einen Teil Farbe</translation>
    </message>
    <message>
      <source>what the film lies on: white, black or a recipe</source>
      <translation>worauf der Film liegt: white, black oder ein Rezept</translation>
    </message>
    <message>
      <source>a wanted colour: L,a,b</source>
      <translation>eine gewünschte Farbe: L,a,b</translation>
    </message>
    <message>
      <source>a gradient's first colour: L,a,b</source>
      <translation>die erste Farbe eines Verlaufs: L,a,b</translation>
    </message>
    <message>
      <source>its last colour: L,a,b</source>
      <translation>seine letzte Farbe: L,a,b</translation>
    </message>
    <message>
      <source>a third colour on the way: L,a,b</source>
      <translation>eine dritte Farbe unterwegs: L,a,b</translation>
    </message>
    <message>
      <source>where that lies; without it half way</source>
      <translation>wo sie liegt; ohne es auf halbem Weg</translation>
    </message>
    <message>
      <source>how long it is</source>
      <translation>wie lang er ist</translation>
    </message>
    <message>
      <source>CIEDE2000 between neighbours</source>
      <translation>CIEDE2000 zwischen Nachbarn</translation>
    </message>
    <message>
      <source>minutes that the paint can be moved</source>
      <translation>Minuten, in denen sich die Farbe bewegen lässt</translation>
    </message>
    <message>
      <source>how fast it is laid</source>
      <translation>wie schnell sie gelegt wird</translation>
    </message>
    <message>
      <source>tubes by pigment, PW6,PB29; without it all of the box, or those that ship</source>
      <translation>Tuben nach Pigment, PW6,PB29; ohne es alle des Kastens, oder die mitgelieferten</translation>
    </message>
    <message>
      <source>a calibrated box (*.json)</source>
      <translation>ein kalibrierter Kasten (*.json)</translation>
    </message>
    <message>
      <source>quarter: parts that a brush can measure</source>
      <translation>quarter: Teile, die ein Pinsel messen kann</translation>
    </message>
    <message>
      <source>each tube also as 1 part in so many of titanium white</source>
      <translation>jede Tube auch als 1 Teil in so vielen Titanweiß</translation>
    </message>
    <message>
      <source>tubes in a recipe</source>
      <translation>Tuben in einem Rezept</translation>
    </message>
    <message>
      <source>as while a hand moves: not every choice is tried</source>
      <translation>wie bei bewegter Hand: nicht jede Wahl wird versucht</translation>
    </message>
    <message>
      <source>Give one of --recipe, --lab, or --from with --to.</source>
      <translation>Gib eines von --recipe, --lab oder --from mit --to an.</translation>
    </message>
    <message>
      <source>There is no “%1” in that box.</source>
      <translation>„%1“ ist nicht in diesem Kasten.</translation>
    </message>
    <message>
      <source>The search was cancelled.</source>
      <translation>Die Suche wurde abgebrochen.</translation>
    </message>
    <message>
      <source>--via-cm lies behind the end of the gradient.</source>
      <translation>--via-cm liegt hinter dem Ende des Verlaufs.</translation>
    </message>
    <message>
      <source>The gradient was cancelled.</source>
      <translation>Der Verlauf wurde abgebrochen.</translation>
    </message>
    <message>
      <source>fits each tube to its painted swatches</source>
      <translation>passt jede Tube an ihre gemalten Proben an</translation>
    </message>
    <message>
      <source>what was read of the card (*.json)</source>
      <translation>was von der Karte gelesen wurde (*.json)</translation>
    </message>
    <message>
      <source>the calibrated box (*.json)</source>
      <translation>der kalibrierte Kasten (*.json)</translation>
    </message>
    <message>
      <source>how many mixes</source>
      <translation>wie viele Mischungen</translation>
    </message>
    <message>
      <source>tubes by pigment instead of the work's box</source>
      <translation>Tuben nach Pigment statt des Kastens des Werks</translation>
    </message>
    <message>
      <source>the whole canvas in a chosen number of mixes, with their recipes</source>
      <translation>die ganze Leinwand in einer gewählten Zahl Mischungen, mit Rezepten</translation>
    </message>
    <message>
      <source>the map in its puddles' colours (*.png)</source>
      <translation>die Karte in den Farben ihrer Kleckse (*.png)</translation>
    </message>
    <message>
      <source>the picture as these paints can show it (*.png)</source>
      <translation>das Bild, wie diese Farben es zeigen können (*.png)</translation>
    </message>
    <message>
      <source>which so many of the tubes reach it best</source>
      <translation>welche so vielen der Tuben es am besten erreichen</translation>
    </message>
    <message>
      <source>of the map</source>
      <translation>der Karte</translation>
    </message>
    <message>
      <source>The recipe map was cancelled.</source>
      <translation>Die Rezeptkarte wurde abgebrochen.</translation>
    </message>
    <message>
      <source>There is no paint to show the picture in.</source>
      <translation>Es gibt keine Farbe, in der das Bild zu zeigen wäre.</translation>
    </message>
    <message>
      <source>how much paint the picture needs, of which tube, and what runs out</source>
      <translation>wie viel Farbe das Bild braucht, von welcher Tube, und was ausgeht</translation>
    </message>
    <message>
      <source>This work has no paint box: give --paints.</source>
      <translation>Dieses Werk hat keinen Farbkasten: gib --paints an.</translation>
    </message>
    <message>
      <source>tasks with their drying placed into free hours</source>
      <translation>Aufgaben mit ihrem Trocknen in freie Stunden gelegt</translation>
    </message>
    <message>
      <source>The tasks are no JSON.</source>
      <translation>Die Aufgaben sind kein JSON.</translation>
    </message>
    <message>
      <source>A time is written 2031-03-01T19:00.</source>
      <translation>Eine Zeit schreibt man 2031-03-01T19:00.</translation>
    </message>
    <message>
      <source>The tasks lack something, or it is of another kind.</source>
      <translation>Den Aufgaben fehlt etwas, oder es ist von anderer Art.</translation>
    </message>
    <message>
      <source>a work (*.lantern), or a picture</source>
      <translation>ein Werk (*.lantern), oder ein Bild</translation>
    </message>
    <message>
      <source>of a work: another take than the present one, by its letter</source>
      <translation>eines Werks: eine andere Fassung als die jetzige, nach ihrem Buchstaben</translation>
    </message>
    <message>
      <source>of a picture: grey picture whose value is the element, 0 = ground</source>
      <translation>von einem Bild: Graubild, dessen Wert das Ding ist, 0 = Grund</translation>
    </message>
    <message>
      <source>width and height of the canvas</source>
      <translation>Breite und Höhe der Leinwand</translation>
    </message>
    <message>
      <source>The canvas must have a width and a height.</source>
      <translation>Die Leinwand braucht eine Breite und eine Höhe.</translation>
    </message>
    <message>
      <source>The picture and its ids are not of one size.</source>
      <translation>Das Bild und seine Nummern sind nicht gleich groß.</translation>
    </message>
    <message>
      <source>order and share of attention, what drives it, values, contours; --suggest</source>
      <translation>Folge und Anteil der Aufmerksamkeit, was sie treibt, Tonwerte, Konturen; --suggest</translation>
    </message>
    <message>
      <source>value steps, 2 to 9</source>
      <translation>Tonwertstufen, 2 bis 9</translation>
    </message>
    <message>
      <source>elements in the order they are meant to be read, strongest first</source>
      <translation>Dinge in der gewollten Lesefolge, das stärkste zuerst</translation>
    </message>
    <message>
      <source>elements that must stay under those</source>
      <translation>Dinge, die darunter bleiben müssen</translation>
    </message>
    <message>
      <source>the smallest change that puts it in that order, and the order after it</source>
      <translation>die kleinste Änderung, die es in diese Folge bringt, und die Folge danach</translation>
    </message>
    <message>
      <source>with --suggest: the picture after it, as PNG</source>
      <translation>mit --suggest: das Bild danach, als PNG</translation>
    </message>
    <message>
      <source>The suggestion was cancelled.</source>
      <translation>Der Vorschlag wurde abgebrochen.</translation>
    </message>
    <message>
      <source>a picture with lights, darks, saturation or warmth changed, and what that changes</source>
      <translation>ein Bild mit geänderten Lichtern, Dunkeln, Sättigung oder Wärme, und was das ändert</translation>
    </message>
    <message>
      <source>L* added to its lights</source>
      <translation>L*, das zu seinen Lichtern kommt</translation>
    </message>
    <message>
      <source>L* added to its darks</source>
      <translation>L*, das zu seinen Dunkeln kommt</translation>
    </message>
    <message>
      <source>L* added to all of it</source>
      <translation>L*, das zu allem kommt</translation>
    </message>
    <message>
      <source>factor of its chroma</source>
      <translation>Faktor seiner Buntheit</translation>
    </message>
    <message>
      <source>only of this element</source>
      <translation>nur von diesem Ding</translation>
    </message>
    <message>
      <source>the picture so changed, as PNG</source>
      <translation>das so geänderte Bild, als PNG</translation>
    </message>
    <message>
      <source>There is no element %1 in the picture.</source>
      <translation>Ein Ding %1 gibt es im Bild nicht.</translation>
    </message>
    <message>
      <source>where everything stands: canvas, eye level, and each element in cm and m</source>
      <translation>wo alles steht: Leinwand, Augenhöhe, und jedes Ding in cm und m</translation>
    </message>
    <message>
      <source>ellipses of round things and symmetry of outlines too</source>
      <translation>auch Ellipsen runder Dinge und Symmetrie von Umrissen</translation>
    </message>
    <message>
      <source>sets an element's foot and true height, and saves the work</source>
      <translation>setzt Fuß und wahre Höhe eines Dings und speichert das Werk</translation>
    </message>
    <message>
      <source>its id or its name</source>
      <translation>seine Nummer oder sein Name</translation>
    </message>
    <message>
      <source>x,y of its foot on the canvas, cm</source>
      <translation>x,y seines Fußes auf der Leinwand, cm</translation>
    </message>
    <message>
      <source>true height, m</source>
      <translation>wahre Höhe, m</translation>
    </message>
    <message>
      <source>above the ground, m; negative = sunk</source>
      <translation>über dem Boden, m; negativ = versunken</translation>
    </message>
    <message>
      <source>There is no single element of that id or name in the work.</source>
      <translation>Es gibt im Werk nicht genau ein Ding dieser Nummer oder dieses Namens.</translation>
    </message>
    <message>
      <source>This work can only be read here; nothing was changed.</source>
      <translation>Dieses Werk lässt sich hier nur lesen; nichts wurde geändert.</translation>
    </message>
    <message>
      <source>Give where it goes (--base x,y), how tall it is (--height-m H), or both.</source>
      <translation>Gib an, wo es steht (--base x,y), wie hoch es ist (--height-m H), oder beides.</translation>
    </message>
    <message>
      <source>A foot lies within 4000 cm of the canvas' corner.</source>
      <translation>Ein Fuß liegt höchstens 4000 cm von der Ecke der Leinwand.</translation>
    </message>
    <message>
      <source>A true height is 0.01 to 2000 m.</source>
      <translation>Eine wahre Höhe ist 0,01 bis 2000 m.</translation>
    </message>
    <message>
      <source>An altitude is at most 2000 m.</source>
      <translation>Eine Höhe über dem Boden ist höchstens 2000 m.</translation>
    </message>
    <message>
      <source>A foot stands on the ground, below the horizon at %1 cm; lift it with --altitude-m instead.</source>
      <translation>Ein Fuß steht auf dem Boden, unter dem Horizont bei %1 cm; heb es stattdessen mit --altitude-m.</translation>
    </message>
    <message>
      <source>the arrangements kept of a work, their figures and votes; --sheet to vote on</source>
      <translation>die aufbewahrten Anordnungen eines Werks, ihre Werte und Stimmen; --sheet zum Abstimmen</translation>
    </message>
    <message>
      <source>contact sheet to write, PDF or PNG</source>
      <translation>Kontaktbogen, der geschrieben wird, PDF oder PNG</translation>
    </message>
    <message>
      <source>takes on the sheet: A,C,D; without it all that are not set aside</source>
      <translation>Fassungen auf dem Bogen: A,C,D; ohne es alle, die nicht beiseitegelegt sind</translation>
    </message>
    <message>
      <source>pixels across each small picture</source>
      <translation>Pixel über die Breite jedes kleinen Bildes</translation>
    </message>
    <message>
      <source>a one-page study sheet of any picture: its parts, lines, values, glances</source>
      <translation>ein Studienblatt von irgendeinem Bild: seine Teile, Linien, Tonwerte, Blicke</translation>
    </message>
    <message>
      <source>parts to look for</source>
      <translation>Teile, die gesucht werden</translation>
    </message>
    <message>
      <source>a name for a part: 3="the boat"; once for each</source>
      <translation>ein Name für einen Teil: 3="das Boot"; einmal für jeden</translation>
    </message>
    <message>
      <source>the sheet (*.pdf)</source>
      <translation>das Blatt (*.pdf)</translation>
    </message>
    <message>
      <source>A name is given as 3=words.</source>
      <translation>Ein Name wird als 3=Wörter gegeben.</translation>
    </message>
    <message>
      <source>the findings of all stations with pictures, as a PDF or as JSON</source>
      <translation>die Befunde aller Stationen mit Bildern, als PDF oder als JSON</translation>
    </message>
    <message>
      <source>where to: *.pdf or *.json; without it JSON is printed</source>
      <translation>wohin: *.pdf oder *.json; ohne es wird JSON ausgegeben</translation>
    </message>
    <message>
      <source>The report was cancelled.</source>
      <translation>Der Bericht wurde abgebrochen.</translation>
    </message>
    <message>
      <source>The work has no take “%1”.</source>
      <translation>Das Werk hat keine Fassung „%1“.</translation>
    </message>
    <message>
      <source>local time to plan from, 2031-03-01T19:00; without it the clock's</source>
      <translation>Ortszeit, von der an geplant wird, 2031-03-01T19:00; ohne es die der Uhr</translation>
    </message>
    <message>
      <source>the plan of work: stages, hours, sittings laid over the painter's free hours</source>
      <translation>der Arbeitsplan: Stufen, Stunden, Sitzungen auf den freien Stunden des Malers</translation>
    </message>
    <message>
      <source>calendar file to write</source>
      <translation>Kalenderdatei, die geschrieben wird</translation>
    </message>
    <message>
      <source>calendar file whose entries take hours</source>
      <translation>Kalenderdatei, deren Einträge Stunden nehmen</translation>
    </message>
    <message>
      <source>calendar file whose entries are the free hours</source>
      <translation>Kalenderdatei, deren Einträge die freien Stunden sind</translation>
    </message>
    <message>
      <source>which sitting goes on a page, 1 = the next</source>
      <translation>welche Sitzung auf eine Seite kommt, 1 = die nächste</translation>
    </message>
    <message>
      <source>PDF of that sitting</source>
      <translation>PDF dieser Sitzung</translation>
    </message>
    <message>
      <source>puts photographs of the canvas into a work</source>
      <translation>nimmt Fotografien der Leinwand in eine Arbeit auf</translation>
    </message>
    <message>
      <source>photographs of the canvas, in the order they were taken</source>
      <translation>Fotografien der Leinwand, in der Reihenfolge ihrer Aufnahme</translation>
    </message>
    <message>
      <source>local time they were taken, 2031-03-01T19:00; without it now</source>
      <translation>Ortszeit der Aufnahme, 2031-03-01T19:00; ohne sie jetzt</translation>
    </message>
    <message>
      <source>the task done last before them; without it the last one ticked off</source>
      <translation>die Aufgabe, die davor zuletzt fertig wurde; ohne sie die zuletzt abgehakte</translation>
    </message>
    <message>
      <source>This work has no task “%1”; lantern plan lists them.</source>
      <translation>Diese Arbeit hat keine Aufgabe „%1“; lantern plan nennt sie.</translation>
    </message>
    <message>
      <source>titanium white</source>
      <translation>Titanweiß</translation>
    </message>
    <message>
      <source>no special hazard in wet paint; dry powder or sanding dust: do not inhale; see the safety data sheet</source>
      <translation>in nasser Farbe keine besondere Gefahr; trockenes Pulver oder Schleifstaub nicht einatmen; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>zinc white (mixing white)</source>
      <translation>Zinkweiß (Mischweiß)</translation>
    </message>
    <message>
      <source>zinc oxide: harmful to aquatic life; never spray, sand dry or ingest; oil films may become brittle; see the safety data sheet</source>
      <translation>Zinkoxid: schädlich für Wasserlebewesen; nie spritzen, trocken schleifen oder verschlucken; Ölfilme können spröde werden; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>buff (unbleached) titanium</source>
      <translation>Titan naturfarben (ungebleicht)</translation>
    </message>
    <message>
      <source>carbon black</source>
      <translation>Rußschwarz</translation>
    </message>
    <message>
      <source>low hazard in wet paint; do not ingest, no dust or spray mist; see the safety data sheet</source>
      <translation>in nasser Farbe geringe Gefahr; nicht verschlucken, kein Staub oder Spritznebel; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>bone black</source>
      <translation>Beinschwarz</translation>
    </message>
    <message>
      <source>mars black</source>
      <translation>Marsschwarz</translation>
    </message>
    <message>
      <source>yellow oxide</source>
      <translation>Oxidgelb</translation>
    </message>
    <message>
      <source>yellow ochre</source>
      <translation>Gelber Ocker</translation>
    </message>
    <message>
      <source>cadmium yellow medium</source>
      <translation>Kadmiumgelb mittel</translation>
    </message>
    <message>
      <source>cadmium compound: never spray, sand dry, heat or ingest; collect rinse water; see the safety data sheet</source>
      <translation>Kadmiumverbindung: nie spritzen, trocken schleifen, erhitzen oder verschlucken; Spülwasser sammeln; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>cadmium yellow light</source>
      <translation>Kadmiumgelb hell</translation>
    </message>
    <message>
      <source>arylide (hansa) yellow</source>
      <translation>Arylidgelb (Hansa)</translation>
    </message>
    <message>
      <source>arylide (hansa) lemon</source>
      <translation>Arylidzitron (Hansa)</translation>
    </message>
    <message>
      <source>diarylide yellow</source>
      <translation>Diarylidgelb</translation>
    </message>
    <message>
      <source>nickel azo yellow</source>
      <translation>Nickelazogelb</translation>
    </message>
    <message>
      <source>nickel-containing pigment: possible sensitiser; never spray, sand dry or ingest; see the safety data sheet</source>
      <translation>nickelhaltiges Pigment: kann sensibilisieren; nie spritzen, trocken schleifen oder verschlucken; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>cadmium orange</source>
      <translation>Kadmiumorange</translation>
    </message>
    <message>
      <source>pyrrole orange</source>
      <translation>Pyrrolorange</translation>
    </message>
    <message>
      <source>cadmium red medium</source>
      <translation>Kadmiumrot mittel</translation>
    </message>
    <message>
      <source>pyrrole red</source>
      <translation>Pyrrolrot</translation>
    </message>
    <message>
      <source>naphthol red (warm)</source>
      <translation>Naphtholrot (warm)</translation>
    </message>
    <message>
      <source>naphthol red (deep)</source>
      <translation>Naphtholrot (tief)</translation>
    </message>
    <message>
      <source>quinacridone rose</source>
      <translation>Chinacridonrosa</translation>
    </message>
    <message>
      <source>quinacridone magenta</source>
      <translation>Chinacridonmagenta</translation>
    </message>
    <message>
      <source>red oxide</source>
      <translation>Oxidrot</translation>
    </message>
    <message>
      <source>transparent red oxide</source>
      <translation>Transparentes Oxidrot</translation>
    </message>
    <message>
      <source>alizarin crimson</source>
      <translation>Alizarinkarmesin</translation>
    </message>
    <message>
      <source>burnt sienna</source>
      <translation>Siena gebrannt</translation>
    </message>
    <message>
      <source>raw sienna</source>
      <translation>Siena natur</translation>
    </message>
    <message>
      <source>raw umber</source>
      <translation>Umbra natur</translation>
    </message>
    <message>
      <source>umber contains manganese: never spray, sand dry or ingest; see the safety data sheet</source>
      <translation>Umbra enthält Mangan: nie spritzen, trocken schleifen oder verschlucken; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>burnt umber</source>
      <translation>Umbra gebrannt</translation>
    </message>
    <message>
      <source>dioxazine violet</source>
      <translation>Dioxazinviolett</translation>
    </message>
    <message>
      <source>ultramarine blue</source>
      <translation>Ultramarinblau</translation>
    </message>
    <message>
      <source>cobalt blue</source>
      <translation>Kobaltblau</translation>
    </message>
    <message>
      <source>cobalt compound: possible sensitiser; never spray, sand dry or ingest; see the safety data sheet</source>
      <translation>Kobaltverbindung: kann sensibilisieren; nie spritzen, trocken schleifen oder verschlucken; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>cerulean blue (cobalt chromium)</source>
      <translation>Coelinblau (Kobalt-Chrom)</translation>
    </message>
    <message>
      <source>cerulean blue (cobalt tin)</source>
      <translation>Coelinblau (Kobalt-Zinn)</translation>
    </message>
    <message>
      <source>phthalo blue (red shade)</source>
      <translation>Phthaloblau (rotstichig)</translation>
    </message>
    <message>
      <source>copper phthalocyanine: low acute hazard; do not ingest; no dust or spray mist; see the safety data sheet</source>
      <translation>Kupferphthalocyanin: akut geringe Gefahr; nicht verschlucken; kein Staub oder Spritznebel; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>phthalo blue (green shade)</source>
      <translation>Phthaloblau (grünstichig)</translation>
    </message>
    <message>
      <source>prussian blue</source>
      <translation>Preußischblau</translation>
    </message>
    <message>
      <source>iron ferrocyanide: do not heat, do not contact strong acid; do not ingest; see the safety data sheet</source>
      <translation>Eisenferrocyanid: nicht erhitzen, nicht mit starker Säure zusammenbringen; nicht verschlucken; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>phthalo green (blue shade)</source>
      <translation>Phthalogrün (blaustichig)</translation>
    </message>
    <message>
      <source>phthalo green (yellow shade)</source>
      <translation>Phthalogrün (gelbstichig)</translation>
    </message>
    <message>
      <source>chromium oxide green</source>
      <translation>Chromoxidgrün</translation>
    </message>
    <message>
      <source>chromium(III) compound: never spray, sand dry or ingest; see the safety data sheet</source>
      <translation>Chrom(III)-Verbindung: nie spritzen, trocken schleifen oder verschlucken; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>viridian</source>
      <translation>Chromoxidhydratgrün</translation>
    </message>
    <message>
      <source>cobalt teal</source>
      <translation>Kobalttürkis</translation>
    </message>
    <message>
      <source>sap green (convenience mix)</source>
      <translation>Saftgrün (fertige Mischung)</translation>
    </message>
    <message>
      <source>fluorescent pink</source>
      <translation>Leuchtrosa</translation>
    </message>
    <message>
      <source>low hazard in wet paint; do not ingest; fades quickly in light; see the safety data sheet</source>
      <translation>in nasser Farbe geringe Gefahr; nicht verschlucken; verblasst schnell im Licht; siehe Sicherheitsdatenblatt</translation>
    </message>
    <message>
      <source>dry acrylic does not dissolve again</source>
      <translation>trockenes Acryl löst sich nicht wieder</translation>
    </message>
    <message>
      <source>the wet acrylic lifts the gouache, which stays soluble</source>
      <translation>das nasse Acryl hebt die Gouache, die löslich bleibt</translation>
    </message>
    <message>
      <source>acrylic does not hold on an oily film and peels</source>
      <translation>Acryl hält nicht auf einem öligen Film und blättert</translation>
    </message>
    <message>
      <source>thin washes are held by the acrylic; thick ones are lifted</source>
      <translation>dünne Lavierungen hält das Acryl; dicke werden gehoben</translation>
    </message>
    <message>
      <source>on a matt acrylic film; on a glossy one it beads</source>
      <translation>auf einem matten Acrylfilm; auf einem glänzenden perlt es</translation>
    </message>
    <message>
      <source>it lifts when touched again: one confident stroke, little water</source>
      <translation>es hebt sich, wenn man wieder darübergeht: ein sicherer Strich, wenig Wasser</translation>
    </message>
    <message>
      <source>water does not wet an oily film</source>
      <translation>Wasser benetzt keinen öligen Film</translation>
    </message>
    <message>
      <source>the wash beneath is lifted by a wet brush</source>
      <translation>die Lavierung darunter wird vom nassen Pinsel gehoben</translation>
    </message>
    <message>
      <source>oil holds on a matt acrylic film once that is dry through</source>
      <translation>Öl hält auf einem matten Acrylfilm, wenn er durchgetrocknet ist</translation>
    </message>
    <message>
      <source>the chalky film drinks the oil and the paint sinks dull; seal it first</source>
      <translation>der kreidige Film trinkt das Öl, und die Farbe schlägt ein; vorher absperren</translation>
    </message>
    <message>
      <source>fat over lean: each coat with no less oil than the one beneath, and dry to the touch</source>
      <translation>fett auf mager: jede Schicht mit nicht weniger Öl als die darunter, und griffest</translation>
    </message>
    <message>
      <source>only on sized ground; the paper beneath rots from oil</source>
      <translation>nur auf geleimtem Grund; Papier darunter wird vom Öl zersetzt</translation>
    </message>
    <message>
      <source>it beads on a closed film; use an absorbent ground</source>
      <translation>es perlt auf einem geschlossenen Film; einen saugenden Grund nehmen</translation>
    </message>
    <message>
      <source>it lifts the gouache</source>
      <translation>es hebt die Gouache</translation>
    </message>
    <message>
      <source>it lifts when touched again; let each wash dry through</source>
      <translation>es hebt sich, wenn man wieder darübergeht; jede Lavierung durchtrocknen lassen</translation>
    </message>
  </context>
</TS>