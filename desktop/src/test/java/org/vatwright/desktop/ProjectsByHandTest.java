package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.frame.Outside.Leave;
import org.vatwright.files.project.ProjectFile;

import javafx.scene.input.KeyCode;

/** Projects saved, left, opened again, and designs taken from other files. */
@SuppressWarnings("try") // Closing waits for the toolkit, which a test may interrupt.
class ProjectsByHandTest extends AtTheDemo {

    private void save() throws Exception {
        hand.press(KeyCode.CONTROL, KeyCode.S);
        // What was said of an earlier saving may still stand there.
        hand.until("it is told how saving went",
                () -> hand.messageText().startsWith("Saved as") && !hand.studio().history().unsaved()
                        || hand.messageText().contains("could not be written"));
    }

    private void change(String name) throws Exception {
        Hand.onFx(() -> hand.studio().edit("rename", p -> p.withName(name)));
    }

    @Test
    void aProjectIsSavedWhereItWasAndOpenedAsItWas() throws Exception {
        Path file = folder.resolve("ferry");
        hand.outside.answers.add(file);
        change("Ferry refit");
        save();
        Path saved = folder.resolve("ferry.vatwright");
        assertThat(ProjectFile.read(saved)).isEqualTo(hand.studio().project());
        assertThat(hand.studio().history().unsaved()).isFalse();
        hand.click(hand.words("open folder"));
        assertThat(hand.outside.foldersShown).containsExactly(folder.toAbsolutePath());
        change("Ferry refit, second sheet");
        assertThat(hand.studio().history().unsaved()).isTrue();
        save();
        assertThat(hand.outside.answers).as("it knows its place and asks no more").isEmpty();
        assertThat(ProjectFile.read(saved).name()).isEqualTo("Ferry refit, second sheet");
    }

    @Test
    void whatIsUnsavedIsAskedForAndKeptUntilItIsSafe() throws Exception {
        change("Unsaved");
        Project present = hand.studio().project();
        Path other = folder.resolve("other.vatwright");
        ProjectFile.write(present.withName("Other"), other);
        hand.outside.leave = Leave.SAVE;
        hand.drop(other);
        assertThat(hand.studio().project()).as("no place was told, so nothing is left").isEqualTo(present);
        Path sub = Files.createDirectory(folder.resolve("jetty.vatwright"));
        hand.outside.answers.add(sub);
        hand.drop(other);
        assertThat(hand.studio().project()).as("it could not be saved, so nothing is left").isEqualTo(present);
        assertThat(hand.messageText()).contains("is a folder");
        Path safe = folder.resolve("safe.vatwright");
        hand.outside.answers.add(safe);
        hand.drop(other);
        assertThat(hand.studio().project().name()).isEqualTo("Other");
        assertThat(ProjectFile.read(safe)).isEqualTo(present);
    }

