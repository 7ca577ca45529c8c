package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.frame.Outside.Leave;

import javafx.scene.Node;
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

    private List<String> made() throws IOException {
        if (!Files.exists(folder.resolve("made"))) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(folder.resolve("made"))) {
            return all.map(p -> p.getFileName().toString()).sorted().toList();
        }
    }

    private static Project without(Project project, Job job) {
        return project.withJobs(project.jobs().stream().filter(j -> !j.equals(job)).toList());
    }

    private void runTheLongOne() throws Exception {
        toTheDocket();
        hand.click("job-Ticket-hall-paper");
        hand.write("density-of-the-job", "300");
        hand.click("run-Ticket-hall-paper");
        hand.node("stop-Ticket-hall-paper");
    }

    @Test
    void whoStartsAJobByKeysStopsItByKeysAndStartsItAgain() throws Exception {
        runTheLongOne();
        assertThat(hand.node("stop-Ticket-hall-paper").isFocused()).isTrue();
        hand.press(KeyCode.SPACE);
        hand.until("it says so", () -> hand.messageText().contains("was stopped; nothing was written"));
        Node run = hand.node("run-Ticket-hall-paper");
        assertThat(run.isFocused()).isTrue();
        hand.press(KeyCode.SPACE);
        hand.node("stop-Ticket-hall-paper");
        assertThat(run.isDisabled()).isTrue();
        hand.press(KeyCode.SPACE);
        hand.until("it is stopped again", () -> !run.isDisabled());
        assertThat(made()).isEmpty();
    }

    @Test
    void theJobWhoseButtonIsClickedIsTheOneOfTheColumn() throws Exception {
        toTheDocket();
        hand.click("job-Ticket-hall-paper");
        assertThat(hand.text("job-name")).isEqualTo("Ticket-hall paper");
        hand.click("run-Paper-sheet");
        assertThat(hand.text("job-name")).isEqualTo("Paper sheet");
        hand.until("it is written", () -> hand.messageText().contains("is written to"));
    }

    @Test
    void aRunningJobIsRenamedAndStillStopped() throws Exception {
        runTheLongOne();
        hand.write("job-name", "Hall paper");
        hand.click("stop-Hall-paper");
        hand.until("it says so", () -> hand.messageText().contains("was stopped; nothing was written"));
        assertThat(made()).isEmpty();
        assertThat(hand.shows("stop-Hall-paper")).isFalse();
        assertThat(hand.node("run-Hall-paper").isDisabled()).isFalse();
    }

    @Test
    void aRunningJobThatIsRemovedStopsAndTheOthersRowsStayTheirOwn() throws Exception {
        runTheLongOne();
        hand.click(hand.words("remove this job"));
        hand.until("it says so", () -> hand.messageText().contains("was stopped; nothing was written"));
        assertThat(made()).isEmpty();
        for (Job left : hand.studio().project().jobs()) {
            assertThat(hand.shows("stop-" + left.name().replaceAll("[^A-Za-z0-9]+", "-"))).as(left.name()).isFalse();
        }
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.click("job-Ticket-hall-paper");
        hand.write("density-of-the-job", "20");
        hand.click("run-Ticket-hall-paper");
        hand.until("brought back, it runs", () -> hand.messageText().contains("is written to"));
    }

    @Test
    void aRowAboveThatGoesTakesNoProgressWithIt() throws Exception {
        runTheLongOne();
        Job first = hand.studio().project().jobs().getFirst();
        assertThat(first.name()).isNotEqualTo("Ticket-hall paper");
        Hand.onFx(() -> hand.studio().edit("remove", p -> without(p, first)));
        assertThat(hand.shows("stop-Ticket-hall-paper")).isTrue();
        hand.click("stop-Ticket-hall-paper");
        hand.until("it says so", () -> hand.messageText().contains("was stopped; nothing was written"));
    }

    @Test
    void theWindowIsClosedOverARunningJobOnlyWhenThatIsMeant() throws Exception {
        runTheLongOne();
        hand.outside.leave = Leave.DISCARD;
        hand.outside.stop = false;
        assertThat(hand.closes()).isFalse();
        assertThat(hand.outside.asked).singleElement().asString().contains("A job is still running");
        assertThat(hand.shows("stop-Ticket-hall-paper")).isTrue();
        hand.outside.stop = true;
        assertThat(hand.closes()).isTrue();
        assertThat(made()).as("nothing half written").isEmpty();
    }

    @Test
    void whereNothingCanBeWrittenItIsSaidAndTheJobRunsElsewhere() throws Exception {
        Path inTheWay = Files.writeString(folder.resolve("made"), "a file");
        toTheDocket();
        hand.click("job-Paper-sheet");
        hand.write("density-of-the-job", "50");
        hand.click("run-Paper-sheet");
        hand.until("it is said", () -> hand.messageText().startsWith("Paper sheet: "));
        assertThat(hand.messageText()).contains("could not be written");
        assertThat(hand.shows("stop-Paper-sheet")).isFalse();
        Files.delete(inTheWay);
        hand.click("run-Paper-sheet");
        hand.until("it is written", () -> Files.exists(folder.resolve("made/Paper-sheet.jpg")));
    }

    /** Rows take no keys: a field keeps them when another row is chosen. */
    @Test
    void whatIsTypedIsOfTheJobItWasTypedFor() throws Exception {
        toTheDocket();
        List<Job> before = hand.studio().project().jobs();
        hand.click("job-Gangway-tile");
        hand.click("job-name");
        hand.press(KeyCode.CONTROL, KeyCode.A);
        hand.type("Deck tile");
        hand.click("job-Skarholm-tile");
        assertThat(hand.studio().project().jobs()).isEqualTo(before.stream()
                .map(j -> j.name().equals("Gangway tile") ? j.withName("Deck tile") : j).toList());
        assertThat(hand.text("job-name")).isEqualTo("Skarholm tile");
        hand.click("density-of-the-job");
        hand.press(KeyCode.CONTROL, KeyCode.A);
        hand.type("200");
        hand.click("job-Deck-tile");
        assertThat(job("Skarholm tile").output().density()).isEqualTo(new Density(200));
        assertThat(job("Deck tile").output()).isEqualTo(before.getFirst().output());
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project().jobs()).as("two acts and no more").isEqualTo(before);
    }

    @Test
    void jobsOfOneNameWriteFilesOfTheirOwn() throws Exception {
        toTheDocket();
        Job sheet = job("Paper sheet");
        Hand.onFx(() -> hand.studio().edit("three alike", p -> {
            Project only = p;
            for (Job job : p.jobs()) {
                only = without(only, job);
            }
            for (String name : List.of("\uD83C\uDF0A", "\uD83D\uDEA2", "UNNAMED-2")) {
                only = only.addJob(sheet.with().id(Id.fresh()).name(name)
                        .output(new Output(Output.Format.JPEG, new Density(30))).build());
            }
            return only;
        }));
        hand.click(hand.words("Produce all"));
        hand.until("all are done", () -> {
            try {
                return made().equals(List.of("UNNAMED-2-2.jpg", "unnamed-2.jpg", "unnamed.jpg"));
            } catch (IOException e) {
                return false;
            }
        });
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
        hand.click("add-tile");
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
