package org.vatwright.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.repeat.Arrangement;

class ProjectTest {

    private static final Design TRIAL = Samples.design(20, 20, Arrangement.STRAIGHT, Samples.stripes(0, 10, 10));
    private static final Article SHEET = new Article.Sheet(new Id("sheet"), "Sheet", 30, 20, new Density(300),
            Dressings.of(Article.Sheet.PIECE, Optional.of(new Lay(TRIAL.id(), "Morning"))));
    private static final Project START = Project.empty("Ferry").addDesign(TRIAL).addArticle(SHEET).addJob(
            new Job("Tile", new Task.Tile(TRIAL.id(), "Morning"), new Output(Output.Format.PNG, new Density(300))));

    @Test
    void whatIsRenamedStaysLinked() {
        Project renamed = START.edit(TRIAL.id(), d -> d.withName("Gangway")).renameColourway(TRIAL.id(), "Morning",
                "Dawn");
        assertThat(renamed.design(TRIAL.id())).map(Design::name).contains("Gangway");
        assertThat(renamed.articles().getFirst().dressing(Article.Sheet.PIECE).lay())
                .contains(new Lay(TRIAL.id(), "Dawn"));
        assertThat(renamed.jobs().getFirst().task()).isEqualTo(new Task.Tile(TRIAL.id(), "Dawn"));
    }

    @Test
    void whatIsInUseIsNotTakenAway() {
        assertThatThrownBy(() -> START.removeDesign(TRIAL.id()))
                .hasMessageContaining("the job Tile needs the design Trial");
        assertThatThrownBy(() -> START.withJobs(List.of()).removeDesign(TRIAL.id()))
                .hasMessageContaining("Sheet wears the design Trial");
        assertThat(START.withJobs(List.of()).withArticles(List.of()).removeDesign(TRIAL.id()).designs()).isEmpty();
    }

    @Test
    void namesMayRepeatAndIdsMayNot() {
        Project twice = START.addDesign(TRIAL);
        assertThat(twice.designs()).extracting(Design::name).containsExactly("Trial", "Trial");
        assertThat(twice.designs().get(0)).isEqualTo(TRIAL);
        assertThat(twice.designs().get(1).id()).isNotEqualTo(TRIAL.id());
        assertThatThrownBy(() -> START.withDesigns(List.of(TRIAL, TRIAL)))
                .hasMessageContaining("two designs have the id " + TRIAL.id());
        assertThatThrownBy(() -> new Id("a b")).hasMessageContaining("\"a b\" is no id");
    }

    @Test
    void aDesignThatComesInKeepsTheOnesThatLieInIt() {
        Design inner = TRIAL.with().id(new Id("inner")).name("Inner").build();
        Design outer = TRIAL.with().id(new Id("outer")).name("Outer").fills(List.of(Fill.of("in", inner))).build();
        Project taken = START.addDesign(outer);
        assertThat(taken.designs()).containsExactly(TRIAL, outer, inner);
        // Another one of the same id and name is not what lies in the newcomer: both stay as they are.
        Design other = inner.withGround(Samples.NAVY);
        Project mixed = START.addDesign(other).addDesign(outer);
        Design its = mixed.designs().get(2).fills().getFirst().design().orElseThrow();
        assertThat(its.ground()).isEqualTo(TRIAL.ground());
        assertThat(its.id()).isNotEqualTo(other.id());
        assertThat(mixed.design(other.id())).contains(other);
        assertThat(mixed.design(its.id())).contains(its);
        // The very same one is not brought in twice.
        assertThat(START.addDesign(inner).addDesign(outer).designs()).hasSize(3);
        assertThat(START.addDesigns(List.of(outer, inner)).designs()).containsExactly(TRIAL, outer, inner);
        // A change to the inner one is seen in the outer one.
        Project changed = taken.edit(inner.id(), d -> d.withGround(Samples.MADDER));
        assertThat(changed.design(outer.id()).orElseThrow().fills().getFirst().design().orElseThrow().ground())
                .isEqualTo(Samples.MADDER);
    }