    @Test
    void designsOfAnotherFileComeUnderNamesThatTellThemApart() throws Exception {
        Path json = folder.resolve("gangway.json");
        Files.writeString(json, """
                {"name": "Gangway", "cell": {"widthMm": 30, "heightMm": 20}, "ground": "Tar",
                 "palette": {"slots": ["Tar"], "colourways": [{"name": "Dusk", "colours": {"Tar": "#202428"}}]}}
                """);
        int count = hand.studio().project().designs().size();
        hand.drop(json);
        List<Design> all = hand.studio().project().designs();
        assertThat(all).hasSize(count + 1);
        assertThat(design().name()).isEqualTo("Gangway 2");
        assertThat(design().repeat().widthMm()).isEqualTo(30);
        assertThat(hand.messageText()).isEqualTo("Gangway 2 now on the shelf.");
        hand.drop(json);
        assertThat(design().name()).isEqualTo("Gangway 3");
        Project present = hand.studio().project();
        Files.writeString(json, "{\"name\": \"Gangway\", \"cell\": {\"widthMm\": -3}}");
        hand.drop(json);
        assertThat(hand.studio().project()).isEqualTo(present);
        assertThat(hand.messageText()).contains("gangway.json").contains("cell");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project().designs()).hasSize(count);
    }

    @Test
    void aProjectIsBegunAnew() throws Exception {
        change("Unsaved");
        hand.outside.leave = Leave.STAY;
        hand.press(KeyCode.CONTROL, KeyCode.N);
        assertThat(hand.studio().project().name()).isEqualTo("Unsaved");
        hand.outside.leave = Leave.DISCARD;
        hand.press(KeyCode.CONTROL, KeyCode.N);
        assertThat(hand.studio().project().name()).isEqualTo("New commission");
        assertThat(design().layers()).isEmpty();
        assertThat(hand.studio().history().unsaved()).isFalse();
    }

    @Test
    void whatSomeoneElseChangedMeanwhileIsToldBeforeAnythingIsOverwritten() throws Exception {
        Path file = folder.resolve("ferry.vatwright");
        hand.outside.answers.add(file);
        change("Mine");
        save();
        ProjectFile.write(hand.studio().project().withName("Of the other desk"), file);
        change("Mine, later");
        hand.press(KeyCode.CONTROL, KeyCode.S);
        hand.until("it is told", () -> hand.messageText().contains("changed by someone else"));
        assertThat(ProjectFile.read(file).name()).isEqualTo("Of the other desk");
        assertThat(hand.studio().history().unsaved()).isTrue();
        Path beside = folder.resolve("ferry-mine.vatwright");
        hand.outside.answers.add(beside);
        hand.click(hand.words("save beside it\u2026"));
        hand.until("saved beside", () -> hand.messageText().startsWith("Saved as ferry-mine"));
        assertThat(ProjectFile.read(beside).name()).isEqualTo("Mine, later");
        assertThat(ProjectFile.read(file).name()).isEqualTo("Of the other desk");
        ProjectFile.write(hand.studio().project().withName("Of the other desk again"), beside);
        change("Mine, last");
        hand.press(KeyCode.CONTROL, KeyCode.S);
        hand.until("it is told again", () -> hand.messageText().contains("changed by someone else"));
        hand.click(hand.words("save over it"));
        hand.until("saved over", () -> hand.messageText().startsWith("Saved as ferry-mine"));
        assertThat(ProjectFile.read(beside).name()).isEqualTo("Mine, last");
        hand.outside.leave = Leave.SAVE;
        ProjectFile.write(hand.studio().project().withName("Once more"), beside);
        change("Mine, at the very end");
        hand.press(KeyCode.CONTROL, KeyCode.N);
        assertThat(hand.studio().project().name()).as("not left: it would have been overwritten or lost")
                .isEqualTo("Mine, at the very end");
    }

    /** The system asks about the name that was typed, which is another than the one with its ending. */
    @Test
    void aNameThatGetsItsEndingOverwritesNothingUnasked() throws Exception {
        Path theirs = folder.resolve("ferry.vatwright");
        ProjectFile.write(hand.studio().project().withName("Of the other desk"), theirs);
        change("Mine");
        hand.outside.answers.add(folder.resolve("ferry"));
        hand.press(KeyCode.CONTROL, KeyCode.S);
        assertThat(hand.outside.names).as("asked again, with the whole name").hasSize(2).last()
                .isEqualTo("ferry.vatwright");
        assertThat(ProjectFile.read(theirs).name()).isEqualTo("Of the other desk");
        assertThat(hand.studio().history().unsaved()).as("it was not answered").isTrue();
        hand.outside.answers.add(folder.resolve("ferry"));
        hand.outside.answers.add(theirs);
        save();
        assertThat(ProjectFile.read(theirs).name()).as("the second answer said yes").isEqualTo("Mine");
        hand.outside.answers.add(folder.resolve("SPRAY.VATWRIGHT"));
        hand.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
        hand.until("saved", () -> hand.messageText().startsWith("Saved as SPRAY"));
        Path loud = folder.resolve("SPRAY.VATWRIGHT");
        assertThat(loud).exists();
        hand.drop(loud);
        change("At its place again");
        save();
        assertThat(ProjectFile.read(loud).name()).isEqualTo("At its place again");
    }

    @Test
    void whatCannotBeReplacedCanBeSavedBesideIt() throws Exception {
        Path file = folder.resolve("ferry.vatwright");
        hand.outside.answers.add(file);
        change("Before");
        save();
        assertThat(file.toFile().setReadOnly()).isTrue();
        change("After");
        hand.press(KeyCode.CONTROL, KeyCode.S);
        hand.until("it is told", () -> hand.messageText().contains("read-only"));
        Path beside = folder.resolve("ferry-2.vatwright");
        hand.outside.answers.add(beside);
        hand.click(hand.words("save beside it\u2026"));
        hand.until("saved beside", () -> hand.messageText().startsWith("Saved as ferry-2"));
        assertThat(ProjectFile.read(beside).name()).isEqualTo("After");
        assertThat(ProjectFile.read(file).name()).isEqualTo("Before");
    }

    @Test
    void aProjectThatIsOpenTwiceIsToldAtOnce() throws Exception {
        Path file = folder.resolve("ferry.vatwright");
        hand.outside.answers.add(file);
        save();
        try (Hand other = Hand.onWelcome(folder)) {
            other.outside.answers.add(file);
            other.click("welcome-open");
            other.until("it is told", () -> other.messageText().contains("open in another window"));
        }
        hand.close();
        try (Hand third = Hand.onWelcome(folder)) {
            third.outside.answers.add(file);
            third.click("welcome-open");
            third.until("it is open", () -> !third.studio().project().designs().isEmpty());
            assertThat(third.messageText()).doesNotContain("another window");
        }
    }
}
