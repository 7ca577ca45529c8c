package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.desktop.frame.Outside.Leave;
import org.vatwright.files.project.ProjectFile;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** A field keeps the keys until it is left, and what is typed in it is for what stood open then. */
@Timeout(120)
class TypedByHandTest extends AtTheDemo {

    private List<Double> widths() {
        return ((Stripes) design().layers().getFirst().structure()).run().bands().stream().map(b -> b.width()).toList();
    }

    private void type(String id, String text) throws Exception {
        hand.click(id);
        hand.press(KeyCode.CONTROL, KeyCode.A);
        hand.type(text);
    }

    @Test
    void oneClickIntoARowChoosesItAndGivesItTheKeys() throws Exception {
        hand.click("shelf-Gangway");
        List<Double> before = widths();
        hand.click("band-1-width");
        Node second = hand.node("band-2-width");
        type("band-2-width", "9");
        assertThat(Hand.onFx(second::isFocused)).isTrue();
        type("band-3-width", "7");
        hand.press(KeyCode.ENTER);
        assertThat(widths().subList(0, 3)).containsExactly(before.getFirst(), 9.0, 7.0);
        assertThat(widths().subList(3, before.size())).isEqualTo(before.subList(3, before.size()));
    }

    @Test
    void whatIsTypedIsSavedAndIsAChangeThatIsAskedFor() throws Exception {
        hand.click("shelf-Gangway");
        type("design-name", "Companionway");
        Path file = folder.resolve("typed.vatwright");
        hand.outside.answers.add(file);
        hand.press(KeyCode.CONTROL, KeyCode.S);
        hand.until("it is saved", () -> hand.messageText().startsWith("Saved as typed"));
        assertThat(ProjectFile.read(file).designs().getFirst().name()).isEqualTo("Companionway");
        type("band-1-width", "17");
        hand.outside.leave = Leave.STAY;
        hand.press(KeyCode.CONTROL, KeyCode.N);
        assertThat(widths().getFirst()).as("it is still here, and taken").isEqualTo(17);
        assertThat(hand.studio().history().unsaved()).isTrue();
    }

    @Test
    void whatIsTypedIsNotGivenToWhatIsOpenedNext() throws Exception {
        Path other = folder.resolve("other.vatwright");
        ProjectFile.write(hand.studio().project().withName("Other"), other);
        hand.click("shelf-Gangway");
        type("design-name", "Companionway");
        hand.drop(other);
        hand.until("the other is open", () -> hand.studio().project().name().equals("Other"));
        hand.click(hand.node("cell"));
        assertThat(hand.studio().project().equals(ProjectFile.read(other))).as("it is as it was read").isTrue();
        assertThat(hand.text("design-name")).isEqualTo("Gangway");
    }
}
