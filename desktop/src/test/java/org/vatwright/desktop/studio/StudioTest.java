package org.vatwright.desktop.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.project.Project;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.type.ShippedTypefaces;

class StudioTest {

    private static final Id TIE = new Id("left-tie");

    private final Studio studio = new Studio(DemoCommission.load(), new ShippedTypefaces());
    private final List<Message> said = new ArrayList<>();

    @Test
    void aRefusedEditChangesNothingAndSaysWhyInASentence() {
        studio.hear(said::add);
        Project before = studio.project();
        assertThat(studio.editDesign("too wide", d -> d.withRepeat(d.repeat().withSize(1e9, 10)))).isFalse();
        assertThat(studio.project()).isSameAs(before);
        assertThat(studio.history().undoName()).isEmpty();
        assertThat(said).singleElement().satisfies(m -> {
            assertThat(m.tone()).isEqualTo(Message.Tone.WRONG);
            assertThat(m.text()).isEqualTo("Cell width 1000000000 mm must be from 0.5 to 20000 mm.");
        });
        assertThat(Message.refused("shore.svg has no closed shapes").text())
                .isEqualTo("shore.svg has no closed shapes.");
    }

    @Test
    void aDragIsOneStepAndOneThatEndsWhereItBeganIsNone() {
        Project before = studio.project();
        studio.beginDrag("turn");
        for (double angle : new double[]{10, 20, 31}) {
            studio.editStructure("turn to " + angle, Stripes.class, s -> s.withAngle(angle));
        }
        assertThat(studio.dragging()).isTrue();
        studio.endDrag();
        Project after = studio.project();
        studio.undo();
        assertThat(studio.project()).isEqualTo(before);
        studio.redo();
        assertThat(studio.project()).isEqualTo(after);
        studio.undo();
        studio.beginDrag("turn");
        studio.editStructure("turn", Stripes.class, s -> s.withAngle(44));
        studio.editStructure("turn back", Stripes.class, s -> s.withAngle(0));
        studio.endDrag();
        assertThat(studio.project()).isEqualTo(before);
        assertThat(studio.history().undoName()).isEmpty();
    }

    @Test
    void theFirstColourwayHandsANewColourOnToACopyThatComesInView() {
        studio.hear(said::add);
        Rgb green = Rgb.parse("#2f6a4a");
        Rgb was = studio.design().orElseThrow().palette().first().colours().get(1);
        studio.recolour("Navy", green);
        studio.recolour("Navy", Rgb.parse("#336644"));
        assertThat(studio.design().orElseThrow().palette().first().colours().get(1)).isEqualTo(was);
        assertThat(studio.selection().colourway()).isEqualTo("Morning 2");
        assertThat(studio.design().orElseThrow().palette().colourways()).hasSize(3);
        assertThat(said).singleElement().extracting(Message::text).asString().contains("Morning stays as it is");
    }

    @Test
    void whatIsSelectedFollowsWhatIsThere() {
        studio.select(s -> s.withDesign(studio.project().design(new Id("buoys")).orElseThrow())
                .withWorn(new Id("crew-apron")));
        assertThat(studio.edit("remove what is worn", p -> p.removeDesign(new Id("buoys")))).isFalse();
        studio.edit("remove the apron", p -> p.withArticles(List.of()));
        studio.edit("remove", p -> p.withJobs(List.of()).removeDesign(new Id("buoys")));
        assertThat(studio.selection().design()).isEqualTo(new Id("gangway"));
        assertThat(studio.selection().worn()).isEqualTo(Id.NONE);
        assertThat(studio.article()).isEmpty();
        int[] calls = {0};
        Observation watch = studio.watch(change -> calls[0]++);
        studio.select(s -> s);
        assertThat(calls[0]).isZero();
        studio.select(s -> s.withStage(Stage.COLOUR));
        watch.close();
        studio.select(s -> s.withStage(Stage.DRESS));
        assertThat(calls[0]).isEqualTo(1);
    }

