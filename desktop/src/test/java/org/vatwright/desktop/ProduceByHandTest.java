package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;

import javafx.scene.input.KeyCode;

/** The docket of jobs: set, run, stopped. */
class ProduceByHandTest extends AtTheDemo {

    private Job job(String name) {
        return hand.studio().project().jobs().stream().filter(j -> j.name().equals(name)).findFirst().orElseThrow();
    }

    private void toTheDocket() throws Exception {
        hand.click("stage-produce");
        hand.outside.answers.add(folder.resolve("made"));
        hand.click("choose-folder");
    }

    @Test
    void aLongJobIsStoppedAndLeavesNothing() throws Exception {
        toTheDocket();
        hand.click("job-Ticket-hall-paper");
        hand.write("density-of-the-job", "300");
        hand.click("run-Ticket-hall-paper");
        hand.click("stop-Ticket-hall-paper");
        hand.until("it says so",
                () -> hand.messageText().contains("Ticket-hall paper was stopped; nothing was written"));
        try (Stream<Path> left = Files.exists(folder.resolve("made"))
                ? Files.list(folder.resolve("made"))
                : Stream.empty()) {
            assertThat(left).isEmpty();
        }
        assertThat(hand.shows("stop-Ticket-hall-paper")).isFalse();
    }

    @Test
    void aJobIsSetByItsFormAndTellsBeforeItRuns() throws Exception {
        toTheDocket();
        Project before = hand.studio().project();
        hand.click("job-Paper-sheet");
        hand.write("JPEG-quality", "300");
        assertThat(job("Paper sheet").output().quality()).isEqualTo(90);
        assertThat(hand.text("message-text")).contains("must be from 1 to 100");
        hand.write("JPEG-quality", "60");
        hand.write("density-of-the-job", "90000");
        assertThat(job("Paper sheet").output().density().dpi()).isEqualTo(300);
        hand.write("density-of-the-job", "20000");
        assertThat(hand.node("run-Paper-sheet").isDisabled()).isTrue();
        hand.write("density-of-the-job", "50");
        assertThat(hand.node("run-Paper-sheet").isDisabled()).isFalse();
        hand.click("run-Paper-sheet");
        Path jpeg = folder.resolve("made/Paper-sheet.jpg");
        hand.until("it is written", () -> Files.exists(jpeg));
        hand.write("job-name", "Small sheet");
        assertThat(job("Small sheet").output().density().dpi()).isEqualTo(50);
        hand.click("job-format");
        hand.press(KeyCode.UP);
        hand.press(KeyCode.UP);
        hand.press(KeyCode.ENTER);
        assertThat(job("Small sheet").output().format()).isEqualTo(Output.Format.PNG);
        hand.click(hand.words("remove this job"));
        assertThat(hand.studio().project().jobs()).hasSize(before.jobs().size() - 1);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void aTileIsAddedAndWrittenAsShapes() throws Exception {
        hand.click("shelf-Foredeck");
        toTheDocket();
        hand.menu("add-job", 1);
        assertThat(job("Foredeck tile").task().subject()).isEqualTo(new Id("foredeck"));
        hand.click("job-format");
        for (int i = 0; i < 3; i++) {
            hand.press(KeyCode.DOWN);
        }
        hand.press(KeyCode.ENTER);
        assertThat(job("Foredeck tile").output().format()).isEqualTo(Output.Format.SVG);
        assertThat(hand.shows("density-of-the-job")).isFalse();
        hand.click("run-Foredeck-tile");
        Path svg = folder.resolve("made/Foredeck-tile.svg");
        hand.until("it is written", () -> Files.exists(svg));
        assertThat(Files.readString(svg)).contains("<pattern ");
    }
}
