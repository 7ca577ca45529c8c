package org.vatwright.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.measure.Density;
import org.vatwright.core.repeat.Arrangement;

class ProjectTest {

    private static final Project START = Project.empty("Ferry")
            .addDesign(Samples.design(20, 20, Arrangement.STRAIGHT, Samples.stripes(0, 10, 10)))
            .addArticle(new Article.Sheet("Sheet", 30, 20, new Density(300), Optional.of(new Lay("Trial", "Morning"))))
            .addJob(new Job("Tile", Job.Kind.TILE, "Trial", "Morning", Job.Format.PNG, new Density(300), 1, 1, 90));

    @Test
    void whatIsRenamedIsFollowedByLaysAndJobs() {
        Project renamed = START.edit("Trial", d -> d.withName("Gangway")).renameColourway("Gangway", "Morning", "Dawn");
        assertThat(renamed.articles().getFirst().lay(0)).map(Lay::design).contains("Gangway");
        assertThat(renamed.articles().getFirst().lay(0)).map(Lay::colourway).contains("Dawn");
        assertThat(renamed.jobs().getFirst()).extracting(Job::subject, Job::colourway).containsExactly("Gangway",
                "Dawn");
    }

    @Test
    void whatIsInUseIsNotTakenAway() {
        assertThatThrownBy(() -> START.removeDesign("Trial"))
                .hasMessageContaining("the job Tile needs the design Trial");
        assertThatThrownBy(() -> START.withJobs(java.util.List.of()).removeDesign("Trial"))
                .hasMessageContaining("Sheet wears the design Trial");
        assertThatThrownBy(() -> START.addDesign(START.designs().getFirst()))
                .hasMessageContaining("two designs are called Trial");
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
        assertThat(Job.Format.JPEG.suffix()).isEqualTo("jpg");
        assertThat(START.jobs().getFirst().withName("Ship's name / 1").fileName()).isEqualTo("Ship-s-name-1.png");
    }
}