    /** What changed is told by its id, what shows it with it, and nothing else. */
    @Test
    void whatChangedIsToldAndNothingElse() {
        List<Change> told = new ArrayList<>();
        studio.watch(told::add);
        studio.edit("ground", p -> p.edit(new Id("swell"), d -> d.withGuides(Guides.parts(2))));
        assertThat(told.getLast().designs()).as("Portholes shows Swell").containsExactlyInAnyOrder(new Id("swell"),
                new Id("portholes"));
        assertThat(told.getLast().articles()).isEmpty();
        assertThat(told.getLast().selection()).isFalse();
        studio.undo();
        assertThat(told.getLast().designs()).containsExactlyInAnyOrder(new Id("swell"), new Id("portholes"));
        studio.editArticle("rename", a -> a.withName("Pinafore"));
        assertThat(told.getLast().articles()).containsExactly(studio.selection().article());
        assertThat(told.getLast().designs()).isEmpty();
        studio.edit("density", p -> p.withDensity(new Density(200)));
        assertThat(told.getLast()).isEqualTo(new Change(false, true, Set.of(), Set.of(), Set.of(), false));
        studio.edit("no jobs", p -> p.withJobs(List.of()));
        assertThat(told.getLast().jobs()).hasSize(22);
        studio.select(s -> s.withStage(Stage.COLOUR));
        assertThat(told.getLast()).isEqualTo(Change.SELECTED);
        studio.edit("refused", p -> p.withName(""));
        assertThat(told.getLast()).as("fields show again what there is").isEqualTo(Change.SELECTED);
        studio.open(studio.project());
        assertThat(told.getLast().opened()).isTrue();
    }

    /** Else the whole window is brought up to date twice for one drop of a file. */
    @Test
    void whatComesInAndIsChosenIsToldOnce() {
        List<Change> told = new ArrayList<>();
        studio.watch(told::add);
        int[] settled = {0};
        studio.whenSettling(() -> settled[0]++);
        Article sheet = new Article.Sheet(Id.fresh(), "Chart", 200, 100, new Density(150),
                Dressings.of(Article.Sheet.PIECE, Optional.empty()));
        assertThat(studio.edit("add", p -> p.addArticle(sheet),
                s -> s.withStage(Stage.DRESS).withArticle(sheet))).isTrue();
        assertThat(told).containsExactly(new Change(false, false, Set.of(), Set.of(sheet.id()), Set.of(), true));
        assertThat(studio.article()).contains(sheet);
        assertThat(studio.selection().stage()).isEqualTo(Stage.DRESS);
        assertThat(settled[0]).as("what was typed is taken first").isEqualTo(1);
        assertThat(studio.edit("none", p -> p.withName(""), s -> s.withStage(Stage.COLOUR))).isFalse();
        assertThat(studio.selection().stage()).as("refused: nothing is chosen").isEqualTo(Stage.DRESS);
        studio.undo();
        assertThat(studio.article()).get().isNotEqualTo(sheet);
    }

    @Test
    void theStateBeforeIsHeldWithoutBecomingThePresentOne() {
        Project before = studio.project();
        studio.edit("rename", p -> p.withName("Other"));
        studio.showBefore(true);
        assertThat(studio.project()).isEqualTo(before);
        assertThat(studio.history().present().name()).isEqualTo("Other");
        studio.showBefore(false);
        assertThat(studio.project().name()).isEqualTo("Other");
        studio.markSaved(studio.history().present());
        assertThat(studio.history().unsaved()).isFalse();
        studio.undo();
        assertThat(studio.history().unsaved()).isTrue();
    }

