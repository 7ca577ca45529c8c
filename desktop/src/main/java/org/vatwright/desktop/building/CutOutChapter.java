package org.vatwright.desktop.building;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.CutShape;
import org.vatwright.core.picture.Paper;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.CutHand;
import org.vatwright.desktop.studio.Studio;

/** Which part of a picture is taken: a frame, and within it what is drawn on it step by step or is like a colour. */
final class CutOutChapter extends Chapter.Of<Cover> {

    private final CutEdit edit;
    private final CutFrame frame;
    private final Segments<CutHand.Tool> tools;
    private final Segments<CutShape.How> hows;
    private final NumberRow like;
    private final CheckBox joined = new CheckBox("hanging together");
    private final NumberRow grow;
    private final NumberRow feather;
    private final CheckBox clear = new CheckBox("make the paper of a scan clear");
    private final NumberRow paper;
    private final NumberRow dust;
    private final Button invert;
    private final Button less;
    private final Label nothing = Ui.prose("Only a picture has parts to be cut out.", "quiet");

    CutOutChapter(Studio studio) {
        super(studio, Cover.class);
        edit = new CutEdit(studio);
        frame = new CutFrame(edit::take);
        tools = new Segments<>(List.of(CutHand.Tool.values()), CutHand.Tool::words, t -> {
            studio.holdCut(h -> h.withTool(t));
        });
        tools.getStyleClass().add("tight");
        for (CutHand.Tool each : CutHand.Tool.values()) {
            tools.button(each).setId("cut-by-" + each.words().toLowerCase(Locale.ROOT));
        }
        hows = new Segments<>(List.of(CutShape.How.values()), h -> h.word(), h -> {
            studio.holdCut(c -> c.withHow(h));
        });
        hows.getStyleClass().add("tight");
        for (CutShape.How each : CutShape.How.values()) {
            hows.button(each).setId("cut-" + each.word());
        }
        like = NumberRow.number(studio, "Likeness", "likeness of colours", "", 1, 1, n -> {
            studio.holdCut(h -> h.withWithin(Math.max(0, Math.min(100, n))));
        });
        joined.setId("cut-joined");
        joined.setOnAction(e -> studio.holdCut(h -> h.withJoined(joined.isSelected())));
        grow = NumberRow.length(studio, "Drawn out", "cut-out drawn out", mm -> edit.edit(
                "cut-out drawn out by %s mm".formatted(Numbers.plain(mm, 2)), c -> c.withGrowMm(mm)));
        feather = NumberRow.length(studio, "Feather", "feather of the cut-out", mm -> edit.edit(
                "feather %s mm".formatted(Numbers.plain(mm, 2)), c -> c.withFeatherMm(mm)));
        invert = Ui.link("invert", () -> edit.edit("invert the cut-out", c -> c.withInverted(!c.inverted())));
        invert.setId("cut-invert");
        less = Ui.link("", () -> edit.edit("one step of the cut-out less",
                c -> c.withShapes(c.shapes().subList(0, c.shapes().size() - 1))));
        less.setId("cut-less");
        Ui.tip(less, "Take the last step back");
        clear.setId("clear-paper");
        clear.setOnAction(e -> edit.edit(clear.isSelected() ? "make the paper clear" : "leave the paper",
                c -> c.withPaper(clear.isSelected() ? Optional.of(Paper.USUAL) : Optional.empty())));
        paper = NumberRow.number(studio, "Paper", "how much is paper", "%", 1, 5, n -> edit.edit(
                "paper %s %%".formatted(Numbers.plain(n)), c -> c.withPaper(c.paper().map(p -> new Paper(n / 100,
                        p.dustMm())))));
        dust = NumberRow.length(studio, "Dust", "dust on the paper", mm -> edit.edit(
                "dust up to %s mm".formatted(Numbers.plain(mm, 2)), c -> c.withPaper(c.paper().map(p -> new Paper(
                        p.amount(), mm)))));
        hold(nothing, tools, frame, hows, Ui.pair(like, joined), Ui.pair(grow, feather), Ui.row(invert, Ui.spring(),
                less), clear, Ui.pair(paper, dust));
    }

    @Override
    void show(Design design, Colourway colourway, Cover cover) {
        Optional<Fill> picture = edit.fill();
        Ui.show(nothing, picture.isEmpty());
        getChildren().stream().filter(n -> n != nothing).forEach(n -> Ui.show(n, picture.isPresent()));
        picture.flatMap(Fill::picture).ifPresent(of -> {
            CutOut cut = of.cut();
            CutHand hand = studio.cutHand();
            tools.show(hand.tool());
            frame.show(hand, of);
            boolean drawn = hand.tool() != CutHand.Tool.FRAME;
            Ui.show(hows, drawn);
            hows.show(hand.how());
            Ui.show(like.getParent(), hand.tool() == CutHand.Tool.LIKE);
            like.show(hand.within());
            joined.setSelected(hand.joined());
            boolean shaped = !cut.frameOnly();
            Ui.show(grow.getParent(), shaped);
            grow.show(cut.growMm());
            feather.show(cut.featherMm());
            clear.setSelected(cut.paper().isPresent());
            Ui.show(paper.getParent(), cut.paper().isPresent());
            cut.paper().ifPresent(p -> {
                paper.show(100 * p.amount());
                dust.show(p.dustMm());
            });
            less.setVisible(!cut.shapes().isEmpty());
            less.setText("%d %s, one less".formatted(cut.shapes().size(),
                    cut.shapes().size() == 1 ? "step" : "steps"));
        });
    }
}
