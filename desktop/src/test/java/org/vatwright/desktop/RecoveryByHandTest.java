package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.frame.Outside.Leave;
import org.vatwright.files.disk.FileStamp;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.recovery.KeptPlace;
import org.vatwright.files.recovery.KeptWork;
import org.vatwright.files.recovery.RecoveryStore;

import javafx.application.Platform;
import javafx.scene.input.KeyCode;

/** Work that nobody saved: kept with every edit, offered at the next start. */
class RecoveryByHandTest extends AtTheDemo {

    private RecoveryStore store() {
        return new RecoveryStore(folder.resolve("recovery"));
    }

    private void rename(String name) throws Exception {
        Hand.onFx(() -> hand.studio().edit("rename", p -> p.withName(name)));
    }

    private List<Path> documents() {
        if (!Files.exists(store().folder())) {
            return List.of();
        }
        try (Stream<Path> places = Files.list(store().folder())) {
            return places.map(p -> p.resolve("work.json")).filter(Files::exists).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private boolean kept(String words) {
        return documents().stream().anyMatch(d -> {
            try {
                return Files.readString(d).contains(words);
            } catch (IOException e) {
                return false;
            }
        });
    }

    /** As if the program had been killed with that in hand. */
    private void leftBehind(Project project, Path file) {
        KeptPlace place = store().begin();
        place.keep(new KeptWork(project, Optional.ofNullable(file),
                Optional.ofNullable(file).flatMap(FileStamp::of), project.designs().get(1).id()));
        // The lock goes with the program; here the place is closed with its work in it.
        place.close();
    }

    @Test
    void anEditIsOnTheDiskWithoutASaveUntilItIsSaved() throws Exception {
        rename("Quay lamps");
        hand.until("the edit is kept", () -> kept("Quay lamps"));
        rename("Quay lamps, second sheet");
        hand.until("the next one too", () -> kept("second sheet"));
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.until("and what is undone", () -> !kept("second sheet") && kept("Quay lamps"));
        hand.outside.answers.add(folder.resolve("quay.vatwright"));
        hand.press(KeyCode.CONTROL, KeyCode.S);
        hand.until("saved, so no more kept", () -> documents().isEmpty());
        assertThat(ProjectFile.read(folder.resolve("quay.vatwright")).name()).isEqualTo("Quay lamps");
    }

    @Test
    void aDragIsKeptWhenItEnds() throws Exception {
        Hand.onFx(() -> {
            hand.studio().beginDrag("name");
            hand.studio().edit("name", p -> p.withName("Halfway"));
            hand.studio().edit("name", p -> p.withName("Nearly there"));
            return null;
        });
        rename("Still on the way");
        assertThat(documents()).as("nothing while a hand drags").isEmpty();
        Hand.onFx(() -> {
            hand.studio().endDrag();
            return null;
        });
        hand.until("the drag is kept", () -> kept("Still on the way"));
    }

    @Test
    void workThatIsLeftOnPurposeIsKeptNoLonger() throws Exception {
        rename("Given up");
        hand.until("the edit is kept", () -> kept("Given up"));
        hand.outside.leave = Leave.DISCARD;
        hand.press(KeyCode.CONTROL, KeyCode.N);
        hand.until("it is gone", () -> documents().isEmpty());
        rename("The next one");
        hand.until("the next project is kept by itself", () -> kept("The next one"));
    }

    @Test
    void whatWasLeftBehindIsOfferedAndTakenUpInItsPlace() throws Exception {
        Path file = folder.resolve("ferry.vatwright");
        Project demo = hand.studio().project();
        ProjectFile.write(demo, file);
        hand.close();
        leftBehind(demo.withName("Two hours of work"), file);
        leftBehind(demo.withName("An older one"), null);
        hand = Hand.onWelcome(folder);
        hand.words("Two hours of work");
        hand.words("An older one");
        assertThat(hand.words("never saved")).isNotNull();
        int first = hand.studio().project().designs().size();
        assertThat(first).isZero();
        String name = store().leftBehind().getFirst().read().project().name();
        hand.click("take-up-0");
        assertThat(hand.studio().project().name()).isEqualTo(name);
        assertThat(hand.studio().history().unsaved()).isTrue();
        hand.until("the other is still offered", () -> store().leftBehind().size() == 1);
        rename(name + ", and on");
        hand.until("it goes on being kept where it was", () -> kept(name + ", and on"));
        hand.outside.leave = Leave.STAY;
        hand.click("take-up-0");
        assertThat(hand.studio().project().name()).as("what is in hand is not thrown away")
                .isEqualTo(name + ", and on");
        hand.outside.leave = Leave.DISCARD;
        hand.click("take-up-0");
        assertThat(hand.studio().project().name()).isNotEqualTo(name);
        assertThat(hand.shows("left-behind")).as("nothing more is offered").isFalse();
        if (hand.studio().project().name().startsWith("An older")) {
            return;
        }
        hand.press(KeyCode.CONTROL, KeyCode.S);
        hand.until("saved where it was", () -> hand.messageText().startsWith("Saved as ferry"));
    }

    @Test
    void whatIsLetGoCanBeBroughtBack() throws Exception {
        Project demo = hand.studio().project();
        hand.close();
        leftBehind(demo.withName("Lamp brackets"), null);
        hand = Hand.onDemo(folder);
        hand.words("Lamp brackets");
        hand.click("let-go-0");
        assertThat(hand.shows("left-behind")).isFalse();
        assertThat(store().leftBehind()).isEmpty();
        hand.click(hand.words("bring it back"));
        hand.words("Lamp brackets");
        assertThat(List.copyOf(store().leftBehind())).hasSize(1);
    }

    @Test
    void whoEditsWhileItIsSavedIsKeptWithTheFileAsItIsNow() throws Exception {
        Path file = folder.resolve("quay.vatwright");
        hand.outside.answers.add(file);
        hand.press(KeyCode.CONTROL, KeyCode.S);
        hand.until("saved once", () -> hand.messageText().startsWith("Saved as"));
        rename("Before it is saved");
        FileStamp first = FileStamp.of(file).orElseThrow();
        hand.press(KeyCode.CONTROL, KeyCode.S);
        rename("While it is saved");
        hand.until("saved again", () -> !FileStamp.of(file).equals(Optional.of(first)));
        String now = Long.toString(FileStamp.of(file).orElseThrow().nanos());
        hand.until("what is kept knows the file of its own save", () -> kept(now) && kept("While it is saved"));
    }

    @Test
    void whatNobodyCatchesIsToldAndTheWindowGoesOn() throws Exception {
        Platform.runLater(() -> {
            throw new IllegalStateException("a heddle without an eye");
        });
        hand.until("it is told", () -> hand.messageText().startsWith("This should not have happened"));
        assertThat(hand.text("message-text")).contains("a heddle without an eye").endsWith("as it was before.");
        rename("Going on");
        assertThat(hand.text("undo")).isEqualTo("Undo: rename");
    }

    @Test
    void whereNothingCanBeKeptItIsSaidOnce() throws Exception {
        Files.writeString(folder.resolve("recovery"), "a file in the way");
        rename("Unkept");
        hand.until("it is said", () -> hand.messageText().startsWith("Your work cannot be kept for recovery"));
        rename("Unkept again");
        assertThat(hand.studio().project().name()).isEqualTo("Unkept again");
    }
}
