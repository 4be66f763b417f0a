<?xml version='1.0' encoding='utf-8'?>
<TS version="2.1" language="en" sourcelanguage="en">
  <extra-decimal>.</extra-decimal>
  <extra-plurals>one-other</extra-plurals>
  <context>
    <name>words</name>
    <message numerus="yes">
      <source>%n pictures imported.</source>
      <translation>
        <numerusform>%n picture imported.</numerusform>
        <numerusform>%n pictures imported.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n were on the wall already.</source>
      <translation>
        <numerusform>%n was on the wall already.</numerusform>
        <numerusform>%n were on the wall already.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n findings</source>
      <translation>
        <numerusform>%n finding</numerusform>
        <numerusform>%n findings</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n problems</source>
      <translation>
        <numerusform>%n problem</numerusform>
        <numerusform>%n problems</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n notes</source>
      <translation>
        <numerusform>%n note</numerusform>
        <numerusform>%n notes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n unused images removed, %1 MB.</source>
      <translation>
        <numerusform>%n unused image removed, %1 MB.</numerusform>
        <numerusform>%n unused images removed, %1 MB.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source> &lt;b&gt;%n days&lt;/b&gt; to the deadline.</source>
      <translation>
        <numerusform> &lt;b&gt;%n day&lt;/b&gt; to the deadline.</numerusform>
        <numerusform> &lt;b&gt;%n days&lt;/b&gt; to the deadline.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source> %n squares are dense: quarter them.</source>
      <translation>
        <numerusform> %n square is dense: quarter it.</numerusform>
        <numerusform> %n squares are dense: quarter them.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>&lt;b&gt;%n landmarks&lt;/b&gt;, %1 on the canvas.</source>
      <translation>
        <numerusform>&lt;b&gt;%n landmark&lt;/b&gt;, %1 on the canvas.</numerusform>
        <numerusform>&lt;b&gt;%n landmarks&lt;/b&gt;, %1 on the canvas.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n sheets of %1, %2 × %3, and a map. Grid: %4 × %5 squares of %6 cm; mark the upper edge every %6 cm from the left, the sides every %6 cm from the top.</source>
      <translation>
        <numerusform>%n sheet of %1, %2 × %3, and a map. Grid: %4 × %5 squares of %6 cm; mark the upper edge every %6 cm from the left, the sides every %6 cm from the top.</numerusform>
        <numerusform>%n sheets of %1, %2 × %3, and a map. Grid: %4 × %5 squares of %6 cm; mark the upper edge every %6 cm from the left, the sides every %6 cm from the top.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n pieces</source>
      <translation>
        <numerusform>%n piece</numerusform>
        <numerusform>%n pieces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source> %n bridges of %1 mm hold what would fall out.</source>
      <translation>
        <numerusform> %n bridge of %1 mm holds what would fall out.</numerusform>
        <numerusform> %n bridges of %1 mm hold what would fall out.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Aligned by %n dots, to %1 mm.</source>
      <translation>
        <numerusform>Aligned by %n dot, to %1 mm.</numerusform>
        <numerusform>Aligned by %n dots, to %1 mm.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Credits of %n pictures exported.</source>
      <translation>
        <numerusform>Credits of %n picture exported.</numerusform>
        <numerusform>Credits of %n pictures exported.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n coats</source>
      <translation>
        <numerusform>%n coat</numerusform>
        <numerusform>%n coats</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>; %n coats of white first</source>
      <translation>
        <numerusform>; %n coat of white first</numerusform>
        <numerusform>; %n coats of white first</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>&lt;b&gt;%1, %n coats&lt;/b&gt;</source>
      <translation>
        <numerusform>&lt;b&gt;%1, %n coat&lt;/b&gt;</numerusform>
        <numerusform>&lt;b&gt;%1, %n coats&lt;/b&gt;</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n patches read. %1</source>
      <translation>
        <numerusform>%n patch read. %1</numerusform>
        <numerusform>%n patches read. %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n patches read.</source>
      <translation>
        <numerusform>%n patch read.</numerusform>
        <numerusform>%n patches read.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>About %1 h (%2 to %3 h) in %n sittings; finished around %4 (%5 to %6).%7</source>
      <translation>
        <numerusform>About %1 h (%2 to %3 h) in %n sitting; finished around %4 (%5 to %6).%7</numerusform>
        <numerusform>About %1 h (%2 to %3 h) in %n sittings; finished around %4 (%5 to %6).%7</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n entries read from the calendar.</source>
      <translation>
        <numerusform>%n entry read from the calendar.</numerusform>
        <numerusform>%n entries read from the calendar.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n tasks; select one in the list.</source>
      <translation>
        <numerusform>%n task; select it in the list.</numerusform>
        <numerusform>%n tasks; select one in the list.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n faces found.</source>
      <translation>
        <numerusform>%n face found.</numerusform>
        <numerusform>%n faces found.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n places pointed at. </source>
      <translation>
        <numerusform>%n place pointed at. </numerusform>
        <numerusform>%n places pointed at. </numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n details are</source>
      <translation>
        <numerusform>%n detail is</numerusform>
        <numerusform>%n details are</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n coats of primer</source>
      <translation>
        <numerusform>%n coat of primer</numerusform>
        <numerusform>%n coats of primer</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n strokes</source>
      <translation>
        <numerusform>%n stroke</numerusform>
        <numerusform>%n strokes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n coats are</source>
      <translation>
        <numerusform>%n coat is</numerusform>
        <numerusform>%n coats are</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n tubes are</source>
      <translation>
        <numerusform>%n tube is</numerusform>
        <numerusform>%n tubes are</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>The swatches of %1 are %n days old.</source>
      <translation>
        <numerusform>The swatches of %1 are %n day old.</numerusform>
        <numerusform>The swatches of %1 are %n days old.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>There are %n subjects; beyond seven, ranks are hard to keep apart.</source>
      <translation>
        <numerusform>There is %n subject; beyond seven, ranks are hard to keep apart.</numerusform>
        <numerusform>There are %n subjects; beyond seven, ranks are hard to keep apart.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>The deadline passed %n days ago.</source>
      <translation>
        <numerusform>The deadline passed %n day ago.</numerusform>
        <numerusform>The deadline passed %n days ago.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>There are %n days to the deadline.</source>
      <translation>
        <numerusform>There is %n day to the deadline.</numerusform>
        <numerusform>There are %n days to the deadline.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n elements more</source>
      <translation>
        <numerusform>%n element more</numerusform>
        <numerusform>%n elements more</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n elements fewer</source>
      <translation>
        <numerusform>%n element fewer</numerusform>
        <numerusform>%n elements fewer</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n elements changed</source>
      <translation>
        <numerusform>%n element changed</numerusform>
        <numerusform>%n elements changed</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>At these hours the work ends on %1, %n days after the deadline.</source>
      <translation>
        <numerusform>At these hours the work ends on %1, %n day after the deadline.</numerusform>
        <numerusform>At these hours the work ends on %1, %n days after the deadline.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>That makes %n sheets to cut and join.</source>
      <translation>
        <numerusform>That makes %n sheet to cut.</numerusform>
        <numerusform>That makes %n sheets to cut and join.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>The grid has about %n squares along the long side.</source>
      <translation>
        <numerusform>The grid has about %n square along the long side.</numerusform>
        <numerusform>The grid has about %n squares along the long side.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>That would make %n sheets; transfer it with the grid instead.</source>
      <translation>
        <numerusform>That would make %n sheet; transfer it with the grid instead.</numerusform>
        <numerusform>That would make %n sheets; transfer it with the grid instead.</numerusform>
      </translation>
    </message>
  </context>
</TS>