<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
<context>
    <name>QObject</name>
    <message>
        <source>Months with other leaves or another ground need a question of their own: New question</source>
        <translation>Monate mit anderem Laub oder anderem Boden brauchen eine eigene Frage: Neue Frage</translation>
    </message>
    <message>
        <source>table %1 %2</source>
        <translation>Tabelle %1 %2</translation>
    </message>
    <message>
        <source>Answered in %L1 s, %L2 million rays</source>
        <translation>Beantwortet in %L1 s mit %L2 Millionen Strahlen</translation>
    </message>
    <message>
        <source>A picture needs weather: choose a file, or a made-up year, on the Site desk</source>
        <translation>Ein Bild braucht Wetter: auf dem Tisch Standort eine Datei oder ein erfundenes Jahr wählen</translation>
    </message>
    <message>
        <source>Place an observer first: press E and click in a room</source>
        <translation>Zuerst einen Beobachter setzen: E drücken und in einen Raum klicken</translation>
    </message>
    <message>
        <source>It is night at that moment: choose another on the year strip</source>
        <translation>Zu diesem Zeitpunkt ist es Nacht: auf dem Jahresstreifen einen anderen wählen</translation>
    </message>
    <message>
        <source>Looking through %1</source>
        <translation>Blick durch %1</translation>
    </message>
    <message>
        <source>The year of %1 was being traced when the program ended: it goes on from there</source>
        <translation>Das Jahr von %1 wurde gerade gerechnet, als das Programm endete: es geht dort weiter</translation>
    </message>
    <message>
        <source>The year needs weather: choose a file, or a made-up year, on the Site desk</source>
        <translation>Das Jahr braucht Wetter: auf dem Tisch Standort eine Datei oder ein erfundenes Jahr wählen</translation>
    </message>
    <message>
        <source>Draw a room first: the year is asked on its reference plane</source>
        <translation>Zuerst einen Raum zeichnen: das Jahr wird auf seiner Bezugsebene berechnet</translation>
    </message>
    <message>
        <source>Only the daylight factor can be asked: the year needs weather</source>
        <translation>Nur der Tageslichtquotient kann berechnet werden: das Jahr braucht Wetter</translation>
    </message>
    <message>
        <source>The year: %1</source>
        <translation>Das Jahr: %1</translation>
    </message>
    <message>
        <source> minus ours</source>
        <translation> minus unsere</translation>
    </message>
    <message>
        <source>none of its points lies on a plane of this option</source>
        <translation>keiner ihrer Punkte liegt auf einer Ebene dieser Option</translation>
    </message>
    <message>
        <source>Check that it is of this building, in metres and in the drawing&apos;s axes</source>
        <translation>Prüfen, ob sie zu diesem Gebäude gehört, in Metern und in den Achsen der Zeichnung</translation>
    </message>
    <message>
        <source>The live daylight factor</source>
        <translation>Der laufende Tageslichtquotient</translation>
    </message>
    <message>
        <source>Light of the moment</source>
        <translation>Licht des Zeitpunkts</translation>
    </message>
    <message>
        <source>Light of other moments</source>
        <translation>Licht anderer Zeitpunkte</translation>
    </message>
    <message>
        <source>The light field</source>
        <translation>Das Lichtfeld</translation>
    </message>
    <message>
        <source>Reading the year</source>
        <translation>Das Jahr lesen</translation>
    </message>
    <message>
        <source>sun</source>
        <translation>Sonne</translation>
    </message>
    <message>
        <source>sky</source>
        <translation>Himmel</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>outdoors</source>
        <translation>außen</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>innen</translation>
    </message>
    <message>
        <source>inside, via the ground</source>
        <translation>innen, über den Boden</translation>
    </message>
    <message>
        <source>past windows</source>
        <translation>an den Fenstern vorbei</translation>
    </message>
    <message>
        <source>without %1</source>
        <translation>ohne %1</translation>
    </message>
    <message>
        <source>without %1 and %2 more</source>
        <translation>ohne %1 und %2 weitere</translation>
    </message>
    <message>
        <source>, made-up weather</source>
        <translation>, erfundenes Wetter</translation>
    </message>
    <message>
        <source> of %L1 lx</source>
        <translation> von %L1 lx</translation>
    </message>
    <message>
        <source>Reflected, inside and outside</source>
        <translation>Reflektiert, innen und außen</translation>
    </message>
    <message>
        <source>Illuminance, hour of %1</source>
        <translation>Beleuchtungsstärke, Stunde %1</translation>
    </message>
    <message>
        <source>, %1 lx</source>
        <translation>, %1 lx</translation>
    </message>
    <message>
        <source>, blinds open</source>
        <translation>, Behänge offen</translation>
    </message>
    <message>
        <source>, blinds by LM-83</source>
        <translation>, Behänge nach LM-83</translation>
    </message>
    <message>
        <source> (stale)</source>
        <translation> (veraltet)</translation>
    </message>
    <message>
        <source>Sun and shade</source>
        <translation>Sonne und Schatten</translation>
    </message>
    <message>
        <source>Electric light</source>
        <translation>Elektrisches Licht</translation>
    </message>
    <message>
        <source>The live year</source>
        <translation>Das laufende Jahr</translation>
    </message>
    <message>
        <source>Build</source>
        <translation>Bauen</translation>
    </message>
    <message>
        <source>Draw the building and choose what it is made of</source>
        <translation>Das Gebäude zeichnen und wählen, woraus es besteht</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Ausschneiden</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Select everything</source>
        <translation>Alles auswählen</translation>
    </message>
    <message>
        <source>Turn left by 90°</source>
        <translation>Um 90° nach links drehen</translation>
    </message>
    <message>
        <source>Turn left</source>
        <translation>Nach links drehen</translation>
    </message>
    <message>
        <source>Turn right by 90°</source>
        <translation>Um 90° nach rechts drehen</translation>
    </message>
    <message>
        <source>Turn right</source>
        <translation>Nach rechts drehen</translation>
    </message>
    <message>
        <source>Turn by…</source>
        <translation>Drehen um …</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehen</translation>
    </message>
    <message>
        <source>Degrees to the left:</source>
        <translation>Grad nach links:</translation>
    </message>
    <message>
        <source>Turn by %1°</source>
        <translation>Um %1° drehen</translation>
    </message>
    <message>
        <source>Mirror left to right</source>
        <translation>Links und rechts spiegeln</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegeln</translation>
    </message>
    <message>
        <source>Mirror top to bottom</source>
        <translation>Oben und unten spiegeln</translation>
    </message>
    <message>
        <source>Row of copies…</source>
        <translation>Reihe von Kopien …</translation>
    </message>
    <message>
        <source>Join rooms</source>
        <translation>Räume verbinden</translation>
    </message>
    <message>
        <source>Grow room…</source>
        <translation>Raum vergrößern …</translation>
    </message>
    <message>
        <source>Add roof</source>
        <translation>Dach aufsetzen</translation>
    </message>
    <message>
        <source>New storey</source>
        <translation>Neues Geschoss</translation>
    </message>
    <message>
        <source>Storey above</source>
        <translation>Geschoss darüber</translation>
    </message>
    <message>
        <source>Storey below</source>
        <translation>Geschoss darunter</translation>
    </message>
    <message>
        <source>Cut height of the plan…</source>
        <translation>Schnitthöhe des Grundrisses …</translation>
    </message>
    <message>
        <source>Cut height</source>
        <translation>Schnitthöhe</translation>
    </message>
    <message>
        <source>Above the floor:</source>
        <translation>Über dem Boden:</translation>
    </message>
    <message>
        <source>Lay planes…</source>
        <translation>Ebenen legen …</translation>
    </message>
    <message>
        <source>grid points sensors working plane analysis surface</source>
        <translation>Raster Punkte Sensoren Nutzebene Messfläche</translation>
    </message>
    <message>
        <source>Observers in a lattice…</source>
        <translation>Beobachter im Raster …</translation>
    </message>
    <message>
        <source>seats views glare grid</source>
        <translation>Plätze Ansichten Blendung Raster</translation>
    </message>
    <message>
        <source>Select something first</source>
        <translation>Zuerst etwas auswählen</translation>
    </message>
    <message>
        <source>Roof </source>
        <translation>Dach </translation>
    </message>
    <message>
        <source>Row of copies</source>
        <translation>Reihe von Kopien</translation>
    </message>
    <message>
        <source>Copies</source>
        <translation>Kopien</translation>
    </message>
    <message>
        <source>Each to the right</source>
        <translation>Jede nach rechts</translation>
    </message>
    <message>
        <source>Each upwards</source>
        <translation>Jede nach oben</translation>
    </message>
    <message>
        <source>Row of %1 copies</source>
        <translation>Reihe von %1 Kopien</translation>
    </message>
    <message>
        <source>Select what is to be copied</source>
        <translation>Auswählen, was kopiert werden soll</translation>
    </message>
    <message>
        <source>Cut: paste it on any storey or in another project</source>
        <translation>Ausgeschnitten: in jedes Geschoss oder ein anderes Projekt einfügen</translation>
    </message>
    <message>
        <source>Copied: paste it on any storey or in another project</source>
        <translation>Kopiert: in jedes Geschoss oder ein anderes Projekt einfügen</translation>
    </message>
    <message>
        <source>Pasted in the same place: drag it where it belongs</source>
        <translation>An derselben Stelle eingefügt: dorthin ziehen, wo es hingehört</translation>
    </message>
    <message>
        <source>Select the two rooms that are to be one (Shift+click)</source>
        <translation>Die beiden Räume auswählen, die einer werden sollen (Umschalt+Klick)</translation>
    </message>
    <message>
        <source>Two rooms became one</source>
        <translation>Aus zwei Räumen wurde einer</translation>
    </message>
    <message>
        <source>These rooms do not share a wall</source>
        <translation>Diese Räume haben keine gemeinsame Wand</translation>
    </message>
    <message>
        <source>Select a room first</source>
        <translation>Zuerst einen Raum auswählen</translation>
    </message>
    <message>
        <source>Grow room</source>
        <translation>Raum vergrößern</translation>
    </message>
    <message>
        <source>Outwards on all sides (negative shrinks):</source>
        <translation>Nach außen auf allen Seiten (negativ verkleinert):</translation>
    </message>
    <message>
        <source>Underlay…</source>
        <translation>Unterlage …</translation>
    </message>
    <message>
        <source>%1 things</source>
        <translation>%1 Dinge</translation>
    </message>
    <message>
        <source>Hide</source>
        <translation>Ausblenden</translation>
    </message>
    <message>
        <source>Show only this</source>
        <translation>Nur dies zeigen</translation>
    </message>
    <message>
        <source>Show all</source>
        <translation>Alles zeigen</translation>
    </message>
    <message>
        <source>Named views</source>
        <translation>Benannte Ansichten</translation>
    </message>
    <message>
        <source>Keep this view…</source>
        <translation>Diese Ansicht merken …</translation>
    </message>
    <message>
        <source>bookmark save camera</source>
        <translation>Lesezeichen speichern Kamera</translation>
    </message>
    <message>
        <source>Keep this view</source>
        <translation>Diese Ansicht merken</translation>
    </message>
    <message>
        <source>Name:</source>
        <translation>Name:</translation>
    </message>
    <message>
        <source>View %1</source>
        <translation>Ansicht %1</translation>
    </message>
    <message>
        <source>Keep view %1</source>
        <translation>Ansicht %1 merken</translation>
    </message>
    <message>
        <source>plan</source>
        <translation>Grundriss</translation>
    </message>
    <message>
        <source>elevation</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>section</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>Forget view</source>
        <translation>Ansicht vergessen</translation>
    </message>
    <message>
        <source>Draw a room first</source>
        <translation>Zuerst einen Raum zeichnen</translation>
    </message>
    <message>
        <source>Plane on one room</source>
        <translation>Ebene in einem Raum</translation>
    </message>
    <message>
        <source>Planes on %1 rooms</source>
        <translation>Ebenen in %1 Räumen</translation>
    </message>
    <message>
        <source>own height</source>
        <translation>eigene Höhe</translation>
    </message>
    <message>
        <source>Usual height</source>
        <translation>Übliche Höhe</translation>
    </message>
    <message>
        <source>Own height</source>
        <translation>Eigene Höhe</translation>
    </message>
    <message>
        <source>Off the walls</source>
        <translation>Abstand von Wänden</translation>
    </message>
    <message>
        <source>Spacing at most</source>
        <translation>Abstand höchstens</translation>
    </message>
    <message>
        <source>or points at least</source>
        <translation>oder mindestens Punkte</translation>
    </message>
    <message>
        <source>Cells lie</source>
        <translation>Zellen liegen</translation>
    </message>
    <message>
        <source>along the drawing</source>
        <translation>entlang der Zeichnung</translation>
    </message>
    <message>
        <source>along the longest wall</source>
        <translation>entlang der längsten Wand</translation>
    </message>
    <message>
        <source>along true north</source>
        <translation>nach geographisch Nord</translation>
    </message>
    <message>
        <source>Lay planes</source>
        <translation>Ebenen legen</translation>
    </message>
    <message>
        <source>%1 planes laid</source>
        <translation>%1 Ebenen gelegt</translation>
    </message>
    <message>
        <source>Observers in a lattice</source>
        <translation>Beobachter im Raster</translation>
    </message>
    <message>
        <source>Apart</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Eyes</source>
        <translation>Augen</translation>
    </message>
    <message>
        <source>seated, 1.20 m</source>
        <translation>sitzend, 1,20 m</translation>
    </message>
    <message>
        <source>standing, 1.70 m</source>
        <translation>stehend, 1,70 m</translation>
    </message>
    <message>
        <source>Directions</source>
        <translation>Blickrichtungen</translation>
    </message>
    <message>
        <source>The first towards</source>
        <translation>Die erste nach</translation>
    </message>
    <message>
        <source>In %1. Places are named by row and number from the foot of the sheet, views by their direction: “Room B3, 090°”.</source>
        <translation>In %1. Plätze heißen nach Reihe und Nummer vom Fuß des Blatts, Blicke nach ihrer Richtung: „Raum B3, 090°“.</translation>
    </message>
    <message>
        <source>%1 rooms</source>
        <translation>%1 Räume</translation>
    </message>
    <message>
        <source>%1 observers, %2 views</source>
        <translation>%1 Beobachter, %2 Blicke</translation>
    </message>
    <message>
        <source>shadow sunlight patches insolation</source>
        <translation>Schatten Sonnenlicht Sonnenflecken Besonnung</translation>
    </message>
    <message>
        <source>The sun is below the horizon at this moment</source>
        <translation>Die Sonne steht zu diesem Zeitpunkt unter dem Horizont</translation>
    </message>
    <message>
        <source>Sloped ground</source>
        <translation>Geneigtes Gelände</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Finden</translation>
    </message>
    <message>
        <source>Find a thing or a command (Ctrl+Space)</source>
        <translation>Ein Ding oder einen Befehl finden (Strg+Leertaste)</translation>
    </message>
    <message>
        <source>Find or do…</source>
        <translation>Finden oder tun …</translation>
    </message>
    <message>
        <source>Place furniture</source>
        <translation>Möbel setzen</translation>
    </message>
    <message>
        <source>desk table</source>
        <translation>Schreibtisch Tisch</translation>
    </message>
    <message>
        <source>Place: %1</source>
        <translation>Setzen: %1</translation>
    </message>
    <message>
        <source>Place: neighbouring block</source>
        <translation>Setzen: Nachbargebäude</translation>
    </message>
    <message>
        <source>context obstruction building</source>
        <translation>Umgebung Verbauung Gebäude</translation>
    </message>
    <message>
        <source>Roof</source>
        <translation>Dach</translation>
    </message>
    <message>
        <source>A pitched roof over the storey, or over the selected rooms (T)</source>
        <translation>Ein geneigtes Dach über dem Geschoss oder den gewählten Räumen (T)</translation>
    </message>
    <message>
        <source>Things</source>
        <translation>Dinge</translation>
    </message>
    <message>
        <source>Furniture, stairs, trees, fences, neighbours, ground (B)</source>
        <translation>Möbel, Treppen, Bäume, Zäune, Nachbarn, Gelände (B)</translation>
    </message>
    <message>
        <source>Neighbouring block</source>
        <translation>Nachbargebäude</translation>
    </message>
    <message>
        <source>Colour by</source>
        <translation>Färben</translation>
    </message>
    <message>
        <source>What sheet, wall and model are coloured by</source>
        <translation>Wonach Blatt, Wand und Modell gefärbt sind</translation>
    </message>
    <message>
        <source>Plain</source>
        <translation>Neutral</translation>
    </message>
    <message>
        <source>By material</source>
        <translation>Nach Material</translation>
    </message>
    <message>
        <source>By reflectance</source>
        <translation>Nach Reflexionsgrad</translation>
    </message>
    <message>
        <source>By part</source>
        <translation>Nach Bauteil</translation>
    </message>
    <message>
        <source>By assumption</source>
        <translation>Nach Annahme</translation>
    </message>
    <message>
        <source>Snaps</source>
        <translation>Fang</translation>
    </message>
    <message>
        <source>What the pointer snaps to</source>
        <translation>Woran der Zeiger einrastet</translation>
    </message>
    <message>
        <source>Snap to grid</source>
        <translation>Am Raster einrasten</translation>
    </message>
    <message>
        <source>Snap to corners</source>
        <translation>An Ecken einrasten</translation>
    </message>
    <message>
        <source>Snap to middles</source>
        <translation>An Mitten einrasten</translation>
    </message>
    <message>
        <source>Snap onto walls</source>
        <translation>Auf Wänden einrasten</translation>
    </message>
    <message>
        <source>Snap square to walls</source>
        <translation>Rechtwinklig zu Wänden einrasten</translation>
    </message>
    <message>
        <source>Snap in line with corners</source>
        <translation>In der Flucht von Ecken einrasten</translation>
    </message>
    <message>
        <source>Snap to other storeys</source>
        <translation>An anderen Geschossen einrasten</translation>
    </message>
    <message>
        <source>Scale the underlay by a known distance</source>
        <translation>Die Unterlage nach einer bekannten Strecke skalieren</translation>
    </message>
    <message>
        <source>A drawing to trace</source>
        <translation>Eine Zeichnung zum Durchzeichnen</translation>
    </message>
    <message>
        <source>Not laid under</source>
        <translation>Nicht untergelegt</translation>
    </message>
    <message>
        <source>Lay a drawing under the storey</source>
        <translation>Eine Zeichnung unter das Geschoss legen</translation>
    </message>
    <message>
        <source>Building</source>
        <translation>Gebäude</translation>
    </message>
    <message>
        <source>New storey above this one</source>
        <translation>Neues Geschoss über diesem</translation>
    </message>
    <message>
        <source>Copy this storey above itself</source>
        <translation>Dieses Geschoss darüber kopieren</translation>
    </message>
    <message>
        <source>Copy storey</source>
        <translation>Geschoss kopieren</translation>
    </message>
    <message>
        <source>Around the building</source>
        <translation>Um das Gebäude</translation>
    </message>
    <message>
        <source>Rename %1</source>
        <translation>%1 umbenennen</translation>
    </message>
    <message>
        <source>Reorder storeys</source>
        <translation>Geschosse ordnen</translation>
    </message>
    <message>
        <source>Move room to another storey</source>
        <translation>Raum in ein anderes Geschoss verschieben</translation>
    </message>
    <message>
        <source>Shading of the selected window</source>
        <translation>Verschattung des gewählten Fensters</translation>
    </message>
    <message>
        <source>Select a window or rooflight: its shading stands below its figures</source>
        <translation>Ein Fenster oder Dachfenster auswählen: seine Verschattung steht unter seinen Werten</translation>
    </message>
    <message>
        <source>louvres overhang fins blind venetian screen light shelf awning solar protection</source>
        <translation>Lamellen Vordach Seitenblende Behang Jalousie Rollo Lichtlenkung Markise Sonnenschutz</translation>
    </message>
    <message>
        <source>All parts of the building, and the figures of the selected one</source>
        <translation>Alle Teile des Gebäudes und die Werte des gewählten</translation>
    </message>
    <message>
        <source>Certify</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>Criteria sets, and the verdict on each of their lines</source>
        <translation>Kriterien und das Urteil über jede ihrer Zeilen</translation>
    </message>
    <message>
        <source>certificate compliance LEED EN 17037 BREEAM WELL credit points</source>
        <translation>Zertifikat Nachweis LEED EN 17037 BREEAM WELL DGNB Punkte</translation>
    </message>
    <message>
        <source>Judging the criteria</source>
        <translation>Die Kriterien beurteilen</translation>
    </message>
    <message>
        <source>Run the year</source>
        <translation>Jahr rechnen</translation>
    </message>
    <message>
        <source>Verdicts by criterion and place</source>
        <translation>Urteile nach Kriterium und Ort</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Wo</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Needs</source>
        <translation>Nötig</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source> Hourly illuminances ± %L1 % at a point (95 %).</source>
        <translation> Stündliche Beleuchtungsstärken ± %L1 % an einem Punkt (95 %).</translation>
    </message>
    <message>
        <source>&lt;br&gt;&lt;b&gt;These verdicts are on %1.&lt;/b&gt; Choose a weather file on the Site desk.</source>
        <translation>&lt;br&gt;&lt;b&gt;Diese Urteile beruhen auf: %1.&lt;/b&gt; Auf dem Tisch Standort eine Wetterdatei wählen.</translation>
    </message>
    <message>
        <source>&lt;br&gt;&lt;b&gt;Stale: the model has changed since.&lt;/b&gt;</source>
        <translation>&lt;br&gt;&lt;b&gt;Veraltet: das Modell hat sich seither geändert.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Model check</source>
        <translation>Modellprüfung</translation>
    </message>
    <message>
        <source>No faults</source>
        <translation>Keine Fehler</translation>
    </message>
    <message>
        <source>1 fault</source>
        <translation>1 Fehler</translation>
    </message>
    <message>
        <source>%1 faults</source>
        <translation>%1 Fehler</translation>
    </message>
    <message>
        <source>Fix all</source>
        <translation>Alles beheben</translation>
    </message>
    <message>
        <source>Every surface has a material, everything is where it belongs, every room is asked about.</source>
        <translation>Jede Oberfläche hat ein Material, alles steht, wo es hingehört, nach jedem Raum wird gefragt.</translation>
    </message>
    <message>
        <source>Only assumed</source>
        <translation>Nur angenommen</translation>
    </message>
    <message>
        <source>No faults, but nobody has measured or chosen these yet.</source>
        <translation>Keine Fehler, aber diese hat noch niemand gemessen oder gewählt.</translation>
    </message>
    <message>
        <source>Show it</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>The model check</source>
        <translation>Die Modellprüfung</translation>
    </message>
    <message>
        <source>What the model check found</source>
        <translation>Was die Modellprüfung fand</translation>
    </message>
    <message>
        <source>This is a matter of the question &quot;%1&quot;</source>
        <translation>Das betrifft die Frage „%1“</translation>
    </message>
    <message>
        <source>Fixed</source>
        <translation>Behoben</translation>
    </message>
    <message>
        <source>This could not be fixed by itself</source>
        <translation>Das ließ sich nicht von selbst beheben</translation>
    </message>
    <message>
        <source>Fix faults</source>
        <translation>Fehler beheben</translation>
    </message>
    <message>
        <source>faults errors warnings</source>
        <translation>Fehler Warnungen</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Prüfung</translation>
    </message>
    <message>
        <source>What is wrong with the model, and what is only assumed</source>
        <translation>Was am Modell falsch und was nur angenommen ist</translation>
    </message>
    <message>
        <source>these openings need a wall</source>
        <translation>diese Öffnungen brauchen eine Wand</translation>
    </message>
    <message>
        <source>Select the wall they are to go into, then paste</source>
        <translation>Die Wand auswählen, in die sie sollen, dann einfügen</translation>
    </message>
    <message>
        <source>Project</source>
        <translation>Projekt</translation>
    </message>
    <message>
        <source>Desks</source>
        <translation>Tische</translation>
    </message>
    <message>
        <source>Draw</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>Edit</source>
        <translation>Bearbeiten</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Site</source>
        <translation>Standort</translation>
    </message>
    <message>
        <source>A command, a figure, a material, or the name of a room or window</source>
        <translation>Ein Befehl, eine Größe, ein Material oder der Name eines Raums oder Fensters</translation>
    </message>
    <message>
        <source>Nothing is called “%1”. The nearest:</source>
        <translation>Nichts heißt „%1“. Am nächsten kommen:</translation>
    </message>
    <message>
        <source>imperceptible</source>
        <translation>nicht wahrnehmbar</translation>
    </message>
    <message>
        <source>perceptible</source>
        <translation>wahrnehmbar</translation>
    </message>
    <message>
        <source>disturbing</source>
        <translation>störend</translation>
    </message>
    <message>
        <source>intolerable</source>
        <translation>unerträglich</translation>
    </message>
    <message>
        <source>  (not the strip&apos;s moment)</source>
        <translation>  (nicht der Zeitpunkt des Streifens)</translation>
    </message>
    <message>
        <source>Luminance</source>
        <translation>Leuchtdichte</translation>
    </message>
    <message>
        <source>DGP %L1 (%L2 to %L3), %4</source>
        <translation>DGP %L1 (%L2 bis %L3), %4</translation>
    </message>
    <message>
        <source>at the eye %1 ± %2 lx</source>
        <translation>am Auge %1 ± %2 lx</translation>
    </message>
    <message>
        <source>0.35 perceptible, 0.40 disturbing, 0.45 intolerable (Wienold 2009)</source>
        <translation>0,35 wahrnehmbar, 0,40 störend, 0,45 unerträglich (Wienold 2009)</translation>
    </message>
    <message>
        <source>Outside the range that DGP was fitted for (above 380 lx, 0.2 to 0.8)</source>
        <translation>Außerhalb des Bereichs, an dem DGP angepasst wurde (über 380 lx, 0,2 bis 0,8)</translation>
    </message>
    <message>
        <source>Blinds at that moment:
%1</source>
        <translation>Behänge zu diesem Zeitpunkt:
%1</translation>
    </message>
    <message>
        <source>Look through the observer</source>
        <translation>Durch den Beobachter schauen</translation>
    </message>
    <message>
        <source>Eye</source>
        <translation>Auge</translation>
    </message>
    <message>
        <source>What an observer sees</source>
        <translation>Was ein Beobachter sieht</translation>
    </message>
    <message>
        <source>The model&apos;s picture</source>
        <translation>Das Bild des Modells</translation>
    </message>
    <message>
        <source>Roofs</source>
        <translation>Dächer</translation>
    </message>
    <message>
        <source>The whole building from outside, or opened to look in</source>
        <translation>Das ganze Gebäude von außen, oder zum Hineinsehen geöffnet</translation>
    </message>
    <message>
        <source>Model in three dimensions</source>
        <translation>Modell in drei Dimensionen</translation>
    </message>
    <message>
        <source>Drag to turn, right-drag to pan, wheel to zoom, double-click to fit</source>
        <translation>Ziehen dreht, rechts ziehen verschiebt, Mausrad zoomt, Doppelklick passt ein</translation>
    </message>
    <message>
        <source>There is no OpenGL on this machine: the model cannot be drawn. All else works.</source>
        <translation>Auf diesem Rechner gibt es kein OpenGL: das Modell kann nicht gezeichnet werden. Alles andere geht.</translation>
    </message>
    <message>
        <source>Building the model&apos;s picture</source>
        <translation>Das Bild des Modells wird gebaut</translation>
    </message>
    <message>
        <source>Section box around the selection</source>
        <translation>Schnittkasten um die Auswahl</translation>
    </message>
    <message>
        <source>Model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>The building in three dimensions</source>
        <translation>Das Gebäude in drei Dimensionen</translation>
    </message>
    <message>
        <source>Section</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>Choose Section among the tools and click two points across the building: one looks to the left of the line.</source>
        <translation>Das Werkzeug Schnitt wählen und zwei Punkte quer durch das Gebäude klicken: man blickt nach links der Linie.</translation>
    </message>
    <message>
        <source>The building cut along a line</source>
        <translation>Das Gebäude, entlang einer Linie geschnitten</translation>
    </message>
    <message>
        <source>Turn blades of %1 openings</source>
        <translation>Lamellen von %1 Öffnungen drehen</translation>
    </message>
    <message>
        <source>Turn blades</source>
        <translation>Lamellen drehen</translation>
    </message>
    <message>
        <source>wall drag %1</source>
        <translation>Ziehen an der Wand %1</translation>
    </message>
    <message>
        <source>Wall in elevation</source>
        <translation>Wand in der Ansicht</translation>
    </message>
    <message>
        <source>Seen from inside</source>
        <translation>Von innen gesehen</translation>
    </message>
    <message>
        <source>Inside the room, or the whole facade from outside</source>
        <translation>Im Raum, oder die ganze Fassade von außen</translation>
    </message>
    <message>
        <source>Seen from outside</source>
        <translation>Von außen gesehen</translation>
    </message>
    <message>
        <source>Select a wall, a room or a window to see its wall straight on.</source>
        <translation>Eine Wand, einen Raum oder ein Fenster auswählen, um die Wand gerade vor sich zu sehen.</translation>
    </message>
    <message>
        <source>Move %1</source>
        <translation>%1 verschieben</translation>
    </message>
    <message>
        <source>Copy %1</source>
        <translation>%1 kopieren</translation>
    </message>
    <message>
        <source>Drag to move the opening on its wall, with Ctrl to copy it, its edges to size it; it snaps to the others</source>
        <translation>Ziehen verschiebt die Öffnung auf ihrer Wand, mit Strg kopiert es sie, ihre Kanten ändern die Größe; sie rastet an den anderen ein</translation>
    </message>
    <message>
        <source>Double-click the wall to place a window; Delete removes what is selected</source>
        <translation>Doppelklick auf die Wand setzt ein Fenster; Entf löscht die Auswahl</translation>
    </message>
    <message>
        <source>Place windows from inside, where their room is certain</source>
        <translation>Fenster von innen setzen, wo ihr Raum feststeht</translation>
    </message>
    <message>
        <source>Place window</source>
        <translation>Fenster setzen</translation>
    </message>
    <message>
        <source>Delete %1</source>
        <translation>%1 löschen</translation>
    </message>
    <message>
        <source>Wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>The selected wall straight on: a working view</source>
        <translation>Die gewählte Wand gerade von vorn: eine Ansicht zum Arbeiten</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleich</translation>
    </message>
    <message>
        <source>All options side by side, figure by figure</source>
        <translation>Alle Optionen nebeneinander, Größe für Größe</translation>
    </message>
    <message>
        <source>variants alternatives versions table</source>
        <translation>Varianten Alternativen Versionen Tabelle</translation>
    </message>
    <message>
        <source>not asked yet</source>
        <translation>noch nicht gefragt</translation>
    </message>
    <message>
        <source>Daylight factor, all options on one scale</source>
        <translation>Tageslichtquotient, alle Optionen auf einer Skala</translation>
    </message>
    <message>
        <source>Comparing the options</source>
        <translation>Die Optionen vergleichen</translation>
    </message>
    <message>
        <source>Calculate all options</source>
        <translation>Alle Optionen berechnen</translation>
    </message>
    <message>
        <source>Runs the daylight factor and the year of every option whose answer is missing or stale</source>
        <translation>Berechnet Tageslichtquotient und Jahr jeder Option, deren Antwort fehlt oder veraltet ist</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Größen</translation>
    </message>
    <message>
        <source>Which figures the table has of each room</source>
        <translation>Welche Größen die Tabelle von jedem Raum hat</translation>
    </message>
    <message>
        <source>All options in one table</source>
        <translation>Alle Optionen in einer Tabelle</translation>
    </message>
    <message>
        <source>Daylight factor, mean</source>
        <translation>Tageslichtquotient, Mittel</translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>Figure</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Legend and map</source>
        <translation>Legende und Karte</translation>
    </message>
    <message>
        <source>There is no map from before an edit yet</source>
        <translation>Es gibt noch keine Karte von vor einer Änderung</translation>
    </message>
    <message>
        <source>Before: %1</source>
        <translation>Vorher: %1</translation>
    </message>
    <message>
        <source>Reading the weather</source>
        <translation>Das Wetter lesen</translation>
    </message>
    <message>
        <source>live %1</source>
        <translation>%1, laufend</translation>
    </message>
    <message>
        <source>Untitled</source>
        <translation>Unbenannt</translation>
    </message>
    <message>
        <source>Somewhere</source>
        <translation>Irgendwo</translation>
    </message>
    <message>
        <source>Floors and the like, assumed</source>
        <translation>Böden und Ähnliches, angenommen</translation>
    </message>
    <message>
        <source>Walls and the like, assumed</source>
        <translation>Wände und Ähnliches, angenommen</translation>
    </message>
    <message>
        <source>Ceiling, assumed</source>
        <translation>Decke, angenommen</translation>
    </message>
    <message>
        <source>Facades and the like, assumed</source>
        <translation>Fassaden und Ähnliches, angenommen</translation>
    </message>
    <message>
        <source>Roofs and the like, assumed</source>
        <translation>Dächer und Ähnliches, angenommen</translation>
    </message>
    <message>
        <source>Double clear pane, assumed</source>
        <translation>Klares Zweischeibenglas, angenommen</translation>
    </message>
    <message>
        <source>middle of what double panes pass; ask its maker</source>
        <translation>Mitte dessen, was Zweischeibengläser durchlassen; den Hersteller fragen</translation>
    </message>
    <message>
        <source>First idea</source>
        <translation>Erster Entwurf</translation>
    </message>
    <message>
        <source>Ground floor</source>
        <translation>Erdgeschoss</translation>
    </message>
    <message>
        <source>Daylight factor</source>
        <translation>Tageslichtquotient</translation>
    </message>
    <message>
        <source>The year</source>
        <translation>Das Jahr</translation>
    </message>
    <message>
        <source>Metres, or with a unit: 120 cm, 47 in, 3&apos;6&quot;. Up and Down change by 5 cm</source>
        <translation>Meter, oder mit Einheit: 120 cm, 47 in, 3&apos;6&quot;. Auf und Ab ändern um 5 cm</translation>
    </message>
    <message>
        <source>Type a number; Up and Down change it</source>
        <translation>Eine Zahl eingeben; Auf und Ab ändern sie</translation>
    </message>
    <message>
        <source>Drag to the side to change it</source>
        <translation>Zur Seite ziehen, um den Wert zu ändern</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>noch keins</translation>
    </message>
    <message>
        <source>As %1</source>
        <translation>Wie %1</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>angenommen</translation>
    </message>
    <message>
        <source>, assumed</source>
        <translation>, angenommen</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Show these rows</source>
        <translation>Diese Zeilen zeigen</translation>
    </message>
    <message>
        <source>Fold these rows away</source>
        <translation>Diese Zeilen einklappen</translation>
    </message>
    <message>
        <source>Block</source>
        <translation>Nachbargebäude</translation>
    </message>
    <message>
        <source>block</source>
        <translation>Nachbargebäude</translation>
    </message>
    <message>
        <source>Made of</source>
        <translation>Aus</translation>
    </message>
    <message>
        <source>Material of block</source>
        <translation>Material des Nachbargebäudes</translation>
    </message>
    <message>
        <source>Dimension</source>
        <translation>Maßlinie</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>dimension</source>
        <translation>Maßlinie</translation>
    </message>
    <message>
        <source>Floor void</source>
        <translation>Luftraum</translation>
    </message>
    <message>
        <source>Rename void</source>
        <translation>Luftraum umbenennen</translation>
    </message>
    <message>
        <source>Area</source>
        <translation>Fläche</translation>
    </message>
    <message>
        <source>Joins the room here with the one below: a stair, or the open side of a gallery.</source>
        <translation>Verbindet den Raum hier mit dem darunter: eine Treppe oder die offene Seite einer Galerie.</translation>
    </message>
    <message>
        <source>openings</source>
        <translation>Öffnungen</translation>
    </message>
    <message>
        <source>rooms</source>
        <translation>Räume</translation>
    </message>
    <message>
        <source>things</source>
        <translation>Dinge</translation>
    </message>
    <message>
        <source>%1 of %2 openings</source>
        <translation>%1 von %2 Öffnungen</translation>
    </message>
    <message>
        <source>several</source>
        <translation>verschieden</translation>
    </message>
    <message>
        <source>Glazing</source>
        <translation>Verglasung</translation>
    </message>
    <message>
        <source>Glazing of %1 windows</source>
        <translation>Verglasung von %1 Fenstern</translation>
    </message>
    <message>
        <source>Blind and shading</source>
        <translation>Behang und Verschattung</translation>
    </message>
    <message>
        <source>In line</source>
        <translation>In Flucht</translation>
    </message>
    <message>
        <source>Line up sills</source>
        <translation>Brüstungen angleichen</translation>
    </message>
    <message>
        <source>Line up heads</source>
        <translation>Stürze angleichen</translation>
    </message>
    <message>
        <source>Same width</source>
        <translation>Gleiche Breite</translation>
    </message>
    <message>
        <source>Same height</source>
        <translation>Gleiche Höhe</translation>
    </message>
    <message>
        <source>Equal distances</source>
        <translation>Gleiche Abstände</translation>
    </message>
    <message>
        <source>Floor area</source>
        <translation>Bodenfläche</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Height of rooms</source>
        <translation>Höhe der Räume</translation>
    </message>
    <message>
        <source>%1 of rooms</source>
        <translation>%1 der Räume</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>Walls</source>
        <translation>Wände</translation>
    </message>
    <message>
        <source>Ceiling</source>
        <translation>Decke</translation>
    </message>
    <message>
        <source>Drag to move them together, with Ctrl to copy. Right click for turning, mirroring and rows.</source>
        <translation>Ziehen verschiebt sie gemeinsam, mit Strg kopiert es. Rechtsklick zum Drehen, Spiegeln und Reihen.</translation>
    </message>
    <message>
        <source>Rename option</source>
        <translation>Option umbenennen</translation>
    </message>
    <message>
        <source>Rooms</source>
        <translation>Räume</translation>
    </message>
    <message>
        <source>Windows</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>Outer wall</source>
        <translation>Außenwand</translation>
    </message>
    <message>
        <source>Outer wall thickness</source>
        <translation>Dicke der Außenwand</translation>
    </message>
    <message>
        <source>Inner wall</source>
        <translation>Innenwand</translation>
    </message>
    <message>
        <source>Inner wall thickness</source>
        <translation>Dicke der Innenwand</translation>
    </message>
    <message>
        <source>Roof and slabs</source>
        <translation>Dach und Decken</translation>
    </message>
    <message>
        <source>Thickness of roof and slabs</source>
        <translation>Dicke von Dach und Decken</translation>
    </message>
    <message>
        <source>Select a room, a window or an observer to edit it and to see what it does.</source>
        <translation>Einen Raum, ein Fenster oder einen Beobachter auswählen, um ihn zu bearbeiten und seine Wirkung zu sehen.</translation>
    </message>
    <message>
        <source>Observer</source>
        <translation>Beobachter</translation>
    </message>
    <message>
        <source>observer</source>
        <translation>Beobachter</translation>
    </message>
    <message>
        <source>Aim at…</source>
        <translation>Ausrichten auf …</translation>
    </message>
    <message>
        <source>Then click what it looks at on the sheet</source>
        <translation>Dann auf dem Blatt anklicken, wohin er blickt</translation>
    </message>
    <message>
        <source>Eye height</source>
        <translation>Augenhöhe</translation>
    </message>
    <message>
        <source>Above the floor</source>
        <translation>Über dem Boden</translation>
    </message>
    <message>
        <source>Seated, 1.20 m</source>
        <translation>Sitzend, 1,20 m</translation>
    </message>
    <message>
        <source>Standing, 1.70 m</source>
        <translation>Stehend, 1,70 m</translation>
    </message>
    <message>
        <source>So many views from the same place, evenly around</source>
        <translation>So viele Blicke vom selben Platz, gleichmäßig ringsum</translation>
    </message>
    <message>
        <source>Look through this eye</source>
        <translation>Durch dieses Auge schauen</translation>
    </message>
    <message>
        <source>Look towards %L1°</source>
        <translation>Blick nach %L1°</translation>
    </message>
    <message>
        <source>At</source>
        <translation>Um</translation>
    </message>
    <message>
        <source>%L1 (%L2 to %L3)</source>
        <translation>%L1 (%L2 bis %L3)</translation>
    </message>
    <message>
        <source>Blinds</source>
        <translation>Behänge</translation>
    </message>
    <message>
        <source>%1 ± %2 lx</source>
        <translation>%1 ± %2 lx</translation>
    </message>
    <message>
        <source>Window</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>Door</source>
        <translation>Tür</translation>
    </message>
    <message>
        <source>Panel</source>
        <translation>Paneel</translation>
    </message>
    <message>
        <source>Opening</source>
        <translation>Öffnung</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Without a leaf</source>
        <translation>Ohne Flügel</translation>
    </message>
    <message>
        <source>Kind of opening</source>
        <translation>Art der Öffnung</translation>
    </message>
    <message>
        <source>Share of light</source>
        <translation>Anteil am Licht</translation>
    </message>
    <message>
        <source>Share of the mean daylight factor in %1 that comes in through this window</source>
        <translation>Anteil am mittleren Tageslichtquotienten in %1, der durch dieses Fenster kommt</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Materialien</translation>
    </message>
    <message>
        <source>What fills the opening</source>
        <translation>Was die Öffnung füllt</translation>
    </message>
    <message>
        <source>Leaf</source>
        <translation>Flügel</translation>
    </message>
    <message>
        <source>lets light through</source>
        <translation>lässt Licht durch</translation>
    </message>
    <message>
        <source>Infill</source>
        <translation>Füllung</translation>
    </message>
    <message>
        <source>Reveals</source>
        <translation>Laibungen</translation>
    </message>
    <message>
        <source>Material of reveals</source>
        <translation>Material der Laibungen</translation>
    </message>
    <message>
        <source>Frames</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>Material of frames</source>
        <translation>Material der Rahmen</translation>
    </message>
    <message>
        <source>Depth and frame</source>
        <translation>Tiefe und Rahmen</translation>
    </message>
    <message>
        <source>opening</source>
        <translation>Öffnung</translation>
    </message>
    <message>
        <source>In its wall</source>
        <translation>In der Wand</translation>
    </message>
    <message>
        <source>Share of wall</source>
        <translation>Anteil der Wand</translation>
    </message>
    <message>
        <source>Row, apart</source>
        <translation>Reihe, Abstand</translation>
    </message>
    <message>
        <source>Row of openings</source>
        <translation>Reihe von Öffnungen</translation>
    </message>
    <message>
        <source>As many like this as fit into the wall, at least this far apart: type a distance</source>
        <translation>So viele wie diese, wie in die Wand passen, mindestens so weit auseinander: einen Abstand eingeben</translation>
    </message>
    <message>
        <source>Full height</source>
        <translation>Volle Höhe</translation>
    </message>
    <message>
        <source>Partition</source>
        <translation>Trennwand</translation>
    </message>
    <message>
        <source>partition</source>
        <translation>Trennwand</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Material of partition</source>
        <translation>Material der Trennwand</translation>
    </message>
    <message>
        <source>Reference plane</source>
        <translation>Bezugsebene</translation>
    </message>
    <message>
        <source>plane</source>
        <translation>Ebene</translation>
    </message>
    <message>
        <source>In</source>
        <translation>In</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>Usual heights</source>
        <translation>Übliche Höhen</translation>
    </message>
    <message>
        <source>own</source>
        <translation>eigene</translation>
    </message>
    <message>
        <source>Plane height</source>
        <translation>Höhe der Ebene</translation>
    </message>
    <message>
        <source>Usual</source>
        <translation>Üblich</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Plane spacing</source>
        <translation>Abstand der Ebene</translation>
    </message>
    <message>
        <source>by number</source>
        <translation>nach Anzahl</translation>
    </message>
    <message>
        <source>Points wanted</source>
        <translation>Punkte gewünscht</translation>
    </message>
    <message>
        <source>Points of plane</source>
        <translation>Punkte der Ebene</translation>
    </message>
    <message>
        <source>by spacing</source>
        <translation>nach Abstand</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Cells</source>
        <translation>Zellen</translation>
    </message>
    <message>
        <source>Finer, keeping its points</source>
        <translation>Feiner, mit den alten Punkten</translation>
    </message>
    <message>
        <source>Finer plane</source>
        <translation>Feinere Ebene</translation>
    </message>
    <message>
        <source>Nine cells for each one: points that are known already stay as they are</source>
        <translation>Neun Zellen für jede: Punkte, die schon bekannt sind, bleiben</translation>
    </message>
    <message>
        <source>Only a part: draw it</source>
        <translation>Nur ein Teil: zeichnen</translation>
    </message>
    <message>
        <source>Draw its part anew</source>
        <translation>Den Teil neu zeichnen</translation>
    </message>
    <message>
        <source>Leave a part out: draw it</source>
        <translation>Einen Teil auslassen: zeichnen</translation>
    </message>
    <message>
        <source>The whole room again</source>
        <translation>Wieder der ganze Raum</translation>
    </message>
    <message>
        <source>Whole room</source>
        <translation>Ganzer Raum</translation>
    </message>
    <message>
        <source>Criteria</source>
        <translation>Kriterien</translation>
    </message>
    <message>
        <source>occupied area</source>
        <translation>genutzte Fläche</translation>
    </message>
    <message>
        <source>Occupied</source>
        <translation>Genutzt</translation>
    </message>
    <message>
        <source>Faces</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>the other way</source>
        <translation>umgekehrt</translation>
    </message>
    <message>
        <source>Turn plane over</source>
        <translation>Ebene umdrehen</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove plane</source>
        <translation>Ebene entfernen</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>Height of reading</source>
        <translation>Höhe der Ablesung</translation>
    </message>
    <message>
        <source>Turn reading</source>
        <translation>Ablesung drehen</translation>
    </message>
    <message>
        <source>Faces up</source>
        <translation>Blickt nach oben</translation>
    </message>
    <message>
        <source>90°: like a table&apos;s top. 0°: like a wall</source>
        <translation>90°: wie eine Tischplatte. 0°: wie eine Wand</translation>
    </message>
    <message>
        <source>Heading</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>Degrees clockwise from the top of the sheet</source>
        <translation>Grad im Uhrzeigersinn von der Oberkante des Blatts</translation>
    </message>
    <message>
        <source>What light it has stands on the Light desk, among the readings.</source>
        <translation>Welches Licht sie hat, steht auf dem Tisch Licht bei den Ablesungen.</translation>
    </message>
    <message>
        <source>roof</source>
        <translation>Dach</translation>
    </message>
    <message>
        <source>Ridge</source>
        <translation>First</translation>
    </message>
    <message>
        <source>Over</source>
        <translation>Über</translation>
    </message>
    <message>
        <source>the whole storey</source>
        <translation>das ganze Geschoss</translation>
    </message>
    <message>
        <source>Ceilings below follow it, unless a room&apos;s ceiling is flat.</source>
        <translation>Decken darunter folgen ihm, außer die Decke eines Raums ist flach.</translation>
    </message>
    <message>
        <source>Rooflight %1</source>
        <translation>Dachfenster %1</translation>
    </message>
    <message>
        <source>rooflight</source>
        <translation>Dachfenster</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>Steht</translation>
    </message>
    <message>
        <source>upright in a sawtooth</source>
        <translation>aufrecht in einem Sheddach</translation>
    </message>
    <message>
        <source>Upright rooflight</source>
        <translation>Aufrechtes Dachfenster</translation>
    </message>
    <message>
        <source>Glazing of rooflight</source>
        <translation>Verglasung des Dachfensters</translation>
    </message>
    <message>
        <source>Reference planes</source>
        <translation>Bezugsebenen</translation>
    </message>
    <message>
        <source>Fit a plane to this room</source>
        <translation>Eine Ebene in diesen Raum legen</translation>
    </message>
    <message>
        <source>Fit plane</source>
        <translation>Ebene einpassen</translation>
    </message>
    <message>
        <source>0.76 m high, 0.3 m from the walls, points 0.5 m apart: everything can be changed afterwards</source>
        <translation>0,76 m hoch, 0,3 m von den Wänden, Punkte 0,5 m auseinander: alles lässt sich später ändern</translation>
    </message>
    <message>
        <source>Sizes</source>
        <translation>Maße</translation>
    </message>
    <message>
        <source>Volume</source>
        <translation>Volumen</translation>
    </message>
    <message>
        <source>Window to floor</source>
        <translation>Fenster zu Boden</translation>
    </message>
    <message>
        <source>Window to wall</source>
        <translation>Fenster zu Wand</translation>
    </message>
    <message>
        <source>Mean</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>Below 2 % a room looks dim by day and needs electric light; above 5 % it looks well lit (CIBSE LG10; BS 8206-2:2008, withdrawn)</source>
        <translation>Unter 2 % wirkt ein Raum am Tag düster und braucht elektrisches Licht; über 5 % wirkt er hell (CIBSE LG10; BS 8206-2:2008, zurückgezogen)</translation>
    </message>
    <message>
        <source>Median</source>
        <translation>Median</translation>
    </message>
    <message>
        <source>Least</source>
        <translation>Kleinster</translation>
    </message>
    <message>
        <source>Uniformity</source>
        <translation>Gleichmäßigkeit</translation>
    </message>
    <message>
        <source>2 %: dim by day below. 5 %: well lit above (BS 8206-2:2008, withdrawn).</source>
        <translation>2 %: darunter am Tag düster. 5 %: darüber hell (BS 8206-2:2008, zurückgezogen).</translation>
    </message>
    <message>
        <source>Rename room</source>
        <translation>Raum umbenennen</translation>
    </message>
    <message>
        <source>Room height</source>
        <translation>Raumhöhe</translation>
    </message>
    <message>
        <source>%1 material</source>
        <translation>Material %1</translation>
    </message>
    <message>
        <source>Own surfaces</source>
        <translation>Eigene Flächen</translation>
    </message>
    <message>
        <source>Single surfaces with a material of their own: select a wall to change it</source>
        <translation>Einzelne Flächen mit eigenem Material: eine Wand auswählen, um es zu ändern</translation>
    </message>
    <message>
        <source>follows the roof</source>
        <translation>folgt dem Dach</translation>
    </message>
    <message>
        <source>Shape of ceiling</source>
        <translation>Form der Decke</translation>
    </message>
    <message>
        <source>Its shape</source>
        <translation>Ihre Form</translation>
    </message>
    <message>
        <source>Storey</source>
        <translation>Geschoss</translation>
    </message>
    <message>
        <source>Rename storey</source>
        <translation>Geschoss umbenennen</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Kote</translation>
    </message>
    <message>
        <source>Level of storey</source>
        <translation>Kote des Geschosses</translation>
    </message>
    <message>
        <source>Clear height</source>
        <translation>Lichte Höhe</translation>
    </message>
    <message>
        <source>Height of storey</source>
        <translation>Höhe des Geschosses</translation>
    </message>
    <message>
        <source>Underlay</source>
        <translation>Unterlage</translation>
    </message>
    <message>
        <source>underlay</source>
        <translation>Unterlage</translation>
    </message>
    <message>
        <source>Left at</source>
        <translation>Links bei</translation>
    </message>
    <message>
        <source>Place of underlay</source>
        <translation>Lage der Unterlage</translation>
    </message>
    <message>
        <source>Foot at</source>
        <translation>Unten bei</translation>
    </message>
    <message>
        <source>Remove underlay</source>
        <translation>Unterlage entfernen</translation>
    </message>
    <message>
        <source>thing</source>
        <translation>Ding</translation>
    </message>
    <message>
        <source>Flights</source>
        <translation>Läufe</translation>
    </message>
    <message>
        <source>one, straight</source>
        <translation>einer, gerade</translation>
    </message>
    <message>
        <source>two and a landing</source>
        <translation>zwei und ein Podest</translation>
    </message>
    <message>
        <source>Rise and going</source>
        <translation>Steigung, Auftritt</translation>
    </message>
    <message>
        <source>%L1 / %L2 mm</source>
        <translation>%L1 / %L2 mm</translation>
    </message>
    <message>
        <source>In leaf from %1 to %2: set on the Site desk.</source>
        <translation>Belaubt von %1 bis %2: auf dem Tisch Standort eingestellt.</translation>
    </message>
    <message>
        <source>Leaves</source>
        <translation>Laub</translation>
    </message>
    <message>
        <source>Material of thing</source>
        <translation>Material des Dings</translation>
    </message>
    <message>
        <source>Counts</source>
        <translation>Zählt</translation>
    </message>
    <message>
        <source>in all questions</source>
        <translation>in allen Fragen</translation>
    </message>
    <message>
        <source>Count thing in</source>
        <translation>Ding mitzählen</translation>
    </message>
    <message>
        <source>Leave thing out</source>
        <translation>Ding auslassen</translation>
    </message>
    <message>
        <source>every %1</source>
        <translation>alles dieser Art: %1</translation>
    </message>
    <message>
        <source>Count kind in</source>
        <translation>Art mitzählen</translation>
    </message>
    <message>
        <source>Leave kind out</source>
        <translation>Art auslassen</translation>
    </message>
    <message>
        <source>Planes on flights and landings</source>
        <translation>Ebenen auf Läufen und Podesten</translation>
    </message>
    <message>
        <source>Plane on it</source>
        <translation>Ebene darauf</translation>
    </message>
    <message>
        <source>Planes on thing</source>
        <translation>Ebenen auf dem Ding</translation>
    </message>
    <message>
        <source>Plane on facade</source>
        <translation>Ebene auf der Fassade</translation>
    </message>
    <message>
        <source>Plane on wall</source>
        <translation>Ebene auf der Wand</translation>
    </message>
    <message>
        <source>Wall of %1</source>
        <translation>Wand von %1</translation>
    </message>
    <message>
        <source>Behind it</source>
        <translation>Dahinter</translation>
    </message>
    <message>
        <source>Inner length</source>
        <translation>Innere Länge</translation>
    </message>
    <message>
        <source>Wall length</source>
        <translation>Wandlänge</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>Wall thickness</source>
        <translation>Wanddicke</translation>
    </message>
    <message>
        <source>Of this wall only. All walls: select nothing, or the option</source>
        <translation>Nur diese Wand. Alle Wände: nichts auswählen, oder die Option</translation>
    </message>
    <message>
        <source>This wall</source>
        <translation>Diese Wand</translation>
    </message>
    <message>
        <source>Material of wall</source>
        <translation>Material der Wand</translation>
    </message>
    <message>
        <source>Lay a plane before it</source>
        <translation>Eine Ebene davor legen</translation>
    </message>
    <message>
        <source>Lay a plane on its facade</source>
        <translation>Eine Ebene auf ihre Fassade legen</translation>
    </message>
    <message>
        <source>Lengths are inner dimensions. Typing one moves the wall at its far end; rooms beside it follow.</source>
        <translation>Längen sind Innenmaße. Wer eines eingibt, verschiebt die Wand am anderen Ende; Nachbarräume folgen.</translation>
    </message>
    <message>
        <source>, inside</source>
        <translation>, innen</translation>
    </message>
    <message>
        <source>, outside</source>
        <translation>, außen</translation>
    </message>
    <message>
        <source>Blind</source>
        <translation>Behang</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keiner</translation>
    </message>
    <message>
        <source>plain, %L1 %</source>
        <translation>einfach, %L1 %</translation>
    </message>
    <message>
        <source>Scatters that share of the light; the project&apos;s own</source>
        <translation>Streut diesen Anteil des Lichts; der des Projekts</translation>
    </message>
    <message>
        <source>An inner blind that criteria may close. Fabric and slats come from the materials</source>
        <translation>Ein innerer Behang, den Kriterien schließen dürfen. Gewebe und Lamellen kommen aus den Materialien</translation>
    </message>
    <message>
        <source>Exposure to dirt</source>
        <translation>Verschmutzung</translation>
    </message>
    <message>
        <source>usual</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>sheltered</source>
        <translation>geschützt</translation>
    </message>
    <message>
        <source>driving</source>
        <translation>Schlagregen</translation>
    </message>
    <message>
        <source>Exposure</source>
        <translation>Verschmutzung</translation>
    </message>
    <message>
        <source>Decides how much dirt stays on the pane (BS 8206-2:2008, annex A, withdrawn)</source>
        <translation>Bestimmt, wie viel Schmutz auf der Scheibe bleibt (BS 8206-2:2008, Anhang A, zurückgezogen)</translation>
    </message>
    <message>
        <source>Side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>außen</translation>
    </message>
    <message>
        <source>Side of shading</source>
        <translation>Seite der Verschattung</translation>
    </message>
    <message>
        <source>Material of shading</source>
        <translation>Material der Verschattung</translation>
    </message>
    <message>
        <source>They differ: what is changed here is changed for all that have such a layer.</source>
        <translation>Sie sind verschieden: was hier geändert wird, gilt für alle, die eine solche Schicht haben.</translation>
    </message>
    <message>
        <source>Remove this layer</source>
        <translation>Diese Schicht entfernen</translation>
    </message>
    <message>
        <source>Remove shading</source>
        <translation>Verschattung entfernen</translation>
    </message>
    <message>
        <source>Add shading</source>
        <translation>Verschattung hinzufügen</translation>
    </message>
    <message>
        <source>One layer: %1</source>
        <translation>Eine Schicht: %1</translation>
    </message>
    <message>
        <source>running, %L1 %</source>
        <translation>läuft, %L1 %</translation>
    </message>
    <message>
        <source>paused</source>
        <translation>angehalten</translation>
    </message>
    <message>
        <source>waiting</source>
        <translation>wartet</translation>
    </message>
    <message>
        <source>Jobs and answers</source>
        <translation>Aufträge und Antworten</translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>Nothing runs and nothing waits.</source>
        <translation>Nichts läuft, nichts wartet.</translation>
    </message>
    <message>
        <source>Job</source>
        <translation>Auftrag</translation>
    </message>
    <message>
        <source>State</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>Sooner</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Before the one that stands above it</source>
        <translation>Vor den, der darüber steht</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>After the one that stands below it</source>
        <translation>Nach dem, der darunter steht</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>What is traced so far is kept; going on begins there</source>
        <translation>Was schon gerechnet ist, bleibt; dort geht es weiter</translation>
    </message>
    <message>
        <source>Cancel job</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>What is traced so far is kept: asking again begins there</source>
        <translation>Was schon gerechnet ist, bleibt: neues Fragen beginnt dort</translation>
    </message>
    <message>
        <source>Answers beside the project</source>
        <translation>Antworten neben dem Projekt</translation>
    </message>
    <message>
        <source>Option</source>
        <translation>Option</translation>
    </message>
    <message>
        <source>Made</source>
        <translation>Erstellt</translation>
    </message>
    <message>
        <source>Error</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Gewünscht</translation>
    </message>
    <message>
        <source>Seed</source>
        <translation>Startwert</translation>
    </message>
    <message>
        <source>Million rays</source>
        <translation>Millionen Strahlen</translation>
    </message>
    <message>
        <source>Seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>Program</source>
        <translation>Programm</translation>
    </message>
    <message>
        <source>Forget answer</source>
        <translation>Antwort vergessen</translation>
    </message>
    <message>
        <source>Takes the answer out of the file; it can be traced again</source>
        <translation>Nimmt die Antwort aus der Datei; sie kann neu gerechnet werden</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Save the project: its answers are then kept beside it.</source>
        <translation>Das Projekt speichern: dann werden seine Antworten daneben aufbewahrt.</translation>
    </message>
    <message>
        <source>No answers can be kept beside this project.</source>
        <translation>Neben diesem Projekt lassen sich keine Antworten aufbewahren.</translation>
    </message>
    <message>
        <source>%1: may be deleted at any time; everything in it can be traced again.</source>
        <translation>%1: darf jederzeit gelöscht werden; alles darin lässt sich neu rechnen.</translation>
    </message>
    <message>
        <source>Fingerprint %1
Settings %2%3</source>
        <translation>Prüfsumme %1
Einstellungen %2%3</translation>
    </message>
    <message>
        <source>
Not settled</source>
        <translation>
Noch nicht genau genug</translation>
    </message>
    <message>
        <source>Legend</source>
        <translation>Legende</translation>
    </message>
    <message>
        <source>Drag an end to set it, drag a stretch to hatch what is beyond, double-click to fit it to the map; Enter for more</source>
        <translation>Ein Ende ziehen stellt es ein, ein Stück ziehen schraffiert, was darüber hinausgeht, Doppelklick passt an die Karte an; Eingabe für mehr</translation>
    </message>
    <message>
        <source>Ends, steps, lines, values, units of this map (Shift+L)</source>
        <translation>Enden, Stufen, Linien, Werte, Einheiten dieser Karte (Umschalt+L)</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Anpassen</translation>
    </message>
    <message>
        <source>The colours stay while you edit; this fits them to the map as it is now</source>
        <translation>Die Farben bleiben, während man ändert; dies passt sie an die Karte an, wie sie jetzt ist</translation>
    </message>
    <message>
        <source>Drag an end to set it. Drag along the bar: what is beyond is hatched. Double-click: fit it to the map.</source>
        <translation>Ein Ende ziehen stellt es ein. Am Balken ziehen: was darüber hinausgeht, wird schraffiert. Doppelklick: an die Karte anpassen.</translation>
    </message>
    <message>
        <source>Ends</source>
        <translation>Enden</translation>
    </message>
    <message>
        <source>Stay while you edit</source>
        <translation>Bleiben beim Ändern</translation>
    </message>
    <message>
        <source>Follow this map</source>
        <translation>Folgen dieser Karte</translation>
    </message>
    <message>
        <source>One for all options</source>
        <translation>Gleich für alle Optionen</translation>
    </message>
    <message>
        <source>Set by hand…</source>
        <translation>Von Hand setzen …</translation>
    </message>
    <message>
        <source>Logarithmic</source>
        <translation>Logarithmisch</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Continuous</source>
        <translation>Stufenlos</translation>
    </message>
    <message>
        <source>In %1 steps</source>
        <translation>In %1 Stufen</translation>
    </message>
    <message>
        <source>On the map</source>
        <translation>Auf der Karte</translation>
    </message>
    <message>
        <source>Lines of equal value</source>
        <translation>Linien gleichen Werts</translation>
    </message>
    <message>
        <source>Values at points</source>
        <translation>Werte an Punkten</translation>
    </message>
    <message>
        <source>Figures of rooms</source>
        <translation>Werte der Räume</translation>
    </message>
    <message>
        <source>Hatch below and above…</source>
        <translation>Darunter und darüber schraffieren …</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>Lux</source>
        <translation>Lux</translation>
    </message>
    <message>
        <source>Footcandle</source>
        <translation>Footcandle</translation>
    </message>
    <message>
        <source>Ends of the legend</source>
        <translation>Enden der Legende</translation>
    </message>
    <message>
        <source>From, %1</source>
        <translation>Von, %1</translation>
    </message>
    <message>
        <source>To, %1</source>
        <translation>Bis, %1</translation>
    </message>
    <message>
        <source>They hold for all maps of this figure, until they are let free again.</source>
        <translation>Sie gelten für alle Karten dieser Größe, bis sie wieder freigegeben werden.</translation>
    </message>
    <message>
        <source>Hatch what is beyond</source>
        <translation>Schraffieren, was darüber hinausgeht</translation>
    </message>
    <message>
        <source>Below, %1</source>
        <translation>Unter, %1</translation>
    </message>
    <message>
        <source>Above, %1</source>
        <translation>Über, %1</translation>
    </message>
    <message>
        <source>The ends of the legend mean: not hatched on that side.</source>
        <translation>Die Enden der Legende bedeuten: auf dieser Seite nicht schraffiert.</translation>
    </message>
    <message>
        <source>Right less left</source>
        <translation>Rechts minus links</translation>
    </message>
    <message>
        <source>On the sheet</source>
        <translation>Auf dem Blatt</translation>
    </message>
    <message>
        <source>What is on the sheet: choose another figure</source>
        <translation>Was auf dem Blatt ist: eine andere Größe wählen</translation>
    </message>
    <message>
        <source>Find a figure: autonomy, lux, sky, sun …</source>
        <translation>Eine Größe finden: Autonomie, Lux, Himmel, Sonne …</translation>
    </message>
    <message>
        <source>Looked at last</source>
        <translation>Zuletzt angesehen</translation>
    </message>
    <message>
        <source>No figure is called that</source>
        <translation>Keine Größe heißt so</translation>
    </message>
    <message>
        <source>Daylight factor, live</source>
        <translation>Tageslichtquotient, laufend</translation>
    </message>
    <message>
        <source>The moment of the strip, live</source>
        <translation>Der Zeitpunkt des Streifens, laufend</translation>
    </message>
    <message>
        <source>Of the light of the moment, what came by any surface</source>
        <translation>Vom Licht des Zeitpunkts das, was über irgendeine Fläche kam</translation>
    </message>
    <message>
        <source>Illuminance of the strip&apos;s hour</source>
        <translation>Beleuchtungsstärke der Stunde des Streifens</translation>
    </message>
    <message>
        <source>The hour that the strip is at, blinds as they are worked</source>
        <translation>Die Stunde, bei der der Streifen steht, mit Behängen, wie sie bedient werden</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>question</source>
        <translation>Frage</translation>
    </message>
    <message>
        <source>Which figure</source>
        <translation>Welche Größe</translation>
    </message>
    <message>
        <source>All 8760 hours of this option, in the background (Y)</source>
        <translation>Alle 8760 Stunden dieser Option, im Hintergrund (Y)</translation>
    </message>
    <message>
        <source>Ask</source>
        <translation>Fragen</translation>
    </message>
    <message>
        <source>Answers this question for the option, in the background</source>
        <translation>Beantwortet diese Frage für die Option, im Hintergrund</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Nebeneinander</translation>
    </message>
    <message>
        <source>All moments on one legend</source>
        <translation>Alle Zeitpunkte auf einer Legende</translation>
    </message>
    <message>
        <source>New question</source>
        <translation>Neue Frage</translation>
    </message>
    <message>
        <source>Ask something else: moments, sunlight hours, sky, exposure</source>
        <translation>Etwas anderes fragen: Zeitpunkte, Sonnenstunden, Himmel, Lichtmenge</translation>
    </message>
    <message>
        <source>Open a table of figures from elsewhere on these planes (CSV)</source>
        <translation>Eine Tabelle mit Werten von anderswo auf diesen Ebenen öffnen (CSV)</translation>
    </message>
    <message>
        <source>A table of an answer</source>
        <translation>Eine Tabelle einer Antwort</translation>
    </message>
    <message>
        <source>Tables (*.csv);;All files (*)</source>
        <translation>Tabellen (*.csv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>needs weather</source>
        <translation>braucht Wetter</translation>
    </message>
    <message>
        <source>run the year first</source>
        <translation>erst das Jahr rechnen</translation>
    </message>
    <message>
        <source>Questions of this project</source>
        <translation>Fragen dieses Projekts</translation>
    </message>
    <message>
        <source>From elsewhere</source>
        <translation>Von anderswo</translation>
    </message>
    <message>
        <source>A table that was opened</source>
        <translation>Eine Tabelle, die geöffnet wurde</translation>
    </message>
    <message>
        <source>This map is read from the year: press Run the year (Y)</source>
        <translation>Diese Karte wird aus dem Jahr gelesen: Jahr rechnen drücken (Y)</translation>
    </message>
    <message>
        <source>Not asked yet for this option: press Ask</source>
        <translation>Für diese Option noch nicht gefragt: Fragen drücken</translation>
    </message>
    <message>
        <source>By month</source>
        <translation>Nach Monaten</translation>
    </message>
    <message>
        <source>Not opened</source>
        <translation>Nicht geöffnet</translation>
    </message>
    <message>
        <source>Keep this map beside</source>
        <translation>Diese Karte daneben behalten</translation>
    </message>
    <message>
        <source>Daylight of the building: maps, reasons, the year</source>
        <translation>Tageslicht des Gebäudes: Karten, Gründe, das Jahr</translation>
    </message>
    <message>
        <source>Profile</source>
        <translation>Profil</translation>
    </message>
    <message>
        <source>Click a desk, a stair, the floor or a wall: the light there is told from now on; Escape leaves</source>
        <translation>Einen Tisch, eine Treppe, den Boden oder die Wand anklicken: das Licht dort wird von nun an angezeigt; Esc beendet</translation>
    </message>
    <message>
        <source>Click the other end of the profile</source>
        <translation>Das andere Ende des Profils anklicken</translation>
    </message>
    <message>
        <source>Drag a line across the rooms: the curve along it is drawn beside</source>
        <translation>Eine Linie quer durch die Räume ziehen: die Kurve darüber wird daneben gezeichnet</translation>
    </message>
    <message>
        <source>Two maps side by side</source>
        <translation>Zwei Karten nebeneinander</translation>
    </message>
    <message>
        <source>%1: %2 less %3</source>
        <translation>%1: %2 minus %3</translation>
    </message>
    <message>
        <source>%1 less %2</source>
        <translation>%1 minus %2</translation>
    </message>
    <message>
        <source>%1: nothing to show yet</source>
        <translation>%1: noch nichts zu zeigen</translation>
    </message>
    <message>
        <source>The two have no points in the same places: nothing can be taken from the other. Choose Side by side.</source>
        <translation>Die beiden haben keine Punkte an denselben Stellen: keine lässt sich von der anderen abziehen. Nebeneinander wählen.</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>How the two are shown</source>
        <translation>Wie die beiden gezeigt werden</translation>
    </message>
    <message>
        <source>Difference</source>
        <translation>Unterschied</translation>
    </message>
    <message>
        <source>One map again</source>
        <translation>Wieder eine Karte</translation>
    </message>
    <message>
        <source>Beside</source>
        <translation>Daneben</translation>
    </message>
    <message>
        <source>Two maps on one legend: keep this one and look at another moment, sky, question or edit (Z), or take another option</source>
        <translation>Zwei Karten auf einer Legende: diese behalten und einen anderen Zeitpunkt, Himmel, eine Frage oder Änderung ansehen (Z), oder eine andere Option nehmen</translation>
    </message>
    <message>
        <source>Option: %1</source>
        <translation>Option: %1</translation>
    </message>
    <message>
        <source>Kept: %1</source>
        <translation>Behalten: %1</translation>
    </message>
    <message>
        <source>Kept on the left: now choose another moment, sky, question, option, or edit the model</source>
        <translation>Links behalten: nun einen anderen Zeitpunkt, Himmel, eine Frage oder Option wählen oder das Modell ändern</translation>
    </message>
    <message>
        <source>Draw the profile&apos;s line on the sheet (I)</source>
        <translation>Die Linie des Profils auf dem Blatt ziehen (I)</translation>
    </message>
    <message>
        <source>Curves beside it</source>
        <translation>Kurven daneben</translation>
    </message>
    <message>
        <source>Keep this curve on the chart</source>
        <translation>Diese Kurve im Diagramm behalten</translation>
    </message>
    <message>
        <source>Remove the kept curves</source>
        <translation>Die behaltenen Kurven entfernen</translation>
    </message>
    <message>
        <source>This map alone</source>
        <translation>Nur diese Karte</translation>
    </message>
    <message>
        <source>All options</source>
        <translation>Alle Optionen</translation>
    </message>
    <message>
        <source>Hours of this day</source>
        <translation>Stunden dieses Tages</translation>
    </message>
    <message>
        <source>This hour in other months</source>
        <translation>Diese Stunde in anderen Monaten</translation>
    </message>
    <message>
        <source>All moments of the answer</source>
        <translation>Alle Zeitpunkte der Antwort</translation>
    </message>
    <message>
        <source>Press I and drag a line across the rooms: the curve of the map along it stands here, over the section cut there.</source>
        <translation>I drücken und eine Linie quer durch die Räume ziehen: die Kurve der Karte darüber steht hier, über dem Schnitt an dieser Stelle.</translation>
    </message>
    <message>
        <source>Profile, %1</source>
        <translation>Profil, %1</translation>
    </message>
    <message>
        <source>Draw profile</source>
        <translation>Profil ziehen</translation>
    </message>
    <message>
        <source>The map along a line, over the section cut there</source>
        <translation>Die Karte entlang einer Linie, über dem Schnitt an dieser Stelle</translation>
    </message>
    <message>
        <source>21 Mar</source>
        <translation>21. Mär</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>on the reference planes</source>
        <translation>auf den Bezugsebenen</translation>
    </message>
    <message>
        <source>at the windows, outer face</source>
        <translation>an den Fenstern, Außenseite</translation>
    </message>
    <message>
        <source>at the windows, inner face (EN 17037)</source>
        <translation>an den Fenstern, Innenseite (EN 17037)</translation>
    </message>
    <message>
        <source>at the readings</source>
        <translation>an den Ablesungen</translation>
    </message>
    <message>
        <source>Error wanted, ± % of the mean</source>
        <translation>Fehler gewünscht, ± % des Mittels</translation>
    </message>
    <message>
        <source>Moments, under “%1”</source>
        <translation>Zeitpunkte, unter „%1“</translation>
    </message>
    <message>
        <source>Moments</source>
        <translation>Zeitpunkte</translation>
    </message>
    <message>
        <source>the one of the clock, %1</source>
        <translation>der der Uhr, %1</translation>
    </message>
    <message>
        <source>hours of that day</source>
        <translation>Stunden dieses Tages</translation>
    </message>
    <message>
        <source>that day and hour in every month</source>
        <translation>dieser Tag und diese Stunde in jedem Monat</translation>
    </message>
    <message>
        <source>hours from</source>
        <translation>Stunden von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>every</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>Sunlight hours and exposure</source>
        <translation>Sonnenstunden und Lichtmenge</translation>
    </message>
    <message>
        <source>Days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>the month of the clock</source>
        <translation>der Monat der Uhr</translation>
    </message>
    <message>
        <source>one day for EN 17037, %1</source>
        <translation>ein Tag für EN 17037, %1</translation>
    </message>
    <message>
        <source>the year</source>
        <translation>das Jahr</translation>
    </message>
    <message>
        <source>as they are: %1</source>
        <translation>wie sie sind: %1</translation>
    </message>
    <message>
        <source>Sun counts</source>
        <translation>Sonne zählt</translation>
    </message>
    <message>
        <source>whenever it is up</source>
        <translation>immer, wenn sie am Himmel steht</translation>
    </message>
    <message>
        <source>when the weather&apos;s sun shines (120 W/m²)</source>
        <translation>wenn die Sonne des Wetters scheint (120 W/m²)</translation>
    </message>
    <message>
        <source>from an altitude of, °</source>
        <translation>ab einer Höhe von, °</translation>
    </message>
    <message>
        <source>%L1°: about what EN 17037:2018+A1:2021, annex D, asks for at this latitude, from memory; look it up before you sign. 0° for other standards.</source>
        <translation>%L1°: etwa, was EN 17037:2018+A1:2021, Anhang D, auf dieser Breite verlangt, aus dem Gedächtnis; vor der Unterschrift nachschlagen. 0° für andere Normen.</translation>
    </message>
    <message>
        <source>looked at every, minutes</source>
        <translation>geprüft alle, Minuten</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Ablesungen</translation>
    </message>
    <message>
        <source>No reading yet. Place one on a desk, a stair, the floor or a wall: what light it has is told here and on the sheet, and follows every change.</source>
        <translation>Noch keine Ablesung. Eine auf einen Tisch, eine Treppe, den Boden oder die Wand setzen: welches Licht sie hat, steht dann hier und auf dem Blatt und folgt jeder Änderung.</translation>
    </message>
    <message>
        <source>DF, %</source>
        <translation>TQ, %</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>Jetzt</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Setzen</translation>
    </message>
    <message>
        <source>Copy list</source>
        <translation>Liste kopieren</translation>
    </message>
    <message>
        <source>Remove reading</source>
        <translation>Ablesung entfernen</translation>
    </message>
    <message>
        <source>“Now” is %1, in %2. Each with its 95 % error.</source>
        <translation>„Jetzt“ ist %1, in %2. Jede mit ihrem Fehler (95 %).</translation>
    </message>
    <message>
        <source>Rename reading</source>
        <translation>Ablesung umbenennen</translation>
    </message>
    <message>
        <source>Nothing lies there that light could be read on</source>
        <translation>Dort liegt nichts, worauf sich Licht ablesen ließe</translation>
    </message>
    <message>
        <source>Place reading</source>
        <translation>Ablesung setzen</translation>
    </message>
    <message>
        <source>%1, %L2 m above the storey&apos;s floor: click for further ones, Escape leaves</source>
        <translation>%1, %L2 m über dem Boden des Geschosses: für weitere klicken, Esc beendet</translation>
    </message>
    <message>
        <source>Looking for a surface</source>
        <translation>Eine Fläche suchen</translation>
    </message>
    <message>
        <source>Light at places that were marked, in numbers</source>
        <translation>Licht an markierten Stellen, in Zahlen</translation>
    </message>
    <message>
        <source>Moments side by side</source>
        <translation>Zeitpunkte nebeneinander</translation>
    </message>
    <message>
        <source>The months are being computed…</source>
        <translation>Die Monate werden berechnet …</translation>
    </message>
    <message>
        <source>Nothing asked yet: press Ask.</source>
        <translation>Noch nichts gefragt: Fragen drücken.</translation>
    </message>
    <message>
        <source>Illuminance</source>
        <translation>Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>a year</source>
        <translation>im Jahr</translation>
    </message>
    <message>
        <source>a month</source>
        <translation>im Monat</translation>
    </message>
    <message>
        <source>mean </source>
        <translation>Mittel </translation>
    </message>
    <message>
        <source>Months</source>
        <translation>Monate</translation>
    </message>
    <message>
        <source>Direct sun, unreflected</source>
        <translation>Direkte Sonne, nicht reflektiert</translation>
    </message>
    <message>
        <source>From the sky that the point sees: the sky component</source>
        <translation>Vom Himmel, den der Punkt sieht: der Himmelslichtanteil</translation>
    </message>
    <message>
        <source>From lit ground that the point sees; a table, which looks up, sees none</source>
        <translation>Vom beleuchteten Boden, den der Punkt sieht; ein Tisch, der nach oben blickt, sieht keinen</translation>
    </message>
    <message>
        <source>From facades, neighbours, trees and blades that the point sees</source>
        <translation>Von Fassaden, Nachbarn, Bäumen und Lamellen, die der Punkt sieht</translation>
    </message>
    <message>
        <source>What came in through the windows via the ground, straight or reflected in the room</source>
        <translation>Was durch die Fenster über den Boden hereinkam, gerade oder im Raum reflektiert</translation>
    </message>
    <message>
        <source>Reflected last within the room, of light that came in via the ground</source>
        <translation>Zuletzt im Raum reflektiert, von Licht, das über den Boden hereinkam</translation>
    </message>
    <message>
        <source>Reflected last within the room, of light that came in from the sky, the sun or facades</source>
        <translation>Zuletzt im Raum reflektiert, von Licht, das vom Himmel, der Sonne oder Fassaden hereinkam</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>The whole room</source>
        <translation>Der ganze Raum</translation>
    </message>
    <message>
        <source>The mean over the room instead of this point</source>
        <translation>Das Mittel des Raums statt dieses Punktes</translation>
    </message>
    <message>
        <source>How the light came</source>
        <translation>Wie das Licht kam</translation>
    </message>
    <message>
        <source>How it came</source>
        <translation>Wie es kam</translation>
    </message>
    <message>
        <source>Share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>Gives</source>
        <translation>Gibt</translation>
    </message>
    <message>
        <source>Windows by what they give</source>
        <translation>Fenster nach dem, was sie geben</translation>
    </message>
    <message>
        <source>Through</source>
        <translation>Durch</translation>
    </message>
    <message>
        <source>Point at a window to see it on the sheet; take its tick away to see the map without it. Nothing is traced: what a wall in its place would reflect is not added.</source>
        <translation>Auf ein Fenster zeigen, um es auf dem Blatt zu sehen; den Haken wegnehmen, um die Karte ohne es zu sehen. Nichts wird neu gerechnet: was eine Wand an seiner Stelle reflektieren würde, kommt nicht hinzu.</translation>
    </message>
    <message>
        <source>All windows back</source>
        <translation>Alle Fenster zurück</translation>
    </message>
    <message>
        <source>A point of %1</source>
        <translation>Ein Punkt von %1</translation>
    </message>
    <message>
        <source>Click a point of the map, or select a room: what its light is made of is told here.</source>
        <translation>Einen Punkt der Karte anklicken oder einen Raum auswählen: woraus sein Licht besteht, steht dann hier.</translation>
    </message>
    <message>
        <source>Click a point of the map of the year, or select a room: what its mean light is made of is told here.</source>
        <translation>Einen Punkt der Jahreskarte anklicken oder einen Raum auswählen: woraus sein mittleres Licht besteht, steht dann hier.</translation>
    </message>
    <message>
        <source>Put the daylight factor or the moment on the sheet: of these it is known which window gives what.</source>
        <translation>Den Tageslichtquotienten oder den Zeitpunkt auf das Blatt legen: von ihnen ist bekannt, welches Fenster was gibt.</translation>
    </message>
    <message>
        <source>, mean of the occupied hours</source>
        <translation>, Mittel der Nutzungsstunden</translation>
    </message>
    <message>
        <source>Sun, straight</source>
        <translation>Sonne, gerade</translation>
    </message>
    <message>
        <source>Sky, straight</source>
        <translation>Himmel, gerade</translation>
    </message>
    <message>
        <source>Via the ground</source>
        <translation>Über den Boden</translation>
    </message>
    <message>
        <source>Inside, reflected</source>
        <translation>Innen, reflektiert</translation>
    </message>
    <message>
        <source>Ground, straight</source>
        <translation>Boden, gerade</translation>
    </message>
    <message>
        <source>Facades, neighbours</source>
        <translation>Fassaden, Nachbarn</translation>
    </message>
    <message>
        <source>Inside, from the sky</source>
        <translation>Innen, vom Himmel</translation>
    </message>
    <message>
        <source>Inside, via the ground</source>
        <translation>Innen, über den Boden</translation>
    </message>
    <message>
        <source>past all windows</source>
        <translation>an allen Fenstern vorbei</translation>
    </message>
    <message>
        <source>Take a window&apos;s tick away: the map shows what would be without it.</source>
        <translation>Einem Fenster den Haken nehmen: die Karte zeigt, was ohne es wäre.</translation>
    </message>
    <message>
        <source>Without %1: %2 %3, %L4 % less. Nothing was traced for it.</source>
        <translation>Ohne %1: %2 %3, %L4 % weniger. Nichts wurde dafür gerechnet.</translation>
    </message>
    <message>
        <source>%1 windows</source>
        <translation>%1 Fenster</translation>
    </message>
    <message>
        <source>What the light at a point is made of</source>
        <translation>Woraus das Licht an einem Punkt besteht</translation>
    </message>
    <message>
        <source>Settling lamp</source>
        <translation>Genauigkeitslampe</translation>
    </message>
    <message>
        <source>nothing to show yet</source>
        <translation>noch nichts zu zeigen</translation>
    </message>
    <message>
        <source>settling  </source>
        <translation>wird genauer  </translation>
    </message>
    <message>
        <source>settled  </source>
        <translation>genau  </translation>
    </message>
    <message>
        <source>stale</source>
        <translation>veraltet</translation>
    </message>
    <message>
        <source>from elsewhere</source>
        <translation>von anderswo</translation>
    </message>
    <message>
        <source>on hold  </source>
        <translation>angehalten  </translation>
    </message>
    <message>
        <source>%1 of the room&apos;s mean at a point (95 %, root mean square over the points); wanted ± %L2 %.
A ring: nothing yet. A filling disc: settling. A full disc: settled. A struck ring: stale. A ring with a cross: read from a file.</source>
        <translation>%1 des Raummittels an einem Punkt (95 %, quadratisches Mittel über die Punkte); gewünscht ± %L2 %.
Ein Ring: noch nichts. Eine wachsende Scheibe: wird genauer. Eine volle Scheibe: genau. Ein durchgestrichener Ring: veraltet. Ein Ring mit Kreuz: aus einer Datei.</translation>
    </message>
    <message>
        <source>What the material does</source>
        <translation>Was das Material tut</translation>
    </message>
    <message>
        <source>Choose a material to see what it does.</source>
        <translation>Ein Material wählen, um zu sehen, was es tut.</translation>
    </message>
    <message>
        <source>angle from square to the pane</source>
        <translation>Winkel zur Scheibennormalen</translation>
    </message>
    <message>
        <source>passes</source>
        <translation>lässt durch</translation>
    </message>
    <message>
        <source>reflects, outside</source>
        <translation>reflektiert, außen</translation>
    </message>
    <message>
        <source>sun&apos;s angle beside the pane</source>
        <translation>Winkel der Sonne seitlich der Scheibe</translation>
    </message>
    <message>
        <source>height of the sun before the pane</source>
        <translation>Höhe der Sonne vor der Scheibe</translation>
    </message>
    <message>
        <source>— straight   - - scattered</source>
        <translation>— gerade   - - gestreut</translation>
    </message>
    <message>
        <source>out   in</source>
        <translation>außen   innen</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>scattered</source>
        <translation>gestreut</translation>
    </message>
    <message>
        <source>sent back</source>
        <translation>zurückgeworfen</translation>
    </message>
    <message>
        <source>absorbed</source>
        <translation>absorbiert</translation>
    </message>
    <message>
        <source>matt</source>
        <translation>matt</translation>
    </message>
    <message>
        <source>mirrored</source>
        <translation>gespiegelt</translation>
    </message>
    <message>
        <source>Materials (*.materials.json *.json)</source>
        <translation>Materialien (*.materials.json *.json)</translation>
    </message>
    <message>
        <source>Surface</source>
        <translation>Oberfläche</translation>
    </message>
    <message>
        <source>Glass</source>
        <translation>Glas</translation>
    </message>
    <message>
        <source>Fabric, mesh or perforated sheet</source>
        <translation>Gewebe, Netz oder Lochblech</translation>
    </message>
    <message>
        <source>Venetian blind</source>
        <translation>Lamellenbehang</translation>
    </message>
    <message>
        <source>Find a material</source>
        <translation>Ein Material finden</translation>
    </message>
    <message>
        <source>A new material</source>
        <translation>Ein neues Material</translation>
    </message>
    <message>
        <source>Written</source>
        <translation>Geschrieben</translation>
    </message>
    <message>
        <source>In this project</source>
        <translation>In diesem Projekt</translation>
    </message>
    <message>
        <source>Library</source>
        <translation>Bibliothek</translation>
    </message>
    <message>
        <source>Rename material</source>
        <translation>Material umbenennen</translation>
    </message>
    <message>
        <source>Reflectance</source>
        <translation>Reflexionsgrad</translation>
    </message>
    <message>
        <source>Mirrored part</source>
        <translation>Gespiegelter Teil</translation>
    </message>
    <message>
        <source>Roughness</source>
        <translation>Rauheit</translation>
    </message>
    <message>
        <source>Transmittance</source>
        <translation>Transmissionsgrad</translation>
    </message>
    <message>
        <source>Visible, normal incidence (EN 410)</source>
        <translation>Sichtbar, senkrechter Einfall (EN 410)</translation>
    </message>
    <message>
        <source>Scattered part</source>
        <translation>Gestreuter Teil</translation>
    </message>
    <message>
        <source>Reflects, outside</source>
        <translation>Reflektiert, außen</translation>
    </message>
    <message>
        <source>0: as uncoated panes do</source>
        <translation>0: wie unbeschichtete Scheiben</translation>
    </message>
    <message>
        <source>Reflects, inside</source>
        <translation>Reflektiert, innen</translation>
    </message>
    <message>
        <source>Solar factor</source>
        <translation>g-Wert</translation>
    </message>
    <message>
        <source>g-value (EN 410); 0: not known. For the record</source>
        <translation>Gesamtenergiedurchlassgrad (EN 410); 0: nicht bekannt. Nur zur Angabe</translation>
    </message>
    <message>
        <source>Panes</source>
        <translation>Scheiben</translation>
    </message>
    <message>
        <source>Openness</source>
        <translation>Öffnungsgrad</translation>
    </message>
    <message>
        <source>Slat width</source>
        <translation>Lamellenbreite</translation>
    </message>
    <message>
        <source>Slat spacing</source>
        <translation>Lamellenabstand</translation>
    </message>
    <message>
        <source>Slat tilt</source>
        <translation>Lamellenwinkel</translation>
    </message>
    <message>
        <source>Slats</source>
        <translation>Lamellen</translation>
    </message>
    <message>
        <source>level</source>
        <translation>waagerecht</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>senkrecht</translation>
    </message>
    <message>
        <source>Known</source>
        <translation>Bekannt</translation>
    </message>
    <message>
        <source>only assumed</source>
        <translation>nur angenommen</translation>
    </message>
    <message>
        <source>Assumed</source>
        <translation>Angenommen</translation>
    </message>
    <message>
        <source>where its figures come from</source>
        <translation>woher seine Werte stammen</translation>
    </message>
    <message>
        <source>Source of material</source>
        <translation>Quelle des Materials</translation>
    </message>
    <message>
        <source>Source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>Colour…</source>
        <translation>Farbe …</translation>
    </message>
    <message>
        <source>Colour in drawings</source>
        <translation>Farbe in Zeichnungen</translation>
    </message>
    <message>
        <source>Colour of material</source>
        <translation>Farbe des Materials</translation>
    </message>
    <message>
        <source>Remove from the project</source>
        <translation>Aus dem Projekt entfernen</translation>
    </message>
    <message>
        <source>It %1.</source>
        <translation>Es %1.</translation>
    </message>
    <message>
        <source>Real ones: %L1 to %L2 %.</source>
        <translation>Wirkliche: %L1 bis %L2 %.</translation>
    </message>
    <message>
        <source>Ask its maker for: light transmittance at normal incidence (EN 410), light reflectance outside and inside, solar factor, number of panes and coatings; for diffusing glass, which part is scattered.</source>
        <translation>Beim Hersteller erfragen: Lichttransmissionsgrad bei senkrechtem Einfall (EN 410), Lichtreflexionsgrad außen und innen, g-Wert, Zahl der Scheiben und Beschichtungen; bei streuendem Glas, welcher Teil gestreut wird.</translation>
    </message>
    <message>
        <source>Kept: it is there in every project</source>
        <translation>Behalten: es ist nun in jedem Projekt da</translation>
    </message>
    <message>
        <source>Remove material</source>
        <translation>Material entfernen</translation>
    </message>
    <message>
        <source>New </source>
        <translation>Neu: </translation>
    </message>
    <message>
        <source>New material</source>
        <translation>Neues Material</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>What surfaces and panes are made of</source>
        <translation>Woraus Oberflächen und Scheiben bestehen</translation>
    </message>
    <message>
        <source>What everything of a kind is made of, unless a room or a single surface says otherwise.</source>
        <translation>Woraus alles einer Art besteht, wenn Raum oder einzelne Fläche nichts anderes sagt.</translation>
    </message>
    <message>
        <source>Assume unknown ones after LM-83</source>
        <translation>Unbekanntes nach LM-83 annehmen</translation>
    </message>
    <message>
        <source>Assume unknown ones after EN 17037</source>
        <translation>Unbekanntes nach EN 17037 annehmen</translation>
    </message>
    <message>
        <source>Gives the standard&apos;s reflectance to every kind of part that has none, or only an assumed one</source>
        <translation>Gibt jedem Bauteil, das keinen oder nur einen angenommenen hat, den Reflexionsgrad der Norm</translation>
    </message>
    <message>
        <source>Stairs, ramps</source>
        <translation>Treppen, Rampen</translation>
    </message>
    <message>
        <source>Doors, panels</source>
        <translation>Türen, Paneele</translation>
    </message>
    <message>
        <source>Neighbours</source>
        <translation>Nachbarn</translation>
    </message>
    <message>
        <source>%1 by type</source>
        <translation>%1 nach Art</translation>
    </message>
    <message>
        <source>Plain blind</source>
        <translation>Einfacher Behang</translation>
    </message>
    <message>
        <source>What a closed blind without a material scatters through</source>
        <translation>Was ein geschlossener Behang ohne Material gestreut durchlässt</translation>
    </message>
    <message>
        <source>Assume unknown finishes</source>
        <translation>Unbekannte Oberflächen annehmen</translation>
    </message>
    <message>
        <source>, and the ground (%L1 %)</source>
        <translation>, und der Boden (%L1 %)</translation>
    </message>
    <message>
        <source>Nothing is unknown here</source>
        <translation>Hier ist nichts unbekannt</translation>
    </message>
    <message>
        <source>%1 kinds of part%2: %3</source>
        <translation>%1 Arten von Bauteilen%2: %3</translation>
    </message>
    <message>
        <source>By type</source>
        <translation>Nach Art</translation>
    </message>
    <message>
        <source>Which material each kind of part has, where none is chosen</source>
        <translation>Welches Material jede Art von Bauteil hat, wo keins gewählt ist</translation>
    </message>
    <message>
        <source>Warm Pane projects (*.warmpane);;All files (*)</source>
        <translation>Warm-Pane-Projekte (*.warmpane);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Keeping unsaved work</source>
        <translation>Ungesichertes aufbewahren</translation>
    </message>
    <message>
        <source>Unsaved work cannot be kept: %1</source>
        <translation>Ungesichertes kann nicht aufbewahrt werden: %1</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>Öffnen …</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Speichern unter …</translation>
    </message>
    <message>
        <source>Unsaved changes</source>
        <translation>Ungespeicherte Änderungen</translation>
    </message>
    <message>
        <source>The project has changes that are not saved.</source>
        <translation>Das Projekt hat Änderungen, die nicht gespeichert sind.</translation>
    </message>
    <message>
        <source>Not saved</source>
        <translation>Nicht gespeichert</translation>
    </message>
    <message>
        <source>Saved</source>
        <translation>Gespeichert</translation>
    </message>
    <message>
        <source>Changed outside</source>
        <translation>Von außen geändert</translation>
    </message>
    <message>
        <source>%1 was changed by another program since it was opened or saved here.</source>
        <translation>%1 wurde von einem anderen Programm geändert, seit es hier geöffnet oder gespeichert wurde.</translation>
    </message>
    <message>
        <source>Saving over it takes away what was changed there. Saved under another name, both are kept.</source>
        <translation>Darüber zu speichern nimmt weg, was dort geändert wurde. Unter einem anderen Namen bleibt beides.</translation>
    </message>
    <message>
        <source>Save mine under another name…</source>
        <translation>Meins unter anderem Namen speichern …</translation>
    </message>
    <message>
        <source>Save mine over it</source>
        <translation>Meins darüber speichern</translation>
    </message>
    <message>
        <source>Do not save</source>
        <translation>Nicht speichern</translation>
    </message>
    <message>
        <source>Save project</source>
        <translation>Projekt speichern</translation>
    </message>
    <message>
        <source>Open project</source>
        <translation>Projekt öffnen</translation>
    </message>
    <message>
        <source>Nothing yet</source>
        <translation>Noch nichts</translation>
    </message>
    <message>
        <source>%1. The file was left as it is.</source>
        <translation>%1. Die Datei blieb, wie sie war.</translation>
    </message>
    <message>
        <source>Open another…</source>
        <translation>Ein anderes öffnen …</translation>
    </message>
    <message>
        <source>Begin a new project</source>
        <translation>Neues Projekt beginnen</translation>
    </message>
    <message>
        <source>an unnamed project</source>
        <translation>ein Projekt ohne Namen</translation>
    </message>
    <message>
        <source>Unsaved work found</source>
        <translation>Ungespeicherte Arbeit gefunden</translation>
    </message>
    <message>
        <source>Warm Pane ended without saving %1 (last kept %2).</source>
        <translation>Warm Pane endete, ohne %1 zu speichern (zuletzt aufbewahrt %2).</translation>
    </message>
    <message>
        <source>Save %1</source>
        <translation>%1 speichern</translation>
    </message>
    <message>
        <source>Picture (PNG)</source>
        <translation>Bild (PNG)</translation>
    </message>
    <message>
        <source>Drawing (SVG)</source>
        <translation>Zeichnung (SVG)</translation>
    </message>
    <message>
        <source>Table (CSV)</source>
        <translation>Tabelle (CSV)</translation>
    </message>
    <message>
        <source>Plan to scale, to lay under a drawing (PNG)</source>
        <translation>Maßstäblicher Plan zum Unterlegen (PNG)</translation>
    </message>
    <message>
        <source>Plan to scale, to lay under a drawing (SVG)</source>
        <translation>Maßstäblicher Plan zum Unterlegen (SVG)</translation>
    </message>
    <message>
        <source>As</source>
        <translation>Als</translation>
    </message>
    <message>
        <source>Wide on paper, mm</source>
        <translation>Breite auf Papier, mm</translation>
    </message>
    <message>
        <source>Dots an inch</source>
        <translation>Punkte je Zoll</translation>
    </message>
    <message>
        <source>Plan to scale 1:</source>
        <translation>Maßstab 1:</translation>
    </message>
    <message>
        <source>A plan to scale comes with its position: beside a PNG in a world file (.pgw), within an SVG in its description.</source>
        <translation>Ein maßstäblicher Plan bringt seine Lage mit: neben einem PNG in einer World-Datei (.pgw), in einem SVG in seiner Beschreibung.</translation>
    </message>
    <message>
        <source>%1 is there already.</source>
        <translation>%1 gibt es schon.</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Copy picture and table</source>
        <translation>Bild und Tabelle kopieren</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>An empty storey. Press R and drag a rectangle to draw the first room.</source>
        <translation>Ein leeres Geschoss. R drücken und ein Rechteck ziehen, um den ersten Raum zu zeichnen.</translation>
    </message>
    <message>
        <source>Place of %1</source>
        <translation>Lage von %1</translation>
    </message>
    <message>
        <source>Length of partition</source>
        <translation>Länge der Trennwand</translation>
    </message>
    <message>
        <source>no point of the map in here</source>
        <translation>hier liegt kein Punkt der Karte</translation>
    </message>
    <message>
        <source>mean %1 %2</source>
        <translation>Mittel %1 %2</translation>
    </message>
    <message>
        <source>median %1, least %2, most %3</source>
        <translation>Median %1, kleinster %2, größter %3</translation>
    </message>
    <message>
        <source>%1 points, %L2 m²</source>
        <translation>%1 Punkte, %L2 m²</translation>
    </message>
    <message>
        <source>, %L1 % at %2 or more</source>
        <translation>, %L1 % mit %2 oder mehr</translation>
    </message>
    <message>
        <source>Turn north</source>
        <translation>Norden drehen</translation>
    </message>
    <message>
        <source>north %1</source>
        <translation>Nord %1</translation>
    </message>
    <message>
        <source>north is up</source>
        <translation>Norden ist oben</translation>
    </message>
    <message>
        <source>north %1° to the %2</source>
        <translation>Norden %1° nach %2</translation>
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
        <source>sky from here</source>
        <translation>Himmel von hier</translation>
    </message>
    <message>
        <source>there is no such file</source>
        <translation>diese Datei gibt es nicht</translation>
    </message>
    <message>
        <source>Choose the picture again</source>
        <translation>Das Bild neu wählen</translation>
    </message>
    <message>
        <source>the file is larger than 200 MB</source>
        <translation>die Datei ist größer als 200 MB</translation>
    </message>
    <message>
        <source>Use a smaller picture</source>
        <translation>Ein kleineres Bild nehmen</translation>
    </message>
    <message>
        <source>this is no PDF that can be read</source>
        <translation>das ist kein lesbares PDF</translation>
    </message>
    <message>
        <source>Export it again without a password</source>
        <translation>Es ohne Kennwort neu ausgeben</translation>
    </message>
    <message>
        <source>the PDF has no page </source>
        <translation>das PDF hat keine Seite </translation>
    </message>
    <message>
        <source>Choose a page from 1 to </source>
        <translation>Eine Seite wählen von 1 bis </translation>
    </message>
    <message>
        <source>the page cannot be read</source>
        <translation>die Seite ist nicht lesbar</translation>
    </message>
    <message>
        <source>Export the PDF again</source>
        <translation>Das PDF neu ausgeben</translation>
    </message>
    <message>
        <source>the page cannot be drawn</source>
        <translation>die Seite lässt sich nicht zeichnen</translation>
    </message>
    <message>
        <source>this is no picture that can be read</source>
        <translation>das ist kein lesbares Bild</translation>
    </message>
    <message>
        <source>Use PNG, JPEG or PDF</source>
        <translation>PNG, JPEG oder PDF verwenden</translation>
    </message>
    <message>
        <source>Charts of the climate</source>
        <translation>Diagramme des Klimas</translation>
    </message>
    <message>
        <source>Reading the weather…</source>
        <translation>Das Wetter wird gelesen …</translation>
    </message>
    <message>
        <source>No weather yet. Choose a weather file on the right.</source>
        <translation>Noch kein Wetter. Rechts eine Wetterdatei wählen.</translation>
    </message>
    <message>
        <source>not in the file</source>
        <translation>nicht in der Datei</translation>
    </message>
    <message>
        <source>Quantity</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Climate</source>
        <translation>Klima</translation>
    </message>
    <message>
        <source>The sky is now seen from here: open Sky above the plan</source>
        <translation>Der Himmel wird nun von hier gesehen: Himmel über dem Plan öffnen</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>The site from above: drag the north point, click where the sky is to be seen from</source>
        <translation>Der Standort von oben: die Nordspitze ziehen; klicken, von wo der Himmel gesehen werden soll</translation>
    </message>
    <message>
        <source>Sky</source>
        <translation>Himmel</translation>
    </message>
    <message>
        <source>The sky from that point, with what stands before it and the sun&apos;s paths</source>
        <translation>Der Himmel von dort, mit dem, was davor steht, und den Bahnen der Sonne</translation>
    </message>
    <message>
        <source>What the weather file holds</source>
        <translation>Was die Wetterdatei enthält</translation>
    </message>
    <message>
        <source>Where the building stands: place, north, weather, sky</source>
        <translation>Wo das Gebäude steht: Ort, Norden, Wetter, Himmel</translation>
    </message>
    <message>
        <source>orientation location latitude epw climate obstruction horizon</source>
        <translation>Ausrichtung Lage Breite EPW Klima Verbauung Horizont</translation>
    </message>
    <message>
        <source>Weather</source>
        <translation>Wetter</translation>
    </message>
    <message>
        <source>Try a made-up year</source>
        <translation>Erfundenes Jahr nehmen</translation>
    </message>
    <message>
        <source>For the site&apos;s latitude, until you have a weather file</source>
        <translation>Für die Breite des Standorts, bis eine Wetterdatei da ist</translation>
    </message>
    <message>
        <source>Made-up weather</source>
        <translation>Erfundenes Wetter</translation>
    </message>
    <message>
        <source>Days worth looking at</source>
        <translation>Sehenswerte Tage</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;, %2: %3, %4, UT%5, %L6 m above the sea. %7&lt;br&gt;8760 hours%13. Direct normal %L8, diffuse %L9 kWh/m² a year; sunshine %L10 h. Median diffuse illuminance over the 4380 daylight hours &lt;b&gt;%L11 lx&lt;/b&gt;; the latitude&apos;s design sky %L12 lx.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;, %2: %3, %4, UT%5, %L6 m über dem Meer. %7&lt;br&gt;8760 Stunden%13. Direkt normal %L8, diffus %L9 kWh/m² im Jahr; Sonnenschein %L10 h. Median der diffusen Beleuchtungsstärke über die 4380 Tageslichtstunden &lt;b&gt;%L11 lx&lt;/b&gt;; Entwurfshimmel der Breite %L12 lx.</translation>
    </message>
    <message>
        <source> of %1</source>
        <translation> aus %1</translation>
    </message>
    <message>
        <source>, months of the years %1 to %2</source>
        <translation>, Monate der Jahre %1 bis %2</translation>
    </message>
    <message>
        <source>&lt;br&gt;Nothing was missing or doubtful.</source>
        <translation>&lt;br&gt;Nichts fehlte oder war zweifelhaft.</translation>
    </message>
    <message>
        <source>&lt;br&gt;• The weather is from another place than the site (more than 1° apart).</source>
        <translation>&lt;br&gt;• Das Wetter ist von einem anderen Ort als der Standort (mehr als 1° entfernt).</translation>
    </message>
    <message>
        <source>No weather yet. The daylight factor needs none; the year, glare and the weather&apos;s own skies do.</source>
        <translation>Noch kein Wetter. Der Tageslichtquotient braucht keins; das Jahr, Blendung und die Himmel des Wetters schon.</translation>
    </message>
    <message>
        <source>Latitude, north positive</source>
        <translation>Breite, Nord positiv</translation>
    </message>
    <message>
        <source>Longitude, east positive</source>
        <translation>Länge, Ost positiv</translation>
    </message>
    <message>
        <source>Hours ahead of UT</source>
        <translation>Stunden vor UT</translation>
    </message>
    <message>
        <source>Height above the sea</source>
        <translation>Höhe über dem Meer</translation>
    </message>
    <message>
        <source>Top of the sheet, from true north</source>
        <translation>Oberkante des Blatts, gegen geographisch Nord</translation>
    </message>
    <message>
        <source>Or drag the north point on the plan</source>
        <translation>Oder die Nordspitze auf dem Plan ziehen</translation>
    </message>
    <message>
        <source>Dirt on upright panes</source>
        <translation>Schmutz auf senkrechten Scheiben</translation>
    </message>
    <message>
        <source>What it takes of the light: about 4 % in the country, 8 % in towns, 12 % by industry; more on sloping, lying and sheltered panes (after BS 8206-2:2008, annex A, withdrawn)</source>
        <translation>Was er vom Licht nimmt: etwa 4 % auf dem Land, 8 % in Städten, 12 % bei Industrie; mehr auf geneigten, liegenden und geschützten Scheiben (nach BS 8206-2:2008, Anhang A, zurückgezogen)</translation>
    </message>
    <message>
        <source>Trees in leaf from month</source>
        <translation>Bäume belaubt ab Monat</translation>
    </message>
    <message>
        <source>to month</source>
        <translation>bis Monat</translation>
    </message>
    <message>
        <source>Light as the weather file carries it</source>
        <translation>Licht, wie es die Wetterdatei enthält</translation>
    </message>
    <message>
        <source>Else it is made from irradiance by luminous efficacy (Perez et al. 1990)</source>
        <translation>Sonst wird es aus der Bestrahlungsstärke über das Strahlungsäquivalent gewonnen (Perez u. a. 1990)</translation>
    </message>
    <message>
        <source>Where light comes from</source>
        <translation>Woher das Licht kommt</translation>
    </message>
    <message>
        <source>Ground reflectance</source>
        <translation>Reflexionsgrad des Bodens</translation>
    </message>
    <message>
        <source>by month, for moments and years</source>
        <translation>nach Monaten, für Zeitpunkte und Jahre</translation>
    </message>
    <message>
        <source>Ground by month</source>
        <translation>Boden nach Monaten</translation>
    </message>
    <message>
        <source>Ground reflectance, %1</source>
        <translation>Reflexionsgrad des Bodens, %1</translation>
    </message>
    <message>
        <source>Choose weather</source>
        <translation>Wetter wählen</translation>
    </message>
    <message>
        <source>Weather file</source>
        <translation>Wetterdatei</translation>
    </message>
    <message>
        <source>The weather&apos;s sky</source>
        <translation>Der Himmel des Wetters</translation>
    </message>
    <message>
        <source>Overcast (CIE 16) at the place</source>
        <translation>Bedeckt (CIE 16) am Ort</translation>
    </message>
    <message>
        <source>Intermediate (CIE 7) at the place</source>
        <translation>Mittel (CIE 7) am Ort</translation>
    </message>
    <message>
        <source>Clear (CIE 12) at the place</source>
        <translation>Klar (CIE 12) am Ort</translation>
    </message>
    <message>
        <source>overcast, steep gradation, even around</source>
        <translation>bedeckt, steile Abstufung, ringsum gleich</translation>
    </message>
    <message>
        <source>overcast, steep gradation, slightly brighter to the sun</source>
        <translation>bedeckt, steile Abstufung, zur Sonne etwas heller</translation>
    </message>
    <message>
        <source>overcast, moderate gradation, even around</source>
        <translation>bedeckt, mäßige Abstufung, ringsum gleich</translation>
    </message>
    <message>
        <source>overcast, moderate gradation, slightly brighter to the sun</source>
        <translation>bedeckt, mäßige Abstufung, zur Sonne etwas heller</translation>
    </message>
    <message>
        <source>partly cloudy, uniform gradation, slightly brighter to the sun</source>
        <translation>teilweise bewölkt, ohne Abstufung, zur Sonne etwas heller</translation>
    </message>
    <message>
        <source>partly cloudy, uniform gradation, brighter around the sun</source>
        <translation>teilweise bewölkt, ohne Abstufung, um die Sonne heller</translation>
    </message>
    <message>
        <source>partly cloudy, uniform gradation, distinct corona</source>
        <translation>teilweise bewölkt, ohne Abstufung, deutlicher Hof</translation>
    </message>
    <message>
        <source>partly cloudy, sun obscured</source>
        <translation>teilweise bewölkt, Sonne verdeckt</translation>
    </message>
    <message>
        <source>partly cloudy, brighter around the sun</source>
        <translation>teilweise bewölkt, um die Sonne heller</translation>
    </message>
    <message>
        <source>white-blue, distinct corona</source>
        <translation>weißblau, deutlicher Hof</translation>
    </message>
    <message>
        <source>clear, low turbidity</source>
        <translation>klar, geringe Trübung</translation>
    </message>
    <message>
        <source>clear, polluted air</source>
        <translation>klar, verunreinigte Luft</translation>
    </message>
    <message>
        <source>cloudless turbid, broad corona</source>
        <translation>wolkenlos trüb, breiter Hof</translation>
    </message>
    <message>
        <source>white-blue turbid, broad corona</source>
        <translation>weißblau trüb, breiter Hof</translation>
    </message>
    <message>
        <source>traditional overcast</source>
        <translation>herkömmlich bedeckt</translation>
    </message>
    <message>
        <source>All-weather sky</source>
        <translation>Allwetterhimmel</translation>
    </message>
    <message>
        <source>Uniform sky</source>
        <translation>Gleichförmiger Himmel</translation>
    </message>
    <message>
        <source>CIE sky %1</source>
        <translation>CIE-Himmel %1</translation>
    </message>
    <message>
        <source>, the weather&apos;s light</source>
        <translation>, Licht des Wetters</translation>
    </message>
    <message>
        <source> at the place</source>
        <translation> am Ort</translation>
    </message>
    <message>
        <source>, %L1 + %L2 lx</source>
        <translation>, %L1 + %L2 lx</translation>
    </message>
    <message>
        <source>Which sky</source>
        <translation>Welcher Himmel</translation>
    </message>
    <message>
        <source>of the weather (all-weather model)</source>
        <translation>des Wetters (Allwettermodell)</translation>
    </message>
    <message>
        <source>as bright everywhere</source>
        <translation>überall gleich hell</translation>
    </message>
    <message>
        <source>CIE %1: %2</source>
        <translation>CIE %1: %2</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>Light from</source>
        <translation>Licht aus</translation>
    </message>
    <message>
        <source>the weather&apos;s hours</source>
        <translation>den Stunden des Wetters</translation>
    </message>
    <message>
        <source>latitude and the sun&apos;s altitude</source>
        <translation>Breite und Sonnenhöhe</translation>
    </message>
    <message>
        <source>given illuminances, lx</source>
        <translation>gegebenen Beleuchtungsstärken, lx</translation>
    </message>
    <message>
        <source>given irradiances, W/m²</source>
        <translation>gegebenen Bestrahlungsstärken, W/m²</translation>
    </message>
    <message>
        <source>Diffuse, on the horizontal</source>
        <translation>Diffus, waagerecht</translation>
    </message>
    <message>
        <source>Direct, normal to the sun</source>
        <translation>Direkt, senkrecht zur Sonne</translation>
    </message>
    <message>
        <source>The figures count only where they are given. A sky&apos;s shape never changes what it carries: it is scaled to its light.</source>
        <translation>Die Werte zählen nur, wo sie gegeben sind. Die Form eines Himmels ändert nie, was er trägt: er wird auf sein Licht skaliert.</translation>
    </message>
    <message>
        <source>The sky that moments are looked at under</source>
        <translation>Der Himmel, unter dem Zeitpunkte betrachtet werden</translation>
    </message>
    <message>
        <source>Another sky…</source>
        <translation>Anderer Himmel …</translation>
    </message>
    <message>
        <source>Sky from the chosen point</source>
        <translation>Himmel vom gewählten Punkt</translation>
    </message>
    <message>
        <source>The sky from a point</source>
        <translation>Der Himmel von einem Punkt</translation>
    </message>
    <message>
        <source>azimuth %L1°, %L2° up</source>
        <translation>Azimut %L1°, %L2° hoch</translation>
    </message>
    <message>
        <source>: %1 cd/m²</source>
        <translation>: %1 cd/m²</translation>
    </message>
    <message>
        <source>Equidistant</source>
        <translation>Äquidistant</translation>
    </message>
    <message>
        <source>Stereographic</source>
        <translation>Stereographisch</translation>
    </message>
    <message>
        <source>Unrolled</source>
        <translation>Abgerollt</translation>
    </message>
    <message>
        <source>Projection</source>
        <translation>Projektion</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>From where</source>
        <translation>Von wo</translation>
    </message>
    <message>
        <source>Before the building</source>
        <translation>Vor dem Gebäude</translation>
    </message>
    <message>
        <source>A free point (click on the plan)</source>
        <translation>Ein freier Punkt (auf den Plan klicken)</translation>
    </message>
    <message>
        <source>%1: the sun does not rise</source>
        <translation>%1: die Sonne geht nicht auf</translation>
    </message>
    <message>
        <source>%1: %2 of sun from here</source>
        <translation>%1: %2 Sonne von hier</translation>
    </message>
    <message>
        <source>, nothing in its way</source>
        <translation>, nichts im Weg</translation>
    </message>
    <message>
        <source>; cut off by </source>
        <translation>; verdeckt durch </translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;: %2. Diffuse %L3 lx (the sky drawn carries %L4 lx, %5 %), direct normal %L6 lx, global %L7 lx.&lt;br&gt;%8</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;: %2. Diffus %L3 lx (der gezeichnete Himmel trägt %L4 lx, %5 %), direkt normal %L6 lx, global %L7 lx.&lt;br&gt;%8</translation>
    </message>
    <message>
        <source>Part of the room</source>
        <translation>Teil des Raums</translation>
    </message>
    <message>
        <source>Click or drag the part that the plane covers</source>
        <translation>Den Teil anklicken oder aufziehen, den die Ebene abdeckt</translation>
    </message>
    <message>
        <source>Leave a part out</source>
        <translation>Einen Teil auslassen</translation>
    </message>
    <message>
        <source>Click or drag the part that the plane leaves out</source>
        <translation>Den Teil anklicken oder aufziehen, den die Ebene auslässt</translation>
    </message>
    <message>
        <source>Lit part</source>
        <translation>Beleuchteter Teil</translation>
    </message>
    <message>
        <source>Click or drag the part that this electric light is for</source>
        <translation>Den Teil anklicken oder aufziehen, für den dieses elektrische Licht da ist</translation>
    </message>
    <message>
        <source>Click or drag the footprint of a neighbouring building</source>
        <translation>Den Grundriss eines Nachbargebäudes anklicken oder aufziehen</translation>
    </message>
    <message>
        <source>Draw block</source>
        <translation>Nachbargebäude zeichnen</translation>
    </message>
    <message>
        <source>Neighbour </source>
        <translation>Nachbar </translation>
    </message>
    <message>
        <source>Reshape %1</source>
        <translation>%1 umformen</translation>
    </message>
    <message>
        <source>Size %1</source>
        <translation>Größe von %1</translation>
    </message>
    <message>
        <source>drag %1</source>
        <translation>ziehen %1</translation>
    </message>
    <message>
        <source>Move corner</source>
        <translation>Ecke verschieben</translation>
    </message>
    <message>
        <source>Move wall</source>
        <translation>Wand verschieben</translation>
    </message>
    <message>
        <source>Place dimension</source>
        <translation>Maßlinie setzen</translation>
    </message>
    <message>
        <source>Place a dimension line</source>
        <translation>Eine Maßlinie setzen</translation>
    </message>
    <message>
        <source>measurement annotation</source>
        <translation>Bemaßung Beschriftung</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Measure length, angle and area</source>
        <translation>Länge, Winkel und Fläche messen</translation>
    </message>
    <message>
        <source>Cut section</source>
        <translation>Schnitt legen</translation>
    </message>
    <message>
        <source>Cut a section</source>
        <translation>Einen Schnitt legen</translation>
    </message>
    <message>
        <source>Click where the dimension line stands</source>
        <translation>Anklicken, wo die Maßlinie steht</translation>
    </message>
    <message>
        <source>Click the other end</source>
        <translation>Das andere Ende anklicken</translation>
    </message>
    <message>
        <source>Click one end of what is to be dimensioned</source>
        <translation>Ein Ende dessen anklicken, was bemaßt werden soll</translation>
    </message>
    <message>
        <source>Click further points for length, angle and area; Escape leaves</source>
        <translation>Weitere Punkte für Länge, Winkel und Fläche anklicken; Esc beendet</translation>
    </message>
    <message>
        <source>Click the first point</source>
        <translation>Den ersten Punkt anklicken</translation>
    </message>
    <message>
        <source>   all %1 m   %L2°   %L3 m²</source>
        <translation>   gesamt %1 m   %L2°   %L3 m²</translation>
    </message>
    <message>
        <source>Click the other end: one looks to the left of the line</source>
        <translation>Das andere Ende anklicken: man blickt nach links der Linie</translation>
    </message>
    <message>
        <source>Click where the section begins</source>
        <translation>Anklicken, wo der Schnitt beginnt</translation>
    </message>
    <message>
        <source>Place observer</source>
        <translation>Beobachter setzen</translation>
    </message>
    <message>
        <source>Place an observer</source>
        <translation>Einen Beobachter setzen</translation>
    </message>
    <message>
        <source>seat view point glare</source>
        <translation>Platz Blickpunkt Blendung</translation>
    </message>
    <message>
        <source>Aim</source>
        <translation>Ausrichten</translation>
    </message>
    <message>
        <source>Click where the observer&apos;s eye is</source>
        <translation>Anklicken, wo das Auge des Beobachters ist</translation>
    </message>
    <message>
        <source>An observer stands in a room: click inside one</source>
        <translation>Ein Beobachter steht in einem Raum: in einen hinein klicken</translation>
    </message>
    <message>
        <source>Observer </source>
        <translation>Beobachter </translation>
    </message>
    <message>
        <source>Click what the observer looks at</source>
        <translation>Anklicken, wohin der Beobachter blickt</translation>
    </message>
    <message>
        <source>Aim observer</source>
        <translation>Beobachter ausrichten</translation>
    </message>
    <message>
        <source>This wall has no room left for one so wide: none was placed</source>
        <translation>In dieser Wand ist kein Platz mehr für ein so breites: keins wurde gesetzt</translation>
    </message>
    <message>
        <source>Place windows on walls</source>
        <translation>Fenster in Wände setzen</translation>
    </message>
    <message>
        <source>glazing opening pane</source>
        <translation>Verglasung Öffnung Scheibe</translation>
    </message>
    <message>
        <source>Place door</source>
        <translation>Tür setzen</translation>
    </message>
    <message>
        <source>Place doors on walls</source>
        <translation>Türen in Wände setzen</translation>
    </message>
    <message>
        <source>Place opening</source>
        <translation>Öffnung setzen</translation>
    </message>
    <message>
        <source>Place openings without a leaf on walls</source>
        <translation>Öffnungen ohne Flügel in Wände setzen</translation>
    </message>
    <message>
        <source>hole passage</source>
        <translation>Loch Durchgang</translation>
    </message>
    <message>
        <source>Click a wall to place a window</source>
        <translation>Eine Wand anklicken, um ein Fenster zu setzen</translation>
    </message>
    <message>
        <source>Click a wall to place a door</source>
        <translation>Eine Wand anklicken, um eine Tür zu setzen</translation>
    </message>
    <message>
        <source>Click a wall to place an opening without glass</source>
        <translation>Eine Wand anklicken, um eine Öffnung ohne Glas zu setzen</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>Click the opposite corner, or type width and depth</source>
        <translation>Die gegenüberliegende Ecke anklicken oder Breite und Tiefe eingeben</translation>
    </message>
    <message>
        <source>Draw floor void</source>
        <translation>Luftraum zeichnen</translation>
    </message>
    <message>
        <source>Open the floor to the room below</source>
        <translation>Den Boden zum Raum darunter öffnen</translation>
    </message>
    <message>
        <source>atrium hole stairwell</source>
        <translation>Atrium Loch Treppenauge</translation>
    </message>
    <message>
        <source>Rooflight</source>
        <translation>Dachfenster</translation>
    </message>
    <message>
        <source>Place rooflight</source>
        <translation>Dachfenster setzen</translation>
    </message>
    <message>
        <source>Place rooflights</source>
        <translation>Dachfenster setzen</translation>
    </message>
    <message>
        <source>skylight roof window dome</source>
        <translation>Oberlicht Dachflächenfenster Lichtkuppel</translation>
    </message>
    <message>
        <source>Click or drag the hole in this storey&apos;s floor</source>
        <translation>Das Loch im Boden dieses Geschosses anklicken oder aufziehen</translation>
    </message>
    <message>
        <source>A floor void opens to the storey below: show an upper storey first</source>
        <translation>Ein Luftraum führt ins Geschoss darunter: zuerst ein oberes Geschoss zeigen</translation>
    </message>
    <message>
        <source>Void </source>
        <translation>Luftraum </translation>
    </message>
    <message>
        <source>Click where the middle of the rooflight is</source>
        <translation>Anklicken, wo die Mitte des Dachfensters ist</translation>
    </message>
    <message>
        <source>Too small, or the outline crosses itself: no room was drawn</source>
        <translation>Zu klein, oder der Umriss kreuzt sich: kein Raum wurde gezeichnet</translation>
    </message>
    <message>
        <source>Draw room</source>
        <translation>Raum zeichnen</translation>
    </message>
    <message>
        <source>Room </source>
        <translation>Raum </translation>
    </message>
    <message>
        <source>Desk height</source>
        <translation>Tischhöhe</translation>
    </message>
    <message>
        <source>Draw room by rectangle</source>
        <translation>Raum als Rechteck zeichnen</translation>
    </message>
    <message>
        <source>Draw a rectangular room</source>
        <translation>Einen rechteckigen Raum zeichnen</translation>
    </message>
    <message>
        <source>space zone box</source>
        <translation>Zone Kasten</translation>
    </message>
    <message>
        <source>Click or drag from one corner of the room to the other</source>
        <translation>Von einer Ecke des Raums zur anderen klicken oder ziehen</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>Draw room by outline</source>
        <translation>Raum nach Umriss zeichnen</translation>
    </message>
    <message>
        <source>Draw a room corner by corner</source>
        <translation>Einen Raum Ecke für Ecke zeichnen</translation>
    </message>
    <message>
        <source>space zone polygon</source>
        <translation>Zone Polygon</translation>
    </message>
    <message>
        <source>Click a point that the arc goes through</source>
        <translation>Einen Punkt anklicken, durch den der Bogen geht</translation>
    </message>
    <message>
        <source>Click the end of the arc</source>
        <translation>Das Ende des Bogens anklicken</translation>
    </message>
    <message>
        <source>Click the next corner, or type length and angle; A for an arc; Enter or the first corner closes; Escape leaves</source>
        <translation>Die nächste Ecke anklicken oder Länge und Winkel eingeben; A für einen Bogen; Eingabe oder die erste Ecke schließt; Esc beendet</translation>
    </message>
    <message>
        <source>Click the first corner of the room</source>
        <translation>Die erste Ecke des Raums anklicken</translation>
    </message>
    <message>
        <source>Scale underlay</source>
        <translation>Unterlage skalieren</translation>
    </message>
    <message>
        <source>Click the other end of the known distance</source>
        <translation>Das andere Ende der bekannten Strecke anklicken</translation>
    </message>
    <message>
        <source>Click one end of a distance that you know on the picture</source>
        <translation>Ein Ende einer Strecke anklicken, die auf dem Bild bekannt ist</translation>
    </message>
    <message>
        <source>Known distance</source>
        <translation>Bekannte Strecke</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Auswählen</translation>
    </message>
    <message>
        <source>Select, move and reshape</source>
        <translation>Auswählen, verschieben und umformen</translation>
    </message>
    <message>
        <source>pointer arrow pick</source>
        <translation>Zeiger Pfeil wählen</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Schauen</translation>
    </message>
    <message>
        <source>Drag to move them all, with Ctrl to copy them; right click for what can be done with them</source>
        <translation>Ziehen verschiebt alle, mit Strg kopiert es; Rechtsklick zeigt, was mit ihnen möglich ist</translation>
    </message>
    <message>
        <source>Click a room, wall or window; drag over empty paper to select many; drag a window along its wall</source>
        <translation>Einen Raum, eine Wand oder ein Fenster anklicken; über leeres Papier ziehen wählt viele; ein Fenster an seiner Wand entlang ziehen</translation>
    </message>
    <message>
        <source>Drag to move, with Ctrl to copy; click a figure to type over it; Delete removes it; Escape ends it</source>
        <translation>Ziehen verschiebt, mit Strg kopiert es; eine Zahl anklicken, um sie zu überschreiben; Entf löscht; Esc beendet</translation>
    </message>
    <message>
        <source>New corner</source>
        <translation>Neue Ecke</translation>
    </message>
    <message>
        <source>Nudge</source>
        <translation>Rücken</translation>
    </message>
    <message>
        <source>Click to select; move over the map to read it; wheel zooms, middle button pans</source>
        <translation>Klicken wählt aus; über die Karte fahren liest ab; das Rad zoomt, die mittlere Taste verschiebt</translation>
    </message>
    <message>
        <source>Move over the map to read it, Enter pins the value; click to ask why, drag for a mean; hold Space for the map before the last edit</source>
        <translation>Über die Karte fahren liest ab, Eingabe hält den Wert fest; klicken fragt warum, ziehen gibt ein Mittel; Leertaste halten zeigt die Karte vor der letzten Änderung</translation>
    </message>
    <message>
        <source>Thing</source>
        <translation>Ding</translation>
    </message>
    <message>
        <source>Click where the trunk stands</source>
        <translation>Anklicken, wo der Stamm steht</translation>
    </message>
    <message>
        <source>Click its top, or type length and angle</source>
        <translation>Das obere Ende anklicken oder Länge und Winkel eingeben</translation>
    </message>
    <message>
        <source>Click the middle of its foot, then of its top</source>
        <translation>Die Mitte des Fußes anklicken, dann die des oberen Endes</translation>
    </message>
    <message>
        <source>Click its other end, or type length and angle</source>
        <translation>Das andere Ende anklicken oder Länge und Winkel eingeben</translation>
    </message>
    <message>
        <source>Click one end of the fence</source>
        <translation>Ein Ende des Zauns anklicken</translation>
    </message>
    <message>
        <source>Click the opposite corner</source>
        <translation>Die gegenüberliegende Ecke anklicken</translation>
    </message>
    <message>
        <source>Click or drag the sloped piece of ground; it rises upwards on the sheet until it is turned</source>
        <translation>Das geneigte Stück Gelände anklicken oder aufziehen; es steigt auf dem Blatt nach oben, bis es gedreht wird</translation>
    </message>
    <message>
        <source>Click to place one of the usual size, or drag its rectangle</source>
        <translation>Klicken setzt eins in üblicher Größe; oder das Rechteck aufziehen</translation>
    </message>
    <message>
        <source>Place %1</source>
        <translation>Setzen: %1</translation>
    </message>
    <message>
        <source>Draw partition</source>
        <translation>Trennwand zeichnen</translation>
    </message>
    <message>
        <source>Draw a free-standing or partial-height wall</source>
        <translation>Eine frei stehende oder nicht raumhohe Wand zeichnen</translation>
    </message>
    <message>
        <source>screen wall</source>
        <translation>Stellwand Wand</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Teilen</translation>
    </message>
    <message>
        <source>Split room</source>
        <translation>Raum teilen</translation>
    </message>
    <message>
        <source>Split a room by a new wall</source>
        <translation>Einen Raum durch eine neue Wand teilen</translation>
    </message>
    <message>
        <source>divide cut</source>
        <translation>teilen schneiden</translation>
    </message>
    <message>
        <source>Click one end of the partition</source>
        <translation>Ein Ende der Trennwand anklicken</translation>
    </message>
    <message>
        <source>Partition </source>
        <translation>Trennwand </translation>
    </message>
    <message>
        <source>Click where the new wall ends</source>
        <translation>Anklicken, wo die neue Wand endet</translation>
    </message>
    <message>
        <source>Click where the new wall begins</source>
        <translation>Anklicken, wo die neue Wand beginnt</translation>
    </message>
    <message>
        <source>Draw the line across a room</source>
        <translation>Die Linie quer durch einen Raum ziehen</translation>
    </message>
    <message>
        <source>Split %1</source>
        <translation>%1 teilen</translation>
    </message>
    <message>
        <source>The line must cut the room into two parts</source>
        <translation>Die Linie muss den Raum in zwei Teile schneiden</translation>
    </message>
    <message>
        <source>What was asked for</source>
        <translation>Was verlangt wurde</translation>
    </message>
    <message>
        <source>What went wrong</source>
        <translation>Was schiefging</translation>
    </message>
    <message>
        <source>%1 desk</source>
        <translation>Tisch %1</translation>
    </message>
    <message>
        <source>New option from this one</source>
        <translation>Neue Option aus dieser</translation>
    </message>
    <message>
        <source>%1[*] – Warm Pane</source>
        <translation>%1[*] – Warm Pane</translation>
    </message>
    <message>
        <source>page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>companion</source>
        <translation>Begleitansicht</translation>
    </message>
    <message>
        <source>Shortcuts</source>
        <translation>Tastenkürzel</translation>
    </message>
    <message>
        <source>While drawing: digits open the entry for lengths and angles (Tab between them), A draws an arc, Backspace takes the last point back, Enter closes, Escape leaves.
On the sheet: arrows nudge by a grid step, with Shift by 1 cm; Ctrl+drag copies; Shift+click adds; double-click on a wall makes a corner. Enter pins the value under the pointer, with what it is made of. Holding Space shows the map as it was before the last edit.
In a figure: Up and Down change it by a step; units and arithmetic are understood (12&apos;6&quot;, 3*0.9).</source>
        <translation>Beim Zeichnen: Ziffern öffnen die Eingabe für Längen und Winkel (Tab wechselt), A zieht einen Bogen, Rücktaste nimmt den letzten Punkt zurück, Eingabe schließt, Esc beendet.
Auf dem Blatt: Pfeile rücken um einen Rasterschritt, mit Umschalt um 1 cm; Strg+Ziehen kopiert; Umschalt+Klick wählt dazu; Doppelklick auf eine Wand macht eine Ecke. Eingabe hält den Wert unter dem Zeiger fest, mit dem, woraus er besteht. Leertaste halten zeigt die Karte vor der letzten Änderung.
In einem Zahlenfeld: Auf und Ab ändern um einen Schritt; Einheiten und Rechnungen werden verstanden (12&apos;6&quot;, 3*0,9).</translation>
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
        <source>Hold automatic work</source>
        <translation>Selbsttätige Arbeit anhalten</translation>
    </message>
    <message>
        <source>Dark paper</source>
        <translation>Dunkles Papier</translation>
    </message>
    <message>
        <source>night theme colours</source>
        <translation>Nacht Thema Farben</translation>
    </message>
    <message>
        <source>keys help</source>
        <translation>Tasten Hilfe</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Find by name…</source>
        <translation>Nach Namen finden …</translation>
    </message>
    <message>
        <source>Fit the sheet</source>
        <translation>Das Blatt einpassen</translation>
    </message>
    <message>
        <source>zoom extents all surroundings</source>
        <translation>Zoom alles Umgebung</translation>
    </message>
    <message>
        <source>queue progress runs</source>
        <translation>Warteschlange Fortschritt läuft</translation>
    </message>
    <message>
        <source>Hold automatic work (H): maps stay as they are until it is released</source>
        <translation>Selbsttätige Arbeit anhalten (H): Karten bleiben, wie sie sind, bis es weitergeht</translation>
    </message>
    <message>
        <source>pause stop</source>
        <translation>Pause Stopp</translation>
    </message>
    <message>
        <source>New option</source>
        <translation>Neue Option</translation>
    </message>
    <message>
        <source>, varied</source>
        <translation>, verändert</translation>
    </message>
    <message>
        <source>A new option, the same as the last: change it, and compare them on the Compare desk</source>
        <translation>Eine neue Option, gleich der letzten: ändern und auf dem Tisch Vergleich gegenüberstellen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Jobs and answers: what runs, what waits, what is kept (Ctrl+J)</source>
        <translation>Aufträge und Antworten: was läuft, was wartet, was aufbewahrt ist (Strg+J)</translation>
    </message>
    <message>
        <source>A job</source>
        <translation>Ein Auftrag</translation>
    </message>
    <message>
        <source>there is not enough memory. Ask on fewer points, or close other programs; the project is as it was</source>
        <translation>der Speicher reicht nicht. Nach weniger Punkten fragen oder andere Programme schließen; das Projekt ist, wie es war</translation>
    </message>
    <message>
        <source>%1. Save the project; what it shows may be old</source>
        <translation>%1. Das Projekt speichern; was es zeigt, kann veraltet sein</translation>
    </message>
    <message>
        <source>something unknown went wrong. Save the project</source>
        <translation>etwas Unbekanntes ging schief. Das Projekt speichern</translation>
    </message>
    <message>
        <source>%1 failed: %2.</source>
        <translation>%1 ist fehlgeschlagen: %2.</translation>
    </message>
    <message>
        <source>What follows a failure</source>
        <translation>Was auf einen Fehlschlag folgt</translation>
    </message>
    <message>
        <source>Calendar</source>
        <translation>Kalender</translation>
    </message>
    <message>
        <source>1 Jan is a</source>
        <translation>1. Jan ist ein</translation>
    </message>
    <message>
        <source>25 Dec - 1 Jan, 6 May</source>
        <translation>25. Dez - 1. Jan, 6. Mai</translation>
    </message>
    <message>
        <source>Days on which nobody is there: &quot;25 Dec - 1 Jan, 6 May&quot;</source>
        <translation>Tage, an denen niemand da ist: „25. Dez - 1. Jan, 6. Mai“</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no day: write &quot;25 Dec - 1 Jan, 6 May&quot;</source>
        <translation>„%1“ ist kein Tag: etwa „25. Dez - 1. Jan, 6. Mai“ schreiben</translation>
    </message>
    <message>
        <source>Holidays</source>
        <translation>Feiertage</translation>
    </message>
    <message>
        <source>summer time</source>
        <translation>Sommerzeit</translation>
    </message>
    <message>
        <source>Summer time</source>
        <translation>Sommerzeit</translation>
    </message>
    <message>
        <source>The clock is an hour ahead from the last Sunday of March to the last of October</source>
        <translation>Die Uhr geht vom letzten Sonntag im März bis zum letzten im Oktober eine Stunde vor</translation>
    </message>
    <message>
        <source>As the weather file: %1 to %2</source>
        <translation>Wie die Wetterdatei: %1 bis %2</translation>
    </message>
    <message>
        <source>off</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>Forming window groups</source>
        <translation>Fenstergruppen bilden</translation>
    </message>
    <message>
        <source>Use</source>
        <translation>Nutzung</translation>
    </message>
    <message>
        <source>Occupied hours</source>
        <translation>Nutzungsstunden</translation>
    </message>
    <message>
        <source>Draw a room first.</source>
        <translation>Zuerst einen Raum zeichnen.</translation>
    </message>
    <message>
        <source>Pattern of hours</source>
        <translation>Stundenmuster</translation>
    </message>
    <message>
        <source>When people are in this room; the band on the year strip can be dragged too</source>
        <translation>Wann Menschen in diesem Raum sind; das Band auf dem Jahresstreifen lässt sich auch ziehen</translation>
    </message>
    <message>
        <source>every day, %1</source>
        <translation>jeden Tag, %1</translation>
    </message>
    <message>
        <source>New pattern…</source>
        <translation>Neues Muster …</translation>
    </message>
    <message>
        <source>Working week </source>
        <translation>Arbeitswoche </translation>
    </message>
    <message>
        <source>Rename pattern</source>
        <translation>Muster umbenennen</translation>
    </message>
    <message>
        <source>&quot;8 to 18&quot;, &quot;8:30-17&quot;, or &quot;off&quot;</source>
        <translation>„8 bis 18“, „8:30-17“ oder „frei“</translation>
    </message>
    <message>
        <source>Write hours like &quot;8 to 18&quot;, or &quot;off&quot;</source>
        <translation>Stunden schreiben wie „8 bis 18“ oder „frei“</translation>
    </message>
    <message>
        <source>works on holidays</source>
        <translation>arbeitet an Feiertagen</translation>
    </message>
    <message>
        <source>Remove pattern</source>
        <translation>Muster entfernen</translation>
    </message>
    <message>
        <source>Its rooms take the hours of the question again</source>
        <translation>Seine Räume haben wieder die Stunden der Frage</translation>
    </message>
    <message>
        <source>Window groups and blinds</source>
        <translation>Fenstergruppen und Behänge</translation>
    </message>
    <message>
        <source>Window groups</source>
        <translation>Fenstergruppen</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Offen</translation>
    </message>
    <message>
        <source>no blind</source>
        <translation>kein Behang</translation>
    </message>
    <message>
        <source>, formed by itself</source>
        <translation>, von selbst gebildet</translation>
    </message>
    <message>
        <source>, by hand</source>
        <translation>, von Hand</translation>
    </message>
    <message>
        <source>Share of the daylit hours in which its blinds are open</source>
        <translation>Anteil der Tageslichtstunden, in denen ihre Behänge offen sind</translation>
    </message>
    <message>
        <source>Group the selected windows</source>
        <translation>Gewählte Fenster gruppieren</translation>
    </message>
    <message>
        <source>Select windows on the sheet (Shift adds): their blinds then move together</source>
        <translation>Fenster auf dem Blatt auswählen (Umschalt wählt dazu): ihre Behänge bewegen sich dann gemeinsam</translation>
    </message>
    <message>
        <source>Rename group</source>
        <translation>Gruppe umbenennen</translation>
    </message>
    <message>
        <source>Dissolve this group</source>
        <translation>Diese Gruppe auflösen</translation>
    </message>
    <message>
        <source>Dissolve group</source>
        <translation>Gruppe auflösen</translation>
    </message>
    <message>
        <source>%1 formed by itself. All such groups are worked alike:</source>
        <translation>%1 hat sich von selbst gebildet. Alle solchen Gruppen werden gleich bedient:</translation>
    </message>
    <message>
        <source>Groups that formed themselves are worked alike:</source>
        <translation>Von selbst gebildete Gruppen werden gleich bedient:</translation>
    </message>
    <message>
        <source>Blinds are</source>
        <translation>Behänge sind</translation>
    </message>
    <message>
        <source>Closed</source>
        <translation>Geschlossen</translation>
    </message>
    <message>
        <source>Above, W/m²</source>
        <translation>Über, W/m²</translation>
    </message>
    <message>
        <source>Above, lx</source>
        <translation>Über, lx</translation>
    </message>
    <message>
        <source>Hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>From month</source>
        <translation>Von Monat</translation>
    </message>
    <message>
        <source>To month</source>
        <translation>Bis Monat</translation>
    </message>
    <message>
        <source>What hangs there, from the most open to the most closed: add a state, or take them all away for each window&apos;s own blind</source>
        <translation>Was dort hängt, vom offensten zum geschlossensten: einen Zustand hinzufügen, oder alle wegnehmen für den eigenen Behang jedes Fensters</translation>
    </message>
    <message>
        <source>each window&apos;s own</source>
        <translation>der eigene jedes Fensters</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
    <message>
        <source>then </source>
        <translation>dann </translation>
    </message>
    <message>
        <source>slats follow the sun</source>
        <translation>Lamellen folgen der Sonne</translation>
    </message>
    <message>
        <source>Slats are tilted just as far as keeps the direct sun out: five tilts are traced</source>
        <translation>Lamellen werden gerade so weit gedreht, dass die direkte Sonne draußen bleibt: fünf Winkel werden gerechnet</translation>
    </message>
    <message>
        <source>Select windows on the sheet first: click one, Shift adds</source>
        <translation>Zuerst Fenster auf dem Blatt auswählen: eins anklicken, Umschalt wählt dazu</translation>
    </message>
    <message>
        <source>Group windows</source>
        <translation>Fenster gruppieren</translation>
    </message>
    <message>
        <source>Group </source>
        <translation>Gruppe </translation>
    </message>
    <message>
        <source>The room has no reference plane: electric light is told of one.</source>
        <translation>Der Raum hat keine Bezugsebene: elektrisches Licht braucht eine.</translation>
    </message>
    <message>
        <source>Add electric light</source>
        <translation>Elektrisches Licht hinzufügen</translation>
    </message>
    <message>
        <source>Light </source>
        <translation>Licht </translation>
    </message>
    <message>
        <source>Installed, W/m²</source>
        <translation>Installiert, W/m²</translation>
    </message>
    <message>
        <source>Target, lx</source>
        <translation>Zielwert, lx</translation>
    </message>
    <message>
        <source>Switched</source>
        <translation>Geschaltet</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>on and off</source>
        <translation>ein und aus</translation>
    </message>
    <message>
        <source>in steps</source>
        <translation>in Stufen</translation>
    </message>
    <message>
        <source>dimmed</source>
        <translation>gedimmt</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Least power</source>
        <translation>Kleinste Leistung</translation>
    </message>
    <message>
        <source>Least light</source>
        <translation>Kleinstes Licht</translation>
    </message>
    <message>
        <source>Stand-by, W/m²</source>
        <translation>Bereitschaft, W/m²</translation>
    </message>
    <message>
        <source>%1 ± %2 kWh a year, %L3 % less than always on. Sensor: %4.</source>
        <translation>%1 ± %2 kWh im Jahr, %L3 % weniger als immer an. Sensor: %4.</translation>
    </message>
    <message>
        <source>where it was placed</source>
        <translation>wo er gesetzt wurde</translation>
    </message>
    <message>
        <source>where a tenth of the area is darker</source>
        <translation>wo ein Zehntel der Fläche dunkler ist</translation>
    </message>
    <message>
        <source>Only a part of the plane</source>
        <translation>Nur ein Teil der Ebene</translation>
    </message>
    <message>
        <source>All of the plane again</source>
        <translation>Wieder die ganze Ebene</translation>
    </message>
    <message>
        <source>Drag the part on the sheet: its points alone are lit, and set the light</source>
        <translation>Den Teil auf dem Blatt aufziehen: nur seine Punkte sind beleuchtet und stellen das Licht</translation>
    </message>
    <message>
        <source>Sensor back to the dark tenth</source>
        <translation>Sensor zurück zum dunklen Zehntel</translation>
    </message>
    <message>
        <source>Sensor at the point asked about</source>
        <translation>Sensor an den gefragten Punkt</translation>
    </message>
    <message>
        <source>Click a point of the map of the year first</source>
        <translation>Zuerst einen Punkt der Jahreskarte anklicken</translation>
    </message>
    <message>
        <source>Remove electric light</source>
        <translation>Elektrisches Licht entfernen</translation>
    </message>
    <message>
        <source>Occupied hours, targets, blinds and electric light</source>
        <translation>Nutzungsstunden, Zielwerte, Behänge und elektrisches Licht</translation>
    </message>
    <message>
        <source>Year</source>
        <translation>Jahr</translation>
    </message>
    <message>
        <source>How blinds are worked in all figures that do not say so themselves</source>
        <translation>Wie Behänge in allen Größen bedient werden, die es nicht selbst sagen</translation>
    </message>
    <message>
        <source>as their groups say</source>
        <translation>wie ihre Gruppen sagen</translation>
    </message>
    <message>
        <source>by the rule of LM-83</source>
        <translation>nach der Regel von LM-83</translation>
    </message>
    <message>
        <source>open all the time</source>
        <translation>immer offen</translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation>%1 zählt</translation>
    </message>
    <message>
        <source>Room, in %</source>
        <translation>Raum, in %</translation>
    </message>
    <message>
        <source>Figures of the room</source>
        <translation>Größen des Raums</translation>
    </message>
    <message>
        <source>Value, 95 %</source>
        <translation>Wert, 95 %</translation>
    </message>
    <message>
        <source>What the figure means</source>
        <translation>Was die Größe bedeutet</translation>
    </message>
    <message>
        <source>Which hours</source>
        <translation>Welche Stunden</translation>
    </message>
    <message>
        <source>The least and the most light</source>
        <translation>Das wenigste und das meiste Licht</translation>
    </message>
    <message>
        <source>No blind keeps the sun out</source>
        <translation>Kein Behang hält die Sonne ab</translation>
    </message>
    <message>
        <source>Hours of the room</source>
        <translation>Stunden des Raums</translation>
    </message>
    <message>
        <source>Click an hour: its light comes onto the sheet</source>
        <translation>Eine Stunde anklicken: ihr Licht kommt auf das Blatt</translation>
    </message>
    <message>
        <source>The year is being traced: its progress is below. All else may go on meanwhile.</source>
        <translation>Das Jahr wird gerechnet: sein Fortschritt steht unten. Alles andere geht weiter.</translation>
    </message>
    <message>
        <source>No year yet. Press Run the year (Y): light is traced once; after that hours, glass, dirt, blinds and targets change without waiting.</source>
        <translation>Noch kein Jahr. Jahr rechnen drücken (Y): Licht wird einmal gerechnet; danach ändern sich Stunden, Glas, Schmutz, Behänge und Zielwerte ohne Warten.</translation>
    </message>
    <message>
        <source>
95 %: %1 to %2 %3</source>
        <translation>
95 %: %1 bis %2 %3</translation>
    </message>
    <message>
        <source>
Nothing is sampled here: exact for these hours</source>
        <translation>
Nichts ist hier gestichprobt: genau für diese Stunden</translation>
    </message>
    <message>
        <source>Choose a figure: here stands what it means and what is usual.</source>
        <translation>Eine Größe wählen: hier steht, was sie bedeutet und was üblich ist.</translation>
    </message>
    <message>
        <source>In %1 of %2 occupied hours less than half of it has %3 lx.%4</source>
        <translation>In %1 von %2 Nutzungsstunden hat weniger als die Hälfte davon %3 lx.%4</translation>
    </message>
    <message>
        <source> In %1 hours no blind keeps the sun out.</source>
        <translation> In %1 Stunden hält kein Behang die Sonne ab.</translation>
    </message>
    <message>
        <source>No state of its window groups keeps 1000 lx of direct sun from more than 2 % of its points: the rule of LM-83 cannot be met then</source>
        <translation>Kein Zustand seiner Fenstergruppen hält 1000 lx direkter Sonne von mehr als 2 % seiner Punkte ab: die Regel von LM-83 lässt sich dann nicht erfüllen</translation>
    </message>
    <message>
        <source>Hour</source>
        <translation>Stunde</translation>
    </message>
    <message>
        <source>Share of the room that has the target</source>
        <translation>Anteil des Raums mit dem Zielwert</translation>
    </message>
    <message>
        <source>The strip shows this once the year has run: press Y</source>
        <translation>Der Streifen zeigt das, sobald das Jahr gerechnet ist: Y drücken</translation>
    </message>
    <message>
        <source>Figures of the year for the room or point that is asked about</source>
        <translation>Größen des Jahres für den Raum oder Punkt, nach dem gefragt wird</translation>
    </message>
    <message>
        <source>A year in charts</source>
        <translation>Ein Jahr in Diagrammen</translation>
    </message>
    <message>
        <source>Daylight</source>
        <translation>Tageslicht</translation>
    </message>
    <message>
        <source>Typical days, how often how much, and what it is made of</source>
        <translation>Typische Tage, wie oft wie viel, und woraus es besteht</translation>
    </message>
    <message>
        <source>Sun on glass</source>
        <translation>Sonne auf Glas</translation>
    </message>
    <message>
        <source>Irradiance on and behind the panes of the selected room: what a choice made for light costs in summer</source>
        <translation>Bestrahlungsstärke auf und hinter den Scheiben des gewählten Raums: was eine Wahl für das Licht im Sommer kostet</translation>
    </message>
    <message>
        <source>Electric</source>
        <translation>Elektrisch</translation>
    </message>
    <message>
        <source>What electric light takes beside daylight</source>
        <translation>Was elektrisches Licht neben Tageslicht braucht</translation>
    </message>
    <message>
        <source>No year yet: press Run the year (Y). Then click a point of the map to see its year.</source>
        <translation>Noch kein Jahr: Jahr rechnen drücken (Y). Dann einen Punkt der Karte anklicken, um sein Jahr zu sehen.</translation>
    </message>
    <message>
        <source>Being computed…</source>
        <translation>Wird berechnet …</translation>
    </message>
    <message>
        <source>typical day of each month, lx</source>
        <translation>typischer Tag jedes Monats, lx</translation>
    </message>
    <message>
        <source>How often how much</source>
        <translation>Wie oft wie viel</translation>
    </message>
    <message>
        <source>% of the occupied hours with at least so many lux</source>
        <translation>% der Nutzungsstunden mit mindestens so viel Lux</translation>
    </message>
    <message>
        <source>%1 lx</source>
        <translation>%1 lx</translation>
    </message>
    <message>
        <source>mean %1 lx in the occupied hours</source>
        <translation>Mittel %1 lx in den Nutzungsstunden</translation>
    </message>
    <message>
        <source>direct sun</source>
        <translation>direkte Sonne</translation>
    </message>
    <message>
        <source>sky, straight</source>
        <translation>Himmel, gerade</translation>
    </message>
    <message>
        <source>inside, reflected</source>
        <translation>innen, reflektiert</translation>
    </message>
    <message>
        <source>via the ground</source>
        <translation>über den Boden</translation>
    </message>
    <message>
        <source>on the panes</source>
        <translation>auf den Scheiben</translation>
    </message>
    <message>
        <source>behind them</source>
        <translation>dahinter</translation>
    </message>
    <message>
        <source>solar irradiation of its glass by month, kWh</source>
        <translation>Sonneneinstrahlung seines Glases nach Monaten, kWh</translation>
    </message>
    <message>
        <source>This room has no glass of its own to the open.</source>
        <translation>Dieser Raum hat kein eigenes Glas ins Freie.</translation>
    </message>
    <message>
        <source>glass, m²</source>
        <translation>Glas, m²</translation>
    </message>
    <message>
        <source>on, kWh a year</source>
        <translation>darauf, kWh im Jahr</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>dahinter</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>* no solar factor is given for its glazing: its visible transmittance stands in.</source>
        <translation>* für diese Verglasung ist kein g-Wert gegeben: ihr Lichttransmissionsgrad steht dafür.</translation>
    </message>
    <message>
        <source>kWh by month</source>
        <translation>kWh nach Monaten</translation>
    </message>
    <message>
        <source>No electric light yet: give a room some on the page Use, on the right.</source>
        <translation>Noch kein elektrisches Licht: einem Raum rechts auf der Seite Nutzung welches geben.</translation>
    </message>
    <message>
        <source>%1%2 kWh a year, %L3 % less than always on</source>
        <translation>%1%2 kWh im Jahr, %L3 % weniger als immer an</translation>
    </message>
    <message>
        <source>A year</source>
        <translation>Ein Jahr</translation>
    </message>
    <message>
        <source>The year of a point</source>
        <translation>Das Jahr eines Punktes</translation>
    </message>
    <message>
        <source>The year of the point or room that is asked about, in charts</source>
        <translation>Das Jahr des Punktes oder Raums, nach dem gefragt wird, in Diagrammen</translation>
    </message>
    <message>
        <source>Year strip</source>
        <translation>Jahresstreifen</translation>
    </message>
    <message>
        <source>Click or drag to choose the moment; arrow keys step by day and hour</source>
        <translation>Klicken oder ziehen wählt den Zeitpunkt; Pfeiltasten gehen um Tag und Stunde</translation>
    </message>
    <message>
        <source>The strip shows</source>
        <translation>Der Streifen zeigt</translation>
    </message>
    <message>
        <source>What colours the year strip</source>
        <translation>Was den Jahresstreifen färbt</translation>
    </message>
    <message>
        <source>Outdoor illuminance</source>
        <translation>Beleuchtungsstärke im Freien</translation>
    </message>
    <message>
        <source>Mean illuminance of the room</source>
        <translation>Mittlere Beleuchtungsstärke des Raums</translation>
    </message>
    <message>
        <source>Area of the room with the target</source>
        <translation>Fläche des Raums mit dem Zielwert</translation>
    </message>
    <message>
        <source>The point that is asked about</source>
        <translation>Der Punkt, nach dem gefragt wird</translation>
    </message>
    <message>
        <source>Moment</source>
        <translation>Zeitpunkt</translation>
    </message>
    <message>
        <source>Date and local standard time: &quot;21 Mar 13:00&quot;, &quot;13:30&quot;, &quot;21 Jun&quot;</source>
        <translation>Datum und örtliche Normalzeit: „21. Mär 13:00“, „13:30“, „21. Jun“</translation>
    </message>
    <message>
        <source>Moments with a name, and days that the climate stands out by</source>
        <translation>Benannte Zeitpunkte und Tage, durch die das Klima hervorsticht</translation>
    </message>
    <message>
        <source>Spring equinox</source>
        <translation>Frühlingsanfang</translation>
    </message>
    <message>
        <source>Summer solstice</source>
        <translation>Sommersonnenwende</translation>
    </message>
    <message>
        <source>Autumn equinox</source>
        <translation>Herbstanfang</translation>
    </message>
    <message>
        <source>Winter solstice</source>
        <translation>Wintersonnenwende</translation>
    </message>
    <message>
        <source>No weather: choose a file, or a made-up year, on the Site desk</source>
        <translation>Kein Wetter: auf dem Tisch Standort eine Datei oder ein erfundenes Jahr wählen</translation>
    </message>
    <message>
        <source>sun %L1° up</source>
        <translation>Sonne %L1° hoch</translation>
    </message>
    <message>
        <source>sun below the horizon</source>
        <translation>Sonne unter dem Horizont</translation>
    </message>
    <message>
        <source>%1   outdoors %L2 lx, of it diffuse %L3 lx</source>
        <translation>%1   außen %L2 lx, davon diffus %L3 lx</translation>
    </message>
    <message>
        <source>up to %L1 %2</source>
        <translation>bis %L1 %2</translation>
    </message>
    <message>
        <source>dotted: %1 hours filled or corrected</source>
        <translation>punktiert: %1 Stunden ergänzt oder berichtigt</translation>
    </message>
    <message>
        <source>Mean day of each month, %1</source>
        <translation>Mittlerer Tag jedes Monats, %1</translation>
    </message>
    <message>
        <source>Hours of the year above a level, %1</source>
        <translation>Stunden des Jahres über einer Schwelle, %1</translation>
    </message>
    <message>
        <source>Kinds of sky, daylit hours by nearest CIE type</source>
        <translation>Himmelsarten, Stunden nach CIE-Typ</translation>
    </message>
    <message>
        <source>median of the daylight hours %L1 lx</source>
        <translation>Median der Tageslichtstunden %L1 lx</translation>
    </message>
    <message>
        <source>there is no room on this storey</source>
        <translation>in diesem Geschoss ist kein Raum</translation>
    </message>
    <message>
        <source>Draw one first</source>
        <translation>Zuerst einen zeichnen</translation>
    </message>
    <message>
        <source>the picture would be more than 20000 pixels wide or high</source>
        <translation>das Bild wäre mehr als 20000 Bildpunkte breit oder hoch</translation>
    </message>
    <message>
        <source>Choose a smaller scale or fewer dots an inch</source>
        <translation>Einen kleineren Maßstab oder weniger Punkte je Zoll wählen</translation>
    </message>
    <message>
        <source>1:%1; upper left corner at x %2 m, y %3 m of the drawing</source>
        <translation>1:%1; obere linke Ecke bei x %2 m, y %3 m der Zeichnung</translation>
    </message>
    <message>
        <source>%1, %2: DGP %3, Ev %4 lx</source>
        <translation>%1, %2: DGP %3, Ev %4 lx</translation>
    </message>
    <message>
        <source>mean %1 %2   median %3</source>
        <translation>Mittel %1 %2   Median %3</translation>
    </message>
    <message>
        <source>least %1   Uo %2</source>
        <translation>kleinster %1   Uo %2</translation>
    </message>
    <message>
        <source>   in band %L1 %</source>
        <translation>   im Band %L1 %</translation>
    </message>
    <message>
        <source>21 Jan, Nov</source>
        <translation>21. Jan, Nov</translation>
    </message>
    <message>
        <source>21 Feb, Oct</source>
        <translation>21. Feb, Okt</translation>
    </message>
    <message>
        <source>21 Mar, Sep</source>
        <translation>21. Mär, Sep</translation>
    </message>
    <message>
        <source>21 Apr, Aug</source>
        <translation>21. Apr, Aug</translation>
    </message>
    <message>
        <source>21 May, Jul</source>
        <translation>21. Mai, Jul</translation>
    </message>
    <message>
        <source>21 Jun</source>
        <translation>21. Jun</translation>
    </message>
    <message>
        <source>21 Dec</source>
        <translation>21. Dez</translation>
    </message>
    <message>
        <source>by type</source>
        <translation>nach Art</translation>
    </message>
    <message>
        <source>by room</source>
        <translation>nach Raum</translation>
    </message>
    <message>
        <source>no material</source>
        <translation>kein Material</translation>
    </message>
    <message>
        <source>Irradiance above 5 W/m² in %1 hours of night: set to zero. Check time zone and longitude</source>
        <translation>Bestrahlungsstärke über 5 W/m² in %1 Nachtstunden: auf null gesetzt. Zeitzone und Länge prüfen</translation>
    </message>
    <message>
        <source>Only global irradiance in %1 hours: split by the model of Erbs, Klein and Duffie (1982)</source>
        <translation>Nur Globalstrahlung in %1 Stunden: nach dem Modell von Erbs, Klein und Duffie (1982) aufgeteilt</translation>
    </message>
    <message>
        <source>%1 does not lie within one face of a roof and of the ceiling below: it is left out.</source>
        <translation>%1 liegt nicht innerhalb einer Fläche des Dachs und der Decke darunter: wird weggelassen.</translation>
    </message>
    <message>
        <source>%1 has no point in %2: too high, too far from the walls, or beside the room.</source>
        <translation>%1 hat keinen Punkt in %2: zu hoch, zu weit von den Wänden oder neben dem Raum.</translation>
    </message>
    <message>
        <source>%1 outside windows have no blind, and a criteria set computes with blinds.</source>
        <translation>%1 Fenster nach außen haben keinen Behang, und ein Kriteriensatz rechnet mit Behängen.</translation>
    </message>
    <message>
        <source>Direct or diffuse irradiance missing in %1 hours: taken from the global</source>
        <translation>Direkt- oder Diffusstrahlung fehlt in %1 Stunden: aus der Globalstrahlung gewonnen</translation>
    </message>
    <message>
        <source>%1 runs into a wall that joins on the other side, and is cut off there.</source>
        <translation>%1 läuft in eine Wand, die auf der anderen Seite anstößt, und wird dort abgeschnitten.</translation>
    </message>
    <message>
        <source>the file was written by a newer program (version %1; this one reads %2)</source>
        <translation>die Datei wurde von einem neueren Programm geschrieben (Version %1; dieses liest %2)</translation>
    </message>
    <message>
        <source>Direct irradiance above the extraterrestrial in %1 hours: cut to it</source>
        <translation>Direktstrahlung über der extraterrestrischen in %1 Stunden: auf sie begrenzt</translation>
    </message>
    <message>
        <source>The weather was measured at %1° N, %2° E, %3 km from the site</source>
        <translation>Das Wetter wurde bei %1° N, %2° O gemessen, %3 km vom Standort</translation>
    </message>
    <message>
        <source>The louvres of %1 leave no blade: not one keeps within the opening.</source>
        <translation>Die Lamellen von %1 lassen keine übrig: keine bleibt innerhalb der Öffnung.</translation>
    </message>
    <message>
        <source>hours of the clock: an hour ahead of standard time from %1 to %2</source>
        <translation>Stunden der Uhr: eine Stunde vor der Normalzeit von %1 bis %2</translation>
    </message>
    <message>
        <source>Only %1 % of %2 lies over a room below: the rest stays closed.</source>
        <translation>Nur %1 % von %2 liegt über einem Raum darunter: der Rest bleibt geschlossen.</translation>
    </message>
    <message>
        <source>%1 is asked for %2, when the sun is %3° below the horizon.</source>
        <translation>%1 wird für %2 gefragt, wenn die Sonne %3° unter dem Horizont steht.</translation>
    </message>
    <message>
        <source>%1 is meant for a facade, but lies inside the building.</source>
        <translation>%1 ist für eine Fassade gedacht, liegt aber im Gebäude.</translation>
    </message>
    <message>
        <source>month %1 day %2 hour %3 does not follow the line before</source>
        <translation>Monat %1 Tag %2 Stunde %3 folgt nicht auf die Zeile davor</translation>
    </message>
    <message>
        <source>%1 has no reference plane: nothing is asked there.</source>
        <translation>%1 hat keine Bezugsebene: dort wird nichts gefragt.</translation>
    </message>
    <message>
        <source>given irradiances at %1 lm/W diffuse, %2 lm/W direct</source>
        <translation>gegebenen Bestrahlungsstärken mit %1 lm/W diffus, %2 lm/W direkt</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is in another group already, or named twice</source>
        <translation>„%1“ ist schon in einer anderen Gruppe oder zweimal genannt</translation>
    </message>
    <message>
        <source>this is not the header line %1, which is due here</source>
        <translation>das ist nicht die Kopfzeile %1, die hier stehen muss</translation>
    </message>
    <message>
        <source>The walls around %1 are thicker than it is wide.</source>
        <translation>Die Wände um %1 sind dicker, als er breit ist.</translation>
    </message>
    <message>
        <source>passes %1 and reflects %2: more than all the light</source>
        <translation>lässt %1 durch und reflektiert %2: mehr als alles Licht</translation>
    </message>
    <message>
        <source>%1 opens neither to a room nor to the open air.</source>
        <translation>%1 öffnet sich weder zu einem Raum noch ins Freie.</translation>
    </message>
    <message>
        <source>%1 is drawn clockwise: its faces look outwards.</source>
        <translation>%1 ist im Uhrzeigersinn gezeichnet: seine Flächen blicken nach außen.</translation>
    </message>
    <message>
        <source>%1 reaches past its wall and is cut off there.</source>
        <translation>%1 reicht über die Wand hinaus und wird dort abgeschnitten.</translation>
    </message>
    <message>
        <source>%1 is drawn clockwise: its faces look inwards.</source>
        <translation>%1 ist im Uhrzeigersinn gezeichnet: seine Flächen blicken nach innen.</translation>
    </message>
    <message>
        <source>this is not a list of %1 numbers within 100 km</source>
        <translation>das ist keine Liste von %1 Zahlen innerhalb von 100 km</translation>
    </message>
    <message>
        <source>there is no fabric and no venetian blind &quot;%1&quot;</source>
        <translation>es gibt kein Gewebe und keinen Lamellenbehang „%1“</translation>
    </message>
    <message>
        <source>%1: the disk is full or cannot be written to</source>
        <translation>%1: der Datenträger ist voll oder nicht beschreibbar</translation>
    </message>
    <message>
        <source>%1 kWh/m² direct normal, %2 klx h global</source>
        <translation>%1 kWh/m² direkt normal, %2 klx h global</translation>
    </message>
    <message>
        <source>%1: the file is damaged or no answers file</source>
        <translation>%1: die Datei ist beschädigt oder keine Antwortdatei</translation>
    </message>
    <message>
        <source>%1 looks from outside %2, where it belongs.</source>
        <translation>%1 blickt von außerhalb von %2, wohin er gehört.</translation>
    </message>
    <message>
        <source>this is not a list of numbers from %1 to %2</source>
        <translation>das ist keine Liste von Zahlen von %1 bis %2</translation>
    </message>
    <message>
        <source>%1 is &quot;%2&quot;, not a whole number from %3 to %4</source>
        <translation>%1 ist „%2“, keine ganze Zahl von %3 bis %4</translation>
    </message>
    <message>
        <source>minute %1 does not fit %2 records an hour</source>
        <translation>Minute %1 passt nicht zu %2 Einträgen je Stunde</translation>
    </message>
    <message>
        <source>the file ends before the header line %1</source>
        <translation>die Datei endet vor der Kopfzeile %1</translation>
    </message>
    <message>
        <source>%1 lies on what is not there any more.</source>
        <translation>%1 liegt auf etwas, das es nicht mehr gibt.</translation>
    </message>
    <message>
        <source>mirrors %1, more than all it reflects</source>
        <translation>spiegelt %1, mehr als es reflektiert</translation>
    </message>
    <message>
        <source>%1: %2 have no material; %3 % is assumed.</source>
        <translation>%1: %2 haben kein Material; %3 % wird angenommen.</translation>
    </message>
    <message>
        <source>month %1 day %2 hour %3 has %4 of %5 records</source>
        <translation>Monat %1 Tag %2 Stunde %3 hat %4 von %5 Einträgen</translation>
    </message>
    <message>
        <source>%1 records an hour averaged to hours</source>
        <translation>%1 Einträge je Stunde zu Stunden gemittelt</translation>
    </message>
    <message>
        <source>%1 reaches up through the floor of %2.</source>
        <translation>%1 reicht durch den Boden von %2 hinauf.</translation>
    </message>
    <message>
        <source>%1: %2 has no material; %3 % is assumed.</source>
        <translation>%1: %2 hat kein Material; %3 % wird angenommen.</translation>
    </message>
    <message>
        <source>there is no pattern of hours &quot;%1&quot;</source>
        <translation>es gibt kein Stundenmuster „%1“</translation>
    </message>
    <message>
        <source>LOCATION has %1 fields, 10 are due</source>
        <translation>LOCATION hat %1 Felder, 10 sind nötig</translation>
    </message>
    <message>
        <source>%1 is &quot;%2&quot;, not a number from %3 to %4</source>
        <translation>%1 ist „%2“, keine Zahl von %3 bis %4</translation>
    </message>
    <message>
        <source>%1 missing in %2 hours: interpolated</source>
        <translation>%1 fehlt in %2 Stunden: interpoliert</translation>
    </message>
    <message>
        <source>The walls of %1 cross one another.</source>
        <translation>Die Wände von %1 kreuzen einander.</translation>
    </message>
    <message>
        <source>%1: another program holds the file</source>
        <translation>%1: ein anderes Programm hält die Datei</translation>
    </message>
    <message>
        <source>Lower %1 to end below this storey</source>
        <translation>%1 senken, so dass es unter diesem Geschoss endet</translation>
    </message>
    <message>
        <source>%1: the file cannot be written to</source>
        <translation>%1: die Datei ist nicht beschreibbar</translation>
    </message>
    <message>
        <source>month %1 day %2 hour %3 stands twice</source>
        <translation>Monat %1 Tag %2 Stunde %3 steht zweimal da</translation>
    </message>
    <message>
        <source>option %1 has no plane to ask on</source>
        <translation>Option %1 hat keine Ebene, auf der gefragt werden könnte</translation>
    </message>
    <message>
        <source>missing in %1 of %2 daylit hours</source>
        <translation>fehlt in %1 von %2 Tageslichtstunden</translation>
    </message>
    <message>
        <source>%1 joins no room to one below.</source>
        <translation>%1 verbindet keinen Raum mit einem darunter.</translation>
    </message>
    <message>
        <source>%1 reaches into the walls of %2.</source>
        <translation>%1 reicht in die Wände von %2.</translation>
    </message>
    <message>
        <source>%1 is assumed for %2. Source: %3.</source>
        <translation>%1 ist angenommen für %2. Quelle: %3.</translation>
    </message>
    <message>
        <source>LOCATION has %1 fields of 10</source>
        <translation>LOCATION hat %1 von 10 Feldern</translation>
    </message>
    <message>
        <source>%1 kWh/m² direct normal</source>
        <translation>%1 kWh/m² direkt normal</translation>
    </message>
    <message>
        <source>%1 and %2 overlap by %3 m².</source>
        <translation>%1 und %2 überlappen sich um %3 m².</translation>
    </message>
    <message>
        <source>A corner of %1 is %2 cm off %3.</source>
        <translation>Eine Ecke von %1 liegt %2 cm neben %3.</translation>
    </message>
    <message>
        <source>there is no CIE sky type %1</source>
        <translation>es gibt keinen CIE-Himmelstyp %1</translation>
    </message>
    <message>
        <source>%1 fields where 35 are due</source>
        <translation>%1 Felder, wo 35 nötig sind</translation>
    </message>
    <message>
        <source>Cut the overlap out of %1</source>
        <translation>Die Überlappung aus %1 schneiden</translation>
    </message>
    <message>
        <source>there is no figure &quot;%1&quot;</source>
        <translation>es gibt keine Größe „%1“</translation>
    </message>
    <message>
        <source>there is no storey &quot;%1&quot;</source>
        <translation>es gibt kein Geschoss „%1“</translation>
    </message>
    <message>
        <source>option %1 has no readings</source>
        <translation>Option %1 hat keine Ablesungen</translation>
    </message>
    <message>
        <source>%1 is &quot;%2&quot;, not a number</source>
        <translation>%1 ist „%2“, keine Zahl</translation>
    </message>
    <message>
        <source>there is no thing &quot;%1&quot;</source>
        <translation>es gibt kein Ding „%1“</translation>
    </message>
    <message>
        <source>the room has no wall %1</source>
        <translation>der Raum hat keine Wand %1</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is taken already</source>
        <translation>„%1“ ist schon vergeben</translation>
    </message>
    <message>
        <source>there is no room &quot;%1&quot;</source>
        <translation>es gibt keinen Raum „%1“</translation>
    </message>
    <message>
        <source>Probable sunlight hours, %1</source>
        <translation>Wahrscheinliche Sonnenstunden, %1</translation>
    </message>
    <message>
        <source>%1 stands in no room.</source>
        <translation>%1 steht in keinem Raum.</translation>
    </message>
    <message>
        <source>%1 is %2, outside %3 to %4</source>
        <translation>%1 ist %2, außerhalb von %3 bis %4</translation>
    </message>
    <message>
        <source>month %1 has no day %2</source>
        <translation>Monat %1 hat keinen Tag %2</translation>
    </message>
    <message>
        <source>Overcast day near %1</source>
        <translation>Bedeckter Tag um %1</translation>
    </message>
    <message>
        <source>%1 is higher than %2.</source>
        <translation>%1 ist höher als %2.</translation>
    </message>
    <message>
        <source>this holds %1, not %2</source>
        <translation>dies enthält %1, nicht %2</translation>
    </message>
    <message>
        <source>not overwritten: %1</source>
        <translation>nicht überschrieben: %1</translation>
    </message>
    <message>
        <source>there is no %1 &quot;%2&quot;</source>
        <translation>es gibt kein %1 „%2“</translation>
    </message>
    <message>
        <source>%1 is outside %2 to %3</source>
        <translation>%1 ist außerhalb von %2 bis %3</translation>
    </message>
    <message>
        <source>Clear day near %1</source>
        <translation>Klarer Tag um %1</translation>
    </message>
    <message>
        <source>Typical day of %1</source>
        <translation>Typischer Tag im %1</translation>
    </message>
    <message>
        <source>%1 reaches into %2.</source>
        <translation>%1 reicht in %2.</translation>
    </message>
    <message>
        <source>slats at %1°</source>
        <translation>Lamellen bei %1°</translation>
    </message>
    <message>
        <source>%1 moments, from %2</source>
        <translation>%1 Zeitpunkte, ab %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is missing</source>
        <translation>„%1“ fehlt</translation>
    </message>
    <message>
        <source>Give it as &quot;%1&quot;</source>
        <translation>Als „%1“ angeben</translation>
    </message>
    <message>
        <source>%1, line %2, field %3</source>
        <translation>%1, Zeile %2, Feld %3</translation>
    </message>
    <message>
        <source>%1 and %2 overlap.</source>
        <translation>%1 und %2 überlappen sich.</translation>
    </message>
    <message>
        <source>%1, after line %2</source>
        <translation>%1, nach Zeile %2</translation>
    </message>
    <message>
        <source>%1 klx h global</source>
        <translation>%1 klx h global</translation>
    </message>
    <message>
        <source>Move %1 beside %2</source>
        <translation>%1 neben %2 verschieben</translation>
    </message>
    <message>
        <source>Make it %1 high</source>
        <translation>Auf %1 Höhe bringen</translation>
    </message>
    <message>
        <source>CIE sky type %1</source>
        <translation>CIE-Himmel Typ %1</translation>
    </message>
    <message>
        <source>partition of %1</source>
        <translation>Trennwand von %1</translation>
    </message>
    <message>
        <source>Illuminance, %1</source>
        <translation>Beleuchtungsstärke, %1</translation>
    </message>
    <message>
        <source>Scale it by %1</source>
        <translation>Um %1 skalieren</translation>
    </message>
    <message>
        <source>%1 in %2 faces %3.</source>
        <translation>%1 in %2 blickt %3.</translation>
    </message>
    <message>
        <source>this is not %1</source>
        <translation>das ist nicht %1</translation>
    </message>
    <message>
        <source>%1 measures %2.</source>
        <translation>%1 misst %2.</translation>
    </message>
    <message>
        <source>this is no %1</source>
        <translation>das ist kein %1</translation>
    </message>
    <message>
        <source>Give it as %1</source>
        <translation>Angeben als %1</translation>
    </message>
    <message>
        <source>ceiling of %1</source>
        <translation>Decke von %1</translation>
    </message>
    <message>
        <source>Sunlight hours, %1</source>
        <translation>Sonnenstunden, %1</translation>
    </message>
    <message>
        <source>%1 is %2 high.</source>
        <translation>%1 ist %2 hoch.</translation>
    </message>
    <message>
        <source>reveal of %1</source>
        <translation>Laibung von %1</translation>
    </message>
    <message>
        <source>Exposure, %1</source>
        <translation>Lichtmenge, %1</translation>
    </message>
    <message>
        <source>floor of %1</source>
        <translation>Boden von %1</translation>
    </message>
    <message>
        <source>Make it %1</source>
        <translation>Auf %1 bringen</translation>
    </message>
    <message>
        <source>%1 or more</source>
        <translation>%1 oder mehr</translation>
    </message>
    <message>
        <source>%1 at most</source>
        <translation>höchstens %1</translation>
    </message>
    <message>
        <source>wall of %1</source>
        <translation>Wand von %1</translation>
    </message>
    <message>
        <source>Storey %1</source>
        <translation>Geschoss %1</translation>
    </message>
    <message>
        <source>%1, wall %2</source>
        <translation>%1, Wand %2</translation>
    </message>
    <message>
        <source>%1, line %2</source>
        <translation>%1, Zeile %2</translation>
    </message>
    <message>
        <source>%1, and its hours are those of UT%2, the site&apos;s of UT%3</source>
        <translation>%1, und seine Stunden sind die von UT%2, die des Standorts von UT%3</translation>
    </message>
    <message>
        <source>%1, reflected by what stands outdoors</source>
        <translation>%1, reflektiert von dem, was außen steht</translation>
    </message>
    <message>
        <source>%1; the sun stands where the site is</source>
        <translation>%1; die Sonne steht, wo der Standort ist</translation>
    </message>
    <message>
        <source>%1 at the windows&apos; inner faces</source>
        <translation>%1 an den Innenseiten der Fenster</translation>
    </message>
    <message>
        <source>%1, reflected by the ground</source>
        <translation>%1, vom Boden reflektiert</translation>
    </message>
    <message>
        <source>%1, reflected inside</source>
        <translation>%1, innen reflektiert</translation>
    </message>
    <message>
        <source>%1 at the readings</source>
        <translation>%1 an den Ablesungen</translation>
    </message>
    <message>
        <source>%1 at the windows</source>
        <translation>%1 an den Fenstern</translation>
    </message>
    <message>
        <source>%1, light from %2</source>
        <translation>%1, Licht aus %2</translation>
    </message>
    <message>
        <source>%1, direct sun</source>
        <translation>%1, direkte Sonne</translation>
    </message>
    <message>
        <source>%1, not known</source>
        <translation>%1, nicht bekannt</translation>
    </message>
    <message>
        <source>%1, sky</source>
        <translation>%1, Himmel</translation>
    </message>
    <message>
        <source>Fetch the file again: it is cut short</source>
        <translation>Die Datei neu holen: sie ist abgeschnitten</translation>
    </message>
    <message>
        <source>fields are separated by semicolons</source>
        <translation>Felder sind durch Strichpunkte getrennt</translation>
    </message>
    <message>
        <source>Save the file with commas between fields and full stops in numbers</source>
        <translation>Die Datei mit Kommas zwischen den Feldern und Punkten in Zahlen speichern</translation>
    </message>
    <message>
        <source>Check that this is an EPW file, with commas between its fields and eight header lines</source>
        <translation>Prüfen, ob das eine EPW-Datei ist, mit Kommas zwischen den Feldern und acht Kopfzeilen</translation>
    </message>
    <message>
        <source>Fetch the file again</source>
        <translation>Die Datei neu holen</translation>
    </message>
    <message>
        <source>Write numbers with full stops, and names without commas</source>
        <translation>Zahlen mit Punkt schreiben und Namen ohne Komma</translation>
    </message>
    <message>
        <source>time zone</source>
        <translation>Zeitzone</translation>
    </message>
    <message>
        <source>the number of data periods is not a number</source>
        <translation>die Zahl der Datenabschnitte ist keine Zahl</translation>
    </message>
    <message>
        <source>Correct the DATA PERIODS line</source>
        <translation>Die Zeile DATA PERIODS berichtigen</translation>
    </message>
    <message>
        <source>records per hour must be a whole number that divides 60</source>
        <translation>Einträge je Stunde müssen eine ganze Zahl sein, die 60 teilt</translation>
    </message>
    <message>
        <source>dry bulb temperature</source>
        <translation>Lufttemperatur</translation>
    </message>
    <message>
        <source>dew point</source>
        <translation>Taupunkt</translation>
    </message>
    <message>
        <source>global horizontal irradiance</source>
        <translation>Globalstrahlung, waagerecht</translation>
    </message>
    <message>
        <source>direct normal irradiance</source>
        <translation>Direktnormalstrahlung</translation>
    </message>
    <message>
        <source>diffuse horizontal irradiance</source>
        <translation>Diffusstrahlung, waagerecht</translation>
    </message>
    <message>
        <source>direct normal illuminance</source>
        <translation>direkte Normalbeleuchtungsstärke</translation>
    </message>
    <message>
        <source>diffuse horizontal illuminance</source>
        <translation>diffuse waagerechte Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>total sky cover</source>
        <translation>Bedeckungsgrad</translation>
    </message>
    <message>
        <source>Correct the value, or put the missing code there</source>
        <translation>Den Wert berichtigen oder den Kennwert für Fehlendes einsetzen</translation>
    </message>
    <message>
        <source>Check that fields are parted by commas and the line is whole</source>
        <translation>Prüfen, ob Felder durch Kommas getrennt sind und die Zeile vollständig ist</translation>
    </message>
    <message>
        <source>Write numbers with full stops: a decimal comma parts a number into two fields</source>
        <translation>Zahlen mit Punkt schreiben: ein Dezimalkomma teilt eine Zahl in zwei Felder</translation>
    </message>
    <message>
        <source>Correct the value</source>
        <translation>Den Wert berichtigen</translation>
    </message>
    <message>
        <source>Correct the date</source>
        <translation>Das Datum berichtigen</translation>
    </message>
    <message>
        <source>Correct the minute or the DATA PERIODS line</source>
        <translation>Die Minute oder die Zeile DATA PERIODS berichtigen</translation>
    </message>
    <message>
        <source>Remove the line that does not belong</source>
        <translation>Die Zeile entfernen, die nicht dazugehört</translation>
    </message>
    <message>
        <source>Put the lines in order of time, without gaps</source>
        <translation>Die Zeilen nach der Zeit ordnen, ohne Lücken</translation>
    </message>
    <message>
        <source>A whole year is needed; fetch the file again or choose another</source>
        <translation>Ein ganzes Jahr ist nötig; die Datei neu holen oder eine andere wählen</translation>
    </message>
    <message>
        <source>29 February left out: the year has 365 days</source>
        <translation>29. Februar weggelassen: das Jahr hat 365 Tage</translation>
    </message>
    <message>
        <source>sky type out of 1 to 15</source>
        <translation>Himmelstyp nicht in 1 bis 15</translation>
    </message>
    <message>
        <source>sky division must be 1, 2 or 4</source>
        <translation>Himmelsteilung muss 1, 2 oder 4 sein</translation>
    </message>
    <message>
        <source>Dry bulb temperature</source>
        <translation>Lufttemperatur</translation>
    </message>
    <message>
        <source>Global irradiance</source>
        <translation>Globalstrahlung</translation>
    </message>
    <message>
        <source>Direct normal irradiance</source>
        <translation>Direktnormalstrahlung</translation>
    </message>
    <message>
        <source>Diffuse irradiance</source>
        <translation>Diffusstrahlung</translation>
    </message>
    <message>
        <source>Global illuminance</source>
        <translation>Globalbeleuchtungsstärke</translation>
    </message>
    <message>
        <source>Direct normal illuminance</source>
        <translation>Direkte Normalbeleuchtungsstärke</translation>
    </message>
    <message>
        <source>Diffuse illuminance</source>
        <translation>Diffuse Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>Cloud cover</source>
        <translation>Bedeckungsgrad</translation>
    </message>
    <message>
        <source>Sunniest day</source>
        <translation>Sonnigster Tag</translation>
    </message>
    <message>
        <source>Brightest day</source>
        <translation>Hellster Tag</translation>
    </message>
    <message>
        <source>Dullest day</source>
        <translation>Trübster Tag</translation>
    </message>
    <message>
        <source>Dew point</source>
        <translation>Taupunkt</translation>
    </message>
    <message>
        <source>Choose a weather file that carries global, direct or diffuse irradiance</source>
        <translation>Eine Wetterdatei wählen, die Global-, Direkt- oder Diffusstrahlung enthält</translation>
    </message>
    <message>
        <source>Direct irradiance</source>
        <translation>Direktstrahlung</translation>
    </message>
    <message>
        <source>made-up weather: for trying out</source>
        <translation>erfundenes Wetter: zum Ausprobieren</translation>
    </message>
    <message>
        <source>made-up weather: not for a certificate</source>
        <translation>erfundenes Wetter: nicht für ein Zertifikat</translation>
    </message>
    <message>
        <source>Floors</source>
        <translation>Böden</translation>
    </message>
    <message>
        <source>Ceilings</source>
        <translation>Decken</translation>
    </message>
    <message>
        <source>Partitions</source>
        <translation>Trennwände</translation>
    </message>
    <message>
        <source>Doors and panels</source>
        <translation>Türen und Paneele</translation>
    </message>
    <message>
        <source>Facades</source>
        <translation>Fassaden</translation>
    </message>
    <message>
        <source>Rooflights</source>
        <translation>Dachfenster</translation>
    </message>
    <message>
        <source>Furniture</source>
        <translation>Möbel</translation>
    </message>
    <message>
        <source>Stairs and ramps</source>
        <translation>Treppen und Rampen</translation>
    </message>
    <message>
        <source>Shading</source>
        <translation>Verschattung</translation>
    </message>
    <message>
        <source>Neighbouring blocks</source>
        <translation>Nachbargebäude</translation>
    </message>
    <message>
        <source>Trees</source>
        <translation>Bäume</translation>
    </message>
    <message>
        <source>Fences</source>
        <translation>Zäune</translation>
    </message>
    <message>
        <source>Terrain</source>
        <translation>Gelände</translation>
    </message>
    <message>
        <source>never closes: its slats are further apart than they are wide</source>
        <translation>schließt nie: seine Lamellen liegen weiter auseinander, als sie breit sind</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>IES LM-83-12, surfaces of unknown finish</source>
        <translation>IES LM-83-12, Flächen unbekannter Oberfläche</translation>
    </message>
    <message>
        <source>local standard time, no summer time</source>
        <translation>örtliche Normalzeit, keine Sommerzeit</translation>
    </message>
    <message>
        <source>never closed</source>
        <translation>nie geschlossen</translation>
    </message>
    <message>
        <source>always closed</source>
        <translation>immer geschlossen</translation>
    </message>
    <message>
        <source>by the clock</source>
        <translation>nach der Uhr</translation>
    </message>
    <message>
        <source>against direct sun (LM-83)</source>
        <translation>gegen direkte Sonne (LM-83)</translation>
    </message>
    <message>
        <source>above a mean on the plane</source>
        <translation>über einem Mittel auf der Ebene</translation>
    </message>
    <message>
        <source>above lux on the window</source>
        <translation>über Lux am Fenster</translation>
    </message>
    <message>
        <source>above W/m² on the window</source>
        <translation>über W/m² am Fenster</translation>
    </message>
    <message>
        <source>Past left</source>
        <translation>Links hinaus</translation>
    </message>
    <message>
        <source>Past right</source>
        <translation>Rechts hinaus</translation>
    </message>
    <message>
        <source>Past head</source>
        <translation>Über Sturz hinaus</translation>
    </message>
    <message>
        <source>Past sill</source>
        <translation>Unter Brüstung</translation>
    </message>
    <message>
        <source>Stands out</source>
        <translation>Steht vor</translation>
    </message>
    <message>
        <source>Tilt</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>Beside jambs</source>
        <translation>Neben Leibung</translation>
    </message>
    <message>
        <source>Fins</source>
        <translation>Seitenblenden</translation>
    </message>
    <message>
        <source>at the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>at the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>Blades</source>
        <translation>Lamellen</translation>
    </message>
    <message>
        <source>Laid out by</source>
        <translation>Anordnung nach</translation>
    </message>
    <message>
        <source>Number</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>First blade</source>
        <translation>Erste Lamelle</translation>
    </message>
    <message>
        <source>at the sill</source>
        <translation>an der Brüstung</translation>
    </message>
    <message>
        <source>at the head</source>
        <translation>am Sturz</translation>
    </message>
    <message>
        <source>Blade depth</source>
        <translation>Lamellentiefe</translation>
    </message>
    <message>
        <source>Blade tilt</source>
        <translation>Lamellenneigung</translation>
    </message>
    <message>
        <source>Off the wall</source>
        <translation>Vor der Wand</translation>
    </message>
    <message>
        <source>Shutter slats</source>
        <translation>Ladenlamellen</translation>
    </message>
    <message>
        <source>Level blades close before the pane</source>
        <translation>Waagerechte Lamellen dicht vor der Scheibe</translation>
    </message>
    <message>
        <source>River blades</source>
        <translation>Flusslamellen</translation>
    </message>
    <message>
        <source>Few wide blades well before the wall</source>
        <translation>Wenige breite Lamellen deutlich vor der Wand</translation>
    </message>
    <message>
        <source>Standing blades</source>
        <translation>Stehende Lamellen</translation>
    </message>
    <message>
        <source>Upright blades turned against the low sun</source>
        <translation>Senkrechte Lamellen, gegen die tiefe Sonne gedreht</translation>
    </message>
    <message>
        <source>Reading shelf</source>
        <translation>Lesebrett</translation>
    </message>
    <message>
        <source>A blade inside that sends light to the ceiling</source>
        <translation>Eine Lamelle innen, die Licht an die Decke schickt</translation>
    </message>
    <message>
        <source>Above head</source>
        <translation>Über Sturz</translation>
    </message>
    <message>
        <source>Brow</source>
        <translation>Braue</translation>
    </message>
    <message>
        <source>A shallow board over the head</source>
        <translation>Ein flaches Brett über dem Sturz</translation>
    </message>
    <message>
        <source>Deep brow and cheeks</source>
        <translation>Tiefe Braue mit Wangen</translation>
    </message>
    <message>
        <source>An overhang with fins on both sides</source>
        <translation>Ein Vordach mit Blenden zu beiden Seiten</translation>
    </message>
    <message>
        <source>Veil</source>
        <translation>Schleier</translation>
    </message>
    <message>
        <source>A perforated sheet a hand&apos;s breadth before the wall</source>
        <translation>Ein gelochtes Blech eine Handbreit vor der Wand</translation>
    </message>
    <message>
        <source>Reaches</source>
        <translation>Reicht</translation>
    </message>
    <message>
        <source>Below head</source>
        <translation>Unter Sturz</translation>
    </message>
    <message>
        <source>Day shelf</source>
        <translation>Lichtbrett</translation>
    </message>
    <message>
        <source>A light shelf outside and in, below the upper light</source>
        <translation>Ein Lichtbrett außen und innen, unter dem oberen Licht</translation>
    </message>
    <message>
        <source>Picture box</source>
        <translation>Bildkasten</translation>
    </message>
    <message>
        <source>A surround that stands out all around</source>
        <translation>Ein ringsum vorstehender Rahmen</translation>
    </message>
    <message>
        <source>of the footprint, from corner edge to the next</source>
        <translation>des Grundrisses, von Eckkante zur nächsten</translation>
    </message>
    <message>
        <source>Rises towards</source>
        <translation>Steigt nach</translation>
    </message>
    <message>
        <source>clockwise from the top of the sheet; upright lights of a sawtooth look there</source>
        <translation>im Uhrzeigersinn von der Oberkante des Blatts; dorthin blickt das senkrechte Glas eines Sheddachs</translation>
    </message>
    <message>
        <source>driving rain</source>
        <translation>Schlagregen</translation>
    </message>
    <message>
        <source>an inner blind that criteria may close</source>
        <translation>ein innerer Behang, den Kriterien schließen dürfen</translation>
    </message>
    <message>
        <source>Blind of</source>
        <translation>Behang aus</translation>
    </message>
    <message>
        <source>fixed, from the pane outwards and inwards</source>
        <translation>fest, von der Scheibe nach außen und innen</translation>
    </message>
    <message>
        <source>how rain and dirt reach the pane</source>
        <translation>wie Regen und Schmutz die Scheibe erreichen</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>width seen of frame, mullions and transoms</source>
        <translation>Ansichtsbreite von Rahmen, Pfosten und Riegeln</translation>
    </message>
    <message>
        <source>Lights across</source>
        <translation>Felder quer</translation>
    </message>
    <message>
        <source>side by side</source>
        <translation>nebeneinander</translation>
    </message>
    <message>
        <source>Lights up</source>
        <translation>Felder hoch</translation>
    </message>
    <message>
        <source>above each other</source>
        <translation>übereinander</translation>
    </message>
    <message>
        <source>an edge; -1 the floor, -2 the ceiling</source>
        <translation>eine Kante; -1 der Boden, -2 die Decke</translation>
    </message>
    <message>
        <source>on the room&apos;s side of the pane</source>
        <translation>auf der Raumseite der Scheibe</translation>
    </message>
    <message>
        <source>the wall: from corner edge of the footprint to the next</source>
        <translation>die Wand: von Eckkante des Grundrisses zur nächsten</translation>
    </message>
    <message>
        <source>Along wall</source>
        <translation>An der Wand</translation>
    </message>
    <message>
        <source>from the edge&apos;s first corner to the near side</source>
        <translation>von der ersten Ecke der Kante zur näheren Seite</translation>
    </message>
    <message>
        <source>Opening height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Sill</source>
        <translation>Brüstung</translation>
    </message>
    <message>
        <source>above the floor</source>
        <translation>über dem Boden</translation>
    </message>
    <message>
        <source>Pane depth</source>
        <translation>Scheibentiefe</translation>
    </message>
    <message>
        <source>of the middle of pane or leaf from the inner face of the wall</source>
        <translation>der Mitte von Scheibe oder Flügel von der Innenseite der Wand</translation>
    </message>
    <message>
        <source>the drawn line, counter-clockwise: the inner face of outside walls, the middle of walls to other rooms</source>
        <translation>die gezeichnete Linie, gegen den Uhrzeigersinn: Innenseite der Außenwände, Mitte der Wände zu anderen Räumen</translation>
    </message>
    <message>
        <source>clear; may reach through the storeys above</source>
        <translation>licht; darf durch die Geschosse darüber reichen</translation>
    </message>
    <message>
        <source>where the storey has a pitched roof above it</source>
        <translation>wo das Geschoss ein geneigtes Dach über sich hat</translation>
    </message>
    <message>
        <source>single surfaces with a material of their own</source>
        <translation>einzelne Flächen mit eigenem Material</translation>
    </message>
    <message>
        <source>walls whose thickness is not the option&apos;s</source>
        <translation>Wände, deren Dicke nicht die der Option ist</translation>
    </message>
    <message>
        <source>end of its middle line</source>
        <translation>Ende ihrer Mittellinie</translation>
    </message>
    <message>
        <source>its other end</source>
        <translation>ihr anderes Ende</translation>
    </message>
    <message>
        <source>Mono-pitch</source>
        <translation>Pultdach</translation>
    </message>
    <message>
        <source>Gable</source>
        <translation>Satteldach</translation>
    </message>
    <message>
        <source>Sawtooth</source>
        <translation>Sheddach</translation>
    </message>
    <message>
        <source>ids of the rooms below it; none: all of the storey</source>
        <translation>Kennungen der Räume darunter; keine: das ganze Geschoss</translation>
    </message>
    <message>
        <source>Eaves</source>
        <translation>Traufe</translation>
    </message>
    <message>
        <source>lowest line of the ceiling above the storey&apos;s floor</source>
        <translation>tiefste Linie der Decke über dem Boden des Geschosses</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>Bays</source>
        <translation>Felder</translation>
    </message>
    <message>
        <source>of a sawtooth</source>
        <translation>eines Sheddachs</translation>
    </message>
    <message>
        <source>Overhang</source>
        <translation>Überstand</translation>
    </message>
    <message>
        <source>past the outer face of the walls, in plan</source>
        <translation>über die Außenseite der Wände, im Grundriss</translation>
    </message>
    <message>
        <source>across the slope; along the riser of a sawtooth</source>
        <translation>quer zur Neigung; am Sheddach entlang des Glases</translation>
    </message>
    <message>
        <source>Glass height</source>
        <translation>Glashöhe</translation>
    </message>
    <message>
        <source>up the slope, in plan; height of the glass where upright</source>
        <translation>die Neigung hinauf, im Grundriss; Höhe des Glases, wo es senkrecht steht</translation>
    </message>
    <message>
        <source>counter-clockwise, on flat roofs; on a slope it lies along the slope</source>
        <translation>gegen den Uhrzeigersinn, auf flachen Dächern; auf einer Neigung liegt es in ihrer Richtung</translation>
    </message>
    <message>
        <source>in the riser of a sawtooth nearest to its centre</source>
        <translation>in der senkrechten Fläche eines Sheddachs, die seiner Mitte am nächsten ist</translation>
    </message>
    <message>
        <source>Sill above roof</source>
        <translation>Brüstung über Dach</translation>
    </message>
    <message>
        <source>Upstand</source>
        <translation>Aufkantung</translation>
    </message>
    <message>
        <source>above the roof&apos;s outer face</source>
        <translation>über der Außenseite des Dachs</translation>
    </message>
    <message>
        <source>picture or PDF, relative to the project file</source>
        <translation>Bild oder PDF, von der Projektdatei aus</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>its lower left corner</source>
        <translation>seine untere linke Ecke</translation>
    </message>
    <message>
        <source>Picture width</source>
        <translation>Bildbreite</translation>
    </message>
    <message>
        <source>that it stands for</source>
        <translation>für die es steht</translation>
    </message>
    <message>
        <source>counter-clockwise about its place</source>
        <translation>gegen den Uhrzeigersinn um seine Lage</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>0 invisible, 1 as it is</source>
        <translation>0 unsichtbar, 1 wie es ist</translation>
    </message>
    <message>
        <source>Offset</source>
        <translation>Versatz</translation>
    </message>
    <message>
        <source>of the line from what it measures, to the left of from-to</source>
        <translation>der Linie von dem, was sie misst, nach links von Anfang zu Ende</translation>
    </message>
    <message>
        <source>of the floor, above the site&apos;s zero</source>
        <translation>des Bodens, über dem Nullpunkt des Standorts</translation>
    </message>
    <message>
        <source>clear, that new rooms take</source>
        <translation>licht, die neue Räume nehmen</translation>
    </message>
    <message>
        <source>walls that stand free or do not reach the ceiling</source>
        <translation>Wände, die frei stehen oder nicht bis zur Decke reichen</translation>
    </message>
    <message>
        <source>holes in the floor into the room below</source>
        <translation>Löcher im Boden zum Raum darunter</translation>
    </message>
    <message>
        <source>none: covered flat</source>
        <translation>keins: flach gedeckt</translation>
    </message>
    <message>
        <source>permanent dimension lines</source>
        <translation>bleibende Maßlinien</translation>
    </message>
    <message>
        <source>what lies under the storey to be traced</source>
        <translation>was unter dem Geschoss zum Durchzeichnen liegt</translation>
    </message>
    <message>
        <source>its own within the list</source>
        <translation>seine eigene in der Liste</translation>
    </message>
    <message>
        <source>a member that is not described, or does not count here</source>
        <translation>ein Wert, der nicht beschrieben ist oder hier nicht zählt</translation>
    </message>
    <message>
        <source>Fabric</source>
        <translation>Gewebe</translation>
    </message>
    <message>
        <source>visible, at normal incidence</source>
        <translation>sichtbar, bei senkrechtem Einfall</translation>
    </message>
    <message>
        <source>Scattered</source>
        <translation>Gestreut</translation>
    </message>
    <message>
        <source>which part of the transmitted light is scattered; 1 is opal glass</source>
        <translation>welcher Teil des durchgelassenen Lichts gestreut wird; 1 ist Opalglas</translation>
    </message>
    <message>
        <source>Reflectance, outside</source>
        <translation>Reflexionsgrad, außen</translation>
    </message>
    <message>
        <source>visible, at normal incidence, seen from outside; 0: as uncoated panes reflect</source>
        <translation>sichtbar, bei senkrechtem Einfall, von außen; 0: wie unbeschichtete Scheiben</translation>
    </message>
    <message>
        <source>Reflectance, inside</source>
        <translation>Reflexionsgrad, innen</translation>
    </message>
    <message>
        <source>the same seen from inside</source>
        <translation>derselbe von innen</translation>
    </message>
    <message>
        <source>total solar energy transmittance (EN 410); 0: not known. For the record</source>
        <translation>Gesamtenergiedurchlassgrad (EN 410); 0: nicht bekannt. Nur zur Angabe</translation>
    </message>
    <message>
        <source>from square to the pane, the outer edge down</source>
        <translation>von der Senkrechten auf die Scheibe, die äußere Kante nach unten</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>Senkrecht</translation>
    </message>
    <message>
        <source>vertical slats, turned instead of tilted</source>
        <translation>senkrechte Lamellen, gedreht statt geneigt</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>#rrggbb, of drawings and pictures only</source>
        <translation>#rrggbb, nur in Zeichnungen und Bildern</translation>
    </message>
    <message>
        <source>visible, mirrored light included; of a fabric with its holes</source>
        <translation>sichtbar, gespiegeltes Licht eingeschlossen; bei Gewebe mit seinen Löchern</translation>
    </message>
    <message>
        <source>Mirrored</source>
        <translation>Gespiegelt</translation>
    </message>
    <message>
        <source>how much of the reflectance is mirrored</source>
        <translation>wie viel des Reflexionsgrads gespiegelt ist</translation>
    </message>
    <message>
        <source>root mean square slope of what mirrors; 0 a mirror</source>
        <translation>mittlere quadratische Steigung dessen, was spiegelt; 0 ein Spiegel</translation>
    </message>
    <message>
        <source>share of it that is hole (EN 14500)</source>
        <translation>Anteil der Löcher (EN 14500)</translation>
    </message>
    <message>
        <source>what scatters through, besides its openness</source>
        <translation>was gestreut hindurchgeht, außer durch die Löcher</translation>
    </message>
    <message>
        <source>nobody has measured or chosen it yet</source>
        <translation>niemand hat es bisher gemessen oder gewählt</translation>
    </message>
    <message>
        <source>end of the range in which real ones lie; both 0: not told</source>
        <translation>Ende des Bereichs, in dem wirkliche liegen; beide 0: nicht angegeben</translation>
    </message>
    <message>
        <source>where the figures come from</source>
        <translation>woher die Werte stammen</translation>
    </message>
    <message>
        <source>the floor</source>
        <translation>der Boden</translation>
    </message>
    <message>
        <source>a wall</source>
        <translation>eine Wand</translation>
    </message>
    <message>
        <source>a facade</source>
        <translation>eine Fassade</translation>
    </message>
    <message>
        <source>a thing</source>
        <translation>ein Ding</translation>
    </message>
    <message>
        <source>Elevation</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>the wall</source>
        <translation>die Wand</translation>
    </message>
    <message>
        <source>the room the thing stands in, if any</source>
        <translation>der Raum, in dem das Ding steht, falls in einem</translation>
    </message>
    <message>
        <source>flights and landings from below, or the one top</source>
        <translation>Läufe und Podeste von unten, oder die eine Oberseite</translation>
    </message>
    <message>
        <source>not within these</source>
        <translation>nicht in diesen</translation>
    </message>
    <message>
        <source>Lies on</source>
        <translation>Liegt auf</translation>
    </message>
    <message>
        <source>Stands off</source>
        <translation>Steht ab</translation>
    </message>
    <message>
        <source>above the floor; else how far the points stand before the surface</source>
        <translation>über dem Boden; sonst, wie weit die Punkte vor der Fläche stehen</translation>
    </message>
    <message>
        <source>from the walls, or from the edges</source>
        <translation>von den Wänden oder den Rändern</translation>
    </message>
    <message>
        <source>cells are no wider</source>
        <translation>Zellen sind nicht breiter</translation>
    </message>
    <message>
        <source>so many at least, instead of the spacing; 0: the spacing counts</source>
        <translation>mindestens so viele, statt des Abstands; 0: der Abstand zählt</translation>
    </message>
    <message>
        <source>Turned over</source>
        <translation>Umgedreht</translation>
    </message>
    <message>
        <source>looks the other way: down, or into the wall</source>
        <translation>blickt andersherum: nach unten oder in die Wand</translation>
    </message>
    <message>
        <source>counts as regularly occupied floor area for criteria</source>
        <translation>zählt für Kriterien als regelmäßig genutzte Fläche</translation>
    </message>
    <message>
        <source>clockwise from the top of the sheet</source>
        <translation>im Uhrzeigersinn von der Oberkante des Blatts</translation>
    </message>
    <message>
        <source>Looks up</source>
        <translation>Blickt nach oben</translation>
    </message>
    <message>
        <source>above the horizon</source>
        <translation>über dem Horizont</translation>
    </message>
    <message>
        <source>further headings from the same place</source>
        <translation>weitere Richtungen vom selben Platz</translation>
    </message>
    <message>
        <source>unit, away from what it lies on</source>
        <translation>Einheitsvektor, weg von dem, worauf es liegt</translation>
    </message>
    <message>
        <source>Cut at</source>
        <translation>Schnitt bei</translation>
    </message>
    <message>
        <source>height of the cut above the floor</source>
        <translation>Höhe des Schnitts über dem Boden</translation>
    </message>
    <message>
        <source>seen from outside</source>
        <translation>von außen gesehen</translation>
    </message>
    <message>
        <source>the cut, seen towards its left</source>
        <translation>der Schnitt, nach links gesehen</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Entfernung</translation>
    </message>
    <message>
        <source>materials of what has none of its own, by part</source>
        <translation>Materialien dessen, was keins hat, nach Bauteil</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Outer walls</source>
        <translation>Außenwände</translation>
    </message>
    <message>
        <source>thickness of outside walls</source>
        <translation>Dicke der Außenwände</translation>
    </message>
    <message>
        <source>Inner walls</source>
        <translation>Innenwände</translation>
    </message>
    <message>
        <source>thickness of walls between rooms</source>
        <translation>Dicke der Wände zwischen Räumen</translation>
    </message>
    <message>
        <source>thickness of roof and slabs</source>
        <translation>Dicke von Dach und Decken</translation>
    </message>
    <message>
        <source>from below upwards</source>
        <translation>von unten nach oben</translation>
    </message>
    <message>
        <source>neighbouring solids</source>
        <translation>benachbarte Körper</translation>
    </message>
    <message>
        <source>what stands in and around</source>
        <translation>was innen und ringsum steht</translation>
    </message>
    <message>
        <source>reference planes</source>
        <translation>Bezugsebenen</translation>
    </message>
    <message>
        <source>places where light is given as a number</source>
        <translation>Stellen, an denen Licht als Zahl angegeben wird</translation>
    </message>
    <message>
        <source>windows whose blinds move together, formed by hand</source>
        <translation>Fenster, deren Behänge sich gemeinsam bewegen, von Hand gebildet</translation>
    </message>
    <message>
        <source>of the blinds of all windows that no group holds</source>
        <translation>der Behänge aller Fenster in keiner Gruppe</translation>
    </message>
    <message>
        <source>electric light</source>
        <translation>elektrisches Licht</translation>
    </message>
    <message>
        <source>ways of looking at it that were given a name</source>
        <translation>Ansichten, die einen Namen bekamen</translation>
    </message>
    <message>
        <source>Latitude</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>north positive</source>
        <translation>Nord positiv</translation>
    </message>
    <message>
        <source>Longitude</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>east positive</source>
        <translation>Ost positiv</translation>
    </message>
    <message>
        <source>Time zone</source>
        <translation>Zeitzone</translation>
    </message>
    <message>
        <source>ahead of UTC</source>
        <translation>vor UTC</translation>
    </message>
    <message>
        <source>above the sea</source>
        <translation>über dem Meer</translation>
    </message>
    <message>
        <source>North</source>
        <translation>Norden</translation>
    </message>
    <message>
        <source>azimuth of the sheet&apos;s +y, clockwise from true north</source>
        <translation>Azimut von +y des Blatts, im Uhrzeigersinn von geographisch Nord</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>Ground level</source>
        <translation>Geländehöhe</translation>
    </message>
    <message>
        <source>above the site&apos;s zero</source>
        <translation>über dem Nullpunkt des Standorts</translation>
    </message>
    <message>
        <source>Dirt</source>
        <translation>Schmutz</translation>
    </message>
    <message>
        <source>share of light that it takes from an upright pane under normal exposure</source>
        <translation>Anteil des Lichts, den er einer senkrechten Scheibe bei üblicher Lage nimmt</translation>
    </message>
    <message>
        <source>In leaf from</source>
        <translation>Belaubt ab</translation>
    </message>
    <message>
        <source>month; may run over the new year</source>
        <translation>Monat; darf über Neujahr gehen</translation>
    </message>
    <message>
        <source>month, included</source>
        <translation>Monat, einschließlich</translation>
    </message>
    <message>
        <source>EPW file, relative to the project file</source>
        <translation>EPW-Datei, von der Projektdatei aus</translation>
    </message>
    <message>
        <source>where there is no weather file: a made-up year for the latitude, for trying out</source>
        <translation>wo keine Wetterdatei ist: ein erfundenes Jahr für die Breite, zum Ausprobieren</translation>
    </message>
    <message>
        <source>Outdoor light</source>
        <translation>Außenlicht</translation>
    </message>
    <message>
        <source>as the weather file carries it, instead of from irradiance</source>
        <translation>wie es die Wetterdatei enthält, statt aus der Bestrahlungsstärke</translation>
    </message>
    <message>
        <source>diffuse, visible, of closed blinds that have no material</source>
        <translation>diffus, sichtbar, geschlossener Behänge ohne Material</translation>
    </message>
    <message>
        <source>design alternatives</source>
        <translation>Entwurfsvarianten</translation>
    </message>
    <message>
        <source>patterns of occupied hours</source>
        <translation>Muster von Nutzungsstunden</translation>
    </message>
    <message>
        <source>what patterns of hours know of the year</source>
        <translation>was Stundenmuster vom Jahr wissen</translation>
    </message>
    <message>
        <source>ids of criteria sets</source>
        <translation>Kennungen der Kriteriensätze</translation>
    </message>
    <message>
        <source>lx or W/m²</source>
        <translation>lx oder W/m²</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>occupied hours of standard time, where no pattern is given</source>
        <translation>Nutzungsstunden in Normalzeit, wo kein Muster gegeben ist</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Bis</translation>
    </message>
    <message>
        <source>their end</source>
        <translation>ihr Ende</translation>
    </message>
    <message>
        <source>Target</source>
        <translation>Zielwert</translation>
    </message>
    <message>
        <source>of daylight autonomy; parts useful daylight</source>
        <translation>der Tageslichtautonomie; teilt nutzbares Tageslicht</translation>
    </message>
    <message>
        <source>Useful from</source>
        <translation>Nutzbar ab</translation>
    </message>
    <message>
        <source>limit of useful daylight</source>
        <translation>Grenze nutzbaren Tageslichts</translation>
    </message>
    <message>
        <source>Useful to</source>
        <translation>Nutzbar bis</translation>
    </message>
    <message>
        <source>does not lie between the limits of useful daylight</source>
        <translation>liegt nicht zwischen den Grenzen nutzbaren Tageslichts</translation>
    </message>
    <message>
        <source>Give a target between them</source>
        <translation>Einen Zielwert dazwischen angeben</translation>
    </message>
    <message>
        <source>the occupied hours end before they begin</source>
        <translation>die Nutzungsstunden enden, bevor sie beginnen</translation>
    </message>
    <message>
        <source>Give a later hour</source>
        <translation>Eine spätere Stunde angeben</translation>
    </message>
    <message>
        <source>Every</source>
        <translation>Alle</translation>
    </message>
    <message>
        <source>between looks</source>
        <translation>zwischen den Prüfungen</translation>
    </message>
    <message>
        <source>From a sun of</source>
        <translation>Ab Sonnenhöhe</translation>
    </message>
    <message>
        <source>a lower sun does not count</source>
        <translation>eine tiefere Sonne zählt nicht</translation>
    </message>
    <message>
        <source>only when the weather&apos;s sun shines, not whenever it is up</source>
        <translation>nur wenn die Sonne des Wetters scheint, nicht immer, wenn sie am Himmel steht</translation>
    </message>
    <message>
        <source>included; may run over the new year</source>
        <translation>einschließlich; darf über Neujahr gehen</translation>
    </message>
    <message>
        <source>which of the observer&apos;s headings, its own first</source>
        <translation>welche der Richtungen des Beobachters, seine eigene zuerst</translation>
    </message>
    <message>
        <source>width of the picture</source>
        <translation>Breite des Bildes</translation>
    </message>
    <message>
        <source>the hour&apos;s all-weather sky, one of CIE S 011, or uniform</source>
        <translation>der Allwetterhimmel der Stunde, einer von CIE S 011 oder gleichförmig</translation>
    </message>
    <message>
        <source>the hour&apos;s light, that of place and sun&apos;s altitude, or given in lux or irradiance</source>
        <translation>das Licht der Stunde, das von Ort und Sonnenhöhe, oder gegeben in Lux oder Bestrahlungsstärke</translation>
    </message>
    <message>
        <source>of CIE S 011</source>
        <translation>von CIE S 011</translation>
    </message>
    <message>
        <source>of the sky on the horizontal</source>
        <translation>des Himmels auf der Waagerechten</translation>
    </message>
    <message>
        <source>of the sun, normal to it</source>
        <translation>der Sonne, senkrecht zu ihr</translation>
    </message>
    <message>
        <source>windows: outside, in the middle; window_reveals: on the inner face</source>
        <translation>windows: außen, in der Mitte; window_reveals: auf der Innenseite</translation>
    </message>
    <message>
        <source>their ids; none: all of the option</source>
        <translation>ihre Kennungen; keine: alle der Option</translation>
    </message>
    <message>
        <source>things and blocks that are left out: ids, or kinds (tree, block)</source>
        <translation>Dinge und Nachbargebäude, die weggelassen werden: Kennungen oder Arten (tree, block)</translation>
    </message>
    <message>
        <source>of trees</source>
        <translation>der Bäume</translation>
    </message>
    <message>
        <source>wanted half-width (95 %) as a share of the stated figure</source>
        <translation>gewünschte halbe Breite (95 %) als Anteil der genannten Größe</translation>
    </message>
    <message>
        <source>Risers</source>
        <translation>Setzstufen</translation>
    </message>
    <message>
        <source>Boards</source>
        <translation>Bretter</translation>
    </message>
    <message>
        <source>a shelf&apos;s boards, a stair&apos;s risers</source>
        <translation>die Bretter eines Regals, die Setzstufen einer Treppe</translation>
    </message>
    <message>
        <source>1 straight, 2 side by side with a landing half-way up</source>
        <translation>1 gerade, 2 nebeneinander mit einem Podest auf halber Höhe</translation>
    </message>
    <message>
        <source>Landing</source>
        <translation>Podest</translation>
    </message>
    <message>
        <source>depth of the landing</source>
        <translation>Tiefe des Podests</translation>
    </message>
    <message>
        <source>Base</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>to the eaves</source>
        <translation>bis zur Traufe</translation>
    </message>
    <message>
        <source>the middle of its rectangle</source>
        <translation>die Mitte seines Rechtecks</translation>
    </message>
    <message>
        <source>Canopy</source>
        <translation>Krone</translation>
    </message>
    <message>
        <source>across; of a tree its canopy, of a fence its length</source>
        <translation>quer; bei einem Baum die Krone, bei einem Zaun die Länge</translation>
    </message>
    <message>
        <source>Run</source>
        <translation>Lauf</translation>
    </message>
    <message>
        <source>along: the way a stair or ramp climbs, the way terrain rises; of a fence its thickness</source>
        <translation>längs: wohin Treppe oder Rampe steigt, wohin Gelände steigt; bei einem Zaun die Dicke</translation>
    </message>
    <message>
        <source>Climbs</source>
        <translation>Steigt</translation>
    </message>
    <message>
        <source>all of it: what a stair, ramp or terrain climbs, a tree&apos;s top</source>
        <translation>insgesamt: was Treppe, Rampe oder Gelände steigt, der Wipfel eines Baums</translation>
    </message>
    <message>
        <source>Stands at</source>
        <translation>Steht auf</translation>
    </message>
    <message>
        <source>of its foot above the floor or the ground</source>
        <translation>seines Fußes über dem Boden oder dem Gelände</translation>
    </message>
    <message>
        <source>Trunk</source>
        <translation>Stamm</translation>
    </message>
    <message>
        <source>height below the canopy</source>
        <translation>Höhe unter der Krone</translation>
    </message>
    <message>
        <source>Gaps, in leaf</source>
        <translation>Lücken, belaubt</translation>
    </message>
    <message>
        <source>Gaps</source>
        <translation>Lücken</translation>
    </message>
    <message>
        <source>share of a sunbeam that goes through the whole canopy in leaf, or through a fence</source>
        <translation>Anteil eines Sonnenstrahls, der durch die ganze belaubte Krone oder durch einen Zaun geht</translation>
    </message>
    <message>
        <source>Gaps, bare</source>
        <translation>Lücken, kahl</translation>
    </message>
    <message>
        <source>the same without leaves</source>
        <translation>derselbe ohne Laub</translation>
    </message>
    <message>
        <source>hour of the clock</source>
        <translation>Stunde der Uhr</translation>
    </message>
    <message>
        <source>Months from</source>
        <translation>Monate ab</translation>
    </message>
    <message>
        <source>both included; may run over the new year</source>
        <translation>beide einschließlich; darf über Neujahr gehen</translation>
    </message>
    <message>
        <source>Give a day of that month</source>
        <translation>Einen Tag dieses Monats angeben</translation>
    </message>
    <message>
        <source>of standard time</source>
        <translation>in Normalzeit</translation>
    </message>
    <message>
        <source>Limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>fabrics and venetian blinds, from the most open to the most closed; none: each window&apos;s own blind</source>
        <translation>Gewebe und Lamellenbehänge, vom offensten zum geschlossensten; keine: der eigene Behang jedes Fensters</translation>
    </message>
    <message>
        <source>tilted just as far as keeps the direct sun out</source>
        <translation>gerade so weit gedreht, dass die direkte Sonne draußen bleibt</translation>
    </message>
    <message>
        <source>ids of windows and rooflights</source>
        <translation>Kennungen von Fenstern und Dachfenstern</translation>
    </message>
    <message>
        <source>whose points it lights</source>
        <translation>deren Punkte es beleuchtet</translation>
    </message>
    <message>
        <source>Power</source>
        <translation>Leistung</translation>
    </message>
    <message>
        <source>Control</source>
        <translation>Regelung</translation>
    </message>
    <message>
        <source>above nought</source>
        <translation>über null</translation>
    </message>
    <message>
        <source>at the lowest light</source>
        <translation>beim kleinsten Licht</translation>
    </message>
    <message>
        <source>Stand-by</source>
        <translation>Bereitschaft</translation>
    </message>
    <message>
        <source>in all hours in which the light is not on</source>
        <translation>in allen Stunden, in denen das Licht nicht an ist</translation>
    </message>
    <message>
        <source>holidays are days like others</source>
        <translation>Feiertage sind Tage wie andere</translation>
    </message>
    <message>
        <source>of 1 January: 0 Monday to 6 Sunday</source>
        <translation>des 1. Januars: 0 Montag bis 6 Sonntag</translation>
    </message>
    <message>
        <source>the clock is an hour ahead between these moments of standard time</source>
        <translation>die Uhr geht zwischen diesen Zeitpunkten der Normalzeit eine Stunde vor</translation>
    </message>
    <message>
        <source>circulation and sport</source>
        <translation>Verkehrsflächen und Sport</translation>
    </message>
    <message>
        <source>Children&apos;s tables</source>
        <translation>Kindertische</translation>
    </message>
    <message>
        <source>low tables of nurseries</source>
        <translation>niedrige Tische in Kindergärten</translation>
    </message>
    <message>
        <source>Desks, 0.76 m</source>
        <translation>Schreibtische, 0,76 m</translation>
    </message>
    <message>
        <source>IES LM-83-12</source>
        <translation>IES LM-83-12</translation>
    </message>
    <message>
        <source>Working plane, 0.85 m</source>
        <translation>Arbeitsebene, 0,85 m</translation>
    </message>
    <message>
        <source>EN 17037:2018</source>
        <translation>EN 17037:2018</translation>
    </message>
    <message>
        <source>on wall</source>
        <translation>auf der Wand</translation>
    </message>
    <message>
        <source>square to wall</source>
        <translation>rechtwinklig zur Wand</translation>
    </message>
    <message>
        <source>in line</source>
        <translation>in der Flucht</translation>
    </message>
    <message>
        <source>other storey</source>
        <translation>anderes Geschoss</translation>
    </message>
    <message>
        <source>floor void</source>
        <translation>Luftraum</translation>
    </message>
    <message>
        <source>reference plane</source>
        <translation>Bezugsebene</translation>
    </message>
    <message>
        <source>Facade</source>
        <translation>Fassade</translation>
    </message>
    <message>
        <source>Move the corner onto it</source>
        <translation>Die Ecke darauf verschieben</translation>
    </message>
    <message>
        <source>Fit it into the wall</source>
        <translation>In die Wand einpassen</translation>
    </message>
    <message>
        <source>No dirt is assumed on glass: maintenance factor 1. The Site desk has figures for it.</source>
        <translation>Auf Glas wird kein Schmutz angenommen: Verschmutzungsfaktor 1. Der Tisch Standort hat Werte dafür.</translation>
    </message>
    <message>
        <source>Lay a plane at 0.76 m</source>
        <translation>Eine Ebene auf 0,76 m legen</translation>
    </message>
    <message>
        <source>Move it into the nearest room</source>
        <translation>In den nächsten Raum verschieben</translation>
    </message>
    <message>
        <source>Move it into the room</source>
        <translation>In den Raum verschieben</translation>
    </message>
    <message>
        <source>Move it clear of the building</source>
        <translation>Vom Gebäude wegrücken</translation>
    </message>
    <message>
        <source>Fit it to the room anew</source>
        <translation>Neu in den Raum einpassen</translation>
    </message>
    <message>
        <source>into the wall</source>
        <translation>in die Wand</translation>
    </message>
    <message>
        <source>Turn it over</source>
        <translation>Umdrehen</translation>
    </message>
    <message>
        <source>Lay it on the room&apos;s side of the wall</source>
        <translation>Auf die Raumseite der Wand legen</translation>
    </message>
    <message>
        <source>Ask at noon of that day</source>
        <translation>Am Mittag dieses Tages fragen</translation>
    </message>
    <message>
        <source>Name one of its planes, or none to ask all</source>
        <translation>Eine ihrer Ebenen nennen, oder keine, um alle zu fragen</translation>
    </message>
    <message>
        <source>Put some into the drawing</source>
        <translation>Welche in die Zeichnung setzen</translation>
    </message>
    <message>
        <source>Lay a reference plane into a room</source>
        <translation>Eine Bezugsebene in einen Raum legen</translation>
    </message>
    <message>
        <source>Widen the spacing of its planes, or lay them over less; check that lengths are in metres</source>
        <translation>Den Abstand ihrer Ebenen vergrößern oder sie über weniger legen; prüfen, ob Längen in Metern sind</translation>
    </message>
    <message>
        <source>Lay them within their rooms, below the ceiling</source>
        <translation>Sie in ihre Räume legen, unter die Decke</translation>
    </message>
    <message>
        <source>the project names no weather file</source>
        <translation>das Projekt nennt keine Wetterdatei</translation>
    </message>
    <message>
        <source>Choose an EPW file on the Site desk</source>
        <translation>Auf dem Tisch Standort eine EPW-Datei wählen</translation>
    </message>
    <message>
        <source>the weather file carries no illuminance in some daylit hours</source>
        <translation>die Wetterdatei enthält in manchen Tageslichtstunden keine Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>Take the light from irradiance</source>
        <translation>Das Licht aus der Bestrahlungsstärke nehmen</translation>
    </message>
    <message>
        <source>Place one, or name another</source>
        <translation>Einen setzen oder einen anderen nennen</translation>
    </message>
    <message>
        <source>Number them from 0</source>
        <translation>Von 0 an zählen</translation>
    </message>
    <message>
        <source>the weather&apos;s hours on both sides</source>
        <translation>den Stunden des Wetters zu beiden Seiten</translation>
    </message>
    <message>
        <source>the sun&apos;s altitude at the site</source>
        <translation>der Sonnenhöhe am Standort</translation>
    </message>
    <message>
        <source>given illuminances</source>
        <translation>gegebenen Beleuchtungsstärken</translation>
    </message>
    <message>
        <source>uniform sky</source>
        <translation>gleichförmiger Himmel</translation>
    </message>
    <message>
        <source>all-weather sky</source>
        <translation>Allwetterhimmel</translation>
    </message>
    <message>
        <source>Give a type from 1 to 16</source>
        <translation>Einen Typ von 1 bis 16 angeben</translation>
    </message>
    <message>
        <source>this sky takes its light from the weather, and there is none</source>
        <translation>dieser Himmel nimmt sein Licht aus dem Wetter, und es gibt keins</translation>
    </message>
    <message>
        <source>Choose a weather file, or a sky whose light is given or follows from the place</source>
        <translation>Eine Wetterdatei wählen oder einen Himmel, dessen Licht gegeben ist oder aus dem Ort folgt</translation>
    </message>
    <message>
        <source>Sky component</source>
        <translation>Himmelslichtanteil</translation>
    </message>
    <message>
        <source>Externally reflected component</source>
        <translation>Außenreflexionsanteil</translation>
    </message>
    <message>
        <source>Internally reflected component</source>
        <translation>Innenreflexionsanteil</translation>
    </message>
    <message>
        <source>Via the ground, straight or interreflected</source>
        <translation>Über den Boden, gerade oder mehrfach reflektiert</translation>
    </message>
    <message>
        <source>Under the weather&apos;s median sky (Ev,d,med)</source>
        <translation>Unter dem Medianhimmel des Wetters (Ev,d,med)</translation>
    </message>
    <message>
        <source>Under the design sky</source>
        <translation>Unter dem Entwurfshimmel</translation>
    </message>
    <message>
        <source>Sunlight hours</source>
        <translation>Sonnenstunden</translation>
    </message>
    <message>
        <source>Share of the open place&apos;s sun</source>
        <translation>Anteil der Sonne im Freien</translation>
    </message>
    <message>
        <source>First sun</source>
        <translation>Erste Sonne</translation>
    </message>
    <message>
        <source>Last sun</source>
        <translation>Letzte Sonne</translation>
    </message>
    <message>
        <source>Sky seen</source>
        <translation>Gesehener Himmel</translation>
    </message>
    <message>
        <source>klx h</source>
        <translation>klx h</translation>
    </message>
    <message>
        <source>Irradiation</source>
        <translation>Bestrahlung</translation>
    </message>
    <message>
        <source>a kind of question that is no analysis</source>
        <translation>eine Art von Frage, die keine Analyse ist</translation>
    </message>
    <message>
        <source>a question of this kind gives no table of points</source>
        <translation>eine Frage dieser Art gibt keine Tabelle von Punkten</translation>
    </message>
    <message>
        <source>Ask it as what it is</source>
        <translation>Als das fragen, was sie ist</translation>
    </message>
    <message>
        <source>it needs a weather file</source>
        <translation>sie braucht eine Wetterdatei</translation>
    </message>
    <message>
        <source>Choose one on the Site desk</source>
        <translation>Auf dem Tisch Standort eine wählen</translation>
    </message>
    <message>
        <source>Vertical sky component</source>
        <translation>Vertikaler Himmelslichtanteil</translation>
    </message>
    <message>
        <source>the design sky of CIE 16-1970 was made for temperate latitudes; within 20 degrees of the equator take the median</source>
        <translation>der Entwurfshimmel der CIE 16-1970 gilt für gemäßigte Breiten; innerhalb von 20 Grad vom Äquator den Median nehmen</translation>
    </message>
    <message>
        <source>daylight factor, sky component</source>
        <translation>Tageslichtquotient, Himmelslichtanteil</translation>
    </message>
    <message>
        <source>light and irradiation added up</source>
        <translation>Licht und Bestrahlung, aufsummiert</translation>
    </message>
    <message>
        <source>Glare</source>
        <translation>Blendung</translation>
    </message>
    <message>
        <source>illuminance at moments</source>
        <translation>Beleuchtungsstärke zu Zeitpunkten</translation>
    </message>
    <message>
        <source>Visible sky angle</source>
        <translation>Sichtbarer Himmelswinkel</translation>
    </message>
    <message>
        <source>Lowest sky</source>
        <translation>Tiefster Himmel</translation>
    </message>
    <message>
        <source>visible sky angle before windows</source>
        <translation>sichtbarer Himmelswinkel vor Fenstern</translation>
    </message>
    <message>
        <source>view of the sky, no-sky line</source>
        <translation>Sicht auf den Himmel, Himmelssichtgrenze</translation>
    </message>
    <message>
        <source>probable: hours with 120 W/m2 or more of direct irradiance</source>
        <translation>wahrscheinlich: Stunden mit 120 W/m2 oder mehr Direktstrahlung</translation>
    </message>
    <message>
        <source>possible: whenever it is up</source>
        <translation>möglich: immer, wenn sie am Himmel steht</translation>
    </message>
    <message>
        <source>sunlight hours</source>
        <translation>Sonnenstunden</translation>
    </message>
    <message>
        <source>Under the weather&apos;s median sky</source>
        <translation>Unter dem Medianhimmel des Wetters</translation>
    </message>
    <message>
        <source>Direct sun</source>
        <translation>Direkte Sonne</translation>
    </message>
    <message>
        <source>Straight from the sky</source>
        <translation>Gerade vom Himmel</translation>
    </message>
    <message>
        <source>Provision</source>
        <translation>Tageslichtversorgung</translation>
    </message>
    <message>
        <source>Daylight glare probability</source>
        <translation>Blendwahrscheinlichkeit (DGP)</translation>
    </message>
    <message>
        <source>share of the area</source>
        <translation>Anteil der Fläche</translation>
    </message>
    <message>
        <source>Daylight autonomy</source>
        <translation>Tageslichtautonomie</translation>
    </message>
    <message>
        <source>Direct sun of 1000 lx</source>
        <translation>Direkte Sonne von 1000 lx</translation>
    </message>
    <message>
        <source>h a year</source>
        <translation>h im Jahr</translation>
    </message>
    <message>
        <source>Mean illuminance</source>
        <translation>Mittlere Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>EN 17037, 300 lx on half</source>
        <translation>EN 17037, 300 lx auf der Hälfte</translation>
    </message>
    <message>
        <source>EN 17037, 100 lx on 95 %</source>
        <translation>EN 17037, 100 lx auf 95 %</translation>
    </message>
    <message>
        <source>EN 17037, 500 lx on half</source>
        <translation>EN 17037, 500 lx auf der Hälfte</translation>
    </message>
    <message>
        <source>EN 17037, 300 lx on 95 %</source>
        <translation>EN 17037, 300 lx auf 95 %</translation>
    </message>
    <message>
        <source>EN 17037, 750 lx on half</source>
        <translation>EN 17037, 750 lx auf der Hälfte</translation>
    </message>
    <message>
        <source>EN 17037, 500 lx on 95 %</source>
        <translation>EN 17037, 500 lx auf 95 %</translation>
    </message>
    <message>
        <source>The same without blinds</source>
        <translation>Dieselbe ohne Behänge</translation>
    </message>
    <message>
        <source>Over-lit area</source>
        <translation>Zu helle Fläche</translation>
    </message>
    <message>
        <source>See the list in docs/formats/criteria.md</source>
        <translation>Siehe die Liste in docs/formats/criteria.md</translation>
    </message>
    <message>
        <source>the hours end before they begin</source>
        <translation>die Stunden enden, bevor sie beginnen</translation>
    </message>
    <message>
        <source>Give hours of one day, the first before the last</source>
        <translation>Stunden eines Tages angeben, die erste vor der letzten</translation>
    </message>
    <message>
        <source>there is no threshold</source>
        <translation>es gibt keine Schwelle</translation>
    </message>
    <message>
        <source>Give at least one</source>
        <translation>Mindestens eine angeben</translation>
    </message>
    <message>
        <source>a share is more than 1</source>
        <translation>ein Anteil ist größer als 1</translation>
    </message>
    <message>
        <source>Give shares from 0 to 1: 0.5 for 50 %</source>
        <translation>Anteile von 0 bis 1 angeben: 0.5 für 50 %</translation>
    </message>
    <message>
        <source>the levels do not go from the easiest to the hardest</source>
        <translation>die Stufen gehen nicht von der leichtesten zur schwersten</translation>
    </message>
    <message>
        <source>Sort them</source>
        <translation>Sie ordnen</translation>
    </message>
    <message>
        <source>Give it an id of its own</source>
        <translation>Ihm eine eigene Kennung geben</translation>
    </message>
    <message>
        <source>Occupied area</source>
        <translation>Genutzte Fläche</translation>
    </message>
    <message>
        <source>Use small letters, digits and hyphens</source>
        <translation>Kleinbuchstaben, Ziffern und Bindestriche verwenden</translation>
    </message>
    <message>
        <source>the values do not rise</source>
        <translation>die Werte steigen nicht</translation>
    </message>
    <message>
        <source>Sort them from the least to the greatest</source>
        <translation>Vom kleinsten zum größten ordnen</translation>
    </message>
    <message>
        <source>stored light</source>
        <translation>gespeichertes Licht</translation>
    </message>
    <message>
        <source>is damaged</source>
        <translation>ist beschädigt</translation>
    </message>
    <message>
        <source>It is traced anew</source>
        <translation>Es wird neu gerechnet</translation>
    </message>
    <message>
        <source>the ray kernels cannot be started</source>
        <translation>die Strahlenrechnung lässt sich nicht starten</translation>
    </message>
    <message>
        <source>the version is not a whole number</source>
        <translation>die Version ist keine ganze Zahl</translation>
    </message>
    <message>
        <source>Restore the file from a copy</source>
        <translation>Die Datei aus einer Kopie wiederherstellen</translation>
    </message>
    <message>
        <source>Update Warm Pane; the file was left as it is</source>
        <translation>Warm Pane erneuern; die Datei blieb, wie sie war</translation>
    </message>
    <message>
        <source>this is not an object</source>
        <translation>das ist kein Objekt</translation>
    </message>
    <message>
        <source>a text</source>
        <translation>ein Text</translation>
    </message>
    <message>
        <source>a list of texts</source>
        <translation>eine Liste von Texten</translation>
    </message>
    <message>
        <source>this is not a list of texts</source>
        <translation>das ist keine Liste von Texten</translation>
    </message>
    <message>
        <source>Give only texts</source>
        <translation>Nur Texte angeben</translation>
    </message>
    <message>
        <source>a list of numbers</source>
        <translation>eine Liste von Zahlen</translation>
    </message>
    <message>
        <source>Give only such numbers</source>
        <translation>Nur solche Zahlen angeben</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>Give a value within</source>
        <translation>Einen Wert darin angeben</translation>
    </message>
    <message>
        <source>a whole number</source>
        <translation>eine ganze Zahl</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>Give coordinates in metres</source>
        <translation>Koordinaten in Metern angeben</translation>
    </message>
    <message>
        <source>a list of two numbers</source>
        <translation>eine Liste von zwei Zahlen</translation>
    </message>
    <message>
        <source>a list</source>
        <translation>eine Liste</translation>
    </message>
    <message>
        <source>a list of three numbers</source>
        <translation>eine Liste von drei Zahlen</translation>
    </message>
    <message>
        <source>nothing is known by this name</source>
        <translation>unter diesem Namen ist nichts bekannt</translation>
    </message>
    <message>
        <source>Correct its spelling, or take it away</source>
        <translation>Die Schreibweise berichtigen oder es wegnehmen</translation>
    </message>
    <message>
        <source>Use one of these words</source>
        <translation>Eins dieser Wörter verwenden</translation>
    </message>
    <message>
        <source>an object</source>
        <translation>ein Objekt</translation>
    </message>
    <message>
        <source>there is none</source>
        <translation>es gibt keins</translation>
    </message>
    <message>
        <source>Open a file that Warm Pane wrote, or see docs/formats/materials.md</source>
        <translation>Eine Datei öffnen, die Warm Pane schrieb, oder siehe docs/formats/materials.md</translation>
    </message>
    <message>
        <source>library of materials</source>
        <translation>Bibliothek von Materialien</translation>
    </message>
    <message>
        <source>set of assumed materials</source>
        <translation>Satz angenommener Materialien</translation>
    </message>
    <message>
        <source>Correct its figures</source>
        <translation>Seine Werte berichtigen</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Unter anderem Namen speichern</translation>
    </message>
    <message>
        <source>there is no option</source>
        <translation>es gibt keine Option</translation>
    </message>
    <message>
        <source>A project holds at least one option</source>
        <translation>Ein Projekt hat mindestens eine Option</translation>
    </message>
    <message>
        <source>opaque material</source>
        <translation>undurchsichtiges Material</translation>
    </message>
    <message>
        <source>Name one that /materials holds</source>
        <translation>Eins nennen, das /materials enthält</translation>
    </message>
    <message>
        <source>the footprint has no area</source>
        <translation>der Grundriss hat keine Fläche</translation>
    </message>
    <message>
        <source>Give three or more corners that span an area</source>
        <translation>Drei oder mehr Ecken angeben, die eine Fläche aufspannen</translation>
    </message>
    <message>
        <source>Name one of this option, or none for a thing outdoors</source>
        <translation>Eins dieser Option nennen, oder keins für ein Ding im Freien</translation>
    </message>
    <message>
        <source>Name each window once</source>
        <translation>Jedes Fenster einmal nennen</translation>
    </message>
    <message>
        <source>Name one that /occupancies holds, or none</source>
        <translation>Eins nennen, das /occupancies enthält, oder keins</translation>
    </message>
    <message>
        <source>Name one of this option</source>
        <translation>Eins dieser Option nennen</translation>
    </message>
    <message>
        <source>Name a room of this option</source>
        <translation>Einen Raum dieser Option nennen</translation>
    </message>
    <message>
        <source>Number walls from 0</source>
        <translation>Wände von 0 an zählen</translation>
    </message>
    <message>
        <source>the partition has no length</source>
        <translation>die Trennwand hat keine Länge</translation>
    </message>
    <message>
        <source>Give two different ends</source>
        <translation>Zwei verschiedene Enden angeben</translation>
    </message>
    <message>
        <source>Name rooms of the same storey</source>
        <translation>Räume desselben Geschosses nennen</translation>
    </message>
    <message>
        <source>Number walls from 0; -1 is the floor, -2 the ceiling</source>
        <translation>Wände von 0 an zählen; -1 ist der Boden, -2 die Decke</translation>
    </message>
    <message>
        <source>the opening is outside its wall</source>
        <translation>die Öffnung liegt außerhalb ihrer Wand</translation>
    </message>
    <message>
        <source>Make it narrower or move it along the wall</source>
        <translation>Sie schmaler machen oder an der Wand verschieben</translation>
    </message>
    <message>
        <source>Warm Pane project</source>
        <translation>Warm-Pane-Projekt</translation>
    </message>
    <message>
        <source>Open a .warmpane file</source>
        <translation>Eine .warmpane-Datei öffnen</translation>
    </message>
    <message>
        <source>floor</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>ceiling</source>
        <translation>Decke</translation>
    </message>
    <message>
        <source>wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>reveal</source>
        <translation>Laibung</translation>
    </message>
    <message>
        <source>facade</source>
        <translation>Fassade</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>leaf</source>
        <translation>Flügel</translation>
    </message>
    <message>
        <source>furniture</source>
        <translation>Möbel</translation>
    </message>
    <message>
        <source>stair</source>
        <translation>Treppe</translation>
    </message>
    <message>
        <source>shading</source>
        <translation>Verschattung</translation>
    </message>
    <message>
        <source>tree</source>
        <translation>Baum</translation>
    </message>
    <message>
        <source>fence</source>
        <translation>Zaun</translation>
    </message>
    <message>
        <source>terrain</source>
        <translation>Gelände</translation>
    </message>
    <message>
        <source>table</source>
        <translation>Tisch</translation>
    </message>
    <message>
        <source>shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>bench</source>
        <translation>Bank</translation>
    </message>
    <message>
        <source>box</source>
        <translation>Kasten</translation>
    </message>
    <message>
        <source>ramp</source>
        <translation>Rampe</translation>
    </message>
    <message>
        <source>top</source>
        <translation>Oberseite</translation>
    </message>
    <message>
        <source>slope</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Lauf</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>Podest</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>normal</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>overhang</source>
        <translation>Vordach</translation>
    </message>
    <message>
        <source>surround</source>
        <translation>Rahmenkasten</translation>
    </message>
    <message>
        <source>fins</source>
        <translation>Seitenblenden</translation>
    </message>
    <message>
        <source>louvres</source>
        <translation>Lamellen</translation>
    </message>
    <message>
        <source>screen</source>
        <translation>Lochblech</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>window</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>door</source>
        <translation>Tür</translation>
    </message>
    <message>
        <source>panel</source>
        <translation>Paneel</translation>
    </message>
    <message>
        <source>storey</source>
        <translation>Geschoss</translation>
    </message>
    <message>
        <source>room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>north</source>
        <translation>Nord</translation>
    </message>
    <message>
        <source>south</source>
        <translation>Süd</translation>
    </message>
    <message>
        <source>east</source>
        <translation>Ost</translation>
    </message>
    <message>
        <source>west</source>
        <translation>West</translation>
    </message>
    <message>
        <source>option</source>
        <translation>Option</translation>
    </message>
    <message>
        <source>within limit</source>
        <translation>innerhalb der Grenze</translation>
    </message>
    <message>
        <source>kWh/m² a year</source>
        <translation>kWh/m² im Jahr</translation>
    </message>
    <message>
        <source>flight 1</source>
        <translation>Lauf 1</translation>
    </message>
    <message>
        <source>flight 2</source>
        <translation>Lauf 2</translation>
    </message>
    <message>
        <source>EN 17037 daylight provision, by daylight factor</source>
        <translation>EN 17037 Tageslichtversorgung, nach Tageslichtquotient</translation>
    </message>
    <message>
        <source>Share of the 4380 daylight hours in which half of the reference plane has at least 300 lx</source>
        <translation>Anteil der 4380 Tageslichtstunden, in denen die Hälfte der Bezugsebene mindestens 300 lx hat</translation>
    </message>
    <message>
        <source>Share of the 4380 daylight hours in which 95 % of the reference plane has at least 100 lx</source>
        <translation>Anteil der 4380 Tageslichtstunden, in denen 95 % der Bezugsebene mindestens 100 lx haben</translation>
    </message>
    <message>
        <source>LEED v4.1 daylight, option 1</source>
        <translation>LEED v4.1 Tageslicht, Option 1</translation>
    </message>
    <message>
        <source>1 point</source>
        <translation>1 Punkt</translation>
    </message>
    <message>
        <source>2 points</source>
        <translation>2 Punkte</translation>
    </message>
    <message>
        <source>3 points</source>
        <translation>3 Punkte</translation>
    </message>
    <message>
        <source>Illuminance at a point as a share of that on open, level ground under the CIE overcast sky.</source>
        <translation>Beleuchtungsstärke an einem Punkt als Anteil der im Freien auf ebenem Boden unter dem bedeckten CIE-Himmel.</translation>
    </message>
    <message>
        <source>below it a place looks gloomy even by day</source>
        <translation>darunter wirkt ein Ort auch am Tag düster</translation>
    </message>
    <message>
        <source>a room with this mean looks daylit; below it electric light is on most of the day</source>
        <translation>ein Raum mit diesem Mittel wirkt tageslichthell; darunter ist elektrisches Licht meist an</translation>
    </message>
    <message>
        <source>a room with this mean looks bright; electric light is seldom on by day</source>
        <translation>ein Raum mit diesem Mittel wirkt hell; elektrisches Licht ist am Tag selten an</translation>
    </message>
    <message>
        <source>Part of the daylight factor that comes straight from the sky.</source>
        <translation>Teil des Tageslichtquotienten, der gerade vom Himmel kommt.</translation>
    </message>
    <message>
        <source>Part of the daylight factor that comes by surfaces outdoors: facades, neighbours, the ground.</source>
        <translation>Teil des Tageslichtquotienten, der über Flächen im Freien kommt: Fassaden, Nachbarn, den Boden.</translation>
    </message>
    <message>
        <source>Part of the daylight factor that comes by the surfaces of the room.</source>
        <translation>Teil des Tageslichtquotienten, der über die Flächen des Raums kommt.</translation>
    </message>
    <message>
        <source>Part of the daylight factor that touched the ground outdoors on its way.</source>
        <translation>Teil des Tageslichtquotienten, der unterwegs den Boden im Freien berührt hat.</translation>
    </message>
    <message>
        <source>The daylight factor times the diffuse illuminance of the latitude&apos;s design sky.</source>
        <translation>Der Tageslichtquotient mal die diffuse Beleuchtungsstärke des Entwurfshimmels der Breite.</translation>
    </message>
    <message>
        <source>The daylight factor times the median diffuse illuminance of the weather&apos;s daylight hours (EN 17037).</source>
        <translation>Der Tageslichtquotient mal den Median der diffusen Beleuchtungsstärke der Tageslichtstunden des Wetters (EN 17037).</translation>
    </message>
    <message>
        <source>Of the light of the moment, what comes straight from the sun.</source>
        <translation>Vom Licht des Zeitpunkts das, was gerade von der Sonne kommt.</translation>
    </message>
    <message>
        <source>Of the light of the moment, what comes straight from the sky.</source>
        <translation>Vom Licht des Zeitpunkts das, was gerade vom Himmel kommt.</translation>
    </message>
    <message>
        <source>Light that falls on a surface, per area.</source>
        <translation>Licht, das auf eine Fläche fällt, je Fläche.</translation>
    </message>
    <message>
        <source>enough to walk about</source>
        <translation>genug, um umherzugehen</translation>
    </message>
    <message>
        <source>enough for most reading and talking</source>
        <translation>genug für das meiste Lesen und Reden</translation>
    </message>
    <message>
        <source>enough for writing and screens all day</source>
        <translation>genug für Schreiben und Bildschirme den ganzen Tag</translation>
    </message>
    <message>
        <source>above it people begin to lower blinds</source>
        <translation>darüber beginnen Menschen, Behänge zu schließen</translation>
    </message>
    <message>
        <source>Share of the occupied hours in which daylight alone gives the target.</source>
        <translation>Anteil der Nutzungsstunden, in denen Tageslicht allein den Zielwert gibt.</translation>
    </message>
    <message>
        <source>a point counts as daylit</source>
        <translation>ein Punkt gilt als tageslichthell</translation>
    </message>
    <message>
        <source>Occupied hours in which direct sun alone gives 1000 lx, blinds open.</source>
        <translation>Nutzungsstunden, in denen direkte Sonne allein 1000 lx gibt, Behänge offen.</translation>
    </message>
    <message>
        <source>above it a point counts as having too much sun</source>
        <translation>darüber gilt ein Punkt als zu sonnig</translation>
    </message>
    <message>
        <source>Hours in which the sun reaches the point.</source>
        <translation>Stunden, in denen die Sonne den Punkt erreicht.</translation>
    </message>
    <message>
        <source>minimum, on one chosen day from 1 February to 21 March</source>
        <translation>gering, an einem gewählten Tag vom 1. Februar bis 21. März</translation>
    </message>
    <message>
        <source>medium, on that day</source>
        <translation>mittel, an diesem Tag</translation>
    </message>
    <message>
        <source>high, on that day</source>
        <translation>hoch, an diesem Tag</translation>
    </message>
    <message>
        <source>Share of the hemisphere above the point in which sky is seen.</source>
        <translation>Anteil der Halbkugel über dem Punkt, in dem Himmel zu sehen ist.</translation>
    </message>
    <message>
        <source>How much of the quarter circle before a window, upright and square to it, is sky (BRE 209, from memory).</source>
        <translation>Wie viel des Viertelkreises vor einem Fenster, senkrecht und quer zu ihm, Himmel ist (BRE 209, aus dem Gedächtnis).</translation>
    </message>
    <message>
        <source>reasonable light with larger windows or changes to the room</source>
        <translation>brauchbares Licht mit größeren Fenstern oder Änderungen am Raum</translation>
    </message>
    <message>
        <source>conventional windows usually give reasonable light</source>
        <translation>übliche Fenster geben meist brauchbares Licht</translation>
    </message>
    <message>
        <source>As daylight autonomy, but an hour below the target counts by the share of the target it has (Z. Rogers, Daylighting metric development 2006).</source>
        <translation>Wie Tageslichtautonomie, aber eine Stunde unter dem Zielwert zählt mit dem Anteil des Zielwerts, den sie hat (Z. Rogers, Daylighting metric development 2006).</translation>
    </message>
    <message>
        <source>below it electric light does most of the work</source>
        <translation>darunter leistet elektrisches Licht die meiste Arbeit</translation>
    </message>
    <message>
        <source>a good part of the light is daylight</source>
        <translation>ein guter Teil des Lichts ist Tageslicht</translation>
    </message>
    <message>
        <source>daylight does nearly all of it</source>
        <translation>Tageslicht leistet fast alles</translation>
    </message>
    <message>
        <source>Share of the occupied hours with ten times the target or more: too much direct sun (Z. Rogers, Daylighting metric development 2006).</source>
        <translation>Anteil der Nutzungsstunden mit dem zehnfachen Zielwert oder mehr: zu viel direkte Sonne (Z. Rogers, Daylighting metric development 2006).</translation>
    </message>
    <message>
        <source>above it a point counts as over-lit</source>
        <translation>darüber gilt ein Punkt als zu hell</translation>
    </message>
    <message>
        <source>Share of the occupied hours below the low limit: daylight there is no use by itself (J. Mardaljevic, M. Andersen, N. Roy, J. Christoffersen 2012).</source>
        <translation>Anteil der Nutzungsstunden unter der unteren Grenze: Tageslicht hilft dort für sich nicht (J. Mardaljevic, M. Andersen, N. Roy, J. Christoffersen 2012).</translation>
    </message>
    <message>
        <source>Share of the occupied hours between the low limit and the target: electric light is wanted beside daylight (J. Mardaljevic, M. Andersen, N. Roy, J. Christoffersen 2012).</source>
        <translation>Anteil der Nutzungsstunden zwischen unterer Grenze und Zielwert: elektrisches Licht ist neben Tageslicht nötig (J. Mardaljevic, M. Andersen, N. Roy, J. Christoffersen 2012).</translation>
    </message>
    <message>
        <source>Share of the occupied hours between the target and the high limit: enough, and not too much (J. Mardaljevic, M. Andersen, N. Roy, J. Christoffersen 2012).</source>
        <translation>Anteil der Nutzungsstunden zwischen Zielwert und oberer Grenze: genug und nicht zu viel (J. Mardaljevic, M. Andersen, N. Roy, J. Christoffersen 2012).</translation>
    </message>
    <message>
        <source>useful by itself in half of the hours</source>
        <translation>für sich nutzbar in der Hälfte der Stunden</translation>
    </message>
    <message>
        <source>Share of the occupied hours above the high limit: glare and heat are likely, people lower blinds (J. Mardaljevic, M. Andersen, N. Roy, J. Christoffersen 2012).</source>
        <translation>Anteil der Nutzungsstunden über der oberen Grenze: Blendung und Hitze sind wahrscheinlich, Behänge werden geschlossen (J. Mardaljevic, M. Andersen, N. Roy, J. Christoffersen 2012).</translation>
    </message>
    <message>
        <source>above it people are likely to complain</source>
        <translation>darüber klagen Menschen wahrscheinlich</translation>
    </message>
    <message>
        <source>Share of the occupied hours between the lower and the upper limit of useful light, by default 100 and 3000 lx, whether electric light helps or not (UDI-combined: J. Mardaljevic and others, CIBSE ASHRAE Technical Symposium 2012).</source>
        <translation>Anteil der Nutzungsstunden zwischen der unteren und der oberen Grenze nutzbaren Lichts, üblich 100 und 3000 lx, ob elektrisches Licht hilft oder nicht (UDI-combined: J. Mardaljevic u. a., CIBSE ASHRAE Technical Symposium 2012).</translation>
    </message>
    <message>
        <source>useful in four of five hours</source>
        <translation>nutzbar in vier von fünf Stunden</translation>
    </message>
    <message>
        <source>Share of the occupied hours between 100 and 2000 lx (A. Nabil, J. Mardaljevic, Lighting Research and Technology 37 (2005) 41-59).</source>
        <translation>Anteil der Nutzungsstunden zwischen 100 und 2000 lx (A. Nabil, J. Mardaljevic, Lighting Research and Technology 37 (2005) 41-59).</translation>
    </message>
    <message>
        <source>useful in half of the hours</source>
        <translation>nutzbar in der Hälfte der Stunden</translation>
    </message>
    <message>
        <source>Share of the occupied hours above 2000 lx (A. Nabil, J. Mardaljevic, Lighting Research and Technology 37 (2005) 41-59).</source>
        <translation>Anteil der Nutzungsstunden über 2000 lx (A. Nabil, J. Mardaljevic, Lighting Research and Technology 37 (2005) 41-59).</translation>
    </message>
    <message>
        <source>Share of the occupied hours between 430 and 4300 lx (40 and 400 footcandles): daylight enough for tasks without being too much.</source>
        <translation>Anteil der Nutzungsstunden zwischen 430 und 4300 lx (40 und 400 Footcandle): Tageslicht genug für die Arbeit, ohne zu viel zu sein.</translation>
    </message>
    <message>
        <source>saturated in half of the hours</source>
        <translation>gesättigt in der Hälfte der Stunden</translation>
    </message>
    <message>
        <source>Mean illuminance over the occupied hours and the points of the room.</source>
        <translation>Mittlere Beleuchtungsstärke über die Nutzungsstunden und die Punkte des Raums.</translation>
    </message>
    <message>
        <source>Share of the room&apos;s area with the target of the question in at least half of its occupied hours, blinds as chosen above.</source>
        <translation>Anteil der Raumfläche mit dem Zielwert der Frage in mindestens der Hälfte der Nutzungsstunden, Behänge wie oben gewählt.</translation>
    </message>
    <message>
        <source>nominally accepted by people in it</source>
        <translation>von Menschen darin annehmbar gefunden</translation>
    </message>
    <message>
        <source>preferred by people in it</source>
        <translation>von Menschen darin bevorzugt</translation>
    </message>
    <message>
        <source>Share of the area with 300 lx in at least half of the hours from 8 to 18 by the project&apos;s clock, every day; blinds of a window group are closed while more than 2 % of the points have 1000 lx of direct sun through it.</source>
        <translation>Anteil der Fläche mit 300 lx in mindestens der Hälfte der Stunden von 8 bis 18 nach der Uhr des Projekts, jeden Tag; Behänge einer Fenstergruppe sind geschlossen, solange mehr als 2 % der Punkte durch sie 1000 lx direkter Sonne haben.</translation>
    </message>
    <message>
        <source>The same as spatial autonomy after LM-83, but no blind is ever closed: the difference is what blinds take.</source>
        <translation>Dasselbe wie räumliche Autonomie nach LM-83, aber kein Behang schließt je: der Unterschied ist, was Behänge nehmen.</translation>
    </message>
    <message>
        <source>Share of the area with more than 250 hours a year of 1000 lx of direct sun, from 8 to 18 by the project&apos;s clock, every day; no blinds, no interreflection.</source>
        <translation>Anteil der Fläche mit mehr als 250 Stunden im Jahr mit 1000 lx direkter Sonne, von 8 bis 18 nach der Uhr des Projekts, jeden Tag; keine Behänge, keine Reflexion.</translation>
    </message>
    <message>
        <source>below it most people find the sun no trouble</source>
        <translation>darunter stört die Sonne die meisten nicht</translation>
    </message>
    <message>
        <source>below it most people accept the sun</source>
        <translation>darunter nehmen die meisten die Sonne hin</translation>
    </message>
    <message>
        <source>above it people complain of the sun</source>
        <translation>darüber klagen Menschen über die Sonne</translation>
    </message>
    <message>
        <source>Share of the area that has ten times the target in more than 5 % of the occupied hours.</source>
        <translation>Anteil der Fläche, der in mehr als 5 % der Nutzungsstunden den zehnfachen Zielwert hat.</translation>
    </message>
    <message>
        <source>above it a room is likely to be too hot or too bright</source>
        <translation>darüber ist ein Raum wahrscheinlich zu heiß oder zu hell</translation>
    </message>
    <message>
        <source>Share of the 4380 daylight hours in which half of the area has 300 lx, no blinds closed.</source>
        <translation>Anteil der 4380 Tageslichtstunden, in denen die Hälfte der Fläche 300 lx hat, kein Behang geschlossen.</translation>
    </message>
    <message>
        <source>minimum level met: the light stands in half of the daylight hours</source>
        <translation>Mindeststufe erfüllt: das Licht steht in der Hälfte der Tageslichtstunden</translation>
    </message>
    <message>
        <source>Share of the 4380 daylight hours in which 95 % of the area has 100 lx, no blinds closed.</source>
        <translation>Anteil der 4380 Tageslichtstunden, in denen 95 % der Fläche 100 lx haben, kein Behang geschlossen.</translation>
    </message>
    <message>
        <source>Share of the 4380 daylight hours in which half of the area has 500 lx, no blinds closed.</source>
        <translation>Anteil der 4380 Tageslichtstunden, in denen die Hälfte der Fläche 500 lx hat, kein Behang geschlossen.</translation>
    </message>
    <message>
        <source>medium level met: the light stands in half of the daylight hours</source>
        <translation>mittlere Stufe erfüllt: das Licht steht in der Hälfte der Tageslichtstunden</translation>
    </message>
    <message>
        <source>Share of the 4380 daylight hours in which 95 % of the area has 300 lx, no blinds closed.</source>
        <translation>Anteil der 4380 Tageslichtstunden, in denen 95 % der Fläche 300 lx haben, kein Behang geschlossen.</translation>
    </message>
    <message>
        <source>Share of the 4380 daylight hours in which half of the area has 750 lx, no blinds closed.</source>
        <translation>Anteil der 4380 Tageslichtstunden, in denen die Hälfte der Fläche 750 lx hat, kein Behang geschlossen.</translation>
    </message>
    <message>
        <source>high level met: the light stands in half of the daylight hours</source>
        <translation>hohe Stufe erfüllt: das Licht steht in der Hälfte der Tageslichtstunden</translation>
    </message>
    <message>
        <source>Share of the 4380 daylight hours in which 95 % of the area has 500 lx, no blinds closed.</source>
        <translation>Anteil der 4380 Tageslichtstunden, in denen 95 % der Fläche 500 lx haben, kein Behang geschlossen.</translation>
    </message>
    <message>
        <source>Hours in which, whatever state its blinds are in, more than 2 % of the points have 1000 lx of direct sun: the rule of LM-83 cannot be met then.</source>
        <translation>Stunden, in denen, gleich in welchem Zustand seine Behänge sind, mehr als 2 % der Punkte 1000 lx direkter Sonne haben: die Regel von LM-83 lässt sich dann nicht erfüllen.</translation>
    </message>
    <message>
        <source>Unknown finishes after EN 17037</source>
        <translation>Unbekannte Oberflächen nach EN 17037</translation>
    </message>
    <message>
        <source>Unknown finishes after IES LM-83-12</source>
        <translation>Unbekannte Oberflächen nach IES LM-83-12</translation>
    </message>
    <message>
        <source>One outside window has no blind, and a criteria set computes with blinds.</source>
        <translation>Ein Fenster nach außen hat keinen Behang, und ein Kriteriensatz rechnet mit Behängen.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <extracomment>day and month, &quot;21 Jun&quot;</extracomment>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Warm Pane speaks %1 from its next start on.</source>
        <translation>Warm Pane spricht ab dem nächsten Start %1.</translation>
    </message>
    <message>
        <source>Start again now</source>
        <translation>Jetzt neu starten</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Nicht jetzt</translation>
    </message>
    <message>
        <source>Language: %1</source>
        <translation>Sprache: %1</translation>
    </message>
    <message>
        <source>Location</source>
        <translation>Lage</translation>
    </message>
    <message>
        <source>%1 surfaces</source>
        <translation>%1 Oberflächen</translation>
    </message>
    <message>
        <source>%1 surface</source>
        <translation>%1 Oberfläche</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>spacing</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>median</source>
        <translation>Median</translation>
    </message>
    <message>
        <source>least</source>
        <translation>Kleinster</translation>
    </message>
    <message>
        <source>uniformity</source>
        <translation>Gleichmäßigkeit</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Synthetic: made by the generator of Warm Pane from seed %1; not a measurement</source>
        <translation>Künstlich: vom Generator von Warm Pane aus Startwert %1 gemacht; keine Messung</translation>
    </message>
    <message>
        <source>counter-clockwise</source>
        <translation>gegen den Uhrzeigersinn</translation>
    </message>
    <message>
        <source>fabric or slats; missing: the project&apos;s plain blind</source>
        <translation>Gewebe oder Lamellen; fehlt: der einfache Behang des Projekts</translation>
    </message>
    <message>
        <source>installed</source>
        <translation>installiert</translation>
    </message>
    <message>
        <source>its pattern of hours; missing: the question&apos;s</source>
        <translation>sein Stundenmuster; fehlt: das der Frage</translation>
    </message>
    <message>
        <source>missing: by type</source>
        <translation>fehlt: nach Art</translation>
    </message>
    <message>
        <source>missing: the option&apos;s, by type</source>
        <translation>fehlt: das der Option, nach Art</translation>
    </message>
    <message>
        <source>of frame and mullions; missing: by type</source>
        <translation>von Rahmen und Sprossen; fehlt: nach Art</translation>
    </message>
    <message>
        <source>of reveal, sill and head; missing: by type</source>
        <translation>von Laibung, Brüstung und Sturz; fehlt: nach Art</translation>
    </message>
    <message>
        <source>opaque or a glazing; missing: by type</source>
        <translation>undurchsichtig oder eine Verglasung; fehlt: nach Art</translation>
    </message>
    <message>
        <source>Synthetic year</source>
        <translation>Künstliches Jahr</translation>
    </message>
    <message>
        <source>Mean illuminance, %1</source>
        <translation>Mittlere Beleuchtungsstärke, %1</translation>
    </message>
    <message>
        <source>Area with the target, %1</source>
        <translation>Fläche mit dem Zielwert, %1</translation>
    </message>
    <message>
        <source>Mean of %1</source>
        <translation>Mittel von %1</translation>
    </message>
    <message>
        <source>Blinds closed, %1</source>
        <translation>Behänge geschlossen, %1</translation>
    </message>
    <message>
        <source>Darkest</source>
        <translation>Dunkelste</translation>
    </message>
    <message>
        <source>Brightest</source>
        <translation>Hellste</translation>
    </message>
    <message>
        <source>overcast</source>
        <translation>bedeckt</translation>
    </message>
    <message>
        <source>intermediate</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>klar</translation>
    </message>
    <message>
        <source>N</source>
        <translation>N</translation>
    </message>
    <message>
        <source>E</source>
        <translation>O</translation>
    </message>
    <message>
        <source>S</source>
        <translation>S</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>minimum</source>
        <translation>Minimum</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>high</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>Colour: %1</source>
        <translation>Färben: %1</translation>
    </message>
    <message>
        <source>What came in via facades, neighbours, trees and blades, straight or reflected in the room</source>
        <translation>Was von Fassaden, Nachbarn, Bäumen und Lamellen hereinkam, gerade oder im Raum reflektiert</translation>
    </message>
    <message>
        <source>Via facades and trees</source>
        <translation>Von Fassaden und Bäumen</translation>
    </message>
    <message>
        <source>Import or export a file of materials</source>
        <translation>Eine Datei mit Materialien einlesen oder ausgeben</translation>
    </message>
    <message>
        <source>Import a file…</source>
        <translation>Datei einlesen …</translation>
    </message>
    <message>
        <source>Materials to import</source>
        <translation>Materialien zum Einlesen</translation>
    </message>
    <message>
        <source>Added to the project</source>
        <translation>Ins Projekt übernommen</translation>
    </message>
    <message>
        <source>Export this project&apos;s…</source>
        <translation>Die dieses Projekts ausgeben …</translation>
    </message>
    <message>
        <source>Export materials</source>
        <translation>Materialien ausgeben</translation>
    </message>
    <message>
        <source>My materials</source>
        <translation>Meine eigenen</translation>
    </message>
    <message>
        <source>Add to the project</source>
        <translation>Ins Projekt übernehmen</translation>
    </message>
    <message>
        <source>Assign to the selection</source>
        <translation>Der Auswahl geben</translation>
    </message>
    <message>
        <source>Keep in my materials</source>
        <translation>Bei meinen eigenen behalten</translation>
    </message>
    <message>
        <source>Import %1</source>
        <translation>%1 übernehmen</translation>
    </message>
    <message>
        <source>Select rooms, walls, windows or things first; then assign the material</source>
        <translation>Zuerst Räume, Wände, Fenster oder Dinge auswählen; dann ihnen das Material geben</translation>
    </message>
    <message>
        <source>Assign %1</source>
        <translation>%1 geben</translation>
    </message>
    <message>
        <source>%1 assigned to %2</source>
        <translation>%1 für %2</translation>
    </message>
    <message>
        <source>%1 is in use in %2: assign another material there first</source>
        <translation>%1 wird in %2 gebraucht: dort zuerst ein anderes Material geben</translation>
    </message>
    <message>
        <source>Import materials</source>
        <translation>Materialien einlesen</translation>
    </message>
    <message>
        <source>Restore it</source>
        <translation>Wieder aufnehmen</translation>
    </message>
    <message>
        <source>Discard it</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Dismiss</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>via facades and trees</source>
        <translation>von Fassaden und Bäumen</translation>
    </message>
    <message>
        <source>has slats that reflect %1, more than any lasting finish</source>
        <translation>hat Lamellen, die %1 reflektieren: das tut keine haltbare Oberfläche</translation>
    </message>
    <message>
        <source>reflects %1, more than any lasting finish</source>
        <translation>reflektiert %1: das tut keine haltbare Oberfläche</translation>
    </message>
    <message>
        <source>Use the value of IES LM-83, %1 %</source>
        <translation>Nehmen, was IES LM-83 annimmt, %1 %</translation>
    </message>
    <message>
        <source>reflects %1, more than any mirror</source>
        <translation>reflektiert %1: das tut kein Spiegel</translation>
    </message>
    <message>
        <source>passes %1, more than any pane</source>
        <translation>lässt %1 durch: das tut keine Scheibe</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>%1 wegnehmen</translation>
    </message>
    <message>
        <source>Limit it to what is possible</source>
        <translation>Auf das Mögliche zurückbringen</translation>
    </message>
    <message>
        <source>Reverse its outline</source>
        <translation>Mit der richtigen Seite nach außen drehen</translation>
    </message>
    <message>
        <source>Remove these louvres</source>
        <translation>Diese Lamellen wegnehmen</translation>
    </message>
    <message>
        <source>Add blinds to them</source>
        <translation>Ihnen Behänge geben</translation>
    </message>
    <message>
        <source>Move it into that room</source>
        <translation>In den Raum setzen</translation>
    </message>
    <message>
        <source>%1. %2
Made for: %3
Source: %4</source>
        <translation>%1. %2
Gemacht für: %3
Quelle: %4</translation>
    </message>
    <message>
        <source>Share of people whom the view disturbs.</source>
        <translation>Anteil der Menschen, die der Blick stört.</translation>
    </message>
    <message>
        <source>DGP by illuminance alone</source>
        <translation>DGP nach Beleuchtungsstärke allein</translation>
    </message>
    <message>
        <source>DGP where no single source stands out: from the light at the eye alone.</source>
        <translation>DGP, wo keine einzelne Quelle hervorsticht: allein aus dem Licht am Auge.</translation>
    </message>
    <message>
        <source>Views without direct sun and without its mirror images</source>
        <translation>Blicke ohne direkte Sonne und ohne ihr Spiegelbild</translation>
    </message>
    <message>
        <source>Daylight glare index</source>
        <translation>Daylight Glare Index (DGI)</translation>
    </message>
    <message>
        <source>Glare of large sources, such as the sky through windows.</source>
        <translation>Blendung großer Quellen, etwa des Himmels durch Fenster.</translation>
    </message>
    <message>
        <source>Sky through windows, without direct sun</source>
        <translation>Himmel durch Fenster, ohne direkte Sonne</translation>
    </message>
    <message>
        <source>Unified glare rating</source>
        <translation>Unified Glare Rating (UGR)</translation>
    </message>
    <message>
        <source>Glare of luminaires.</source>
        <translation>Blendung durch Leuchten.</translation>
    </message>
    <message>
        <source>CIE glare index</source>
        <translation>CIE-Blendungsindex (CGI)</translation>
    </message>
    <message>
        <source>Glare of luminaires, with what they add to the adaptation.</source>
        <translation>Blendung durch Leuchten, mit dem, was sie zur Adaptation beitragen.</translation>
    </message>
    <message>
        <source>Visual comfort probability</source>
        <translation>Wahrscheinlichkeit visuellen Komforts (VCP)</translation>
    </message>
    <message>
        <source>Share of people, in percent, who find the view comfortable.</source>
        <translation>Anteil der Menschen, in Prozent, die den Blick angenehm finden.</translation>
    </message>
    <message>
        <source>Luminaires with lenses under the ceiling</source>
        <translation>Leuchten mit Linsen unter der Decke</translation>
    </message>
    <message>
        <source>Side-lit rooms with daylight; above 380 lx at the eye, values of 0.2 to 0.8</source>
        <translation>Seitlich belichtete Räume mit Tageslicht; über 380 lx am Auge, Werte von 0,2 bis 0,8</translation>
    </message>
    <message>
        <source>Luminaires of 0.0003 to 0.1 sr</source>
        <translation>Leuchten von 0,0003 bis 0,1 sr</translation>
    </message>
    <message>
        <source>%1. Choose a file of the place, or set the site&apos;s place and time zone on the Site desk.</source>
        <translation>%1. Eine Datei des Ortes wählen oder Ort und Zeitzone auf dem Tisch Standort einstellen.</translation>
    </message>
    <message>
        <source>%9: %2 (%3; its light is known to a year only, so that it is taken as open)</source>
        <translation>%9: %2 (%3; sein Licht ist nur aus einem Jahr bekannt, so dass er als offen gilt)</translation>
    </message>
    <message>
        <source>%9: %2 (%3)</source>
        <translation>%9: %2 (%3)</translation>
    </message>
    <message>
        <source>The eye&apos;s picture</source>
        <translation>Das Bild des Auges</translation>
    </message>
    <message>
        <source>The weather is being read</source>
        <translation>Das Wetter wird gelesen</translation>
    </message>
    <message>
        <source>Looking …</source>
        <translation>Es wird geschaut …</translation>
    </message>
    <message>
        <source>at the eye %1 ± %2 lx, settling</source>
        <translation>am Auge %1 ± %2 lx, noch ungenau</translation>
    </message>
    <message>
        <source>Glare at the seats</source>
        <translation>Blendung an den Plätzen</translation>
    </message>
    <message>
        <source>Open the picture: exposure, lines, means, sources, lenses, comparison (Ctrl+Shift+L)</source>
        <translation>Das Bild öffnen: Belichtung, Linien, Mittelwerte, Quellen, Objektive, Vergleich (Strg+Umschalt+L)</translation>
    </message>
    <message>
        <source>most of it from %1</source>
        <translation>das meiste davon von %1</translation>
    </message>
    <message>
        <source>Open the picture</source>
        <translation>Das Bild öffnen</translation>
    </message>
    <message>
        <source>clear nowhere</source>
        <translation>nirgends frei</translation>
    </message>
    <message>
        <source>clear all around</source>
        <translation>ringsum frei</translation>
    </message>
    <message>
        <source>clear from %1 over %2 to %3</source>
        <translation>frei von %1 über %2 bis %3</translation>
    </message>
    <message numerus="yes">
        <source> and %n more</source>
        <translation>
            <numerusform> und %n weiterer</numerusform>
            <numerusform> und %n weitere</numerusform>
        </translation>
    </message>
    <message>
        <source>; worst %L1°, %2 %3</source>
        <translation>; am schlimmsten %L1°, %2 %3</translation>
    </message>
    <message>
        <source>Index of glare</source>
        <translation>Blendungsindex</translation>
    </message>
    <message>
        <source>What counts as untroubled</source>
        <translation>Was als ungestört gilt</translation>
    </message>
    <message>
        <source>Observers</source>
        <translation>Beobachter</translation>
    </message>
    <message>
        <source>All over the room</source>
        <translation>Über den ganzen Raum</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>At this moment</source>
        <translation>In diesem Augenblick</translation>
    </message>
    <message>
        <source>Over the year</source>
        <translation>Über das Jahr</translation>
    </message>
    <message>
        <source>Ask the year</source>
        <translation>Das Jahr fragen</translation>
    </message>
    <message>
        <source>DGP of every hour that the rooms are used in, blinds as they are worked</source>
        <translation>DGP jeder Stunde, in der die Räume benutzt werden, Behänge, wie sie bedient werden</translation>
    </message>
    <message>
        <source>Seats</source>
        <translation>Plätze</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>Frei</translation>
    </message>
    <message>
        <source>Worst</source>
        <translation>Schlimmste</translation>
    </message>
    <message>
        <source>by</source>
        <translation>durch</translation>
    </message>
    <message>
        <source>Turn into the widest arc</source>
        <translation>In den weitesten Bogen drehen</translation>
    </message>
    <message>
        <source>The observer of the chosen seat, and the table it sits at</source>
        <translation>Den Beobachter des gewählten Platzes und den Tisch, an dem er sitzt</translation>
    </message>
    <message>
        <source>Look at the worst</source>
        <translation>Die schlimmste ansehen</translation>
    </message>
    <message>
        <source>Worst hours of the chosen seat</source>
        <translation>Schlimmste Stunden des gewählten Platzes</translation>
    </message>
    <message>
        <source>Worst hours</source>
        <translation>Schlimmste Stunden</translation>
    </message>
    <message>
        <source>Click an hour for its picture</source>
        <translation>Eine Stunde anklicken für ihr Bild</translation>
    </message>
    <message>
        <source>up to %1, %2</source>
        <translation>bis %1, %2</translation>
    </message>
    <message>
        <source>Of the building as it was when the year was asked. Ask it again.</source>
        <translation>Vom Gebäude, wie es war, als das Jahr gefragt wurde. Fragen Sie es erneut.</translation>
    </message>
    <message>
        <source>Looking around from %1 of %2 seats …</source>
        <translation>Rundblick von Platz %1 von %2 …</translation>
    </message>
    <message>
        <source>An arc runs where one looks untroubled, the tick points to the worst. Click a direction for its picture; drag a ring to turn all heads.</source>
        <translation>Ein Bogen läuft, wo man ungestört blickt, der Strich zeigt zur schlimmsten Richtung. Eine Richtung anklicken für ihr Bild; an einem Ring ziehen, um alle Köpfe zu drehen.</translation>
    </message>
    <message>
        <source>Which ways can one face, over the year?</source>
        <translation>Wohin kann man blicken, über das Jahr?</translation>
    </message>
    <message>
        <source>Which ways can one face at %1?</source>
        <translation>Wohin kann man blicken, %1?</translation>
    </message>
    <message>
        <source>DGP, %1 towards %L2°</source>
        <translation>DGP, %1 nach %L2°</translation>
    </message>
    <message>
        <source>A year of glare: %1</source>
        <translation>Ein Jahr Blendung: %1</translation>
    </message>
    <message>
        <source>%L1°</source>
        <translation>%L1°</translation>
    </message>
    <message>
        <source>towards %L1°: %2 %3, %4 lx at the eye</source>
        <translation>nach %L1°: %2 %3, %4 lx am Auge</translation>
    </message>
    <message>
        <source>%1, towards %L2°</source>
        <translation>%1, nach %L2°</translation>
    </message>
    <message>
        <source>Turn all heads</source>
        <translation>Alle Köpfe drehen</translation>
    </message>
    <message>
        <source>No direction is untroubled at this seat</source>
        <translation>An diesem Platz ist keine Richtung ungestört</translation>
    </message>
    <message>
        <source>Choose an observer: a place of the lattice has no head to turn</source>
        <translation>Wählen Sie einen Beobachter: Ein Rasterplatz hat keinen Kopf, der sich drehen ließe</translation>
    </message>
    <message>
        <source>Turn into the clear arc</source>
        <translation>In den freien Bogen drehen</translation>
    </message>
    <message>
        <source>Which ways one can face</source>
        <translation>Wohin man blicken kann</translation>
    </message>
    <message>
        <source>glare DGP clear arc seats direction</source>
        <translation>Blendung DGP freier Bogen Plätze Richtung</translation>
    </message>
    <message>
        <source>Which ways the seats can face untroubled</source>
        <translation>Wohin die Plätze ungestört blicken können</translation>
    </message>
    <message>
        <source>Settling: the typical pixel is known to %L1 %</source>
        <translation>Wird genauer: Der typische Bildpunkt ist auf %L1 % bekannt</translation>
    </message>
    <message>
        <source>The typical pixel is known to %L1 %</source>
        <translation>Der typische Bildpunkt ist auf %L1 % bekannt</translation>
    </message>
    <message>
        <source>the band is ± %L1 by chance, %L2 by resolution, %L3 by what counts as a source</source>
        <translation>die Spanne ist ± %L1 durch Zufall, %L2 durch die Auflösung, %L3 durch das, was als Quelle zählt</translation>
    </message>
    <message>
        <source>mean of the field %1 cd/m², its contrast %L2</source>
        <translation>Mittel des Gesichtsfelds %1 cd/m², sein Kontrast %L2</translation>
    </message>
    <message>
        <source>task %1 : surround %2 : background %3 cd/m² (1 : %L4 : %L5)</source>
        <translation>Sehaufgabe %1 : Umfeld %2 : Hintergrund %3 cd/m² (1 : %L4 : %L5)</translation>
    </message>
    <message>
        <source>How often each value occurs</source>
        <translation>Wie oft jeder Wert vorkommt</translation>
    </message>
    <message>
        <source>Sources of glare</source>
        <translation>Blendquellen</translation>
    </message>
    <message>
        <source>P</source>
        <translation>P</translation>
    </message>
    <message>
        <source>Guth&apos;s position index</source>
        <translation>Positionsindex nach Guth</translation>
    </message>
    <message>
        <source>Of the sum of squared luminance by solid angle and position that DGP is made of</source>
        <translation>An der Summe der Leuchtdichtequadrate nach Raumwinkel und Lage, aus der DGP entsteht</translation>
    </message>
    <message>
        <source>Indices</source>
        <translation>Indizes</translation>
    </message>
    <message>
        <source>Indices of glare</source>
        <translation>Blendungsindizes</translation>
    </message>
    <message>
        <source>Index</source>
        <translation>Index</translation>
    </message>
    <message>
        <source>Class</source>
        <translation>Klasse</translation>
    </message>
    <message>
        <source>Drag over the picture for the mean of a part.</source>
        <translation>Über das Bild ziehen für das Mittel eines Teils.</translation>
    </message>
    <message>
        <source>No pixel lies in it.</source>
        <translation>Kein Bildpunkt liegt darin.</translation>
    </message>
    <message>
        <source>Dragged out: mean %1 %4, from %2 to %3, %L5 sr</source>
        <translation>Aufgezogen: Mittel %1 %4, von %2 bis %3, %L5 sr</translation>
    </message>
    <message>
        <source>%L1 %</source>
        <translation>%L1 %</translation>
    </message>
    <message>
        <source>Made for: %1</source>
        <translation>Gemacht für: %1</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>The picture&apos;s figures</source>
        <translation>Die Zahlen des Bilds</translation>
    </message>
    <message>
        <source>Lens</source>
        <translation>Objektiv</translation>
    </message>
    <message>
        <source>Hemisphere</source>
        <translation>Halbkugel</translation>
    </message>
    <message>
        <source>All around</source>
        <translation>Ringsum</translation>
    </message>
    <message>
        <source>Perspective</source>
        <translation>Perspektive</translation>
    </message>
    <message>
        <source>Parallel</source>
        <translation>Parallel</translation>
    </message>
    <message>
        <source>What is pictured</source>
        <translation>Was abgebildet wird</translation>
    </message>
    <message>
        <source>Light that falls</source>
        <translation>Auftreffendes Licht</translation>
    </message>
    <message>
        <source>%1 px</source>
        <translation>%1 px</translation>
    </message>
    <message>
        <source>Pixels across</source>
        <translation>Bildpunkte in der Breite</translation>
    </message>
    <message>
        <source>Blinds as they stand</source>
        <translation>Behänge, wie sie stehen</translation>
    </message>
    <message>
        <source>Blinds open</source>
        <translation>Behänge offen</translation>
    </message>
    <message>
        <source>Blinds closed</source>
        <translation>Behänge zu</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Festhalten</translation>
    </message>
    <message>
        <source>Keep this picture, to lay others beside it</source>
        <translation>Dieses Bild behalten, um andere danebenzulegen</translation>
    </message>
    <message>
        <source>Look at a picture from a file (OpenEXR)</source>
        <translation>Ein Bild aus einer Datei ansehen (OpenEXR)</translation>
    </message>
    <message>
        <source>Save…</source>
        <translation>Speichern…</translation>
    </message>
    <message>
        <source>As OpenEXR with its whole record, as PNG as seen, or its sources as CSV</source>
        <translation>Als OpenEXR mit allen Angaben, als PNG wie gezeigt, oder seine Quellen als CSV</translation>
    </message>
    <message>
        <source>OpenEXR: values and record</source>
        <translation>OpenEXR: Werte und Angaben</translation>
    </message>
    <message>
        <source>PNG: as seen</source>
        <translation>PNG: wie gezeigt</translation>
    </message>
    <message>
        <source>CSV: sources of glare</source>
        <translation>CSV: Blendquellen</translation>
    </message>
    <message>
        <source>How it is shown</source>
        <translation>Wie es gezeigt wird</translation>
    </message>
    <message>
        <source>False colour</source>
        <translation>Falschfarben</translation>
    </message>
    <message>
        <source>Exposed</source>
        <translation>Belichtet</translation>
    </message>
    <message>
        <source>As an eye sees it</source>
        <translation>Wie ein Auge es sieht</translation>
    </message>
    <message>
        <source>Exposure in stops</source>
        <translation>Belichtung in Blendenstufen</translation>
    </message>
    <message>
        <source>Stops over an exposure that puts the log mean at middle grey</source>
        <translation>Stufen über einer Belichtung, die das logarithmische Mittel mittelgrau zeigt</translation>
    </message>
    <message>
        <source> stops</source>
        <translation> Stufen</translation>
    </message>
    <message>
        <source>Quiet</source>
        <translation>Ruhig</translation>
    </message>
    <message>
        <source>Even out chance for the eye; figures are never taken from that</source>
        <translation>Zufall für das Auge ausgleichen; Zahlen werden nie daraus genommen</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Linien</translation>
    </message>
    <message>
        <source>Lines of equal value at the legend&apos;s marks</source>
        <translation>Linien gleichen Werts an den Marken der Legende</translation>
    </message>
    <message>
        <source>Sources</source>
        <translation>Quellen</translation>
    </message>
    <message>
        <source>Outline and number sources of glare</source>
        <translation>Blendquellen umreißen und nummerieren</translation>
    </message>
    <message>
        <source>Task</source>
        <translation>Sehaufgabe</translation>
    </message>
    <message>
        <source>Show the task&apos;s zone; drag it to where one works</source>
        <translation>Den Bereich der Sehaufgabe zeigen; dorthin ziehen, wo gearbeitet wird</translation>
    </message>
    <message>
        <source>Circle</source>
        <translation>Kreis</translation>
    </message>
    <message>
        <source>Drag out circles for a mean, from their middle, not rectangles</source>
        <translation>Für ein Mittel Kreise von ihrer Mitte aufziehen, keine Rechtecke</translation>
    </message>
    <message>
        <source>a source is</source>
        <translation>Quelle ist</translation>
    </message>
    <message>
        <source>What counts as a source of glare</source>
        <translation>Was als Blendquelle zählt</translation>
    </message>
    <message>
        <source>5 times the field&apos;s mean</source>
        <translation>das 5-Fache des Gesichtsfelds</translation>
    </message>
    <message>
        <source>5 times the task&apos;s mean</source>
        <translation>das 5-Fache der Sehaufgabe</translation>
    </message>
    <message>
        <source>2000 cd/m² or more</source>
        <translation>2000 cd/m² oder mehr</translation>
    </message>
    <message>
        <source>Beside it</source>
        <translation>Daneben</translation>
    </message>
    <message>
        <source>What the first has more of than the second, and less</source>
        <translation>Wovon das erste mehr hat als das zweite, und weniger</translation>
    </message>
    <message>
        <source>beside</source>
        <translation>neben</translation>
    </message>
    <message>
        <source>What is seen now</source>
        <translation>Was jetzt zu sehen ist</translation>
    </message>
    <message>
        <source>what is seen now</source>
        <translation>was jetzt zu sehen ist</translation>
    </message>
    <message>
        <source>%1, less %2</source>
        <translation>%1, weniger %2</translation>
    </message>
    <message>
        <source>Picture: %1</source>
        <translation>Bild: %1</translation>
    </message>
    <message>
        <source>These two cannot be told apart: their lenses or sizes differ</source>
        <translation>Diese beiden lassen sich nicht vergleichen: Objektiv oder Größe sind verschieden</translation>
    </message>
    <message>
        <source>The lens of %1</source>
        <translation>Das Objektiv von %1</translation>
    </message>
    <message>
        <source>The file does not say through which lens it was taken.</source>
        <translation>Die Datei sagt nicht, durch welches Objektiv sie aufgenommen wurde.</translation>
    </message>
    <message>
        <source>Seen across, of a perspective</source>
        <translation>Bildwinkel, bei Perspektive</translation>
    </message>
    <message>
        <source>A picture of luminances</source>
        <translation>Ein Bild von Leuchtdichten</translation>
    </message>
    <message>
        <source>OpenEXR pictures (*.exr)</source>
        <translation>OpenEXR-Bilder (*.exr)</translation>
    </message>
    <message>
        <source>%1 does not say what its numbers are: they are taken for cd/m²</source>
        <translation>%1 sagt nicht, was seine Zahlen sind: Sie gelten als cd/m²</translation>
    </message>
    <message numerus="yes">
        <source>%n pixels of %1 are no luminances and are taken for nought</source>
        <translation>
            <numerusform>%n Bildpunkt von %1 ist keine Leuchtdichte und gilt als null</numerusform>
            <numerusform>%n Bildpunkte von %1 sind keine Leuchtdichten und gelten als null</numerusform>
        </translation>
    </message>
    <message>
        <source>Save the picture</source>
        <translation>Das Bild speichern</translation>
    </message>
    <message>
        <source>frame of %1</source>
        <translation>Rahmen von %1</translation>
    </message>
    <message>
        <source>leaf of %1</source>
        <translation>Blatt von %1</translation>
    </message>
    <message>
        <source>sun mirrored in %1</source>
        <translation>Sonne, gespiegelt in %1</translation>
    </message>
    <message>
        <source>Blinds: %1</source>
        <translation>Behänge: %1</translation>
    </message>
    <message>
        <source>No window has a blind</source>
        <translation>Kein Fenster hat einen Behang</translation>
    </message>
    <message>
        <source>All blinds are open</source>
        <translation>Alle Behänge sind offen</translation>
    </message>
    <message>
        <source>%1, %2: mean %3 %4</source>
        <translation>%1, %2: Mittel %3 %4</translation>
    </message>
    <message>
        <source>the light at the eye</source>
        <translation>das Licht am Auge</translation>
    </message>
    <message>
        <source>all blinds open, as asked</source>
        <translation>alle Behänge offen, wie gefragt</translation>
    </message>
    <message>
        <source>all blinds closed, as asked</source>
        <translation>alle Behänge zu, wie gefragt</translation>
    </message>
    <message>
        <source>From the model&apos;s view</source>
        <translation>Aus der Sicht des Modells</translation>
    </message>
    <message>
        <source>Picture from the model&apos;s view</source>
        <translation>Bild aus der Sicht des Modells</translation>
    </message>
    <message>
        <source>render perspective luminance</source>
        <translation>Rendern Perspektive Leuchtdichte</translation>
    </message>
    <message numerus="yes">
        <source>Taking %n pictures</source>
        <translation>
            <numerusform>%n Bild aufnehmen</numerusform>
            <numerusform>%n Bilder aufnehmen</numerusform>
        </translation>
    </message>
    <message>
        <source>Ask the year: an arc will run where the limit is exceeded in at most that share of the hours that the room is used in.</source>
        <translation>Fragen Sie das Jahr: Ein Bogen läuft, wo die Grenze in höchstens diesem Anteil der Nutzungsstunden des Raums überschritten wird.</translation>
    </message>
    <message>
        <source>An arc runs where the limit is exceeded in at most that share of the room&apos;s use. Click a direction or an hour for its picture.</source>
        <translation>Ein Bogen läuft, wo die Grenze in höchstens diesem Anteil der Nutzung des Raums überschritten wird. Eine Richtung oder Stunde anklicken zeigt ihr Bild.</translation>
    </message>
    <message>
        <source>towards %L1°: DGP %L2 exceeded in %L3 % of the use, %L4 in %L5 %</source>
        <translation>nach %L1°: DGP %L2 in %L3 % der Nutzung überschritten, %L4 in %L5 %</translation>
    </message>
    <message>
        <source>Blinds as worked</source>
        <translation>Behänge wie bedient</translation>
    </message>
    <message>
        <source>Share of the use in which the limit may be exceeded</source>
        <translation>Anteil der Nutzung, in dem die Grenze überschritten werden darf</translation>
    </message>
    <message>
        <source>in at most </source>
        <translation>in höchstens </translation>
    </message>
    <message>
        <source>closed</source>
        <translation>geschlossen</translation>
    </message>
    <message>
        <source>The same with all blinds closed</source>
        <translation>Dasselbe mit allen Behängen geschlossen</translation>
    </message>
    <message>
        <source>Glare over the year</source>
        <translation>Blendung übers Jahr</translation>
    </message>
    <message>
        <source>the observers</source>
        <translation>die Betrachter</translation>
    </message>
    <message>
        <source>all over the rooms</source>
        <translation>überall in den Räumen</translation>
    </message>
    <message>
        <source>as far apart as</source>
        <translation>im Abstand von</translation>
    </message>
    <message>
        <source>as they are worked</source>
        <translation>wie sie bedient werden</translation>
    </message>
    <message>
        <source>as IES LM-83 works them</source>
        <translation>wie IES LM-83 sie bedient</translation>
    </message>
    <message>
        <source>all open</source>
        <translation>alle offen</translation>
    </message>
    <message>
        <source>all closed</source>
        <translation>alle geschlossen</translation>
    </message>
    <message>
        <source>clear of a DGP above</source>
        <translation>frei von einer DGP über</translation>
    </message>
    <message>
        <source>in all of the use but</source>
        <translation>in der ganzen Nutzung bis auf</translation>
    </message>
    <message>
        <source>about %L1 s</source>
        <translation>etwa %L1 s</translation>
    </message>
    <message>
        <source>about %L1 min</source>
        <translation>etwa %L1 min</translation>
    </message>
    <message>
        <source>Take many pictures</source>
        <translation>Viele Bilder aufnehmen</translation>
    </message>
    <message>
        <source>%1, as on the strip</source>
        <translation>%1, wie auf dem Streifen</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Varianten</translation>
    </message>
    <message>
        <source>As each looks first</source>
        <translation>Wie jeder zuerst blickt</translation>
    </message>
    <message>
        <source>All that each looks in</source>
        <translation>Alle, in die jeder blickt</translation>
    </message>
    <message>
        <source>All around, every %L1°</source>
        <translation>Ringsum, alle %L1°</translation>
    </message>
    <message>
        <source>At hours of standard time</source>
        <translation>Zu Stunden der Normalzeit</translation>
    </message>
    <message>
        <source>Keep this question in the project</source>
        <translation>Diese Frage im Projekt behalten</translation>
    </message>
    <message>
        <source>The command line asks it too</source>
        <translation>Auch die Befehlszeile stellt sie</translation>
    </message>
    <message>
        <source>Take them</source>
        <translation>Aufnehmen</translation>
    </message>
    <message numerus="yes">
        <source>%n pictures, %1</source>
        <translation>
            <numerusform>%n Bild, %1</numerusform>
            <numerusform>%n Bilder, %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Contact sheet</source>
        <translation>Kontaktbogen</translation>
    </message>
    <message numerus="yes">
        <source>%n more to come</source>
        <translation>
            <numerusform>noch %n kommt</numerusform>
            <numerusform>noch %n kommen</numerusform>
        </translation>
    </message>
    <message>
        <source>No pictures were taken yet: press Many…</source>
        <translation>Noch wurden keine Bilder aufgenommen: Viele … drücken</translation>
    </message>
    <message>
        <source>Seen from</source>
        <translation>Gesehen von</translation>
    </message>
    <message>
        <source>Many…</source>
        <translation>Viele …</translation>
    </message>
    <message>
        <source>Take pictures of several places, directions, hours and options together</source>
        <translation>Bilder von mehreren Orten, Richtungen, Stunden und Varianten zusammen aufnehmen</translation>
    </message>
    <message>
        <source>All that were taken together; a click shows one large</source>
        <translation>Alle, die zusammen aufgenommen wurden; ein Klick zeigt eines groß</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>DGP %1 ± %2</source>
        <translation>DGP %1 ± %2</translation>
    </message>
    <message>
        <source>Directions clear of glare: DGP %1 exceeded in at most %2 of the use</source>
        <translation>Richtungen ohne Blendung: DGP %1 in höchstens %2 der Nutzung überschritten</translation>
    </message>
    <message>
        <source>Time troubled by glare: DGP above %1, in the worst direction</source>
        <translation>Von Blendung gestörte Zeit: DGP über %1, in der schlimmsten Richtung</translation>
    </message>
    <message>
        <source>option %1 has no observer and no view &quot;%2&quot;</source>
        <translation>Variante %1 hat keinen Betrachter und keine Ansicht „%2“</translation>
    </message>
    <message>
        <source>observer %1 has no direction of number %2</source>
        <translation>Betrachter %1 hat keine Richtung der Nummer %2</translation>
    </message>
    <message>
        <source>asks for more than %1 pictures</source>
        <translation>fragt nach mehr als %1 Bildern</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no hour of the day</source>
        <translation>„%1“ ist keine Stunde des Tages</translation>
    </message>
    <message>
        <source>option %1 has no observer</source>
        <translation>Variante %1 hat keinen Betrachter</translation>
    </message>
    <message>
        <source>DGP exceeded in at most 5 % of the use</source>
        <translation>DGP, in höchstens 5 % der Nutzung überschritten</translation>
    </message>
    <message>
        <source>DGP of the year, as one looks</source>
        <translation>DGP des Jahres, wie man blickt</translation>
    </message>
    <message>
        <source>DGP of the year, in the best direction</source>
        <translation>DGP des Jahres, in der besten Richtung</translation>
    </message>
    <message>
        <source>DGP of the year, in the worst direction</source>
        <translation>DGP des Jahres, in der schlimmsten Richtung</translation>
    </message>
    <message>
        <source>Daylight glare probability that is exceeded in at most 5 % of the time of use in the direction in which it is least: what a well-placed desk has.</source>
        <translation>Blendwahrscheinlichkeit durch Tageslicht, die in höchstens 5 % der Nutzungszeit überschritten wird, in der Richtung, in der sie am kleinsten ist: was ein gut gestellter Tisch hat.</translation>
    </message>
    <message>
        <source>Daylight glare probability that is exceeded in at most 5 % of the time of use in the direction in which it is most.</source>
        <translation>Blendwahrscheinlichkeit durch Tageslicht, die in höchstens 5 % der Nutzungszeit überschritten wird, in der Richtung, in der sie am größten ist.</translation>
    </message>
    <message>
        <source>Daylight glare probability that is exceeded in at most 5 % of the time of use, as the observer looks; the worst of its directions.</source>
        <translation>Blendwahrscheinlichkeit durch Tageslicht, die in höchstens 5 % der Nutzungszeit überschritten wird, wie der Betrachter blickt; die schlimmste seiner Richtungen.</translation>
    </message>
    <message>
        <source>Directions clear of glare</source>
        <translation>Richtungen ohne Blendung</translation>
    </message>
    <message>
        <source>Directions, out of 360°, in which an eye at the place meets a daylight glare probability above the question&apos;s limit in at most its share of the time of use.</source>
        <translation>Richtungen von 360°, in denen ein Auge am Ort in höchstens dem Anteil der Nutzungszeit, den die Frage nennt, eine Blendwahrscheinlichkeit über deren Grenze trifft.</translation>
    </message>
    <message>
        <source>Share of the time of use in which the daylight glare probability is above the question&apos;s limit, in the direction in which that is most.</source>
        <translation>Anteil der Nutzungszeit, in dem die Blendwahrscheinlichkeit über der Grenze der Frage liegt, in der Richtung, in der das am meisten ist.</translation>
    </message>
    <message>
        <source>Time troubled by glare</source>
        <translation>Von Blendung gestörte Zeit</translation>
    </message>
    <message>
        <source>a desk can face half of all directions</source>
        <translation>ein Tisch kann in die Hälfte aller Richtungen stehen</translation>
    </message>
    <message>
        <source>glare over the year</source>
        <translation>Blendung übers Jahr</translation>
    </message>
    <message>
        <source>high protection from glare, where it is exceeded in at most 5 % of the use</source>
        <translation>hoher Schutz vor Blendung, wo sie in höchstens 5 % der Nutzung überschritten wird</translation>
    </message>
    <message>
        <source>medium protection from glare</source>
        <translation>mittlerer Schutz vor Blendung</translation>
    </message>
    <message>
        <source>minimum protection from glare</source>
        <translation>Mindestschutz vor Blendung</translation>
    </message>
    <message>
        <source>what protection from glare lets pass</source>
        <translation>was der Schutz vor Blendung zulässt</translation>
    </message>
    <message>
        <source>Glare over the year, all over the rooms</source>
        <translation>Blendung übers Jahr, überall in den Räumen</translation>
    </message>
    <message>
        <source>Glare over the year, at the observers</source>
        <translation>Blendung übers Jahr, bei den Betrachtern</translation>
    </message>
    <message>
        <source>Protection from glare</source>
        <translation>Schutz vor Blendung</translation>
    </message>
    <message>
        <source>Its directions are numbered from 0</source>
        <translation>Seine Richtungen sind ab 0 nummeriert</translation>
    </message>
    <message>
        <source>Ask for fewer places, directions or moments at once</source>
        <translation>Weniger Orte, Richtungen oder Zeitpunkte auf einmal fragen</translation>
    </message>
    <message>
        <source>Place one, or ask all over the rooms</source>
        <translation>Einen setzen, oder überall in den Räumen fragen</translation>
    </message>
    <message>
        <source>no day and hour is chosen</source>
        <translation>kein Tag und keine Stunde ist gewählt</translation>
    </message>
    <message>
        <source>Tick a day and write an hour</source>
        <translation>Einen Tag ankreuzen und eine Stunde schreiben</translation>
    </message>
    <message>
        <source>no place is chosen</source>
        <translation>kein Ort ist gewählt</translation>
    </message>
    <message>
        <source>no option is chosen</source>
        <translation>keine Variante ist gewählt</translation>
    </message>
    <message>
        <source>Tick one</source>
        <translation>Eine ankreuzen</translation>
    </message>
    <message>
        <source>Write hours as 9, 12, 15:30</source>
        <translation>Stunden als 9, 12, 15:30 schreiben</translation>
    </message>
    <message>
        <source>only small pictures were kept of the last of them</source>
        <translation>von den letzten wurden nur kleine Bilder behalten</translation>
    </message>
    <message>
        <source>Take fewer or smaller ones, or ask the question from the command line</source>
        <translation>Weniger oder kleinere aufnehmen, oder die Frage von der Befehlszeile stellen</translation>
    </message>
    <message>
        <source>Questions of the criteria</source>
        <translation>Fragen der Kriterien</translation>
    </message>
    <message>
        <source>There is no map of it: ask the question first</source>
        <translation>Davon gibt es keine Karte: zuerst die Frage stellen</translation>
    </message>
    <message>
        <source>Lay the planes of the rules</source>
        <translation>Ebenen der Regeln legen</translation>
    </message>
    <message>
        <source>Sets …</source>
        <translation>Sätze …</translation>
    </message>
    <message>
        <source>Which criteria sets the project answers to; copies and sets of your own</source>
        <translation>Welchen Kriteriensätzen das Projekt genügen soll; Kopien und eigene Sätze</translation>
    </message>
    <message>
        <source>Ask what is missing: %1</source>
        <translation>Fragen, was fehlt: %1</translation>
    </message>
    <message>
        <source>Ask what is missing (%1)</source>
        <translation>Fragen, was fehlt (%1)</translation>
    </message>
    <message>
        <source>: the project answers to no criteria set yet. Choose some with “Sets”.</source>
        <translation>: dem Projekt ist noch kein Kriteriensatz gegeben. Mit „Sätze“ welche wählen.</translation>
    </message>
    <message>
        <source> and its criteria. Open a set for its rooms, choose a verdict for its band and source.</source>
        <translation> und ihre Kriterien. Einen Satz für seine Räume öffnen, ein Urteil für Band und Quelle wählen.</translation>
    </message>
    <message>
        <source> Still settling.</source>
        <translation> Setzt sich noch.</translation>
    </message>
    <message>
        <source>Planes of the rules</source>
        <translation>Ebenen der Regeln</translation>
    </message>
    <message>
        <source>%1, perhaps %2</source>
        <translation>%1, vielleicht %2</translation>
    </message>
    <message>
        <source>Rooms and criteria of this set</source>
        <translation>Räume und Kriterien dieses Satzes</translation>
    </message>
    <message>
        <source>Partly from memory: not checked against the edition yet</source>
        <translation>Teils aus dem Gedächtnis: noch nicht mit der Ausgabe verglichen</translation>
    </message>
    <message>
        <source>Criteria set</source>
        <translation>Kriteriensatz</translation>
    </message>
    <message>
        <source>Criteria of the set</source>
        <translation>Kriterien des Satzes</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Hinauf</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Hinunter</translation>
    </message>
    <message>
        <source>Further level</source>
        <translation>Weitere Stufe</translation>
    </message>
    <message>
        <source>One level less</source>
        <translation>Eine Stufe weniger</translation>
    </message>
    <message>
        <source>Keep in the project</source>
        <translation>Im Projekt behalten</translation>
    </message>
    <message>
        <source>The set itself</source>
        <translation>Der Satz selbst</translation>
    </message>
    <message>
        <source>The set has no name yet</source>
        <translation>Der Satz hat noch keinen Namen</translation>
    </message>
    <message>
        <source>New criterion</source>
        <translation>Neues Kriterium</translation>
    </message>
    <message>
        <source>Criteria sets (*.criteria.json *.json)</source>
        <translation>Kriteriensätze (*.criteria.json *.json)</translation>
    </message>
    <message>
        <source>Checked by %1 on %2 against %3</source>
        <translation>Geprüft von %1 am %2 mit %3</translation>
    </message>
    <message>
        <source>Not checked:</source>
        <translation>Nicht geprüft:</translation>
    </message>
    <message>
        <source>Criteria sets of this project</source>
        <translation>Kriteriensätze dieses Projekts</translation>
    </message>
    <message>
        <source>Criteria sets</source>
        <translation>Kriteriensätze</translation>
    </message>
    <message>
        <source>Copy and edit …</source>
        <translation>Kopieren und ändern …</translation>
    </message>
    <message>
        <source>Edit …</source>
        <translation>Ändern …</translation>
    </message>
    <message>
        <source>Save as a file …</source>
        <translation>Als Datei speichern …</translation>
    </message>
    <message>
        <source>I have checked it …</source>
        <translation>Ich habe ihn geprüft …</translation>
    </message>
    <message>
        <source>Held against the edition: the project then says who did, and the doubt goes</source>
        <translation>Mit der Ausgabe verglichen: das Projekt sagt dann, von wem, und der Zweifel geht</translation>
    </message>
    <message>
        <source>For rules that compare with how it was: the option that stands for it</source>
        <translation>Für Regeln, die mit vorher vergleichen: die Variante, die dafür steht</translation>
    </message>
    <message>
        <source>Option before</source>
        <translation>Frühere Variante</translation>
    </message>
    <message>
        <source>How it was before</source>
        <translation>Wie es vorher war</translation>
    </message>
    <message>
        <source>New set …</source>
        <translation>Neuer Satz …</translation>
    </message>
    <message>
        <source>Open a file …</source>
        <translation>Datei öffnen …</translation>
    </message>
    <message>
        <source>%1 (own)</source>
        <translation>%1 (eigener)</translation>
    </message>
    <message>
        <source>Criteria set of one&apos;s own</source>
        <translation>Eigener Kriteriensatz</translation>
    </message>
    <message>
        <source>%1, changed</source>
        <translation>%1, geändert</translation>
    </message>
    <message>
        <source>Remove criteria set</source>
        <translation>Kriteriensatz entfernen</translation>
    </message>
    <message>
        <source>Open a criteria set</source>
        <translation>Kriteriensatz öffnen</translation>
    </message>
    <message>
        <source>Save the criteria set</source>
        <translation>Kriteriensatz speichern</translation>
    </message>
    <message>
        <source>Written to %1</source>
        <translation>Geschrieben nach %1</translation>
    </message>
    <message>
        <source>Checked against the edition</source>
        <translation>Mit der Ausgabe verglichen</translation>
    </message>
    <message>
        <source>Your name</source>
        <translation>Ihr Name</translation>
    </message>
    <message>
        <source>Edition that you had before you</source>
        <translation>Ausgabe, die Ihnen vorlag</translation>
    </message>
    <message>
        <source>Criteria set checked</source>
        <translation>Kriteriensatz geprüft</translation>
    </message>
    <message>
        <source>Because</source>
        <translation>Weil</translation>
    </message>
    <message>
        <source>Band (95 %)</source>
        <translation>Band (95 %), von bis</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Vorher</translation>
    </message>
    <message>
        <source>, against %1</source>
        <translation>, gegen %1</translation>
    </message>
    <message>
        <source>Looking for what would do</source>
        <translation>Suche, was genügen würde</translation>
    </message>
    <message>
        <source>Note on how glare is addressed here</source>
        <translation>Begründung, wie hier mit Blendung umgegangen wird</translation>
    </message>
    <message>
        <source>For the reviewer: blinds, who works them, where people sit …</source>
        <translation>Für die Prüfung: Blenden, wer sie bedient, wo Leute sitzen …</translation>
    </message>
    <message>
        <source>Keep the note</source>
        <translation>Begründung behalten</translation>
    </message>
    <message>
        <source>Show on the sheet</source>
        <translation>Auf dem Blatt zeigen</translation>
    </message>
    <message>
        <source>What would do?</source>
        <translation>Was würde genügen?</translation>
    </message>
    <message>
        <source>Glass, hours, blinds or targets with which it would be met, found from the answers that are there, without tracing</source>
        <translation>Glas, Stunden, Blenden oder Zielwerte, mit denen es erfüllt wäre, aus vorhandenen Antworten, ohne neue Strahlen</translation>
    </message>
    <message>
        <source>Open a set and choose a verdict: its value, its band and its source stand here.</source>
        <translation>Einen Satz öffnen und ein Urteil wählen: Wert, Band und Quelle stehen hier.</translation>
    </message>
    <message>
        <source>To be known with it</source>
        <translation>Dazu muss man wissen</translation>
    </message>
    <message>
        <source>Source: %1</source>
        <translation>Quelle: %1</translation>
    </message>
    <message>
        <source>Not checked against the edition</source>
        <translation>Nicht mit der Ausgabe verglichen</translation>
    </message>
    <message>
        <source>What it stands on that nobody chose</source>
        <translation>Worauf es steht, das niemand gewählt hat</translation>
    </message>
    <message>
        <source>Note on glare</source>
        <translation>Begründung zur Blendung</translation>
    </message>
    <message>
        <source>None of these alone would do: clearer glass, other hours, open blinds, a lower target. The shape of room or openings has to change.</source>
        <translation>Nichts davon allein würde genügen: klareres Glas, andere Stunden, offene Blenden, ein kleinerer Zielwert. Raum oder Öffnungen müssen sich ändern.</translation>
    </message>
    <message>
        <source>laid for criteria, not mapped</source>
        <translation>für Kriterien gelegt, nicht auf Karten</translation>
    </message>
    <message>
        <source>For rules</source>
        <translation>Für Regeln</translation>
    </message>
    <message>
        <source>Use of room</source>
        <translation>Raumnutzung</translation>
    </message>
    <message>
        <source>Counts as</source>
        <translation>Zählt als</translation>
    </message>
    <message>
        <source>regularly occupied</source>
        <translation>regelmäßig genutzt</translation>
    </message>
    <message>
        <source>Regularly occupied</source>
        <translation>Regelmäßig genutzt</translation>
    </message>
    <message>
        <source>Target illuminance ET of %1 lx over half of the plane</source>
        <translation>Zielbeleuchtungsstärke ET von %1 lx auf der halben Ebene</translation>
    </message>
    <message>
        <source>Target illuminance ET of %1 lx over 95 % of the plane, horizontal openings</source>
        <translation>Zielbeleuchtungsstärke ET von %1 lx auf 95 % der Ebene, waagerechte Öffnungen</translation>
    </message>
    <message>
        <source>Minimum target illuminance ETM of %1 lx over 95 % of the plane</source>
        <translation>Mindestzielbeleuchtungsstärke ETM von %1 lx auf 95 % der Ebene</translation>
    </message>
    <message>
        <source>Illuminance that half of the reference plane has under an overcast sky of the median diffuse illuminance Ev,d,med of the site: the same as a daylight factor of %1 lx / Ev,d,med</source>
        <translation>Beleuchtungsstärke, die die halbe Nutzebene unter bedecktem Himmel mit der mittleren diffusen Beleuchtungsstärke Ev,d,med des Ortes hat: dasselbe wie ein Tageslichtquotient von %1 lx / Ev,d,med</translation>
    </message>
    <message>
        <source>Illuminance that 95 % of the reference plane has under an overcast sky of the median diffuse illuminance Ev,d,med of the site: the same as a daylight factor of %1 lx / Ev,d,med</source>
        <translation>Beleuchtungsstärke, die 95 % der Nutzebene unter bedecktem Himmel mit der mittleren diffusen Beleuchtungsstärke Ev,d,med des Ortes haben: dasselbe wie ein Tageslichtquotient von %1 lx / Ev,d,med</translation>
    </message>
    <message>
        <source>Share of the 4380 daylight hours in which half of the reference plane has at least %1 lx</source>
        <translation>Anteil der 4380 Tageslichtstunden, in denen die halbe Nutzebene mindestens %1 lx hat</translation>
    </message>
    <message>
        <source>Share of the 4380 daylight hours in which 95 % of the reference plane has at least %1 lx</source>
        <translation>Anteil der 4380 Tageslichtstunden, in denen 95 % der Nutzebene mindestens %1 lx haben</translation>
    </message>
    <message>
        <source>Share of the regularly occupied floor area that has %1 lx of daylight for half of the hours from 8 to 18 by the clock, blinds operated</source>
        <translation>Anteil der regelmäßig genutzten Bodenfläche, der in der Hälfte der Stunden von 8 bis 18 Uhr %1 lx Tageslicht hat, Blenden bedient</translation>
    </message>
    <message>
        <source>asked on %1 of %2 regularly occupied rooms (%3 of %4 m²): %5 missing</source>
        <translation>gefragt in %1 von %2 regelmäßig genutzten Räumen (%3 von %4 m²): es fehlt %5</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not the plane that the rule judges: %2</source>
        <translation>„%1“ ist nicht die Ebene, die die Regel beurteilt: %2</translation>
    </message>
    <message>
        <source>its margin is %1 m, and at most %2 m is asked for</source>
        <translation>ihr Randabstand ist %1 m, gefragt ist höchstens %2 m</translation>
    </message>
    <message>
        <source>its margin is %1 m, and one of %2 m is asked for</source>
        <translation>ihr Randabstand ist %1 m, gefragt ist einer von %2 m</translation>
    </message>
    <message>
        <source>its margin is %1 m, and at least %2 m is asked for</source>
        <translation>ihr Randabstand ist %1 m, gefragt ist mindestens %2 m</translation>
    </message>
    <message>
        <source>its points are %1 m apart, and at most %2 m are asked for</source>
        <translation>ihre Punkte liegen %1 m auseinander, gefragt sind höchstens %2 m</translation>
    </message>
    <message>
        <source>it stands at %1 m, and %2 m are asked for</source>
        <translation>sie liegt auf %1 m, gefragt sind %2 m</translation>
    </message>
    <message>
        <source>panes that let %1 times as much through: %2 in place of %3</source>
        <translation>Scheiben, die %1-mal so viel durchlassen: %2 statt %3</translation>
    </message>
    <message>
        <source>a target of %1 lx in place of %2 lx</source>
        <translation>ein Zielwert von %1 lx statt %2 lx</translation>
    </message>
    <message>
        <source>occupied hours from %1 to %2</source>
        <translation>Nutzungsstunden von %1 bis %2</translation>
    </message>
    <message>
        <source>blinds are missing on %1</source>
        <translation>Blenden fehlen an %1</translation>
    </message>
    <message>
        <source>judged on part of %1</source>
        <translation>beurteilt auf einem Teil von %1</translation>
    </message>
    <message>
        <source>finishes that nobody chose: %1</source>
        <translation>Oberflächen, die niemand gewählt hat: %1</translation>
    </message>
    <message>
        <source>best window: %1</source>
        <translation>bestes Fenster: %1</translation>
    </message>
    <message>
        <source>Best room: %1</source>
        <translation>Bester Raum: %1</translation>
    </message>
    <message>
        <source>needs a note: %1</source>
        <translation>braucht eine Begründung: %1</translation>
    </message>
    <message>
        <source>undecided: %1</source>
        <translation>unentschieden: %1</translation>
    </message>
    <message>
        <source>not asked: %1</source>
        <translation>nicht gefragt: %1</translation>
    </message>
    <message>
        <source>minimum: %1</source>
        <translation>gering: %1</translation>
    </message>
    <message>
        <source>medium: %1</source>
        <translation>mittel: %1</translation>
    </message>
    <message>
        <source>high: %1</source>
        <translation>hoch: %1</translation>
    </message>
    <message>
        <source>%1 of %2 points</source>
        <translation>%1 von %2 Punkten</translation>
    </message>
    <message>
        <source>all %1 met</source>
        <translation>alle %1 erfüllt</translation>
    </message>
    <message>
        <source>%1 of %2 met</source>
        <translation>%1 von %2 erfüllt</translation>
    </message>
    <message>
        <source>BRE 209 daylight and sunlight to neighbours</source>
        <translation>BRE 209, Tages- und Sonnenlicht der Nachbarn</translation>
    </message>
    <message>
        <source>Probable hours follow the weather file, one year, where the guide has long-term means; the height of the working plane in other than dwellings, and the clauses, are from memory</source>
        <translation>Wahrscheinliche Stunden folgen der Wetterdatei, einem Jahr, wo der Leitfaden langjährige Mittel hat; die Höhe der Arbeitsebene außerhalb von Wohnungen und die Abschnitte sind aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>Vertical sky component at the middle of the window, outer face: 27 %, or 0.8 of what it was</source>
        <translation>Vertikaler Himmelsanteil in der Mitte des Fensters, Außenseite: 27 %, oder das 0,8-Fache von vorher</translation>
    </message>
    <message>
        <source>met</source>
        <translation>erfüllt</translation>
    </message>
    <message>
        <source>Area before the no-sky line</source>
        <translation>Fläche vor der Himmelsgrenzlinie</translation>
    </message>
    <message>
        <source>Share of the working plane from which sky is seen, against what it was: 0.8 of it</source>
        <translation>Anteil der Arbeitsebene, von dem Himmel zu sehen ist, gegen vorher: das 0,8-Fache</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>ganz</translation>
    </message>
    <message>
        <source>Probable sunlight hours of the year</source>
        <translation>Wahrscheinliche Sonnenstunden des Jahres</translation>
    </message>
    <message>
        <source>Share of the probable sunlight hours of the place that the window has: 25 %, or 0.8 of what it was, or a loss of at most 4 %</source>
        <translation>Anteil der wahrscheinlichen Sonnenstunden des Ortes, den das Fenster hat: 25 %, oder das 0,8-Fache von vorher, oder ein Verlust von höchstens 4 %</translation>
    </message>
    <message>
        <source>Probable sunlight hours of the winter</source>
        <translation>Wahrscheinliche Sonnenstunden des Winters</translation>
    </message>
    <message>
        <source>Share of the probable sunlight hours of the year that the window has from 21 September to 21 March: 5 %, or 0.8 of what it was, or a loss of at most 4 % of the year&apos;s</source>
        <translation>Anteil der wahrscheinlichen Sonnenstunden des Jahres, den das Fenster vom 21. September bis 21. März hat: 5 %, oder das 0,8-Fache von vorher, oder ein Verlust von höchstens 4 % derer des Jahres</translation>
    </message>
    <message>
        <source>BREEAM Hea 01 daylighting</source>
        <translation>BREEAM Hea 01, Tageslicht</translation>
    </message>
    <message>
        <source>Numbers and clauses are from memory: check them against the manual of the edition</source>
        <translation>Zahlen und Abschnitte sind aus dem Gedächtnis: mit dem Handbuch der Ausgabe vergleichen</translation>
    </message>
    <message>
        <source>Daylight factor of 2 % on average</source>
        <translation>Tageslichtquotient von 2 % im Mittel</translation>
    </message>
    <message>
        <source>Mean daylight factor over the room</source>
        <translation>Mittlerer Tageslichtquotient des Raums</translation>
    </message>
    <message>
        <source>By daylight factor</source>
        <translation>Nach Tageslichtquotient</translation>
    </message>
    <message>
        <source>Uniformity of 0.3</source>
        <translation>Gleichmäßigkeit von 0,3</translation>
    </message>
    <message>
        <source>Least over mean daylight factor of the room</source>
        <translation>Kleinster durch mittleren Tageslichtquotienten des Raums</translation>
    </message>
    <message>
        <source>300 lx on average for 2000 h</source>
        <translation>300 lx im Mittel für 2000 h</translation>
    </message>
    <message>
        <source>Mean over the year&apos;s hours in which the room on average has 300 lx: hours of the year with at least that mean</source>
        <translation>Stunden des Jahres, in denen der Raum im Mittel mindestens 300 lx hat</translation>
    </message>
    <message>
        <source>By hourly illuminance</source>
        <translation>Nach stündlicher Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>90 lx at the worst point for 2000 h</source>
        <translation>90 lx am schlechtesten Punkt für 2000 h</translation>
    </message>
    <message>
        <source>Hours of the year in which every point of the room has 90 lx</source>
        <translation>Stunden des Jahres, in denen jeder Punkt des Raums 90 lx hat</translation>
    </message>
    <message>
        <source>BS EN 17037 national annex, UK dwellings</source>
        <translation>BS EN 17037, nationaler Anhang, Wohnungen im Vereinigten Königreich</translation>
    </message>
    <message>
        <source>Numbers are from memory: check them against the national annex</source>
        <translation>Zahlen sind aus dem Gedächtnis: mit dem nationalen Anhang vergleichen</translation>
    </message>
    <message>
        <source>Bedroom: 100 lx over half of the plane</source>
        <translation>Schlafzimmer: 100 lx auf der halben Ebene</translation>
    </message>
    <message>
        <source>Living room: 150 lx over half of the plane</source>
        <translation>Wohnzimmer: 150 lx auf der halben Ebene</translation>
    </message>
    <message>
        <source>Kitchen: 200 lx over half of the plane</source>
        <translation>Küche: 200 lx auf der halben Ebene</translation>
    </message>
    <message>
        <source>Numbers of method 1 are from memory. Openings that slope by less than 15° are taken as horizontal; a room with both kinds is judged by table A.1</source>
        <translation>Zahlen von Verfahren 1 sind aus dem Gedächtnis. Öffnungen mit weniger als 15° Neigung gelten als waagerecht; ein Raum mit beiden Arten wird nach Tabelle A.1 beurteilt</translation>
    </message>
    <message>
        <source>Daylight provision</source>
        <translation>Tageslichtversorgung</translation>
    </message>
    <message>
        <source>EN 17037 protection from glare</source>
        <translation>EN 17037, Schutz vor Blendung</translation>
    </message>
    <message>
        <source>The time of use is that of the room, or of the question; the standard&apos;s own reference hours are from memory</source>
        <translation>Die Nutzungszeit ist die des Raums oder der Frage; die Bezugsstunden der Norm sind aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>Daylight glare probability that the eyes of the room, as they look, exceed in at most 5 % of the time of use, blinds as they are worked</source>
        <translation>Blendwahrscheinlichkeit bei Tageslicht, die die Augen des Raums in ihrer Blickrichtung in höchstens 5 % der Nutzungszeit überschreiten, Blenden wie sie bedient werden</translation>
    </message>
    <message>
        <source>EN 17037 daylight provision, by illuminance</source>
        <translation>EN 17037, Tageslichtversorgung nach Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>Openings that slope by less than 15° are taken as horizontal; a room with both kinds is judged by table A.1</source>
        <translation>Öffnungen mit weniger als 15° Neigung gelten als waagerecht; ein Raum mit beiden Arten wird nach Tabelle A.1 beurteilt</translation>
    </message>
    <message>
        <source>EN 17037 exposure to sunlight</source>
        <translation>EN 17037, Besonnung</translation>
    </message>
    <message>
        <source>The option is taken for one dwelling. The least altitude of the sun follows the latitude, from memory of annex D: a national annex may set another</source>
        <translation>Die Variante gilt als eine Wohnung. Die geringste Sonnenhöhe folgt der Breite, aus dem Gedächtnis von Anhang D: ein nationaler Anhang kann eine andere setzen</translation>
    </message>
    <message>
        <source>Sunlight in one room</source>
        <translation>Sonne in einem Raum</translation>
    </message>
    <message>
        <source>Hours for which the sun can reach the reference point at the inner face of the opening, 1.2 m above the floor and 0.3 m above the sill at least, on the chosen day, from the least altitude of the sun at the site; cloud is left out of account. One room of a dwelling, patients&apos; room or play room is enough</source>
        <translation>Stunden, in denen die Sonne am gewählten Tag den Bezugspunkt an der Innenseite der Öffnung erreichen kann, mindestens 1,2 m über dem Boden und 0,3 m über der Brüstung, ab der geringsten Sonnenhöhe des Ortes; Bewölkung bleibt außer Betracht. Ein Raum einer Wohnung, ein Patienten- oder Spielzimmer genügt</translation>
    </message>
    <message>
        <source>Sunlight by room</source>
        <translation>Sonne je Raum</translation>
    </message>
    <message>
        <source>Hours for which the sun can reach the reference point at the inner face of the opening, 1.2 m above the floor and 0.3 m above the sill at least, on the chosen day, from the least altitude of the sun at the site; cloud is left out of account</source>
        <translation>Stunden, in denen die Sonne am gewählten Tag den Bezugspunkt an der Innenseite der Öffnung erreichen kann, mindestens 1,2 m über dem Boden und 0,3 m über der Brüstung, ab der geringsten Sonnenhöhe des Ortes; Bewölkung bleibt außer Betracht</translation>
    </message>
    <message>
        <source>LEED v4.1 daylight, option 1, health care</source>
        <translation>LEED v4.1 Tageslicht, Option 1, Gesundheitswesen</translation>
    </message>
    <message>
        <source>Thresholds of health care are from memory: check them against LEED v4.1 BD+C: Healthcare</source>
        <translation>Schwellen des Gesundheitswesens sind aus dem Gedächtnis: mit LEED v4.1 BD+C: Healthcare vergleichen</translation>
    </message>
    <message>
        <source>Spatial daylight autonomy (sDA300/50%)</source>
        <translation>Räumliche Tageslichtautonomie (sDA300/50%)</translation>
    </message>
    <message>
        <source>Share of the regularly occupied floor area that has 300 lx of daylight for half of the hours from 8 to 18 by the clock, blinds operated; rooms count by their floor area</source>
        <translation>Anteil der regelmäßig genutzten Bodenfläche, der in der Hälfte der Stunden von 8 bis 18 Uhr 300 lx Tageslicht hat, Blenden bedient; Räume zählen mit ihrer Bodenfläche</translation>
    </message>
    <message>
        <source>Annual sunlight exposure (ASE1000,250h)</source>
        <translation>Jährliche Besonnung (ASE1000,250h)</translation>
    </message>
    <message>
        <source>Share of a space with 1000 lx of direct sun for more than 250 of those hours, without blinds or interreflection. A space above 10 % is no failure: a note must say how glare is addressed there</source>
        <translation>Anteil eines Raums mit 1000 lx direkter Sonne in mehr als 250 dieser Stunden, ohne Blenden und Mehrfachreflexion. Ein Raum über 10 % fällt nicht durch: eine Begründung muss sagen, wie dort mit Blendung umgegangen wird</translation>
    </message>
    <message>
        <source>no note needed</source>
        <translation>keine Begründung nötig</translation>
    </message>
    <message>
        <source>LEED v4.1 daylight, option 2</source>
        <translation>LEED v4.1 Tageslicht, Option 2</translation>
    </message>
    <message>
        <source>300 to 3000 lx at 9 and 15 h</source>
        <translation>300 bis 3000 lx um 9 und 15 Uhr</translation>
    </message>
    <message>
        <source>Share of the regularly occupied floor area whose illuminance lies within 300 and 3000 lx at both 9 and 15 h, each the mean of the clearest day within 15 days of 21 March and that within 15 days of 21 September, without blinds</source>
        <translation>Anteil der regelmäßig genutzten Bodenfläche, dessen Beleuchtungsstärke um 9 und um 15 Uhr zwischen 300 und 3000 lx liegt, je im Mittel des klarsten Tages innerhalb von 15 Tagen um den 21. März und dessen um den 21. September, ohne Blenden</translation>
    </message>
    <message>
        <source>The clearest days are taken to be those with most direct light at the two hours</source>
        <translation>Als klarste Tage gelten die mit dem meisten direkten Licht zu den beiden Stunden</translation>
    </message>
    <message>
        <source>WELL v2 light, daylight simulation</source>
        <translation>WELL v2 Licht, Tageslichtsimulation</translation>
    </message>
    <message>
        <source>Numbers and clauses are from memory: check them against the edition</source>
        <translation>Zahlen und Abschnitte sind aus dem Gedächtnis: mit der Ausgabe vergleichen</translation>
    </message>
    <message>
        <source>L01: sDA200/40% over 30 %</source>
        <translation>L01: sDA200/40% über 30 %</translation>
    </message>
    <message>
        <source>Share of the regularly occupied floor area that has 200 lx of daylight for 40 % of the hours from 8 to 18 by the clock, blinds operated</source>
        <translation>Anteil der regelmäßig genutzten Bodenfläche, der in 40 % der Stunden von 8 bis 18 Uhr 200 lx Tageslicht hat, Blenden bedient</translation>
    </message>
    <message>
        <source>L05: sDA300/50%</source>
        <translation>L05: sDA300/50% (Fläche)</translation>
    </message>
    <message>
        <source>Needed</source>
        <translation>Gefordert</translation>
    </message>
    <message>
        <source>in the measure&apos;s own terms; shares from 0 to 1</source>
        <translation>in den Größen des Maßes; Anteile von 0 bis 1</translation>
    </message>
    <message>
        <source>by_size: 0.5 · 5^log10(d) of the room&apos;s longer side d, at most 10 m (EN 17037:2018, annex B)</source>
        <translation>by_size: 0,5 · 5^log10(d) der längeren Raumseite d, höchstens 10 m (EN 17037:2018, Anhang B)</translation>
    </message>
    <message>
        <source>of the clock every day, the 4380 h of EN 17037, or the room&apos;s</source>
        <translation>der Uhr an jedem Tag, die 4380 h der EN 17037 oder die des Raums</translation>
    </message>
    <message>
        <source>Judged</source>
        <translation>Beurteilt</translation>
    </message>
    <message>
        <source>what has a verdict of its own</source>
        <translation>was ein eigenes Urteil hat</translation>
    </message>
    <message>
        <source>Only regularly occupied rooms</source>
        <translation>Nur regelmäßig genutzte Räume</translation>
    </message>
    <message>
        <source>Only rooms for</source>
        <translation>Nur Räume für</translation>
    </message>
    <message>
        <source>words of a room&apos;s use; none: any</source>
        <translation>Wörter der Raumnutzung; keines: alle</translation>
    </message>
    <message>
        <source>Lit through</source>
        <translation>Belichtet durch</translation>
    </message>
    <message>
        <source>Only towards the sun</source>
        <translation>Nur zur Sonne</translation>
    </message>
    <message>
        <source>windows that face within 90 degrees of the noon sun</source>
        <translation>Fenster, die höchstens 90 Grad von der Mittagssonne abgewandt sind</translation>
    </message>
    <message>
        <source>that it is judged on; missing: as drawn</source>
        <translation>auf der beurteilt wird; fehlt sie: wie gezeichnet</translation>
    </message>
    <message>
        <source>At least</source>
        <translation>Mindestens</translation>
    </message>
    <message>
        <source>else: at most</source>
        <translation>sonst: höchstens</translation>
    </message>
    <message>
        <source>from the easiest to the hardest</source>
        <translation>von der leichtesten zur strengsten</translation>
    </message>
    <message>
        <source>Or, of the former</source>
        <translation>Oder, von vorher</translation>
    </message>
    <message>
        <source>also met at that share of what the former option has</source>
        <translation>auch erfüllt bei diesem Anteil dessen, was die frühere Variante hat</translation>
    </message>
    <message>
        <source>Or a loss of</source>
        <translation>Oder ein Verlust von</translation>
    </message>
    <message>
        <source>also met where it lost at most that against the former option; negative: not</source>
        <translation>auch erfüllt, wo gegen die frühere Variante höchstens so viel verloren ging; negativ: nicht</translation>
    </message>
    <message>
        <source>Otherwise</source>
        <translation>Sonst</translation>
    </message>
    <message>
        <source>what follows where it is not met</source>
        <translation>was folgt, wo es nicht erfüllt ist</translation>
    </message>
    <message>
        <source>A level above</source>
        <translation>Eine höhere Stufe</translation>
    </message>
    <message>
        <source>need not be met</source>
        <translation>muss nicht erfüllt sein</translation>
    </message>
    <message>
        <source>what reaching it earns</source>
        <translation>was das Erreichen einbringt</translation>
    </message>
    <message>
        <source>Margin from</source>
        <translation>Randabstand von</translation>
    </message>
    <message>
        <source>from the walls, at least</source>
        <translation>von den Wänden, mindestens</translation>
    </message>
    <message>
        <source>Margin to</source>
        <translation>Randabstand bis</translation>
    </message>
    <message>
        <source>at most</source>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>Points apart</source>
        <translation>Punktabstand</translation>
    </message>
    <message>
        <source>see the list of measures</source>
        <translation>siehe die Liste der Maße</translation>
    </message>
    <message>
        <source>of measures that take one: see the list of figures</source>
        <translation>bei Maßen mit Größe: siehe die Liste der Größen</translation>
    </message>
    <message>
        <source>Asked</source>
        <translation>Gefragt</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Höchstens</translation>
    </message>
    <message>
        <source>upper end of a range</source>
        <translation>oberes Ende eines Bereichs</translation>
    </message>
    <message>
        <source>Share of the hours</source>
        <translation>Anteil der Stunden</translation>
    </message>
    <message>
        <source>More hours than</source>
        <translation>Mehr Stunden als</translation>
    </message>
    <message>
        <source>Share of the plane</source>
        <translation>Anteil der Ebene</translation>
    </message>
    <message>
        <source>in the figure&apos;s unit</source>
        <translation>in der Einheit der Größe</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>criteria of a part are concluded together: a room has the lowest of their levels</source>
        <translation>Kriterien eines Teils werden zusammen abgeschlossen: ein Raum hat die niedrigste ihrer Stufen</translation>
    </message>
    <message>
        <source>One of</source>
        <translation>Eines von</translation>
    </message>
    <message>
        <source>Meaning</source>
        <translation>Bedeutung</translation>
    </message>
    <message>
        <source>standard, edition, clause</source>
        <translation>Norm, Ausgabe, Abschnitt</translation>
    </message>
    <message>
        <source>Doubt</source>
        <translation>Zweifel</translation>
    </message>
    <message>
        <source>what nobody has checked against the edition</source>
        <translation>was niemand mit der Ausgabe verglichen hat</translation>
    </message>
    <message>
        <source>what nobody has checked against the edition, of all of it</source>
        <translation>was vom Ganzen niemand mit der Ausgabe verglichen hat</translation>
    </message>
    <message>
        <source>id of a criteria set</source>
        <translation>Kennung eines Kriteriensatzes</translation>
    </message>
    <message>
        <source>Checked by</source>
        <translation>Geprüft von</translation>
    </message>
    <message>
        <source>On</source>
        <translation>Am</translation>
    </message>
    <message>
        <source>YYYY-MM-DD</source>
        <translation>JJJJ-MM-TT</translation>
    </message>
    <message>
        <source>Edition</source>
        <translation>Ausgabe</translation>
    </message>
    <message>
        <source>Of the clock</source>
        <translation>Der Uhr</translation>
    </message>
    <message>
        <source>The 4380 daylight hours</source>
        <translation>Die 4380 Tageslichtstunden</translation>
    </message>
    <message>
        <source>The room&apos;s own</source>
        <translation>Die des Raums</translation>
    </message>
    <message>
        <source>By IES LM-83</source>
        <translation>Nach IES LM-83</translation>
    </message>
    <message>
        <source>As their groups are worked</source>
        <translation>Wie ihre Gruppen bedient werden</translation>
    </message>
    <message>
        <source>Each room</source>
        <translation>Jeder Raum</translation>
    </message>
    <message>
        <source>All rooms by floor area</source>
        <translation>Alle Räume nach Bodenfläche</translation>
    </message>
    <message>
        <source>Each window or place</source>
        <translation>Jedes Fenster oder jeder Ort</translation>
    </message>
    <message>
        <source>Each room by its best window</source>
        <translation>Jeder Raum nach seinem besten Fenster</translation>
    </message>
    <message>
        <source>One room is enough</source>
        <translation>Ein Raum genügt</translation>
    </message>
    <message>
        <source>Any openings</source>
        <translation>Beliebige Öffnungen</translation>
    </message>
    <message>
        <source>Upright or inclined openings</source>
        <translation>Senkrechte oder geneigte Öffnungen</translation>
    </message>
    <message>
        <source>Horizontal openings alone</source>
        <translation>Nur waagerechte Öffnungen</translation>
    </message>
    <message>
        <source>Not met</source>
        <translation>Nicht erfüllt</translation>
    </message>
    <message>
        <source>Needs a note</source>
        <translation>Braucht eine Begründung</translation>
    </message>
    <message>
        <source>By the room&apos;s size</source>
        <translation>Nach der Raumgröße</translation>
    </message>
    <message>
        <source>Not said</source>
        <translation>Nicht gesagt</translation>
    </message>
    <message>
        <source>on the reference planes, nothing left out</source>
        <translation>auf den Nutzebenen, nichts weggelassen</translation>
    </message>
    <message>
        <source>probable sunlight hours at the windows, all the year</source>
        <translation>wahrscheinliche Sonnenstunden an den Fenstern, ganzes Jahr</translation>
    </message>
    <message>
        <source>probable sunlight hours at the windows, 21 September to 21 March</source>
        <translation>wahrscheinliche Sonnenstunden an den Fenstern, 21. September bis 21. März</translation>
    </message>
    <message>
        <source>daylight factor and sky component at the windows</source>
        <translation>Tageslichtquotient und Himmelsanteil an den Fenstern</translation>
    </message>
    <message>
        <source>illuminance at 9 and 15 h on the clearest days within 15 days of the equinoxes</source>
        <translation>Beleuchtungsstärke um 9 und 15 Uhr an den klarsten Tagen innerhalb von 15 Tagen um die Tagundnachtgleichen</translation>
    </message>
    <message>
        <source>glare over the year at the observers, blinds as they are worked</source>
        <translation>Blendung über das Jahr an den Beobachtern, Blenden wie sie bedient werden</translation>
    </message>
    <message>
        <source>not met</source>
        <translation>nicht erfüllt</translation>
    </message>
    <message>
        <source>undecided</source>
        <translation>unentschieden</translation>
    </message>
    <message>
        <source>needs a note</source>
        <translation>braucht eine Begründung</translation>
    </message>
    <message>
        <source>not asked</source>
        <translation>nicht gefragt</translation>
    </message>
    <message>
        <source>hour</source>
        <translation>Stunde</translation>
    </message>
    <message>
        <source>Hours with that mean</source>
        <translation>Stunden mit diesem Mittel</translation>
    </message>
    <message>
        <source>Hours with that at every point</source>
        <translation>Stunden mit so viel an jedem Punkt</translation>
    </message>
    <message>
        <source>Share in range at both hours</source>
        <translation>Anteil im Bereich zu beiden Stunden</translation>
    </message>
    <message>
        <source>Spatial daylight autonomy</source>
        <translation>Räumliche Tageslichtautonomie</translation>
    </message>
    <message>
        <source>Annual sunlight exposure</source>
        <translation>Jährliche Besonnung</translation>
    </message>
    <message>
        <source>Share of the open place&apos;s sun of the year</source>
        <translation>Anteil an der Sonne des offenen Ortes im Jahr</translation>
    </message>
    <message>
        <source>Regularly occupied floor area</source>
        <translation>Regelmäßig genutzte Bodenfläche</translation>
    </message>
    <message>
        <source>Whole option</source>
        <translation>Ganze Variante</translation>
    </message>
    <message>
        <source>All windows</source>
        <translation>Alle Fenster</translation>
    </message>
    <message>
        <source>with a written note</source>
        <translation>mit schriftlicher Begründung</translation>
    </message>
    <message>
        <source>it has no reference plane</source>
        <translation>er hat keine Nutzebene</translation>
    </message>
    <message>
        <source>it does not lie over the floor, facing up</source>
        <translation>sie liegt nicht nach oben gewandt über dem Boden</translation>
    </message>
    <message>
        <source>judges no room</source>
        <translation>beurteilt keinen Raum</translation>
    </message>
    <message>
        <source>panes stay clean: dirt takes nothing</source>
        <translation>Scheiben bleiben sauber: Schmutz nimmt nichts</translation>
    </message>
    <message>
        <source>there is no weather file</source>
        <translation>es gibt keine Wetterdatei</translation>
    </message>
    <message>
        <source>blinds that stay open</source>
        <translation>Blenden, die offen bleiben</translation>
    </message>
    <message>
        <source>For</source>
        <translation>Für</translation>
    </message>
    <message>
        <source>what it is for: criteria ask by it</source>
        <translation>wofür er da ist: Kriterien fragen danach</translation>
    </message>
    <message>
        <source>its floor counts in criteria on regularly occupied floor area</source>
        <translation>sein Boden zählt in Kriterien der regelmäßig genutzten Bodenfläche</translation>
    </message>
    <message>
        <source>how glare is dealt with, where a rule asks for a written note</source>
        <translation>wie mit Blendung umgegangen wird, wo eine Regel eine Begründung verlangt</translation>
    </message>
    <message>
        <source>laid for criteria: not drawn on maps where its room has another</source>
        <translation>für Kriterien gelegt: nicht auf Karten gezeichnet, wo der Raum eine andere hat</translation>
    </message>
    <message>
        <source>ids of criteria sets that it answers to</source>
        <translation>Kennungen der Kriteriensätze, denen es genügen soll</translation>
    </message>
    <message>
        <source>criteria sets that were made or changed here; they go before the program&apos;s of the same id</source>
        <translation>Kriteriensätze, die hier gemacht oder geändert wurden; sie gehen denen des Programms mit derselben Kennung vor</translation>
    </message>
    <message>
        <source>sets that somebody has held against the edition</source>
        <translation>Sätze, die jemand mit der Ausgabe verglichen hat</translation>
    </message>
    <message>
        <source>id of the option that stands for how it was before</source>
        <translation>Kennung der Variante, die für vorher steht</translation>
    </message>
    <message>
        <source>Exposure to sunlight on 21 March</source>
        <translation>Besonnung am 21. März</translation>
    </message>
    <message>
        <source>Vertical sky component at the windows</source>
        <translation>Vertikaler Himmelsanteil an den Fenstern</translation>
    </message>
    <message>
        <source>Clear days of the equinoxes, 9 and 15 h</source>
        <translation>Klare Tage der Tagundnachtgleichen, 9 und 15 Uhr</translation>
    </message>
    <message>
        <source>Glare in the time of use</source>
        <translation>Blendung in der Nutzungszeit</translation>
    </message>
    <message>
        <source>is less than the least</source>
        <translation>ist kleiner als das Kleinste</translation>
    </message>
    <message>
        <source>Give a greater one</source>
        <translation>Einen größeren angeben</translation>
    </message>
    <message>
        <source>Offices</source>
        <translation>Büros</translation>
    </message>
    <message>
        <source>Meeting rooms</source>
        <translation>Besprechungsräume</translation>
    </message>
    <message>
        <source>Classrooms</source>
        <translation>Klassenzimmer</translation>
    </message>
    <message>
        <source>Reading rooms</source>
        <translation>Lesesäle</translation>
    </message>
    <message>
        <source>Workshops</source>
        <translation>Werkstätten</translation>
    </message>
    <message>
        <source>Shops</source>
        <translation>Läden</translation>
    </message>
    <message>
        <source>Play rooms</source>
        <translation>Spielzimmer</translation>
    </message>
    <message>
        <source>Patients&apos; rooms</source>
        <translation>Patientenzimmer</translation>
    </message>
    <message>
        <source>Living rooms</source>
        <translation>Wohnzimmer</translation>
    </message>
    <message>
        <source>Bedrooms</source>
        <translation>Schlafzimmer</translation>
    </message>
    <message>
        <source>Kitchens</source>
        <translation>Küchen</translation>
    </message>
    <message>
        <source>Halls</source>
        <translation>Säle</translation>
    </message>
    <message>
        <source>Corridors and stairs</source>
        <translation>Flure und Treppen</translation>
    </message>
    <message>
        <source>Washrooms</source>
        <translation>Waschräume</translation>
    </message>
    <message>
        <source>Stores</source>
        <translation>Lager</translation>
    </message>
    <message>
        <source>Plant rooms</source>
        <translation>Technikräume</translation>
    </message>
    <message>
        <source>BRE 209 (2022), site layout planning for daylight and sunlight</source>
        <translation>BRE 209 (2022), site layout planning for daylight und sunlight</translation>
    </message>
    <message>
        <source>BREEAM UK New Construction, Hea 01 Visual comfort</source>
        <translation>BREEAM UK New Construction, Hea 01 Sehkomfort</translation>
    </message>
    <message>
        <source>BREEAM UK New Construction, Hea 01 Visual comfort, daylighting</source>
        <translation>BREEAM UK New Construction, Hea 01 Sehkomfort, Tageslicht</translation>
    </message>
    <message>
        <source>BREEAM UK New Construction, Hea 01 Visual comfort, daylighting, alternative</source>
        <translation>BREEAM UK New Construction, Hea 01 Sehkomfort, Tageslicht, Alternative</translation>
    </message>
    <message>
        <source>BS EN 17037:2018+A1:2021, national annex NA</source>
        <translation>BS EN 17037:2018+A1:2021, nationaler Anhang NA</translation>
    </message>
    <message>
        <source>BS EN 17037:2018+A1:2021, national annex NA, table NA.1</source>
        <translation>BS EN 17037:2018+A1:2021, nationaler Anhang NA, Tabelle NA.1</translation>
    </message>
    <message>
        <source>EN 17037:2018+A1:2021, 5.1.3, method 1, and table A.1</source>
        <translation>EN 17037:2018+A1:2021, 5.1.3, Verfahren 1 und Tabelle A.1</translation>
    </message>
    <message>
        <source>EN 17037:2018+A1:2021, 5.1.3, method 1, and table A.2</source>
        <translation>EN 17037:2018+A1:2021, 5.1.3, Verfahren 1 und Tabelle A.2</translation>
    </message>
    <message>
        <source>EN 17037:2018+A1:2021, 5.1.3, method 2, and table A.1</source>
        <translation>EN 17037:2018+A1:2021, 5.1.3, Verfahren 2 und Tabelle A.1</translation>
    </message>
    <message>
        <source>EN 17037:2018+A1:2021, 5.1.3, method 2, and table A.2</source>
        <translation>EN 17037:2018+A1:2021, 5.1.3, Verfahren 2 und Tabelle A.2</translation>
    </message>
    <message>
        <source>EN 17037:2018+A1:2021, 5.4 and table A.3</source>
        <translation>EN 17037:2018+A1:2021, 5.4 und Tabelle A.3</translation>
    </message>
    <message>
        <source>EN 17037:2018+A1:2021, clause 5.1, tables A.1 and A.2, method 1 (daylight factor)</source>
        <translation>EN 17037:2018+A1:2021, Abschnitt 5.1, Tabellen A.1 und A.2, Verfahren 1 (Tageslichtquotient)</translation>
    </message>
    <message>
        <source>EN 17037:2018+A1:2021, clause 5.1, tables A.1 and A.2, method 2 (hourly illuminance)</source>
        <translation>EN 17037:2018+A1:2021, Abschnitt 5.1, Tabellen A.1 und A.2, Verfahren 2 (stündliche Beleuchtungsstärke)</translation>
    </message>
    <message>
        <source>EN 17037:2018+A1:2021, clause 5.3, table A.6 and annex D</source>
        <translation>EN 17037:2018+A1:2021, Abschnitt 5.3, Tabelle A.6 und Anhang D</translation>
    </message>
    <message>
        <source>EN 17037:2018+A1:2021, clause 5.4 and table A.3</source>
        <translation>EN 17037:2018+A1:2021, Abschnitt 5.4 und Tabelle A.3</translation>
    </message>
    <message>
        <source>LEED v4.1 BD+C, EQ credit Daylight, option 1, on IES LM-83-12</source>
        <translation>LEED v4.1 BD+C, EQ-Credit Daylight, Option 1, nach IES LM-83-12</translation>
    </message>
    <message>
        <source>LEED v4.1 BD+C, EQ credit Daylight, option 2</source>
        <translation>LEED v4.1 BD+C, EQ-Credit Daylight, Option 2</translation>
    </message>
    <message>
        <source>LEED v4.1 option 1; IES LM-83-12, clause 2.2</source>
        <translation>LEED v4.1 Option 1; IES LM-83-12, Abschnitt 2.2</translation>
    </message>
    <message>
        <source>LEED v4.1 option 1; IES LM-83-12, clause 2.3</source>
        <translation>LEED v4.1 Option 1; IES LM-83-12, Abschnitt 2.3</translation>
    </message>
    <message>
        <source>LEED v4.1 option 2</source>
        <translation>LEED v4.1 Option 2</translation>
    </message>
    <message>
        <source>WELL v2, concept Light, L01</source>
        <translation>WELL v2, Konzept Licht, L01</translation>
    </message>
    <message>
        <source>WELL v2, concept Light, L05</source>
        <translation>WELL v2, Konzept Licht, L05</translation>
    </message>
    <message>
        <source>WELL v2, concept Light, features L01 and L05, on IES LM-83-12</source>
        <translation>WELL v2, Konzept Licht, Merkmale L01 und L05, nach IES LM-83-12</translation>
    </message>
    <message>
        <source>how its analysis must have been asked: see the list; missing: on the reference planes, nothing left out</source>
        <translation>wie die Analyse gefragt worden sein muss: siehe die Liste; fehlt es: auf den Nutzebenen, nichts weggelassen</translation>
    </message>
    <message>
        <source>Horizontal sight angle of %1°</source>
        <translation>Horizontaler Sichtwinkel von %1°</translation>
    </message>
    <message>
        <source>Distance of %1 m</source>
        <translation>Entfernung von %1 m</translation>
    </message>
    <message>
        <source>%1 layers</source>
        <translation>%1 Ebenen</translation>
    </message>
    <message>
        <source>Horizontal sight angle</source>
        <translation>Horizontaler Sichtwinkel</translation>
    </message>
    <message>
        <source>Distance of the view</source>
        <translation>Entfernung der Aussicht</translation>
    </message>
    <message>
        <source>Layers of the view</source>
        <translation>Ebenen der Aussicht</translation>
    </message>
    <message>
        <source>View out</source>
        <translation>Aussicht</translation>
    </message>
    <message>
        <source>view out</source>
        <translation>Aussicht (Sicht nach außen)</translation>
    </message>
    <message>
        <source>EN 17037 view out</source>
        <translation>EN 17037, Aussicht</translation>
    </message>
    <message>
        <source>Seated eyes at 1.2 m over the points of the room&apos;s plane; openings add up; open ground farther than 50 m counts as landscape: our reading of annex C</source>
        <translation>Sitzende Augen in 1,2 m über den Punkten der Ebene des Raums; Öffnungen zählen zusammen; offener Boden weiter als 50 m gilt als Landschaft: unsere Lesart von Anhang C</translation>
    </message>
    <message>
        <source>Share of the used area from which the eye sees that much of the horizon outdoors</source>
        <translation>Anteil der genutzten Fläche, von dem das Auge so viel vom Horizont im Freien sieht</translation>
    </message>
    <message>
        <source>Share of the used area from which what stands opposite at the height of the eye is at least so far, from the pane on, for half of the view</source>
        <translation>Anteil der genutzten Fläche, von dem das Gegenüber in Augenhöhe für die halbe Aussicht mindestens so weit entfernt ist, ab der Scheibe</translation>
    </message>
    <message>
        <source>Share of the used area from which so many of sky, landscape and ground are seen, landscape always</source>
        <translation>Anteil der genutzten Fläche, von dem so viele von Himmel, Landschaft und Boden zu sehen sind, Landschaft immer</translation>
    </message>
    <message>
        <source>Landscape</source>
        <translation>Landschaft</translation>
    </message>
    <message>
        <source>How much of the horizon an eye sees outdoors through openings that one can see through, all together.</source>
        <translation>Wie viel vom Horizont ein Auge durch Öffnungen, durch die man sehen kann, im Freien sieht, alle zusammen.</translation>
    </message>
    <message>
        <source>From the pane to what stands opposite at the height of the eye: half of the view is at least so far. 1000 m: nothing stands there.</source>
        <translation>Von der Scheibe bis zum Gegenüber in Augenhöhe: die halbe Aussicht ist mindestens so weit. 1000 m: dort steht nichts.</translation>
    </message>
    <message>
        <source>Sky, landscape and ground, of which landscape must be one; open ground farther than 50 m is landscape.</source>
        <translation>Himmel, Landschaft und Boden, von denen Landschaft dabei sein muss; offener Boden weiter als 50 m ist Landschaft.</translation>
    </message>
    <message>
        <source>minimum width of the view</source>
        <translation>geringe Breite der Aussicht</translation>
    </message>
    <message>
        <source>medium width of the view</source>
        <translation>mittlere Breite der Aussicht</translation>
    </message>
    <message>
        <source>high width of the view</source>
        <translation>hohe Breite der Aussicht</translation>
    </message>
    <message>
        <source>minimum distance of the view</source>
        <translation>geringe Entfernung der Aussicht</translation>
    </message>
    <message>
        <source>medium distance of the view</source>
        <translation>mittlere Entfernung der Aussicht</translation>
    </message>
    <message>
        <source>high distance of the view</source>
        <translation>hohe Entfernung der Aussicht</translation>
    </message>
    <message>
        <source>landscape: minimum</source>
        <translation>Landschaft: gering</translation>
    </message>
    <message>
        <source>landscape and one more: medium</source>
        <translation>Landschaft und eine weitere: mittel</translation>
    </message>
    <message>
        <source>all three: high</source>
        <translation>alle drei: hoch</translation>
    </message>
    <message>
        <source>In front of the no-sky line</source>
        <translation>Vor der Himmelsgrenzlinie</translation>
    </message>
    <message>
        <source>Cumulative light exposure</source>
        <translation>Aufsummierte Belichtung</translation>
    </message>
    <message>
        <source>Continuous daylight autonomy (cDA)</source>
        <translation>Kontinuierliche Tageslichtautonomie (cDA)</translation>
    </message>
    <message>
        <source>Maximum daylight autonomy (DAmax)</source>
        <translation>Maximale Tageslichtautonomie (DAmax)</translation>
    </message>
    <message>
        <source>UDI, fell short</source>
        <translation>UDI, verfehlt</translation>
    </message>
    <message>
        <source>UDI, supplementary</source>
        <translation>UDI, ergänzend</translation>
    </message>
    <message>
        <source>UDI, autonomous</source>
        <translation>UDI, selbständig</translation>
    </message>
    <message>
        <source>UDI, exceeded</source>
        <translation>UDI, überschritten</translation>
    </message>
    <message>
        <source>UDI, supplementary and autonomous</source>
        <translation>UDI, ergänzend und selbständig</translation>
    </message>
    <message>
        <source>UDI in three bands, 100 to 2000 lx</source>
        <translation>UDI in drei Bändern, 100 bis 2000 lx</translation>
    </message>
    <message>
        <source>UDI in three bands, above 2000 lx</source>
        <translation>UDI in drei Bändern, über 2000 lx</translation>
    </message>
    <message>
        <source>Daylight saturation percentage, 430 to 4300 lx</source>
        <translation>Tageslichtsättigung in Prozent, 430 bis 4300 lx</translation>
    </message>
    <message>
        <source>Spatial daylight autonomy, LM-83 (sDA300/50%)</source>
        <translation>Räumliche Tageslichtautonomie, LM-83 (sDA300/50%)</translation>
    </message>
    <message>
        <source>Annual sunlight exposure, LM-83 (ASE1000,250h)</source>
        <translation>Jährliche Besonnung, LM-83 (ASE1000,250h)</translation>
    </message>
    <message>
        <source>Levels</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Pages of the report</source>
        <translation>Seiten des Berichts</translation>
    </message>
    <message>
        <source>Composing …</source>
        <translation>Wird gesetzt …</translation>
    </message>
    <message>
        <source>Report</source>
        <translation>Bericht</translation>
    </message>
    <message>
        <source>Pages for the reviewer, as they will be on paper</source>
        <translation>Seiten für die Prüfung, wie sie auf Papier stehen</translation>
    </message>
    <message>
        <source>PDF print paper document cover</source>
        <translation>PDF drucken Papier Dokument Deckblatt</translation>
    </message>
    <message>
        <source>Composing the report</source>
        <translation>Der Bericht wird gesetzt</translation>
    </message>
    <message>
        <source>Write the PDF …</source>
        <translation>PDF schreiben …</translation>
    </message>
    <message>
        <source>Sections, in their order: drag to move, tick what stands in it</source>
        <translation>Abschnitte in ihrer Reihenfolge: ziehen zum Ordnen, anhaken, was darin steht</translation>
    </message>
    <message>
        <source>Choose …</source>
        <translation>Wählen …</translation>
    </message>
    <message>
        <source>Choose a file: %1</source>
        <translation>Datei wählen: %1</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.svg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.svg)</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Client</source>
        <translation>Auftraggeber</translation>
    </message>
    <message>
        <source>Author</source>
        <translation>Verfasser</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>Logo</source>
        <translation>Logo</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Sections of the report</source>
        <translation>Abschnitte des Berichts</translation>
    </message>
    <message>
        <source>Report: %1</source>
        <translation>Bericht: %1</translation>
    </message>
    <message>
        <source>sections</source>
        <translation>Abschnitte</translation>
    </message>
    <message>
        <source>the day it is made</source>
        <translation>der Tag, an dem er entsteht</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;: %2 pages.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;: %2 Seiten.</translation>
    </message>
    <message>
        <source>&lt;br&gt;&lt;b&gt;Stale answers are left out: the model has changed since.&lt;/b&gt;</source>
        <translation>&lt;br&gt;&lt;b&gt;Veraltete Antworten fehlen: das Modell hat sich seither geändert.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Write the report</source>
        <translation>Bericht schreiben</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>%1 pages written to %2</source>
        <translation>%1 Seiten geschrieben nach %2</translation>
    </message>
    <message>
        <source>Left out, since the building has changed since it was asked: %1. Ask again.</source>
        <translation>Weggelassen, da sich das Gebäude seit der Frage geändert hat: %1. Neu fragen.</translation>
    </message>
    <message>
        <source>Not asked yet: %1.</source>
        <translation>Noch nicht gefragt: %1.</translation>
    </message>
    <message>
        <source>Some answers are still becoming surer: their bands are wider than wished.</source>
        <translation>Einige Antworten werden noch sicherer: ihre Bänder sind breiter als gewünscht.</translation>
    </message>
    <message>
        <source>Contents</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>Daylight report</source>
        <translation>Tageslichtbericht</translation>
    </message>
    <message>
        <source>, perhaps %1</source>
        <translation>, vielleicht %1</translation>
    </message>
    <message>
        <source>Not checked against the edition: %1</source>
        <translation>Nicht mit der Ausgabe verglichen: %1</translation>
    </message>
    <message>
        <source>How glare is addressed</source>
        <translation>Wie mit Blendung umgegangen wird</translation>
    </message>
    <message>
        <source>Notes on glare</source>
        <translation>Begründungen zur Blendung</translation>
    </message>
    <message>
        <source>Numbers not checked against the edition: %1</source>
        <translation>Zahlen nicht mit der Ausgabe verglichen: %1</translation>
    </message>
    <message>
        <source>No room here is judged by: %1.</source>
        <translation>Keinen Raum beurteilen hier: %1.</translation>
    </message>
    <message>
        <source>Options compared</source>
        <translation>Optionen im Vergleich</translation>
    </message>
    <message>
        <source>One option alone was asked.</source>
        <translation>Nur eine Option wurde gefragt.</translation>
    </message>
    <message>
        <source>Daylight factor, mean of each room</source>
        <translation>Tageslichtquotient, Mittel jedes Raums</translation>
    </message>
    <message>
        <source>Outcome</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>Floor, m²</source>
        <translation>Fläche, m²</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>not judged</source>
        <translation>nicht beurteilt</translation>
    </message>
    <message>
        <source>Computed with</source>
        <translation>Berechnet mit</translation>
    </message>
    <message>
        <source>Summary</source>
        <translation>Zusammenfassung</translation>
    </message>
    <message>
        <source>The project answers to no criteria set.</source>
        <translation>Dem Projekt ist kein Kriteriensatz gegeben.</translation>
    </message>
    <message>
        <source>Rooms and verdicts</source>
        <translation>Räume und Urteile</translation>
    </message>
    <message>
        <source>Of each set the gravest verdict on the room; a room&apos;s name leads to its page.</source>
        <translation>Von jedem Satz das schwerste Urteil über den Raum; der Name eines Raums führt zu seiner Seite.</translation>
    </message>
    <message>
        <source>What all of it stands on</source>
        <translation>Worauf alles steht</translation>
    </message>
    <message>
        <source>DGP</source>
        <translation>DGP</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>Illuminance at the eye</source>
        <translation>Beleuchtungsstärke am Auge</translation>
    </message>
    <message>
        <source>Mean luminance</source>
        <translation>Mittlere Leuchtdichte</translation>
    </message>
    <message>
        <source>DGP&apos;s range</source>
        <translation>Bereich von DGP</translation>
    </message>
    <message>
        <source>outside of what it was fitted for</source>
        <translation>außerhalb dessen, wofür sie bestimmt wurde</translation>
    </message>
    <message>
        <source>Luminance, cd/m²</source>
        <translation>Leuchtdichte, cd/m²</translation>
    </message>
    <message>
        <source>Solid angle, sr</source>
        <translation>Raumwinkel, sr</translation>
    </message>
    <message>
        <source>Position index</source>
        <translation>Positionsindex</translation>
    </message>
    <message>
        <source>Glare of the year at seats</source>
        <translation>Blendung des Jahres an Plätzen</translation>
    </message>
    <message>
        <source>Pictures and glare</source>
        <translation>Bilder und Blendung</translation>
    </message>
    <message>
        <source>No picture was asked.</source>
        <translation>Kein Bild wurde gefragt.</translation>
    </message>
    <message>
        <source>Visible transmittance</source>
        <translation>Lichttransmissionsgrad</translation>
    </message>
    <message>
        <source>Reflectance out, in</source>
        <translation>Reflexionsgrad außen, innen</translation>
    </message>
    <message>
        <source>Shading that is fixed</source>
        <translation>Feste Verschattung</translation>
    </message>
    <message>
        <source>Depth, m</source>
        <translation>Tiefe, m</translation>
    </message>
    <message>
        <source>Fixed shading</source>
        <translation>Feste Verschattung</translation>
    </message>
    <message>
        <source>: %1 to %2 h, months %3 to %4</source>
        <translation>: %1 bis %2 h, Monate %3 bis %4</translation>
    </message>
    <message>
        <source>Windows and glass</source>
        <translation>Fenster und Glas</translation>
    </message>
    <message>
        <source>Width × height, m</source>
        <translation>Breite × Höhe, m</translation>
    </message>
    <message>
        <source>Sill, m</source>
        <translation>Brüstung, m</translation>
    </message>
    <message>
        <source>Glass, m²</source>
        <translation>Glas, m²</translation>
    </message>
    <message>
        <source>Maintenance factor</source>
        <translation>Wartungsfaktor</translation>
    </message>
    <message>
        <source>up</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>Faces: degrees clockwise from true north. Frames, bars and reveals are not counted as glass.</source>
        <translation>Richtung: Grad im Uhrzeigersinn von Nord. Rahmen, Sprossen und Leibungen zählen nicht als Glas.</translation>
    </message>
    <message>
        <source>Blinds and groups</source>
        <translation>Behänge und Gruppen</translation>
    </message>
    <message>
        <source>Window group</source>
        <translation>Fenstergruppe</translation>
    </message>
    <message>
        <source>Worked</source>
        <translation>Bedient</translation>
    </message>
    <message>
        <source>Finishes</source>
        <translation>Oberflächen</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>assumed: nobody chose it</source>
        <translation>angenommen: niemand hat es gewählt</translation>
    </message>
    <message>
        <source>none given</source>
        <translation>keines angegeben</translation>
    </message>
    <message>
        <source>Glass to the outside</source>
        <translation>Glas nach außen</translation>
    </message>
    <message>
        <source>%1 m², %2 of the floor</source>
        <translation>%1 m², %2 der Fläche</translation>
    </message>
    <message>
        <source>%1 m above the floor, points %2 m apart, %3 m from the walls</source>
        <translation>%1 m über dem Boden, Punkte %2 m auseinander, %3 m von den Wänden</translation>
    </message>
    <message>
        <source>%1: mean %2, median %3, least %4</source>
        <translation>%1: Mittel %2, Median %3, kleinster %4</translation>
    </message>
    <message>
        <source>Value (95 % band)</source>
        <translation>Wert (95-%-Band)</translation>
    </message>
    <message>
        <source>Nothing was asked of this room.</source>
        <translation>Zu diesem Raum wurde nichts gefragt.</translation>
    </message>
    <message>
        <source>Mean illuminance of the plane</source>
        <translation>Mittlere Beleuchtungsstärke der Ebene</translation>
    </message>
    <message>
        <source>%1 by day and hour, blinds as their groups are worked, %2</source>
        <translation>%1 nach Tag und Stunde, Behänge wie ihre Gruppen bedient, %2</translation>
    </message>
    <message>
        <source>Closed, of the daylit hours</source>
        <translation>Geschlossen, von den hellen Stunden</translation>
    </message>
    <message>
        <source>%1 into the room&apos;s depth, from the middle of its window wall</source>
        <translation>%1 in die Tiefe des Raums, von der Mitte seiner Fensterwand</translation>
    </message>
    <message>
        <source>Criterion</source>
        <translation>Kriterium</translation>
    </message>
    <message>
        <source>Drawing&apos;s +y</source>
        <translation>+y der Zeichnung</translation>
    </message>
    <message>
        <source>%1° clockwise from true north</source>
        <translation>%1° im Uhrzeigersinn von Nord</translation>
    </message>
    <message>
        <source>reflectance %1</source>
        <translation>Reflexionsgrad %1</translation>
    </message>
    <message>
        <source>reflectance by month</source>
        <translation>Reflexionsgrad nach Monat</translation>
    </message>
    <message>
        <source>Dirt on panes</source>
        <translation>Schmutz auf Scheiben</translation>
    </message>
    <message>
        <source>takes %1 of the light</source>
        <translation>nimmt %1 des Lichts</translation>
    </message>
    <message>
        <source>none: maintenance factor 1</source>
        <translation>keiner: Wartungsfaktor 1</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>Measured at</source>
        <translation>Gemessen bei</translation>
    </message>
    <message>
        <source>Years</source>
        <translation>Jahre</translation>
    </message>
    <message>
        <source>Median diffuse</source>
        <translation>Median diffus</translation>
    </message>
    <message>
        <source>%1 lx, over the 4380 daylight hours</source>
        <translation>%1 lx, über die 4380 Tagesstunden</translation>
    </message>
    <message>
        <source>Doubtful in it:</source>
        <translation>Zweifelhaft darin:</translation>
    </message>
    <message>
        <source>%1 by day and hour, %2</source>
        <translation>%1 nach Tag und Stunde, %2</translation>
    </message>
    <message>
        <source>%1, the mean day of each month</source>
        <translation>%1, der mittlere Tag jedes Monats</translation>
    </message>
    <message>
        <source>Sections</source>
        <translation>Schnitte</translation>
    </message>
    <message>
        <source>Cut through the middle, from x %1 m, y %2 m to x %3 m, y %4 m</source>
        <translation>Schnitt durch die Mitte, von x %1 m, y %2 m bis x %3 m, y %4 m</translation>
    </message>
    <message>
        <source>Site and weather</source>
        <translation>Standort und Wetter</translation>
    </message>
    <message>
        <source>There is no weather file: nothing of the year was computed.</source>
        <translation>Es gibt keine Wetterdatei: vom Jahr wurde nichts berechnet.</translation>
    </message>
    <message>
        <source>Plans and sections</source>
        <translation>Grundrisse und Schnitte</translation>
    </message>
    <message>
        <source>Without a pattern</source>
        <translation>Ohne Muster</translation>
    </message>
    <message>
        <source>%1 to %2, every day, standard time</source>
        <translation>%1 bis %2, jeden Tag, Normalzeit</translation>
    </message>
    <message>
        <source>Clock</source>
        <translation>Uhr</translation>
    </message>
    <message>
        <source>Pattern</source>
        <translation>Muster</translation>
    </message>
    <message>
        <source>Hours a year</source>
        <translation>Stunden im Jahr</translation>
    </message>
    <message>
        <source>the hours above</source>
        <translation>die Stunden oben</translation>
    </message>
    <message>
        <source>There is none in the model.</source>
        <translation>Im Modell ist keines.</translation>
    </message>
    <message>
        <source>W/m²</source>
        <translation>W/m²</translation>
    </message>
    <message>
        <source>kWh a year (95 % band)</source>
        <translation>kWh im Jahr (95-%-Band)</translation>
    </message>
    <message>
        <source>Saved by daylight</source>
        <translation>Durch Tageslicht gespart</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Protokoll</translation>
    </message>
    <message>
        <source>How each answer was made. Accuracy is the half-width of the 95 % band as a share of the stated figure; the same seed on the same building gives the same figures again.</source>
        <translation>Wie jede Antwort entstand. Genauigkeit ist die halbe Breite des 95-%-Bands als Anteil der Zahl; derselbe Startwert am selben Gebäude gibt dieselben Zahlen wieder.</translation>
    </message>
    <message>
        <source>Answer</source>
        <translation>Antwort</translation>
    </message>
    <message>
        <source>Reached</source>
        <translation>Erreicht</translation>
    </message>
    <message>
        <source>Rays</source>
        <translation>Strahlen</translation>
    </message>
    <message>
        <source>Version</source>
        <translation>Fassung</translation>
    </message>
    <message>
        <source>Fingerprint of its inputs</source>
        <translation>Fingerabdruck der Eingaben</translation>
    </message>
    <message>
        <source>Nothing was asked.</source>
        <translation>Nichts wurde gefragt.</translation>
    </message>
    <message>
        <source>Validation</source>
        <translation>Validierung</translation>
    </message>
    <message>
        <source>The engine is held against closed forms, quadrature and brute force that share neither its nodes nor its code; cases, figures and the commands that give them stand in the program&apos;s documentation (docs/validation.md). Standards: IES LM-83-12, EN 17037:2018+A1:2021, CIE S 011, ISO 15469, EN 410, and those named beside each criterion.</source>
        <translation>Die Rechnung wird gegen geschlossene Formeln, Quadratur und reines Auszählen gehalten, die weder ihre Stützstellen noch ihren Code teilen; Fälle, Zahlen und die Befehle dafür stehen in der Dokumentation des Programms (docs/validation.md). Normen: IES LM-83-12, EN 17037:2018+A1:2021, CIE S 011, ISO 15469, EN 410 und die neben jedem Kriterium genannten.</translation>
    </message>
    <message>
        <source>Cover</source>
        <translation>Deckblatt</translation>
    </message>
    <message>
        <source>Surer answers for undecided verdicts</source>
        <translation>Genauere Antworten für offene Urteile</translation>
    </message>
    <message>
        <source>Decide what is open</source>
        <translation>Entscheiden, was offen ist</translation>
    </message>
    <message>
        <source>While it is pressed, what undecided verdicts stand on is asked again, each time twice as accurately, until they are decided or 1 % is reached</source>
        <translation>Solange gedrückt, wird das, worauf offene Urteile stehen, neu gefragt, jedes Mal doppelt so genau, bis sie entschieden sind oder 1 % erreicht ist</translation>
    </message>
    <message>
        <source>Which months count</source>
        <translation>Welche Monate zählen</translation>
    </message>
    <message>
        <source>All months</source>
        <translation>Alle Monate</translation>
    </message>
    <message>
        <source>sun in %1</source>
        <translation>Sonne in %1</translation>
    </message>
    <message>
        <source>Planes that are there</source>
        <translation>Vorhandene Ebenen</translation>
    </message>
    <message>
        <source>are fitted anew</source>
        <translation>werden neu angepasst</translation>
    </message>
    <message>
        <source>stay, with one more of that height</source>
        <translation>bleiben, mit einer weiteren dieser Höhe</translation>
    </message>
    <message>
        <source>Fitted anew, the parts they cover or leave out stay. They follow their rooms.</source>
        <translation>Beim Anpassen bleiben die Teile, die sie bedecken oder auslassen. Sie folgen ihren Räumen.</translation>
    </message>
    <message>
        <source>as it is to be read; missing: the day on which the report is made</source>
        <translation>wie es zu lesen ist; fehlt es: der Tag, an dem der Bericht entsteht</translation>
    </message>
    <message>
        <source>missing: the project&apos;s name</source>
        <translation>fehlt er: der Name des Projekts</translation>
    </message>
    <message>
        <source>of the cover: picture file, relative to the project file</source>
        <translation>des Deckblatts: Bilddatei, relativ zur Projektdatei</translation>
    </message>
    <message>
        <source>picture file, relative to the project file</source>
        <translation>Bilddatei, relativ zur Projektdatei</translation>
    </message>
    <message>
        <source>how the report is composed</source>
        <translation>wie der Bericht gesetzt ist</translation>
    </message>
    <message>
        <source>in their order; those that are missing follow in the usual one</source>
        <translation>in ihrer Reihenfolge; fehlende folgen in der üblichen</translation>
    </message>
    <message>
        <source>Level reached</source>
        <translation>Erreichte Stufe</translation>
    </message>
    <message>
        <source>Above sea level</source>
        <translation>Höhe über dem Meer</translation>
    </message>
    <message>
        <source>Each of these would do for the criterion that it names (found without tracing):</source>
        <translation>Jedes davon würde für das genannte Kriterium genügen (ohne neue Strahlen gefunden):</translation>
    </message>
    <message>
        <source>The model has changed since: left out.</source>
        <translation>Das Modell hat sich seither geändert: weggelassen.</translation>
    </message>
    <message numerus="yes">
        <source>%n more pictures are left out.</source>
        <translation>
            <numerusform>%n weiteres Bild ist weggelassen.</numerusform>
            <numerusform>%n weitere Bilder sind weggelassen.</numerusform>
        </translation>
    </message>
    <message>
        <source>met on %1 % of the floor area, %2 % needed</source>
        <translation>auf %1 % der Grundfläche erfüllt, %2 % nötig</translation>
    </message>
    <message>
        <source>criteria of that name, or parts of them, of which a room needs one</source>
        <translation>Kriterien dieses Namens, oder Teile davon, von denen ein Raum eines braucht</translation>
    </message>
    <message>
        <source>Daylight of the room</source>
        <translation>Tageslicht des Raums</translation>
    </message>
    <message>
        <source>Each open ground</source>
        <translation>Jede Freifläche</translation>
    </message>
    <message>
        <source>Sun on 21 March</source>
        <translation>Sonne am 21. März</translation>
    </message>
    <message>
        <source>Sun on open ground</source>
        <translation>Sonne auf Freiflächen</translation>
    </message>
    <message>
        <source>Share of an open ground&apos;s area that has at least 2 h of sun on 21 March: half of it, or 0.8 of what it was</source>
        <translation>Anteil einer Freifläche, der am 21. März mindestens 2 h Sonne hat: die Hälfte, oder das 0,8-Fache des früheren</translation>
    </message>
    <message>
        <source>sunlight hours on the reference planes, on 21 March</source>
        <translation>Besonnungsstunden auf den Bezugsebenen, am 21. März</translation>
    </message>
    <message>
        <source>By hourly illuminance, dwellings</source>
        <translation>Nach stündlicher Beleuchtungsstärke, Wohnungen</translation>
    </message>
    <message>
        <source>100 lx on average for 3450 h</source>
        <translation>Im Mittel 100 lx in 3450 h</translation>
    </message>
    <message>
        <source>30 lx at the worst point for 3450 h</source>
        <translation>30 lx am schlechtesten Punkt in 3450 h</translation>
    </message>
    <message>
        <source>Hours of the year in which the room has 100 lx on average</source>
        <translation>Stunden des Jahres, in denen der Raum im Mittel 100 lx hat</translation>
    </message>
    <message>
        <source>Hours of the year in which every point of the room has 30 lx</source>
        <translation>Stunden des Jahres, in denen jeder Punkt des Raums 30 lx hat</translation>
    </message>
    <message>
        <source>Share of the floor area</source>
        <translation>Anteil der Grundfläche</translation>
    </message>
    <message>
        <source>of the judged rooms together, in which what is required must be met; 0: in every room</source>
        <translation>der beurteilten Räume zusammen, in dem das Geforderte erfüllt sein muss; 0: in jedem Raum</translation>
    </message>
    <message>
        <source>%1 against %2, within %3</source>
        <translation>%1 gegenüber %2, auf %3 genau</translation>
    </message>
    <message>
        <source>Not told apart from %1: the difference lies within the error of %2</source>
        <translation>Nicht von %1 zu unterscheiden: der Unterschied liegt innerhalb des Fehlers von %2</translation>
    </message>
    <message>
        <source>The best of all, beyond the errors</source>
        <translation>Das beste von allen, über die Fehler hinaus</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1 gains&lt;/b&gt; on %2: %3.</source>
        <translation>&lt;b&gt;%1 gewinnt&lt;/b&gt; gegenüber %2: %3.</translation>
    </message>
    <message>
        <source>&lt;b&gt;It loses&lt;/b&gt;: %1.</source>
        <translation>&lt;b&gt;Es verliert&lt;/b&gt;: %1.</translation>
    </message>
    <message>
        <source>%1 and %2 are not told apart by these figures.</source>
        <translation>%1 und %2 sind nach diesen Größen nicht zu unterscheiden.</translation>
    </message>
    <message>
        <source>points</source>
        <translation>Punkte</translation>
    </message>
    <message numerus="yes">
        <source>%n storeys</source>
        <translation>
            <numerusform>%n Geschoss</numerusform>
            <numerusform>%n Geschosse</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n rooms</source>
        <translation>
            <numerusform>%n Raum</numerusform>
            <numerusform>%n Räume</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n openings</source>
        <translation>
            <numerusform>%n Öffnung</numerusform>
            <numerusform>%n Öffnungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n partitions</source>
        <translation>
            <numerusform>%n Trennwand</numerusform>
            <numerusform>%n Trennwände</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n floor voids</source>
        <translation>
            <numerusform>%n Deckendurchbruch</numerusform>
            <numerusform>%n Deckendurchbrüche</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n roofs</source>
        <translation>
            <numerusform>%n Dach</numerusform>
            <numerusform>%n Dächer</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n rooflights</source>
        <translation>
            <numerusform>%n Dachfenster</numerusform>
            <numerusform>%n Dachfenster</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n neighbouring blocks</source>
        <translation>
            <numerusform>%n Nachbarbau</numerusform>
            <numerusform>%n Nachbarbauten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n things</source>
        <translation>
            <numerusform>%n Gegenstand</numerusform>
            <numerusform>%n Gegenstände</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n planes</source>
        <translation>
            <numerusform>%n Bezugsebene</numerusform>
            <numerusform>%n Bezugsebenen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n observers</source>
        <translation>
            <numerusform>%n Beobachter</numerusform>
            <numerusform>%n Beobachter</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n readings</source>
        <translation>
            <numerusform>%n Messpunkt</numerusform>
            <numerusform>%n Messpunkte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n window groups</source>
        <translation>
            <numerusform>%n Fenstergruppe</numerusform>
            <numerusform>%n Fenstergruppen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n lightings</source>
        <translation>
            <numerusform>%n Beleuchtung</numerusform>
            <numerusform>%n Beleuchtungen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 added to %2</source>
        <translation>%1 an %2 hinzugefügt</translation>
    </message>
    <message>
        <source>%1 removed from %2</source>
        <translation>%1 von %2 entfernt</translation>
    </message>
    <message>
        <source>%1 added</source>
        <translation>%1 hinzugefügt</translation>
    </message>
    <message>
        <source>%1 removed</source>
        <translation>%1 entfernt</translation>
    </message>
    <message>
        <source>%1 added in %2</source>
        <translation>%1 in %2 hinzugefügt</translation>
    </message>
    <message>
        <source>The whole building</source>
        <translation>Das ganze Gebäude</translation>
    </message>
    <message>
        <source>What differs from</source>
        <translation>Was anders ist als in</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Was anders ist</translation>
    </message>
    <message>
        <source>There is no other option yet: copy this one and change it.</source>
        <translation>Es gibt noch keine andere Variante: kopieren Sie diese und ändern Sie sie.</translation>
    </message>
    <message>
        <source>Nothing: both are built alike.</source>
        <translation>Nichts: beide sind gleich gebaut.</translation>
    </message>
    <message>
        <source>%1 against it:</source>
        <translation>%1 dagegen:</translation>
    </message>
    <message>
        <source>Options…</source>
        <translation>Varianten…</translation>
    </message>
    <message>
        <source>variants alternatives copy rename order delete</source>
        <translation>Varianten Alternativen kopieren umbenennen Reihenfolge löschen</translation>
    </message>
    <message>
        <source>Options …</source>
        <translation>Varianten …</translation>
    </message>
    <message>
        <source>Names, notes and order of the options; new ones, and away with others</source>
        <translation>Namen, Notizen und Reihenfolge der Varianten; neue, und weg mit anderen</translation>
    </message>
    <message>
        <source>Options of this project</source>
        <translation>Varianten dieses Projekts</translation>
    </message>
    <message>
        <source>What it tries, and why</source>
        <translation>Was sie versucht, und warum</translation>
    </message>
    <message>
        <source>Copy it</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>New, empty</source>
        <translation>Neu, leer</translation>
    </message>
    <message>
        <source>Keeps neighbours, trees and what things are made of by type</source>
        <translation>Behält Nachbarn, Bäume und woraus die Dinge nach Art bestehen</translation>
    </message>
    <message>
        <source>Delete option</source>
        <translation>Variante löschen</translation>
    </message>
    <message>
        <source>Move option</source>
        <translation>Variante verschieben</translation>
    </message>
    <message>
        <source>Describe option</source>
        <translation>Variante beschreiben</translation>
    </message>
    <message>
        <source>Table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>All options, figure by figure</source>
        <translation>Alle Varianten, Größe für Größe</translation>
    </message>
    <message>
        <source>Series</source>
        <translation>Reihe</translation>
    </message>
    <message>
        <source>Numbers varied in steps: what they come to</source>
        <translation>Zahlen in Schritten verändert: was daraus wird</translation>
    </message>
    <message>
        <source>Against each other</source>
        <translation>Gegeneinander</translation>
    </message>
    <message>
        <source>A figure over another: which designs none beats in both</source>
        <translation>Eine Größe über einer anderen: welche Entwürfe keiner in beiden übertrifft</translation>
    </message>
    <message>
        <source>Vary a number in steps</source>
        <translation>Eine Zahl in Schritten verändern</translation>
    </message>
    <message>
        <source>series parameter study sweep wider higher tilt</source>
        <translation>Reihe Parameterstudie breiter höher Neigung</translation>
    </message>
    <message>
        <source>Put what is selected into other options…</source>
        <translation>Ausgewähltes in andere Varianten übertragen…</translation>
    </message>
    <message>
        <source>copy to several options at once variants</source>
        <translation>in mehrere Varianten kopieren</translation>
    </message>
    <message>
        <source>Decide …</source>
        <translation>Entscheiden …</translation>
    </message>
    <message>
        <source>Which option it is to be, and why: told in the report</source>
        <translation>Welche Variante es sein soll, und warum: steht im Bericht</translation>
    </message>
    <message>
        <source>A figure given by hand …</source>
        <translation>Eine Größe von Hand …</translation>
    </message>
    <message>
        <source>Against %1: %2</source>
        <translation>Gegenüber %1: %2</translation>
    </message>
    <message>
        <source>Given up: %1</source>
        <translation>Aufgegeben: %1</translation>
    </message>
    <message>
        <source>Decided for %1%2</source>
        <comment>an option; who and when</comment>
        <translation>Entschieden für %1%2</translation>
    </message>
    <message>
        <source>Given by hand</source>
        <translation>Von Hand</translation>
    </message>
    <message>
        <source>Double-click to give it</source>
        <translation>Doppelklick, um sie anzugeben</translation>
    </message>
    <message>
        <source>Figure given by hand</source>
        <translation>Größe von Hand</translation>
    </message>
    <message>
        <source>A figure given by hand</source>
        <translation>Eine Größe von Hand</translation>
    </message>
    <message>
        <source>Cost, weight, area to let …</source>
        <translation>Kosten, Gewicht, Mietfläche …</translation>
    </message>
    <message>
        <source>less</source>
        <translation>weniger</translation>
    </message>
    <message>
        <source>more</source>
        <translation>mehr</translation>
    </message>
    <message>
        <source>neither</source>
        <translation>keins von beiden</translation>
    </message>
    <message>
        <source>Better is</source>
        <translation>Besser ist</translation>
    </message>
    <message>
        <source>Decision</source>
        <translation>Entscheidung</translation>
    </message>
    <message>
        <source>What speaks for it, and what was given up for it</source>
        <translation>Was dafür spricht, und was dafür aufgegeben wurde</translation>
    </message>
    <message>
        <source>Chosen</source>
        <translation>Gewählt</translation>
    </message>
    <message>
        <source>Reasons</source>
        <translation>Gründe</translation>
    </message>
    <message>
        <source>By</source>
        <comment>who decided</comment>
        <translation>Durch</translation>
    </message>
    <message>
        <source>Open again</source>
        <translation>Wieder offen</translation>
    </message>
    <message>
        <source>Nothing is decided then</source>
        <translation>Dann ist nichts entschieden</translation>
    </message>
    <message>
        <source>Decide</source>
        <translation>Entscheiden</translation>
    </message>
    <message>
        <source>Open the decision again</source>
        <translation>Entscheidung wieder öffnen</translation>
    </message>
    <message>
        <source>Take the chosen ones over from there</source>
        <translation>Die gewählten von dort übernehmen</translation>
    </message>
    <message>
        <source>Elements of the chosen lines become what they are in the other option</source>
        <translation>Elemente der gewählten Zeilen werden, was sie in der anderen Variante sind</translation>
    </message>
    <message>
        <source>Double-click shows it on the plan</source>
        <translation>Doppelklick zeigt es auf dem Plan</translation>
    </message>
    <message>
        <source>Take over from %1</source>
        <translation>Von %1 übernehmen</translation>
    </message>
    <message>
        <source>Put away: kept, but in no list and no comparison</source>
        <translation>Weggelegt: bleibt erhalten, steht aber in keiner Liste und keinem Vergleich</translation>
    </message>
    <message>
        <source>Put option away</source>
        <translation>Variante weglegen</translation>
    </message>
    <message>
        <source>Take option out again</source>
        <translation>Variante wieder hervorholen</translation>
    </message>
    <message>
        <source>%1 (put away)</source>
        <translation>%1 (weggelegt)</translation>
    </message>
    <message>
        <source>Put what is selected into other options</source>
        <translation>Ausgewähltes in andere Varianten übertragen</translation>
    </message>
    <message>
        <source>There it becomes what it is in %1: of the same name it is replaced, else added.</source>
        <translation>Dort wird es, was es in %1 ist: Gleichnamiges wird ersetzt, sonst kommt es hinzu.</translation>
    </message>
    <message>
        <source>Select on the plan what is to be put into other options</source>
        <translation>Wählen Sie auf dem Plan, was in andere Varianten übertragen werden soll</translation>
    </message>
    <message>
        <source>Put into other options</source>
        <translation>In andere Varianten übertragen</translation>
    </message>
    <message numerus="yes">
        <source>Put into %n options</source>
        <translation>
            <numerusform>In %n Variante übertragen</numerusform>
            <numerusform>In %n Varianten übertragen</numerusform>
        </translation>
    </message>
    <message>
        <source>A figure over another, of all options and steps</source>
        <translation>Eine Größe über einer anderen, von allen Varianten und Schritten</translation>
    </message>
    <message>
        <source>No option was asked for both of these figures yet</source>
        <translation>Noch wurde keine Variante nach beiden Größen gefragt</translation>
    </message>
    <message>
        <source>%1: %2 %3, %4 %5</source>
        <comment>an option and its two figures</comment>
        <translation>%1: %2 %3, %4 %5</translation>
    </message>
    <message>
        <source>None is better in both</source>
        <translation>Keine ist in beiden besser</translation>
    </message>
    <message>
        <source>Figures over each other</source>
        <translation>Größen übereinander</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>Quer</translation>
    </message>
    <message>
        <source>Upwards</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>Of which room</source>
        <translation>Von welchem Raum</translation>
    </message>
    <message>
        <source>All rooms, by area</source>
        <translation>Alle Räume, nach Fläche</translation>
    </message>
    <message>
        <source>Series of this project</source>
        <translation>Reihen dieses Projekts</translation>
    </message>
    <message>
        <source>Varies what is selected on the plan; nothing selected: the whole building</source>
        <translation>Verändert, was auf dem Plan gewählt ist; nichts gewählt: das ganze Gebäude</translation>
    </message>
    <message>
        <source>What is varied</source>
        <translation>Was verändert wird</translation>
    </message>
    <message>
        <source>Take what is selected on the plan</source>
        <translation>Nimm, was auf dem Plan gewählt ist</translation>
    </message>
    <message>
        <source>And a second number: a map</source>
        <translation>Und eine zweite Zahl: eine Karte</translation>
    </message>
    <message>
        <source>What is asked</source>
        <translation>Was gefragt wird</translation>
    </message>
    <message>
        <source>Calculate the steps</source>
        <translation>Schritte berechnen</translation>
    </message>
    <message>
        <source>Figure that is drawn</source>
        <translation>Größe, die gezeichnet wird</translation>
    </message>
    <message>
        <source>Room whose curve stands out</source>
        <translation>Raum, dessen Kurve hervortritt</translation>
    </message>
    <message>
        <source>Make the chosen step an option</source>
        <translation>Den gewählten Schritt zur Variante machen</translation>
    </message>
    <message>
        <source>Click a step in the drawing to choose it</source>
        <translation>Klicken Sie einen Schritt in der Zeichnung an, um ihn zu wählen</translation>
    </message>
    <message>
        <source>A new series</source>
        <translation>Eine neue Reihe</translation>
    </message>
    <message>
        <source>The first step is being calculated …</source>
        <translation>Der erste Schritt wird berechnet …</translation>
    </message>
    <message numerus="yes">
        <source>%n steps; nothing is calculated yet</source>
        <translation>
            <numerusform>%n Schritt; noch ist nichts berechnet</numerusform>
            <numerusform>%n Schritte; noch ist nichts berechnet</numerusform>
        </translation>
    </message>
    <message>
        <source>Choose a number and its ends at the left, and calculate the steps: each figure is drawn here over them, with the thresholds of the criteria.</source>
        <translation>Wählen Sie links eine Zahl und ihre Enden, und berechnen Sie die Schritte: jede Größe wird hier über ihnen gezeichnet, mit den Schwellen der Kriterien.</translation>
    </message>
    <message>
        <source>%1 of %2 steps</source>
        <translation>%1 von %2 Schritten</translation>
    </message>
    <message>
        <source>The building has changed since: calculate again</source>
        <translation>Das Gebäude hat sich seither geändert: neu berechnen</translation>
    </message>
    <message>
        <source>The drawing is of other ends or questions: calculate again</source>
        <translation>Die Zeichnung hat andere Enden oder Fragen: neu berechnen</translation>
    </message>
    <message>
        <source>passes %1 %2 at %3, between %4 and %5</source>
        <translation>durchläuft %1 %2 bei %3, zwischen %4 und %5</translation>
    </message>
    <message>
        <source>Delete series</source>
        <translation>Reihe löschen</translation>
    </message>
    <message>
        <source>Option from a step</source>
        <translation>Variante aus einem Schritt</translation>
    </message>
    <message>
        <source>%1 is an option now</source>
        <translation>%1 ist jetzt eine Variante</translation>
    </message>
    <message>
        <source>Series: %1</source>
        <translation>Reihe: %1</translation>
    </message>
    <message>
        <source>the others are told as differences from it</source>
        <translation>die anderen stehen als Unterschiede dazu</translation>
    </message>
    <message>
        <source>%1, differences</source>
        <translation>%1, Unterschiede</translation>
    </message>
    <message>
        <source>Figure on the maps</source>
        <translation>Größe auf den Karten</translation>
    </message>
    <message>
        <source>Values, or differences from an option</source>
        <translation>Werte, oder Unterschiede zu einer Variante</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>Differences from %1</source>
        <translation>Unterschiede zu %1</translation>
    </message>
    <message>
        <source>Figures over the steps of the series</source>
        <translation>Größen über den Schritten der Reihe</translation>
    </message>
    <message>
        <source>%1: not asked yet</source>
        <translation>%1: noch nicht gefragt</translation>
    </message>
    <message>
        <source>%1%2 ± %3 %4 against as it is</source>
        <translation>%1%2 ± %3 %4 gegenüber dem Bestand</translation>
    </message>
    <message>
        <source>not told apart from as it is</source>
        <translation>vom Bestand nicht zu unterscheiden</translation>
    </message>
    <message>
        <source>Number that is varied</source>
        <translation>Zahl, die verändert wird</translation>
    </message>
    <message>
        <source>%1: %2 now</source>
        <comment>a number of the building</comment>
        <translation>%1: jetzt %2</translation>
    </message>
    <message>
        <source>different values</source>
        <translation>verschiedene Werte</translation>
    </message>
    <message>
        <source>From</source>
        <comment>a number</comment>
        <translation>Von</translation>
    </message>
    <message>
        <source>To</source>
        <comment>a number</comment>
        <translation>Bis</translation>
    </message>
    <message>
        <source>Figures given by hand</source>
        <translation>Größen von Hand</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>%1 %2 %3</source>
        <comment>at least 55 %</comment>
        <translation>%1 %2 %3</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <comment>a number of elements</comment>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>the project has no question &quot;%1&quot;</source>
        <translation>das Projekt hat keine Frage „%1“</translation>
    </message>
    <message>
        <source>the project has no option &quot;%1&quot;</source>
        <translation>das Projekt hat keine Variante „%1“</translation>
    </message>
    <message>
        <source>the %1 of this option has no such number</source>
        <translation>%1 dieser Variante hat keine solche Zahl</translation>
    </message>
    <message>
        <source>%1 %2 has no such number in this option</source>
        <translation>%1 %2 hat in dieser Variante keine solche Zahl</translation>
    </message>
    <message>
        <source>%1 of %2 is beyond what it may be</source>
        <translation>%1 von %2 liegt außerhalb dessen, was sein darf</translation>
    </message>
    <message>
        <source>more than %1 steps</source>
        <translation>mehr als %1 Schritte</translation>
    </message>
    <message>
        <source>From %1 to %2</source>
        <translation>Von %1 bis %2</translation>
    </message>
    <message>
        <source>Sill, under the same head</source>
        <translation>Brüstung, unter demselben Sturz</translation>
    </message>
    <message>
        <source>Turn of the whole building</source>
        <translation>Drehung des ganzen Gebäudes</translation>
    </message>
    <message>
        <source>nothing is varied</source>
        <translation>nichts wird verändert</translation>
    </message>
    <message>
        <source>Name a number</source>
        <translation>Nennen Sie eine Zahl</translation>
    </message>
    <message>
        <source>it varies nothing: both ends are the same</source>
        <translation>sie verändert nichts: beide Enden sind gleich</translation>
    </message>
    <message>
        <source>Give two values</source>
        <translation>Geben Sie zwei Werte an</translation>
    </message>
    <message>
        <source>one step is no series</source>
        <translation>ein Schritt ist keine Reihe</translation>
    </message>
    <message>
        <source>Two steps at least</source>
        <translation>Mindestens zwei Schritte</translation>
    </message>
    <message>
        <source>Fewer steps of either number</source>
        <translation>Weniger Schritte einer der Zahlen</translation>
    </message>
    <message>
        <source>Name one of its options</source>
        <translation>Nennen Sie eine seiner Varianten</translation>
    </message>
    <message>
        <source>Name one that it has</source>
        <translation>Nennen Sie eine, die es hat</translation>
    </message>
    <message>
        <source>the option has no such number at this step</source>
        <translation>die Variante hat bei diesem Schritt keine solche Zahl</translation>
    </message>
    <message>
        <source>Vary another one</source>
        <translation>Verändern Sie eine andere</translation>
    </message>
    <message>
        <source>the site is the same for all options</source>
        <translation>der Ort ist für alle Varianten derselbe</translation>
    </message>
    <message>
        <source>Change it on the Site desk</source>
        <translation>Ändern Sie ihn am Tisch „Ort“</translation>
    </message>
    <message>
        <source>Choose a number that all of them have</source>
        <translation>Wählen Sie eine Zahl, die alle haben</translation>
    </message>
    <message>
        <source>a year needs a weather file</source>
        <translation>ein Jahr braucht eine Wetterdatei</translation>
    </message>
    <message>
        <source>the year needs a weather file</source>
        <translation>das Jahr braucht eine Wetterdatei</translation>
    </message>
    <message>
        <source>this option has not the room that it belongs to</source>
        <translation>diese Variante hat den Raum nicht, zu dem es gehört</translation>
    </message>
    <message>
        <source>this option has not the storey that it belongs to</source>
        <translation>diese Variante hat das Geschoss nicht, zu dem es gehört</translation>
    </message>
    <message>
        <source>Take the room over first</source>
        <translation>Übernehmen Sie zuerst den Raum</translation>
    </message>
    <message>
        <source>Take the storey over first</source>
        <translation>Übernehmen Sie zuerst das Geschoss</translation>
    </message>
    <message>
        <source>such elements cannot be taken over</source>
        <translation>solche Elemente lassen sich nicht übernehmen</translation>
    </message>
    <message>
        <source>Draw it in this option</source>
        <translation>Zeichnen Sie es in dieser Variante</translation>
    </message>
    <message>
        <source>Rows of the table</source>
        <translation>Zeilen der Tabelle</translation>
    </message>
    <message>
        <source>Room by room</source>
        <translation>Raum für Raum</translation>
    </message>
    <message>
        <source>Figure by figure</source>
        <translation>Größe für Größe</translation>
    </message>
    <message>
        <source>as ISO 8601</source>
        <translation>nach ISO 8601</translation>
    </message>
    <message>
        <source>as the number itself is written</source>
        <translation>wie die Zahl selbst geschrieben wird</translation>
    </message>
    <message>
        <source>both ends among them</source>
        <translation>beide Enden mitgezählt</translation>
    </message>
    <message>
        <source>id of the option</source>
        <translation>Kennung der Variante</translation>
    </message>
    <message>
        <source>its id</source>
        <translation>ihre Kennung</translation>
    </message>
    <message>
        <source>its key within them: &quot;width&quot;, &quot;shading/0/depth&quot;</source>
        <translation>ihr Schlüssel darin: „width“, „shading/0/depth“</translation>
    </message>
    <message>
        <source>that is varied</source>
        <translation>die verändert wird</translation>
    </message>
    <message>
        <source>who decided</source>
        <translation>wer entschied</translation>
    </message>
    <message>
        <source>Maps, years, profiles, arcs and pictures on one scale, or as differences</source>
        <translation>Karten, Jahre, Profile, Bögen und Bilder auf einer Skala, oder als Unterschiede</translation>
    </message>
    <message>
        <source>(worst view from %1 to %2)</source>
        <translation>(schlechtester Blick von %1 zu %2)</translation>
    </message>
    <message>
        <source>Kept series</source>
        <translation>Aufbewahrte Reihen</translation>
    </message>
    <message>
        <source>The options side by side</source>
        <translation>Die Varianten nebeneinander</translation>
    </message>
    <message>
        <source>Options side by side</source>
        <translation>Varianten nebeneinander</translation>
    </message>
    <message>
        <source>What stands side by side</source>
        <translation>Was nebeneinander steht</translation>
    </message>
    <message>
        <source>Calculate</source>
        <translation>Berechnen</translation>
    </message>
    <message>
        <source>Asks what is missing here, of every option</source>
        <translation>Fragt bei jeder Variante, was hier fehlt</translation>
    </message>
    <message>
        <source>Arcs run where DGP %1 is exceeded in at most %2 % of the room&apos;s use, all months; the tick points to the worst</source>
        <translation>Bögen laufen, wo DGP %1 in höchstens %2 % der Nutzung des Raums überschritten wird, alle Monate; der Strich zeigt zum Schlechtesten</translation>
    </message>
    <message>
        <source>no observers</source>
        <translation>keine Beobachter</translation>
    </message>
    <message>
        <source>Maps</source>
        <translation>Karten</translation>
    </message>
    <message>
        <source>A figure on the planes of each option, on one scale</source>
        <translation>Eine Größe auf den Ebenen jeder Variante, auf einer Skala</translation>
    </message>
    <message>
        <source>Day by hour</source>
        <translation>Tag und Stunde</translation>
    </message>
    <message>
        <source>The year of a room: days across, hours up</source>
        <translation>Das Jahr eines Raums: Tage quer, Stunden hoch</translation>
    </message>
    <message>
        <source>Typical days</source>
        <translation>Typische Tage</translation>
    </message>
    <message>
        <source>One day for each month, of a room</source>
        <translation>Ein Tag für jeden Monat, eines Raums</translation>
    </message>
    <message>
        <source>Months by hour, all rooms</source>
        <translation>Monate und Stunden, alle Räume</translation>
    </message>
    <message>
        <source>Of every room months across and hours up</source>
        <translation>Von jedem Raum Monate quer und Stunden hoch</translation>
    </message>
    <message>
        <source>Depth profile</source>
        <translation>Tiefenprofil</translation>
    </message>
    <message>
        <source>A figure across a room, a curve for each option</source>
        <translation>Eine Größe quer durch einen Raum, eine Kurve je Variante</translation>
    </message>
    <message>
        <source>Clear arcs</source>
        <translation>Freie Bögen</translation>
    </message>
    <message>
        <source>Which ways one can face over the year, from each observer</source>
        <translation>Wohin man übers Jahr blicken kann, von jedem Beobachter aus</translation>
    </message>
    <message>
        <source>What is seen</source>
        <translation>Was man sieht</translation>
    </message>
    <message>
        <source>The picture of the eye on Light, taken in every option</source>
        <translation>Das Bild des Auges am Tisch Licht, in jeder Variante aufgenommen</translation>
    </message>
    <message>
        <source>All figures of one option</source>
        <translation>Alle Größen einer Variante</translation>
    </message>
    <message>
        <source>Small charts of everything that is known of the option that is shown</source>
        <translation>Kleine Bilder von allem, was von der gezeigten Variante bekannt ist</translation>
    </message>
    <message>
        <source>of the building as it was</source>
        <translation>vom Gebäude, wie es war</translation>
    </message>
    <message>
        <source>%1: each figure on a scale of its own, from dark to light</source>
        <translation>%1: jede Größe auf einer eigenen Skala, von dunkel nach hell</translation>
    </message>
    <message>
        <source>%1, from the middle of the longest wall with windows of %2</source>
        <translation>%1, von der Mitte der längsten Wand mit Fenstern aus: %2</translation>
    </message>
    <message>
        <source>%1: mean illuminance by day and hour</source>
        <translation>%1: mittlere Beleuchtungsstärke nach Tag und Stunde</translation>
    </message>
    <message>
        <source>%1: typical day of each month</source>
        <translation>%1: typischer Tag jedes Monats</translation>
    </message>
    <message>
        <source>dashed: %1</source>
        <translation>gestrichelt: %1</translation>
    </message>
    <message>
        <source>Mean illuminance, months across and hours up</source>
        <translation>Mittlere Beleuchtungsstärke, Monate quer und Stunden hoch</translation>
    </message>
    <message>
        <source>%1: clear of glare in %2°, worst DGP %3</source>
        <translation>%1: blendfrei in %2°, schlechtester DGP %3</translation>
    </message>
    <message>
        <source>background drawing trace scan image pdf dxf</source>
        <translation>Hintergrund Zeichnung nachzeichnen Scan Bild pdf dxf</translation>
    </message>
    <message>
        <source>Layers of the drawing…</source>
        <translation>Ebenen der Zeichnung…</translation>
    </message>
    <message>
        <source>underlay dxf switch</source>
        <translation>Unterlage dxf schalten</translation>
    </message>
    <message>
        <source>Rooms from closed outlines of the drawing</source>
        <translation>Räume aus geschlossenen Umrissen der Zeichnung</translation>
    </message>
    <message>
        <source>DXF trace polyline space</source>
        <translation>DXF nachzeichnen Polylinie Raum</translation>
    </message>
    <message>
        <source>Pictures, PDF and DXF (*.png *.jpg *.jpeg *.pdf *.dxf *.tif *.tiff *.bmp *.svg)</source>
        <translation>Bilder, PDF und DXF (*.png *.jpg *.jpeg *.pdf *.dxf *.tif *.tiff *.bmp *.svg)</translation>
    </message>
    <message>
        <source>there are no lines in it</source>
        <translation>es sind keine Linien darin</translation>
    </message>
    <message>
        <source>Choose another drawing</source>
        <translation>Wählen Sie eine andere Zeichnung</translation>
    </message>
    <message>
        <source>The drawing tells no unit: %1 m to a length of 1 was taken. Scale it by a known distance where that is wrong.</source>
        <translation>Die Zeichnung nennt keine Einheit: eine Länge von 1 wurde als %1 m genommen. Skalieren Sie sie nach einer bekannten Strecke, wo das falsch ist.</translation>
    </message>
    <message>
        <source>Lay a DXF drawing under the storey first: Underlay…</source>
        <translation>Legen Sie zuerst eine DXF-Zeichnung unter das Geschoss: Unterlage…</translation>
    </message>
    <message>
        <source>Layers of the drawing</source>
        <translation>Ebenen der Zeichnung</translation>
    </message>
    <message>
        <source>as the file says</source>
        <translation>wie die Datei sagt</translation>
    </message>
    <message>
        <source>metres</source>
        <translation>Metern</translation>
    </message>
    <message>
        <source>centimetres</source>
        <translation>Zentimetern</translation>
    </message>
    <message>
        <source>millimetres</source>
        <translation>Millimetern</translation>
    </message>
    <message>
        <source>feet</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>inches</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>as the file has it</source>
        <translation>wie die Datei es hat</translation>
    </message>
    <message>
        <source>surroundings</source>
        <translation>Umgebung</translation>
    </message>
    <message>
        <source>hull of a room</source>
        <translation>Hülle eines Raums</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>ausgelassen</translation>
    </message>
    <message>
        <source>made</source>
        <translation>gemacht</translation>
    </message>
    <message>
        <source>changed</source>
        <translation>geändert</translation>
    </message>
    <message>
        <source>Plan of what arrives</source>
        <translation>Grundriss dessen, was ankommt</translation>
    </message>
    <message>
        <source>Reading a building</source>
        <translation>Ein Gebäude lesen</translation>
    </message>
    <message>
        <source>Where it goes</source>
        <translation>Wohin es kommt</translation>
    </message>
    <message>
        <source>into %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>as an option of its own</source>
        <translation>als eigene Variante</translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Importieren</translation>
    </message>
    <message>
        <source>A length of 1 is in</source>
        <translation>Eine Länge von 1 ist in</translation>
    </message>
    <message>
        <source>the y axis</source>
        <translation>die y-Achse</translation>
    </message>
    <message>
        <source>the z axis</source>
        <translation>die z-Achse</translation>
    </message>
    <message>
        <source>Up is</source>
        <translation>Oben ist</translation>
    </message>
    <message>
        <source>What was done to it</source>
        <translation>Was damit geschah</translation>
    </message>
    <message>
        <source>What was done</source>
        <translation>Was geschah</translation>
    </message>
    <message>
        <source>What becomes of its layers and materials</source>
        <translation>Was aus seinen Ebenen und Materialien wird</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>Reading …</source>
        <translation>Wird gelesen …</translation>
    </message>
    <message>
        <source>A door of it, %1, is %2 m wide and %3 m high.</source>
        <translation>Eine Tür darin, %1, ist %2 m breit und %3 m hoch.</translation>
    </message>
    <message>
        <source>It is %1 m by %2 m large in plan.</source>
        <translation>Es ist im Grundriss %1 m mal %2 m groß.</translation>
    </message>
    <message>
        <source>%1 rooms, %2 windows, %3 other things; %4 put right on the way, %5 left out</source>
        <translation>%1 Räume, %2 Fenster, %3 andere Dinge; %4 unterwegs berichtigt, %5 ausgelassen</translation>
    </message>
    <message>
        <source>Element</source>
        <translation>Element</translation>
    </message>
    <message>
        <source>How</source>
        <translation>Wie</translation>
    </message>
    <message>
        <source>Layer or material</source>
        <translation>Ebene oder Material</translation>
    </message>
    <message>
        <source>Becomes</source>
        <translation>Wird</translation>
    </message>
    <message>
        <source>What %1 becomes</source>
        <translation>Was %1 wird</translation>
    </message>
    <message>
        <source>What %1 is made of</source>
        <translation>Woraus %1 ist</translation>
    </message>
    <message>
        <source>%1: %2 added, %3 updated, %4 taken away</source>
        <translation>%1: %2 hinzugekommen, %3 erneuert, %4 weggenommen</translation>
    </message>
    <message>
        <source>Import a building</source>
        <translation>Ein Gebäude importieren</translation>
    </message>
    <message>
        <source>Buildings of other programs (%1)</source>
        <translation>Gebäude anderer Programme (%1)</translation>
    </message>
    <message>
        <source>Import a building…</source>
        <translation>Ein Gebäude importieren…</translation>
    </message>
    <message>
        <source>IFC gbXML OBJ glTF mesh BIM model read</source>
        <translation>IFC gbXML OBJ glTF Netz BIM Modell lesen</translation>
    </message>
    <message>
        <source>Export this option…</source>
        <translation>Diese Variante exportieren…</translation>
    </message>
    <message>
        <source>IFC gbXML OBJ glTF DXF write out</source>
        <translation>IFC gbXML OBJ glTF DXF schreiben</translation>
    </message>
    <message>
        <source>Export this option</source>
        <translation>Diese Variante exportieren</translation>
    </message>
    <message>
        <source>%1 is written</source>
        <translation>%1 ist geschrieben</translation>
    </message>
    <message>
        <source>Weather files of the project</source>
        <translation>Wetterdateien des Projekts</translation>
    </message>
    <message>
        <source>Nearest in a folder…</source>
        <translation>Nächste in einem Ordner…</translation>
    </message>
    <message>
        <source>Lists the weather files of a folder by their distance from the site</source>
        <translation>Listet die Wetterdateien eines Ordners nach ihrer Entfernung vom Ort</translation>
    </message>
    <message>
        <source>Folder of weather files</source>
        <translation>Ordner mit Wetterdateien</translation>
    </message>
    <message>
        <source>Weather files by distance from the site</source>
        <translation>Wetterdateien nach Entfernung vom Ort</translation>
    </message>
    <message>
        <source>There are no EPW or TMY3 files in this folder.</source>
        <translation>In diesem Ordner sind keine EPW- oder TMY3-Dateien.</translation>
    </message>
    <message>
        <source>Station</source>
        <translation>Station</translation>
    </message>
    <message>
        <source>Away, km</source>
        <translation>Entfernt, km</translation>
    </message>
    <message>
        <source>Higher, m</source>
        <translation>Höher, m</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Verwenden</translation>
    </message>
    <message>
        <source>Click within a closed outline of the drawing; Escape leaves</source>
        <translation>Klicken Sie in einen geschlossenen Umriss der Zeichnung; Escape beendet</translation>
    </message>
    <message>
        <source>No closed outline of the drawing goes around this place</source>
        <translation>Um diese Stelle läuft kein geschlossener Umriss der Zeichnung</translation>
    </message>
    <message>
        <source>From drawing</source>
        <translation>Aus Zeichnung</translation>
    </message>
    <message>
        <source>%1 walls between rooms have no thickness in the file: they have 1 cm</source>
        <translation>%1 Wände zwischen Räumen haben in der Datei keine Dicke: sie haben 1 cm</translation>
    </message>
    <message>
        <source>its ceiling is not level: it has the mean height of %1 m</source>
        <translation>seine Decke ist nicht eben: er hat die mittlere Höhe von %1 m</translation>
    </message>
    <message>
        <source>its floor lies %1 m off its storey&apos;s: it was moved there</source>
        <translation>sein Boden liegt %1 m neben dem seines Geschosses: er wurde dorthin verschoben</translation>
    </message>
    <message>
        <source>it is no rectangle: one of the same %1 m² was made of it</source>
        <translation>es ist kein Rechteck: eines von denselben %1 m² wurde daraus gemacht</translation>
    </message>
    <message>
        <source>a transmittance of %1 cannot be: the type&apos;s own is taken</source>
        <translation>ein Transmissionsgrad von %1 kann nicht sein: der des Typs wird genommen</translation>
    </message>
    <message>
        <source>its unit of length %1 is not known: metres were taken</source>
        <translation>ihre Längeneinheit %1 ist nicht bekannt: Meter wurden angenommen</translation>
    </message>
    <message>
        <source>it lies within %1: draw its walls as partitions</source>
        <translation>er liegt in %1: zeichnen Sie seine Wände als freie Wände</translation>
    </message>
    <message>
        <source>a gap to %1 was closed: their walls meet now</source>
        <translation>eine Lücke zu %1 wurde geschlossen: ihre Wände treffen sich jetzt</translation>
    </message>
    <message>
        <source>it overlapped %1 by %2 m², which were cut off</source>
        <translation>er überschnitt %1 um %2 m², die abgeschnitten wurden</translation>
    </message>
    <message>
        <source>month %1, day %2, hour %3 is no hour of a year</source>
        <translation>Monat %1, Tag %2, Stunde %3 ist keine Stunde eines Jahres</translation>
    </message>
    <message>
        <source>%1 triangles became %2, moved by %3 m at most</source>
        <translation>aus %1 Dreiecken wurden %2, höchstens um %3 m verschoben</translation>
    </message>
    <message>
        <source>no wall of a room lies within %1 m of it</source>
        <translation>im Umkreis von %1 m liegt keine Wand eines Raums</translation>
    </message>
    <message>
        <source>%1 lies in the same place already</source>
        <translation>%1 liegt schon an derselben Stelle</translation>
    </message>
    <message>
        <source>the values of #%1 (%2) are damaged</source>
        <translation>die Werte von #%1 (%2) sind beschädigt</translation>
    </message>
    <message>
        <source>month %1 day %2 hour %3 is missing</source>
        <translation>Monat %1 Tag %2 Stunde %3 fehlt</translation>
    </message>
    <message>
        <source>opening in the floor of %9</source>
        <translation>Öffnung im Boden von %9</translation>
    </message>
    <message>
        <source>its layer %1 is left out</source>
        <translation>seine Ebene %1 wird ausgelassen</translation>
    </message>
    <message>
        <source>not read of its form: %1</source>
        <translation>von seiner Form nicht gelesen: %1</translation>
    </message>
    <message>
        <source>it is the same as %9</source>
        <translation>er ist derselbe wie %9</translation>
    </message>
    <message>
        <source>this is no XML: %1</source>
        <translation>das ist kein XML: %1</translation>
    </message>
    <message>
        <source>it cannot be read: %1</source>
        <translation>sie lässt sich nicht lesen: %1</translation>
    </message>
    <message>
        <source>its schema is %9</source>
        <translation>ihr Schema ist %9</translation>
    </message>
    <message>
        <source>it has no column &quot;%1&quot;</source>
        <translation>sie hat keine Spalte „%1“</translation>
    </message>
    <message>
        <source>room on %9</source>
        <translation>Raum auf %9</translation>
    </message>
    <message>
        <source>opening of %9</source>
        <translation>Öffnung von %9</translation>
    </message>
    <message>
        <source>furniture of %9</source>
        <translation>Möbel von %9</translation>
    </message>
    <message>
        <source>Files read: %9</source>
        <translation>Gelesen werden: %9</translation>
    </message>
    <message>
        <source>Formats written: %9</source>
        <translation>Geschrieben werden: %9</translation>
    </message>
    <message>
        <source>Its columns: %9</source>
        <translation>Ihre Spalten: %9</translation>
    </message>
    <message>
        <source>#%1 does not end</source>
        <translation>#%1 endet nicht</translation>
    </message>
    <message>
        <source>#%1 stands twice</source>
        <translation>#%1 steht zweimal</translation>
    </message>
    <message>
        <source>#%1 has no &quot;=&quot;</source>
        <translation>#%1 hat kein „=“</translation>
    </message>
    <message>
        <source>it has no spaces: walls and slabs stand as surroundings, no rooms were made</source>
        <translation>sie hat keine Räume: Wände und Decken stehen als Umgebung da, Räume wurden nicht gemacht</translation>
    </message>
    <message>
        <source>it tells no unit of length: metres were taken</source>
        <translation>sie nennt keine Längeneinheit: Meter wurden angenommen</translation>
    </message>
    <message>
        <source>it has no solid: its hull is that of its boundaries</source>
        <translation>er hat keinen Körper: seine Hülle ist die seiner Begrenzungen</translation>
    </message>
    <message>
        <source>it has no form</source>
        <translation>es hat keine Form</translation>
    </message>
    <message>
        <source>Write it as IFC 2x3 or IFC 4</source>
        <translation>Schreiben Sie sie als IFC 2x3 oder IFC 4</translation>
    </message>
    <message>
        <source>it has other walls now: finishes of single walls were taken off</source>
        <translation>er hat jetzt andere Wände: Oberflächen einzelner Wände wurden weggenommen</translation>
    </message>
    <message>
        <source>it has another form</source>
        <translation>er hat eine andere Form</translation>
    </message>
    <message>
        <source>its openings or its name are others</source>
        <translation>seine Öffnungen oder sein Name sind andere</translation>
    </message>
    <message>
        <source>it has another form or place</source>
        <translation>es hat eine andere Form oder Lage</translation>
    </message>
    <message>
        <source>it is in the file no more: it was taken away</source>
        <translation>in der Datei ist es nicht mehr: es wurde weggenommen</translation>
    </message>
    <message>
        <source>it has no size</source>
        <translation>es hat keine Größe</translation>
    </message>
    <message>
        <source>it is narrower than 5 cm</source>
        <translation>es ist schmaler als 5 cm</translation>
    </message>
    <message>
        <source>it reaches beyond its wall: it was shortened to the wall</source>
        <translation>es reicht über seine Wand hinaus: es wurde auf die Wand gekürzt</translation>
    </message>
    <message>
        <source>no floor of a room lies there</source>
        <translation>dort liegt kein Boden eines Raums</translation>
    </message>
    <message>
        <source>no room lies under it</source>
        <translation>darunter liegt kein Raum</translation>
    </message>
    <message>
        <source>it lies in a slope: it was laid into a level roof</source>
        <translation>es liegt in einer Schräge: es wurde in ein ebenes Dach gelegt</translation>
    </message>
    <message>
        <source>it has no surface</source>
        <translation>es hat keine Fläche</translation>
    </message>
    <message>
        <source>Write the file again</source>
        <translation>Schreiben Sie die Datei neu</translation>
    </message>
    <message>
        <source>it is no STEP file (ISO 10303-21)</source>
        <translation>das ist keine STEP-Datei (ISO 10303-21)</translation>
    </message>
    <message>
        <source>Choose an IFC file in clear text</source>
        <translation>Wählen Sie eine IFC-Datei in Klartext</translation>
    </message>
    <message>
        <source>it has no section of data</source>
        <translation>sie hat keinen Datenteil</translation>
    </message>
    <message>
        <source>reading was cancelled</source>
        <translation>das Lesen wurde abgebrochen</translation>
    </message>
    <message>
        <source>a comment does not end</source>
        <translation>ein Kommentar endet nicht</translation>
    </message>
    <message>
        <source>it ends in the middle: the end of its data is missing</source>
        <translation>sie endet mittendrin: das Ende ihrer Daten fehlt</translation>
    </message>
    <message>
        <source>here is no instance</source>
        <translation>hier ist keine Instanz</translation>
    </message>
    <message>
        <source>an instance has no number</source>
        <translation>eine Instanz hat keine Nummer</translation>
    </message>
    <message>
        <source>it has too many instances</source>
        <translation>sie hat zu viele Instanzen</translation>
    </message>
    <message>
        <source>it has no Campus</source>
        <translation>sie hat keinen Campus</translation>
    </message>
    <message>
        <source>Write it again as gbXML</source>
        <translation>Schreiben Sie sie neu als gbXML</translation>
    </message>
    <message>
        <source>it has no shell: its hull is that of the surfaces around it</source>
        <translation>er hat keine Hülle: sie ist die der Flächen um ihn</translation>
    </message>
    <message>
        <source>a corner of it is no point of three numbers</source>
        <translation>eine Ecke ist kein Punkt aus drei Zahlen</translation>
    </message>
    <message>
        <source>the storey has no level</source>
        <translation>das Geschoss hat keine Höhe</translation>
    </message>
    <message>
        <source>it has no outline</source>
        <translation>es hat keinen Umriss</translation>
    </message>
    <message>
        <source>its outermost element is not gbXML</source>
        <translation>ihr äußerstes Element ist nicht gbXML</translation>
    </message>
    <message>
        <source>Choose a gbXML file</source>
        <translation>Wählen Sie eine gbXML-Datei</translation>
    </message>
    <message>
        <source>its elements are nested too deep</source>
        <translation>ihre Elemente sind zu tief geschachtelt</translation>
    </message>
    <message>
        <source>it is placed but not there</source>
        <translation>er wird gesetzt, ist aber nicht da</translation>
    </message>
    <message>
        <source>it is a binary DXF</source>
        <translation>das ist ein binäres DXF</translation>
    </message>
    <message>
        <source>Write it as text</source>
        <translation>Schreiben Sie sie als Text</translation>
    </message>
    <message>
        <source>it is no DXF</source>
        <translation>das ist kein DXF</translation>
    </message>
    <message>
        <source>Write it again</source>
        <translation>Schreiben Sie sie neu</translation>
    </message>
    <message>
        <source>it has more than 4 million corners</source>
        <translation>sie hat mehr als 4 Millionen Ecken</translation>
    </message>
    <message>
        <source>Leave layers out of it</source>
        <translation>Lassen Sie Ebenen weg</translation>
    </message>
    <message>
        <source>it tells no unit: millimetres were taken, by its size</source>
        <translation>sie nennt keine Einheit: Millimeter wurden angenommen, nach ihrer Größe</translation>
    </message>
    <message>
        <source>it tells no unit: metres were taken, by its size</source>
        <translation>sie nennt keine Einheit: Meter wurden angenommen, nach ihrer Größe</translation>
    </message>
    <message>
        <source>no storey of the file lies at these floors: one was made</source>
        <translation>kein Geschoss der Datei liegt bei diesen Böden: eines wurde gemacht</translation>
    </message>
    <message>
        <source>it has no hull</source>
        <translation>er hat keine Hülle</translation>
    </message>
    <message>
        <source>no floor and ceiling were found in it</source>
        <translation>Boden und Decke wurden darin nicht gefunden</translation>
    </message>
    <message>
        <source>it has no floor: its outline is that of its ceiling</source>
        <translation>er hat keinen Boden: sein Umriss ist der seiner Decke</translation>
    </message>
    <message>
        <source>its floor is smaller than 0.25 m²</source>
        <translation>sein Boden ist kleiner als 0,25 m²</translation>
    </message>
    <message>
        <source>its outline crosses itself: the largest part of it was kept</source>
        <translation>sein Umriss kreuzt sich: der größte Teil wurde behalten</translation>
    </message>
    <message>
        <source>its floor lies in several pieces: the largest was kept</source>
        <translation>sein Boden liegt in mehreren Stücken: das größte wurde behalten</translation>
    </message>
    <message>
        <source>its floor has holes, which rooms cannot have: they were filled</source>
        <translation>sein Boden hat Löcher, die Räume nicht haben können: sie wurden gefüllt</translation>
    </message>
    <message>
        <source>it has more than 8 million triangles</source>
        <translation>sie hat mehr als 8 Millionen Dreiecke</translation>
    </message>
    <message>
        <source>Write a simpler one</source>
        <translation>Schreiben Sie eine einfachere</translation>
    </message>
    <message>
        <source>a corner of it is no number</source>
        <translation>eine Ecke ist keine Zahl</translation>
    </message>
    <message>
        <source>its y axis was taken to be up, by its shape</source>
        <translation>ihre y-Achse wurde nach oben genommen, nach ihrer Form</translation>
    </message>
    <message>
        <source>its z axis was taken to be up, by its shape</source>
        <translation>ihre z-Achse wurde nach oben genommen, nach ihrer Form</translation>
    </message>
    <message>
        <source>Write it again, or in another format</source>
        <translation>Schreiben Sie sie neu, oder in einem anderen Format</translation>
    </message>
    <message>
        <source>no building is read from such files</source>
        <translation>aus solchen Dateien wird kein Gebäude gelesen</translation>
    </message>
    <message>
        <source>there is nothing in it that could be used</source>
        <translation>es ist nichts darin, was sich verwenden ließe</translation>
    </message>
    <message>
        <source>Write it again with rooms, surfaces or lines</source>
        <translation>Schreiben Sie sie neu, mit Räumen, Flächen oder Linien</translation>
    </message>
    <message>
        <source>buildings are not written as such files</source>
        <translation>als solche Dateien werden Gebäude nicht geschrieben</translation>
    </message>
    <message>
        <source>this hour stands twice</source>
        <translation>diese Stunde steht zweimal</translation>
    </message>
    <message>
        <source>it has too few fields</source>
        <translation>sie hat zu wenige Felder</translation>
    </message>
    <message>
        <source>Check that the line is whole</source>
        <translation>Prüfen Sie, ob die Zeile ganz ist</translation>
    </message>
    <message>
        <source>Correct the value, or leave the field empty</source>
        <translation>Berichtigen Sie den Wert, oder lassen Sie das Feld leer</translation>
    </message>
    <message>
        <source>A whole year is needed</source>
        <translation>Ein ganzes Jahr wird gebraucht</translation>
    </message>
    <message>
        <source>there are more rows than hours of a year</source>
        <translation>es gibt mehr Zeilen als Stunden eines Jahres</translation>
    </message>
    <message>
        <source>A year has 8760 rows</source>
        <translation>Ein Jahr hat 8760 Zeilen</translation>
    </message>
    <message>
        <source>date and time are not MM/DD/YYYY and HH:MM</source>
        <translation>Datum und Zeit sind nicht MM/TT/JJJJ und SS:MM</translation>
    </message>
    <message>
        <source>Correct the line</source>
        <translation>Berichtigen Sie die Zeile</translation>
    </message>
    <message>
        <source>month, day or hour is no number</source>
        <translation>Monat, Tag oder Stunde ist keine Zahl</translation>
    </message>
    <message>
        <source>Hours are 1 to 24, the ends of their intervals</source>
        <translation>Stunden sind 1 bis 24, die Enden ihrer Abschnitte</translation>
    </message>
    <message>
        <source>it ends before its heads</source>
        <translation>sie endet vor ihren Köpfen</translation>
    </message>
    <message>
        <source>Say which line has them</source>
        <translation>Sagen Sie, welche Zeile sie hat</translation>
    </message>
    <message>
        <source>no column of irradiance is known in it</source>
        <translation>keine Spalte mit Bestrahlungsstärke ist darin bekannt</translation>
    </message>
    <message>
        <source>Name global, or direct and diffuse irradiance</source>
        <translation>Nennen Sie die globale, oder direkte und diffuse Bestrahlungsstärke</translation>
    </message>
    <message>
        <source>the line of the station has not 7 fields</source>
        <translation>die Zeile der Station hat nicht 7 Felder</translation>
    </message>
    <message>
        <source>time zone, latitude, longitude or elevation cannot be</source>
        <translation>Zeitzone, Breite, Länge oder Höhe können nicht sein</translation>
    </message>
    <message>
        <source>the line of heads is missing</source>
        <translation>die Zeile der Köpfe fehlt</translation>
    </message>
    <message>
        <source>columns of date, time or irradiance are missing</source>
        <translation>Spalten von Datum, Zeit oder Bestrahlungsstärke fehlen</translation>
    </message>
    <message>
        <source>its columns are not known: it is no TMY3</source>
        <translation>ihre Spalten sind nicht bekannt: es ist kein TMY3</translation>
    </message>
    <message>
        <source>warmpane-cli weather-from makes an EPW of it</source>
        <translation>warmpane-cli weather-from macht ein EPW daraus</translation>
    </message>
    <message>
        <source>of its box along x</source>
        <translation>seines Kastens entlang x</translation>
    </message>
    <message>
        <source>of its box along y</source>
        <translation>seines Kastens entlang y</translation>
    </message>
    <message>
        <source>of its box along z</source>
        <translation>seines Kastens entlang z</translation>
    </message>
    <message>
        <source>base64 of float32 x y z, little endian; metres from the middle of its foot</source>
        <translation>Base64 von float32 x y z, Little Endian; Meter von der Mitte seines Fußes</translation>
    </message>
    <message>
        <source>base64 of uint32, three each, little endian</source>
        <translation>Base64 von uint32, je drei, Little Endian</translation>
    </message>
    <message>
        <source>in plan</source>
        <translation>im Grundriss</translation>
    </message>
    <message>
        <source>id of the element</source>
        <translation>Kennung des Elements</translation>
    </message>
    <message>
        <source>how the file calls it</source>
        <translation>wie die Datei es nennt</translation>
    </message>
    <message>
        <source>name of a layer or material in the file</source>
        <translation>Name einer Ebene oder eines Materials in der Datei</translation>
    </message>
    <message>
        <source>of the project; missing: by type</source>
        <translation>des Projekts; fehlt: nach Art</translation>
    </message>
    <message>
        <source>relative to the project file where it lies beside it</source>
        <translation>relativ zur Projektdatei, wo sie daneben liegt</translation>
    </message>
    <message>
        <source>&quot;ifc&quot;, &quot;gbxml&quot;, &quot;mesh&quot;, &quot;dxf&quot;</source>
        <translation>„ifc“, „gbxml“, „mesh“, „dxf“</translation>
    </message>
    <message>
        <source>that it was read into</source>
        <translation>in die es gelesen wurde</translation>
    </message>
    <message>
        <source>its y is up; else its z</source>
        <translation>sein y ist oben; sonst sein z</translation>
    </message>
    <message>
        <source>moved by, after it was turned</source>
        <translation>verschoben um, nachdem es gedreht war</translation>
    </message>
    <message>
        <source>what becomes of layers and materials</source>
        <translation>was aus Ebenen und Materialien wird</translation>
    </message>
    <message>
        <source>which element came from where</source>
        <translation>welches Element woher kam</translation>
    </message>
    <message>
        <source>forms that things are copies of</source>
        <translation>Formen, deren Kopien Dinge sind</translation>
    </message>
    <message>
        <source>files of other programs that were read</source>
        <translation>Dateien anderer Programme, die gelesen wurden</translation>
    </message>
    <message>
        <source>id of the project&apos;s shape that it is a copy of</source>
        <translation>Kennung der Form des Projekts, deren Kopie es ist</translation>
    </message>
    <message>
        <source>picture, PDF or DXF, relative to the project file</source>
        <translation>Bild, PDF oder DXF, relativ zur Projektdatei</translation>
    </message>
    <message>
        <source>of a drawing of lines: layers that are not shown</source>
        <translation>einer Zeichnung aus Linien: Ebenen, die nicht gezeigt werden</translation>
    </message>
    <message>
        <source>further weather files, to be chosen</source>
        <translation>weitere Wetterdateien, zur Wahl</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>it is larger than 2 km, or lies too far off: check unit and place</source>
        <translation>es ist größer als 2 km oder liegt zu weit weg: prüfen Sie Einheit und Ort</translation>
    </message>
    <message>
        <source>it is larger than 1 km, or lies too far off: check unit and place</source>
        <translation>er ist größer als 1 km oder liegt zu weit weg: prüfen Sie Einheit und Ort</translation>
    </message>
    <message>
        <source>Save a view…</source>
        <translation>Ansicht sichern…</translation>
    </message>
    <message>
        <source>PNG SVG PDF picture plan section model print</source>
        <translation>PNG SVG PDF Bild Grundriss Schnitt Modell drucken</translation>
    </message>
    <message>
        <source>Save a view</source>
        <translation>Ansicht sichern</translation>
    </message>
    <message>
        <source>Page (PDF)</source>
        <translation>Seite (PDF)</translation>
    </message>
    <message>
        <source>Save as PNG, SVG, PDF or CSV</source>
        <translation>Als PNG, SVG, PDF oder CSV sichern</translation>
    </message>
    <message>
        <source>Choose weather file (EPW, TMY3, CSV)</source>
        <translation>Wetterdatei wählen (EPW, TMY3, CSV)</translation>
    </message>
    <message>
        <source>Write it as weather file (EPW)</source>
        <translation>Als Wetterdatei schreiben (EPW)</translation>
    </message>
    <message>
        <source>Weather: EPW, TMY3, tables of commas (*.epw *.csv);;All files (*)</source>
        <translation>Wetter: EPW, TMY3, Tabellen mit Kommas (*.epw *.csv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Weather out of %1</source>
        <translation>Wetter aus %1</translation>
    </message>
    <message>
        <source>Say which column holds what. Global irradiance is needed, or direct and diffuse irradiance; without month, day and hour the rows are the hours of the year from 1 January.</source>
        <translation>Sagen Sie, welche Spalte was enthält. Gebraucht wird die Globalstrahlung, oder Direkt- und Diffusstrahlung; ohne Monat, Tag und Stunde sind die Zeilen die Stunden des Jahres ab dem 1. Januar.</translation>
    </message>
    <message>
        <source>Line with the heads</source>
        <translation>Zeile mit den Überschriften</translation>
    </message>
    <message>
        <source>Columns of the table</source>
        <translation>Spalten der Tabelle</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>First value</source>
        <translation>Erster Wert</translation>
    </message>
    <message>
        <source>not in it</source>
        <translation>nicht enthalten</translation>
    </message>
    <message>
        <source>A whole year: %1 kWh/m² of global irradiance</source>
        <translation>Ein ganzes Jahr: %1 kWh/m² Globalstrahlung</translation>
    </message>
    <message>
        <source>its ceiling slopes down to the floor or too steeply: it has the mean height of %1 m</source>
        <translation>seine Decke fällt bis zum Boden oder zu steil: er hat die mittlere Höhe von %1 m</translation>
    </message>
    <message>
        <source>its ceiling slopes by %1 degrees</source>
        <translation>seine Decke ist um %1 Grad geneigt</translation>
    </message>
    <message>
        <source>it claims more corners and faces than it has bytes</source>
        <translation>sie behauptet mehr Ecken und Flächen, als sie Bytes hat</translation>
    </message>
    <message>
        <source>Month, 1 to 12</source>
        <translation>Monat, 1 bis 12</translation>
    </message>
    <message>
        <source>Day of the month</source>
        <translation>Tag des Monats</translation>
    </message>
    <message>
        <source>Hour, 1 to 24, at whose end the interval ends</source>
        <translation>Stunde, 1 bis 24, an deren Ende das Intervall endet</translation>
    </message>
    <message>
        <source>Global horizontal irradiance</source>
        <translation>Globalstrahlung, horizontal</translation>
    </message>
    <message>
        <source>Diffuse horizontal irradiance</source>
        <translation>Diffusstrahlung, horizontal</translation>
    </message>
    <message>
        <source>Diffuse horizontal illuminance</source>
        <translation>Diffuse Beleuchtungsstärke, horizontal</translation>
    </message>
    <message>
        <source>Total sky cover</source>
        <translation>Gesamtbedeckung</translation>
    </message>
    <message>
        <source>at the eyes, as they look</source>
        <translation>an den Augen, wie sie blicken</translation>
    </message>
    <message>
        <source>Bands of wavelength</source>
        <translation>Wellenlängenbänder</translation>
    </message>
    <message>
        <source>3: within 6 % of all where walls are coloured</source>
        <translation>3: auf 6 % genau, wo Wände farbig sind</translation>
    </message>
    <message>
        <source>9: within 0.5 %</source>
        <translation>9: auf 0,5 % genau</translation>
    </message>
    <message>
        <source>27: within 0.1 %, three times as long</source>
        <translation>27: auf 0,1 % genau, dreimal so lange</translation>
    </message>
    <message>
        <source>81: all, eight times as long</source>
        <translation>81: alle, achtmal so lange</translation>
    </message>
    <message>
        <source>Daylight is</source>
        <translation>Tageslicht ist</translation>
    </message>
    <message>
        <source>of CIE D65</source>
        <translation>von CIE D65</translation>
    </message>
    <message>
        <source>bluer from dark parts of a clear sky</source>
        <translation>blauer aus dunklen Teilen eines klaren Himmels</translation>
    </message>
    <message>
        <source>Spectrum from a file…</source>
        <translation>Spektrum aus einer Datei…</translation>
    </message>
    <message>
        <source>Spectrum from its colour</source>
        <translation>Spektrum aus seiner Farbe</translation>
    </message>
    <message>
        <source>No matter has this colour: take one less bright or less saturated.</source>
        <translation>Kein Stoff hat diese Farbe: nehmen Sie eine weniger helle oder weniger gesättigte.</translation>
    </message>
    <message>
        <source>Spectrum of material</source>
        <translation>Spektrum des Materials</translation>
    </message>
    <message>
        <source>No spectrum: grey</source>
        <translation>Kein Spektrum: grau</translation>
    </message>
    <message>
        <source>Spectrum</source>
        <translation>Spektrum</translation>
    </message>
    <message>
        <source>Wavelengths and values in columns (*.csv *.txt);;All files (*)</source>
        <translation>Wellenlängen und Werte in Spalten (*.csv *.txt);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>column %1</source>
        <translation>Spalte %1</translation>
    </message>
    <message>
        <source>The material by wavelength</source>
        <translation>Das Material nach Wellenlänge</translation>
    </message>
    <message>
        <source>melanopic</source>
        <translation>melanopisch</translation>
    </message>
    <message>
        <source>daylight</source>
        <translation>Tageslicht</translation>
    </message>
    <message>
        <source>its head does not end</source>
        <translation>ihr Kopf endet nicht</translation>
    </message>
    <message>
        <source>glowing wire, %1 away</source>
        <translation>Glühdraht, %1 entfernt</translation>
    </message>
    <message>
        <source>it is told from %1 to %2 nm: beyond, its ends were taken</source>
        <translation>es ist von %1 bis %2 nm angegeben: darüber hinaus wurden seine Enden genommen</translation>
    </message>
    <message>
        <source>%1 at %2 nm cannot be: shares lie from 0 to 1</source>
        <translation>%1 bei %2 nm kann nicht sein: Anteile liegen zwischen 0 und 1</translation>
    </message>
    <message>
        <source>Light by wavelength, %1 moments from %2</source>
        <translation>Licht nach Wellenlänge, %1 Zeitpunkte ab %2</translation>
    </message>
    <message>
        <source>at %1 nm there is less than no light</source>
        <translation>bei %1 nm ist weniger als kein Licht</translation>
    </message>
    <message>
        <source>it has %1 fields in place of %2</source>
        <translation>sie hat %1 Felder statt %2</translation>
    </message>
    <message>
        <source>it has %1 columns of values</source>
        <translation>sie hat %1 Spalten mit Werten</translation>
    </message>
    <message>
        <source>Light by wavelength, %1</source>
        <translation>Licht nach Wellenlänge, %1</translation>
    </message>
    <message>
        <source>%1 values are no spectrum</source>
        <translation>%1 Werte sind kein Spektrum</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no wavelength</source>
        <translation>„%1“ ist keine Wellenlänge</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no number</source>
        <translation>„%1“ ist keine Zahl</translation>
    </message>
    <message>
        <source>Light by wavelength</source>
        <translation>Licht nach Wellenlänge</translation>
    </message>
    <message>
        <source>melanopic light, colour</source>
        <translation>melanopisches Licht, Farbe</translation>
    </message>
    <message>
        <source> at the eyes</source>
        <translation> an den Augen</translation>
    </message>
    <message>
        <source>Melanopic equivalent daylight illuminance</source>
        <translation>Melanopische tageslichtäquivalente Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>Melanopic daylight efficacy ratio</source>
        <translation>Melanopischer Tageslichtwirkungsfaktor</translation>
    </message>
    <message>
        <source>Illuminance, by wavelength</source>
        <translation>Beleuchtungsstärke, nach Wellenlänge</translation>
    </message>
    <message>
        <source>Correlated colour temperature</source>
        <translation>Ähnlichste Farbtemperatur</translation>
    </message>
    <message>
        <source>melanopic daylight efficacy ratio</source>
        <translation>melanopischer Tageslichtwirkungsfaktor</translation>
    </message>
    <message>
        <source>correlated colour temperature</source>
        <translation>ähnlichste Farbtemperatur</translation>
    </message>
    <message>
        <source>illuminance</source>
        <translation>Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>S-cone-opic irradiance</source>
        <translation>S-Zapfen-Bestrahlungsstärke</translation>
    </message>
    <message>
        <source>M-cone-opic irradiance</source>
        <translation>M-Zapfen-Bestrahlungsstärke</translation>
    </message>
    <message>
        <source>L-cone-opic irradiance</source>
        <translation>L-Zapfen-Bestrahlungsstärke</translation>
    </message>
    <message>
        <source>Rhodopic irradiance</source>
        <translation>Rhodopische Bestrahlungsstärke</translation>
    </message>
    <message>
        <source>Melanopic irradiance</source>
        <translation>Melanopische Bestrahlungsstärke</translation>
    </message>
    <message>
        <source>wavelengths were taken to be in µm</source>
        <translation>Wellenlängen wurden als µm genommen</translation>
    </message>
    <message>
        <source>values were taken to be per cent</source>
        <translation>Werte wurden als Prozent genommen</translation>
    </message>
    <message>
        <source>it has more than 100 000 lines</source>
        <translation>sie hat mehr als 100 000 Zeilen</translation>
    </message>
    <message>
        <source>it has more than 200 columns</source>
        <translation>sie hat mehr als 200 Spalten</translation>
    </message>
    <message>
        <source>there is no value beside the wavelength</source>
        <translation>neben der Wellenlänge steht kein Wert</translation>
    </message>
    <message>
        <source>its wavelength is not above the one before</source>
        <translation>ihre Wellenlänge liegt nicht über der vorigen</translation>
    </message>
    <message>
        <source>there are no figures in it</source>
        <translation>es stehen keine Zahlen darin</translation>
    </message>
    <message>
        <source>nothing of it lies between 380 and 780 nm</source>
        <translation>nichts davon liegt zwischen 380 und 780 nm</translation>
    </message>
    <message>
        <source>Give fewer wavelengths</source>
        <translation>Geben Sie weniger Wellenlängen an</translation>
    </message>
    <message>
        <source>Give fewer</source>
        <translation>Geben Sie weniger an</translation>
    </message>
    <message>
        <source>Give two columns</source>
        <translation>Geben Sie zwei Spalten an</translation>
    </message>
    <message>
        <source>Order the lines by wavelength</source>
        <translation>Ordnen Sie die Zeilen nach Wellenlänge</translation>
    </message>
    <message>
        <source>Give wavelengths and values in columns</source>
        <translation>Geben Sie Wellenlängen und Werte in Spalten an</translation>
    </message>
    <message>
        <source>Give wavelengths in nm or µm</source>
        <translation>Geben Sie Wellenlängen in nm oder µm an</translation>
    </message>
    <message>
        <source>Give 81 values, 380 to 780 nm, or none</source>
        <translation>Geben Sie 81 Werte von 380 bis 780 nm an oder keine</translation>
    </message>
    <message>
        <source>Choose one with --column</source>
        <translation>Wählen Sie eine mit --column</translation>
    </message>
    <message>
        <source>Place one</source>
        <translation>Setzen Sie einen</translation>
    </message>
    <message>
        <source>V (brightness)</source>
        <translation>V (Helligkeit)</translation>
    </message>
    <message>
        <source>too bright for its colour: paler</source>
        <translation>zu hell für seine Farbe: blasser</translation>
    </message>
    <message>
        <source>it is damaged in a way that reading it broke down</source>
        <translation>sie ist so beschädigt, dass das Lesen zusammenbrach</translation>
    </message>
    <message>
        <source>there are too many open files</source>
        <translation>es sind zu viele Dateien offen</translation>
    </message>
    <message>
        <source>there is no room for another process</source>
        <translation>es ist kein Platz für einen weiteren Prozess</translation>
    </message>
    <message>
        <source>Close some</source>
        <translation>Schließen Sie einige</translation>
    </message>
    <message>
        <source>End some</source>
        <translation>Beenden Sie einige</translation>
    </message>
    <message>
        <source>enough in no direction</source>
        <translation>in keiner Richtung genug</translation>
    </message>
    <message>
        <source>enough all around</source>
        <translation>ringsum genug</translation>
    </message>
    <message>
        <source>enough from %1 over %2 to %3</source>
        <translation>genug von %1 über %2 bis %3</translation>
    </message>
    <message>
        <source>Body clock</source>
        <translation>Innere Uhr</translation>
    </message>
    <message>
        <source>Whose eyes</source>
        <translation>Wessen Augen</translation>
    </message>
    <message>
        <source>Ask…</source>
        <translation>Fragen …</translation>
    </message>
    <message>
        <source>Ask again…</source>
        <translation>Neu fragen …</translation>
    </message>
    <message>
        <source>How often the eyes get enough melanopic light in the time of use, and which ways one can face for it. Ask, and it is traced by wavelength.</source>
        <translation>Wie oft die Augen in der Nutzungszeit genug melanopisches Licht bekommen und wohin man dafür blicken kann. Auf Fragen wird es nach Wellenlängen verfolgt.</translation>
    </message>
    <message>
        <source>Place an observer first: press E and click in a room.</source>
        <translation>Zuerst einen Beobachter setzen: E drücken und in einen Raum klicken.</translation>
    </message>
    <message>
        <source>%1 lx for %2 h begun by %3 h</source>
        <translation>%1 lx für %2 h, begonnen bis %3 Uhr</translation>
    </message>
    <message>
        <source>Days with %1, as one looks</source>
        <translation>Tage mit %1, wie man blickt</translation>
    </message>
    <message>
        <source>time above %1 lx</source>
        <translation>Zeit über %1 lx</translation>
    </message>
    <message>
        <source>mean melanopic EDI</source>
        <translation>mittlere melanopische EDI</translation>
    </message>
    <message>
        <source>melanopic to photopic (DER)</source>
        <translation>melanopisch zu photopisch (DER)</translation>
    </message>
    <message>
        <source>days, in the best direction</source>
        <translation>Tage, in bester Richtung</translation>
    </message>
    <message>
        <source>days, in the worst direction</source>
        <translation>Tage, in schlechtester Richtung</translation>
    </message>
    <message>
        <source>directions that suffice</source>
        <translation>Richtungen, die genügen</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>towards %L1°: enough on %L2 % of the days</source>
        <translation>nach %L1°: an %L2 % der Tage genug</translation>
    </message>
    <message>
        <source>Light for the body clock</source>
        <translation>Licht für die innere Uhr</translation>
    </message>
    <message>
        <source>melanopic EDI CIE S 026 circadian alertness sleep eye</source>
        <translation>melanopisch EDI CIE S 026 zirkadian Wachheit Schlaf Auge</translation>
    </message>
    <message>
        <source>How often the eyes get enough melanopic light</source>
        <translation>Wie oft die Augen genug melanopisches Licht bekommen</translation>
    </message>
    <message>
        <source>Melanopic light at the eye by hour</source>
        <translation>Melanopisches Licht am Auge nach Stunden</translation>
    </message>
    <message>
        <source>melanopic %1 lx, illuminance %2 lx</source>
        <translation>melanopisch %1 lx, Beleuchtungsstärke %2 lx</translation>
    </message>
    <message>
        <source>melanopic EDI, lx</source>
        <translation>melanopische EDI, lx</translation>
    </message>
    <message>
        <source>The year, melanopic EDI: day by hour</source>
        <translation>Das Jahr, melanopische EDI: Tag für Stunde</translation>
    </message>
    <message>
        <source>from %1 lx</source>
        <translation>ab %1 lx</translation>
    </message>
    <message>
        <source>By wavelength</source>
        <translation>Nach Wellenlänge</translation>
    </message>
    <message>
        <source>Eyes see</source>
        <translation>Augen sehen</translation>
    </message>
    <message>
        <source>the half before them</source>
        <translation>die Hälfte vor ihnen</translation>
    </message>
    <message>
        <source>what brow and cheek leave of it</source>
        <translation>was Braue und Wange davon lassen</translation>
    </message>
    <message>
        <source>Melanopic EDI of at least, lx</source>
        <translation>Melanopische EDI von mindestens, lx</translation>
    </message>
    <message>
        <source>for so many hours, without a break</source>
        <translation>für so viele Stunden, ohne Pause</translation>
    </message>
    <message>
        <source>begun by (hour of the clock)</source>
        <translation>begonnen bis (Uhrzeit)</translation>
    </message>
    <message>
        <source>on this share of the days of use</source>
        <translation>an diesem Anteil der Nutzungstage</translation>
    </message>
    <message>
        <source>WELL v2, L03: 136 or 218 lx for four hours that begin by noon; from memory, look it up before you sign.</source>
        <translation>WELL v2, L03: 136 oder 218 lx für vier Stunden, die bis Mittag beginnen; aus dem Gedächtnis, vor dem Unterschreiben nachschlagen.</translation>
    </message>
    <message>
        <source>%1 cd/m², melanopic %2 (ratio %3)</source>
        <translation>%1 cd/m², melanopisch %2 (Verhältnis %3)</translation>
    </message>
    <message>
        <source>%1 K, Duv %2</source>
        <translation>%1 K, Duv %2</translation>
    </message>
    <message>
        <source>The light that is pointed at, by wavelength</source>
        <translation>Das Licht unter dem Zeiger, nach Wellenlänge</translation>
    </message>
    <message>
        <source>Point into the picture: the light there by wavelength.</source>
        <translation>In das Bild zeigen: das Licht dort nach Wellenlänge.</translation>
    </message>
    <message>
        <source>melanopic EDI at the eye %1 lx, %2 of the illuminance</source>
        <translation>melanopische EDI am Auge %1 lx, %2 der Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>melanopic, mean %1 cd/m², %2 of the luminance</source>
        <translation>melanopisch, Mittel %1 cd/m², %2 der Leuchtdichte</translation>
    </message>
    <message>
        <source>its melanopic light</source>
        <translation>sein melanopisches Licht</translation>
    </message>
    <message>
        <source>melanopic to photopic</source>
        <translation>melanopisch zu photopisch</translation>
    </message>
    <message>
        <source>%1, by bands</source>
        <translation>%1, nach Bändern</translation>
    </message>
    <message>
        <source>%1 bands</source>
        <translation>%1 Bänder</translation>
    </message>
    <message>
        <source>Colour of the sky</source>
        <translation>Farbe des Himmels</translation>
    </message>
    <message>
        <source>Sky of D65</source>
        <translation>Himmel wie D65</translation>
    </message>
    <message>
        <source>Sky by its luminance</source>
        <translation>Himmel nach Leuchtdichte</translation>
    </message>
    <message>
        <source>In colour</source>
        <translation>In Farbe</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>grau</translation>
    </message>
    <message>
        <source>Colour of the ground</source>
        <translation>Farbe des Bodens</translation>
    </message>
    <message>
        <source>Its colour, by wavelength</source>
        <translation>Seine Farbe, nach Wellenlänge</translation>
    </message>
    <message>
        <source>Melanopic light of the year at seats</source>
        <translation>Melanopisches Licht des Jahres an Plätzen</translation>
    </message>
    <message>
        <source>WELL v2 L03 circadian light, by daylight alone</source>
        <translation>WELL v2 L03 zirkadianes Licht, durch Tageslicht allein</translation>
    </message>
    <message>
        <source>WELL v2, concept Light, feature L03</source>
        <translation>WELL v2, Konzept Licht, Merkmal L03</translation>
    </message>
    <message>
        <source>Levels and clause are from memory: check them against the edition. The feature counts electric light at the workplace, too; here daylight alone is judged, on every day of use, at the observers&apos; eyes as they look. They stand for the workplaces: place one at each</source>
        <translation>Stufen und Abschnitt sind aus dem Gedächtnis: an der Ausgabe prüfen. Das Merkmal zählt auch elektrisches Licht am Arbeitsplatz; hier wird Tageslicht allein beurteilt, an jedem Nutzungstag, an den Augen der Beobachter, wie sie blicken. Sie stehen für die Arbeitsplätze: an jeden einen setzen</translation>
    </message>
    <message>
        <source>L03: melanopic light for four hours that begin by noon</source>
        <translation>L03: melanopisches Licht für vier Stunden, die bis Mittag beginnen</translation>
    </message>
    <message>
        <source>Melanopic equivalent daylight illuminance on the upright plane at every eye of the room that daylight alone holds, on each day of use, for four hours without a break that begin by noon, blinds as they are worked</source>
        <translation>Melanopische tageslichtäquivalente Beleuchtungsstärke auf der senkrechten Ebene an jedem Auge des Raums, die Tageslicht allein an jedem Nutzungstag für vier Stunden ohne Pause hält, die bis Mittag beginnen, Behang wie bedient</translation>
    </message>
    <message>
        <source>WELL v2, concept Light, L03</source>
        <translation>WELL v2, Konzept Licht, L03</translation>
    </message>
    <message>
        <source>Directions with enough melanopic light: %1 for %2 on %3 of the days of use</source>
        <translation>Richtungen mit genug melanopischem Licht: %1 für %2 an %3 der Nutzungstage</translation>
    </message>
    <message>
        <source>Days with enough melanopic light, towards %1°: %2 for %3</source>
        <translation>Tage mit genug melanopischem Licht, nach %1°: %2 für %3</translation>
    </message>
    <message>
        <source>Days with enough melanopic light, as one looks: %1 for %2</source>
        <translation>Tage mit genug melanopischem Licht, wie man blickt: %1 für %2</translation>
    </message>
    <message>
        <source>Days with enough melanopic light, in the best direction: %1 for %2</source>
        <translation>Tage mit genug melanopischem Licht, in bester Richtung: %1 für %2</translation>
    </message>
    <message>
        <source>Days with enough melanopic light, in the worst direction: %1 for %2</source>
        <translation>Tage mit genug melanopischem Licht, in schlechtester Richtung: %1 für %2</translation>
    </message>
    <message>
        <source>Melanopic EDI held, as one looks: for %1 on %2 of the days of use</source>
        <translation>Gehaltene melanopische EDI, wie man blickt: für %1 an %2 der Nutzungstage</translation>
    </message>
    <message>
        <source>Time with enough melanopic light, as one looks: %1</source>
        <translation>Zeit mit genug melanopischem Licht, wie man blickt: %1</translation>
    </message>
    <message>
        <source>Time with enough melanopic light, in the best direction: %1</source>
        <translation>Zeit mit genug melanopischem Licht, in bester Richtung: %1</translation>
    </message>
    <message>
        <source>Time with enough melanopic light, in the worst direction: %1</source>
        <translation>Zeit mit genug melanopischem Licht, in schlechtester Richtung: %1</translation>
    </message>
    <message>
        <source>%1 h begun by %2 h</source>
        <translation>%1 h, begonnen bis %2 Uhr</translation>
    </message>
    <message>
        <source>Melanopic light over the year</source>
        <translation>Melanopisches Licht über das Jahr</translation>
    </message>
    <message>
        <source>Melanopic light over the year, at the observers</source>
        <translation>Melanopisches Licht über das Jahr, bei den Beobachtern</translation>
    </message>
    <message>
        <source>Melanopic light over the year, all over the rooms</source>
        <translation>Melanopisches Licht über das Jahr, überall in den Räumen</translation>
    </message>
    <message>
        <source>melanopic light over the year</source>
        <translation>melanopisches Licht über das Jahr</translation>
    </message>
    <message>
        <source>Directions with enough melanopic light</source>
        <translation>Richtungen mit genug melanopischem Licht</translation>
    </message>
    <message>
        <source>Days with enough melanopic light, as one looks</source>
        <translation>Tage mit genug melanopischem Licht, wie man blickt</translation>
    </message>
    <message>
        <source>Days with enough melanopic light, in the best direction</source>
        <translation>Tage mit genug melanopischem Licht, in bester Richtung</translation>
    </message>
    <message>
        <source>Days with enough melanopic light, in the worst direction</source>
        <translation>Tage mit genug melanopischem Licht, in schlechtester Richtung</translation>
    </message>
    <message>
        <source>Melanopic EDI held, as one looks</source>
        <translation>Gehaltene melanopische EDI, wie man blickt</translation>
    </message>
    <message>
        <source>Melanopic EDI held at the eyes</source>
        <translation>An den Augen gehaltene melanopische EDI</translation>
    </message>
    <message>
        <source>Time with enough melanopic light, as one looks</source>
        <translation>Zeit mit genug melanopischem Licht, wie man blickt</translation>
    </message>
    <message>
        <source>Time with enough melanopic light, in the best direction</source>
        <translation>Zeit mit genug melanopischem Licht, in bester Richtung</translation>
    </message>
    <message>
        <source>Time with enough melanopic light, in the worst direction</source>
        <translation>Zeit mit genug melanopischem Licht, in schlechtester Richtung</translation>
    </message>
    <message>
        <source>Mean melanopic EDI, as one looks</source>
        <translation>Mittlere melanopische EDI, wie man blickt</translation>
    </message>
    <message>
        <source>Mean melanopic EDI, in the best direction</source>
        <translation>Mittlere melanopische EDI, in bester Richtung</translation>
    </message>
    <message>
        <source>Mean melanopic EDI, in the worst direction</source>
        <translation>Mittlere melanopische EDI, in schlechtester Richtung</translation>
    </message>
    <message>
        <source>Melanopic daylight efficacy ratio of the year, as one looks</source>
        <translation>Melanopisches Tageslicht-Wirkungsverhältnis des Jahres, wie man blickt</translation>
    </message>
    <message>
        <source>Melanopic EDI</source>
        <translation>Melanopische EDI</translation>
    </message>
    <message>
        <source>Melanopic light in the time of use</source>
        <translation>Melanopisches Licht in der Nutzungszeit</translation>
    </message>
    <message>
        <source>melanopic light over the year at the observers, held for 4 h that begin by noon on every day of use, blinds as they are worked</source>
        <translation>melanopisches Licht über das Jahr bei den Beobachtern, für 4 h, die bis Mittag beginnen, an jedem Nutzungstag gehalten, Behang wie bedient</translation>
    </message>
    <message>
        <source>Melanopic equivalent daylight luminance</source>
        <translation>Melanopische tageslichtäquivalente Leuchtdichte</translation>
    </message>
    <message>
        <source>Melanopic to photopic</source>
        <translation>Melanopisch zu photopisch</translation>
    </message>
    <message>
        <source>Curve of the eye</source>
        <translation>Kurve des Auges</translation>
    </message>
    <message>
        <source>%1 is among the figures of melanopic light from now on</source>
        <translation>%1 ist von nun an unter den Kennwerten melanopischen Lichts</translation>
    </message>
    <message>
        <source>Add a curve of the eye from a file</source>
        <translation>Kurve des Auges aus einer Datei hinzufügen</translation>
    </message>
    <message>
        <source>action spectrum weighting circadian</source>
        <translation>Wirkungsspektrum Gewichtung zirkadian</translation>
    </message>
    <message>
        <source>At the eye, %1</source>
        <translation>Am Auge, %1</translation>
    </message>
    <message>
        <source>asked for</source>
        <translation>gefragt</translation>
    </message>
    <message>
        <source>Chroma C*ab (0: grey)</source>
        <translation>Buntheit C*ab (0: grau)</translation>
    </message>
    <message>
        <source>Hue h*ab, °</source>
        <translation>Bunttonwinkel h*ab, °</translation>
    </message>
    <message>
        <source>By wavelength: %1 of %2 bands</source>
        <translation>Nach Wellenlänge: %1 von %2 Bändern</translation>
    </message>
    <message>
        <source>Up to 11 are traced together: 9 take about three times as long as none</source>
        <translation>Bis zu 11 werden zusammen verfolgt: 9 dauern etwa dreimal so lang wie keines</translation>
    </message>
    <message>
        <source>first level, 136 lx</source>
        <translation>erste Stufe, 136 lx</translation>
    </message>
    <message>
        <source>second level, 218 lx</source>
        <translation>zweite Stufe, 218 lx</translation>
    </message>
    <message>
        <source>Begun by</source>
        <translation>Begonnen bis</translation>
    </message>
    <message>
        <source>C*ab in daylight (CIE 1976), of what has no spectrum: of the smoothest one of this colour; 0: grey</source>
        <translation>C*ab bei Tageslicht (CIE 1976) dessen, was kein Spektrum hat: des glattesten dieser Farbe; 0: grau</translation>
    </message>
    <message>
        <source>Chroma</source>
        <translation>Buntheit</translation>
    </message>
    <message>
        <source>Hue</source>
        <translation>Bunttonwinkel</translation>
    </message>
    <message>
        <source>a direction suffices where light does so on this share of the days of use</source>
        <translation>eine Richtung genügt, wo das Licht es an diesem Anteil der Nutzungstage tut</translation>
    </message>
    <message>
        <source>h*ab in daylight, with chroma: 0 red, 90 yellow, 180 green, 270 blue</source>
        <translation>h*ab bei Tageslicht, mit Buntheit: 0 rot, 90 gelb, 180 grün, 270 blau</translation>
    </message>
    <message>
        <source>of melanopic equivalent daylight illuminance at the eye</source>
        <translation>der melanopischen tageslichtäquivalenten Beleuchtungsstärke am Auge</translation>
    </message>
    <message>
        <source>the hour of the day at which they have begun</source>
        <translation>die Uhrzeit, zu der sie begonnen haben</translation>
    </message>
    <message>
        <source>without a break, that a day of use has so much light</source>
        <translation>ohne Pause, in denen ein Nutzungstag so viel Licht hat</translation>
    </message>
    <message>
        <source>held on %1 % of the days</source>
        <translation>an %1 % der Tage gehalten</translation>
    </message>
    <message>
        <source>: dark %1, bright %2</source>
        <translation>: dunkel %1, hell %2</translation>
    </message>
    <message numerus="yes">
        <source>%n luminaires</source>
        <translation>
            <numerusform>%n Leuchte</numerusform>
            <numerusform>%n Leuchten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n scenes</source>
        <translation>
            <numerusform>%n Szene</numerusform>
            <numerusform>%n Szenen</numerusform>
        </translation>
    </message>
    <message>
        <source>Intensity by direction</source>
        <translation>Lichtstärke nach Richtung</translation>
    </message>
    <message>
        <source>Intensity by direction: planes C0 and C90, and all of it as a body. Drag to turn it</source>
        <translation>Lichtstärke nach Richtung: Ebenen C0 und C90, und alles als Körper. Ziehen dreht ihn</translation>
    </message>
    <message>
        <source>%1 lm</source>
        <translation>%1 lm</translation>
    </message>
    <message>
        <source>%1 W</source>
        <translation>%1 W</translation>
    </message>
    <message>
        <source>%1 lm/W</source>
        <translation>%1 lm/W</translation>
    </message>
    <message>
        <source>%1 % upwards</source>
        <translation>%1 % nach oben</translation>
    </message>
    <message>
        <source>Light output ratio %1 %</source>
        <translation>Betriebswirkungsgrad %1 %</translation>
    </message>
    <message>
        <source>Shines over %1 by %2 mm</source>
        <translation>Leuchtet auf %1 mal %2 mm</translation>
    </message>
    <message>
        <source>A point: without an area that shines it has no glare rating</source>
        <translation>Ein Punkt: ohne leuchtende Fläche hat sie keinen Blendwert</translation>
    </message>
    <message>
        <source>UGR 4H/8H, 70/50/20: crosswise %1, endwise %2</source>
        <translation>UGR 4H/8H, 70/50/20: quer %1, längs %2</translation>
    </message>
    <message>
        <source>Luminaires</source>
        <translation>Leuchten</translation>
    </message>
    <message>
        <source>No luminaires yet. Take one from the set that comes with the program, or read a photometric file (IES LM-63 or EULUMDAT).</source>
        <translation>Noch keine Leuchten. Eine aus der mitgelieferten Auswahl nehmen oder eine photometrische Datei lesen (IES LM-63 oder EULUMDAT).</translation>
    </message>
    <message>
        <source>Kind of luminaire</source>
        <translation>Leuchtenart</translation>
    </message>
    <message>
        <source>Another kind of luminaire</source>
        <translation>Eine weitere Leuchtenart</translation>
    </message>
    <message>
        <source>From a photometric file…</source>
        <translation>Aus photometrischer Datei…</translation>
    </message>
    <message>
        <source>Remove this kind, with all luminaires of it</source>
        <translation>Diese Art entfernen, mit allen Leuchten davon</translation>
    </message>
    <message>
        <source>Hangs</source>
        <translation>Hängt</translation>
    </message>
    <message>
        <source>under the ceiling</source>
        <translation>unter der Decke</translation>
    </message>
    <message>
        <source>on a wall</source>
        <translation>an einer Wand</translation>
    </message>
    <message>
        <source>on a table</source>
        <translation>auf einem Tisch</translation>
    </message>
    <message>
        <source>In a row</source>
        <translation>In einer Reihe</translation>
    </message>
    <message>
        <source>Place on the sheet</source>
        <translation>Auf dem Blatt setzen</translation>
    </message>
    <message>
        <source>One for each click; of a row its two ends (Shift+B)</source>
        <translation>Eine je Klick; bei einer Reihe die zwei Enden (Umschalt+B)</translation>
    </message>
    <message>
        <source>As many as reach, lx</source>
        <translation>So viele wie nötig für, lx</translation>
    </message>
    <message>
        <source>Lay out for %1</source>
        <translation>Anordnen für %1</translation>
    </message>
    <message>
        <source>Lay out</source>
        <translation>Anordnen</translation>
    </message>
    <message>
        <source>The fewest in even rows whose mean over the plane is enough; they take the place of those in its room. Select a room or a plane to mean another</source>
        <translation>Die wenigsten in gleichmäßigen Reihen, deren Mittel auf der Ebene genügt; sie ersetzen die im Raum. Einen Raum oder eine Ebene wählen, um eine andere zu meinen</translation>
    </message>
    <message>
        <source>Lay a reference plane into a room first</source>
        <translation>Erst eine Bezugsebene in einen Raum legen</translation>
    </message>
    <message>
        <source>This kind</source>
        <translation>Diese Art</translation>
    </message>
    <message>
        <source>kind of luminaire</source>
        <translation>Leuchtenart</translation>
    </message>
    <message>
        <source>From %1</source>
        <translation>Aus %1</translation>
    </message>
    <message>
        <source>Add luminaire %1</source>
        <translation>Leuchte %1 hinzufügen</translation>
    </message>
    <message>
        <source>A photometric file</source>
        <translation>Eine photometrische Datei</translation>
    </message>
    <message>
        <source>Photometry (*.ies *.IES *.ldt *.LDT);;All files (*)</source>
        <translation>Photometrie (*.ies *.IES *.ldt *.LDT);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Not read</source>
        <translation>Nicht gelesen</translation>
    </message>
    <message>
        <source>Remove luminaire %1</source>
        <translation>Leuchte %1 entfernen</translation>
    </message>
    <message>
        <source>Laying out luminaires…</source>
        <translation>Leuchten werden angeordnet…</translation>
    </message>
    <message>
        <source>Luminaires for %1</source>
        <translation>Leuchten für %1</translation>
    </message>
    <message>
        <source>Lay out luminaires</source>
        <translation>Leuchten anordnen</translation>
    </message>
    <message>
        <source>%1 luminaires: mean %2 ± %3 lx, uniformity %4</source>
        <translation>%1 Leuchten: Mittel %2 ± %3 lx, Gleichmäßigkeit %4</translation>
    </message>
    <message>
        <source>Place luminaires</source>
        <translation>Leuchten setzen</translation>
    </message>
    <message>
        <source>lamp light fixture</source>
        <translation>Lampe Licht Beleuchtung</translation>
    </message>
    <message>
        <source>Kinds of luminaires, and where they hang</source>
        <translation>Leuchtenarten, und wo sie hängen</translation>
    </message>
    <message>
        <source>Scenes</source>
        <translation>Szenen</translation>
    </message>
    <message>
        <source>No luminaires hang yet: the page Luminaires, on the Build desk, has kinds of them and places them.</source>
        <translation>Noch hängen keine Leuchten: die Seite Leuchten, auf dem Bautisch, hat Arten davon und setzt sie.</translation>
    </message>
    <message>
        <source>Illuminance of the moment by daylight alone</source>
        <translation>Beleuchtungsstärke des Zeitpunkts durch Tageslicht allein</translation>
    </message>
    <message>
        <source>Illuminance by the circuits as they are set</source>
        <translation>Beleuchtungsstärke durch die Stromkreise, wie sie stehen</translation>
    </message>
    <message>
        <source>Both</source>
        <translation>Beides</translation>
    </message>
    <message>
        <source>Daylight of the moment and the circuits together</source>
        <translation>Tageslicht des Zeitpunkts und die Stromkreise zusammen</translation>
    </message>
    <message>
        <source>Circuits dim beside daylight</source>
        <translation>Stromkreise dimmen neben Tageslicht</translation>
    </message>
    <message>
        <source>Each as its control has it do, for the target at its sensor</source>
        <translation>Jeder, wie seine Steuerung es tut, für den Zielwert an seinem Sensor</translation>
    </message>
    <message>
        <source>Scene</source>
        <translation>Szene</translation>
    </message>
    <message>
        <source>as set below</source>
        <translation>wie unten gestellt</translation>
    </message>
    <message>
        <source>Save as scene</source>
        <translation>Als Szene sichern</translation>
    </message>
    <message>
        <source>Evening</source>
        <translation>Abend</translation>
    </message>
    <message>
        <source>scene</source>
        <translation>Szene</translation>
    </message>
    <message>
        <source>dims beside daylight</source>
        <translation>dimmt neben Tageslicht</translation>
    </message>
    <message>
        <source>Dimming of scene</source>
        <translation>Dimmen der Szene</translation>
    </message>
    <message>
        <source>Remove scene</source>
        <translation>Szene entfernen</translation>
    </message>
    <message>
        <source>Circuits</source>
        <translation>Stromkreise</translation>
    </message>
    <message numerus="yes">
        <source>%n luminaires are on no circuit: always on, wholly.</source>
        <translation>
            <numerusform>%n Leuchte ist an keinem Stromkreis: immer ganz an.</numerusform>
            <numerusform>%n Leuchten sind an keinem Stromkreis: immer ganz an.</numerusform>
        </translation>
    </message>
    <message>
        <source>Level of %1</source>
        <translation>Stufe von %1</translation>
    </message>
    <message>
        <source>Save scene %1</source>
        <translation>Szene %1 sichern</translation>
    </message>
    <message>
        <source>Circuits by rows, %1</source>
        <translation>Stromkreise nach Reihen, %1</translation>
    </message>
    <message>
        <source>Circuits by rows</source>
        <translation>Stromkreise nach Reihen</translation>
    </message>
    <message>
        <source>The room has no reference plane: circuits are told of one</source>
        <translation>Der Raum hat keine Bezugsebene: Stromkreise gelten für eine</translation>
    </message>
    <message>
        <source>Rows parallel to the wall with most glass, each with a sensor of its own</source>
        <translation>Reihen gleichlaufend mit der Wand mit dem meisten Glas, jede mit eigenem Sensor</translation>
    </message>
    <message>
        <source>Circuit of the selected luminaires</source>
        <translation>Stromkreis der gewählten Leuchten</translation>
    </message>
    <message>
        <source>Circuit of luminaires</source>
        <translation>Stromkreis aus Leuchten</translation>
    </message>
    <message>
        <source>Select luminaires on the sheet first: click one, Shift adds</source>
        <translation>Erst Leuchten auf dem Blatt wählen: eine anklicken, Umschalt nimmt dazu</translation>
    </message>
    <message>
        <source>Light is being traced…</source>
        <translation>Licht wird verfolgt…</translation>
    </message>
    <message>
        <source>%1 %, %2 of %3 W</source>
        <translation>%1 %, %2 von %3 W</translation>
    </message>
    <message>
        <source>No plane has light of it.</source>
        <translation>Keine Ebene hat Licht davon.</translation>
    </message>
    <message>
        <source>Plane</source>
        <translation>Ebene</translation>
    </message>
    <message>
        <source>least / mean</source>
        <translation>kleinster / mittlerer</translation>
    </message>
    <message>
        <source>Power %1 W</source>
        <translation>Leistung %1 W</translation>
    </message>
    <message>
        <source>The year: %1 ± %2 kWh, LENI %3 kWh/(m² a), %4 %5, %6 kg CO₂</source>
        <translation>Das Jahr: %1 ± %2 kWh, LENI %3 kWh/(m² a), %4 %5, %6 kg CO₂</translation>
    </message>
    <message>
        <source>Run the year (Y) for kWh, LENI, cost and CO₂.</source>
        <translation>Das Jahr rechnen (Y) für kWh, LENI, Kosten und CO₂.</translation>
    </message>
    <message>
        <source>Circuits, their levels, scenes of light and what they take</source>
        <translation>Stromkreise, ihre Stufen, Lichtszenen und was sie brauchen</translation>
    </message>
    <message>
        <source>Scenes of electric light</source>
        <translation>Szenen des Kunstlichts</translation>
    </message>
    <message>
        <source>circuits dimming lamps switch</source>
        <translation>Stromkreise dimmen Lampen schalten</translation>
    </message>
    <message>
        <source>Luminaire</source>
        <translation>Leuchte</translation>
    </message>
    <message>
        <source>luminaire</source>
        <translation>Leuchte</translation>
    </message>
    <message>
        <source>none, always on</source>
        <translation>keiner, immer an</translation>
    </message>
    <message>
        <source>Circuit</source>
        <translation>Stromkreis</translation>
    </message>
    <message>
        <source>Hang luminaire</source>
        <translation>Leuchte hängen</translation>
    </message>
    <message>
        <source>Under the ceiling</source>
        <translation>Unter die Decke</translation>
    </message>
    <message>
        <source>On the nearest wall</source>
        <translation>An die nächste Wand</translation>
    </message>
    <message>
        <source>Electric light, live</source>
        <translation>Kunstlicht, mitlaufend</translation>
    </message>
    <message>
        <source>no luminaires yet</source>
        <translation>noch keine Leuchten</translation>
    </message>
    <message>
        <source>none: blinds closed</source>
        <translation>keines: Behänge zu</translation>
    </message>
    <message>
        <source>of moments, beside it</source>
        <translation>von Zeitpunkten, daneben</translation>
    </message>
    <message>
        <source>Of planes</source>
        <translation>Von Ebenen</translation>
    </message>
    <message>
        <source>and cylindrical illuminance, modelling</source>
        <translation>und zylindrische Beleuchtungsstärke, Modelling</translation>
    </message>
    <message>
        <source>all that is visible</source>
        <translation>alles Sichtbare</translation>
    </message>
    <message>
        <source>by wavelength, too: melanopic</source>
        <translation>auch nach Wellenlänge: melanopisch</translation>
    </message>
    <message>
        <source>Click where the row ends, or type length and angle</source>
        <translation>Anklicken, wo die Reihe endet, oder Länge und Winkel tippen</translation>
    </message>
    <message numerus="yes">
        <source>Click where the row of %n luminaires begins</source>
        <translation>
            <numerusform>Anklicken, wo die Reihe mit %n Leuchte beginnt</numerusform>
            <numerusform>Anklicken, wo die Reihe mit %n Leuchten beginnt</numerusform>
        </translation>
    </message>
    <message>
        <source>Click near the wall that the luminaire hangs on</source>
        <translation>Nahe der Wand klicken, an der die Leuchte hängt</translation>
    </message>
    <message>
        <source>Click the table that the luminaire stands on</source>
        <translation>Den Tisch anklicken, auf dem die Leuchte steht</translation>
    </message>
    <message>
        <source>Click where the luminaire hangs; Esc ends</source>
        <translation>Anklicken, wo die Leuchte hängt; Esc beendet</translation>
    </message>
    <message>
        <source>lm</source>
        <translation>lm</translation>
    </message>
    <message>
        <source>Maintenance</source>
        <translation>Wartung</translation>
    </message>
    <message>
        <source>K</source>
        <translation>K</translation>
    </message>
    <message>
        <source>UGR 4H/8H</source>
        <translation>UGR 4H/8H</translation>
    </message>
    <message>
        <source>UGR by table (CIE 190), reflectances 70/50/20, crosswise and endwise.</source>
        <translation>UGR nach Tabelle (CIE 190), Reflexionsgrade 70/50/20, quer und längs.</translation>
    </message>
    <message>
        <source>LENI</source>
        <translation>LENI</translation>
    </message>
    <message>
        <source>LENI of all together %1 kWh/(m² a) (EN 15193-1: stand-by included); %2 kWh, %3 %4, %5 kg CO₂ a year.</source>
        <translation>LENI aller zusammen %1 kWh/(m² a) (EN 15193-1: mit Bereitschaft); %2 kWh, %3 %4, %5 kg CO₂ im Jahr.</translation>
    </message>
    <message>
        <source>Mean maintained illuminance by electric light alone over the plane, all luminaires on: at least %1 lx</source>
        <translation>Mittlere gewartete Beleuchtungsstärke auf der Ebene durch Kunstlicht allein, alle Leuchten ein: mindestens %1 lx</translation>
    </message>
    <message>
        <source>Least over mean of the maintained illuminance: at least %1</source>
        <translation>Kleinste durch mittlere gewartete Beleuchtungsstärke: mindestens %1</translation>
    </message>
    <message>
        <source>Unified glare rating (CIE 117) at every observer of the room, as it looks: at most %1</source>
        <translation>Blendwert UGR (CIE 117) an jedem Beobachter des Raums, wie er blickt: höchstens %1</translation>
    </message>
    <message>
        <source>Mean maintained cylindrical illuminance 1.2 m above the floor: at least %1 lx</source>
        <translation>Mittlere gewartete zylindrische Beleuchtungsstärke 1,2 m über dem Boden: mindestens %1 lx</translation>
    </message>
    <message>
        <source>It was measured at a tilt of %1 degrees; intensities are taken as they stand.</source>
        <translation>Gemessen wurde bei einer Neigung von %1 Grad; die Lichtstärken werden genommen, wie sie dastehen.</translation>
    </message>
    <message>
        <source>Of %1 sets of lamps the first is taken.</source>
        <translation>Von %1 Bestückungen wird die erste genommen.</translation>
    </message>
    <message>
        <source>It says that %1 % of the lamps&apos; light leaves it; its intensities come to %2 %.</source>
        <translation>Angegeben sind %1 % des Lichts der Lampen; die Lichtstärken ergeben %2 %.</translation>
    </message>
    <message>
        <source>the file ends where %1 should stand</source>
        <translation>die Datei endet, wo %1 stehen müsste</translation>
    </message>
    <message>
        <source>planes from %1 to %2 with angles from %3 to %4 degrees are no whole luminaire</source>
        <translation>Ebenen von %1 bis %2 mit Winkeln von %3 bis %4 Grad sind keine ganze Leuchte</translation>
    </message>
    <message>
        <source>the tilt is in another file, &quot;%1&quot;</source>
        <translation>die Neigung steht in einer anderen Datei, „%1“</translation>
    </message>
    <message>
        <source>%1 planes do not go with symmetry %2</source>
        <translation>%1 Ebenen passen nicht zur Symmetrie %2</translation>
    </message>
    <message>
        <source>planes with values span %1 degrees, not %2</source>
        <translation>Ebenen mit Werten überspannen %1 Grad, nicht %2</translation>
    </message>
    <message>
        <source>option %1 has no scene &quot;%2&quot;</source>
        <translation>Variante %1 hat keine Szene „%2“</translation>
    </message>
    <message>
        <source>option %1 has no luminaires</source>
        <translation>Variante %1 hat keine Leuchten</translation>
    </message>
    <message>
        <source>Electric light beside daylight, %1 and %2 more</source>
        <translation>Kunstlicht neben Tageslicht, %1 und %2 weitere</translation>
    </message>
    <message>
        <source>Electric light beside daylight, %1</source>
        <translation>Kunstlicht neben Tageslicht, %1</translation>
    </message>
    <message>
        <source>%1 and daylight, %2</source>
        <translation>%1 und Tageslicht, %2</translation>
    </message>
    <message>
        <source>%1: maintained illuminance %2 lx</source>
        <translation>%1: gewartete Beleuchtungsstärke %2 lx</translation>
    </message>
    <message>
        <source>%1: cylindrical illuminance %2 lx</source>
        <translation>%1: zylindrische Beleuchtungsstärke %2 lx</translation>
    </message>
    <message>
        <source>%1: uniformity %2</source>
        <translation>%1: Gleichmäßigkeit %2</translation>
    </message>
    <message>
        <source>%1: UGR at most %2</source>
        <translation>%1: UGR höchstens %2</translation>
    </message>
    <message>
        <source>%9, straight</source>
        <translation>%9, unmittelbar</translation>
    </message>
    <message>
        <source>%9, cylindrical</source>
        <translation>%9, zylindrisch</translation>
    </message>
    <message>
        <source>%9, modelling</source>
        <translation>%9, Modelling (E_z / E_h)</translation>
    </message>
    <message>
        <source>%9, melanopic EDI</source>
        <translation>%9, melanopische EDI</translation>
    </message>
    <message>
        <source>%9, melanopic DER</source>
        <translation>%9, melanopisches DER</translation>
    </message>
    <message>
        <source>all on</source>
        <translation>alle ein</translation>
    </message>
    <message>
        <source>Illuminance, electric light</source>
        <translation>Beleuchtungsstärke, Kunstlicht</translation>
    </message>
    <message>
        <source>Straight from luminaires</source>
        <translation>Unmittelbar von Leuchten</translation>
    </message>
    <message>
        <source>Cylindrical illuminance</source>
        <translation>Zylindrische Beleuchtungsstärke</translation>
    </message>
    <message>
        <source>Modelling</source>
        <translation>Modelling (Körperlichkeit)</translation>
    </message>
    <message>
        <source>Melanopic EDI, electric light</source>
        <translation>Melanopische EDI, Kunstlicht</translation>
    </message>
    <message>
        <source>Melanopic DER, electric light</source>
        <translation>Melanopisches DER, Kunstlicht</translation>
    </message>
    <message>
        <source>Illuminance, electric light and daylight</source>
        <translation>Beleuchtungsstärke, Kunstlicht und Tageslicht</translation>
    </message>
    <message>
        <source>UGR at the eyes</source>
        <translation>UGR an den Augen</translation>
    </message>
    <message>
        <source>Along C0</source>
        <translation>Entlang C0</translation>
    </message>
    <message>
        <source>Along C90</source>
        <translation>Entlang C90</translation>
    </message>
    <message>
        <source>Lamps</source>
        <translation>Lampen</translation>
    </message>
    <message>
        <source>Colour temperature</source>
        <translation>Farbtemperatur</translation>
    </message>
    <message>
        <source>Colour rendering</source>
        <translation>Farbwiedergabe</translation>
    </message>
    <message>
        <source>Shines</source>
        <translation>Leuchtet</translation>
    </message>
    <message>
        <source>round</source>
        <translation>rund</translation>
    </message>
    <message>
        <source>ball</source>
        <translation>Kugel</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Gilt</translation>
    </message>
    <message>
        <source>by daylight</source>
        <translation>nach Tageslicht</translation>
    </message>
    <message>
        <source>Dims</source>
        <translation>Dimmt</translation>
    </message>
    <message>
        <source>Below</source>
        <translation>Unter</translation>
    </message>
    <message>
        <source>Price of a kWh</source>
        <translation>Preis einer kWh</translation>
    </message>
    <message>
        <source>Currency</source>
        <translation>Währung</translation>
    </message>
    <message>
        <source>CO2 of a kWh</source>
        <translation>CO2 einer kWh</translation>
    </message>
    <message>
        <source>of what shines; 0: a point</source>
        <translation>von dem, was leuchtet; 0: ein Punkt</translation>
    </message>
    <message>
        <source>of what shines</source>
        <translation>von dem, was leuchtet</translation>
    </message>
    <message>
        <source>of what shines; its sides shine, too</source>
        <translation>von dem, was leuchtet; die Seiten leuchten mit</translation>
    </message>
    <message>
        <source>with its gear</source>
        <translation>mit Betriebsgerät</translation>
    </message>
    <message>
        <source>while it gives no light</source>
        <translation>solange sie kein Licht gibt</translation>
    </message>
    <message>
        <source>of its lamps; 0: photometry is absolute</source>
        <translation>ihrer Lampen; 0: absolute Photometrie</translation>
    </message>
    <message>
        <source>what is left of its light when it is maintained (EN 12464-1)</source>
        <translation>was von ihrem Licht bleibt, wenn gewartet wird (EN 12464-1)</translation>
    </message>
    <message>
        <source>correlated; 0: not known</source>
        <translation>ähnlichste; 0: nicht bekannt</translation>
    </message>
    <message>
        <source>general index Ra (CIE 13); 0: not known</source>
        <translation>allgemeiner Index Ra (CIE 13); 0: nicht bekannt</translation>
    </message>
    <message>
        <source>form of what shines</source>
        <translation>Form dessen, was leuchtet</translation>
    </message>
    <message>
        <source>#rrggbb, of drawings only</source>
        <translation>#rrggbb, nur für Zeichnungen</translation>
    </message>
    <message>
        <source>of what shines, above the floor</source>
        <translation>von dem, was leuchtet, über dem Boden</translation>
    </message>
    <message>
        <source>counter-clockwise: where C0 looks</source>
        <translation>gegen den Uhrzeigersinn: wohin C0 blickt</translation>
    </message>
    <message>
        <source>that straight down is raised towards C0; 90 looks level</source>
        <translation>um die das Lot zu C0 hin gehoben ist; 90 blickt waagrecht</translation>
    </message>
    <message>
        <source>of its light</source>
        <translation>ihres Lichts</translation>
    </message>
    <message>
        <source>circuits go below their level as far as their control has them do by daylight</source>
        <translation>Stromkreise gehen unter ihre Stufe, so weit ihre Steuerung es bei Tageslicht tut</translation>
    </message>
    <message>
        <source>may run over midnight</source>
        <translation>darf über Mitternacht gehen</translation>
    </message>
    <message>
        <source>on the open ground</source>
        <translation>im Freien</translation>
    </message>
    <message>
        <source>as ISO 4217</source>
        <translation>nach ISO 4217</translation>
    </message>
    <message>
        <source>equivalent</source>
        <translation>Äquivalent</translation>
    </message>
    <message>
        <source>EN 12464-1 lighting of indoor work places, common tasks</source>
        <translation>EN 12464-1 Beleuchtung von Arbeitsstätten innen, häufige Aufgaben</translation>
    </message>
    <message>
        <source>Values, tables and lines are from memory: check them against the edition. Rooms are judged by what they are for; their plane stands for the task area, its observers for the people. Colour rendering and surrounding areas are not judged</source>
        <translation>Werte, Tabellen und Zeilen sind aus dem Gedächtnis: an der Ausgabe prüfen. Räume werden nach ihrem Zweck beurteilt; ihre Ebene steht für den Bereich der Sehaufgabe, ihre Beobachter für die Menschen. Farbwiedergabe und Umgebungsbereiche werden nicht beurteilt</translation>
    </message>
    <message>
        <source>Offices: writing, typing, reading, data processing</source>
        <translation>Büros: Schreiben, Lesen, Datenverarbeitung</translation>
    </message>
    <message>
        <source>Conference and meeting rooms</source>
        <translation>Konferenz- und Besprechungsräume</translation>
    </message>
    <message>
        <source>Classrooms, general</source>
        <translation>Unterrichtsräume, allgemein</translation>
    </message>
    <message>
        <source>Libraries, reading areas</source>
        <translation>Büchereien, Lesebereiche</translation>
    </message>
    <message>
        <source>Workshops, fine work</source>
        <translation>Werkstätten, feine Arbeit</translation>
    </message>
    <message>
        <source>Sales areas</source>
        <translation>Verkaufsbereiche</translation>
    </message>
    <message>
        <source>Wards, general light</source>
        <translation>Krankenzimmer, Allgemeinbeleuchtung</translation>
    </message>
    <message>
        <source>Entrance halls</source>
        <translation>Eingangshallen</translation>
    </message>
    <message>
        <source>Corridors</source>
        <translation>Flure</translation>
    </message>
    <message>
        <source>Store rooms</source>
        <translation>Lagerräume</translation>
    </message>
    <message>
        <source>Illuminance by electric light alone, luminaires as the scene has them and as they are maintained, all interreflection included (EN 12464-1: maintained illuminance).</source>
        <translation>Beleuchtungsstärke durch Kunstlicht allein, Leuchten wie in der Szene und gewartet, mit aller Interreflexion (EN 12464-1: Wartungswert).</translation>
    </message>
    <message>
        <source>corridors</source>
        <translation>Flure und Gänge</translation>
    </message>
    <message>
        <source>filing, copying; reception desks</source>
        <translation>Ablegen, Kopieren; Empfang</translation>
    </message>
    <message>
        <source>writing, reading, meetings</source>
        <translation>Schreiben, Lesen, Besprechungen</translation>
    </message>
    <message>
        <source>technical drawing</source>
        <translation>Technisches Zeichnen</translation>
    </message>
    <message>
        <source>Mean of the illuminances of all upright planes at a place, at the height of eyes: what lights faces (EN 12464-1).</source>
        <translation>Mittel der Beleuchtungsstärken aller senkrechten Ebenen an einem Ort in Augenhöhe: was Gesichter beleuchtet (EN 12464-1).</translation>
    </message>
    <message>
        <source>least where people are</source>
        <translation>mindestens, wo Menschen sind</translation>
    </message>
    <message>
        <source>where people talk to each other: offices, meetings, teaching</source>
        <translation>wo Menschen miteinander sprechen: Büros, Besprechungen, Unterricht</translation>
    </message>
    <message>
        <source>Cylindrical over horizontal illuminance at the same place: how well faces and forms show (EN 12464-1).</source>
        <translation>Zylindrische durch waagrechte Beleuchtungsstärke am selben Ort: wie gut Gesichter und Formen sich zeigen (EN 12464-1).</translation>
    </message>
    <message>
        <source>below it light comes too much from above</source>
        <translation>darunter kommt das Licht zu sehr von oben</translation>
    </message>
    <message>
        <source>above it forms look flat</source>
        <translation>darüber wirken Formen flach</translation>
    </message>
    <message>
        <source>Unified glare rating of the luminaires that an eye sees, against what surfaces send to it (CIE 117:1995).</source>
        <translation>Blendwert der Leuchten, die ein Auge sieht, gegen das, was Flächen ihm senden (CIE 117:1995).</translation>
    </message>
    <message>
        <source>limit for technical drawing</source>
        <translation>Grenze für technisches Zeichnen</translation>
    </message>
    <message>
        <source>limit for offices, meetings, teaching</source>
        <translation>Grenze für Büros, Besprechungen, Unterricht</translation>
    </message>
    <message>
        <source>limit for shops, receptions, kitchens</source>
        <translation>Grenze für Läden, Empfang, Küchen</translation>
    </message>
    <message>
        <source>limit for stores, washrooms</source>
        <translation>Grenze für Lager, Waschräume</translation>
    </message>
    <message>
        <source>limit for corridors</source>
        <translation>Grenze für Flure</translation>
    </message>
    <message>
        <source>Illuminance by daylight of a moment and by electric light together, circuits as their control has them do beside it.</source>
        <translation>Beleuchtungsstärke durch Tageslicht eines Zeitpunkts und Kunstlicht zusammen, Stromkreise wie ihre Steuerung sie daneben hält.</translation>
    </message>
    <message>
        <source>The file gives no power.</source>
        <translation>Die Datei nennt keine Leistung.</translation>
    </message>
    <message>
        <source>The file gives no colour temperature.</source>
        <translation>Die Datei nennt keine Farbtemperatur.</translation>
    </message>
    <message>
        <source>The file is cut off: ask the maker for a whole one</source>
        <translation>Die Datei ist abgeschnitten: den Hersteller um eine ganze bitten</translation>
    </message>
    <message>
        <source>The file is cut off, or no EULUMDAT: ask the maker for a whole one</source>
        <translation>Die Datei ist abgeschnitten oder kein EULUMDAT: den Hersteller um eine ganze bitten</translation>
    </message>
    <message>
        <source>Correct the value, or ask the maker for a sound file</source>
        <translation>Den Wert berichtigen oder den Hersteller um eine heile Datei bitten</translation>
    </message>
    <message>
        <source>Ask the maker for a sound file</source>
        <translation>Den Hersteller um eine heile Datei bitten</translation>
    </message>
    <message>
        <source>it gives no light in any direction</source>
        <translation>sie gibt in keine Richtung Licht</translation>
    </message>
    <message>
        <source>more numbers follow than there are directions</source>
        <translation>es folgen mehr Zahlen, als es Richtungen gibt</translation>
    </message>
    <message>
        <source>Counts of angles and values do not agree: ask the maker for a sound file</source>
        <translation>Anzahlen von Winkeln und Werten stimmen nicht überein: den Hersteller um eine heile Datei bitten</translation>
    </message>
    <message>
        <source>there is no line TILT=</source>
        <translation>es gibt keine Zeile TILT=</translation>
    </message>
    <message>
        <source>An IES file has one before its numbers: check that it is one</source>
        <translation>Eine IES-Datei hat eine vor ihren Zahlen: prüfen, ob es eine ist</translation>
    </message>
    <message>
        <source>Place some, or read a photometric file first</source>
        <translation>Erst welche setzen oder eine photometrische Datei lesen</translation>
    </message>
    <message>
        <source>Name one of its scenes, or none to ask all</source>
        <translation>Eine ihrer Szenen nennen oder keine, um alle zu fragen</translation>
    </message>
    <message>
        <source>Lay a reference plane into the room first</source>
        <translation>Erst eine Bezugsebene in den Raum legen</translation>
    </message>
    <message>
        <source>it has no points</source>
        <translation>sie hat keine Punkte</translation>
    </message>
    <message>
        <source>luminaires of this kind give it no light</source>
        <translation>Leuchten dieser Art geben ihr kein Licht</translation>
    </message>
    <message>
        <source>Choose another kind, or aim them</source>
        <translation>Eine andere Art wählen oder sie ausrichten</translation>
    </message>
    <message>
        <source>more luminaires would be needed than can hang there</source>
        <translation>es bräuchte mehr Leuchten, als dort hängen können</translation>
    </message>
    <message>
        <source>Choose a kind that gives more light</source>
        <translation>Eine Art wählen, die mehr Licht gibt</translation>
    </message>
    <message>
        <source>electric light over the planes, all luminaires on and blinds closed, cylindrical 1.2 m high</source>
        <translation>Kunstlicht auf den Ebenen, alle Leuchten ein und Behänge zu, zylindrisch in 1,2 m Höhe</translation>
    </message>
    <message>
        <source>glare of luminaires at the observers, all of them on and blinds closed</source>
        <translation>Blendung durch Leuchten an den Beobachtern, alle ein und Behänge zu</translation>
    </message>
    <message>
        <source>By electric light</source>
        <translation>Durch Kunstlicht</translation>
    </message>
    <message>
        <source>Light in the picture</source>
        <translation>Licht im Bild</translation>
    </message>
    <message>
        <source>Whether luminaires shine beside the daylight of the moment</source>
        <translation>Ob Leuchten neben dem Tageslicht des Zeitpunkts leuchten</translation>
    </message>
    <message>
        <source>and all luminaires</source>
        <translation>und alle Leuchten</translation>
    </message>
    <message>
        <source>and %1</source>
        <translation>und %1</translation>
    </message>
    <message>
        <source>Of a kWh</source>
        <translation>Je kWh</translation>
    </message>
    <message>
        <source>energy</source>
        <translation>Energie</translation>
    </message>
    <message>
        <source>Three letters of ISO 4217, such as EUR</source>
        <translation>Drei Buchstaben nach ISO 4217, etwa EUR</translation>
    </message>
    <message>
        <source>Currency of energy</source>
        <translation>Währung der Energie</translation>
    </message>
    <message>
        <source>%1 is in a wall of %2.</source>
        <translation>%1 steckt in einer Wand von %2.</translation>
    </message>
    <message>
        <source>%1 is in the ceiling of %2.</source>
        <translation>%1 steckt in der Decke von %2.</translation>
    </message>
    <message>
        <source>%1 is in the floor of %2.</source>
        <translation>%1 steckt im Boden von %2.</translation>
    </message>
    <message>
        <source>, electric light</source>
        <translation>, elektrisches Licht</translation>
    </message>
    <message>
        <source>Which light counts</source>
        <translation>Welches Licht zählt</translation>
    </message>
    <message>
        <source>Electric light is what the circuits give in each hour: as their control dims them, and as scenes hold. Figures that a standard defines stay those of daylight.</source>
        <translation>Elektrisches Licht ist, was die Kreise in jeder Stunde geben: wie ihre Steuerung sie dimmt und wie Szenen gelten. Größen, die eine Norm festlegt, bleiben die des Tageslichts.</translation>
    </message>
    <message>
        <source>daylight and electric light</source>
        <translation>Tageslicht und elektrisches Licht</translation>
    </message>
    <message>
        <source>, both lights</source>
        <translation>, beide Lichter</translation>
    </message>
    <message>
        <source>Time with the target</source>
        <translation>Zeit mit dem Zielwert</translation>
    </message>
    <message>
        <source>Time with the target, or part of it</source>
        <translation>Zeit mit dem Zielwert oder einem Teil davon</translation>
    </message>
    <message>
        <source>Time with ten times the target</source>
        <translation>Zeit mit dem Zehnfachen des Zielwerts</translation>
    </message>
    <message>
        <source>Area with the target half of the time</source>
        <translation>Fläche mit dem Zielwert in der halben Zeit</translation>
    </message>
    <message>
        <source>Many machines…</source>
        <translation>Viele Rechner…</translation>
    </message>
    <message>
        <source>Whether this program makes jobs, or other processes and hosts</source>
        <translation>Ob dieses Programm Aufträge rechnet oder andere Prozesse und Rechner</translation>
    </message>
    <message>
        <source>Install the same version everywhere: else figures may differ.</source>
        <translation>Überall dieselbe Version einrichten: sonst können Zahlen abweichen.</translation>
    </message>
    <message>
        <source>Trying machines</source>
        <translation>Rechner ausprobieren</translation>
    </message>
    <message>
        <source>Many machines</source>
        <translation>Viele Rechner</translation>
    </message>
    <message>
        <source>Who makes jobs</source>
        <translation>Wer Aufträge rechnet</translation>
    </message>
    <message>
        <source>This program, with all cores of this machine</source>
        <translation>Dieses Programm, mit allen Kernen dieses Rechners</translation>
    </message>
    <message>
        <source>Processes beside it on this machine:</source>
        <translation>Prozesse daneben auf diesem Rechner:</translation>
    </message>
    <message>
        <source>A process on each host of a list</source>
        <translation>Ein Prozess auf jedem Rechner einer Liste</translation>
    </message>
    <message>
        <source>Processes</source>
        <translation>Prozesse</translation>
    </message>
    <message>
        <source>Years, tables, pictures taken together and series go there; what follows while one draws stays here. Answers land beside the project and are the same bit by bit. A host needs this program at the same path, and ssh from here without a password.</source>
        <translation>Jahre, Tabellen, gemeinsam aufgenommene Bilder und Reihen gehen dorthin; was beim Zeichnen mitläuft, bleibt hier. Antworten landen neben dem Projekt und sind Bit für Bit dieselben. Ein Rechner braucht dieses Programm unter demselben Pfad und ssh von hier ohne Passwort.</translation>
    </message>
    <message>
        <source>List of hosts</source>
        <translation>Liste der Rechner</translation>
    </message>
    <message>
        <source>List of hosts: a name a line, as mpirun reads it</source>
        <translation>Liste der Rechner: ein Name je Zeile, wie mpirun sie liest</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Wählen…</translation>
    </message>
    <message>
        <source>Hosts</source>
        <translation>Rechner</translation>
    </message>
    <message>
        <source>Host</source>
        <translation>Rechner</translation>
    </message>
    <message>
        <source>As the list says</source>
        <translation>Laut Liste</translation>
    </message>
    <message>
        <source>Try them</source>
        <translation>Ausprobieren</translation>
    </message>
    <message>
        <source>Starts the program on each and shows which version answers</source>
        <translation>Startet das Programm auf jedem und zeigt, welche Version antwortet</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Choose a list: until then jobs stay here.</source>
        <translation>Eine Liste wählen: bis dahin bleiben Aufträge hier.</translation>
    </message>
    <message>
        <source>Waiting for them to answer…</source>
        <translation>Wartet auf ihre Antwort…</translation>
    </message>
    <message>
        <source>hosts processes cluster settings</source>
        <translation>Rechner Prozesse Verbund Einstellungen</translation>
    </message>
    <message>
        <source>it said nothing</source>
        <translation>es sagte nichts</translation>
    </message>
    <message numerus="yes">
        <source>%n processes</source>
        <translation>
            <numerusform>%n Prozess</numerusform>
            <numerusform>%n Prozesse</numerusform>
        </translation>
    </message>
    <message>
        <source>the hosts of %1</source>
        <translation>die Rechner aus %1</translation>
    </message>
    <message>
        <source>%1, by %2</source>
        <translation>%1, durch %2</translation>
    </message>
    <message>
        <source>nobody answered within half a minute</source>
        <translation>niemand antwortete binnen einer halben Minute</translation>
    </message>
    <message>
        <source>is not installed</source>
        <translation>ist nicht eingerichtet</translation>
    </message>
    <message>
        <source>Install Open MPI (Debian&apos;s openmpi-bin) on every machine</source>
        <translation>Open MPI (Debians openmpi-bin) auf jedem Rechner einrichten</translation>
    </message>
    <message>
        <source>is not there</source>
        <translation>ist nicht da</translation>
    </message>
    <message>
        <source>Install it beside this program</source>
        <translation>Neben diesem Programm einrichten</translation>
    </message>
    <message>
        <source>names no host</source>
        <translation>nennt keinen Rechner</translation>
    </message>
    <message>
        <source>Write one a line, as in: studio slots=1</source>
        <translation>Einen je Zeile schreiben, etwa: studio slots=1</translation>
    </message>
    <message>
        <source>no list is chosen</source>
        <translation>keine Liste ist gewählt</translation>
    </message>
    <message>
        <source>Choose a list of hosts, one a line</source>
        <translation>Eine Liste von Rechnern wählen, einer je Zeile</translation>
    </message>
    <message>
        <source>Try the machines under Jobs and answers; the job is made here alone</source>
        <translation>Die Rechner unter Aufträge und Antworten ausprobieren; der Auftrag wird hier allein gerechnet</translation>
    </message>
    <message>
        <source>what others make has no place</source>
        <translation>was andere rechnen, hat keinen Ort</translation>
    </message>
    <message>
        <source>Save the project: answers are kept beside it</source>
        <translation>Das Projekt sichern: Antworten liegen neben ihm</translation>
    </message>
    <message>
        <source>See that the weather file can be read</source>
        <translation>Darauf achten, dass die Wetterdatei lesbar ist</translation>
    </message>
</context>
</TS>
