package org.vatwright.desktop.inspect;

import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.inspect.Inspection;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.CheckLimits;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.render.Cloth;
import org.vatwright.desktop.cloth.TrueSize;
import org.vatwright.desktop.control.ChapterLine;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.DesignStage;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Change;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Inspect: the field large, the findings beside it, worst first. */
public final class InspectStage extends DesignStage {

    private static final String FINDINGS = "findings";
    private static final String LIMITS = "limits";
    private static final List<ChapterLine.Name> NAMES = List.of(new ChapterLine.Name(FINDINGS, "Findings"),
            new ChapterLine.Name(LIMITS, "Limits"));
    private static final int USUAL_FINDINGS = 8;

    private final InspectPane pane;
    private final Label title = Ui.label("", "column-title");
    private final Label count = Ui.label("", "quiet");
    private final VBox worst = new VBox(8);
    private final VBox rest = new VBox(8);
    private final Pool<FindingCard> cards;
    private final Pool<FindingCard.InOrder> inOrder = new Pool<>(rest, i -> new FindingCard.InOrder());
    private final VBox findings = new VBox(8, worst, rest);
    private final NumberRow density;
    private final NumberRow cells;
    private final Segments<InspectPane.Sight> sights;
    private final LimitRows limits;
    private final ChapterLine chapters = new ChapterLine(this::open);
    private String chapter = FINDINGS;
    private final Aside<List<Finding>> check = new Aside<>(Platform::runLater, this::list);
    private InspectPane.Sight sight = InspectPane.Sight.PLAIN;
    private double across = 4;

    private record Question(Cloth cloth, Density density, CheckLimits limits) {}

    public InspectStage(Studio studio) {
        super(studio);
        pane = new InspectPane(studio);
        pane.onScaled(() -> studio.tellFoot(f -> f.withNotes(f.notes(), TrueSize.words(pane.viewport().pxPerMm()))));
        sights = new Segments<>(List.of(InspectPane.Sight.values()), InspectPane.Sight::words, s -> {
            sight = s;
            refresh();
        });
        sights.getStyleClass().add("pills");
        for (InspectPane.Sight s : InspectPane.Sight.values()) {
            sights.button(s).setId("sight-" + s.name().toLowerCase(Locale.ROOT));
        }
        cells = NumberRow.number(studio, "", "cells across", "cells across", 1, 1, n -> {
            across = Math.max(0.2, Math.min(200, n));
            refresh();
        });
        density = NumberRow.density(studio, "Judged at", "density of the output",
                d -> studio.edit("density %s dpi".formatted(Numbers.plain(d.dpi())), p -> p.withDensity(d)));
        var head = Ui.row(sights, Ui.spring(), cells);
        head.getStyleClass().add("pane-head");
        VBox.setVgrow(pane, Priority.ALWAYS);
        middle().getStyleClass().add("surround");
        middle().getChildren().addAll(head, pane);
        cards = new Pool<>(worst, i -> new FindingCard(studio, () -> {
            sight = InspectPane.Sight.SEAMS;
            refresh();
        }));
        findings.setId("findings");
        Ui.show(worst, false);
        limits = new LimitRows(studio);
        chapters.show(NAMES, chapter);
        column().getChildren().addAll(title, count, density, chapters, findings, limits);
    }

    /** It shows one design and nothing that wears it. */
    @Override
    public boolean touchedBy(Change change) {
        return change.selection() || change.project() || change.touches(studio.selection().design());
    }

    @Override
    protected void refresh(Design design, Colourway colourway) {
        sights.show(sight);
        cells.show(across);
        density.show(studio.project().density().dpi());
        title.setText(design.name() + " in " + colourway.name());
        pane.show(design, colourway, sight, across);
        limits.show(studio.project().limits());
        chapters.show(NAMES, chapter);
        Ui.show(findings, chapter.equals(FINDINGS));
        Ui.show(limits, chapter.equals(LIMITS));
        Question question = new Question(new Cloth(design, colourway), studio.project().density(),
                studio.project().limits());
        check.ask(question, work -> Inspection.of(question.cloth(), question.density(), question.limits(),
                studio.tiles(), work));
        studio.tellFoot(f -> f.withNotes(
                List.of("Cell %s x %s mm".formatted(Numbers.plain(design.repeat().widthMm(), 2),
                        Numbers.plain(design.repeat().heightMm(), 2)),
                        "%s cells across".formatted(Numbers.plain(across, 1)),
                        design.repeat().arrangement().toString()),
                TrueSize.words(pane.viewport().pxPerMm())));
    }

    private void open(String next) {
        chapter = next;
        refresh();
    }

    private void list(List<Finding> all) {
        long wrong = all.stream().filter(f -> f.severity() == Finding.Severity.WRONG).count();
        long look = all.stream().filter(f -> f.severity() == Finding.Severity.LOOK).count();
        count.setText("%d to mend, %d to look at, %d in order".formatted(wrong, look, all.size() - wrong - look));
        List<Finding> bad = all.stream().filter(f -> f.severity() != Finding.Severity.FINE).toList();
        List<Finding> fine = all.stream().filter(f -> f.severity() == Finding.Severity.FINE).toList();
        each(cards.show(bad.size()), bad, FindingCard::show);
        each(inOrder.show(fine.size()), fine, FindingCard.InOrder::show);
        Ui.show(worst, !bad.isEmpty());
    }

    private static <N> void each(List<N> nodes, List<Finding> shown, BiConsumer<N, Finding> show) {
        for (int i = 0; i < nodes.size(); i++) {
            show.accept(nodes.get(i), shown.get(i));
        }
    }

    /** Room for what a design is usually told. */
    @Override
    public List<Runnable> furnishing() {
        return IntStream.rangeClosed(1, USUAL_FINDINGS).<Runnable>mapToObj(count -> () -> {
            cards.ready(count);
            inOrder.ready(count);
        }).toList();
    }

    @Override
    public void fit() {
        pane.fit();
        refresh();
    }

    @Override
    public void trueSize() {
        pane.trueSize();
        refresh();
    }
}