    @Test
    void filesGetNamesThatEverySystemTakes() {
        assertThat(FileName.of("Ship's name / 1")).isEqualTo("Ship-s-name-1");
        assertThat(FileName.of("../../etc\\x:y")).isEqualTo("etc-x-y");
        assertThat(FileName.of(" ...\u0007 ")).isEqualTo("unnamed");
        assertThat(FileName.of("con.tiles")).isEqualTo("con-file.tiles");
        assertThat(FileName.of("Fischgr\u00e4t 45\u00b0")).isEqualTo("Fischgr\u00e4t-45");
        assertThat(FileName.of("x".repeat(300))).hasSize(100);
        assertThat(FileName.of("\uD83C\uDF0A\uD83D\uDEA2")).as("of nothing but pictures").isEqualTo("unnamed");
        assertThat(FileName.of("CON")).isEqualTo("CON-file");
        assertThat(FileName.of("lpt\u00b9.x")).as("raised figures are figures there").isEqualTo("lpt\u00b9-file.x");
        assertThat(FileName.of("console")).isEqualTo("console");
        for (String sign : List.of("\u5e03", "\ud840\udc0b", "a\u0301")) {
            assertThat(FileName.of(sign.repeat(300)).getBytes(StandardCharsets.UTF_8)).hasSizeBetween(100, 200);
        }
        Job job = START.jobs().getFirst();
        Job other = job.with().id(Id.fresh()).name("TILE").build();
        Job third = job.with().id(Id.fresh()).output(new Output(Output.Format.SVG, new Density(300))).build();
        List<Job> all = List.of(job, other, third);
        assertThat(all.stream().map(j -> FileName.of(j, all))).containsExactly("Tile.png", "TILE-2.png", "Tile.svg");
        List<Job> numbered = List.of(job, job.with().id(Id.fresh()).name("tile-2").build(), other);
        assertThat(FileName.all(numbered).values()).containsExactly("Tile.png", "tile-2.png", "TILE-3.png");
    }

    @Test
    void everyStepComesBackByName() {
        History history = new History(START);
        history.edit("rename", START.withName("Island line"));
        history.edit("nothing", history.present());
        history.begin("drag");
        for (int dpi = 100; dpi <= 200; dpi++) {
            history.edit("density", history.present().withDensity(new Density(dpi)));
        }
        history.end();
        Project end = history.present();
        assertThat(history.undoName()).contains("density");
        assertThat(history.unsaved()).isTrue();
        history.undo();
        assertThat(history.present().density().dpi()).isEqualTo(300);
        history.undo();
        assertThat(history.present()).isEqualTo(START);
        assertThat(history.undoName()).isEmpty();
        assertThat(history.unsaved()).isFalse();
        history.redo();
        history.redo();
        assertThat(history.present()).isEqualTo(end);
        history.undo();
        history.edit("other", history.present().withName("Else"));
        assertThat(history.redoName()).isEmpty();
    }

    @Test
    void aDragThatIsGivenUpLeavesNoTrace() {
        History history = new History(START);
        history.begin("drag");
        history.edit("drag", START.withName("Half way"));
        history.cancel();
        assertThat(history.present()).isEqualTo(START);
        history.begin("drag");
        history.end();
        assertThat(history.undoName()).isEmpty();
    }

    @Test
    void slotsAreRenamedEverywhere() {
        var design = START.designs().getFirst().renameSlot("Navy", "Sea");
        assertThat(design.usedSlots()).containsExactly("Sea", "Linen");
        assertThatThrownBy(() -> design.withGround(Samples.NAVY)).hasMessageContaining("there is no slot Navy");
        assertThat(Output.Format.JPEG.suffix()).isEqualTo("jpg");
    }
}
