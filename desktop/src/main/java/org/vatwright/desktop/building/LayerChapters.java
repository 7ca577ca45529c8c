package org.vatwright.desktop.building;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Offer;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.control.Beforehand;
import org.vatwright.desktop.control.ChapterLine;
import org.vatwright.desktop.control.Gradual;
import org.vatwright.desktop.control.OneSeen;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.control.Unfolding;
import org.vatwright.desktop.frame.Command;
import org.vatwright.desktop.frame.Commands;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The chapters of the open layer. Each is made when it is first opened and brought up to date only while it is open. */
final class LayerChapters extends VBox {

    private record Asked(Layer layer, Repeat repeat) {}

    private record Found(Asked asked, Optional<Finding> worst, List<Offer> ways) {}

    private static final int MOST_WAYS = 2;

    private final Studio studio;
    private final Runnable opened;
    private final Consumer<String> read;
    private final ChapterLine line = new ChapterLine(this::open);
    private final OneSeen place = new OneSeen();
    private final Label finding = Ui.prose("", "look");
    private final Offers ways;
    private final VBox found;
    private final Aside<Found> check = new Aside<>(Platform::runLater, this::tell);
    private final Map<FamilyChapters.Entry, Chapter> made = new HashMap<>();
    private final Map<String, String> last = new HashMap<>();
    private final Gradual rows = new Gradual();
    private final Beforehand beforehand = new Beforehand(this::ahead);
    private String now = "";
    private String family = "";
    private Asked asked;
    private boolean shownInPlace;

    /**
     * @param opened told when a chapter is opened by hand, so that what stands in its place gives way
     * @param seen told the chapter that is seen, as "family/chapter"; empty for none
     */
    LayerChapters(Studio studio, Runnable opened, Consumer<String> seen) {
        super(10);
        this.studio = studio;
        this.opened = opened;
        this.read = seen;
        finding.setId("layer-finding");
        ways = new Offers(studio, "way-");
        found = Ui.column(4, finding, ways);
        Ui.show(found, false);
        getChildren().addAll(line, place, found, beforehand);
    }

    private void open(String chapter) {
        now = chapter;
        last.put(family, chapter);
        opened.run();
    }

    /** @return what can be done in all chapters of the open layer; each opens its chapter first */
    List<Command> commands(Design design, Colourway colourway) {
        return studio.layer().stream().flatMap(layer -> FamilyChapters.of(layer.structure().family()).stream()
                .flatMap(entry -> {
                    Chapter chapter = made(entry);
                    chapter.show(design, colourway, layer);
                    chapter.complete();
                    // What it holds: it is hidden itself while another one is open.
                    return Commands.of(chapter.getChildren().toArray(Node[]::new)).stream()
                            .map(c -> c.in(entry.title(), () -> open(entry.id())));
                })).toList();
    }

    private FamilyChapters.Entry entry(List<FamilyChapters.Entry> all) {
        return all.stream().filter(c -> c.id().equals(now)).findFirst().orElseThrow();
    }

    private Chapter made(FamilyChapters.Entry entry) {
        return made.computeIfAbsent(entry, e -> e.make().apply(studio));
    }

    /** @return chapters of the layers at hand, each made when it is asked for; nothing when it is there */
    private List<Supplier<Optional<Beforehand.Made>>> ahead() {
        return studio.project().designs().stream().flatMap(d -> d.layers().stream())
                .map(layer -> layer.structure().family()).distinct().map(FamilyChapters::of).flatMap(List::stream)
                .filter(entry -> !isThere(entry))
                .distinct().<Supplier<Optional<Beforehand.Made>>>map(entry -> () -> Optional.of(entry)
                        .filter(e -> !isThere(e))
                        .map(e -> new Beforehand.Made(made(e), place, furnishing(e))))
                .toList();
    }

    /** @return steps that fill a chapter, once with each layer that has it: its lists keep as many rows as the longest takes */
    private List<Runnable> furnishing(FamilyChapters.Entry entry) {
        return studio.project().designs().stream().flatMap(d -> d.layers().stream()
                .filter(layer -> FamilyChapters.of(layer.structure().family()).contains(entry))
                .flatMap(layer -> made(entry).furnishing(d, studio.colourway(d), layer).stream())).toList();
    }

    private boolean isThere(FamilyChapters.Entry entry) {
        return made.containsKey(entry) && made.get(entry).getParent() != null;
    }

    /** @param inPlace whether a chapter is seen; else something else stands in its place */
    void show(Design design, Colourway colourway, boolean inPlace) {
        Optional<Layer> open = studio.layer();
        Ui.show(this, open.isPresent());
        if (open.isEmpty()) {
            read.accept("");
        }
        open.ifPresent(layer -> show(design, colourway, layer, inPlace));
    }

    private void show(Design design, Colourway colourway, Layer layer, boolean inPlace) {
        family = layer.structure().family();
        List<FamilyChapters.Entry> all = FamilyChapters.of(family);
        // What is open stays open where the other layer has it as well; else what was last open in its family.
        if (all.stream().noneMatch(c -> c.id().equals(now))) {
            now = last.getOrDefault(family, all.getFirst().id());
        }
        line.show(all.stream().map(c -> new ChapterLine.Name(c.id(), c.title())).toList(), inPlace ? now : "");
        Ui.show(place, inPlace);
        read.accept(inPlace ? family + "/" + now : "");
        asked = new Asked(layer, design.repeat());
        Asked question = asked;
        boolean closing = !inPlace || !entry(all).ofClosing();
        check.ask(List.of(question, closing), work -> found(question, closing));
        shownInPlace = inPlace;
        if (inPlace && !made.containsKey(entry(all))) {
            // Made after what waits meanwhile: a key, a click. All else stands there already.
            place.showNone();
            FamilyChapters.Entry entry = entry(all);
            Platform.runLater(() -> {
                made(entry);
                studio.design().ifPresent(d -> show(d, studio.colourway(d), shownInPlace));
            });
        } else if (inPlace) {
            Chapter chapter = made(entry(all));
            beforehand.giveWay(chapter);
            chapter.show(design, colourway, layer);
            if (place.show(chapter)) {
                rows.first(Unfolding.of(chapter));
            }
        }
    }

    /** @param closing whether that it does not close is told, too */
    private static Found found(Asked asked, boolean closing) {
        Layer layer = asked.layer();
        List<Finding> findings = layer.structure().findings(asked.repeat()).stream()
                .filter(f -> f.severity() != Finding.Severity.FINE).toList();
        Optional<Finding> worst = findings.stream().filter(f -> !f.closesNearly()).findFirst()
                .or(() -> findings.stream().findFirst().filter(f -> closing));
        List<Offer> ways = worst.filter(Finding::closesNearly).isPresent()
                ? Offer.sorted(layer.structure().closings(asked.repeat()).stream().map(c -> c.on(layer.id())).toList())
                : worst.flatMap(Finding::cure).stream().toList();
        return new Found(asked, worst, ways.stream().limit(MOST_WAYS).toList());
    }

    /** What is not as it should be with this layer, in a quiet line, and ways to mend it. */
    private void tell(Found answer) {
        if (answer.asked().equals(asked)) {
            Ui.show(found, answer.worst().isPresent());
            answer.worst().ifPresent(f -> finding.setText(f.closesNearly()
                    ? "Does not close at %s on this tile; drawn at %s.".formatted(f.limit(), f.value())
                    : "%s: %s. %s".formatted(f.check(), f.value(), f.words()).strip()));
            ways.show(answer.ways());
        }
    }
}