    @Test
    void aBarePieceStartsFromTheDesignInView() {
        Article apron = studio.project().article(new Id("crew-apron")).orElseThrow();
        studio.select(s -> s.withArticle(apron).withPieces(Set.of(TIE, new Id("waistband"))));
        List<Id> all = studio.cut(apron).ids();
        studio.editArticle("strip", a -> a.withLay(TIE, all, Optional.empty()));
        studio.select(s -> s.withDesign(studio.project().design(new Id("foredeck")).orElseThrow())
                .withColourway("Night Crossing").withPieces(Set.of(TIE)));
        studio.editLays("scale", l -> l.withScale(2));
        assertThat(studio.article().orElseThrow().dressing(TIE).lay().orElseThrow()).satisfies(l -> {
            assertThat(l.design()).isEqualTo(new Id("foredeck"));
            assertThat(l.colourway()).isEqualTo("Night Crossing");
            assertThat(l.scale()).isEqualTo(2);
        });
    }

    /** A design goes into another as an ink, follows its changes and its name, and never comes to lie in itself. */
    @Test
    void aDesignAsAnInkIsLinkedAndACircleIsRefusedWithItsPath() {
        studio.hear(said::add);
        Project before = studio.project();
        Design swell = before.design(new Id("swell")).orElseThrow();
        studio.select(s -> s.withDesign(before.design(new Id("gangway")).orElseThrow()));
        assertThat(studio.addFill("Swell", new Fill.OfDesign(swell, Optional.empty()))).isTrue();
        assertThat(studio.selection().fill()).isZero();
        assertThat(studio.selection().slot()).isEqualTo(-1);
        // Wider than a quarter of the cell it comes in smaller.
        Fill fill = studio.design().orElseThrow().fills().getFirst();
        assertThat(fill.wide()).isEqualTo(Math.min(1, 96 / 4.0 / swell.repeat().tile().widthMm()));

        assertThat(studio.edit("rename", p -> p.edit(new Id("swell"), d -> d.withName("Breakers")))).isTrue();
        assertThat(studio.design().orElseThrow().fills().getFirst().design().orElseThrow())
                .isSameAs(studio.project().design(new Id("swell")).orElseThrow());
        assertThat(studio.project().fillable(new Id("swell"))).extracting(Design::name).doesNotContain("Gangway",
                "Portholes", "Breakers");
        Project linked = studio.project();
        studio.select(s -> s.withDesign(linked.design(new Id("swell")).orElseThrow()));
        assertThat(studio.addFill("Deck",
                new Fill.OfDesign(linked.design(new Id("gangway")).orElseThrow(), Optional.empty())))
                .isFalse();
        assertThat(said.getLast().text()).contains("cannot lie in itself").contains("Gangway in Breakers in Gangway");
        assertThat(studio.project()).isSameAs(linked);
        assertThat(studio.edit("remove", p -> p.removeDesign(new Id("swell")))).isFalse();
        // A fill that is taken away is no longer chosen.
        studio.select(s -> s.withDesign(linked.design(new Id("gangway")).orElseThrow()).withInk(new ChosenInk.Fill(0)));
        studio.editDesign("take out", d -> d.removeFill("Swell", d.ground()));
        assertThat(studio.selection().fill()).isEqualTo(-1);
        studio.undo();
        studio.undo();
        studio.undo();
        assertThat(studio.project()).isEqualTo(before);
    }

    @Test
    void theHandOnAMotifFallsOnWhatThereIs() {
        Design terns = studio.project().design(new Id("terns")).orElseThrow();
        Motifs motifs = (Motifs) terns.layers().getFirst().structure();
        Motif tern = motifs.motifs().getFirst();
        MotifHand hand = MotifHand.on(99).withParts(Set.of(2, 4, 77));
        assertThat(hand.in(motifs)).isSameAs(tern);
        assertThat(hand.parts(tern)).containsExactly(2, 4);
        assertThat(hand.part()).isEqualTo(77);
        assertThat(hand.part(tern)).isEqualTo(tern.parts().size() - 1);
        assertThat(hand.withParts(Set.of()).parts(tern)).isEmpty();
        assertThat(hand.withPart(3).withParts(Set.of(1, 3)).part()).isEqualTo(3);
        int[] told = {0};
        studio.watch(change -> told[0]++);
        studio.hold(h -> h.withPart(2));
        studio.hold(h -> h.withPart(2));
        assertThat(told[0]).isEqualTo(1);
    }
}
